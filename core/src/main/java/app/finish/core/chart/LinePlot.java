package app.finish.core.chart;

import app.finish.core.style.Look;
import app.finish.core.style.colour.Colour;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/// Lines over periods; or from the first period to the last alone. Each bears its name at its end
/// where there is room.
record LinePlot(Subject subject) implements Plot {
  private static final double DOT = 2.6;

  /// Where the name of a line stands.
  private record Name(int series, double end, double middle) {}

  @Override
  public double least(Drawing drawing, double width) {
    double names = subject.isNamedAtLines() ? subject.data().series().size() : 1;
    return Math.max(100, names * subject.leading()) + new Foot(subject).height(drawing, width);
  }

  private boolean isSlope() {
    return subject.kind() == ChartKind.SLOPES;
  }

  @Override
  public void draw(Drawing drawing, Frame frame) {
    Foot foot = new Foot(subject);
    boolean named = subject.isNamedAtLines();
    double room = isSlope() ? values(drawing) + 10 : foot.scaleWidth(drawing);
    double after = named ? Math.min(names(drawing), frame.width() * 0.35) + 8 : 6;
    double below = foot.height(drawing, frame.width() - room - after);
    Frame inner = frame.within(room, subject.leading() / 2, after, below);
    if (isSlope()) {
      for (int i = 0; i < subject.data().categories().size(); i++) {
        double x = x(inner, i);
        drawing.rule(x, inner.y(), x, inner.foot(), 0.4, drawing.colour("rule"));
      }
    } else {
      foot.scale(drawing, inner);
    }
    if (isSlope()) {
      periods(drawing, inner);
    } else {
      foot.labels(drawing, inner);
    }
    List<Name> names = new ArrayList<>();
    for (int j = 0; j < subject.data().series().size(); j++) {
      line(drawing, foot, inner, j, names);
    }
    if (named) {
      write(drawing, inner, names);
    }
    if (isSlope()) {
      begins(drawing, foot, inner);
    }
  }

  /// The names of the periods under their upright lines.
  private void periods(Drawing drawing, Frame frame) {
    Look look = subject.label();
    List<ChartData.Line> all = subject.data().categories();
    for (int i = 0; i < all.size(); i++) {
      double y = frame.foot() + 4 + look.size() * 0.6;
      drawing.text(all.get(i).whole(), look, look.ink(), x(frame, i), 0.5, y);
    }
  }

  /// The figures at which lines begin, each at least a line below the one before.
  private void begins(Drawing drawing, Foot foot, Frame frame) {
    List<Name> begins = new ArrayList<>();
    for (int j = 0; j < subject.data().series().size(); j++) {
      double number = subject.data().number(0, j);
      if (Double.isFinite(number)) {
        begins.add(new Name(j, foot.at(frame, number), foot.at(frame, number)));
      }
    }
    Look look = subject.looks().figure();
    for (Name one : placed(begins, frame)) {
      double x = x(frame, 0) - 7;
      drawing.text(subject.text(0, one.series()), look, look.ink(), x, 1, one.middle());
    }
  }

  private double names(Drawing drawing) {
    double widest = 0;
    for (int j = 0; j < subject.data().series().size(); j++) {
      widest = Math.max(widest, drawing.width(name(j), subject.label()));
    }
    return widest;
  }

  private String name(int series) {
    String name = subject.data().series().get(series).whole();
    int last = subject.data().categories().size() - 1;
    boolean ends = isSlope() && Double.isFinite(subject.data().number(last, series));
    return ends ? subject.text(last, series) + " " + name : name;
  }

  private double values(Drawing drawing) {
    double widest = 0;
    for (int j = 0; j < subject.data().series().size(); j++) {
      widest = Math.max(widest, drawing.width(subject.text(0, j), subject.looks().figure()));
    }
    return widest;
  }

  private double x(Frame frame, int category) {
    int count = subject.data().categories().size();
    if (isSlope() && count > 1) {
      return frame.x() + frame.width() * category / (count - 1);
    }
    return frame.x() + frame.width() * (category + 0.5) / count;
  }

  private void line(Drawing drawing, Foot foot, Frame frame, int series, List<Name> names) {
    Colour own = subject.inks().colour(series);
    List<Double> open = new ArrayList<>();
    double end = Double.NaN;
    int last = subject.data().categories().size() - 1;
    for (int i = 0; i <= last; i++) {
      double number = subject.data().number(i, series);
      if (!Double.isFinite(number)) {
        drawing.path(open, 1.6, own);
        open = new ArrayList<>();
        continue;
      }
      end = foot.at(frame, number);
      open.add(x(frame, i));
      open.add(end);
    }
    drawing.path(open, 1.6, own);
    for (int i = 0; i <= last; i++) {
      double number = subject.data().number(i, series);
      if (Double.isFinite(number)) {
        double y = foot.at(frame, number);
        double x = x(frame, i);
        drawing.dot(x, y, DOT, subject.ink(i, series), subject.inks().isHatched(series));
        drawing.area(x - 4, y - 4, x + 4, y + 4, subject.says(i, series));
      }
    }
    if (Double.isFinite(end)) {
      names.add(new Name(series, end, end));
    }
  }

  /// Names from the top down, each at least a line below the one before, as near their lines as
  /// there is room.
  private List<Name> placed(List<Name> names, Frame frame) {
    List<Name> placed = new ArrayList<>(names);
    placed.sort(Comparator.comparingDouble(Name::end));
    double line = subject.label().size() * 1.1;
    double free = frame.y() - line;
    for (int i = 0; i < placed.size(); i++) {
      Name one = placed.get(i);
      free = Math.max(one.end(), free + line);
      placed.set(i, new Name(one.series(), one.end(), free));
    }
    double most = frame.foot();
    for (int i = placed.size() - 1; i >= 0; i--) {
      Name one = placed.get(i);
      placed.set(i, new Name(one.series(), one.end(), Math.min(one.middle(), most)));
      most = placed.get(i).middle() - line;
    }
    return placed;
  }

  private void write(Drawing drawing, Frame frame, List<Name> names) {
    double x = x(frame, subject.data().categories().size() - 1) + 7;
    double room = Math.max(20, frame.right() + names(drawing) + 8 - x);
    for (Name one : placed(names, frame)) {
      Colour ink = drawing.palette().colour("ink");
      drawing.shortened(name(one.series()), subject.label(), ink, x, 0, one.middle(), room);
    }
  }
}
