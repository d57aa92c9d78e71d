package app.finish.cli;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.formats.samples.Samples;
import app.finish.formats.style.StyleFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

public class StyleCommandTest {
  private Path folder;

  @BeforeClass
  public void makeFolder() throws IOException {
    folder = Files.createTempDirectory("finish-style");
  }

  @Test
  public void checksAShippedStyle() {
    Ran ran = Ran.run("style", "check", "Ledger");
    assertThat(ran.code()).isZero();
    assertThat(ran.out()).isEqualTo("Ledger passes all checks." + System.lineSeparator());
  }

  @Test
  public void saysWhatFailsAndWhatIsNotKnown() throws IOException {
    Path style = folder.resolve("pale.json");
    Files.writeString(
        style,
        "{\"name\": \"Pale\", \"basedOn\": \"Plain\", \"palette\": {\"ink\": \"#b0b0b0\"},\n"
            + "\"looks\": {\"gutter\": {}}}");
    Ran ran = Ran.run("style", "check", style);
    assertThat(ran.code()).isEqualTo(Main.FINDINGS);
    assertThat(ran.out())
        .contains("line 2, looks › gutter: There is no part of this name.")
        .contains("ink on paper, in colour: 2.17 : 1, not 4.5 : 1; #")
        .contains("ink on paper, in grey print");
  }

  @Test
  public void aStyleThatIsWrongIsToldWithItsPlace() throws IOException {
    Path style = folder.resolve("wrong.json");
    Files.writeString(
        style, "{\"name\": \"Wrong\",\n\"looks\": {\"title\": {\n\"size\": \"big\"}}}");
    Ran ran = Ran.run("style", "check", style);
    assertThat(ran.code()).isEqualTo(Main.MENDABLE);
    assertThat(ran.out()).contains("line 3, looks › title › size: Size can't be “big”");
  }

  @Test
  public void readsAStyleFromAWorkbookAndDressesSeveralFilesInIt() throws IOException {
    Path workbook = Samples.copy(Samples.PIVOTS, folder);
    Path style = folder.resolve("own.json");
    Ran ran = Ran.run("style", "from", workbook, "-o", style, "--name", "Of the workbook");
    assertThat(ran.err()).isEmpty();
    assertThat(ran.code()).isZero();
    assertThat(StyleFile.read(style).name()).isEqualTo("Of the workbook");
    Path csv = folder.resolve("more.csv");
    Files.writeString(csv, "Route,Fares\nHale–Orrin,12\nOrrin–Skell,15\n");
    Path out = folder.resolve("both.html");
    Ran dressed = Ran.run("dress", csv, csv, "--style", style, "-o", out);
    assertThat(dressed.err()).isEmpty();
    assertThat(dressed.code()).isZero();
    assertThat(Files.readString(out)).contains("Table 1").contains("Table 2");
  }

  @Test
  public void aWorkbookThatIsNoneSaysSo() throws IOException {
    Path text = folder.resolve("none.xlsx");
    Files.writeString(text, "no workbook");
    Ran ran = Ran.run("style", "from", text, "-o", folder.resolve("none.json"));
    assertThat(ran.code()).isEqualTo(Main.MENDABLE);
    assertThat(ran.err()).contains("none.xlsx is not an XLSX workbook");
    assertThat(folder.resolve("none.json")).doesNotExist();
  }
}
