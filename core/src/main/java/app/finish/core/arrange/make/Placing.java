package app.finish.core.arrange.make;

import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.place.Side;
import app.finish.core.arrange.tree.Branch;
import app.finish.core.arrange.tree.Figures;
import app.finish.core.arrange.tree.HeadingsByLevel;
import app.finish.core.arrange.tree.HeadingsByLevel.Step;
import app.finish.core.arrange.tree.Members;
import app.finish.core.arrange.tree.Shape;
import app.finish.core.arrange.tree.TreeOfPaths;
import app.finish.core.arrange.tree.Trees;
import app.finish.core.table.Axis;
import app.finish.core.table.Body;
import app.finish.core.table.Marks;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Places a level of one side elsewhere: at another depth of its side, or on the other side. Each
/// leaf is a heading at each level; these are put in another order, and trees grown of them. A
/// total over the level goes with it.
public final class Placing {
  private static final int MOST_ACROSS = 16_384;
  private static final int MOST_DOWN = 1_000_000;
  private static final long MOST_CELLS = 4_000_000;

  private final Trees trees;
  private final PlaceLevel move;
  private final HeadingsByLevel own;
  private final Map<Spot, String> marks = new HashMap<>();

  public Placing(Trees trees, PlaceLevel move) throws NoPlace {
    checkSize(trees, move);
    this.trees = trees;
    this.move = move;
    this.own = HeadingsByLevel.of(trees.roots(move.side()), trees.dimensions(move.side()));
  }

  public Trees placed() throws NoPlace {
    if (move.level() >= own.size()) {
      throw new NoPlace("there is no such level on this side now");
    }
    if (own.paths().stream().anyMatch(path -> path.get(move.level()).isEmpty())) {
      throw new NoPlace("not all headings of this side have such a level");
    }
    return move.to() == move.side() ? withinSide() : toOtherSide();
  }

  /// The level at another depth of its own side: only the headings change.
  private Trees withinSide() {
    List<List<Optional<Step>>> paths = named(own);
    int to = Math.clamp(move.depth(), 0, own.size() - 1);
    List<String> names = new ArrayList<>(own.names());
    names.add(to, names.remove(move.level()));
    List<Integer> levels = new ArrayList<>();
    for (int level = 0; level < own.size(); level++) {
      levels.add(level);
    }
    levels.add(to, levels.remove(move.level()));
    List<List<Optional<Step>>> placed = new ArrayList<>();
    for (List<Optional<Step>> path : paths) {
      placed.add(levels.stream().map(path::get).toList());
    }
    TreeOfPaths grown = new TreeOfPaths(placed, levels.indexOf(own.measures()));
    List<Branch> roots = mapped(grown.roots(), grown.order());
    return trees.with(move.side(), roots).withNames(move.side(), names);
  }

  /// The same headings, each leaf with the figures of the one that it came from.
  private List<Branch> mapped(List<Branch> branches, List<Integer> order) {
    List<Branch> all = new ArrayList<>();
    for (Branch branch : branches) {
      all.add(
          branch.isLeaf()
              ? branch.madeFrom(own.leaves().get(order.get(branch.from().getFirst())).from())
              : branch.withChildren(mapped(branch.children(), order)));
    }
    return all;
  }

  /// The steps of all leaves, with totals over a level named alike.
  private static List<List<Optional<Step>>> named(HeadingsByLevel slots) {
    Branch total = Branch.total("Total");
    List<Branch> totals = new ArrayList<>();
    for (int level = 0; level < slots.size(); level++) {
      totals.add(slots.totalOver(level).orElse(total));
    }
    List<List<Optional<Step>>> all = new ArrayList<>();
    for (List<Optional<Step>> path : slots.paths()) {
      List<Optional<Step>> steps = new ArrayList<>();
      for (int level = 0; level < path.size(); level++) {
        Branch name = totals.get(level);
        steps.add(path.get(level).map(step -> step.isTotal() ? step.calledAs(name) : step));
      }
      all.add(Collections.unmodifiableList(steps));
    }
    return all;
  }

  private static List<String> keys(List<Optional<Step>> steps) {
    return steps.stream().map(step -> step.map(Step::key).orElse("")).toList();
  }

