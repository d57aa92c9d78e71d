package app.finish.formats.manuscript;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.problem.Problem;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

public class ManuscriptTextTest {
  private Path folder;

  @BeforeClass
  public void makeFolder() throws IOException {
    folder = Files.createTempDirectory("finish-manuscript");
  }

  @Test
  public void captionsAndTablesOfADocxAreNotItsText() throws IOException {
    Path file = folder.resolve("paper.docx");
    try (XWPFDocument document = new XWPFDocument();
        OutputStream out = Files.newOutputStream(file)) {
      document.createParagraph().createRun().setText("As Table 1 shows, winters are calm.");
      document.createParagraph().createRun().setText("Table 1");
      document.createParagraph().createRun().setText("Fares, see Table 7");
      document.createTable(1, 1).getRow(0).getCell(0).setText("Table 9");
      document.createParagraph().createRun().setText("Not so Table 2.");
      document.write(out);
    }
    assertThat(ManuscriptText.read(file))
        .isEqualTo("As Table 1 shows, winters are calm.\nNot so Table 2.");
  }

  @Test
  public void odtAndMarkdownAreRead() throws IOException {
    Path odt = folder.resolve("paper.odt");
    try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(odt))) {
      zip.putNextEntry(new ZipEntry("content.xml"));
      zip.write(
          ("<office:document-content><text:p>See Table"
                  + " 1.</text:p><table:table><table:table-cell><text:p>Table"
                  + " 5</text:p></table:table-cell></table:table><text:p>Table 1</text:p>"
                  + "</office:document-content>")
              .getBytes(StandardCharsets.UTF_8));
    }
    assertThat(ManuscriptText.read(odt)).isEqualTo("See Table 1.");
    Path markdown = folder.resolve("paper.md");
    Files.writeString(markdown, "See Table 2.\n\n**Table 2**\n\n| Table 3 | x |\n");
    assertThat(ManuscriptText.read(markdown).strip()).isEqualTo("See Table 2.");
  }

  @Test
  public void whatIsNoManuscriptIsSaidToBeNone() throws IOException {
    Path picture = Files.writeString(folder.resolve("paper.png"), "x");
    assertThatThrownBy(() -> ManuscriptText.read(picture))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("no manuscript");
    Path broken = Files.writeString(folder.resolve("broken.docx"), "x");
    assertThatThrownBy(() -> ManuscriptText.read(broken)).isInstanceOf(Problem.class);
  }
}
