package app.finish.core.arrange;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.arrange.make.Hold;
import app.finish.core.arrange.make.PlaceLevel;
import app.finish.core.arrange.make.SwapAxes;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.place.Side;
import app.finish.core.table.Axis;
import app.finish.core.table.Body;
import app.finish.core.table.Heading;
import app.finish.core.table.Marks;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.core.table.Words;
import java.util.List;
import org.testng.annotations.Test;

public class TitlePatternTest {
  private static Heading routes(String name) {
    return Heading.group(name, Heading.member("Winter"), Heading.member("Summer"));
  }

  private static final Table TABLE =
      new Table(
          Axis.of(List.of("Route", "Season"), List.of(routes("Hale"), routes("Orrin"))),
          Axis.of(List.of("Vessel"), List.of(Heading.member("Marram"), Heading.member("Samphire"))),
          List.of(new Measure("Fares", MeasureKind.SUM, "€", 0)),
          Body.of(4, 2, (row, column) -> Value.number(row + column, "")),
          List.of(),
          Words.NONE,
          Marks.NONE);

  private static String title(String pattern, Move... moves) {
    return TitlePattern.of(pattern, Arranger.arrange(TABLE, Arrangement.of(moves)).table());
  }

  @Test
  public void theTitleFollowsEveryMove() {
    String usual = TitlePattern.USUAL;
    assertThat(title(usual)).isEqualTo("Fares by Route and Season and Vessel");
    assertThat(title(usual, new SwapAxes())).isEqualTo("Fares by Vessel and Route and Season");
    assertThat(title(usual, new PlaceLevel(Side.DOWN, 1, Side.ACROSS, 1)))
        .isEqualTo("Fares by Route and Vessel and Season");
    assertThat(title("{measures} by {down}: {held}", new Hold(Side.ACROSS, 0, "Samphire")))
        .isEqualTo("Fares by Route and Season: Samphire");
  }

  @Test
  public void whatTheTableHasNotIsLeftOut() {
    Table bare =
        new Table(
            Axis.of(List.of("Route"), List.of(Heading.member("Hale"))),
            Axis.of(List.of(""), List.of(Heading.measure("n", 0), Heading.measure("Mean", 1))),
            List.of(
                new Measure("n", MeasureKind.COUNT, "", 0),
                new Measure("Mean", MeasureKind.MEAN, "", 1)),
            Body.of(1, 2, (row, column) -> Value.number(1, "")),
            List.of(),
            Words.NONE,
            Marks.NONE);
    assertThat(TitlePattern.of(TitlePattern.USUAL, bare)).isEqualTo("n and Mean by Route");
    assertThat(TitlePattern.of("{down} in {held}", bare)).isEqualTo("Route");
    assertThat(TitlePattern.of("Fares {of 2026}", bare)).isEqualTo("Fares {of 2026}");
  }
}
