package app.finish.formats;

import com.fasterxml.jackson.databind.ObjectMapper;
import de.siegmar.fastcsv.reader.CsvReader;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.jsoup.Jsoup;
import org.xml.sax.SAXException;

/// Reads what was written by readers that forgive nothing: parsers that throw at the first fault.
final class StrictReading {
  private StrictReading() {}

  /// Reads a file of a format.
  ///
  /// @throws AssertionError if it is not well formed
  static void read(OutputFormat format, byte[] bytes) throws IOException {
    String ending = format.extension();
    try {
      switch (ending.substring(ending.lastIndexOf('.') + 1)) {
        case "docx" -> new XWPFDocument(new ByteArrayInputStream(bytes)).close();
        case "xlsx" -> new XSSFWorkbook(new ByteArrayInputStream(bytes)).close();
        case "odt", "ods" -> parts(bytes);
        case "svg", "xml" -> xml(new ByteArrayInputStream(bytes));
        case "html" -> Jsoup.parse(text(bytes)).select("table").first();
        case "pdf" -> pages(bytes);
        case "png" -> ImageIO.read(new ByteArrayInputStream(bytes)).getWidth();
        case "json" -> new ObjectMapper().readTree(bytes);
        case "csv" -> {
          try (CsvReader<?> csv = CsvReader.builder().ofCsvRecord(text(bytes))) {
            csv.forEach(record -> {});
          }
        }
        case "rtf", "tex" -> balanced(text(bytes));
        default -> text(bytes);
      }
    } catch (SAXException | ParserConfigurationException | RuntimeException | IOException e) {
      throw new AssertionError(ending + " is not well formed", e);
    }
  }

  private static String text(byte[] bytes) throws CharacterCodingException {
    return StandardCharsets.UTF_8.newDecoder().decode(java.nio.ByteBuffer.wrap(bytes)).toString();
  }

  private static void pages(byte[] bytes) throws IOException {
    try (PDDocument pdf = Loader.loadPDF(bytes)) {
      if (pdf.getNumberOfPages() == 0) {
        throw new IOException("no page");
      }
    }
  }

  private static void parts(byte[] bytes)
      throws IOException, ParserConfigurationException, SAXException {
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        if (entry.getName().endsWith(".xml")) {
          xml(new ByteArrayInputStream(zip.readAllBytes()));
        }
      }
    }
  }

  private static void xml(InputStream in)
      throws IOException, ParserConfigurationException, SAXException {
    DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
    factory.setNamespaceAware(true);
    factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
    factory.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
    var builder = factory.newDocumentBuilder();
    builder.setErrorHandler(null);
    builder.parse(in);
  }

  /// Braces that open are closed; a backslash before one makes it a letter.
  private static void balanced(String text) throws IOException {
    int open = 0;
    for (int i = 0; i < text.length(); i++) {
      char one = text.charAt(i);
      if (one == '\\') {
        i++;
      } else if (one == '{') {
        open++;
      } else if (one == '}') {
        open--;
      }
      if (open < 0) {
        throw new IOException("a brace closes nothing at " + i);
      }
    }
    if (open != 0) {
      throw new IOException(open + " braces are open");
    }
  }
}
