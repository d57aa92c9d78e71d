package app.finish.core.table;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.function.BiFunction;

/// The values of a table, one for each leaf down and each leaf across. They are packed: a value
/// takes 13 bytes and the bytes of its written form, so that a million of them fit in a small heap.
///
/// ```java
/// Body body = Body.of(2, 3, (row, column) -> Value.number(row * 3 + column, ""));
/// body.at(1, 2); // Numeric[number=5.0, written=""]
/// ```
public final class Body {
  private static final byte NUMBER = 0;
  private static final byte TEXT = 1;
  private static final byte MISSING = 2;

  private final int rows;
  private final int columns;
  private final double[] numbers;
  private final byte[] kinds;
  private final int[] ends;
  private final byte[] written;

  private Body(int rows, int columns, double[] numbers, byte[] kinds, int[] ends, byte[] written) {
    this.rows = rows;
    this.columns = columns;
    this.numbers = numbers;
    this.kinds = kinds;
    this.ends = ends;
    this.written = written;
  }

  /// A body whose values are asked of `values`, once for each row and column, in reading order.
  public static Body of(int rows, int columns, BiFunction<Integer, Integer, Value> values) {
    int size = Math.multiplyExact(rows, columns);
    double[] numbers = new double[size];
    byte[] kinds = new byte[size];
    int[] ends = new int[size];
    byte[] written = new byte[Math.max(16, size * 6)];
    int end = 0;
    for (int i = 0; i < size; i++) {
      Value value = values.apply(i / columns, i % columns);
      switch (value) {
        case Value.Numeric numeric -> numbers[i] = numeric.number();
        case Value.Text text -> kinds[i] = TEXT;
        case Value.Missing missing -> kinds[i] = (byte) (MISSING + missing.reason().ordinal());
      }
      byte[] bytes = value.written().getBytes(StandardCharsets.UTF_8);
      if (end + bytes.length > written.length) {
        written = Arrays.copyOf(written, Math.max(end + bytes.length, written.length * 3 / 2));
      }
      System.arraycopy(bytes, 0, written, end, bytes.length);
      end += bytes.length;
      ends[i] = end;
    }
    return new Body(rows, columns, numbers, kinds, ends, Arrays.copyOf(written, end));
  }

  /// Some of the rows and columns of this body, in this order.
  public Body picked(int[] someRows, int[] someColumns) {
    return picked(someRows, someColumns, false);
  }

  /// Some of the columns of this body as rows, and some of its rows as columns.
  public Body turned(int[] someColumns, int[] someRows) {
    return picked(someColumns, someRows, true);
  }

  /// Copies values as they are packed.
  private Body picked(int[] down, int[] across, boolean turned) {
    Copy copy = new Copy(Math.multiplyExact(down.length, across.length));
    boolean whole = !turned && isAll(across);
    for (int row : down) {
      if (whole) {
        copy.add(row * columns, columns);
        continue;
      }
      for (int column : across) {
        copy.add(turned ? column * columns + row : row * columns + column, 1);
      }
    }
    return copy.body(down.length, across.length);
  }

  /// A body that is made of values of this one.
  private final class Copy {
    private final double[] ownNumbers;
    private final byte[] ownKinds;
    private final int[] ownEnds;
    private byte[] ownWritten;
    private int at;
    private int end;

    Copy(int size) {
      ownNumbers = new double[size];
      ownKinds = new byte[size];
      ownEnds = new int[size];
      long share = numbers.length == 0 ? 0 : (long) written.length * size / numbers.length;
      ownWritten = new byte[(int) Math.clamp(share, 16, written.length + 16L)];
    }

    /// Adds values that stand beside each other.
    void add(int from, int count) {
      if (count == 0) {
        return;
      }
      int start = from == 0 ? 0 : ends[from - 1];
      int length = ends[from + count - 1] - start;
      if (end + length > ownWritten.length) {
        ownWritten = Arrays.copyOf(ownWritten, (end + length) * 3 / 2);
      }
      System.arraycopy(numbers, from, ownNumbers, at, count);
      System.arraycopy(kinds, from, ownKinds, at, count);
      System.arraycopy(written, start, ownWritten, end, length);
      for (int i = 0; i < count; i++) {
        ownEnds[at++] = end + ends[from + i] - start;
      }
      end += length;
    }

    Body body(int rows, int columns) {
      byte[] all = end == ownWritten.length ? ownWritten : Arrays.copyOf(ownWritten, end);
      return new Body(rows, columns, ownNumbers, ownKinds, ownEnds, all);
    }
  }

  private boolean isAll(int[] across) {
    for (int i = 0; i < across.length; i++) {
      if (across[i] != i) {
        return false;
      }
    }
    return across.length == columns;
  }

  /// The number of leaves down.
  public int rows() {
    return rows;
  }

  /// The number of leaves across.
  public int columns() {
    return columns;
  }

  /// The value at a row and column, both counted from 0.
  ///
  /// @throws IndexOutOfBoundsException outside the body
  public Value at(int row, int column) {
    if (row < 0 || column < 0 || row >= rows || column >= columns) {
      throw new IndexOutOfBoundsException("row " + row + ", column " + column);
    }
    int i = row * columns + column;
    int start = i == 0 ? 0 : ends[i - 1];
    String text = new String(written, start, ends[i] - start, StandardCharsets.UTF_8);
    return switch (kinds[i]) {
      case NUMBER -> new Value.Numeric(numbers[i], text);
      case TEXT -> new Value.Text(text);
      default -> new Value.Missing(Value.Reason.values()[kinds[i] - MISSING], text);
    };
  }

  /// The number at a row and column; not a number if there is none.
  public double number(int row, int column) {
    int i = row * columns + column;
    return kinds[i] == NUMBER ? numbers[i] : Double.NaN;
  }

  /// How many bytes the value at a row and column was written with.
  public int writtenLength(int row, int column) {
    int i = row * columns + column;
    return ends[i] - (i == 0 ? 0 : ends[i - 1]);
  }

  /// Whether any value is a text.
  public boolean hasText() {
    for (byte kind : kinds) {
      if (kind == TEXT) {
        return true;
      }
    }
    return false;
  }

  /// Whether a row has a text among its values.
  public boolean hasText(int row) {
    for (int i = row * columns; i < (row + 1) * columns; i++) {
      if (kinds[i] == TEXT) {
        return true;
      }
    }
    return false;
  }

  /// The bytes that this body keeps, without the few of the object itself.
  public long bytes() {
    return 8L * numbers.length + kinds.length + 4L * ends.length + written.length;
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Body that
        && rows == that.rows
        && columns == that.columns
        && Arrays.equals(kinds, that.kinds)
        && Arrays.equals(numbers, that.numbers)
        && Arrays.equals(ends, that.ends)
        && Arrays.equals(written, that.written);
  }

  @Override
  public int hashCode() {
    return 31 * Arrays.hashCode(numbers) + Arrays.hashCode(written);
  }

  @Override
  public String toString() {
    return "Body " + rows + " × " + columns;
  }
}
