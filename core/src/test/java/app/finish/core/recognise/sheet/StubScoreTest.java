package app.finish.core.recognise.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.grid.Grid;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.table.Leaf;
import app.finish.core.table.Table;
import org.testng.annotations.Test;

/// Columns of numbers belong to the stub where rows can't be told apart without them, and nowhere
/// else.
public class StubScoreTest {
  private static Table table(String... lines) {
    return Recogniser.recognise(Grid.ofText(lines), Corrections.NONE).table();
  }

  @Test
  public void numbersThatTellRowsApartAreLabels() {
    Table table =
        table(
            "Island | Quarter | Class | Sailings",
            "Hale | 1 | 1 | 41",
            "Hale | 1 | 2 | 44",
            "Hale | 2 | 1 | 39",
            "Hale | 2 | 2 | 47");
    assertThat(table.down().dimensions()).containsExactly("Island", "Quarter", "Class");
    assertThat(table.down().leaves()).extracting(Leaf::labels).doesNotHaveDuplicates();
    assertThat(table.body().number(3, 0)).isEqualTo(47);
  }

  @Test
  public void figuresStayFiguresWhereLabelsAreDistinctOrFiguresDoNotHelp() {
    Table distinct =
        table(
            "Island | Class | Sailings",
            "Hale | 1 | 41",
            "Orrin | 1 | 44",
            "Skerry | 2 | 39",
            "Voe | 2 | 47");
    assertThat(distinct.down().dimensions()).containsExactly("Island");
    Table alike =
        table(
            "Island | Trips | Fares",
            "Hale | 3 | 41",
            "Hale | 3 | 44",
            "Orrin | 4 | 39",
            "Orrin | 4 | 47");
    assertThat(alike.down().dimensions()).containsExactly("Island");
  }

  @Test
  public void aFirstColumnUnderOneOfASeriesOfHeadsHoldsFigures() {
    Table table = table("2023 | 2024 | 2025", "412 | 431 | 440", "265 | 265 | 272");
    assertThat(table.body().columns()).isEqualTo(3);
    assertThat(table.body().number(1, 0)).isEqualTo(265);
  }
}
