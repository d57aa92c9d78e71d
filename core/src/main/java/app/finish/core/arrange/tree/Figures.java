package app.finish.core.arrange.tree;

import app.finish.core.arrange.formula.Formula;
import app.finish.core.arrange.formula.Neighbours;
import app.finish.core.arrange.place.Side;
import app.finish.core.number.Digits;
import app.finish.core.table.Body;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.MeasureKind.Additivity;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/// The figures of the table that is arranged, and what several of them come to together: counts and
/// sums are added up, means are weighted by the count beside them, and what was calculated is
/// calculated from totals. Of anything else there is no total.
public final class Figures {
  private static final Pattern COUNTS =
      Pattern.compile("(?i)(valid )?n|count|cases|records|respondents");

  private final Table table;
  private final Map<Integer, Formula> formulas;
  private Optional<OtherMeasures> down = Optional.empty();
  private Optional<OtherMeasures> across = Optional.empty();
  private int[] acrossMeasures = {};

  /// @param formulas the formulas of calculated measures, by the place of the measure
  public Figures(Table table, Map<Integer, Formula> formulas) {
    this.table = table;
    this.formulas = Map.copyOf(formulas);
  }

  public Table table() {
    return table;
  }

  public Map<Integer, Formula> formulas() {
    return formulas;
  }

  public static boolean isAdditive(Measure measure) {
    return measure.kind().additivity() == Additivity.ADDITIVE;
  }

  /// Whether figures of a measure can be taken together.
  public boolean hasTotals(int measure) {
    Formula formula = formulas.get(measure);
    if (formula != null) {
      boolean adds = formula.addsAlong(Side.DOWN) || formula.addsAlong(Side.ACROSS);
      return adds || formula.isOfItsPlaceAlone();
    }
    return switch (table.measures().get(measure).kind().additivity()) {
      case ADDITIVE -> true;
      case WEIGHTED -> weight().isPresent();
      case CALCULATED, OPAQUE -> false;
    };
  }

  /// Whether figures of a measure can be added up along a side.
  public boolean hasSums(int measure, Side side) {
    Formula formula = formulas.get(measure);
    return formula == null ? isAdditive(table.measures().get(measure)) : formula.addsAlong(side);
  }

  /// The one count that means are weighted by. Its name must say that it counts what the means are
  /// of: a count of anything else would give a wrong mean.
  private OptionalInt weight() {
    int[] found =
        IntStream.range(0, table.measures().size())
            .filter(i -> table.measures().get(i).kind() == MeasureKind.COUNT)
            .filter(i -> COUNTS.matcher(table.measures().get(i).name()).matches())
            .toArray();
    return found.length == 1 ? OptionalInt.of(found[0]) : OptionalInt.empty();
  }

  private int measure(int row, int column) {
    int own = acrossMeasures()[column];
    return own >= 0 ? own : table.down().leaves().get(row).measure().orElse(0);
  }

  /// For each column the measure that its head names; −1 if it names none.
  private int[] acrossMeasures() {
    if (acrossMeasures.length == 0) {
      acrossMeasures =
          table.across().leaves().stream().mapToInt(leaf -> leaf.measure().orElse(-1)).toArray();
    }
    return acrossMeasures;
  }

  /// What the figures of these rows and columns come to.
  public Value together(List<Integer> rows, List<Integer> columns) {
    int measure = measure(rows.getFirst(), columns.getFirst());
    Formula formula = formulas.get(measure);
    if (formula != null && !adds(formula, rows, columns)) {
      return formula.isOfItsPlaceAlone() ? fromTotals(formula, rows, columns) : Value.BLANK;
    }
    boolean mean = table.measures().get(measure).kind().additivity() == Additivity.WEIGHTED;
    return mean ? weightedMean(measure, rows, columns) : sum(rows, columns);
  }

  private static boolean adds(Formula formula, List<Integer> rows, List<Integer> columns) {
    return (rows.size() == 1 || formula.addsAlong(Side.DOWN))
        && (columns.size() == 1 || formula.addsAlong(Side.ACROSS));
  }

