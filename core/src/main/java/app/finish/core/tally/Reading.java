package app.finish.core.tally;

import java.util.List;
import java.util.Optional;
import java.util.Set;

/// What a person decided about the reading of a file of records.
///
/// ```java
/// Reading.PLAIN.withBrokenLeftOut(true).withMissingWords(List.of("n/a", "-99"));
/// ```
///
/// @param brokenLeftOut whether lines that can't be read are left out; else they are a problem
/// @param asNumbers columns that are taken for numbers though some of their values are none; those
///   count as no answer
/// @param asTexts columns that stay texts though all their values are numbers or dates
/// @param dayFirst whether 03/04/2024 is the third of April; if it is not said and nothing in the
///   file decides, such a column stays text
/// @param missingWords texts that stand for no answer, besides nothing at all
public record Reading(
    boolean brokenLeftOut,
    Set<String> asNumbers,
    Set<String> asTexts,
    Optional<Boolean> dayFirst,
    List<String> missingWords) {
  /// As the file is.
  public static final Reading PLAIN =
      new Reading(false, Set.of(), Set.of(), Optional.empty(), List.of());

  /// Copies the collections.
  public Reading {
    asNumbers = Set.copyOf(asNumbers);
    asTexts = Set.copyOf(asTexts);
    missingWords = List.copyOf(missingWords);
  }

  /// The same reading with broken lines left out or not.
  public Reading withBrokenLeftOut(boolean other) {
    return new Reading(other, asNumbers, asTexts, dayFirst, missingWords);
  }

  /// The same reading with these columns taken for numbers.
  public Reading withNumbers(Set<String> others) {
    return new Reading(brokenLeftOut, others, asTexts, dayFirst, missingWords);
  }

  /// The same reading with these columns kept as texts.
  public Reading withTexts(Set<String> others) {
    return new Reading(brokenLeftOut, asNumbers, others, dayFirst, missingWords);
  }

  /// The same reading with days or months first in dates such as 03/04/2024.
  public Reading withDayFirst(boolean other) {
    return new Reading(brokenLeftOut, asNumbers, asTexts, Optional.of(other), missingWords);
  }

  /// The same reading with these texts for no answer.
  public Reading withMissingWords(List<String> others) {
    return new Reading(brokenLeftOut, asNumbers, asTexts, dayFirst, others);
  }
}
