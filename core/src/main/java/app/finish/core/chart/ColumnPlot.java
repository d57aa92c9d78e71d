package app.finish.core.chart;

import app.finish.core.style.Look;
import app.finish.core.style.colour.Colour;

/// Upright bars from zero, over the names of what they are for.
record ColumnPlot(Subject subject) implements Plot {
  private static final int WRITTEN = 24;

  @Override
  public double least(Drawing drawing, double width) {
    return 90 + new Foot(subject).height(drawing, width);
  }

  @Override
  public void draw(Drawing drawing, Frame frame) {
    Foot foot = new Foot(subject);
    ChartData data = subject.data();
    int count = data.series().size();
    boolean written = data.categories().size() * count <= WRITTEN;
    double room = written ? 2 : foot.scaleWidth(drawing);
    double top = subject.leading();
    Frame inner = frame.within(room, top, 2, foot.height(drawing, frame.width() - room));
    if (!written) {
      foot.scale(drawing, inner);
    }
    foot.labels(drawing, inner);
    double slot = inner.width() / Math.max(1, data.categories().size());
    double bar = Math.min(44, slot * 0.78 / count);
    double zero = foot.at(inner, 0);
    for (int i = 0; i < data.categories().size(); i++) {
      double x = inner.x() + slot * (i + 0.5) - bar * count / 2;
      for (int j = 0; j < count; j++) {
        double number = data.number(i, j);
        if (Double.isFinite(number)) {
          double end = foot.at(inner, number);
          Colour ink = subject.ink(i, j);
          drawing.fill(
              x + j * bar + 0.5,
              zero,
              x + (j + 1) * bar - 0.5,
              end,
              ink,
              subject.inks().isHatched(j));
          drawing.area(x + j * bar, zero, x + (j + 1) * bar, end, subject.says(i, j));
          if (written) {
            Look look = subject.looks().figure();
            double y = number < 0 ? end + subject.leading() / 2 : end - subject.leading() / 2;
            drawing.text(subject.text(i, j), look, look.ink(), x + (j + 0.5) * bar, 0.5, y);
          }
        }
      }
    }
    drawing.rule(inner.x(), zero, inner.right(), zero, 0.6, drawing.colour("soft"));
  }
}
