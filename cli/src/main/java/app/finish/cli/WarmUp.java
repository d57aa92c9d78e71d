package app.finish.cli;

import java.io.PrintWriter;
import java.io.Writer;

/// Runs the work that people do most once each, so that the launcher can remember which classes it
/// takes and start in half the time. It prints nothing.
///
/// ```sh
/// java -XX:AOTCacheOutput=finish.aot … app.finish.cli.WarmUp fares.xlsx sailings.csv /tmp/out.docx
/// ```
public final class WarmUp {
  private WarmUp() {}

  /// @param arguments a workbook with a table, a file of records with a column Route, and a file to
  ///   write to
  public static void main(String[] arguments) {
    PrintWriter nowhere = new PrintWriter(Writer.nullWriter());
    String[] dress = {"dress", arguments[0], "--style", "Plain", "-o", arguments[2]};
    String[] read = {"read", arguments[0]};
    String[] tally = {
      "tally",
      arguments[1],
      "--down",
      "Route",
      "--measure",
      "count",
      "--style",
      "Plain",
      "-o",
      arguments[2]
    };
    for (String[] one : new String[][] {dress, read, tally}) {
      Main.run(one, nowhere, nowhere);
    }
  }
}
