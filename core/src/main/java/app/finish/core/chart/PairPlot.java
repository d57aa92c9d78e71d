package app.finish.core.chart;

import app.finish.core.style.Look;
import app.finish.core.style.colour.Colour;
import java.util.ArrayList;
import java.util.List;

/// A dot for each pair of figures: one measure to the right, the other upwards. Where they are few
/// each bears its name.
///
/// @param against the measure to the right, for the same members
record PairPlot(Subject subject, ChartData against) implements Plot {
  private static final int NAMED = 24;

  @Override
  public double least(Drawing drawing, double width) {
    return 150;
  }

  private Scale across() {
    List<Double> all = against.numbers();
    double least = all.stream().mapToDouble(Double::doubleValue).min().orElse(0);
    double most = all.stream().mapToDouble(Double::doubleValue).max().orElse(1);
    return Scale.of(least, most, 6);
  }

  @Override
  public void draw(Drawing drawing, Frame frame) {
    Foot foot = new Foot(subject);
    Scale across = across();
    Look look = subject.label();
    Colour soft = drawing.colour("soft");
    double left = foot.scaleWidth(drawing);
    Frame inner = frame.within(left, subject.leading() * 1.4, 14, subject.leading() * 2.6);
    foot.scale(drawing, inner);
    for (double tick : across.ticks()) {
      double x = inner.x() + inner.width() * across.share(tick);
      drawing.rule(x, inner.y(), x, inner.foot(), 0.4, drawing.colour("rule 40%"));
      String text = subject.looks().tick(tick, across.decimals(), against.measure().unit());
      drawing.text(text, look, soft, x, 0.5, inner.foot() + subject.leading() * 0.8);
    }
    double below = inner.foot() + subject.leading() * 1.9;
    drawing.text(against.called(), look, look.ink(), inner.right(), 1, below);
    String up = subject.data().called();
    drawing.text(up, look, look.ink(), frame.x(), 0, frame.y() + subject.leading() / 2);
    dots(drawing, inner, across);
  }

  private void dots(Drawing drawing, Frame frame, Scale across) {
    ChartData data = subject.data();
    boolean named = data.categories().size() * data.series().size() <= NAMED;
    List<Frame> taken = new ArrayList<>();
    for (int i = 0; i < data.categories().size(); i++) {
      for (int j = 0; j < data.series().size(); j++) {
        double up = data.number(i, j);
        double right =
            i < against.categories().size() && j < against.series().size()
                ? against.number(i, j)
                : Double.NaN;
        if (Double.isFinite(up) && Double.isFinite(right)) {
          double x = frame.x() + frame.width() * across.share(right);
          double y = frame.foot() - frame.height() * subject.scale().share(up);
          drawing.dot(x, y, 3, subject.ink(i, j), subject.inks().isHatched(j));
          String other = subject.looks().text(against.spot(i, j));
          String says = subject.says(i, j) + ", " + against.called() + ": " + other;
          drawing.area(x - 5, y - 5, x + 5, y + 5, says);
          if (named) {
            name(drawing, frame, data.categories().get(i).label(), x, y, taken);
          }
        }
      }
    }
  }

  /// Names a dot, where its name does not lie on another.
  private void name(
      Drawing drawing, Frame frame, String name, double x, double y, List<Frame> taken) {
    Look look = subject.label();
    boolean leftwards = x > frame.x() + frame.width() * 0.8;
    double width = drawing.width(name, look);
    double left = leftwards ? x - 6 - width : x + 6;
    Frame own = new Frame(left, y - look.size() / 2, width, look.size());
    boolean free =
        taken.stream()
            .noneMatch(
                one ->
                    one.x() < own.right()
                        && own.x() < one.right()
                        && one.y() < own.foot()
                        && own.y() < one.foot());
    if (free) {
      taken.add(own);
      drawing.text(name, look, drawing.colour("soft"), left, 0, y);
    }
  }
}
