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
import java.util.ArrayList;
import java.util.List;

/// Calls a level something else: its name stands in the stub's head.
///
/// @param side which side
/// @param level which level, from 0 for the outermost
/// @param name what it is called
public record NameLevel(Side side, int level, String name) implements Move {
  static final MoveKind KIND =
      new MoveKind(
          "name level", false, in -> new NameLevel(in.side(), in.level(), in.text("name")));

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
    int count = at.trees().levels(side).size();
    if (level >= Math.max(1, count)) {
      throw new NoPlace("there is no such level on this side now");
    }
    List<String> names = new ArrayList<>(at.trees().dimensions(side));
    while (names.size() <= level) {
      names.add("");
    }
    names.set(level, name);
    return at.trees().withNames(side, names);
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    return Reach.GROUP;
  }

  @Override
  public String words(Levels levels) {
    return "Call " + levels.name(side, level) + " “" + name + "”";
  }

  @Override
  public void write(MoveWriting out) {
    out.side(side).level(level).put("name", name);
  }

  @Override
  public List<Setting> settings() {
    return List.of(new Setting.Written("name", name, text -> new NameLevel(side, level, text)));
  }
}
