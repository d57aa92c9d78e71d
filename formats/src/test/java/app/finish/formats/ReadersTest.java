package app.finish.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.document.Source;
import app.finish.core.grid.Grid;
import app.finish.core.problem.Problem;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.recognise.said.Corrections;
import app.finish.formats.html.HtmlReader;
import app.finish.formats.io.Sheets;
import app.finish.formats.text.FixedWidthReader;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// The same small pivot in every format is understood as the same table.
public class ReadersTest {
  private static final List<String> ROWS =
      List.of(
          "group: Hale–Orrin",
          "body: Hale–Orrin, Winter",
          "body: Hale–Orrin, Summer",
          "subtotal: Hale–Orrin, All seasons",
          "grand total: All routes");

  private static final String HTML =
      """
      <html><body><table><tr><td>
      <table>
      <caption>Fares by route and season</caption>
      <tr><th rowspan=2>Route and season</th><th colspan=2>2025</th><th colspan=2>2026</th></tr>
      <tr><th>Fares</th><th>Passengers</th><th>Fares</th><th>Passengers</th></tr>
      <tr><td><b>Hale–Orrin</b></td><td></td><td></td><td></td><td></td></tr>
      <tr><td>&nbsp;&nbsp;Winter</td><td>10.5</td><td>120</td><td>11.5</td><td>130</td></tr>
      <tr><td style="padding-left: 12px">Summer</td><td>20.0</td><td>301</td><td>21.0</td><td>322</td></tr>
      <tr><td style="padding-left: 12px"><b>All seasons</b></td><td>30.5</td><td>421</td><td>32.5</td><td>452</td></tr>
      <tr><td><b>All routes</b></td><td>30.5</td><td>421</td><td>32.5</td><td>452</td></tr>
      </table></td></tr></table></body></html>
      """;

  private static final String MARKDOWN =
      """
      # Report

      Some words about the crossing.

      **Fares by route and season**

      | Route and season | Fares | Passengers |
      |:-----------------|------:|-----------:|
      | **Hale–Orrin**   |       |            |
      | &nbsp; Winter    | 10.5  | 120        |
      | &nbsp; Summer    | 20.0  | 301        |
      | &nbsp; **All seasons** | 30.5 | 421   |
      | **All routes**   | 30.5  | 421        |
      Note. Rounded.
      """;

  private static final String CONSOLE =
      """
      Fares by route and season

                              2025                  2026
                       -------------------   -------------------
      Route             Fares   Passengers    Fares   Passengers
      ----------------------------------------------------------
      Hale–Orrin
        Winter           10.5          120     11.5          130
        Summer           20.0          301     21.0          322
        All seasons      30.5          421     32.5          452
      All routes         30.5          421     32.5          452
      ----------------------------------------------------------
      Note. Rounded.
      """;

  private static final String ODS_ROW =
      "<table:table-row><table:table-cell table:style-name='%s'"
          + " office:value-type='string'><text:p>%s</text:p></table:table-cell>%s</table:table-row>";

  private static String odsRow(String style, String label, String... figures) {
    StringBuilder cells = new StringBuilder();
    for (String figure : figures) {
      cells
          .append("<table:table-cell office:value-type='float' office:value='")
          .append(figure.replace(",", ""))
          .append("'><text:p>")
          .append(figure)
          .append("</text:p></table:table-cell>");
    }
    return String.format(ODS_ROW, style, label, cells);
  }

