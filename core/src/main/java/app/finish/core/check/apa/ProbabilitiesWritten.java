package app.finish.core.check.apa;

import app.finish.core.check.Finding;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.table.MeasureKind;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// A probability is never .000 or 1.000: it is "< .001" or "> .999".
public final class ProbabilitiesWritten extends ApaCheck {
  private static final Pattern TOLD =
      Pattern.compile("(?<![\\p{L}])(p\\s*=\\s*(0?[.,]0+|1[.,]0+))(?!\\d)");

  public ProbabilitiesWritten() {
    super("p", "A probability is never .000 or 1.000, but < .001 or > .999", "6.36");
  }

  @Override
  void look(Subject subject, Consumer<Finding> found) {
    for (DressedRow row : subject.rows()) {
      for (DressedCell cell : row.cells()) {
        if (cell.place() instanceof CellMeaning.Body(int down, int across)) {
          boolean probability = subject.table().measureAt(down, across).kind() == MeasureKind.P;
          if (probability) {
            figure(cell, cell.bareText().strip(), found);
          }
        } else if (!row.isTable()) {
          Matcher told = TOLD.matcher(cell.text());
          if (told.find()) {
            String should = told.group(2).startsWith("1") ? "p > .999" : "p < .001";
            found.accept(at(cell, told.group(), should, "It says " + told.group() + "."));
          }
        }
      }
    }
  }

  private void figure(DressedCell cell, String text, Consumer<Finding> found) {
    if (text.matches("0?[.,]0+")) {
      found.accept(at(cell, text, "< .001", "The probability is written " + text + "."));
    } else if (text.matches("1([.,]0+)?")) {
      found.accept(at(cell, text, "> .999", "The probability is written " + text + "."));
    }
  }
}
