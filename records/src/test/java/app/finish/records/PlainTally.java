package app.finish.records;

import app.finish.core.tally.Bins;
import app.finish.core.tally.DatePart;
import app.finish.core.tally.MissingAnswers;
import app.finish.core.tally.Plan;
import app.finish.core.tally.TallyDimension;
import app.finish.core.tally.TallyMeasure;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Predicate;

/// A tally written plainly, record by record, to hold the other one against.
final class PlainTally {
  private final Plan plan;
  private final List<Sailing> records;
  private final Map<List<List<String>>, List<Sailing>> byPlace = new HashMap<>();

  PlainTally(Plan plan, List<Sailing> all, Predicate<Sailing> where) {
    this.plan = plan;
    List<Sailing> kept = new ArrayList<>(all.stream().filter(where).toList());
    if (plan.missing() == MissingAnswers.LEFT_OUT) {
      kept.removeIf(
          one ->
              plan.down().stream().anyMatch(d -> one.value(d.column()) == null)
                  || plan.across().stream().anyMatch(d -> one.value(d.column()) == null));
    }
    kept.removeIf(
        one -> plan.held().stream().anyMatch(h -> !label(one, h.dimension()).equals(h.label())));
    this.records = kept;
  }

  /// What a record's member of a dimension is called.
  static String label(Sailing record, TallyDimension dimension) {
    Object value = record.value(dimension.column());
    if (value == null) {
      return "No answer";
    }
    return switch (dimension.bins()) {
      case Bins.None _ ->
          switch (value) {
            case Boolean truth -> truth ? "Yes" : "No";
            case Double number -> plain(number);
            default -> value.toString();
          };
      case Bins.Width width -> {
        double number = ((Number) value).doubleValue();
        double from = width.start();
        while (number < from) {
          from -= width.width();
        }
        while (number >= from + width.width()) {
          from += width.width();
        }
        yield range(from, from + width.width(), width.whole());
      }
      case Bins.Cuts cuts -> {
        double number = ((Number) value).doubleValue();
        List<Double> points = cuts.points();
        if (number < points.getFirst()) {
          yield "Under " + plain(points.getFirst());
        }
        if (number >= points.getLast()) {
          yield plain(points.getLast()) + " and over";
        }
        int i = 0;
        while (number >= points.get(i + 1)) {
          i++;
        }
        yield range(points.get(i), points.get(i + 1), cuts.whole());
      }
      case Bins.Dates dates -> date((LocalDate) value, dates.part());
    };
  }

  private static String date(LocalDate day, DatePart part) {
    String month = day.getMonth().toString();
    String name = month.charAt(0) + month.substring(1).toLowerCase(Locale.ROOT);
    return switch (part) {
      case YEAR -> "" + day.getYear();
      case QUARTER -> day.getYear() + " Q" + ((day.getMonthValue() - 1) / 3 + 1);
      case MONTH -> name + " " + day.getYear();
      case CALENDAR_MONTH -> name;
      case DAY -> day.toString();
      case SEASON ->
          switch (day.getMonthValue()) {
            case 12, 1, 2 -> "Winter";
            case 3, 4, 5 -> "Spring";
            case 6, 7, 8 -> "Summer";
            default -> "Autumn";
          };
    };
  }

  private static String range(double from, double to, boolean whole) {
    return whole
        ? to - from == 1 ? plain(from) : plain(from) + "–" + plain(to - 1)
        : plain(from) + " to under " + plain(to);
  }

  private static String plain(double number) {
    String text = number == Math.rint(number) ? "" + (long) number : "" + number;
    return text.replace("-", "−");
  }

  /// The paths of labels that an axis has, totals as shorter ones.
  Set<List<String>> paths(List<TallyDimension> axis) {
    Set<List<String>> paths = new LinkedHashSet<>();
    if (axis.isEmpty()) {
      paths.add(List.of());
    }
    for (Sailing record : records) {
      List<String> path = path(record, axis);
      paths.add(path);
      for (int depth = 0; depth < axis.size(); depth++) {
        if (axis.get(depth).totalled()) {
          paths.add(path.subList(0, depth));
        }
      }
    }
    if (!axis.isEmpty() && axis.getFirst().totalled()) {
      paths.add(List.of());
    }
    return paths;
  }

  private static List<String> path(Sailing record, List<TallyDimension> axis) {
    return axis.stream().map(one -> label(record, one)).toList();
  }

  private List<Sailing> under(List<String> down, List<String> across) {
    if (byPlace.isEmpty()) {
      for (Sailing record : records) {
        List<String> row = path(record, plan.down());
        List<String> column = path(record, plan.across());
        for (int i = 0; i <= row.size(); i++) {
          for (int j = 0; j <= column.size(); j++) {
            byPlace
                .computeIfAbsent(
                    List.of(row.subList(0, i), column.subList(0, j)), place -> new ArrayList<>())
                .add(record);
          }
        }
      }
    }
    return byPlace.getOrDefault(List.of(down, across), List.of());
  }

