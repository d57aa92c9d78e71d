package app.finish.formats.sent;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.document.Document;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.table.Leaf;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.formats.Given;
import app.finish.formats.OutputFormat;
import app.finish.formats.io.SentTable;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.parser.Parser;
import org.commonmark.renderer.html.HtmlRenderer;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.jsoup.select.Elements;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Markdown, CSV and LaTeX say what the table says, and nothing in them is taken for a command.
public class PlainTextSentTest {
  @DataProvider
  public Object[][] documents() throws IOException {
    return new Object[][] {
      {ManyTables.demo("APA 7", true)},
      {ManyTables.demo("Marram house", false)},
      {ManyTables.hostile("APA 7")},
      {ManyTables.hostile("Plain")}
    };
  }

  private static String bare(String text) {
    return text.replaceAll("[\\x00-\\x1F\\x7F]", " ")
        .replaceAll("\\p{Cs}", "?")
        .replaceAll("[\\s\\u00A0\\u2003]+", " ")
        .strip();
  }

  private static List<List<String>> shown(SentTable table) {
    List<List<String>> rows = new ArrayList<>();
    for (DressedRow row : table.dressed().band(Band.BODY)) {
      rows.add(
          row.cells().stream()
              .map(DressedCell::text)
              .map(PlainTextSentTest::bare)
              .filter(one -> !one.isEmpty())
              .toList());
    }
    return rows;
  }

  @Test(dataProvider = "documents")
  public void markdownReadsAsItIsShown(Document document) throws IOException {
    String text = Files.readString(Given.sent(document, OutputFormat.MARKDOWN));
    Parser parser = Parser.builder().extensions(List.of(TablesExtension.create())).build();
    HtmlRenderer renderer =
        HtmlRenderer.builder().extensions(List.of(TablesExtension.create())).build();
    Element page = Jsoup.parse(renderer.render(parser.parse(text)));
    List<SentTable> tables = ManyTables.sent(document).tables();
    Elements read = page.select("table");
    assertThat(read).hasSameSizeAs(tables);
    assertThat(page.select("script, a, img, h1, ol, code")).isEmpty();
    for (int i = 0; i < tables.size(); i++) {
      List<List<String>> rows = new ArrayList<>();
      for (Element row : read.get(i).select("tbody tr")) {
        rows.add(
            row.select("td").stream()
                .map(Element::text)
                .map(PlainTextSentTest::bare)
                .filter(one -> !one.isEmpty())
                .toList());
      }
      assertThat(rows).isEqualTo(shown(tables.get(i)));
      assertThat(read.get(i).select("th")).hasSize(tables.get(i).dressed().columns());
    }
  }

  @Test(dataProvider = "documents")
  public void cellsAreThoseThatAreShown(Document document) throws IOException {
    List<CsvRecord> lines = read(document, OutputFormat.CSV);
    SentTable table = ManyTables.sent(document).tables().getFirst();
    int heads = table.dressed().band(Band.HEAD).size();
    List<List<String>> rows = new ArrayList<>();
    for (CsvRecord line : lines.subList(heads, lines.size())) {
      rows.add(
          line.getFields().stream()
              .map(one -> bare(one.replaceFirst("^'(?=[=+\\-@])", "")))
              .filter(one -> !one.isEmpty())
              .toList());
    }
    assertThat(rows).isEqualTo(shown(table));
    for (CsvRecord line : lines) {
      assertThat(line.getFieldCount()).isEqualTo(table.dressed().columns());
      assertThat(line.getFields()).noneMatch(one -> one.matches("(?s)[=+@].*"));
    }
  }

  @Test(dataProvider = "documents")
  public void eachFigureHasALineOfItsOwn(Document document) throws IOException {
    List<CsvRecord> lines = read(document, OutputFormat.TIDY);
    Table table = ManyTables.sent(document).tables().getFirst().table();
    List<String> head = lines.getFirst().getFields();
    assertThat(head).doesNotHaveDuplicates().contains("Measure", "Unit", "Value", "Text");
    assertThat(lines).hasSize(1 + table.body().rows() * table.body().columns());
    int value = head.indexOf("Value");
    int at = 1;
    for (Leaf row : table.down().leaves()) {
      for (Leaf column : table.across().leaves()) {
        CsvRecord line = lines.get(at++);
        if (table.body().at(row.index(), column.index()) instanceof Value.Numeric number) {
          assertThat(Double.parseDouble(line.getField(value))).isEqualTo(number.number());
        } else {
          assertThat(line.getField(value)).isEmpty();
        }
        assertThat(line.getFields()).noneMatch(one -> one.matches("(?s)[=+@].*"));
      }
    }
  }

  /// The document with its first table alone.
  private static Document first(Document document) {
    Document first = document;
    while (first.items().size() > 1) {
      first = first.without(first.items().size() - 1);
    }
    return first;
  }

  private static List<CsvRecord> read(Document document, OutputFormat format) throws IOException {
    try (CsvReader<CsvRecord> reader =
        CsvReader.builder().ofCsvRecord(Given.sent(first(document), format))) {
      return reader.stream().toList();
    }
  }

  /// Everything that could be a command is one that the writer knows; braces and environments are
  /// closed.
  @Test(dataProvider = "documents")
  public void nothingInLatexIsACommandOfTheTable(Document document) throws IOException {
    String text = Files.readString(Given.sent(document, OutputFormat.LATEX));
    String body = text.substring(text.indexOf("\\begin{document}"));
    assertThat(body).doesNotContain("\\input").doesNotContainPattern("\\\\bf(?!series)");
    int open = 0;
    for (int i = 0; i < body.length(); i++) {
      char one = body.charAt(i);
      boolean escaped = i > 0 && body.charAt(i - 1) == '\\';
      open += escaped ? 0 : one == '{' ? 1 : one == '}' ? -1 : 0;
      assertThat(open).isGreaterThanOrEqualTo(0);
    }
    assertThat(open).isZero();
    for (String name :
        List.of(
            "table",
            "tabular",
            "threeparttable",
            "longtable",
            "flushleft",
            "figure",
            "tikzpicture")) {
      assertThat(count(body, "\\begin{" + name + "}"))
          .isEqualTo(count(body, "\\end{" + name + "}"));
    }
    for (SentTable table : ManyTables.sent(document).tables()) {
      assertThat(body).contains("\\label{tab:" + table.number() + "}");
    }
  }

  private static int count(String text, String part) {
    return (text.length() - text.replace(part, "").length()) / part.length();
  }
}
