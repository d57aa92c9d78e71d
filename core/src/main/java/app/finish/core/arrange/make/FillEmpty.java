package app.finish.core.arrange.make;

import app.finish.core.arrange.formula.Formulas;
import app.finish.core.arrange.move.Concern;
import app.finish.core.arrange.move.Levels;
import app.finish.core.arrange.move.Making;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.move.MoveKind;
import app.finish.core.arrange.move.MoveWriting;
import app.finish.core.arrange.move.Reach;
import app.finish.core.arrange.move.Setting;
import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.place.Side;
import app.finish.core.arrange.tree.Trees;
import java.util.List;

/// Says what empty places mean.
///
/// @param side where the heading stands that they are under
/// @param path the labels that lead to the heading; none for the whole table
/// @param with what stands in them from now on: a number, a dash, or a word such as "n/a"
public record FillEmpty(Side side, List<String> path, String with) implements Move {
  static final MoveKind KIND =
      new MoveKind(
          "fill empty", false, in -> new FillEmpty(in.side(), in.labels("path"), in.text("with")));

  /// Copies the path.
  public FillEmpty {
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
    return new Filling(at.trees(), side, path).filled(with);
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    return Reach.GROUP.leavingWhereRefused();
  }

  @Override
  public String words(Levels levels) {
    return path.isEmpty()
        ? "Empty places are “" + with + "”"
        : "Empty places of " + Said.path(path) + " are “" + with + "”";
  }

  @Override
  public void write(MoveWriting out) {
    out.side(side).path(path).put("with", with);
  }

  @Override
  public List<Setting> settings() {
    return List.of(
        new Setting.Written(
            "what stands in empty places", with, text -> new FillEmpty(side, path, text)));
  }
}
