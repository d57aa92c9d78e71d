package app.finish.core;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import app.finish.core.grid.SourceFormat;
import app.finish.core.table.Axis;
import app.finish.core.table.Body;
import app.finish.core.table.Heading;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import app.finish.core.table.Marks;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Note;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.core.table.Words;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Random;

/// Tables of Marram Sound from a seed, and the grids that an analyst would paste of them.
public final class RandomTables {
  private static final String[] ROUTES = {
    "Hale–Orrin", "Orrin–Skell", "Skell–Tamsay", "Hale–Skell", "Orrin–Tamsay"
  };
  private static final String[] SEASONS = {"Winter", "Spring", "Summer", "Autumn"};
  private static final String[] YEARS = {"2023", "2024", "2025", "2026"};
  private static final Measure[] MEASURES = {
    new Measure("Passengers", MeasureKind.COUNT, "", 0),
    new Measure("Fares", MeasureKind.SUM, "", 1),
    new Measure("Running cost", MeasureKind.SUM, "", 2),
    new Measure("Cost recovery", MeasureKind.PERCENT, "%", 0)
  };

  /// How a table is written down.
  enum Form {
    COLUMNS_ONCE,
    COLUMNS_REPEATED,
    INDENTED,
    GROUPS_BEAR_TOTALS
  }

  private final Random random;
  private final Form form;
  private final boolean subtotals;
  private final boolean grandTotal;
  private final boolean totalColumn;
  private final boolean nested;
  private final int routes;
  private final int seasons;
  private final int years;
  private final int measures;
  private final boolean merged;
  private final int marked;

  public RandomTables(long seed) {
    this.random = new Random(seed * 7919 + 17);
    this.form = Form.values()[random.nextInt(4)];
    this.nested = form != Form.COLUMNS_REPEATED || random.nextBoolean();
    this.subtotals = form == Form.GROUPS_BEAR_TOTALS || random.nextInt(3) > 0;
    this.grandTotal = random.nextInt(3) > 0;
    this.routes = 2 + random.nextInt(4);
    this.seasons = 2 + random.nextInt(3);
    this.years = 1 + random.nextInt(4);
    this.measures = 1 + random.nextInt(4);
    this.totalColumn = years > 1 && random.nextInt(3) == 0;
    this.merged = random.nextBoolean();
    this.marked = random.nextInt(3);
  }

  /// A table of counts under these headings.
  public static Table counts(List<Heading> down, List<Heading> across) {
    Axis rows = Axis.of(List.of("Day"), down);
    Axis columns = Axis.of(List.of("Pier"), across);
    return new Table(
        rows,
        columns,
        List.of(new Measure("", MeasureKind.COUNT, "", 0)),
        Body.of(
            rows.leaves().size(),
            columns.leaves().size(),
            (row, column) -> Value.number(row * 10 + column, "")),
        List.of(),
        Words.NONE,
        Marks.NONE);
  }

  /// The table.
  public Table table() {
    Axis down = down();
    Axis across = across();
    List<List<Value>> rows = values(down, across);
    Words words =
        new Words(
            "Sailings by route and year",
            "in thousands",
            marked == 0
                ? List.of(Note.general("Seasons start in March."))
                : List.of(
                    Note.general("Seasons start in March."), new Note("b", "Counted by hand.")),
            "Sailing records");
    return new Table(
        down,
        across,
        List.of(MEASURES).subList(0, measures),
        Body.of(
            down.leaves().size(),
            across.leaves().size(),
            (row, column) -> rows.get(row).get(column)),
        List.of(),
        words,
        marked == 0
            ? Marks.NONE
            : new Marks(
                Map.of(
                    new Spot.Figure(0, 0), "b",
                    new Spot.Down(down.leaves().getLast().path().size() - 1, rows.size() - 1), "b",
                    new Spot.Across(1, measures - 1), "b")));
  }

