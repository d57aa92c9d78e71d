package app.finish.formats.opendocument;

import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.Run;
import app.finish.core.style.Look;
import app.finish.core.style.Property;
import app.finish.core.style.RuleLine;
import app.finish.core.style.colour.Palette;
import app.finish.formats.io.ShownNumber;
import app.finish.formats.io.XmlText;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/// The looks of an OpenDocument file. Paragraphs have styles by the names of their parts, which a
/// person can change at one place; cells, columns, stretches of text and numbers have automatic
/// ones. Each look stands once.
final class OdfStyles {
  private final Map<String, String> automatic = new LinkedHashMap<>();
  private final Map<String, String> named = new LinkedHashMap<>();
  private final Map<String, Integer> like = new LinkedHashMap<>();
  private final StringBuilder automaticXml = new StringBuilder();
  private final StringBuilder namedXml = new StringBuilder();

  private final String prefix;
  private final Set<String> taken;

  /// The looks of a file of our own.
  OdfStyles() {
    this("", Set.of());
  }

  /// Looks that are added to a file.
  ///
  /// @param prefix how the names of automatic styles begin
  /// @param taken the names that styles of the file have; those of parts are worn as they are
  OdfStyles(String prefix, Set<String> taken) {
    this.prefix = prefix;
    this.taken = taken;
  }

  /// A length.
  static String points(double value) {
    double rounded = Math.round(value * 100) / 100.0;
    return (rounded == Math.rint(rounded) ? "" + (long) rounded : "" + rounded) + "pt";
  }

  /// The element that holds the settings of a kind of style.
  private static String properties(String kind) {
    return "style:" + kind + "-properties";
  }

  /// The automatic styles so far.
  String automatic() {
    return automaticXml.toString();
  }

  /// The named styles so far.
  String named() {
    return namedXml.toString();
  }

  /// The name of the next style of a part: its own, else the next with a number that is free.
  private String label(String part) {
    String own = "Finish " + part.toLowerCase(Locale.ROOT);
    int place = like.merge(part, 1, Integer::sum);
    while (place > 1 && taken.contains((own + " " + place).replace(" ", "_20_"))) {
      place = like.merge(part, 1, Integer::sum);
    }
    return place == 1 ? own : own + " " + place;
  }

  /// The name of an automatic style with these properties.
  private String automatic(String family, String properties, Object... attributes) {
    String key = family + properties + List.of(attributes);
    String known = automatic.get(key);
    if (known != null) {
      return known;
    }
    String kind = family.replaceAll("[^a-z]", "").substring(0, 2);
    String name = prefix + kind + (automatic.size() + 1);
    automatic.put(key, name);
    Object[] all = new Object[attributes.length + 4];
    all[0] = "style:name";
    all[1] = name;
    all[2] = "style:family";
    all[3] = family;
    System.arraycopy(attributes, 0, all, 4, attributes.length);
    automaticXml.append(
        new XmlText().open("style:style", all).raw(properties).close("style:style"));
    return name;
  }

  /// The style of a paragraph with the text of a cell.
  ///
  /// @param keepNext whether it stays with what follows
  String paragraph(DressedCell cell, boolean keepNext) {
    Look look = cell.look();
    String align =
        switch (look.align()) {
          case START -> "start";
          case CENTRE -> "center";
          case END, DECIMAL, DECIMAL_CENTRE -> "end";
        };
    XmlText xml = new XmlText();
    xml.empty(
        "style:paragraph-properties",
        "fo:text-align",
        align,
        "fo:margin-top",
        points(look.above()),
        "fo:margin-bottom",
        points(look.below()),
        "fo:line-height",
        Math.round(look.lineHeight() * 100) + "%",
        "fo:keep-with-next",
        keepNext ? "always" : "auto");
    xml.raw(text(look, new Run("", look.bold(), look.italic()), look.ink().hex()));
    String part = cell.part().name().label();
    String key = part + xml;
    String known = named.get(key);
    if (known != null) {
      return known;
    }
    String label = label(part);
    String name = label.replace(" ", "_20_");
    named.put(key, name);
    namedXml.append(
        new XmlText()
            .open(
                "style:style",
                "style:name",
                name,
                "style:display-name",
                label,
                "style:family",
                "paragraph",
                "style:parent-style-name",
                "Standard")
            .raw(xml.toString())
            .close("style:style"));
    return name;
  }

