package app.finish.core.arrange;

import static org.assertj.core.api.Assertions.assertThat;

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
  private static final List<Measure> MEASURES =
      List.of(
          new Measure("Fares", MeasureKind.SUM, "", 0), new Measure("n", MeasureKind.COUNT, "", 0));
  private static final List<Heading> BOTH =
      List.of(Heading.measure("Fares", 0), Heading.measure("n", 1));

  @DataProvider
  public Object[][] seeds() {
    Object[][] seeds = new Object[60][];
    for (int i = 0; i < seeds.length; i++) {
      seeds[i] = new Object[] {i};
    }
    return seeds;
  }

  /// Groups of one to twenty members, some without subtotals, some with a level more, some of the
  /// same name; measures on either side; gaps and texts.
  static Table table(Random random) {
    boolean uneven = random.nextInt(4) == 0;
    boolean measuresDown = random.nextInt(5) == 0;
    boolean totals = random.nextBoolean();
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
        MEASURES,
        Body.of(rows.leaves().size(), columns.leaves().size(), (row, column) -> value(random)),
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

  private static Value value(Random random) {
    return switch (random.nextInt(40)) {
      case 0 -> Value.BLANK;
      case 1 -> Value.text("12");
      default -> Value.number(random.nextInt(9) * 25, "");
    };
  }

  @Test(dataProvider = "seeds")
  public void theFirstRowsAreThoseOfTheWholeTable(int seed) {
    for (int i = 0; i < 60; i++) {
      Random random = new Random(seed * 1000L + i);
      Table table = table(random);
      Arranger.Ready ready = Arranger.ready(table, RandomMoves.FORMULAS);
      Arrangement arrangement = Arrangement.NONE;
      for (int moves = 1 + random.nextInt(3); moves > 0; moves--) {
        Table now = Arranger.arrange(table, arrangement, RandomMoves.FORMULAS).table();
        arrangement = arrangement.with(RandomMoves.any(now, random));
        if (random.nextBoolean()) {
          ready.arrange(arrangement);
        }
      }
      int rows = 1 + random.nextInt(25);
      int columns = 1 + random.nextInt(9);
      Optional<Arranged> known = ready.arrangeFirst(arrangement, rows, columns);
      if (known.isEmpty()) {
        continue;
      }
      Arranged first = known.get();
      Arranged whole = Arranger.arrange(table, arrangement, RandomMoves.FORMULAS);
      String what = seed + "/" + i + " " + rows + " × " + columns + " " + arrangement;
      assertThat(lines(first.table(), rows, columns))
          .as(what)
          .isEqualTo(lines(whole.table(), rows, columns));
      assertThat(first.table().measures()).as(what).isEqualTo(whole.table().measures());
      assertThat(first.table().held()).as(what).isEqualTo(whole.table().held());
      assertThat(names(first.table().down())).as(what).isEqualTo(names(whole.table().down()));
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
      boolean suffices =
          FirstGroups.suffice(trees, Arrangement.of(move).entries(), RandomMoves.FORMULAS);
      kinds.merge(move.getClass(), suffices ? 1 : 0, Integer::sum);
    }
    assertThat(kinds).hasSizeGreaterThan(24);
    kinds.keySet().removeAll(List.of(Move.SwapAxes.class, Move.Only.class, Move.ReadNumbers.class));
    assertThat(kinds.values()).allMatch(count -> count > 3);
  }
}