  private Axis down() {
    List<Heading> headings = new ArrayList<>();
    for (int route = 0; route < routes; route++) {
      List<Heading> children = new ArrayList<>();
      for (int season = 0; season < seasons; season++) {
        children.add(Heading.member(SEASONS[season]));
      }
      if (nested && subtotals) {
        if (form == Form.GROUPS_BEAR_TOTALS) {
          children.addFirst(Heading.subtotal(ROUTES[route]));
        } else if (form == Form.INDENTED) {
          children.add(Heading.subtotal("All seasons"));
        } else {
          children.add(Heading.subtotal(ROUTES[route] + " total"));
        }
      }
      headings.add(
          nested
              ? Heading.group(ROUTES[route], children.toArray(Heading[]::new))
              : Heading.member(ROUTES[route]));
    }
    if (grandTotal) {
      headings.add(Heading.grandTotal("Grand total"));
    }
    boolean oneColumn = form == Form.INDENTED || form == Form.GROUPS_BEAR_TOTALS;
    return Axis.of(
        !nested
            ? List.of("Route")
            : oneColumn ? List.of("Route and season", "") : List.of("Route", "Season"),
        headings);
  }

  private Axis across() {
    List<Heading> headings = new ArrayList<>();
    for (int year = 0; year < years + (totalColumn ? 1 : 0); year++) {
      List<Heading> children = new ArrayList<>();
      for (int m = 0; m < measures; m++) {
        children.add(new Heading(MEASURES[m].name(), Role.MEMBER, OptionalInt.of(m), List.of()));
      }
      headings.add(
          year == years
              ? Heading.grandTotal("Total", children.toArray(Heading[]::new))
              : Heading.group(YEARS[year], children.toArray(Heading[]::new)));
    }
    return Axis.of(List.of("", ""), headings);
  }

  /// Figures of members are drawn; totals are their sums, and ratios are drawn anew.
  private List<List<Value>> values(Axis down, Axis across) {
    int width = years * measures;
    int members = (int) down.leaves().stream().filter(leaf -> leaf.role() == Role.MEMBER).count();
    BigDecimal[][] drawn = new BigDecimal[members][width];
    for (BigDecimal[] row : drawn) {
      for (int i = 0; i < width; i++) {
        row[i] = draw(MEASURES[i % measures]);
      }
    }
    List<List<Value>> rows = new ArrayList<>();
    int member = 0;
    for (Leaf leaf : down.leaves()) {
      int group = leaf.path().size() > 1 ? groupOf(down, leaf) : 0;
      int from =
          leaf.role() == Role.GRAND_TOTAL
              ? 0
              : leaf.role() == Role.SUBTOTAL ? group * seasons : member;
      int to =
          leaf.role() == Role.GRAND_TOTAL
              ? members
              : leaf.role() == Role.SUBTOTAL ? from + seasons : member + 1;
      member += leaf.role() == Role.MEMBER ? 1 : 0;
      BigDecimal[] sums = new BigDecimal[width];
      for (int i = 0; i < width; i++) {
        sums[i] = BigDecimal.ZERO;
        for (int m = from; m < to; m++) {
          sums[i] = sums[i].add(drawn[m][i]);
        }
        boolean ratio = MEASURES[i % measures].kind() == MeasureKind.PERCENT;
        sums[i] = ratio && to > from + 1 ? draw(MEASURES[i % measures]) : sums[i];
      }
      rows.add(row(sums));
    }
    return rows;
  }

  private static int groupOf(Axis down, Leaf leaf) {
    return down.headings().indexOf(leaf.path().getFirst());
  }

  private List<Value> row(BigDecimal[] sums) {
    List<Value> row = new ArrayList<>();
    for (int i = 0; i < sums.length; i++) {
      row.add(value(sums[i], MEASURES[i % measures]));
    }
    if (totalColumn) {
      for (int m = 0; m < measures; m++) {
        BigDecimal sum = BigDecimal.ZERO;
        for (int year = 0; year < years; year++) {
          sum = sum.add(sums[year * measures + m]);
        }
        row.add(
            value(
                MEASURES[m].kind() == MeasureKind.PERCENT ? draw(MEASURES[m]) : sum, MEASURES[m]));
      }
    }
    return row;
  }

  private BigDecimal draw(Measure measure) {
    double figure =
        measure.kind() == MeasureKind.PERCENT
            ? 40 + random.nextDouble() * 120
            : 20 + random.nextDouble() * 4000;
    return BigDecimal.valueOf(figure).setScale(measure.decimals(), RoundingMode.HALF_UP);
  }

