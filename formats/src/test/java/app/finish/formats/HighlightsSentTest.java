package app.finish.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.Finishing;
import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.highlight.Condition;
import app.finish.core.highlight.Highlight;
import app.finish.core.highlight.HighlightSentence;
import app.finish.core.highlight.Operand;
import app.finish.core.layout.Paper;
import app.finish.core.problem.Problem;
import app.finish.core.table.Spot;
import app.finish.formats.finish.DocumentFile;
import app.finish.formats.finish.HighlightsJson;
import app.finish.formats.style.StyleFile;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import java.util.zip.ZipFile;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.poi.ss.formula.ConditionalFormattingEvaluator;
import org.apache.poi.ss.util.CellAddress;
import org.apache.poi.xssf.usermodel.XSSFFormulaEvaluator;
import org.apache.poi.xssf.usermodel.XSSFSheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.jsoup.nodes.Element;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Highlights go out with their tables, into files and house styles and back, and those that are
/// off leave nothing behind.
public class HighlightsSentTest {
  private static Document with(String... sentences) throws IOException {
    Document document = Given.sailings("Marram house");
    List<Highlight> all = Arrays.stream(sentences).map(HighlightSentence::read).toList();
    return document.withFinish(0, document.table(0).finish().withHighlights(all));
  }

  private static Element html(String... sentences) throws IOException {
    return Given.page(Given.sent(with(sentences), OutputFormat.HTML));
  }

  @DataProvider
  public Object[] formats() {
    return new Object[] {OutputFormat.HTML, OutputFormat.PNG};
  }

  @Test(dataProvider = "formats")
  public void whatIsOffLeavesTheSameBytes(OutputFormat format) throws IOException {
    Document off = with("Fares above 10: bold bad on bad 12%, the row");
    Finish finish = off.table(0).finish();
    off =
        off.withFinish(
            0, finish.withHighlights(List.of(finish.highlights().getFirst().switched(false))));
    byte[] without = Files.readAllBytes(Given.sent(Given.sailings("Marram house"), format));
    assertThat(Files.readAllBytes(Given.sent(off, format))).isEqualTo(without);
    byte[] on = Files.readAllBytes(Given.sent(with("Fares above 10: bold bad on bad 12%"), format));
    assertThat(on).isNotEqualTo(without);
  }

  @DataProvider
  public Object[][] held() {
    return new Object[][] {
      {"Fares above 15: bold bad on bad 12%"},
      {"Fares between 11 and 14.5: on good 20%"},
      {"Fares at most 10.5: italic"},
      {"Fares other than 20: underlined accent"}
    };
  }

  /// A sheet's own conditional formats lie on exactly the figures on which the highlight lies, also
  /// when a figure is changed there.
  @Test(dataProvider = "held")
  public void aWorkbookKeepsHighlightsAlive(String sentence) throws IOException {
    Document document = with(sentence);
    Set<String> lies = places(Finishing.of(document.table(0)), document, 0);
    try (XSSFWorkbook book =
        new XSSFWorkbook(Files.newInputStream(Given.sent(document, OutputFormat.XLSX)))) {
      XSSFSheet sheet = book.getSheetAt(0);
      assertThat(sheet.getSheetConditionalFormatting().getNumConditionalFormattings()).isOne();
      assertThat(formatted(book, sheet)).isNotEmpty().isEqualTo(lies);
    }
  }

  @Test
  public void whatNoSheetHoldsIsFixed() throws IOException {
    for (String sentence :
        List.of("Fares among the top 3: bold", "Fares above 15: bold bad, the row")) {
      try (XSSFWorkbook book =
          new XSSFWorkbook(Files.newInputStream(Given.sent(with(sentence), OutputFormat.XLSX)))) {
        XSSFSheet sheet = book.getSheetAt(0);
        assertThat(sheet.getSheetConditionalFormatting().getNumConditionalFormattings()).isZero();
      }
    }
  }

  private static Set<String> formatted(XSSFWorkbook book, XSSFSheet sheet) {
    ConditionalFormattingEvaluator evaluator =
        new ConditionalFormattingEvaluator(book, new XSSFFormulaEvaluator(book));
    Set<String> found = new TreeSet<>();
    sheet.forEach(
        row ->
            row.forEach(
                cell -> {
                  if (!evaluator.getConditionalFormattingForCell(cell).isEmpty()) {
                    found.add(cell.getAddress().formatAsString());
                  }
                }));
    return found;
  }

