package app.finish.core.check.apa;

import app.finish.core.arrange.make.JoinMeasures;
import app.finish.core.check.Finding;
import app.finish.core.check.Mend;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.table.Leaf;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import java.util.List;
import java.util.function.Consumer;
import java.util.regex.Pattern;

/// The two limits of an interval stand under a head that says which interval it is, or in one
/// column.
public final class IntervalsHeaded extends ApaCheck {
  private static final Pattern SAID =
      Pattern.compile("(?i).*(\\bCI\\b|\\bCrI\\b|\\bHDI\\b|interval|confidence|credible|range).*");

  private static final Pattern LOWER = Pattern.compile("(?i)LL|lower( limit| bound)?|from|low");

  public IntervalsHeaded() {
    super("interval", "A head says of which interval two limits are", "6.43 and 7.11");
  }

  @Override
  void look(Subject subject, Consumer<Finding> found) {
    Table table = subject.table();
    List<Leaf> leaves = table.across().leaves();
    for (int i = 0; i + 1 < leaves.size(); i++) {
      Leaf lower = leaves.get(i);
      Leaf upper = leaves.get(i + 1);
      boolean limits =
          isLimit(table, lower)
              && isLimit(table, upper)
              && LOWER.matcher(lower.heading().label().strip()).matches();
      boolean said =
          lower.labels().stream().anyMatch(label -> SAID.matcher(label).matches())
              || SAID.matcher(table.words().title()).matches();
      if (limits && !said) {
        String one = lower.heading().label();
        String other = upper.heading().label();
        CellMeaning.Head place = new CellMeaning.Head(lower.path().size() - 1, i, i);
        subject.heads().stream()
            .filter(head -> head.place().equals(place))
            .findFirst()
            .ifPresent(head -> found.accept(finding(head, one, other)));
        return;
      }
    }
  }

  private static boolean isLimit(Table table, Leaf leaf) {
    return leaf.heading().measure().isPresent()
        && table.measures().get(leaf.heading().measure().getAsInt()).kind() == MeasureKind.INTERVAL;
  }

  private Finding finding(DressedCell head, String one, String other) {
    return at(
        head,
        one + ", " + other,
        "95% CI over both",
        "No head says of which interval " + one + " and " + other + " are the limits.",
        new Mend.Arrange(
            "Write them in one column",
            new JoinMeasures(one, other, JoinMeasures.Form.INTERVAL, "95% CI")));
  }
}
