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

/// Calls the totals of a level something else.
///
/// @param side which side
/// @param level which level, from 0 for the grand total
/// @param name what they are called
public record NameTotals(Side side, int level, String name) implements Move {
  static final MoveKind KIND =
      new MoveKind(
          "name totals", false, in -> new NameTotals(in.side(), in.level(), in.text("name")));

  @Override
  public Concern concern() {
    return Concern.TOTALS;
  }

  @Override
  public MoveKind moveKind() {
    return KIND;
  }

  @Override
  public Trees made(Making at) throws NoPlace {
    return TotalPlaces.named(at.trees(), this);
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    return Reach.GROUP.leavingWhereRefused();
  }

  @Override
  public String words(Levels levels) {
    return "Call the totals over " + levels.name(side, level) + " “" + name + "”";
  }

  @Override
  public void write(MoveWriting out) {
    out.side(side).level(level).put("name", name);
  }

  @Override
  public List<Setting> settings() {
    return List.of(new Setting.Written("name", name, text -> new NameTotals(side, level, text)));
  }
}
