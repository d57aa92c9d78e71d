package app.finish.core.chart;

import app.finish.core.style.Look;
import app.finish.core.style.colour.Colour;
import java.util.ArrayList;
import java.util.List;

/// Cells in tints, with their figures; or rectangles as large as their figures.
record MatrixPlot(Subject subject) implements Plot {
  @Override
  public double least(Drawing drawing, double width) {
    double line = subject.kind() == ChartKind.HEAT ? subject.leading() * 1.25 : 0;
    return Math.max(120, new Rows(subject).lines() * line + head(drawing, width));
  }

  private double head(Drawing drawing, double width) {
    double room = new Rows(subject).room(drawing, width);
    int count = subject.data().series().size();
    double slot = (width - room) / Math.max(1, count);
    int most = 1;
    for (int j = 0; j < count; j++) {
      String name = subject.data().series().get(j).whole();
      most = Math.max(most, drawing.lines(name, subject.label(), 0, 0, slot - 3, false));
    }
    return most * subject.label().size() * 1.15 + 6;
  }

  @Override
  public void draw(Drawing drawing, Frame frame) {
    if (subject.kind() == ChartKind.HEAT) {
      heat(drawing, frame);
    } else {
      mosaic(drawing, frame);
    }
  }

  private void heat(Drawing drawing, Frame frame) {
    ChartData data = subject.data();
    Rows rows = new Rows(subject);
    double room = rows.room(drawing, frame.width());
    double head = head(drawing, frame.width());
    Frame inner = frame.within(room, head, 0, 0);
    double slot = inner.width() / data.series().size();
    for (int j = 0; j < data.series().size(); j++) {
      double x = inner.x() + slot * (j + 0.5);
      String name = data.series().get(j).whole();
      drawing.lines(name, subject.label(), x, frame.y(), slot - 3, true);
    }
    Frame lines = frame.within(0, head, 0, 0);
    double height = rows.line(lines);
    for (Rows.Row row : rows.draw(drawing, lines, room)) {
      for (int j = 0; j < data.series().size(); j++) {
        double number = data.number(row.category(), j);
        double x = inner.x() + slot * j;
        double y = row.middle() - height / 2;
        if (Double.isFinite(number)) {
          Colour ink = tint(number);
          drawing.fill(x + 0.5, y + 0.5, x + slot - 0.5, y + height - 0.5, ink, false);
          drawing.area(x, y, x + slot, y + height, subject.says(row.category(), j));
          written(drawing, row.category(), j, x + slot / 2, row.middle(), slot - 2, ink);
        }
      }
    }
  }

  private void written(
      Drawing drawing, int category, int series, double x, double y, double room, Colour ink) {
    Look look = subject.looks().figure();
    String text = subject.text(category, series);
    if (drawing.width(text, look) <= room) {
      drawing.text(text, look, drawing.palette().readableOn(ink), x, 0.5, y);
    }
  }

  /// From paper to the accent; figures below zero from paper to the colour of what is bad.
  private Colour tint(double number) {
    double most = Math.max(Math.abs(subject.scale().low()), Math.abs(subject.scale().high()));
    double least = subject.scale().low() > 0 ? subject.scale().low() : 0;
    double share = most == least ? 1 : (Math.abs(number) - least) / (most - least);
    long percent = Math.clamp(Math.round(8 + 84 * share), 4, 96);
    String role = number < 0 ? "bad " : "accent ";
    return subject.looks().palette().colour(role + percent + "%");
  }

  /// Each category is as wide as its sum, and parted as its series are.
  private void mosaic(Drawing drawing, Frame frame) {
    ChartData data = subject.data();
    double whole = 0;
    for (int i = 0; i < data.categories().size(); i++) {
      whole += data.sum(i);
    }
    double below = subject.label().size() * 1.15 * 3 + 6;
    Frame inner = frame.within(0, 0, 0, below);
    double gaps = 2.0 * (data.categories().size() - 1);
    double x = inner.x();
    List<String> untold = new ArrayList<>();
    for (int i = 0; i < data.categories().size() && whole > 0; i++) {
      double sum = data.sum(i);
      double width = (inner.width() - gaps) * sum / whole;
      column(drawing, inner, i, x, width, sum);
      String name = data.categories().get(i).whole();
      if (drawing.widestWord(name, subject.label()) <= width) {
        drawing.lines(name, subject.label(), x + width / 2, inner.foot() + 4, width, true);
      } else {
        untold.add(name);
      }
      x += width + 2;
    }
    if (!untold.isEmpty()) {
      double y = inner.foot() + below - subject.leading() / 2;
      drawing.shortened(
          "Without room for a name: " + String.join(", ", untold),
          subject.label(),
          drawing.colour("soft"),
          inner.x(),
          0,
          y,
          inner.width());
    }
  }

  private void column(
      Drawing drawing, Frame frame, int category, double x, double width, double sum) {
    ChartData data = subject.data();
    double y = frame.foot();
    for (int j = 0; j < data.series().size(); j++) {
      double number = data.number(category, j);
      if (!(number > 0)) {
        continue;
      }
      double height = frame.height() * number / sum;
      Colour ink = subject.ink(category, j);
      boolean hatched = subject.inks().isHatched(j);
      drawing.fill(x, y, x + width, y - height + 1, ink, hatched);
      drawing.area(x, y, x + width, y - height, subject.says(category, j));
      if (height > subject.leading() && !hatched) {
        written(drawing, category, j, x + width / 2, y - height / 2, width - 4, ink);
      }
      y -= height;
    }
  }
}
