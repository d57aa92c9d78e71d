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

/// Keeps only what another move would set aside: a table of what was left out.
///
/// @param of the move that sets aside
public record Only(Move of) implements Move {
  static final MoveKind KIND = new MoveKind("only", false, in -> new Only(in.move("of")));

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
    Making inner = at.again();
    of.made(inner);
    List<Aside> out = inner.aside();
    if (out.isEmpty()) {
      throw new NoPlace("nothing is set aside there");
    }
    Trees after = at.trees();
    for (Side side : Side.values()) {
      List<List<String>> paths =
          out.stream().filter(one -> one.side() == side).map(Aside::path).toList();
      if (!paths.isEmpty()) {
        after = after.with(side, Pruning.only(after.roots(side), paths));
      }
    }
    return after;
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    return Reach.WHOLE;
  }

  @Override
  public String words(Levels levels) {
    return "Only what this sets aside: " + of.words(levels);
  }

  @Override
  public void write(MoveWriting out) {
    out.put("of", of);
  }
}
