package app.finish.bench;

import app.finish.core.grid.Grid;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.recognise.said.Corrections;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/// Recognising pivots of a thousand to a million figures, to see how the time grows: the exponent
/// is the slope of its logarithm over that of the figures. The floor reads the number in each text.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 3)
@Measurement(iterations = 3, time = 3)
@Fork(value = 1, jvmArgsAppend = "-Xmx3g")
public class RecogniseBench {
  /// How many figures.
  @Param({"1000", "10000", "100000", "1000000"})
  public int figures;

  /// Long tables grow in rows, wide ones in both directions alike.
  @Param({"long", "square"})
  public String shape;

  private Grid grid;

  /// Makes the grid.
  @Setup
  public void make() {
    int columns = shape.equals("long") ? 20 : 2 * (int) Math.round(Math.sqrt(figures) / 2);
    grid = Tables.pivot(figures / columns, columns);
  }

  /// Recognises it.
  @Benchmark
  public Recognition recognise() {
    return Recogniser.recognise(grid, Corrections.NONE);
  }

  /// Finds the tables on it.
  @Benchmark
  public List<Grid> split() {
    return Recogniser.split(grid);
  }

  /// Reads the number in each text.
  @Benchmark
  public double floorReadEachNumber() {
    double sum = 0;
    for (int row = 2; row < grid.rows(); row++) {
      for (int column = 2; column < grid.columns(); column++) {
        sum += Double.parseDouble(grid.at(row, column).text().replace(",", ""));
      }
    }
    return sum;
  }
}
