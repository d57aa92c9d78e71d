package app.finish.core.highlight;

import app.finish.core.arrange.formula.CellExpressions;
import app.finish.core.arrange.place.Side;
import app.finish.core.problem.Refusal;
import app.finish.core.style.Property;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Where one highlight lies on one table, and what it sets there.
///
/// ```java
/// Matches matches = Matches.of(highlight, CellNames.of(table), CellExpressions.NONE);
/// matches.cells(); // each figure that meets the condition
/// ```
public final class Matches {
  private final Highlight highlight;
  private final Table table;
  private final RegionCells region;
  private final CellTest test;
  private final ShowSettings shown;
  private final Optional<String> asleep;
  private final CellNumbers numbers;
  private Optional<BitSet> columns = Optional.empty();
  private volatile Optional<BitSet> settled = Optional.empty();

  private Matches(
      Highlight highlight,
      Table table,
      RegionCells region,
      CellTest test,
      ShowSettings shown,
      Optional<String> asleep,
      CellNumbers numbers) {
    this.numbers = numbers;
    this.highlight = highlight;
    this.table = table;
    this.region = region;
    this.test = test;
    this.shown = shown;
    this.asleep = asleep;
  }

  /// Where a highlight lies. One that speaks of what the table has not, or whose expression can't
  /// be read, sleeps and lies nowhere.
  ///
  /// @param expressions reads the expressions of conditions
  public static Matches of(Highlight highlight, CellNames names, CellExpressions expressions) {
    RegionCells region = RegionCells.of(highlight.where(), names);
    Neighbourhood around = new Neighbourhood(names);
    Optional<String> asleep =
        region
            .gone()
            .or(() -> Operands.gone(highlight.when(), names))
            .or(() -> early(highlight, names));
    CellTest test = (row, column) -> false;
    if (asleep.isEmpty()) {
      try {
        test = new ConditionTests(around, region, expressions).of(highlight.when());
      } catch (Refusal e) {
        asleep = Optional.of(asClause(e.sentence()));
      }
    }
    ShowSettings shown = new ShowSettings(highlight.show(), around, region);
    return new Matches(highlight, names.table(), region, test, shown, asleep, names.numbers());
  }

  /// A sentence as a part of another: without its capital and its full stop.
  private static String asClause(String sentence) {
    String open = sentence.replaceFirst("\\.$", "");
    return open.isEmpty() ? open : Character.toLowerCase(open.charAt(0)) + open.substring(1);
  }

  /// What is worked out of many figures waits until they are all there.
  private static Optional<String> early(Highlight highlight, CellNames names) {
    boolean alone = Operands.isOfItsRowAlone(highlight);
    return names.isWhole() || alone
        ? Optional.empty()
        : Optional.of("the whole table is not there yet");
  }

  /// The highlight.
  public Highlight highlight() {
    return highlight;
  }

  /// Why it lies nowhere on this table, if it speaks of what is not there.
  public Optional<String> asleep() {
    return asleep;
  }

  /// Whether a figure is one that it looks at.
  public boolean looksAt(int row, int column) {
    return asleep.isEmpty() && region.has(row, column);
  }

  /// Whether a figure meets its condition.
  public boolean matches(int row, int column) {
    if (settled.isPresent()) {
      return settled.get().get(row * table.body().columns() + column);
    }
    return asleep.isEmpty() && region.has(row, column) && test.holds(row, column);
  }

  /// Finds all figures that meet the condition now, since each will be asked for.
  public void settle() {
    if (settled.isEmpty()) {
      settled = Optional.of(all());
    }
  }

  /// All figures that meet the condition, row by row: the index of one is its row times the number
  /// of columns, and its column.
  public BitSet all() {
    int width = table.body().columns();
    long[] found = new long[(table.body().rows() * width >>> 6) + 1];
    if (asleep.isPresent()) {
      return new BitSet();
    }
    Optional<Sweep> sweep = Sweep.of(highlight.when(), numbers);
    for (int row = 0; row < table.body().rows(); row++) {
      if (sweep.isPresent() && region.isWholeRow(row)) {
        sweep.get().row(row, found);
      } else {
        for (int column = 0; region.mayHave(row) && column < width; column++) {
          if (region.has(row, column) && test.holds(row, column)) {
            int cell = row * width + column;
            found[cell >> 6] |= 1L << cell;
          }
        }
      }
    }
    return BitSet.valueOf(found);
  }

  /// Whether any figure of a row does.
  public boolean matchesRow(int row) {
    int width = table.body().columns();
    if (settled.isPresent()) {
      int next = settled.get().nextSetBit(row * width);
      return next >= 0 && next < (row + 1) * width;
    }
    for (int column = 0; asleep.isEmpty() && column < width; column++) {
      if (matches(row, column)) {
        return true;
      }
    }
    return false;
  }

  /// Whether any figure of a column does.
  public boolean matchesColumn(int column) {
    return columns().get(column);
  }

  private synchronized BitSet columns() {
    if (columns.isEmpty()) {
      BitSet found = new BitSet();
      all().stream().forEach(cell -> found.set(cell % table.body().columns()));
      columns = Optional.of(found);
    }
    return columns.get();
  }

  /// Whether it lies on a figure.
  public boolean liesOn(int row, int column) {
    return switch (highlight.reach()) {
      case CELL -> matches(row, column);
      case ROW -> matchesRow(row);
      case COLUMN -> matchesColumn(column);
      case HEADING -> false;
    };
  }

  /// Whether it lies on any figure of a row or on its heading.
  public boolean liesOnRow(int row) {
    return switch (highlight.reach()) {
      case CELL, ROW, HEADING -> matchesRow(row);
      case COLUMN -> !columns().isEmpty();
    };
  }

  /// Whether it lies on figures, and not on headings alone.
  public boolean liesOnFigures() {
    return highlight.reach() != Reach.HEADING;
  }

  /// Whether it lies on a heading.
  public boolean liesOn(Side side, int leaf, int level) {
    boolean last = level >= side.of(table).depth(leaf) - 1;
    return switch (highlight.reach()) {
      case CELL -> false;
      case ROW, HEADING -> side == Side.DOWN && last && matchesRow(leaf);
      case COLUMN -> side == Side.ACROSS && last && matchesColumn(leaf);
    };
  }

  /// What it sets on a figure on which it lies.
  public Map<Property, String> on(int row, int column) {
    return shown.on(row, column);
  }

  /// What it sets on a heading on which it lies.
  public Map<Property, String> onHeading() {
    return shown.onHeading();
  }

  /// The figures that meet its condition, in reading order.
  public List<Spot.Figure> cells() {
    int width = Math.max(1, table.body().columns());
    return all().stream().mapToObj(cell -> new Spot.Figure(cell / width, cell % width)).toList();
  }

  /// The figures that it looks at, in reading order.
  public List<Spot.Figure> looked() {
    List<Spot.Figure> found = new ArrayList<>();
    for (int row = 0; row < table.body().rows(); row++) {
      for (int column = 0; column < table.body().columns(); column++) {
        if (looksAt(row, column)) {
          found.add(new Spot.Figure(row, column));
        }
      }
    }
    return found;
  }
}
