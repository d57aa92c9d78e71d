package app.finish.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.document.Source;
import app.finish.core.problem.Problem;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.table.Table;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.testng.annotations.Test;

/// Input without end in some direction is read, or refused in a sentence; a test that hangs ends by
/// its time limit.
public class EndlessInputTest {
  private static final int LIMIT = 20_000;

  private static Table read(String name, String text) throws Exception {
    Path file = Files.createTempFile("finish-endless", name);
    file.toFile().deleteOnExit();
    List<Source> sources = Sources.read(Files.writeString(file, text));
    return Recogniser.recognise(sources.getFirst().grid(), Corrections.NONE).table();
  }

  @Test(timeOut = LIMIT)
  public void blanksWithoutEnd() throws Exception {
    String blanks = " ".repeat(20_000);
    Table inLabel = read(".csv", "Route,Fares\nHale" + blanks + "x,1\nSkell,2\n");
    assertThat(inLabel.body().number(0, 0)).isEqualTo(1);
    Table inFigure = read(".csv", "Route,Fares\nHale,1" + blanks + "\nSkell,2\n");
    assertThat(inFigure.body().number(0, 0)).isEqualTo(1);
  }

  @Test(timeOut = LIMIT)
  public void aHeadWithoutEnd() throws Exception {
    assertThat(read(".csv", "Route," + "x".repeat(10_000) + "\nHale,1\nSkell,2\n").body().rows())
        .isEqualTo(2);
  }

  @Test(timeOut = LIMIT)
  public void columnsWithoutEnd() throws Exception {
    String heads = IntStream.range(0, 900).mapToObj(i -> "c" + i).collect(Collectors.joining("|"));
    String figures = IntStream.range(0, 900).mapToObj(i -> "" + i).collect(Collectors.joining("|"));
    Table table = read(".md", "|" + heads + "|\n|" + "---|".repeat(900) + "\n|" + figures + "|\n");
    assertThat(table.body().columns()).isGreaterThan(800);
  }

  @Test(timeOut = LIMIT)
  public void tablesInTablesWithoutEnd() {
    String deep = "<table><tr><td>".repeat(20_000) + "1" + "</td></tr></table>".repeat(20_000);
    assertThatThrownBy(() -> read(".html", deep))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("nests more than 400");
  }
}
