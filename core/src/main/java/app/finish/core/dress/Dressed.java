package app.finish.core.dress;

import app.finish.core.dress.DressedRow.Band;
import app.finish.core.style.Look;
import app.finish.core.style.colour.Palette;
import app.finish.core.words.Language;
import java.util.List;

/// A table with its looks: rows from the number above it to the source line below it.
///
/// @param style the name of the style
/// @param language what the words around the table are in
/// @param palette the colours of the style
/// @param root the look of the table itself
/// @param rows the rows from top to bottom
/// @param bands where the bands begin among the rows
/// @param stubColumns how many of the columns are the stub
/// @param columns how many columns there are in all
/// @param measures for each column the place of its measure, so that columns of one measure can be
///   set alike; −1 for the stub or where the rows name the measures
public record Dressed(
    String style,
    Language language,
    Palette palette,
    Look root,
    List<DressedRow> rows,
    Bands bands,
    int stubColumns,
    int columns,
    List<Integer> measures) {
  /// Where bands begin.
  ///
  /// @param firstHead the first row of the heads
  /// @param firstBody the first row of the body
  /// @param end the row behind the last of the body
  public record Bands(int firstHead, int firstBody, int end) {}

  /// Copies the lists, but for rows that are dressed when they are asked for.
  public Dressed {
    rows = rows instanceof RowsOnDemand ? rows : List.copyOf(rows);
    measures = List.copyOf(measures);
  }

  /// The rows of one band.
  public List<DressedRow> band(Band band) {
    return rows.stream().filter(row -> row.band() == band).toList();
  }
}
