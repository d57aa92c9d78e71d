package app.finish.records.sql;

import app.finish.expressions.BadExpression;
import app.finish.expressions.Expression;
import app.finish.expressions.Name;
import app.finish.expressions.Term;
import app.finish.records.column.Columns;
import java.math.BigDecimal;
import java.util.List;

/// Writes an expression over the columns of one record as SQL, so that a function is worked out of
/// what it gives for each record. A record that lacks one of the answers gives none, and so does a
/// division by zero.
///
/// ```java
/// new RecordExpression(columns, dialect).sql("Units * Unit cost");
/// ```
public final class RecordExpression {
  private final Columns columns;
  private final Dialect dialect;

  public RecordExpression(Columns columns, Dialect dialect) {
    this.columns = columns;
    this.dialect = dialect;
  }

  /// The statement's text for an expression.
  ///
  /// @throws BadExpression if it is none, or uses what can't be asked of a record
  public String sql(String text) {
    List<Name> names =
        columns.all().stream()
            .filter(column -> column.type().isNumber())
            .map(column -> Name.number(column.name()))
            .toList();
    return write(Expression.number(text, names).term(), text);
  }

  private String write(Term term, String text) {
    return switch (term) {
      case Term.Named named -> dialect.asDouble(dialect.quote(named.name().name()));
      case Term.Number number -> dialect.asDouble(plain(number.value()));
      case Term.Truth truth -> truth.value() ? "TRUE" : "FALSE";
      case Term.Call call -> call(call.function(), call.arguments(), text);
      case Term.Text _ -> throw refused(text);
      case Term.Moment _ -> throw refused(text);
      case Term.Listed _ -> throw refused(text);
    };
  }

  private static String plain(double number) {
    String digits = new BigDecimal(Double.toString(number)).toPlainString();
    return number < 0 ? "(" + digits + ")" : digits;
  }

  private String call(String function, List<Term> arguments, String text) {
    List<String> parts = arguments.stream().map(one -> write(one, text)).toList();
    String sign = function.equals("/") ? "" : Condition.SIGNS.getOrDefault(function, "");
    if (parts.size() == 2 && !sign.isEmpty()) {
      return "(" + parts.get(0) + " " + sign + " " + parts.get(1) + ")";
    }
    return switch (function) {
      case "/" -> "(" + parts.get(0) + " / NULLIF(" + parts.get(1) + ", 0))";
      case "-" -> "(-" + parts.getFirst() + ")";
      case "!" -> "(NOT " + parts.getFirst() + ")";
      case "double" -> parts.getFirst();
      case "missing" -> "(" + parts.getFirst() + " IS NULL)";
      case "? :" ->
          "(CASE WHEN "
              + parts.get(0)
              + " THEN "
              + parts.get(1)
              + " ELSE "
              + parts.get(2)
              + " END)";
      default -> throw refused(text);
    };
  }

  private static BadExpression refused(String text) {
    return new BadExpression(
        "“"
            + text
            + "” can't be worked out of one record. Use columns of numbers, + - * / and ? :.",
        0);
  }
}
