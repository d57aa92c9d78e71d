package app.finish.formats.opendocument;

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
import java.util.List;
import java.util.Optional;
import org.w3c.dom.Element;

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
  private static final String TEXT = OdfParts.SPACE + "text:1.0";

  private final ManuscriptParts parts;
  private final Element body;

  private OdtManuscript(ManuscriptParts parts) throws Problem {
    this.parts = parts;
    this.body = parts.body(OdfParts.SPACE + "office:1.0", "text");
  }

  /// Reads a manuscript.
  ///
  /// @throws Problem if it is no ODT
  public static OdtManuscript of(Path file) throws IOException {
    return new OdtManuscript(ManuscriptParts.read(file, "content.xml", "styles.xml", "ODT"));
  }

  @Override
  public Paper paper() {
    return new OdtPage(parts.styles()).paper();
  }

  @Override
  public List<String> write(Sent sent, OutputStream out) throws IOException {
    OdtLooks looks = new OdtLooks(parts.text(), parts.styles());
    TablePlaces places =
        new TablePlaces(body, OdtManuscript::role, Element::getTextContent, this::ours);
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
    parts.write(out);
    return uncalled;
  }

  private Element section(SentTable table, Paper paper, OdfStyles looks) throws IOException {
    String name = SECTION + table.number();
    XmlText xml = new XmlText();
    xml.open("text:section", OdfParts.alone("text:name", name));
    OdtWriter.table(table, paper, looks, xml, name);
    xml.close("text:section");
    return (Element) parts.text().importNode(XmlPart.read(xml).getDocumentElement(), true);
  }

  /// Indexes and tables of the manuscript call nothing out.
  private static TablePlaces.Role role(Element element) {
    return switch (TEXT.equals(element.getNamespaceURI()) ? element.getLocalName() : "") {
      case "p", "h" -> TablePlaces.Role.PARAGRAPH;
      case "section" -> TablePlaces.Role.SECTION;
      case "list", "list-header", "list-item", "numbered-paragraph" -> TablePlaces.Role.WHOLE;
      default -> TablePlaces.Role.OTHER;
    };
  }

  private Optional<String> ours(Element element) {
    String name = element.getAttributeNS(TEXT, "name");
    return "section".equals(element.getLocalName()) && name.startsWith(SECTION)
        ? Optional.of(name.substring(SECTION.length()))
        : Optional.empty();
  }
}
