package app.finish.formats.docx;

import app.finish.core.layout.Paper;
import app.finish.core.problem.Problem;
import app.finish.formats.io.Manuscript;
import app.finish.formats.io.ManuscriptParts;
import app.finish.formats.io.Sent;
import app.finish.formats.io.SentTable;
import app.finish.formats.io.TablePlaces;
import app.finish.formats.io.XmlPart;
import app.finish.formats.io.XmlText;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;

/// Writes a copy of a manuscript (DOCX) with tables in it: each stands where `[[table 3]]` does,
/// else after the paragraph that first calls it out, else at the end. It stands in a content
/// control that bears its number, in which the next run renews it. Styles of the manuscript that
/// have the names of ours are worn as they are, and the tables are as wide as its page.
///
/// ```java
/// DocxManuscript.of(manuscript).write(sent, out);
/// ```
public final class DocxManuscript implements Manuscript {
  private static final String W = DocxUnits.NAMESPACE;
  private static final String TAG = "finish-table-";

  /// Numbers of our bookmarks begin behind those that manuscripts have.
  private static final int FIRST_BOOKMARK = 900_000;

  private final ManuscriptParts parts;
  private final Element body;

  private DocxManuscript(ManuscriptParts parts) throws Problem {
    this.parts = parts;
    this.body = parts.body(W, "body");
  }

  /// Reads a manuscript.
  ///
  /// @throws Problem if it is no DOCX
  public static DocxManuscript of(Path file) throws IOException {
    return new DocxManuscript(
        ManuscriptParts.read(file, "word/document.xml", "word/styles.xml", "DOCX"));
  }

  @Override
  public Paper paper() {
    List<Element> sections = XmlPart.all(parts.text(), W, "sectPr");
    Paper usual = Paper.A4;
    if (sections.isEmpty()) {
      return usual;
    }
    Element last = sections.getLast();
    double width = points(last, "pgSz", "w", usual.width());
    double height = points(last, "pgSz", "h", usual.height());
    double left = points(last, "pgMar", "left", usual.margin());
    double right = points(last, "pgMar", "right", usual.margin());
    return new Paper(width, height, (left + right) / 2, true);
  }

  private static double points(Element section, String element, String attribute, double usual) {
    return XmlPart.all(section, W, element).stream()
        .findFirst()
        .map(found -> found.getAttributeNS(W, attribute))
        .filter(value -> value.matches("[0-9]{1,6}"))
        .map(value -> Integer.parseInt(value) / 20.0)
        .orElse(usual);
  }

  @Override
  public List<String> write(Sent sent, OutputStream out) throws IOException {
    List<String> uncalled = new ArrayList<>();
    DocxStyles looks = new DocxStyles();
    Paper paper = paper();
    TablePlaces places =
        new TablePlaces(
            body,
            element ->
                "p".equals(element.getLocalName())
                    ? TablePlaces.Role.PARAGRAPH
                    : TablePlaces.Role.OTHER,
            DocxManuscript::words,
            DocxManuscript::ours);
    int place = FIRST_BOOKMARK;
    for (SentTable table : sent.tables()) {
      Element control = control(table, paper, looks, place++);
      if (!places.put(control, table.number())) {
        uncalled.add(table.number());
        lastSection()
            .ifPresentOrElse(
                end -> body.insertBefore(control, end), () -> body.appendChild(control));
      }
    }
    addStyles(looks);
    parts.write(out);
    return uncalled;
  }

  /// The table in a content control (ECMA-376, part 1, 17.5.2.29).
  private Element control(SentTable table, Paper paper, DocxStyles looks, int place)
      throws IOException {
    XmlText xml = new XmlText().open("w:sdt", "xmlns:w", W).open("w:sdtPr");
    xml.empty("w:alias", "w:val", "Table " + table.number());
    xml.empty("w:tag", "w:val", TAG + table.number());
    xml.close("w:sdtPr").open("w:sdtContent");
    new DocxTable(table.proof(paper), table, place, looks, xml).write();
    xml.close("w:sdtContent").close("w:sdt");
    return (Element) parts.text().importNode(XmlPart.read(xml).getDocumentElement(), true);
  }

  /// The number of the table that an earlier run put into a content control.
  private static Optional<String> ours(Element element) {
    if (!"sdt".equals(element.getLocalName())) {
      return Optional.empty();
    }
    return XmlPart.all(element, W, "tag").stream()
        .limit(1)
        .map(tag -> tag.getAttributeNS(W, "val"))
        .filter(tag -> tag.startsWith(TAG))
        .map(tag -> tag.substring(TAG.length()))
        .findFirst();
  }

  private static String words(Element paragraph) {
    return XmlPart.all(paragraph, W, "t").stream()
        .map(Node::getTextContent)
        .collect(Collectors.joining());
  }

  private Optional<Node> lastSection() {
    Node last = body.getLastChild();
    while (last != null && !(last instanceof Element)) {
      last = last.getPreviousSibling();
    }
    return last != null && "sectPr".equals(last.getLocalName())
        ? Optional.of(last)
        : Optional.empty();
  }

  /// Adds the styles that the manuscript does not have.
  private void addStyles(DocxStyles looks) throws IOException {
    Document styles = parts.styles();
    Set<String> known = new HashSet<>();
    XmlPart.all(styles, W, "style").forEach(one -> known.add(one.getAttributeNS(W, "styleId")));
    XmlText ours = new XmlText().raw(looks.xml("en-GB"));
    for (Element style : XmlPart.all(XmlPart.read(ours), W, "style")) {
      String id = style.getAttributeNS(W, "styleId");
      if (id.startsWith("Finish") && !known.contains(id)) {
        styles.getDocumentElement().appendChild(styles.importNode(style, true));
      }
    }
  }
}
