package app.finish.core.arrange;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.Seeds;
import app.finish.core.arrange.make.Fold;
import app.finish.core.arrange.make.FoldLevel;
import app.finish.core.arrange.make.KeepTop;
import app.finish.core.arrange.make.NameLevel;
import app.finish.core.arrange.make.Only;
import app.finish.core.arrange.make.PlaceLevel;
import app.finish.core.arrange.make.ReadNumbers;
import app.finish.core.arrange.make.SetMemberAside;
import app.finish.core.arrange.make.SwapAxes;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.move.Reach;
import app.finish.core.arrange.place.Quota;
import app.finish.core.arrange.place.Side;
import app.finish.core.arrange.tree.Trees;
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
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// The first rows and columns of an arranged table are those of the whole of it, whatever the moves
/// and however uneven the table.
public class FirstRowsTest {
  private static List<Measure> measures(MeasureKind one, MeasureKind two) {
    return List.of(new Measure("Fares", one, "", 0), new Measure("n", two, "", 0));
  }

  private static final List<Heading> BOTH =
      List.of(Heading.measure("Fares", 0), Heading.measure("n", 1));

  @DataProvider(parallel = true)
  public Object[][] seeds() {
    return Seeds.many(30);
  }

  /// Groups of one to twenty members, some without subtotals, some with a level more, some of the
  /// same name; measures on either side; gaps and texts.
  public static Table table(Random random) {
    boolean uneven = random.nextInt(4) == 0;
    boolean measuresDown = random.nextInt(5) == 0;
    boolean totals = random.nextBoolean();
    boolean opaque = random.nextInt(4) == 0;
    int least = random.nextInt(3) == 0 ? -2 : 0;
    int groups = 4 + random.nextInt(40);
    List<Heading> down = new ArrayList<>();
    for (int group = 0; group < groups; group++) {
      List<Heading> under = new ArrayList<>();
      for (int i = 1 + random.nextInt(random.nextInt(9) == 0 ? 20 : 4); i > 0; i--) {
        under.add(leaf(Role.MEMBER, "Day " + (i + random.nextInt(2)), measuresDown));
      }
      if (totals && !(uneven && random.nextBoolean())) {
        under.add(leaf(Role.SUBTOTAL, "All days", measuresDown));
      }
      String name = "Pier " + (uneven ? random.nextInt(groups) : group);
      boolean bare = uneven && random.nextInt(5) == 0;
      down.add(
          bare
              ? leaf(Role.MEMBER, name, measuresDown)
              : Heading.group(name, under.toArray(Heading[]::new)));
    }
    if (random.nextBoolean()) {
      down.add(leaf(Role.GRAND_TOTAL, "All piers", measuresDown));
    }
    Axis rows = Axis.of(List.of("Pier", "Day"), down);
    Axis columns = Axis.of(List.of("Year", ""), across(random, measuresDown));
    return new Table(
        rows,
        columns,
        opaque
            ? measures(MeasureKind.PERCENT, MeasureKind.PERCENT)
            : measures(MeasureKind.SUM, MeasureKind.COUNT),
        Body.of(
            rows.leaves().size(), columns.leaves().size(), (row, column) -> value(random, least)),
        List.of(),
        Words.NONE,
        Marks.NONE);
  }

  private static Heading leaf(Role role, String label, boolean measured) {
    return new Heading(label, role, OptionalInt.empty(), measured ? BOTH : List.of());
  }

  private static List<Heading> across(Random random, boolean bare) {
    List<Heading> across = new ArrayList<>();
    for (int year = 0; year < 1 + random.nextInt(12); year++) {
      across.add(leaf(Role.MEMBER, "" + (2010 + year), !bare));
    }
    if (random.nextBoolean()) {
      across.add(leaf(Role.GRAND_TOTAL, "All years", !bare));
    }
    return across;
  }

  private static Value value(Random random, int least) {
    return switch (random.nextInt(40)) {
      case 0 -> Value.BLANK;
      case 1 -> Value.text("12");
      default -> Value.number((least + random.nextInt(9)) * 25, "");
    };
  }

  @Test(dataProvider = "seeds")
  public void theFirstRowsAreThoseOfTheWholeTable(int seed) {
    for (int i = 0; i < 200; i++) {
      Random random = new Random(seed * 1000L + i);
      Table table = table(random);
      Arranger.Ready ready = Arranger.ready(table, RandomMoves.FORMULAS);
      Arrangement arrangement = Arrangement.NONE;
      for (int moves = 1 + random.nextInt(random.nextBoolean() ? 1 : 3); moves > 0; moves--) {
        Table now = Arranger.arrange(table, arrangement, RandomMoves.FORMULAS).table();
        arrangement = arrangement.with(RandomMoves.any(now, random));
        if (random.nextBoolean()) {
          ready.arrange(arrangement);
        }
      }
      int rows = 1 + random.nextInt(random.nextBoolean() ? 6 : 25);
      int columns = 1 + random.nextInt(9);
      assertBeginsLikeTheWhole(ready, table, arrangement, rows, columns, seed + "/" + i);
    }
  }

  private static void assertBeginsLikeTheWhole(
      Arranger.Ready ready,
      Table table,
      Arrangement arrangement,
      int rows,
      int columns,
      String which) {
    Optional<Arranged> known = ready.arrangeFirst(arrangement, rows, columns);
    if (known.isEmpty()) {
      return;
    }
    Table first = known.get().table();
    Table whole = Arranger.arrange(table, arrangement, RandomMoves.FORMULAS).table();
    String what = which + " " + rows + " × " + columns + " " + arrangement;
    assertThat(lines(first, rows, columns)).as(what).isEqualTo(lines(whole, rows, columns));
    assertThat(first.measures()).as(what).isEqualTo(whole.measures());
    assertThat(first.held()).as(what).isEqualTo(whole.held());
    assertThat(names(first.down())).as(what).isEqualTo(names(whole.down()));
    assertThat(first.down().depth()).as(what).isEqualTo(whole.down().depth());
    assertThat(first.across().depth()).as(what).isEqualTo(whole.across().depth());
  }

