package app.finish.core.recognise;

import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/// Finds what the figures of a table measure: which level of labels names the measures, on which
/// side, and of which kind each is.
final class MeasureReader {
  private static final int LONG = 5000;

  /// @param across the level of the columns' labels that names measures
  /// @param down the level of the rows' labels that does; at most one of both does
  /// @param measures the measures, in the order of their names
  /// @param evidence why
  record Read(
      MeasureFinder.Found across,
      MeasureFinder.Found down,
      List<Measure> measures,
      List<Evidence> evidence) {}

  private final ReadGrid grid;
  private final Frame frame;
  private final LineReader.Lines rows;
  private final LineReader.Lines columns;
  private final Placed corrections;
  private final MeasureFinder finder;
  private final List<Evidence> evidence = new ArrayList<>();

  MeasureReader(
      ReadGrid grid,
      Frame frame,
      LineReader.Lines rows,
      LineReader.Lines columns,
      Placed corrections) {
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
  Read read(String title) {
    MeasureFinder.Found across = finder.find(columns.lines(), cellsOfColumns());
    MeasureFinder.Found down =
        rows.lines().size() > LONG && rows.dimensions().size() == 1
            ? MeasureFinder.Found.NONE
            : finder.find(rows.lines(), cellsOfRows());
    down = isStubOfMeasures(down) ? down : MeasureFinder.Found.NONE;
    if (across.level() >= 0 && down.statistics() > 0.5 && across.statistics() < 0.5) {
      across = MeasureFinder.Found.NONE;
    } else if (across.level() >= 0) {
      down = MeasureFinder.Found.NONE;
    }
    say(across, "columns");
    say(down, "rows");
    return new Read(across, down, measures(across, down, title), evidence);
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

  private List<Cells> cellsOfColumns() {
    List<Cells> cells = new ArrayList<>();
    for (Line line : columns.lines()) {
      int column = frame.valueColumns().get(line.place());
      cells.add(new Cells(frame.bodyRows(), List.of(column)));
    }
    return cells;
  }

  private List<Cells> cellsOfRows() {
    List<Cells> cells = new ArrayList<>();
    for (Line line : rows.lines()) {
      cells.add(new Cells(List.of(line.place()), frame.valueColumns()));
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
      Measure measure = finder.measure(name, byName.get(name), company);
      measures.add(said(measure, "measure “" + name + "”"));
    }
    if (measures.isEmpty()) {
      measures.add(said(onlyMeasure(title), "figures"));
    }
    return measures;
  }

  private Measure onlyMeasure(String title) {
    List<Cells> places = cellsOfColumns();
    String corner = nameInCorner();
    Measure measure = finder.measure(corner.isEmpty() ? nameInTitle(title) : corner, places, Company.of(List.of()));
    boolean matrix = isMatrix() && finder.isWithinOne(places);
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
      because.add("its figures are written with " + found.unit());
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
    return by > 0 && by <= 40 ? title.substring(0, by).strip() : "";
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
