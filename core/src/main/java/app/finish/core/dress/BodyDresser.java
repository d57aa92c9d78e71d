package app.finish.core.dress;

import app.finish.core.arrange.place.Side;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.style.Cascade;
import app.finish.core.style.Look;
import app.finish.core.style.Part;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.RuleLine;
import app.finish.core.style.Selector;
import app.finish.core.table.Heading;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import app.finish.core.table.Measure;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;

/// Dresses the body: group rows, row headings and figures.
public final class BodyDresser {
  private final Table table;
  private final Cascade cascade;
  private final int stub;
  private final boolean indented;
  private final List<List<Selector>> columnSelectors = new ArrayList<>();
  private final Map<List<Selector>, Made[]> looksOfRow = new ConcurrentHashMap<>();
  private final RowPlan plan;
  private final CellLayer laid;
  private final TotalRules standing;
  private final GridLines lines;
  private final BodyEnds ends;

  /// The look of a column in rows of one kind, and the selectors that make it.
  private record Made(List<Selector> selectors, Look look) {}

  BodyDresser(
      Table table, Cascade cascade, int stub, boolean indented, RowPlan plan, CellLayer laid) {
    this.table = table;
    this.cascade = cascade;
    this.stub = stub;
    this.indented = indented;
    this.plan = plan;
    this.laid = laid;
    this.standing = new TotalRules(table.down(), cascade);
    this.lines = new GridLines(cascade);
    this.ends = new BodyEnds(table, plan, laid, lines, stub);
    Banding banding = Banding.of(cascade, new Selector.AlternateColumns());
    int counted = 0;
    List<Heading> group = List.of();
    for (Leaf leaf : table.across().leaves()) {
      List<Selector> selectors = new ArrayList<>();
      List<Heading> groups = leaf.path().subList(0, leaf.path().size() - 1);
      boolean counts = leaf.role() == Role.MEMBER || banding.totals();
      counted = banding.anew() && !same(group, groups) ? 0 : counted;
      counted += counts ? 1 : 0;
      group = groups;
      if (counts && banding.tints(counted)) {
        selectors.add(new Selector.AlternateColumns());
      }
      switch (leaf.role()) {
        case MEMBER -> {}
        case SUBTOTAL ->
            PartSelectors.add(selectors, new Part(PartName.SUBTOTAL_COLUMN, leaf.level()));
        case GRAND_TOTAL -> PartSelectors.add(selectors, Part.of(PartName.GRAND_TOTAL_COLUMN));
      }
      columnSelectors.add(selectors);
    }
  }

  private static boolean same(List<Heading> one, List<Heading> other) {
    return one.size() == other.size()
        && IntStream.range(0, one.size()).allMatch(i -> one.get(i) == other.get(i));
  }

  int size() {
    return plan.size();
  }

  /// One row of the body.
  DressedRow row(int row) {
    Leaf leaf = table.down().leaves().get(plan.leaf(row));
    OptionalInt level = plan.groupLevel(row);
    return level.isPresent()
        ? groupRow(
            leaf.path().subList(0, leaf.path().size() - 1), level.getAsInt(), leaf.index(), row)
        : row(leaf, plan.isAlternate(row), row);
  }

  private DressedRow groupRow(List<Heading> groups, int level, int leaf, int row) {
    Part part = new Part(PartName.GROUP_ROW, level + 1);
    List<Selector> selectors = PartSelectors.of(Part.of(PartName.STUB), part);
    selectors.addAll(laid.onHeading(Side.DOWN, leaf, level));
    int columns = stub + table.across().leaves().size();
    Look look = lines.at(cascade.look(selectors), selectors, ends.of(row, 0, columns, row, level));
    if (row > 0 && !look.betweenRows().isDrawn()) {
      look = withLineAbove(look, lines.betweenFigures());
    }
    DressedCell cell =
        new DressedCell(
            0,
            stub + table.across().leaves().size(),
            1,
            group(groups.get(level).label(), new Spot.Down(level, leaf), look),
            depthOf(groups.subList(0, level)),
            part,
            look,
            new CellMeaning.Stub(level, leaf));
    return DressedRow.of(Band.BODY, part, List.of(cell), true);
  }

  private Look withLineAbove(Look look, RuleLine line) {
    return line.isDrawn()
        ? lines.ruled(
            look,
            look.ruleAbove().orHeavier(line),
            look.ruleBelow(),
            look.ruleLeft(),
            look.ruleRight())
        : look;
  }

  private static int depthOf(List<Heading> groups) {
    return (int) groups.stream().filter(group -> !group.label().isEmpty()).count();
  }

