package app.finish.core.dress;

import app.finish.core.style.PartName;
import app.finish.core.table.Spot;
import java.util.Optional;

/// What a cell of a dressed table stands for, by its meaning.
public sealed interface CellMeaning {
  /// A line of words.
  ///
  /// @param part which words
  /// @param index which of several notes, from 0
  record Word(PartName part, int index) implements CellMeaning {}

  /// Where a table keeps the mark of this place.
  default Optional<Spot> spot() {
    return switch (this) {
      case StubHead head -> Optional.of(new Spot.StubHead(head.level));
      case Head head -> Optional.of(new Spot.Across(head.level, head.first));
      case Stub stub -> Optional.of(new Spot.Down(stub.level, stub.leaf));
      case Body body -> Optional.of(new Spot.Figure(body.row, body.column));
      case Word word ->
          word.part() == PartName.TITLE ? Optional.of(new Spot.Title()) : Optional.empty();
    };
  }

  /// A head over the stub.
  ///
  /// @param level the stub level that it names, from 0
  record StubHead(int level) implements CellMeaning {}

  /// A head over columns.
  ///
  /// @param level its level, from 0
  /// @param first the first leaf across that it stands over
  /// @param last the last of them
  record Head(int level, int first, int last) implements CellMeaning {}

  /// A row heading or a group row.
  ///
  /// @param level its level, from 0
  /// @param leaf the leaf down that it stands beside, or the first of its group
  record Stub(int level, int leaf) implements CellMeaning {}

  /// A figure.
  ///
  /// @param row its leaf down
  /// @param column its leaf across
  record Body(int row, int column) implements CellMeaning {}
}
