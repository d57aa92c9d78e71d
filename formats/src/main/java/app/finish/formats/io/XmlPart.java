package app.finish.formats.io;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
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

/// XML parts of zipped documents, as trees that can be changed.
///
/// ```java
/// Document text = XmlPart.read(zip, zip.getEntry("content.xml"));
/// XmlPart.copy(file, Map.of("content.xml", text), out);
/// ```
public final class XmlPart {
  /// The part with the media type, which is not packed.
  private static final String TYPE = "mimetype";

  private XmlPart() {}

  /// Reads a part of an archive.
  ///
  /// @throws SAXException if it is no XML, or defines entities
  public static Document read(ZipFile zip, ZipEntry part) throws IOException, SAXException {
    try (InputStream in = zip.getInputStream(part)) {
      return read(in);
    }
  }

  /// Reads what was written by us.
  public static Document read(XmlText xml) throws IOException {
    try {
      return read(new ByteArrayInputStream(xml.toString().getBytes(StandardCharsets.UTF_8)));
    } catch (SAXException e) {
      throw new IllegalStateException(e);
    }
  }

  private static Document read(InputStream in) throws IOException, SAXException {
    try {
      DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
      factory.setNamespaceAware(true);
      factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
      return factory.newDocumentBuilder().parse(in);
    } catch (ParserConfigurationException e) {
      throw new IllegalStateException(e);
    }
  }

  /// All elements of a name within a document or an element, in order, as they are now.
  public static List<Element> all(Node within, String space, String name) {
    NodeList found =
        within instanceof Document document
            ? document.getElementsByTagNameNS(space, name)
            : ((Element) within).getElementsByTagNameNS(space, name);
    List<Element> all = new ArrayList<>();
    for (int i = 0; i < found.getLength(); i++) {
      all.add((Element) found.item(i));
    }
    return all;
  }

  /// Copies an archive, with some of its parts changed.
  ///
  /// @param changed the changed parts by their names
  public static void copy(Path file, Map<String, Document> changed, OutputStream out)
      throws IOException {
    try (ZipFile zip = new ZipFile(file.toFile())) {
      ZipText copy = new ZipText(out);
      for (ZipEntry part : zip.stream().toList()) {
        String name = part.getName();
        Document other = changed.get(name);
        if (other != null) {
          copy.add(name, written(other));
        } else if (name.equals(TYPE)) {
          copy.addPlain(name, new String(bytes(zip, part), StandardCharsets.UTF_8));
        } else {
          copy.add(name, bytes(zip, part));
        }
      }
      copy.finish();
    }
  }

  private static byte[] bytes(ZipFile zip, ZipEntry part) throws IOException {
    try (InputStream in = zip.getInputStream(part)) {
      return in.readAllBytes();
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
