package app.finish.formats.sent;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.arrange.make.Rename;
import app.finish.core.arrange.make.RenameMember;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.place.Side;
import app.finish.core.chart.Chart;
import app.finish.core.chart.ChartAdvice;
import app.finish.core.chart.ChartKind;
import app.finish.core.chart.ChartTexts;
import app.finish.core.document.Document;
import app.finish.core.document.DocumentChart;
import app.finish.core.highlight.HighlightSentence;
import app.finish.core.layout.Mark;
import app.finish.core.layout.Paper;
import app.finish.core.problem.Problem;
import app.finish.formats.Given;
import app.finish.formats.OutputFormat;
import app.finish.formats.finish.DocumentFile;
import app.finish.formats.io.SentTable;
import app.finish.formats.samples.Samples;
import java.io.ByteArrayInputStream;
import java.io.FileInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HexFormat;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.zip.ZipFile;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.poi.xssf.usermodel.XSSFChart;
import org.apache.poi.xssf.usermodel.XSSFSheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import org.verapdf.gf.foundry.VeraGreenfieldFoundryProvider;
import org.verapdf.pdfa.Foundries;
import org.verapdf.pdfa.PDFAParser;
import org.verapdf.pdfa.flavours.PDFAFlavour;

/// A chart goes out wherever its table goes, with its figures and its words, and no label on it is
/// anything else than a text.
public class ChartSentTest {
  private static final String[] LINES = {
    "Fares by route",
    "Route | 2025 | 2026",
    "Hale & <Orrin> | 120 | 155",
    "=HYPERLINK(\"x\") | 80 | 60",
    "$\\input{x}$ #image | 30 | 52",
    "Source: Sailing records"
  };

  private static Document document(ChartKind kind) {
    Document document = Given.document("Ledger", LINES);
    return document.withAdded(Chart.of(kind, "Fares"), 0);
  }

  @Test
  public void aDocumentKeepsItsCharts() throws IOException {
    Chart chart =
        Chart.of(ChartKind.SCATTER, "Fares")
            .withAgainst("Cost")
            .withTurned(true)
            .withPanels(true)
            .withLines(List.of(List.of("Hale", "Winter")), List.of(List.of("2025")))
            .withSize(300, 150)
            .withTexts(new ChartTexts("Fares *and* cost", "Before tax.", "Both rise."));
    Document document = Given.document("Plain", LINES).withAdded(chart, 0);
    Path file = Given.folder().resolve("charts.finish");
    DocumentFile.write(document, file);
    assertThat(DocumentFile.read(file).items()).isEqualTo(document.items());
  }

  @Test
  public void aChartStandsAfterItsTableAndGoesWithIt() {
    Document two = Given.document("Plain", LINES);
    two = two.withAdded(two.table(0).source(), two.table(0).finish());
    Document charted =
        two.withAdded(Chart.of(ChartKind.BARS, ""), 0).withAdded(Chart.of(ChartKind.DOTS, ""), 0);
    assertThat(charted.items().get(2))
        .isInstanceOfSatisfying(
            DocumentChart.class, it -> assertThat(it.chart().kind()).isEqualTo(ChartKind.DOTS));
    assertThat(charted.numeral(3)).as("tables count by themselves").isEqualTo("2");
    assertThat(charted.numeral(2)).as("so do figures").isEqualTo("2");
    assertThat(charted.without(0).items()).hasSize(1);
    assertThat(charted.without(1).items()).hasSize(3);
  }

  @DataProvider
  public Object[][] kinds() {
    Object[][] kinds = new Object[ChartKind.values().length][];
    for (ChartKind kind : ChartKind.values()) {
      kinds[kind.ordinal()] = new Object[] {kind};
    }
    return kinds;
  }

