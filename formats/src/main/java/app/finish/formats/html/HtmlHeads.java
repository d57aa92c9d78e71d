package app.finish.formats.html;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.style.PartName;
import app.finish.formats.io.XmlText;
import java.util.ArrayList;
import java.util.List;

/// Gives heads their ids and scopes, and figures the ids of the heads that lead to them.
public final class HtmlHeads {
  private final String id;
  private final List<List<String>> ofColumn = new ArrayList<>();
  private final String[] groups = new String[12];
  private List<String> ofRow = new ArrayList<>();
  private final String[] stubOfColumn;
  private final int[] stubRowsLeft;

  HtmlHeads(Dressed dressed, String id) {
    this.id = id;
    for (int i = 0; i < dressed.columns(); i++) {
      ofColumn.add(new ArrayList<>());
    }
    this.stubOfColumn = new String[dressed.columns()];
    this.stubRowsLeft = new int[dressed.columns()];
  }

  /// What a head heads.
  static String scope(DressedCell cell) {
    return switch (cell.place()) {
      case CellMeaning.Head _ -> cell.columnSpan() > 1 ? "colgroup" : "col";
      case CellMeaning.StubHead _ -> "col";
      case CellMeaning.Stub _ ->
          cell.part().name() == PartName.GROUP_ROW || cell.rowSpan() > 1 ? "rowgroup" : "row";
      case CellMeaning.Body _, CellMeaning.Word _ -> "";
    };
  }

  /// Begins a row.
  void enter(DressedRow row) {
    ofRow = new ArrayList<>();
    if (row.band() == Band.BODY) {
      for (int level = 0; level < groups.length; level++) {
        if (row.part().name() == PartName.GROUP_ROW && level >= row.part().level() - 1
            || row.part().name() == PartName.GRAND_TOTAL_ROW) {
          groups[level] = null;
        }
        if (groups[level] != null) {
          ofRow.add(groups[level]);
        }
      }
      for (int column = 0; column < stubOfColumn.length; column++) {
        if (stubRowsLeft[column] > 0) {
          stubRowsLeft[column]--;
          ofRow.add(stubOfColumn[column]);
        }
      }
    }
  }

  /// Marks a cell's element, which was begun.
  void mark(XmlText element, DressedCell cell, int row) {
    String own = id + "-" + row + "-" + cell.column();
    switch (cell.place()) {
      case CellMeaning.Head _ -> {
        element.attribute("id", own).attribute("scope", scope(cell));
        List<String> above = ofColumn.get(cell.column());
        if (!above.isEmpty()) {
          element.attribute("headers", String.join(" ", above));
        }
        for (int i = 0; i < cell.columnSpan(); i++) {
          ofColumn.get(cell.column() + i).add(own);
        }
      }
      case CellMeaning.StubHead _ -> {
        element.attribute("id", own).attribute("scope", scope(cell));
        ofColumn.get(cell.column()).add(own);
      }
      case CellMeaning.Stub _ -> {
        element.attribute("id", own).attribute("scope", scope(cell));
        if (cell.part().name() == PartName.GROUP_ROW) {
          groups[Math.min(groups.length - 1, cell.part().level() - 1)] = own;
        } else {
          ofRow.add(own);
          stubOfColumn[cell.column()] = own;
          stubRowsLeft[cell.column()] = cell.rowSpan() - 1;
        }
      }
      case CellMeaning.Body _ -> {
        List<String> all = new ArrayList<>(ofRow);
        all.addAll(ofColumn.get(cell.column()));
        element.attribute("headers", String.join(" ", all));
      }
      case CellMeaning.Word _ -> {}
    }
  }
}
