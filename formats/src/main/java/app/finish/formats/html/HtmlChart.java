package app.finish.formats.html;

import app.finish.core.chart.ChartPage;
import app.finish.core.style.colour.Palette;
import app.finish.formats.io.SentChart;
import app.finish.formats.io.SvgMarks;
import app.finish.formats.io.XmlText;
import java.util.ArrayList;
import java.util.List;

/// A chart as a drawing in a web page: it shrinks with the window, and each mark says its figure
/// when it is pointed at.
///
/// ```java
/// page.add(HtmlChart.figure(chart, "f1"));
/// ```
final class HtmlChart {
  private HtmlChart() {}

  /// A drawing whose marks bear their words as titles.
  ///
  /// @param id the id of the figure
  static String figure(SentChart chart, String id) {
    XmlText out = new XmlText();
    out.open("figure", "class", "chart", "id", id);
    drawing(out, chart, "", false);
    return out.close("figure").toString();
  }

  /// A drawing whose marks can be walked through with the keyboard; what each says is shown by the
  /// script of the page. On a dark page it is drawn in other inks.
  ///
  /// @param night the inks on a dark page
  static String pointed(SentChart chart, String id, Palette night) {
    XmlText out = new XmlText();
    out.open("figure", "class", "chart", "id", id);
    boolean both = !night.equals(chart.dressed().palette());
    drawing(out, chart, both ? "by-day" : "", true);
    if (both) {
      drawing(out, chart.inked(night), "by-night", true);
    }
    return out.close("figure").toString();
  }

  private static void drawing(XmlText svg, SentChart chart, String name, boolean walked) {
    ChartPage page = chart.page();
    List<Object> more = new ArrayList<>();
    if (!name.isEmpty()) {
      more.addAll(List.of("class", name));
    }
    more.addAll(List.of("role", walked ? "group" : "img", "aria-label", chart.description()));
    SvgMarks.open(svg, page.width(), page.height(), more.toArray());
    SvgMarks.paper(svg, chart, page.width(), page.height());
    if (walked) {
      svg.open("g", "aria-hidden", "true");
    }
    page.marks().forEach(mark -> SvgMarks.draw(mark, svg));
    if (walked) {
      svg.close("g");
    }
    page.areas().forEach(area -> area(area, svg, walked));
    svg.close("svg");
  }

  private static void area(ChartPage.Area area, XmlText svg, boolean walked) {
    String x = SvgMarks.points(area.x());
    String y = SvgMarks.points(area.y());
    String width = SvgMarks.points(area.width());
    String height = SvgMarks.points(area.height());
    if (walked) {
      svg.empty(
          "rect",
          "x",
          x,
          "y",
          y,
          "width",
          width,
          "height",
          height,
          "fill",
          "transparent",
          "class",
          "spot",
          "role",
          "img",
          "aria-label",
          area.says());
    } else {
      svg.open("rect", "x", x, "y", y, "width", width, "height", height, "fill", "transparent");
      svg.open("title").text(area.says()).close("title").close("rect");
    }
  }
}
