package app.finish.formats.richtext;

import app.finish.formats.io.SentChart;
import java.util.HexFormat;

/// A chart in RTF: a picture in the line, with what it shows for those who can't see it.
///
/// ```java
/// new RtfPicture(chart, chart.picture(300)).write(451, text); // as wide as the text at most
/// ```
///
/// @param chart the chart
/// @param png the same as PNG
record RtfPicture(SentChart chart, byte[] png) {
  /// So many bytes stand on a line.
  private static final int LINE = 64;

  /// Writes its paragraph.
  ///
  /// @param most the widest that it may be, in points
  void write(double most, StringBuilder text) {
    double share = Math.min(1, most / chart.page().width());
    long width = RtfUnits.twips(chart.page().width() * share);
    long height = RtfUnits.twips(chart.page().height() * share);
    text.append("\\pard\\ql{\\pict{\\*\\picprop{\\sp{\\sn wzDescription}{\\sv ");
    text.append(RtfFonts.escaped(chart.description())).append("}}}\\pngblip");
    text.append("\\picwgoal").append(width).append("\\pichgoal").append(height).append('\n');
    for (int from = 0; from < png.length; from += LINE) {
      int to = Math.min(png.length, from + LINE);
      text.append(HexFormat.of().formatHex(png, from, to)).append('\n');
    }
    text.append("}\\par\n\\pard\\par\n");
  }
}
