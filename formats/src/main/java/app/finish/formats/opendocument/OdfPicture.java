package app.finish.formats.opendocument;

import app.finish.formats.io.SentChart;
import app.finish.formats.io.XmlText;
import java.util.ArrayList;
import java.util.List;

/// A chart in an OpenDocument file: a picture, with what it shows for those who can't see it.
///
/// ```java
/// new OdfPicture(chart, "Pictures/chart1.png").inLine(451, xml); // as wide as the text at most
/// ```
///
/// @param chart the chart
/// @param part the name of the picture's part
record OdfPicture(SentChart chart, String part) {
  /// Writes it in a line of text.
  ///
  /// @param most the widest that it may be, in points
  void inLine(double most, XmlText xml) {
    double share = Math.min(1, most / chart.page().width());
    frame(share, List.of("text:anchor-type", "as-char"), xml);
  }

  /// Writes it over a sheet.
  ///
  /// @param x how far from the left, in points
  /// @param y how far from above
  void at(double x, double y, XmlText xml) {
    frame(1, List.of("svg:x", OdfStyles.points(x), "svg:y", OdfStyles.points(y)), xml);
  }

  private void frame(double share, List<Object> where, XmlText xml) {
    List<Object> attributes = new ArrayList<>(List.of("draw:name", chart.name()));
    attributes.addAll(where);
    attributes.addAll(
        List.of(
            "svg:width",
            OdfStyles.points(chart.page().width() * share),
            "svg:height",
            OdfStyles.points(chart.page().height() * share)));
    xml.open("draw:frame", attributes.toArray());
    xml.empty(
        "draw:image",
        "xlink:href",
        part,
        "xlink:type",
        "simple",
        "xlink:show",
        "embed",
        "xlink:actuate",
        "onLoad");
    xml.open("svg:desc").text(chart.description()).close("svg:desc");
    xml.close("draw:frame");
  }
}
