package app.finish.core.arrange;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.RandomTables;
import app.finish.core.Seeds;
import app.finish.core.arrange.make.AddTotals;
import app.finish.core.arrange.make.ByFigure;
import app.finish.core.arrange.make.ByLabel;
import app.finish.core.arrange.make.DropTotals;
import app.finish.core.arrange.make.Fold;
import app.finish.core.arrange.make.FoldLevel;
import app.finish.core.arrange.make.Gather;
import app.finish.core.arrange.make.HideLevel;
import app.finish.core.arrange.make.Hold;
import app.finish.core.arrange.make.KeepTop;
import app.finish.core.arrange.make.NameTotals;
import app.finish.core.arrange.make.Only;
import app.finish.core.arrange.make.PlaceLevel;
import app.finish.core.arrange.make.Rename;
import app.finish.core.arrange.make.SetAside;
import app.finish.core.arrange.make.SetMemberAside;
import app.finish.core.arrange.make.Shift;
import app.finish.core.arrange.make.SwapAxes;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.place.Aside;
import app.finish.core.arrange.place.Side;
import app.finish.core.arrange.tree.Figures;
import app.finish.core.table.Axis;
import app.finish.core.table.Body;
import app.finish.core.table.Heading;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import app.finish.core.table.Marks;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.core.table.Words;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.assertj.core.api.Assertions;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Moves on a small table, and laws of a thousand random arrangements.
public class ArrangerTest {
  private static final Table SAILINGS =
      table(
          List.of("Route", "Season"),
          List.of(
              Heading.group(
                  "Hale–Orrin",
                  Heading.member("Winter"),
                  Heading.member("Summer"),
                  Heading.subtotal("Total")),
              Heading.group(
                  "Orrin–Skell",
                  Heading.member("Winter"),
                  Heading.member("Summer"),
                  Heading.subtotal("Total")),
              Heading.grandTotal("All")),
          List.of(
              Heading.member("Sea Holly"), Heading.member("Marram"), Heading.grandTotal("Both")),
          new double[][] {
            {3, 4, 7}, {10, 20, 30}, {13, 24, 37}, {5, 1, 6}, {40, 2, 42}, {45, 3, 48}, {58, 27, 85}
          });

  private static Table table(
      List<String> names, List<Heading> down, List<Heading> across, double[][] figures) {
    return new Table(
        Axis.of(names, down),
        Axis.of(List.of("Vessel"), across),
        List.of(new Measure("Passengers", MeasureKind.COUNT, "", 0)),
        Body.of(
            figures.length,
            figures[0].length,
            (row, column) -> Value.number(figures[row][column], "" + figures[row][column])),
        List.of(),
        Words.NONE,
        Marks.NONE);
  }

  private static Arranged arranged(Move... moves) {
    return Arranger.arrange(SAILINGS, Arrangement.of(moves));
  }

  private static List<String> rows(Arranged arranged) {
    return arranged.table().down().leaves().stream()
        .map(leaf -> String.join("/", leaf.labels()))
        .toList();
  }

  private static double at(Table table, int row, int column) {
    return ((Value.Numeric) table.body().at(row, column)).number();
  }

  @Test
  public void axesAreSwapped() {
    Table turned = arranged(new SwapAxes()).table();
    assertThat(turned.across()).isEqualTo(SAILINGS.down());
    assertThat(at(turned, 0, 4)).isEqualTo(40);
    assertThat(arranged(new SwapAxes(), new SwapAxes()).table()).isEqualTo(SAILINGS);
  }

  @Test
  public void whatIsSetAsideIsListedAndComesBack() {
    Move out = new SetAside(Side.DOWN, List.of("Hale–Orrin", "Winter"));
    Arranged arranged = arranged(out);
    assertThat(rows(arranged)).hasSize(6).doesNotContain("Hale–Orrin/Winter");
    assertThat(arranged.aside())
        .containsExactly(new Aside(0, Side.DOWN, List.of("Hale–Orrin"), "Winter"));
    assertThat(at(arranged.table(), 1, 0)).isEqualTo(13);
    Arrangement off = Arrangement.NONE.with(out).withSwitched(0, false);
    assertThat(Arranger.arrange(SAILINGS, off).table()).isEqualTo(SAILINGS);
  }

