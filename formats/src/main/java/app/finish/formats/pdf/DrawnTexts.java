package app.finish.formats.pdf;

import app.finish.core.layout.font.Face;
import app.finish.core.layout.font.Fonts;
import app.finish.core.layout.font.OtherScripts.DrawnLetter;
import app.finish.core.layout.font.Outline;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSFloat;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDResources;

/// Texts whose letters are joined and ordered before they are drawn. Each letter is a glyph of a
/// font of drawings (ISO 32000-1, 9.6.5, Type 3) that says which text it is, so that texts are
/// found, copied and read aloud as they were written.
final class DrawnTexts {
  /// Thousandths of the size of the text.
  private static final int UNITS = 1000;

  private static final int MOST = 255;

  /// A letter as a glyph.
  ///
  /// @param font the name of its font
  /// @param code its code in the font
  private record Glyph(COSName font, int code) {}

  /// A font that takes more glyphs yet.
  private static final class Drawings {
    private final COSName name;
    private final COSDictionary font = new COSDictionary();
    private final COSDictionary drawings = new COSDictionary();
    private final COSArray differences = new COSArray();
    private final COSArray widths = new COSArray();
    private final List<String> texts = new ArrayList<>();

    Drawings(int number) {
      this.name = COSName.getPDFName("Drawn" + number);
    }
  }

  private final PDDocument document;
  private final Fonts fonts;
  private final Map<DrawnLetter, Glyph> known = new HashMap<>();
  private final List<Drawings> all = new ArrayList<>();

  /// What holds every letter.
  private final Rectangle2D box = new Rectangle2D.Double(0, -UNITS / 5.0, UNITS, UNITS);

  DrawnTexts(PDDocument document, Fonts fonts) {
    this.document = document;
    this.fonts = fonts;
  }

  /// What shows a text in a content stream, between the operators that begin and end a text.
  ///
  /// @param resources of the page that it is shown on
  String show(String text, Face face, double size, PDResources resources) throws IOException {
    StringBuilder shown = new StringBuilder();
    COSName set = COSName.getPDFName("");
    for (DrawnLetter letter : fonts.other().letters(text, face)) {
      Glyph glyph = known.get(letter);
      if (glyph == null) {
        glyph = add(letter);
        known.put(letter, glyph);
      }
      if (!glyph.font.equals(set)) {
        set = glyph.font;
        name(set, resources);
        shown.append(String.format(Locale.ROOT, "/%s %.3f Tf ", set.getName(), size));
      }
      shown.append(String.format(Locale.ROOT, "<%02X> Tj ", glyph.code));
    }
    return shown.append('\n').toString();
  }

  private void name(COSName font, PDResources resources) {
    COSDictionary named = resources.getCOSObject();
    COSDictionary ofFonts = named.getCOSDictionary(COSName.FONT);
    if (ofFonts == null) {
      ofFonts = new COSDictionary();
      named.setItem(COSName.FONT, ofFonts);
    }
    for (Drawings one : all) {
      if (one.name.equals(font)) {
        ofFonts.setItem(font, one.font);
      }
    }
  }

  private Glyph add(DrawnLetter letter) throws IOException {
    if (all.isEmpty() || all.getLast().texts.size() == MOST) {
      all.add(new Drawings(all.size() + 1));
    }
    Drawings into = all.getLast();
    int code = into.texts.size() + 1;
    COSName name = COSName.getPDFName("t" + code);
    double width = letter.width() * UNITS;
    COSStream drawing = document.getDocument().createCOSStream();
    try (OutputStream out = drawing.createOutputStream(COSName.FLATE_DECODE)) {
      out.write(drawing(letter.outline(), width).getBytes(StandardCharsets.US_ASCII));
    }
    into.drawings.setItem(name, drawing);
    into.differences.add(name);
    into.widths.add(new COSFloat((float) width));
    into.texts.add(letter.text());
    return new Glyph(into.name, code);
  }

