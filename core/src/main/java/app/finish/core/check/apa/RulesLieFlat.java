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
import java.util.Optional;
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
                  unruled(subject, "Take vertical rules off", look, owner)));
          return;
        }
      }
    }
  }

  private void between(Subject subject, Consumer<Finding> found) {
    List<DressedRow> body = subject.body();
    for (int i = 0; i + 1 < body.size(); i++) {
      boolean figures =
          body.get(i).part().name() == PartName.BODY
              && body.get(i + 1).part().name() == PartName.BODY;
      Optional<DressedCell> ruled = ruled(body.get(i), Property.RULE_BELOW);
      Optional<DressedCell> above = ruled(body.get(i + 1), Property.RULE_ABOVE);
      if (figures && (ruled.isPresent() || above.isPresent())) {
        DressedCell cell = ruled.or(() -> above).orElseThrow();
        Property side = ruled.isPresent() ? Property.RULE_BELOW : Property.RULE_ABOVE;
        Property owner = cell.look().betweenRows().isDrawn() ? Property.RULE_BETWEEN_ROWS : side;
        found.accept(
            at(
                cell,
                cell.look().setting(owner),
                "none",
                "There is a rule between rows of figures.",
                unruled(subject, "Take it off", cell.look(), owner)));
        return;
      }
    }
  }

  /// The first figure of a row with a rule on a side.
  private static Optional<DressedCell> ruled(DressedRow row, Property side) {
    return row.cells().stream()
        .filter(cell -> cell.place() instanceof CellMeaning.Body)
        .filter(
            cell ->
                side == Property.RULE_BELOW
                    ? cell.look().ruleBelow().isDrawn()
                    : cell.look().ruleAbove().isDrawn())
        .findFirst();
  }
}
