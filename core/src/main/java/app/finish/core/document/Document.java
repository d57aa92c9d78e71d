package app.finish.core.document;

import app.finish.core.style.HouseStyle;
import app.finish.core.style.colour.Palette;
import java.util.ArrayList;
import java.util.List;

/// An ordered list of tables, with the house styles of the document's own.
///
/// ```java
/// Document document = Document.EMPTY.withAdded(table).withFinish("t1", finish);
/// ```
///
/// @param tables the tables in order; a table's number is its place
/// @param styles styles made in this document; shipped ones are not among them
/// @param palette the palette that re-inks all styles and highlights; no roles for their own
/// @param wear which styles new tables wear
public record Document(
    List<DocumentTable> tables, List<HouseStyle> styles, Palette palette, Wear wear) {
  /// A document without tables.
  public static final Document EMPTY = new Document(List.of(), List.of());

  /// A document in the palettes of its styles, whose new tables wear what all new tables do.
  public Document(List<DocumentTable> tables, List<HouseStyle> styles) {
    this(tables, styles, Palette.NONE, Wear.NONE);
  }

  /// Copies the lists.
  public Document {
    tables = List.copyOf(tables);
    styles = List.copyOf(styles);
  }

  /// The same document with one more table at its end, under an id of its own.
  public Document withAdded(Source source, Finish finish) {
    List<DocumentTable> more = new ArrayList<>(tables);
    more.add(new DocumentTable(newId(), source, finish));
    return new Document(more, styles, palette, wear);
  }

  private String newId() {
    int next = 1;
    for (DocumentTable table : tables) {
      String digits = table.id().replaceAll("[^0-9]", "");
      next = Math.max(next, digits.isEmpty() ? 1 : Integer.parseInt(digits) + 1);
    }
    return "t" + next;
  }

  /// The same document with another finish on one of its tables.
  ///
  /// @throws IndexOutOfBoundsException if there is no such table
  public Document withFinish(int place, Finish finish) {
    List<DocumentTable> others = new ArrayList<>(tables);
    others.set(place, tables.get(place).withFinish(finish));
    return new Document(others, styles, palette, wear);
  }

  /// The same document with another source under one of its tables.
  public Document withSource(int place, Source source) {
    List<DocumentTable> others = new ArrayList<>(tables);
    others.set(
        place, new DocumentTable(tables.get(place).id(), source, tables.get(place).finish()));
    return new Document(others, styles, palette, wear);
  }

  /// The same document without one of its tables.
  public Document without(int place) {
    List<DocumentTable> fewer = new ArrayList<>(tables);
    fewer.remove(place);
    return new Document(fewer, styles, palette, wear);
  }

  /// The same document with one of its tables moved to another place.
  public Document withMoved(int from, int to) {
    List<DocumentTable> others = new ArrayList<>(tables);
    others.add(to, others.remove(from));
    return new Document(others, styles, palette, wear);
  }

  /// The same document with a style more, or one of that name replaced.
  public Document withStyle(HouseStyle style) {
    List<HouseStyle> all = new ArrayList<>(styles);
    all.removeIf(one -> one.name().equals(style.name()));
    all.add(style);
    return new Document(tables, all, palette, wear);
  }

  /// The same document without a style; tables that wear it wear another.
  public Document withoutStyle(String name, String instead) {
    List<HouseStyle> fewer = new ArrayList<>(styles);
    fewer.removeIf(one -> one.name().equals(name));
    List<DocumentTable> others = new ArrayList<>();
    for (DocumentTable table : tables) {
      Finish finish = table.finish();
      others.add(finish.style().equals(name) ? table.withFinish(finish.withStyle(instead)) : table);
    }
    return new Document(others, fewer, palette, wear);
  }

  /// The same document in other inks.
  public Document withPalette(Palette other) {
    return new Document(tables, styles, other, wear);
  }

  /// The same document, whose new tables wear other styles.
  public Document withWear(Wear other) {
    return new Document(tables, styles, palette, other);
  }
}