  @Test
  public void membersAreOrderedAndTotalsStay() {
    assertThat(rows(arranged(new ByLabel(Side.DOWN, 1, false))))
        .startsWith("Hale–Orrin/Summer", "Hale–Orrin/Winter", "Hale–Orrin/Total")
        .endsWith("All");
    assertThat(rows(arranged(new ByFigure(Side.DOWN, 0, List.of("Sea Holly"), true))))
        .startsWith("Orrin–Skell/Winter")
        .endsWith("All");
    assertThat(rows(arranged(new ByFigure(Side.DOWN, 0, List.of("Marram"), true))))
        .startsWith("Hale–Orrin/Winter");
    Table across = arranged(new ByFigure(Side.ACROSS, 0, List.of("All"), false)).table();
    assertThat(across.across().headings().getFirst().label()).isEqualTo("Marram");
    assertThat(across.across().headings().getLast().label()).isEqualTo("Both");
    assertThat(rows(arranged(new Shift(Side.DOWN, List.of("Orrin–Skell"), -1))))
        .startsWith("Orrin–Skell/Winter");
  }

  @Test
  public void theRestIsSetAsideOrGathered() {
    Arranged kept = arranged(new KeepTop(Side.DOWN, 0, 1, List.of("Both"), false, false));
    assertThat(rows(kept))
        .containsExactly("Orrin–Skell/Winter", "Orrin–Skell/Summer", "Orrin–Skell/Total", "All");
    assertThat(kept.aside()).hasSize(1);
    Arranged gathered = arranged(new KeepTop(Side.DOWN, 1, 1, List.of("Both"), true, true));
    assertThat(rows(gathered))
        .startsWith("Hale–Orrin/Winter", "Hale–Orrin/Other (1)", "Hale–Orrin/Total");
    assertThat(at(gathered.table(), 1, 0)).isEqualTo(10);
    Arranged both = arranged(new KeepTop(Side.ACROSS, 0, 1, List.of("All"), false, true));
    assertThat(both.table().across().headings().get(1).label()).isEqualTo("Other (1)");
  }

  @Test
  public void groupsAreFoldedToTheirSubtotals() {
    Arranged one = arranged(new Fold(Side.DOWN, List.of("Hale–Orrin")));
    assertThat(rows(one)).startsWith("Hale–Orrin", "Orrin–Skell/Winter");
    assertThat(at(one.table(), 0, 1)).isEqualTo(24);
    Arranged all =
        arranged(
            new Fold(Side.DOWN, List.of("Hale–Orrin")),
            new Fold(Side.DOWN, List.of("Orrin–Skell")));
    assertThat(all.table().down().dimensions()).containsExactly("Route");
    Arranged none =
        arranged(new DropTotals(Side.DOWN, 1), new Fold(Side.DOWN, List.of("Orrin–Skell")));
    assertThat(at(none.table(), 2, 0)).isEqualTo(45);
    assertThat(none.aside()).hasSize(2);
  }

  @Test
  public void namesFollowTheThing() {
    Arranged arranged =
        arranged(
            new Rename(Side.DOWN, List.of("Orrin–Skell", "Winter"), "Cold"),
            new ByFigure(Side.DOWN, 0, List.of("Sea Holly"), true),
            new SetAside(Side.DOWN, List.of("Orrin–Skell", "Summer")));
    assertThat(rows(arranged)).startsWith("Orrin–Skell/Cold", "Orrin–Skell/Total");
    assertThat(arranged.unplaced()).isEmpty();
  }

