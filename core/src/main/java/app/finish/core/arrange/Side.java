package app.finish.core.arrange;

/// A side of a table, as it stands when a move comes to it.
public enum Side {
  /// The stub: rows.
  DOWN,
  /// The heads: columns.
  ACROSS;

  /// The other side.
  public Side other() {
    return this == DOWN ? ACROSS : DOWN;
  }
}
