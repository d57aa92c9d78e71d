package app.finish.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.problem.Problem;
import app.finish.formats.samples.Samples;
import app.finish.formats.style.StyleFile;
import java.io.IOException;
import java.io.OutputStream;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.poi.poifs.crypt.EncryptionInfo;
import org.apache.poi.poifs.crypt.EncryptionMode;
import org.apache.poi.poifs.crypt.Encryptor;
import org.apache.poi.poifs.filesystem.POIFSFileSystem;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Bad input gets one sentence: which file, what is wrong, what to do.
public class BadInputTest {
  private interface Maker {
    void make(Path file) throws Exception;
  }

  private static final String TYPES =
      "<Types xmlns='http://schemas.openxmlformats.org/package/2006/content-types'><Default"
          + " Extension='rels'"
          + " ContentType='application/vnd.openxmlformats-package.relationships+xml'/><Default"
          + " Extension='xml' ContentType='application/xml'/><Override PartName='/xl/workbook.xml'"
          + " ContentType='application/vnd.openxmlformats-officedocument.spreadsheetml.sheet.main+xml'/><Override"
          + " PartName='/xl/worksheets/sheet1.xml'"
          + " ContentType='application/vnd.openxmlformats-officedocument.spreadsheetml.worksheet+xml'/>"
          + "</Types>";
  private static final String RELATIONS =
      "http://schemas.openxmlformats.org/officeDocument/2006/relationships";