  /// Where a sheet has the figures on which the first highlight of a table lies.
  private static Set<String> places(Finishing finishing, Document document, int index) {
    Highlight highlight = document.table(index).finish().highlights().getFirst();
    Set<Spot.Figure> lies = new HashSet<>();
    for (Spot.Figure figure : finishing.looked(highlight)) {
      double number = finishing.table().body().number(figure.row(), figure.column());
      boolean held =
          switch (highlight.when()) {
            case Condition.Between(double low, double high) -> number >= low && number <= high;
            case Condition.Compared(Condition.Sign sign, Operand.Number(double other)) ->
                sign.holds(number, other);
            default -> false;
          };
      if (held) {
        lies.add(figure);
      }
    }
    Set<String> found = new TreeSet<>();
    List<DressedRow> rows =
        Given.sending()
            .sent(document, List.of(index), Paper.A4)
            .tables()
            .getFirst()
            .dressed()
            .rows();
    for (int i = 0; i < rows.size(); i++) {
      for (DressedCell cell : rows.get(i).cells()) {
        if (cell.place() instanceof CellMeaning.Body body
            && lies.contains(new Spot.Figure(body.row(), body.column()))) {
          found.add(new CellAddress(i, cell.column()).formatAsString());
        }
      }
    }
    return found;
  }

  @Test
  public void webPagesSayInTextWhatIsHighlighted() throws IOException {
    Element page = html("“Dear” = Fares above 15: bold bad on bad 12%");
    Element cell = page.select("td:containsOwn(20.0)").first();
    assertThat(cell.attr("style")).contains("background").contains("bold");
    assertThat(cell.select("span").text()).contains("Dear");
    assertThat(page.select("td:containsOwn(10.5)").first().select("span")).isEmpty();
  }

  /// A legend has its swatch in each output: a box in a thin frame, or the sign itself.
  @Test
  public void aLegendIsDrawnWithItsSwatch() throws IOException {
    Document shaded = legend("Fares above 15: bold bad on bad 12%", "Shaded: dear ones.");
    Element page = Given.page(Given.sent(shaded, OutputFormat.HTML));
    Element note = page.select("tfoot div:contains(Shaded: dear ones.)").first();
    assertThat(note.select("span[aria-hidden=true]").attr("style")).contains("background: #");
    try (ZipFile zip = new ZipFile(Given.sent(shaded, OutputFormat.DOCX).toFile())) {
      byte[] bytes = zip.getInputStream(zip.getEntry("word/document.xml")).readAllBytes();
      String xml = new String(bytes, java.nio.charset.StandardCharsets.UTF_8);
      assertThat(xml).contains("w:bdr", "w:shd").contains("Shaded: dear ones.");
    }
    Document signed = legend("Fares always: sign down up at 5", "By price.");
    Element other = Given.page(Given.sent(signed, OutputFormat.HTML));
    assertThat(other.select("tfoot").text()).contains("▼").contains("▲").contains("By price.");
  }

  private static Document legend(String sentence, String words) throws IOException {
    Document document = Given.sailings("Marram house");
    Highlight said = HighlightSentence.read(sentence).saying(words);
    return document.withFinish(0, document.table(0).finish().withHighlights(List.of(said)));
  }

  @Test
  public void barsSignsAndLinesAreThere() throws IOException {
    Element page = html("Fares always: bar accent 30% below zero bad 30%");
    assertThat(page.select("td[style*=linear-gradient]")).hasSize(8);
    assertThat(html("Fares always: sign down up at 5").text()).contains("▲", "▼");
    assertThat(html("Fares always: trend accent").select("svg polyline")).hasSizeGreaterThan(3);
    String docx = docx("Fares always: bar accent 30%");
    assertThat(docx).contains("█");
    assertThat(docx("Fares always: trend accent")).containsPattern("[▁-█]{2}");
    assertThat(docx("Fares above 15: struck")).contains("<w:strike");
  }

  private static String docx(String sentence) throws IOException {
    try (ZipFile zip = new ZipFile(Given.sent(with(sentence), OutputFormat.DOCX).toFile())) {
      return new String(
          zip.getInputStream(zip.getEntry("word/document.xml")).readAllBytes(),
          java.nio.charset.StandardCharsets.UTF_8);
    }
  }

  /// The paper is drawn with and without: something is there that was not.
  @Test
  public void theyAreDrawnOnPaper() throws IOException {
    for (String sentence :
        List.of(
            "Fares always: bar accent",
            "Fares always: tint bad to good",
            "Fares always: sign ring dot cross at 5, 15 in bad",
            "Fares always: trend accent",
            "Fares always: struck")) {
      assertThat(drawn(with(sentence)))
          .as(sentence)
          .isNotEqualTo(drawn(Given.sailings("Marram house")));
    }
  }

