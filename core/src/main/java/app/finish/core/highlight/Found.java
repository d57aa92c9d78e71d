package app.finish.core.highlight;

import app.finish.core.table.Heading.Role;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/// What a highlight matches in a table, counted, with what people get wrong.
///
/// ```java
/// Found found = Found.of(matches, table);
/// found.cells(); // 14 of found.looked() 96
/// ```
///
/// @param cells how many figures meet the condition
/// @param looked how many it looks at
/// @param rows in how many rows they stand
/// @param rowsLooked how many rows it looks at
/// @param first the first of them, at most [#LISTED]
/// @param values the numbers that it looks at, in order of size
/// @param warnings what may be meant otherwise, a sentence each
public record Found(
    int cells,
    int looked,
    int rows,
    int rowsLooked,
    List<Spot.Figure> first,
    List<Double> values,
    List<String> warnings) {
  /// How many are listed.
  public static final int LISTED = 200;

  /// Nothing.
  public static final Found NOTHING = new Found(0, 0, 0, 0, List.of(), List.of(), List.of());

  /// Copies the lists.
  public Found {
    first = List.copyOf(first);
    values = List.copyOf(values);
    warnings = List.copyOf(warnings);
  }

  /// What a highlight matches.
  public static Found of(Matches matches, Table table) {
    if (matches.asleep().isPresent()) {
      return NOTHING.with(List.of("It sleeps: " + matches.asleep().get() + "."));
    }
    return new Counting(matches, table).count();
  }

  /// The same with other warnings.
  public Found with(List<String> others) {
    return new Found(cells, looked, rows, rowsLooked, first, values, others);
  }

  private static final class Counting {
    private final Matches matches;
    private final Table table;
    private final List<Spot.Figure> first = new ArrayList<>();
    private final List<Double> values = new ArrayList<>();
    private final BitSet rows = new BitSet();
    private final BitSet rowsLooked = new BitSet();
    private final Set<String> units = new TreeSet<>();
    private int cells;
    private int looked;
    private int totals;
    private int texts;

    Counting(Matches matches, Table table) {
      this.matches = matches;
      this.table = table;
    }

    Found count() {
      for (int row = 0; row < table.body().rows(); row++) {
        for (int column = 0; column < table.body().columns(); column++) {
          if (matches.looksAt(row, column)) {
            count(row, column);
          }
        }
      }
      values.sort(null);
      return new Found(
          cells, looked, rows.cardinality(), rowsLooked.cardinality(), first, values, warnings());
    }

    private void count(int row, int column) {
      looked++;
      rowsLooked.set(row);
      double number = table.body().number(row, column);
      if (!Double.isNaN(number)) {
        values.add(number);
      } else if (table.body().at(row, column) instanceof Value.Text text
          && text.text().matches(".*[0-9].*")
          && Double.isNaN(Neighbourhood.bound(text))) {
        texts++;
      }
      if (!matches.matches(row, column)) {
        return;
      }
      cells++;
      rows.set(row);
      units.add(table.measureAt(row, column).unit());
      boolean total =
          table.down().leaves().get(row).role() != Role.MEMBER
              || table.across().leaves().get(column).role() != Role.MEMBER;
      totals += total ? 1 : 0;
      if (first.size() < LISTED) {
        first.add(new Spot.Figure(row, column));
      }
    }

    private List<String> warnings() {
      List<String> warnings = new ArrayList<>();
      boolean always = matches.highlight().when() instanceof Condition.Always;
      if (looked == 0) {
        warnings.add("It looks at no figure of this table.");
      } else if (cells == 0) {
        warnings.add("No figure meets the condition.");
      } else if (cells == looked && !always) {
        warnings.add("Every figure that it looks at meets the condition.");
      }
      if (totals > 0) {
        warnings.add(totals == 1 ? "One of them is a total." : totals + " of them are totals.");
      }
      if (units.size() > 1 && comparesNumbers(matches.highlight().when())) {
        List<String> named =
            units.stream().map(unit -> unit.isEmpty() ? "none" : "“" + unit + "”").toList();
        warnings.add("They have several units: " + String.join(", ", named) + ".");
      }
      if (texts > 0 && comparesNumbers(matches.highlight().when())) {
        warnings.add(
            (texts == 1 ? "One cell holds" : texts + " cells hold")
                + " a text with digits, which is compared with nothing.");
      }
      return warnings;
    }

    private static boolean comparesNumbers(Condition condition) {
      return switch (condition) {
        case Condition.Compared _, Condition.Between _ -> true;
        case Condition.All(List<Condition> some) ->
            some.stream().anyMatch(Counting::comparesNumbers);
        case Condition.Any(List<Condition> some) ->
            some.stream().anyMatch(Counting::comparesNumbers);
        case Condition.Not(Condition one) -> comparesNumbers(one);
        default -> false;
      };
    }
  }
}
