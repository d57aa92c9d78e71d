package app.finish.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.formats.samples.Samples;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// The seeds that the fuzzer begins with hold tables, each in its format.
public class FuzzSeedsTest {
  private static final Path SEEDS = Path.of("src/test/fuzz");

  @DataProvider
  public Object[] seeds() throws IOException {
    try (Stream<Path> files = Files.walk(SEEDS)) {
      return files.filter(Files::isRegularFile).sorted().toArray();
    }
  }

  @Test(dataProvider = "seeds")
  public void aSeedIsTaken(Path seed) throws IOException {
    String target = seed.getParent().getFileName().toString();
    if (FuzzSeeds.isReader(target)) {
      FuzzReaders.fuzzerInitialize(new String[] {target});
      assertThat(FuzzReaders.tables(Files.readAllBytes(seed))).isPositive();
    } else {
      FuzzParts.fuzzerInitialize(new String[] {target});
      for (int i = 0; i < 6; i++) {
        assertThat(FuzzParts.take(new String(Files.readAllBytes(seed), StandardCharsets.UTF_8)))
            .isTrue();
      }
    }
  }

  @Test
  public void everythingHasSeeds() throws IOException {
    assertThat(FuzzSeeds.targets(SEEDS))
        .containsExactly(
            "csv",
            "document",
            "docx",
            "highlight",
            "html",
            "json",
            "md",
            "ods",
            "palette",
            "style",
            "tsv",
            "txt",
            "written",
            "xlsx");
  }

  /// Writes the seeds anew; the first argument is the folder.
  public static void main(String[] arguments) throws IOException {
    Path folder = Path.of(arguments[0]);
    Path out = Files.createTempDirectory("finish-seeds");
    write(
        folder,
        "docx/apa.xml",
        FuzzReaders.part(
            Given.sent(Given.sailings("APA 7"), OutputFormat.DOCX), "word/document.xml"));
    write(
        folder,
        "html/house.html",
        Files.readAllBytes(Given.sent(Given.sailings("Marram house"), OutputFormat.HTML)));
    String survey = Files.readString(Samples.copy(Samples.SURVEY, out));
    int table = survey.indexOf("<table>", survey.indexOf("Tests on all scales") - 40);
    write(folder, "html/marks.html", survey.substring(table, table + 1400).getBytes("UTF-8"));
    write(folder, "txt/console.txt", Files.readAllBytes(Samples.copy(Samples.CONSOLE, out)));
  }

  private static void write(Path folder, String name, byte[] bytes) {
    try {
      Files.createDirectories(folder.resolve(name).getParent());
      Files.write(folder.resolve(name), bytes);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
