package app.finish.desktop.model;

import app.finish.core.arrange.place.Side;
import app.finish.core.dress.CellMeaning;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// A heading on the proof by its side and the labels that lead to it.
///
/// ```java
/// PickedHeading.all(desk); // all that are picked, the first one first
/// ```
///
/// @param side down or across
/// @param path the labels, as the source has them
public record PickedHeading(Side side, List<String> path) {
  /// Copies the labels.
  public PickedHeading {
    path = List.copyOf(path);
  }

  /// Its level, from 0.
  public int level() {
    return path.size() - 1;
  }

  /// The heading in a place, if there is one.
  public static Optional<PickedHeading> at(Desk desk, CellMeaning place) {
    return switch (place) {
      case CellMeaning.Stub stub -> at(desk, Side.DOWN, stub.leaf(), stub.level());
      case CellMeaning.Head head -> at(desk, Side.ACROSS, head.first(), head.level());
      default -> Optional.empty();
    };
  }

  private static Optional<PickedHeading> at(Desk desk, Side side, int leaf, int level) {
    return desk.shownProperty()
        .get()
        .map(shown -> shown.arranged().paths(side))
        .filter(paths -> leaf < paths.size() && level < paths.get(leaf).size())
        .map(paths -> new PickedHeading(side, paths.get(leaf).subList(0, level + 1)));
  }

  /// The headings among all that is picked, the one that was picked last first.
  public static List<PickedHeading> all(Desk desk) {
    List<CellMeaning> places = new ArrayList<>();
    desk.pickProperty().get().ifPresent(pick -> places.add(pick.place()));
    places.addAll(desk.alsoProperty().get());
    return places.stream().flatMap(place -> at(desk, place).stream()).distinct().toList();
  }
}
