package app.finish.core.highlight;

import app.finish.core.arrange.place.Side;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// What a condition needs besides the figure that it is about.
final class Operands {
  private Operands() {}

  /// What a condition speaks of that a table has not; nothing if all is there.
  static Optional<String> gone(Condition condition, CellNames names) {
    return operands(condition)
        .map(operand -> gone(operand, names))
        .flatMap(Optional::stream)
        .findFirst();
  }

  private static Optional<String> gone(Operand operand, CellNames names) {
    return switch (operand) {
      case Operand.OfMeasure(String measure) ->
          names.table().measures().stream().anyMatch(one -> one.name().equals(measure))
              ? Optional.empty()
              : Optional.of("the table does not measure " + measure);
      case Operand.AtMember(String dimension, String member) ->
          has(names, Side.DOWN, member) || has(names, Side.ACROSS, member)
              ? Optional.empty()
              : Optional.of(
                  "there is no " + member + (dimension.isEmpty() ? "" : " in " + dimension));
      default -> Optional.empty();
    };
  }

  private static boolean has(CellNames names, Side side, String member) {
    for (int leaf = 0; leaf < side.of(names.table()).leaves().size(); leaf++) {
      if (names.path(side, leaf).contains(member)) {
        return true;
      }
    }
    return false;
  }

  private static Stream<Operand> operands(Condition condition) {
    return all(condition)
        .filter(Condition.Compared.class::isInstance)
        .map(one -> ((Condition.Compared) one).with());
  }

  private static Stream<Condition> all(Condition condition) {
    List<Condition> inner =
        switch (condition) {
          case Condition.All(List<Condition> some) -> some;
          case Condition.Any(List<Condition> some) -> some;
          case Condition.Not(Condition one) -> List.of(one);
          default -> List.of();
        };
    return Stream.concat(Stream.of(condition), inner.stream().flatMap(Operands::all));
  }

  /// Whether a highlight needs nothing but the row of a figure: then it can be shown before all
  /// rows are there.
  static boolean isOfItsRowAlone(Highlight highlight) {
    boolean shown =
        switch (highlight.show()) {
          case Show.Flag _ -> true;
          case Show.Tint tint -> !tint.anchors().isEmpty() && !tint.ranked();
          case Show.Bar _ -> false;
          case Show.Signs signs -> !signs.bounds().isEmpty();
          case Show.Trend _ -> true;
        };
    return shown
        && highlight.reach() != Reach.COLUMN
        && all(highlight.when()).allMatch(Operands::isOfItsRowAlone);
  }

  private static boolean isOfItsRowAlone(Condition condition) {
    return switch (condition) {
      case Condition.Compared(Condition.Sign _, Operand.OfMany(Operand.Statistic _, Scope scope)) ->
          scope == Scope.ROW;
      case Condition.Compared(Condition.Sign _, Operand.AtMember _) -> false;
      case Condition.Outermost outermost -> outermost.scope() == Scope.ROW;
      case Condition.FarFromMean far -> far.scope() == Scope.ROW;
      default -> true;
    };
  }
}
