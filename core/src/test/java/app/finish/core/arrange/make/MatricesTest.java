package app.finish.core.arrange.make;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.Arranger;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.move.Move;
import app.finish.core.grid.Grid;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.testng.annotations.Test;

/// Correlation matrices of any size, made into the forms that journals print: no figure is lost,
/// none changes, and a matrix that is not the same above and below is left as it is.
public class MatricesTest {
  private static final List<String> NAMES =
      List.of("Waiting", "Trust", "Crowding", "Comfort", "Noise", "Cost", "Wind", "Fog");

  private static double[][] matrix(Random random, int size) {
    double[][] figures = new double[size][size];
    for (int row = 0; row < size; row++) {
      figures[row][row] = 1;
      for (int column = 0; column < row; column++) {
        double figure = (random.nextInt(199) - 99) / 100.0;
        figures[row][column] = figure;
        figures[column][row] = figure;
      }
    }
    return figures;
  }

  private static String written(double figure) {
    return String.format(Locale.ROOT, "%.2f", figure);
  }

  private static String row(String label, double[] figures) {
    StringBuilder line = new StringBuilder(label);
    for (double figure : figures) {
      line.append(" | ").append(written(figure));
    }
    return line.toString();
  }

  private static String head(String stub, int size) {
    return stub + " | " + String.join(" | ", NAMES.subList(0, size));
  }

  private static Table one(double[][] figures) {
    List<String> lines = new ArrayList<>();
    lines.add(head("Scale", figures.length));
    for (int row = 0; row < figures.length; row++) {
      lines.add(row(NAMES.get(row), figures[row]));
    }
    return table(lines);
  }

  private static Table two(double[][] first, double[][] second) {
    List<String> lines = new ArrayList<>();
    lines.add(head("Group | Scale", first.length));
    for (int row = 0; row < first.length; row++) {
      lines.add(row((row == 0 ? "Hale" : "") + " | " + NAMES.get(row), first[row]));
    }
    for (int row = 0; row < second.length; row++) {
      lines.add(row((row == 0 ? "Orrin" : "") + " | " + NAMES.get(row), second[row]));
    }
    return table(lines);
  }

  private static Table table(List<String> lines) {
    return Recogniser.recognise(Grid.ofText(lines.toArray(String[]::new)), Corrections.NONE)
        .table();
  }

  private static Arranged made(Table table, Move move) {
    return Arranger.arrange(table, Arrangement.of(move));
  }

  private static boolean isDash(Value value) {
    return value instanceof Value.Missing missing && missing.written().equals("—");
  }

  @Test
  public void theLowerHalfKeepsEachFigureOnce() {
    for (int seed = 0; seed < 200; seed++) {
      Random random = new Random(seed);
      int size = 2 + random.nextInt(7);
      double[][] figures = matrix(random, size);
      Table half = made(one(figures), new HalfMatrix(seed % 2 == 0)).table();
      for (int row = 0; row < size; row++) {
        for (int column = 0; column < size; column++) {
          Value value = half.body().at(row, column);
          String what = "seed %d, %d × %d".formatted(seed, row, column);
          if (row == column) {
            assertThat(isDash(value)).as(what).isTrue();
          } else if (column > row) {
            assertThat(value).as(what).isEqualTo(Value.BLANK);
          } else {
            assertThat(half.body().number(row, column)).as(what).isEqualTo(figures[row][column]);
          }
        }
      }
      String first = half.across().leaves().getFirst().heading().label();
      assertThat(first).isEqualTo(seed % 2 == 0 ? "1" : NAMES.getFirst());
      assertThat(half.down().leaves().getLast().heading().label())
          .isEqualTo((seed % 2 == 0 ? size + ". " : "") + NAMES.get(size - 1));
    }
  }

  /// One figure above the diagonal that differs from its mirror, or a diagonal that is not 1, would
  /// be lost: the move has no place, and the table stays.
  @Test
  public void aMatrixThatIsNotTheSameOnBothSidesIsLeft() {
    for (int seed = 0; seed < 200; seed++) {
      Random random = new Random(seed);
      int size = 3 + random.nextInt(5);
      double[][] figures = matrix(random, size);
      int row = random.nextInt(size);
      int column = row + random.nextInt(size - row);
      figures[row][column] = figures[row][column] > 0 ? figures[row][column] - 0.5 : 0.77;
      Table table = one(figures);
      Arranged left = made(table, new HalfMatrix(true));
      assertThat(left.table().body()).as("seed %d", seed).isEqualTo(table.body());
      assertThat(left.unplaced()).as("seed %d", seed).isNotEmpty();
    }
  }

  @Test
  public void twoGroupsStandBelowAndAbove() {
    for (int seed = 0; seed < 200; seed++) {
      Random random = new Random(seed);
      int size = 2 + random.nextInt(6);
      double[][] first = matrix(random, size);
      double[][] second = matrix(random, size);
      Table both = made(two(first, second), new TwoMatrices()).table();
      assertThat(both.body().rows()).isEqualTo(size);
      for (int row = 0; row < size; row++) {
        for (int column = 0; column < size; column++) {
          String what = "seed %d, %d × %d".formatted(seed, row, column);
          if (row == column) {
            assertThat(isDash(both.body().at(row, column))).as(what).isTrue();
          } else {
            double wanted = column < row ? first[row][column] : second[row][column];
            assertThat(both.body().number(row, column)).as(what).isEqualTo(wanted);
          }
        }
      }
      assertThat(both.words().generalNote())
          .isEqualTo("Below the diagonal: Hale; above it: Orrin.");
    }
  }

  @Test
  public void groupsOfOtherVariablesAreLeft() {
    Random random = new Random(7);
    List<String> lines = new ArrayList<>();
    lines.add("Group | Scale | Waiting | Trust");
    lines.add("Hale | Waiting | 1.00 | .31");
    lines.add(" | Trust | .31 | 1.00");
    lines.add("Orrin | Waiting | 1.00 | .12");
    lines.add(" | Noise | " + written(random.nextDouble()) + " | 1.00");
    Table table = table(lines);
    assertThat(made(table, new TwoMatrices()).table().body()).isEqualTo(table.body());
  }
}
