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
import app.finish.core.arrange.tree.Shape;
import app.finish.core.arrange.tree.Trees;

/// Places a level elsewhere: at another depth of its side, or on the other side. Totals over it go
/// with it.
///
/// @param side on which side it stands
/// @param level which level, from 0 for the outermost
/// @param to to which side it goes
/// @param depth at which level it stands there, from 0 for the outermost; as deep as can be if
///   there are fewer levels
public record PlaceLevel(Side side, int level, Side to, int depth) implements Move {
  static final MoveKind KIND =
      new MoveKind(
          "place",
          true,
          in ->
              new PlaceLevel(
                  in.side(), in.level(), in.side("to"), Math.max(0, in.number("depth"))));

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
    return new Placing(at.trees(), this).placed();
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    if (side == Side.ACROSS && to == Side.ACROSS) {
      return Reach.GROUP;
    }
    boolean outermost = side == Side.DOWN && level == 0;
    Shape down = Shape.of(whole.down());
    long cells = (long) down.leaves() * Shape.of(whole.across()).leaves();
    boolean each =
        cells <= MOST
            && !(outermost && to == Side.ACROSS)
            && Said.measuresAreAcross(whole)
            && down.differs();
    if (!each) {
      return Reach.WHOLE;
    }
    if (to == Side.ACROSS) {
      return Reach.GROUP.spreading(level);
    }
    return Reach.GROUP.cutAt(outermost ? depth : depth == 0 ? 1 : 0);
  }

  @Override
  public String words(Levels levels) {
    return levels.name(side, level)
        + " goes "
        + (to == Side.DOWN ? "down" : "across")
        + ", level "
        + (depth + 1);
  }

  @Override
  public void write(MoveWriting out) {
    out.side(side).level(level).put("to", to).put("depth", depth);
  }

  private static final long MOST = 1_000_000;

  /// What documents of version 2 call placing a level innermost on the other side.
  static final MoveKind TURN =
      new MoveKind(
          "turn", true, in -> new PlaceLevel(in.side(), in.level(), in.side().other(), 99));
}
