package app.finish.core.chart;

import app.finish.core.style.Look;
import app.finish.core.style.colour.Colour;

/// Bars to the right from zero: beside each other, one behind the other, or as shares.
record BarPlot(Subject subject) implements Plot {
  /// Up to so many bars have their figures written beside them.
  private static final int WRITTEN = 60;

  private static final double THIN = 6;

  private boolean isStacked() {
    return subject.kind() != ChartKind.BARS;
  }

  private int perRow() {
    return isStacked() ? 1 : subject.data().series().size();
  }

  private boolean isWritten() {
    ChartData data = subject.data();
    return data.categories().size() * data.series().size() <= WRITTEN;
  }

  @Override
  public double least(Drawing drawing, double width) {
    double bar = isWritten() ? Math.max(THIN, subject.leading() * 0.82) : THIN;
    double line = Math.max(subject.leading(), perRow() * bar + 5);
    double scale = isWritten() ? 0 : subject.leading() * 1.4;
    return new Rows(subject).lines() * line + scale;
  }

  @Override
  public void draw(Drawing drawing, Frame frame) {
    Rows rows = new Rows(subject);
    double room = rows.room(drawing, frame.width());
    double after = isWritten() && !isStacked() ? widest(drawing) + 6 : 8;
    double below = isWritten() ? 0 : subject.leading() * 1.4;
    Frame inner = frame.within(room, 0, after, below);
    if (!isWritten()) {
      scale(drawing, inner);
    }
    double zero = isStacked() ? inner.x() : at(inner, 0);
    drawing.rule(zero, inner.y(), zero, inner.foot(), 0.6, drawing.colour("soft"));
    Frame lines = frame.within(0, 0, 0, below);
    for (Rows.Row row : rows.draw(drawing, lines, room)) {
      if (isStacked()) {
        stacked(drawing, inner, row, rows.line(lines));
      } else {
        beside(drawing, inner, row, rows.line(lines));
      }
    }
  }

  private double at(Frame frame, double number) {
    return frame.x() + frame.width() * subject.scale().share(number);
  }

  private double widest(Drawing drawing) {
    double widest = 0;
    ChartData data = subject.data();
    for (int i = 0; i < data.categories().size(); i++) {
      for (int j = 0; j < data.series().size(); j++) {
        widest = Math.max(widest, drawing.width(subject.text(i, j), subject.looks().figure()));
      }
    }
    return widest;
  }

  private void scale(Drawing drawing, Frame frame) {
    Look look = subject.label();
    for (double tick : subject.scale().ticks()) {
      double x = at(frame, tick);
      drawing.rule(x, frame.y(), x, frame.foot(), 0.4, drawing.colour("rule 40%"));
      String text = subject.kind() == ChartKind.SHARES ? share(tick) : subject.tick(tick);
      drawing.text(
          text, look, drawing.colour("soft"), x, 0.5, frame.foot() + subject.leading() * 0.8);
    }
  }

  private static String share(double tick) {
    return Math.round(tick * 100) + "%";
  }

  private void beside(Drawing drawing, Frame frame, Rows.Row row, double line) {
    int count = subject.data().series().size();
    double bar = (line - Math.min(5, line * 0.25)) / count;
    double top = row.middle() - bar * count / 2;
    for (int j = 0; j < count; j++) {
      double number = subject.data().number(row.category(), j);
      double y = top + j * bar;
      if (Double.isFinite(number)) {
        bar(drawing, frame, row.category(), j, y, bar);
      }
    }
  }

  private void bar(Drawing drawing, Frame frame, int category, int series, double y, double bar) {
    double number = subject.data().number(category, series);
    double zero = at(frame, 0);
    double end = at(frame, number);
    double inset = Math.min(1, bar * 0.08);
    Colour ink = subject.ink(category, series);
    drawing.fill(zero, y + inset, end, y + bar - inset, ink, subject.inks().isHatched(series));
    drawing.area(zero, y, end, y + bar, subject.says(category, series));
    if (isWritten()) {
      Look look = subject.looks().figure();
      boolean left = number < 0;
      double x = left ? zero + 3 : end + 3;
      drawing.text(subject.text(category, series), look, look.ink(), x, 0, y + bar / 2);
    }
  }

  private void stacked(Drawing drawing, Frame frame, Rows.Row row, double line) {
    ChartData data = subject.data();
    double sum = data.sum(row.category());
    double whole = subject.kind() == ChartKind.SHARES ? sum : subject.scale().high();
    double height = line * 0.74;
    double y = row.middle() - height / 2;
    double x = frame.x();
    for (int j = 0; j < data.series().size() && whole > 0; j++) {
      double number = data.number(row.category(), j);
      if (!(number > 0)) {
        continue;
      }
      double end = x + frame.width() * number / whole;
      Colour ink = subject.ink(row.category(), j);
      boolean hatched = subject.inks().isHatched(j);
      drawing.fill(x, y, end, y + height, ink, hatched);
      drawing.area(x, y, end, y + height, subject.says(row.category(), j));
      if (j > 0) {
        drawing.rule(x, y, x, y + height, 0.7, drawing.colour("paper"));
      }
      within(drawing, row.category(), j, x, end, y + height / 2, ink, hatched);
      x = end;
    }
  }

  /// Writes a figure into its part, where it fits there and can be read.
  private void within(
      Drawing drawing,
      int category,
      int series,
      double from,
      double to,
      double middle,
      Colour ink,
      boolean hatched) {
    Look look = subject.looks().figure();
    String text = subject.text(category, series);
    double width = drawing.width(text, look);
    if (isWritten() && width + 6 < to - from) {
      double x = (from + to) / 2;
      if (hatched) {
        double half = look.size() * 0.6;
        drawing.fill(
            x - width / 2 - 2, middle - half, x + width / 2 + 2, middle + half, ink, false);
      }
      drawing.text(text, look, drawing.palette().readableOn(ink), x, 0.5, middle);
    }
  }
}
