package app.finish.expressions;

import java.time.Instant;
import java.util.List;

/// A checked expression as a tree, to be translated into other languages.
public sealed interface Term {
  /// A column or a measure.
  ///
  /// @param name what it is
  record Named(Name name) implements Term {}

  /// A number that is written in the expression.
  ///
  /// @param value the number
  record Number(double value) implements Term {}

  /// A text that is written in the expression.
  ///
  /// @param value the text
  record Text(String value) implements Term {}

  /// A date that is written in the expression.
  ///
  /// @param value the moment at which it begins, in UTC
  record Moment(Instant value) implements Term {}

  /// Yes or no, written in the expression.
  ///
  /// @param value which of them
  record Truth(boolean value) implements Term {}

  /// A list.
  ///
  /// @param items what is in it
  record Listed(List<Term> items) implements Term {
    /// Copies the list.
    public Listed {
      items = List.copyOf(items);
    }
  }

  /// A function or an operator and what it is applied to.
  ///
  /// @param function its name; operators as they are written, `? :` for a choice
  /// @param arguments what it is applied to
  record Call(String function, List<Term> arguments) implements Term {
    /// Copies the list.
    public Call {
      arguments = List.copyOf(arguments);
    }
  }
}
