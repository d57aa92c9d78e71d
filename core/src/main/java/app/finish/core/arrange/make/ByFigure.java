package app.finish.core.arrange.make;

import app.finish.core.arrange.formula.Formulas;
import app.finish.core.arrange.move.Concern;
import app.finish.core.arrange.move.Levels;
import app.finish.core.arrange.move.Making;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.move.MoveKind;
import app.finish.core.arrange.move.MoveWriting;
import app.finish.core.arrange.move.Reach;
import app.finish.core.arrange.move.Setting;
import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.place.Side;
import app.finish.core.arrange.tree.Trees;
import java.util.List;

/// Orders members by their figures. A group goes by its subtotal, or by the sum of its figures
/// where they can be added up.
///
/// @param side which side
/// @param level which level, from 0 for the outermost
/// @param at the labels that lead to the row or column whose figures decide
/// @param descending whether the largest comes first
/// @param overAll whether all members come into one order, instead of those of each group
public record ByFigure(Side side, int level, List<String> at, boolean descending, boolean overAll)
    implements Move {
  static final MoveKind KIND =
      new MoveKind(
          "by figure",
          false,
          in ->
              new ByFigure(
                  in.side(), in.level(), in.path("at"), in.is("descending"), in.is("over all")));

  /// Copies the path.
  public ByFigure {
    at = List.copyOf(at);
  }

  /// In each group.
  public ByFigure(Side side, int level, List<String> at, boolean descending) {
    this(side, level, at, descending, false);
  }

  @Override
  public Concern concern() {
    return Concern.ORDER;
  }

  @Override
  public MoveKind moveKind() {
    return KIND;
  }

  @Override
  public Trees made(Making at) throws NoPlace {
    return Ordering.ordered(at, side, level, overAll, Ordering.byFigure(at.trees(), this));
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    return overAll ? Reach.WHOLE : Reach.within(side, level);
  }

  @Override
  public String words(Levels levels) {
    return Said.lines(side)
        + " by "
        + Said.path(this.at)
        + ", "
        + (descending ? "largest" : "smallest")
        + " first"
        + (overAll ? ", over all groups" : "");
  }

  @Override
  public void write(MoveWriting out) {
    out.side(side)
        .level(level)
        .put("at", at)
        .put("descending", descending)
        .put("over all", overAll);
  }

  @Override
  public List<Setting> settings() {
    return List.of(
        new Setting.Switched(
            "largest first", descending, on -> new ByFigure(side, level, at, on, overAll)),
        new Setting.Switched(
            "over all groups", overAll, on -> new ByFigure(side, level, at, descending, on)));
  }

  @Override
  public boolean ordersRows() {
    return side == Side.DOWN && !(overAll && level > 0);
  }

  /// Whether all members of the rows come into one order, whatever group they are of.
  @Override
  public boolean mingles() {
    return overAll && side == Side.DOWN && level > 0;
  }
}
