package app.finish.core.grid;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Grids that are typed, pasted into and extended.
public class TypedGridTest {
  private static final TypedGrid WAVES =
      TypedGrid.of(
          Grid.of(
              "",
              List.of(
                  List.of(
                      GridCell.BLANK,
                      GridCell.of("Winter").spanning(1, 2),
                      GridCell.BLANK,
                      GridCell.of("All")),
                  List.of(
                      GridCell.of("Route"), GridCell.of("n"), GridCell.of("%"), GridCell.of("n")),
                  List.of(
                      GridCell.of("Hale–Orrin"),
                      GridCell.of(414, "414"),
                      GridCell.of(93, "93"),
                      GridCell.of(507, "507")))));

  @Test
  public void aColumnBehindOneUnderASpannerBelongsToIt() {
    assertThat(WAVES.withColumnAfter(2).rows().getFirst().get(1).columnSpan()).isEqualTo(3);
    assertThat(WAVES.withColumnAfter(1).rows().getFirst().get(1).columnSpan()).isEqualTo(3);
    assertThat(WAVES.withColumnAfter(0).rows().getFirst().get(2).columnSpan()).isEqualTo(2);
    assertThat(WAVES.withColumnAfter(3).rows().getFirst().get(1).columnSpan()).isEqualTo(2);
  }

  @Test
  public void aSpannerLosesTheColumnsThatGo() {
    assertThat(WAVES.withoutColumn(2).rows().getFirst().get(1).columnSpan()).isEqualTo(1);
    TypedGrid first = WAVES.withoutColumn(1);
    assertThat(first.text(0, 1)).isEqualTo("Winter");
    assertThat(first.rows().getFirst().get(1).columnSpan()).isEqualTo(1);
    assertThat(first.text(1, 1)).isEqualTo("%");
  }

  @Test
  public void whatIsPastedGrowsTheGrid() {
    TypedGrid pasted = TypedGrid.blank(2, 2).pasted(1, 1, "a\tb\nc\td\ne\t\n");
    assertThat(pasted.rows()).hasSize(4);
    assertThat(pasted.columns()).isEqualTo(3);
    assertThat(pasted.text(2, 2)).isEqualTo("d");
    assertThat(pasted.text(3, 1)).isEqualTo("e");
  }

  @Test
  public void whatIsNotTypedOverKeepsItsNumber() {
    TypedGrid typed = WAVES.with(2, 2, "94").with(2, 1, "414");
    assertThat(typed.rows().get(2).get(1).number()).hasValue(414);
    assertThat(typed.rows().get(2).get(2).number()).isEmpty();
    assertThat(typed.grid().at(2, 2).text()).isEqualTo("94");
  }

  @DataProvider
  public Object[][] seeds() {
    return IntStream.range(0, 200).mapToObj(i -> new Object[] {i}).toArray(Object[][]::new);
  }

  @Test(dataProvider = "seeds")
  public void rowsAndColumnsThatComeAndGoLeaveTheRestAsItWas(int seed) {
    Random random = new Random(seed);
    TypedGrid grid = WAVES;
    for (int i = 0; i < 12; i++) {
      boolean down = random.nextBoolean();
      int at = random.nextInt(down ? grid.rows().size() : grid.columns());
      TypedGrid more = down ? grid.withRowAfter(at) : grid.withColumnAfter(at);
      assertThat(down ? more.withoutRow(at + 1) : more.withoutColumn(at + 1)).isEqualTo(grid);
      grid = more;
      int width = grid.columns();
      assertThat(grid.rows()).allMatch(row -> row.size() == width);
    }
  }
}
