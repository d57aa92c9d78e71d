package app.finish.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.finish.core.document.Document;
import app.finish.core.layout.Mark;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.problem.Problem;
import jakarta.xml.bind.JAXBElement;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.docx4j.TextUtils;
import org.docx4j.openpackaging.packages.WordprocessingMLPackage;
import org.docx4j.wml.P;
import org.docx4j.wml.STTabJc;
import org.docx4j.wml.Tbl;
import org.docx4j.wml.Tc;
import org.docx4j.wml.Tr;
import org.jsoup.nodes.Element;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// What is written is read back with readers that share no code with the writers.
public class WritersTest {
  private static final List<List<String>> APA =
      List.of(
          List.of("Route and season", "2025", "2026"),
          List.of("Fares", "Cost recovery,\u00A0%", "Fares", "Cost recovery,\u00A0%"),
          List.of("Hale–Orrin"),
          List.of("Winter", "10.5", "93", "11.5", "98"),
          List.of("Summer", "20.0", "104", "1,300.0", "108"),
          List.of("Hale–Orrin total", "30.5", "97", "1,311.5", "101"),
          List.of("Skell & <Tamsay>"),
          List.of("Winter", "1.5", "43", "1.5", "48"),
          List.of("Summer", "2.0", "54", "−2.5", "n/a"),
          List.of("Skell & <Tamsay> total", "3.5", "47", "−1.0", "51"),
          List.of("All routes", "34.0", "87", "1,310.5", "89"));

  @DataProvider
  public Object[] styles() {
    return new Object[] {"Plain", "Marram house", "APA 7"};
  }

  private static WordprocessingMLPackage docx(Document document) throws Exception {
    return WordprocessingMLPackage.load(Given.sent(document, OutputFormat.DOCX).toFile());
  }

  private static <T> List<T> children(List<Object> content, Class<T> kind) {
    List<T> found = new ArrayList<>();
    for (Object one : content) {
      Object child = one instanceof JAXBElement<?> element ? element.getValue() : one;
      if (kind.isInstance(child)) {
        found.add(kind.cast(child));
      }
    }
    return found;
  }

  private static List<List<String>> texts(Tbl table) {
    List<List<String>> rows = new ArrayList<>();
    for (Tr row : children(table.getContent(), Tr.class)) {
      List<String> cells = new ArrayList<>();
      for (Tc cell : children(row.getContent(), Tc.class)) {
        boolean goesOn =
            cell.getTcPr().getVMerge() != null
                && !"restart".equals(cell.getTcPr().getVMerge().getVal());
        if (!goesOn) {
          cells.add(TextUtils.getText(cell));
        }
      }
      rows.add(cells);
    }
    return rows;
  }

  private static Tbl table(WordprocessingMLPackage file) {
    return children(file.getMainDocumentPart().getContent(), Tbl.class).getFirst();
  }

  @Test
  public void docxHoldsARealTable() throws Exception {
    WordprocessingMLPackage file = docx(Given.sailings("APA 7"));
    Tbl table = table(file);
    assertThat(texts(table)).isEqualTo(APA);
    List<Tr> rows = children(table.getContent(), Tr.class);
    assertThat(rows.get(0).getTrPr().getCnfStyleOrDivIdOrGridBefore())
        .map(e -> e.getName().getLocalPart())
        .contains("tblHeader", "cantSplit");
    assertThat(rows.get(3).getTrPr().getCnfStyleOrDivIdOrGridBefore())
        .map(e -> e.getName().getLocalPart())
        .doesNotContain("tblHeader");
    Tc spanner = children(rows.getFirst().getContent(), Tc.class).get(1);
    assertThat(spanner.getTcPr().getGridSpan().getVal().intValue()).isEqualTo(2);
    assertThat(table.getTblGrid().getGridCol()).hasSize(5);
    P figure =
        children(children(rows.get(3).getContent(), Tc.class).get(1).getContent(), P.class)
            .getFirst();
    assertThat(figure.getPPr().getTabs().getTab().getFirst().getVal()).isEqualTo(STTabJc.DECIMAL);
    assertThat(figure.getPPr().getKeepNext()).isNotNull();
    P rule = children(spanner.getContent(), P.class).getFirst();
    assertThat(rule.getPPr().getPBdr().getBottom().getSz().intValue()).isEqualTo(4);
  }

