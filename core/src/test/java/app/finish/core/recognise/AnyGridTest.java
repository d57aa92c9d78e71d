package app.finish.core.recognise;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.TestStyles;
import app.finish.core.dress.Dresser;
import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import app.finish.core.grid.SourceFormat;
import app.finish.core.layout.Paper;
import app.finish.core.layout.font.Fonts;
import app.finish.core.layout.page.Compositor;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.recognise.said.Anchor;
import app.finish.core.recognise.said.BlankMeaning;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.recognise.said.LineRole;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Spot;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Whatever a grid holds, it becomes a table that can be dressed and laid out.
public class AnyGridTest {
  private static final String[] TEXTS = {
    "",
    "",
    "",
    "12",
    "1,204.5",
    "3.5%",
    "–",
    "n/a",
    "Total",
    "All routes",
    "Winter",
    "Hale–Orrin",
    "2025",
    "2026",
    "1",
    "2",
    "Note. x",
    "Source: y",
    "Table 1",
    "(in thousands)",
    "a | b",
    "  indented",
    "#DIV/0!",
    "\u202Eשלום",
    "😀",
    "x".repeat(300),
    "N",
    "p",
    ".05",
    "***",
    "(",
    "-",
    "Year: 2025",
    "€12",
    "0",
    "1e308",
    "a. Exact.",
    "6a",
    "4.21b,c",
    "a.",
    "12¹",
    "Northᵃ",
    "*p < .05",
    "(blank)",
    "<.001",
    "Std. Deviation",
    "=SUM(A1:A9)",
    "12345678901234567890"
  };

  private static final String[] MARKS = {"a", "b,c", "***", "†", "1", " "};
  private static final List<LineRole> COLUMN_ROLES =
      List.of(LineRole.BODY, LineRole.SUBTOTAL, LineRole.GRAND_TOTAL, LineRole.LEFT_OUT);

  private final Fonts fonts = new Fonts();

  @DataProvider
  public Object[][] seeds() {
    Object[][] seeds = new Object[1500][];
    for (int i = 0; i < seeds.length; i++) {
      seeds[i] = new Object[] {(long) i};
    }
    return seeds;
  }

  private static Grid grid(Random random) {
    int rows = random.nextInt(14);
    int columns = 1 + random.nextInt(7);
    List<List<GridCell>> cells = new ArrayList<>();
    for (int row = 0; row < rows; row++) {
      List<GridCell> line = new ArrayList<>();
      for (int column = 0; column < columns; column++) {
        GridCell cell = GridCell.of(TEXTS[random.nextInt(TEXTS.length)]);
        if (random.nextInt(8) == 0) {
          cell =
              GridCell.of(random.nextGaussian() * 1000, cell.text().isEmpty() ? "7" : cell.text());
        }
        if (random.nextInt(10) == 0) {
          cell = cell.spanning(1 + random.nextInt(3), 1 + random.nextInt(3));
        }
        if (random.nextInt(12) == 0) {
          cell = cell.withMark(MARKS[random.nextInt(MARKS.length)]);
        }
        line.add(cell.with(new SourceFormat(random.nextBoolean(), false, random.nextInt(3))));
      }
      cells.add(line);
    }
    return Grid.of("", cells);
  }

  /// What a fuzzer found: marks where there are no figures.
  @Test
  public void marksWithoutFiguresAreNoHarm() {
    Grid grid = Grid.ofText("no answer | p", "Pier 6.a", "Note. Rounded.", "a. Exact.");
    assertThat(Recogniser.recognise(grid, Corrections.NONE).table().marks().byPlace()).isEmpty();
    Grid figure = Grid.ofText("no answer | p", "6a", "Note. Rounded.", "a. Exact.");
    assertThat(Recogniser.recognise(figure, Corrections.NONE).table().marks().byPlace())
        .containsExactly(Map.entry(new Spot.Figure(0, 0), "a"));
  }

  @Test(dataProvider = "seeds")
  public void becomesATable(long seed) {
    Random random = new Random(seed);
    for (Grid grid : Recogniser.split(grid(random))) {
      Corrections corrections = Corrections.NONE;
      if (random.nextInt(3) == 0) {
        corrections = corrections.withHeadRows(random.nextInt(4));
      }
      if (random.nextInt(3) == 0) {
        corrections = corrections.withStubColumns(random.nextInt(4));
      }
      Recognition plain = Recogniser.recognise(grid, Corrections.NONE);
      List<Anchor> rows = plain.anchors().rows();
      List<Anchor> columns = plain.anchors().columns();
      for (int i = random.nextInt(3); i > 0; i--) {
        LineRole role = LineRole.values()[random.nextInt(LineRole.values().length)];
        corrections = corrections.withRow(rows.get(random.nextInt(rows.size())), role);
      }
      for (int i = random.nextInt(2); i > 0; i--) {
        LineRole role = COLUMN_ROLES.get(random.nextInt(COLUMN_ROLES.size()));
        corrections = corrections.withColumn(columns.get(random.nextInt(columns.size())), role);
      }
      if (random.nextInt(4) == 0) {
        String name = plain.table().measures().getFirst().name();
        MeasureKind kind = MeasureKind.values()[random.nextInt(MeasureKind.values().length)];
        corrections = corrections.withMeasure(name, kind);
      }
      if (random.nextInt(4) == 0) {
        corrections = corrections.withBlanks(BlankMeaning.values()[random.nextInt(3)]);
      }
      Recognition read = Recogniser.recognise(grid, corrections);
      for (String style : List.of("Base", "House")) {
        var dressed = Dresser.dress(read.table(), TestStyles.book().cascade(style), 1);
        assertThat(new Compositor(fonts).layOut(dressed, Paper.A4).pages()).isNotEmpty();
      }
    }
  }
}
