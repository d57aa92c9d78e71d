package app.finish.core.note;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.place.CellLabels;
import app.finish.core.arrange.place.Side;
import app.finish.core.table.Axis;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/// Finds where the places are in an arranged table that notes are tied to.
final class TiedPlaces {
  private final Arranged arranged;
  private final Map<Spot, Set<Tie>> bySource = new HashMap<>();
  private final Map<Tie, TreeSet<Spot>> found = new HashMap<>();
  private final Map<CellLabels, Set<Tie>> byLabels = new HashMap<>();

  private TiedPlaces(Arranged arranged) {
    this.arranged = arranged;
  }

  /// The places of ties, in reading order; a tie whose place is not in the table has none.
  static Map<Tie, TreeSet<Spot>> of(Arranged arranged, Set<Tie> ties) {
    TiedPlaces places = new TiedPlaces(arranged);
    ties.forEach(places::lookFor);
    places.find();
    return places.found;
  }

  private void lookFor(Tie tie) {
    switch (tie) {
      case Tie.OfTitle _ -> add(tie, new Spot.Title());
      case Tie.OfStubHead(int level) -> {
        if (level < arranged.table().down().depth()) {
          add(tie, new Spot.StubHead(level));
        }
      }
      case Tie.OfCell cell ->
          inSource(cell)
              .ifPresentOrElse(
                  spot -> bySource.computeIfAbsent(spot, key -> new HashSet<>()).add(tie),
                  () ->
                      byLabels
                          .computeIfAbsent(
                              CellLabels.of(cell.down(), cell.across()), key -> new HashSet<>())
                          .add(tie));
    }
  }

  private void add(Tie tie, Spot spot) {
    found.computeIfAbsent(tie, key -> new TreeSet<>(ReadingOrder.ORDER)).add(spot);
  }

  /// Where the source has a cell.
  private Optional<Spot> inSource(Tie.OfCell cell) {
    Table source = arranged.source();
    int row = leaf(source.down(), cell.down());
    int column = leaf(source.across(), cell.across());
    if (row < 0 || column < 0) {
      return Optional.empty();
    }
    if (cell.down().isEmpty()) {
      return Optional.of(new Spot.Across(cell.across().size() - 1, column));
    }
    if (cell.across().isEmpty()) {
      return Optional.of(new Spot.Down(cell.down().size() - 1, row));
    }
    return Optional.of(new Spot.Figure(row, column));
  }

  /// The first leaf under a heading; 0 for no heading, −1 if there is none.
  private static int leaf(Axis axis, List<String> path) {
    for (int leaf = 0; leaf < axis.leaves().size(); leaf++) {
      List<String> labels = axis.leaves().get(leaf).labels();
      if (labels.size() >= path.size() && labels.subList(0, path.size()).equals(path)) {
        return leaf;
      }
    }
    return path.isEmpty() ? 0 : -1;
  }

  private void find() {
    if (bySource.isEmpty() && byLabels.isEmpty()) {
      return;
    }
    Table table = arranged.table();
    for (Side side : Side.values()) {
      Axis axis = side.of(table);
      for (int leaf = 0; leaf < axis.leaves().size(); leaf++) {
        for (int level = 0; level < axis.depth(leaf); level++) {
          heading(side, axis, leaf, level);
        }
      }
    }
    boolean figures = bySource.keySet().stream().anyMatch(Spot.Figure.class::isInstance);
    if (!figures && byLabels.isEmpty()) {
      return;
    }
    for (int row = 0; row < table.body().rows(); row++) {
      for (int column = 0; column < table.body().columns(); column++) {
        Spot here = new Spot.Figure(row, column);
        arranged.origin(row, column).ifPresent(origin -> at(origin, here));
        if (!byLabels.isEmpty()) {
          figure(row, column, here);
        }
      }
    }
  }

  /// A side that has one leaf says nothing: it stays when all its levels were placed on the other.
  private void figure(int row, int column, Spot here) {
    List<String> down = arranged.paths(Side.DOWN).get(row);
    List<String> across = arranged.paths(Side.ACROSS).get(column);
    at(CellLabels.ofFigure(down, across), here);
    if (arranged.table().body().columns() == 1) {
      at(CellLabels.ofFigure(down, List.of()), here);
    }
    if (arranged.table().body().rows() == 1) {
      at(CellLabels.ofFigure(List.of(), across), here);
    }
  }

  /// A heading over several leaves is found at the first of them.
  private void heading(Side side, Axis axis, int leaf, int level) {
    boolean first =
        leaf == 0
            || axis.depth(leaf - 1) <= level
            || axis.heading(leaf - 1, level) != axis.heading(leaf, level);
    if (first) {
      Spot here = side.spot(level, leaf);
      arranged.origin(side, leaf, level).ifPresent(origin -> at(origin, here));
      if (!byLabels.isEmpty()) {
        List<String> all = arranged.paths(side).get(leaf);
        at(CellLabels.ofHeading(all.subList(0, Math.min(all.size(), level + 1))), here);
      }
    }
  }

  private void at(CellLabels labels, Spot here) {
    byLabels.getOrDefault(labels, Set.of()).forEach(tie -> add(tie, here));
  }

  private void at(Spot origin, Spot here) {
    bySource.getOrDefault(origin, Set.of()).forEach(tie -> add(tie, here));
  }
}
