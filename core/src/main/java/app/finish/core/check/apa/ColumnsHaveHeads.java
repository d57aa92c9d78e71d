package app.finish.core.check.apa;

import app.finish.core.check.Finding;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import java.util.function.Consumer;

/// Every column has a head, the stub too.
public final class ColumnsHaveHeads extends ApaCheck {
  public ColumnsHaveHeads() {
    super("stub-head", "Every column has a head, the stub too", "7.12");
  }

  @Override
  void look(Subject subject, Consumer<Finding> found) {
    for (DressedCell head : subject.heads()) {
      if (!head.text().isBlank()) {
        continue;
      }
      if (head.place() instanceof CellMeaning.StubHead) {
        found.accept(at(head, "", "", "The stub has no head. Say what its rows are."));
      } else if (head.columnSpan() == 1) {
        found.accept(at(head, "", "", "A column has no head. Say what it holds."));
      }
    }
  }
}
