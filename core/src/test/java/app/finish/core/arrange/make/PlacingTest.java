package app.finish.core.arrange.make;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.RandomTables;
import app.finish.core.Seeds;
import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.Arranger;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.place.Level;
import app.finish.core.arrange.place.Side;
import app.finish.core.table.Axis;
import app.finish.core.table.Body;
import app.finish.core.table.Heading;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import app.finish.core.table.Marks;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.core.table.Words;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Levels at any depth of any side: no figure is lost, and none changes its headings.
public class PlacingTest {
  private static final Table TABLE =
      new Table(
          Axis.of(
              List.of("Route", "Season"),
              List.of(
                  Heading.group(
                      "Hale",
                      Heading.member("Winter"),
                      Heading.member("Summer"),
                      Heading.subtotal("Year")),
                  Heading.group(
                      "Orrin",
                      Heading.member("Summer"),
                      Heading.member("Autumn"),
                      Heading.subtotal("Year")),
                  Heading.grandTotal("All"))),
          Axis.of(
              List.of("Vessel", ""),
              List.of(
                  Heading.group("Marram", Heading.measure("n", 0), Heading.measure("Mean", 1)),
                  Heading.group("Samphire", Heading.measure("n", 0), Heading.measure("Mean", 1)))),
          List.of(
              new Measure("n", MeasureKind.COUNT, "", 0),
              new Measure("Mean", MeasureKind.MEAN, "", 1)),
          Body.of(7, 4, (row, column) -> Value.number(row * 10 + column, "")),
          List.of(),
          Words.NONE,
          new Marks(Map.of(new Spot.Figure(3, 1), "a", new Spot.Down(1, 4), "b")));

  private static Arranged placed(Move... moves) {
    return Arranger.arrange(TABLE, Arrangement.of(moves));
  }

  private static List<String> labels(Axis axis) {
    return axis.leaves().stream().map(leaf -> String.join("/", leaf.labels())).toList();
  }

  @Test
  public void aLevelGoesOutermostOnItsOwnSide() {
    Arranged arranged = placed(new PlaceLevel(Side.DOWN, 1, Side.DOWN, 0));
    assertThat(labels(arranged.table().down()))
        .containsExactly(
            "Winter/Hale",
            "Summer/Hale",
            "Summer/Orrin",
            "Autumn/Orrin",
            "Year/Hale",
            "Year/Orrin",
            "Year/All");
    assertThat(arranged.table().down().dimensions()).containsExactly("Season", "Route");
    assertThat(arranged.table().body().at(2, 0)).isEqualTo(Value.number(30, ""));
    assertThat(arranged.table().down().leaves().getLast().role()).isEqualTo(Role.GRAND_TOTAL);
    assertThat(arranged.table().down().leaves().get(4).role()).isEqualTo(Role.SUBTOTAL);
    assertThat(arranged.table().marks().at(new Spot.Figure(2, 1))).isEqualTo("a");
  }

  private static Heading shift(String name) {
    return Heading.group(
        name, Heading.member("Petrel"), Heading.member("Tern"), Heading.subtotal(name + " total"));
  }

  /// A total that is named after its group has another name where it stands for totals of several.
  @Test
  public void aTotalIsNotCalledAfterAGroupThatItIsNotOf() {
    Table table =
        RandomTables.counts(
            List.of(shift("Early"), shift("Night")), List.of(Heading.member("Berth")));
    Arranged arranged =
        Arranger.arrange(table, Arrangement.of(new PlaceLevel(Side.DOWN, 1, Side.DOWN, 0)));
    assertThat(labels(arranged.table().down()))
        .containsExactly(
            "Petrel/Early",
            "Petrel/Night",
            "Tern/Early",
            "Tern/Night",
            "Total/Early",
            "Total/Night");
  }

