package app.finish.bench;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.Arranger;
import app.finish.core.arrange.formula.Formulas;
import app.finish.core.arrange.make.ByFigure;
import app.finish.core.arrange.make.FoldLevel;
import app.finish.core.arrange.make.KeepTop;
import app.finish.core.arrange.make.Reverse;
import app.finish.core.arrange.make.SwapAxes;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.place.Side;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.table.Table;
import java.util.Arrays;
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

/// Moves on pivots of a thousand to a hundred thousand figures, beside bare operations on an array
/// of as many numbers with their written forms.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(value = 1, jvmArgsAppend = "-Xmx2g")
public class ArrangeBench {
  /// How many figures.
  @Param({"1000", "10000", "100000"})
  public int figures;

  private Table table;
  private Arranger.Ready ready;
  private List<String> first;
  private int turn;
  private double[] numbers;
  private String[] written;

  /// Makes the table and the array.
  @Setup
  public void make() {
    table = Recogniser.recognise(Tables.pivot(figures / 20, 20), Corrections.NONE).table();
    ready = Arranger.ready(table, Formulas.NONE);
    first = table.across().leaves().getFirst().labels();
    int rows = table.body().rows();
    int columns = table.body().columns();
    numbers = new double[rows * columns];
    written = new String[rows * columns];
    for (int i = 0; i < numbers.length; i++) {
      numbers[i] = i * 7919 % 10_007;
      written[i] = table.body().at(i / columns, i % columns).written();
    }
  }

  /// The same moves twice in a row would be remembered: every other time one stands before them
  /// that is switched off.
  private Arranged made(Move move) {
    turn++;
    Arrangement none =
        turn % 2 == 0
            ? Arrangement.NONE
            : Arrangement.of(new Reverse(Side.DOWN, 0)).withSwitched(0, false);
    return ready.arrange(none.with(move));
  }

  /// Swaps the axes.
  @Benchmark
  public Arranged swapAxes() {
    return made(new SwapAxes());
  }

  /// Orders the rows by a column.
  @Benchmark
  public Arranged sort() {
    return made(new ByFigure(Side.DOWN, 1, first, true));
  }

  /// Keeps ten rows of each group.
  @Benchmark
  public Arranged keepTop() {
    return made(new KeepTop(Side.DOWN, 1, 10, first, false, true));
  }

  /// Folds all groups to their subtotals.
  @Benchmark
  public Arranged fold() {
    return made(new FoldLevel(Side.DOWN, 0));
  }

  /// Copies every tenth row of an array, texts and all.
  @Benchmark
  public Object floorFold() {
    int columns = table.body().columns();
    int rows = table.body().rows() / 10;
    double[] folded = new double[rows * columns];
    String[] texts = new String[rows * columns];
    for (int row = 0; row < rows; row++) {
      System.arraycopy(numbers, (row * 10 + 9) * columns, folded, row * columns, columns);
      System.arraycopy(written, (row * 10 + 9) * columns, texts, row * columns, columns);
    }
    return new Object[] {folded, texts};
  }

  /// Turns an array round, texts and all.
  @Benchmark
  public Object floorSwap() {
    int columns = table.body().columns();
    int rows = table.body().rows();
    double[] turned = new double[numbers.length];
    String[] texts = new String[numbers.length];
    for (int row = 0; row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        turned[column * rows + row] = numbers[row * columns + column];
        texts[column * rows + row] = written[row * columns + column];
      }
    }
    return new Object[] {turned, texts};
  }

  /// Sorts the rows of an array by its first column and copies them.
  @Benchmark
  public Object floorSort() {
    int columns = table.body().columns();
    Integer[] order = new Integer[table.body().rows()];
    Arrays.setAll(order, i -> i);
    Arrays.sort(order, (a, b) -> Double.compare(numbers[b * columns], numbers[a * columns]));
    double[] sorted = new double[numbers.length];
    String[] texts = new String[numbers.length];
    for (int row = 0; row < order.length; row++) {
      System.arraycopy(numbers, order[row] * columns, sorted, row * columns, columns);
      System.arraycopy(written, order[row] * columns, texts, row * columns, columns);
    }
    return new Object[] {sorted, texts};
  }
}
