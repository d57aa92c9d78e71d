package app.finish.formats.pdf;

import app.finish.formats.io.XmlText;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentCatalog;
import org.apache.pdfbox.pdmodel.common.PDMetadata;
import org.apache.pdfbox.pdmodel.graphics.color.PDOutputIntent;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;

/// What a document says of itself, as PDF/A-2a (ISO 19005-2) and PDF/UA-1 (ISO 14289-1) ask: its
/// title, which a reader shows instead of the file's name, what it conforms to, and what its
/// colours mean.
final class PdfAbout {
  private static final String PRODUCER = "Finish";

  private PdfAbout() {}

  static void add(PDDocument document, String title) throws IOException {
    document.setVersion(1.7f);
    document.getDocumentInformation().setProducer(PRODUCER);
    document.getDocumentInformation().setTitle(title);
    PDDocumentCatalog catalog = document.getDocumentCatalog();
    PDViewerPreferences preferences = new PDViewerPreferences(new COSDictionary());
    preferences.setDisplayDocTitle(true);
    catalog.setViewerPreferences(preferences);
    PDMetadata metadata = new PDMetadata(document);
    metadata.importXMPMetadata(packet(title).getBytes(StandardCharsets.UTF_8));
    catalog.setMetadata(metadata);
    byte[] profile = ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData();
    PDOutputIntent intent = new PDOutputIntent(document, new ByteArrayInputStream(profile));
    intent.setInfo("sRGB IEC61966-2.1");
    intent.setOutputCondition("sRGB IEC61966-2.1");
    intent.setOutputConditionIdentifier("sRGB IEC61966-2.1");
    intent.setRegistryName("http://www.color.org");
    catalog.addOutputIntent(intent);
  }

  /// The metadata (ISO 16684-1).
  private static String packet(String title) {
    XmlText xml = new XmlText();
    xml.raw("<?xpacket begin=\"\uFEFF\" id=\"W5M0MpCehiHzreSzNTczkc9d\"?>\n");
    xml.open("x:xmpmeta", "xmlns:x", "adobe:ns:meta/");
    xml.open("rdf:RDF", "xmlns:rdf", "http://www.w3.org/1999/02/22-rdf-syntax-ns#");
    xml.open(
        "rdf:Description",
        "rdf:about",
        "",
        "xmlns:dc",
        "http://purl.org/dc/elements/1.1/",
        "xmlns:pdf",
        "http://ns.adobe.com/pdf/1.3/",
        "xmlns:pdfaid",
        "http://www.aiim.org/pdfa/ns/id/",
        "xmlns:pdfuaid",
        "http://www.aiim.org/pdfua/ns/id/");
    xml.open("dc:title").open("rdf:Alt").open("rdf:li", "xml:lang", "x-default");
    xml.text(title).close("rdf:li").close("rdf:Alt").close("dc:title");
    xml.open("pdf:Producer").text(PRODUCER).close("pdf:Producer");
    xml.open("pdfaid:part").text("2").close("pdfaid:part");
    xml.open("pdfaid:conformance").text("A").close("pdfaid:conformance");
    xml.open("pdfuaid:part").text("1").close("pdfuaid:part");
    xml.close("rdf:Description");
    uaSchema(xml);
    xml.close("rdf:RDF").close("x:xmpmeta");
    return xml.raw("\n<?xpacket end=\"w\"?>").toString();
  }

  /// PDF/A asks that names which it does not know are explained.
  private static void uaSchema(XmlText xml) {
    xml.open(
        "rdf:Description",
        "rdf:about",
        "",
        "xmlns:pdfaExtension",
        "http://www.aiim.org/pdfa/ns/extension/",
        "xmlns:pdfaSchema",
        "http://www.aiim.org/pdfa/ns/schema#",
        "xmlns:pdfaProperty",
        "http://www.aiim.org/pdfa/ns/property#");
    xml.open("pdfaExtension:schemas").open("rdf:Bag");
    xml.open("rdf:li", "rdf:parseType", "Resource");
    xml.open("pdfaSchema:schema").text("PDF/UA identification").close("pdfaSchema:schema");
    xml.open("pdfaSchema:namespaceURI")
        .text("http://www.aiim.org/pdfua/ns/id/")
        .close("pdfaSchema:namespaceURI");
    xml.open("pdfaSchema:prefix").text("pdfuaid").close("pdfaSchema:prefix");
    xml.open("pdfaSchema:property").open("rdf:Seq");
    xml.open("rdf:li", "rdf:parseType", "Resource");
    xml.open("pdfaProperty:name").text("part").close("pdfaProperty:name");
    xml.open("pdfaProperty:valueType").text("Integer").close("pdfaProperty:valueType");
    xml.open("pdfaProperty:category").text("internal").close("pdfaProperty:category");
    xml.open("pdfaProperty:description")
        .text("part of ISO 14289")
        .close("pdfaProperty:description");
    xml.close("rdf:li").close("rdf:Seq").close("pdfaSchema:property");
    xml.close("rdf:li").close("rdf:Bag").close("pdfaExtension:schemas").close("rdf:Description");
  }
}
