package app.finish.core.check;

import app.finish.core.recognise.words.Statistics;
import app.finish.core.recognise.words.Vocabulary;
import app.finish.core.table.Axis;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/// Checks that totals add up to what they claim. What a total totals is not told, so it is held
/// against each way to read it ([TotalReading]), and the one that most of its figures agree with is
/// taken. Whole numbers are exact, unless a note says that figures are rounded or the total is 100;
/// with decimals, half a unit of the last one is allowed for each figure, unless nearly all totals
/// of the table are exact.
public final class TotalCheck {
  /// A total that does not add up.
  ///
  /// @param row its leaf down
  /// @param column its leaf across
  /// @param sum what the figures that it totals add up to
  /// @param decimals the decimals of its measure
  /// @param first the first of the leaves that it totals, on the axis it totals along
  /// @param last the last of them
  /// @param down whether it totals figures above or below it; else beside it
  public record Miss(
      int row, int column, double sum, int decimals, int first, int last, boolean down) {}

  private static final int MANY = 8;

  private final Table table;
  private final boolean rounded;
  private final Map<Integer, List<Integer>> covers;

  /// @param rounded whether something says that figures are rounded and may not add up
  /// @param covers for a leaf down that is a total, the leaves that a person said it totals
  public TotalCheck(Table table, boolean rounded, Map<Integer, List<Integer>> covers) {
    this.table = table;
    this.rounded = rounded;
    this.covers = covers;
  }

  public List<Miss> misses() {
    List<Miss> misses = new ArrayList<>(along(table.down(), table.across().leaves().size(), true));
    for (Miss miss : along(table.across(), table.down().leaves().size(), false)) {
      boolean known =
          misses.stream().anyMatch(one -> one.row == miss.row && one.column == miss.column);
      if (!known && !isExplained(miss)) {
        misses.add(miss);
      }
    }
    return misses;
  }

  /// Whether a total beside figures is right down its column, and some line there has a total with
  /// no figures beside it, as “Unknown” has.
  private boolean isExplained(Miss miss) {
    double open = 0;
    double all = 0;
    for (Leaf leaf : table.down().leaves()) {
      double total = number(leaf.index(), miss.column, true);
      if (leaf.role() != Role.MEMBER || Double.isNaN(total)) {
        continue;
      }
      boolean bare = true;
      for (int column = miss.first; column <= miss.last; column++) {
        bare &= Double.isNaN(number(leaf.index(), column, true));
      }
      open += bare ? total : 0;
      all += total;
    }
    double claimed = number(miss.row, miss.column, true);
    double slack = 0.6 * Math.pow(10, -miss.decimals);
    return open != 0
        && Math.abs(all - claimed) < slack
        && Math.abs(miss.sum + open - claimed) < slack;
  }

  /// One total as it is held against the figures.
  ///
  /// @param agreed which places across agree with the reading
  private record Held(Leaf total, TotalReading reading, boolean[] agreed, int count) {}

  private List<Miss> along(Axis axis, int width, boolean down) {
    List<Held> held = new ArrayList<>();
    int exact = 0;
    int compared = 0;
    TotalLines lines = TotalLines.of(axis);
    for (int line : lines.totals()) {
      Leaf total = lines.leaf(line);
      if (Vocabulary.saysAverage(total.heading().label())) {
        continue;
      }
      List<Integer> told = down ? covers.getOrDefault(total.index(), List.of()) : List.of();
      List<TotalReading> readings = TotalReading.of(lines, total, told);
      if (readings.isEmpty()) {
        continue;
      }
      Held first = held(total, readings.getFirst(), width, down);
      Held best =
          first.count == width
              ? first
              : readings.stream()
                  .map(reading -> held(total, reading, width, down))
                  .max(Comparator.comparingInt(Held::count))
                  .orElseThrow();
      Held taken = best.count > first.count ? best : first;
      held.add(taken);
      for (int across = 0; across < width; across++) {
        OptionalDouble off =
            taken.agreed[across] ? off(taken, across, down) : OptionalDouble.empty();
        compared += off.isPresent() ? 1 : 0;
        exact += off.isPresent() && off.getAsDouble() < 1e-9 ? 1 : 0;
      }
    }
    boolean strict = !rounded && compared >= MANY && exact * 10 >= compared * 9;
    List<Miss> misses = new ArrayList<>();
    for (Held one : held) {
      for (int across = 0; across < width; across++) {
        if (isMiss(one, held, across, down, strict)) {
          misses.add(miss(one, across, down));
        }
      }
    }
    return misses;
  }

