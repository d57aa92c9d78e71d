package app.finish.formats.sent;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.finish.core.document.Document;
import app.finish.core.problem.Problem;
import app.finish.formats.Given;
import app.finish.formats.OutputFormat;
import app.finish.formats.manuscript.ManuscriptFile;
import app.finish.formats.opendocument.OdtManuscript;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.jsoup.parser.Parser;
import org.testng.annotations.Test;

/// Tables stand in an ODT manuscript where its text calls them out, and are renewed where they
/// stand.
public class OdtManuscriptTest {
  private static final String NAMES =
      " xmlns:o='urn:oasis:names:tc:opendocument:xmlns:office:1.0'"
          + " xmlns:style='urn:oasis:names:tc:opendocument:xmlns:style:1.0'"
          + " xmlns:t='urn:oasis:names:tc:opendocument:xmlns:text:1.0'"
          + " xmlns:fo='urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0'"
          + " o:version='1.2'>";

  private final Path folder = Given.folder();

  /// A manuscript as another program may write it: other prefixes, a style of its own with a name
  /// like ours, Letter with margins of an inch.
  private Path manuscript(String... paragraphs) throws IOException {
    StringBuilder text = new StringBuilder();
    for (String words : paragraphs) {
      int middle = words.length() / 2;
      text.append("<t:p t:style-name='pa1'><t:span>").append(words, 0, middle);
      text.append("</t:span>").append(words.substring(middle)).append("</t:p>");
    }
    Path file = Files.createTempFile(folder, "paper", ".odt");
    try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
      add(zip, "mimetype", "application/vnd.oasis.opendocument.text");
      add(
          zip,
          "content.xml",
          "<o:document-content"
              + NAMES
              + "<o:automatic-styles><style:style style:name='pa1' style:family='paragraph'/>"
              + "</o:automatic-styles><o:body><o:text>"
              + text
              + "</o:text></o:body></o:document-content>");
      add(
          zip,
          "styles.xml",
          "<o:document-styles"
              + NAMES
              + "<o:styles><style:style style:name='Finish_20_title' style:family='paragraph'>"
              + "<style:text-properties fo:color='#123456'/></style:style></o:styles>"
              + "<o:automatic-styles><style:page-layout style:name='Mpm1'>"
              + "<style:page-layout-properties fo:page-width='8.5in' fo:page-height='11in'"
              + " fo:margin='2cm' fo:margin-left='1in' fo:margin-right='2.54cm'/>"
              + "</style:page-layout></o:automatic-styles><o:master-styles>"
              + "<style:master-page style:name='Standard' style:page-layout-name='Mpm1'/>"
              + "</o:master-styles></o:document-styles>");
    }
    return file;
  }

  private static void add(ZipOutputStream zip, String name, String text) throws IOException {
    zip.putNextEntry(new ZipEntry(name));
    zip.write(text.getBytes(StandardCharsets.UTF_8));
    zip.closeEntry();
  }

  private static Document two(String figure) {
    Document one =
        Given.document("APA 7", "First", "Pier | Cars", "North | " + figure, "South | 7");
    Document other = Given.document("APA 7", "Second", "Pier | Crew", "North | 3", "South | 4");
    return one.withAdded(other.table(0).source(), other.table(0).finish());
  }

  private Path put(Path manuscript, Document document, List<String> uncalled) throws IOException {
    Path out = Files.createTempFile(folder, "out", ".odt");
    try (OutputStream stream = Files.newOutputStream(out)) {
      uncalled.addAll(ManuscriptFile.open(manuscript).write(ManyTables.sent(document), stream));
    }
    return out;
  }

  private static Element part(Path file, String name) throws IOException {
    try (ZipFile zip = new ZipFile(file.toFile())) {
      byte[] bytes = zip.getInputStream(zip.getEntry(name)).readAllBytes();
      return Jsoup.parse(new String(bytes, StandardCharsets.UTF_8), "", Parser.xmlParser());
    }
  }

  /// What stands one below another: the words of paragraphs, and of each section its name.
  private static List<String> order(Path file) throws IOException {
    List<String> order = new ArrayList<>();
    for (Element one : part(file, "content.xml").getElementsByTag("o:text").first().children()) {
      order.add(
          one.tagName().endsWith("section")
              ? "<" + one.attr("text:name") + ">" + one.text()
              : one.text());
    }
    return order;
  }

  @Test
  public void tablesStandAfterTheirFirstCallout() throws IOException {
    Path paper =
        manuscript("As Table 2 shows, crews are small.", "Cars come too (Table 1).", "End.");
    List<String> uncalled = new ArrayList<>();
    List<String> order = order(put(paper, two("12"), uncalled));
    assertThat(order).hasSize(5);
    assertThat(order.get(1)).startsWith("<finish-table-2>").contains("Second", "Crew");
    assertThat(order.get(3)).startsWith("<finish-table-1>").contains("First", "12");
    assertThat(order.get(4)).isEqualTo("End.");
    assertThat(uncalled).isEmpty();
    assertThat(OdtManuscript.of(paper).paper().textWidth()).isCloseTo(468, within(0.1));
  }

  @Test
  public void aPlaceThatIsAskedForOutweighsACallout() throws IOException {
    Path paper = manuscript("See Table 1.", "Methods.", "[[table 1]]", "End.");
    List<String> uncalled = new ArrayList<>();
    List<String> order = order(put(paper, two("12"), uncalled));
    assertThat(order.get(1)).isEqualTo("Methods.");
    assertThat(order.get(2)).startsWith("<finish-table-1>");
    assertThat(order.getLast()).startsWith("<finish-table-2>");
    assertThat(uncalled).containsExactly("2");
  }

  /// The next run renews tables where they stand, and no look of an earlier run is left.
  @Test
  public void tablesAreRenewedWhereTheyStand() throws IOException {
    Path paper = manuscript("See Table 1 and Table 2.", "End.");
    Path at = put(paper, two("12"), new ArrayList<>());
    int looks = part(at, "content.xml").getElementsByTag("style:style").size();
    int named = part(at, "styles.xml").getElementsByTag("style:style").size();
    List<String> uncalled = new ArrayList<>();
    for (String figure : List.of("345", "346", "347")) {
      at = put(at, two(figure), uncalled);
    }
    List<String> order = order(at);
    assertThat(order).hasSize(4);
    assertThat(order.get(1)).startsWith("<finish-table-1>").contains("347").doesNotContain("346");
    assertThat(order.get(2)).startsWith("<finish-table-2>");
    assertThat(uncalled).isEmpty();
    assertThat(part(at, "content.xml").getElementsByTag("style:style")).hasSize(looks);
    assertThat(part(at, "styles.xml").getElementsByTag("style:style")).hasSize(named);
  }

  /// All looks that are worn are there, each once, and those of the manuscript are as they were.
  @Test
  public void looksOfTheManuscriptStay() throws IOException {
    Path paper = manuscript("See Table 1 and Table 2.", "End.");
    Path once = put(paper, two("12"), new ArrayList<>());
    Element content = part(once, "content.xml");
    Element styles = part(once, "styles.xml");
    List<String> names = new ArrayList<>(List.of("Standard"));
    styles.getElementsByTag("style:style").forEach(one -> names.add(one.attr("style:name")));
    content.getElementsByTag("style:style").forEach(one -> names.add(one.attr("style:name")));
    assertThat(names).doesNotHaveDuplicates();
    Set<String> worn = new HashSet<>();
    for (String key : List.of("text:style-name", "table:style-name", "t:style-name")) {
      content.getElementsByAttribute(key).forEach(one -> worn.add(one.attr(key)));
    }
    assertThat(names).containsAll(worn);
    assertThat(worn).contains("Finish_20_title", "pa1");
    assertThat(styles.getElementsByAttributeValue("style:name", "Finish_20_title").first().html())
        .contains("#123456");
  }

  /// A manuscript that we wrote ourselves takes tables too; its media type stands in the open.
  @Test
  public void aReportTakesTables() throws IOException {
    Path report = Given.sent(two("5"), OutputFormat.ODT);
    Path out = put(report, two("6"), new ArrayList<>());
    try (ZipFile zip = new ZipFile(out.toFile())) {
      assertThat(zip.entries().nextElement().getMethod()).isEqualTo(ZipEntry.STORED);
    }
    assertThat(part(out, "content.xml").getElementsByTag("table:table")).hasSize(4);
    assertThat(part(out, "content.xml").getElementsByTag("table:table").eachAttr("table:name"))
        .doesNotHaveDuplicates();
  }

  @Test
  public void whatIsNoManuscriptIsSaid() throws IOException {
    Path text = Files.writeString(folder.resolve("paper.odt"), "no zip");
    assertThatThrownBy(() -> ManuscriptFile.open(text))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("paper.odt is no ODT document");
  }
}
