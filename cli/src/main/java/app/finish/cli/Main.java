package app.finish.cli;

import app.finish.core.problem.Mendable;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/// `finish`: reads and dresses tables from a shell.
@Command(
    name = "finish",
    mixinStandardHelpOptions = true,
    versionProvider = Version.class,
    description =
        "Turns crosstabs, pivots and statistical output into tables that can be published.",
    subcommands = {
      ReadCommand.class,
      DressCommand.class,
      SendCommand.class,
      BoardCommand.class,
      ChartCommand.class,
      StyleCommand.class,
      RefreshCommand.class,
      TallyCommand.class,
      CheckCommand.class
    },
    footer = {
      "",
      "Exit codes: 0 done; 1 done, with findings; 2 an error that you can mend;",
      "70 a fault of Finish."
    })
public final class Main {
  private static final Logger LOG = LoggerFactory.getLogger(Main.class);

  /// Something was found that does not hold.
  static final int FINDINGS = 1;

  /// An error that the person can mend.
  static final int MENDABLE = 2;

  /// A fault of ours.
  static final int FAULT = 70;

  /// Runs the command and ends with its exit code.
  public static void main(String[] arguments) {
    System.exit(
        run(
            arguments,
            new PrintWriter(System.out, true, StandardCharsets.UTF_8),
            new PrintWriter(System.err, true, StandardCharsets.UTF_8)));
  }

  /// Runs the command.
  ///
  /// @return the exit code
  public static int run(String[] arguments, PrintWriter told, PrintWriter wrong) {
    PrintWriter out = new PrintWriter(new Printable(told), true);
    PrintWriter err = new PrintWriter(new Printable(wrong), true);
    CommandLine line = new CommandLine(new Main());
    line.setResourceBundle(new FormatNames());
    line.setOut(out).setErr(err);
    line.setColorScheme(CommandLine.Help.defaultColorScheme(CommandLine.Help.Ansi.OFF));
    line.setExecutionExceptionHandler((failure, command, parsed) -> report(failure, err));
    int code = arguments.length == 0 ? usage(line, out) : execute(line, arguments, err);
    out.flush();
    err.flush();
    return code;
  }

  /// Runs it; what a table was too deep or too large for is a fault of ours, in a sentence.
  private static int execute(CommandLine line, String[] arguments, PrintWriter err) {
    try {
      return line.execute(arguments);
    } catch (StackOverflowError e) {
      err.println(
          "Finish has made a mistake, and nothing was written: the table is nested too deeply for"
              + " it.");
    } catch (OutOfMemoryError e) {
      err.println(
          "Finish has made a mistake, and nothing was written: the tables need more memory than it"
              + " has.");
    }
    return FAULT;
  }

  private static int usage(CommandLine line, PrintWriter out) {
    line.usage(out);
    return 0;
  }

  private static int report(Exception failure, PrintWriter err) {
    return switch (failure) {
      case Mendable mendable -> say(err, mendable.sentence());
      case AccessDeniedException denied ->
          say(
              err,
              denied.getFile()
                  + " may not be used by you. Change its permissions, or pick another.");
      case FileSystemException disk -> say(err, "The disk says: " + disk.getMessage() + ".");
      case IOException disk -> say(err, "The disk says: " + disk.getMessage() + ".");
      default -> {
        err.println("Finish has made a mistake, and nothing was written: " + failure + ".");
        LOG.error("a fault of ours", failure);
        yield FAULT;
      }
    };
  }

  private static int say(PrintWriter err, String sentence) {
    err.println(sentence);
    return MENDABLE;
  }
}
