package app.finish.formats.manuscript;

import app.finish.core.problem.Problem;
import app.finish.formats.io.FileName;
import app.finish.formats.io.ReadRequest;
import app.finish.formats.io.TextFile;
import app.finish.formats.io.Unreadable;
import app.finish.formats.io.WholeZip;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import org.apache.poi.xwpf.usermodel.IBodyElement;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFParagraph;
import org.apache.poi.xwpf.usermodel.XWPFTable;
import org.jsoup.Jsoup;
import org.jsoup.parser.Parser;

/// Reads the running text of a manuscript.
///
/// ```java
/// String text = ManuscriptText.read(Path.of("paper.docx"));
/// ```
public final class ManuscriptText {
  /// The endings of files that are read.
  public static final List<String> ENDINGS = List.of("docx", "odt", "md", "markdown", "txt", "tex");

  private static final int LARGEST = 64 << 20;

  /// The number of a table on a line of its own.
  private static final Pattern CAPTION =
      Pattern.compile(
          "\\s*[*_#]*(Table|Tabelle|Tableau|Tabla|Tabella|Tabela|Tabel)\\s+\\d+[.:]?[*_]*\\s*");

  private ManuscriptText() {}

  /// Reads it.
  ///
  /// @throws Problem in a sentence, if it is no manuscript that can be read
  public static String read(Path file) throws IOException {
    String name = FileName.of(file);
    String ending = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
    return switch (ending) {
      case "docx" -> docx(file, name);
      case "odt" -> odt(file, name);
      case "md", "markdown", "txt", "tex" -> lines(TextFile.read(file, ReadRequest.PLAIN).lines());
      default ->
          throw new Problem(
              name
                  + " is no manuscript that can be read. Give a DOCX, an ODT, a Markdown or a text"
                  + " file.");
    };
  }

  private static String docx(Path file, String name) throws IOException {
    WholeZip.check(file, name);
    try (InputStream stream = TextFile.open(file, ReadRequest.PLAIN);
        XWPFDocument document = new XWPFDocument(stream)) {
      List<IBodyElement> elements = document.getBodyElements();
      StringBuilder text = new StringBuilder();
      for (int i = 0; i < elements.size(); i++) {
        boolean caption = i + 1 < elements.size() && elements.get(i + 1) instanceof XWPFTable;
        if (elements.get(i) instanceof XWPFParagraph paragraph && !caption) {
          text.append(paragraph.getText()).append('\n');
        }
      }
      return lines(text.toString().lines());
    } catch (Problem e) {
      throw e;
    } catch (IOException | RuntimeException e) {
      throw Unreadable.of(name, "a DOCX document", e);
    }
  }

  private static String odt(Path file, String name) throws IOException {
    WholeZip.check(file, name);
    try (ZipFile zip = new ZipFile(file.toFile())) {
      ZipEntry content = zip.getEntry("content.xml");
      if (content == null) {
        throw new Problem(name + " is not an ODT document, whatever its name says.");
      }
      try (InputStream stream = zip.getInputStream(content)) {
        byte[] bytes = stream.readNBytes(LARGEST + 1);
        if (bytes.length > LARGEST) {
          throw new Problem(name + " unpacks to far more than a manuscript should.");
        }
        var parsed = Jsoup.parse(new String(bytes, StandardCharsets.UTF_8), "", Parser.xmlParser());
        parsed.getElementsByTag("table:table").remove();
        return lines(
            Stream.concat(
                    parsed.getElementsByTag("text:h").stream(),
                    parsed.getElementsByTag("text:p").stream())
                .map(one -> one.text()));
      }
    } catch (Problem e) {
      throw e;
    } catch (IOException | RuntimeException e) {
      throw Unreadable.of(name, "an ODT document", e);
    }
  }

  /// The lines without captions and without tables set with bars.
  private static String lines(Stream<String> lines) {
    return lines
        .filter(line -> !CAPTION.matcher(line).matches() && !line.strip().startsWith("|"))
        .collect(Collectors.joining("\n"));
  }
}
