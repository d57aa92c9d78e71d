package app.finish.records.sql;

import app.finish.core.problem.Refusal;
import app.finish.core.tally.Plan;
import app.finish.core.tally.TallyFunction;
import app.finish.core.tally.TallyMeasure;
import app.finish.core.tally.TallyMeasure.Base;
import app.finish.core.tally.TallyMeasure.Worked;
import app.finish.expressions.Expression;
import app.finish.expressions.Name;
import app.finish.expressions.Term;
import app.finish.records.column.Column;
import app.finish.records.column.ColumnType;
import app.finish.records.column.Columns;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/// What has to be asked of the database for the measures of a plan, each thing once, and how the
/// measures come of it.
public final class Figures {
  /// What is asked: a function over a column.
  private record Asked(TallyFunction function, String column, double share) {}

  private static final Set<TallyFunction> ADDS_UP =
      EnumSet.of(
          TallyFunction.COUNT,
          TallyFunction.SUM,
          TallyFunction.MEAN,
          TallyFunction.LEAST,
          TallyFunction.GREATEST);

  /// A quantile for which the records have to be put in order, with their weights.
  ///
  /// @param output the place of the figure among the outputs
  /// @param input the input whose quantile it is
  /// @param share the share below it
  record WeightedQuantile(int output, String input, double share) {}

  /// A group's total for each base.
  public interface Totals extends Function<Base, Optional<double[]>> {}

  /// Works a measure out of what was asked.
  private interface Recipe {
    double of(double[] asked, double[] measures, Totals totals);
  }

  private final Columns columns;
  private final Dialect dialect;
  private final boolean weighted;
  private final Map<Asked, Integer> asked = new LinkedHashMap<>();
  private final Map<String, Integer> inputs = new LinkedHashMap<>();
  private final Set<Integer> shifted = new LinkedHashSet<>();
  private final Set<Base> bases = EnumSet.noneOf(Base.class);
  private final List<Recipe> recipes = new ArrayList<>();
  private final List<String> inputSql = new ArrayList<>();
  private final List<String> outputs = new ArrayList<>();
  private final Map<String, String> parts = new LinkedHashMap<>();
  private final List<WeightedQuantile> quantiles = new ArrayList<>();

  public Figures(Plan plan, Columns columns, Dialect dialect) {
    this.columns = columns;
    this.dialect = dialect;
    this.weighted = !plan.weight().isEmpty();
    List<TallyMeasure> measures = plan.measuresOrCount();
    for (int i = 0; i < measures.size(); i++) {
      recipes.add(recipe(measures.get(i), measures.subList(0, i)));
    }
    if (weighted) {
      Column weight = columns.of(plan.weight());
      columns.needNumbers(weight, "weights");
      String number = dialect.asDouble(dialect.quote(weight.name()));
      inputSql.add("CASE WHEN " + number + " > 0 THEN " + number + " ELSE 0 END AS w");
    }
    boolean adds = asked.keySet().stream().allMatch(one -> ADDS_UP.contains(one.function));
    asked.keySet().forEach(one -> outputs.add(adds ? ofParts(one) : output(one)));
  }

  private Recipe recipe(TallyMeasure measure, List<TallyMeasure> before) {
    return switch (measure) {
      case Worked worked -> {
        int at = ask(worked.function(), worked.column(), worked.share());
        yield (figures, made, totals) -> figures[at];
      }
      case TallyMeasure.Percent percent -> {
        bases.add(percent.base());
        boolean counts = percent.column().isEmpty();
        int at = ask(counts ? TallyFunction.COUNT : TallyFunction.SUM, percent.column(), 0.5);
        yield (figures, made, totals) ->
            totals
                .apply(percent.base())
                .map(total -> 100 * figures[at] / total[at])
                .orElse(Double.NaN);
      }
      case TallyMeasure.Calculated calculated -> calculated(calculated, before);
    };
  }

  private Recipe calculated(TallyMeasure.Calculated calculated, List<TallyMeasure> before) {
    List<Name> names = new ArrayList<>();
    Map<String, Integer> made = new LinkedHashMap<>();
    for (int i = 0; i < before.size(); i++) {
      made.put(before.get(i).name(), i);
      names.add(Name.number(before.get(i).name()));
    }
    for (Column column : columns.all()) {
      if (column.type().isNumber() && !made.containsKey(column.name())) {
        names.add(Name.number(column.name()));
      }
    }
    FunctionCalls calls = FunctionCalls.in(calculated.expression());
    calls.calls().keySet().forEach(name -> names.add(Name.number(name)));
    Expression expression = Expression.number(calls.text(), names);
    refuseBareColumns(expression.term(), made.keySet(), calls);
    Map<String, Integer> sums = new LinkedHashMap<>();
    for (Name name : expression.used()) {
      FunctionCalls.Call call = calls.calls().get(name.name());
      if (call != null) {
        sums.put(name.name(), ask(call.function(), call.inner(), 0.5));
      } else if (!made.containsKey(name.name())) {
        sums.put(name.name(), ask(TallyFunction.SUM, name.name(), 0.5));
      }
    }
    return (figures, measures, totals) ->
        expression
            .workOut(
                name -> {
                  Integer sum = sums.get(name);
                  return sum == null
                      ? measures[Objects.requireNonNull(made.get(name))]
                      : figures[sum];
                })
            .orElse(Double.NaN);
  }

