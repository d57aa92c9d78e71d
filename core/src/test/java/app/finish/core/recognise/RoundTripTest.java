package app.finish.core.recognise;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.RandomTables;
import app.finish.core.check.Found;
import app.finish.core.grid.Grid;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.recognise.found.SourceRow;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class RoundTripTest {
  @DataProvider
  public Object[][] seeds() {
    Object[][] seeds = new Object[300][];
    for (int i = 0; i < seeds.length; i++) {
      seeds[i] = new Object[] {(long) i};
    }
    return seeds;
  }

  @Test(dataProvider = "seeds")
  public void whatIsWrittenIsRecognised(long seed) {
    RandomTables random = new RandomTables(seed);
    String form = random.toString();
    Table expected = random.table();
    RandomTables again = new RandomTables(seed);
    List<Grid> grids = Recogniser.split(again.grid());
    assertThat(grids).as(form).hasSize(1);
    Table read = Recogniser.recognise(grids.getFirst(), Corrections.NONE).table();
    assertThat(read.down()).as(form).usingRecursiveComparison().isEqualTo(expected.down());
    assertThat(read.across().headings()).as(form).isEqualTo(expected.across().headings());
    assertThat(read.body()).as(form).isEqualTo(expected.body());
    assertThat(read.marks()).as(form).isEqualTo(expected.marks());
    assertThat(read.words()).as(form).isEqualTo(expected.words());
    assertThat(read.measures()).as(form).isEqualTo(expected.measures());
    assertThat(Found.in(grids.getFirst(), Corrections.NONE)).as(form).isEmpty();
  }

  @Test(dataProvider = "seeds")
  public void everyFigureOfTheSourceIsInTheTable(long seed) {
    Grid grid = Recogniser.split(new RandomTables(seed).grid()).getFirst();
    Recognition read = Recogniser.recognise(grid, Corrections.NONE);
    for (SourceRow row : read.rows()) {
      row.leaf()
          .ifPresent(
              leaf -> {
                for (int i = 0; i < read.valueColumns().size(); i++) {
                  String mark = read.table().marks().at(new Spot.Figure(leaf, i));
                  String written = read.table().body().at(leaf, i).written();
                  assertThat(grid.at(row.row(), read.valueColumns().get(i)).text())
                      .isIn(written, written + mark);
                }
              });
    }
  }
}
