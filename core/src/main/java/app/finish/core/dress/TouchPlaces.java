package app.finish.core.dress;

import app.finish.core.arrange.Side;
import app.finish.core.style.Selector;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// Finds the touches that lie on a cell. A touch knows its place by labels; a cell has the labels
/// of its row and of its column, whichever side they stand on.
public final class TouchPlaces {
  private final List<Selector.OfPlace> places;
  private final Naming naming;
  private final Map<Set<Selector.OfPlace>, Integer> groups = new HashMap<>();

  TouchPlaces(List<Selector.OfPlace> places, Naming naming) {
    this.places = List.copyOf(places);
    this.naming = naming;
  }

  boolean isEmpty() {
    return places.isEmpty();
  }

  /// How touches know a place; a place that is a part of its own is known by that part.
  ///
  /// @param line whether the whole line is meant: that of a heading, or the row of a figure
  public static Optional<Selector.OfPlace> of(Naming naming, Place place, boolean line) {
    return switch (place) {
      case Place.Body body -> {
        List<String> labels = new ArrayList<>(naming.path(Side.DOWN, body.row()));
        if (!line) {
          labels.addAll(naming.path(Side.ACROSS, body.column()));
        }
        yield Optional.of(new Selector.OfPlace(labels, line));
      }
      case Place.Stub stub ->
          Optional.of(
              new Selector.OfPlace(upTo(naming.path(Side.DOWN, stub.leaf()), stub.level()), line));
      case Place.Head head ->
          Optional.of(
              new Selector.OfPlace(
                  upTo(naming.path(Side.ACROSS, head.first()), head.level()), line));
      case Place.StubHead head -> Optional.empty();
      case Place.Word word -> Optional.empty();
    };
  }

  private static List<String> upTo(List<String> path, int level) {
    return path.subList(0, Math.min(path.size(), level + 1));
  }

  /// The touches on a figure: those of its lines first, then its own.
  List<Selector> onFigure(int row, int column) {
    if (places.isEmpty()) {
      return List.of();
    }
    List<String> labels = new ArrayList<>(naming.path(Side.DOWN, row));
    labels.addAll(naming.path(Side.ACROSS, column));
    return on(labels);
  }

  /// The touches on a heading.
  List<Selector> onHeading(Side side, int leaf, int level) {
    return places.isEmpty() ? List.of() : on(upTo(naming.path(side, leaf), level));
  }

  private List<Selector> on(List<String> labels) {
    List<Selector> lines = new ArrayList<>();
    List<Selector> cells = new ArrayList<>();
    List<String> sorted = labels.stream().sorted().toList();
    for (Selector.OfPlace place : places) {
      if (place.line() && isWithin(place.labels(), labels)) {
        lines.add(place);
      } else if (!place.line() && place.labels().equals(sorted)) {
        cells.add(place);
      }
    }
    lines.addAll(cells);
    return lines;
  }

  private static boolean isWithin(List<String> some, List<String> labels) {
    List<String> left = new ArrayList<>(labels);
    for (String label : some) {
      if (!left.remove(label)) {
        return false;
      }
    }
    return true;
  }

  /// A number that rows have in common on which the same touches lie; 0 where there are none.
  int group(int row) {
    if (places.isEmpty()) {
      return 0;
    }
    Set<String> labels = new HashSet<>(naming.path(Side.DOWN, row));
    Set<Selector.OfPlace> here = new HashSet<>();
    for (Selector.OfPlace place : places) {
      if (place.labels().stream().anyMatch(labels::contains)) {
        here.add(place);
      }
    }
    return here.isEmpty() ? 0 : groups.computeIfAbsent(here, key -> groups.size() + 1);
  }
}
