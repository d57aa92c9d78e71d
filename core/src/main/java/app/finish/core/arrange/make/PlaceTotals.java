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

/// Puts the totals of a level before the members, or behind them.
///
/// @param side which side
/// @param level which level, from 0 for the grand total
/// @param first whether they come before the members
public record PlaceTotals(Side side, int level, boolean first) implements Move {
  static final MoveKind KIND =
      new MoveKind(
          "place totals", false, in -> new PlaceTotals(in.side(), in.level(), in.is("first")));

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
    return TotalPlaces.placed(at.trees(), this);
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    return Reach.within(side, level);
  }

  @Override
  public String words(Levels levels) {
    return "Totals over "
        + levels.name(side, level)
        + (first ? " before" : " behind")
        + " their members";
  }

  @Override
  public void write(MoveWriting out) {
    out.side(side).level(level).put("first", first);
  }

  @Override
  public List<Setting> settings() {
    return List.of(
        new Setting.Switched("before the members", first, on -> new PlaceTotals(side, level, on)));
  }
}
