package app.finish.formats.sent;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.arrange.formula.Formulas;
import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.grid.Grid;
import app.finish.core.layout.Paper;
import app.finish.core.layout.font.Fonts;
import app.finish.core.problem.Problem;
import app.finish.core.problem.Refusal;
import app.finish.formats.OutputFormat;
import app.finish.formats.Replacing;
import app.finish.formats.Sending;
import app.finish.formats.io.PictureForm;
import app.finish.formats.style.StyleFile;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/// Pictures of dots: as many as are asked for, with and without paper, long tables in several.
public class PictureSentTest {
  private static final PictureForm USUAL = PictureForm.USUAL;

  private Path folder;
  private Sending sending;

  @BeforeClass
  public void makeFolder() throws IOException {
    folder = Files.createTempDirectory("finish-pictures");
    sending = new Sending(new Fonts(), StyleFile.shipped(), Formulas.NONE);
  }

  private static Document document(int rows) {
    String[] lines = new String[rows + 2];
    lines[0] = "Landings";
    lines[1] = "Quay | 2025 | 2026";
    for (int i = 0; i < rows; i++) {
      lines[i + 2] = "Quay " + i + " | " + (100 + i) + " | " + (90 + i);
    }
    return Document.EMPTY.withAdded(new Source("x", Grid.ofText(lines)), Finish.in("Plain"));
  }

  private List<Path> write(int rows, PictureForm form, String name) throws IOException {
    return sending.write(
        document(rows),
        List.of(0),
        OutputFormat.PNG,
        Paper.A4,
        form,
        folder.resolve(name),
        Replacing.ALL);
  }

  /// Pictures of a long table are written all or none, and not over what may not be replaced.
  @Test
  public void furtherPicturesAreNotWrittenOverOtherFiles() throws IOException {
    Path other = Files.writeString(folder.resolve("taken-page-2.png"), "mine");
    Replacing none =
        files -> {
          for (Path file : files) {
            if (Files.exists(file)) {
              throw new Problem(file + " is there.");
            }
          }
        };
    assertThatThrownBy(
            () ->
                sending.write(
                    document(300),
                    List.of(0),
                    OutputFormat.PNG,
                    Paper.A4,
                    USUAL,
                    folder.resolve("taken.png"),
                    none))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("taken-page-2.png is there.");
    assertThat(other).hasContent("mine");
    try (Stream<Path> files = Files.list(folder)) {
      assertThat(files.map(file -> file.getFileName().toString()))
          .filteredOn(name -> name.contains("taken"))
          .containsExactly("taken-page-2.png");
    }
    assertThat(write(300, USUAL, "taken.png")).hasSizeGreaterThan(1).contains(other);
  }

  private static BufferedImage read(Path file) throws IOException {
    return ImageIO.read(file.toFile());
  }

  @Test
  public void aPictureHasAsManyDotsAsAreAskedFor() throws IOException {
    BufferedImage usual = read(write(4, USUAL, "usual.png").getFirst());
    BufferedImage fine = read(write(4, USUAL.withDots(600), "fine.png").getFirst());
    assertThat((double) fine.getWidth() / usual.getWidth()).isBetween(2.99, 3.01);
    assertThat((double) fine.getHeight() / usual.getHeight()).isBetween(2.98, 3.02);
    assertThatThrownBy(() -> USUAL.withDots(20)).isInstanceOf(Refusal.class);
    assertThatThrownBy(() -> USUAL.withDots(5000)).isInstanceOf(Refusal.class);
  }

  @Test
  public void withoutItsPaperAPictureIsSeenThrough() throws IOException {
    BufferedImage clear = read(write(4, USUAL.withClear(true), "clear.png").getFirst());
    assertThat(clear.getColorModel().hasAlpha()).isTrue();
    assertThat(clear.getRGB(1, 1) >>> 24).isZero();
    BufferedImage onPaper = read(write(4, USUAL, "paper.png").getFirst());
    assertThat(onPaper.getRGB(1, 1)).isEqualTo(0xffffffff);
  }

  @Test
  public void aLongTableIsDrawnInSeveralPictures() throws IOException {
    PictureForm fine = USUAL.withDots(600);
    List<Path> written = write(150, fine, "long.png");
    assertThat(written.size()).isGreaterThan(1);
    assertThat(written).allMatch(Files::exists);
    assertThat(written.subList(0, 2))
        .containsExactly(folder.resolve("long.png"), folder.resolve("long-page-2.png"));
    int width = read(written.getFirst()).getWidth();
    for (Path one : written) {
      assertThat(read(one).getWidth()).isEqualTo(width);
    }
    assertThat(write(20, fine, "short.png")).containsExactly(folder.resolve("short.png"));
  }
}
