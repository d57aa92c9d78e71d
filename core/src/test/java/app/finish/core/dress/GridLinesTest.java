package app.finish.core.dress;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.RandomTables;
import app.finish.core.Seeds;
import app.finish.core.TestStyles;
import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.Arranger;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.place.Side;
import app.finish.core.style.Cascade;
import app.finish.core.style.Part;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.RuleLine;
import app.finish.core.style.Selector;
import app.finish.core.style.Touches;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Lines between and around cells, over tables made by chance.
public class GridLinesTest {
  private static final String LINE = "3 pt accent";
  private static final RuleLine RULE = RuleLine.parse(LINE);

  @DataProvider
  public Object[][] seeds() {
    return Seeds.upTo(60);
  }

  private static Dressed dressed(Table table, Touches touches) {
    Cascade plain = TestStyles.book().cascade("House");
    return Dresser.dress(table, plain.touched(touches), "1");
  }

  private static Touches touch(Selector selector, Property property) {
    return Touches.NONE.with(selector, property, LINE);
  }

  private static Stream<DressedCell> figures(Dressed dressed) {
    return dressed.rows().stream()
        .flatMap(row -> row.cells().stream())
        .filter(cell -> cell.place() instanceof CellMeaning.Body);
  }

  private static List<DressedCell> bearing(Dressed dressed, Function<DressedCell, RuleLine> side) {
    List<DressedCell> found = new ArrayList<>();
    for (DressedRow row : dressed.rows()) {
      row.cells().stream().filter(cell -> side.apply(cell).equals(RULE)).forEach(found::add);
    }
    return found;
  }

  @Test(dataProvider = "seeds")
  public void linesBetweenRowsOfFiguresStandOverAllRowsButTheFirst(int seed) {
    Table table = new RandomTables(seed).table();
    Selector body = Selector.of(PartName.BODY);
    Dressed dressed = dressed(table, touch(body, Property.RULE_BETWEEN_ROWS));
    List<DressedRow> rows =
        dressed.rows().subList(dressed.bands().firstBody(), dressed.bands().end());
    assertThat(rows.getFirst().cells()).allMatch(cell -> !cell.look().ruleAbove().equals(RULE));
    for (DressedRow row : rows.subList(1, rows.size())) {
      assertThat(row.cells())
          .filteredOn(
              cell ->
                  cell.place() instanceof CellMeaning.Body
                      || cell.part().name() == PartName.GROUP_ROW)
          .allMatch(cell -> cell.look().ruleAbove().equals(RULE));
    }
    assertThat(bearing(dressed, cell -> cell.look().ruleLeft())).isEmpty();
  }

  @Test(dataProvider = "seeds")
  public void linesBetweenColumnsOfFiguresStandBeforeAllButTheFirst(int seed) {
    Table table = new RandomTables(seed).table();
    Selector body = Selector.of(PartName.BODY);
    Dressed dressed = dressed(table, touch(body, Property.RULE_BETWEEN_COLUMNS));
    assertThat(bearing(dressed, cell -> cell.look().ruleLeft()))
        .hasSize(table.body().rows() * (table.body().columns() - 1))
        .allMatch(cell -> cell.column() > dressed.stubColumns());
  }

  @Test(dataProvider = "seeds")
  public void aFrameOfTheTableStandsAtItsSidesAlone(int seed) {
    Table table = new RandomTables(seed).table();
    Selector all = Selector.of(PartName.TABLE);
    Dressed left = dressed(table, touch(all, Property.RULE_LEFT));
    assertThat(bearing(left, cell -> cell.look().ruleLeft()))
        .isNotEmpty()
        .allMatch(cell -> cell.column() == 0);
    Dressed right = dressed(table, touch(all, Property.RULE_RIGHT));
    assertThat(bearing(right, cell -> cell.look().ruleRight()))
        .isNotEmpty()
        .allMatch(cell -> cell.column() + cell.columnSpan() == right.columns());
    long rows = right.rows().stream().filter(DressedRow::isTable).count();
    assertThat(bearing(right, cell -> cell.look().ruleRight()))
        .hasSizeLessThanOrEqualTo((int) rows);
  }

  @Test(dataProvider = "seeds")
  public void aRuleBelowTheStubStandsBelowItsLastRow(int seed) {
    Table table = new RandomTables(seed).table();
    Selector stub = Selector.of(PartName.STUB);
    Dressed dressed = dressed(table, touch(stub, Property.RULE_BELOW));
    List<DressedCell> last = dressed.rows().get(dressed.bands().end() - 1).cells();
    assertThat(bearing(dressed, cell -> cell.look().ruleBelow()))
        .contains(last.getFirst())
        .allMatch(cell -> cell.place() instanceof CellMeaning.Stub);
  }

  @Test(dataProvider = "seeds")
  public void aRuleOfOneColumnStandsOnItAlone(int seed) {
    Table table = new RandomTables(seed).table();
    Arranged arranged = Arranger.arrange(table, Arrangement.NONE);
    List<String> path = arranged.paths(Side.ACROSS).getLast();
    Selector column = new Selector.OfPlace(List.of(), path, true);
    Cascade cascade =
        TestStyles.book().cascade("House").touched(touch(column, Property.RULE_BELOW));
    Dressed dressed = Dresser.ready(arranged).dressed(cascade, "1");
    assertThat(bearing(dressed, cell -> cell.look().ruleBelow()))
        .hasSize(1)
        .allMatch(
            cell ->
                cell.place() instanceof CellMeaning.Body(int row, int at)
                    && row == table.body().rows() - 1
                    && at == table.body().columns() - 1);
  }

  @Test(dataProvider = "seeds")
  public void noRulePartsASubtotalFromTheGroupBelowIt(int seed) {
    Table table = new RandomTables(seed).table();
    Selector subtotals = Selector.of(PartName.SUBTOTAL_ROW);
    Dressed dressed = dressed(table, touch(subtotals, Property.RULE_BELOW));
    List<Leaf> leaves = table.down().leaves();
    figures(dressed)
        .filter(cell -> cell.part().name() == PartName.SUBTOTAL_ROW)
        .forEach(
            cell -> {
              int row = ((CellMeaning.Body) cell.place()).row();
              boolean headsItsGroup =
                  row + 1 < leaves.size() && isMemberBeside(leaves.get(row), leaves.get(row + 1));
              assertThat(cell.look().ruleBelow().equals(RULE)).isNotEqualTo(headsItsGroup);
            });
  }

  /// Whether a leaf is a member of the group that another totals.
  private static boolean isMemberBeside(Leaf total, Leaf other) {
    int group = total.path().size() - 2;
    return other.role() == Role.MEMBER
        && other.path().size() == total.path().size()
        && other.path().get(group) == total.path().get(group);
  }

  @Test(dataProvider = "seeds")
  public void aRuleAboveTotalsStandsAboveEachTotalRow(int seed) {
    Table table = new RandomTables(seed).table();
    Dressed dressed = dressed(table, touch(Selector.of(PartName.TOTALS), Property.RULE_ABOVE));
    figures(dressed)
        .filter(
            cell ->
                cell.part().equals(Part.of(PartName.GRAND_TOTAL_ROW))
                    || cell.part().name() == PartName.SUBTOTAL_ROW)
        .forEach(cell -> assertThat(cell.look().ruleAbove()).isEqualTo(RULE));
  }
}
