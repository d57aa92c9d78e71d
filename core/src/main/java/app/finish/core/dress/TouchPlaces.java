package app.finish.core.dress;

import app.finish.core.arrange.place.Side;
import app.finish.core.dress.SourceLabels.Named;
import app.finish.core.style.Selector;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Finds the touches that lie on a cell, by the labels that lead to it in the source.
public final class TouchPlaces implements CellLayer {
  private final List<Selector.OfPlace> places;
  private final SourceLabels naming;
  private final int columns;
  private final Map<List<List<Selector>>, Integer> groups = new HashMap<>();

  /// @param columns how many columns of figures the table has
  TouchPlaces(List<Selector.OfPlace> places, SourceLabels naming, int columns) {
    this.places = List.copyOf(places);
    this.naming = naming;
    this.columns = columns;
  }

  /// How touches know a place; a place that is a part of its own is known by that part.
  ///
  /// @param line whether the whole line is meant: that of a heading, or the row of a figure
  public static Optional<Selector.OfPlace> of(
      SourceLabels naming, CellMeaning place, boolean line) {
    return switch (place) {
      case CellMeaning.Body body -> {
        Named named =
            line
                ? naming.heading(Side.DOWN, body.row(), Integer.MAX_VALUE - 1)
                : naming.figure(body.row(), body.column());
        yield Optional.of(named(named, line));
      }
      case CellMeaning.Stub stub ->
          Optional.of(named(naming.heading(Side.DOWN, stub.leaf(), stub.level()), line));
      case CellMeaning.Head head ->
          Optional.of(named(naming.heading(Side.ACROSS, head.first(), head.level()), line));
      case CellMeaning.StubHead _ -> Optional.empty();
      case CellMeaning.Word _ -> Optional.empty();
    };
  }

  private static Selector.OfPlace named(Named named, boolean line) {
    return new Selector.OfPlace(named.down(), named.across(), line);
  }

  /// Whether a cell is on a line.
  public static boolean isOn(Selector.OfPlace line, Selector.OfPlace cell) {
    return begins(cell.down(), line.down()) && begins(cell.across(), line.across());
  }

  private static boolean begins(List<String> labels, List<String> some) {
    return labels.size() >= some.size() && labels.subList(0, some.size()).equals(some);
  }

  /// The touches on a figure: those of its lines first, then its own.
  @Override
  public List<Selector> onFigure(int row, int column) {
    return places.isEmpty() ? List.of() : on(naming.figure(row, column));
  }

  /// The touches on a heading.
  @Override
  public List<Selector> onHeading(Side side, int leaf, int level) {
    return places.isEmpty() ? List.of() : on(naming.heading(side, leaf, level));
  }

  private List<Selector> on(Named named) {
    List<Selector> lines = new ArrayList<>();
    List<Selector> cells = new ArrayList<>();
    Selector.OfPlace cell = named(named, false);
    for (Selector.OfPlace place : places) {
      if (place.line() && isOn(place, cell)) {
        lines.add(place);
      } else if (place.equals(cell)) {
        cells.add(place);
      }
    }
    lines.addAll(cells);
    return lines;
  }

  /// A number that rows have in common on which the same touches lie; 0 where there are none.
  @Override
  public int group(int row) {
    if (places.isEmpty()) {
      return 0;
    }
    List<List<Selector>> here = new ArrayList<>();
    boolean any = false;
    for (int column = 0; column < columns; column++) {
      List<Selector> touches = onFigure(row, column);
      any |= !touches.isEmpty();
      here.add(touches);
    }
    for (int level = 0; level < 8; level++) {
      List<Selector> touches = onHeading(Side.DOWN, row, level);
      any |= !touches.isEmpty();
      here.add(touches);
    }
    return any ? groups.computeIfAbsent(here, key -> groups.size() + 1) : 0;
  }
}
