package app.finish.desktop.model;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.make.AddTotals;
import app.finish.core.arrange.make.ByFigure;
import app.finish.core.arrange.make.ByLabel;
import app.finish.core.arrange.make.DropTotals;
import app.finish.core.arrange.make.FillEmpty;
import app.finish.core.arrange.make.Fold;
import app.finish.core.arrange.make.FoldLevel;
import app.finish.core.arrange.make.Gather;
import app.finish.core.arrange.make.HideLevel;
import app.finish.core.arrange.make.Hold;
import app.finish.core.arrange.make.KeepTop;
import app.finish.core.arrange.make.NameTotals;
import app.finish.core.arrange.make.PlaceLevel;
import app.finish.core.arrange.make.PlaceTotals;
import app.finish.core.arrange.make.ReadNumbers;
import app.finish.core.arrange.make.Reverse;
import app.finish.core.arrange.make.SetAside;
import app.finish.core.arrange.make.SetMemberAside;
import app.finish.core.arrange.make.Shift;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.place.Quota;
import app.finish.core.arrange.place.Side;
import app.finish.core.problem.Refusal;
import app.finish.desktop.kit.Texts;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;

/// What can be done with headings, their levels and what is under them. What is done to several is
/// one step, which can be undone.
///
/// ```java
/// desk.arranging().on(PickedHeading.all(desk)).setAside();
/// ```
public final class HeadingMoves {
  private final Desk desk;
  private final List<PickedHeading> all;

  /// The first of them; what speaks of one heading's neighbours and figures speaks of its.
  private final PickedHeading first;

  /// @param all the headings, at least one
  HeadingMoves(Desk desk, List<PickedHeading> all) {
    this.desk = desk;
    this.all = List.copyOf(all);
    this.first = all.getFirst();
  }

  /// Whether a move folded a heading, alone or with its level.
  public static boolean folds(Move move, Side side, List<String> path) {
    return switch (move) {
      case Fold fold -> fold.side() == side && fold.path().equals(path);
      case FoldLevel all -> all.side() == side && all.level() == path.size() - 1;
      default -> false;
    };
  }

  /// The level of the first of them, from 0.
  public int level() {
    return first.level();
  }

  private void make(Move move) {
    desk.arranging().make(move);
  }

  /// Makes a move for each heading.
  private void each(Function<PickedHeading, Move> move) {
    desk.arranging().makeAll(all.stream().map(move).distinct().toList());
  }

  /// Makes a move for each level that one of the headings stands on.
  private void eachLevel(BiFunction<Side, Integer, Move> move) {
    each(one -> move.apply(one.side(), one.level()));
  }

  public void setAside() {
    each(one -> new SetAside(one.side(), one.path()));
  }

  /// Sets their members aside wherever they stand.
  public void setAsideEverywhere() {
    each(one -> new SetMemberAside(one.side(), one.level(), one.path().getLast()));
  }

  /// Moves them among their neighbours and picks them again. The foremost goes first, so that none
  /// is in the way of another.
  public void shift(int by) {
    List<PickedHeading> order = new ArrayList<>(all);
    order.sort(Comparator.comparing(this::leaf));
    List<PickedHeading> ordered = by < 0 ? order : order.reversed();
    desk.arranging()
        .makeAndPick(
            ordered.stream().map(one -> (Move) new Shift(one.side(), one.path(), by)).toList(),
            all);
  }

  private int leaf(PickedHeading heading) {
    return desk.shownProperty()
        .get()
        .flatMap(shown -> shown.arranged().leaves(heading.side(), heading.path()))
        .map(Arranged.Range::first)
        .orElse(Integer.MAX_VALUE);
  }

  /// Calls them by a pattern in which a star stands for what each is called now.
  public void rename(String pattern) {
    new Renaming(desk).headings(all, pattern);
  }

  public void fold() {
    each(one -> new Fold(one.side(), one.path()));
  }

  public void foldLevel() {
    eachLevel(FoldLevel::new);
  }

  public void dropTotals() {
    eachLevel(DropTotals::new);
  }

  public void placeTotals(boolean atHead) {
    eachLevel((side, level) -> new PlaceTotals(side, level, atHead));
  }

  /// Calls all totals of its level so.
  public void nameTotals(String name) {
    eachLevel((side, level) -> new NameTotals(side, level, name));
  }

  public void addTotals() {
    eachLevel((side, level) -> new AddTotals(side, level, Texts.of("arrange.total"), false));
  }

  /// Holds their levels at their members.
  public void hold() {
    each(one -> new Hold(one.side(), one.level(), one.path().getLast()));
  }

  /// Places its level on the other side.
  public void turn(int depth) {
    make(new PlaceLevel(first.side(), first.level(), first.side().other(), depth));
  }

  public void hideLevel() {
    eachLevel(HideLevel::new);
  }

  public void orderByLabel(boolean descending, boolean overAll) {
    eachLevel((side, level) -> new ByLabel(side, level, descending, overAll));
  }

  public void reverse() {
    eachLevel(Reverse::new);
  }

  /// Orders its level by the figures of a row or column.
  ///
  /// @param at the labels that lead to it
  public void orderByFigure(List<String> at, boolean descending, boolean overAll) {
    make(new ByFigure(first.side(), first.level(), at, descending, overAll));
  }

  /// Orders its level by the figures of a row or column where the order so far leaves them equal.
  public void thenByFigure(List<String> at, boolean descending) {
    desk.arranging()
        .makeBeforeOrders(
            new ByFigure(first.side(), first.level(), at, descending, false),
            first.side(),
            first.level());
  }

  /// Keeps the members of its level with the largest figures, or those that keep a condition.
  ///
  /// @param quota how many, as a person wrote it
  public void keepTop(String quota, List<String> at, boolean overAll, boolean gathered) {
    try {
      make(new KeepTop(first.side(), first.level(), Quota.of(quota), at, false, overAll, gathered));
    } catch (Refusal e) {
      desk.tell(e);
    }
  }

  /// Gathers headings under a new one.
  ///
  /// @param name what it is called; as usual if nothing is said
  public void gather(List<List<String>> paths, String name) {
    make(new Gather(first.side(), paths, name.isEmpty() ? Texts.of("arrange.group") : name));
  }

  public void fillEmpty(String with) {
    each(one -> new FillEmpty(one.side(), one.path(), with));
  }

  /// Says what all empty places of the table mean.
  public void fillEmptyEverywhere(String with) {
    make(new FillEmpty(first.side(), List.of(), with));
  }

  public void readNumbers() {
    each(one -> new ReadNumbers(one.side(), one.path()));
  }
}
