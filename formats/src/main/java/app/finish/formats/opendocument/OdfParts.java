package app.finish.formats.opendocument;

import app.finish.core.layout.Paper;
import app.finish.formats.io.XmlText;
import app.finish.formats.io.ZipText;
import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

/// The parts of an OpenDocument file around its content.
///
/// ```java
/// new OdfParts("application/vnd.oasis.opendocument.text", "de-DE", "Fares").write(content, styles, paper, out);
/// ```
///
/// @param type the media type of the document
/// @param language the tag of its language
/// @param title what it is called
/// @param pictures its pictures by the names of their parts
record OdfParts(String type, String language, String title, Map<String, byte[]> pictures) {
  OdfParts(String type, String language, String title) {
    this(type, language, title, Map.of());
  }

  private static final String HEAD = "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n";

  /// How the names of OpenDocument begin.
  static final String SPACE = "urn:oasis:names:tc:opendocument:xmlns:";

  /// The names by which elements are called, for a root element.
  private static final Object[] NAMES = {
    "xmlns:office", SPACE + "office:1.0",
    "xmlns:style", SPACE + "style:1.0",
    "xmlns:text", SPACE + "text:1.0",
    "xmlns:table", SPACE + "table:1.0",
    "xmlns:fo", SPACE + "xsl-fo-compatible:1.0",
    "xmlns:svg", SPACE + "svg-compatible:1.0",
    "xmlns:draw", SPACE + "drawing:1.0",
    "xmlns:number", SPACE + "datastyle:1.0",
    "xmlns:meta", SPACE + "meta:1.0",
    "xmlns:xlink", "http://www.w3.org/1999/xlink",
    "xmlns:dc", "http://purl.org/dc/elements/1.1/",
    "office:version", "1.3"
  };

  /// Attributes of an element by which a piece of a document stands alone, with the names by which
  /// elements are called.
  static Object[] alone(Object... attributes) {
    List<Object> all = new ArrayList<>(Arrays.asList(NAMES).subList(0, NAMES.length - 2));
    all.addAll(Arrays.asList(attributes));
    return all.toArray();
  }

  private static XmlText root(String name) {
    return new XmlText().raw(HEAD).open("office:" + name, NAMES);
  }

  /// Writes the file.
  ///
  /// @param content its body, without the element around it
  /// @param styles the looks that the body uses
  void write(String content, OdfStyles styles, Paper paper, OutputStream out) throws IOException {
    ZipText zip = new ZipText(out);
    zip.addPlain("mimetype", type);
    XmlText main = root("document-content");
    main.open("office:automatic-styles").raw(styles.automatic()).close("office:automatic-styles");
    main.open("office:body").raw(content).close("office:body").close("office:document-content");
    zip.add("content.xml", main.toString());
    zip.add("styles.xml", named(styles, paper));
    zip.add("meta.xml", about());
    for (Map.Entry<String, byte[]> picture : pictures.entrySet()) {
      zip.add(picture.getKey(), picture.getValue());
    }
    zip.add("META-INF/manifest.xml", manifest());
    zip.finish();
  }

  private String named(OdfStyles styles, Paper paper) {
    XmlText xml = root("document-styles");
    xml.open("office:styles");
    xml.open("style:default-style", "style:family", "paragraph");
    String[] parts = language.split("-");
    xml.empty(
        "style:text-properties",
        "fo:language",
        parts[0],
        "fo:country",
        parts.length > 1 ? parts[1] : "none");
    xml.close("style:default-style");
    xml.empty("style:style", "style:name", "Standard", "style:family", "paragraph");
    xml.raw(styles.named()).close("office:styles");
    xml.open("office:automatic-styles").open("style:page-layout", "style:name", "page");
    String margin = OdfStyles.points(paper.margin());
    xml.empty(
        "style:page-layout-properties",
        "fo:page-width",
        OdfStyles.points(paper.width()),
        "fo:page-height",
        OdfStyles.points(paper.height()),
        "style:print-orientation",
        paper.width() > paper.height() ? "landscape" : "portrait",
        "fo:margin-top",
        margin,
        "fo:margin-bottom",
        margin,
        "fo:margin-left",
        margin,
        "fo:margin-right",
        margin,
        "style:scale-to-X",
        "1");
    xml.close("style:page-layout").close("office:automatic-styles");
    xml.open("office:master-styles");
    xml.empty("style:master-page", "style:name", "Standard", "style:page-layout-name", "page");
    return xml.close("office:master-styles").close("office:document-styles").toString();
  }

  private String about() {
    XmlText xml = root("document-meta").open("office:meta");
    xml.open("meta:generator").text("Finish").close("meta:generator");
    xml.open("dc:title").text(title).close("dc:title");
    xml.open("dc:language").text(language).close("dc:language");
    return xml.close("office:meta").close("office:document-meta").toString();
  }

  private String manifest() {
    XmlText xml = new XmlText().raw(HEAD);
    xml.open(
        "manifest:manifest", "xmlns:manifest", SPACE + "manifest:1.0", "manifest:version", "1.3");
    xml.empty(
        "manifest:file-entry",
        "manifest:full-path",
        "/",
        "manifest:version",
        "1.3",
        "manifest:media-type",
        type);
    for (String part : List.of("content.xml", "styles.xml", "meta.xml")) {
      xml.empty(
          "manifest:file-entry", "manifest:full-path", part, "manifest:media-type", "text/xml");
    }
    for (String part : pictures.keySet()) {
      xml.empty(
          "manifest:file-entry", "manifest:full-path", part, "manifest:media-type", "image/png");
    }
    return xml.close("manifest:manifest").toString();
  }
}
