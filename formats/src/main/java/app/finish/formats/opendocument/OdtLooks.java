package app.finish.formats.opendocument;

import app.finish.formats.io.XmlPart;
import app.finish.formats.io.XmlText;
import java.io.IOException;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.w3c.dom.Attr;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NamedNodeMap;
import org.w3c.dom.Node;

/// The looks of tables in a manuscript: ours beside those that it has. A part's own style is worn
/// as the manuscript has it; every other look of ours has a name that is free there. What an
/// earlier run left and nothing wears any more is taken away.
final class OdtLooks {
  private static final String STYLE = OdfParts.SPACE + "style:1.0";
  private static final String OFFICE = OdfParts.SPACE + "office:1.0";

  /// Looks that were added by a run, and are no part's own.
  private static final Pattern ADDED = Pattern.compile("finish[0-9]+-.*|Finish_20_.*_20_[0-9]+");

  private final Document content;
  private final Document styles;
  private final OdfStyles ours;

  OdtLooks(Document content, Document styles) {
    this.content = content;
    this.styles = styles;
    Set<String> taken = names(content);
    taken.addAll(names(styles));
    int run = 1;
    while (anyBegins(taken, "finish" + run + "-")) {
      run++;
    }
    this.ours = new OdfStyles("finish" + run + "-", taken);
  }

  private static boolean anyBegins(Set<String> names, String prefix) {
    return names.stream().anyMatch(name -> name.startsWith(prefix));
  }

  private static Set<String> names(Document part) {
    Set<String> names = new HashSet<>();
    XmlPart.all(part, STYLE, "style").forEach(one -> names.add(one.getAttributeNS(STYLE, "name")));
    return names;
  }

  /// The looks that tables are written with.
  OdfStyles ours() {
    return ours;
  }

  /// Adds them to the manuscript, once the tables stand in it.
  void add() throws IOException {
    add(content, "automatic-styles", ours.automatic(), Set.of());
    add(styles, "styles", ours.named(), names(styles));
    Set<String> worn = new HashSet<>();
    worn(content.getDocumentElement(), worn);
    worn(styles.getDocumentElement(), worn);
    for (Document part : List.of(content, styles)) {
      for (Element style : XmlPart.all(part, STYLE, "style")) {
        String name = style.getAttributeNS(STYLE, "name");
        if (ADDED.matcher(name).matches() && !worn.contains(name)) {
          style.getParentNode().removeChild(style);
        }
      }
    }
  }

  private static void add(Document part, String where, String looks, Set<String> known)
      throws IOException {
    XmlText xml = new XmlText().open("office:styles", OdfParts.alone());
    Element read = XmlPart.read(xml.raw(looks).close("office:styles")).getDocumentElement();
    Element into = holder(part, where);
    for (Element style : XmlPart.all(read, STYLE, "style")) {
      if (!known.contains(style.getAttributeNS(STYLE, "name"))) {
        into.appendChild(part.importNode(style, true));
      }
    }
  }

  /// The element that holds such looks; it is made before the body where there is none.
  private static Element holder(Document part, String where) {
    Optional<Element> there = XmlPart.all(part, OFFICE, where).stream().findFirst();
    if (there.isPresent()) {
      return there.get();
    }
    Element made = part.createElementNS(OFFICE, "office:" + where);
    Element root = part.getDocumentElement();
    Optional<Element> body = XmlPart.all(part, OFFICE, "body").stream().findFirst();
    if (body.isPresent()) {
      root.insertBefore(made, body.get());
    } else {
      root.insertBefore(made, root.getFirstChild());
    }
    return made;
  }

  /// The names of looks that an element or anything within it wears.
  private static void worn(Element element, Set<String> worn) {
    NamedNodeMap attributes = element.getAttributes();
    for (int i = 0; i < attributes.getLength(); i++) {
      Attr one = (Attr) attributes.item(i);
      if (String.valueOf(one.getLocalName()).endsWith("style-name")) {
        worn.add(one.getValue());
      }
    }
    for (Node node = element.getFirstChild(); node != null; node = node.getNextSibling()) {
      if (node instanceof Element inside) {
        worn(inside, worn);
      }
    }
  }
}
