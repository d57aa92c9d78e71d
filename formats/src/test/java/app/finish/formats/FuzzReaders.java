package app.finish.formats;

import app.finish.core.document.Source;
import app.finish.core.dress.Dresser;
import app.finish.core.problem.Problem;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.style.Cascade;
import app.finish.formats.io.ReadRequest;
import app.finish.formats.style.StyleFile;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.apache.poi.xwpf.usermodel.XWPFDocument;

/// What the fuzzer calls: a file of one format is read, and what it holds is recognised and
/// dressed. Only a [Problem] with a sentence may come of it, or tables. Of packed formats the part
/// that holds the table is fuzzed, and packed anew each time; input that is itself packed is taken
/// as it is.
///
/// `mvn -pl formats -am -Pfuzz verify` runs it for every format; docs/architecture.md tells more.
public final class FuzzReaders {
  private static final int MOST_BYTES = 1 << 20;

  private static final Cascade STYLE = StyleFile.shipped().cascade("APA 7");

  private static String ending = "csv";
  private static Path file;
  private static byte[] container = new byte[0];

  private FuzzReaders() {}

  /// Sets which format is fuzzed.
  ///
  /// @param arguments the ending of its files
  public static void fuzzerInitialize(String[] arguments) throws IOException {
    ending = arguments[0];
    file = Files.createTempDirectory("finish-fuzz").resolve("fuzzed." + ending);
    container = container();
  }

  /// Reads one file of these bytes.
  public static void fuzzerTestOneInput(byte[] data) throws IOException {
    tables(data);
  }

  /// How many tables a file of these bytes holds.
  static int tables(byte[] data) throws IOException {
    if (data.length > MOST_BYTES) {
      return 0;
    }
    Files.write(file, packed(data));
    int tables = 0;
    try {
      for (Source source : Sources.tables(file, ReadRequest.PLAIN.withHidden(true)).tables()) {
        Recognition read = Recogniser.recognise(source.grid(), Corrections.NONE);
        if ((long) source.grid().rows() * source.grid().columns() < 20_000) {
          Dresser.dress(read.table(), STYLE, 1);
        }
        tables++;
      }
    } catch (Problem e) {
      if (!e.getMessage().endsWith(".") || e.getMessage().contains("Exception")) {
        throw new AssertionError("no sentence: " + e.getMessage(), e);
      }
    }
    return tables;
  }

  private static byte[] packed(byte[] data) throws IOException {
    boolean whole = container.length == 0 || (data.length > 1 && data[0] == 'P' && data[1] == 'K');
    return whole ? data : replaced(container, part(), data);
  }

  private static String part() {
    return switch (ending) {
      case "xlsx" -> "xl/worksheets/sheet1.xml";
      case "docx" -> "word/document.xml";
      default -> "content.xml";
    };
  }

  private static byte[] container() throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    switch (ending) {
      case "xlsx" -> {
        try (XSSFWorkbook book = new XSSFWorkbook()) {
          book.createSheet("Fuzzed").createRow(0).createCell(0).setCellValue("Pier");
          book.write(bytes);
        }
      }
      case "docx" -> {
        try (XWPFDocument document = new XWPFDocument()) {
          document.write(bytes);
        }
      }
      case "ods" -> {
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
          zip.putNextEntry(new ZipEntry("content.xml"));
        }
      }
      default -> {}
    }
    return bytes.toByteArray();
  }

  /// A packed file with another content for one of its parts.
  private static byte[] replaced(byte[] packed, String part, byte[] content) throws IOException {
    Path original = file.resolveSibling("container.zip");
    Files.write(original, packed);
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipFile zip = new ZipFile(original.toFile());
        ZipOutputStream out = new ZipOutputStream(bytes)) {
      for (ZipEntry entry : zip.stream().toList()) {
        out.putNextEntry(new ZipEntry(entry.getName()));
        try (InputStream stream = zip.getInputStream(entry)) {
          out.write(entry.getName().equals(part) ? content : stream.readAllBytes());
        }
      }
    }
    return bytes.toByteArray();
  }

  /// The part of a packed file that is fuzzed, for making seeds.
  static byte[] part(Path packed, String name) throws IOException {
    try (ZipFile zip = new ZipFile(packed.toFile());
        InputStream stream = zip.getInputStream(zip.getEntry(name))) {
      return stream.readAllBytes();
    }
  }
}
