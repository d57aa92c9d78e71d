package app.finish.core.document;

import app.finish.core.style.HouseStyle;
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
public record Document(List<DocumentTable> tables, List<HouseStyle> styles) {
  /// A document without tables.
  public static final Document EMPTY = new Document(List.of(), List.of());

  /// Copies the lists.
  public Document {
    tables = List.copyOf(tables);
    styles = List.copyOf(styles);
  }

  /// The same document with one more table at its end, under an id of its own.
  public Document withAdded(Source source, Finish finish) {
    List<DocumentTable> more = new ArrayList<>(tables);
    more.add(new DocumentTable(newId(), source, finish));
    return new Document(more, styles);
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
    return new Document(others, styles);
  }

  /// The same document with another source under one of its tables.
  public Document withSource(int place, Source source) {
    List<DocumentTable> others = new ArrayList<>(tables);
    others.set(
        place, new DocumentTable(tables.get(place).id(), source, tables.get(place).finish()));
    return new Document(others, styles);
  }

  /// The same document without one of its tables.
  public Document without(int place) {
    List<DocumentTable> fewer = new ArrayList<>(tables);
    fewer.remove(place);
    return new Document(fewer, styles);
  }

  /// The same document with one of its tables moved to another place.
  public Document withMoved(int from, int to) {
    List<DocumentTable> others = new ArrayList<>(tables);
    others.add(to, others.remove(from));
    return new Document(others, styles);
  }
}