  /// Refuses a product or a quotient of two columns that stand bare: it may be meant of the sums or
  /// of each record.
  private static void refuseBareColumns(Term term, Set<String> made, FunctionCalls calls) {
    if (!(term instanceof Term.Call call)) {
      return;
    }
    boolean either = call.function().equals("*") || call.function().equals("/");
    if (either
        && call.arguments().size() == 2
        && call.arguments().get(0) instanceof Term.Named one
        && call.arguments().get(1) instanceof Term.Named other
        && isBare(one, made, calls)
        && isBare(other, made, calls)) {
      String sign = " " + call.function() + " ";
      String first = one.name().name();
      String second = other.name().name();
      throw new Refusal(
          "“"
              + first
              + sign
              + second
              + "” can be read in two ways. Write sum("
              + first
              + ")"
              + sign
              + "sum("
              + second
              + ") for that of the sums, or "
              + (call.function().equals("*") ? "sum" : "mean")
              + "("
              + first
              + sign
              + second
              + ") for that of each record.");
    }
    call.arguments().forEach(argument -> refuseBareColumns(argument, made, calls));
  }

  private static boolean isBare(Term.Named term, Set<String> made, FunctionCalls calls) {
    String name = term.name().name();
    return !made.contains(name) && !calls.calls().containsKey(name);
  }

  private int ask(TallyFunction function, String column, double share) {
    if (!column.isEmpty() || function != TallyFunction.COUNT) {
      Optional<Column> known = columns.find(column);
      if (known.isEmpty() && column.matches(".*[-+*/?].*")) {
        inputs.computeIfAbsent(column, this::addExpression);
      } else {
        Column found = columns.of(column);
        if (function.needsNumbers()) {
          columns.needNumbers(found, "added up or averaged");
        }
        inputs.computeIfAbsent(found.name(), name -> addInput(found));
        column = found.name();
      }
    }
    Asked one = new Asked(function, column, share);
    Integer known = asked.get(one);
    if (known == null) {
      known = asked.size();
      asked.put(one, known);
    }
    if (weighted && (function == TallyFunction.DEVIATION || function == TallyFunction.ERROR)) {
      shifted.add(inputs.get(column));
    }
    return known;
  }

  private int addExpression(String text) {
    int at = inputs.size();
    inputSql.add(new RecordExpression(columns, dialect).sql(text) + " AS v" + at);
    return at;
  }

  /// Whether a column holds no decimals.
  private boolean isWhole(String column) {
    return columns.find(column).map(one -> one.type() != ColumnType.NUMBER).orElse(false);
  }

  private int addInput(Column column) {
    int at = inputs.size();
    String name = dialect.quote(column.name());
    String value =
        column.type() == ColumnType.TRUTH
            ? "CASE WHEN " + name + " THEN 1 WHEN NOT " + name + " THEN 0 END"
            : name;
    inputSql.add(value + " AS v" + at);
    return at;
  }

  /// What is asked of a group, made of what was asked of the groups that it consists of: so the
  /// records are gone through once for the finest groups, and not for each grouping set.
  private String ofParts(Asked one) {
    int at = inputs.getOrDefault(one.column, -1);
    String value = "v" + at;
    String number = dialect.asDouble(value);
    boolean whole = !one.column.isEmpty() && isWhole(one.column);
    String counted =
        weighted
            ? one.column.isEmpty()
                ? "SUM(w)"
                : "SUM(CASE WHEN " + value + " IS NOT NULL THEN w END)"
            : one.column.isEmpty() ? "COUNT(*)" : "COUNT(" + value + ")";
    boolean exact = whole && !weighted;
    String summed =
        weighted
            ? dialect.sum("w * " + number, false)
            : exact ? "SUM(" + value + ")" : dialect.sum(value, false);
    return switch (one.function) {
      case COUNT -> "COALESCE(SUM(" + part(counted) + "), 0)";
      case SUM -> dialect.sum(part(summed), exact);
      case MEAN ->
          dialect.sum(part(summed), exact)
              + " / NULLIF("
              + dialect.asDouble("SUM(" + part(counted) + ")")
              + ", 0)";
      case LEAST -> dialect.asDouble("MIN(" + part("MIN(" + value + ")") + ")");
      case GREATEST -> dialect.asDouble("MAX(" + part("MAX(" + value + ")") + ")");
      default -> throw new IllegalArgumentException(one.function + " does not add up");
    };
  }

