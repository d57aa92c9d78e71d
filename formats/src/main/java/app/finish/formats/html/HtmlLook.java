package app.finish.formats.html;

import java.util.ArrayList;
import java.util.List;

/// What something looks like, as declarations of CSS.
///
/// ```java
/// HtmlLook.of("color: #000; padding: 2pt", "color: #eee; padding: 2pt").night(); // color: #eee
/// ```
///
/// @param day on a light page
/// @param night what is otherwise on a dark page; empty where nothing is
record HtmlLook(String day, String night) {
  private static final String BETWEEN = "; ";

  /// A look that is the same on every page.
  static HtmlLook of(String css) {
    return new HtmlLook(css, "");
  }

  /// A look on a light page and on a dark one, with the same declarations in the same order.
  static HtmlLook of(String day, String night) {
    if (day.equals(night)) {
      return of(day);
    }
    List<String> known = List.of(day.split(BETWEEN));
    List<String> other = new ArrayList<>(List.of(night.split(BETWEEN)));
    other.removeAll(known);
    return new HtmlLook(day, String.join(BETWEEN, other));
  }
}
