package app.finish.core.arrange.make;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.Arranger;
import app.finish.core.arrange.make.JoinMeasures.Form;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.move.Levels;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.place.Side;
import app.finish.core.grid.Grid;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.table.Note;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

/// What stands in cells is joined, taken apart, starred and halved, and no figure is lost on the
/// way.
public class CellMovesTest {
  private static final List<Double> LEVELS = List.of(0.05, 0.01, 0.001);

  private static Table table(String... lines) {
    return Recogniser.recognise(Grid.ofText(lines), Corrections.NONE).table();
  }

  private static final Table WATCHES =
      table(
          "| Morning | | Night | ",
          "Measure | M | SD | M | SD",
          "Fatigue | 2.41 | 0.62 | 3.88 | 0.71",
          "Sleep | 4.10 | 0.55 | 2.97 | 0.80");

  private static final Table REGRESSION =
      table(
          "Predictor | B | SE | LL | UL | p",
          "(Constant) | 12.41 | 1.02 | 10.41 | 14.41 | <.001",
          "Spring tide | 3.20 | 0.88 | 1.48 | 4.92 | .004",
          "Wind | −0.57 | 0.31 | −1.18 | 0.04 | .067",
          "Fog | 0.91 | 0.40 | 0.13 | 1.69 | .023");

  private static final Table CORRELATIONS =
      table(
          "Variable | Age | Years | Miles",
          "Age | 1.00 | .42 | −.13",
          "Years | .42 | 1.00 | .08",
          "Miles | −.13 | .08 | 1.00");

  private static Arranged made(Table table, Move... moves) {
    return Arranger.arrange(table, Arrangement.of(moves));
  }

  private static List<String> row(Table table, int row) {
    List<String> texts = new ArrayList<>();
    for (int column = 0; column < table.body().columns(); column++) {
      texts.add(
          table.body().at(row, column).written() + table.marks().at(new Spot.Figure(row, column)));
    }
    return texts;
  }

  private static List<String> heads(Table table) {
    return table.across().leaves().stream().map(leaf -> String.join("/", leaf.labels())).toList();
  }

  private static List<String> offered(Table table) {
    return CellMoves.of(table, LEVELS).stream().map(move -> move.words(Levels.NUMBERED)).toList();
  }

  @Test
  public void twoMeasuresStandInOneCell() {
    Table joined = made(WATCHES, new JoinMeasures("M", "SD", Form.BRACKETS, "M (SD)")).table();
    assertThat(heads(joined)).containsExactly("Morning/M (SD)", "Night/M (SD)");
    assertThat(row(joined, 0)).containsExactly("2.41 (0.62)", "3.88 (0.71)");
    assertThat(row(joined, 1)).containsExactly("4.10 (0.55)", "2.97 (0.80)");
  }

  @Test
  public void whatWasJoinedIsTakenApart() {
    Table apart =
        made(WATCHES, new JoinMeasures("M", "SD", Form.BRACKETS, "M (SD)"), new TakeApart("M (SD)"))
            .table();
    assertThat(heads(apart)).isEqualTo(heads(WATCHES));
    assertThat(apart.body()).isEqualTo(WATCHES.body());
    assertThat(apart.measures().get(apart.across().leaves().get(1).measure().orElseThrow()).kind())
        .isEqualTo(WATCHES.measures().get(1).kind());
  }

  @Test
  public void intervalsAreJoinedAndTakenApart() {
    Table joined = made(REGRESSION, new JoinMeasures("LL", "UL", Form.INTERVAL, "95% CI")).table();
    assertThat(heads(joined)).containsExactly("B", "SE", "95% CI", "p");
    assertThat(row(joined, 2)).containsExactly("−0.57", "0.31", "[−1.18, 0.04]", ".067");
    Table apart =
        made(
                REGRESSION,
                new JoinMeasures("LL", "UL", Form.INTERVAL, "95% CI"),
                new TakeApart("95% CI"))
            .table();
    assertThat(heads(apart)).containsExactly("B", "SE", "LL", "UL", "p");
    assertThat(apart.body()).isEqualTo(REGRESSION.body());
  }

