package app.finish.desktop.proof;

import app.finish.core.arrange.place.Side;
import app.finish.core.dress.CellMeaning;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.PickedHeading;
import app.finish.desktop.model.Step;
import java.util.List;
import javafx.scene.input.KeyCode;

/// Moves the picked headings by keyboard: Alt and an arrow put them before or behind their
/// neighbours, Delete sets them aside.
public final class HeadingKeys {
  private final Desk desk;

  HeadingKeys(Desk desk) {
    this.desk = desk;
  }

  /// Whether the key moved headings.
  boolean moved(KeyCode key) {
    List<PickedHeading> headings = PickedHeading.all(desk);
    if (headings.isEmpty()) {
      return false;
    }
    boolean down = headings.getFirst().side() == Side.DOWN;
    int by =
        switch (key) {
          case UP -> down ? -1 : 0;
          case DOWN -> down ? 1 : 0;
          case LEFT -> down ? 0 : -1;
          case RIGHT -> down ? 0 : 1;
          default -> 0;
        };
    if (by != 0) {
      desk.arranging().on(headings).shift(by);
    }
    return by != 0;
  }

  boolean setAside() {
    List<PickedHeading> headings =
        desk.stepProperty().get() == Step.ARRANGE ? PickedHeading.all(desk) : List.of();
    if (!headings.isEmpty()) {
      desk.arranging().on(headings).setAside();
    }
    return !headings.isEmpty() || levelHidden();
  }

  /// Takes out the level whose head is picked.
  private boolean levelHidden() {
    List<CellMeaning> places =
        desk.pickProperty().get().map(pick -> List.of(pick.place())).orElse(List.of());
    for (CellMeaning place : places) {
      if (desk.stepProperty().get() == Step.ARRANGE
          && place instanceof CellMeaning.StubHead(int level)) {
        desk.shownProperty()
            .get()
            .flatMap(shown -> shown.arranged().paths(Side.DOWN).stream().findFirst())
            .filter(path -> level < path.size())
            .ifPresent(
                path -> desk.arranging().on(Side.DOWN, path.subList(0, level + 1)).hideLevel());
        return true;
      }
    }
    return false;
  }
}
