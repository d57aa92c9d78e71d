package app.finish.bench;

import app.finish.core.check.Finding;
import app.finish.core.check.demand.Checks;
import app.finish.core.check.demand.Inspection;
import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.grid.Grid;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.style.StyleBook;
import app.finish.expressions.MeasureFormulas;
import app.finish.formats.style.StyleFile;
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

/// Holds a table in APA 7 against all checks, from what was recognised of it. The floors: dressing
/// the same table and walking over its cells once, and walking alone.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 4, time = 1)
@Fork(value = 1, jvmArgsAppend = "-Xmx2g")
public class CheckBench {
  /// How many cells.
  @Param({"500", "10000"})
  public int cells;

  private Document document;
  private Inspection all;
  private Inspection none;
  private List<DressedRow> rows;

  /// Makes and recognises the table.
  @Setup
  public void make() {
    int columns = 10;
    String[] lines = new String[cells / columns + 1];
    lines[0] = "Scale | n | M | SD | Min | Max | b | SE | t | df | p";
    for (int i = 1; i < lines.length; i++) {
      lines[i] = "Scale " + i + " | 40 | 3.20 | 1.10 | 1 | 5 | 0.31 | 0.15 | 2.07 | 39 | .045";
    }
    Grid grid = Grid.ofText(lines);
    document = Document.EMPTY.withAdded(new Source("made", grid), Finish.in("APA 7"));
    StyleBook shipped = StyleFile.shipped();
    Recognition recognition = Recogniser.recognise(grid, Corrections.NONE);
    all = new Inspection(_ -> shipped, new MeasureFormulas(), Checks::demandedBy, _ -> recognition);
    none =
        new Inspection(
            _ -> shipped, new MeasureFormulas(), _ -> new Checks(List.of()), _ -> recognition);
    rows =
        app.finish.core.Finishing.of(document.table(0), recognition).in(shipped).dressed().rows();
    walk();
  }

  /// All checks.
  @Benchmark
  public List<Finding> checks() {
    return all.of(document, 0);
  }

  /// The table dressed for them, and none asked.
  @Benchmark
  public List<Finding> floorDressed() {
    return none.of(document, 0);
  }

  /// One bare pass over the cells.
  @Benchmark
  public int floorPass() {
    return walk();
  }

  private int walk() {
    int letters = 0;
    for (DressedRow row : rows) {
      for (DressedCell cell : row.cells()) {
        letters += cell.bareText().length();
      }
    }
    return letters;
  }
}
