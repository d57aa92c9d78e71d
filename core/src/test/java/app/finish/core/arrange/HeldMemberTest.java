package app.finish.core.arrange;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.Finishing;
import app.finish.core.arrange.formula.Formulas;
import app.finish.core.arrange.make.Hold;
import app.finish.core.arrange.make.Reverse;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.place.Side;
import app.finish.core.document.Finish;
import app.finish.core.grid.Grid;
import app.finish.core.table.Table;
import java.util.List;
import org.testng.annotations.Test;

public class HeldMemberTest {
  private static final Table FARES =
      Finishing.of(
              Grid.ofText(
                  "Route | Season | 2025 | 2026",
                  "Hale–Orrin | Winter | 10 | 11",
                  " | Summer | 20 | 13",
                  "Orrin–Skell | Winter | 4 | 5",
                  " | Summer | 7 | 8"))
          .with(Finish.in("Plain"))
          .table();

  @Test
  public void eachMemberOfWhatIsHeldIsOffered() {
    Arrangement held = Arrangement.of(new Hold(Side.DOWN, 1, "Summer"), new Reverse(Side.DOWN, 0));
    List<HeldMember> members = HeldMember.of(FARES, held, Formulas.NONE);
    assertThat(members).extracting(HeldMember::member).containsExactly("Winter", "Summer");
    assertThat(members).extracting(HeldMember::isHeld).containsExactly(false, true);
    assertThat(members.getFirst().dimension()).isEqualTo("Season");
    assertThat(members.get(1).arrangement()).isEqualTo(held);
    Table winter = Arranger.arrange(FARES, members.getFirst().arrangement(), Formulas.NONE).table();
    assertThat(winter.body().number(0, 0)).isEqualTo(4);
    assertThat(winter.body().number(1, 1)).isEqualTo(11);
  }

  @Test
  public void nothingIsOfferedWhereNothingIsHeld() {
    Arrangement off = Arrangement.of(new Hold(Side.DOWN, 1, "Summer")).withSwitched(0, false);
    assertThat(HeldMember.of(FARES, off, Formulas.NONE)).isEmpty();
    assertThat(HeldMember.of(FARES, Arrangement.NONE, Formulas.NONE)).isEmpty();
  }

  @Test
  public void aTotalAtWhichATableIsHeldIsOneOfThem() {
    Arrangement held = Arrangement.of(new Hold(Side.DOWN, 1, "All seasons"));
    assertThat(HeldMember.of(FARES, held, Formulas.NONE))
        .extracting(HeldMember::member)
        .containsExactly("Winter", "Summer", "All seasons");
  }
}
