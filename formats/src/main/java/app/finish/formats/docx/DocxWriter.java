package app.finish.formats.docx;

import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.formats.io.Kept;
import app.finish.formats.io.Sent;
import app.finish.formats.io.SentChart;
import app.finish.formats.io.SentItem;
import app.finish.formats.io.SentTable;
import app.finish.formats.io.TableWriter;
import app.finish.formats.io.XmlText;
import app.finish.formats.io.ZipText;
import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/// Writes DOCX (ECMA-376, wordprocessing): a real table with spans, head rows that repeat, rows
/// that keep together, paragraph styles by name, faces, rules and decimal tabs. The elements are
/// written as they stand in the standard; docs/decisions.md says why.
public final class DocxWriter implements TableWriter {
  private static final String HEAD =
      "<?xml version=\"1.0\" encoding=\"UTF-8\" standalone=\"yes\"?>";
  private static final String PACKAGE = "http://schemas.openxmlformats.org/package/2006/";
  private static final String OFFICE =
      "http://schemas.openxmlformats.org/officeDocument/2006/relationships/";
  private static final String MAIN =
      "application/vnd.openxmlformats-officedocument.wordprocessingml.";

  @Override
  public Paper paper(Paper chosen) {
    return new Paper(chosen.width(), chosen.height(), chosen.margin(), true);
  }

  @Override
  public Set<Kept> keeps() {
    return Kept.allBut(Kept.EXACT_FIGURES);
  }

  @Override
  public void write(Sent sent, OutputStream out) throws IOException {
    List<SentItem> items = sent.items();
    DocxStyles styles = new DocxStyles();
    XmlText body = new XmlText();
    List<DocxPicture> pictures = new ArrayList<>();
    for (int i = 0; i < items.size(); i++) {
      Paper paper = item(items.get(i), i + 1, sent.paper(), styles, body, pictures);
      boolean last = i == items.size() - 1;
      if (last) {
        section(body, paper);
      } else if (items.get(i + 1) instanceof SentTable) {
        body.open("w:p").open("w:pPr");
        section(body, paper);
        body.close("w:pPr").close("w:p");
      }
    }
    XmlText document = new XmlText().raw(HEAD).open("w:document", "xmlns:w", DocxUnits.NAMESPACE);
    document.open("w:body").raw(body.toString()).close("w:body").close("w:document");
    ZipText zip = new ZipText(out);
    zip.add("[Content_Types].xml", contentTypes());
    zip.add("_rels/.rels", relations(List.of(), "officeDocument", "word/document.xml"));
    zip.add("word/document.xml", document.toString());
    String language = items.isEmpty() ? "en-GB" : items.getFirst().dressed().language().tag();
    zip.add("word/styles.xml", styles.xml(language));
    zip.add("word/settings.xml", settings());
    zip.add(
        "word/_rels/document.xml.rels",
        relations(pictures, "styles", "styles.xml", "settings", "settings.xml"));
    for (DocxPicture picture : pictures) {
      zip.add(picture.part(), picture.chart().picture(SentChart.PRINT_DOTS));
    }
    zip.finish();
  }

  /// Writes an item and gives the paper that it needs.
  private Paper item(
      SentItem item,
      int number,
      Paper chosen,
      DocxStyles styles,
      XmlText body,
      List<DocxPicture> pictures)
      throws IOException {
    switch (item) {
      case SentTable table -> {
        Proof proof = table.proof(paper(chosen));
        new DocxTable(proof, table, number, styles, body).write();
        return proof.paper();
      }
      case SentChart chart -> {
        DocxPicture picture = new DocxPicture(chart, pictures.size() + 1);
        pictures.add(picture);
        picture.write(body, chosen.textWidth());
        return paper(chosen);
      }
    }
  }

  private static void section(XmlText xml, Paper paper) {
    xml.open("w:sectPr");
    xml.empty(
        "w:pgSz",
        "w:w",
        DocxUnits.side(paper.width()),
        "w:h",
        DocxUnits.side(paper.height()),
        "w:orient",
        paper.width() > paper.height() ? "landscape" : "portrait");
    long margin = DocxUnits.twips(paper.margin());
    xml.empty(
        "w:pgMar",
        "w:top",
        margin,
        "w:right",
        margin,
        "w:bottom",
        margin,
        "w:left",
        margin,
        "w:header",
        720,
        "w:footer",
        720,
        "w:gutter",
        0);
    xml.close("w:sectPr");
  }

  private static String contentTypes() {
    XmlText xml = new XmlText().raw(HEAD).open("Types", "xmlns", PACKAGE + "content-types");
    xml.empty(
        "Default",
        "Extension",
        "rels",
        "ContentType",
        "application/vnd.openxmlformats-package.relationships+xml");
    xml.empty("Default", "Extension", "xml", "ContentType", "application/xml");
    xml.empty("Default", "Extension", "png", "ContentType", "image/png");
    xml.empty(
        "Override", "PartName", "/word/document.xml", "ContentType", MAIN + "document.main+xml");
    xml.empty("Override", "PartName", "/word/styles.xml", "ContentType", MAIN + "styles+xml");
    xml.empty("Override", "PartName", "/word/settings.xml", "ContentType", MAIN + "settings+xml");
    return xml.close("Types").toString();
  }

  private static String relations(List<DocxPicture> pictures, String... typesAndTargets) {
    XmlText xml = new XmlText().raw(HEAD).open("Relationships", "xmlns", PACKAGE + "relationships");
    for (int i = 0; i < typesAndTargets.length; i += 2) {
      xml.empty(
          "Relationship",
          "Id",
          "r" + (i / 2 + 1),
          "Type",
          OFFICE + typesAndTargets[i],
          "Target",
          typesAndTargets[i + 1]);
    }
    for (DocxPicture picture : pictures) {
      xml.empty(
          "Relationship",
          "Id",
          picture.relation(),
          "Type",
          OFFICE + "image",
          "Target",
          picture.part().substring("word/".length()));
    }
    return xml.close("Relationships").toString();
  }

  private static String settings() {
    XmlText xml = new XmlText().raw(HEAD).open("w:settings", "xmlns:w", DocxUnits.NAMESPACE);
    xml.open("w:compat");
    xml.empty(
        "w:compatSetting",
        "w:name",
        "compatibilityMode",
        "w:uri",
        "http://schemas.microsoft.com/office/word",
        "w:val",
        15);
    return xml.close("w:compat").close("w:settings").toString();
  }
}
