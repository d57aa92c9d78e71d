package app.finish.desktop.model;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.layout.CellBox;
import app.finish.core.style.Part;
import app.finish.core.style.PartName;
import app.finish.desktop.kit.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/// What is picked on the proof: a cell, and how far around it.
///
/// @param place the cell by its meaning
/// @param part the part of the cell
/// @param reach how far: 0 for the cell, then its part, the parts it belongs to, the table
public record Pick(CellMeaning place, Part part, int reach) {
  /// The cells of all that is picked as they are dressed, the first one first.
  public static List<DressedCell> cells(Desk desk) {
    List<DressedCell> cells = new ArrayList<>();
    desk.shownProperty()
        .get()
        .ifPresent(
            shown -> {
              List<CellMeaning> places = new ArrayList<>();
              desk.pickProperty().get().ifPresent(pick -> places.add(pick.place()));
              places.addAll(desk.alsoProperty().get());
              places.forEach(
                  place -> LooksInWords.cell(shown.scroll(), place).ifPresent(cells::add));
            });
    return cells;
  }

  /// The widening circles around the cell, each by its name for people.
  public List<String> circles() {
    List<String> circles = new ArrayList<>();
    circles.add(Texts.of("dress.scope.cell"));
    circles.add(part.label().toLowerCase(Locale.ROOT));
    part.name().family().ifPresent(family -> circles.add(family.label().toLowerCase(Locale.ROOT)));
    circles.add(PartName.TABLE.label().toLowerCase(Locale.ROOT));
    return circles;
  }

  /// The same pick one circle further out; from the table back to the cell.
  public Pick outward() {
    return new Pick(place, part, (reach + 1) % circles().size());
  }

  public Pick withReach(int other) {
    return new Pick(place, part, other);
  }

  /// Whether a cell is inside what is picked.
  public boolean covers(CellBox box) {
    DressedCell cell = box.cell();
    if (reach == 0) {
      return cell.place().equals(place);
    }
    if (reach == 1) {
      return cell.part().equals(part);
    }
    boolean family = part.name().family().isPresent() && reach == 2;
    return !family || cell.part().name().family().equals(part.name().family());
  }
}
