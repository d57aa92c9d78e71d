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
import app.finish.core.arrange.tree.Branch;
import app.finish.core.arrange.tree.Trees;
import app.finish.core.words.Markup;
import java.util.List;

/// Calls a heading something else. Moves go on naming it as the source does.
///
/// @param side where it stands
/// @param path the labels that lead to it
/// @param name what it is called from now on
public record Rename(Side side, List<String> path, String name) implements Move {
  static final MoveKind KIND =
      new MoveKind("rename", false, in -> new Rename(in.side(), in.path(), in.text("name")));

  /// Copies the path.
  public Rename {
    path = List.copyOf(path);
  }

  @Override
  public Concern concern() {
    return Concern.NAMES;
  }

  @Override
  public MoveKind moveKind() {
    return KIND;
  }

  @Override
  public Trees made(Making at) throws NoPlace {
    Branch branch = at.trees().find(side, path);
    List<Branch> roots = at.trees().roots(side);
    return at.trees().with(side, Pruning.replaced(roots, branch, branch.called(name)));
  }

  @Override
  public boolean namesRichly() {
    return Markup.isMarked(name);
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    return Reach.GROUP.leavingWhereRefused();
  }

  @Override
  public String words(Levels levels) {
    return "Call " + Said.path(path) + " “" + name + "”";
  }

  @Override
  public void write(MoveWriting out) {
    out.side(side).path(path).put("name", name);
  }

  @Override
  public List<Setting> settings() {
    return List.of(new Setting.Written("name", name, text -> new Rename(side, path, text)));
  }
}
