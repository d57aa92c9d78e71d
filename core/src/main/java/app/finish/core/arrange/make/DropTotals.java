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

/// Takes the totals of a level out.
///
/// @param side which side
/// @param level which level, from 0 for the grand total
public record DropTotals(Side side, int level) implements Move {
  static final MoveKind KIND =
      new MoveKind("drop totals", false, in -> new DropTotals(in.side(), in.level()));

  @Override
  public Concern concern() {
    return Concern.TOTALS;
  }

  @Override
  public MoveKind moveKind() {
    return KIND;
  }

  @Override
  public Trees made(Making at) throws NoPlace {
    return Pruning.withoutTotals(this, at);
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    return Reach.GROUP;
  }

  @Override
  public String words(Levels levels) {
    return "Drop the totals over " + levels.name(side, level);
  }

  @Override
  public void write(MoveWriting out) {
    out.side(side).level(level);
  }
}