  @Test(dataProvider = "kinds")
  public void printIsTaggedAndBearsTheText(ChartKind kind) throws Exception {
    Path file = Given.sent(document(kind), OutputFormat.PDF);
    try (PDDocument pdf = Loader.loadPDF(file.toFile())) {
      assertThat(pdf.getNumberOfPages()).isEqualTo(2);
      PDFTextStripper texts = new PDFTextStripper();
      texts.setStartPage(2);
      assertThat(texts.getText(pdf)).contains("Figure 1", "Sailing records");
    }
    VeraGreenfieldFoundryProvider.initialise();
    for (PDFAFlavour flavour : List.of(PDFAFlavour.PDFUA_1, PDFAFlavour.PDFA_2_A)) {
      try (PDFAParser parser =
          Foundries.defaultInstance().createParser(Files.newInputStream(file), flavour)) {
        assertThat(
                Foundries.defaultInstance()
                    .createValidator(flavour, false)
                    .validate(parser)
                    .isCompliant())
            .as("%s", flavour)
            .isTrue();
      }
    }
  }

  @Test(dataProvider = "kinds")
  public void pagesSayEachFigure(ChartKind kind) throws IOException {
    Document document = document(kind);
    for (OutputFormat format : List.of(OutputFormat.HTML, OutputFormat.BOARD)) {
      org.jsoup.nodes.Document page = Jsoup.parse(Given.sent(document, format).toFile());
      Element figure = page.selectFirst("figure.chart");
      assertThat(figure).isNotNull();
      assertThat(figure.select("script, a, image, foreignObject")).isEmpty();
      String said =
          format == OutputFormat.HTML
              ? String.join("; ", figure.select("title").eachText())
              : String.join("; ", figure.select(".spot").eachAttr("aria-label"));
      if (kind != ChartKind.BOXES) {
        assertThat(said).contains("Hale & <Orrin>, 2025").contains("120").contains("52");
      }
    }
  }

  @Test
  public void aWorkbookDrawsItFromTheCells() throws IOException {
    try (XSSFWorkbook workbook =
        new XSSFWorkbook(
            new FileInputStream(
                Given.sent(document(ChartKind.BARS), OutputFormat.XLSX).toFile()))) {
      XSSFSheet sheet = workbook.getSheetAt(0);
      XSSFChart chart = sheet.getDrawingPatriarch().getCharts().getFirst();
      assertThat(chart.getTitleText().getString()).contains("Figure 1.");
      var series = chart.getCTChart().getPlotArea().getBarChartArray(0).getSerArray(0);
      String cells = series.getVal().getNumRef().getF();
      assertThat(series.getCat().getStrLit().getPtArray(0).getV()).isEqualTo("Hale & <Orrin>");
      String first = cells.replaceAll("^\\(?[^!]*!\\$([A-Z]+)\\$([0-9]+),.*", "$1$2");
      int row = Integer.parseInt(first.replaceAll("[A-Z]", "")) - 1;
      int column = first.charAt(0) - 'A';
      assertThat(sheet.getRow(row).getCell(column).getNumericCellValue()).isEqualTo(120);
    }
  }

  @Test
  public void whatAWorkbookCanNotDrawIsAPictureThere() throws IOException {
    try (XSSFWorkbook workbook =
        new XSSFWorkbook(
            new FileInputStream(
                Given.sent(document(ChartKind.MOSAIC), OutputFormat.XLSX).toFile()))) {
      assertThat(workbook.getAllPictures()).hasSize(1);
    }
  }

  @Test
  public void wordProcessorsGetAPictureThatSaysWhatItShows() throws IOException {
    for (OutputFormat format : List.of(OutputFormat.DOCX, OutputFormat.ODT, OutputFormat.ODS)) {
      Path file = Given.sent(document(ChartKind.BARS), format);
      boolean word = format == OutputFormat.DOCX;
      boolean sheet = format == OutputFormat.ODS;
      try (ZipFile zip = new ZipFile(file.toFile())) {
        String text =
            new String(
                zip.getInputStream(zip.getEntry(word ? "word/document.xml" : "content.xml"))
                    .readAllBytes(),
                java.nio.charset.StandardCharsets.UTF_8);
        assertThat(text).contains("Bars: ").contains("Hale &amp; &lt;Orrin&gt;, 2025");
        byte[] picture =
            zip.getInputStream(
                    zip.getEntry(
                        word
                            ? "word/media/chart1.png"
                            : "Pictures/chart" + (sheet ? 1 : 2) + ".png"))
                .readAllBytes();
        assertThat(ImageIO.read(new ByteArrayInputStream(picture)).getWidth())
            .isGreaterThan(sheet ? 1000 : 1500);
      }
    }
  }

