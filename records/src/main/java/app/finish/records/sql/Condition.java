package app.finish.records.sql;

import app.finish.expressions.BadExpression;
import app.finish.expressions.Expression;
import app.finish.expressions.Name;
import app.finish.expressions.Term;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/// Translates a checked expression into SQL, from its tree. Values that are written in it become
/// parameters. A comparison with an answer that is missing is not true, as in SQL.
public final class Condition {
  /// The signs between two operands, as statements write them.
  static final Map<String, String> SIGNS =
      Map.ofEntries(
          Map.entry("+", "+"),
          Map.entry("-", "-"),
          Map.entry("*", "*"),
          Map.entry("/", "/"),
          Map.entry("==", "="),
          Map.entry("!=", "<>"),
          Map.entry("<", "<"),
          Map.entry("<=", "<="),
          Map.entry(">", ">"),
          Map.entry(">=", ">="),
          Map.entry("&&", "AND"),
          Map.entry("||", "OR"));

  private final Dialect dialect;
  private final String text;

  private Condition(Dialect dialect, String text) {
    this.dialect = dialect;
    this.text = text;
  }

  /// The condition of a filter.
  ///
  /// @throws BadExpression if it uses a function that can't be asked of a database
  public static Fragment of(Expression expression, Dialect dialect) {
    return new Condition(dialect, expression.text()).write(expression.term());
  }

  private Fragment write(Term term) {
    return switch (term) {
      case Term.Named named -> new Fragment().add(column(named.name()));
      case Term.Number number -> new Fragment().value(number.value(), dialect.doubleType());
      case Term.Text words -> new Fragment().value(words.value(), dialect.textType());
      case Term.Truth truth -> new Fragment().add(truth.value() ? "TRUE" : "FALSE");
      case Term.Moment moment ->
          new Fragment()
              .value(
                  LocalDateTime.ofInstant(moment.value(), ZoneOffset.UTC)
                      .toString()
                      .replace('T', ' '),
                  "TIMESTAMP");
      case Term.Listed listed -> list(listed.items());
      case Term.Call call -> call(call.function(), call.arguments());
    };
  }

  private String column(Name name) {
    String quoted = dialect.quote(name.name());
    return switch (name.kind()) {
      case NUMBER -> dialect.asDouble(quoted);
      case TEXT -> dialect.asText(quoted);
      case DATE -> "CAST(" + quoted + " AS TIMESTAMP)";
      case TRUTH -> quoted;
    };
  }

  private Fragment list(List<Term> items) {
    Fragment list = new Fragment().add("(");
    for (int i = 0; i < items.size(); i++) {
      list.add(i > 0 ? ", " : "").add(write(items.get(i)));
    }
    return list.add(")");
  }

  private Fragment call(String function, List<Term> arguments) {
    if (arguments.size() == 2 && SIGNS.containsKey(function)) {
      return infix(SIGNS.get(function), arguments);
    }
    return switch (function) {
      case "!" -> new Fragment().add("(NOT ").add(write(arguments.getFirst())).add(")");
      case "-" -> new Fragment().add("(-").add(write(arguments.getFirst())).add(")");
      case "in" -> in(arguments);
      case "? :" ->
          new Fragment()
              .add("(CASE WHEN ")
              .add(write(arguments.get(0)))
              .add(" THEN ")
              .add(write(arguments.get(1)))
              .add(" ELSE ")
              .add(write(arguments.get(2)))
              .add(" END)");
      case "missing" -> new Fragment().add("(").add(write(arguments.getFirst())).add(" IS NULL)");
      case "startsWith" -> like("", arguments, "%");
      case "endsWith" -> like("%", arguments, "");
      case "contains" -> like("%", arguments, "%");
      case "matches" -> {
        Fragment pattern = write(arguments.get(1));
        Fragment words = write(arguments.get(0));
        yield new Fragment()
            .add(dialect.matches(words.sql(), pattern.sql()))
            .add(Fragment.parametersOf(words, pattern));
      }
      case "size" ->
          new Fragment()
              .add(dialect.asDouble("LENGTH(" + write(arguments.getFirst()).sql() + ")"))
              .add(Fragment.parametersOf(write(arguments.getFirst())));
      case "double" -> write(arguments.getFirst());
      case "year", "quarter", "month", "day" -> part(function, arguments.getFirst());
      default ->
          throw new BadExpression(
              "“"
                  + function
                  + "” can't be asked of the records in “"
                  + text
                  + "”. Use comparisons, in, startsWith, endsWith, contains, matches, size, "
                  + "missing, year, quarter, month and day.",
              Math.max(0, text.indexOf(function)));
    };
  }

  private Fragment infix(String sign, List<Term> arguments) {
    Fragment right = write(arguments.get(1));
    Fragment divisor =
        sign.equals("/") ? new Fragment().add("NULLIF(").add(right).add(", 0)") : right;
    return new Fragment()
        .add("(")
        .add(write(arguments.get(0)))
        .add(" " + sign + " ")
        .add(divisor)
        .add(")");
  }

  private Fragment in(List<Term> arguments) {
    if (!(arguments.get(1) instanceof Term.Listed listed) || listed.items().isEmpty()) {
      return new Fragment().add("FALSE");
    }
    return new Fragment()
        .add("(")
        .add(write(arguments.get(0)))
        .add(" IN ")
        .add(list(listed.items()))
        .add(")");
  }

  private Fragment like(String before, List<Term> arguments, String after) {
    if (!(arguments.get(1) instanceof Term.Text part)) {
      throw new BadExpression(
          "In “" + text + "” a text between quotes has to stand between the parentheses.", 0);
    }
    String escaped = part.value().replace("!", "!!").replace("%", "!%").replace("_", "!_");
    return new Fragment()
        .add("(")
        .add(write(arguments.getFirst()))
        .add(" LIKE ")
        .value(before + escaped + after, dialect.textType())
        .add(" ESCAPE '!')");
  }

  private Fragment part(String part, Term date) {
    Fragment moment = write(date);
    String sql = "EXTRACT(" + part.toUpperCase(Locale.ROOT) + " FROM " + moment.sql() + ")";
    return new Fragment().add(dialect.asDouble(sql)).add(Fragment.parametersOf(moment));
  }
}
