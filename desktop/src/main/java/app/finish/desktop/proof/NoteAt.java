package app.finish.desktop.proof;

import app.finish.core.layout.CellBox;
import app.finish.core.layout.Mark;
import app.finish.core.table.Note;
import java.util.List;
import javafx.geometry.Point2D;

/// Which note of a paragraph in which several run on a point lies on.
final class NoteAt {
  /// How far letters reach below their baseline, as a share of their size.
  private static final double BELOW = 0.3;

  private NoteAt() {}

  /// The place of the note among all notes.
  ///
  /// @param first the place of the paragraph's first note
  /// @param marks what is drawn where the paragraph stands
  /// @param at the point, on the page
  static int of(CellBox box, int first, List<Note> notes, List<Mark> marks, Point2D at) {
    int before = lettersBefore(box, marks, at);
    String all = bare(box.cell().text());
    int found = first;
    int from = 0;
    for (int i = first; i < notes.size(); i++) {
      String text = bare(notes.get(i).text());
      int start = all.indexOf(text, from);
      if (start >= 0 && start <= before) {
        found = i;
        from = start + text.length();
      }
    }
    return found;
  }

  private static int lettersBefore(CellBox box, List<Mark> marks, Point2D at) {
    double line = Double.MAX_VALUE;
    for (Mark mark : marks) {
      if (mark instanceof Mark.Text text && isIn(text, box)) {
        double foot = text.y() + BELOW * text.size();
        line = foot >= at.getY() ? Math.min(line, text.y()) : line;
      }
    }
    double letters = 0;
    for (Mark mark : marks) {
      if (mark instanceof Mark.Text text && isIn(text, box)) {
        boolean above = text.y() + BELOW * text.size() < at.getY();
        boolean same = !above && text.y() - line < text.size() / 2;
        double share = (at.getX() - text.x()) / Math.max(1, text.width());
        letters +=
            above
                ? bare(text.text()).length()
                : same ? Math.clamp(share, 0, 1) * bare(text.text()).length() : 0;
      }
    }
    return (int) letters;
  }

  private static boolean isIn(Mark.Text text, CellBox box) {
    return box.contains(text.x() + 0.1, text.y());
  }

  private static String bare(String text) {
    return text.replaceAll("[\\s\\u00A0]+", "");
  }
}
