package app.finish.cli;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.document.Document;
import app.finish.formats.finish.DocumentFile;
import app.finish.formats.samples.Samples;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/// Many files are sent out at once, each on its own; what is wrong with one stops no other.
public class SendCommandTest {
  private static final String FARES = "Route,Winter,Summer\nHale,12.5,14.5\nOrrin,11.0,15.5\n";

  private Path folder;
  private Path in;
  private Path out;

  @BeforeMethod
  public void makeFolders() throws IOException {
    folder = Files.createTempDirectory("finish-send");
    in = Files.createDirectories(folder.resolve("results"));
    out = folder.resolve("paper");
  }

  private Path fares(String name) throws IOException {
    return Files.writeString(in.resolve(name), FARES);
  }

  private List<String> written() throws IOException {
    try (Stream<Path> files = Files.list(out)) {
      return files.map(file -> file.getFileName().toString()).sorted().toList();
    }
  }

  @Test
  public void lettersThatNoFontHasAreSaid() throws IOException {
    Path odd = Files.createTempDirectory("finish-letters").resolve("odd.csv");
    Files.writeString(odd, "Landings\nQuay,2025\nNorth \uDBFF\uDFF0,12\nSouth,15\n");
    Ran ran = Ran.run("dress", odd, "--style", "Plain", "-o", odd.resolveSibling("odd.pdf"));
    assertThat(ran.code()).isZero();
    assertThat(ran.err()).contains("No font here has the letter", "U+10FFF0");
    assertThat(
            Ran.run("dress", odd, "--style", "Plain", "-o", odd.resolveSibling("odd.docx")).err())
        .isEmpty();
  }

  @Test
  public void eachFileIsWrittenInEachFormat() throws IOException {
    fares("a.csv");
    fares("b.csv");
    Files.writeString(in.resolve("notes.log"), "no table");
    Ran ran = Ran.run("send", in, "-o", out, "--as", "docx,xlsx,.HTML");
    assertThat(ran.err()).isEmpty();
    assertThat(ran.code()).isZero();
    assertThat(ran.out()).startsWith("6 files written from 2 files.");
    assertThat(written())
        .containsExactly("a.docx", "a.html", "a.xlsx", "b.docx", "b.html", "b.xlsx");
  }

  @Test
  public void aFileThatCantBeReadStopsNoOther() throws IOException {
    fares("a.csv");
    Files.writeString(in.resolve("b.xlsx"), "no workbook");
    fares("c.csv");
    Ran ran = Ran.run("send", in, "-o", out, "--as", "md");
    assertThat(ran.code()).isEqualTo(Main.MENDABLE);
    assertThat(ran.err()).startsWith(in.resolve("b.xlsx") + ": ").doesNotContain("Exception");
    assertThat(ran.out()).startsWith("2 files written from 2 files; 1 could not be sent.");
    assertThat(written()).containsExactly("a.md", "c.md");
  }

  @Test
  public void whatIsThereIsOnlyWrittenOverWhenThatIsSaid() throws IOException {
    fares("a.csv");
    Files.createDirectories(out);
    Files.writeString(out.resolve("a.md"), "mine");
    Ran ran = Ran.run("send", in, "-o", out, "--as", "md");
    assertThat(ran.code()).isEqualTo(Main.MENDABLE);
    assertThat(ran.err()).contains("is there already. Write over it with --force.");
    assertThat(Files.readString(out.resolve("a.md"))).isEqualTo("mine");
    assertThat(Ran.run("send", in, "-o", out, "--as", "md", "--force").code()).isZero();
    assertThat(Files.readString(out.resolve("a.md"))).contains("| Hale | 12.5 | 14.5 |");
  }

  @Test
  public void tablesOfADocumentWearTheirOwnStyle() throws IOException {
    Document demo = Samples.demo();
    Path document = in.resolve("paper.finish");
    DocumentFile.write(demo, document);
    Ran ran = Ran.run("send", document, "-o", out, "--as", "tex,csv");
    assertThat(ran.code()).isZero();
    assertThat(written()).hasSize(1 + demo.tables().size()).contains("paper.tex", "paper-3.csv");
    String own = Files.readString(out.resolve("paper.tex"));
    Ran styled = Ran.run("send", document, "-o", out, "--as", "tex", "--style", "APA 7", "--force");
    assertThat(styled.code()).isZero();
    assertThat(Files.readString(out.resolve("paper.tex"))).isNotEqualTo(own);
  }

  @Test
  public void twoFilesOfOneNameAreSaid() throws IOException {
    fares("a.csv");
    fares("a.tsv");
    Ran ran = Ran.run("send", in, "-o", out, "--as", "md");
    assertThat(ran.code()).isEqualTo(Main.MENDABLE);
    assertThat(ran.err()).contains("would be written under one name");
    assertThat(out).doesNotExist();
  }

  @Test
  public void whatIsNotKnownIsSaid() throws IOException {
    assertThat(Ran.run("send", in, "-o", out, "--as", "md").err()).contains("no files with tables");
    fares("a.csv");
    assertThat(Ran.run("send", in, "-o", out, "--as", "doc").err()).contains("no format “doc”");
    assertThat(Ran.run("send", in, "-o", out, "--as", "md", "--style", "Gloss").err())
        .contains("There is no style “Gloss”");
    Path file = Files.writeString(folder.resolve("file"), "");
    Ran ran = Ran.run("send", in, "-o", file, "--as", "md");
    assertThat(ran.code()).isEqualTo(Main.MENDABLE);
    assertThat(ran.err()).isNotBlank().doesNotContain("Exception");
  }

  @Test
  public void labelsDoNothingToATerminal() throws IOException {
    Path odd = in.resolve("odd.csv");
    Files.writeString(odd, "Route,Winter\n\u001B[31mHale\u0007,12.5\nOrrin,11.0\n");
    Ran ran = Ran.run("read", odd);
    assertThat(ran.out()).doesNotContain("\u001B").doesNotContain("\u0007");
    assertThat(ran.err()).doesNotContain("\u001B");
  }
}
