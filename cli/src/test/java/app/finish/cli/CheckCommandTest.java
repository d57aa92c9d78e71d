package app.finish.cli;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.formats.finish.DocumentFile;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

public class CheckCommandTest {
  private Path folder;
  private Path wrong;
  private Path sound;

  @BeforeClass
  public void makeFolder() throws IOException {
    folder = Files.createTempDirectory("finish-check");
    wrong = folder.resolve("wrong.csv");
    Files.writeString(
        wrong,
        """
        Landings by season
        Source,SS,df,MS,F,p
        Season,12.40,2,6.20,3.10,.073
        Error,108.00,54,2.00,,
        """);
    sound = folder.resolve("sound.csv");
    Files.writeString(
        sound,
        """
        Landings by season
        Source,SS,df,MS,F,p
        Season,12.40,2,6.20,3.10,.053
        Error,108.00,54,2.00,,
        """);
  }

  @Test
  public void whatDoesNotFollowIsSaidAndEndsWithOne() {
    Ran ran = Ran.run("check", wrong);
    assertThat(ran.code()).isEqualTo(Main.FINDINGS);
    assertThat(ran.out())
        .contains("Table 1, wrong.csv: 1 finding")
        .contains("Season: p is .073, but F = 3.10 with df = 2 and 54 gives .053.");
  }

  @Test
  public void aSoundTableEndsWithNought() {
    Ran ran = Ran.run("check", sound);
    assertThat(ran.out()).contains("everything holds");
    assertThat(ran.code()).isZero();
  }

  @Test
  public void aTableWiderThanItsPaperIsSaid() throws IOException {
    Path wide = folder.resolve("wide.csv");
    StringBuilder heads = new StringBuilder("Quay");
    StringBuilder figures = new StringBuilder("North");
    for (int i = 1; i <= 30; i++) {
      heads.append(",Berth ").append(i);
      figures.append(",").append(100 + i);
    }
    Files.writeString(wide, "Landings\n" + heads + "\n" + figures + "\n");
    Ran onA4 = Ran.run("check", wide);
    assertThat(onA4.out()).contains("page.holds-table", "The table is wider than the page.");
    assertThat(onA4.code()).isEqualTo(Main.FINDINGS);
    assertThat(Ran.run("check", wide, "--paper", "2000x600mm").out())
        .doesNotContain("page.holds-table");
  }

  /// Mended lines keep to what the manual asks of spacing and size.
  @Test
  public void aTableThatCouldLieOnOnePageIsSaidAndMended() throws IOException {
    Path tall = folder.resolve("tall.csv");
    StringBuilder rows = new StringBuilder("Fares by quay\nQuay,Winter,Summer\n");
    for (int i = 1; i <= 46; i++) {
      rows.append("Quay ").append(i).append(',').append(211 + i * 37 % 101);
      rows.append(',').append(305 + i * 53 % 97).append('\n');
    }
    Files.writeString(tall, rows);
    Ran before = Ran.run("check", tall, "--against", "APA 7");
    assertThat(before.out())
        .contains("apa.one-page", "The table takes 2 pages, and could lie on one.");
    Path mended = folder.resolve("tall.finish");
    Ran after = Ran.run("check", tall, "--against", "APA 7", "--mend", "-o", mended);
    assertThat(after.out()).contains("everything holds");
    assertThat(Ran.run("check", mended, "--against", "APA 7", "--paper", "letter").out())
        .doesNotContain("apa.spacing", "apa.face");
  }

  @Test
  public void findingsAreJson() throws IOException {
    JsonNode root = new ObjectMapper().readTree(Ran.run("check", wrong, "--json").out());
    JsonNode finding = root.at("/tables/0/findings/0");
    assertThat(finding.path("check").asText()).isEqualTo("arithmetic.probability");
    assertThat(finding.path("is").asText()).isEqualTo(".073");
    assertThat(finding.path("should").asText()).isEqualTo(".053");
    assertThat(finding.path("wrong").asBoolean()).isTrue();
  }

  @Test
  public void findingsAreSarif() throws IOException {
    JsonNode run =
        new ObjectMapper().readTree(Ran.run("check", wrong, "--sarif").out()).at("/runs/0");
    JsonNode result = run.at("/results/0");
    assertThat(run.at("/tool/driver/name").asText()).isEqualTo("Finish");
    assertThat(run.at("/tool/driver/rules").findValuesAsText("id"))
        .contains(result.path("ruleId").asText());
    assertThat(result.at("/message/text").asText()).contains(".053");
    assertThat(result.at("/locations/0/physicalLocation/artifactLocation/uri").asText())
        .endsWith("wrong.csv");
  }

  @Test
  public void whatIsSafeIsMendedInADocument() throws IOException {
    Path style = folder.resolve("grid.json");
    Files.writeString(
        style,
        "{\"name\": \"Grid\", \"basedOn\": \"APA 7\", \"looks\": {\"table\":"
            + " {\"ruleBetweenColumns\": \"0.5 pt ink\"}, \"number\": {\"weight\": \"regular\"}}}");
    Ran before = Ran.run("check", sound, "--against", style);
    assertThat(before.out()).contains("apa.rules").contains("apa.number");
    Path out = folder.resolve("mended.finish");
    Ran ran = Ran.run("check", sound, "--against", style, "--mend", "-o", out);
    assertThat(ran.err()).isEmpty();
    assertThat(ran.code()).isZero();
    assertThat(DocumentFile.read(out).table(0).finish().touches().isEmpty()).isFalse();
  }

  @Test
  public void aManuscriptIsReadForItsCallouts() throws IOException {
    Path text = Files.writeString(folder.resolve("paper.md"), "See Table 2.");
    Ran ran = Ran.run("check", sound, "--manuscript", text);
    assertThat(ran.code()).isEqualTo(Main.FINDINGS);
    assertThat(ran.out())
        .contains("The text never calls Table 1 out.")
        .contains("The text calls Table 2 out, and there is none.");
    Files.writeString(text, "See Table 1.");
    assertThat(Ran.run("check", sound, "--manuscript", text).code()).isZero();
  }

  @Test
  public void whatIsAskedWronglyIsSaid() {
    Ran ran = Ran.run("check", sound, "--mend");
    assertThat(ran.code()).isEqualTo(Main.MENDABLE);
    assertThat(ran.err()).contains("-o OUT.finish");
    Ran other = Ran.run("check", folder.resolve("none.csv"));
    assertThat(other.code()).isEqualTo(Main.MENDABLE);
  }
}
