package app.finish.cli;

import app.finish.core.document.Source;
import app.finish.core.problem.Problem;
import app.finish.formats.FileTables;
import app.finish.formats.Sources;
import app.finish.formats.io.Hidden;
import app.finish.formats.io.ReadRequest;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import picocli.CommandLine.Option;

/// Reads the tables of a file for a command, and says on the error stream what of it is hidden.
final class Input {
  @Option(
      names = "--hidden",
      description = "take in hidden sheets, rows, columns and texts, which are left out otherwise")
  private boolean hidden;

  /// The tables of a file.
  ///
  /// @param err where to say what was left out
  List<Source> read(Path file, PrintWriter err) throws IOException {
    FileTables found = Sources.tables(file, ReadRequest.PLAIN.withHidden(hidden));
    if (found.tables().isEmpty()) {
      throw new Problem(
          file
              + " has only hidden sheets, rows and columns. Read them with --hidden, or show them"
              + " in it.");
    }
    if (found.hides() && !hidden) {
      err.println(
          "Left out as hidden: " + hidden(found.hidden()) + ". Take them in with --hidden.");
    }
    if (found.figuresOutside() > 0) {
      err.println(
          counted(found.figuresOutside(), "figure")
              + " in "
              + counted(found.outside().size(), "line")
              + " of text that belong to no table.");
    }
    return found.tables();
  }

  private static String hidden(Hidden hidden) {
    return Stream.of(
            counted(hidden.sheets(), "sheet"),
            counted(hidden.rows(), "row"),
            counted(hidden.columns(), "column"),
            counted(hidden.texts(), "text"))
        .filter(words -> !words.startsWith("0 "))
        .collect(Collectors.joining(", "));
  }

  /// A count with what it counts: "2 files".
  static String counted(int count, String what) {
    return count + " " + what + (count == 1 ? "" : "s");
  }
}
