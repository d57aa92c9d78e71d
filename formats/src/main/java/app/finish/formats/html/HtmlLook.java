package app.finish.formats.html;

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
    StringBuilder other = new StringBuilder();
    int at = 0;
    for (int from = 0; from < night.length(); ) {
      int end = end(night, from);
      int known = end(day, at);
      if (known - at != end - from || !day.regionMatches(at, night, from, end - from)) {
        other.append(other.isEmpty() ? "" : BETWEEN).append(night, from, end);
      }
      from = end + BETWEEN.length();
      at = Math.min(day.length(), known + BETWEEN.length());
    }
    return new HtmlLook(day, other.toString());
  }

  /// Where the declaration ends that begins at a place.
  private static int end(String css, int from) {
    int end = css.indexOf(BETWEEN, from);
    return end < 0 ? css.length() : end;
  }
}
