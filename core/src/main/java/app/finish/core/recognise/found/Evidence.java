package app.finish.core.recognise.found;

import java.util.List;

/// One decision and what speaks for it.
///
/// ```java
/// new Evidence("row 7", "subtotalRow", List.of("its figures are the sums of rows 4 to 6"), 0.9);
/// ```
///
/// @param place where, as the source counts: "row 7", "column C", "rows 1 to 2"
/// @param said what it was taken for, a name of a part where it is one
/// @param because the reasons in words, strongest first
/// @param confidence from 0 to 1
public record Evidence(String place, String said, List<String> because, double confidence) {
  /// Below this a decision is shown as doubtful.
  public static final double DOUBTFUL = 0.7;

  /// Copies the reasons.
  public Evidence {
    because = List.copyOf(because);
  }

  /// A confidence in hundredths.
  public static double rounded(double confidence) {
    return Math.round(confidence * 100) / 100.0;
  }

  /// Whether a person should look at it.
  public boolean isDoubtful() {
    return confidence < DOUBTFUL;
  }
}
