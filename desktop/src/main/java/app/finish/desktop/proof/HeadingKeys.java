package app.finish.desktop.proof;

import app.finish.core.arrange.place.Side;
import app.finish.core.dress.CellMeaning;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Step;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;

/// Moves the picked heading by keyboard: Alt and an arrow put it before or behind its neighbour,
/// Delete sets it aside.
public final class HeadingKeys {
  private final Desk desk;

  HeadingKeys(Desk desk) {
    this.desk = desk;
  }

  /// A heading by its side and the labels that lead to it.
  public record Named(Side side, List<String> path) {}

  /// The heading in a place, if there is one.
  public static Optional<Named> heading(Desk desk, CellMeaning place) {
    return switch (place) {
      case CellMeaning.Stub stub -> named(desk, Side.DOWN, stub.leaf(), stub.level());
      case CellMeaning.Head head -> named(desk, Side.ACROSS, head.first(), head.level());
      default -> Optional.empty();
    };
  }

  private static Optional<Named> named(Desk desk, Side side, int leaf, int level) {
    return desk.shownProperty()
        .get()
        .map(shown -> shown.arranged().paths(side))
        .filter(paths -> leaf < paths.size() && level < paths.get(leaf).size())
        .map(paths -> new Named(side, paths.get(leaf).subList(0, level + 1)));
  }

  private Optional<Named> picked() {
    return desk.pickProperty().get().flatMap(pick -> heading(desk, pick.place()));
  }

  /// Whether the key moved a heading.
  boolean moved(KeyCode key) {
    Optional<Named> heading = picked();
    if (heading.isEmpty()) {
      return false;
    }
    boolean down = heading.get().side == Side.DOWN;
    int by =
        switch (key) {
          case UP -> down ? -1 : 0;
          case DOWN -> down ? 1 : 0;
          case LEFT -> down ? 0 : -1;
          case RIGHT -> down ? 0 : 1;
          default -> 0;
        };
    if (by != 0) {
      shift(desk, heading.get(), by);
    }
    return by != 0;
  }

  /// Moves a heading among its neighbours and picks it again.
  public static void shift(Desk desk, Named heading, int by) {
    desk.arranging().on(heading.side, heading.path).shift(by);
  }

  boolean setAside() {
    Optional<Named> heading =
        desk.stepProperty().get() == Step.ARRANGE ? picked() : Optional.empty();
    heading.ifPresent(one -> desk.arranging().on(one.side, one.path).setAside());
    return heading.isPresent();
  }
}
