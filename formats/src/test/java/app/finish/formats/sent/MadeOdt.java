package app.finish.formats.sent;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.jsoup.parser.Parser;

/// ODT manuscripts as another program may write them: other prefixes, and a style of their own with
/// a name like ours.
final class MadeOdt implements MadeManuscript {
  private static final String NAMES =
      " xmlns:o='urn:oasis:names:tc:opendocument:xmlns:office:1.0'"
          + " xmlns:style='urn:oasis:names:tc:opendocument:xmlns:style:1.0'"
          + " xmlns:t='urn:oasis:names:tc:opendocument:xmlns:text:1.0'"
          + " xmlns:fo='urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0'"
          + " o:version='1.2'>";

  @Override
  public String ending() {
    return "odt";
  }

  @Override
  public Path of(Path folder, String... paragraphs) throws IOException {
    StringBuilder text = new StringBuilder();
    for (String words : paragraphs) {
      int middle = words.length() / 2;
      text.append("<t:p t:style-name='pa1'><t:span>").append(words, 0, middle);
      text.append("</t:span>").append(words.substring(middle)).append("</t:p>");
    }
    return holding(folder, text.toString());
  }

  /// A manuscript with this content.
  static Path holding(Path folder, String content) throws IOException {
    Path file = Files.createTempFile(folder, "paper", ".odt");
    try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
      add(zip, "mimetype", "application/vnd.oasis.opendocument.text");
      add(
          zip,
          "content.xml",
          "<o:document-content"
              + NAMES
              + "<o:automatic-styles><style:style style:name='pa1' style:family='paragraph'/>"
              + "</o:automatic-styles><o:body><o:text>"
              + content
              + "</o:text></o:body></o:document-content>");
      add(
          zip,
          "styles.xml",
          "<o:document-styles"
              + NAMES
              + "<o:styles><style:style style:name='Finish_20_title' style:family='paragraph'>"
              + "<style:text-properties fo:color='#123456'/></style:style></o:styles>"
              + "<o:automatic-styles><style:page-layout style:name='Mpm1'>"
              + "<style:page-layout-properties fo:page-width='8.5in' fo:page-height='11in'"
              + " fo:margin='2cm' fo:margin-left='1in' fo:margin-right='2.54cm'/>"
              + "</style:page-layout></o:automatic-styles><o:master-styles>"
              + "<style:master-page style:name='Standard' style:page-layout-name='Mpm1'/>"
              + "</o:master-styles></o:document-styles>");
    }
    return file;
  }

  private static void add(ZipOutputStream zip, String name, String text) throws IOException {
    zip.putNextEntry(new ZipEntry(name));
    zip.write(text.getBytes(StandardCharsets.UTF_8));
    zip.closeEntry();
  }

  /// A part of the file.
  static Element part(Path file, String name) throws IOException {
    try (ZipFile zip = new ZipFile(file.toFile())) {
      byte[] bytes = zip.getInputStream(zip.getEntry(name)).readAllBytes();
      return Jsoup.parse(new String(bytes, StandardCharsets.UTF_8), "", Parser.xmlParser());
    }
  }

  @Override
  public List<String> order(Path file) throws IOException {
    List<String> order = new ArrayList<>();
    for (Element one : part(file, "content.xml").getElementsByTag("o:text").first().children()) {
      order.add(
          one.tagName().endsWith("section")
              ? "<" + one.attr("text:name") + ">" + one.text()
              : one.text());
    }
    return order;
  }
}
