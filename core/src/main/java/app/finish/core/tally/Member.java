package app.finish.core.tally;

import app.finish.core.words.NaturalOrder;

/// A member of a dimension as records have it: a text, a number (also the number of a bin), or no
/// answer. Members stand in the order of their numbers, then of their texts, and no answer last.
public sealed interface Member extends Comparable<Member> {
  /// Records without an answer.
  Member MISSING = new Missing();

  /// A member that is a text.
  ///
  /// @param text the text
  record Text(String text) implements Member {}

  /// A member that is a number.
  ///
  /// @param number the number
  record Number(double number) implements Member {}

  /// No answer.
  record Missing() implements Member {}

  /// A member that is a text.
  static Member of(String text) {
    return new Text(text);
  }

  /// A member that is a number.
  static Member of(double number) {
    return new Number(number == 0 ? 0 : number);
  }

  @Override
  default int compareTo(Member other) {
    int byKind = Integer.compare(rank(this), rank(other));
    if (byKind != 0) {
      return byKind;
    }
    if (this instanceof Number one && other instanceof Number two) {
      return Double.compare(one.number, two.number);
    }
    if (this instanceof Text one && other instanceof Text two) {
      return NaturalOrder.PLAIN.compare(one.text, two.text);
    }
    return 0;
  }

  private static int rank(Member member) {
    return switch (member) {
      case Number _ -> 0;
      case Text _ -> 1;
      case Missing _ -> 2;
    };
  }
}
