package app.finish.formats.text;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.document.Source;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.table.Table;
import app.finish.formats.Sources;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Random tables come back with every figure in its place, however untidily they were printed.
public class ConsoleShapesTest {
  private static final String[] PLACES = {"Hale", "Orrin", "Skerry", "Voe", "Ness", "Tamsay"};
  private static final String[] NAMES = {"Delay", "Wind", "Load", "Trust", "Crew"};
  private static final String[] STATISTICS = {"Min.", "1st Qu.", "Median", "3rd Qu.", "Max."};

  @DataProvider
  public Object[] seeds() {
    return new Random(7).longs(60).boxed().toArray();
  }

  private static List<List<String>> figures(Random random, int rows, int columns) {
    List<List<String>> figures = new ArrayList<>();
    for (int row = 0; row < rows; row++) {
      List<String> line = new ArrayList<>();
      for (int column = 0; column < columns; column++) {
        double size = Math.pow(10, random.nextInt(4));
        line.add(String.format(Locale.ROOT, "%.2f", (random.nextDouble() - 0.3) * size));
      }
      figures.add(line);
    }
    return figures;
  }

  private static void holds(String text, List<List<String>> figures, List<String> heads)
      throws IOException {
    List<Source> sources = Sources.readText(text);
    assertThat(sources).as(text).hasSize(1);
    Table table = Recogniser.recognise(sources.getFirst().grid(), Corrections.NONE).table();
    assertThat(table.across().leaves())
        .extracting(leaf -> leaf.labels().getLast())
        .isEqualTo(heads);
    assertThat(table.body().rows()).as(text).isEqualTo(figures.size());
    for (int row = 0; row < figures.size(); row++) {
      for (int column = 0; column < heads.size(); column++) {
        assertThat(table.body().number(row, column))
            .as(text)
            .isEqualTo(Double.parseDouble(figures.get(row).get(column)));
      }
    }
  }

  @Test(dataProvider = "seeds")
  public void figuresThatDoNotStandStraightArePartedByTheirOrder(long seed) throws IOException {
    Random random = new Random(seed);
    List<List<String>> figures = figures(random, 4, 4);
    List<String> heads = List.of(NAMES).subList(0, 4);
    StringBuilder text = new StringBuilder("Port  " + String.join("  ", heads) + "\n");
    for (int row = 0; row < figures.size(); row++) {
      text.append(PLACES[row]).append("  ").append(String.join(" ", figures.get(row))).append('\n');
    }
    holds(text.toString(), figures, heads);
  }

  @Test(dataProvider = "seeds")
  public void cellsThatBearTheirNamesBecomeRows(long seed) throws IOException {
    Random random = new Random(seed);
    int columns = 2 + random.nextInt(3);
    List<List<String>> figures = figures(random, STATISTICS.length, columns);
    List<String> heads = List.of(NAMES).subList(0, columns);
    StringBuilder text = new StringBuilder();
    heads.forEach(head -> text.append(String.format("     %-15s", head)));
    for (int row = 0; row < STATISTICS.length; row++) {
      text.append('\n');
      for (String figure : figures.get(row)) {
        text.append(String.format(" %-7s:%-10s ", STATISTICS[row], figure));
      }
    }
    holds(text.append('\n').toString(), figures, heads);
  }
}
