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

/// Takes a member out of the table wherever it stands: all headings of a level that are called so.
///
/// @param side where they stand
/// @param level which level, from 0 for the outermost
/// @param member what they are called
public record SetMemberAside(Side side, int level, String member) implements Move {
  static final MoveKind KIND =
      new MoveKind(
          "set member aside",
          false,
          in -> new SetMemberAside(in.side(), in.level(), in.text("member")));

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
    for (List<String> path : Said.paths(at.trees(), side, level, member)) {
      at.takeOut(Aside.at(at.index(), side, path));
    }
    return at.trees().with(side, Pruning.without(at.trees().roots(side), level, member));
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    return Reach.GROUP;
  }

  @Override
  public String words(Levels levels) {
    return "Set “" + member + "” aside everywhere";
  }

  @Override
  public void write(MoveWriting out) {
    out.side(side).level(level).put("member", member);
  }
}
