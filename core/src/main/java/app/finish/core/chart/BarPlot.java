package app.finish.core.chart;

import app.finish.core.style.Look;
import app.finish.core.style.colour.Colour;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/// Bars to the right from zero: beside each other, one behind the other, or as shares.
///
/// @param alone whether it is the whole chart, not one of its panels
record BarPlot(Subject subject, boolean alone) implements Plot {
  /// Up to so many bars have their figures written beside them.
  private static final int WRITTEN = 60;

  private static final double THIN = 6;

  /// What stays free beside a name, in points.
  private static final double ASIDE = 4;

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
    double names = namesOver(drawing, width).isEmpty() ? 0 : subject.leading();
    return new Rows(subject).lines() * line + scaleHeight() + names;
  }

  @Override
  public boolean bearsNames(Drawing drawing, double width) {
    return isStacked() ? !namesOver(drawing, width).isEmpty() : namesWithin(drawing, width);
  }

  private double scaleHeight() {
    return isWritten() ? 0 : subject.leading() * 1.4;
  }

  private String name(int series) {
    return subject.data().series().get(series).whole();
  }

  /// What a stacked bar of the whole width comes to.
  private double whole(int category) {
    return subject.kind() == ChartKind.SHARES
        ? subject.data().sum(category)
        : subject.scale().high();
  }

  /// Whether the first category can say which ink is which: none of its marks has that of a
  /// highlight.
  private boolean isKey() {
    int count = subject.data().series().size();
    return alone
        && count > 1
        && isWritten()
        && IntStream.range(0, count)
            .allMatch(j -> subject.ink(0, j).equals(subject.inks().colour(j)));
  }

  private Frame inner(Drawing drawing, Frame frame) {
    double room = new Rows(subject).room(drawing, frame.width());
    double after = isWritten() && !isStacked() ? widest(drawing) + 6 : 8;
    return frame.within(room, 0, after, scaleHeight());
  }

  /// Whether the names of the series fit into the bars of the first category.
  private boolean namesWithin(Drawing drawing, double width) {
    if (!isKey() || isStacked()) {
      return false;
    }
    Frame inner = inner(drawing, new Frame(0, 0, width, 1));
    for (int j = 0; j < subject.data().series().size(); j++) {
      double length = at(inner, subject.data().number(0, j)) - at(inner, 0);
      if (!(drawing.width(name(j), subject.label()) + 2 * ASIDE < length)) {
        return false;
      }
    }
    return true;
  }

  /// Where the names of the series begin over the parts of the first bar; none, where one would
  /// stand over the part of another, or meet its name.
  private List<Double> namesOver(Drawing drawing, double width) {
    ChartData data = subject.data();
    if (!isKey() || !isStacked() || !data.categories().getFirst().group().isEmpty()) {
      return List.of();
    }
    Frame inner = inner(drawing, new Frame(0, 0, width, 1));
    double whole = whole(0);
    List<Double> starts = new ArrayList<>();
    double from = inner.x();
    double free = 0;
    for (int j = 0; j < data.series().size(); j++) {
      double number = data.number(0, j);
      double part = number > 0 && whole > 0 ? inner.width() * number / whole : 0;
      double name = drawing.width(name(j), subject.label());
      boolean last = j == data.series().size() - 1;
      double start = last ? Math.min(from, width - name) : from;
      if (part < 2 || start < free || !last && name > part + ASIDE) {
        return List.of();
      }
      starts.add(start);
      free = start + name + ASIDE;
      from += part;
    }
    return starts;
  }

  @Override
  public void draw(Drawing drawing, Frame frame) {
    List<Double> names = namesOver(drawing, frame.width());
    if (!names.isEmpty()) {
      over(drawing, frame, names);
      drawBars(drawing, frame.within(0, subject.leading(), 0, 0), false);
    } else {
      drawBars(drawing, frame, namesWithin(drawing, frame.width()));
    }
  }

  private void over(Drawing drawing, Frame frame, List<Double> names) {
    Look look = subject.label();
    for (int j = 0; j < names.size(); j++) {
      drawing.text(
          name(j),
          look,
          look.ink(),
          frame.x() + names.get(j),
          0,
          frame.y() + subject.leading() / 2);
    }
  }

  private void drawBars(Drawing drawing, Frame frame, boolean named) {
    Rows rows = new Rows(subject);
    double room = rows.room(drawing, frame.width());
    Frame inner = inner(drawing, frame);
    if (!isWritten()) {
      scale(drawing, inner);
    }
    double zero = isStacked() ? inner.x() : at(inner, 0);
    drawing.rule(zero, inner.y(), zero, inner.foot(), 0.6, drawing.colour("soft"));
    Frame lines = frame.within(0, 0, 0, scaleHeight());
    for (Rows.Row row : rows.draw(drawing, lines, room)) {
      if (isStacked()) {
        stacked(drawing, inner, row, rows.line(lines));
      } else {
        beside(drawing, inner, row, rows.line(lines), named && row.category() == 0);
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

  private void beside(Drawing drawing, Frame frame, Rows.Row row, double line, boolean named) {
    int count = subject.data().series().size();
    double bar = (line - Math.min(5, line * 0.25)) / count;
    double top = row.middle() - bar * count / 2;
    for (int j = 0; j < count; j++) {
      double number = subject.data().number(row.category(), j);
      double y = top + j * bar;
      if (Double.isFinite(number)) {
        bar(drawing, frame, row.category(), j, y, bar);
        if (named) {
          double middle = at(frame, 0) + ASIDE + drawing.width(name(j), subject.label()) / 2;
          on(drawing, name(j), subject.label(), middle, y + bar / 2, row.category(), j);
        }
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
    double whole = whole(row.category());
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
      within(drawing, row.category(), j, x, end, y + height / 2);
      x = end;
    }
  }

  /// Writes a figure into its part, where it fits there and can be read.
  private void within(
      Drawing drawing, int category, int series, double from, double to, double middle) {
    Look look = subject.looks().figure();
    String text = subject.text(category, series);
    if (isWritten() && drawing.width(text, look) + 6 < to - from) {
      on(drawing, text, look, (from + to) / 2, middle, category, series);
    }
  }

  /// Writes a text on a bar so that it can be read.
  ///
  /// @param x its middle
  /// @param y its middle
  private void on(
      Drawing drawing, String text, Look look, double x, double y, int category, int series) {
    Colour ink = subject.ink(category, series);
    if (subject.inks().isHatched(series)) {
      double side = drawing.width(text, look) / 2 + 2;
      double half = look.size() * 0.6;
      drawing.fill(x - side, y - half, x + side, y + half, ink, false);
    }
    drawing.text(text, look, drawing.palette().readableOn(ink), x, 0.5, y);
  }
}
