package app.finish.core.dress;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.RandomStyles;
import app.finish.core.RandomTables;
import app.finish.core.TestStyles;
import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.Arranger;
import app.finish.core.arrange.make.ByFigure;
import app.finish.core.arrange.make.ByLabel;
import app.finish.core.arrange.make.Rename;
import app.finish.core.arrange.make.Reverse;
import app.finish.core.arrange.make.SwapAxes;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.place.Side;
import app.finish.core.style.Cascade;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.Look;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.StyleBook;
import app.finish.core.style.Touches;
import app.finish.core.table.Heading;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Touches, alternate tints and the number of looks, over tables made by chance.
public class TouchTest {
  private static final Cascade HOUSE = TestStyles.book().cascade("House");

  @DataProvider
  public Object[][] seeds() {
    return IntStream.range(0, 120).mapToObj(i -> new Object[] {i}).toArray(Object[][]::new);
  }

  private static List<DressedCell> filled(Dressed dressed, String fill) {
    List<DressedCell> found = new ArrayList<>();
    for (DressedRow row : dressed.rows()) {
      for (DressedCell cell : row.cells()) {
        if (cell.look().setting(Property.FILL).equals(fill)) {
          found.add(cell);
        }
      }
    }
    return found;
  }

  /// A table whose figures all differ, so that one is known again.
  private static Arranged arranged(Table table, Random random) {
    Arrangement some = Arrangement.NONE;
    List<List<String>> paths = Arranger.arrange(table, Arrangement.NONE).paths(Side.ACROSS);
    for (int i = 0; i < 1 + random.nextInt(4); i++) {
      Side side = random.nextBoolean() ? Side.DOWN : Side.ACROSS;
      some =
          switch (random.nextInt(5)) {
            case 0 -> some.with(new SwapAxes());
            case 1 -> some.with(new Reverse(side, random.nextInt(2)));
            case 2 -> some.with(new ByLabel(side, 0, random.nextBoolean()));
            case 3 ->
                some.with(
                    new ByFigure(Side.DOWN, 1, paths.get(random.nextInt(paths.size())), true));
            default ->
                some.with(
                    new Rename(Side.ACROSS, paths.getFirst().subList(0, 1), "Called otherwise"));
          };
    }
    return Arranger.arrange(table, some);
  }

  private static String bare(String text) {
    return text.replaceAll("[%€$\u00a0 ]", "");
  }

  @Test(dataProvider = "seeds")
  public void aTouchedCellIsTheSameFigureHoweverTheTableIsArranged(int seed) {
    Random random = new Random(seed);
    Table table = new RandomTables(seed).table();
    Arranged before = Arranger.arrange(table, Arrangement.NONE);
    int row = random.nextInt(table.body().rows());
    int column = random.nextInt(table.body().columns());
    SourceLabels naming = SourceLabels.of(before);
    Selector.OfPlace place =
        TouchPlaces.of(naming, new CellMeaning.Body(row, column), false).orElseThrow();
    Touches touches = Touches.NONE.with(place, Property.FILL, "accent 77%");
    Cascade cascade = HOUSE.touched(touches);
    List<DressedCell> cells = filled(Dresser.ready(before).dressed(cascade, "1"), "accent 77%");
    assertThat(cells).extracting(DressedCell::place).contains(new CellMeaning.Body(row, column));
    String text = cells.getFirst().text();
    assertThat(cells).hasSize(1);
    Arranged after = arranged(table, random);
    List<DressedCell> found = filled(Dresser.ready(after).dressed(cascade, "1"), "accent 77%");
    assertThat(found).hasSameSizeAs(cells);
    // The unit may stand in the head before and in the cell after, or the other way round.
    assertThat(found).extracting(cell -> bare(cell.text())).contains(bare(text));
  }

  /// From and to bear the same names: a touch on one way is none on the way back.
  @Test
  public void aTouchKnowsTheSideOfItsLabels() {
    List<Heading> islands = List.of(Heading.member("Hale"), Heading.member("Orrin"));
    Table table = RandomTables.counts(islands, islands);
    Arranged swapped = Arranger.arrange(table, Arrangement.NONE.with(new SwapAxes()));
    Selector.OfPlace there = new Selector.OfPlace(List.of("Hale"), List.of("Orrin"), false);
    Selector.OfPlace line = new Selector.OfPlace(List.of("Hale"), List.of(), true);
    Cascade cascade =
        HOUSE.touched(
            Touches.NONE
                .with(there, Property.FILL, "accent 77%")
                .with(line, Property.SLANT, "italic"));
    Dressed dressed = Dresser.ready(swapped).dressed(cascade, "1");
    assertThat(filled(dressed, "accent 77%"))
        .singleElement()
        .extracting(DressedCell::place)
        .isEqualTo(new CellMeaning.Body(1, 0));
    long slanted =
        dressed.rows().stream()
            .flatMap(row -> row.cells().stream())
            .filter(cell -> cell.look().italic())
            .count();
    assertThat(slanted).isEqualTo(3);
  }

