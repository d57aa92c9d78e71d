package app.finish.core.table;

import java.util.List;
import java.util.Objects;

/// The meaning of a table.
///
/// ```java
/// Value value = table.body().at(0, 2);
/// Measure measure = table.measureAt(0, 2);
/// ```
///
/// @param down the axis that runs down: the stub
/// @param across the axis that runs across: the column heads
/// @param measures what the figures measure, at least one
/// @param body a value for each leaf down and each leaf across
/// @param held dimensions held at one member
/// @param words the words around the table
/// @param marks the marks on its places that notes explain
public record Table(
    Axis down,
    Axis across,
    List<Measure> measures,
    Body body,
    List<Held> held,
    Words words,
    Marks marks) {
  /// @throws IllegalArgumentException if the body does not have the shape of the axes
  public Table {
    Objects.requireNonNull(words, "words");
    measures = List.copyOf(measures);
    held = List.copyOf(held);
    if (body.rows() != down.leaves().size() || body.columns() != across.leaves().size()) {
      throw new IllegalArgumentException(body + " does not fit " + down + " and " + across);
    }
    if (measures.isEmpty()) {
      throw new IllegalArgumentException("a table measures something");
    }
  }

  /// What the figure at a row and column measures: the measure that the column's headings name,
  /// else the row's, else the table's first.
  public Measure measureAt(int row, int column) {
    int across = this.across.leaves().get(column).measure().orElse(-1);
    int measure = across >= 0 ? across : down.leaves().get(row).measure().orElse(0);
    return measures.get(measure);
  }

  /// The notes that the mark in a place calls for.
  public List<Note> notesOn(Spot place) {
    String mark = marks.at(place);
    return mark.isEmpty()
        ? List.of()
        : words.notes().stream().filter(note -> note.explains(mark)).toList();
  }

  /// The same table with other words.
  public Table withWords(Words others) {
    return new Table(down, across, measures, body, held, others, marks);
  }

  /// The same table with other marks.
  public Table withMarks(Marks others) {
    return new Table(down, across, measures, body, held, words, others);
  }

  /// The same table with other values.
  public Table withBody(Body other) {
    return new Table(down, across, measures, other, held, words, marks);
  }

  /// The same table with its measures described otherwise.
  public Table withMeasures(List<Measure> others) {
    return new Table(down, across, others, body, held, words, marks);
  }
}
