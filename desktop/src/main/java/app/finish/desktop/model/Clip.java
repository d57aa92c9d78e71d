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
  void put(String html, String text);
}
