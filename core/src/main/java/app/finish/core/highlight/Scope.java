package app.finish.core.highlight;

/// Which figures a figure is held against: always those of the same measure.
public enum Scope {
  /// Those of its row.
  ROW("its row"),
  /// Those of its column.
  COLUMN("its column"),
  /// Those of its column under the same headings.
  GROUP("its group"),
  /// All of the table.
  TABLE("the table");

  private final String words;

  Scope(String words) {
    this.words = words;
  }

  /// As sentences say it: “its row”.
  public String words() {
    return words;
  }
}
