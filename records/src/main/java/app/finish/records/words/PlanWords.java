package app.finish.records.words;

import app.finish.core.problem.Refusal;
import app.finish.core.tally.Bins;
import app.finish.core.tally.DatePart;
import app.finish.core.tally.HeldAt;
import app.finish.core.tally.Member;
import app.finish.core.tally.TallyDimension;
import app.finish.core.tally.TallyFunction;
import app.finish.core.tally.TallyMeasure;
import app.finish.core.tally.TallyMeasure.Base;
import app.finish.records.column.Column;
import app.finish.records.column.ColumnType;
import app.finish.records.column.Columns;
import app.finish.records.source.Records;
import app.finish.records.sql.DatabaseQuery;
import app.finish.records.sql.FunctionCalls;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// Reads dimensions and measures as a person writes them.
///
/// ```java
/// PlanWords words = new PlanWords(records.columns());
/// words.dimension("Sailed on by season as Season");
/// words.dimension("Age at 18, 35, 65");
/// words.measure("sum Fares");
/// words.measure("Fares / Running cost as Cost recovery");
/// ```
public final class PlanWords {
  private final Columns columns;

  /// @param columns the columns that may be named
  public PlanWords(Columns columns) {
    this.columns = columns;
  }

  /// A text and the name that it gives with "as".
  private record Named(String text, Optional<String> name) {}

  private Named named(String words) {
    String lower = words.toLowerCase(Locale.ROOT);
    int as = lower.lastIndexOf(" as ");
    return as < 0 || isInAColumn(lower, as)
        ? new Named(words.strip(), Optional.empty())
        : new Named(words.substring(0, as).strip(), Optional.of(words.substring(as + 4).strip()));
  }

  /// Whether a place in the words belongs to the name of a column.
  private boolean isInAColumn(String words, int index) {
    for (Column column : columns.all()) {
      String name = column.name().toLowerCase(Locale.ROOT);
      int at = words.lastIndexOf(name, index);
      if (name.contains(" as ") && at >= 0 && at + name.length() > index + 3) {
        return true;
      }
    }
    return false;
  }

  /// A dimension: a column; behind it "by" and a part of dates or a width, or "at" and cut points;
  /// behind that "as" and a name.
  ///
  /// @throws app.finish.core.problem.Refusal if it can't be read, in words for the person
  public TallyDimension dimension(String words) {
    Named named = named(words);
    TallyDimension dimension = gathered(named.text);
    return named.name.map(dimension::named).orElse(dimension);
  }

  private TallyDimension gathered(String text) {
    if (columns.find(text).isPresent()) {
      return TallyDimension.of(columns.of(text).name());
    }
    String lower = text.toLowerCase(Locale.ROOT);
    int by = lower.lastIndexOf(" by ");
    int at = lower.lastIndexOf(" at ");
    int cut = Math.max(by, at);
    if (cut < 0) {
      return TallyDimension.of(columns.of(text).name());
    }
    Column column = columns.of(text.substring(0, cut).strip());
    String how = text.substring(cut + 4).strip();
    Bins bins = by > at ? by(column, how) : at(column, how);
    return TallyDimension.of(column.name()).in(bins);
  }

  private Bins by(Column column, String how) {
    if (how.matches("[0-9]*\\.?[0-9]+")) {
      double width = Double.parseDouble(how);
      boolean whole = column.type() == ColumnType.WHOLE && width == Math.rint(width);
      return new Bins.Width(width, 0, whole);
    }
    try {
      return new Bins.Dates(DatePart.of(how));
    } catch (Refusal e) {
      throw new Refusal(
          "“by "
              + how
              + "” is not known. Use year, quarter, month, calendar month, season, day or a"
              + " width such as 10.",
          e);
    }
  }

  private static Bins at(Column column, String how) {
    List<Double> points = new ArrayList<>();
    for (String point : how.split("[,;\\s]+")) {
      try {
        points.add(Double.parseDouble(point));
      } catch (NumberFormatException e) {
        throw new Refusal(
            "“at "
                + how
                + "” holds “"
                + point
                + "”, which is no number. Write cut points such as"
                + " 18, 35, 65.",
            e);
      }
    }
    boolean whole =
        column.type() == ColumnType.WHOLE && points.stream().allMatch(p -> p == Math.rint(p));
    return Bins.cuts(points, whole);
  }

  /// A measure: a function and a column, or an expression; behind it "as" and a name. The functions
  /// are count, distinct, sum, mean, sd, se, median, q and a number (q25), min, max, and percent,
  /// row-percent and column-percent, which need no column.
  ///
  /// @throws app.finish.core.problem.Refusal if it can't be read, in words for the person
  public TallyMeasure measure(String words) {
    Named named = named(words);
    TallyMeasure measure = function(named.text).orElseGet(() -> expression(named.text));
    return named.name.map(measure::withName).orElse(measure);
  }

  private static TallyMeasure expression(String text) {
    return new TallyMeasure.Calculated(text, text);
  }

