package app.finish.formats.io;

import app.finish.core.problem.Problem;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.xml.sax.SAXException;

/// The two parts of a manuscript that tables change: its text and its styles.
///
/// ```java
/// ManuscriptParts parts = ManuscriptParts.read(file, "content.xml", "styles.xml", "ODT");
/// parts.write(out);
/// ```
public final class ManuscriptParts {
  private final Path file;
  private final String format;
  private final Map<String, Document> changed;
  private final Document text;
  private final Document styles;

  private ManuscriptParts(
      Path file, String format, Map<String, Document> changed, Document text, Document styles) {
    this.file = file;
    this.format = format;
    this.changed = changed;
    this.text = text;
    this.styles = styles;
  }

  /// Reads them.
  ///
  /// @param text the name of the part with the text
  /// @param styles the name of the part with the styles
  /// @param format what the format is called
  /// @throws Problem if the file is none of that format
  public static ManuscriptParts read(Path file, String text, String styles, String format)
      throws IOException {
    WholeZip.check(file, FileName.of(file), Limits.PART);
    try (ZipFile zip = new ZipFile(file.toFile())) {
      ZipEntry main = zip.getEntry(text);
      ZipEntry looks = zip.getEntry(styles);
      if (main == null || looks == null) {
        throw unreadable(file, format);
      }
      Document said = XmlPart.read(zip, main);
      Document worn = XmlPart.read(zip, looks);
      return new ManuscriptParts(file, format, Map.of(text, said, styles, worn), said, worn);
    } catch (ZipException | SAXException e) {
      throw unreadable(file, format);
    }
  }

  private static Problem unreadable(Path file, String format) {
    return new Problem(
        FileName.of(file)
            + " is no %s document that tables can be put into.".formatted(format)
            + " Save the manuscript as %s, without a password.".formatted(format));
  }

  /// The part with the text.
  public Document text() {
    return text;
  }

  /// The part with the styles.
  public Document styles() {
    return styles;
  }

  /// The element of the text that holds its paragraphs.
  ///
  /// @throws Problem if there is none
  public Element body(String space, String name) throws Problem {
    return XmlPart.all(text, space, name).stream()
        .findFirst()
        .orElseThrow(() -> unreadable(file, format));
  }

  /// Writes a copy of the manuscript with these parts as they are now.
  public void write(OutputStream out) throws IOException {
    XmlPart.copy(file, changed, out);
  }
}
