package app.finish.desktop.model;

import app.finish.core.arrange.Arranged;
import app.finish.core.check.Finding;
import app.finish.core.document.DocumentTable;
import app.finish.core.document.Finish;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.SourceLabels;
import app.finish.core.layout.sheet.Scroll;
import app.finish.core.note.Lettering;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.table.Table;
import java.util.List;

/// A table as it is shown: its recognition, its arrangement and its sheet.
///
/// @param table the table of the document
/// @param number its number
/// @param finish the finish that it is shown in
/// @param recognition what was recognised
/// @param findings what does not hold of it
/// @param arranged the table in its arrangement
/// @param scroll how it looks, laid out as it comes in sight
/// @param naming the labels by which touches know its places
/// @param worded the table with all its words and the signs of its notes
public record Shown(
    DocumentTable table,
    int number,
    Finish finish,
    Recognition recognition,
    List<Finding> findings,
    Arranged arranged,
    Scroll scroll,
    SourceLabels naming,
    Lettering.Lettered worded) {
  private static final int LONG_FROM = 2000;

  /// Whether a table has so many rows or columns that what is in sight of it is worth looking for
  /// first.
  static boolean isLong(Table table) {
    return Math.max(table.body().rows(), table.body().columns()) > LONG_FROM;
  }

  /// Labels as one reads them.
  public static String path(List<String> path) {
    return String.join(", ", path.stream().filter(label -> !label.isEmpty()).toList());
  }

  public Dressed dressed() {
    return scroll.dressed();
  }
}