  private static Value value(BigDecimal figure, Measure measure) {
    String written = String.format("%,." + measure.decimals() + "f", figure) + measure.unit();
    return Value.number(figure.doubleValue(), written);
  }

  /// The grid that an analyst would paste of the table.
  public Grid grid() {
    Table table = table();
    int stub = nested && (form == Form.COLUMNS_ONCE || form == Form.COLUMNS_REPEATED) ? 2 : 1;
    List<List<GridCell>> rows = new ArrayList<>();
    rows.add(List.of(GridCell.of("Table 4. " + table.words().title())));
    rows.add(List.of(GridCell.of("(" + table.words().units() + ")")));
    rows.add(List.of());
    addHeads(rows, table, stub);
    String open = "";
    for (Leaf leaf : table.down().leaves()) {
      String group = leaf.labels().getFirst();
      if (stub == 1 && form == Form.INDENTED && leaf.path().size() > 1 && !group.equals(open)) {
        rows.add(List.of(GridCell.of(group)));
      }
      List<GridCell> row = new ArrayList<>(stubCells(leaf, stub, group.equals(open)));
      if (marked > 0 && leaf.index() == table.body().rows() - 1) {
        int at = leaf.role() == Role.MEMBER ? stub - 1 : 0;
        row.set(at, row.get(at).withMark("b"));
      }
      open = group;
      for (int column = 0; column < table.body().columns(); column++) {
        String mark = table.marks().at(new Spot.Figure(leaf.index(), column));
        row.add(marked(GridCell.of(table.body().at(leaf.index(), column).written()), mark));
      }
      rows.add(row);
    }
    rows.add(List.of(GridCell.of("Note. " + table.words().generalNote())));
    if (marked > 0) {
      rows.add(List.of(GridCell.of("b. Counted by hand.")));
    }
    rows.add(List.of(GridCell.of("Source: " + table.words().source())));
    return Grid.of("", rows);
  }

  /// A cell with its mark: raised, or glued to the figure as plain text has it.
  private GridCell marked(GridCell cell, String mark) {
    boolean glued = marked == 2 && !cell.text().isEmpty() && !mark.isEmpty();
    return glued ? GridCell.of(cell.text() + mark) : mark.isEmpty() ? cell : cell.withMark(mark);
  }

  private void addHeads(List<List<GridCell>> rows, Table table, int stub) {
    List<GridCell> spanners = new ArrayList<>();
    List<GridCell> heads = new ArrayList<>();
    for (int column = 0; column < stub; column++) {
      spanners.add(GridCell.BLANK);
      heads.add(GridCell.of(table.down().dimensions().get(column)));
    }
    for (Heading heading : table.across().headings()) {
      GridCell spanner = GridCell.of(heading.label());
      spanners.add(merged ? spanner.spanning(1, measures) : spanner);
      for (int i = 0; i < measures; i++) {
        if (i > 0) {
          spanners.add(GridCell.BLANK);
        }
        GridCell head = GridCell.of(heading.children().get(i).label());
        boolean first = heading == table.across().headings().getFirst();
        boolean bears = marked > 0 && first && i == measures - 1;
        heads.add(bears ? head.withMark("b") : head);
      }
    }
    rows.add(spanners);
    rows.add(heads);
  }

  private List<GridCell> stubCells(Leaf leaf, int stub, boolean again) {
    List<String> labels = leaf.labels();
    String last = labels.getLast();
    if (stub == 1) {
      boolean inside = labels.size() > 1 && !leaf.isNamedAsItsGroup();
      GridCell cell = GridCell.of(last);
      return List.of(inside ? cell.with(SourceFormat.PLAIN.withIndent(1)) : cell);
    }
    if (leaf.role() != Role.MEMBER) {
      return List.of(GridCell.of(last), GridCell.BLANK);
    }
    boolean once = form == Form.COLUMNS_ONCE && again;
    return List.of(once ? GridCell.BLANK : GridCell.of(labels.getFirst()), GridCell.of(last));
  }

  @Override
  public String toString() {
    return form
        + (subtotals ? ", subtotals" : "")
        + (grandTotal ? ", grand total" : "")
        + (totalColumn ? ", total column" : "")
        + ", "
        + routes
        + " routes, "
        + seasons
        + " seasons, "
        + years
        + " years, "
        + measures
        + " measures";
  }
}
