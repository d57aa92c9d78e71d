package app.finish.core.check.arithmetic;

import app.finish.core.dress.CellMeaning;
import app.finish.core.table.Heading;
import app.finish.core.table.Leaf;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// A table read as lines of named results, whether its statistics are named across or down.
///
/// ```java
/// for (ResultLine line : ResultLines.of(table).lines()) {
///   line.get(Quantity.T);
/// }
/// ```
///
/// @param table the table
/// @param lines its lines from the top, or from the left where statistics are named down
/// @param names which quantities the table names anywhere
record ResultLines(Table table, List<ResultLine> lines, Set<Quantity> names) {
  private static final int MOST = 20_000;
  private static final Pattern LEVEL = Pattern.compile("(\\d{2}(?:[.,]\\d+)?)\\s*%");
  private static final Pattern INTERVAL_NAME =
      Pattern.compile(
          ".*\\b(ci|confidence interval|conf\\.? interval|interval)\\b.*",
          Pattern.CASE_INSENSITIVE);
  private static final String NUMBER = "([-−–]?\\d*[.,]?\\d+)";
  private static final Pattern INTERVAL =
      Pattern.compile("[\\[(]?\\s*" + NUMBER + "\\s*(?:[,;]|to|–)\\s*" + NUMBER + "\\s*[\\])]?");
  private static final Pattern TWO =
      Pattern.compile("(\\d+(?:\\.\\d+)?)\\s*[,;]\\s*(\\d+(?:\\.\\d+)?)");
  private static final Pattern IN_NAME =
      Pattern.compile("\\(\\s*(\\d+(?:\\.\\d+)?)\\s*(?:[,;]\\s*(\\d+(?:\\.\\d+)?)\\s*)?\\)");

  /// Reads a table.
  static ResultLines of(Table table) {
    boolean across = table.across().leaves().stream().anyMatch(leaf -> leaf.measure().isPresent());
    List<Leaf> named = across ? table.across().leaves() : table.down().leaves();
    List<Leaf> others = across ? table.down().leaves() : table.across().leaves();
    Map<List<String>, List<Named>> groups = new LinkedHashMap<>();
    for (Leaf leaf : named) {
      List<Named> group = groups.computeIfAbsent(group(leaf), one -> new ArrayList<>());
      if (leaf.measure().isPresent()) {
        group.add(Named.of(table, leaf));
      }
    }
    boolean any =
        groups.values().stream().flatMap(List::stream).anyMatch(one -> one.quantity.isPresent());
    List<ResultLine> lines = new ArrayList<>();
    Set<Quantity> names = EnumSet.noneOf(Quantity.class);
    if (any && (long) others.size() * groups.size() <= MOST) {
      for (Leaf other : others) {
        for (Map.Entry<List<String>, List<Named>> group : groups.entrySet()) {
          lines.add(line(table, other, group.getKey(), group.getValue(), across));
        }
      }
      lines.forEach(line -> names.addAll(line.figures().keySet()));
    }
    return new ResultLines(table, List.copyOf(lines), names);
  }

  /// A leaf that names a measure, with what its name tells.
  private record Named(
      Leaf leaf, Measure measure, Optional<Quantity> quantity, Optional<Double> level) {
    static Named of(Table table, Leaf leaf) {
      Measure measure = table.measures().get(leaf.measure().orElseThrow());
      return new Named(leaf, measure, Quantity.of(measure), ResultLines.level(leaf, measure));
    }
  }

  /// The headings of a leaf that name no measure and no interval.
  private static List<String> group(Leaf leaf) {
    return leaf.path().stream()
        .filter(heading -> heading.measure().isEmpty())
        .map(Heading::label)
        .filter(label -> !INTERVAL_NAME.matcher(label).matches())
        .toList();
  }

