package app.finish.formats.io;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.grid.GridCell;
import app.finish.core.problem.Problem;
import app.finish.formats.Given;
import app.finish.formats.Sources;
import java.io.IOException;
import java.io.OutputStream;
import java.io.RandomAccessFile;
import java.lang.reflect.Field;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.List;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.testng.annotations.Test;

/// Each limit is told at it and beyond: what is as large is read, what is larger is refused in a
/// sentence.
public class LimitsTest {
  private static void refused(ThrowingCallable reading, String sentence) {
    assertThatThrownBy(reading).isInstanceOf(Problem.class).hasMessageContaining(sentence);
  }

  private static Path file(String name, String text) throws IOException {
    return Files.writeString(Given.folder().resolve(name), text);
  }

  @Test
  public void bytesOfAFile() throws IOException {
    Path file = Given.folder().resolve("large.csv");
    try (RandomAccessFile large = new RandomAccessFile(file.toFile(), "rw")) {
      large.setLength(Limits.BYTES + 1);
    }
    refused(() -> Sources.read(file), "large.csv is 256 MB");
  }

  @Test
  public void columnsOfASheet() throws IOException {
    String fits = String.join(",", Collections.nCopies(Limits.COLUMNS, "1"));
    assertThat(Sources.read(file("fits.csv", "a\n" + fits + "\n"))).isNotEmpty();
    Path wide = file("wide.csv", "a\n" + fits + ",1\n");
    refused(() -> Sources.read(wide), "more than 16,384 columns");
  }

  @Test
  public void cellsOfASheet() throws IOException {
    List<GridCell> row = Collections.nCopies(5_000, GridCell.of("1"));
    assertThat(Limits.grid("fits", "", Collections.nCopies(1_000, row)).rows()).isEqualTo(1_000);
    refused(
        () -> Limits.grid("more", "", Collections.nCopies(1_001, row)),
        "more holds more than 5 million cells");
  }

  @Test
  public void spansAreCutAtTheirLimit() throws IOException {
    Path page =
        file(
            "span.html",
            "<table><tr><th colspan='" + (Limits.SPAN + 5) + "'>a</th><th>b</th></tr></table>");
    assertThat(Sources.read(page).getFirst().grid().columns()).isEqualTo(Limits.SPAN + 1);
  }

  private static String nested(int depth) {
    int around = depth - 7;
    return "<div>".repeat(around)
        + "<table><tr><td>a</td><td>1</td></tr></table>"
        + "</div>".repeat(around);
  }

  @Test
  public void elementsInEachOther() throws IOException {
    assertThat(Sources.read(file("fits.html", nested(Limits.NESTED)))).hasSize(1);
    Path deep = file("deep.html", nested(Limits.NESTED + 10));
    refused(() -> Sources.read(deep), "nests more than 400 elements");
  }

  private static Path packed(int bytes) throws IOException {
    Path file = Given.folder().resolve("packed.zip");
    try (OutputStream out = Files.newOutputStream(file)) {
      new ZipText(out).add("part", "x".repeat(bytes)).finish();
    }
    return file;
  }

  @Test
  public void bytesOfAPart() throws IOException {
    WholeZip.check(packed(10_000), "fits.zip", 10_000);
    Path more = packed(10_001);
    refused(() -> WholeZip.check(more, "more.zip", 10_000), "more.zip unpacks to far more");
  }

  /// What is packed well is read up to a size; beyond that it is taken for a trap.
  @Test
  public void timesThePackedSize() throws IOException {
    WholeZip.check(packed((int) Limits.FREELY), "fits.zip");
    Path more = packed((int) Limits.FREELY + (1 << 20));
    refused(() -> WholeZip.check(more, "more.zip"), "more.zip unpacks to far more");
  }

  private static String cube(long size, int figures) {
    StringBuilder values = new StringBuilder();
    for (int i = 0; i < figures; i++) {
      values.append(i == 0 ? "" : ",").append('"').append(i).append("\":1");
    }
    StringBuilder members = new StringBuilder();
    for (int i = 0; i < size; i++) {
      members.append(i == 0 ? "" : ",").append("\"m").append(i).append('"');
    }
    return """
    {"version":"2.0","class":"dataset","id":["a","b"],"size":[%d,1],
     "dimension":{"a":{"category":{"index":[%s]}},"b":{"category":{"index":["x"]}}},
     "value":{%s}}
    """
        .formatted(size, members, values);
  }

  @Test
  public void cubesWithHardlyAnything() throws IOException {
    int size = (int) Limits.SMALL_CUBE + 100;
    Path empty = file("empty.json", cube(size, 5));
    refused(() -> Sources.read(empty), "holds a cube with room for 100100 figures and 5 in it");
    assertThat(Sources.read(file("fits.json", cube(1_000, 5)))).hasSize(1);
  }

  /// The documentation names every limit.
  @Test
  public void theDocumentationNamesEachLimit() throws Exception {
    String page = Files.readString(Path.of("..", "docs", "reliability.md"));
    for (Field field : Limits.class.getFields()) {
      long most = ((Number) field.get(null)).longValue();
      String shown =
          most >= 1L << 30
              ? (most >> 30) + " GB"
              : most >= 1L << 20 && most % (1L << 20) == 0
                  ? (most >> 20) + " MB"
                  : "%,d".formatted(most);
      assertThat(page).as(field.getName()).contains("| " + shown + " |");
    }
  }
}
