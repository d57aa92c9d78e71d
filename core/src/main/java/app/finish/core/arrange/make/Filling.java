package app.finish.core.arrange.make;

import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.place.Side;
import app.finish.core.arrange.tree.Branch;
import app.finish.core.arrange.tree.Figures;
import app.finish.core.arrange.tree.LeafPaths;
import app.finish.core.arrange.tree.Trees;
import app.finish.core.number.NumberReader;
import app.finish.core.number.WrittenNumber;
import app.finish.core.table.Body;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Says what empty places mean, and takes texts for numbers.
public final class Filling {
  private final Trees trees;
  private final Side side;
  private final List<String> path;
  private final LeafPaths rows;
  private final LeafPaths columns;
  private final List<String> refused = new ArrayList<>();

  /// @param path the heading under which the places are; none for all
  public Filling(Trees trees, Side side, List<String> path) throws NoPlace {
    if (!path.isEmpty()) {
      trees.find(side, path);
    }
    this.trees = trees;
    this.side = side;
    this.path = path;
    this.rows = LeafPaths.of(trees.roots(Side.DOWN));
    this.columns = LeafPaths.of(trees.roots(Side.ACROSS));
  }

  public Trees filled(String with) throws NoPlace {
    Map<Spot.Figure, Value> empty = withoutNumber();
    empty.values().removeIf(value -> !value.equals(Value.BLANK));
    if (empty.isEmpty()) {
      throw new NoPlace("no place there is empty");
    }
    Value filling = value(with);
    empty.replaceAll((place, value) -> filling);
    return changed(empty);
  }

  private static Value value(String with) {
    Optional<WrittenNumber> number = NumberReader.POINT.read(with);
    if (number.isPresent()) {
      return Value.number(number.get().value(), with);
    }
    boolean dash = with.matches("[-–—−.…]+");
    return dash ? new Value.Missing(Value.Reason.DASH, with) : Value.text(with);
  }

  public Trees read() throws NoPlace {
    Map<Spot.Figure, Value> texts = withoutNumber();
    texts.values().removeIf(value -> !(value instanceof Value.Text));
    if (texts.isEmpty()) {
      throw new NoPlace("there are no texts in the place of numbers there");
    }
    NumberReader reader =
        NumberReader.forTexts(texts.values().stream().map(Value::written).toList());
    Map<Spot.Figure, Value> numbers = new HashMap<>();
    List<List<String>> down = rows.paths();
    List<List<String>> across = columns.paths();
    texts.forEach(
        (place, text) -> {
          String written = text.written().strip();
          String named =
              String.join(", ", down.get(place.row()))
                  + " / "
                  + String.join(", ", across.get(place.column()));
          reader
              .read(written)
              .ifPresentOrElse(
                  number -> numbers.put(place, Value.number(number.value(), written)),
                  () -> refused.add(named + ": “" + text.written() + "”"));
        });
    return numbers.isEmpty() ? trees : changed(numbers);
  }

  /// The values under the heading that are no numbers, by their places in the arranged table.
  private Map<Spot.Figure, Value> withoutNumber() {
    Map<Spot.Figure, Value> found = new LinkedHashMap<>();
    boolean[] meant = meant();
    boolean down = side == Side.DOWN;
    for (int row = 0; row < rows.size(); row++) {
      for (int column = 0; column < columns.size(); column++) {
        if (meant[down ? row : column] && Double.isNaN(number(row, column))) {
          Value value = trees.value(rows.leaf(row), columns.leaf(column));
          if (!(value instanceof Value.Numeric)) {
            found.put(new Spot.Figure(row, column), value);
          }
        }
      }
    }
    return found;
  }

  private boolean[] meant() {
    LeafPaths own = side == Side.DOWN ? rows : columns;
    boolean[] meant = new boolean[own.size()];
    for (int leaf = 0; leaf < meant.length; leaf++) {
      meant[leaf] = path.isEmpty() || own.isUnder(leaf, path);
    }
    return meant;
  }

  /// The number in a place, if it is one of the source.
  private double number(int row, int column) {
    int one = rows.leaf(row).sourceLeaf();
    int two = columns.leaf(column).sourceLeaf();
    Body body = trees.source().body();
    boolean single = one != Branch.NOWHERE && two != Branch.NOWHERE;
    return single ? trees.isSwapped() ? body.number(two, one) : body.number(one, two) : Double.NaN;
  }

  /// The table with other values in some places: in the source, if it has all of these.
  private Trees changed(Map<Spot.Figure, Value> others) {
    Map<Spot.Figure, Value> inSource = new HashMap<>();
    others.forEach(
        (place, value) ->
            trees
                .place(rows.leaf(place.row()), columns.leaf(place.column()))
                .ifPresent(spot -> inSource.put(spot, value)));
    if (inSource.size() < others.size()) {
      return new ArrangedTable(trees)
          .changed(
              (row, column, value) -> others.getOrDefault(new Spot.Figure(row, column), value));
    }
    Table source = trees.source();
    Table changed = source.withBody(source.body().with(inSource));
    return trees.withFigures(new Figures(changed, trees.figures().formulas()));
  }

  /// The places whose text is no number, and the text.
  public List<String> refused() {
    return refused;
  }
}
