package app.finish.formats.html;

import app.finish.core.dress.Run;
import app.finish.core.style.Look;
import app.finish.core.style.Origin;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.colour.Palette;
import app.finish.formats.io.XmlText;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;

/// What stands for a value in a cell of a web page: bars as backgrounds, lines over a row's figures
/// as vectors, and for those who don't see the colours the names of the highlights.
final class HtmlMarks {
  /// Text that is read aloud and not seen.
  static final String UNSEEN =
      "position: absolute; width: 1px; height: 1px; overflow: hidden; clip-path: inset(50%);"
          + " white-space: nowrap";

  private static final String BOX = "; display: inline-block; width: 0.8em; height: 0.62em";

  private HtmlMarks() {}

  /// A bar as a part of a cell's style; nothing if it has none.
  static String bar(Look look, Palette palette) {
    String setting = look.marked() ? look.setting(Property.BAR) : "none";
    if (setting.equals("none")) {
      return "";
    }
    String[] words = setting.replace(" alone", "").split(" ");
    double zero = Double.parseDouble(words[words.length - 2]);
    double end = Double.parseDouble(words[words.length - 1]);
    int inkEnds = setting.indexOf(" " + words[words.length - 2] + " " + words[words.length - 1]);
    String ink = palette.colour(setting.substring(0, inkEnds)).toString();
    String from = share(Math.min(zero, end));
    String to = share(Math.max(zero, end));
    return "; background-image: linear-gradient(to right, transparent "
        + from
        + ", "
        + ink
        + " "
        + from
        + ", "
        + ink
        + " "
        + to
        + ", transparent "
        + to
        + ")";
  }

  private static String share(double part) {
    return String.format(Locale.ROOT, "%.0f%%", part * 100);
  }

  /// A box or a sign in an ink of its own, as CSS.
  static String swatch(Run run, Palette palette) {
    String ink = palette.colour(run.swatch()).toString();
    return run.text().equals("■")
        ? "background: " + ink + "; border: 0.5px solid " + palette.colour("soft") + BOX
        : "color: " + ink;
  }

  /// How a line over a row's figures is drawn, as CSS.
  static String trendLook(String setting, Palette palette) {
    String ink = setting.substring(0, setting.lastIndexOf(' '));
    return "fill: none; stroke-width: 1.5; stroke: " + palette.colour(ink);
  }

  /// Draws a line over a row's figures.
  ///
  /// @param dress says the look of each stretch of it
  static void trend(String setting, XmlText out, Consumer<XmlText> dress) {
    String[] points = setting.substring(setting.lastIndexOf(' ') + 1).split(",");
    out.open(
        "svg",
        "viewBox",
        "0 0 100 24",
        "width",
        "80",
        "height",
        "19",
        "role",
        "img",
        "aria-label",
        "the figures of the row as a line");
    StringBuilder open = new StringBuilder();
    for (int i = 0; i <= points.length; i++) {
      if (i == points.length || points[i].equals("-")) {
        if (open.indexOf(" ") > 0) {
          out.begin("polyline").attribute("points", open.toString().strip());
          dress.accept(out);
          out.content().close("polyline");
        }
        open.setLength(0);
      } else {
        double x = 2 + 96.0 * i / Math.max(1, points.length - 1);
        double y = 21 - 18 * Double.parseDouble(points[i]);
        open.append(String.format(Locale.ROOT, "%.1f,%.1f ", x, y));
      }
    }
    out.close("svg");
  }

  /// The names of the highlights that set anything on a cell.
  static List<String> names(Look look) {
    List<String> names = new ArrayList<>();
    for (Origin origin : look.origins().values()) {
      if (origin.selector() instanceof Selector.OfHighlight highlight
          && !highlight.name().isEmpty()
          && !names.contains(highlight.name())) {
        names.add(highlight.name());
      }
    }
    names.sort(null);
    return names;
  }
}