  private Optional<TallyMeasure> function(String text) {
    String[] parts = text.split("\\s+", 2);
    int bracket = text.indexOf('(');
    if (bracket > 0
        && text.endsWith(")")
        && TallyFunction.of(text.substring(0, bracket)).isPresent()
        && FunctionCalls.in(text).calls().size() == 1
        && FunctionCalls.in(text).text().matches("`[^`]*`")) {
      parts = new String[] {text.substring(0, bracket), text.substring(bracket)};
    }
    String first = parts[0].toLowerCase(Locale.ROOT);
    String rest = parts.length > 1 ? parts[1].strip() : "";
    Optional<Base> base =
        switch (first) {
          case "percent" -> Optional.of(Base.TOTAL);
          case "row-percent" -> Optional.of(Base.ROW);
          case "column-percent" -> Optional.of(Base.COLUMN);
          default -> Optional.empty();
        };
    if (base.isPresent() && (rest.isEmpty() || columns.find(rest).isPresent())) {
      String column = rest.isEmpty() ? "" : columns.of(rest).name();
      return Optional.of(TallyMeasure.percent(base.get(), column));
    }
    if (first.equals("count") && rest.isEmpty()) {
      return Optional.of(TallyMeasure.count());
    }
    boolean quantile = first.matches("q\\d+(\\.\\d+)?");
    Optional<TallyFunction> function =
        quantile ? Optional.of(TallyFunction.QUANTILE) : TallyFunction.of(first);
    boolean isExpression = rest.matches("[-+*/<>=?.].*") || rest.isEmpty();
    if (function.isEmpty() || isExpression || first.equals("q")) {
      return Optional.empty();
    }
    // What is no column is worked out for each record.
    String column = columns.find(rest).map(Column::name).orElseGet(() -> perRecord(rest));
    return Optional.of(
        quantile
            ? TallyMeasure.quantile(Double.parseDouble(first.substring(1)) / 100, column)
            : TallyMeasure.of(function.get(), column));
  }

  private String perRecord(String text) {
    String bare = text.matches("\\([^()]*\\)") ? text.substring(1, text.length() - 1) : text;
    return columns
        .find(bare)
        .map(Column::name)
        .orElseGet(() -> bare.matches(".*[-+*/?].*") ? bare.strip() : columns.of(bare).name());
  }

  /// A dimension as a person would write it, so that [#dimension] reads it again.
  public static String words(TallyDimension dimension) {
    String gathered =
        switch (dimension.bins()) {
          case Bins.None _ -> "";
          case Bins.Width width -> " by " + plain(width.width());
          case Bins.Cuts cuts ->
              " at " + String.join(", ", cuts.points().stream().map(PlanWords::plain).toList());
          case Bins.Dates dates -> " by " + dates.part().word();
        };
    String name = dimension.name();
    return dimension.column() + gathered + (name.equals(dimension.column()) ? "" : " as " + name);
  }

  /// A measure as a person would write it, so that [#measure] reads it again.
  public static String words(TallyMeasure measure) {
    return switch (measure) {
      case TallyMeasure.Worked worked -> {
        boolean quantile = worked.function() == TallyFunction.QUANTILE;
        String function = worked.function().word() + (quantile ? plain(worked.share() * 100) : "");
        TallyMeasure unnamed =
            quantile
                ? TallyMeasure.quantile(worked.share(), worked.column())
                : worked.column().isEmpty()
                    ? TallyMeasure.count()
                    : TallyMeasure.of(worked.function(), worked.column());
        yield named((function + " " + worked.column()).strip(), unnamed, worked.name());
      }
      case TallyMeasure.Percent percent -> {
        String function =
            switch (percent.base()) {
              case ROW -> "row-percent";
              case COLUMN -> "column-percent";
              case TOTAL -> "percent";
            };
        TallyMeasure unnamed = TallyMeasure.percent(percent.base(), percent.column());
        yield named((function + " " + percent.column()).strip(), unnamed, percent.name());
      }
      case TallyMeasure.Calculated calculated ->
          named(calculated.expression(), expression(calculated.expression()), calculated.name());
    };
  }

  private static String named(String words, TallyMeasure unnamed, String name) {
    return words + (unnamed.name().equals(name) ? "" : " as " + name);
  }

  private static String plain(double number) {
    return Bins.written(Math.round(number * 1e9) / 1e9).replace('−', '-');
  }

  /// A dimension that is held at a member: the dimension, "=" and the member's name.
  ///
  /// @throws app.finish.core.problem.Refusal if there is no such member, in words for the person
  public static HeldAt held(String words, Records records, DatabaseQuery asking)
      throws IOException {
    int equals = words.lastIndexOf('=');
    if (equals < 0) {
      throw new Refusal("“" + words + "” does not say at which member. Write COLUMN = MEMBER.");
    }
    PlanWords plan = new PlanWords(records.columns());
    TallyDimension dimension = plan.dimension(words.substring(0, equals).strip());
    String wanted = words.substring(equals + 1).strip();
    List<Member> members = records.members(dimension, 10_000, asking);
    for (Member member : members) {
      if (dimension.bins().label(member).equalsIgnoreCase(wanted)) {
        return new HeldAt(dimension, member);
      }
    }
    String some =
        String.join(
            ", ", members.stream().limit(8).map(one -> dimension.bins().label(one)).toList());
    throw new Refusal(
        "“" + dimension.name() + "” has no member “" + wanted + "”. It has: " + some + ".");
  }
}
