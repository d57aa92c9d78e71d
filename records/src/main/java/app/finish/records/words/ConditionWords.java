package app.finish.records.words;

import app.finish.expressions.Expression;
import app.finish.expressions.Name;
import app.finish.expressions.Term;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;

/// Says a condition in words, for a reader who knows no code.
///
/// ```java
/// // Passengers > 0 && Route != "Hale–Orrin" → Passengers is more than 0 and Route is not
/// Hale–Orrin ConditionWords.of(where, names);
/// ```
public final class ConditionWords {
  private ConditionWords() {}

  public static String of(String where, List<Name> names) {
    return say(Expression.truth(where, names).term(), false);
  }

  private static String say(Term term, boolean inside) {
    return switch (term) {
      case Term.Named named ->
          named.name().kind() == Name.Kind.TRUTH
              ? named.name().name() + " is yes"
              : named.name().name();
      case Term.Number number -> plain(number.value());
      case Term.Text text -> text.value().isEmpty() ? "empty" : text.value();
      case Term.Truth truth -> truth.value() ? "yes" : "no";
      case Term.Moment moment -> {
        LocalDateTime at = LocalDateTime.ofInstant(moment.value(), ZoneOffset.UTC);
        boolean day = at.toLocalTime().toSecondOfDay() == 0;
        yield day ? LocalDate.from(at).toString() : at.toString().replace('T', ' ');
      }
      case Term.Listed listed ->
          String.join(" or ", listed.items().stream().map(one -> say(one, true)).toList());
      case Term.Call call -> call(call.function(), call.arguments(), inside);
    };
  }

  private static String call(String function, List<Term> arguments, boolean inside) {
    String one = value(arguments.getFirst());
    String other = arguments.size() > 1 ? value(arguments.get(1)) : "";
    return switch (function) {
      case "&&", "||" -> {
        String joined =
            say(arguments.get(0), true)
                + (function.equals("&&") ? " and " : " or ")
                + say(arguments.get(1), true);
        boolean mixed = function.equals("||") && inside;
        yield mixed ? "either " + joined : joined;
      }
      case "!" -> "it does not hold that " + say(arguments.getFirst(), true);
      case "==" -> one + " is " + other;
      case "!=" -> one + " is not " + other;
      case "<" -> one + " is less than " + other;
      case "<=" -> one + " is at most " + other;
      case ">" -> one + " is more than " + other;
      case ">=" -> one + " is at least " + other;
      case "in" -> one + " is " + other;
      case "startsWith" -> one + " begins with " + other;
      case "endsWith" -> one + " ends with " + other;
      case "contains" -> one + " contains " + other;
      case "matches" -> one + " has the form " + other;
      case "missing" -> one + " has no answer";
      case "size" -> "the length of " + one;
      case "year", "quarter", "month", "day" -> "the " + function + " of " + one;
      case "+" -> one + " + " + other;
      case "-" -> arguments.size() == 1 ? "−" + one : one + " − " + other;
      case "*" -> one + " × " + other;
      case "/" -> one + " ÷ " + other;
      case "? :" ->
          say(arguments.get(1), true)
              + " if "
              + say(arguments.get(0), true)
              + ", else "
              + say(arguments.get(2), true);
      default -> function + " of " + one;
    };
  }

  /// A term in the place of a value: a name alone is no statement there.
  private static String value(Term term) {
    return term instanceof Term.Named named ? named.name().name() : say(term, true);
  }

  private static String plain(double number) {
    String digits = new BigDecimal(Double.toString(number)).stripTrailingZeros().toPlainString();
    return digits.replace('-', '−');
  }
}
