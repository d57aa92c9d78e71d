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

/// Takes texts for numbers where they can be read as such.
///
/// @param side where the heading stands that they are under
/// @param path the labels that lead to the heading; none for the whole table
public record ReadNumbers(Side side, List<String> path) implements Move {
  static final MoveKind KIND =
      new MoveKind("read numbers", false, in -> new ReadNumbers(in.side(), in.labels("path")));

  /// Copies the path.
  public ReadNumbers {
    path = List.copyOf(path);
  }

  @Override
  public Concern concern() {
    return Concern.FIGURES;
  }

  @Override
  public MoveKind moveKind() {
    return KIND;
  }

  @Override
  public Trees made(Making at) throws NoPlace {
    Filling filling = new Filling(at.trees(), side, path);
    Trees after = filling.read();
    at.refuse(filling.refused());
    return after;
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    return Reach.WHOLE;
  }

  @Override
  public String words(Levels levels) {
    return path.isEmpty()
        ? "Take texts for numbers"
        : "Take texts of " + Said.path(path) + " for numbers";
  }

  @Override
  public void write(MoveWriting out) {
    out.side(side).path(path);
  }
}
