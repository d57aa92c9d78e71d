package app.finish.formats.sent;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.finish.core.document.Document;
import app.finish.core.layout.Mark;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.formats.Given;
import app.finish.formats.OutputFormat;
import app.finish.formats.svg.SvgWriter;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import javax.xml.parsers.DocumentBuilderFactory;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/// A drawing has what the proof has, where the proof has it.
public class DrawingSentTest {
  @DataProvider
  public Object[][] documents() throws IOException {
    return new Object[][] {
      {Given.sailings("Marram house")},
      {Given.sailings("APA 7")},
      {Given.sailings("Ledger")},
      {ManyTables.hostile("Marram house")}
    };
  }

  private static Element drawing(Document document) throws Exception {
    DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
    factory.setNamespaceAware(true);
    factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
    try (InputStream in = Files.newInputStream(Given.sent(document, OutputFormat.SVG))) {
      return factory.newDocumentBuilder().parse(in).getDocumentElement();
    }
  }

  private static List<Element> elements(Element drawing, String name) {
    NodeList all = drawing.getElementsByTagNameNS("http://www.w3.org/2000/svg", name);
    List<Element> elements = new ArrayList<>();
    for (int i = 0; i < all.getLength(); i++) {
      elements.add((Element) all.item(i));
    }
    return elements;
  }

  private static double number(Element element, String attribute) {
    return Double.parseDouble(element.getAttribute(attribute));
  }

  private static Proof.Page page(Document document) {
    return ManyTables.sent(document)
        .tables()
        .getFirst()
        .proof(new SvgWriter().paper(Paper.A4))
        .pages()
        .getFirst();
  }

  @Test(dataProvider = "documents")
  public void textStandsWhereTheProofHasIt(Document document) throws Exception {
    List<Element> texts = elements(drawing(document), "text");
    List<Mark.Text> marks =
        page(document).marks().stream()
            .filter(Mark.Text.class::isInstance)
            .map(Mark.Text.class::cast)
            .toList();
    assertThat(texts).hasSameSizeAs(marks);
    for (int i = 0; i < texts.size(); i++) {
      Element text = texts.get(i);
      Mark.Text mark = marks.get(i);
      assertThat(number(text, "x")).isCloseTo(mark.x(), within(0.01));
      assertThat(number(text, "y")).isCloseTo(mark.y(), within(0.01));
      assertThat(number(text, "textLength")).isCloseTo(mark.width(), within(0.02));
      assertThat(text.getAttribute("fill")).isEqualTo("#" + mark.colour().hex());
      assertThat(text.getAttribute("font-weight").equals("bold")).isEqualTo(mark.face().bold());
      if (mark.text().chars().allMatch(one -> one >= ' ' && !Character.isSurrogate((char) one))) {
        assertThat(text.getTextContent()).isEqualTo(mark.text());
      }
    }
  }

  @Test(dataProvider = "documents")
  public void linesAndFillsStandWhereTheProofHasThem(Document document) throws Exception {
    Element drawing = drawing(document);
    Proof.Page page = page(document);
    List<Mark> rules = page.marks().stream().filter(Mark.Rule.class::isInstance).toList();
    List<Element> lines = elements(drawing, "line");
    assertThat(lines).hasSameSizeAs(rules);
    for (int i = 0; i < lines.size(); i++) {
      Mark.Rule rule = (Mark.Rule) rules.get(i);
      assertThat(number(lines.get(i), "x1")).isCloseTo(rule.x1(), within(0.01));
      assertThat(number(lines.get(i), "y2")).isCloseTo(rule.y2(), within(0.01));
      assertThat(number(lines.get(i), "stroke-width")).isCloseTo(rule.weight(), within(0.01));
    }
    long boxes =
        page.marks().stream()
            .filter(mark -> mark instanceof Mark.Fill || mark instanceof Mark.Frame)
            .count();
    assertThat(elements(drawing, "rect")).hasSize((int) boxes + 1);
    assertThat(drawing.getAttribute("viewBox")).startsWith("0 0 ");
  }

  @Test(dataProvider = "documents")
  public void nothingInItRuns(Document document) throws Exception {
    Element drawing = drawing(document);
    for (String name : List.of("script", "a", "image", "foreignObject", "use", "style")) {
      assertThat(elements(drawing, name)).isEmpty();
    }
    assertThat(elements(drawing, "desc").getFirst().getTextContent()).contains("rows");
  }
}
