package app.finish.formats.io;

import app.finish.core.document.Item;

/// An item of a document on its way out.
public sealed interface SentItem permits SentTable {
  /// The item as the document holds it.
  Item item();

  /// The number under which readers find it, as it is written.
  String number();
}
