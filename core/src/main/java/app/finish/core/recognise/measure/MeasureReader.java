package app.finish.core.recognise.measure;

import app.finish.core.recognise.found.Evidence;
import app.finish.core.recognise.found.PlaceNames;
import app.finish.core.recognise.line.Line;
import app.finish.core.recognise.line.Lines;
import app.finish.core.recognise.said.BracketMeaning;
import app.finish.core.recognise.said.LineRole;
import app.finish.core.recognise.sheet.Brackets;
import app.finish.core.recognise.sheet.Cells;
import app.finish.core.recognise.sheet.Frame;
import app.finish.core.recognise.sheet.PlacedCorrections;
import app.finish.core.recognise.sheet.ReadGrid;
import app.finish.core.recognise.words.Company;
import app.finish.core.recognise.words.PairedCells;
import app.finish.core.recognise.words.Statistics;
import app.finish.core.recognise.words.Vocabulary;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Finds what the figures of a table measure: which level of labels names the measures, on which
/// side, and of which kind each is.
public final class MeasureReader {
  private static final int MANY_LINES = 5000;
  private static final Pattern PERCENT =
      Pattern.compile(
          ".*\\((in |as )?(%|per ?cent|percentages?)\\).*|.*, (in )?(%|per ?cent)",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern SECOND = Pattern.compile(".*±\\s*([\\p{L}.]+)");

  /// @param across the level of the columns' labels that names measures
  /// @param down the level of the rows' labels that does; at most one of both does
  /// @param measures the measures, in the order of their names
  /// @param ofRows for each row its measure where no level names them but the rows differ; else
  ///   empty @param evidence why
  public record Read(
      MeasureFinder.Found across,
      MeasureFinder.Found down,
      List<Measure> measures,
      List<Integer> ofRows,
      List<Evidence> evidence) {}

  private final ReadGrid grid;
  private final Frame frame;
  private final Lines rows;
  private final Lines columns;
  private final PlacedCorrections corrections;
  private final MeasureFinder finder;
  private final List<Evidence> evidence = new ArrayList<>();

  public MeasureReader(
      ReadGrid grid, Frame frame, Lines rows, Lines columns, PlacedCorrections corrections) {
    this.grid = grid;
    this.frame = frame;
    this.rows = rows;
    this.columns = columns;
    this.corrections = corrections;
    this.finder = new MeasureFinder(grid);
  }

  /// The measures.
  ///
  /// @param title the table's title, which may name its one measure
  public Read read(String title) {
    sayBrackets();
    if (grid.brackets().under() && grid.brackets().meaning() == BracketMeaning.FIGURE) {
      return underEachOther();
    }
    MeasureFinder.Found across =
        finder.find(columns.lines(), cellsOfColumns(), true, toldMembers());
    MeasureFinder.Found down =
        rows.lines().size() > MANY_LINES && rows.dimensions().size() == 1
            ? MeasureFinder.Found.NONE
            : finder.find(rows.lines(), cellsOfRows(), false, Set.of());
    down = isStubOfMeasures(down) ? down : MeasureFinder.Found.NONE;
    if (across.level() >= 0 && down.statistics() > 0.5 && across.statistics() < 0.5) {
      across = MeasureFinder.Found.NONE;
    } else if (across.level() >= 0) {
      down = MeasureFinder.Found.NONE;
    }
    if (across.level() >= 0 && isMatrix() && finder.isWithinOne(cellsOfColumns())) {
      across = MeasureFinder.Found.NONE;
    }
    if (across.names().size() < 2 && down.level() < 0 && rows.lines().size() <= MANY_LINES) {
      Optional<RowMeasures.Found> found =
          new RowMeasures(grid, frame, rows.lines(), finder).find(across.level() < 0);
      if (found.isPresent()) {
        return ofRows(found.get());
      }
    }
    say(across, "columns");
    say(down, "rows");
    return new Read(across, down, measures(across, down, title), List.of(), evidence);
  }

  private Read ofRows(RowMeasures.Found found) {
    evidence.add(new Evidence("rows", "measures", List.of(found.because()), 0.75));
    List<Measure> measures = new ArrayList<>();
    for (Measure measure : found.measures()) {
      measures.add(said(measure, "measure “" + measure.name() + "”"));
    }
    return new Read(
        MeasureFinder.Found.NONE, MeasureFinder.Found.NONE, measures, found.of(), evidence);
  }

  /// The columns of which a person said that they are no totals, by their indexes among the lines.
  private Set<Integer> toldMembers() {
    Set<Integer> told = new HashSet<>();
    for (int i = 0; i < columns.lines().size(); i++) {
      int column = frame.valueColumns().get(columns.lines().get(i).index());
      if (corrections.columns().get(column) == LineRole.BODY) {
        told.add(i);
      }
    }
    return told;
  }

  private void sayBrackets() {
    Brackets brackets = grid.brackets();
    if (!brackets.because().isEmpty()) {
      boolean told = brackets.because().equals("you said so");
      evidence.add(
          new Evidence(
              "figures in brackets",
              brackets.meaning() == BracketMeaning.FIGURE
                  ? brackets.kind().orElse(MeasureKind.STATISTIC).word()
                  : brackets.meaning().toString(),
              List.of(brackets.because()),
              told ? 1 : brackets.meaning() == BracketMeaning.UNTOLD ? 0.4 : 0.85));
    }
    if (brackets.meaning() == BracketMeaning.UNTOLD && !brackets.because().isEmpty()) {
      sayUntold();
    }
  }

  /// Says of each column with figures in brackets that can't be told that it is in doubt.
  private void sayUntold() {
    for (int column : frame.valueColumns()) {
      boolean untold = frame.bodyRows().stream().anyMatch(row -> grid.isBracketed(row, column));
      if (untold) {
        evidence.add(
            new Evidence(
                PlaceNames.column(grid.grid(), column),
                BracketMeaning.UNTOLD.toString(),
                List.of("it holds figures in brackets, and nothing tells what these mean"),
                0.4));
      }
    }
  }

  /// The measures of a table whose rows of figures in brackets stand under those that they belong
  /// to: coefficients, what is in brackets, and rows whose label names a statistic.
  private Read underEachOther() {
    MeasureKind below = grid.brackets().kind().orElse(MeasureKind.ERROR);
    boolean error = below != MeasureKind.DEVIATION && below != MeasureKind.PERCENT;
    Map<String, Integer> indexes = new LinkedHashMap<>();
    List<MeasureKind> kinds = new ArrayList<>();
    List<List<Cells>> cells = new ArrayList<>();
    List<Integer> of = new ArrayList<>();
    for (int i = 0; i < rows.lines().size(); i++) {
      Line line = rows.lines().get(i);
      boolean bracketed = isBracketed(line.index());
      boolean above = i + 1 < rows.lines().size() && isBracketed(rows.lines().get(i + 1).index());
      MeasureKind upper =
          error
              ? MeasureKind.COEFFICIENT
              : below == MeasureKind.PERCENT ? MeasureKind.COUNT : MeasureKind.MEAN;
      MeasureKind kind =
          bracketed
              ? below
              : above ? upper : Statistics.kind(line.label()).orElse(MeasureKind.STATISTIC);
      String name = bracketed || above ? kind.word() : line.label();
      int index = indexes.computeIfAbsent(name, one -> indexes.size());
      if (index == kinds.size()) {
        kinds.add(kind);
        cells.add(new ArrayList<>());
      }
      cells.get(index).add(new Cells(List.of(line.index()), frame.valueColumns()));
      of.add(index);
    }
    List<Measure> measures = new ArrayList<>();
    for (Map.Entry<String, Integer> name : indexes.entrySet()) {
      Measure found =
          finder
              .measure(name.getKey(), cells.get(name.getValue()), Company.of(List.of()))
              .withKind(kinds.get(name.getValue()));
      measures.add(said(found, "measure “" + name.getKey() + "”"));
    }
    return new Read(MeasureFinder.Found.NONE, MeasureFinder.Found.NONE, measures, of, evidence);
  }

  private boolean isBracketed(int row) {
    for (int column : frame.valueColumns()) {
      if (!grid.isBlank(row, column)) {
        return grid.isBracketed(row, column);
      }
    }
    return false;
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
    if (!alone && down.level() < rows.dimensions().size() - 1 && !comesAgain(down)) {
      return false;
    }
    return alone
        ? down.confidence() >= 0.85 && named == rows.lines().size()
        : named >= 2L * down.names().size() && down.names().size() > 1;
  }

  /// Whether some labels below a level come again under another of its names, as members do that
  /// are measured in several ways.
  private boolean comesAgain(MeasureFinder.Found down) {
    Map<List<String>, String> under = new HashMap<>();
    for (Line line : rows.lines()) {
      String name = line.labels().get(down.level());
      List<String> below = line.labels().subList(down.level() + 1, line.labels().size());
      String before = under.putIfAbsent(below, name);
      boolean filled = below.stream().anyMatch(label -> !label.isEmpty());
      if (before != null && !before.equals(name) && filled && !Vocabulary.saysTotal(line.label())) {
        return true;
      }
    }
    return false;
  }

  private List<Cells> cellsOfColumns() {
    List<Cells> cells = new ArrayList<>();
    for (Line line : columns.lines()) {
      int column = frame.valueColumns().get(line.index());
      cells.add(new Cells(frame.bodyRows(), List.of(column)));
    }
    return cells;
  }

  private List<Cells> cellsOfRows() {
    List<Cells> cells = new ArrayList<>();
    for (Line line : rows.lines()) {
      cells.add(new Cells(List.of(line.index()), frame.valueColumns()));
    }
    return cells;
  }

  private List<Measure> measures(
      MeasureFinder.Found across, MeasureFinder.Found down, String title) {
    MeasureFinder.Found found = across.level() >= 0 ? across : down;
    List<Line> lines = across.level() >= 0 ? columns.lines() : rows.lines();
    List<Cells> cells = across.level() >= 0 ? cellsOfColumns() : cellsOfRows();
    List<Measure> measures = new ArrayList<>();
    Map<String, List<Cells>> byName = new HashMap<>();
    for (int i = 0; found.level() >= 0 && i < lines.size(); i++) {
      String name = lines.get(i).labels().get(found.level());
      byName.computeIfAbsent(name, one -> new ArrayList<>()).add(cells.get(i));
    }
    Company company = Company.of(found.names());
    for (String name : found.names()) {
      List<Cells> own = byName.getOrDefault(name, List.of());
      Measure measure = finder.measure(name, own, company);
      measures.add(said(paired(measure, own), "measure “" + name + "”"));
    }
    if (measures.isEmpty()) {
      measures.add(said(paired(onlyMeasure(title), cellsOfColumns()), "figures"));
    }
    return measures;
  }

  /// A measure whose cells hold figures of another in brackets behind its own, with the kinds that
  /// its name, the heads or the notes tell.
  private Measure paired(Measure measure, List<Cells> of) {
    if (!grid.hasPairs()) {
      return measure;
    }
    Optional<MeasureKind> second = corrections.seconds().get(measure.name());
    if (second != null && second.isEmpty()) {
      return measure;
    }
    int[] counts = new int[2];
    for (Cells cells : of) {
      cells.visit(
          (row, column) -> {
            counts[0] += grid.isNumber(row, column) ? 1 : 0;
            counts[1] += grid.isNumber(row, column) && grid.isPair(row, column) ? 1 : 0;
            return true;
          });
    }
    if (second == null && (counts[1] == 0 || counts[1] * 2 < counts[0])) {
      return measure;
    }
    List<String> texts = new ArrayList<>(List.of(measure.name()));
    for (Line column : columns.lines()) {
      texts.addAll(column.labels());
    }
    frame.noteRows().forEach(row -> texts.add(grid.text(row, Math.max(0, grid.firstFilled(row)))));
    frame.wordRows().forEach(row -> texts.add(grid.text(row, Math.max(0, grid.firstFilled(row)))));
    Matcher behind = SECOND.matcher(measure.name());
    MeasureKind other =
        behind.matches()
            ? Statistics.kind(behind.group(1)).orElse(MeasureKind.STATISTIC)
            : measure.name().matches(".*[(\\[].*\\bCI\\b.*")
                ? MeasureKind.INTERVAL
                : MeasureKind.STATISTIC;
    List<MeasureKind> kinds = PairedCells.kinds(texts).orElse(List.of(measure.kind(), other));
    MeasureKind last = second == null ? kinds.get(1) : second.get();
    String told = kinds.get(0).word() + ", and " + last.word() + " in brackets";
    evidence.add(
        new Evidence(
            measure.name().isEmpty() ? "figures" : "measure “" + measure.name() + "”",
            told,
            List.of(second == null ? "two figures stand in each cell" : "you said so"),
            second != null ? 1 : PairedCells.kinds(texts).isPresent() ? 0.9 : 0.5));
    return measure.withKind(kinds.get(0)).withBracketed(last).readBy(grid.reader());
  }

  private Measure onlyMeasure(String title) {
    List<Cells> cells = cellsOfColumns();
    String corner = nameInCorner();
    Measure measure =
        finder.measure(
            corner.isEmpty() ? nameInTitle(title) : corner, cells, Company.of(List.of()));
    if (measure.kind() == MeasureKind.VALUE && PERCENT.matcher(title).matches()) {
      measure = measure.withKind(MeasureKind.PERCENT);
    }
    boolean matrix = isMatrix() && finder.isWithinOne(cells);
    return matrix ? measure.withKind(MeasureKind.CORRELATION) : measure;
  }

  /// A measure as a person said it is, or as it was found, with the reasons.
  private Measure said(Measure found, String place) {
    MeasureKind told = corrections.measures().get(found.name());
    Measure measure = told == null ? found : found.withKind(told);
    List<String> because = new ArrayList<>();
    double confidence = 0.9;
    if (told != null) {
      because.add("you said so");
      confidence = 1;
    } else if (Statistics.kind(found.name()).isPresent()) {
      because.add("its name is that of a statistic");
      confidence = 0.95;
    } else if (found.unit().equals("%") && found.kind() == MeasureKind.PERCENT) {
      because.add("its figures are written with %");
    } else if (Vocabulary.measureKind(found.name()).isPresent()) {
      because.add("the words of its name");
      confidence = 0.85;
    } else if (found.kind() == MeasureKind.CORRELATION) {
      because.add("the columns are headed by the rows, and no figure passes 1");
    } else if (found.kind() != MeasureKind.VALUE) {
      because.add(
          found.unit().isEmpty()
              ? "the words around the table"
              : "its figures are written with " + found.unit());
    } else {
      because.add("nothing tells of which kind its figures are");
      confidence = 0.75;
    }
    evidence.add(new Evidence(place, measure.kind().word(), because, confidence));
    return measure;
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
    if (by < 0) {
      String bare = title.replaceFirst("\\s*[(,].*", "").strip();
      boolean whole = bare.length() <= 40 && Vocabulary.measureKind(bare).isPresent();
      return whole && bare.split(" ").length <= 3 ? bare : "";
    }
    return by > 0 && by <= 40 ? title.substring(0, by).replaceFirst("[,;:]\\s*$", "").strip() : "";
  }

  private void say(MeasureFinder.Found found, String lines) {
    if (found.level() >= 0) {
      evidence.add(
          new Evidence(
              "level " + (found.level() + 1) + " of the " + lines,
              "measures",
              found.because(),
              Evidence.rounded(found.confidence())));
    }
  }
}
