package app.finish.core.check.arithmetic;

import app.finish.core.dress.CellMeaning;
import app.finish.core.table.Heading;
import app.finish.core.table.Leaf;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/// The counts of a table that percentages may be shares of.
///
/// ```java
/// new PercentBases(table).base(pair, PercentBases.Of.COLUMN); // 130
/// ```
///
/// Sums are found once for all percentages of the table.
final class PercentBases {
  /// A count and its percentage.
  record Pair(Leaf row, Leaf column, CellMeaning.Body place, Reported count, Reported percent) {}

  /// What percentages may be of.
  enum Of {
    COLUMN("of its column"),
    ROW("of its row"),
    ALL("of all"),
    GROUP("of its group"),
    VALID("of the valid ones");

    private final String words;

    Of(String words) {
      this.words = words;
    }

    /// What it is of, in a sentence.
    String words() {
      return words;
    }
  }

  private final Table table;
  private final List<Leaf> rows;
  private final List<Leaf> totals;
  private final List<Leaf> countColumns;
  private final Map<Integer, OptionalDouble> byColumn = new HashMap<>();
  private final Map<Integer, OptionalDouble> byRow = new HashMap<>();
  private final Map<Integer, Map<Heading, Double>> byGroup = new HashMap<>();
  private Optional<OptionalDouble> all = Optional.empty();

  /// @param table the table
  PercentBases(Table table) {
    this.table = table;
    this.rows = List.copyOf(table.down().leaves());
    this.totals = rows.stream().filter(row -> row.role() != Heading.Role.MEMBER).toList();
    this.countColumns =
        table.across().leaves().stream()
            .filter(leaf -> kind(table, leaf) == MeasureKind.COUNT)
            .toList();
  }

  static MeasureKind kind(Table table, Leaf column) {
    return column.measure().isPresent()
        ? table.measures().get(column.measure().getAsInt()).kind()
        : MeasureKind.VALUE;
  }

  OptionalDouble base(Pair pair, Of of) {
    int column = pair.column.index();
    return switch (of) {
      case COLUMN ->
          totals.isEmpty()
              ? byColumn.computeIfAbsent(column, one -> OptionalDouble.of(sum(rows, one)))
              : number(totals.getLast().index(), column);
      case VALID ->
          totals.isEmpty() ? OptionalDouble.empty() : number(totals.getFirst().index(), column);
      case GROUP -> ofGroup(pair.row, column);
      case ROW -> byRow.computeIfAbsent(pair.row.index(), this::ofRow);
      case ALL -> ofAll();
    };
  }

  private OptionalDouble number(int row, int column) {
    return Reported.of(table.body().at(row, column), new CellMeaning.Body(row, column), false)
        .map(Reported::number)
        .map(OptionalDouble::of)
        .orElse(OptionalDouble.empty());
  }

  private double sum(List<Leaf> some, int column) {
    double sum = 0;
    for (Leaf row : some) {
      sum += row.role() == Heading.Role.MEMBER ? number(row.index(), column).orElse(0) : 0;
    }
    return sum;
  }

  /// The sum of the members under the same first heading.
  private OptionalDouble ofGroup(Leaf member, int column) {
    if (table.down().depth() < 2) {
      return OptionalDouble.empty();
    }
    Map<Heading, Double> sums =
        byGroup.computeIfAbsent(
            column,
            one -> {
              Map<Heading, Double> found = new IdentityHashMap<>();
              rows.stream()
                  .filter(row -> row.role() == Heading.Role.MEMBER)
                  .forEach(
                      row ->
                          found.merge(
                              row.path().getFirst(),
                              number(row.index(), one).orElse(0),
                              Double::sum));
              return found;
            });
    return OptionalDouble.of(sums.getOrDefault(member.path().getFirst(), 0.0));
  }

  private Optional<Leaf> totalColumn() {
    return countColumns.stream()
        .filter(leaf -> leaf.role() != Heading.Role.MEMBER)
        .reduce((_, last) -> last);
  }

  /// The total of a row over the columns of counts.
  private OptionalDouble ofRow(int row) {
    Optional<Leaf> total = totalColumn();
    if (total.isPresent()) {
      return number(row, total.get().index());
    }
    double sum = 0;
    for (Leaf column : countColumns) {
      sum += number(row, column.index()).orElse(0);
    }
    return countColumns.size() < 2 ? OptionalDouble.empty() : OptionalDouble.of(sum);
  }

  private OptionalDouble ofAll() {
    if (all.isEmpty()) {
      all = Optional.of(sumOfAll());
    }
    return all.get();
  }

  private OptionalDouble sumOfAll() {
    Optional<Leaf> total = totalColumn();
    if (total.isPresent() && !totals.isEmpty()) {
      return number(totals.getLast().index(), total.get().index());
    }
    double sum = 0;
    for (Leaf column : countColumns) {
      if (column.role() == Heading.Role.MEMBER) {
        sum += sum(rows, column.index());
      }
    }
    return countColumns.size() < 2 ? OptionalDouble.empty() : OptionalDouble.of(sum);
  }
}
