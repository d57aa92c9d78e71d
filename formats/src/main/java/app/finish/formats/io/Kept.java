package app.finish.formats.io;

import java.util.EnumSet;
import java.util.Set;

/// What of a table a file of a format still has, so that a person knows before sending. A test
/// changes each of these in a table and looks whether the file changes.
///
/// ```java
/// new MarkdownWriter().keeps().contains(Kept.FILLS); // false
/// ```
public enum Kept {
  /// The values behind what is shown.
  EXACT_FIGURES("exact figures"),
  /// The texts as they are shown.
  SHOWN_FIGURES("figures as shown"),
  /// The title above.
  TITLE("title"),
  /// The notes below.
  NOTES("notes"),
  /// What the table shows, for those who can't see it.
  DESCRIPTION("description"),
  /// Italic, bold, raised and lowered words.
  RICH_WORDS("italic and bold words"),
  /// The faces by name.
  FACES("faces"),
  /// The sizes of letters.
  SIZES("sizes"),
  /// The colours of letters.
  INKS("inks"),
  /// The colours behind them.
  FILLS("fills"),
  /// Drawn lines.
  RULES("rules"),
  /// Where in its cell a text stands.
  ALIGNMENT("alignment"),
  /// How wide columns are.
  WIDTHS("widths of columns"),
  /// Bars and signs by value.
  MARKS("marks by value"),
  /// Charts of tables.
  CHARTS("charts");

  private final String label;

  Kept(String label) {
    this.label = label;
  }

  /// The name for people.
  public String label() {
    return label;
  }

  /// All but these.
  public static Set<Kept> allBut(Kept... some) {
    Set<Kept> kept = EnumSet.allOf(Kept.class);
    kept.removeAll(Set.of(some));
    return kept;
  }
}
