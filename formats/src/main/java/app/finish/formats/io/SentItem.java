package app.finish.formats.io;

import app.finish.core.document.Item;
import app.finish.core.dress.Dressed;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import java.util.List;

/// An item of a document on its way out.
public sealed interface SentItem permits SentTable, SentChart {
  /// The item as the document holds it.
  Item item();

  /// The number under which readers find it, as it is written.
  String number();

  /// The table that it is, or is drawn of, in its style.
  Dressed dressed();

  /// What it is called in lists: its number and its title.
  String name();

  /// What it shows, for those who can't see it.
  String description();

  /// It laid out on a paper.
  List<Proof.Page> pages(Paper paper);
}