  @Test
  public void aLevelIsHeldAtAMember() {
    Arranged route = arranged(new Hold(Side.DOWN, 0, "Orrin–Skell"));
    assertThat(rows(route)).containsExactly("Winter", "Summer", "Total");
    assertThat(route.table().down().leaves().getLast().role()).isEqualTo(Role.GRAND_TOTAL);
    assertThat(route.table().held().toString()).isEqualTo("[Route: Orrin–Skell]");
    assertThat(at(route.table(), 1, 0)).isEqualTo(40);
    Arranged season = arranged(new Hold(Side.DOWN, 1, "Summer"));
    assertThat(rows(season)).containsExactly("Hale–Orrin", "Orrin–Skell");
    assertThat(at(season.table(), 1, 2)).isEqualTo(42);
    assertThat(season.table().down().dimensions()).containsExactly("Route");
    Arranged vessel = arranged(new Hold(Side.ACROSS, 0, "Marram"));
    assertThat(vessel.table().across().leaves()).hasSize(1);
    assertThat(at(vessel.table(), 6, 0)).isEqualTo(27);
    assertThat(arranged(new Hold(Side.DOWN, 1, "Autumn")).unplaced())
        .containsEntry(0, "there is no “Autumn” at this level now");
  }

  @Test
  public void totalsAreDroppedAndComputedAgain() {
    Arranged bare =
        arranged(
            new DropTotals(Side.DOWN, 0),
            new DropTotals(Side.DOWN, 1),
            new DropTotals(Side.ACROSS, 0),
            new AddTotals(Side.DOWN, 1, "Total", false),
            new AddTotals(Side.DOWN, 0, "All", false),
            new AddTotals(Side.ACROSS, 0, "Both", false));
    assertThat(bare.unplaced()).isEmpty();
    assertThat(bare.table().down()).isEqualTo(SAILINGS.down());
    assertThat(bare.table().across()).isEqualTo(SAILINGS.across());
    for (int row = 0; row < 7; row++) {
      for (int column = 0; column < 3; column++) {
        assertThat(at(bare.table(), row, column)).isEqualTo(at(SAILINGS, row, column));
      }
    }
    assertThat(arranged(new AddTotals(Side.DOWN, 0, "All", false)).unplaced())
        .containsEntry(0, "there are totals at this level already, or no members");
    Arranged first =
        arranged(new DropTotals(Side.DOWN, 0), new AddTotals(Side.DOWN, 0, "All", true));
    assertThat(rows(first)).startsWith("All", "Hale–Orrin/Winter");
    assertThat(at(first.table(), 0, 0)).isEqualTo(58);
  }

  @Test
  public void aLevelIsTurnedToTheOtherSide() {
    Arranged arranged = arranged(new PlaceLevel(Side.DOWN, 1, Side.ACROSS, 9));
    Table table = arranged.table();
    assertThat(rows(arranged)).containsExactly("Hale–Orrin", "Orrin–Skell", "All");
    assertThat(table.down().dimensions()).containsExactly("Route");
    assertThat(table.across().dimensions()).containsExactly("Vessel", "Season");
    assertThat(table.across().leaves().stream().map(leaf -> String.join("/", leaf.labels())))
        .containsExactly(
            "Sea Holly/Winter",
            "Sea Holly/Summer",
            "Sea Holly/Total",
            "Marram/Winter",
            "Marram/Summer",
            "Marram/Total",
            "Both/Winter",
            "Both/Summer",
            "Both/Total");
    assertThat(at(table, 0, 1)).isEqualTo(10);
    assertThat(at(table, 1, 5)).isEqualTo(3);
    assertThat(at(table, 2, 8)).isEqualTo(85);
    assertThat(table.body().at(2, 0)).isEqualTo(Value.BLANK);
    Arranged renamed =
        arranged(
            new Rename(Side.DOWN, List.of("Hale–Orrin"), "North"),
            new PlaceLevel(Side.DOWN, 0, Side.ACROSS, 9));
    assertThat(rows(renamed)).containsExactly("Winter", "Summer", "Total");
    assertThat(renamed.table().across().leaves().get(0).labels())
        .containsExactly("Sea Holly", "North");
    assertThat(at(renamed.table(), 2, 2)).isEqualTo(58);
    Arranged both =
        arranged(
            new PlaceLevel(Side.DOWN, 0, Side.ACROSS, 9),
            new PlaceLevel(Side.DOWN, 0, Side.ACROSS, 9));
    assertThat(rows(both)).containsExactly("All");
  }