  private Held held(Leaf total, TotalReading reading, int width, boolean down) {
    boolean[] agreed = new boolean[width];
    int count = 0;
    for (int across = 0; across < width; across++) {
      agreed[across] = agrees(total, reading, across, down, rounded);
      count += agreed[across] ? 1 : 0;
    }
    return new Held(total, reading, agreed, count);
  }

  private Miss miss(Held held, int across, boolean down) {
    int row = down ? held.total.index() : across;
    int column = down ? across : held.total.index();
    double sum = held.reading.sum(leaf -> number(leaf, across, down));
    int decimals = table.measureAt(row, column).decimals();
    return new Miss(row, column, sum, decimals, held.reading.first(), held.reading.last(), down);
  }

  private boolean isMiss(Held held, List<Held> all, int across, boolean down, boolean strict) {
    Measure measure = measure(held.total, across, down);
    double claimed = number(held.total.index(), across, down);
    if (!adds(measure) || Double.isNaN(claimed) || hasText(held, across, down)) {
      return false;
    }
    if (held.agreed[across]) {
      double off = off(held, across, down).orElse(0);
      return strict && off > 0.6 * Math.pow(10, -measure.decimals());
    }
    if (held.reading.count(leaf -> number(leaf, across, down)) == 0
        || sharesOut(held, across, down)) {
      return false;
    }
    if (Statistics.isOfSquares(measure.name())) {
      return isModelAndError(held, across, down).isPresent()
          && !isModelAndError(held, across, down).get();
    }
    if (measure.kind() != MeasureKind.VALUE) {
      return true;
    }
    boolean elsewhere = all.stream().anyMatch(other -> other != held && other.agreed[across]);
    boolean nameless =
        table.measures().size() == 1 && measure.name().isEmpty() && measure.decimals() == 0;
    return elsewhere
        || nameless
        || held.count > 0 && measuresOneThing(down)
        || !isWithin(held, across, down) && !isOfAnotherSize(held, across, down);
  }

  /// Whether a figure is so much greater than all that it might total that it is no total of them,
  /// as the number of cases above coefficients.
  private boolean isOfAnotherSize(Held held, int across, boolean down) {
    double sizes = 0;
    for (int leaf : held.reading.plus()) {
      double number = number(leaf, across, down);
      sizes += Double.isNaN(number) ? 0 : Math.abs(number);
    }
    return Math.abs(number(held.total.index(), across, down)) > 10_000 * sizes;
  }

  /// Whether the first line, a model's, and the last, its error, come to a total of squares.
  /// Squares of effects that share what they explain need not add up, so without a model nothing is
  /// said.
  private Optional<Boolean> isModelAndError(Held held, int across, boolean down) {
    Axis axis = down ? table.down() : table.across();
    int first = held.reading.plus().getFirst();
    int last = held.reading.plus().getLast();
    boolean model =
        axis.leaves().stream()
            .anyMatch(
                leaf ->
                    leaf.index() == first
                        && leaf.heading().label().toLowerCase(Locale.ROOT).contains("model"));
    double off =
        number(first, across, down)
            + number(last, across, down)
            - number(held.total.index(), across, down);
    double slack = 2 * Math.pow(10, -measure(held.total, across, down).decimals());
    return model ? Optional.of(Math.abs(off) < slack) : Optional.empty();
  }

