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
import app.finish.core.arrange.tree.Shape;
import app.finish.core.arrange.tree.Trees;
import java.util.List;

/// Holds a level at one member, which the line above the table then says.
///
/// @param side which side
/// @param level which level, from 0 for the outermost
/// @param member the label of the member
public record Hold(Side side, int level, String member) implements Move {
  static final MoveKind KIND =
      new MoveKind("hold", true, in -> new Hold(in.side(), in.level(), in.text("member")));

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
    Holding holding = new Holding(at.trees(), this);
    Trees after = holding.held();
    at.hold(holding.line());
    return after;
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    return Reach.groupIf(side == Side.ACROSS || level > 0 && Shape.of(whole.down()).differs());
  }

  @Override
  public String words(Levels levels) {
    return "Hold at “" + member + "”";
  }

  @Override
  public void write(MoveWriting out) {
    out.side(side).level(level).put("member", member);
  }

  @Override
  public List<Setting> settings() {
    return List.of(new Setting.Written("member", member, text -> new Hold(side, level, text)));
  }
}
