package app.finish.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.document.Source;
import app.finish.core.problem.Problem;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import app.finish.formats.samples.Samples;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// A file that was damaged gives a sentence or a table, never a crash.
public class MutatedFilesTest {
  private static final String[] ENDINGS = {
    "html", "md", "txt", "json", "csv", "tsv", "docx", "xlsx", "ods"
  };
  private static final String[] INSERTS = {
    "<td colspan=99999>",
    "|",
    "\"",
    "\t",
    ";;;;;;",
    "\u0000",
    "{",
    "]",
    "<!--",
    "&#x110000;",
    "\n\n",
    "|---|",
    "</table>"
  };

  @DataProvider
  public Object[][] files() {
    Object[][] files = new Object[ENDINGS.length][];
    for (int i = 0; i < files.length; i++) {
      files[i] = new Object[] {ENDINGS[i]};
    }
    return files;
  }

  private static byte[] seed(String ending) throws IOException {
    return switch (ending) {
      case "docx" -> Files.readAllBytes(Given.sent(Given.sailings("APA 7"), OutputFormat.DOCX));
      case "html" ->
          Files.readAllBytes(Given.sent(Given.sailings("Marram house"), OutputFormat.HTML));
      case "xlsx", "ods" -> Files.readAllBytes(Samples.copy(Samples.PIVOTS, Given.folder()));
      case "json" ->
          ("{\"class\":\"dataset\",\"label\":\"Boats\",\"id\":[\"p\",\"y\"],\"size\":[2,2],\"dimension\":{\"p\":"
               + "{\"category\":{\"index\":[\"n\",\"s\"]}},\"y\":{\"category\":{\"index\":{\"a\":0,\"b\":1}}}},"
               + "\"value\":[1,2,3,4]}")
              .getBytes(StandardCharsets.UTF_8);
      case "md" ->
          "Table: Boats\n\n| Pier | 2025 |\n|------|-----:|\n| North | 12 |\n| South | 7 |\n"
              .getBytes(StandardCharsets.UTF_8);
      case "txt" ->
          "Boats by pier\n\nPier       2025    2026\n-----------------------\nNorth        12      14\nSouth         7       9\n"
              .getBytes(StandardCharsets.UTF_8);
      default ->
          "Boats by pier\n\nPier;2025;2026\nNorth;12;14\n\"South; old\";7;9\nTotal;19;23\n"
              .replace(";", ending.equals("tsv") ? "\t" : ";")
              .getBytes(StandardCharsets.UTF_8);
    };
  }

  private static byte[] mutate(byte[] whole, Random random) {
    byte[] changed = whole.clone();
    for (int hits = random.nextInt(6); hits > 0; hits--) {
      changed[random.nextInt(changed.length)] = (byte) random.nextInt(256);
    }
    int at = random.nextInt(changed.length);
    byte[] insert =
        random.nextBoolean()
            ? INSERTS[random.nextInt(INSERTS.length)].getBytes(StandardCharsets.UTF_8)
            : new byte[0];
    int cut = random.nextInt(4) == 0 ? at : changed.length;
    byte[] made = new byte[at + insert.length + Math.max(0, cut - at)];
    System.arraycopy(changed, 0, made, 0, at);
    System.arraycopy(insert, 0, made, at, insert.length);
    System.arraycopy(changed, at, made, at + insert.length, Math.max(0, cut - at));
    return made;
  }

  @Test(dataProvider = "files", timeOut = 120_000)
  public void givesASentenceOrATable(String ending) throws IOException {
    byte[] whole = seed(ending);
    Path file = Given.folder().resolve("damaged." + ending);
    Random random = new Random(ending.hashCode());
    int tables = 0;
    for (int i = 0; i < 150; i++) {
      Files.write(file, mutate(whole, random));
      try {
        for (Source source : Sources.read(file)) {
          Recogniser.recognise(source.grid(), Corrections.NONE);
          tables++;
        }
      } catch (IOException e) {
        assertThat(e).as("change %d", i).isInstanceOf(Problem.class);
        assertThat(e.getMessage()).contains("damaged." + ending).endsWith(".");
      }
    }
    boolean packed = ending.equals("ods");
    assertThat(tables).as("tables that were still read").isGreaterThanOrEqualTo(packed ? 0 : 1);
  }
}
