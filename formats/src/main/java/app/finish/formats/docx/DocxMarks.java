package app.finish.formats.docx;

import app.finish.core.dress.Run;
import app.finish.core.style.Look;
import app.finish.core.style.Property;
import app.finish.core.style.colour.Palette;
import app.finish.formats.io.XmlText;

/// What stands for a value in a cell of a document, as text that can be edited: a bar is a run of
/// blocks behind the figure, a line over a row's figures one block a figure, as high as it is
/// large.
final class DocxMarks {
  private static final String BLOCKS = "▁▂▃▄▅▆▇█";
  private static final int LONGEST = 8;

  private DocxMarks() {}

  /// Adds the runs of a cell's marks.
  static void add(XmlText xml, Look look, Palette palette) {
    String bar = look.setting(Property.BAR);
    if (!bar.equals("none")) {
      boolean alone = bar.endsWith(" alone");
      String[] words = bar.replace(" alone", "").split(" ");
      double zero = Double.parseDouble(words[words.length - 2]);
      double end = Double.parseDouble(words[words.length - 1]);
      String ink =
          bar.substring(
              0, bar.indexOf(" " + words[words.length - 2] + " " + words[words.length - 1]));
      int length = (int) Math.round(Math.abs(end - zero) * LONGEST);
      run(xml, (alone ? "" : "\u00A0") + "█".repeat(length), palette.colour(ink).hex());
    }
    String trend = look.setting(Property.TREND);
    if (!trend.equals("none")) {
      int blank = trend.lastIndexOf(' ');
      StringBuilder blocks = new StringBuilder();
      for (String point : trend.substring(blank + 1).split(",")) {
        blocks.append(
            point.equals("-")
                ? ' '
                : BLOCKS.charAt(
                    (int) Math.round(Double.parseDouble(point) * (BLOCKS.length() - 1))));
      }
      run(xml, blocks.toString(), palette.colour(trend.substring(0, blank)).hex());
    }
  }

  /// A box or a sign in an ink of its own; a box has a thin frame.
  static void swatch(XmlText xml, Run run, Palette palette) {
    String hex = palette.colour(run.swatch()).hex().replace("#", "");
    boolean box = run.text().equals("■");
    xml.open("w:r").open("w:rPr");
    xml.empty("w:color", "w:val", hex);
    if (box) {
      String frame = palette.colour("soft").hex().replace("#", "");
      xml.empty("w:bdr", "w:val", "single", "w:sz", 2, "w:space", 0, "w:color", frame);
      xml.empty("w:shd", "w:val", "clear", "w:color", "auto", "w:fill", hex);
    }
    xml.close("w:rPr");
    xml.open("w:t", "xml:space", "preserve").text(run.text()).close("w:t").close("w:r");
  }

  private static void run(XmlText xml, String text, String hex) {
    xml.open("w:r").open("w:rPr");
    xml.empty("w:color", "w:val", hex.replace("#", ""));
    xml.empty("w:sz", "w:val", 12);
    xml.close("w:rPr");
    xml.open("w:t", "xml:space", "preserve").text(text).close("w:t").close("w:r");
  }
}
