package app.finish.core.chart;

/// What a person wrote for a chart.
///
/// @param title its title as it was typed; empty for one made of the measure and the dimensions
/// @param note what stands below it besides what it must say of its marks; empty for nothing
/// @param description what it shows, for those who can't see it; empty for one made of its data
public record ChartTexts(String title, String note, String description) {
  /// Nothing was written.
  public static final ChartTexts NONE = new ChartTexts("", "", "");

  /// The same under another title.
  public ChartTexts withTitle(String other) {
    return new ChartTexts(other, note, description);
  }

  /// The same with another note.
  public ChartTexts withNote(String other) {
    return new ChartTexts(title, other, description);
  }

  /// The same with another description.
  public ChartTexts withDescription(String other) {
    return new ChartTexts(title, note, other);
  }
}
