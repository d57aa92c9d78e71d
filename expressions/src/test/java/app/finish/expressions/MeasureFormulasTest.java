package app.finish.expressions;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.Arranger;
import app.finish.core.arrange.make.AddTotals;
import app.finish.core.arrange.make.Calculate;
import app.finish.core.arrange.make.DropTotals;
import app.finish.core.arrange.make.KeepTop;
import app.finish.core.arrange.make.SwapAxes;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.place.Side;
import app.finish.core.table.Axis;
import app.finish.core.table.Body;
import app.finish.core.table.Heading;
import app.finish.core.table.Leaf;
import app.finish.core.table.Marks;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.core.table.Words;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Measures that are calculated in a finished table, each against figures worked out by hand.
public class MeasureFormulasTest {
  private static final Table TABLE =
      new Table(
          Axis.of(
              List.of("Route", "Year"),
              List.of(
                  Heading.group(
                      "Hale",
                      Heading.member("2023"),
                      Heading.member("2024"),
                      Heading.member("2025"),
                      Heading.subtotal("Total")),
                  Heading.group(
                      "Orrin",
                      Heading.member("2023"),
                      Heading.member("2024"),
                      Heading.member("2025"),
                      Heading.subtotal("Total")),
                  Heading.grandTotal("All"))),
          Axis.of(
              List.of("Vessel", ""),
              List.of(
                  Heading.group("Marram", Heading.measure("Fares", 0), Heading.measure("Cost", 1)),
                  Heading.group(
                      "Samphire", Heading.measure("Fares", 0), Heading.measure("Cost", 1)))),
          List.of(
              new Measure("Fares", MeasureKind.SUM, "", 0),
              new Measure("Cost", MeasureKind.SUM, "", 0)),
          body(),
          List.of(),
          Words.NONE,
          Marks.NONE);

  private static Body body() {
    double[][] figures = {
      {10, 5, 1, 2}, {20, 5, 2, 2}, {30, 0, 3, 2}, {60, 10, 6, 6},
      {40, 8, 4, 4}, {10, 8, 5, 5}, {50, 4, 1, 1}, {100, 20, 10, 10},
      {160, 30, 16, 16}
    };
    return Body.of(9, 4, (row, column) -> Value.number(figures[row][column], ""));
  }

  /// The figures of the new measure for the first vessel, from the first row on.
  @DataProvider
  public Object[][] formulas() {
    double none = Double.NaN;
    return new Object[][] {
      {"Fares / Cost", new double[] {2, 4, none, 6, 5, 1.25, 12.5, 5, 160 / 30.0}},
      {"Cost > 0 ? Fares / Cost : 0", new double[] {2, 4, 0, 6, 5, 1.25, 12.5, 5, 160 / 30.0}},
      {
        "share_of_column(Fares)", new double[] {6.25, 12.5, 18.75, 37.5, 25, 6.25, 31.25, 62.5, 100}
      },
      {
        "share_of_parent(Fares)",
        new double[] {100 / 6.0, 200 / 6.0, 50, 37.5, 40, 10, 50, 62.5, 100}
      },
      {
        "share_of_row(Fares)",
        new double[] {
          1000 / 11.0,
          2000 / 22.0,
          3000 / 33.0,
          6000 / 66.0,
          4000 / 44.0,
          1000 / 15.0,
          5000 / 51.0,
          10000 / 110.0,
          16000 / 176.0
        }
      },
      {
        "share_of_total(Fares)",
        new double[] {
          1000 / 176.0,
          2000 / 176.0,
          3000 / 176.0,
          6000 / 176.0,
          4000 / 176.0,
          1000 / 176.0,
          5000 / 176.0,
          10000 / 176.0,
          16000 / 176.0
        }
      },
      {"change(Fares)", new double[] {none, 10, 10, none, none, -30, 40, none, none}},
      {"percent_change(Fares)", new double[] {none, 100, 50, none, none, -75, 400, none, none}},
      {"index(Fares)", new double[] {100, 200, 300, none, 100, 25, 125, none, none}},
      {"rank(Fares)", new double[] {3, 2, 1, none, 2, 3, 1, none, none}},
      {"rank(Cost)", new double[] {1, 1, 3, none, 1, 1, 3, none, none}},
      {"running_total(Fares)", new double[] {10, 30, 60, none, 40, 50, 100, none, none}},
      {"Fares - at(Fares, '2024')", new double[] {-10, 0, 10, none, 30, 0, 40, none, none}},
      {
        "previous(Fares, 'across')",
        new double[] {none, none, none, none, none, none, none, none, none}
      },
      {"at(Fares, 'Samphire', 'across')", new double[] {1, 2, 3, 6, 4, 5, 1, 10, 16}},
    };
  }

  private static Arranged arranged(Move... moves) {
    return Arranger.arrange(TABLE, Arrangement.of(moves), new MeasureFormulas());
  }

  private static double at(Table table, int row, int column) {
    return table.body().at(row, column) instanceof Value.Numeric number
        ? number.number()
        : Double.NaN;
  }

  private static Move calculate(String expression) {
    return new Calculate("New", expression, MeasureKind.RATIO, 1);
  }

