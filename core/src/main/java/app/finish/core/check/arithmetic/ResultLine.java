package app.finish.core.check.arithmetic;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Results that belong together: those of one row under one group of heads, or of one column.
///
/// @param label what the line is called: its row headings
/// @param group the heads that it stands under, if there are several groups of the same results
/// @param figures the figures by what they are
/// @param level how sure the interval is, from 0 to 1, if the table says so
/// @param bare the degrees of freedom in the statistic's name, "t(38)", in their order
record ResultLine(
    List<String> label,
    List<String> group,
    Map<Quantity, Reported> figures,
    Optional<Double> level,
    List<Reported> bare) {

  ResultLine {
    label = List.copyOf(label);
    group = List.copyOf(group);
    figures = Map.copyOf(figures);
    bare = List.copyOf(bare);
  }

  Optional<Reported> get(Quantity quantity) {
    return Optional.ofNullable(figures.get(quantity));
  }

  /// The first of some that it has.
  Optional<Quantity> firstOf(Quantity... some) {
    for (Quantity one : some) {
      if (figures.containsKey(one)) {
        return Optional.of(one);
      }
    }
    return Optional.empty();
  }

  boolean has(Quantity... all) {
    for (Quantity one : all) {
      if (!figures.containsKey(one)) {
        return false;
      }
    }
    return true;
  }

  Reported at(Quantity quantity) {
    return get(quantity).orElseThrow();
  }

  /// What it is called in a sentence.
  String words() {
    List<String> named = label.stream().filter(one -> !one.isBlank()).toList();
    String own = named.isEmpty() ? "" : String.join(" › ", named);
    String over = String.join(" › ", group.stream().filter(one -> !one.isBlank()).toList());
    return own.isEmpty() || over.isEmpty() ? own + over : own + ", " + over;
  }
}
