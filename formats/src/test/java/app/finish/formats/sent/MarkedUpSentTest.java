package app.finish.formats.sent;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.document.Document;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.formats.Given;
import app.finish.formats.OutputFormat;
import app.finish.formats.io.SentTable;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javax.swing.text.rtf.RTFEditorKit;
import javax.xml.parsers.DocumentBuilderFactory;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.w3c.dom.NodeList;

/// Journal XML, rich text and Typst say what the table says, and nothing in them is taken for a
/// command.
public class MarkedUpSentTest {
  /// What may stand in what (JATS 1.3, archiving and interchange), as far as tables need it, in
  /// this order.
  private static final Map<String, List<String>> INSIDE =
      Map.of(
          "article", List.of("front", "body"),
          "sec", List.of("title", "p", "table-wrap"),
          "table-wrap", List.of("label", "caption", "long-desc", "table", "table-wrap-foot"),
          "caption", List.of("title", "p"),
          "table", List.of("thead", "tbody"),
          "thead", List.of("tr"),
          "tbody", List.of("tr"),
          "tr", List.of("th", "td"),
          "table-wrap-foot", List.of("fn", "attrib"),
          "fn", List.of("p"));

  private static final Set<String> WORDS = Set.of("bold", "italic", "sup", "sub");

  @DataProvider
  public Object[][] documents() throws IOException {
    return new Object[][] {
      {ManyTables.demo("APA 7", true)},
      {ManyTables.demo("Marram house", false)},
      {ManyTables.hostile("Plain")},
      {ManyTables.hostile("APA 7")}
    };
  }

  private static String bare(String text) {
    return text.replaceAll("[\\x00-\\x08\\x0B-\\x1F\\x7F-\\x9F]", "")
        .replaceAll("\\p{Cs}", "")
        .replaceAll("[\\s\\u00A0\\u2003\\u2009\\u202F]+", " ")
        .strip();
  }

  private static List<String> shown(Document document) {
    List<String> texts = new ArrayList<>();
    for (SentTable table : ManyTables.sent(document).tables()) {
      for (DressedRow row : table.dressed().rows()) {
        if (row.isTable()) {
          row.cells().stream()
              .map(DressedCell::text)
              .map(MarkedUpSentTest::bare)
              .forEach(texts::add);
        }
      }
    }
    return texts;
  }

  private static Element journal(Document document) throws Exception {
    DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
    factory.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
    try (InputStream in = Files.newInputStream(Given.sent(document, OutputFormat.JATS))) {
      return factory.newDocumentBuilder().parse(in).getDocumentElement();
    }
  }

  @Test(dataProvider = "documents")
  public void journalXmlHasEachCell(Document document) throws Exception {
    NodeList rows = journal(document).getElementsByTagName("tr");
    List<String> texts = new ArrayList<>();
    for (int i = 0; i < rows.getLength(); i++) {
      NodeList cells = rows.item(i).getChildNodes();
      for (int j = 0; j < cells.getLength(); j++) {
        if (cells.item(j) instanceof Element one) {
          texts.add(bare(one.getTextContent()));
        }
      }
    }
    assertThat(texts).isEqualTo(shown(document));
  }

  @Test(dataProvider = "documents")
  public void journalXmlIsMadeAsItsRulesAsk(Document document) throws Exception {
    NodeList all = journal(document).getElementsByTagName("*");
    for (int i = 0; i < all.getLength(); i++) {
      Element one = (Element) all.item(i);
      List<String> allowed = INSIDE.get(one.getTagName());
      int last = 0;
      for (Node child = one.getFirstChild(); child != null; child = child.getNextSibling()) {
        if (allowed != null && child instanceof Element element) {
          int place = allowed.indexOf(element.getTagName());
          assertThat(place).as("%s in %s", element.getTagName(), one.getTagName()).isNotNegative();
          boolean free = one.getTagName().equals("tr") || one.getTagName().equals("sec");
          assertThat(free || place >= last).as("%s comes late", element.getTagName()).isTrue();
          last = place;
        } else if (allowed != null) {
          assertThat(child.getTextContent()).isBlank();
        } else if (WORDS.contains(one.getTagName()) && child instanceof Element element) {
          assertThat(WORDS).contains(element.getTagName());
        }
      }
    }
  }

  @Test(dataProvider = "documents")
  public void richTextHasEachCellInOrder(Document document) throws Exception {
    RTFEditorKit kit = new RTFEditorKit();
    javax.swing.text.Document read = kit.createDefaultDocument();
    try (InputStream in = Files.newInputStream(Given.sent(document, OutputFormat.RTF))) {
      kit.read(in, read, 0);
    }
    String all = bare(read.getText(0, read.getLength()));
    int at = 0;
    for (String text : shown(document)) {
      int found = all.indexOf(text, at);
      assertThat(found).as(text).isNotNegative();
      at = found;
    }
  }

  /// Braces are closed, and each row says as many cells as it has edges.
  @Test(dataProvider = "documents")
  public void richTextIsClosed(Document document) throws IOException {
    String text = Files.readString(Given.sent(document, OutputFormat.RTF));
    String bare = text.replaceAll("\\\\[\\\\{}]", "");
    int open = 0;
    for (int i = 0; i < bare.length(); i++) {
      open += bare.charAt(i) == '{' ? 1 : bare.charAt(i) == '}' ? -1 : 0;
      assertThat(open > 0 || i >= bare.stripTrailing().length() - 1).isTrue();
    }
    assertThat(open).isZero();
    for (String row : bare.split("\\\\trowd")) {
      String own = row.split("\\\\row\\b")[0];
      if (row.contains("\\row")) {
        assertThat(own.split("\\\\cellx").length).isEqualTo(own.split("\\\\cell(?!x)\\b").length);
      }
    }
    assertThat(bare).doesNotContain("\\field").doesNotContain("\\object");
  }

  /// Outside of strings there is nothing that the writer did not put there.
  @Test(dataProvider = "documents")
  public void typstSaysTextsInStrings(Document document) throws IOException {
    String text = Files.readString(Given.sent(document, OutputFormat.TYPST));
    List<String> strings = new ArrayList<>();
    StringBuilder outside = new StringBuilder();
    StringBuilder inside = new StringBuilder();
    boolean quoted = false;
    boolean isText = false;
    for (int i = 0; i < text.length(); i++) {
      char one = text.charAt(i);
      if (quoted && one == '\\') {
        inside.append(text.charAt(++i));
      } else if (one == '"') {
        if (quoted && isText) {
          strings.add(inside.toString());
        }
        isText = text.charAt(i - 1) == '#';
        quoted = !quoted;
        inside.setLength(0);
      } else {
        (quoted ? inside : outside).append(one);
      }
    }
    assertThat(quoted).isFalse();
    assertThat(outside.toString())
        .doesNotContain("alert")
        .doesNotContain("bold}")
        .doesNotContain("HYPERLINK");
    String all = bare(String.join("", strings));
    for (String shown : shown(document)) {
      assertThat(all.replace(" ", "").contains(shown.replace(" ", ""))).as(shown).isTrue();
    }
  }
}