  private Trees toOtherSide() throws NoPlace {
    HeadingsByLevel other = HeadingsByLevel.of(trees.roots(move.to()), trees.dimensions(move.to()));
    if (own.measures() == move.level() && other.measures() >= 0) {
      throw new NoPlace("the other side has measures already");
    }
    int to = Math.clamp(move.depth(), 0, other.size());
    Map<List<String>, List<Optional<Step>>> stays = new LinkedHashMap<>();
    Map<String, Step> goes = new LinkedHashMap<>();
    Map<List<Object>, Branch> sources = new HashMap<>();
    List<List<Optional<Step>>> paths = named(own);
    for (int i = 0; i < paths.size(); i++) {
      List<Optional<Step>> path = new ArrayList<>(paths.get(i));
      Step gone = path.remove(move.level()).orElseThrow();
      List<String> keys = keys(path);
      stays.putIfAbsent(
          keys, path.isEmpty() ? List.of(Optional.of(HeadingsByLevel.whole())) : path);
      goes.putIfAbsent(gone.key(), gone);
      Branch twice = sources.putIfAbsent(List.of(keys, gone.key()), own.leaves().get(i));
      if (twice != null) {
        throw new NoPlace("“" + gone.shown() + "” stands there more than once");
      }
    }
    List<List<Optional<Step>>> others = new ArrayList<>();
    List<Branch> otherLeaves = new ArrayList<>();
    List<String> otherKeys = new ArrayList<>();
    check(move, stays.size(), (long) other.paths().size() * goes.size());
    List<List<Optional<Step>>> named = named(other);
    for (int i = 0; i < named.size(); i++) {
      for (Step member : goes.values()) {
        List<Optional<Step>> path = new ArrayList<>(named.get(i));
        path.add(to, Optional.of(member));
        others.add(path);
        otherLeaves.add(other.leaves().get(i));
        otherKeys.add(member.key());
      }
    }
    int ownMeasures = own.measures() - (own.measures() > move.level() ? 1 : 0);
    TreeOfPaths stay =
        new TreeOfPaths(
            List.copyOf(stays.values()), own.measures() == move.level() ? -1 : ownMeasures);
    int otherMeasures = other.measures() + (other.measures() >= to ? 1 : 0);
    TreeOfPaths grown =
        new TreeOfPaths(
            others,
            own.measures() == move.level() ? to : other.measures() < 0 ? -1 : otherMeasures);
    List<List<String>> stayKeys = List.copyOf(stays.keySet());
    Lookup lookup =
        (ownLeaf, otherLeaf) -> {
          int at = grown.order().get(otherLeaf);
          Object key = stayKeys.get(stay.order().get(ownLeaf));
          Branch one = sources.get(List.of(key, otherKeys.get(at)));
          return Optional.ofNullable(one).map(leaf -> List.of(leaf, otherLeaves.get(at)));
        };
    return assembled(stay, grown, names(other, to), lookup);
  }

  /// The leaf of the own side and that of the other for a new place, if there was such a place.
  private interface Lookup {
    Optional<List<Branch>> at(int ownLeaf, int otherLeaf);
  }

  /// Refuses what would plainly be too large before all of it is looked at.
  private static void checkSize(Trees trees, PlaceLevel move) throws NoPlace {
    List<Branch> own = trees.roots(move.side());
    Shape shape = Shape.of(own);
    if (move.to() != move.side() && shape.isEven() && move.level() < shape.levels()) {
      long members = new Members(move.level()).in(own).size();
      check(move, 1, members * Shape.of(trees.roots(move.to())).leaves());
    }
  }

  private static void check(PlaceLevel move, long stays, long others) throws NoPlace {
    long most = move.to() == Side.ACROSS ? MOST_ACROSS : MOST_DOWN;
    if (others > most || stays * others > MOST_CELLS) {
      throw new NoPlace("it would make " + others + " headings");
    }
  }

  private List<List<String>> names(HeadingsByLevel other, int to) {
    List<String> ownNames = new ArrayList<>(own.names());
    String name = ownNames.remove(move.level());
    if (ownNames.isEmpty()) {
      ownNames.add("");
    }
    List<String> otherNames = new ArrayList<>(other.names());
    otherNames.add(to, name);
    return List.of(ownNames, otherNames);
  }

  private Trees assembled(
      TreeOfPaths stay, TreeOfPaths grown, List<List<String>> names, Lookup lookup) {
    boolean fromDown = move.side() == Side.DOWN;
    int height = (fromDown ? stay : grown).order().size();
    int width = (fromDown ? grown : stay).order().size();
    Body body =
        Body.of(
            height,
            width,
            (row, column) -> {
              Optional<List<Branch>> from =
                  lookup.at(fromDown ? row : column, fromDown ? column : row);
              return from.map(two -> value(two, row, column)).orElse(Value.BLANK);
            });
    List<Branch> down = told((fromDown ? stay : grown).roots(), Side.DOWN, 0, new int[1]);
    List<Branch> across = told((fromDown ? grown : stay).roots(), Side.ACROSS, 0, new int[1]);
    Table source = trees.source();
    Table table =
        new Table(
            Axis.of(names.get(fromDown ? 0 : 1), Branch.labelled(down)),
            Axis.of(names.get(fromDown ? 1 : 0), Branch.labelled(across)),
            source.measures(),
            body,
            source.held(),
            source.words(),
            new Marks(marks));
    return new Trees(
        new Figures(table, trees.figures().formulas()),
        down,
        across,
        table.down().dimensions(),
        table.across().dimensions(),
        false);
  }

  private Value value(List<Branch> from, int row, int column) {
    boolean fromDown = move.side() == Side.DOWN;
    Branch down = from.get(fromDown ? 0 : 1);
    Branch across = from.get(fromDown ? 1 : 0);
    trees
        .place(down, across)
        .map(trees.source().marks()::at)
        .filter(mark -> !mark.isEmpty())
        .ifPresent(mark -> marks.put(new Spot.Figure(row, column), mark));
    return trees.value(down, across);
  }

  /// The headings by their new places, and their marks there.
  private List<Branch> told(List<Branch> branches, Side side, int level, int[] leaf) {
    List<Branch> all = new ArrayList<>();
    for (Branch branch : branches) {
      Spot spot = side.spot(level, leaf[0]);
      branch
          .origin()
          .map(trees.source().marks()::at)
          .filter(mark -> !mark.isEmpty())
          .ifPresent(mark -> marks.put(spot, mark));
      leaf[0] += branch.isLeaf() ? 1 : 0;
      all.add(branch.at(spot).withChildren(told(branch.children(), side, level + 1, leaf)));
    }
    return all;
  }
}
