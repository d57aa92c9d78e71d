package app.finish.core.recognise.axis;

import app.finish.core.recognise.found.Evidence;
import app.finish.core.recognise.line.Lines;
import app.finish.core.recognise.sheet.Frame;
import app.finish.core.recognise.sheet.ReadGrid;
import app.finish.core.table.Axis;
import app.finish.core.table.Heading;
import app.finish.core.table.Marks;
import app.finish.core.table.Spot;
import app.finish.core.table.Words;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/// Finds which place of the table each mark of the grid stands in.
public final class MarkPlacer {
  private final ReadGrid grid;
  private final Frame frame;
  private final Lines rows;
  private final Axis down;
  private final Axis across;
  private final Words words;

  public MarkPlacer(ReadGrid grid, Frame frame, Lines rows, Axis down, Axis across, Words words) {
    this.words = words;
    this.grid = grid;
    this.frame = frame;
    this.rows = rows;
    this.down = down;
    this.across = across;
  }

  public Marks place() {
    if (grid.marks().isEmpty()) {
      return Marks.NONE;
    }
    Map<Integer, Integer> leafOfRow = leavesOfRows();
    Map<Spot, String> placed = new HashMap<>();
    grid.marks()
        .forEach(
            (place, mark) ->
                spot(place / grid.columns(), place % grid.columns(), leafOfRow)
                    .ifPresent(spot -> placed.put(spot, mark)));
    return new Marks(placed);
  }

  /// Why each mark was taken for one, a decision for each sort of mark.
  public List<Evidence> evidence() {
    Map<String, Integer> counts = new TreeMap<>();
    grid.marks().values().forEach(mark -> counts.merge(mark, 1, Integer::sum));
    List<Evidence> evidence = new ArrayList<>();
    counts.forEach(
        (mark, count) ->
            evidence.add(
                new Evidence(
                    count == 1 ? "1 cell" : count + " cells",
                    "mark “" + mark + "”",
                    List.of(because(mark)),
                    isExplained(mark) ? 0.95 : 0.75)));
    return evidence;
  }

  private boolean isExplained(String mark) {
    boolean stars = mark.matches("[*†‡]+");
    return words.notes().stream()
        .anyMatch(note -> note.explains(mark) || stars && note.toString().contains(mark));
  }

  private String because(String mark) {
    return isExplained(mark)
        ? "a note below explains it"
        : "it stands behind a figure or a label, and no note explains it";
  }

  /// For each row its leaf; for a row that only heads others, the first leaf under it.
  private Map<Integer, Integer> leavesOfRows() {
    Map<Integer, Integer> leaves = new HashMap<>();
    for (int leaf = 0; leaf < rows.lines().size(); leaf++) {
      leaves.put(rows.lines().get(leaf).index(), leaf);
    }
    for (int group : rows.groupRows().keySet()) {
      int leaf = 0;
      while (leaf < rows.lines().size() - 1 && rows.lines().get(leaf).index() < group) {
        leaf++;
      }
      leaves.put(group, leaf);
    }
    return leaves;
  }

  private Optional<Spot> spot(int row, int column, Map<Integer, Integer> leafOfRow) {
    if (frame.wordRows().contains(row)) {
      return Optional.of(new Spot.Title());
    }
    int figure = frame.valueColumns().indexOf(column);
    if (frame.headRows().contains(row)) {
      return figure >= 0
          ? level(across, figure, grid.text(row, column))
              .map(level -> new Spot.Across(level, figure))
          : stubHead(column);
    }
    Integer leaf = leafOfRow.get(row);
    if (leaf == null) {
      return Optional.empty();
    }
    return figure >= 0
        ? Optional.of(new Spot.Figure(leaf, figure))
        : level(down, leaf, grid.text(row, column)).map(level -> new Spot.Down(level, leaf));
  }

  private Optional<Spot> stubHead(int column) {
    int level = frame.stubColumns().indexOf(column);
    return level < 0 ? Optional.empty() : Optional.of(new Spot.StubHead(level));
  }

  private static Optional<Integer> level(Axis axis, int leaf, String label) {
    if (leaf >= axis.leaves().size()) {
      return Optional.empty();
    }
    List<Heading> path = axis.leaves().get(leaf).path();
    for (int level = path.size() - 1; level >= 0; level--) {
      if (path.get(level).label().equals(label)) {
        return Optional.of(level);
      }
    }
    return Optional.empty();
  }
}
