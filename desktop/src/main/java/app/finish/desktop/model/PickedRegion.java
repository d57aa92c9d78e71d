package app.finish.desktop.model;

import app.finish.core.arrange.place.Side;
import app.finish.core.dress.CellMeaning;
import app.finish.core.highlight.CellNames;
import app.finish.core.highlight.Region;
import app.finish.core.table.Measure;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
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
        : underHeadings(names.get(), all.size());
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

  private Optional<Region> underHeadings(CellNames names, int picked) {
    List<PickedHeading> headings = PickedHeading.all(desk);
    if (headings.size() < picked) {
      return Optional.empty();
    }
    List<String> measures = names.table().measures().stream().map(Measure::name).toList();
    List<List<String>> paths = new ArrayList<>();
    Set<String> meant = new LinkedHashSet<>();
    for (PickedHeading heading : headings) {
      List<String> path = new ArrayList<>(heading.path());
      if (measures.contains(path.getLast())) {
        meant.add(path.removeLast());
      }
      if (!path.isEmpty()) {
        paths.add(path);
      }
    }
    Region region = Region.EVERYWHERE.withMeasures(List.copyOf(meant));
    return Optional.of(
        paths.isEmpty() ? region : region.withUnder(List.of(new Region.Under(paths))));
  }
}
