package app.finish.formats.docx;

import app.finish.core.check.apa.CalledOut;
import app.finish.core.layout.Paper;
import app.finish.core.problem.Problem;
import app.finish.formats.io.FileName;
import app.finish.formats.io.Limits;
import app.finish.formats.io.Sent;
import app.finish.formats.io.SentTable;
import app.finish.formats.io.WholeZip;
import app.finish.formats.io.XmlText;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import javax.xml.transform.OutputKeys;
import javax.xml.transform.Transformer;
import javax.xml.transform.TransformerException;
import javax.xml.transform.TransformerFactory;
import javax.xml.transform.dom.DOMSource;
import javax.xml.transform.stream.StreamResult;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.w3c.dom.NodeList;
import org.xml.sax.SAXException;

/// Writes a copy of a manuscript (DOCX) with tables in it: each stands where `[[table 3]]` does,
/// else after the paragraph that first calls it out, else at the end. It stands in a content
/// control that bears its number, in which the next run renews it. Styles of the manuscript that
/// have the names of ours are worn as they are, and the tables are as wide as its page.
///
/// ```java
/// ManuscriptTables.of(manuscript).write(sent, out);
/// ```
public final class ManuscriptTables {
  private static final String W = DocxUnits.NAMESPACE;
  private static final String TAG = "finish-table-";
  private static final String TEXT = "word/document.xml";
  private static final String STYLES = "word/styles.xml";

  /// Numbers of our bookmarks begin behind those that manuscripts have.
  private static final int FIRST_BOOKMARK = 900_000;

  private static final Pattern WANTED =
      Pattern.compile(
          "\\s*\\[\\[\\s*table\\s+([^\\]\\s]+)\\s*\\]\\]\\s*", Pattern.CASE_INSENSITIVE);

  private final Path file;
  private final String name;
  private final Document text;
  private final Document styles;
  private final Element body;

  private ManuscriptTables(Path file, Document text, Document styles) throws Problem {
    this.file = file;
    this.name = FileName.of(file);
    this.text = text;
    this.styles = styles;
    NodeList bodies = text.getElementsByTagNameNS(W, "body");
    if (bodies.getLength() == 0) {
      throw new Problem(unreadable(name));
    }
    this.body = (Element) bodies.item(0);
  }

  /// Reads a manuscript.
  ///
  /// @throws Problem if it is no DOCX
  public static ManuscriptTables of(Path file) throws IOException {
    String name = FileName.of(file);
    WholeZip.check(file, name, Limits.PART);
    try (ZipFile zip = new ZipFile(file.toFile())) {
      ZipEntry main = zip.getEntry(TEXT);
      ZipEntry styles = zip.getEntry(STYLES);
      if (main == null || styles == null) {
        throw new Problem(unreadable(name));
      }
      return new ManuscriptTables(file, parsed(zip, main), parsed(zip, styles));
    } catch (ZipException | SAXException e) {
      throw new Problem(unreadable(name), e);
    }
  }

  private static String unreadable(String name) {
    return name + " is no DOCX document that tables can be put into. Save the manuscript as DOCX.";
  }

  private static Document parsed(ZipFile zip, ZipEntry part) throws IOException, SAXException {
    try (InputStream in = zip.getInputStream(part)) {
      return parsed(in);
    }
  }

  private static Document parsed(InputStream in) throws IOException, SAXException {
    try {
      DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
      factory.setNamespaceAware(true);
      factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
      return factory.newDocumentBuilder().parse(in);
    } catch (ParserConfigurationException e) {
      throw new IllegalStateException(e);
    }
  }

  /// The page of the manuscript, with margins that leave as much room as its own.
  public Paper paper() {
    NodeList sections = text.getElementsByTagNameNS(W, "sectPr");
    Paper paper = Paper.A4;
    if (sections.getLength() > 0) {
      Element last = (Element) sections.item(sections.getLength() - 1);
      double width = points(last, "pgSz", "w", paper.width());
      double height = points(last, "pgSz", "h", paper.height());
      double left = points(last, "pgMar", "left", paper.margin());
      double right = points(last, "pgMar", "right", paper.margin());
      paper = new Paper(width, height, (left + right) / 2, true);
    }
    return paper;
  }

  private static double points(Element section, String element, String attribute, double usual) {
    NodeList found = section.getElementsByTagNameNS(W, element);
    String value =
        found.getLength() == 0 ? "" : ((Element) found.item(0)).getAttributeNS(W, attribute);
    return value.matches("[0-9]{1,6}") ? Integer.parseInt(value) / 20.0 : usual;
  }

