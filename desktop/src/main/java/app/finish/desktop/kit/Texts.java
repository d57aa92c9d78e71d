package app.finish.desktop.kit;

import java.text.MessageFormat;
import java.util.Locale;
import java.util.ResourceBundle;

/// The words of the window, from one resource bundle.
///
/// ```java
/// Texts.of("send.done", "paper.docx"); // Written to paper.docx.
/// ```
public final class Texts {
  private static final ResourceBundle BUNDLE =
      ResourceBundle.getBundle("app.finish.desktop.texts", Locale.ENGLISH);

  private Texts() {}

  /// The words under a key, or none if there are none.
  public static String orEmpty(String key) {
    return BUNDLE.containsKey(key) ? of(key) : "";
  }

  /// The words under a key, with these values put in.
  public static String of(String key, Object... values) {
    String pattern = BUNDLE.getString(key);
    return values.length == 0
        ? pattern.replace("''", "'")
        : new MessageFormat(pattern, Locale.ENGLISH).format(values);
  }
}
