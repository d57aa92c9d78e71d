package app.finish.core.tally;

import java.util.List;
import java.util.Set;

/// What a person decided about the reading of a file of records.
///
/// ```java
/// Reading.PLAIN.withBrokenLeftOut(true).withMissingWords(List.of("n/a", "-99"));
/// ```
///
/// @param brokenLeftOut whether lines that can't be read are left out; else they are a problem
/// @param asNumbers columns that are taken for numbers though some of their values are none; those
///     count as no answer
/// @param missingWords texts that stand for no answer, besides nothing at all
public record Reading(boolean brokenLeftOut, Set<String> asNumbers, List<String> missingWords) {
  /// As the file is.
  public static final Reading PLAIN = new Reading(false, Set.of(), List.of());

  /// Copies the collections.
  public Reading {
    asNumbers = Set.copyOf(asNumbers);
    missingWords = List.copyOf(missingWords);
  }

  /// The same reading with broken lines left out or not.
  public Reading withBrokenLeftOut(boolean other) {
    return new Reading(other, asNumbers, missingWords);
  }

  /// The same reading with these columns taken for numbers.
  public Reading withNumbers(Set<String> others) {
    return new Reading(brokenLeftOut, others, missingWords);
  }

  /// The same reading with these texts for no answer.
  public Reading withMissingWords(List<String> others) {
    return new Reading(brokenLeftOut, asNumbers, others);
  }
}
