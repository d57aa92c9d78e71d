package app.finish.core.highlight;

import app.finish.core.highlight.SentenceWords.Word;
import java.util.ArrayList;
import java.util.List;

/// Reads a condition: comparisons and the like, joined by *and*, *or*, *not* and brackets.
record ConditionReader(SentenceWords words) {
  Condition read() {
    List<Condition> any = new ArrayList<>(List.of(all()));
    while (words.takes("or")) {
      any.add(all());
    }
    return any.size() == 1 ? any.getFirst() : new Condition.Any(any);
  }

  private Condition all() {
    List<Condition> all = new ArrayList<>(List.of(one()));
    while (words.takes("and")) {
      all.add(one());
    }
    return all.size() == 1 ? all.getFirst() : new Condition.All(all);
  }

  private Condition one() {
    if (words.takes("not")) {
      return new Condition.Not(one());
    }
    if (words.takes("(")) {
      Condition inner = read();
      if (!words.takes(")")) {
        throw words.wrong("a closing bracket is expected");
      }
      return inner;
    }
    for (Condition.Sign sign : Condition.Sign.values()) {
      if (words.takes(sign.words().split(" "))) {
        return new Condition.Compared(sign, operand());
      }
    }
    if (words.takes("negative")) {
      return new Condition.Compared(Condition.Sign.BELOW, new Operand.Number(0));
    }
    return more();
  }

  private Condition more() {
    if (words.takes("always")) {
      return new Condition.Always();
    }
    if (words.takes("missing")) {
      return new Condition.Missing();
    }
    if (words.takes("a", "number")) {
      return new Condition.IsNumber();
    }
    if (words.takes("a", "text")) {
      return new Condition.IsText();
    }
    if (words.takes("between")) {
      double low = number();
      if (!words.takes("and")) {
        throw words.wrong("and is expected, with a second number");
      }
      return new Condition.Between(low, number());
    }
    if (words.takes("among", "the")) {
      return outermost();
    }
    if (words.takes("further", "than")) {
      double deviations = words.number();
      if (!words.takes("sd", "from", "the", "mean")) {
        throw words.wrong("“SD from the mean” is expected");
      }
      return new Condition.FarFromMean(deviations, scope(Scope.COLUMN));
    }
    if (words.takes("changed", "by")) {
      return changed();
    }
    if (words.takes("containing")) {
      return new Condition.Contains(words.take().text());
    }
    if (words.takes("one", "of")) {
      List<String> texts = new ArrayList<>(List.of(words.take().text()));
      int before = words.index();
      while (words.takes(",") && words.peek().quoted()) {
        texts.add(words.take().text());
        before = words.index();
      }
      words.backTo(before);
      return new Condition.OneOf(texts);
    }
    if (words.takes("where")) {
      return new Condition.Expression(words.take().text());
    }
    throw words.wrong(
        "a condition is expected, such as below 85, at least “Passengers”, among the top 3 of its"
            + " column, missing");
  }

  private Condition outermost() {
    boolean greatest = words.takes("top");
    if (!greatest && !words.takes("bottom")) {
      throw words.wrong("top or bottom is expected");
    }
    double count = words.number();
    if (count <= 0) {
      throw words.wrong("a number above 0 is expected before");
    }
    return new Condition.Outermost(greatest, count, words.takes("%"), scope(Scope.COLUMN));
  }

  private Condition changed() {
    for (Condition.Sign sign : Condition.Sign.values()) {
      if (words.takes(sign.words().split(" "))) {
        double by = words.number();
        boolean percent = words.takes("%");
        boolean across = words.takes("from", "the", "left");
        words.takes("from", "above");
        return new Condition.Changed(sign, by, percent, across);
      }
    }
    throw words.wrong("below, above, at most or at least is expected, and a number");
  }

  private Scope scope(Scope otherwise) {
    if (!words.takes("of")) {
      return otherwise;
    }
    for (Scope scope : Scope.values()) {
      if (words.takes(scope.words().split(" "))) {
        return scope;
      }
    }
    throw words.wrong("its row, its column, its group or the table is expected");
  }

  private double number() {
    double number = words.number();
    words.takes("%");
    return number;
  }

  private Operand operand() {
    if (words.seesNumber()) {
      return new Operand.Number(number());
    }
    if (words.takes("that", "of")) {
      StringBuilder dimension = new StringBuilder();
      while (!words.atEnd() && !words.peek().quoted()) {
        dimension.append(dimension.isEmpty() ? "" : " ").append(words.take().text());
      }
      Word first = words.take();
      return words.peek().quoted()
          ? new Operand.AtMember(first.text(), words.take().text())
          : new Operand.AtMember(dimension.toString(), first.text());
    }
    for (Operand.Statistic statistic : Operand.Statistic.values()) {
      if (words.takes("the", statistic.word())) {
        return new Operand.OfMany(statistic, scope(Scope.COLUMN));
      }
    }
    if (words.peek().quoted()) {
      return new Operand.OfMeasure(words.take().text());
    }
    StringBuilder measure = new StringBuilder();
    while (!words.atEnd() && !isEnd()) {
      measure.append(measure.isEmpty() ? "" : " ").append(words.take().text());
    }
    if (measure.isEmpty()) {
      throw words.wrong("a number or a measure is expected");
    }
    return new Operand.OfMeasure(measure.toString());
  }

  private boolean isEnd() {
    return words.sees(":") || words.sees("and") || words.sees("or") || words.sees(")");
  }
}
