package app.finish.bench;

import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.Dresser;
import app.finish.core.number.NumberFormat;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.style.Look;
import app.finish.core.style.StyleBook;
import app.finish.core.table.Table;
import app.finish.formats.style.StyleFile;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.AuxCounters;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/// Puts a look on each cell of a table. The floor writes each figure and makes no cell of it.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(value = 1, jvmArgsAppend = "-Xmx2g")
public class LooksBench {
  /// How many figures.
  @Param({"1000", "10000", "100000"})
  public int figures;

  private Table table;
  private StyleBook shipped;

  /// How many looks a dressed table has.
  @State(Scope.Thread)
  @AuxCounters(AuxCounters.Type.EVENTS)
  public static class Counted {
    /// Looks that differ.
    public int looks;

    /// Begins to count.
    @Setup(Level.Iteration)
    public void clear() {
      looks = 0;
    }
  }

  /// Makes the table.
  @Setup
  public void make() {
    table = Recogniser.recognise(Tables.pivot(figures / 20, 20), Corrections.NONE).table();
    shipped = StyleFile.shipped();
  }

  /// Dresses it whole, in a style with an alternate tint.
  @Benchmark
  public Dressed dress(Counted counted) {
    Dressed dressed = Dresser.dress(table, shipped.cascade("Watch"), 1);
    if (counted.looks == 0) {
      counted.looks = looks(dressed);
    }
    return dressed;
  }

  private static int looks(Dressed dressed) {
    Set<Look> looks = Collections.newSetFromMap(new IdentityHashMap<>());
    for (DressedRow row : dressed.rows()) {
      for (DressedCell cell : row.cells()) {
        looks.add(cell.look());
      }
    }
    return looks.size();
  }

  /// Writes each figure.
  @Benchmark
  public int floorWrite() {
    int written = 0;
    for (int row = 0; row < table.body().rows(); row++) {
      for (int column = 0; column < table.body().columns(); column++) {
        double number = table.body().number(row, column);
        written += NumberFormat.PLAIN.write(Double.isNaN(number) ? 0 : number, "").length();
      }
    }
    return written;
  }
}
