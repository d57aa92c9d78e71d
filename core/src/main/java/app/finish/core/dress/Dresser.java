package app.finish.core.dress;

import app.finish.core.dress.DressedRow.Band;
import app.finish.core.style.Cascade;
import app.finish.core.style.Look;
import app.finish.core.style.Part;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.table.Leaf;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Puts a style on a table.
///
/// ```java
/// Dressed dressed = Dresser.dress(table, book.cascade("APA 7"), 2);
/// ```
public final class Dresser {
  private Dresser() {}

  /// The table in this style.
  ///
  /// @param number its number in the document, from 1
  public static Dressed dress(Table table, Cascade cascade, int number) {
    Look root = cascade.look(List.of(Selector.of(PartName.TABLE)));
    boolean indented = root.setting(Property.STUB_FORM).equals("indented");
    int stub = indented ? 1 : table.down().depth();
    List<Leaf> across = table.across().leaves();
    HeadDresser heads = new HeadDresser(table, cascade, stub, indented);
    List<DressedRow> rows = new ArrayList<>();
    WordDresser words = new WordDresser(table, cascade, stub + across.size(), number);
    rows.addAll(words.above());
    int firstHead = rows.size();
    rows.addAll(heads.rows());
    int firstBody = rows.size();
    rows.addAll(new BodyDresser(table, cascade, stub, indented).rows());
    int end = rows.size();
    rows.addAll(words.below());
    addEdges(rows, cascade, firstHead, firstBody, end);
    List<Integer> measures = new ArrayList<>();
    for (int column = 0; column < stub + across.size(); column++) {
      measures.add(column < stub ? -1 : across.get(column - stub).measure().orElse(-1));
    }
    return new Dressed(
        cascade.style().name(),
        cascade.palette(),
        root,
        rows,
        stub,
        stub + across.size(),
        measures);
  }

  private static void addEdges(
      List<DressedRow> rows, Cascade cascade, int firstHead, int firstBody, int end) {
    boolean hasHeads = firstBody > firstHead;
    if (hasHeads) {
      above(rows, firstHead, edge(cascade, PartName.HEADS, Property.RULE_ABOVE));
      below(rows, firstBody - 1, edge(cascade, PartName.HEADS, Property.RULE_BELOW));
    }
    if (end > firstHead) {
      above(rows, firstHead, edge(cascade, PartName.TABLE, Property.RULE_ABOVE));
      below(rows, end - 1, edge(cascade, PartName.TABLE, Property.RULE_BELOW));
    }
    if (end > firstBody) {
      above(rows, firstBody, edge(cascade, PartName.BODY, Property.RULE_ABOVE));
      below(rows, end - 1, edge(cascade, PartName.BODY, Property.RULE_BELOW));
    }
  }

  private static void above(List<DressedRow> rows, int at, Edge edge) {
    DressedRow row = rows.get(at);
    rows.set(at, row.withEdges(row.above().orHeavier(edge), row.below()));
  }

  private static void below(List<DressedRow> rows, int at, Edge edge) {
    DressedRow row = rows.get(at);
    rows.set(at, row.withEdges(row.above(), row.below().orHeavier(edge)));
  }

  private static Edge edge(Cascade cascade, PartName family, Property property) {
    return cascade
        .edge(family, property)
        .map(set -> new Edge(set.getKey(), Optional.of(set.getValue())))
        .orElse(Edge.NONE);
  }

  static DressedRow row(Band band, Part part, List<DressedCell> cells, boolean keepsWithNext) {
    return new DressedRow(band, part, Edge.NONE, Edge.NONE, cells, keepsWithNext);
  }

  static List<Run> runs(String text, Look look) {
    return List.of(new Run(text, look.bold(), look.italic()));
  }

  /// A text with the mark of a footnote behind it: letters and digits raised, stars on the line.
  static List<Run> runs(String text, String mark, Look look) {
    if (mark.isEmpty()) {
      return runs(text, look);
    }
    return isRaised(mark)
        ? List.of(
            new Run(text, look.bold(), look.italic()), Run.raised(mark, look.bold(), look.italic()))
        : runs(text + mark, look);
  }

  static boolean isRaised(String mark) {
    return Character.isLetterOrDigit(mark.charAt(0));
  }

  /// Adds the selectors of a part: its family, itself, itself at its level.
  static void addPart(List<Selector> selectors, Part part) {
    part.name().family().ifPresent(family -> addOnce(selectors, Selector.of(family)));
    addOnce(selectors, Selector.of(part.name()));
    if (part.level() > 0) {
      selectors.add(new Selector.OfPart(part.name(), part.level()));
    }
  }

  private static void addOnce(List<Selector> selectors, Selector selector) {
    if (!selectors.contains(selector)) {
      selectors.add(selector);
    }
  }

  /// The selectors of a part of the table, beginning with the table.
  static List<Selector> selectors(Part... parts) {
    List<Selector> selectors = new ArrayList<>();
    selectors.add(Selector.of(PartName.TABLE));
    for (Part part : parts) {
      addPart(selectors, part);
    }
    return selectors;
  }
}