  @Test(dataProvider = "styles")
  public void docxHasStylesByNameWithTheFaceOfTheStyle(String style) throws Exception {
    WordprocessingMLPackage file = docx(Given.sailings(style));
    var styles = file.getMainDocumentPart().getStyleDefinitionsPart().getContents().getStyle();
    var head =
        styles.stream()
            .filter(one -> one.getName().getVal().equals("Finish column head"))
            .findFirst()
            .orElseThrow();
    Proof proof = Given.proof(Given.sailings(style), OutputFormat.DOCX);
    assertThat(head.getRPr().getRFonts().getAscii()).isEqualTo(proof.dressed().root().face());
    assertThat(head.getRPr().getSz().getVal().doubleValue() / 2)
        .isEqualTo(proof.dressed().root().size());
    for (P paragraph : children(file.getMainDocumentPart().getContent(), P.class)) {
      String id =
          paragraph.getPPr() == null || paragraph.getPPr().getPStyle() == null
              ? ""
              : paragraph.getPPr().getPStyle().getVal();
      assertThat(id.isEmpty() || styles.stream().anyMatch(one -> one.getStyleId().equals(id)))
          .isTrue();
    }
  }

  @Test
  public void docxMergesCellsDownTheStub() throws Exception {
    Tbl table = table(docx(Given.sailings("Plain")));
    List<Tr> rows = children(table.getContent(), Tr.class);
    Tc first = children(rows.get(2).getContent(), Tc.class).getFirst();
    Tc second = children(rows.get(3).getContent(), Tc.class).getFirst();
    assertThat(TextUtils.getText(first)).isEqualTo("Hale–Orrin");
    assertThat(first.getTcPr().getVMerge().getVal()).isEqualTo("restart");
    assertThat(second.getTcPr().getVMerge().getVal()).isEqualTo("continue");
    for (Tr row : rows) {
      int columns = 0;
      for (Tc cell : children(row.getContent(), Tc.class)) {
        columns +=
            cell.getTcPr().getGridSpan() == null
                ? 1
                : cell.getTcPr().getGridSpan().getVal().intValue();
      }
      assertThat(columns).isEqualTo(6);
    }
  }

  @Test
  public void docxHoldsTheWordsAndSeveralTables() throws Exception {
    Document two =
        Given.document(
            "APA 7", "First", "", "a | b", "x | 1", "", "Second", "", "a | b", "y | 2", "Note. n.");
    WordprocessingMLPackage file = docx(two);
    assertThat(children(file.getMainDocumentPart().getContent(), Tbl.class)).hasSize(2);
    List<String> words =
        children(file.getMainDocumentPart().getContent(), P.class).stream()
            .map(TextUtils::getText)
            .filter(text -> !text.isEmpty())
            .toList();
    assertThat(words).containsExactly("Table 1", "First", "Table 2", "Second", "Note. n.");
  }

  @Test
  public void htmlHasCaptionScopesAndHeaders() throws IOException {
    Path file = Given.sent(Given.sailings("APA 7"), OutputFormat.HTML);
    org.jsoup.nodes.Document page = Given.page(file);
    Element table = page.selectFirst("table");
    assertThat(table.select("caption > div").eachText())
        .containsExactly("Table 1", "Fares and Recovery by Route", "In thousands of euros");
    List<List<String>> rows = new ArrayList<>();
    for (Element row : table.select("thead tr, tbody tr")) {
      rows.add(row.select("th, td").stream().map(Element::wholeText).toList());
    }
    assertThat(rows).isEqualTo(APA);
    assertThat(table.select("thead th[colspan=2]").eachAttr("scope")).containsOnly("colgroup");
    assertThat(table.select("tfoot div").eachText())
        .containsExactly("Note. Fares \"in thousands\" & rounded.", "Source: Sailing records");
    for (Element figure : table.select("td[headers]")) {
      for (String id : figure.attr("headers").split(" ")) {
        assertThat(page.getElementById(id)).as(id).isNotNull();
      }
    }
    assertThat(table.selectFirst("thead th").attr("style")).contains("border-bottom: 0.75pt");
    Element spanner = table.selectFirst("thead th[colspan=2]");
    assertThat(spanner.attr("style")).doesNotContain("border-bottom");
    assertThat(spanner.selectFirst("div").attr("style")).contains("border-bottom: 0.5pt");
    Element figure = table.selectFirst("tbody tr:eq(2) td:eq(3)");
    assertThat(figure.text()).isEqualTo("1,300.0");
    assertThat(
            List.of(figure.attr("headers").split(" ")).stream()
                .map(id -> page.getElementById(id).text()))
        .containsExactly("Hale–Orrin", "Summer", "2026", "Fares");
    assertThat(figure.attr("style")).contains("Times New Roman").contains("text-align: right");
  }

