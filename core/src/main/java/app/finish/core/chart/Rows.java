package app.finish.core.chart;

import app.finish.core.style.Look;
import app.finish.core.style.colour.Colour;
import java.util.ArrayList;
import java.util.List;

/// Categories one below the other, under the names of their groups, with their labels to the left.
final class Rows {
  private static final double GAP = 6;

  private final Subject subject;

  /// Where a category stands.
  ///
  /// @param middle the height of its middle
  record Row(int category, double middle) {}

  Rows(Subject subject) {
    this.subject = subject;
  }

  /// How many lines they are, with those of the groups' names.
  int lines() {
    int lines = 0;
    String group = "";
    for (ChartData.Line one : subject.data().categories()) {
      lines += one.group().isEmpty() || one.group().equals(group) ? 1 : 2;
      group = one.group();
    }
    return Math.max(1, lines);
  }

  /// The room that labels take, at most two fifths of the width.
  double room(Drawing drawing, double width) {
    double widest = 0;
    Look look = subject.label();
    for (ChartData.Line one : subject.data().categories()) {
      double indent = one.group().isEmpty() ? 0 : look.size();
      widest = Math.max(widest, drawing.width(one.label(), look) + indent);
    }
    return Math.min(widest, width * 0.4) + GAP;
  }

  /// Writes the labels and gives the place of each category.
  ///
  /// @param room the room that labels take
  List<Row> draw(Drawing drawing, Frame frame, double room) {
    Look look = subject.label();
    Colour soft = drawing.colour("soft");
    double line = frame.height() / lines();
    double y = frame.y();
    String group = "";
    List<Row> rows = new ArrayList<>();
    for (int i = 0; i < subject.data().categories().size(); i++) {
      ChartData.Line one = subject.data().categories().get(i);
      double indent = one.group().isEmpty() ? 0 : look.size();
      if (!one.group().isEmpty() && !one.group().equals(group)) {
        double wide = Math.min(frame.width(), drawing.width(one.group(), look) + 3);
        drawing.fill(frame.x(), y, frame.x() + wide, y + line, drawing.colour("paper"), false);
        drawing.shortened(one.group(), look, soft, frame.x(), 0, y + line / 2, frame.width());
        y += line;
      }
      group = one.group();
      drawing.shortened(
          one.label(),
          look,
          look.ink(),
          frame.x() + indent,
          0,
          y + line / 2,
          room - indent - GAP + 0.1);
      rows.add(new Row(i, y + line / 2));
      y += line;
    }
    return rows;
  }

  double line(Frame frame) {
    return frame.height() / lines();
  }
}