  /// The figure of a measure for a row and a column; not a number where there is none.
  double figure(TallyMeasure measure, List<String> down, List<String> across) {
    List<Sailing> here = under(down, across);
    return switch (measure) {
      case TallyMeasure.Worked worked -> worked(worked, here);
      case TallyMeasure.Percent percent -> {
        List<Sailing> base =
            switch (percent.base()) {
              case ROW -> under(down, List.of());
              case COLUMN -> under(List.of(), across);
              case TOTAL -> under(List.of(), List.of());
            };
        TallyMeasure.Worked of =
            percent.column().isEmpty()
                ? TallyMeasure.count()
                : TallyMeasure.of(app.finish.core.tally.TallyFunction.SUM, percent.column());
        if (worked(of, base) == 0 || here.isEmpty() && !percent.column().isEmpty()) {
          yield Double.NaN;
        }
        yield 100 * worked(of, here) / worked(of, base);
      }
      case TallyMeasure.Calculated calculated -> {
        // The plans of the test calculate one thing: fares divided by running cost.
        double fares = sum(here, "Fares");
        double cost = sum(here, "Running cost");
        yield cost == 0 ? Double.NaN : fares / cost;
      }
    };
  }

  private double sum(List<Sailing> here, String column) {
    return worked(TallyMeasure.of(app.finish.core.tally.TallyFunction.SUM, column), here);
  }

  private double weight(Sailing record) {
    if (plan.weight().isEmpty()) {
      return 1;
    }
    Double weight = record.weight();
    return weight == null || weight < 0 ? 0 : weight;
  }

  private double worked(TallyMeasure.Worked worked, List<Sailing> here) {
    List<Sailing> answered =
        worked.column().isEmpty()
            ? here
            : here.stream().filter(r -> r.value(worked.column()) != null).toList();
    double[] values =
        worked.column().isEmpty()
            ? new double[0]
            : answered.stream().mapToDouble(r -> number(r.value(worked.column()))).toArray();
    double[] weights = answered.stream().mapToDouble(this::weight).toArray();
    double n = Arrays.stream(weights).sum();
    boolean weighted = !plan.weight().isEmpty();
    return switch (worked.function()) {
      case COUNT -> n;
      case DISTINCT ->
          new HashSet<>(answered.stream().map(r -> r.value(worked.column())).toList()).size();
      case SUM -> values.length == 0 ? Double.NaN : total(values, weights);
      case MEAN -> n == 0 ? Double.NaN : total(values, weights) / n;
      case DEVIATION -> deviation(values, weights, n);
      case ERROR -> deviation(values, weights, n) / Math.sqrt(n);
      case MEDIAN, QUANTILE ->
          weighted
              ? weightedQuantile(values, weights, n, worked.share())
              : quantile(values, worked.share());
      case LEAST -> Arrays.stream(values).min().orElse(Double.NaN);
      case GREATEST -> Arrays.stream(values).max().orElse(Double.NaN);
    };
  }

  private static double number(Object value) {
    return switch (value) {
      case Boolean truth -> truth ? 1 : 0;
      case Number number -> number.doubleValue();
      default -> Double.NaN;
    };
  }

  private static double total(double[] values, double[] weights) {
    double total = 0;
    for (int i = 0; i < values.length; i++) {
      total += values[i] * weights[i];
    }
    return total;
  }

  private static double deviation(double[] values, double[] weights, double n) {
    if (n <= 1) {
      return Double.NaN;
    }
    double mean = total(values, weights) / n;
    double squares = 0;
    for (int i = 0; i < values.length; i++) {
      squares += weights[i] * (values[i] - mean) * (values[i] - mean);
    }
    return Math.sqrt(squares / (n - 1));
  }

  private static double quantile(double[] values, double share) {
    if (values.length == 0) {
      return Double.NaN;
    }
    double[] sorted = values.clone();
    Arrays.sort(sorted);
    double place = (sorted.length - 1) * share;
    int low = (int) Math.floor(place);
    int high = Math.min(sorted.length - 1, low + 1);
    return sorted[low] + (place - low) * (sorted[high] - sorted[low]);
  }

  private static double weightedQuantile(double[] values, double[] weights, double n, double q) {
    Integer[] order = new Integer[values.length];
    Arrays.setAll(order, i -> i);
    Arrays.sort(order, (a, b) -> Double.compare(values[a], values[b]));
    double below = 0;
    for (int i = 0; i < order.length; i++) {
      below += weights[order[i]];
      boolean lastOfEqual =
          i == order.length - 1 || !Objects.equals(values[order[i]], values[order[i + 1]]);
      if (lastOfEqual && below > 0 && below >= q * n - 1e-9) {
        return values[order[i]];
      }
    }
    return Double.NaN;
  }
}
