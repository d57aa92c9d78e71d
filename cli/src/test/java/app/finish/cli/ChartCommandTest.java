package app.finish.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/// `finish chart` says what suits a table, and draws it.
public class ChartCommandTest {
  private Path folder;
  private Path fares;

  @BeforeClass
  public void write() throws IOException {
    folder = Files.createTempDirectory("finish-chart");
    fares = folder.resolve("fares.csv");
    Files.writeString(
        fares,
        "Fares by route\nRoute,2024,2025,2026\nHale,120,140,155\nOrrin,80,75,60\nSkell,30,45,52\n");
  }

  @AfterClass
  public void leave() throws IOException {
    try (var all = Files.list(folder)) {
      for (Path one : all.toList()) {
        Files.delete(one);
      }
    }
    Files.delete(folder);
  }

  @Test
  public void whatSuitsIsSaidWithTheReason() {
    Ran ran = Ran.run("chart", fares);
    assertThat(ran.code()).isZero();
    assertThat(ran.out())
        .startsWith("--kind lines --columns: Periods run across")
        .contains("--kind bars: ");
  }

  @Test
  public void theBestIsDrawn() throws IOException {
    Path drawing = folder.resolve("fares.svg");
    Ran ran = Ran.run("chart", fares, "-o", drawing);
    assertThat(ran.err()).isEmpty();
    assertThat(Files.readString(drawing)).contains("Lines: ", ">Hale<", ">2026<", "Figure 1");
  }

  @Test
  public void whatIsAskedForIsDrawn() throws IOException {
    Path drawing = folder.resolve("shares.svg");
    Ran ran =
        Ran.run(
            "chart",
            fares,
            "--kind",
            "shares",
            "--title",
            "Who pays",
            "--size",
            "300x120",
            "-o",
            drawing);
    assertThat(ran.err()).isEmpty();
    assertThat(Files.readString(drawing))
        .contains("Bars of 100 %: Who pays", "width=\"324pt\"", ">Who pays<");
  }

  @Test
  public void whatCanNotBeIsOneSentence() {
    assertThat(Ran.run("chart", fares, "-o", folder.resolve("fares.csv.csv")).err())
        .contains("can't hold a chart");
    assertThat(Ran.run("chart", fares, "--kind", "cake", "-o", folder.resolve("a.svg")).err())
        .contains("“cake” is no kind of chart that Finish knows.");
    assertThat(Ran.run("chart", fares, "--measure", "Costs", "-o", folder.resolve("a.svg")).err())
        .contains("The table has no measure “Costs”.");
    assertThat(Ran.run("chart", fares, "--size", "wide", "-o", folder.resolve("a.svg")).err())
        .contains("“wide” is no size.");
    assertThat(Ran.run("chart", fares, "--table", "3", "-o", folder.resolve("a.svg")).err())
        .contains("there is no number 3");
    assertThat(folder.resolve("a.svg")).doesNotExist();
  }
}
