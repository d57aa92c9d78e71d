package app.finish.core.dress;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.Arranger;
import app.finish.core.arrange.make.JoinMeasures;
import app.finish.core.arrange.make.TakeApart;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.grid.Grid;
import app.finish.core.number.FigureGroup;
import app.finish.core.number.NumberReader;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.StyleBook;
import app.finish.core.style.colour.Palette;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Figures that stand together in a cell are the same figures in every style, whether the source
/// writes a point or a comma.
public class GroupedFiguresTest {
  @DataProvider
  public Object[][] seeds() {
    Object[][] seeds = new Object[60][];
    for (int i = 0; i < seeds.length; i++) {
      seeds[i] = new Object[] {i};
    }
    return seeds;
  }

  private static String written(double number, int decimals, boolean comma) {
    String text = String.format(Locale.ROOT, "%,." + decimals + "f", number);
    return comma ? text.replace(',', '_').replace('.', ',').replace('_', '.') : text;
  }

  private static HouseStyle style(Random random, boolean comma) {
    String[] groupings =
        comma ? new String[] {"point", "space", "none"} : new String[] {"comma", "space", "none"};
    Map<Property, String> settings =
        Map.of(
            Property.DECIMAL_MARK, comma ? "comma" : "point",
            Property.GROUPING, groupings[random.nextInt(3)],
            Property.NEGATIVE, random.nextBoolean() ? "minus" : "hyphen",
            Property.ZERO_BEFORE_POINT, random.nextBoolean() ? "yes" : "no");
    return new HouseStyle(
        "Own", "", false, Palette.PLAIN, Map.of(Selector.of(PartName.TABLE), settings));
  }

  private static List<String> cells(Table table, HouseStyle style) {
    return Dresser.dress(table, StyleBook.of(List.of(style)).cascade("Own"), 1)
        .band(DressedRow.Band.BODY)
        .stream()
        .flatMap(row -> row.cells().stream())
        .filter(cell -> cell.place() instanceof CellMeaning.Body)
        .map(DressedCell::text)
        .toList();
  }

  private static double number(String text, boolean comma) {
    String bare = text.replaceAll("[\\s\u00a0\u202f]", "").replace('−', '-');
    String plain = comma ? bare.replace(".", "").replace(',', '.') : bare.replace(",", "");
    return Double.parseDouble(plain);
  }

  @Test(dataProvider = "seeds")
  public void noStyleChangesAFigure(int seed) {
    Random random = new Random(seed);
    boolean comma = random.nextBoolean();
    List<String> lines = new ArrayList<>(List.of("Watch | M | SD"));
    List<Double> numbers = new ArrayList<>();
    for (int row = 0; row < 12; row++) {
      double mean = Math.round((random.nextDouble() * 9000 - 900) * 100) / 100.0;
      double deviation = Math.round(random.nextDouble() * (row % 3 == 0 ? 1 : 2000) * 100) / 100.0;
      numbers.add(mean);
      numbers.add(deviation);
      lines.add(
          "Watch " + row + " | " + written(mean, 2, comma) + " | " + written(deviation, 2, comma));
    }
    Table source =
        Recogniser.recognise(Grid.ofText(lines.toArray(String[]::new)), Corrections.NONE).table();
    JoinMeasures join = new JoinMeasures("M", "SD", JoinMeasures.Form.values()[seed % 3], "M (SD)");
    Arranged joined = Arranger.arrange(source, Arrangement.of(join));
    boolean commaInStyle = random.nextBoolean();
    HouseStyle style = style(random, commaInStyle);
    List<Double> shown = new ArrayList<>();
    for (String cell : cells(joined.table(), style)) {
      List<String> figures = parts(cell);
      assertThat(figures).as("%s in %s", cell, style.settings()).hasSize(2);
      figures.forEach(figure -> shown.add(number(figure, commaInStyle)));
    }
    assertThat(shown).as("%s", style.settings()).isEqualTo(numbers);
    Table apart = Arranger.arrange(source, Arrangement.of(join, new TakeApart("M (SD)"))).table();
    List<Double> back = new ArrayList<>();
    for (int row = 0; row < apart.body().rows(); row++) {
      back.add(apart.body().number(row, 0));
      back.add(apart.body().number(row, 1));
    }
    assertThat(back).isEqualTo(numbers);
  }

  /// Spaces part thousands too, which a cell of several figures is not read with.
  private static List<String> parts(String cell) {
    return FigureGroup.of(cell.replaceAll("(?<=[0-9])[\u00a0\u202f\u2009 ](?=[0-9]{3})", ""));
  }

  @Test
  public void whatCameTogetherIsWrittenInTheStyle() {
    Table german =
        Recogniser.recognise(
                Grid.ofText("Wache | M (SD)", "Früh | 1.054,2 (11,3)", "Nacht | 3,446 (0,7)"),
                Corrections.NONE)
            .table();
    HouseStyle style =
        new HouseStyle(
            "Own",
            "",
            false,
            Palette.PLAIN,
            Map.of(Selector.of(PartName.TABLE), Map.of(Property.DECIMAL_MARK, "point")));
    assertThat(cells(german, style)).containsExactly("1,054.2 (11.3)", "3.446 (0.7)");
    assertThat(german.measures().getFirst().reader().map(NumberReader::decimalMark)).contains(',');
  }
}
