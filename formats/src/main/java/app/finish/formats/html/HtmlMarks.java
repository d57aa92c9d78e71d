package app.finish.formats.html;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.Run;
import app.finish.core.style.Look;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.colour.Palette;
import java.util.List;
import java.util.Locale;
import org.jsoup.nodes.Element;

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

  /// Adds a line over the row's figures, and the names of the highlights on the cell.
  static void add(Element element, DressedCell cell, Palette palette) {
    Look look = cell.look();
    String trend =
        look.marked() && cell.place() instanceof CellMeaning.Body
            ? look.setting(Property.TREND)
            : "none";
    if (!trend.equals("none")) {
      trend(element, trend, palette);
    }
    List<String> names = names(look);
    if (!names.isEmpty()) {
      element
          .appendElement("span")
          .attr("style", UNSEEN)
          .appendText(" (" + String.join(", ", names) + ")");
    }
  }

  /// A box or a sign in an ink of its own, which is not read aloud.
  static void swatch(Element element, Run run, Palette palette) {
    String ink = palette.colour(run.swatch()).toString();
    Element drawn = element.appendElement("span").attr("aria-hidden", "true");
    drawn.attr(
        "style",
        run.text().equals("■")
            ? "background: " + ink + "; border: 0.5px solid " + palette.colour("soft") + BOX
            : "color: " + ink);
    drawn.appendText(run.text().equals("■") ? "" : run.text());
  }

  private static void trend(Element element, String setting, Palette palette) {
    int blank = setting.lastIndexOf(' ');
    String ink = palette.colour(setting.substring(0, blank)).toString();
    String[] points = setting.substring(blank + 1).split(",");
    Element svg =
        element
            .appendElement("svg")
            .attr("xmlns", "http://www.w3.org/2000/svg")
            .attr("viewBox", "0 0 100 24")
            .attr("width", "80")
            .attr("height", "19")
            .attr("role", "img")
            .attr("aria-label", "the figures of the row as a line");
    StringBuilder open = new StringBuilder();
    for (int i = 0; i <= points.length; i++) {
      if (i == points.length || points[i].equals("-")) {
        if (open.indexOf(" ") > 0) {
          svg.appendElement("polyline")
              .attr("points", open.toString().strip())
              .attr("fill", "none")
              .attr("stroke", ink)
              .attr("stroke-width", "1.5");
        }
        open.setLength(0);
      } else {
        double x = 2 + 96.0 * i / Math.max(1, points.length - 1);
        double y = 21 - 18 * Double.parseDouble(points[i]);
        open.append(String.format(Locale.ROOT, "%.1f,%.1f ", x, y));
      }
    }
  }

  /// The names of the highlights that set anything on a cell.
  static List<String> names(Look look) {
    return look.origins().values().stream()
        .map(origin -> origin.selector())
        .filter(Selector.OfHighlight.class::isInstance)
        .map(one -> ((Selector.OfHighlight) one).name())
        .filter(name -> !name.isEmpty())
        .distinct()
        .sorted()
        .toList();
  }
}