  /// A sheet has the chart beside its figures, also where the chart alone was picked.
  @Test
  public void aChartAloneBringsItsFiguresAlongInSheets() throws IOException {
    Path file = Given.folder().resolve("alone.ods");
    Given.sending().write(document(ChartKind.BARS), List.of(1), OutputFormat.ODS, Paper.A4, file);
    try (ZipFile zip = new ZipFile(file.toFile())) {
      String text =
          new String(
              zip.getInputStream(zip.getEntry("content.xml")).readAllBytes(),
              java.nio.charset.StandardCharsets.UTF_8);
      assertThat(text).contains("office:value=\"155.0\"", "table:shapes", "Pictures/chart1.png");
    }
  }

  @Test
  public void richTextHoldsItsPicture() throws IOException {
    String text = Files.readString(Given.sent(document(ChartKind.BARS), OutputFormat.RTF));
    assertThat(text).contains("wzDescription").contains("Hale & <Orrin>, 2025");
    Matcher picture = Pattern.compile("\\\\pichgoal\\d+\n([0-9a-f\n]+)}").matcher(text);
    assertThat(picture.find()).isTrue();
    byte[] png = HexFormat.of().parseHex(picture.group(1).replace("\n", ""));
    assertThat(ImageIO.read(new ByteArrayInputStream(png)).getWidth()).isGreaterThan(1500);
  }

  /// Each text and each area is drawn, and no label is a command.
  @Test(dataProvider = "kinds")
  public void typesettersDrawIt(ChartKind kind) throws IOException {
    Document document = document(kind);
    String text = Files.readString(Given.sent(document, OutputFormat.LATEX));
    String figure = text.substring(text.indexOf("\\begin{figure}"));
    assertThat(figure).contains("\\label{fig:1}", "Figure", "Sailing");
    assertThat(figure.replaceAll("(?m)^%.*$", "")).doesNotContain("\\input{x}");
    long fills =
        Given.sending().chart(document, 1).page().marks().stream()
            .filter(mark -> mark instanceof Mark.Fill)
            .count();
    assertThat(figure.lines().filter(line -> line.startsWith("\\fill[")).count())
        .isGreaterThanOrEqualTo(fills);
  }

  /// A chart goes on drawing what it was made of, whatever that is called later.
  @Test
  public void chartsFollowWhatIsRenamed() {
    Document document =
        Given.document(
            "Ledger",
            "Route | Fares | Cost",
            "Hale–Orrin | 120 | 70",
            "Skell–Tamsay | 52 | 31",
            "Wray–Tamsay | 40 | 36");
    Chart chart =
        Chart.of(ChartKind.BARS, "Cost")
            .withLines(List.of(List.of("Skell–Tamsay"), List.of("Wray–Tamsay")), List.of());
    Arrangement first =
        Arrangement.of(
            new Rename(Side.ACROSS, List.of("Cost"), "Expenses"),
            new RenameMember(Side.DOWN, 0, "Skell–Tamsay", "The new line"));
    Arrangement then = first.with(new Rename(Side.ACROSS, List.of("Cost"), "Outlay"));
    assertThat(drawn(document, first, chart))
        .isEqualTo("The new line, Expenses: 31; Wray–Tamsay, Expenses: 36");
    assertThat(drawn(document, then, chart)).contains("The new line, Outlay: 31");
    assertThat(drawn(document, then, chart.withMeasure("Outlay")))
        .as("asked for by what the table calls it")
        .contains("The new line, Outlay: 31");
    Chart later = chart.withLines(List.of(List.of("The new line")), List.of());
    assertThat(drawn(document, then, later)).isEqualTo("The new line, Outlay: 31");
    assertThat(drawn(document, first.withSwitched(1, false), later))
        .isEqualTo("Skell–Tamsay, Expenses: 31");
  }

  private static String drawn(Document document, Arrangement arrangement, Chart chart) {
    Document charted =
        document
            .withFinish(0, document.table(0).finish().withArrangement(arrangement))
            .withAdded(chart, 0);
    return Given.sending().chart(charted, 1).page().areas().stream()
        .map(area -> area.says())
        .collect(Collectors.joining("; "));
  }

