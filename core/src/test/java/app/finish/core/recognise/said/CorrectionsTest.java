package app.finish.core.recognise.said;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.grid.Grid;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.found.Evidence;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Value;
import java.util.List;
import org.testng.annotations.Test;

/// What a person says of columns, measures, blanks and the extent of a table. What is said of rows
/// is tested in [RecogniserTest].
public class CorrectionsTest {
  private static final Grid PIERS =
      Grid.ofText(
          "Pier | 2025 | 2026 | Both years | Rank",
          "North | 12 | 14 | 27 | 1",
          "South | | 9 | 16 | 2",
          "East | 3 | 4 | 7 | 3");

  private static Recognition with(Corrections corrections) {
    return Recogniser.recognise(PIERS, corrections);
  }

  private static Anchor column(int column) {
    return with(Corrections.NONE).anchors().columns().get(column);
  }

  private static Role role(Recognition read, int leaf) {
    return read.table().across().leaves().get(leaf).role();
  }

  @Test
  public void aColumnIsWhatThePersonSays() {
    assertThat(role(with(Corrections.NONE), 3)).isEqualTo(Role.MEMBER);
    Recognition total = with(Corrections.NONE.withColumn(column(3), LineRole.GRAND_TOTAL));
    assertThat(role(total, 2)).isEqualTo(Role.GRAND_TOTAL);
    assertThat(total.evidence())
        .anySatisfy(
            one -> {
              assertThat(one.place()).isEqualTo("column D");
              assertThat(one.because()).contains("you said so");
            });
    Recognition fewer = with(Corrections.NONE.withColumn(column(4), LineRole.LEFT_OUT));
    assertThat(fewer.valueColumns()).containsExactly(1, 2, 3);
    assertThatThrownBy(() -> Corrections.NONE.withColumn(column(4), LineRole.NOTE))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  public void aColumnIsFoundAgainByItsHeadings() {
    Corrections said = Corrections.NONE.withColumn(column(4), LineRole.LEFT_OUT);
    Recognition later =
        Recogniser.recognise(
            Grid.ofText("Pier | Rank | 2026", "North | 1 | 15", "South | 2 | 10"), said);
    assertThat(later.valueColumns()).containsExactly(2);
    Recognition gone =
        Recogniser.recognise(Grid.ofText("Pier | 2026", "North | 15", "South | 10"), said);
    assertThat(gone.unplaced()).map(Object::toString).containsExactly("“Rank”");
  }

  @Test
  public void aMeasureIsOfTheKindThatThePersonSays() {
    Grid trust = Grid.ofText("Pier | Trust | Boats", "North | 3.2 | 4", "All | 7.0 | 9");
    Recognition plain = Recogniser.recognise(trust, Corrections.NONE);
    assertThat(plain.table().measures().getFirst().kind()).isEqualTo(MeasureKind.VALUE);
    Corrections said = Corrections.NONE.withMeasure("Trust", MeasureKind.MEAN);
    Recognition told = Recogniser.recognise(trust, said);
    assertThat(told.table().measures().getFirst().kind()).isEqualTo(MeasureKind.MEAN);
    assertThat(told.evidence())
        .contains(new Evidence("measure “Trust”", "mean", List.of("you said so"), 1));
    Recognition gone = Recogniser.recognise(PIERS, said);
    assertThat(gone.unplaced()).map(Object::toString).containsExactly("“Trust”");
  }

  @Test
  public void aBlankIsWhatThePersonSays() {
    assertThat(with(Corrections.NONE).table().body().at(1, 0)).isEqualTo(Value.BLANK);
    assertThat(with(Corrections.NONE).evidence())
        .anyMatch(one -> one.place().equals("1 empty cell") && one.said().equals("missing"));
    Recognition zero = with(Corrections.NONE.withBlanks(BlankMeaning.ZERO));
    assertThat(zero.table().body().at(1, 0)).isEqualTo(Value.number(0, ""));
    Recognition above = with(Corrections.NONE.withBlanks(BlankMeaning.AS_ABOVE));
    assertThat(above.table().body().at(1, 0)).isEqualTo(Value.number(12, "12"));
  }

  @Test
  public void twoHalvesOfACutAreJoinedToTheWhole() {
    Anchor south = Extent.rowOf(PIERS, 2);
    Extent above = Extent.WHOLE.withCut(south, false);
    Extent below = Extent.WHOLE.withCut(south, true);
    Grid upper = above.on(PIERS, List.of()).orElseThrow();
    Grid lower = below.on(PIERS, List.of()).orElseThrow();
    assertThat(upper.rows() + lower.rows()).isEqualTo(PIERS.rows());
    assertThat(upper.joinedWith(lower)).isEqualTo(PIERS);
    assertThat(above.joinedWith(below, lower)).contains(Extent.WHOLE);
    assertThat(below.joinedWith(above, upper)).isEmpty();
    assertThat(below.withCut(south, false).on(upper, List.of())).isEmpty();
  }
}
