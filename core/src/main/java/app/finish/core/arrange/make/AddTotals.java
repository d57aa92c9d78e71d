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

/// Adds a total to each group of a level that has none: the sums of its members.
///
/// @param side which side
/// @param level which level, from 0 for a total over all
/// @param name what the totals are called
/// @param first whether they stand before the members
public record AddTotals(Side side, int level, String name, boolean first) implements Move {
  static final MoveKind KIND =
      new MoveKind(
          "add totals",
          false,
          in -> new AddTotals(in.side(), in.level(), in.text("name"), in.is("first")));

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
    return new Totalling(at.trees(), this).totalled();
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    Reach within = Reach.within(side, level);
    return within == Reach.GROUP || first ? within : Reach.BEHIND;
  }

  @Override
  public String words(Levels levels) {
    return "Add totals over " + levels.name(side, level);
  }

  @Override
  public void write(MoveWriting out) {
    out.side(side).level(level).put("name", name).put("first", first);
  }

  @Override
  public List<Setting> settings() {
    return List.of(
        new Setting.Written("name", name, text -> new AddTotals(side, level, text, first)),
        new Setting.Switched(
            "before the members", first, on -> new AddTotals(side, level, name, on)));
  }
}