  @Test
  public void dataHoldsNoCharts() {
    Document document = document(ChartKind.BARS);
    Path file = Given.folder().resolve("out.csv");
    assertThatThrownBy(
            () -> Given.sending().write(document, List.of(1), OutputFormat.CSV, Paper.A4, file))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("holds no charts");
    assertThat(file).doesNotExist();
  }

  /// What is proposed for the tables of the demo can be drawn and sent, each in every style.
  @Test
  public void whatIsProposedIsDrawn() throws IOException {
    Document demo = Samples.demo();
    for (int place : demo.tablePlaces()) {
      SentTable table =
          (SentTable) Given.sending().sent(demo, List.of(place), Paper.A4).items().getFirst();
      for (ChartAdvice advice : ChartAdvice.of(table.table())) {
        Document charted = demo.withAdded(advice.chart(), place);
        int chart = charted.chartPlaces(place).getFirst();
        assertThat(Given.sending().chart(charted, chart).page().areas())
            .as("%s of table %s", advice.chart().kind(), place + 1)
            .isNotEmpty();
      }
    }
  }

  /// The board of the demo lies as it is planned: four tables and three charts, under its title.
  @Test
  public void aBoardLiesAsItIsPlanned() throws IOException {
    Document demo = Samples.demo();
    org.jsoup.nodes.Document page = Jsoup.parse(Given.sent(demo, OutputFormat.BOARD).toFile());
    assertThat(page.select("h1").text()).isEqualTo("Marram Sound, year two");
    assertThat(page.title()).isEqualTo("Marram Sound, year two");
    assertThat(page.select("main > .band")).hasSize(2);
    assertThat(page.select(".band").get(0).select("figure.chart")).hasSize(2);
    assertThat(page.select("section.board")).hasSize(4);
    assertThat(page.select("figure.chart")).hasSize(3);
    assertThat(page.select("p.passage i").text()).isEqualTo("winter");
    assertThat(page.select(".table-list a")).hasSize(7);
    for (Element link : page.select(".table-list a")) {
      assertThat(page.select(link.attr("href"))).as(link.text()).hasSize(1);
    }
  }

  private static Document lit(Document document, String sentence) {
    return document.withFinish(
        0, document.table(0).finish().withHighlights(List.of(HighlightSentence.read(sentence))));
  }

  /// What is highlighted in the table is so in the chart, and nothing else.
  @Test
  public void highlightsMarkTheSameMembers() {
    Document document = document(ChartKind.BARS);
    Document lit = lit(document, "Fares above 130: bold bad on bad 12%");
    var bad = Given.sending().chart(lit, 1).dressed().palette().colour("bad");
    assertThat(fills(document, bad)).isZero();
    assertThat(fills(lit, bad)).as("155 alone lies above 130").isEqualTo(1);
  }

  /// Names stand on the first bars, unless one of them has the ink of a highlight: then it says
  /// nothing of the ink of its series.
  @Test
  public void namesStandOnTheFirstBarsThatBearTheInksOfTheirSeries() {
    Document document = document(ChartKind.BARS);
    Document lit = lit(document, "Fares above 130: bad on bad 12%");
    assertThat(nameFoot(document)).as("within its bar").isGreaterThan(nameFoot(lit));
    assertThat(Given.sending().chart(document, 1).page().height())
        .as("no line is needed for a key")
        .isLessThan(Given.sending().chart(lit, 1).page().height());
  }

  /// How low the name of the first series stands.
  private static double nameFoot(Document document) {
    return Given.sending().chart(document, 1).page().marks().stream()
        .filter(mark -> mark instanceof Mark.Text text && text.text().equals("2025"))
        .mapToDouble(mark -> ((Mark.Text) mark).y())
        .findFirst()
        .orElseThrow();
  }

  private static long fills(Document document, app.finish.core.style.colour.Colour ink) {
    return Given.sending().chart(document, 1).page().marks().stream()
        .filter(mark -> mark instanceof Mark.Fill fill && fill.colour().equals(ink))
        .count();
  }
}
