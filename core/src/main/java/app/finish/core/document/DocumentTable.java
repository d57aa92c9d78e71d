package app.finish.core.document;

/// A table of a document.
///
/// @param id a name that stays the same while the document is edited
/// @param source where it came from
/// @param finish what was decided about it
public record DocumentTable(String id, Source source, Finish finish) implements Item {
  @Override
  public Kind kind() {
    return Kind.TABLE;
  }

  /// The same table with another finish.
  public DocumentTable withFinish(Finish other) {
    return new DocumentTable(id, source, other);
  }
}
