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

/// Takes a level out that says nothing: it has one member everywhere.
///
/// @param side which side
/// @param level which level, from 0 for the outermost
public record HideLevel(Side side, int level) implements Move {
  static final MoveKind KIND =
      new MoveKind("hide level", true, in -> new HideLevel(in.side(), in.level()));

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
    return Pruning.withoutLevel(at.trees(), this);
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    return Reach.groupIf(side == Side.ACROSS);
  }

  @Override
  public String words(Levels levels) {
    return "Hide " + levels.name(side, level);
  }

  @Override
  public void write(MoveWriting out) {
    out.side(side).level(level);
  }
}
