package app.finish.formats.html;

import app.finish.formats.io.XmlText;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.Map;

/// How an element says what it looks like.
///
/// ```java
/// sheet.dress(out.begin("td"), "body", look); // <td class="body k3"
/// ```
sealed interface HtmlSheet {
  /// Says the look of an element that was begun.
  ///
  /// @param name the class that it has besides; empty for none
  void dress(XmlText element, String name, HtmlLook look);

  /// Each element says it itself, so that it can be pasted into mail and editors.
  record Inline() implements HtmlSheet {
    @Override
    public void dress(XmlText element, String name, HtmlLook look) {
      if (!name.isEmpty()) {
        element.attribute("class", name);
      }
      element.attribute("style", look.day());
    }
  }

  /// Each look stands once in the style sheet of the page, and elements name it.
  final class Named implements HtmlSheet {
    private final Map<HtmlLook, String> names = new LinkedHashMap<>();

    /// The same by identity: the same look is asked for again and again.
    private final Map<HtmlLook, String> known = new IdentityHashMap<>();

    @Override
    public void dress(XmlText element, String name, HtmlLook look) {
      element.classes(name, name(look));
    }

    /// The class of a look.
    String name(HtmlLook look) {
      return known.computeIfAbsent(
          look, one -> names.computeIfAbsent(one, key -> "k" + names.size()));
    }

    /// The rules of the looks that were named.
    String css() {
      StringBuilder sheet = new StringBuilder();
      StringBuilder night = new StringBuilder();
      names.forEach(
          (look, name) -> {
            rule(sheet, name, look.day());
            if (!look.night().isEmpty()) {
              rule(night, name, look.night());
            }
          });
      if (!night.isEmpty()) {
        sheet.append("@media screen and (prefers-color-scheme: dark) {\n").append(night);
        sheet.append("}\n");
      }
      return sheet.toString();
    }

    private static void rule(StringBuilder sheet, String name, String css) {
      sheet.append('.').append(name).append(" { ").append(css).append(" }\n");
    }
  }
}