  /// A glyph takes the colour of the text (operator d1), which needs a box that holds it.
  private String drawing(Outline outline, double width) {
    StringBuilder all = new StringBuilder();
    Rectangle2D own = new Rectangle2D.Double();
    for (Outline.Segment segment : outline.segments()) {
      switch (segment) {
        case Outline.Move to -> own.add(to.x() * UNITS, -to.y() * UNITS);
        case Outline.Line to -> own.add(to.x() * UNITS, -to.y() * UNITS);
        case Outline.Curve to -> {
          own.add(to.x1() * UNITS, -to.y1() * UNITS);
          own.add(to.x2() * UNITS, -to.y2() * UNITS);
          own.add(to.x() * UNITS, -to.y() * UNITS);
        }
        case Outline.Close _ -> {}
      }
    }
    box.add(own);
    line(all, "d1", width, 0, own.getMinX(), own.getMinY(), own.getMaxX(), own.getMaxY());
    for (Outline.Segment segment : outline.segments()) {
      switch (segment) {
        case Outline.Move to -> line(all, "m", to.x() * UNITS, -to.y() * UNITS);
        case Outline.Line to -> line(all, "l", to.x() * UNITS, -to.y() * UNITS);
        case Outline.Curve to ->
            line(
                all,
                "c",
                to.x1() * UNITS,
                -to.y1() * UNITS,
                to.x2() * UNITS,
                -to.y2() * UNITS,
                to.x() * UNITS,
                -to.y() * UNITS);
        case Outline.Close _ -> line(all, "h");
      }
    }
    if (!outline.segments().isEmpty()) {
      line(all, "f");
    }
    return all.toString();
  }

  private static void line(StringBuilder all, String operator, double... numbers) {
    for (double number : numbers) {
      all.append(String.format(Locale.ROOT, "%.1f ", number));
    }
    all.append(operator).append('\n');
  }

  /// Writes the fonts, when all texts are known.
  void end() throws IOException {
    for (Drawings one : all) {
      COSDictionary font = one.font;
      font.setItem(COSName.TYPE, COSName.FONT);
      font.setItem(COSName.SUBTYPE, COSName.TYPE3);
      font.setItem(COSName.NAME, one.name);
      font.setItem(
          COSName.FONT_BBOX,
          numbers(
              Math.floor(box.getMinX()),
              Math.floor(box.getMinY()),
              Math.ceil(box.getMaxX()),
              Math.ceil(box.getMaxY())));
      font.setItem(COSName.FONT_MATRIX, numbers(1.0 / UNITS, 0, 0, 1.0 / UNITS, 0, 0));
      font.setItem(COSName.CHAR_PROCS, one.drawings);
      COSDictionary encoding = new COSDictionary();
      encoding.setItem(COSName.TYPE, COSName.ENCODING);
      COSArray differences = new COSArray();
      differences.add(COSInteger.ONE);
      differences.addAll(one.differences);
      encoding.setItem(COSName.DIFFERENCES, differences);
      font.setItem(COSName.ENCODING, encoding);
      font.setInt(COSName.FIRST_CHAR, 1);
      font.setInt(COSName.LAST_CHAR, one.texts.size());
      font.setItem(COSName.WIDTHS, one.widths);
      font.setItem(COSName.RESOURCES, new COSDictionary());
      COSStream texts = document.getDocument().createCOSStream();
      try (OutputStream out = texts.createOutputStream(COSName.FLATE_DECODE)) {
        out.write(texts(one.texts).getBytes(StandardCharsets.US_ASCII));
      }
      font.setItem(COSName.TO_UNICODE, texts);
    }
  }

  private static COSArray numbers(double... numbers) {
    COSArray all = new COSArray();
    for (double number : numbers) {
      all.add(new COSFloat((float) number));
    }
    return all;
  }

  /// Which text each glyph is (ISO 32000-1, 9.10.3).
  private static String texts(List<String> texts) {
    StringBuilder all =
        new StringBuilder(
            """
            /CIDInit /ProcSet findresource begin
            12 dict begin
            begincmap
            /CIDSystemInfo << /Registry (Adobe) /Ordering (UCS) /Supplement 0 >> def
            /CMapName /Adobe-Identity-UCS def
            /CMapType 2 def
            1 begincodespacerange
            <00> <FF>
            endcodespacerange
            """);
    for (int from = 0; from < texts.size(); from += 100) {
      int to = Math.min(texts.size(), from + 100);
      all.append(to - from).append(" beginbfchar\n");
      for (int i = from; i < to; i++) {
        all.append(String.format(Locale.ROOT, "<%02X> <", i + 1));
        texts.get(i).chars().forEach(one -> all.append(String.format(Locale.ROOT, "%04X", one)));
        all.append(">\n");
      }
      all.append("endbfchar\n");
    }
    return all.append("endcmap\nCMapName currentdict /CMap defineresource pop\nend\nend\n")
        .toString();
  }
}
