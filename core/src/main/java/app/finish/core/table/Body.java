package app.finish.core.table;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
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
  private final Packed packed;
  private final int[] down;
  private final int[] across;

  /// Values as they are packed, one after another.
  private record Packed(
      double[] numbers, byte[] kinds, int[] ends, byte[] written, boolean hasText) {
    int start(int index) {
      return index == 0 ? 0 : ends[index - 1];
    }

    /// These values with others in some places.
    Packed with(SortedMap<Integer, Value> others) {
      double[] allNumbers = numbers.clone();
      byte[] allKinds = kinds.clone();
      int[] allEnds = new int[ends.length];
      ByteArrayOutputStream all = new ByteArrayOutputStream(written.length + 16);
      int next = 0;
      for (Map.Entry<Integer, Value> other : others.entrySet()) {
        int index = other.getKey();
        copy(next, index, all, allEnds);
        allNumbers[index] = other.getValue() instanceof Value.Numeric one ? one.number() : 0;
        allKinds[index] = kindOf(other.getValue());
        all.writeBytes(other.getValue().written().getBytes(StandardCharsets.UTF_8));
        allEnds[index] = all.size();
        next = index + 1;
      }
      copy(next, ends.length, all, allEnds);
      return new Packed(allNumbers, allKinds, allEnds, all.toByteArray(), isIn(allKinds, TEXT));
    }

    /// Writes the texts of the values from one place to another behind those written before.
    private void copy(int from, int to, ByteArrayOutputStream all, int[] allEnds) {
      int shift = all.size() - start(from);
      all.write(written, start(from), start(to) - start(from));
      for (int index = from; index < to; index++) {
        allEnds[index] = ends[index] + shift;
      }
    }

    Value at(int index) {
      int start = start(index);
      String text = new String(written, start, ends[index] - start, StandardCharsets.UTF_8);
      return switch (kinds[index]) {
        case NUMBER -> new Value.Numeric(numbers[index], text);
        case TEXT -> new Value.Text(text);
        default -> new Value.Missing(Value.Reason.values()[kinds[index] - MISSING], text);
      };
    }
  }

  /// @param down what each row adds to the place of its values
  /// @param across what each column adds to it
  private Body(Packed packed, int[] down, int[] across) {
    this.rows = down.length;
    this.columns = across.length;
    this.packed = packed;
    this.down = down;
    this.across = across;
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
      numbers[i] = value instanceof Value.Numeric numeric ? numeric.number() : 0;
      kinds[i] = kindOf(value);
      byte[] bytes = value.written().getBytes(StandardCharsets.UTF_8);
      if (end + bytes.length > written.length) {
        written = Arrays.copyOf(written, Math.max(end + bytes.length, written.length * 3 / 2));
      }
      System.arraycopy(bytes, 0, written, end, bytes.length);
      end += bytes.length;
      ends[i] = end;
    }
    Packed packed =
        new Packed(numbers, kinds, ends, Arrays.copyOf(written, end), isIn(kinds, TEXT));
    return new Body(packed, steps(rows, columns), steps(columns, 1));
  }

  private static byte kindOf(Value value) {
    return switch (value) {
      case Value.Numeric _ -> NUMBER;
      case Value.Text _ -> TEXT;
      case Value.Missing missing -> (byte) (MISSING + missing.reason().ordinal());
    };
  }

  private static int[] steps(int count, int step) {
    int[] steps = new int[count];
    Arrays.setAll(steps, i -> i * step);
    return steps;
  }

  private static boolean isIn(byte[] kinds, byte wanted) {
    for (byte kind : kinds) {
      if (kind == wanted) {
        return true;
      }
    }
    return false;
  }

  /// Some of the rows and columns of this body, in this order. The values are those of this body,
  /// not copies of them.
  public Body picked(int[] someRows, int[] someColumns) {
    return new Body(packed, stepsOf(down, someRows), stepsOf(across, someColumns));
  }

  /// Some of the columns of this body as rows, and some of its rows as columns.
  public Body turned(int[] someColumns, int[] someRows) {
    return new Body(packed, stepsOf(across, someColumns), stepsOf(down, someRows));
  }

  /// This body with other values in some places. Bodies that were picked from this one keep theirs.
  ///
  /// @param others the values by their rows and columns
  public Body with(Map<Spot.Figure, Value> others) {
    TreeMap<Integer, Value> byPlace = new TreeMap<>();
    others.forEach((spot, value) -> byPlace.put(down[spot.row()] + across[spot.column()], value));
    return new Body(packed.with(byPlace), down, across);
  }

  private static int[] stepsOf(int[] steps, int[] some) {
    int[] picked = new int[some.length];
    for (int i = 0; i < some.length; i++) {
      picked[i] = steps[some[i]];
    }
    return picked;
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
    return packed.at(down[row] + across[column]);
  }

  /// The number at a row and column; not a number if there is none.
  public double number(int row, int column) {
    int index = down[row] + across[column];
    return packed.kinds[index] == NUMBER ? packed.numbers[index] : Double.NaN;
  }

  /// How many bytes the value at a row and column was written with.
  public int writtenLength(int row, int column) {
    int index = down[row] + across[column];
    return packed.ends[index] - packed.start(index);
  }

  /// Whether a row has a text among its values.
  public boolean hasText(int row) {
    for (int column = 0; packed.hasText && column < columns; column++) {
      if (packed.kinds[down[row] + across[column]] == TEXT) {
        return true;
      }
    }
    return false;
  }

  /// The bytes that this body keeps, without the few of the object itself.
  public long bytes() {
    long values = 8L * packed.numbers.length + packed.kinds.length + packed.written.length;
    return values + 4L * (packed.ends.length + rows + columns);
  }

  @Override
  public boolean equals(Object other) {
    if (!(other instanceof Body that) || rows != that.rows || columns != that.columns) {
      return false;
    }
    if (packed == that.packed
        && Arrays.equals(down, that.down)
        && Arrays.equals(across, that.across)) {
      return true;
    }
    for (int row = 0; row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        if (!hasSame(that, row, column)) {
          return false;
        }
      }
    }
    return true;
  }

  private boolean hasSame(Body that, int row, int column) {
    int own = down[row] + across[column];
    int other = that.down[row] + that.across[column];
    Packed one = packed;
    Packed two = that.packed;
    return one.kinds[own] == two.kinds[other]
        && Double.compare(one.numbers[own], two.numbers[other]) == 0
        && Arrays.equals(
            one.written,
            one.start(own),
            one.ends[own],
            two.written,
            two.start(other),
            two.ends[other]);
  }

  @Override
  public int hashCode() {
    int hash = rows;
    for (int row = 0; row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        int index = down[row] + across[column];
        hash = 31 * hash + Double.hashCode(packed.numbers[index]) + packed.kinds[index];
      }
    }
    return hash;
  }

  @Override
  public String toString() {
    return "Body " + rows + " × " + columns;
  }
}
