package app.finish.formats.spreadsheet;

import app.finish.core.table.Axis;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import org.apache.poi.ss.util.CellReference;

/// What totals are made of, as formulas of a sheet: a total whose figure is the sum of the members
/// of its group, or of the groups' totals, to the last digit. What does not add up, and what can't
/// be added, stays a number.
///
/// ```java
/// TotalFormulas.of(table).formula(row, column, rowOf, columnOf); // "SUM(C5:C8)"
/// ```
final class TotalFormulas {
  /// A sum of figures that are written in decimals differs from what it should be by less than this
  /// share of it.
  private static final double EXACT = 1e-12;

  /// A sum takes at most 255 arguments (ECMA-376, part 1, 18.17.7.315).
  private static final int MOST_PARTS = 255;

  private final Table table;

  private TotalFormulas(Table table) {
    this.table = table;
  }

  static TotalFormulas of(Table table) {
    return new TotalFormulas(table);
  }

  /// The formula of a figure, if it is a total that adds up.
  ///
  /// @param rowOf where a row of the body stands in the sheet, from 0
  /// @param columnOf where a column does
  Optional<String> formula(
      int row, int column, IntFunction<Integer> rowOf, IntFunction<Integer> columnOf) {
    MeasureKind kind = table.measureAt(row, column).kind();
    boolean adds =
        kind == MeasureKind.SUM || kind == MeasureKind.COUNT || kind == MeasureKind.VALUE;
    if (!adds || !(table.body().at(row, column) instanceof Value.Numeric total)) {
      return Optional.empty();
    }
    Leaf down = table.down().leaves().get(row);
    if (down.role() != Role.MEMBER) {
      for (List<Integer> parts : parts(table.down(), down)) {
        if (sums(parts, total.number(), part -> figure(part, column))) {
          return sum(parts, part -> reference(rowOf.apply(part), columnOf.apply(column)));
        }
      }
    }
    Leaf across = table.across().leaves().get(column);
    if (across.role() != Role.MEMBER) {
      for (List<Integer> parts : parts(table.across(), across)) {
        if (sums(parts, total.number(), part -> figure(row, part))) {
          return sum(parts, part -> reference(rowOf.apply(row), columnOf.apply(part)));
        }
      }
    }
    return Optional.empty();
  }

  private Optional<Double> figure(int row, int column) {
    return table.body().at(row, column) instanceof Value.Numeric one
        ? Optional.of(one.number())
        : Optional.empty();
  }

  /// What a total may be made of: the totals of the groups, then the members.
  private static List<List<Integer>> parts(Axis axis, Leaf total) {
    List<Integer> members = new ArrayList<>();
    List<Integer> totals = new ArrayList<>();
    for (Leaf leaf : axis.leaves()) {
      boolean inside = leaf.measure().equals(total.measure()) && isIn(leaf, total);
      if (inside && leaf.role() == Role.MEMBER) {
        members.add(leaf.index());
      } else if (inside && leaf.role() == Role.SUBTOTAL && total.role() == Role.GRAND_TOTAL) {
        totals.add(leaf.index());
      }
    }
    return List.of(totals, members);
  }

  /// Whether a leaf stands in the group that a total totals.
  private static boolean isIn(Leaf leaf, Leaf total) {
    if (total.role() == Role.GRAND_TOTAL) {
      return leaf.index() != total.index();
    }
    List<String> path = new ArrayList<>();
    for (int level = 0; level < total.path().size(); level++) {
      if (total.path().get(level).role() == Role.SUBTOTAL) {
        break;
      }
      if (total.path().get(level).measure().isEmpty()) {
        path.add(total.path().get(level).label());
      }
    }
    List<String> labels = new ArrayList<>();
    leaf.path().stream()
        .filter(heading -> heading.measure().isEmpty())
        .forEach(heading -> labels.add(heading.label()));
    return labels.size() > path.size() && labels.subList(0, path.size()).equals(path);
  }

  private static boolean sums(
      List<Integer> parts, double total, IntFunction<Optional<Double>> figure) {
    double sum = 0;
    double size = Math.abs(total);
    for (int part : parts) {
      Optional<Double> one = figure.apply(part);
      if (one.isEmpty()) {
        return false;
      }
      sum += one.get();
      size = Math.max(size, Math.abs(one.get()));
    }
    return parts.size() > 1 && Math.abs(sum - total) <= EXACT * size * parts.size();
  }

  private static CellReference reference(int row, int column) {
    return new CellReference(row, column);
  }

  /// The sum of cells, neighbours as ranges.
  private static Optional<String> sum(List<Integer> parts, IntFunction<CellReference> place) {
    List<String> ranges = new ArrayList<>();
    CellReference first = place.apply(parts.getFirst());
    CellReference last = first;
    for (int part : parts.subList(1, parts.size())) {
      CellReference next = place.apply(part);
      boolean beside =
          next.getRow() == last.getRow() && next.getCol() == last.getCol() + 1
              || next.getCol() == last.getCol() && next.getRow() == last.getRow() + 1;
      boolean straight = first.getRow() == next.getRow() || first.getCol() == next.getCol();
      if (!beside || !straight) {
        ranges.add(range(first, last));
        first = next;
      }
      last = next;
    }
    ranges.add(range(first, last));
    return ranges.size() > MOST_PARTS
        ? Optional.empty()
        : Optional.of("SUM(" + String.join(",", ranges) + ")");
  }

  private static String range(CellReference first, CellReference last) {
    return first.equals(last)
        ? first.formatAsString()
        : first.formatAsString() + ":" + last.formatAsString();
  }
}
