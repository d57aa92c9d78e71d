package app.finish.formats.opendocument;

import app.finish.core.layout.Paper;
import app.finish.formats.io.XmlPart;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

/// The page that a text document is set on (ISO/IEC 26300, 16.5).
///
/// ```java
/// Paper paper = new OdtPage(styles).paper();
/// ```
///
/// @param styles the part `styles.xml`
record OdtPage(Document styles) {
  private static final String STYLE = OdfParts.SPACE + "style:1.0";
  private static final String FO = OdfParts.SPACE + "xsl-fo-compatible:1.0";

  /// Lengths, and how many points each unit is.
  private static final Pattern LENGTH =
      Pattern.compile("([0-9]{1,6}(?:\\.[0-9]{1,8})?)(cm|mm|in|pt|pc)");

  private static final Map<String, Double> POINTS =
      Map.of("cm", 72 / 2.54, "mm", 72 / 25.4, "in", 72.0, "pt", 1.0, "pc", 12.0);

  /// The page of the usual master page, with margins that leave as much room as its own; A4 where
  /// nothing is said.
  Paper paper() {
    Optional<Element> page = layout();
    if (page.isEmpty()) {
      return Paper.A4;
    }
    Paper usual = Paper.A4;
    double around = length(page.get(), "margin", usual.margin());
    double left = length(page.get(), "margin-left", around);
    double right = length(page.get(), "margin-right", around);
    double width = length(page.get(), "page-width", usual.width());
    double height = length(page.get(), "page-height", usual.height());
    return new Paper(width, height, (left + right) / 2, true);
  }

  private Optional<Element> layout() {
    List<Element> masters = XmlPart.all(styles, STYLE, "master-page");
    Optional<String> named =
        masters.stream()
            .filter(one -> one.getAttributeNS(STYLE, "name").equals("Standard"))
            .findFirst()
            .or(() -> masters.stream().findFirst())
            .map(one -> one.getAttributeNS(STYLE, "page-layout-name"));
    return XmlPart.all(styles, STYLE, "page-layout").stream()
        .filter(one -> named.filter(one.getAttributeNS(STYLE, "name")::equals).isPresent())
        .flatMap(one -> XmlPart.all(one, STYLE, "page-layout-properties").stream())
        .findFirst();
  }

  private static double length(Element properties, String name, double usual) {
    Matcher length =
        LENGTH.matcher(properties.getAttributeNS(FO, name).strip().toLowerCase(Locale.ROOT));
    return length.matches()
        ? Double.parseDouble(length.group(1)) * POINTS.getOrDefault(length.group(2), 1.0)
        : usual;
  }
}
