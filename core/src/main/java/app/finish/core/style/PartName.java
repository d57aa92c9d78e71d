package app.finish.core.style;

import java.util.Optional;

/// The parts of a table, in the words of table typography. Styles, corrections and the window all
/// speak of these.
public enum PartName {
  /// The root that all others inherit from.
  TABLE("Table"),
  /// Number, title, units, held line, notes and source together.
  WORDS("All words"),
  /// "Table 2".
  NUMBER("Number", WORDS),
  /// The title.
  TITLE("Title", WORDS),
  /// The line that says in what units the figures are.
  UNITS("Units", WORDS),
  /// The line that says what a held dimension is held at.
  HELD("Held line", WORDS),
  /// In the held line, the name of what is held.
  HELD_NAME("Name in the held line", WORDS),
  /// In the held line, the member at which it is held.
  HELD_MEMBER("Member in the held line", WORDS),
  /// The head over the stub, spanners and column heads together.
  HEADS("All heads"),
  /// The head over the stub.
  STUB_HEAD("Stub head", HEADS),
  /// A head over other heads.
  SPANNER("Spanner", HEADS),
  /// The head of one column.
  COLUMN_HEAD("Column head", HEADS),
  /// A row heading.
  STUB("Stub"),
  /// A heading across the whole width.
  GROUP_ROW("Group row"),
  /// A figure.
  BODY("Body"),
  /// Subtotals and grand totals, of rows and columns, together.
  TOTALS("All totals"),
  /// The column that totals a group of columns.
  SUBTOTAL_COLUMN("Subtotal column", TOTALS),
  /// The column that totals all columns.
  GRAND_TOTAL_COLUMN("Grand total column", TOTALS),
  /// The row that totals a group of rows.
  SUBTOTAL_ROW("Subtotal row", TOTALS),
  /// The row that totals all rows.
  GRAND_TOTAL_ROW("Grand total row", TOTALS),
  /// A note below the table.
  NOTE("Note", WORDS),
  /// The line that says where the figures are from.
  SOURCE("Source line", WORDS);

  private final String label;
  private final Optional<PartName> family;

  PartName(String label) {
    this.label = label;
    this.family = Optional.empty();
  }

  PartName(String label, PartName family) {
    this.label = label;
    this.family = Optional.of(family);
  }

  /// Whether it is a stretch of text within another part: it has an ink, a weight and a slant of
  /// its own, and no place.
  public boolean isStretch() {
    return this == HELD_NAME || this == HELD_MEMBER;
  }

  /// The name for people: "Grand total row".
  public String label() {
    return label;
  }

  /// The parts that this one belongs to, if it does.
  public Optional<PartName> family() {
    return family;
  }

  /// The name in files: "grandTotalRow".
  public String word() {
    return CamelCase.of(this);
  }

  /// The part of this name in files, if there is one.
  public static Optional<PartName> of(String word) {
    for (PartName name : values()) {
      if (name.word().equals(word)) {
        return Optional.of(name);
      }
    }
    return Optional.empty();
  }
}
