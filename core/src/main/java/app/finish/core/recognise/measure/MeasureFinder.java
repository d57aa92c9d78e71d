package app.finish.core.recognise.measure;

import app.finish.core.number.NumberReader;
import app.finish.core.number.WrittenDecimals;
import app.finish.core.recognise.line.Line;
import app.finish.core.recognise.sheet.Cells;
import app.finish.core.recognise.sheet.ReadGrid;
import app.finish.core.recognise.total.OwnMeasure;
import app.finish.core.recognise.words.Company;
import app.finish.core.recognise.words.Periods;
import app.finish.core.recognise.words.Statistics;
import app.finish.core.recognise.words.Vocabulary;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import java.util.ArrayList;
import java.util.Currency;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Finds which level of labels on an axis names measures. It is the level whose labels are words
/// for measures, or whose lines are written alike where their label is the same and differently
/// where it is not.
public final class MeasureFinder {
  /// @param level the level that names measures
  /// @param names the measures' names in order of first appearance
  /// @param because why
  /// @param confidence from 0 to 1
  public record Found(int level, List<String> names, List<String> because, double confidence) {
    /// No level names measures.
    static final Found NONE = new Found(-1, List.of(), List.of(), 0);

    /// Which share of the names are names of statistics, from 0 to 1.
    double statistics() {
      Company company = Company.of(names);
      long known =
          names.stream()
              .filter(name -> Statistics.kind(name).isPresent() && company.kind(name).isPresent())
              .count();
      return names.isEmpty() ? 0 : (double) known / names.size();
    }
  }

  /// More names than this are no names of measures.
  private static final int MOST = 1000;

  /// Figures with more decimals than this were printed to a number of digits.
  private static final int MOST_DECIMALS = 6;

  private static final int SAMPLE = 2000;
  private static final Pattern CURRENCY = Pattern.compile(".*\\(([A-Z]{3})\\)\\s*");
  private static final Pattern PERCENT =
      Pattern.compile(".*(%|per ?cent|pct).*", Pattern.CASE_INSENSITIVE);

  private record Form(int decimals, String unit) {}

  private final ReadGrid grid;

  MeasureFinder(ReadGrid grid) {
    this.grid = grid;
  }

  /// The level that names measures, or one with no names if none does.
  ///
  /// @param lines the lines of the axis
  /// @param cells for each line, the rows and columns of its figures in the grid
  /// @param across whether the lines are columns
  /// @param told lines of which a person said that they are no totals
  Found find(List<Line> lines, List<Cells> cells, boolean across, Set<Integer> told) {
    int levels = lines.isEmpty() ? 0 : lines.getFirst().labels().size();
    List<Form> forms = new ArrayList<>();
    for (Cells places : cells) {
      forms.add(form(List.of(places)));
    }
    Found best = Found.NONE;
    for (int level = levels - 1; level >= 0; level--) {
      Found found = weigh(level, lines, forms, across, told);
      best = found.confidence() > best.confidence() + 0.05 ? found : best;
    }
    return best.confidence() >= 0.5 ? best : Found.NONE;
  }

