package app.finish.core.highlight;

import java.util.Map;

/// What is to be seen first: where, when, what to show and how far it reaches.
///
/// ```java
/// Highlight low = HighlightSentence.read("Cost recovery below 85: bold bad on bad 12%");
/// ```
///
/// @param name what it is called
/// @param where where it looks
/// @param when when a figure there is highlighted
/// @param show what is shown
/// @param reach how far it reaches
/// @param on whether it is switched on
/// @param last whether none that stands below it in the list lies on the same cell
/// @param legend what it says of itself under the table; nothing if it is empty
/// @param kept what its file says that is not known here, as JSON by name; it is written again
public record Highlight(
    String name,
    Region where,
    Condition when,
    Show show,
    Reach reach,
    boolean on,
    boolean last,
    String legend,
    Map<String, String> kept) {
  /// Copies what is kept.
  public Highlight {
    kept = Map.copyOf(kept);
  }

  /// A highlight that is switched on and says nothing under the table.
  public static Highlight of(String name, Region where, Condition when, Show show, Reach reach) {
    return new Highlight(name, where, when, show, reach, true, false, "", Map.of());
  }

  /// Its name, or what it is about if it has none.
  public String title() {
    return name.isEmpty() ? HighlightSentence.of(where) + " " + HighlightSentence.of(when) : name;
  }

  /// The same under another name.
  public Highlight named(String other) {
    return new Highlight(other, where, when, show, reach, on, last, legend, kept);
  }

  /// The same, looking elsewhere.
  public Highlight in(Region other) {
    return new Highlight(name, other, when, show, reach, on, last, legend, kept);
  }

  /// The same in another case.
  public Highlight when(Condition other) {
    return new Highlight(name, where, other, show, reach, on, last, legend, kept);
  }

  /// The same, showing something else.
  public Highlight showing(Show other) {
    return new Highlight(name, where, when, other, reach, on, last, legend, kept);
  }

  /// The same with another reach.
  public Highlight reaching(Reach other) {
    return new Highlight(name, where, when, show, other, on, last, legend, kept);
  }

  /// The same, switched on or off.
  public Highlight switched(boolean isOn) {
    return new Highlight(name, where, when, show, reach, isOn, last, legend, kept);
  }

  /// The same, with or without others below it.
  public Highlight beingLast(boolean isLast) {
    return new Highlight(name, where, when, show, reach, on, isLast, legend, kept);
  }

  /// The same with other words under the table.
  public Highlight saying(String words) {
    return new Highlight(name, where, when, show, reach, on, last, words, kept);
  }

  /// The same, with what a file said that is not known here.
  public Highlight keeping(Map<String, String> unknown) {
    return new Highlight(name, where, when, show, reach, on, last, legend, unknown);
  }
}
