package app.finish.cli;

import app.finish.core.document.Document;
import app.finish.core.document.Refresh;
import app.finish.core.problem.Problem;
import app.finish.formats.finish.DocumentFile;
import app.finish.records.Renewal;
import app.finish.records.sql.DatabaseQuery;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// `finish refresh`: puts new numbers under the finishes of a document.
@Command(
    name = "refresh",
    mixinStandardHelpOptions = true,
    description = "Put the numbers of a file under the finishes of a document.")
final class RefreshCommand implements Callable<Integer> {
  @Spec private CommandSpec spec;

  @Parameters(paramLabel = "DOC", description = "a .finish document")
  private Path file;

  @Option(
      names = "--with",
      required = true,
      paramLabel = "NEWFILE",
      description = "the file with the new numbers")
  private Path fresh;

  @Option(
      names = {"-o", "--out"},
      paramLabel = "OUT",
      description = "where to write the document, if not in its own place")
  private Optional<Path> out = Optional.empty();

  @Override
  public Integer call() throws Exception {
    Document document = DocumentFile.read(file);
    Renewal renewal = Renewal.of(document, fresh, DatabaseQuery.SILENT);
    Refresh.Refreshed refreshed = renewal.refreshed();
    PrintWriter err = spec.commandLine().getErr();
    renewal.said().forEach(err::println);
    if (refreshed.changes().isEmpty()) {
      throw new Problem(
          "No table of "
              + fresh
              + " is like one of "
              + file
              + ". Check that it is the right file.");
    }
    DocumentFile.write(refreshed.document(), out.orElse(file));
    PrintWriter print = spec.commandLine().getOut();
    boolean unplaced = false;
    for (Refresh.Change change : refreshed.changes()) {
      print.println("Table " + change.number() + " has new numbers");
      say(print, "new rows", change.rowsCome());
      say(print, "rows gone", change.rowsGone());
      say(print, "new columns", change.columnsCome());
      say(print, "columns gone", change.columnsGone());
      say(print, "said of rows that are gone, and kept", change.unplaced());
      unplaced |= !change.unplaced().isEmpty();
    }
    for (int number : refreshed.untouched()) {
      print.println("Table " + number + " is as it was: nothing in the file is like it");
    }
    return unplaced ? Main.FINDINGS : 0;
  }

  private static void say(PrintWriter print, String what, List<?> items) {
    if (!items.isEmpty()) {
      print.println(
          "  " + what + ": " + String.join("; ", items.stream().map(String::valueOf).toList()));
    }
  }
}
