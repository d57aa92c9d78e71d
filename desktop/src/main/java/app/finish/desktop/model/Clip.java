package app.finish.desktop.model;

import java.nio.file.Path;
import java.util.Optional;

/// What is on the clipboard, and puts something there.
///
/// ```java
/// clip.put("<table>…</table>", "a\tb");
/// ```
public interface Clip {
  /// The first file that was copied, if files were.
  Optional<Path> file();

  /// The HTML that was copied, or the empty string.
  String html();

  /// The text that was copied, or the empty string.
  String text();

  /// Puts the same thing there as HTML and as text.
  default void put(String html, String text) {
    put(new Copied(html, text, "", new byte[0]));
  }

  /// Puts the same thing there in several forms.
  void put(Copied copied);

  /// The same thing in several forms, of which each program takes the one that it knows.
  ///
  /// @param html as HTML
  /// @param text as text, its cells parted by tabs
  /// @param rtf as rich text, or the empty string
  /// @param png as a picture, or no bytes
  record Copied(String html, String text, String rtf, byte[] png) {}
}
