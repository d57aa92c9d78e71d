package app.finish.core.grid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.testng.annotations.Test;

public class GridTest {
  private final Grid grid =
      Grid.ofText("Route | Winter | Summer", "Hale | 12 | 30", "  Car | 4 | 9");

  @Test
  public void fillsUpShortRows() {
    Grid ragged =
        Grid.of(
            "x",
            List.of(
                List.of(GridCell.of("a")), List.of(), List.of(GridCell.BLANK, GridCell.of("b"))));
    assertThat(ragged.columns()).isEqualTo(2);
    assertThat(ragged.at(0, 1)).isEqualTo(GridCell.BLANK);
    assertThat(ragged.at(2, 1).text()).isEqualTo("b");
  }

  @Test
  public void aRegionKnowsWhereItStandsAndCutsSpans() {
    Grid spanned = grid.with(0, 1, grid.at(0, 1).spanning(3, 2));
    Grid region = spanned.region(0, 1, 2, 2);
    assertThat(region.left()).isEqualTo(1);
    assertThat(region.at(0, 0).rowSpan()).isEqualTo(2);
    assertThat(region.at(0, 0).columnSpan()).isEqualTo(1);
    assertThat(region.region(1, 0, 2, 1).top()).isEqualTo(1);
  }

  @Test
  public void isEqualByValue() {
    assertThat(Grid.ofText("a | b"))
        .isEqualTo(Grid.ofText("a | b"))
        .hasSameHashCodeAs(Grid.ofText("a | b"));
    assertThat(Grid.ofText("a | b")).isNotEqualTo(Grid.ofText("a | c"));
    assertThat(grid.with(1, 1, GridCell.of("13"))).isNotEqualTo(grid);
    assertThat(grid.at(1, 1).text()).isEqualTo("12");
    assertThat(grid.at(new GridPlace(3, 2))).isNotEqualTo(grid);
  }

  @Test
  public void keepsIndentsOfItsFirstColumn() {
    assertThat(grid.at(2, 0).text()).isEqualTo("  Car");
    assertThat(grid.at(2, 1).text()).isEqualTo("4");
  }

  @Test
  public void placesAreCalledAsSpreadsheetsDo() {
    assertThat(new GridPlace(6, 1)).hasToString("B7");
    assertThat(GridPlace.letters(25)).isEqualTo("Z");
    assertThat(GridPlace.letters(26)).isEqualTo("AA");
    assertThat(GridPlace.letters(16_383)).isEqualTo("XFD");
  }

  @Test
  public void spansAreAtLeastOne() {
    assertThatThrownBy(() -> GridCell.of("a").spanning(0, 1))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