  private Part partOf(Leaf leaf) {
    return switch (leaf.role()) {
      case MEMBER -> Part.of(PartName.BODY);
      case SUBTOTAL -> new Part(PartName.SUBTOTAL_ROW, leaf.level());
      case GRAND_TOTAL -> Part.of(PartName.GRAND_TOTAL_ROW);
    };
  }

  private DressedRow row(Leaf leaf, boolean alternate, int row) {
    Part part = partOf(leaf);
    List<Selector> rowSelectors = new ArrayList<>();
    if (leaf.role() != Role.MEMBER) {
      PartSelectors.add(rowSelectors, part);
    }
    if (alternate) {
      rowSelectors.add(new Selector.Alternate());
    }
    List<DressedCell> cells = new ArrayList<>(stub + columnSelectors.size());
    addStub(cells, leaf, part, rowSelectors, row);
    Made[] looks =
        looksOfRow.computeIfAbsent(
            withMeasure(rowSelectors, leaf), key -> new Made[columnSelectors.size()]);
    for (int column = 0; column < columnSelectors.size(); column++) {
      if (looks[column] == null) {
        List<Selector> selectors = selectors(leaf, column, rowSelectors);
        looks[column] = new Made(selectors, cascade.look(selectors));
      }
      cells.add(figure(leaf, column, part, touched(leaf, column, looks[column], row)));
    }
    return standing.edged(DressedRow.of(Band.BODY, part, cells, false), leaf);
  }

  private Look touched(Leaf leaf, int column, Made made, int row) {
    List<Selector> touches = laid.onFigure(leaf.index(), column);
    GridLines.Ends end = ends.of(row, stub + column, 1, row, -1);
    if (touches.isEmpty()) {
      return unparted(leaf, lines.at(made.look, made.selectors, end));
    }
    List<Selector> selectors = new ArrayList<>(made.selectors);
    selectors.addAll(touches);
    return unparted(leaf, lines.at(cascade.look(selectors), selectors, end));
  }

  /// The look without the rule that would part a subtotal from the group below it.
  private Look unparted(Leaf leaf, Look look) {
    return look.ruleBelow().isDrawn() && ends.totalsBelow(leaf)
        ? lines.ruled(look, look.ruleAbove(), RuleLine.NONE, look.ruleLeft(), look.ruleRight())
        : look;
  }

  private static List<Selector> withMeasure(List<Selector> selectors, Leaf leaf) {
    List<Selector> key = new ArrayList<>(selectors);
    leaf.measure().ifPresent(measure -> key.add(new Selector.OfMeasure("" + measure)));
    return key;
  }

  private List<Selector> selectors(Leaf leaf, int column, List<Selector> rowSelectors) {
    List<Selector> selectors = PartSelectors.of(Part.of(PartName.BODY));
    selectors.addAll(columnSelectors.get(column));
    rowSelectors.stream().filter(selector -> !selectors.contains(selector)).forEach(selectors::add);
    Measure measure = table.measureAt(leaf.index(), column);
    selectors.add(new Selector.OfKind(measure.kind()));
    selectors.add(new Selector.OfMeasure(measure.name()));
    return selectors;
  }

  private DressedCell figure(Leaf leaf, int column, Part rowPart, Look look) {
    Value value = table.body().at(leaf.index(), column);
    Leaf across = table.across().leaves().get(column);
    Part part = rowPart;
    if (rowPart.name() == PartName.BODY && across.role() == Role.SUBTOTAL) {
      part = new Part(PartName.SUBTOTAL_COLUMN, across.level());
    } else if (rowPart.name() == PartName.BODY && across.role() == Role.GRAND_TOTAL) {
      part = Part.of(PartName.GRAND_TOTAL_COLUMN);
    }
    String text =
        switch (value) {
          case Value.Numeric number ->
              FigureText.of(
                  number,
                  table.measureAt(leaf.index(), column),
                  look,
                  across.measure().isPresent());
          case Value.Text own -> FigureText.of(own, table.measureAt(leaf.index(), column), look);
          case Value.Missing missing ->
              missing.reason() == Value.Reason.BLANK && isOfSome(leaf, column, look)
                  ? ""
                  : look.setting(Property.MISSING);
        };
    return new DressedCell(
        stub + column,
        1,
        1,
        Run.of(
            look.marked() ? CellSigns.marked(text, look) : text,
            table.marks().at(new Spot.Figure(leaf.index(), column)),
            look),
        0,
        part,
        look,
        new CellMeaning.Body(leaf.index(), column));
  }

