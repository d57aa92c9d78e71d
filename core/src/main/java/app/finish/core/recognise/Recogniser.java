package app.finish.core.recognise;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridPlace;
import app.finish.core.number.NumberFormat;
import app.finish.core.table.Body;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.MeasureKind.Additivity;
import app.finish.core.table.Table;
import app.finish.core.table.Words;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalInt;

/// Understands a grid as a table.
///
/// ```java
/// Grid grid = Grid.ofText("Route | Fares", "Hale–Orrin | 12.5", "Orrin–Skell | 3.5", "Total |
/// 16.0");
/// Table table = Recogniser.recognise(grid, Corrections.NONE).table();
/// table.down().leaves().getLast().role(); // GRAND_TOTAL
/// ```
public final class Recogniser {
  private final ReadGrid grid;
  private final Frame frame;
  private final LineReader.Lines rows;
  private final LineReader.Lines columns;
  private final Placed corrections;
  private final List<Evidence> evidence = new ArrayList<>();

  private Recogniser(Grid source, Placed corrections) {
    this.corrections = corrections;
    this.grid = new ReadGrid(source);
    this.frame = new FrameFinder(grid, corrections).find();
    LineReader reader = new LineReader(grid, frame, corrections);
    this.rows = reader.down();
    this.columns = reader.across();
  }

  /// The tables of a sheet, in reading order.
  public static List<Grid> split(Grid sheet) {
    return Blocks.of(sheet);
  }

  /// What a grid that holds one table means.
  ///
  /// @param grid a grid, as [#split] gives them
  /// @param corrections what a person said against what was recognised
  public static Recognition recognise(Grid grid, Corrections corrections) {
    return new Recogniser(grid, Placed.on(grid, corrections)).recognise();
  }

  /// For each row of a grid what it is called, whatever was corrected.
  public static List<RowAnchor> anchors(Grid grid) {
    Map<Integer, List<String>> paths = new HashMap<>();
    for (SourceRow row : new Recogniser(grid, Placed.NONE).recognise().rows()) {
      paths.put(row.row(), row.headings());
    }
    Map<List<String>, Integer> seen = new HashMap<>();
    List<RowAnchor> anchors = new ArrayList<>();
    for (int row = 0; row < grid.rows(); row++) {
      List<String> path = paths.getOrDefault(row, List.of());
      for (int column = 0; path.isEmpty() && column < grid.columns(); column++) {
        String text = grid.at(row, column).text().strip();
        path = text.isEmpty() ? path : List.of(text);
      }
      anchors.add(new RowAnchor(path, seen.merge(path, 1, Integer::sum) - 1));
    }
    return anchors;
  }

  private Recognition recognise() {
    WordsReader wordsReader = new WordsReader(grid, frame);
    Words words = wordsReader.read();
    evidence.addAll(wordsReader.evidence());
    evidence.addAll(frame.evidence());

    MeasureFinder finder = new MeasureFinder(grid);
    MeasureFinder.Found across = finder.find(columns.lines(), cellsOfColumns());
    MeasureFinder.Found down =
        rows.lines().size() > 5000 && rows.dimensions().size() == 1
            ? MeasureFinder.Found.NONE
            : finder.find(rows.lines(), cellsOfRows());
    down = isStubOfMeasures(down) ? down : MeasureFinder.Found.NONE;
    if (across.level() >= 0 && down.statistics() > 0.5 && across.statistics() < 0.5) {
      across = MeasureFinder.Found.NONE;
    } else if (across.level() >= 0) {
      down = MeasureFinder.Found.NONE;
    }
    List<Measure> measures = measures(finder, across, down, words);
    sayMeasures(across, "columns");
    sayMeasures(down, "rows");

    AxisReader.Built builtDown =
        new AxisReader(rows, down, adds(measures))
            .read(additiveColumns(across, measures), toldRows(), this::rowsInWords);
    AxisReader.Built builtAcross =
        new AxisReader(columns, across, adds(measures))
            .read(additiveRows(down, measures), Map.of(), this::columnsInWords);
    Body body =
        Body.of(
            rows.lines().size(),
            columns.lines().size(),
            (row, column) ->
                grid.value(rows.lines().get(row).place(), frame.valueColumns().get(column)));
    Table table =
        new Table(
            builtDown.axis(),
            builtAcross.axis(),
            measures,
            body,
            wordsReader.held(),
            words,
            new MarkPlacer(grid, frame, rows, builtDown.axis(), builtAcross.axis()).place());
    sayTotals(builtDown, builtAcross);
    return new Recognition(
        table,
        sourceRows(table),
        frame.valueColumns(),
        frame.headRows().size(),
        frame.stubColumns().size(),
        evidence,
        findings(table),
        corrections.unplaced());
  }

