package app.finish.core.chart;

import app.finish.core.style.Look;
import app.finish.core.style.colour.Colour;
import java.util.List;
import java.util.Optional;

/// Dots along a scale: alone, on a line as wide as their interval, or a box over their quartiles.
record DotPlot(Subject subject) implements Plot {
  private static final double DOT = 3.2;

  @Override
  public double least(Drawing drawing, double width) {
    int count = Math.min(6, subject.data().series().size());
    double line = Math.max(subject.leading(), count * 9 + 5);
    return new Rows(subject).lines() * line + subject.leading() * 1.4;
  }

  private double at(Frame frame, double number) {
    return frame.x() + frame.width() * subject.scale().share(number);
  }

  @Override
  public void draw(Drawing drawing, Frame frame) {
    Rows rows = new Rows(subject);
    double room = rows.room(drawing, frame.width());
    double below = subject.leading() * 1.4;
    Frame inner = frame.within(room, 0, 10, below);
    Frame lines = frame.within(0, 0, 0, below);
    scale(drawing, inner);
    List<ChartData> quartiles =
        subject.kind() == ChartKind.BOXES
            ? Spreads.quartiles(subject.data().table()).orElse(List.of()).stream()
                .map(subject.data()::of)
                .toList()
            : List.of();
    for (Rows.Row row : rows.draw(drawing, lines, room)) {
      row(drawing, inner, row, rows.line(lines), quartiles);
    }
  }

  private void scale(Drawing drawing, Frame frame) {
    Look look = subject.label();
    for (double tick : subject.scale().ticks()) {
      double x = at(frame, tick);
      boolean zero = tick == 0;
      Colour colour = drawing.colour(zero ? "soft" : "rule 40%");
      drawing.rule(x, frame.y(), x, frame.foot(), zero ? 0.6 : 0.4, colour);
      double y = frame.foot() + subject.leading() * 0.8;
      drawing.text(subject.tick(tick), look, drawing.colour("soft"), x, 0.5, y);
    }
  }

  private void row(
      Drawing drawing, Frame frame, Rows.Row row, double line, List<ChartData> quartiles) {
    int count = subject.data().series().size();
    boolean spread = count > 1 && subject.kind() != ChartKind.DOTS;
    double step = spread ? (line - 4) / count : 0;
    if (subject.kind() == ChartKind.DOTS) {
      double y = row.middle();
      drawing.dotted(frame.x(), y, frame.right(), y, 0.5, drawing.colour("rule"));
    }
    for (int j = 0; j < count; j++) {
      double y = row.middle() + (j - (count - 1) / 2.0) * step;
      double number = subject.data().number(row.category(), j);
      if (!quartiles.isEmpty()) {
        box(drawing, frame, row.category(), j, y, Math.min(12, (line - 4) / count), quartiles);
      } else if (Double.isFinite(number)) {
        dot(drawing, frame, row.category(), j, y);
      }
    }
  }

  private void dot(Drawing drawing, Frame frame, int category, int series, double y) {
    Colour ink = subject.ink(category, series);
    double x = at(frame, subject.data().number(category, series));
    Optional<double[]> around =
        subject.kind() == ChartKind.INTERVALS
            ? subject.spreads().flatMap(one -> one.around(category, series))
            : Optional.empty();
    if (around.isPresent()) {
      double from = Math.max(frame.x(), at(frame, around.get()[0]));
      double to = Math.min(frame.right(), at(frame, around.get()[1]));
      drawing.rule(from, y, to, y, 1.2, ink);
      drawing.rule(from, y - 2.5, from, y + 2.5, 1.2, ink);
      drawing.rule(to, y - 2.5, to, y + 2.5, 1.2, ink);
    }
    drawing.dot(x, y, DOT, ink, subject.inks().isHatched(series));
    drawing.area(x - 5, y - 5, x + 5, y + 5, subject.says(category, series));
  }

  private void box(
      Drawing drawing,
      Frame frame,
      int category,
      int series,
      double y,
      double height,
      List<ChartData> quartiles) {
    double[] at =
        quartiles.stream().mapToDouble(one -> at(frame, one.number(category, series))).toArray();
    for (double one : at) {
      if (!Double.isFinite(one)) {
        return;
      }
    }
    Colour ink = subject.ink(category, series);
    Colour pale = subject.looks().palette().colour("paper");
    double half = height / 2;
    drawing.rule(at[0], y, at[4], y, 1, ink);
    drawing.rule(at[0], y - half / 2, at[0], y + half / 2, 1, ink);
    drawing.rule(at[4], y - half / 2, at[4], y + half / 2, 1, ink);
    drawing.fill(at[1], y - half, at[3], y + half, ink, subject.inks().isHatched(series));
    drawing.rule(at[2], y - half, at[2], y + half, 1.6, pale);
    drawing.area(at[0], y - half, at[4], y + half, subject.says(category, series));
  }
}
