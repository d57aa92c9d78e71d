package app.finish.desktop;

import app.finish.core.arrange.Arranged;
import app.finish.core.document.DocumentTable;
import app.finish.core.document.Finish;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.Naming;
import app.finish.core.layout.Scroll;
import app.finish.core.recognise.Recognition;
import app.finish.core.table.Table;
import java.util.List;

/// A table as it is shown: its recognition, its arrangement and its sheet.
///
/// @param table the table of the document
/// @param number its number
/// @param finish the finish that it is shown in
/// @param recognition what was recognised
/// @param arranged the table in its arrangement
/// @param scroll how it looks, laid out as it comes in sight
/// @param deciding the labels that lead to the rows that decide how wide the columns are, for a
///     long table
/// @param naming the labels by which touches know its places
record Shown(
    DocumentTable table,
    int number,
    Finish finish,
    Recognition recognition,
    Arranged arranged,
    Scroll scroll,
    List<List<String>> deciding,
    Naming naming) {
  private static final int LONG = 2000;

  /// Whether it has so many rows that what is in sight of it is worth looking for first.
  boolean isLong() {
    return isLong(arranged.table());
  }

  /// Whether a table has so many rows.
  static boolean isLong(Table table) {
    return table.body().rows() > LONG;
  }

  Dressed dressed() {
    return scroll.dressed();
  }
}