  private Found weigh(
      int level, List<Line> lines, List<Form> forms, boolean across, Set<Integer> told) {
    Map<String, Form> byName = new LinkedHashMap<>();
    boolean consistent = true;
    int lowest = 0;
    Company company = company(level, lines);
    Map<String, String> unitsInNames = new HashMap<>();
    Map<String, Boolean> totals = new HashMap<>();
    for (int i = 0; i < lines.size(); i++) {
      String name = lines.get(i).labels().get(level);
      Form form = forms.get(i);
      String unit =
          form.unit.isEmpty()
              ? unitsInNames.computeIfAbsent(name, MeasureFinder::unitInName)
              : form.unit;
      form = new Form(Math.min(MOST_DECIMALS, form.decimals), unit);
      boolean own = told.contains(i) || across && OwnMeasure.isOne(lines, i);
      boolean total = totals.computeIfAbsent(name, company::saysTotal) && !own;
      if (name.isEmpty() || total) {
        continue;
      }
      Form before = byName.putIfAbsent(name, form);
      if (byName.size() > MOST) {
        return Found.NONE;
      }
      consistent &= before == null || before.equals(form) || form.decimals < 0;
      lowest++;
    }
    if (byName.isEmpty()) {
      return new Found(level, List.of(), List.of(), 0);
    }
    List<String> known =
        byName.keySet().stream().filter(name -> company.kind(name).isPresent()).toList();
    int words = known.size();
    long kinds = byName.values().stream().filter(form -> form.decimals >= 0).distinct().count();
    boolean named = byName.keySet().stream().anyMatch(MeasureFinder::isWord);
    long periods = byName.keySet().stream().filter(Periods::isOne).count();
    boolean ofTime =
        periods * 2 > byName.size()
            && byName.keySet().stream()
                .allMatch(
                    name ->
                        Periods.isOne(name) && company.kind(name).isEmpty()
                            || Vocabulary.saysAverage(name));
    boolean differ = byName.size() > 1 && kinds > 1 && consistent && named && !ofTime;
    List<String> because = new ArrayList<>();
    double confidence = 0;
    if (words * 2 >= byName.size()) {
      because.add("its labels are words for measures");
      confidence = 0.6 + 0.3 * words / byName.size();
    }
    if (differ) {
      because.add("its figures are written differently for each label");
      confidence = Math.max(confidence, byName.size() < lowest ? 0.7 : 0.5) + 0.08;
    }
    boolean open = confidence < 0.55 && named && across && byName.size() > 2 && !ofTime;
    if (open && known.stream().anyMatch(name -> Statistics.kind(name).isPresent())) {
      because.add("names of statistics are among its labels");
      confidence = 0.55;
    }
    long numbered = byName.keySet().stream().filter(name -> name.matches("[0-9]{1,2}")).count();
    if (words > 0 && numbered > 0 && words + numbered == byName.size()) {
      because.add("its labels are names of statistics and the numbers of rows");
      confidence = Math.max(confidence, 0.75);
    }
    boolean partial = lowest < lines.size() * 0.6;
    return new Found(
        level,
        List.copyOf(byName.keySet()),
        because,
        partial ? confidence * 0.5 : Math.min(0.98, confidence));
  }

  /// Whether a name is a word: years, ages and dates name no measures, however figures are written.
  private static boolean isWord(String name) {
    return !name.isEmpty() && !Character.isDigit(name.charAt(0));
  }

  private static Company company(int level, List<Line> lines) {
    Set<String> names = new LinkedHashSet<>();
    for (Line line : lines) {
      names.add(line.labels().get(level));
      if (names.size() > MOST) {
        return Company.of(List.of());
      }
    }
    names.remove("");
    return Company.of(names);
  }

  private Form form(List<Cells> places) {
    int[] decimals = {-1};
    String[] unit = {""};
    boolean[] mixed = {false};
    boolean[] plain = {false};
    for (Cells cells : places) {
      cells.visit(
          (row, column) -> {
            if (grid.isNumber(row, column)) {
              decimals[0] = Math.max(decimals[0], grid.decimals(row, column));
              String own = grid.unit(row, column);
              mixed[0] |= !own.isEmpty() && !unit[0].isEmpty() && !own.equals(unit[0]);
              plain[0] |= own.isEmpty();
              unit[0] = unit[0].isEmpty() ? own : unit[0];
            }
            return true;
          });
    }
    boolean measured = !unit[0].equals("%") && !NumberReader.isCurrency(unit[0]);
    boolean own = mixed[0] || plain[0] && measured;
    return new Form(decimals[0], own ? "" : unit[0]);
  }

