package app.finish.core.document;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// How the items of a document lie on its board: bands one below the other, each with tiles beside
/// each other. What has no place in it lies below.
///
/// ```java
/// BoardPlan.EMPTY.over(List.of("t1", "t2")).moved("t2", BoardPlan.Way.UP); // t2 beside t1
/// ```
///
/// @param title what stands over the board; empty for the name of the document
/// @param bands the bands from the top down, none of them empty
public record BoardPlan(String title, List<List<Tile>> bands) {
  /// No plan: everything one below the other.
  public static final BoardPlan EMPTY = new BoardPlan("", List.of());

  /// As many tiles lie beside each other as can be read on a wide screen.
  private static final int MOST = 4;

  /// Something on a board.
  public sealed interface Tile {
    /// A name that no other tile of the plan has.
    String id();

    /// A table or a chart.
    ///
    /// @param id the id of the item
    /// @param apart whether a table that is held at a member stands there once for each member, and
    ///   not with a list of them
    record Placed(String id, boolean apart) implements Tile {
      /// A table with a list of its members, or a chart.
      public Placed(String id) {
        this(id, false);
      }
    }

    /// A text between them.
    ///
    /// @param id a name of its own, such as `p1`
    /// @param text as it was typed
    record Passage(String id, String text) implements Tile {}
  }

  /// Where a tile is moved to.
  public enum Way {
    /// Before the one to its left.
    LEFT,
    /// After the one to its right.
    RIGHT,
    /// Out of its band, above it; from a band of its own into the one above.
    UP,
    /// Out of its band, below it; from a band of its own into the one below.
    DOWN
  }

  /// Copies the lists; empty bands go.
  public BoardPlan {
    bands = bands.stream().filter(band -> !band.isEmpty()).map(List::copyOf).toList();
  }

  /// The same under another title.
  public BoardPlan withTitle(String other) {
    return new BoardPlan(other, bands);
  }

  /// The same over these items: of those it holds, each once. Where it holds none of them, each of
  /// them in a band of its own.
  ///
  /// @param items the ids of the items in order
  public BoardPlan over(List<String> items) {
    Set<String> seen = new HashSet<>();
    List<List<Tile>> kept = new ArrayList<>();
    for (List<Tile> band : bands) {
      kept.add(
          band.stream()
              .filter(
                  tile ->
                      switch (tile) {
                        case Tile.Placed placed ->
                            items.contains(placed.id()) && seen.add(placed.id());
                        case Tile.Passage _ -> true;
                      })
              .toList());
    }
    if (seen.isEmpty()) {
      items.forEach(item -> kept.add(List.of(new Tile.Placed(item))));
    }
    return new BoardPlan(title, kept);
  }

  /// The ids of the items that it holds, in order.
  public List<String> items() {
    return bands.stream()
        .flatMap(List::stream)
        .filter(Tile.Placed.class::isInstance)
        .map(Tile::id)
        .toList();
  }

  /// The same with an item more, below.
  public BoardPlan with(String item) {
    List<List<Tile>> more = new ArrayList<>(bands);
    more.add(List.of(new Tile.Placed(item)));
    return new BoardPlan(title, more);
  }

  /// The same without a tile.
  public BoardPlan without(String id) {
    return new BoardPlan(title, left(id));
  }

  /// The same with a tile moved; the same where it can't go there.
  public BoardPlan moved(String id, Way way) {
    Optional<int[]> place = place(id);
    if (place.isEmpty()) {
      return this;
    }
    int band = place.get()[0];
    int at = place.get()[1];
    return switch (way) {
      case LEFT -> at == 0 ? this : movedTo(id, band, at - 1);
      case RIGHT -> at == bands.get(band).size() - 1 ? this : movedTo(id, band, at + 1);
      case UP -> bands.get(band).size() > 1 ? alone(id, band) : joined(id, band - 1);
      case DOWN -> bands.get(band).size() > 1 ? alone(id, band + 1) : joined(id, band + 1);
    };
  }

  private BoardPlan joined(String id, int band) {
    return band < 0 || band >= bands.size() ? this : movedTo(id, band, bands.get(band).size());
  }

  /// The same with a tile in a band at a place, beside the others there. A full band takes no more.
  public BoardPlan movedTo(String id, int band, int at) {
    Optional<Tile> tile = tile(id);
    boolean own = place(id).filter(place -> place[0] == band).isPresent();
    if (tile.isEmpty() || !own && bands.get(band).size() >= MOST) {
      return this;
    }
    List<List<Tile>> others = left(id);
    others.get(band).add(Math.clamp(at, 0, others.get(band).size()), tile.get());
    return new BoardPlan(title, others);
  }

  /// The same with a tile in a band of its own.
  ///
  /// @param band the place of that band among the bands as they are
  public BoardPlan alone(String id, int band) {
    Optional<Tile> tile = tile(id);
    if (tile.isEmpty()) {
      return this;
    }
    List<List<Tile>> others = left(id);
    others.add(Math.clamp(band, 0, others.size()), List.of(tile.get()));
    return new BoardPlan(title, others);
  }

  /// The bands without a tile; its band stays, so that places stay what they are.
  private List<List<Tile>> left(String id) {
    List<List<Tile>> others = new ArrayList<>();
    for (List<Tile> band : bands) {
      List<Tile> left = new ArrayList<>(band);
      left.removeIf(tile -> tile.id().equals(id));
      others.add(left);
    }
    return others;
  }

  /// The same with a text in a band of its own at the top.
  public BoardPlan withPassage(String text) {
    int next = 1;
    while (tile("p" + next).isPresent()) {
      next++;
    }
    List<List<Tile>> more = new ArrayList<>(bands);
    more.addFirst(List.of(new Tile.Passage("p" + next, text)));
    return new BoardPlan(title, more);
  }

  /// The same with other words in a text; without it, if they are blank.
  public BoardPlan reworded(String id, String text) {
    List<List<Tile>> others = new ArrayList<>();
    for (List<Tile> band : bands) {
      List<Tile> tiles = new ArrayList<>();
      for (Tile tile : band) {
        boolean meant = tile instanceof Tile.Passage && tile.id().equals(id);
        if (!meant || !text.isBlank()) {
          tiles.add(meant ? new Tile.Passage(id, text.strip()) : tile);
        }
      }
      others.add(tiles);
    }
    return new BoardPlan(title, others);
  }

  /// The same with a table that stands there once for each member at which it could be held, or
  /// with a list of them.
  public BoardPlan apart(String id, boolean apart) {
    List<List<Tile>> others = new ArrayList<>();
    for (List<Tile> band : bands) {
      List<Tile> tiles = new ArrayList<>(band);
      tiles.replaceAll(
          tile ->
              tile instanceof Tile.Placed && tile.id().equals(id)
                  ? new Tile.Placed(id, apart)
                  : tile);
      others.add(tiles);
    }
    return new BoardPlan(title, others);
  }

  private Optional<Tile> tile(String id) {
    return place(id).map(place -> bands.get(place[0]).get(place[1]));
  }

  /// The band of a tile and its place in it.
  private Optional<int[]> place(String id) {
    for (int band = 0; band < bands.size(); band++) {
      for (int at = 0; at < bands.get(band).size(); at++) {
        if (bands.get(band).get(at).id().equals(id)) {
          return Optional.of(new int[] {band, at});
        }
      }
    }
    return Optional.empty();
  }
}