  @Test
  public void measuresAreALevelLikeAnyOther() {
    assertThat(placed().levels(Side.ACROSS).stream().map(Level::isMeasures))
        .containsExactly(false, true);
    Arranged outer = placed(new PlaceLevel(Side.ACROSS, 1, Side.ACROSS, 0));
    assertThat(labels(outer.table().across()))
        .containsExactly("n/Marram", "n/Samphire", "Mean/Marram", "Mean/Samphire");
    assertThat(outer.table().measureAt(0, 2).name()).isEqualTo("Mean");
    Arranged down = placed(new PlaceLevel(Side.ACROSS, 1, Side.DOWN, 1));
    assertThat(labels(down.table().down()))
        .startsWith("Hale/n/Winter", "Hale/n/Summer", "Hale/n/Year", "Hale/Mean/Winter")
        .endsWith("All/n", "All/Mean");
    assertThat(labels(down.table().across())).containsExactly("Marram", "Samphire");
    assertThat(down.table().measureAt(3, 0).name()).isEqualTo("Mean");
    assertThat(down.table().body().at(3, 1)).isEqualTo(Value.number(3, ""));
  }

  @Test
  public void aLevelGoesBetweenTheLevelsOfTheOtherSide() {
    Arranged arranged = placed(new PlaceLevel(Side.DOWN, 0, Side.ACROSS, 0));
    assertThat(labels(arranged.table().down()))
        .containsExactly("Winter", "Summer", "Autumn", "Year");
    assertThat(labels(arranged.table().across()))
        .startsWith("Hale/Marram/n", "Hale/Marram/Mean")
        .endsWith("All/Samphire/n", "All/Samphire/Mean");
    assertThat(arranged.table().body().at(0, 4)).isEqualTo(Value.BLANK);
    assertThat(arranged.table().body().at(1, 4)).isEqualTo(Value.number(30, ""));
    assertThat(arranged.table().marks().at(new Spot.Figure(1, 5))).isEqualTo("a");
    assertThat(arranged.table().marks().at(new Spot.Down(0, 2))).isEqualTo("b");
  }

  @DataProvider
  public Object[][] seeds() {
    return Seeds.upTo(200);
  }

  @Test(dataProvider = "seeds")
  public void noFigureIsLostAndNoneChangesItsHeadings(int seed) {
    Random random = new Random(seed);
    Table table = new RandomTables(seed).table();
    Arrangement arrangement = Arrangement.NONE;
    for (int i = 0; i < 3; i++) {
      Side side = random.nextBoolean() ? Side.DOWN : Side.ACROSS;
      int levels = Math.max(1, Arranger.arrange(table, arrangement).levels(side).size());
      Side to = random.nextBoolean() ? Side.DOWN : Side.ACROSS;
      arrangement =
          arrangement.with(
              new PlaceLevel(side, random.nextInt(levels), to, random.nextInt(levels + 1)));
    }
    Table after = Arranger.arrange(table, arrangement).table();
    assertThat(members(after)).as(arrangement.toString()).isEqualTo(members(table));
    assertThat(after.body().rows() * after.body().columns())
        .isGreaterThanOrEqualTo(members(table).size());
  }

  /// The figures that belong to no total, each with all its headings, in the order of the alphabet.
  private static List<String> members(Table table) {
    List<String> all = new ArrayList<>();
    for (Leaf row : table.down().leaves()) {
      for (Leaf column : table.across().leaves()) {
        Value value = table.body().at(row.index(), column.index());
        boolean member = row.role() == Role.MEMBER && column.role() == Role.MEMBER;
        if (member && !value.equals(Value.BLANK)) {
          List<String> key = new ArrayList<>(row.labels());
          key.addAll(column.labels());
          key.remove("All");
          Collections.sort(key);
          all.add(key + " " + value);
        }
      }
    }
    Collections.sort(all);
    return all;
  }

  @Test(dataProvider = "seeds")
  public void placesOnDifferentSidesCommute(int seed) {
    Table table = new RandomTables(seed).table();
    Move down = new PlaceLevel(Side.DOWN, 0, Side.DOWN, 1);
    Move across = new PlaceLevel(Side.ACROSS, 1, Side.ACROSS, 0);
    Table one = Arranger.arrange(table, Arrangement.NONE.with(down).with(across)).table();
    Table other = Arranger.arrange(table, Arrangement.NONE.with(across).with(down)).table();
    assertThat(one).isEqualTo(other);
  }
}
