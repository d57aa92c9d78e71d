package app.finish.core.recognise;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.dress.Dresser;
import app.finish.core.grid.Grid;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.StyleBook;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// A figure goes out with the unit that it came with, whatever units stand beside it.
public class UnitsStayTest {
  private static final String[] UNITS = {"kg", "km", "min", "mm", "kWh", "ha", "°C", "pp", "GB"};

  @DataProvider
  public Object[] seeds() {
    Object[] seeds = new Object[150];
    for (int i = 0; i < seeds.length; i++) {
      seeds[i] = i;
    }
    return seeds;
  }

  @Test(dataProvider = "seeds")
  public void eachFigureKeepsItsOwn(int seed) {
    Random random = new Random(seed);
    int columns = 2 + random.nextInt(3);
    boolean mixed = random.nextInt(3) == 0;
    String[] units = new String[columns];
    for (int i = 0; i < columns; i++) {
      units[i] = random.nextInt(4) == 0 ? "" : UNITS[random.nextInt(UNITS.length)];
    }
    List<String> lines = new ArrayList<>();
    StringBuilder heads = new StringBuilder("Pier");
    for (int i = 0; i < columns; i++) {
      heads.append(" | ").append((char) ('P' + i)).append("ort");
    }
    lines.add(heads.toString());
    List<String> figures = new ArrayList<>();
    for (int row = 0; row < 3 + random.nextInt(4); row++) {
      StringBuilder line = new StringBuilder("Quay ").append((char) ('A' + row));
      for (int i = 0; i < columns; i++) {
        String unit = mixed ? UNITS[random.nextInt(UNITS.length)] : units[i];
        String figure = 10 + random.nextInt(89) + "." + (1 + random.nextInt(9));
        String written = unit.isEmpty() ? figure : figure + " " + unit;
        figures.add(written);
        line.append(" | ").append(written);
      }
      lines.add(line.toString());
    }
    assertThat(written(lines)).containsExactlyElementsOf(figures);
  }

  private static List<String> written(List<String> lines) {
    Grid grid = Grid.ofText(lines.toArray(String[]::new));
    StyleBook book = StyleBook.of(List.of(HouseStyle.blank("Bare")));
    List<String> texts = new ArrayList<>();
    for (DressedRow row :
        Dresser.ready(Recogniser.recognise(grid, Corrections.NONE).table())
            .dressed(book.cascade("Bare"), "1")
            .band(Band.BODY)) {
      for (DressedCell cell : row.cells().subList(1, row.cells().size())) {
        texts.add(cell.text());
      }
    }
    return texts;
  }
}
