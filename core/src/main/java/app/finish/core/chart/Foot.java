package app.finish.core.chart;

import app.finish.core.style.Look;
import app.finish.core.style.colour.Colour;
import java.util.List;

/// The scale to the left of what stands upright, and the names below it: where they are too many,
/// every second or third of them.
record Foot(Subject subject) {
  private static final double APART = 6;

  double at(Frame frame, double number) {
    return frame.foot() - frame.height() * subject.scale().share(number);
  }

  double scaleWidth(Drawing drawing) {
    double widest = 0;
    for (double tick : subject.scale().ticks()) {
      widest = Math.max(widest, drawing.width(subject.tick(tick), subject.label()));
    }
    return widest + APART;
  }

  /// Draws the lines of the scale and writes its numbers.
  void scale(Drawing drawing, Frame frame) {
    for (double tick : subject.scale().ticks()) {
      double y = at(frame, tick);
      drawing.rule(frame.x(), y, frame.right(), y, 0.4, drawing.colour("rule 40%"));
      drawing.text(
          subject.tick(tick), subject.label(), drawing.colour("soft"), frame.x() - APART, 1, y);
    }
  }

  private boolean isGrouped() {
    return subject.data().categories().stream().anyMatch(one -> !one.group().isEmpty());
  }

  /// The height of the names below a width.
  double height(Drawing drawing, double width) {
    List<ChartData.Line> all = subject.data().categories();
    double slot = width / Math.max(1, all.size());
    int most = 1;
    if (every(drawing, slot) == 1) {
      for (ChartData.Line one : all) {
        most = Math.max(most, lines(drawing, one.label(), 0, 0, slot, false));
      }
    }
    return most * subject.label().size() * 1.15 + 6 + (isGrouped() ? subject.leading() : 0);
  }

  private int lines(
      Drawing drawing, String text, double x, double top, double slot, boolean write) {
    return drawing.lines(text, subject.label(), x, top, slot - APART / 2, write);
  }

  /// Every how many names are written: all, if their words fit.
  private int every(Drawing drawing, double slot) {
    double widest = 0;
    for (ChartData.Line one : subject.data().categories()) {
      widest = Math.max(widest, drawing.widestWord(one.label(), subject.label()));
    }
    return (int) Math.max(1, Math.ceil((widest + APART / 2) / slot));
  }

  /// Writes the names, and under them those of their groups.
  void labels(Drawing drawing, Frame frame) {
    List<ChartData.Line> all = subject.data().categories();
    double slot = frame.width() / Math.max(1, all.size());
    int every = every(drawing, slot);
    for (int i = 0; i < all.size(); i += every) {
      double x = frame.x() + slot * (i + 0.5);
      if (every == 1) {
        lines(drawing, all.get(i).label(), x, frame.foot() + 4, slot, true);
      } else {
        Look look = subject.label();
        double middle = frame.foot() + 4 + look.size() * 0.6;
        drawing.shortened(all.get(i).label(), look, look.ink(), x, 0.5, middle, slot * every);
      }
    }
    if (isGrouped()) {
      double y = frame.foot() + height(drawing, frame.width()) - subject.leading() / 2;
      groups(drawing, frame, slot, y);
    }
  }

  private void groups(Drawing drawing, Frame frame, double slot, double middle) {
    List<ChartData.Line> all = subject.data().categories();
    Colour soft = drawing.colour("soft");
    int first = 0;
    for (int i = 1; i <= all.size(); i++) {
      if (i == all.size() || !all.get(i).group().equals(all.get(first).group())) {
        double left = frame.x() + slot * first;
        double wide = slot * (i - first);
        String name = all.get(first).group();
        drawing.shortened(name, subject.label(), soft, left + wide / 2, 0.5, middle, wide - 4);
        if (first > 0) {
          drawing.rule(left, frame.foot(), left, middle + subject.leading() / 2, 0.4, soft);
        }
        first = i;
      }
    }
  }
}