  /// Whether a figure that the source left blank is one that not every row has: the *F* of an
  /// error, the mean square of a total. Such a place stays blank, unless the style says what stands
  /// there for just such figures.
  private boolean isOfSome(Leaf leaf, int column, Look look) {
    Measure measure = table.measureAt(leaf.index(), column);
    boolean some =
        switch (measure.kind()) {
          case P, TEST, FREEDOM, CORRELATION, INTERVAL -> true;
          case STATISTIC -> measure.name().matches("(?i)ms|mean squares?|mean sq");
          default -> false;
        };
    return some
        && look.origin(Property.MISSING)
            .map(origin -> origin.selector().equals(Selector.of(PartName.TABLE)))
            .orElse(true);
  }

  private void addStub(
      List<DressedCell> cells, Leaf leaf, Part part, List<Selector> rowSelectors, int row) {
    if (!indented) {
      addStubColumns(cells, leaf, part, rowSelectors, row);
      return;
    }
    List<Heading> path = leaf.path();
    int groups = depthOf(path.subList(0, path.size() - 1));
    int indent = leaf.isNamedAsItsGroup() ? groups - 1 : groups;
    cells.add(
        stubCell(
            0,
            1,
            1,
            path.getLast().label(),
            indent,
            path.size() - 1,
            leaf,
            part,
            rowSelectors,
            row));
  }

  private DressedCell stubCell(
      int column,
      int columnSpan,
      int rowSpan,
      String label,
      int indent,
      int level,
      Leaf leaf,
      Part rowPart,
      List<Selector> rowSelectors,
      int row) {
    Part part = rowPart.name() == PartName.BODY ? new Part(PartName.STUB, level + 1) : rowPart;
    List<Selector> selectors = PartSelectors.of(new Part(PartName.STUB, level + 1));
    selectors.addAll(rowSelectors);
    selectors.addAll(laid.onHeading(Side.DOWN, leaf.index(), level));
    GridLines.Ends end = ends.of(row, column, columnSpan, row + rowSpan - 1, level);
    Look look = unparted(leaf, lines.at(cascade.look(selectors), selectors, end));
    return new DressedCell(
        column,
        columnSpan,
        rowSpan,
        named(label, level, leaf, look),
        indent,
        part,
        look,
        new CellMeaning.Stub(level, leaf.index()));
  }

  private List<Run> group(String label, Spot spot, Look look) {
    String typed = table.marks().typed(spot);
    String mark = table.marks().at(spot);
    return typed.isEmpty() ? Run.of(label, mark, look) : Run.rich(typed, label, mark, look);
  }

  private List<Run> named(String label, int level, Leaf leaf, Look look) {
    String mark = label.isEmpty() ? "" : mark(level, leaf);
    String typed = label.isEmpty() ? "" : table.marks().typed(new Spot.Down(level, leaf.index()));
    return typed.isEmpty()
        ? Run.of(PartSelectors.pieces(label, leaf.path().get(level), table), mark, look)
        : Run.rich(typed, label, mark, look);
  }

  /// The mark of a row heading; a total named as its group bears that of the group.
  private String mark(int level, Leaf leaf) {
    String own = table.marks().at(new Spot.Down(level, leaf.index()));
    return own.isEmpty() && leaf.isNamedAsItsGroup()
        ? table.marks().at(new Spot.Down(level - 1, leaf.index()))
        : own;
  }

  /// A stub column a level: a label is written once, beside the first of its rows.
  private void addStubColumns(
      List<DressedCell> cells, Leaf leaf, Part part, List<Selector> rowSelectors, int row) {
    List<Heading> path = leaf.path();
    List<Leaf> leaves = table.down().leaves();
    int shown = plan.firstShown(leaf);
    for (int level = 0; level < path.size(); level++) {
      boolean last = level == path.size() - 1;
      if (last) {
        int span = stub - level;
        String label = leaf.isNamedAsItsGroup() ? "" : path.get(level).label();
        cells.add(stubCell(level, span, 1, label, 0, level, leaf, part, rowSelectors, row));
        return;
      }
      if (level >= shown) {
        int rows = 1;
        while (leaf.index() + rows < leaves.size()
            && leaves.get(leaf.index() + rows).path().size() > level
            && leaves.get(leaf.index() + rows).path().get(level) == path.get(level)) {
          rows++;
        }
        cells.add(
            stubCell(
                level,
                1,
                rows,
                path.get(level).label(),
                0,
                level,
                leaf,
                Part.of(PartName.BODY),
                List.of(),
                row));
      }
    }
  }
}