  private Value sum(List<Integer> rows, List<Integer> columns) {
    double sum = 0;
    boolean any = false;
    Body body = table.body();
    int before = -1;
    for (int i = 0; i < rows.size(); i++) {
      int row = rows.get(i);
      for (int j = 0; j < columns.size(); j++) {
        int column = columns.get(j);
        int measure = measure(row, column);
        double number = body.number(row, column);
        boolean none = Double.isNaN(number);
        if (measure != before && !adds(measure)
            || none && body.at(row, column) instanceof Value.Text) {
          return Value.BLANK;
        }
        before = measure;
        sum += none ? 0 : number;
        any |= !none;
      }
    }
    return any && Double.isFinite(sum) ? Value.number(Digits.certain(sum), "") : Value.BLANK;
  }

  private boolean adds(int measure) {
    return formulas.containsKey(measure) || isAdditive(table.measures().get(measure));
  }

  /// The mean of means, each weighted by the count beside it; none if a count is missing.
  private Value weightedMean(int mean, List<Integer> rows, List<Integer> columns) {
    if (weight().isEmpty()) {
      return Value.BLANK;
    }
    double sum = 0;
    double weights = 0;
    for (int row : rows) {
      for (int column : columns) {
        if (measure(row, column) != mean) {
          return Value.BLANK;
        }
        Value value = table.body().at(row, column);
        double weight = number(beside(row, column, weight().getAsInt()));
        boolean counted = value instanceof Value.Numeric && !Double.isNaN(weight);
        if (!counted && !(value instanceof Value.Missing && !(weight > 0))) {
          return Value.BLANK;
        }
        if (value instanceof Value.Numeric number) {
          sum += number.number() * weight;
          weights += weight;
        }
      }
    }
    double all = sum / weights;
    return Double.isFinite(all) ? Value.number(Digits.certain(all), "") : Value.BLANK;
  }

  private Value beside(int row, int column, int measure) {
    if (table.across().leaves().get(column).measure().isPresent()) {
      int other = across().of(column, measure);
      return other < 0 ? Value.BLANK : table.body().at(row, other);
    }
    int other = down().of(row, measure);
    return other < 0 ? Value.BLANK : table.body().at(other, column);
  }

  private OtherMeasures down() {
    down = down.isEmpty() ? Optional.of(new OtherMeasures(table.down())) : down;
    return down.get();
  }

  private OtherMeasures across() {
    across = across.isEmpty() ? Optional.of(new OtherMeasures(table.across())) : across;
    return across.get();
  }

  public static double number(Value value) {
    return value instanceof Value.Numeric number ? number.number() : Double.NaN;
  }

  private Value fromTotals(Formula formula, List<Integer> rows, List<Integer> columns) {
    OptionalDouble figure = formula.workOut(new Totals(this, rows, columns));
    return figure.isPresent()
        ? Value.number(Digits.certain(figure.getAsDouble()), "")
        : Value.BLANK;
  }

  /// The total of a measure over the places beside these.
  double total(String name, List<Integer> rows, List<Integer> columns) {
    int measure = indexOf(name);
    if (measure < 0) {
      return Double.NaN;
    }
    boolean onAcross = table.across().leaves().get(columns.getFirst()).measure().isPresent();
    OtherMeasures siblings = onAcross ? across() : down();
    List<Integer> others =
        (onAcross ? columns : rows).stream().map(leaf -> siblings.of(leaf, measure)).toList();
    if (others.contains(-1)) {
      return Double.NaN;
    }
    return number(onAcross ? together(rows, others) : together(others, columns));
  }

  public int indexOf(String name) {
    return IntStream.range(0, table.measures().size())
        .filter(i -> table.measures().get(i).name().equals(name))
        .findFirst()
        .orElse(-1);
  }

  /// Several places taken together: nothing is around them.
  private record Totals(Figures figures, List<Integer> rows, List<Integer> columns)
      implements Neighbours {
    @Override
    public double figure(String measure) {
      return figures.total(measure, rows, columns);
    }
  }
}
