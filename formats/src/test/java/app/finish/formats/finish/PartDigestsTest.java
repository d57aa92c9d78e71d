package app.finish.formats.finish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.document.Document;
import app.finish.core.problem.Problem;
import app.finish.formats.Given;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/// A document of which a part was changed is refused, also where the checksums of the zip were made
/// anew.
public class PartDigestsTest {
  private static final String DIGESTS = "digests.txt";

  private Path file;
  private Document document;

  @BeforeMethod
  public void write() throws IOException {
    document = Given.sailings("APA 7");
    file = Files.createTempDirectory("finish-digests").resolve("paper.finish");
    DocumentFile.write(document, file);
  }

  private Map<String, byte[]> parts() throws IOException {
    Map<String, byte[]> parts = new LinkedHashMap<>();
    try (ZipInputStream zip = new ZipInputStream(Files.newInputStream(file))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        parts.put(entry.getName(), zip.readAllBytes());
      }
    }
    return parts;
  }

  /// The file again from these parts, a sound zip.
  private void put(Map<String, byte[]> parts) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
      for (Map.Entry<String, byte[]> part : parts.entrySet()) {
        zip.putNextEntry(new ZipEntry(part.getKey()));
        zip.write(part.getValue());
        zip.closeEntry();
      }
    }
    Files.write(file, bytes.toByteArray());
  }

  @Test
  public void eachPartHasItsDigest() throws IOException {
    Map<String, byte[]> parts = parts();
    String told = new String(parts.remove(DIGESTS), StandardCharsets.UTF_8);
    for (String name : parts.keySet()) {
      assertThat(told).contains("  " + name);
    }
    assertThat(told.lines()).allMatch(line -> line.matches("[0-9a-f]{64}  .+"));
  }

  @Test
  public void theSamePartsInAnotherZipAreTheSameDocument() throws IOException {
    put(parts());
    assertThat(DocumentFile.read(file)).isEqualTo(document);
  }

  @Test
  public void aFigureThatWasChangedIsRefused() throws IOException {
    Map<String, byte[]> parts = parts();
    int changed = 0;
    for (String name : parts.keySet().toArray(String[]::new)) {
      String text = new String(parts.get(name), StandardCharsets.UTF_8);
      if (!name.equals(DIGESTS) && text.contains("10.5")) {
        parts.put(name, text.replace("10.5", "70.5").getBytes(StandardCharsets.UTF_8));
        changed++;
      }
    }
    assertThat(changed).isPositive();
    put(parts);
    assertThatThrownBy(() -> DocumentFile.read(file))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("is not what was saved");
  }

  @Test
  public void aPartThatIsGoneIsSaid() throws IOException {
    for (String name : parts().keySet()) {
      if (!name.equals(DIGESTS)) {
        write();
        Map<String, byte[]> parts = parts();
        parts.remove(name);
        put(parts);
        assertThatThrownBy(() -> DocumentFile.read(file)).as(name).isInstanceOf(Problem.class);
      }
    }
  }

  @Test
  public void linesThatTellNothingAreLeftOut() throws IOException {
    Map<String, byte[]> parts = parts();
    String told = new String(parts.get(DIGESTS), StandardCharsets.UTF_8);
    parts.put(DIGESTS, ("\nno digest\n" + told).getBytes(StandardCharsets.UTF_8));
    put(parts);
    assertThat(DocumentFile.read(file)).isEqualTo(document);
  }

  @Test
  public void aDocumentWithoutDigestsIsReadAsBefore() throws IOException {
    Map<String, byte[]> parts = parts();
    parts.remove(DIGESTS);
    put(parts);
    assertThat(DocumentFile.read(file)).isEqualTo(document);
  }
}
