package app.finish.core.recognise.measure;

import app.finish.core.number.NumberReader;
import app.finish.core.recognise.line.Line;
import app.finish.core.recognise.sheet.Cells;
import app.finish.core.recognise.sheet.Frame;
import app.finish.core.recognise.sheet.ReadGrid;
import app.finish.core.recognise.words.Company;
import app.finish.core.recognise.words.Vocabulary;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/// Finds measures that differ from row to row though no labels name them: rows without a label of
/// their own under labelled ones, as a percentage stands under its count; or rows in another unit.
public final class RowMeasures {
  private static final int DEEPEST = 3;
  private static final int MOST_UNITS = 20;
  private static final Pattern UNIT =
      Pattern.compile(
          "units?( of measure)?|einheit|maßeinheit|unité|unidad|eenheid", Pattern.CASE_INSENSITIVE);

  /// @param measures the measures
  /// @param of for each row its measure
  /// @param because why
  record Found(List<Measure> measures, List<Integer> of, String because) {}

  private record Form(boolean decimals, String unit) {}

  private final ReadGrid grid;
  private final Frame frame;
  private final List<Line> lines;
  private final MeasureFinder finder;

  RowMeasures(ReadGrid grid, Frame frame, List<Line> lines, MeasureFinder finder) {
    this.grid = grid;
    this.frame = frame;
    this.lines = lines;
    this.finder = finder;
  }

  /// The measures, if rows differ.
  ///
  /// @param nameless whether no head names a measure; else only several units speak against it
  Optional<Found> find(boolean nameless) {
    Optional<Found> under =
        nameless ? byColumnOfUnits().or(this::underEachOther) : Optional.empty();
    return under.or(() -> inOtherUnits(nameless));
  }

  /// Rows whose unit a column of the stub tells.
  private Optional<Found> byColumnOfUnits() {
    if (frame.headRows().isEmpty() || frame.stubColumns().size() < 2) {
      return Optional.empty();
    }
    int head = frame.headRows().getLast();
    for (int column : frame.stubColumns()) {
      if (!UNIT.matcher(grid.text(head, column)).matches()) {
        continue;
      }
      Map<String, Integer> units = new LinkedHashMap<>();
      List<Integer> of = new ArrayList<>();
      for (Line line : lines) {
        String unit = grid.text(line.index(), column).strip();
        of.add(units.computeIfAbsent(unit, one -> units.size()));
      }
      if (units.size() > 1 && units.size() <= MOST_UNITS) {
        Found found = found(of, units.size(), "a column of the stub tells their units");
        List<Measure> named = new ArrayList<>();
        for (String unit : units.keySet()) {
          Measure measure = found.measures.get(named.size()).withName(unit);
          boolean percent = unit.matches("%|per ?cent|percent.*");
          named.add(percent ? measure.withKind(MeasureKind.PERCENT) : measure);
        }
        return Optional.of(new Found(named, of, found.because));
      }
    }
    return Optional.empty();
  }

  private Optional<Found> underEachOther() {
    List<Integer> depths = new ArrayList<>();
    int depth = 0;
    int without = 0;
    int deepest = 0;
    for (Line line : lines) {
      boolean labelled =
          frame.stubColumns().stream().anyMatch(column -> !grid.isBlank(line.index(), column));
      depth = labelled ? 0 : depth + 1;
      without += labelled ? 0 : 1;
      deepest = Math.max(deepest, depth);
      depths.add(depth);
    }
    boolean some = without > 1 && without * 3 >= lines.size() && depths.getFirst() == 0;
    if (!some || frame.stubColumns().isEmpty() || deepest > DEEPEST) {
      return Optional.empty();
    }
    List<Form> forms = new ArrayList<>();
    for (int at = 0; at <= deepest; at++) {
      Optional<Form> form = formOf(depths, at);
      if (form.isEmpty() || at > 0 && form.get().equals(forms.getFirst())) {
        return Optional.empty();
      }
      forms.add(form.get());
    }
    return Optional.of(
        found(depths, deepest + 1, "rows without a label stand under others, written differently"));
  }

