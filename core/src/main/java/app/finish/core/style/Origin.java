package app.finish.core.style;

/// Where a property of a look was set.
///
/// @param style the style's name; empty for a touch
/// @param selector what the setting is for
public record Origin(String style, Selector selector) {
  /// Whether it was set by hand on this table.
  public boolean isTouch() {
    return style.isEmpty();
  }

  @Override
  public String toString() {
    return (isTouch() ? "a touch" : style) + " › " + selector.label();
  }
}
