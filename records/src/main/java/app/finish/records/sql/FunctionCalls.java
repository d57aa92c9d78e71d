package app.finish.records.sql;

import app.finish.core.tally.TallyFunction;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Takes calls of functions over records out of an expression and puts names in their places.
///
/// ```java
/// FunctionCalls calls = FunctionCalls.in("sum(Fares) / sum(Running cost)");
/// calls.text(); // "`sum of Fares` / `sum of Running cost`"
/// ```
///
/// @param text the expression with names in the places of the calls
/// @param calls what each of the names stands for
public record FunctionCalls(String text, Map<String, Call> calls) {
  /// A function over what each record gives.
  ///
  /// @param inner a column or an expression of columns
  public record Call(TallyFunction function, String inner) {}

  private static final Pattern BEGIN =
      Pattern.compile("\\b(sum|mean|median|min|max|count|distinct|sd|se)\\s*\\(");

  /// The calls in an expression.
  public static FunctionCalls in(String expression) {
    Map<String, Call> calls = new LinkedHashMap<>();
    StringBuilder text = new StringBuilder();
    Matcher begin = BEGIN.matcher(expression);
    int at = 0;
    while (begin.find(at)) {
      int end = closing(expression, begin.end());
      Optional<TallyFunction> function = TallyFunction.of(begin.group(1));
      if (end < 0 || function.isEmpty()) {
        break;
      }
      String inner = expression.substring(begin.end(), end).strip();
      String name = begin.group(1) + " of " + inner.replace('`', ' ');
      calls.put(name, new Call(function.get(), inner.replace("`", "")));
      text.append(expression, at, begin.start()).append('`').append(name).append('`');
      at = end + 1;
    }
    text.append(expression.substring(at));
    return new FunctionCalls(text.toString(), calls);
  }

  private static int closing(String text, int from) {
    int open = 1;
    for (int i = from; i < text.length(); i++) {
      open += text.charAt(i) == '(' ? 1 : text.charAt(i) == ')' ? -1 : 0;
      if (open == 0) {
        return i;
      }
    }
    return -1;
  }
}
