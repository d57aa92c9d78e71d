package app.finish.core.arrange;

import app.finish.core.number.NumberReader;
import app.finish.core.number.WrittenNumber;
import app.finish.core.table.Value;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// Says what empty places mean, and takes texts for numbers.
final class Filling {
  private final Trees trees;
  private final Side side;
  private final Set<Integer> leaves = new HashSet<>();
  private final List<List<String>> rows;
  private final List<List<String>> columns;
  private final List<String> refused = new ArrayList<>();
  private int changed;

  /// @param path the heading under which the places are; none for all
  Filling(Trees trees, Side side, List<String> path) throws NoPlace {
    this.trees = trees;
    this.side = side;
    this.rows = trees.paths(Side.DOWN);
    this.columns = trees.paths(Side.ACROSS);
    List<List<String>> paths = side == Side.DOWN ? rows : columns;
    if (!path.isEmpty()) {
      trees.find(side, path);
    }
    for (int i = 0; i < paths.size(); i++) {
      if (Arranged.isUnder(paths.get(i), path)) {
        leaves.add(i);
      }
    }
  }

  private boolean isMeant(int row, int column) {
    return leaves.contains(side == Side.DOWN ? row : column);
  }

  Trees filled(String with) throws NoPlace {
    Value filling = value(with);
    Trees after =
        new Baking(trees)
            .changed(
                (row, column, value) -> {
                  boolean empty = value.equals(Value.BLANK) && isMeant(row, column);
                  changed += empty ? 1 : 0;
                  return empty ? filling : value;
                });
    if (changed == 0) {
      throw new NoPlace("no place there is empty");
    }
    return after;
  }

  private static Value value(String with) {
    Optional<WrittenNumber> number = NumberReader.POINT.read(with);
    if (number.isPresent()) {
      return Value.number(number.get().value(), with);
    }
    boolean dash = with.matches("[-–—−.…]+");
    return dash ? new Value.Missing(Value.Reason.DASH, with) : Value.text(with);
  }

  Trees read() throws NoPlace {
    List<String> texts = new ArrayList<>();
    eachText((row, column, text) -> texts.add(text));
    if (texts.isEmpty()) {
      throw new NoPlace("there are no texts in the place of numbers there");
    }
    NumberReader reader = NumberReader.forTexts(texts);
    return new Baking(trees)
        .changed(
            (row, column, value) -> {
              if (!(value instanceof Value.Text text) || !isMeant(row, column)) {
                return value;
              }
              Optional<WrittenNumber> number = reader.read(text.text().strip());
              if (number.isEmpty()) {
                refused.add(place(row, column) + ": “" + text.text() + "”");
                return value;
              }
              return Value.number(number.get().value(), text.text().strip());
            });
  }

  private interface Told {
    void text(int row, int column, String text);
  }

  private void eachText(Told told) {
    List<Branch> down = trees.leaves(Side.DOWN);
    List<Branch> across = trees.leaves(Side.ACROSS);
    for (int row = 0; row < down.size(); row++) {
      for (int column = 0; column < across.size(); column++) {
        if (isMeant(row, column)
            && trees.value(down.get(row), across.get(column)) instanceof Value.Text text) {
          told.text(row, column, text.text());
        }
      }
    }
  }

  private String place(int row, int column) {
    return String.join(", ", rows.get(row)) + " / " + String.join(", ", columns.get(column));
  }

  /// The places whose text is no number, and the text.
  List<String> refused() {
    return refused;
  }
}
