package app.finish.core.layout.page;

import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.layout.Mark;
import app.finish.core.layout.Paper;
import app.finish.core.style.RuleLine;
import app.finish.core.style.colour.Colour;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/// Places the rules of one page: between rows, and at the sides of cells.
public final class RulePainter {
  private final Dressed dressed;
  private final ColumnWidths columns;
  private final Paper paper;
  private final List<Mark> rules = new ArrayList<>();

  RulePainter(Dressed dressed, ColumnWidths columns, Paper paper) {
    this.dressed = dressed;
    this.columns = columns;
    this.paper = paper;
  }

  /// The rules of rows from a height on: for each column the heavier of what the row above wants
  /// below it and the row below wants above it.
  List<Mark> paint(List<SetRow> rows, double top, int[] reached) {
    double y = top;
    RuleLine[] wanted = new RuleLine[dressed.columns()];
    DressedCell[] owner = new DressedCell[dressed.columns()];
    int[] blockedUntil = reached.clone();
    for (int i = 0; i <= rows.size(); i++) {
      Arrays.fill(wanted, RuleLine.NONE);
      Arrays.fill(owner, null);
      boolean words = true;
      if (i > 0) {
        words &= PagePainter.isWords(rows.get(i - 1).row());
        wantBelow(rows, i - 1, wanted, owner);
      }
      if (i < rows.size()) {
        words &= PagePainter.isWords(rows.get(i).row());
        wantAbove(rows.get(i), wanted, owner, blockedUntil, i);
        paintSides(rows, i, y);
      }
      paintBoundary(y, wanted, owner, words);
      y += i < rows.size() ? rows.get(i).height() : 0;
    }
    return rules;
  }

  private static void wantBelow(List<SetRow> rows, int at, RuleLine[] wanted, DressedCell[] owner) {
    DressedRow row = rows.get(at).row();
    for (int column = 0; column < wanted.length; column++) {
      wanted[column] = wanted[column].orHeavier(row.below().rule());
    }
    for (int above = Math.max(0, at - 12); above <= at; above++) {
      for (SetRow.SetCell set : rows.get(above).cells()) {
        DressedCell cell = set.cell();
        if (above + cell.rowSpan() - 1 == at) {
          want(cell, cell.look().ruleBelow(), wanted, owner);
        }
      }
    }
  }

  private static void wantAbove(
      SetRow set, RuleLine[] wanted, DressedCell[] owner, int[] blockedUntil, int at) {
    for (SetRow.SetCell one : set.cells()) {
      DressedCell cell = one.cell();
      want(cell, cell.look().ruleAbove(), wanted, owner);
    }
    for (int column = 0; column < wanted.length; column++) {
      wanted[column] = wanted[column].orHeavier(set.row().above().rule());
      if (blockedUntil[column] > at) {
        wanted[column] = RuleLine.NONE;
      }
    }
    for (SetRow.SetCell one : set.cells()) {
      DressedCell cell = one.cell();
      for (int column = cell.column(); column < cell.column() + cell.columnSpan(); column++) {
        blockedUntil[column] = at + cell.rowSpan();
      }
    }
  }

  private static void want(
      DressedCell cell, RuleLine rule, RuleLine[] wanted, DressedCell[] owner) {
    for (int column = cell.column(); column < cell.column() + cell.columnSpan(); column++) {
      if (rule.weight() > wanted[column].weight()) {
        wanted[column] = rule;
        owner[column] = cell;
      }
    }
  }

  private void paintBoundary(double y, RuleLine[] wanted, DressedCell[] owner, boolean words) {
    int start = 0;
    for (int column = 0; column < dressed.stubColumns(); column++) {
      boolean figures = wanted[column].reach() == RuleLine.Reach.FIGURES;
      wanted[column] = figures ? RuleLine.NONE : wanted[column];
    }
    while (start < wanted.length) {
      RuleLine rule = wanted[start];
      boolean spanned = rule.reach() == RuleLine.Reach.SPANNED || rule.gap() > 0;
      int end = start + 1;
      while (end < wanted.length
          && wanted[end].equals(rule)
          && (!spanned || owner[end] == owner[start])) {
        end++;
      }
      if (rule.isDrawn()) {
        double sides = spanned && owner[start] != null ? owner[start].look().sides() : 0;
        double inset = rule.gap() >= 0 ? rule.gap() : sides;
        double left = paper.margin() + columns.left(start) + inset;
        double right =
            words ? paper.margin() + paper.textWidth() : paper.margin() + columns.left(end) - inset;
        line(left, y, right, y, rule);
      }
      start = end;
    }
  }

  private void paintSides(List<SetRow> rows, int at, double y) {
    for (SetRow.SetCell set : rows.get(at).cells()) {
      DressedCell cell = set.cell();
      double left = paper.margin() + columns.left(cell.column());
      double right = left + columns.width(cell.column(), cell.columnSpan());
      double bottom = y + SetRow.height(rows, at, cell.rowSpan());
      if (cell.look().ruleLeft().isDrawn()) {
        line(left, y, left, bottom, cell.look().ruleLeft());
      }
      if (cell.look().ruleRight().isDrawn()) {
        line(right, y, right, bottom, cell.look().ruleRight());
      }
    }
  }

  private void line(double x1, double y1, double x2, double y2, RuleLine rule) {
    Colour colour = dressed.palette().colour(rule.ink());
    boolean dotted = rule.kind() == RuleLine.Kind.DOTTED;
    if (rule.kind() != RuleLine.Kind.DOUBLE) {
      rules.add(new Mark.Rule(x1, y1, x2, y2, rule.weight(), colour, dotted));
      return;
    }
    double thin = rule.weight() / 3;
    double shiftX = y1 == y2 ? 0 : thin;
    double shiftY = y1 == y2 ? thin : 0;
    rules.add(
        new Mark.Rule(x1 - shiftX, y1 - shiftY, x2 - shiftX, y2 - shiftY, thin, colour, false));
    rules.add(
        new Mark.Rule(x1 + shiftX, y1 + shiftY, x2 + shiftX, y2 + shiftY, thin, colour, false));
  }
}
