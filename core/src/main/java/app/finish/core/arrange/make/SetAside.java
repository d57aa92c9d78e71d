package app.finish.core.arrange.make;

import app.finish.core.arrange.formula.Formulas;
import app.finish.core.arrange.move.Concern;
import app.finish.core.arrange.move.Levels;
import app.finish.core.arrange.move.Making;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.move.MoveKind;
import app.finish.core.arrange.move.MoveWriting;
import app.finish.core.arrange.move.Reach;
import app.finish.core.arrange.place.Aside;
import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.place.Side;
import app.finish.core.arrange.tree.Trees;
import java.util.List;

/// Takes a heading with all under it out of the table.
///
/// @param side where it stands
/// @param path the labels that lead to it
public record SetAside(Side side, List<String> path) implements Move {
  static final MoveKind KIND =
      new MoveKind("set aside", false, in -> new SetAside(in.side(), in.path()));

  /// Copies the path.
  public SetAside {
    path = List.copyOf(path);
  }

  @Override
  public Concern concern() {
    return Concern.ASIDE;
  }

  @Override
  public MoveKind moveKind() {
    return KIND;
  }

  @Override
  public Trees made(Making at) throws NoPlace {
    at.trees().find(side, path);
    at.takeOut(Aside.at(at.index(), side, path));
    return at.trees().with(side, Pruning.without(at.trees().roots(side), path));
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    return Reach.GROUP.ofSingles();
  }

  @Override
  public String words(Levels levels) {
    return "Set " + Said.path(path) + " aside";
  }

  @Override
  public void write(MoveWriting out) {
    out.side(side).path(path);
  }
}
