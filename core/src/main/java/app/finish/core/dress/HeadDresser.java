package app.finish.core.dress;

import app.finish.core.arrange.place.Side;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.style.Cascade;
import app.finish.core.style.Look;
import app.finish.core.style.Part;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.table.Heading;
import app.finish.core.table.Leaf;
import app.finish.core.table.Measure;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.words.Markup;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/// Dresses the heads: the head of the stub, spanners and column heads.
public final class HeadDresser {
  private final Table table;
  private final Cascade cascade;
  private final int stub;
  private final boolean indented;
  private final int depth;
  private final CellLayer laid;
  private final GridLines lines;

  HeadDresser(Table table, Cascade cascade, int stub, boolean indented, CellLayer laid) {
    this.table = table;
    this.cascade = cascade;
    this.stub = stub;
    this.indented = indented;
    this.laid = laid;
    this.lines = new GridLines(cascade);
    this.depth = table.across().depth();
  }

  List<DressedRow> rows() {
    List<List<DressedCell>> rows = new ArrayList<>();
    for (int level = 0; level < depth; level++) {
      rows.add(new ArrayList<>());
    }
    List<Selector> stubSelectors = PartSelectors.of(Part.of(PartName.STUB_HEAD));
    Look ownLook = cascade.look(stubSelectors);
    for (int column = 0; column < stub; column++) {
      Look stubLook = lines.at(ownLook, stubSelectors, new Ends(column, 1, 0, depth));
      rows.getFirst()
          .add(
              new DressedCell(
                  column,
                  1,
                  depth,
                  stubHead(column, stubLook),
                  0,
                  Part.of(PartName.STUB_HEAD),
                  stubLook,
                  new CellMeaning.StubHead(column)));
    }
    int leaf = 0;
    for (Heading heading : table.across().headings()) {
      leaf = add(rows, heading, 0, leaf);
    }
    List<DressedRow> dressed = new ArrayList<>();
    for (int level = 0; level < depth; level++) {
      PartName part = level == depth - 1 ? PartName.COLUMN_HEAD : PartName.SPANNER;
      dressed.add(DressedRow.of(Band.HEAD, Part.of(part), List.copyOf(rows.get(level)), true));
    }
    return dressed;
  }

  private List<Run> stubHead(int column, Look look) {
    List<String> names = table.down().dimensions();
    List<String> typed = new ArrayList<>();
    for (int level = 0; level < names.size(); level++) {
      String own = table.marks().typed(new Spot.StubHead(level));
      typed.add(own.isEmpty() ? Markup.escaped(names.get(level)) : own);
    }
    String mark = table.marks().at(new Spot.StubHead(column));
    String plain = indented ? joined(names) : column < names.size() ? names.get(column) : "";
    String rich = indented ? joined(typed) : column < names.size() ? typed.get(column) : "";
    return Markup.isMarked(rich) ? Run.rich(rich, plain, mark, look) : Run.of(plain, mark, look);
  }

  private static String joined(List<String> names) {
    List<String> given = names.stream().filter(name -> !name.isEmpty()).toList();
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < given.size(); i++) {
      String name = given.get(i);
      boolean plain = name.length() > 1 && Character.isLowerCase(name.charAt(1));
      String joined =
          i > 0 && plain ? name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1) : name;
      text.append(i == 0 ? "" : i == given.size() - 1 ? " and " : ", ").append(joined);
    }
    return text.toString();
  }

  private int add(List<List<DressedCell>> rows, Heading heading, int level, int leaf) {
    int next = leaf;
    if (heading.isLeaf()) {
      rows.get(level).add(head(heading, level, leaf, leaf, PartName.COLUMN_HEAD));
      return leaf + 1;
    }
    for (Heading child : heading.children()) {
      next = add(rows, child, level + 1, next);
    }
    rows.get(level).add(head(heading, level, leaf, next - 1, PartName.SPANNER));
    return next;
  }

  private List<Run> named(Heading heading, int first, Spot spot, Look look) {
    String label = label(heading, first);
    String typed = table.marks().typed(spot);
    String mark = table.marks().at(spot);
    return typed.isEmpty()
        ? Run.of(PartSelectors.pieces(label, heading, table), mark, look)
        : Run.rich(typed, label, mark, look);
  }

  private DressedCell head(Heading heading, int level, int first, int last, PartName name) {
    Part part = new Part(name, name == PartName.SPANNER ? level + 1 : 0);
    List<Selector> selectors = PartSelectors.of(part);
    selectors.addAll(laid.onHeading(Side.ACROSS, first, level));
    int rowSpan = heading.isLeaf() ? depth - level : 1;
    Ends ends = new Ends(stub + first, last - first + 1, level, rowSpan);
    Look look = lines.at(cascade.look(selectors), selectors, ends);
    return new DressedCell(
        stub + first,
        last - first + 1,
        rowSpan,
        named(heading, first, new Spot.Across(level, first), look),
        0,
        part,
        look,
        new CellMeaning.Head(level, first, last));
  }

  /// Where a head stands among the heads.
  private final class Ends implements GridLines.Ends {
    private final int column;
    private final int span;
    private final int level;
    private final int rows;

    private Ends(int column, int span, int level, int rows) {
      this.column = column;
      this.span = span;
      this.level = level;
      this.rows = rows;
    }

    @Override
    public boolean hasRowAbove() {
      return level > 0;
    }

    @Override
    public boolean hasColumnLeft() {
      return column > 0;
    }

    @Override
    public boolean at(Selector selector, Property side) {
      int next = column + span;
      return switch (side) {
        case RULE_LEFT ->
            selector instanceof Selector.OfPlace place
                ? column == stub || !isOn(place, column - 1)
                : column == 0;
        case RULE_RIGHT ->
            selector instanceof Selector.OfPlace place
                ? next == stub + columns() || !isOn(place, next)
                : next == stub + columns();
        case RULE_ABOVE ->
            selector instanceof Selector.OfPlace(List<String> _, List<String> across, boolean _)
                && level == across.size() - 1;
        case RULE_BELOW ->
            selector instanceof Selector.OfPlace && level + rows == depth && columnsEmpty();
        default -> false;
      };
    }

    private int columns() {
      return table.across().leaves().size();
    }

    private boolean columnsEmpty() {
      return table.down().leaves().isEmpty();
    }

    private boolean isOn(Selector.OfPlace place, int other) {
      return other < stub + columns()
          && laid.onHeading(Side.ACROSS, other - stub, level).contains(place);
    }
  }

  /// The label of a heading, with the unit of its measure if the style puts units in the heads.
  private String label(Heading heading, int first) {
    if (heading.measure().isEmpty()) {
      return heading.label();
    }
    Leaf leaf = table.across().leaves().get(first);
    Measure measure = table.measures().get(leaf.measure().orElseThrow());
    Look look = cascade.look(PartSelectors.ofMeasure(measure));
    boolean named =
        measure.unit().isEmpty()
            || heading.label().contains(measure.unit())
            || look.numbers().unitInCell();
    if (named) {
      return heading.label();
    }
    return heading.label()
        + (measure.unit().equals("%") ? ",\u00A0%" : "\u00A0(" + measure.unit() + ")");
  }
}
