package app.finish.core.layout.sheet;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// Finds cells by their text, row after row from a cell on.
public final class SheetSearch {
  private final Dressed dressed;
  private final SheetRows rows;

  SheetSearch(Dressed dressed, SheetRows rows) {
    this.dressed = dressed;
    this.rows = rows;
  }

  /// The row in which a cell stands; the first one if the table does not have it.
  private int rowOf(CellMeaning place) {
    int at =
        switch (place) {
          case CellMeaning.Body body -> rows.ofLeaf(body.row());
          case CellMeaning.Stub stub -> rows.ofLeaf(stub.leaf());
          default -> -1;
        };
    for (int row = at; row >= dressed.bands().firstBody(); row--) {
      if (holds(row, place)) {
        return row;
      }
      if (rows.leaf(row) < rows.leaf(at)) {
        break;
      }
    }
    for (int row = 0; row < dressed.rows().size(); row++) {
      boolean inBody = row >= dressed.bands().firstBody() && row < dressed.bands().end();
      if (!inBody && holds(row, place)) {
        return row;
      }
      row = inBody ? dressed.bands().end() - 1 : row;
    }
    return 0;
  }

  private boolean holds(int row, CellMeaning place) {
    return dressed.rows().get(row).cells().stream().anyMatch(cell -> cell.place().equals(place));
  }

  /// The next cell that holds a text, whatever the case of its letters.
  Optional<CellMeaning> find(String text, Optional<CellMeaning> from, boolean backwards) {
    String wanted = text.toLowerCase(Locale.ROOT);
    int count = dressed.rows().size();
    int start = from.map(this::rowOf).orElse(backwards ? count - 1 : 0);
    for (int i = 0; i <= count && !wanted.isBlank() && !Thread.interrupted(); i++) {
      int row = Math.floorMod(backwards ? start - i : start + i, count);
      List<DressedCell> cells = dressed.rows().get(row).cells();
      int own = -1;
      for (int cell = 0; cell < cells.size(); cell++) {
        own = from.filter(cells.get(cell).place()::equals).isPresent() ? cell : own;
      }
      for (int j = 0; j < cells.size(); j++) {
        int cell = backwards ? cells.size() - 1 - j : j;
        boolean passed = own >= 0 && (backwards ? cell >= own : cell <= own);
        boolean again = i == count;
        if (passed != again && own >= 0) {
          continue;
        }
        if (cells.get(cell).text().toLowerCase(Locale.ROOT).contains(wanted)) {
          return Optional.of(cells.get(cell).place());
        }
      }
    }
    return Optional.empty();
  }
}
