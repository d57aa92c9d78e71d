package app.finish.core.dress;

import app.finish.core.arrange.place.Side;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import app.finish.core.table.Table;
import java.util.List;

/// Says where the cells of a body end that are set together: at the sides of the table, of the
/// stub, of a row, a column or the rows of one measure.
///
/// @param table the table
/// @param plan its rows
/// @param laid which touches lie where
/// @param lines whether heads and stub have lines too
/// @param stub how many columns the stub has
record BodyEnds(Table table, RowPlan plan, CellLayer laid, GridLines lines, int stub) {
  /// Where a cell stands.
  ///
  /// @param row its row of the body
  /// @param column its first column
  /// @param span how many columns it reaches over
  /// @param last the last row of the body that it reaches over
  /// @param level the level of a heading; −1 for a figure
  GridLines.Ends of(int row, int column, int span, int last, int level) {
    return new Cell(row, column, span, last, level);
  }

  private final class Cell implements GridLines.Ends {
    private final int row;
    private final int column;
    private final int span;
    private final int last;
    private final int level;
    private final int leaf;

    private Cell(int row, int column, int span, int last, int level) {
      this.row = row;
      this.column = column;
      this.span = span;
      this.last = last;
      this.level = level;
      this.leaf = plan.leaf(row);
    }

    @Override
    public boolean hasRowAbove() {
      return row > 0 || lines.headsHaveLines();
    }

    @Override
    public boolean hasColumnLeft() {
      return column > 0 && (column != stub || lines.stubHasLines());
    }

    @Override
    public boolean at(Selector selector, Property side) {
      return switch (side) {
        case RULE_ABOVE -> endsAbove(selector);
        case RULE_BELOW -> endsBelow(selector);
        case RULE_LEFT -> endsLeft(selector);
        case RULE_RIGHT -> endsRight(selector);
        default -> false;
      };
    }

    private boolean endsAbove(Selector selector) {
      return switch (selector) {
        case Selector.OfPlace place ->
            !place.down().isEmpty() && (row == 0 || !isOn(place, row - 1, column));
        case Selector.OfKind _, Selector.OfMeasure _ ->
            row == 0 || !isOfMeasure(selector, row - 1, column);
        case Selector.OfPart of -> !isBand(of) && (row == 0 || isTotalRow(of));
        default -> row == 0;
      };
    }

    private boolean endsBelow(Selector selector) {
      boolean foot = last == plan.size() - 1;
      return switch (selector) {
        case Selector.OfPlace place ->
            foot || !place.down().isEmpty() && !isOn(place, last + 1, column);
        case Selector.OfKind _, Selector.OfMeasure _ ->
            foot || !isOfMeasure(selector, last + 1, column);
        case Selector.OfPart of -> !isBand(of) && (foot || isTotalRow(of));
        default -> foot;
      };
    }

    private boolean endsLeft(Selector selector) {
      return switch (selector) {
        case Selector.OfPlace place -> column == 0 || !isOn(place, row, column - 1);
        case Selector.OfKind _, Selector.OfMeasure _ ->
            column == stub || !isOfMeasure(selector, row, column - 1);
        case Selector.OfPart(PartName part, int _) ->
            part == PartName.BODY ? column == stub : column == 0 || isTotalColumn(part);
        default -> column == 0;
      };
    }

    private boolean endsRight(Selector selector) {
      int next = column + span;
      boolean edge = next == stub + table.across().leaves().size();
      return switch (selector) {
        case Selector.OfPlace place -> edge || !isOn(place, row, next);
        case Selector.OfKind _, Selector.OfMeasure _ -> edge || !isOfMeasure(selector, row, next);
        case Selector.OfPart(PartName part, int _) ->
            edge || part == PartName.STUB && next == stub || isTotalColumn(part);
        default -> edge;
      };
    }

    private boolean isBand(Selector.OfPart of) {
      return of.part() == PartName.TABLE || of.part() == PartName.BODY;
    }

    private boolean isTotalRow(Selector.OfPart of) {
      return of.part() == PartName.TOTALS && plan.hasFigures(row) && role(leaf) != Role.MEMBER;
    }

    private Role role(int of) {
      return table.down().leaves().get(of).role();
    }

    private boolean isTotalColumn(PartName part) {
      return part == PartName.TOTALS
          && level < 0
          && table.across().leaves().get(column - stub).role() != Role.MEMBER;
    }

    private boolean isOn(Selector.OfPlace place, int otherRow, int otherColumn) {
      int other = plan.leaf(otherRow);
      if (!plan.hasFigures(otherRow)) {
        int own = plan.groupLevel(otherRow).orElse(0);
        return laid.onHeading(Side.DOWN, other, own).contains(place);
      }
      if (otherColumn >= stub) {
        return laid.onFigure(other, otherColumn - stub).contains(place);
      }
      Leaf there = table.down().leaves().get(other);
      return laid.onHeading(Side.DOWN, other, there.path().size() - 1).contains(place);
    }

    private boolean isOfMeasure(Selector selector, int otherRow, int otherColumn) {
      return plan.hasFigures(otherRow)
          && otherColumn >= stub
          && PartSelectors.ofMeasure(table.measureAt(plan.leaf(otherRow), otherColumn - stub))
              .contains(selector);
    }
  }

  /// Whether a row of the body totals the group that comes below it: no rule parts the two.
  boolean totalsBelow(Leaf leaf) {
    List<Leaf> leaves = table.down().leaves();
    int level = leaf.path().size() - 2;
    if (leaf.role() != Role.SUBTOTAL || level < 0 || leaf.index() + 1 == leaves.size()) {
      return false;
    }
    Leaf next = leaves.get(leaf.index() + 1);
    return next.path().size() > level + 1
        && next.role() == Role.MEMBER
        && next.path().get(level) == leaf.path().get(level);
  }
}
