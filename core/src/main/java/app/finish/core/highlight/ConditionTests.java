package app.finish.core.highlight;

import app.finish.core.arrange.formula.CellExpressions;
import app.finish.core.arrange.place.Side;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/// Makes of conditions what tests the cells of one table.
final class ConditionTests {
  private final Neighbourhood around;
  private final RegionCells region;
  private final CellExpressions expressions;
  private final Table table;

  ConditionTests(Neighbourhood around, RegionCells region, CellExpressions expressions) {
    this.around = around;
    this.region = region;
    this.expressions = expressions;
    this.table = around.names().table();
  }

  /// The test of a condition.
  ///
  /// @throws app.finish.core.problem.Refusal if an expression can't be read
  CellTest of(Condition condition) {
    return switch (condition) {
      case Condition.Always _ -> (row, column) -> true;
      case Condition.Compared(Condition.Sign sign, Operand with) -> compared(sign, with);
      case Condition.Between(double low, double high) ->
          (row, column) -> {
            double number = around.number(row, column);
            return number >= Math.min(low, high) && number <= Math.max(low, high);
          };
      case Condition.Outermost outermost -> outermost(outermost);
      case Condition.FarFromMean(double deviations, Scope scope) -> far(deviations, scope);
      case Condition.Changed changed -> changed(changed);
      case Condition.Missing _ ->
          (row, column) -> table.body().at(row, column) instanceof Value.Missing;
      case Condition.IsNumber _ -> (row, column) -> !Double.isNaN(table.body().number(row, column));
      case Condition.IsText _ ->
          (row, column) -> table.body().at(row, column) instanceof Value.Text;
      case Condition.Contains(String text) -> {
        String wanted = text.toLowerCase(Locale.ROOT);
        yield (row, column) -> written(row, column).toLowerCase(Locale.ROOT).contains(wanted);
      }
      case Condition.OneOf(List<String> texts) ->
          (row, column) -> {
            String written = written(row, column).strip();
            return texts.stream().anyMatch(written::equalsIgnoreCase);
          };
      case Condition.Expression(String text) -> expression(text);
      case Condition.All(List<Condition> conditions) -> {
        List<CellTest> tests = conditions.stream().map(this::of).toList();
        yield (row, column) -> tests.stream().allMatch(test -> test.holds(row, column));
      }
      case Condition.Any(List<Condition> conditions) -> {
        List<CellTest> tests = conditions.stream().map(this::of).toList();
        yield (row, column) -> tests.stream().anyMatch(test -> test.holds(row, column));
      }
      case Condition.Not(Condition other) -> {
        CellTest test = of(other);
        yield (row, column) -> !test.holds(row, column);
      }
    };
  }

  private String written(int row, int column) {
    return table.body().at(row, column).written();
  }

  private CellTest compared(Condition.Sign sign, Operand with) {
    return switch (with) {
      case Operand.Number(double number) -> against(sign, number);
      case Operand.OfMeasure(String measure) ->
          (row, column) ->
              sign.holds(around.number(row, column), around.ofMeasure(measure, row, column));
      case Operand.AtMember(String dimension, String member) ->
          (row, column) ->
              sign.holds(
                  around.number(row, column), around.atMember(dimension, member, row, column));
      case Operand.OfMany(Operand.Statistic statistic, Scope scope) -> {
        ByLine many =
            new ByLine(
                around,
                scope,
                Optional.empty(),
                switch (statistic) {
                  case MEAN -> Samples::mean;
                  case MEDIAN -> Samples::median;
                  case TOTAL -> Samples::total;
                });
        yield (row, column) -> sign.holds(around.number(row, column), many.at(row, column));
      }
    };
  }

  private CellTest against(Condition.Sign sign, double number) {
    return switch (sign) {
      case BELOW -> (row, column) -> around.number(row, column) < number;
      case ABOVE -> (row, column) -> around.number(row, column) > number;
      default -> (row, column) -> sign.holds(around.number(row, column), number);
    };
  }

  private CellTest outermost(Condition.Outermost asked) {
    ByLine bound =
        new ByLine(
            around,
            asked.scope(),
            Optional.of(region),
            sorted -> Samples.bound(sorted, asked.greatest(), asked.count(), asked.percent()));
    return asked.greatest()
        ? (row, column) -> around.number(row, column) >= bound.at(row, column)
        : (row, column) -> around.number(row, column) <= bound.at(row, column);
  }

  private CellTest far(double deviations, Scope scope) {
    ByLine mean = new ByLine(around, scope, Optional.of(region), Samples::mean);
    ByLine deviation = new ByLine(around, scope, Optional.of(region), Samples::deviation);
    return (row, column) ->
        Math.abs(around.number(row, column) - mean.at(row, column))
            > deviations * deviation.at(row, column);
  }

  private CellTest changed(Condition.Changed asked) {
    return (row, column) -> {
      double before = around.before(row, column, asked.across());
      double change = around.number(row, column) - before;
      double by = asked.percent() ? 100 * change / Math.abs(before) : change;
      return Double.isFinite(by) && asked.sign().holds(by, asked.by());
    };
  }

  private CellTest expression(String text) {
    CellNames names = around.names();
    List<String> dimensions =
        Stream.concat(names.dimensions(Side.DOWN).stream(), names.dimensions(Side.ACROSS).stream())
            .filter(one -> !one.isEmpty())
            .distinct()
            .toList();
    List<String> measures =
        table.measures().stream()
            .map(one -> one.name())
            .filter(one -> !one.isEmpty())
            .distinct()
            .toList();
    Predicate<CellExpressions.Cell> holds = expressions.read(text, measures, dimensions);
    return (row, column) -> holds.test(new Cell(around, row, column));
  }

  /// A cell as expressions see it.
  private record Cell(Neighbourhood around, int row, int column) implements CellExpressions.Cell {
    @Override
    public double value() {
      return around.number(row, column);
    }

    @Override
    public double figure(String measure) {
      return around.ofMeasure(measure, row, column);
    }

    @Override
    public String member(String dimension) {
      CellNames names = around.names();
      Side side = names.dimensions(Side.DOWN).contains(dimension) ? Side.DOWN : Side.ACROSS;
      return names.member(side, side == Side.DOWN ? row : column, dimension);
    }

    @Override
    public String measure() {
      return around.names().table().measureAt(row, column).name();
    }

    @Override
    public String written() {
      return around.names().table().body().at(row, column).written();
    }

    @Override
    public boolean total() {
      return !around.all().isMember(row, column);
    }

    @Override
    public double level() {
      return around.names().level(Side.DOWN, row);
    }
  }
}