  private String part(String asked) {
    return parts.computeIfAbsent(asked, made -> "p" + parts.size());
  }

  private String output(Asked one) {
    int at = inputs.getOrDefault(one.column, -1);
    String value = "v" + at;
    return weighted ? weightedOutput(one, value, "c" + at) : plainOutput(one, value);
  }

  private String plainOutput(Asked one, String value) {
    boolean whole = !one.column.isEmpty() && isWhole(one.column);
    String number = dialect.asDouble(value);
    return switch (one.function) {
      case COUNT -> one.column.isEmpty() ? "COUNT(*)" : "COUNT(" + value + ")";
      case DISTINCT -> "COUNT(DISTINCT " + value + ")";
      case SUM -> dialect.sum(value, whole);
      case MEAN -> dialect.mean(value);
      case DEVIATION -> "STDDEV_SAMP(" + number + ")";
      case ERROR -> "STDDEV_SAMP(" + number + ") / SQRT(NULLIF(COUNT(" + value + "), 0))";
      case MEDIAN, QUANTILE -> dialect.quantile(value, one.share);
      case LEAST -> dialect.asDouble("MIN(" + value + ")");
      case GREATEST -> dialect.asDouble("MAX(" + value + ")");
    };
  }

  /// Sums of squares are taken around the mean of all records, so that few digits are lost; what is
  /// left when equal ones are subtracted is none.
  private String weightedOutput(Asked one, String value, String shift) {
    String number = dialect.asDouble(value);
    String weights = "SUM(CASE WHEN " + value + " IS NOT NULL THEN w END)";
    String off = "(" + number + " - " + shift + ")";
    String around = "SUM(w * " + off + " * " + off + ")";
    String mean = "SUM(w * " + off + ")";
    String squares = "(" + around + " - " + mean + " * " + mean + " / NULLIF(" + weights + ", 0))";
    String variance =
        "CASE WHEN "
            + weights
            + " > 1 THEN (CASE WHEN "
            + squares
            + " > 1e-13 * "
            + around
            + " THEN "
            + squares
            + " ELSE 0 END) / ("
            + weights
            + " - 1) END";
    return switch (one.function) {
      case COUNT -> one.column.isEmpty() ? "COALESCE(SUM(w), 0)" : "COALESCE(" + weights + ", 0)";
      case SUM -> "SUM(w * " + number + ")";
      case MEAN -> "SUM(w * " + number + ") / NULLIF(" + weights + ", 0)";
      case DEVIATION -> "SQRT(" + variance + ")";
      case ERROR -> "SQRT((" + variance + ") / NULLIF(" + weights + ", 0))";
      case MEDIAN, QUANTILE -> {
        quantiles.add(new WeightedQuantile(outputs.size(), value, one.share));
        yield "CAST(NULL AS " + dialect.doubleType() + ")";
      }
      case DISTINCT, LEAST, GREATEST -> plainOutput(one, value);
    };
  }

  /// What has to be picked from the records, by the names v0, v1 … and w.
  List<String> inputs() {
    return List.copyOf(inputSql);
  }

  /// The means of all records around which squares are taken, by the names c0, c1 …, if any are.
  Optional<String> shifts() {
    return shifted.isEmpty()
        ? Optional.empty()
        : Optional.of(
            String.join(
                ", ",
                shifted.stream()
                    .map(at -> "COALESCE(AVG(" + dialect.asDouble("v" + at) + "), 0) AS c" + at)
                    .toList()));
  }

  /// What is asked of the finest groups, by the names p0, p1 …, of which the outputs are made; none
  /// if the outputs are asked of the records themselves.
  List<String> parts() {
    return parts.entrySet().stream().map(one -> one.getKey() + " AS " + one.getValue()).toList();
  }

  /// What is asked of each group.
  public List<String> outputs() {
    return List.copyOf(outputs);
  }

  /// The outputs that have to be found by putting records in order.
  List<WeightedQuantile> quantiles() {
    return List.copyOf(quantiles);
  }

  /// The totals that percentages are shares of.
  public Set<Base> bases() {
    return bases;
  }

  /// The figures of the measures of a group.
  ///
  /// @param figures what was asked
  /// @param totals what was asked of the group's totals
  public List<Double> measures(double[] figures, Totals totals) {
    double[] made = new double[recipes.size()];
    List<Double> all = new ArrayList<>(recipes.size());
    for (int i = 0; i < made.length; i++) {
      made[i] = recipes.get(i).of(figures, made, totals);
      all.add(made[i]);
    }
    return all;
  }
}
