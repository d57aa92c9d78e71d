package app.finish.core.dress;

import app.finish.core.style.Look;
import app.finish.core.style.Part;
import app.finish.core.style.RuleLine;
import java.util.List;

/// A cell of a dressed table.
///
/// @param column the first column that it stands in, from 0
/// @param columnSpan how many columns it reaches over
/// @param rowSpan how many rows it reaches over
/// @param runs its text
/// @param indent how many steps it is indented
/// @param part what it is
/// @param look how it looks
/// @param place what it stands for
public record DressedCell(
    int column,
    int columnSpan,
    int rowSpan,
    List<Run> runs,
    int indent,
    Part part,
    Look look,
    CellMeaning place) {
  /// The same cell with so much more space above and below its text.
  public DressedCell withMoreSpace(double above, double below) {
    return new DressedCell(
        column, columnSpan, rowSpan, runs, indent, part, look.withMoreSpace(above, below), place);
  }

  /// A rule as far as it is drawn at this cell: one that is for figures only is not at a heading of
  /// rows.
  public RuleLine own(RuleLine rule) {
    boolean stub = place instanceof CellMeaning.Stub || place instanceof CellMeaning.StubHead;
    return stub && rule.reach() == RuleLine.Reach.FIGURES ? RuleLine.NONE : rule;
  }

  /// Whether its text stands at the foot, in the middle or at the top: 1, 0.5 or 0.
  public double standing(DressedRow.Band band) {
    boolean low = band == DressedRow.Band.HEAD || (band == DressedRow.Band.BODY && rowSpan == 1);
    return switch (look.vertical()) {
      case AS_USUAL -> low ? 1 : 0;
      case TOP -> 0;
      case MIDDLE -> 0.5;
      case BOTTOM -> 1;
    };
  }

  /// The text before any mark of a footnote.
  public String bareText() {
    if (runs.size() == 1) {
      return runs.getFirst().text();
    }
    StringBuilder text = new StringBuilder();
    runs.stream().filter(run -> !run.raised()).forEach(run -> text.append(run.text()));
    return text.toString();
  }

  /// Its text without weight and slant.
  public String text() {
    if (runs.size() == 1) {
      return runs.getFirst().text();
    }
    StringBuilder text = new StringBuilder();
    runs.forEach(run -> text.append(run.text()));
    return text.toString();
  }
}