  @Test(dataProvider = "formulas")
  public void figuresAreThoseWorkedOutByHand(String expression, double[] wanted) {
    Arranged arranged = arranged(calculate(expression));
    assertThat(arranged.unplaced()).isEmpty();
    assertThat(arranged.table().across().leaves().stream().map(Leaf::labels))
        .contains(List.of("Marram", "New"), List.of("Samphire", "New"));
    for (int row = 0; row < wanted.length; row++) {
      double figure = at(arranged.table(), row, 2);
      if (Double.isNaN(wanted[row])) {
        assertThat(figure).as("row " + row).isNaN();
      } else {
        assertThat(figure)
            .as("row " + row)
            .isCloseTo(wanted[row], org.assertj.core.data.Offset.offset(1e-9));
      }
    }
    Arranged swapped = arranged(calculate(expression), new SwapAxes());
    assertThat(swapped.table().body().at(2, 1)).isEqualTo(arranged.table().body().at(1, 2));
  }

  @Test
  public void inTotalsItIsCalculatedFromTotals() {
    Move top = new KeepTop(Side.DOWN, 1, 1, List.of("Marram", "Fares"), false, true);
    Table ratio = arranged(calculate("Fares / Cost"), top).table();
    assertThat(ratio.down().leaves().get(1).labels()).containsExactly("Hale", "Other (2)");
    assertThat(at(ratio, 1, 2)).isEqualTo(3);
    Table share = arranged(calculate("share_of_column(Fares)"), top).table();
    assertThat(at(share, 1, 2)).isEqualTo(18.75);
    Table rank = arranged(calculate("rank(Fares)"), top).table();
    assertThat(at(rank, 1, 2)).isNaN();
    Table added =
        arranged(
                new DropTotals(Side.DOWN, 1),
                calculate("Fares / Cost"),
                new AddTotals(Side.DOWN, 1, "Sum", false))
            .table();
    assertThat(at(added, 3, 2)).isEqualTo(6);
    Table parted =
        arranged(
                new DropTotals(Side.DOWN, 0),
                new DropTotals(Side.DOWN, 1),
                calculate("share_of_column(Fares)"))
            .table();
    assertThat(at(parted, 0, 2)).as("without a total, of the sum").isEqualTo(6.25);
  }

  @Test
  public void aTableOfOneMeasureGetsHeadingsForBoth() {
    Table one =
        new Table(
            TABLE.down(),
            Axis.of(List.of("Vessel"), List.of(Heading.member("Marram"), Heading.member("Holly"))),
            List.of(new Measure("", MeasureKind.COUNT, "", 0)),
            Body.of(9, 2, (row, column) -> TABLE.body().at(row, column * 2)),
            List.of(),
            Words.NONE,
            Marks.NONE);
    Arrangement moves =
        Arrangement.NONE
            .with(new Calculate("Share", "share_of_row(Value)", MeasureKind.PERCENT, 1))
            .with(new Calculate("Half", "Value / 2", MeasureKind.RATIO, 1));
    Arranged arranged = Arranger.arrange(one, moves, new MeasureFormulas());
    assertThat(arranged.unplaced()).isEmpty();
    assertThat(arranged.table().across().leaves().stream().map(Leaf::labels))
        .containsExactly(
            List.of("Marram", "Value"),
            List.of("Marram", "Share"),
            List.of("Marram", "Half"),
            List.of("Holly", "Value"),
            List.of("Holly", "Share"),
            List.of("Holly", "Half"));
    assertThat(at(arranged.table(), 8, 1))
        .isCloseTo(1600 / 17.6, org.assertj.core.data.Offset.offset(1e-9));
    assertThat(at(arranged.table(), 8, 2)).isEqualTo(80);
    assertThat(arranged.table().measureAt(0, 1).unit()).isEqualTo("%");
  }

  @Test
  public void whatIsWrongIsSaidWithItsPlace() {
    assertThat(arranged(calculate("Fares / Costs")).unplaced().get(0))
        .contains("“Costs”", "place 9");
    assertThat(arranged(new Calculate("Fares", "Cost", MeasureKind.SUM, 0)).unplaced())
        .containsEntry(0, "there is a measure called “Fares” already");
    List<String> names = List.of("Fares");
    assertThatThrownBy(() -> new MeasureFormulas().read("1 + rank(Fares * 2)", names))
        .isInstanceOf(BadExpression.class)
        .hasMessageContaining("At place 5: rank takes the name of a measure");
    assertThatThrownBy(() -> new MeasureFormulas().read("rank(Fares, 'up')", names))
        .hasMessageContaining("'down' or 'across'");
    assertThatThrownBy(() -> new MeasureFormulas().read("Fares +", names))
        .isInstanceOf(BadExpression.class);
    assertThatThrownBy(
            () ->
                new MeasureFormulas().read("Fares / Runnig cost", List.of("Fares", "Running cost")))
        .hasMessageContaining("nothing called “Runnig”, at place 9");
    assertThatThrownBy(() -> new MeasureFormulas().read("", names)).hasMessageContaining("empty");
  }
}
