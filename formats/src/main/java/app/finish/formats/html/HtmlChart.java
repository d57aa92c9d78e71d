package app.finish.formats.html;

import app.finish.core.chart.ChartPage;
import app.finish.formats.io.SentChart;
import app.finish.formats.io.SvgMarks;
import app.finish.formats.io.XmlText;
import org.jsoup.nodes.DataNode;
import org.jsoup.nodes.Element;

/// A chart as a drawing in a web page: it shrinks with the window, and each mark says its figure
/// when it is pointed at.
///
/// ```java
/// main.appendChild(HtmlChart.figure(chart, "f1"));
/// ```
final class HtmlChart {
  private HtmlChart() {}

  /// A drawing whose marks bear their words as titles.
  ///
  /// @param id the id of the figure
  static Element figure(SentChart chart, String id) {
    return of(chart, id, false);
  }

  /// A drawing whose marks can be walked through with the keyboard; what each says is shown by the
  /// script of the page.
  static Element pointed(SentChart chart, String id) {
    return of(chart, id, true);
  }

  private static Element of(SentChart chart, String id, boolean walked) {
    ChartPage page = chart.page();
    XmlText svg = new XmlText();
    String role = walked ? "group" : "img";
    SvgMarks.open(
        svg, page.width(), page.height(), "role", role, "aria-label", chart.description());
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
    Element figure = new Element("figure").addClass("chart").attr("id", id);
    figure.appendChild(new DataNode(svg.toString()));
    return figure;
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
