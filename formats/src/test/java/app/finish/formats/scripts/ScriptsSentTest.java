package app.finish.formats.scripts;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.arrange.formula.Formulas;
import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.grid.Grid;
import app.finish.core.layout.Paper;
import app.finish.core.layout.font.Face;
import app.finish.core.layout.font.Fonts;
import app.finish.core.layout.font.OtherScripts;
import app.finish.core.layout.font.Outline;
import app.finish.formats.OutputFormat;
import app.finish.formats.Sending;
import app.finish.formats.UnshownLetters;
import app.finish.formats.style.StyleFile;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.SkipException;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Labels in all scripts, in print.
public class ScriptsSentTest {
  /// A bar for each letter: sets every script alike, on any machine.
  private static final OtherScripts BARS =
      new OtherScripts() {
        @Override
        public boolean covers(int codePoint) {
          return codePoint < 0x1F000;
        }

        @Override
        public double width(String text, Face face) {
          return text.length() * 0.5;
        }

        @Override
        public List<DrawnLetter> letters(String text, Face face) {
          List<Outline.Segment> bar =
              List.of(
                  new Outline.Move(0, 0),
                  new Outline.Line(0.4, 0),
                  new Outline.Curve(0.4, -0.2, 0.3, -0.4, 0, -0.5),
                  new Outline.Close());
          List<DrawnLetter> letters = new ArrayList<>();
          for (int i = 0; i < text.length(); i++) {
            letters.add(new DrawnLetter(text.substring(i, i + 1), 0.5, new Outline(bar)));
          }
          return letters;
        }
      };

  @DataProvider
  public Object[][] labels() {
    return new Object[][] {
      {"العربية"}, {"عدد 2025"}, {"עברית"}, {"中文"}, {"日本語"}, {"한국어"}, {"ไทย"}, {"हिन्दी"}
    };
  }

  private static byte[] pdf(Fonts fonts, String... labels) throws IOException {
    String[] lines = new String[labels.length + 2];
    lines[0] = "Fares";
    lines[1] = "Route | Winter | Summer";
    for (int i = 0; i < labels.length; i++) {
      lines[i + 2] = labels[i] + " | 12.5 | 14." + i % 10;
    }
    Document document =
        Document.EMPTY.withAdded(new Source("x", Grid.ofText(lines)), Finish.in("Plain"));
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    OutputFormat.PDF
        .writer(fonts)
        .write(
            new Sending(fonts, StyleFile.shipped(), Formulas.NONE)
                .sent(document, List.of(0), Paper.A4),
            out);
    return out.toByteArray();
  }

  @DataProvider
  public Object[][] fromTheLeft() {
    return new Object[][] {{"中文"}, {"日本語"}, {"한국어"}, {"ไทย"}, {"हिन्दी"}};
  }

  @Test(dataProvider = "fromTheLeft")
  public void labelsAreFoundAsTheyWereWritten(String label) throws IOException {
    try (PDDocument pdf = Loader.loadPDF(pdf(new Fonts(BARS), label, "Hale"))) {
      assertThat(new PDFTextStripper().getText(pdf)).contains(label, "Hale");
    }
  }

  @Test
  public void manyTextsTakeSeveralFonts() throws IOException {
    String[] labels = new String[600];
    for (int i = 0; i < labels.length; i++) {
      labels[i] = "線" + (char) ('一' + i);
    }
    try (PDDocument pdf = Loader.loadPDF(pdf(new Fonts(BARS), labels))) {
      assertThat(new PDFTextStripper().getText(pdf).replaceAll("\\s", "")).contains(labels);
      int drawn = 0;
      for (COSName name : pdf.getPage(pdf.getNumberOfPages() - 1).getResources().getFontNames()) {
        PDFont font = pdf.getPage(pdf.getNumberOfPages() - 1).getResources().getFont(name);
        drawn += font.getSubType().equals("Type3") ? 1 : 0;
      }
      assertThat(drawn).isPositive();
    }
  }

  @Test(dataProvider = "labels")
  public void theMachinesOwnFontsDrawThem(String label) throws IOException {
    SystemScripts scripts = new SystemScripts();
    if (!label.codePoints().allMatch(scripts::covers)) {
      throw new SkipException("this machine has no font for " + label);
    }
    Face face = Face.other(false, false);
    assertThat(scripts.width(label, face)).isPositive();
    assertThat(scripts.letters(label, face)).isNotEmpty();
    try (PDDocument pdf = Loader.loadPDF(pdf(new Fonts(scripts), label))) {
      assertThat(new PDFTextStripper().getText(pdf)).contains(label);
      assertThat(new PDFRenderer(pdf).renderImageWithDPI(0, 40).getWidth()).isPositive();
    }
  }

  @Test
  public void lettersThatNoFontHasAreTold() {
    Document document =
        Document.EMPTY.withAdded(
            new Source("x", Grid.ofText("Fares", "Route | Winter", "中 😀 | 12.5", "😀 | 13")),
            Finish.in("Plain"));
    Sending sending = new Sending(new Fonts(BARS), StyleFile.shipped(), Formulas.NONE);
    UnshownLetters unshown =
        sending.caveats(document, List.of(0), List.of(OutputFormat.PDF)).unshown();
    assertThat(unshown.letters()).isEqualTo("😀");
    assertThat(unshown.named()).isEqualTo("😀 (U+1F600)");
    assertThat(sending.caveats(document, List.of(0), List.of(OutputFormat.DOCX)).unshown().count())
        .isZero();
    Sending bare = new Sending(new Fonts(), StyleFile.shipped(), Formulas.NONE);
    assertThat(bare.caveats(document, List.of(0), List.of(OutputFormat.PDF)).unshown().letters())
        .isEqualTo("中😀");
  }
}