  private static String text(Look look, Run run, String ink) {
    String line =
        switch (look.underline()) {
          case NONE -> "none";
          case SINGLE, DOUBLE -> "solid";
        };
    boolean two = look.underline() == Look.Underline.DOUBLE;
    boolean struck = look.setting(Property.STRIKE).equals("single");
    return new XmlText()
        .empty(
            "style:text-properties",
            "fo:font-family",
            "'" + look.face().replace("'", "") + "'",
            "fo:font-size",
            points(look.size()),
            "fo:font-weight",
            run.bold() ? "bold" : "normal",
            "fo:font-style",
            run.italic() ? "italic" : "normal",
            "fo:color",
            "#" + ink,
            "style:text-underline-style",
            line,
            "style:text-underline-type",
            two ? "double" : "single",
            "style:text-line-through-style",
            struck ? "solid" : "none",
            "style:text-position",
            run.raised() ? "super 68%" : run.lowered() ? "sub 68%" : "0% 100%")
        .toString();
  }

  /// The style of a stretch that looks otherwise than its cell; the empty string where it does not.
  String stretch(Run run, Look look, Palette palette) {
    String ink =
        !run.swatch().isEmpty()
            ? palette.colour(run.swatch()).hex()
            : run.ink().isEmpty() ? look.ink().hex() : palette.colour(run.ink()).hex();
    boolean same =
        run.bold() == look.bold()
            && run.italic() == look.italic()
            && run.scale() == 1
            && ink.equals(look.ink().hex());
    return same ? "" : automatic("text", text(look, run, ink));
  }

  /// The style of a column.
  String column(double width) {
    return automatic(
        "table-column",
        new XmlText()
            .empty("style:table-column-properties", "style:column-width", points(width))
            .toString());
  }

  /// The style of a row.
  String row(double least) {
    String height = least > 0 ? points(least) : "0.1pt";
    return automatic(
        "table-row",
        new XmlText()
            .empty(
                "style:table-row-properties",
                "style:min-row-height",
                height,
                "style:use-optimal-row-height",
                "true",
                "fo:keep-together",
                "always")
            .toString());
  }

  /// The style of a table in a text.
  String table(double width) {
    return automatic(
        "table",
        new XmlText()
            .empty(
                properties("table"),
                "style:width",
                points(width),
                "table:align",
                "left",
                "table:border-model",
                "collapsing",
                "style:may-break-between-rows",
                "true")
            .toString());
  }

  /// The style of a sheet.
  String sheet() {
    return automatic(
        "table",
        new XmlText().empty(properties("table"), "table:display", "true").toString(),
        "style:master-page-name",
        "Standard");
  }

  /// The style of a cell of a text.
  ///
  /// @param right the space at its right edge
  /// @param last the last row that it reaches over
  String cell(DressedRow row, DressedRow last, DressedCell cell, double right, Palette palette) {
    return automatic("table-cell", cellProperties(row, last, cell, right, palette));
  }

  /// The style of a cell of a sheet, with the look of its text and its number.
  ///
  /// @param number the name of its number style; the empty string for a text
  String sheetCell(
      DressedRow row, DressedRow last, DressedCell cell, String number, Palette palette) {
    Look look = cell.look();
    String align =
        switch (look.align()) {
          case START -> "start";
          case CENTRE -> "center";
          case END, DECIMAL, DECIMAL_CENTRE -> "end";
        };
    String indent = points(cell.indent() * look.indent());
    String all =
        cellProperties(row, last, cell, look.sides(), palette)
            + new XmlText()
                .empty(
                    "style:paragraph-properties", "fo:text-align", align, "fo:margin-left", indent)
            + text(look, new Run("", look.bold(), look.italic()), look.ink().hex());
    return number.isEmpty()
        ? automatic("table-cell", all)
        : automatic("table-cell", all, "style:data-style-name", number);
  }