  @Test
  public void whatHasNoPlaceIsSaidWithTheReason() {
    Arranged arranged =
        arranged(
            new SetAside(Side.DOWN, List.of("Tamsay")),
            new Fold(Side.DOWN, List.of("Hale–Orrin", "Winter")),
            new HideLevel(Side.DOWN, 0),
            new DropTotals(Side.ACROSS, 1));
    assertThat(arranged.table()).isEqualTo(SAILINGS);
    assertThat(arranged.unplaced())
        .containsEntry(0, "there is no “Tamsay” now")
        .containsEntry(1, "“Winter” has no members to fold")
        .containsKeys(2, 3);
  }

  @Test
  public void aLevelThatSaysNothingIsHidden() {
    Table one =
        table(
            List.of("Year", "Route"),
            List.of(Heading.group("2025", Heading.member("Hale"), Heading.member("Orrin"))),
            List.of(Heading.member("Marram")),
            new double[][] {{1}, {2}});
    Arranged hidden = Arranger.arrange(one, Arrangement.NONE.with(new HideLevel(Side.DOWN, 0)));
    assertThat(rows(hidden)).containsExactly("Hale", "Orrin");
    assertThat(hidden.table().down().dimensions()).containsExactly("Route");
  }

  @Test
  public void whatCannotBeAddedUpIsNotInvented() {
    Table means =
        new Table(
            SAILINGS.down(),
            SAILINGS.across(),
            List.of(new Measure("Mean wait", MeasureKind.MEAN, "", 1)),
            SAILINGS.body(),
            List.of(),
            Words.NONE,
            Marks.NONE);
    Move gather = new KeepTop(Side.DOWN, 0, 1, List.of("Both"), false, true);
    Table gathered = Arranger.arrange(means, Arrangement.NONE.with(gather)).table();
    int other = -1;
    for (Leaf leaf : gathered.down().leaves()) {
      other = leaf.labels().getFirst().startsWith("Other") && other < 0 ? leaf.index() : other;
    }
    assertThat(gathered.body().at(other, 0)).isEqualTo(value(means, 0, 0));
    Arrangement bare =
        Arrangement.NONE
            .with(new DropTotals(Side.DOWN, 1))
            .with(new Fold(Side.DOWN, List.of("Hale–Orrin")));
    assertThat(Arranger.arrange(means, bare).unplaced().get(1))
        .isEqualTo("“Hale–Orrin” has no subtotal, and its figures can't be added up");
  }

  private static Value value(Table table, int row, int column) {
    return table.body().at(row, column);
  }

  @DataProvider
  public Object[][] seeds() {
    return Seeds.upTo(50);
  }

  @Test(dataProvider = "seeds")
  public void lawsOfRandomArrangements(int seed) {
    Random random = new Random(seed);
    for (int i = 0; i < 25; i++) {
      Table table = new RandomTables(seed * 25L + i).table();
      Arrangement arrangement = RandomMoves.several(table, random);
      Arranged arranged = Arranger.arrange(table, arrangement);
      sumsAreKept(table, arrangement);
      figuresAreTheSourcesOwn(table, arranged, arrangement);
      Arrangement undone = arrangement;
      for (int at = 0; at < arrangement.entries().size(); at++) {
        undone = undone.withSwitched(at, false);
      }
      assertThat(Arranger.arrange(table, undone).table()).isEqualTo(table);
      for (int at = 0; at < arrangement.entries().size(); at++) {
        Table off = Arranger.arrange(table, arrangement.withSwitched(at, false)).table();
        assertThat(off).isEqualTo(Arranger.arrange(table, arrangement.without(at)).table());
      }
      Arrangement twice = arrangement.with(new SwapAxes()).with(new SwapAxes());
      assertThat(Arranger.arrange(table, twice).table()).isEqualTo(arranged.table());
    }
  }

