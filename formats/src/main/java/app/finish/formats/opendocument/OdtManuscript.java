package app.finish.formats.opendocument;

import app.finish.core.layout.Paper;
import app.finish.core.problem.Problem;
import app.finish.formats.io.FileName;
import app.finish.formats.io.Limits;
import app.finish.formats.io.Manuscript;
import app.finish.formats.io.Sent;
import app.finish.formats.io.SentTable;
import app.finish.formats.io.TablePlaces;
import app.finish.formats.io.WholeZip;
import app.finish.formats.io.XmlPart;
import app.finish.formats.io.XmlText;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.xml.sax.SAXException;

/// Writes a copy of a manuscript (ODT) with tables in it: each stands where `[[table 3]]` does,
/// else after the paragraph that first calls it out, else at the end. It stands in a section that
/// bears its number (ISO/IEC 26300, 5.4), in which the next run renews it. Styles of the manuscript
/// that have the names of ours are worn as they are, and the tables are as wide as its page.
///
/// ```java
/// OdtManuscript.of(manuscript).write(sent, out);
/// ```
public final class OdtManuscript implements Manuscript {
  private static final String SECTION = "finish-table-";
  private static final String CONTENT = "content.xml";
  private static final String STYLES = "styles.xml";
  private static final String TEXT = OdfParts.SPACE + "text:1.0";

  private final Path file;
  private final Document content;
  private final Document styles;
  private final Element body;

  private OdtManuscript(Path file, Document content, Document styles) throws Problem {
    this.file = file;
    this.content = content;
    this.styles = styles;
    this.body =
        XmlPart.all(content, OdfParts.SPACE + "office:1.0", "text").stream()
            .findFirst()
            .orElseThrow(() -> unreadable(file));
  }

  /// Reads a manuscript.
  ///
  /// @throws Problem if it is no ODT
  public static OdtManuscript of(Path file) throws IOException {
    WholeZip.check(file, FileName.of(file), Limits.PART);
    try (ZipFile zip = new ZipFile(file.toFile())) {
      ZipEntry content = zip.getEntry(CONTENT);
      ZipEntry styles = zip.getEntry(STYLES);
      if (content == null || styles == null) {
        throw unreadable(file);
      }
      return new OdtManuscript(file, XmlPart.read(zip, content), XmlPart.read(zip, styles));
    } catch (ZipException | SAXException e) {
      throw unreadable(file);
    }
  }

  private static Problem unreadable(Path file) {
    return new Problem(
        FileName.of(file)
            + " is no ODT document that tables can be put into. Save the manuscript as ODT, without"
            + " a password.");
  }

  @Override
  public Paper paper() {
    return new OdtPage(styles).paper();
  }

  @Override
  public List<String> write(Sent sent, OutputStream out) throws IOException {
    OdtLooks looks = new OdtLooks(content, styles);
    TablePlaces places =
        new TablePlaces(body, OdtManuscript::isParagraph, Element::getTextContent, this::ours);
    List<String> uncalled = new ArrayList<>();
    Paper paper = paper();
    for (SentTable table : sent.tables()) {
      Element section = section(table, paper, looks.ours());
      if (!places.put(section, table.number())) {
        uncalled.add(table.number());
        body.appendChild(section);
      }
    }
    looks.add();
    XmlPart.copy(file, Map.of(CONTENT, content, STYLES, styles), out);
    return uncalled;
  }

  private Element section(SentTable table, Paper paper, OdfStyles looks) throws IOException {
    String name = SECTION + table.number();
    XmlText xml = new XmlText();
    xml.open("text:section", OdfParts.named("text:name", name));
    OdtWriter.table(table, paper, looks, xml, name);
    xml.close("text:section");
    return (Element) content.importNode(XmlPart.read(xml).getDocumentElement(), true);
  }

  private static boolean isParagraph(Element element) {
    String name = element.getLocalName();
    return TEXT.equals(element.getNamespaceURI()) && ("p".equals(name) || "h".equals(name));
  }

  private Optional<String> ours(Element element) {
    String name = element.getAttributeNS(TEXT, "name");
    return "section".equals(element.getLocalName()) && name.startsWith(SECTION)
        ? Optional.of(name.substring(SECTION.length()))
        : Optional.empty();
  }
}
