package app.finish.core.check.arithmetic;

import app.finish.core.dress.CellMeaning;
import app.finish.core.table.Heading;
import app.finish.core.table.Leaf;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/// The counts of a table that percentages may be shares of.
///
/// ```java
/// new PercentBases(table).base(pair, PercentBases.Of.COLUMN); // 130
/// ```
///
/// @param table the table
record PercentBases(Table table) {
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

  static MeasureKind kind(Table table, Leaf column) {
    return column.measure().isPresent()
        ? table.measures().get(column.measure().getAsInt()).kind()
        : MeasureKind.VALUE;
  }

  OptionalDouble base(Pair pair, Of of) {
    return switch (of) {
      case COLUMN -> total(pair, false);
      case VALID -> total(pair, true);
      case GROUP -> ofGroup(pair);
      case ROW -> ofRow(pair);
      case ALL -> ofAll();
    };
  }

  private OptionalDouble number(int row, int column) {
    return Reported.of(table.body().at(row, column), new CellMeaning.Body(row, column), false)
        .map(Reported::number)
        .map(OptionalDouble::of)
        .orElse(OptionalDouble.empty());
  }

  /// The total of a column: its last grand total, or its first, that of valid answers; else the sum
  /// of its members.
  private OptionalDouble total(Pair pair, boolean valid) {
    List<Leaf> totals =
        table.down().leaves().stream()
            .filter(
                leaf ->
                    leaf.role() == Heading.Role.GRAND_TOTAL || leaf.role() == Heading.Role.SUBTOTAL)
            .toList();
    if (!totals.isEmpty()) {
      Leaf total = valid ? totals.getFirst() : totals.getLast();
      return number(total.index(), pair.column.index());
    }
    return valid ? OptionalDouble.empty() : sum(table.down().leaves(), pair.column.index());
  }

  private OptionalDouble sum(List<Leaf> rows, int column) {
    double sum = 0;
    for (Leaf row : rows) {
      OptionalDouble one = number(row.index(), column);
      sum += row.role() == Heading.Role.MEMBER && one.isPresent() ? one.getAsDouble() : 0;
    }
    return OptionalDouble.of(sum);
  }

  /// The sum of the members under the same first heading.
  private OptionalDouble ofGroup(Pair pair) {
    if (table.down().depth() < 2) {
      return OptionalDouble.empty();
    }
    Heading group = pair.row.path().getFirst();
    return sum(
        table.down().leaves().stream().filter(leaf -> leaf.path().getFirst() == group).toList(),
        pair.column.index());
  }

  private List<Leaf> countColumns() {
    return table.across().leaves().stream()
        .filter(leaf -> kind(table, leaf) == MeasureKind.COUNT)
        .toList();
  }

  /// The total of a row over the columns of counts.
  private OptionalDouble ofRow(Pair pair) {
    List<Leaf> columns = countColumns();
    Optional<Leaf> total =
        columns.stream().filter(leaf -> leaf.role() != Heading.Role.MEMBER).reduce((a, b) -> b);
    if (total.isPresent()) {
      return number(pair.row.index(), total.get().index());
    }
    double sum = 0;
    for (Leaf column : columns) {
      sum += number(pair.row.index(), column.index()).orElse(0);
    }
    return columns.size() < 2 ? OptionalDouble.empty() : OptionalDouble.of(sum);
  }

  private OptionalDouble ofAll() {
    List<Leaf> columns = countColumns();
    Optional<Leaf> total =
        columns.stream().filter(leaf -> leaf.role() != Heading.Role.MEMBER).reduce((a, b) -> b);
    List<Leaf> rows = table.down().leaves();
    Optional<Leaf> last =
        rows.stream().filter(leaf -> leaf.role() != Heading.Role.MEMBER).reduce((a, b) -> b);
    if (total.isPresent() && last.isPresent()) {
      return number(last.get().index(), total.get().index());
    }
    double sum = 0;
    for (Leaf column : columns) {
      if (column.role() == Heading.Role.MEMBER) {
        sum += sum(rows, column.index()).orElse(0);
      }
    }
    return columns.size() < 2 ? OptionalDouble.empty() : OptionalDouble.of(sum);
  }
}
