package app.finish.core.check.apa;

import app.finish.core.check.Finding;
import app.finish.core.check.Mend;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.style.Look;
import app.finish.core.style.PartName;
import app.finish.core.style.Selector;
import app.finish.core.table.Measure;
import app.finish.core.table.Value;
import java.util.HashSet;
import java.util.Set;
import java.util.function.Consumer;

/// How one thing about figures is written, measure by measure: each measure that breaks it is found
/// once, at its first figure.
abstract class FiguresAreWritten extends ApaCheck {
  FiguresAreWritten(String id, String asks, String section) {
    super(id, asks, section);
  }

  /// What is wrong with a figure, as it should be written; the same text if nothing is.
  abstract String written(String text, Value value, Measure measure);

  /// What is wrong, as a sentence.
  abstract String sentence(Measure measure);

  /// What mends it for a whole measure.
  abstract Mend mend(Subject subject, Selector selector, Look look);

  /// Whether it is one thing for all figures, not one for each measure.
  boolean together() {
    return false;
  }

  @Override
  void look(Subject subject, Consumer<Finding> found) {
    Set<String> said = new HashSet<>();
    for (DressedRow row : subject.body()) {
      for (DressedCell cell : row.cells()) {
        if (cell.place() instanceof CellMeaning.Body(int down, int across)) {
          Measure measure = subject.table().measureAt(down, across);
          Value value = subject.table().body().at(down, across);
          String text = cell.bareText();
          String should = written(text, value, measure);
          if (!should.equals(text) && said.add(together() ? "" : measure.name())) {
            Selector selector = together() ? Selector.of(PartName.BODY) : selector(measure);
            found.accept(
                at(cell, text, should, sentence(measure), mend(subject, selector, cell.look())));
          }
        }
      }
    }
  }

  /// A measure by its name; figures of a measure without one are those of its kind.
  private static Selector selector(Measure measure) {
    return measure.name().isEmpty()
        ? new Selector.OfKind(measure.kind())
        : new Selector.OfMeasure(measure.name());
  }
}