  private static Heading pier(int number, Heading... days) {
    return Heading.group("Pier " + number, days);
  }

  /// Thirty groups of two days, but for some that are otherwise.
  private static Table piers(MeasureKind kind, Map<Integer, Heading> others, int negative) {
    List<Heading> down = new ArrayList<>();
    for (int i = 0; i < 30; i++) {
      Heading usual = pier(i, Heading.member("Day 1"), Heading.member("Day 2"));
      down.add(others.getOrDefault(i, usual));
    }
    Axis rows = Axis.of(List.of("Pier", "Day"), down);
    Axis columns = Axis.of(List.of(""), BOTH);
    return new Table(
        rows,
        columns,
        measures(kind, kind),
        Body.of(
            rows.leaves().size(),
            2,
            (row, column) -> Value.number(row == negative ? -5 : row + column + 1, "")),
        List.of(),
        Words.NONE,
        Marks.NONE);
  }

  private static Heading withTotal(int number) {
    return pier(number, Heading.member("Day 1"), Heading.member("Day 2"), Heading.subtotal("Both"));
  }

  private static Heading deeper(int number, String group) {
    Heading open = Heading.group(group, Heading.member("Morning"), Heading.member("Evening"));
    return pier(number, open, Heading.member("Day 1"));
  }

  @DataProvider
  public Object[][] laterGroups() {
    List<String> fares = List.of("Fares");
    List<String> last = List.of("Pier 29");
    Map<Integer, Heading> totals = new HashMap<>();
    for (int i = 0; i < 20; i++) {
      totals.put(i, withTotal(i));
    }
    Map<Integer, Heading> other = Map.of(25, pier(25, Heading.member("Day 3")));
    Map<Integer, Heading> deep = Map.of(0, deeper(0, "Open"), 25, deeper(25, "Shut"));
    Map<Integer, Heading> total = Map.of(0, Heading.grandTotal("All"));
    Move up = new PlaceLevel(Side.DOWN, 1, Side.DOWN, 0);
    Quota half = new Quota.Share(50);
    return new Object[][] {
      {piers(MeasureKind.PERCENT, totals, -1), of(new FoldLevel(Side.DOWN, 0))},
      {piers(MeasureKind.SUM, other, -1), of(new PlaceLevel(Side.DOWN, 1, Side.ACROSS, 0))},
      {
        piers(MeasureKind.SUM, Map.of(), 55),
        of(new KeepTop(Side.DOWN, 1, half, fares, false, false, false))
      },
      {piers(MeasureKind.SUM, deep, -1), of(new SetMemberAside(Side.DOWN, 1, "Open"))},
      {piers(MeasureKind.SUM, Map.of(), -1), of(new Fold(Side.DOWN, List.of("Pier 0")))},
      {piers(MeasureKind.SUM, Map.of(), -1), of(new Fold(Side.DOWN, last), up)},
      {piers(MeasureKind.SUM, total, -1), of(new NameLevel(Side.DOWN, 0, "Landing"))},
    };
  }

  private static Arrangement of(Move... moves) {
    return Arrangement.of(moves);
  }

  /// What later groups are like is not guessed from the first.
  @Test(dataProvider = "laterGroups")
  public void whatDependsOnLaterGroupsIsNotGuessed(Table table, Arrangement arrangement) {
    for (int rows = 1; rows < 12; rows++) {
      Arranger.Ready ready = Arranger.ready(table, RandomMoves.FORMULAS);
      assertBeginsLikeTheWhole(ready, table, arrangement, rows, 9, "later groups");
    }
  }

  /// The names of the levels that have one.
  private static List<String> names(Axis axis) {
    return axis.dimensions().stream().filter(name -> !name.isEmpty()).toList();
  }

  private static List<String> lines(Table table, int rows, int columns) {
    List<String> lines = new ArrayList<>();
    List<Leaf> across = table.across().leaves();
    List<Leaf> down = table.down().leaves();
    lines.add(across.stream().limit(columns).map(FirstRowsTest::named).toList().toString());
    for (Leaf leaf : down.subList(0, Math.min(rows, down.size()))) {
      StringBuilder line = new StringBuilder(named(leaf));
      for (int column = 0; column < Math.min(columns, across.size()); column++) {
        line.append(' ').append(table.body().at(leaf.index(), column));
      }
      lines.add(line.toString());
    }
    return lines;
  }

  private static String named(Leaf leaf) {
    return leaf.path().stream()
        .map(heading -> heading.label() + "/" + heading.role() + "/" + heading.measure())
        .toList()
        .toString();
  }

  /// For each sort of move that can be made on the first groups alone the rows come from these.
  @Test
  public void manyKindsOfMovesAreMadeOnTheFirstGroups() {
    Map<Class<?>, Integer> kinds = new HashMap<>();
    for (int seed = 0; seed < 3000; seed++) {
      Random random = new Random(seed);
      Table table = table(random);
      Move move = RandomMoves.any(table, random);
      Trees trees = Trees.of(table);
      boolean suffices = move.reach(trees, RandomMoves.FORMULAS).needs() != Reach.Needs.WHOLE;
      kinds.merge(move.getClass(), suffices ? 1 : 0, Integer::sum);
    }
    assertThat(kinds).hasSizeGreaterThan(24);
    kinds.keySet().removeAll(List.of(SwapAxes.class, Only.class, ReadNumbers.class));
    assertThat(kinds.values()).allMatch(count -> count > 3);
  }
}
