package app.finish.core.recognise;

import app.finish.core.grid.Grid;
import app.finish.core.recognise.axis.AxisReader;
import app.finish.core.recognise.axis.Blanks;
import app.finish.core.recognise.axis.LineReasons;
import app.finish.core.recognise.axis.MarkPlacer;
import app.finish.core.recognise.found.Anchors;
import app.finish.core.recognise.found.Evidence;
import app.finish.core.recognise.found.FigureCount;
import app.finish.core.recognise.found.PlaceNames;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.recognise.found.SourceRow;
import app.finish.core.recognise.line.DimensionNames;
import app.finish.core.recognise.line.HeadReader;
import app.finish.core.recognise.line.Line;
import app.finish.core.recognise.line.LineReader;
import app.finish.core.recognise.line.Lines;
import app.finish.core.recognise.measure.MeasureFinder;
import app.finish.core.recognise.measure.MeasureReader;
import app.finish.core.recognise.said.Anchor;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.recognise.said.LineRole;
import app.finish.core.recognise.sheet.Blocks;
import app.finish.core.recognise.sheet.Frame;
import app.finish.core.recognise.sheet.FrameFinder;
import app.finish.core.recognise.sheet.PlacedCorrections;
import app.finish.core.recognise.sheet.ReadGrid;
import app.finish.core.recognise.sheet.WordsReader;
import app.finish.core.recognise.words.Vocabulary;
import app.finish.core.table.Body;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind.Additivity;
import app.finish.core.table.Table;
import app.finish.core.table.Words;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

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
  private final Lines rows;
  private final Lines columns;
  private final PlacedCorrections corrections;
  private final Optional<Evidence> repeated;
  private final List<Evidence> evidence = new ArrayList<>();

  private Recogniser(Grid source, PlacedCorrections corrections) {
    this.corrections = corrections;
    this.grid = new ReadGrid(source, corrections.brackets());
    this.frame = new FrameFinder(grid, corrections).find();
    LineReader reader = new LineReader(grid, frame, corrections);
    Lines down = reader.down();
    Lines across = new HeadReader(grid, frame, corrections.names()).read();
    this.rows = DimensionNames.ofCorner(down);
    this.columns = DimensionNames.underCorner(across, down);
    this.repeated = reader.evidence();
  }

  /// The tables of a sheet, in reading order.
  public static List<Grid> split(Grid sheet) {
    return Blocks.of(sheet);
  }

  /// What a grid that holds one table means.
  ///
  /// @param grid a grid, as [#split] gives them
  /// @param corrections what a person said against what was recognised
  /// @throws java.util.concurrent.CancellationException if its thread is interrupted
  public static Recognition recognise(Grid grid, Corrections corrections) {
    return new Recogniser(grid, PlacedCorrections.on(corrections, () -> plainAnchors(grid)))
        .recognise();
  }

  /// What the rows and columns of a grid are called if nothing is corrected.
  static Anchors plainAnchors(Grid grid) {
    return new Recogniser(grid, PlacedCorrections.NONE).recognise().anchors();
  }

  private Recognition recognise() {
    WordsReader wordsReader = new WordsReader(grid, frame);
    Words words = wordsReader.read();
    evidence.addAll(wordsReader.evidence());
    evidence.addAll(frame.evidence());
    repeated.ifPresent(evidence::add);

    MeasureReader.Read read =
        new MeasureReader(grid, frame, rows, columns, corrections).read(words.title());
    MeasureFinder.Found across = read.across();
    MeasureFinder.Found down = read.down();
    List<Measure> measures = read.measures();
    evidence.addAll(read.evidence());

    AxisReader.Built builtDown =
        new AxisReader(rows, down, adds(measures), read.ofRows(), false)
            .read(additiveColumns(across, measures), toldRows(), saysRounded(), this::rowsInWords);
    AxisReader.Built builtAcross =
        new AxisReader(columns, across, adds(measures), List.of(), true)
            .read(
                additiveRows(down, measures),
                told(toldColumns()),
                saysRounded(),
                this::columnsInWords);
    Blanks blanks = new Blanks(grid, frame, rows, corrections.blanks());
    Body body = Body.of(rows.lines().size(), columns.lines().size(), blanks::value);
    blanks.evidence().ifPresent(evidence::add);
    MarkPlacer marks =
        new MarkPlacer(grid, frame, rows, builtDown.axis(), builtAcross.axis(), words);
    Table table =
        new Table(
            builtDown.axis(),
            builtAcross.axis(),
            measures,
            body,
            wordsReader.held(),
            words,
            marks.place());
    evidence.addAll(marks.evidence());
    evidence.addAll(
        new LineReasons(grid, frame, rows, columns, corrections)
            .of(builtDown.totals(), builtAcross.totals()));
    List<SourceRow> sourceRows = sourceRows(table);
    FigureCount figures = new FigureCounter(grid, frame, rows, corrections).count(body);
    return new Recognition(
        table,
        sourceRows,
        frame.valueColumns(),
        frame.headRows().size(),
        frame.stubColumns().size(),
        corrections
            .anchors()
            .orElseGet(() -> Anchors.of(grid.grid(), sourceRows, table, frame.valueColumns())),
        evidence,
        figures,
        saysRounded(),
        covers(table),
        unplaced(measures));
  }

  private List<Anchor> unplaced(List<Measure> measures) {
    List<Anchor> unplaced = new ArrayList<>(corrections.unplaced());
    Set<String> said = new LinkedHashSet<>(corrections.measures().keySet());
    said.addAll(corrections.seconds().keySet());
    for (String name : said) {
      if (measures.stream().noneMatch(measure -> measure.name().equals(name))) {
        unplaced.add(new Anchor(List.of(name), 0));
      }
    }
    return unplaced;
  }

  /// Whether words around the table say that figures are rounded.
  private boolean saysRounded() {
    List<Integer> words = new ArrayList<>(frame.wordRows());
    words.addAll(frame.noteRows());
    return words.stream()
        .map(row -> grid.text(row, Math.max(0, grid.firstFilled(row))))
        .anyMatch(Vocabulary::saysRounded);
  }

  /// For each leaf down that a person said what it totals, the leaves that it does.
  private Map<Integer, List<Integer>> covers(Table table) {
    Map<Integer, Integer> leaves = new HashMap<>();
    for (Leaf leaf : table.down().leaves()) {
      leaves.put(rows.lines().get(leaf.index()).index(), leaf.index());
    }
    Map<Integer, List<Integer>> covers = new HashMap<>();
    corrections
        .covers()
        .forEach(
            (total, members) ->
                covers.put(
                    leaves.getOrDefault(total, -1),
                    members.stream().map(leaves::get).filter(Objects::nonNull).toList()));
    return covers;
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
      int leaf = Objects.requireNonNull(at.get(line.index()));
      additive[leaf] = measure < 0 || adds(measures)[measure];
    }
    return additive;
  }

  private static int measure(Line line, MeasureFinder.Found found) {
    return found.level() < 0 ? -1 : found.names().indexOf(line.labels().get(found.level()));
  }

  private static Map<Integer, Role> told(Map<Integer, LineRole> said) {
    Map<Integer, Role> told = new HashMap<>();
    said.forEach(
        (line, role) -> {
          switch (role) {
            case BODY -> told.put(line, Role.MEMBER);
            case SUBTOTAL -> told.put(line, Role.SUBTOTAL);
            case GRAND_TOTAL -> told.put(line, Role.GRAND_TOTAL);
            case GROUP, NOTE, LEFT_OUT -> {}
          }
        });
    return told;
  }

  /// What was said of rows; those of a panel are no totals.
  private Map<Integer, Role> toldRows() {
    Map<Integer, Role> told = new HashMap<>();
    if (frame.panel()) {
      frame.bodyRows().forEach(row -> told.put(row, Role.MEMBER));
    }
    told.putAll(told(corrections.rows()));
    return told;
  }

  /// What was said of columns, by their index among those that hold figures.
  private Map<Integer, LineRole> toldColumns() {
    Map<Integer, LineRole> told = new HashMap<>();
    corrections
        .columns()
        .forEach(
            (column, role) -> {
              int index = frame.valueColumns().indexOf(column);
              if (index >= 0) {
                told.put(index, role);
              }
            });
    return told;
  }

  private String rowsInWords(int from, int to) {
    return PlaceNames.rows(grid.grid(), from, to);
  }

  private String columnsInWords(int from, int to) {
    return PlaceNames.columns(
        grid.grid(), frame.valueColumns().get(from), frame.valueColumns().get(to));
  }

  private List<SourceRow> sourceRows(Table table) {
    List<SourceRow> all = new ArrayList<>();
    rows.groupRows()
        .forEach(
            (row, labels) ->
                all.add(
                    new SourceRow(
                        row, LineRole.GROUP, labels.size(), filled(labels), OptionalInt.empty())));
    List<String> above = List.of();
    for (Leaf leaf : table.down().leaves()) {
      LineRole role =
          switch (leaf.role()) {
            case MEMBER -> LineRole.BODY;
            case SUBTOTAL -> LineRole.SUBTOTAL;
            case GRAND_TOTAL -> LineRole.GRAND_TOTAL;
          };
      int row = rows.lines().get(leaf.index()).index();
      List<String> own = Anchors.headings(leaf);
      boolean under = own.isEmpty() && leaf.measure().isPresent();
      above = under ? above : own;
      all.add(new SourceRow(row, role, leaf.level(), above, OptionalInt.of(leaf.index())));
    }
    all.sort(Comparator.comparingInt(SourceRow::row));
    return all;
  }

  private static List<String> filled(List<String> labels) {
    return labels.stream().filter(label -> !label.isEmpty()).toList();
  }
}
