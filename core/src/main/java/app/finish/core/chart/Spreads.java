package app.finish.core.chart;

import app.finish.core.table.Axis;
import app.finish.core.table.Heading;
import app.finish.core.table.Leaf;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.core.words.Language;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/// How sure or how wide figures are, as other measures of the table say: an interval, a standard
/// error or deviation; quartiles.
///
/// ```java
/// Spreads spreads = Spreads.of(data);
/// spreads.around(0, 0); // [2.1, 3.4]
/// ```
final class Spreads {
  private static final String NUMBER = "([-−–+]?\\d*[.,]?\\d+)";
  private static final Pattern PAIR =
      Pattern.compile("[\\[(]?\\s*" + NUMBER + "\\s*[,;]\\s*" + NUMBER + "\\s*[\\])]?");

  private static final Pattern LOWER = Pattern.compile("\\b(ll|lower|low|untere?)\\b");
  private static final Pattern UPPER = Pattern.compile("\\b(ul|upper|high|obere?)\\b");

  private static final List<Pattern> QUARTILES =
      List.of(
          Pattern.compile("\\b(min|minimum|least|lowest|smallest)\\b"),
          Pattern.compile("\\b(q1|p25|lower quartile|25 ?%|25th.*)"),
          Pattern.compile("\\b(median|mdn|q2|p50)\\b"),
          Pattern.compile("\\b(q3|p75|upper quartile|75 ?%|75th.*)"),
          Pattern.compile("\\b(max|maximum|greatest|highest|largest)\\b"));

  /// What spreads are taken from.
  private enum Kind {
    PAIR,
    LIMITS,
    ERROR,
    DEVIATION
  }

  private final ChartData data;
  private final Kind kind;
  private final List<Integer> measures;
  private final Map<List<Object>, Map<List<String>, Integer>> known = new HashMap<>();

  private Spreads(ChartData data, Kind kind, List<Integer> measures) {
    this.data = data;
    this.kind = kind;
    this.measures = measures;
  }

  /// The spreads of what is drawn, if the table has some.
  static Optional<Spreads> of(ChartData data) {
    Table table = data.table();
    MeasureKind drawn = data.measure().kind();
    boolean sure =
        drawn == MeasureKind.MEAN
            || drawn == MeasureKind.COEFFICIENT
            || drawn == MeasureKind.CORRELATION
            || drawn == MeasureKind.PERCENT
            || drawn == MeasureKind.STATISTIC
            || drawn == MeasureKind.VALUE;
    if (!sure) {
      return Optional.empty();
    }
    OptionalInt lower = find(table, interval(LOWER));
    OptionalInt upper = find(table, interval(UPPER));
    if (lower.isPresent() && upper.isPresent()) {
      return Optional.of(
          new Spreads(data, Kind.LIMITS, List.of(lower.getAsInt(), upper.getAsInt())));
    }
    OptionalInt pair = find(table, one -> one.kind() == MeasureKind.INTERVAL);
    OptionalInt error = find(table, one -> one.kind() == MeasureKind.ERROR);
    OptionalInt deviation = find(table, one -> one.kind() == MeasureKind.DEVIATION);
    if (pair.isPresent()) {
      return Optional.of(new Spreads(data, Kind.PAIR, List.of(pair.getAsInt())));
    }
    if (error.isPresent()) {
      return Optional.of(new Spreads(data, Kind.ERROR, List.of(error.getAsInt())));
    }
    boolean mean = drawn == MeasureKind.MEAN;
    return deviation.isPresent() && mean
        ? Optional.of(new Spreads(data, Kind.DEVIATION, List.of(deviation.getAsInt())))
        : Optional.empty();
  }

  private static Predicate<Measure> interval(Pattern name) {
    return one -> one.kind() == MeasureKind.INTERVAL && name.matcher(low(one)).find();
  }

  private static String low(Measure measure) {
    return measure.name().toLowerCase(Locale.ROOT);
  }

