package app.finish.formats.sent;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.chart.Chart;
import app.finish.core.chart.ChartKind;
import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.highlight.HighlightSentence;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.Touches;
import app.finish.formats.Given;
import app.finish.formats.OutputFormat;
import app.finish.formats.io.Kept;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureNode;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// A format keeps what it says it keeps, and nothing else: two documents that differ in one thing
/// alone give files that differ exactly where the format keeps that thing.
public class KeptTest {
  private record Pair(Document one, Document other) {}

  private static Document table(String title, String note, String figure) {
    return Given.document(
        "Plain",
        title,
        "Route | Mean wait | Fares",
        "Hale–Orrin | " + figure + " | 120",
        "Skell–Tamsay | 8.25 | 95",
        "Note. " + note);
  }

  private static Document plain() {
    return table("Waits by route", "All days.", "12.25");
  }

  private static Finish finish() {
    return plain().table(0).finish();
  }

  private static Document with(Finish finish) {
    return plain().withFinish(0, finish);
  }

  private static Document touched(PartName part, Property property, String setting) {
    return with(finish().withTouches(Touches.NONE.with(Selector.of(part), property, setting)));
  }

  private static Document rounded(String figure) {
    Document document = table("Waits by route", "All days.", figure);
    Touches touches = Touches.NONE.with(Selector.of(PartName.TABLE), Property.DECIMALS, "1");
    return document.withFinish(0, document.table(0).finish().withTouches(touches));
  }

  private static Pair touches(PartName part, Property property, String one, String other) {
    return new Pair(touched(part, property, one), touched(part, property, other));
  }

  private static Pair pair(Kept kept) {
    return switch (kept) {
      case EXACT_FIGURES -> new Pair(rounded("12.23"), rounded("12.24"));
      case SHOWN_FIGURES -> touches(PartName.TABLE, Property.DECIMALS, "1", "2");
      case TITLE -> new Pair(plain(), table("Waits by line", "All days.", "12.25"));
      case NOTES -> new Pair(plain(), table("Waits by route", "Workdays.", "12.25"));
      case DESCRIPTION ->
          new Pair(
              with(finish().withWord(PartName.TABLE, "Two routes.")),
              with(finish().withWord(PartName.TABLE, "Two lines.")));
      case RICH_WORDS ->
          new Pair(
              with(finish().withWord(PartName.TITLE, "Waits of all")),
              with(finish().withWord(PartName.TITLE, "Waits *of* all")));
      case FACES -> touches(PartName.TABLE, Property.FACE, "Arial", "Times New Roman");
      case SIZES -> touches(PartName.TABLE, Property.SIZE, "10 pt", "12 pt");
      case INKS -> touches(PartName.BODY, Property.INK, "#aa0000", "#00aa00");
      case FILLS -> touches(PartName.COLUMN_HEAD, Property.FILL, "#ffeeaa", "#aaeeff");
      case RULES -> touches(PartName.STUB, Property.RULE_BETWEEN_ROWS, "1 pt ink", "none");
      case ALIGNMENT -> touches(PartName.BODY, Property.ALIGN, "start", "centre");
      case WIDTHS -> touches(PartName.TABLE, Property.COLUMN_WIDTH, "70 pt", "110 pt");
      case CHARTS ->
          new Pair(
              plain().withAdded(Chart.of(ChartKind.BARS, "Fares"), 0),
              plain().withAdded(Chart.of(ChartKind.COLUMNS, "Fares"), 0));
      case MARKS ->
          new Pair(
              plain(),
              with(
                  finish()
                      .withHighlights(
                          List.of(HighlightSentence.read("Fares always: bar accent")))));
    };
  }

  private static void summaries(PDStructureNode under, ByteArrayOutputStream all) {
    for (Object kid : under.getKids()) {
      if (kid instanceof PDStructureElement element) {
        all.writeBytes(element.getAttributes().toString().getBytes());
        summaries(element, all);
      }
    }
  }

  /// What is in a file, without the moment at which it was made.
  private static byte[] content(Document document, OutputFormat format) throws IOException {
    Path file = Given.sent(document, format);
    ByteArrayOutputStream all = new ByteArrayOutputStream();
    switch (format) {
      case DOCX, XLSX, ADDING, ODT, ODS -> {
        try (ZipFile zip = new ZipFile(file.toFile())) {
          for (ZipEntry entry : Collections.list(zip.entries())) {
            if (!entry.getName().startsWith("docProps") && !entry.getName().equals("meta.xml")) {
              try (InputStream in = zip.getInputStream(entry)) {
                in.transferTo(all);
              }
            }
          }
        }
      }
      case PDF -> {
        try (PDDocument pdf = Loader.loadPDF(file.toFile())) {
          for (PDPage page : pdf.getPages()) {
            page.getContents().transferTo(all);
            for (COSName name : page.getResources().getFontNames()) {
              all.writeBytes(page.getResources().getFont(name).getName().getBytes());
            }
          }
          summaries(pdf.getDocumentCatalog().getStructureTreeRoot(), all);
        }
      }
      default -> all.writeBytes(Files.readAllBytes(file));
    }
    return all.toByteArray();
  }

  @DataProvider
  public Object[] formats() {
    return OutputFormat.values();
  }

  @Test(dataProvider = "formats")
  public void aFormatKeepsWhatItSays(OutputFormat format) throws IOException {
    for (Kept kept : Kept.values()) {
      Pair pair = pair(kept);
      boolean differs =
          !java.util.Arrays.equals(content(pair.one, format), content(pair.other, format));
      assertThat(differs)
          .as("%s in %s", kept.label(), format)
          .isEqualTo(format.keeps().contains(kept));
    }
  }
}