  /// Writes the manuscript with the tables in it.
  ///
  /// @return the numbers of tables that the text never calls out; they stand at the end
  public List<String> write(Sent sent, OutputStream out) throws IOException {
    List<String> uncalled = new ArrayList<>();
    DocxStyles looks = new DocxStyles();
    Paper paper = paper();
    int place = FIRST_BOOKMARK;
    for (SentTable table : sent.tables()) {
      Element control = control(table, paper, looks, place++);
      if (!put(control, table.number())) {
        uncalled.add(table.number());
        lastSection()
            .ifPresentOrElse(
                end -> body.insertBefore(control, end), () -> body.appendChild(control));
      }
    }
    addStyles(looks);
    copy(out);
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
    try {
      byte[] bytes = xml.toString().getBytes(StandardCharsets.UTF_8);
      Document read = parsed(new ByteArrayInputStream(bytes));
      return (Element) text.importNode(read.getDocumentElement(), true);
    } catch (SAXException e) {
      throw new IllegalStateException(e);
    }
  }

  /// Puts a table where it stood before, where it is wanted, or after its first callout.
  private boolean put(Element control, String number) {
    NodeList tags = text.getElementsByTagNameNS(W, "tag");
    for (int i = 0; i < tags.getLength(); i++) {
      if (((Element) tags.item(i)).getAttributeNS(W, "val").equals(TAG + number)) {
        Node old = tags.item(i).getParentNode().getParentNode();
        old.getParentNode().replaceChild(control, old);
        return true;
      }
    }
    Optional<Element> called = Optional.empty();
    for (Node node = body.getFirstChild(); node != null; node = node.getNextSibling()) {
      if (node instanceof Element paragraph && paragraph.getLocalName().equals("p")) {
        String said = words(paragraph);
        Matcher wanted = WANTED.matcher(said);
        if (wanted.matches() && wanted.group(1).equalsIgnoreCase(number)) {
          body.replaceChild(control, paragraph);
          return true;
        }
        boolean calls = called.isEmpty() && CalledOut.mentioned(said).contains(number);
        called = calls ? Optional.of(paragraph) : called;
      }
    }
    if (called.isEmpty()) {
      return false;
    }
    behind(called.get())
        .ifPresentOrElse(next -> body.insertBefore(control, next), () -> body.appendChild(control));
    return true;
  }

  /// The place behind a paragraph and behind the tables that were put there.
  private static Optional<Node> behind(Element paragraph) {
    Node next = paragraph.getNextSibling();
    while (next instanceof Element element && isOurs(element)) {
      next = next.getNextSibling();
    }
    return Optional.ofNullable(next);
  }

  private static boolean isOurs(Element element) {
    NodeList tags = element.getElementsByTagNameNS(W, "tag");
    return element.getLocalName().equals("sdt")
        && tags.getLength() > 0
        && ((Element) tags.item(0)).getAttributeNS(W, "val").startsWith(TAG);
  }

  private static String words(Element paragraph) {
    NodeList texts = paragraph.getElementsByTagNameNS(W, "t");
    StringBuilder words = new StringBuilder();
    for (int i = 0; i < texts.getLength(); i++) {
      words.append(texts.item(i).getTextContent());
    }
    return words.toString();
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
    Set<String> known = new HashSet<>();
    NodeList here = styles.getElementsByTagNameNS(W, "style");
    for (int i = 0; i < here.getLength(); i++) {
      known.add(((Element) here.item(i)).getAttributeNS(W, "styleId"));
    }
    try {
      byte[] bytes = looks.xml("en-GB").getBytes(StandardCharsets.UTF_8);
      NodeList ours = parsed(new ByteArrayInputStream(bytes)).getElementsByTagNameNS(W, "style");
      for (int i = 0; i < ours.getLength(); i++) {
        Element style = (Element) ours.item(i);
        String id = style.getAttributeNS(W, "styleId");
        if (id.startsWith("Finish") && !known.contains(id)) {
          styles.getDocumentElement().appendChild(styles.importNode(style, true));
        }
      }
    } catch (SAXException e) {
      throw new IllegalStateException(e);
    }
  }

  private void copy(OutputStream out) throws IOException {
    try (ZipFile zip = new ZipFile(file.toFile())) {
      ZipOutputStream copy = new ZipOutputStream(out, StandardCharsets.UTF_8);
      for (ZipEntry part : zip.stream().toList()) {
        copy.putNextEntry(new ZipEntry(part.getName()));
        switch (part.getName()) {
          case TEXT -> copy.write(written(text));
          case STYLES -> copy.write(written(styles));
          default -> {
            try (InputStream in = zip.getInputStream(part)) {
              in.transferTo(copy);
            }
          }
        }
        copy.closeEntry();
      }
      copy.finish();
    }
  }

  private static byte[] written(Document document) {
    try {
      TransformerFactory factory = TransformerFactory.newInstance();
      factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
      Transformer transformer = factory.newTransformer();
      transformer.setOutputProperty(OutputKeys.ENCODING, "UTF-8");
      document.setXmlStandalone(true);
      StringWriter text = new StringWriter();
      transformer.transform(new DOMSource(document), new StreamResult(text));
      return text.toString().getBytes(StandardCharsets.UTF_8);
    } catch (TransformerException e) {
      throw new IllegalStateException(e);
    }
  }
}
