package app.finish.core.recognise.axis;

import app.finish.core.recognise.found.Evidence;
import app.finish.core.recognise.line.Line;
import app.finish.core.recognise.line.Lines;
import app.finish.core.recognise.said.BlankMeaning;
import app.finish.core.recognise.sheet.Frame;
import app.finish.core.recognise.sheet.ReadGrid;
import app.finish.core.table.Value;
import java.util.List;
import java.util.Optional;

/// Gives the figures of a body, empty cells by what they stand for.
public final class Blanks {
  private final ReadGrid grid;
  private final Frame frame;
  private final Lines rows;
  private final Optional<BlankMeaning> said;

  public Blanks(ReadGrid grid, Frame frame, Lines rows, Optional<BlankMeaning> said) {
    this.grid = grid;
    this.frame = frame;
    this.rows = rows;
    this.said = said;
  }

  /// The value for a leaf down and a leaf across.
  public Value value(int row, int column) {
    int at = frame.valueColumns().get(column);
    Value own = grid.value(rows.lines().get(row).index(), at);
    if (!own.equals(Value.BLANK)) {
      return own;
    }
    return switch (said.orElse(BlankMeaning.MISSING)) {
      case MISSING -> own;
      case ZERO -> Value.number(0, "");
      case AS_ABOVE -> above(row, at);
    };
  }

  private Value above(int row, int column) {
    for (int above = row - 1; above >= 0; above--) {
      Value value = grid.value(rows.lines().get(above).index(), column);
      if (!value.equals(Value.BLANK)) {
        return value;
      }
    }
    return Value.BLANK;
  }

  /// What empty cells were taken for, and why; nothing if there are none.
  public Optional<Evidence> evidence() {
    int count = 0;
    for (Line line : rows.lines()) {
      for (int column : frame.valueColumns()) {
        boolean blank = grid.isBlank(line.index(), column);
        count += blank && !grid.isCovered(line.index(), column) ? 1 : 0;
      }
    }
    if (count == 0) {
      return Optional.empty();
    }
    String place = count == 1 ? "1 empty cell" : count + " empty cells";
    return Optional.of(
        said.isPresent()
            ? new Evidence(place, said.get().toString(), List.of("you said so"), 1)
            : new Evidence(
                place, "missing", List.of("nothing says that they stand for a figure"), 0.8));
  }
}
