package app.finish.cli;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.util.Arrays;

/// What a command gave.
///
/// @param code its exit code
/// @param out what it printed
/// @param err what it said on the error stream
record Ran(int code, String out, String err) {
  /// Runs a command.
  static Ran run(Object... arguments) {
    StringWriter out = new StringWriter();
    StringWriter err = new StringWriter();
    String[] words = Arrays.stream(arguments).map(Object::toString).toArray(String[]::new);
    int code = Main.run(words, new PrintWriter(out), new PrintWriter(err));
    return new Ran(code, out.toString(), err.toString());
  }
}