  /// How the rows of a depth are written, if all are written alike.
  private Optional<Form> formOf(List<Integer> depths, int depth) {
    Form form = null;
    for (int i = 0; i < lines.size(); i++) {
      if (depths.get(i) == depth) {
        Optional<Form> own = form(lines.get(i).index());
        if (own.isEmpty() || form != null && !form.equals(own.get())) {
          return Optional.empty();
        }
        form = own.get();
      }
    }
    return Optional.ofNullable(form);
  }

  private Optional<Found> inOtherUnits(boolean nameless) {
    Map<String, Integer> units = new LinkedHashMap<>();
    List<Integer> of = new ArrayList<>();
    for (Line line : lines) {
      Optional<Form> form = form(line.index());
      if (form.isEmpty()) {
        return Optional.empty();
      }
      of.add(units.computeIfAbsent(form.get().unit, unit -> units.size()));
    }
    long signs = units.keySet().stream().filter(unit -> !unit.isEmpty()).count();
    return units.size() > 1 && (nameless || signs > 1) && !(signs == 1 && isStatement())
        ? Optional.of(found(of, units.size(), "rows are written in different units"))
        : Optional.empty();
  }

  /// Whether a sign of money stands at the first row and at totals alone, as statements have it.
  private boolean isStatement() {
    boolean total = false;
    for (int i = 0; i < lines.size(); i++) {
      String unit = form(lines.get(i).index()).map(Form::unit).orElse("");
      String label = lines.get(i).label();
      boolean totals = Vocabulary.saysTotal(label) || Vocabulary.saysResult(label);
      total |= totals;
      boolean money = NumberReader.isCurrency(unit);
      if (i == 0 ? !money : money && !totals && !unit.isEmpty()) {
        return false;
      }
    }
    return total;
  }

  /// How a row is written, if its figures have one unit.
  private Optional<Form> form(int row) {
    String unit = null;
    boolean decimals = false;
    for (int column : frame.valueColumns()) {
      if (grid.isNumber(row, column)) {
        if (unit != null && !unit.equals(grid.unit(row, column))) {
          return Optional.empty();
        }
        unit = grid.unit(row, column);
        decimals |= grid.decimals(row, column) > 0;
      }
    }
    return unit == null ? Optional.empty() : Optional.of(new Form(decimals, unit));
  }

  private Found found(List<Integer> of, int count, String because) {
    List<Measure> measures = new ArrayList<>();
    for (int index = 0; index < count; index++) {
      List<Cells> cells = new ArrayList<>();
      for (int i = 0; i < lines.size(); i++) {
        if (of.get(i) == index) {
          cells.add(new Cells(List.of(lines.get(i).index()), frame.valueColumns()));
        }
      }
      Measure measure = finder.measure("", cells, Company.of(List.of()));
      if (measure.kind() == MeasureKind.VALUE && arePercents(cells)) {
        measure = measure.withKind(MeasureKind.PERCENT);
      }
      measures.add(measure.withName(name(measure, measures)));
    }
    return new Found(measures, of, because);
  }

  private static String name(Measure measure, List<Measure> before) {
    String word = measure.kind().word();
    long alike = before.stream().filter(one -> one.kind() == measure.kind()).count();
    return alike == 0 ? word : word + " " + (alike + 1);
  }

  /// Whether figures are shares of a hundred: with decimals, none above 100, and 100 among them.
  private boolean arePercents(List<Cells> cells) {
    boolean[] seen = {false, true};
    for (Cells some : cells) {
      some.visit(
          (row, column) -> {
            double number = grid.number(row, column);
            if (!Double.isNaN(number)) {
              seen[0] |= Math.abs(number - 100) < 1e-9;
              seen[1] &= number >= 0 && number <= 100 && grid.decimals(row, column) > 0;
            }
            return seen[1];
          });
    }
    return seen[0] && seen[1];
  }
}