  private List<Finding> findings(Table table) {
    List<Finding> findings = new ArrayList<>();
    for (TotalCheck.Miss miss : new TotalCheck(table).misses()) {
      int row = rows.lines().get(miss.row()).place();
      int column = frame.valueColumns().get(miss.column());
      String place = new GridPlace(grid.grid().top() + row, grid.grid().left() + column).toString();
      String claimed = table.body().at(miss.row(), miss.column()).written();
      String found = NumberFormat.PLAIN.withDecimals(miss.decimals()).write(miss.sum(), "");
      String members =
          miss.down()
              ? rowsInWords(
                  rows.lines().get(miss.first()).place(), rows.lines().get(miss.last()).place())
              : columnsInWords(miss.first(), miss.last());
      findings.add(
          new Finding(
              place,
              claimed,
              found,
              "The total in "
                  + place
                  + " says "
                  + claimed
                  + ", but the figures that it totals, in "
                  + members
                  + ", add up to "
                  + found
                  + "."));
    }
    return findings;
  }

  /// Measures stand down the stub only where their names come again for each member.
  private boolean isStubOfMeasures(MeasureFinder.Found down) {
    if (down.level() < 0) {
      return false;
    }
    long named =
        rows.lines().stream()
            .filter(line -> down.names().contains(line.labels().get(down.level())))
            .count();
    boolean alone = rows.dimensions().size() == 1;
    return alone
        ? down.confidence() >= 0.85 && named == rows.lines().size()
        : named >= 2L * down.names().size() && down.names().size() > 1;
  }

  private List<List<int[]>> cellsOfColumns() {
    List<List<int[]>> cells = new ArrayList<>();
    for (Line line : columns.lines()) {
      List<int[]> places = new ArrayList<>();
      for (int row : frame.bodyRows()) {
        places.add(new int[] {row, frame.valueColumns().get(line.place())});
      }
      cells.add(places);
    }
    return cells;
  }

  private List<List<int[]>> cellsOfRows() {
    List<List<int[]>> cells = new ArrayList<>();
    for (Line line : rows.lines()) {
      List<int[]> places = new ArrayList<>();
      for (int column : frame.valueColumns()) {
        places.add(new int[] {line.place(), column});
      }
      cells.add(places);
    }
    return cells;
  }

  private List<Measure> measures(
      MeasureFinder finder, MeasureFinder.Found across, MeasureFinder.Found down, Words words) {
    MeasureFinder.Found found = across.level() >= 0 ? across : down;
    List<Line> lines = across.level() >= 0 ? columns.lines() : rows.lines();
    List<List<int[]>> cells = across.level() >= 0 ? cellsOfColumns() : cellsOfRows();
    List<Measure> measures = new ArrayList<>();
    for (String name : found.names()) {
      List<int[]> places = new ArrayList<>();
      for (int i = 0; i < lines.size(); i++) {
        if (lines.get(i).labels().get(found.level()).equals(name)) {
          places.addAll(cells.get(i));
        }
      }
      measures.add(finder.measure(name, places));
    }
    if (measures.isEmpty()) {
      List<int[]> places = new ArrayList<>();
      cellsOfColumns().forEach(places::addAll);
      String corner = nameInCorner();
      String name = corner.isEmpty() ? nameInTitle(words.title()) : corner;
      Measure measure = finder.measure(name, places);
      boolean matrix = isMatrix() && finder.isWithinOne(places);
      measures.add(matrix ? measure.withKind(MeasureKind.CORRELATION) : measure);
    }
    return measures;
  }

  /// Whether the columns are headed by the rows' own names, or by their numbers.
  private boolean isMatrix() {
    List<String> names = rows.lines().stream().map(Line::label).toList();
    int next = 1;
    int named = 0;
    for (Line column : columns.lines()) {
      boolean counted = column.label().equals("" + next++);
      named += counted || names.contains(column.label()) ? 1 : 0;
    }
    return named > 1 && named == columns.lines().size();
  }

  /// The one measure of a pivot that names it in the corner over the head of the stub.
  private String nameInCorner() {
    if (frame.headRows().size() < 2 || frame.stubColumns().isEmpty()) {
      return "";
    }
    int column = frame.stubColumns().getFirst();
    String corner = grid.text(frame.headRows().getFirst(), column);
    boolean headBelow = !grid.text(frame.headRows().getLast(), column).isEmpty();
    return headBelow && Vocabulary.measureKind(corner).isPresent() ? corner : "";
  }

  /// The one measure of a table whose title says "Passengers by route".
  private static String nameInTitle(String title) {
    int by = title.toLowerCase(Locale.ROOT).indexOf(" by ");
    return by > 0 && by <= 40 ? title.substring(0, by).strip() : "";
  }

  private static boolean[] adds(List<Measure> measures) {
    boolean[] adds = new boolean[measures.size()];
    for (int i = 0; i < adds.length; i++) {
      adds[i] = measures.get(i).kind().additivity() == Additivity.ADDITIVE;
    }
    return adds;
  }

