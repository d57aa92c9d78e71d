package app.finish.core.arrange.make;

import app.finish.core.arrange.formula.Formulas;
import app.finish.core.arrange.move.Concern;
import app.finish.core.arrange.move.Levels;
import app.finish.core.arrange.move.Making;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.move.MoveKind;
import app.finish.core.arrange.move.MoveWriting;
import app.finish.core.arrange.move.Reach;
import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.place.Side;
import app.finish.core.arrange.tree.Trees;

/// Puts the members of each group in the opposite order. Totals stay where they are.
///
/// @param side which side
/// @param level which level, from 0 for the outermost
public record Reverse(Side side, int level) implements Move {
  static final MoveKind KIND =
      new MoveKind("reverse", false, in -> new Reverse(in.side(), in.level()));

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
    return Ordering.reversed(at.trees(), this);
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    return Reach.within(side, level);
  }

  @Override
  public String words(Levels levels) {
    return "The other way round: " + levels.name(side, level);
  }

  @Override
  public void write(MoveWriting out) {
    out.side(side).level(level);
  }

  @Override
  public boolean ordersRows() {
    return side == Side.DOWN;
  }
}
