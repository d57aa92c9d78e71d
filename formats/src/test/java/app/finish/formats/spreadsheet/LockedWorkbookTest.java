package app.finish.formats.spreadsheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.problem.Problem;
import app.finish.formats.Sources;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.testng.annotations.Test;

/// A workbook with a password is told from one without cells.
public class LockedWorkbookTest {
  private static final String CONTENT =
      "<office:document-content xmlns:office=\"urn:oasis:names:tc:opendocument:xmlns:office:1.0\""
          + " xmlns:table=\"urn:oasis:names:tc:opendocument:xmlns:table:1.0\""
          + " xmlns:text=\"urn:oasis:names:tc:opendocument:xmlns:text:1.0\"><office:body><office:spreadsheet><table:table"
          + " table:name=\"S\">"
          + "<table:table-row><table:table-cell><text:p>Route</text:p></table:table-cell>"
          + "<table:table-cell><text:p>Fares</text:p></table:table-cell></table:table-row>"
          + "<table:table-row><table:table-cell><text:p>Hale</text:p></table:table-cell><table:table-cell"
          + " office:value-type=\"float\" office:value=\"1.5\"><text:p>1.5</text:p>"
          + "</table:table-cell></table:table-row></table:table></office:spreadsheet>"
          + "</office:body></office:document-content>";

  private static Path workbook(String manifest) throws IOException {
    Path file = Files.createTempDirectory("finish-locked").resolve("fares.ods");
    try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(file))) {
      put(zip, "mimetype", "application/vnd.oasis.opendocument.spreadsheet");
      put(zip, "content.xml", CONTENT);
      put(zip, "META-INF/manifest.xml", manifest);
    }
    return file;
  }

  private static void put(ZipOutputStream zip, String name, String text) throws IOException {
    zip.putNextEntry(new ZipEntry(name));
    zip.write(text.getBytes(StandardCharsets.UTF_8));
    zip.closeEntry();
  }

  @Test
  public void aLockedWorkbookIsSaid() throws IOException {
    Path file =
        workbook(
            "<manifest:manifest><manifest:file-entry manifest:full-path=\"content.xml\">"
                + "<manifest:encryption-data/></manifest:file-entry></manifest:manifest>");
    assertThatThrownBy(() -> Sources.read(file))
        .isInstanceOf(Problem.class)
        .hasMessage(
            "fares.ods is protected with a password. Save it without one and bring it in again.");
  }

  @Test
  public void anOpenWorkbookIsRead() throws IOException {
    Path file = workbook("<manifest:manifest/>");
    assertThat(Sources.read(file)).hasSize(1);
  }
}
