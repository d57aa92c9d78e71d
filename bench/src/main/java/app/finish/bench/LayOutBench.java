package app.finish.bench;

import app.finish.core.dress.Dresser;
import app.finish.core.grid.Grid;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Face;
import app.finish.core.layout.font.Fonts;
import app.finish.core.layout.page.Compositor;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.style.StyleBook;
import app.finish.core.table.Table;
import app.finish.formats.style.StyleFile;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/// Dressing and laying out a table of 10,000 figures. The floor measures the width of each figure
/// once.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class LayOutBench {
  private final Grid grid = Tables.pivot(500, 20);
  private final Table table = Recogniser.recognise(grid, Corrections.NONE).table();
  private final StyleBook styles = StyleFile.shipped();
  private final Fonts fonts = new Fonts();

  /// Dresses the table in the house style and lays it out.
  @Benchmark
  public Proof dressAndLayOut() {
    return new Compositor(fonts)
        .layOut(Dresser.dress(table, styles.cascade("Marram house"), 1), Paper.A4);
  }

  /// Measures each figure's written form once.
  @Benchmark
  public double floorMeasureEachFigure() {
    Face face = fonts.face("Calibri", false, false);
    double width = 0;
    for (int row = 0; row < table.body().rows(); row++) {
      for (int column = 0; column < table.body().columns(); column++) {
        width += fonts.width(table.body().at(row, column).written(), face, 10);
      }
    }
    return width;
  }

  /// Recognises the grid, for comparison.
  @Benchmark
  public Recognition recognise() {
    return Recogniser.recognise(grid, Corrections.NONE);
  }
}