  private static String cellProperties(
      DressedRow row, DressedRow last, DressedCell cell, double right, Palette palette) {
    Look look = cell.look();
    double standing = cell.standing(row.band());
    RuleLine above = cell.own(look.ruleAbove().orHeavier(row.above().rule()));
    RuleLine below = cell.own(look.ruleBelow().orHeavier(last.below().rule()));
    String fill = look.fill().map(colour -> "#" + colour.hex()).orElse("transparent");
    return new XmlText()
        .empty(
            "style:table-cell-properties",
            "style:vertical-align",
            standing == 1 ? "bottom" : standing == 0 ? "top" : "middle",
            "fo:background-color",
            fill,
            "fo:padding-left",
            points(look.sides() + cell.indent() * look.indent()),
            "fo:padding-right",
            points(right),
            "fo:padding-top",
            "0pt",
            "fo:padding-bottom",
            "0pt",
            "fo:border-top",
            border(above, palette),
            "fo:border-bottom",
            border(below, palette),
            "fo:border-left",
            border(look.ruleLeft(), palette),
            "fo:border-right",
            border(look.ruleRight(), palette),
            "fo:wrap-option",
            row.isTable() && row.band() == DressedRow.Band.HEAD ? "wrap" : "no-wrap")
        .toString();
  }

  private static String border(RuleLine rule, Palette palette) {
    if (!rule.isDrawn()) {
      return "none";
    }
    String kind =
        switch (rule.kind()) {
          case SINGLE -> "solid";
          case DOUBLE -> "double";
          case DOTTED -> "dotted";
        };
    return points(rule.weight()) + " " + kind + " #" + palette.colour(rule.ink()).hex();
  }

  /// The style under which a number reads as it is shown.
  String number(ShownNumber shown) {
    String key = "number" + shown;
    String known = automatic.get(key);
    if (known != null) {
      return known;
    }
    String name = prefix + "n" + (automatic.size() + 1);
    automatic.put(key, name);
    boolean percent = shown.scale() == 0.01;
    String tag = percent ? "number:percentage-style" : "number:number-style";
    shown
        .negative()
        .ifPresent(
            around -> {
              XmlText below =
                  new XmlText().open(tag, "style:name", name + "m", "style:volatile", "true");
              automaticXml.append(digits(below, shown, around, percent).close(tag));
            });
    XmlText xml = new XmlText().open(tag, "style:name", name);
    digits(xml, shown, shown.around(), percent);
    if (shown.negative().isPresent()) {
      xml.empty("style:map", "style:condition", "value()<0", "style:apply-style-name", name + "m");
    }
    automaticXml.append(xml.close(tag));
    return name;
  }

  private static XmlText digits(
      XmlText xml, ShownNumber shown, ShownNumber.Around around, boolean percent) {
    literal(xml, around.before());
    boolean divided = shown.scale() > 1;
    Object[] plain = {
      "number:decimal-places", shown.decimals(),
      "number:min-decimal-places", shown.decimals(),
      "number:min-integer-digits", shown.leading() ? 1 : 0,
      "number:grouping", shown.grouped()
    };
    Object[] all = divided ? Arrays.copyOf(plain, plain.length + 2) : plain;
    if (divided) {
      all[plain.length] = "number:display-factor";
      all[plain.length + 1] = (long) shown.scale();
    }
    xml.empty("number:number", all);
    return literal(xml, (percent ? "%" : "") + around.behind());
  }

  private static XmlText literal(XmlText xml, String text) {
    return text.isEmpty() ? xml : xml.open("number:text").text(text).close("number:text");
  }
}
