package app.finish.core.check.apa;

import app.finish.core.check.Finding;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.table.MeasureKind;
import java.util.function.Consumer;

/// A probability is never .000 or 1.000: it is "< .001" or "> .999".
public final class ProbabilitiesWritten extends ApaCheck {
  public ProbabilitiesWritten() {
    super("p", "A probability is never .000 or 1.000, but < .001 or > .999", "6.36");
  }

  @Override
  void look(Subject subject, Consumer<Finding> found) {
    for (DressedRow row : subject.body()) {
      for (DressedCell cell : row.cells()) {
        if (cell.place() instanceof CellMeaning.Body(int down, int across)
            && subject.table().measureAt(down, across).kind() == MeasureKind.P) {
          String text = cell.bareText().strip();
          if (text.matches("0?[.,]0+")) {
            found.accept(at(cell, text, "< .001", "The probability is written " + text + "."));
          } else if (text.matches("1([.,]0+)?")) {
            found.accept(at(cell, text, "> .999", "The probability is written " + text + "."));
          }
        }
      }
    }
  }
}