  private static ResultLine line(
      Table table, Leaf other, List<String> group, List<Named> named, boolean across) {
    Map<Quantity, Reported> figures = new EnumMap<>(Quantity.class);
    Set<Quantity> twice = EnumSet.noneOf(Quantity.class);
    List<Reported> bare = new ArrayList<>();
    Optional<Double> level = Optional.empty();
    for (Named one : named) {
      Leaf leaf = one.leaf;
      Measure measure = one.measure;
      CellMeaning.Body place =
          across
              ? new CellMeaning.Body(other.index(), leaf.index())
              : new CellMeaning.Body(leaf.index(), other.index());
      Value value = table.body().at(place.row(), place.column());
      level = level.or(() -> one.level);
      if (measure.kind() == MeasureKind.INTERVAL && limits(value, place, figures)) {
        continue;
      }
      Optional<Quantity> quantity = one.quantity;
      if (quantity.isEmpty()) {
        continue;
      }
      if (quantity.get() == Quantity.FREEDOM && pair(value, place, figures)) {
        continue;
      }
      Optional<Reported> reported = Reported.of(value, place, measure.precise());
      if (reported.isPresent() && figures.put(quantity.get(), reported.get()) != null) {
        twice.add(quantity.get());
      }
      if (measure.kind() == MeasureKind.TEST && reported.isPresent()) {
        inName(measure.name(), place, bare);
      }
    }
    figures.keySet().removeAll(twice);
    List<String> label = other.path().stream().map(Heading::label).toList();
    return new ResultLine(label, group, figures, level, bare);
  }

  private static Optional<Double> level(Leaf leaf, Measure measure) {
    List<String> said = new ArrayList<>(leaf.path().stream().map(Heading::label).toList());
    said.add(measure.name());
    for (String one : said) {
      Matcher matcher = LEVEL.matcher(one);
      if (INTERVAL_NAME.matcher(one).matches() && matcher.find()) {
        double level = Double.parseDouble(matcher.group(1).replace(',', '.')) / 100;
        return level > 0.5 && level < 1 ? Optional.of(level) : Optional.empty();
      }
    }
    return Optional.empty();
  }

  /// Takes both limits of an interval that stands in one cell.
  private static boolean limits(Value value, CellMeaning.Body place, Map<Quantity, Reported> into) {
    Matcher matcher = INTERVAL.matcher(value.written().strip());
    if (!matcher.matches()) {
      return false;
    }
    into.put(Quantity.LOWER, plain(matcher.group(1), place));
    into.put(Quantity.UPPER, plain(matcher.group(2), place));
    return true;
  }

  /// Takes both degrees of freedom that stand in one cell: "2, 57".
  private static boolean pair(Value value, CellMeaning.Body place, Map<Quantity, Reported> into) {
    Matcher matcher = TWO.matcher(value.written().strip());
    if (!(value instanceof Value.Text) || !matcher.matches()) {
      return false;
    }
    into.put(Quantity.FREEDOM_EFFECT, plain(matcher.group(1), place));
    into.put(Quantity.FREEDOM_ERROR, plain(matcher.group(2), place));
    return true;
  }

  private static void inName(String name, CellMeaning.Body place, List<Reported> bare) {
    Matcher matcher = IN_NAME.matcher(name);
    if (matcher.find()) {
      bare.add(plain(matcher.group(1), place));
      if (matcher.group(2) != null) {
        bare.add(plain(matcher.group(2), place));
      }
    }
  }

  /// Whether the title, a note or the name of a measure says something.
  boolean says(Pattern words) {
    return words.matcher(table.words().title().toLowerCase(Locale.ROOT)).find()
        || table.measures().stream()
            .anyMatch(one -> words.matcher(one.name().toLowerCase(Locale.ROOT)).find())
        || table.words().notes().stream()
            .anyMatch(one -> words.matcher(one.text().toLowerCase(Locale.ROOT)).find());
  }

  /// A plain number as it is written.
  static Reported plain(String written, CellMeaning.Body place) {
    String text = written.replace('−', '-').replace('–', '-').replace(',', '.');
    double number = Double.parseDouble(text);
    int point = text.indexOf('.');
    int decimals = point < 0 ? 0 : text.length() - point - 1;
    return new Reported(number, Range.rounded(number, decimals), decimals, written, place);
  }
}
