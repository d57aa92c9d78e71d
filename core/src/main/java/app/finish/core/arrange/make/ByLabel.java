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

/// Orders members by their labels, with numbers in them as numbers.
///
/// @param side which side
/// @param level which level, from 0 for the outermost
/// @param descending whether the last comes first
/// @param overAll whether all members come into one order, whatever group they are of, instead of
///   those of each group
public record ByLabel(Side side, int level, boolean descending, boolean overAll) implements Move {
  static final MoveKind KIND =
      new MoveKind(
          "by label",
          false,
          in -> new ByLabel(in.side(), in.level(), in.is("descending"), in.is("over all")));

  /// In each group.
  public ByLabel(Side side, int level, boolean descending) {
    this(side, level, descending, false);
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
    return Ordering.ordered(at, side, level, overAll, Ordering.byLabel(this));
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    return overAll ? Reach.WHOLE : Reach.within(side, level);
  }

  @Override
  public String words(Levels levels) {
    return Said.lines(side)
        + " from "
        + (descending ? "Z to A" : "A to Z")
        + (overAll ? ", over all groups" : "");
  }

  @Override
  public void write(MoveWriting out) {
    out.side(side).level(level).put("descending", descending).put("over all", overAll);
  }

  @Override
  public List<Setting> settings() {
    return List.of(
        new Setting.Switched(
            "from Z to A", descending, on -> new ByLabel(side, level, on, overAll)),
        new Setting.Switched(
            "over all groups", overAll, on -> new ByLabel(side, level, descending, on)));
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
