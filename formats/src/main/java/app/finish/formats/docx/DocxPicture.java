package app.finish.formats.docx;

import app.finish.formats.io.SentChart;
import app.finish.formats.io.XmlText;

/// A chart in a DOCX: a picture in the line, with what it shows for those who can't see it.
///
/// @param chart the chart
/// @param number which picture of the document it is, from 1
record DocxPicture(SentChart chart, int number) {
  private static final String DRAWING = "http://schemas.openxmlformats.org/drawingml/2006/";

  /// English metric units in a point.
  private static final int UNITS = 12_700;

  /// The name of its part.
  String part() {
    return "word/media/chart" + number + ".png";
  }

  /// The id by which the text refers to it.
  String relation() {
    return "chart" + number;
  }

  /// Writes its paragraph.
  ///
  /// @param most the widest that it may be, in points
  void write(XmlText xml, double most) {
    double share = Math.min(1, most / chart.page().width());
    long width = Math.round(chart.page().width() * share * UNITS);
    long height = Math.round(chart.page().height() * share * UNITS);
    xml.open("w:p").open("w:r").open("w:drawing");
    xml.open(
        "wp:inline",
        "xmlns:wp",
        DRAWING + "wordprocessingDrawing",
        "distT",
        0,
        "distB",
        0,
        "distL",
        0,
        "distR",
        0);
    xml.empty("wp:extent", "cx", width, "cy", height);
    xml.empty(
        "wp:docPr", "id", 800_000 + number, "name", chart.name(), "descr", chart.description());
    xml.open("a:graphic", "xmlns:a", DRAWING + "main");
    xml.open("a:graphicData", "uri", DRAWING + "picture");
    xml.open("pic:pic", "xmlns:pic", DRAWING + "picture").open("pic:nvPicPr");
    xml.empty("pic:cNvPr", "id", number, "name", "chart" + number + ".png");
    xml.empty("pic:cNvPicPr").close("pic:nvPicPr").open("pic:blipFill");
    xml.empty(
        "a:blip",
        "xmlns:r",
        "http://schemas.openxmlformats.org/officeDocument/2006/relationships",
        "r:embed",
        relation());
    xml.open("a:stretch").empty("a:fillRect").close("a:stretch").close("pic:blipFill");
    xml.open("pic:spPr").open("a:xfrm").empty("a:off", "x", 0, "y", 0);
    xml.empty("a:ext", "cx", width, "cy", height).close("a:xfrm");
    xml.open("a:prstGeom", "prst", "rect").empty("a:avLst").close("a:prstGeom");
    xml.close("pic:spPr").close("pic:pic").close("a:graphicData").close("a:graphic");
    xml.close("wp:inline").close("w:drawing").close("w:r").close("w:p");
  }
}
