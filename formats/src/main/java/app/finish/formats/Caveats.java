package app.finish.formats;

import java.util.List;

/// What a person should know before items are sent.
///
/// ```java
/// sending.caveats(document, List.of(0), List.of(OutputFormat.XLSX)).fixed(); // Above the mean
/// ```
///
/// @param unshown the letters that no font at hand has
/// @param fixed the titles of highlights that a workbook holds as fixed looks, since its own
///   conditional formats can't say them: they don't follow figures that are changed there
public record Caveats(UnshownLetters unshown, List<String> fixed) {
  /// Nothing to know.
  public static final Caveats NONE = new Caveats(UnshownLetters.NONE, List.of());

  /// Copies the list.
  public Caveats {
    fixed = List.copyOf(fixed);
  }
}
