package app.finish.desktop.proof;

import app.finish.core.arrange.make.SetAside;
import app.finish.core.arrange.make.Shift;
import app.finish.core.arrange.move.Levels;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.tree.Side;
import app.finish.core.dress.Place;
import app.finish.desktop.model.Step;
import app.finish.desktop.model.Workbench;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;

/// Moves the picked heading by keyboard: Alt and an arrow put it before or behind its neighbour,
/// Delete sets it aside.
public final class HeadingKeys {
  private final Workbench bench;

  HeadingKeys(Workbench bench) {
    this.bench = bench;
  }

  /// A heading by its side and the labels that lead to it.
  public record Named(Side side, List<String> path) {}

  /// The heading in a place, if there is one.
  public static Optional<Named> heading(Workbench bench, Place place) {
    return switch (place) {
      case Place.Stub stub -> named(bench, Side.DOWN, stub.leaf(), stub.level());
      case Place.Head head -> named(bench, Side.ACROSS, head.first(), head.level());
      default -> Optional.empty();
    };
  }

  private static Optional<Named> named(Workbench bench, Side side, int leaf, int level) {
    return bench
        .shownProperty()
        .get()
        .map(shown -> shown.arranged().paths(side))
        .filter(paths -> leaf < paths.size() && level < paths.get(leaf).size())
        .map(paths -> new Named(side, paths.get(leaf).subList(0, level + 1)));
  }

  private Optional<Named> picked() {
    return bench.pickProperty().get().flatMap(pick -> heading(bench, pick.place()));
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
      shift(bench, heading.get(), by);
    }
    return by != 0;
  }

  /// Moves a heading among its neighbours and picks it again.
  public static void shift(Workbench bench, Named heading, int by) {
    Move move = new Shift(heading.side, heading.path, by);
    bench.arranging().arrangeAndPick(move.words(Levels.NUMBERED), move, heading.side, heading.path);
  }

  boolean setAside() {
    Optional<Named> heading =
        bench.stepProperty().get() == Step.ARRANGE ? picked() : Optional.empty();
    heading.ifPresent(
        one -> {
          Move move = new SetAside(one.side, one.path);
          bench.arranging().make(move);
        });
    return heading.isPresent();
  }
}
