package app.finish.core.document;

import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.move.Move;
import app.finish.core.chart.Chart;
import app.finish.core.note.Wording;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.colour.Palette;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/// An ordered list of items, tables and charts of them, with the house styles of the document's
/// own.
///
/// ```java
/// Document document = Document.EMPTY.withAdded(table).withFinish("t1", finish);
/// ```
///
/// @param items what it holds in order; a table's number is its place among the tables
/// @param styles styles made in this document; shipped ones are not among them
/// @param palette the palette that re-inks all styles and highlights; no roles for their own
/// @param wear which styles new tables wear
/// @param wording what is said once for all tables
/// @param board how the items lie on a board
public record Document(
    List<Item> items,
    List<HouseStyle> styles,
    Palette palette,
    Wear wear,
    Wording wording,
    BoardPlan board) {
  /// A document without items.
  public static final Document EMPTY = new Document(List.of(), List.of());

  /// A document in the palettes of its styles, whose new tables wear what all new tables do.
  public Document(List<? extends Item> items, List<HouseStyle> styles) {
    this(List.copyOf(items), styles, Palette.NONE, Wear.NONE, Wording.USUAL, BoardPlan.EMPTY);
  }

  /// The same document with other items, in another order or fewer of them.
  public Document withItems(List<Item> others) {
    return new Document(others, styles, palette, wear, wording, board);
  }

  /// The same document with its items lying otherwise on a board.
  public Document withBoard(BoardPlan other) {
    return new Document(items, styles, palette, wear, wording, other);
  }

  /// Copies the lists.
  public Document {
    items = List.copyOf(items);
    styles = List.copyOf(styles);
  }

  /// The tables among the items, in order.
  public List<DocumentTable> tables() {
    return items.stream()
        .filter(DocumentTable.class::isInstance)
        .map(DocumentTable.class::cast)
        .toList();
  }

  /// The places of the tables among the items.
  public List<Integer> tablePlaces() {
    return IntStream.range(0, items.size())
        .filter(i -> items.get(i) instanceof DocumentTable)
        .boxed()
        .toList();
  }

  /// The table in a place among the items, or that of the chart there.
  ///
  /// @throws IndexOutOfBoundsException if there is no such place
  public DocumentTable table(int index) {
    return (DocumentTable) items.get(tablePlace(index));
  }

  /// The place of the table that an item is, or is drawn of.
  ///
  /// @throws IndexOutOfBoundsException if there is no such place
  public int tablePlace(int index) {
    return switch (items.get(index)) {
      case DocumentTable _ -> index;
      case DocumentChart chart -> indexOf(chart.table());
    };
  }

  /// The places of the charts of the table in a place.
  public List<Integer> chartPlaces(int index) {
    String id = items.get(index).id();
    return IntStream.range(0, items.size())
        .filter(i -> items.get(i) instanceof DocumentChart chart && chart.table().equals(id))
        .boxed()
        .toList();
  }

  /// The number under which readers find the item in a place, from 1: items of a kind are counted.
  public int number(int index) {
    Item.Kind kind = items.get(index).kind();
    return (int) items.subList(0, index + 1).stream().filter(item -> item.kind() == kind).count();
  }

  /// The number of the item in a place as it is written: "3", "A3", "2.1".
  public String numeral(int index) {
    if (!wording.countsByChapter()) {
      return wording.numeral(1, number(index));
    }
    Item.Kind kind = items.get(index).kind();
    int chapter = 1;
    int place = 0;
    for (int i = 0; i <= index; i++) {
      Item item = items.get(i);
      if (i > 0 && wording.chapters().contains(item.id())) {
        chapter++;
        place = 0;
      }
      place += item.kind() == kind ? 1 : 0;
    }
    return wording.numeral(chapter, place);
  }

  /// The place of the item with this id, or −1.
  public int indexOf(String id) {
    for (int index = 0; index < items.size(); index++) {
      if (items.get(index).id().equals(id)) {
        return index;
      }
    }
    return -1;
  }

  /// The same document with one more table at its end, under an id of its own.
  public Document withAdded(Source source, Finish finish) {
    List<Item> more = new ArrayList<>(items);
    more.add(new DocumentTable(newId(), source, finish));
    return new Document(more, styles, palette, wear, wording, board);
  }

  /// The same document with a chart of the table in a place, after that table and the charts that
  /// follow it.
  public Document withAdded(Chart chart, int index) {
    List<Item> more = new ArrayList<>(items);
    more.add(newChartPlace(index), new DocumentChart(newId(), table(index).id(), chart));
    return new Document(more, styles, palette, wear, wording, board);
  }

  /// The place that a new chart of a table gets.
  public int newChartPlace(int index) {
    int after = index + 1;
    while (after < items.size()
        && items.get(after) instanceof DocumentChart other
        && other.table().equals(items.get(index).id())) {
      after++;
    }
    return after;
  }

  /// The same document with what a chart draws changed.
  ///
  /// @throws IndexOutOfBoundsException if there is no chart in that place
  public Document withChart(int index, Chart chart) {
    if (!(items.get(index) instanceof DocumentChart before)) {
      throw new IndexOutOfBoundsException(index);
    }
    List<Item> others = new ArrayList<>(items);
    others.set(index, before.withChart(chart));
    return new Document(others, styles, palette, wear, wording, board);
  }

  private String newId() {
    int next = 1;
    for (Item item : items) {
      String digits = item.id().replaceAll("[^0-9]", "");
      next = Math.max(next, digits.isEmpty() ? 1 : Integer.parseInt(digits) + 1);
    }
    return "t" + next;
  }

  /// The same document with another finish on one of its tables.
  ///
  /// @throws IndexOutOfBoundsException if there is no such table
  public Document withFinish(int index, Finish finish) {
    List<Item> others = new ArrayList<>(items);
    others.set(tablePlace(index), table(index).withFinish(finish));
    return new Document(others, styles, palette, wear, wording, board);
  }

  /// The same document with another source under one of its tables.
  public Document withSource(int index, Source source) {
    List<Item> others = new ArrayList<>(items);
    others.set(
        tablePlace(index), new DocumentTable(table(index).id(), source, table(index).finish()));
    return new Document(others, styles, palette, wear, wording, board);
  }

  /// The same document without one of its items; a table takes its charts along.
  public Document without(int index) {
    List<Item> fewer = new ArrayList<>(items);
    String id = fewer.remove(index).id();
    fewer.removeIf(item -> item instanceof DocumentChart chart && chart.table().equals(id));
    return new Document(fewer, styles, palette, wear, wording, board);
  }

  /// The same document with one of its items moved to another place.
  public Document withMoved(int from, int to) {
    List<Item> others = new ArrayList<>(items);
    others.add(to, others.remove(from));
    return new Document(others, styles, palette, wear, wording, board);
  }

  /// The same document with a style more, or one of that name replaced.
  public Document withStyle(HouseStyle style) {
    List<HouseStyle> all = new ArrayList<>(styles);
    all.removeIf(one -> one.name().equals(style.name()));
    all.add(style);
    return new Document(items, all, palette, wear, wording, board);
  }

  /// The same document without a style; tables that wear it wear another.
  public Document withoutStyle(String name, String instead) {
    List<HouseStyle> fewer = new ArrayList<>(styles);
    fewer.removeIf(one -> one.name().equals(name));
    List<Item> others = new ArrayList<>();
    for (Item item : items) {
      others.add(
          switch (item) {
            case DocumentTable table ->
                table.finish().style().equals(name)
                    ? table.withFinish(table.finish().withStyle(instead))
                    : table;
            case DocumentChart chart -> chart;
          });
    }
    return new Document(others, fewer, palette, wear, wording, board);
  }

  /// The same document in other inks.
  public Document withPalette(Palette other) {
    return new Document(items, styles, other, wear, wording, board);
  }

  /// The same document, whose new tables wear other styles.
  public Document withWear(Wear other) {
    return new Document(items, styles, palette, other, wording, board);
  }

  /// The same document with other things said for all its tables. Stars made of probabilities
  /// follow the levels.
  public Document withWording(Wording other) {
    if (other.levels().equals(wording.levels())) {
      return new Document(items, styles, palette, wear, other, board);
    }
    List<Item> others = new ArrayList<>();
    for (Item item : items) {
      others.add(
          switch (item) {
            case DocumentTable table -> table.withFinish(atLevels(table.finish(), other.levels()));
            case DocumentChart chart -> chart;
          });
    }
    return new Document(others, styles, palette, wear, other, board);
  }

  private static Finish atLevels(Finish finish, List<Double> levels) {
    Arrangement arrangement = finish.arrangement();
    for (int i = 0; i < arrangement.entries().size(); i++) {
      Move move = arrangement.entries().get(i).move();
      if (move.atLevels(levels) != move) {
        arrangement = arrangement.withReplaced(i, move.atLevels(levels));
      }
    }
    return finish.withArrangement(arrangement);
  }
}
