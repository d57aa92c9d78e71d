package app.finish.core.arrange.move;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.arrange.make.ByFigure;
import app.finish.core.arrange.make.Gather;
import app.finish.core.arrange.make.Hold;
import app.finish.core.arrange.make.Only;
import app.finish.core.arrange.make.SetAside;
import app.finish.core.arrange.make.SwapAxes;
import app.finish.core.arrange.place.Side;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Which level a move speaks of.
public class MovedLevelTest {
  @DataProvider
  public Object[][] moves() {
    List<String> path = List.of("Hale", "Winter");
    return new Object[][] {
      {new Hold(Side.ACROSS, 1, "2026"), Side.ACROSS, 1},
      {new SetAside(Side.DOWN, path), Side.DOWN, 1},
      {new SetAside(Side.DOWN, path.subList(0, 1)), Side.DOWN, 0},
      {new Gather(Side.DOWN, List.of(path, List.of("Orrin", "Winter")), "Cold"), Side.DOWN, 1},
      {new ByFigure(Side.DOWN, 0, List.of("2026", "Fares"), true), Side.DOWN, 0},
      {new Only(new SetAside(Side.ACROSS, List.of("2025"))), Side.ACROSS, 0},
    };
  }

  @Test(dataProvider = "moves")
  public void isThatOfItsNumberOrOfItsPath(Move move, Side side, int level) {
    assertThat(MovedLevel.of(move)).contains(new MovedLevel(side, level));
  }

  @Test
  public void aMoveOfTheWholeTableHasNone() {
    assertThat(MovedLevel.of(new SwapAxes())).isEqualTo(Optional.empty());
  }
}
