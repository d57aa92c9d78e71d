package app.finish.core.document;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.TitlePattern;
import app.finish.core.note.Lettering;
import app.finish.core.note.Wording;
import app.finish.core.style.PartName;
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
    Words words = words(finish, arranged.table());
    return Lettering.of(arranged, words, finish.notes(), wording);
  }

  /// The person's words over those of a table. A pattern is one only in a title of the person's.
  private static Words words(Finish finish, Table table) {
    Words words = finish.wordsOver(table.words());
    return finish.words().containsKey(PartName.TITLE)
        ? words.withTitle(TitlePattern.of(words.title(), table))
        : words;
  }

  /// The title of a table as far as it is known before it is arranged.
  public static String title(Finish finish, Table table) {
    return words(finish, table).title();
  }

  /// Whether notes can be told only when the whole table is there.
  public static boolean needsWhole(Finish finish, Table table) {
    return !finish.notes().isEmpty()
        || !table.marks().byPlace().isEmpty()
        || TitlePattern.isPattern(finish.words().getOrDefault(PartName.TITLE, ""));
  }
}