  /// Whether what a total totals is parted in several ways beside each other, each of which comes
  /// to it: men and women, then three ages.
  private boolean sharesOut(Held held, int across, boolean down) {
    double claimed = number(held.total.index(), across, down);
    double slack = Math.pow(10, -measure(held.total, across, down).decimals());
    double sum = 0;
    int shares = 0;
    int lines = 0;
    for (int leaf : held.reading.plus()) {
      double number = number(leaf, across, down);
      sum += Double.isNaN(number) ? 0 : number;
      lines++;
      if (lines > 1 && Math.abs(sum - claimed) < slack * 0.6 * lines) {
        shares++;
        sum = 0;
        lines = 0;
      }
    }
    return shares > 1 && lines == 0;
  }

  /// Whether the lines across a total are the same measure at other times: their heads are numbers.
  private boolean measuresOneThing(boolean down) {
    Axis axis = down ? table.across() : table.down();
    return table.measures().size() == 1
        && axis.leaves().size() > 1
        && axis.leaves().stream()
            .filter(leaf -> leaf.role() == Role.MEMBER)
            .allMatch(leaf -> leaf.heading().label().matches("[0-9]{1,4}([/–-][0-9]{1,4})?"));
  }

  /// Whether a figure lies between the least and the greatest of those that it might total, as a
  /// mean does.
  private boolean isWithin(Held held, int across, boolean down) {
    double least = Double.POSITIVE_INFINITY;
    double most = Double.NEGATIVE_INFINITY;
    int count = 0;
    for (int leaf : held.reading.plus()) {
      double number = number(leaf, across, down);
      if (!Double.isNaN(number)) {
        least = Math.min(least, number);
        most = Math.max(most, number);
        count++;
      }
    }
    double claimed = number(held.total.index(), across, down);
    return count > 1 && claimed >= least && claimed <= most;
  }

  private boolean hasText(Held held, int across, boolean down) {
    return held.reading.plus().stream().anyMatch(leaf -> isText(leaf, across, down));
  }

  private boolean isText(int leaf, int across, boolean down) {
    return (down ? table.body().at(leaf, across) : table.body().at(across, leaf))
        instanceof Value.Text;
  }

  private boolean agrees(
      Leaf total, TotalReading reading, int across, boolean down, boolean rounding) {
    Measure measure = measure(total, across, down);
    double claimed = number(total.index(), across, down);
    int count = reading.count(leaf -> number(leaf, across, down));
    if (!adds(measure) || Double.isNaN(claimed) || count == 0) {
      return false;
    }
    double sum = reading.sum(leaf -> number(leaf, across, down));
    boolean exact = measure.decimals() == 0 && !rounding && claimed != 100;
    double doubt = exact ? 0 : (count + 1) * 0.5 * Math.pow(10, -measure.decimals());
    return Math.abs(sum - claimed) <= doubt + 1e-9 * Math.abs(sum);
  }

  private OptionalDouble off(Held held, int across, boolean down) {
    double sum = held.reading.sum(leaf -> number(leaf, across, down));
    double claimed = number(held.total.index(), across, down);
    double off = Math.abs(sum - claimed);
    return OptionalDouble.of(off <= 1e-9 * Math.abs(sum) ? 0 : off);
  }

  private static boolean adds(Measure measure) {
    return measure.kind().additivity() == MeasureKind.Additivity.ADDITIVE;
  }

  private Measure measure(Leaf total, int across, boolean down) {
    return down ? table.measureAt(total.index(), across) : table.measureAt(across, total.index());
  }

  private double number(int leaf, int across, boolean down) {
    Value value = down ? table.body().at(leaf, across) : table.body().at(across, leaf);
    return value instanceof Value.Numeric numeric ? numeric.number() : Double.NaN;
  }
}
