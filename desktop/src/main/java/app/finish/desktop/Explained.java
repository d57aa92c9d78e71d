package app.finish.desktop;

import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.Place;
import app.finish.core.layout.Proof;
import app.finish.core.style.Property;
import java.util.Optional;

/// Looks in words.
final class Explained {
  private Explained() {}

  /// The dressed cell in a place.
  static Optional<DressedCell> cell(Proof proof, Place place) {
    for (DressedRow row : proof.dressed().rows()) {
      for (DressedCell cell : row.cells()) {
        if (cell.place().equals(place)) {
          return Optional.of(cell);
        }
      }
    }
    return Optional.empty();
  }

  /// A setting as it is told in a sentence.
  static String words(Property property, String setting) {
    return switch (property) {
      case INK -> setting.equals("ink") ? "ink" : "in " + setting;
      case FILL -> "on " + setting;
      case RULE_ABOVE -> "rule above " + setting;
      case RULE_BELOW -> "rule below " + setting;
      default -> setting;
    };
  }
}