  /// The measure of this name whose figures stand in these places.
  ///
  /// @param company the names of the measures beside it
  Measure measure(String name, List<Cells> places, Company company) {
    Form form = form(places);
    String unit = form.unit.isEmpty() ? unitInName(name) : form.unit;
    MeasureKind kind = company.kind(name).orElse(MeasureKind.VALUE);
    if (kind == MeasureKind.VALUE && name.matches("[0-9]{1,2}") && isWithinOne(places)) {
      kind = MeasureKind.CORRELATION;
    }
    if (kind == MeasureKind.VALUE && areProbabilities(name, places)) {
      kind = MeasureKind.P;
    }
    if (kind == MeasureKind.PERCENT && !unit.equals("%") && !arePercents(name, places)) {
      kind = MeasureKind.VALUE;
    }
    if (unit.equals("%") && kind != MeasureKind.P) {
      kind = MeasureKind.PERCENT;
    } else if (NumberReader.isCurrency(unit) && kind == MeasureKind.VALUE) {
      kind = MeasureKind.SUM;
    }
    Measure measure = new Measure(name, kind, unit, Math.max(0, form.decimals));
    return hasMoreDecimals(places) ? measure.withMoreDecimals() : measure;
  }

  /// Whether some of the first figures hold more decimals than they show, as a spreadsheet's do.
  private boolean hasMoreDecimals(List<Cells> places) {
    int[] seen = {0};
    boolean[] more = {false};
    for (Cells cells : places) {
      cells.visit(
          (row, column) -> {
            if (grid.cell(row, column).number().isPresent() && grid.isNumber(row, column)) {
              seen[0]++;
              more[0] |= WrittenDecimals.in(grid.number(row, column)) > grid.decimals(row, column);
            }
            return !more[0] && seen[0] < SAMPLE;
          });
      if (more[0] || seen[0] >= SAMPLE) {
        return more[0];
      }
    }
    return more[0];
  }

  /// Whether figures can be percentages where only the name says so: none passes 100 by far, and,
  /// unless the name says percent, they have decimals or add up to 100.
  private boolean arePercents(String name, List<Cells> places) {
    double[] most = {0, 0};
    boolean[] decimals = {false};
    for (Cells cells : places) {
      cells.visit(
          (row, column) -> {
            double number = grid.number(row, column);
            if (!Double.isNaN(number)) {
              most[0] = Math.max(most[0], Math.abs(number));
              most[1] += number;
              decimals[0] |= grid.decimals(row, column) > 0;
            }
            return true;
          });
    }
    boolean percent = PERCENT.matcher(name).matches();
    if (!percent && most[0] <= 1) {
      return false;
    }
    boolean said = percent || Statistics.kind(name).isPresent();
    boolean whole = Math.abs(most[1] - 100) < 1.5 || Math.abs(most[1] - 200) < 2.5;
    return said ? most[0] <= 1000 : most[0] <= 100 && (decimals[0] || whole);
  }

  /// Whether figures under a small p are probabilities, whatever stands beside them.
  private boolean areProbabilities(String name, List<Cells> places) {
    boolean[] any = {false};
    places.forEach(
        cells ->
            cells.visit(
                (row, column) -> {
                  any[0] |= !Double.isNaN(grid.number(row, column));
                  return !any[0];
                }));
    return name.strip().equals("p") && any[0] && isWithinOne(places);
  }

  /// Whether all figures are written with decimals and lie between −1 and 1.
  boolean isWithinOne(List<Cells> places) {
    return places.stream().allMatch(cells -> cells.visit(this::isWithinOne));
  }

  private boolean isWithinOne(int row, int column) {
    double size = Math.abs(grid.number(row, column));
    boolean whole = grid.decimals(row, column) == 0;
    return Double.isNaN(size) || (size <= 1 && (!whole || size == 1));
  }

  /// The unit that a name ends with: %, the sign of a currency, or its ISO 4217 code in brackets.
  private static String unitInName(String name) {
    if (name.matches(".*(\\(|,\\s*|\\s)((in|en) )?%\\)?\\s*")) {
      return "%";
    }
    if (name.matches("[€$£¥]")) {
      return name;
    }
    if (name.matches(".*(\\(|,\\s*)[€$£¥]\\)?\\s*|[^()]*\\p{L}{3,}\\s[€$£¥]\\s*")) {
      return name.replaceAll("[^€$£¥]", "");
    }
    Matcher code = CURRENCY.matcher(name);
    boolean known =
        code.matches()
            && Currency.getAvailableCurrencies().stream()
                .anyMatch(one -> one.getCurrencyCode().equals(code.group(1)));
    return known ? code.group(1) : "";
  }
}
