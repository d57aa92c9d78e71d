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

/// Moves a heading among its neighbours.
///
/// @param side where it stands
/// @param path the labels that lead to it
/// @param by how many places later; negative for earlier
public record Shift(Side side, List<String> path, int by) implements Move {
  static final MoveKind KIND =
      new MoveKind("shift", false, in -> new Shift(in.side(), in.path(), in.number("by")));

  /// Copies the path.
  public Shift {
    path = List.copyOf(path);
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
    return Ordering.shifted(at.trees(), this);
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    return Reach.within(side, path.size() - 1);
  }

  @Override
  public String words(Levels levels) {
    int steps = Math.abs(by);
    return "Move "
        + Said.path(path)
        + (by > 0 ? " later" : " earlier")
        + (steps > 1 ? " by " + steps : "");
  }

  @Override
  public void write(MoveWriting out) {
    out.side(side).path(path).put("by", by);
  }
}
