package app.finish.formats.opendocument;

import app.finish.core.dress.DressedCell;
import app.finish.core.dress.Run;
import app.finish.core.style.colour.Palette;
import app.finish.formats.io.XmlText;

/// Writes the text of cells. Blanks in a row stand as elements, since a reader takes several blanks
/// for one.
record OdfText(XmlText xml, OdfStyles styles, Palette palette) {
  /// The runs of a cell, without the paragraph around them.
  void runs(DressedCell cell) {
    boolean behindBlank = true;
    for (Run run : cell.runs()) {
      if (run.text().isEmpty()) {
        continue;
      }
      String style = styles.stretch(run, cell.look(), palette);
      if (!style.isEmpty()) {
        xml.open("text:span", "text:style-name", style);
      }
      blanks(run.text(), behindBlank);
      behindBlank = run.text().endsWith(" ");
      if (!style.isEmpty()) {
        xml.close("text:span");
      }
    }
  }

  /// @param behindBlank whether a blank stands before the text, or nothing does
  private void blanks(String text, boolean behindBlank) {
    int from = 0;
    for (int i = 0; i < text.length(); i++) {
      boolean again = text.charAt(i) == ' ' && (i == 0 ? behindBlank : text.charAt(i - 1) == ' ');
      if (again) {
        xml.text(text.substring(from, i)).empty("text:s");
        from = i + 1;
      }
    }
    xml.text(text.substring(from));
  }
}
