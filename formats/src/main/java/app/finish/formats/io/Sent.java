package app.finish.formats.io;

import app.finish.core.document.Document;
import app.finish.core.layout.Paper;
import java.util.ArrayList;
import java.util.List;

/// All that is sent out at once: a document and those of its items that were picked. A writer takes
/// from each item what its format needs: values, looks or a proof.
///
/// ```java
/// for (SentItem item : sent.items()) {
///   switch (item) {
///     case SentTable table -> draw(table.proof(sent.paper()));
///     case SentChart chart -> draw(chart.page());
///   }
/// }
/// ```
///
/// @param document the whole document
/// @param items the picked items, in order
/// @param paper the paper that the person chose
/// @param form how pictures are drawn
public record Sent(Document document, List<SentItem> items, Paper paper, PictureForm form) {
  /// The same with pictures as usual.
  public Sent(Document document, List<SentItem> items, Paper paper) {
    this(document, items, paper, PictureForm.USUAL);
  }

  /// Copies the list.
  public Sent {
    items = List.copyOf(items);
  }

  /// The same, on another paper.
  public Sent on(Paper other) {
    return new Sent(document, items, other, form);
  }

  /// The same, with pictures drawn otherwise.
  public Sent drawn(PictureForm other) {
    return new Sent(document, items, paper, other);
  }

  /// The same, with the first item alone.
  public Sent first() {
    return new Sent(document, items.subList(0, Math.min(1, items.size())), paper, form);
  }

  /// The tables among the items, in order.
  public List<SentTable> tables() {
    return items.stream().filter(SentTable.class::isInstance).map(SentTable.class::cast).toList();
  }

  /// The tables among the items, and those of charts that are sent without them.
  public List<SentTable> withTablesOfCharts() {
    List<SentTable> tables = new ArrayList<>(tables());
    for (SentItem item : items) {
      if (item instanceof SentChart chart && tables.stream().noneMatch(chart::isOf)) {
        tables.add(chart.table());
      }
    }
    return tables;
  }

  /// The charts among the items that are of a table.
  public List<SentChart> charts(SentTable table) {
    return items.stream()
        .filter(SentChart.class::isInstance)
        .map(SentChart.class::cast)
        .filter(chart -> chart.isOf(table))
        .toList();
  }
}
