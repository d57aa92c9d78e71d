package app.finish.core.check.apa;

import app.finish.core.check.Finding;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.style.Look;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import java.util.List;
import java.util.function.Consumer;

/// There are no vertical rules, no frame, and no rules between rows of figures.
public final class RulesLieFlat extends ApaCheck {
  public RulesLieFlat() {
    super(
        "rules",
        "There are no vertical rules, no frame and no rules between the rows of figures",
        "7.17");
  }

  @Override
  void look(Subject subject, Consumer<Finding> found) {
    vertical(subject, found);
    between(subject, found);
    String frame = subject.dressed().root().setting(Property.FRAME);
    if (!frame.isEmpty() && !frame.equals("none")) {
      found.accept(
          on(
              PartName.TABLE,
              frame,
              "none",
              "The table has a frame.",
              set(
                  subject,
                  "Take the frame off",
                  Selector.of(PartName.TABLE),
                  Property.FRAME,
                  "none")));
    }
  }

  private void vertical(Subject subject, Consumer<Finding> found) {
    for (DressedRow row : subject.rows()) {
      for (DressedCell cell : row.cells()) {
        Look look = cell.look();
        boolean left = look.ruleLeft().isDrawn();
        if (row.isTable() && (left || look.ruleRight().isDrawn())) {
          Property side = left ? Property.RULE_LEFT : Property.RULE_RIGHT;
          Property owner = look.betweenColumns().isDrawn() ? Property.RULE_BETWEEN_COLUMNS : side;
          found.accept(
              at(
                  cell,
                  look.setting(owner),
                  "none",
                  "There is a vertical rule.",
                  set(
                      subject,
                      "Take vertical rules off",
                      from(subject, look, owner),
                      owner,
                      "none")));
          return;
        }
      }
    }
  }

  /// What sets a property of a look: the selector that it comes from, else the table.
  private static Selector from(Subject subject, Look look, Property property) {
    return look.origin(property)
        .map(origin -> origin.selector())
        .orElse(Selector.of(PartName.TABLE));
  }

  private void between(Subject subject, Consumer<Finding> found) {
    List<DressedRow> body = subject.body();
    for (int i = 0; i + 1 < body.size(); i++) {
      if (body.get(i).part().name() != PartName.BODY
          || body.get(i + 1).part().name() != PartName.BODY) {
        continue;
      }
      for (DressedCell cell : body.get(i).cells()) {
        boolean figure = cell.place() instanceof CellMeaning.Body;
        if (figure && cell.look().ruleBelow().isDrawn()) {
          Property owner =
              cell.look().betweenRows().isDrawn()
                  ? Property.RULE_BETWEEN_ROWS
                  : Property.RULE_BELOW;
          found.accept(
              at(
                  cell,
                  cell.look().setting(owner),
                  "none",
                  "There is a rule between rows of figures.",
                  set(subject, "Take it off", from(subject, cell.look(), owner), owner, "none")));
          return;
        }
      }
    }
  }
}