  @Test(dataProvider = "styles")
  public void htmlRunsNothingAndAsksForNothing(String style) throws IOException {
    String html = Files.readString(Given.sent(Given.sailings(style), OutputFormat.HTML));
    assertThat(html).startsWith("<!doctype html>").doesNotContain("<script");
    assertThat(html).doesNotContain("url(").doesNotContain("@import").doesNotContain("<link");
    assertThat(html).contains("Skell &amp; &lt;Tamsay&gt;").contains("width=device-width");
  }

  @Test
  public void aPageOfSeveralTablesListsThem() throws IOException {
    Document one = Given.sailings("APA 7");
    Document two = one.withAdded(one.table(0).source(), one.table(0).finish());
    org.jsoup.nodes.Document page = Given.page(Given.sent(two, OutputFormat.HTML));
    assertThat(page.select("ul.table-list a").eachAttr("href")).containsExactly("#t1", "#t2");
    for (Element link : page.select("ul.table-list a")) {
      Element box = page.selectFirst(link.attr("href"));
      assertThat(box.attr("role")).isEqualTo("region");
      assertThat(box.attr("aria-label")).isEqualTo(link.text());
      assertThat(box.select("table")).hasSize(1);
    }
  }

  @Test(dataProvider = "styles")
  public void pdfHoldsTextWhereTheProofHasIt(String style) throws IOException {
    Document document = Given.sailings(style);
    Path file = Given.sent(document, OutputFormat.PDF);
    Proof proof = Given.proof(document, OutputFormat.PDF);
    List<TextPosition> glyphs = new ArrayList<>();
    try (PDDocument pdf = Loader.loadPDF(file.toFile())) {
      for (PDPage page : pdf.getPages()) {
        page.getResources().getFontNames().forEach(name -> embedded(page, name));
      }
      PDFTextStripper stripper =
          new PDFTextStripper() {
            @Override
            protected void writeString(String text, List<TextPosition> positions)
                throws IOException {
              glyphs.addAll(positions);
              super.writeString(text, positions);
            }
          };
      String text = stripper.getText(pdf);
      assertThat(text)
          .contains("Route")
          .contains("1,300.0")
          .contains("Skell & <Tamsay>")
          .contains("Note.");
    }
    for (Mark mark : proof.pages().getFirst().marks()) {
      if (mark instanceof Mark.Text text) {
        Optional<TextPosition> first =
            glyphs.stream()
                .filter(
                    glyph ->
                        Math.abs(glyph.getX() - text.x()) < 0.1
                            && Math.abs(glyph.getY() - text.y()) < 0.1)
                .findFirst();
        assertThat(first).as(text.text()).isPresent();
        double end = text.x() + text.width();
        Optional<TextPosition> last =
            glyphs.stream()
                .filter(
                    glyph ->
                        Math.abs(glyph.getX() + glyph.getWidth() - end) < 0.1
                            && Math.abs(glyph.getY() - text.y()) < 0.1)
                .findFirst();
        assertThat(last).as("end of " + text.text()).isPresent();
      }
    }
  }

  private static void embedded(PDPage page, org.apache.pdfbox.cos.COSName name) {
    try {
      assertThat(page.getResources().getFont(name).isEmbedded()).isTrue();
    } catch (IOException e) {
      throw new AssertionError(e);
    }
  }

  @Test
  public void pngIsAPictureOfTheTable() throws IOException {
    Document document = Given.sailings("Marram house");
    Path file = Given.sent(document, OutputFormat.PNG);
    BufferedImage image = ImageIO.read(file.toFile());
    Proof.Page page = Given.proof(document, OutputFormat.PNG).pages().getFirst();
    assertThat(image.getWidth()).isCloseTo((int) (page.width() * 200 / 72), within(2));
    assertThat(image.getHeight()).isCloseTo((int) (page.height() * 200 / 72), within(2));
    int accent = 0;
    for (int x = 0; x < image.getWidth(); x += 3) {
      for (int y = 0; y < image.getHeight(); y += 3) {
        accent += (image.getRGB(x, y) & 0xffffff) == 0x24605c ? 1 : 0;
      }
    }
    assertThat(accent).as("points of the grand total row's fill").isGreaterThan(500);
  }

  @Test
  public void severalTablesDontGoIntoOnePicture() {
    Document two = Given.document("Plain", "a | b", "x | 1", "", "a | b", "y | 2");
    assertThat(two.tables()).hasSize(2);
    org.assertj.core.api.Assertions.assertThatThrownBy(
            () ->
                Given.sending()
                    .write(
                        two,
                        List.of(0, 1),
                        OutputFormat.PNG,
                        Paper.A4,
                        Given.folder().resolve("two.png")))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("one table");
  }
}
