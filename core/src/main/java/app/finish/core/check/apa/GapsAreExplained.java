package app.finish.core.check.apa;

import app.finish.core.check.Finding;
import app.finish.core.check.Mend;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.style.PartName;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Value;
import java.util.EnumSet;
import java.util.Set;
import java.util.function.Consumer;

/// A figure that is missing is explained by a note; one that can't apply, such as the *F* of an
/// error, needs none.
public final class GapsAreExplained extends ApaCheck {
  private static final Set<MeasureKind> STATISTICS =
      EnumSet.of(
          MeasureKind.P,
          MeasureKind.TEST,
          MeasureKind.FREEDOM,
          MeasureKind.CORRELATION,
          MeasureKind.COEFFICIENT,
          MeasureKind.ERROR,
          MeasureKind.INTERVAL,
          MeasureKind.STATISTIC);

  public GapsAreExplained() {
    super("missing", "A figure that is missing is explained by a note", "7.13");
  }

  @Override
  void look(Subject subject, Consumer<Finding> found) {
    String notes = subject.notes();
    for (DressedRow row : subject.body()) {
      for (DressedCell cell : row.cells()) {
        if (cell.place() instanceof CellMeaning.Body(int down, int across)
            && subject.table().body().at(down, across) instanceof Value.Missing
            && !STATISTICS.contains(subject.table().measureAt(down, across).kind())) {
          String text = cell.text().strip();
          boolean explained = text.isEmpty() ? notes.contains("mpty") : notes.contains(text);
          if (!explained) {
            String before = subject.table().words().typed(subject.table().words().generalNote());
            String said =
                (before.isEmpty() || subject.table().words().generalNote().isEmpty()
                        ? ""
                        : before + " ")
                    + (text.isEmpty() ? "Empty cells" : text)
                    + " = not obtained.";
            found.accept(
                at(
                    cell,
                    text,
                    "",
                    "A figure is missing, and no note says why.",
                    new Mend.Reword("Say that it was not obtained", PartName.NOTE, said)));
            return;
          }
        }
      }
    }
  }
}
