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

/// Folds all groups of a level.
///
/// @param side which side
/// @param level which level, from 0 for the outermost
public record FoldLevel(Side side, int level) implements Move {
  static final MoveKind KIND =
      new MoveKind("fold level", false, in -> new FoldLevel(in.side(), in.level()));

  @Override
  public Concern concern() {
    return Concern.PLACES;
  }

  @Override
  public MoveKind moveKind() {
    return KIND;
  }

  @Override
  public Trees made(Making at) throws NoPlace {
    return Pruning.foldedLevel(at.trees(), this);
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    return Reach.groupIf(side == Side.ACROSS || Said.hasTotals(whole));
  }

  @Override
  public String words(Levels levels) {
    return "Fold all groups of " + levels.name(side, level);
  }

  @Override
  public void write(MoveWriting out) {
    out.side(side).level(level);
  }
}
