package app.finish.core.recognise.said;

import app.finish.core.words.Constants;
import java.util.Locale;

/// What a row or a column of the source is. A column is no group and no note.
public enum LineRole {
  /// A line of figures.
  BODY,
  /// The total of a group.
  SUBTOTAL,
  /// The total of everything.
  GRAND_TOTAL,
  /// A heading over the rows below it.
  GROUP,
  /// Words below the table.
  NOTE,
  /// Nothing that belongs to the table.
  LEFT_OUT;

  /// The name of the part that such a row makes.
  public String part() {
    return switch (this) {
      case BODY -> "body";
      case SUBTOTAL -> "subtotalRow";
      case GRAND_TOTAL -> "grandTotalRow";
      case GROUP -> "groupRow";
      case NOTE -> "note";
      case LEFT_OUT -> "leftOut";
    };
  }

  /// The role that a word names, as [#toString] writes it.
  ///
  /// @throws app.finish.core.problem.Refusal if there is none
  public static LineRole of(String word) {
    return Constants.named(LineRole.class, word, "role of a line");
  }

  @Override
  public String toString() {
    return name().toLowerCase(Locale.ROOT).replace('_', ' ');
  }
}
