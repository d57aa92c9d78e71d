package app.finish.desktop.model;

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
import app.finish.core.arrange.move.Levels;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.place.Quota;
import app.finish.core.arrange.place.Side;
import app.finish.core.problem.Refusal;
import app.finish.desktop.kit.Texts;
import java.util.List;

/// What can be done with a heading, its level and what is under it. Each is a move that can be
/// undone.
///
/// ```java
/// desk.arranging().on(Side.DOWN, List.of("Hale–Orrin")).setAside();
/// ```
public final class HeadingMoves {
  private final Desk desk;
  private final Side side;
  private final List<String> path;
  private final int level;

  /// @param path the labels that lead to the heading
  HeadingMoves(Desk desk, Side side, List<String> path) {
    this.desk = desk;
    this.side = side;
    this.path = List.copyOf(path);
    this.level = path.size() - 1;
  }

  /// Whether a move folded a heading, alone or with its level.
  public static boolean folds(Move move, Side side, List<String> path) {
    return switch (move) {
      case Fold fold -> fold.side() == side && fold.path().equals(path);
      case FoldLevel all -> all.side() == side && all.level() == path.size() - 1;
      default -> false;
    };
  }

  private void make(Move move) {
    desk.arranging().make(move);
  }

  public void setAside() {
    make(new SetAside(side, path));
  }

  /// Sets its member aside wherever it stands.
  public void setAsideEverywhere() {
    make(new SetMemberAside(side, level, path.getLast()));
  }

  /// Moves it among its neighbours and picks it again.
  public void shift(int by) {
    Move move = new Shift(side, path, by);
    desk.arranging().arrangeAndPick(move.words(Levels.NUMBERED), move, side, path);
  }

  public void fold() {
    make(new Fold(side, path));
  }

  public void foldLevel() {
    make(new FoldLevel(side, level));
  }

  public void dropTotals() {
    make(new DropTotals(side, level));
  }

  public void placeTotals(boolean first) {
    make(new PlaceTotals(side, level, first));
  }

  /// Calls all totals of its level so.
  public void nameTotals(String name) {
    make(new NameTotals(side, level, name));
  }

  public void addTotals() {
    make(new AddTotals(side, level, Texts.of("arrange.total"), false));
  }

  /// Holds its level at its member.
  public void hold() {
    make(new Hold(side, level, path.getLast()));
  }

  /// Places its level on the other side.
  public void turn(int depth) {
    make(new PlaceLevel(side, level, side.other(), depth));
  }

  public void hideLevel() {
    make(new HideLevel(side, level));
  }

  public void orderByLabel(boolean descending, boolean overAll) {
    make(new ByLabel(side, level, descending, overAll));
  }

  public void reverse() {
    make(new Reverse(side, level));
  }

  /// Orders its level by the figures of a row or column.
  ///
  /// @param at the labels that lead to it
  public void orderByFigure(List<String> at, boolean descending, boolean overAll) {
    make(new ByFigure(side, level, at, descending, overAll));
  }

  /// Keeps the members of its level with the largest figures.
  ///
  /// @param quota how many, as a person wrote it
  public void keepTop(String quota, List<String> at, boolean overAll, boolean gathered) {
    try {
      make(new KeepTop(side, level, Quota.of(quota), at, false, overAll, gathered));
    } catch (Refusal e) {
      desk.tell(e);
    }
  }

  /// Gathers headings under a new one.
  ///
  /// @param name what it is called; as usual if nothing is said
  public void gather(List<List<String>> paths, String name) {
    make(new Gather(side, paths, name.isEmpty() ? Texts.of("arrange.group") : name));
  }

  public void fillEmpty(String with) {
    make(new FillEmpty(side, path, with));
  }

  /// Says what all empty places of the table mean.
  public void fillEmptyEverywhere(String with) {
    make(new FillEmpty(side, List.of(), with));
  }

  public void readNumbers() {
    make(new ReadNumbers(side, path));
  }
}
