package app.finish.core.check.apa;

import app.finish.core.arrange.make.LoneSpanners;
import app.finish.core.check.Finding;
import app.finish.core.check.Mend;
import app.finish.core.dress.DressedCell;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import java.util.function.Consumer;

/// A head over several columns has a rule below it over just those; none stands over one column.
public final class SpannersSpan extends ApaCheck {
  public SpannersSpan() {
    super("spanner", "A head over several columns has a rule below, and none is over one", "7.12");
  }

  @Override
  void look(Subject subject, Consumer<Finding> found) {
    for (DressedCell head : subject.heads()) {
      boolean spanner = head.part().name() == PartName.SPANNER && !head.text().isBlank();
      if (spanner && head.columnSpan() == 1) {
        found.accept(
            at(
                head,
                head.text(),
                "",
                "“" + head.text() + "” spans one column only.",
                new Mend.Arrange("Set it into the head below", new LoneSpanners())));
      } else if (spanner && !head.look().ruleBelow().isDrawn()) {
        found.accept(
            at(
                head,
                "none",
                "0.5 pt ink spanned",
                "“" + head.text() + "” has no rule below it.",
                set(
                    subject,
                    "Rule below the heads that span",
                    Selector.of(PartName.SPANNER),
                    Property.RULE_BELOW,
                    "0.5 pt ink spanned")));
        return;
      }
    }
  }
}
