package app.finish.core.arrange.formula;

import app.finish.core.problem.Refusal;
import java.util.List;
import java.util.function.Predicate;

/// Reads conditions that are written as expressions. The language is not known here.
///
/// ```java
/// Predicate<CellExpressions.Cell> low = expressions.read("value < 85 && !total", List.of(), List.of());
/// ```
@FunctionalInterface
public interface CellExpressions {
  /// No language at all: every expression is refused.
  CellExpressions NONE =
      (expression, measures, dimensions) -> {
        throw new Refusal("Expressions can't be worked out here.");
      };

  /// What an expression may ask of a cell.
  interface Cell {
    /// Its own figure, not a number if it has none.
    double value();

    /// The figure of a measure in its place, not a number if there is none.
    double figure(String measure);

    /// The member of a dimension that it stands at; empty for a total of it.
    String member(String dimension);

    /// The name of its measure.
    String measure();

    /// What is written there.
    String written();

    /// Whether it is a subtotal or a grand total.
    boolean total();

    /// At which level its row stands, 1 for the outermost; a total at that of the group that it
    /// totals, 0 for a grand total.
    double level();
  }

  /// The condition that an expression says.
  ///
  /// @param expression the expression as a person wrote it
  /// @param measures the names of measures that it may use
  /// @param dimensions the names of dimensions that it may use
  /// @throws Refusal with a sentence, if it can't be read
  Predicate<Cell> read(String expression, List<String> measures, List<String> dimensions);
}
