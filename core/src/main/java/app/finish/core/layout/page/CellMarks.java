package app.finish.core.layout.page;

import app.finish.core.layout.Mark;
import app.finish.core.style.Look;
import app.finish.core.style.Property;
import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.Palette;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/// Draws what stands for a value in a cell: bars, lines over a row's figures, signs.
///
/// ```java
/// new CellMarks(palette).bar(look, x, y, width, height); // a bar from zero, and where zero is
/// ```
///
/// @param palette the inks
record CellMarks(Palette palette) {
  /// Signs as figures of straight lines in a square of 1 by 1, from its upper left corner.
  private static final Map<Character, double[]> SIGNS =
      Map.ofEntries(
          Map.entry('▲', new double[] {0, 1, 0.5, 0.05, 1, 1}),
          Map.entry('▼', new double[] {0, 0, 1, 0, 0.5, 0.95}),
          Map.entry('▬', new double[] {0, 0.38, 1, 0.38, 1, 0.62, 0, 0.62}),
          Map.entry(
              '◥',
              new double[] {
                0.1, 0.1, 0.95, 0.1, 0.95, 0.95, 0.68, 0.68, 0.25, 1, 0, 0.75, 0.37, 0.37
              }),
          Map.entry(
              '◢',
              new double[] {
                0.95, 0.05, 0.95, 0.9, 0.1, 0.9, 0.37, 0.63, 0, 0.25, 0.25, 0, 0.68, 0.32
              }),
          Map.entry('■', new double[] {0.1, 0.1, 0.9, 0.1, 0.9, 0.9, 0.1, 0.9}),
          Map.entry('◆', new double[] {0.5, 0, 1, 0.5, 0.5, 1, 0, 0.5}),
          Map.entry('✕', cross()),
          Map.entry(
              '✓', new double[] {0, 0.55, 0.18, 0.37, 0.4, 0.6, 0.82, 0.1, 1, 0.28, 0.4, 0.95}));

  private static final int ROUND = 24;

  private static double[] cross() {
    double a = 0.18;
    return new double[] {
      a, 0, 0.5, 0.5 - a, 1 - a, 0, 1, a, 0.5 + a, 0.5, 1, 1 - a, 1 - a, 1, 0.5, 0.5 + a, a, 1, 0,
      1 - a, 0.5 - a, 0.5, 0, a
    };
  }

  /// A bar behind a figure; with a line where zero is, if bars go both ways.
  List<Mark> bar(Look look, double x, double y, double width, double height) {
    String setting = look.setting(Property.BAR);
    if (setting.equals("none")) {
      return List.of();
    }
    String[] words = setting.replace(" alone", "").split(" ");
    int last = words.length - 1;
    double zero = Double.parseDouble(words[last - 1]);
    double end = Double.parseDouble(words[last]);
    String ink = setting.substring(0, setting.indexOf(" " + words[last - 1] + " " + words[last]));
    double left = x + look.sides() / 2;
    double room = width - look.sides();
    double inset = Math.min(height * 0.18, 3);
    List<Mark> marks = new ArrayList<>();
    double from = left + room * Math.min(zero, end);
    double length = room * Math.abs(end - zero);
    if (length > 0) {
      marks.add(new Mark.Fill(from, y + inset, length, height - 2 * inset, palette.colour(ink)));
    }
    if (zero > 0 && zero < 1) {
      double at = left + room * zero;
      marks.add(
          new Mark.Rule(
              at, y + inset / 2, at, y + height - inset / 2, 0.5, palette.colour("soft"), false));
    }
    return marks;
  }

  /// A line over the figures of a row, with a dot on the last.
  List<Mark> trend(Look look, double x, double y, double width, double height) {
    String setting = look.setting(Property.TREND);
    if (setting.equals("none")) {
      return List.of();
    }
    int blank = setting.lastIndexOf(' ');
    Colour colour = palette.colour(setting.substring(0, blank));
    String[] points = setting.substring(blank + 1).split(",");
    double left = x + look.sides();
    double room = width - 2 * look.sides();
    double inset = Math.min(height * 0.2, 4);
    List<Mark> marks = new ArrayList<>();
    List<Double> open = new ArrayList<>();
    for (int i = 0; i <= points.length; i++) {
      if (i == points.length || points[i].equals("-")) {
        if (open.size() > 2) {
          marks.add(new Mark.Shape(open, 0.9, colour));
        }
        open = i == points.length ? open : new ArrayList<>();
      } else {
        open.add(left + room * i / Math.max(1, points.length - 1));
        open.add(y + height - inset - (height - 2 * inset) * Double.parseDouble(points[i]));
      }
    }
    if (open.size() >= 2) {
      double px = open.get(open.size() - 2);
      double py = open.getLast();
      marks.add(new Mark.Shape(circle(px - 1.5, py - 1.5, 3, 0, ROUND), 0, colour));
    }
    return marks;
  }

  /// A box with a thin frame, so that a light one can be seen too, or a sign.
  List<Mark> swatch(
      char drawn, double x, double baseline, double width, double size, Colour colour) {
    if (drawn != '■') {
      return List.of(sign(drawn, x, baseline, width, size, colour));
    }
    double height = size * 0.62;
    double y = baseline - height;
    double side = width * 0.94;
    return List.of(
        new Mark.Fill(x, y, side, height, colour),
        new Mark.Frame(x, y, side, height, 0, 0.4, palette.colour("soft")));
  }

  /// A sign on a baseline.
  ///
  /// @param width how much room it has
  Mark sign(char sign, double x, double baseline, double width, double size, Colour colour) {
    double side = Math.min(width * 0.92, size * 0.62);
    double left = x + (width - side) / 2;
    double top = baseline - side - size * 0.04;
    if (sign == '○') {
      double weight = side * 0.16;
      return new Mark.Shape(
          closed(circle(left + weight / 2, top + weight / 2, side - weight, 0, ROUND)),
          weight,
          colour);
    }
    double[] points = SIGNS.getOrDefault(sign, new double[0]);
    if (points.length == 0) {
      return new Mark.Shape(circle(left, top, side, 0, ROUND), 0, colour);
    }
    List<Double> placed = new ArrayList<>();
    for (int i = 0; i < points.length; i += 2) {
      placed.add(left + side * points[i]);
      placed.add(top + side * points[i + 1]);
    }
    return new Mark.Shape(placed, 0, colour);
  }

  private static List<Double> circle(double x, double y, double side, int from, int corners) {
    List<Double> points = new ArrayList<>();
    for (int i = from; i < corners; i++) {
      double angle = 2 * Math.PI * i / corners;
      points.add(x + side / 2 + Math.cos(angle) * side / 2);
      points.add(y + side / 2 + Math.sin(angle) * side / 2);
    }
    return points;
  }

  private static List<Double> closed(List<Double> points) {
    List<Double> all = new ArrayList<>(points);
    all.add(points.get(0));
    all.add(points.get(1));
    all.add(points.get(2));
    all.add(points.get(3));
    return all;
  }
}