  @Test(dataProvider = "seeds")
  public void aTouchedLineIsOneRowOrColumnAndNothingElse(int seed) {
    Random random = new Random(seed);
    Table table = new RandomTables(seed).table();
    Arranged arranged = Arranger.arrange(table, Arrangement.NONE);
    int row = random.nextInt(table.body().rows());
    Selector.OfPlace line =
        TouchPlaces.of(SourceLabels.of(arranged), new CellMeaning.Body(row, 0), true).orElseThrow();
    Cascade cascade = HOUSE.touched(Touches.NONE.with(line, Property.FILL, "accent 77%"));
    List<DressedCell> cells = filled(Dresser.ready(arranged).dressed(cascade, "1"), "accent 77%");
    assertThat(cells)
        .filteredOn(cell -> cell.place() instanceof CellMeaning.Body)
        .hasSize(table.body().columns())
        .allMatch(cell -> ((CellMeaning.Body) cell.place()).row() == row);
  }

  @Test(dataProvider = "seeds")
  public void aTableHasFewLooks(int seed) {
    Random random = new Random(seed);
    Table table = new RandomTables(seed).table();
    HouseStyle style = RandomStyles.style("Own", "", random);
    Cascade cascade = StyleBook.of(List.of(style)).cascade("Own");
    Dressed dressed = Dresser.dress(table, cascade, 1);
    Set<Look> looks = Collections.newSetFromMap(new IdentityHashMap<>());
    dressed.rows().forEach(row -> row.cells().forEach(cell -> looks.add(cell.look())));
    assertThat(looks).hasSizeLessThanOrEqualTo(64);
  }

  private static Table rows(int count, boolean total) {
    List<Heading> rows = new ArrayList<>();
    for (int i = 1; i <= count; i++) {
      rows.add(Heading.member("Day " + i));
    }
    if (total) {
      rows.add(Heading.grandTotal("All days"));
    }
    return RandomTables.counts(rows, List.of(Heading.member("A"), Heading.member("B")));
  }

  private static List<Integer> tinted(Table table, String... settings) {
    HouseStyle style =
        HouseStyle.blank("Own").with(new Selector.Alternate(), Property.FILL, "ink 10%");
    for (int i = 0; i < settings.length; i += 2) {
      style =
          style.with(
              new Selector.Alternate(), Property.of(settings[i]).orElseThrow(), settings[i + 1]);
    }
    Dressed dressed = Dresser.dress(table, StyleBook.of(List.of(style)).cascade("Own"), 1);
    return filled(dressed, "ink 10%").stream()
        .map(DressedCell::place)
        .filter(CellMeaning.Body.class::isInstance)
        .map(place -> ((CellMeaning.Body) place).row() + 1)
        .distinct()
        .toList();
  }

  @Test
  public void oneOfSoManyRowsBearsTheTint() {
    assertThat(tinted(rows(7, true))).containsExactly(2, 4, 6);
    assertThat(tinted(rows(7, true), "every", "3", "from", "1")).containsExactly(1, 4, 7);
    assertThat(tinted(rows(7, true), "every", "2", "from", "2", "over", "totals"))
        .containsExactly(2, 4, 6, 8);
    assertThat(tinted(rows(7, true), "counted", "through", "over", "totals"))
        .containsExactly(2, 4, 6, 8);
  }

  @Test
  public void aRuleThatStaysIsDrawnWithoutItsRow() {
    HouseStyle style =
        HouseStyle.blank("Own")
            .with(Selector.of(PartName.GRAND_TOTAL_ROW), Property.RULE_ABOVE, "1 pt ink stays");
    Cascade cascade = StyleBook.of(List.of(style)).cascade("Own");
    Dressed without = Dresser.dress(rows(3, false), cascade, 1);
    assertThat(without.rows().getLast().below().rule().weight()).isEqualTo(1);
    HouseStyle goes =
        HouseStyle.blank("Own")
            .with(Selector.of(PartName.GRAND_TOTAL_ROW), Property.RULE_ABOVE, "1 pt ink");
    Dressed gone = Dresser.dress(rows(3, false), StyleBook.of(List.of(goes)).cascade("Own"), 1);
    assertThat(gone.rows().getLast().below().rule().isDrawn()).isFalse();
  }
}
