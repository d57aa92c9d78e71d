package app.finish.core.layout.font;

import java.util.List;

/// Sets texts in scripts that the shipped fonts lack or that have to be shaped: Arabic, Hebrew,
/// Devanagari, Thai, Chinese, Japanese, Korean and others. A text goes in as it is read, and comes
/// out as it is seen: letters joined, and in the order that the Unicode Bidirectional Algorithm
/// (UAX #9) gives them.
///
/// ```java
/// OtherScripts scripts = new SystemScripts();
/// scripts.width("المسافرون", Face.other(false, false)); // at 1 pt
/// ```
public interface OtherScripts {
  /// No font besides those that are shipped.
  OtherScripts NONE =
      new OtherScripts() {
        @Override
        public boolean covers(int codePoint) {
          return false;
        }

        @Override
        public double width(String text, Face face) {
          return 0;
        }

        @Override
        public List<DrawnLetter> letters(String text, Face face) {
          return List.of();
        }
      };

  /// Whether a font at hand has a character.
  boolean covers(int codePoint);

  /// How wide a text is at 1 pt.
  double width(String text, Face face);

  /// Its letters at 1 pt as they are seen, from the left.
  List<DrawnLetter> letters(String text, Face face);

  /// A letter, or several that are drawn as one.
  ///
  /// @param text what it stands for, as it is read
  /// @param width how far the next one stands from it
  /// @param outline its outline, from the beginning of its baseline
  record DrawnLetter(String text, double width, Outline outline) {}
}
