package app.finish.formats.sent;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.document.Document;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.table.Value;
import app.finish.formats.Given;
import app.finish.formats.OutputFormat;
import app.finish.formats.io.SentTable;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import javax.xml.parsers.DocumentBuilderFactory;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/// Texts and spreadsheets in the open format say what the table says: read as XML, cell by cell.
public class OpenDocumentSentTest {
  @DataProvider
  public Object[][] documents() throws IOException {
    List<Object[]> all = new ArrayList<>();
    for (OutputFormat format : List.of(OutputFormat.ODT, OutputFormat.ODS)) {
      all.add(new Object[] {format, ManyTables.demo("APA 7", true)});
      all.add(new Object[] {format, ManyTables.demo("Ledger", false)});
      all.add(new Object[] {format, ManyTables.hostile("Marram house")});
      all.add(new Object[] {format, Given.sailings("Marram house")});
    }
    return all.toArray(Object[][]::new);
  }

  private static Element part(Path file, String name) throws Exception {
    try (ZipFile zip = new ZipFile(file.toFile());
        InputStream in = zip.getInputStream(zip.getEntry(name))) {
      return DocumentBuilderFactory.newInstance()
          .newDocumentBuilder()
          .parse(in)
          .getDocumentElement();
    }
  }

  private static List<Element> elements(Element under, String name) {
    NodeList all = under.getElementsByTagName(name);
    List<Element> elements = new ArrayList<>();
    for (int i = 0; i < all.getLength(); i++) {
      elements.add((Element) all.item(i));
    }
    return elements;
  }

  private static String bare(String text) {
    return text.replaceAll("[\\x00-\\x1F]", "").replaceAll("\\p{Cs}", "").replaceAll("\\s+", " ");
  }

  private static List<DressedRow> rows(SentTable table, OutputFormat format) {
    return table.dressed().rows().stream()
        .filter(row -> format == OutputFormat.ODS || row.isTable())
        .toList();
  }

  @Test(dataProvider = "documents")
  public void eachCellSaysWhatIsShownAndHoldsItsNumber(OutputFormat format, Document document)
      throws Exception {
    Element content = part(Given.sent(document, format), "content.xml");
    List<Element> tables = elements(content, "table:table");
    List<SentTable> sent = ManyTables.sent(document).tables();
    assertThat(tables).hasSameSizeAs(sent);
    for (int i = 0; i < tables.size(); i++) {
      List<Element> there = elements(tables.get(i), "table:table-row");
      List<DressedRow> rows = rows(sent.get(i), format);
      assertThat(there).hasSameSizeAs(rows);
      for (int row = 0; row < rows.size(); row++) {
        for (DressedCell cell : rows.get(row).cells()) {
          Element one = (Element) there.get(row).getChildNodes().item(cell.column());
          assertThat(bare(one.getTextContent()).strip()).isEqualTo(bare(cell.text()).strip());
          if (!one.getAttribute("office:value").isEmpty()
              && sent.get(i).value(cell).orElseThrow() instanceof Value.Numeric value) {
            assertThat(Double.parseDouble(one.getAttribute("office:value")))
                .isEqualTo(value.number());
          }
          spans(there.get(row), cell, rows.get(row).isTable() ? cell.columnSpan() : 1);
        }
      }
    }
  }

  /// Cells under a span are there as covered ones, and the span says how many.
  private static void spans(Element row, DressedCell cell, int across) {
    Element one = (Element) row.getChildNodes().item(cell.column());
    String said = one.getAttribute("table:number-columns-spanned");
    assertThat(said.isEmpty() ? 1 : Integer.parseInt(said)).isEqualTo(across);
    for (int column = cell.column() + 1; column < cell.column() + across; column++) {
      assertThat(row.getChildNodes().item(column).getNodeName())
          .isEqualTo("table:covered-table-cell");
    }
  }

  @Test(dataProvider = "documents")
  public void eachStyleThatIsUsedIsThere(OutputFormat format, Document document) throws Exception {
    Path file = Given.sent(document, format);
    Element content = part(file, "content.xml");
    Set<String> known = new HashSet<>();
    for (String part : List.of("content.xml", "styles.xml")) {
      for (String kind : List.of("style:style", "number:number-style", "number:percentage-style")) {
        elements(part(file, part), kind).forEach(one -> known.add(one.getAttribute("style:name")));
      }
    }
    NodeList all = content.getElementsByTagName("*");
    for (int i = 0; i < all.getLength(); i++) {
      for (String attribute :
          List.of(
              "table:style-name",
              "text:style-name",
              "style:data-style-name",
              "style:apply-style-name")) {
        String name = ((Element) all.item(i)).getAttribute(attribute);
        assertThat(name.isEmpty() || known.contains(name)).as(name).isTrue();
      }
    }
  }

  /// The media type stands first and unpacked, so that a reader knows the file by its first bytes
  /// (ISO/IEC 26300-2, 3.3).
  @Test(dataProvider = "documents")
  public void theMediaTypeStandsFirst(OutputFormat format, Document document) throws Exception {
    try (ZipFile zip = new ZipFile(Given.sent(document, format).toFile())) {
      ZipEntry first = zip.entries().nextElement();
      assertThat(first.getName()).isEqualTo("mimetype");
      assertThat(first.getMethod()).isEqualTo(ZipEntry.STORED);
      assertThat(zip.getEntry("META-INF/manifest.xml")).isNotNull();
    }
  }
}
