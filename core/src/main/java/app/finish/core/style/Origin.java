package app.finish.core.style;

/// Where a property of a look was set.
///
/// @param style the style's name
/// @param selector what the setting is for
public record Origin(String style, Selector selector) {
  @Override
  public String toString() {
    return style + " › " + selector.label();
  }
}