  private static int drawn(Document document) throws IOException {
    try (PDDocument file = Loader.loadPDF(Given.sent(document, OutputFormat.PDF).toFile())) {
      var image = new PDFRenderer(file).renderImage(0);
      return Arrays.hashCode(
          image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth()));
    }
  }

  @Test
  public void aDocumentKeepsThemAndWhatItDoesNotKnowOfThem() throws IOException {
    Document document =
        with(
            "“Dear” = Fares, totals too, when above 15: bold bad, the row",
            "everything missing: instead “–”");
    Highlight first = document.table(0).finish().highlights().getFirst();
    List<Highlight> all =
        List.of(
            first.switched(false).beingLast(true).saying("Dear ones."),
            document.table(0).finish().highlights().getLast());
    Document kept = document.withFinish(0, document.table(0).finish().withHighlights(all));
    Path file = Files.createTempFile("highlights", ".finish");
    DocumentFile.write(kept, file);
    assertThat(DocumentFile.read(file).table(0).finish().highlights()).isEqualTo(all);
    Files.delete(file);
  }

  @Test
  public void oneOfALaterVersionIsKeptOffAndWrittenAgain() throws IOException {
    ObjectMapper json = new ObjectMapper();
    String later =
        "[{\"says\":\"Fares glows softly: aura\",\"last\":true,\"aura\":{\"size\":3}},"
            + "{\"says\":\"Fares below 3: bold\",\"since\":7}]";
    List<Highlight> read = HighlightsJson.read(json.readTree(later));
    assertThat(read.get(0).on()).isFalse();
    assertThat(HighlightsJson.isUnread(read.get(0))).isTrue();
    assertThat(read.get(1).on()).isTrue();
    assertThat(HighlightsJson.write(read)).isEqualTo(json.readTree(later));
  }

  @Test
  public void aStyleHasThemForEveryTableThatWearsIt() throws IOException {
    Path file = Files.createTempFile("style", ".json");
    Files.writeString(
        file,
        "{\"format\":\"finish-style\",\"name\":\"Own\",\"basedOn\":\"Plain\","
            + "\"highlights\":[\"every sum above 15: bad\",\"Fares glows: aura\"]}");
    var reading = StyleFile.check(file);
    assertThat(reading.findings()).hasSize(1);
    assertThat(reading.findings().getFirst().sentence()).contains("does nothing");
    var style = reading.style().orElseThrow();
    assertThat(StyleFile.write(style)).contains("every sum above 15: bad", "Fares glows: aura");
    Document document = Given.sailings("Plain").withStyle(style);
    document = document.withFinish(0, document.table(0).finish().withStyle("Own"));
    Element page = Given.page(Given.sent(document, OutputFormat.HTML));
    Element marked = page.select("td:containsOwn(20)").first();
    Element plain = page.select("td:containsOwn(1.5)").first();
    assertThat(marked.attr("style")).isNotEqualTo(plain.attr("style"));
    Files.delete(file);
  }

  @Test
  public void twoHundredOfThemAreSent() throws IOException {
    String[] many =
        Stream.iterate(0, i -> i < 200, i -> i + 1)
            .map(i -> "Fares above " + i + ": size " + (100 + i % 3) + "%")
            .toArray(String[]::new);
    assertThat(html(many).select("td")).isNotEmpty();
  }

  @Test
  public void equalEndsAndNothingToCompareDoNoHarm() throws IOException {
    for (String sentence :
        List.of(
            "Fares always: tint bad to good at 5, 5",
            "Fares, in Season “Nowhere”, always: bar accent",
            "Fares changed by above 0%: bold",
            "everything where {value / 0 > 1}: bold",
            "everything where {1 +}: bold")) {
      assertThat(html(sentence).select("td")).as(sentence).isNotEmpty();
    }
  }

  @Test(expectedExceptions = Problem.class)
  public void aDamagedDocumentIsStillTold() throws IOException {
    Path file = Files.createTempFile("damaged", ".finish");
    Files.writeString(file, "PK nothing");
    try {
      DocumentFile.read(file);
    } finally {
      Files.delete(file);
    }
  }

  /// What a workbook can hold only as fixed looks is told before it is sent; what it holds live is
  /// not, and other formats have nothing to tell.
  @Test
  public void whatAWorkbookHoldsFixedIsTold() throws IOException {
    Document live = with("Fares below 12: bad");
    Document fixed = with("Fares above the mean of its column: good");
    Sending sending = Given.sending();
    assertThat(sending.caveats(live, List.of(0), List.of(OutputFormat.XLSX)).fixed()).isEmpty();
    assertThat(sending.caveats(fixed, List.of(0), List.of(OutputFormat.XLSX)).fixed()).hasSize(1);
    assertThat(sending.caveats(fixed, List.of(0), List.of(OutputFormat.PDF)).fixed()).isEmpty();
  }
}
