package app.finish.formats.docx;

import app.finish.core.dress.DressedCell;
import app.finish.core.style.Look;
import app.finish.core.style.Look.Align;
import app.finish.core.style.PartName;
import app.finish.formats.io.XmlText;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;

/// The paragraph styles of a DOCX: one for each part and look, named after the part, so that a
/// person can change all column heads at one place.
public final class DocxStyles {
  /// What makes two looks the same paragraph style.
  private record Key(
      PartName part,
      String face,
      double size,
      boolean bold,
      boolean italic,
      int ink,
      Align align,
      double leading,
      double above,
      double below) {}

  private record Style(String id, String name) {}

  private final Map<Key, Style> styles = new LinkedHashMap<>();

  /// The id of the paragraph style of a cell.
  String id(DressedCell cell) {
    Look look = cell.look();
    Key key =
        new Key(
            cell.part().name(),
            look.face(),
            look.size(),
            look.bold(),
            look.italic(),
            look.ink().rgb(),
            look.align(),
            look.leading(),
            look.above(),
            look.below());
    Style known = styles.get(key);
    return known == null ? add(key).id : known.id;
  }

  private Style add(Key key) {
    long like = styles.keySet().stream().filter(other -> other.part == key.part).count();
    String name =
        "Finish " + key.part.label().toLowerCase(Locale.ROOT) + (like == 0 ? "" : " " + (like + 1));
    String id = "Finish" + key.part.word() + (like == 0 ? "" : "" + (like + 1));
    Style style = new Style(id, name);
    styles.put(key, style);
    return style;
  }

  /// The part `word/styles.xml`.
  ///
  /// @param language the tag of the document's language
  String xml(String language) {
    XmlText xml = new XmlText();
    xml.raw("<?xml version=\"1.0\" encoding=\"UTF-8\" standalone=\"yes\"?>");
    xml.open("w:styles", "xmlns:w", DocxUnits.NAMESPACE);
    xml.open("w:docDefaults").open("w:rPrDefault").open("w:rPr");
    xml.empty(
        "w:rFonts",
        "w:ascii",
        "Times New Roman",
        "w:hAnsi",
        "Times New Roman",
        "w:cs",
        "Times New Roman");
    xml.empty("w:sz", "w:val", 24).empty("w:lang", "w:val", language);
    xml.close("w:rPr").close("w:rPrDefault");
    xml.open("w:pPrDefault").open("w:pPr").empty("w:spacing", "w:after", 0).close("w:pPr");
    xml.close("w:pPrDefault").close("w:docDefaults");
    xml.open("w:style", "w:type", "paragraph", "w:default", 1, "w:styleId", "Normal");
    xml.empty("w:name", "w:val", "Normal").empty("w:qFormat").close("w:style");
    xml.open("w:style", "w:type", "table", "w:default", 1, "w:styleId", "TableNormal");
    xml.empty("w:name", "w:val", "Normal Table").close("w:style");
    styles.forEach((key, style) -> style(xml, key, style));
    return xml.close("w:styles").toString();
  }

  private static void style(XmlText xml, Key key, Style style) {
    xml.open("w:style", "w:type", "paragraph", "w:customStyle", 1, "w:styleId", style.id);
    xml.empty("w:name", "w:val", style.name)
        .empty("w:basedOn", "w:val", "Normal")
        .empty("w:qFormat");
    xml.open("w:pPr");
    xml.empty(
        "w:spacing",
        "w:before",
        DocxUnits.twips(key.above),
        "w:after",
        DocxUnits.twips(key.below),
        "w:line",
        DocxUnits.twips(key.leading),
        "w:lineRule",
        "atLeast");
    xml.empty("w:jc", "w:val", justification(key.align));
    xml.close("w:pPr").open("w:rPr");
    xml.empty(
        "w:rFonts",
        "w:ascii",
        key.face,
        "w:hAnsi",
        key.face,
        "w:cs",
        key.face,
        "w:eastAsia",
        key.face);
    if (key.bold) {
      xml.empty("w:b").empty("w:bCs");
    }
    if (key.italic) {
      xml.empty("w:i").empty("w:iCs");
    }
    xml.empty("w:color", "w:val", String.format("%06X", key.ink));
    xml.empty("w:sz", "w:val", Math.round(key.size * 2))
        .empty("w:szCs", "w:val", Math.round(key.size * 2));
    xml.close("w:rPr").close("w:style");
  }

  private static String justification(Align align) {
    return switch (align) {
      case START, DECIMAL, DECIMAL_CENTRE -> "left";
      case CENTRE -> "center";
      case END -> "right";
    };
  }
}
