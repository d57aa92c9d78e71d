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

/// Gathers members of one group under a new heading.
///
/// @param side where they stand
/// @param paths the labels that lead to each
/// @param name what the new heading says
public record Gather(Side side, List<List<String>> paths, String name) implements Move {
  static final MoveKind KIND =
      new MoveKind("gather", true, in -> new Gather(in.side(), in.paths("paths"), in.text("name")));

  /// Copies the paths.
  public Gather {
    paths = paths.stream().map(List::copyOf).toList();
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
    return Gathering.gathered(at.trees(), this);
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    return Reach.groupIf(side == Side.ACROSS);
  }

  @Override
  public String words(Levels levels) {
    return "Gather " + paths.size() + " under “" + name + "”";
  }

  @Override
  public void write(MoveWriting out) {
    out.side(side).put("name", name).paths("paths", paths);
  }

  @Override
  public List<Setting> settings() {
    return List.of(new Setting.Written("name", name, text -> new Gather(side, paths, text)));
  }
}
