package app.finish.core.document;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.TitlePattern;
import app.finish.core.note.Lettering;
import app.finish.core.table.Table;
import app.finish.core.table.Words;

/// An arranged table with all its words: those of the source, the person's own over them, titles
/// that follow the dimensions, notes with their signs.
///
/// ```java
/// Table table = Worded.of(arranged, finish, document.wording()).table();
/// ```
public final class Worded {
  private Worded() {}

  /// The table, and where its notes are from.
  ///
  /// @param wording what is said once for all tables of its document
  public static Lettering.Lettered of(Arranged arranged, Finish finish, Wording wording) {
    Words words = finish.wordsOver(arranged.table().words());
    return Lettering.of(
        arranged,
        titled(words, arranged.table()),
        finish.notes(),
        new Lettering.Said(wording.levels(), wording.glossary()));
  }

  /// The words with a title that is no pattern.
  private static Words titled(Words words, Table table) {
    String title = words.title();
    return words.withTitle(TitlePattern.of(title, table));
  }

  /// The title of a table as far as it is known before it is arranged.
  public static String title(Finish finish, Table table) {
    return TitlePattern.of(finish.wordsOver(table.words()).title(), table);
  }

  /// Whether notes can be told only when the whole table is there.
  public static boolean needsWhole(Finish finish, Table table) {
    return !finish.notes().isEmpty()
        || !table.marks().byPlace().isEmpty()
        || TitlePattern.isPattern(finish.wordsOver(table.words()).title());
  }
}
