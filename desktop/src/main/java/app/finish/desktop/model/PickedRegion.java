package app.finish.desktop.model;

import app.finish.core.arrange.place.Side;
import app.finish.core.dress.CellMeaning;
import app.finish.core.highlight.CellNames;
import app.finish.core.highlight.Region;
import app.finish.core.table.Axis;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/// What is picked on the proof, understood by its meaning: headings, or several figures that stand
/// where rows and columns cross.
///
/// ```java
/// picked.region(); // in everything, under “North” or “South”
/// ```
final class PickedRegion {
  private final Desk desk;

  PickedRegion(Desk desk) {
    this.desk = desk;
  }

  /// The region of what is picked; nothing if it is one figure, or not said by headings alone.
  Optional<Region> region() {
    List<CellMeaning> all = new ArrayList<>();
    desk.pickProperty().get().ifPresent(pick -> all.add(pick.place()));
    all.addAll(desk.alsoProperty().get());
    Optional<CellNames> names =
        desk.shownProperty().get().map(shown -> CellNames.of(shown.arranged()));
    if (names.isEmpty() || all.isEmpty()) {
      return Optional.empty();
    }
    return all.stream().allMatch(CellMeaning.Body.class::isInstance)
        ? crossing(names.get(), all)
        : underHeadings(names.get(), all);
  }

  private static Optional<Region> crossing(CellNames names, List<CellMeaning> all) {
    Set<List<String>> rows = new LinkedHashSet<>();
    Set<List<String>> columns = new LinkedHashSet<>();
    for (CellMeaning one : all) {
      CellMeaning.Body body = (CellMeaning.Body) one;
      if (!isThere(names, Side.DOWN, body.row()) || !isThere(names, Side.ACROSS, body.column())) {
        return Optional.empty();
      }
      rows.add(names.path(Side.DOWN, body.row()));
      columns.add(names.path(Side.ACROSS, body.column()));
    }
    boolean exactly = rows.size() * columns.size() == all.size();
    return all.size() < 2 || !exactly
        ? Optional.empty()
        : Optional.of(
            Region.EVERYWHERE.withUnder(List.of(under(rows), under(columns))).in(true, true, true));
  }

  private static Region.Under under(Set<List<String>> paths) {
    return new Region.Under(List.copyOf(paths));
  }

  private static boolean isThere(CellNames names, Side side, int leaf) {
    return leaf < side.of(names.table()).leaves().size();
  }

  private static Optional<Region> underHeadings(CellNames names, List<CellMeaning> all) {
    List<List<String>> paths = new ArrayList<>();
    Set<String> measures = new LinkedHashSet<>();
    for (CellMeaning one : all) {
      Side side = one instanceof CellMeaning.Stub ? Side.DOWN : Side.ACROSS;
      int leaf =
          switch (one) {
            case CellMeaning.Stub stub -> stub.leaf();
            case CellMeaning.Head head -> head.first();
            default -> Integer.MAX_VALUE;
          };
      int level =
          switch (one) {
            case CellMeaning.Stub stub -> stub.level();
            case CellMeaning.Head head -> head.level();
            default -> 0;
          };
      if (!isThere(names, side, leaf) || level >= names.path(side, leaf).size()) {
        return Optional.empty();
      }
      List<String> path = new ArrayList<>(names.path(side, leaf).subList(0, level + 1));
      Axis axis = side.of(names.table());
      OptionalInt measure =
          level < axis.depth(leaf) ? axis.heading(leaf, level).measure() : OptionalInt.empty();
      if (measure.isPresent()) {
        measures.add(names.table().measures().get(measure.getAsInt()).name());
        path.removeLast();
      }
      if (!path.isEmpty()) {
        paths.add(path);
      }
    }
    Region region = Region.EVERYWHERE.withMeasures(List.copyOf(measures));
    return Optional.of(
        paths.isEmpty() ? region : region.withUnder(List.of(new Region.Under(paths))));
  }
}