  /// The additive leaves of the table and of what was set aside sum to those of the source: only
  /// taking totals out or folding changes which leaves are members, so those moves are left out.
  private static void sumsAreKept(Table table, Arrangement arrangement) {
    Arrangement kept = Arrangement.NONE;
    for (Arrangement.Entry entry : arrangement.entries()) {
      boolean takesOut = entry.move() instanceof SetAside;
      boolean cuts = entry.move() instanceof KeepTop top && !top.gathered();
      boolean folds = entry.move() instanceof Fold || entry.move() instanceof DropTotals;
      folds |= entry.move() instanceof FoldLevel;
      takesOut |= entry.move() instanceof SetMemberAside;
      takesOut |= entry.move() instanceof Only || entry.move() instanceof Hold;
      kept = takesOut || cuts || folds ? kept : kept.with(entry.move());
    }
    Assertions.assertThat(sum(Arranger.arrange(table, kept).table()))
        .as(kept.toString())
        .isCloseTo(sum(table), Assertions.within(1e-6));
  }

  private static double sum(Table table) {
    double sum = 0;
    for (Leaf row : table.down().leaves()) {
      for (Leaf column : table.across().leaves()) {
        boolean member = row.role() == Role.MEMBER && column.role() == Role.MEMBER;
        Measure measure = table.measureAt(row.index(), column.index());
        if (member
            && Figures.isAdditive(measure)
            && table.body().at(row.index(), column.index()) instanceof Value.Numeric number) {
          sum += number.number();
        }
      }
    }
    return sum;
  }

  /// Where nothing was gathered or folded, each figure stands under its own headings.
  private static void figuresAreTheSourcesOwn(
      Table table, Arranged arranged, Arrangement arrangement) {
    boolean made =
        arrangement.entries().stream()
            .anyMatch(
                one ->
                    one.move() instanceof Fold
                        || one.move() instanceof PlaceLevel
                        || one.move() instanceof AddTotals
                        || one.move() instanceof FoldLevel
                        || one.move() instanceof NameTotals
                        || one.move() instanceof Gather
                        || one.move() instanceof Hold
                        || one.move() instanceof KeepTop top && top.gathered());
    if (made) {
      return;
    }
    Map<List<List<String>>, Value> source = new HashMap<>();
    for (Leaf row : table.down().leaves()) {
      for (Leaf column : table.across().leaves()) {
        Value value = table.body().at(row.index(), column.index());
        source.put(key(row, column), value);
      }
    }
    Table after = arranged.table();
    for (Leaf row : after.down().leaves()) {
      for (Leaf column : after.across().leaves()) {
        assertThat(after.body().at(row.index(), column.index()))
            .isEqualTo(source.get(key(row, column)));
      }
    }
  }

  private static List<List<String>> key(Leaf row, Leaf column) {
    List<List<String>> key = new ArrayList<>(List.of(row.labels(), column.labels()));
    key.sort((one, two) -> one.toString().compareTo(two.toString()));
    return key;
  }

  @Test(dataProvider = "seeds")
  public void aSortedTableOfAPermutedSourceIsTheSame(int seed) {
    Table table = new RandomTables(seed).table();
    List<Heading> routes = new ArrayList<>(table.down().headings());
    List<Heading> members =
        new ArrayList<>(routes.stream().filter(one -> one.role() == Role.MEMBER).toList());
    Collections.shuffle(members, new Random(seed));
    int next = 0;
    for (int i = 0; i < routes.size(); i++) {
      routes.set(i, routes.get(i).role() == Role.MEMBER ? members.get(next++) : routes.get(i));
    }
    Axis down = Axis.of(table.down().dimensions(), routes);
    Map<List<String>, Integer> places = new HashMap<>();
    table.down().leaves().forEach(leaf -> places.put(leaf.labels(), leaf.index()));
    Table permuted =
        new Table(
            down,
            table.across(),
            table.measures(),
            Body.of(
                table.body().rows(),
                table.body().columns(),
                (row, column) ->
                    table.body().at(places.get(down.leaves().get(row).labels()), column)),
            List.of(),
            Words.NONE,
            Marks.NONE);
    Arrangement order =
        Arrangement.NONE
            .with(new ByLabel(Side.DOWN, 0, true))
            .with(
                new KeepTop(
                    Side.DOWN, 0, 2, table.across().leaves().getFirst().labels(), false, false));
    Table one = Arranger.arrange(table, order).table();
    Table other = Arranger.arrange(permuted, order).table();
    assertThat(other.down()).isEqualTo(one.down());
    assertThat(other.body()).isEqualTo(one.body());
  }
}
