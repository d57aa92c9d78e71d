package app.finish.formats.io;

/// Builds XML as text.
///
/// ```java
/// new XmlText().open("w:p").empty("w:b").close("w:p").toString(); // <w:p><w:b/></w:p>
/// ```
public final class XmlText {
  private final StringBuilder xml = new StringBuilder(4096);

  /// Begins an element; attributes are names and values by turns.
  public XmlText open(String tag, Object... attributes) {
    start(tag, attributes);
    xml.append('>');
    return this;
  }

  /// An element without content.
  public XmlText empty(String tag, Object... attributes) {
    start(tag, attributes);
    xml.append("/>");
    return this;
  }

  /// Ends an element.
  public XmlText close(String tag) {
    xml.append("</").append(tag).append('>');
    return this;
  }

  /// Begins an element whose attributes follow one by one.
  public XmlText begin(String tag) {
    xml.append('<').append(tag);
    return this;
  }

  /// An attribute of the element that was begun.
  public XmlText attribute(String name, String value) {
    xml.append(' ').append(name).append("=\"");
    escape(value);
    xml.append('"');
    return this;
  }

  /// An attribute that is a whole number.
  public XmlText attribute(String name, int value) {
    xml.append(' ').append(name).append("=\"").append(value).append('"');
    return this;
  }

  /// An attribute whose value is known to hold nothing that has to be escaped, such as a class or a
  /// number.
  public XmlText plain(String name, String value) {
    xml.append(' ').append(name).append("=\"").append(value).append('"');
    return this;
  }

  /// The classes of the element that was begun.
  ///
  /// @param first may be empty
  public XmlText classes(String first, String second) {
    xml.append(" class=\"").append(first).append(first.isEmpty() ? "" : " ");
    xml.append(second).append('"');
    return this;
  }

  /// Ends the attributes of the element that was begun; its content follows.
  public XmlText content() {
    xml.append('>');
    return this;
  }

  /// Text content.
  public XmlText text(String text) {
    escape(text);
    return this;
  }

  /// XML that is already written.
  public XmlText raw(CharSequence written) {
    xml.append(written);
    return this;
  }

  private void start(String tag, Object... attributes) {
    xml.append('<').append(tag);
    for (int i = 0; i < attributes.length; i += 2) {
      xml.append(' ').append(attributes[i]).append("=\"");
      escape(String.valueOf(attributes[i + 1]));
      xml.append('"');
    }
  }

  /// Characters that XML 1.0 forbids are left out, and so are halves of characters.
  private void escape(String text) {
    if (isPlain(text)) {
      xml.append(text);
      return;
    }
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      switch (c) {
        case '<' -> xml.append("&lt;");
        case '>' -> xml.append("&gt;");
        case '&' -> xml.append("&amp;");
        case '"' -> xml.append("&quot;");
        default -> {
          boolean allowed = c >= ' ' && c != '\ufffe' && c != '\uffff' || c == '\t' || c == '\n';
          if (allowed && !isHalf(text, i)) {
            xml.append(c);
          }
        }
      }
    }
  }

  private static boolean isPlain(String text) {
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      boolean plain = c >= ' ' && c < '\ud800' && c != '<' && c != '>' && c != '&' && c != '"';
      if (!plain) {
        return false;
      }
    }
    return true;
  }

  private static boolean isHalf(String text, int at) {
    char c = text.charAt(at);
    if (Character.isHighSurrogate(c)) {
      return at + 1 >= text.length() || !Character.isLowSurrogate(text.charAt(at + 1));
    }
    return Character.isLowSurrogate(c)
        && (at == 0 || !Character.isHighSurrogate(text.charAt(at - 1)));
  }

  @Override
  public String toString() {
    return xml.toString();
  }
}