  /// A workbook by hand, with this as its sheet.
  private static void workbook(Path file, String prolog, Iterable<String> sheet)
      throws IOException {
    try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
      part(zip, "[Content_Types].xml", TYPES);
      part(zip, "_rels/.rels", relation("officeDocument", "xl/workbook.xml"));
      part(
          zip,
          "xl/workbook.xml",
          "<workbook xmlns='http://schemas.openxmlformats.org/spreadsheetml/2006/main' xmlns:r='"
              + RELATIONS
              + "'><sheets><sheet name='S' sheetId='1' r:id='r1'/></sheets></workbook>");
      part(zip, "xl/_rels/workbook.xml.rels", relation("worksheet", "worksheets/sheet1.xml"));
      zip.putNextEntry(new ZipEntry("xl/worksheets/sheet1.xml"));
      zip.write(
          (prolog
                  + "<worksheet"
                  + " xmlns='http://schemas.openxmlformats.org/spreadsheetml/2006/main'><sheetData>")
              .getBytes(StandardCharsets.UTF_8));
      for (String piece : sheet) {
        zip.write(piece.getBytes(StandardCharsets.UTF_8));
      }
      zip.write("</sheetData></worksheet>".getBytes(StandardCharsets.UTF_8));
      zip.closeEntry();
    }
  }

  private static String relation(String type, String target) {
    return "<Relationships"
        + " xmlns='http://schemas.openxmlformats.org/package/2006/relationships'><Relationship"
        + " Id='r1' Type='"
        + RELATIONS
        + "/"
        + type
        + "' Target='"
        + target
        + "'/></Relationships>";
  }

  private static void part(ZipOutputStream zip, String name, String text) throws IOException {
    zip.putNextEntry(new ZipEntry(name));
    zip.write(text.getBytes(StandardCharsets.UTF_8));
    zip.closeEntry();
  }

  private static String inline(String reference, String text) {
    return "<c r='" + reference + "' t='inlineStr'><is><t>" + text + "</t></is></c>";
  }

  private static Object[] file(String name, String sentence, Maker maker) {
    return new Object[] {name, sentence, maker};
  }

  @DataProvider
  public Object[][] files() {
    return new Object[][] {
      file("empty.csv", "empty.csv is empty", path -> Files.write(path, new byte[0])),
      file(
          "blank.csv",
          "blank.csv holds no table that Finish can see",
          path -> Files.writeString(path, "\n,,\n\n")),
      file(
          "picture.csv",
          "picture.csv is not a text file",
          path -> Files.write(path, new byte[] {1, 0, 2, 0, 3})),
      file(
          "paper.csv",
          "paper.csv is not a text file",
          path -> Files.writeString(path, "%PDF-1.7\n%%EOF")),
      file(
          "text.xlsx",
          "text.xlsx is not an XLSX workbook",
          path -> Files.writeString(path, "Route,Fares\nHale,12")),
      file(
          "old.xlsx",
          "old.xlsx is a workbook of the old kind",
          path -> {
            try (POIFSFileSystem system = new POIFSFileSystem();
                OutputStream out = Files.newOutputStream(path)) {
              system.createDocument(new java.io.ByteArrayInputStream(new byte[5000]), "Workbook");
              system.writeFilesystem(out);
            }
          }),
      file("locked.xlsx", "locked.xlsx is protected with a password", BadInputTest::encrypted),
      file(
          "cut.xlsx",
          "cut.xlsx can't be read as an XLSX workbook",
          path -> {
            Path whole = Samples.copy(Samples.PIVOTS, path.getParent());
            byte[] bytes = Files.readAllBytes(whole);
            Files.write(path, Arrays.copyOf(bytes, bytes.length / 2));
          }),
      file(
          "archive.xlsx",
          "archive.xlsx can't be read as an XLSX workbook",
          path -> {
            try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(path))) {
              part(zip, "readme.txt", "no workbook");
            }
          }),
      file(
          "wide.csv",
          "wide.csv: row 2 has more than 16,384 columns",
          path -> Files.writeString(path, "a,b\n" + "1,".repeat(20_000) + "1\n")),
      file(
          "wide.xlsx",
          "wide.xlsx: row 1 has more than 16,384 columns",
          path ->
              workbook(
                  path,
                  "",
                  Arrays.asList("<row r='1'>", inline("A1", "x"), inline("ADSF1", "y"), "</row>"))),
      file(
          "huge.xlsx",
          "huge.xlsx holds more than 5 million cells",
          path ->
              workbook(
                  path,
                  "",
                  Arrays.asList(
                      "<row r='1'>",
                      inline("A1", "x"),
                      inline("XFD1", "y"),
                      "</row>",
                      "<row r='900000'>",
                      inline("A900000", "z"),
                      "</row>"))),
      file(
          "bomb.xlsx",
          "bomb.xlsx unpacks to far more than an office file should",
          BadInputTest::zipBomb),
      file(
          "laughs.xlsx",
          "laughs.xlsx holds a document type declaration",
          path ->
              workbook(
                  path,
                  "<!DOCTYPE x [<!ENTITY a 'aaaaaaaaaa'><!ENTITY b"
                      + " '&a;&a;&a;&a;&a;&a;&a;&a;&a;&a;'><!ENTITY c"
                      + " '&b;&b;&b;&b;&b;&b;&b;&b;'>]>",
                  Arrays.asList("<row r='1'>", inline("A1", "&c;&c;&c;&c;"), "</row>"))),
      file(
          "outside.xlsx",
          "outside.xlsx holds a document type declaration",
          path ->
              workbook(
                  path,
                  "<!DOCTYPE x [<!ENTITY a SYSTEM 'file:///etc/hostname'>]>",
                  Arrays.asList("<row r='1'>", inline("A1", "&a;"), "</row>"))),
      file(
          "large.csv",
          "large.csv is 2048 MB; Finish reads files of up to 256 MB",
          path -> {
            try (RandomAccessFile sparse = new RandomAccessFile(path.toFile(), "rw")) {
              sparse.setLength(2L << 30);
            }
          }),
      file(
          "thesis.pdf",
          "thesis.pdf is of a kind that Finish does not bring in",
          path -> Files.writeString(path, "x")),
      file(
          "quote.csv",
          "quote.csv",
          path ->
              Files.writeString(
                  path, "a,b\n\"never closed,1\n".repeat(1) + "x".repeat(20_000_000))),
    };
  }

  private static void encrypted(Path path) throws Exception {
    Path plain = Samples.copy(Samples.PIVOTS, path.getParent());
    try (POIFSFileSystem system = new POIFSFileSystem();
        OutputStream out = Files.newOutputStream(path)) {
      Encryptor encryptor = new EncryptionInfo(EncryptionMode.agile).getEncryptor();
      encryptor.confirmPassword("marram");
      try (OutputStream locked = encryptor.getDataStream(system)) {
        Files.copy(plain, locked);
      }
      system.writeFilesystem(out);
    }
  }

  private static void zipBomb(Path path) throws IOException {
    String row = "<row>" + "<c t='n'><v>0</v></c>".repeat(50) + "</row>";
    String pieces = row.repeat(1000);
    workbook(path, "", java.util.Collections.nCopies(200, pieces));
  }

  @Test(dataProvider = "files")
  public void givesOneClearSentence(String name, String sentence, Object maker) throws Exception {
    Path file = Given.folder().resolve(name);
    ((Maker) maker).make(file);
    assertThatThrownBy(() -> Sources.read(file))
        .isInstanceOf(Problem.class)
        .hasMessageStartingWith(sentence)
        .satisfies(
            problem ->
                assertThat(problem.getMessage())
                    .endsWith(".")
                    .doesNotContain("Exception")
                    .doesNotContain("null"));
    Files.deleteIfExists(file);
  }

  @Test
  public void aMissingFileAndAFolderAreSaidToBeSo() {
    assertThatThrownBy(() -> Sources.read(Path.of("/no/such.csv")))
        .hasMessageContaining("There is no file /no/such.csv");
    assertThatThrownBy(() -> Sources.read(Given.folder())).hasMessageContaining("is a folder");
  }

  @DataProvider
  public Object[][] styles() {
    return new Object[][] {
      {"{", "it is no JSON at line 1"},
      {"{}", "has no name"},
      {"{\"name\":\"x\",\"palette\":{\"ink\":\"red\"}}", "A colour is written #rrggbb"},
      {"{\"name\":\"x\",\"looks\":{\"title\":{\"size\":\"huge\"}}}", "Size can't be “huge”"},
    };
  }

  @Test(dataProvider = "styles")
  public void aBadStyleIsSaidToBeSo(String json, String sentence) {
    assertThatThrownBy(() -> StyleFile.parse(json, "mine.json", false))
        .isInstanceOf(Problem.class)
        .hasMessageStartingWith("mine.json")
        .hasMessageContaining(sentence);
  }

  @Test
  public void shippedStylesReadBackAsTheyAreWritten() throws IOException {
    for (var style : StyleFile.shipped().styles()) {
      var again = StyleFile.parse(StyleFile.write(style), "again.json", true);
      assertThat(again).isEqualTo(style);
      assertThat(StyleFile.shipped().cascade(style.name()).style()).isEqualTo(style);
    }
  }
}
