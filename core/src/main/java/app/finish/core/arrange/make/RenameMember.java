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
import app.finish.core.words.Markup;
import java.util.List;

/// Calls a member something else wherever it stands.
///
/// @param side where it stands
/// @param level which level, from 0 for the outermost
/// @param member what the source calls it
/// @param name what it is called from now on
public record RenameMember(Side side, int level, String member, String name) implements Move {
  static final MoveKind KIND =
      new MoveKind(
          "rename member",
          false,
          in -> new RenameMember(in.side(), in.level(), in.text("member"), in.text("name")));

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
    Said.paths(at.trees(), side, level, member);
    return at.trees().with(side, Pruning.renamed(at.trees().roots(side), level, member, name));
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
    return "Call “" + member + "” “" + name + "” everywhere";
  }

  @Override
  public void write(MoveWriting out) {
    out.side(side).level(level).put("member", member).put("name", name);
  }

  @Override
  public List<Setting> settings() {
    return List.of(
        new Setting.Written("name", name, text -> new RenameMember(side, level, member, text)));
  }
}
