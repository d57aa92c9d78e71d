package app.finish.desktop.model;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.layout.sheet.Scroll;
import app.finish.core.style.Property;
import java.util.Optional;

/// Looks in words.
public final class LooksInWords {
  private LooksInWords() {}

  /// The dressed cell in a place.
  public static Optional<DressedCell> cell(Scroll scroll, CellMeaning place) {
    return scroll.cellOf(place);
  }

  /// A setting as it is told in a sentence.
  public static String words(Property property, String setting) {
    return switch (property) {
      case INK -> setting.equals("ink") ? "ink" : "in " + setting;
      case FILL -> "on " + setting;
      case RULE_ABOVE -> "rule above " + setting;
      case RULE_BELOW -> "rule below " + setting;
      default -> setting;
    };
  }
}
