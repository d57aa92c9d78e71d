package app.finish.core.arrange.formula;

import app.finish.core.problem.Refusal;
import java.util.List;

/// Reads the expressions of calculated measures. The language is not known here.
///
/// ```java
/// Formula formula = formulas.read("Fares / Running cost * 100", List.of("Fares", "Running cost"));
/// ```
@FunctionalInterface
public interface Formulas {
  /// No language at all: every expression is refused.
  Formulas NONE =
      (expression, measures) -> {
        throw new Refusal("expressions can't be worked out here");
      };

  /// The formula that an expression says.
  ///
  /// @param expression the expression as a person wrote it
  /// @param measures the names that it may use
  /// @throws app.finish.core.problem.Refusal with a sentence, if it can't be read
  Formula read(String expression, List<String> measures);

  /// Reads conditions of cells in the same language.
  default CellExpressions ofCells() {
    return CellExpressions.NONE;
  }
}