  /// Which of a row's figures can be added up.
  private boolean[] additiveColumns(MeasureFinder.Found across, List<Measure> measures) {
    boolean[] additive = new boolean[columns.lines().size()];
    for (int i = 0; i < additive.length; i++) {
      int measure = measure(columns.lines().get(i), across);
      additive[i] = measure < 0 || adds(measures)[measure];
    }
    return additive;
  }

  /// Which of a column's figures, one for each row of the body, can be added up.
  private boolean[] additiveRows(MeasureFinder.Found down, List<Measure> measures) {
    boolean[] additive = new boolean[frame.bodyRows().size()];
    Arrays.fill(additive, true);
    Map<Integer, Integer> at = new HashMap<>();
    for (int i = 0; i < additive.length; i++) {
      at.put(frame.bodyRows().get(i), i);
    }
    for (Line line : rows.lines()) {
      int measure = measure(line, down);
      additive[at.get(line.place())] = measure < 0 || adds(measures)[measure];
    }
    return additive;
  }

  private static int measure(Line line, MeasureFinder.Found found) {
    return found.level() < 0 ? -1 : found.names().indexOf(line.labels().get(found.level()));
  }

  private Map<Integer, Role> toldRows() {
    Map<Integer, Role> told = new HashMap<>();
    corrections
        .rows()
        .forEach(
            (row, role) -> {
              switch (role) {
                case BODY -> told.put(row, Role.MEMBER);
                case SUBTOTAL -> told.put(row, Role.SUBTOTAL);
                case GRAND_TOTAL -> told.put(row, Role.GRAND_TOTAL);
                case GROUP, NOTE, LEFT_OUT -> {}
              }
            });
    return told;
  }

  private String rowsInWords(int from, int to) {
    return Places.rows(grid.grid(), from, to);
  }

  private String columnsInWords(int from, int to) {
    return Places.columns(
        grid.grid(), frame.valueColumns().get(from), frame.valueColumns().get(to));
  }

  private void sayMeasures(MeasureFinder.Found found, String lines) {
    if (found.level() >= 0) {
      evidence.add(
          new Evidence(
              "level " + (found.level() + 1) + " of the " + lines,
              "measures",
              found.because(),
              round(found.confidence())));
    }
  }

  private void sayTotals(AxisReader.Built down, AxisReader.Built across) {
    for (Map.Entry<Integer, List<String>> group : rows.groupRows().entrySet()) {
      boolean told = corrections.rows().containsKey(group.getKey());
      evidence.add(
          new Evidence(
              Places.row(grid.grid(), group.getKey()),
              "groupRow",
              List.of(told ? "you said so" : "it has a label and no figures"),
              told ? 1 : 0.85));
    }
    corrections
        .rows()
        .forEach(
            (row, role) -> {
              if (role == RowRole.BODY) {
                evidence.add(
                    new Evidence(Places.row(grid.grid(), row), "body", List.of("you said so"), 1));
              }
            });
    down.totals()
        .forEach(
            (line, total) ->
                evidence.add(
                    say(Places.row(grid.grid(), rows.lines().get(line).place()), "Row", total)));
    across
        .totals()
        .forEach(
            (line, total) ->
                evidence.add(
                    say(
                        Places.column(grid.grid(), frame.valueColumns().get(line)),
                        "Column",
                        total)));
  }

  private static Evidence say(String place, String side, Total total) {
    String part = total.role() == Role.GRAND_TOTAL ? "grandTotal" : "subtotal";
    return new Evidence(place, part + side, total.because(), round(total.confidence()));
  }

  private static double round(double confidence) {
    return Math.round(confidence * 100) / 100.0;
  }

  private List<SourceRow> sourceRows(Table table) {
    List<SourceRow> all = new ArrayList<>();
    rows.groupRows()
        .forEach(
            (row, labels) ->
                all.add(
                    new SourceRow(
                        row, RowRole.GROUP, labels.size(), filled(labels), OptionalInt.empty())));
    for (Leaf leaf : table.down().leaves()) {
      RowRole role =
          switch (leaf.role()) {
            case MEMBER -> RowRole.BODY;
            case SUBTOTAL -> RowRole.SUBTOTAL;
            case GRAND_TOTAL -> RowRole.GRAND_TOTAL;
          };
      int row = rows.lines().get(leaf.index()).place();
      all.add(new SourceRow(row, role, leaf.level(), headings(leaf), OptionalInt.of(leaf.index())));
    }
    all.sort(Comparator.comparingInt(SourceRow::row));
    return all;
  }

  private static List<String> filled(List<String> labels) {
    return labels.stream().filter(label -> !label.isEmpty()).toList();
  }

  /// The labels of a leaf. A total that names its group stands for the group's label too.
  static List<String> headings(Leaf leaf) {
    List<String> labels = new ArrayList<>();
    for (int i = 0; i < leaf.path().size(); i++) {
      String label = leaf.path().get(i).label();
      boolean total = leaf.path().get(i).role() != Role.MEMBER;
      if (total && !labels.isEmpty() && label.contains(labels.getLast())) {
        labels.removeLast();
      }
      labels.add(label);
    }
    return filled(labels);
  }
}
