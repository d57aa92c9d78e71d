package app.finish.core.tally;

import app.finish.core.words.Constants;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;

/// How dates are gathered into members. Each part numbers its members, so that they stand in the
/// order of time.
///
/// ```java
/// DatePart.QUARTER.label(4 * 2025 + 2); // "2025 Q3"
/// ```
public enum DatePart {
  /// The year: its number.
  YEAR,
  /// The quarter of a year: four times the year, and the quarter from 0.
  QUARTER,
  /// The month of a year: twelve times the year, and the month from 0.
  MONTH,
  /// The month, whatever the year: from 0.
  CALENDAR_MONTH,
  /// The season of the northern year: 0 for December to February, 1 for March to May, and so on.
  SEASON,
  /// The day: days since 1970-01-01.
  DAY;

  private static final List<String> SEASONS = List.of("Winter", "Spring", "Summer", "Autumn");

  /// The part that a word names, as [#word] writes it.
  ///
  /// @throws app.finish.core.problem.Refusal if there is none
  public static DatePart of(String word) {
    return Constants.named(DatePart.class, word, "part of a date");
  }

  /// The part as files and the command line write it.
  public String word() {
    return name().toLowerCase(Locale.ROOT).replace('_', ' ');
  }

  /// What a member of this number is called.
  public String label(long number) {
    return switch (this) {
      case YEAR -> "" + number;
      case QUARTER -> Math.floorDiv(number, 4) + " Q" + (Math.floorMod(number, 4) + 1);
      case MONTH -> month(Math.floorMod(number, 12)) + " " + Math.floorDiv(number, 12);
      case CALENDAR_MONTH -> month((int) number);
      case SEASON -> SEASONS.get((int) number);
      case DAY -> java.time.LocalDate.ofEpochDay(number).toString();
    };
  }

  private static String month(int number) {
    return Month.of(number + 1).getDisplayName(TextStyle.FULL, Locale.ENGLISH);
  }
}