  private static OptionalInt find(Table table, Predicate<Measure> which) {
    return IntStream.range(0, table.measures().size())
        .filter(i -> which.test(table.measures().get(i)))
        .findFirst();
  }

  /// The names of the measures that are the least, the quartiles and the greatest, if the table has
  /// all five.
  static Optional<List<String>> quartiles(Table table) {
    List<String> names =
        QUARTILES.stream()
            .flatMap(
                pattern ->
                    table.measures().stream()
                        .filter(one -> pattern.matcher(low(one)).find())
                        .map(Measure::name)
                        .limit(1))
            .toList();
    return names.size() == QUARTILES.size() ? Optional.of(names) : Optional.empty();
  }

  /// From where to where the figure of a category in a series reaches, if it is known.
  Optional<double[]> around(int category, int series) {
    double middle = data.number(category, series);
    if (!Double.isFinite(middle)) {
      return Optional.empty();
    }
    List<Optional<Value>> values =
        measures.stream().map(one -> value(one, category, series)).toList();
    return switch (kind) {
      case PAIR -> values.getFirst().flatMap(one -> pair(one.written()));
      case LIMITS -> limits(values.get(0), values.get(1));
      case ERROR, DEVIATION ->
          values
              .getFirst()
              .filter(Value.Numeric.class::isInstance)
              .map(one -> ((Value.Numeric) one).number())
              .map(wide -> new double[] {middle - wide, middle + wide});
    };
  }

  private static Optional<double[]> limits(Optional<Value> lower, Optional<Value> upper) {
    return lower.orElse(Value.BLANK) instanceof Value.Numeric low
            && upper.orElse(Value.BLANK) instanceof Value.Numeric high
        ? Optional.of(new double[] {low.number(), high.number()})
        : Optional.empty();
  }

  private static Optional<double[]> pair(String written) {
    Matcher pair = PAIR.matcher(written);
    return pair.find()
        ? Optional.of(new double[] {number(pair.group(1)), number(pair.group(2))})
        : Optional.empty();
  }

  private static double number(String text) {
    return Double.parseDouble(text.replaceAll("[−–]", "-").replace(',', '.'));
  }

  /// What another measure has for the same members.
  private Optional<Value> value(int measure, int category, int series) {
    Table table = data.table();
    List<String> own = data.categories().get(category).path();
    List<String> other = data.series().get(series).path();
    OptionalInt row = leaf(table.down(), measure, own, other);
    OptionalInt column = leaf(table.across(), measure, own, other);
    return row.isPresent() && column.isPresent()
        ? Optional.of(table.body().at(row.getAsInt(), column.getAsInt()))
        : Optional.empty();
  }

  private OptionalInt leaf(Axis axis, int measure, List<String> one, List<String> another) {
    Map<List<String>, Integer> leaves =
        known.computeIfAbsent(List.of(axis, measure), key -> leaves(axis, measure));
    Integer found = leaves.getOrDefault(one, leaves.get(another));
    return found == null ? OptionalInt.empty() : OptionalInt.of(found);
  }

  private static Map<List<String>, Integer> leaves(Axis axis, int measure) {
    Map<List<String>, Integer> leaves = new HashMap<>();
    for (Leaf leaf : axis.leaves()) {
      boolean own = leaf.measure().isEmpty() || leaf.measure().getAsInt() == measure;
      if (own && leaf.role() == Heading.Role.MEMBER) {
        List<String> path =
            leaf.path().stream()
                .filter(heading -> heading.measure().isEmpty())
                .map(Heading::label)
                .toList();
        leaves.putIfAbsent(path, leaf.index());
      }
    }
    return leaves;
  }

  /// What the lines are, for the note: "Lines are 95 % CI".
  String words(Language language) {
    Measure first = data.table().measures().get(measures.getFirst());
    return switch (kind) {
      case PAIR -> ChartPhrase.INTERVAL.in(language, first.name());
      case LIMITS -> ChartPhrase.LIMITS.in(language);
      case ERROR -> ChartPhrase.ERROR.in(language);
      case DEVIATION -> ChartPhrase.DEVIATION.in(language);
    };
  }
}