  @Test
  public void probabilitiesBecomeStars() {
    Arranged starred = made(REGRESSION, new StarsFrom("p", "B", LEVELS));
    Table table = starred.table();
    assertThat(heads(table)).containsExactly("B", "SE", "LL", "UL");
    assertThat(row(table, 0).getFirst()).isEqualTo("12.41***");
    assertThat(row(table, 1).getFirst()).isEqualTo("3.20**");
    assertThat(row(table, 2).getFirst()).isEqualTo("−0.57");
    assertThat(row(table, 3).getFirst()).isEqualTo("0.91*");
    assertThat(table.words().notes().stream().map(Note::toString))
        .contains("*p < .05. **p < .01. ***p < .001.");
    assertThat(starred.aside())
        .singleElement()
        .satisfies(one -> assertThat(one.label()).isEqualTo("p"));
    Table other =
        made(REGRESSION, new StarsFrom("p", "B", LEVELS).atLevels(List.of(0.1, 0.01))).table();
    assertThat(row(other, 2).getFirst()).isEqualTo("−0.57*");
  }

  @Test
  public void measuresThatRunDownAreJoinedToo() {
    Table down =
        made(WATCHES, new SwapAxes(), new JoinMeasures("M", "SD", Form.BRACKETS, "M (SD)")).table();
    assertThat(down.down().leaves().stream().map(leaf -> String.join("/", leaf.labels())))
        .containsExactly("Morning/M (SD)", "Night/M (SD)");
    assertThat(row(down, 0)).containsExactly("2.41 (0.62)", "4.10 (0.55)");
  }

  @Test
  public void theUpperHalfIsLeftOut() {
    Table half = made(CORRELATIONS, new HalfMatrix(true)).table();
    assertThat(heads(half)).containsExactly("1", "2", "3");
    assertThat(half.down().leaves().stream().map(leaf -> leaf.heading().label()))
        .containsExactly("1. Age", "2. Years", "3. Miles");
    assertThat(row(half, 0)).containsExactly("—", "", "");
    assertThat(row(half, 1)).containsExactly(".42", "—", "");
    assertThat(row(half, 2)).containsExactly("−.13", ".08", "—");
  }

  @Test
  public void aMatrixThatIsNotTheSameOnBothSidesStaysWhole() {
    Table odd =
        table(
            "Variable | Age | Years | Miles",
            "Age | 1.00 | .42 | −.13",
            "Years | .43 | 1.00 | .08",
            "Miles | −.13 | .08 | 1.00");
    Arranged whole = made(odd, new HalfMatrix(true));
    assertThat(whole.unplaced().values())
        .containsExactly("“Age × Years” is not the same above and below the diagonal");
    assertThat(whole.table().body()).isEqualTo(odd.body());
  }

  @Test
  public void twoGroupsShareAMatrix() {
    Table two =
        table(
            "Crew | Variable | Age | Years",
            "Deck | Age | 1.00 | .42",
            "Deck | Years | .42 | 1.00",
            "Engine | Age | 1.00 | .17",
            "Engine | Years | .17 | 1.00");
    Table one = made(two, new TwoMatrices()).table();
    assertThat(one.down().leaves()).hasSize(2);
    assertThat(row(one, 0)).containsExactly("—", ".17");
    assertThat(row(one, 1)).containsExactly(".42", "—");
    assertThat(one.words().generalNote()).isEqualTo("Below the diagonal: Deck; above it: Engine.");
  }

  @Test
  public void whatMakesSenseIsOffered() {
    assertThat(offered(WATCHES)).containsExactly("Write “SD” in brackets behind “M”");
    assertThat(offered(REGRESSION))
        .containsExactly(
            "Write “SE” in brackets behind “B”",
            "Write “LL” and “UL” as an interval",
            "Show “p” as stars on “B”");
    assertThat(offered(CORRELATIONS))
        .containsExactly("Leave the upper half of the matrix out, its variables numbered");
    assertThat(offered(made(CORRELATIONS, new HalfMatrix(true)).table())).isEmpty();
    assertThat(offered(made(WATCHES, new JoinMeasures("M", "SD", Form.BRACKETS, "M (SD)")).table()))
        .containsExactly("Take “M (SD)” apart");
  }

  @Test
  public void theyHoldAfterOtherMoves() {
    Table table =
        made(
                REGRESSION,
                new ByFigure(Side.DOWN, 0, List.of("B"), true, false),
                new Rename(Side.ACROSS, List.of("B"), "*b*"),
                new StarsFrom("p", "B", LEVELS),
                new SetAside(Side.DOWN, List.of("Fog")))
            .table();
    assertThat(heads(table)).containsExactly("b", "SE", "LL", "UL");
    assertThat(row(table, 0).getFirst()).isEqualTo("12.41***");
    assertThat(row(table, 2).getFirst()).isEqualTo("−0.57");
    assertThat(table.marks().typed(new Spot.Across(0, 0))).isEqualTo("*b*");
    Table refused = made(WATCHES, new StarsFrom("p", "M", LEVELS)).table();
    assertThat(refused.body().at(0, 0)).isEqualTo(Value.number(2.41, "2.41"));
  }
}
