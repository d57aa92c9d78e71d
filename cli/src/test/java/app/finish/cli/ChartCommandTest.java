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
  public void aTableWithoutFiguresIsToldOf() throws IOException {
    Path crew = folder.resolve("crew.csv");
    Files.writeString(crew, "A,B\nx,\ny,\n");
    Ran ran = Ran.run("chart", crew);
    assertThat(ran.code()).isEqualTo(Main.MENDABLE);
    assertThat(ran.err()).contains("no figures of its own");
  }

  /// A mean is drawn with its interval, and named by the title of its table.
  @Test
  public void meansAreDrawnWithTheirIntervals() throws IOException {
    Path times = folder.resolve("times.csv");
    Files.writeString(
        times,
        "Boarding time by quay\nQuay,n,M,SD,95% CI\n"
            + "North,40,512.3,48.2,\"[496.9, 527.7]\"\nSouth,39,588.9,61.0,\"[569.1, 608.7]\"\n");
    assertThat(Ran.run("chart", times).out()).startsWith("--kind intervals: ");
    Path drawing = folder.resolve("times.svg");
    Ran.run("chart", times, "-o", drawing);
    assertThat(Files.readString(drawing))
        .contains("Boarding Time by Quay", "Lines show the interval");
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
