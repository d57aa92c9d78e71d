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
import java.util.List;

/// Folds a group to its subtotal, or to the sum of its figures where they can be added up.
///
/// @param side where it stands
/// @param path the labels that lead to it
public record Fold(Side side, List<String> path) implements Move {
  static final MoveKind KIND = new MoveKind("fold", false, in -> new Fold(in.side(), in.path()));

  /// Copies the path.
  public Fold {
    path = List.copyOf(path);
  }

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
    return Pruning.folded(at.trees(), this);
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    return Reach.GROUP.leavingWhereRefused().ofSingles().last();
  }

  @Override
  public String words(Levels levels) {
    return "Fold " + Said.path(path);
  }

  @Override
  public void write(MoveWriting out) {
    out.side(side).path(path);
  }
}
