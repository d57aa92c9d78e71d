package app.finish.cli;

import java.io.FilterWriter;
import java.io.IOException;
import java.io.Writer;

/// What a terminal may be sent: signs of control in the labels of a table, which could move the
/// cursor or change its colours, stand as a visible mark.
final class Printable extends FilterWriter {
  private static final char INSTEAD = '\uFFFD';

  Printable(Writer out) {
    super(out);
  }

  @Override
  public void write(int one) throws IOException {
    out.write(isControl((char) one) ? INSTEAD : one);
  }

  @Override
  public void write(char[] some, int from, int count) throws IOException {
    char[] safe = new char[count];
    for (int i = 0; i < count; i++) {
      char one = some[from + i];
      safe[i] = isControl(one) ? INSTEAD : one;
    }
    out.write(safe, 0, count);
  }

  @Override
  public void write(String text, int from, int count) throws IOException {
    write(text.toCharArray(), from, count);
  }

  private static boolean isControl(char one) {
    return Character.isISOControl(one) && one != '\n' && one != '\r' && one != '\t';
  }
}