  private static byte[] ods(Path file) throws IOException {
    String head =
        "<table:table-row><table:table-cell table:style-name='b'><text:p>Route and"
            + " season</text:p></table:table-cell><table:table-cell"
            + " table:style-name='b'><text:p>Fares</text:p></table:table-cell><table:table-cell"
            + " table:style-name='b'><text:p>Passengers</text:p></table:table-cell><table:table-cell"
            + " table:number-columns-repeated='16381'/></table:table-row>";
    String content =
        "<office:document-content><office:automatic-styles><style:style"
            + " style:name='b'><style:text-properties"
            + " fo:font-weight='bold'/></style:style><style:style"
            + " style:name='i'><style:paragraph-properties"
            + " fo:margin-left='0.1in'/></style:style></office:automatic-styles><office:body><office:spreadsheet><table:table"
            + " table:name='Fares'><table:table-row><table:table-cell><text:p>Fares by route and"
            + " season</text:p></table:table-cell></table:table-row><table:table-row"
            + " table:number-rows-repeated='3'><table:table-cell"
            + " table:number-columns-repeated='16384'/></table:table-row>"
            + head
            + odsRow("b", "Hale–Orrin")
            + odsRow("i", "Winter", "10.5", "120")
            + odsRow("i", "Summer", "20.0", "301")
            + odsRow("i", "All seasons", "30.5", "421")
            + odsRow("b", "All routes", "30.5", "421")
            + "<table:table-row table:number-rows-repeated='1048000'><table:table-cell"
            + " table:number-columns-repeated='16384'/></table:table-row>"
            + "</table:table></office:spreadsheet></office:body></office:document-content>";
    try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
      zip.putNextEntry(new ZipEntry("content.xml"));
      zip.write(content.getBytes(StandardCharsets.UTF_8));
    }
    return content.getBytes(StandardCharsets.UTF_8);
  }

  private static void docx(Path file) throws IOException {
    Files.copy(
        Given.sent(
            Given.document(
                "APA 7",
                "Fares by route and season",
                "",
                "Route and season | Fares | Passengers",
                "Hale–Orrin | |",
                "  Winter | 10.5 | 120",
                "  Summer | 20.0 | 301",
                "  All seasons | 30.5 | 421",
                "All routes | 30.5 | 421"),
            OutputFormat.DOCX),
        file);
  }

  private interface Maker {
    void make(Path file) throws IOException;
  }

  private static Object[] format(String name, Maker maker) {
    return new Object[] {name, maker};
  }

  @DataProvider
  public Object[][] formats() {
    return new Object[][] {
      format("fares.html", path -> Files.writeString(path, HTML)),
      format("fares.md", path -> Files.writeString(path, MARKDOWN)),
      format("fares.txt", path -> Files.writeString(path, CONSOLE)),
      format("fares.ods", ReadersTest::ods),
      format("fares.docx", ReadersTest::docx),
    };
  }

  @Test(dataProvider = "formats")
  public void understandsThePivotInEveryFormat(String name, Object maker) throws IOException {
    Path file = Given.folder().resolve(name);
    ((Maker) maker).make(file);
    List<Source> sources = Sources.read(file);
    assertThat(sources).hasSize(1);
    Recognition read = Recogniser.recognise(sources.getFirst().grid(), Corrections.NONE);
    List<String> rows =
        read.rows().stream()
            .map(row -> row.role() + ": " + String.join(", ", row.headings()))
            .toList();
    assertThat(rows).as(SampleWorkbook.texts(sources.getFirst().grid()).toString()).isEqualTo(ROWS);
    assertThat(read.table().words().title()).isEqualToIgnoringCase("Fares by route and season");
    assertThat(read.table().measures().getFirst().name()).isEqualTo("Fares");
    assertThat(read.table().body().at(0, 0).written()).isEqualTo("10.5");
  }

  @Test
  public void htmlSpansAreFollowed() throws IOException {
    Grid grid = HtmlReader.readPasted(HTML, "pasted").getFirst();
    assertThat(grid.at(1, 0).rowSpan()).isEqualTo(2);
    assertThat(grid.at(1, 1).columnSpan()).isEqualTo(2);
    assertThat(grid.at(2, 0).isBlank()).isTrue();
    assertThat(grid.at(2, 1).text()).isEqualTo("Fares");
  }

  @Test
  public void whatIsSentOutAsHtmlIsReadBack() throws IOException {
    Path file = Given.sent(Given.sailings("Marram house"), OutputFormat.HTML);
    Recognition read = Recogniser.recognise(Sources.read(file).getFirst().grid(), Corrections.NONE);
    assertThat(read.table().words().title()).isEqualTo("Fares and Recovery by Route");
    assertThat(read.rows().stream().map(row -> row.role().part()))
        .containsExactly(
            "groupRow",
            "body",
            "body",
            "subtotalRow",
            "groupRow",
            "body",
            "body",
            "subtotalRow",
            "grandTotalRow");
  }

  @Test
  public void consoleSpannersReachOverTheirColumns() throws IOException {
    Grid grid = FixedWidthReader.read(CONSOLE, "console").grids().getFirst();
    Recognition read = Recogniser.recognise(Recogniser.split(grid).getFirst(), Corrections.NONE);
    assertThat(
            read.table().across().leaves().stream().map(leaf -> String.join(", ", leaf.labels())))
        .containsExactly("2025, Fares", "2025, Passengers", "2026, Fares", "2026, Passengers");
  }

  private static List<String> texts(String console) throws IOException {
    Path file = Given.folder().resolve("console.txt");
    Files.writeString(file, console);
    List<String> texts = new ArrayList<>();
    for (Source source : Sources.read(file)) {
      texts.addAll(SampleWorkbook.texts(source.grid()));
    }
    return texts;
  }

  @Test
  public void boxedTextIsReadWithoutItsBars() throws IOException {
    assertThat(
            texts(
                """
                +------------+------+--------+
                | Pier       | 2025 |   2026 |
                +------------+------+--------+
                | North      |   12 |     14 |
                | Total      |   19 |     23 |
                +------------+------+--------+
                """))
        .map(row -> row.strip())
        .containsExactly("Pier | 2025 | 2026", "North | 12 | 14", "Total | 19 | 23");
    assertThat(
            texts(
                """
                -----------------------------------------------------------
                     comfort | Coefficient  Std. err.      t    P>|t|
                -------------+---------------------------------------------
                         age |   .0310412    .024321     1.28   0.202
                       _cons |    2.67512    .150577    17.77   0.000
                -----------------------------------------------------------
                """))
        .map(row -> row.strip())
        .containsExactly(
            "comfort | Coefficient | Std. err. | t | P>|t|",
            "age | .0310412 | .024321 | 1.28 | 0.202",
            "_cons | 2.67512 | .150577 | 17.77 | 0.000");
  }

  @Test
  public void figuresBesideEachOtherAreApartAndPartsHaveColumnsOfTheirOwn() throws IOException {
    assertThat(
            texts(
                """
                Residuals:
                    Min      1Q  Median      3Q     Max
                -2.1003 -0.4512  0.0211  0.4402  1.9921

                Coefficients:
                            Estimate Std. Error t value Pr(>|t|)
                (Intercept)  2.67512    0.15058  17.766  < 2e-16 ***
                visitor     -0.15603    0.04771  -3.270 9.89e-05 **
                """))
        .containsExactly(
            "Residuals: |  |  |  | ",
            "    Min | 1Q | Median | 3Q | Max",
            "-2.1003 | -0.4512 | 0.0211 | 0.4402 | 1.9921",
            "Coefficients: |  |  |  |  | ",
            " | Estimate | Std. Error | t value | Pr(>|t|) | ",
            "(Intercept) | 2.67512 | 0.15058 | 17.766 | <2e-16 | ***",
            "visitor | -0.15603 | 0.04771 | -3.270 | 9.89e-05 | **");
  }

  /// Whatever columns are made of a text, each of its words is in a cell.
  @Test
  public void noWordOfAConsolesTextIsLost() throws IOException {
    String[] pieces = {
      "North",
      "Hale Orrin",
      "12",
      "-3.5",
      "<.001",
      "***",
      "12.5 3.1 7",
      "Std. Error t value",
      "Signif. codes:",
      "1,204",
      "2025",
      "[95% CI]",
      "--",
      "9.9e-05",
      "Pier 4 12.5"
    };
    Random random = new Random(11);
    for (int i = 0; i < 3000; i++) {
      StringBuilder text = new StringBuilder();
      for (int line = 2 + random.nextInt(7); line > 0; line--) {
        for (int piece = random.nextInt(6); piece > 0; piece--) {
          text.append(" ".repeat(1 + random.nextInt(9)));
          text.append(pieces[random.nextInt(pieces.length)]);
        }
        text.append(random.nextInt(5) == 0 ? "\n\n" : "\n");
      }
      StringBuilder read = new StringBuilder();
      Sheets sheets = FixedWidthReader.read(text.toString(), "text");
      for (Grid grid : sheets.grids()) {
        SampleWorkbook.texts(grid).forEach(row -> read.append(row).append('\n'));
      }
      sheets.outside().forEach(line -> read.append(line).append('\n'));
      assertThat(words(read.toString().replace("|", " ")))
          .as("%s", text)
          .containsExactlyInAnyOrderElementsOf(words(text.toString()));
    }
  }

  /// The words of a text in order; lines that are nothing but dashes are rules and left out.
  private static List<String> words(String text) {
    List<String> words = new ArrayList<>();
    for (String line : text.split("\n")) {
      if (!line.matches("[\\s*-]*")) {
        words.addAll(List.of(line.strip().split("\\s+")));
      }
    }
    return words;
  }

  private static final String JSON_STAT =
      """
      {"version": "2.0", "class": "dataset", "label": "Passengers by route and season",
       "id": ["route", "season", "year", "ticket"], "size": [2, 2, 2, 1],
       "dimension": {
         "route": {"label": "Route", "category": {"index": ["ho", "os"], "label": {"ho": "Hale–Orrin", "os": "Orrin–Skell"}}},
         "season": {"label": "Season", "category": {"index": {"s": 1, "w": 0}, "label": {"w": "Winter", "s": "Summer"}}},
         "year": {"label": "Year", "category": {"index": ["2025", "2026"]}},
         "ticket": {"label": "Ticket", "category": {"label": {"all": "All tickets"}}}},
       "value": [120, 130, 301, 322, 20, null, 31.5, 32],
       "note": ["Counted at the pier."], "source": "Sailing records"}
      """;

  @Test
  public void jsonStatBecomesDimensions() throws IOException {
    Path file = Given.folder().resolve("fares.json");
    Files.writeString(file, JSON_STAT);
    Grid grid = Sources.read(file).getFirst().grid();
    assertThat(SampleWorkbook.texts(grid))
        .containsExactly(
            "Passengers by route and season |  |  | ",
            "Ticket: All tickets |  |  | ",
            " |  |  | ",
            "Route | Season | 2025 | 2026",
            "Hale–Orrin | Winter | 120 | 130",
            "Hale–Orrin | Summer | 301 | 322",
            "Orrin–Skell | Winter | 20 | ",
            "Orrin–Skell | Summer | 31.5 | 32",
            "Note. Counted at the pier. |  |  | ",
            "Source: Sailing records |  |  | ");
    Recognition read = Recogniser.recognise(grid, Corrections.NONE);
    assertThat(read.table().held()).map(Object::toString).containsExactly("Ticket: All tickets");
    assertThat(read.table().down().dimensions()).containsExactly("Route", "Season");
  }

  @DataProvider
  public Object[][] bad() {
    return new Object[][] {
      {"a.json", "{\"a\": [", "a.json is no JSON at line 1"},
      {"b.json", "{\"a\": 1}", "b.json holds no JSON-stat dataset"},
      {
        "c.json",
        "{\"class\":\"dataset\",\"id\":[\"x\"],\"size\":[0]}",
        "c.json holds a dataset without values"
      },
      {
        "i.json",
        "{\"class\":\"dataset\",\"id\":{\"a\":{\"b\":1}},\"value\":{\"5\":1}}",
        "i.json holds a dataset without values"
      },
      {"d.html", "<p>no table</p>", "d.html holds no table"},
      {"e.html", "<table><tr><td colspan=900000>x</td></tr></table>".repeat(3), ""},
      {"f.ods", "text", "f.ods is not an ODS workbook"},
      {"g.docx", "text", "g.docx can't be read as a DOCX document"},
      {"h.md", "", "h.md is empty"},
    };
  }

  @Test(dataProvider = "bad")
  public void badFilesGiveASentence(String name, String content, String sentence)
      throws IOException {
    Path file = Given.folder().resolve(name);
    Files.writeString(file, content);
    if (sentence.isEmpty()) {
      assertThat(Sources.read(file)).isNotEmpty();
    } else {
      assertThatThrownBy(() -> Sources.read(file))
          .isInstanceOf(Problem.class)
          .hasMessageStartingWith(sentence);
    }
  }

  @Test
  public void aDocumentWithoutTablesSaysSo() throws IOException {
    Path file = Given.folder().resolve("words.docx");
    try (XWPFDocument document = new XWPFDocument();
        OutputStream out = Files.newOutputStream(file)) {
      document.createParagraph().createRun().setText("only words");
      document.write(out);
    }
    assertThatThrownBy(() -> Sources.read(file)).hasMessageContaining("has no table in it");
  }
}
