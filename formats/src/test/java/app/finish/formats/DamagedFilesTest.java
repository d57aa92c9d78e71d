package app.finish.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.document.Document;
import app.finish.core.document.Source;
import app.finish.core.problem.Problem;
import app.finish.formats.finish.DocumentFile;
import app.finish.formats.samples.ResultTables;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// A bit that turned in a file changes no figure: the file is refused in a sentence, or read as it
/// was.
public class DamagedFilesTest {
  private static final int FLIPS = 400;

  private Path folder;

  @BeforeClass
  public void makeFolder() throws IOException {
    folder = Files.createTempDirectory("finish-damaged");
  }

  @AfterClass
  public void removeFolder() throws IOException {
    try (var files = Files.walk(folder)) {
      files.sorted(java.util.Comparator.reverseOrder()).forEach(file -> file.toFile().delete());
    }
  }

  @Test
  public void aDocumentIsWholeOrRefused() throws IOException {
    Document document = ResultTables.document();
    Path file = folder.resolve("paper.finish");
    DocumentFile.write(document, file);
    byte[] whole = Files.readAllBytes(file);
    Random random = new Random(3);
    int refused = 0;
    for (int i = 0; i < FLIPS; i++) {
      byte[] damaged = flipped(whole, random);
      Files.write(file, damaged);
      try {
        assertThat(DocumentFile.read(file)).isEqualTo(document);
      } catch (Problem problem) {
        refused++;
      }
    }
    assertThat(refused).isGreaterThan(FLIPS / 2);
  }

  private static byte[] flipped(byte[] whole, Random random) {
    byte[] damaged = whole.clone();
    damaged[random.nextInt(damaged.length)] ^= (byte) (1 << random.nextInt(8));
    return damaged;
  }

  @DataProvider
  public Object[] files() {
    return new Object[] {"odd.xlsx", "odd.docx", "odd.ods"};
  }

  private Path given(String name) throws Exception {
    String ending = name.substring(name.indexOf('.') + 1);
    try (var files = Files.walk(Path.of("src", "test", "resources", "corpus"))) {
      Path smallest =
          files
              .filter(file -> file.toString().endsWith("." + ending))
              .min(java.util.Comparator.comparingLong(file -> file.toFile().length()))
              .orElseThrow();
      return Files.copy(smallest, folder.resolve(name));
    }
  }

  @Test(dataProvider = "files")
  public void figuresOfAWorkbookAreTheSameOrRefused(String name) throws Exception {
    Path file = given(name);
    List<Source> sources = Sources.read(file);
    byte[] whole = Files.readAllBytes(file);
    Random random = new Random(4);
    int refused = 0;
    for (int i = 0; i < FLIPS / 2; i++) {
      Files.write(file, flipped(whole, random));
      try {
        assertThat(Sources.read(file)).isEqualTo(sources);
      } catch (Problem problem) {
        refused++;
      }
    }
    assertThat(refused).isGreaterThan(FLIPS / 3);
  }
}
