package app.finish.core.document;

/// One of the things that a document holds in order: a table, or a chart of one. Whoever goes
/// through a document goes through its items, and says by a `switch` what becomes of each kind.
///
/// ```java
/// for (Item item : document.items()) {
///   switch (item) {
///     case DocumentTable table -> add(table.source());
///     case DocumentChart chart -> draw(chart.chart());
///   }
/// }
/// ```
public sealed interface Item permits DocumentTable, DocumentChart {
  /// A name that stays the same while the document is edited.
  String id();

  /// Under which word and number a reader finds it, as "Table 2": items of a kind are counted by
  /// themselves.
  Kind kind();

  /// The kinds of items, each with numbers of its own.
  enum Kind {
    /// A table.
    TABLE,
    /// A picture of a table.
    FIGURE
  }
}
