package app.finish.core.arrange.make;

import app.finish.core.arrange.formula.Formulas;
import app.finish.core.arrange.move.Concern;
import app.finish.core.arrange.move.Levels;
import app.finish.core.arrange.move.Making;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.move.MoveKind;
import app.finish.core.arrange.move.MoveReading;
import app.finish.core.arrange.move.MoveWriting;
import app.finish.core.arrange.move.Reach;
import app.finish.core.arrange.move.Setting;
import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.place.Quota;
import app.finish.core.arrange.place.Side;
import app.finish.core.arrange.tree.Trees;
import java.util.List;

/// Keeps the members with the largest figures, in the order in which they stand.
///
/// @param side which side
/// @param level which level, from 0 for the outermost
/// @param quota how many are kept, or until which share of the sum
/// @param at the labels that lead to the row or column whose figures decide
/// @param bottom whether the smallest are kept instead
/// @param overAll whether they are chosen among all members, instead of those of each group
/// @param gathered whether the rest is gathered into one heading, else it is set aside
public record KeepTop(
    Side side,
    int level,
    Quota quota,
    List<String> at,
    boolean bottom,
    boolean overAll,
    boolean gathered)
    implements Move {
  static final MoveKind KIND = new MoveKind("keep top", false, KeepTop::read);

  /// Copies the path.
  public KeepTop {
    at = List.copyOf(at);
  }

  /// So many of each group.
  public KeepTop(
      Side side, int level, int count, List<String> at, boolean bottom, boolean gathered) {
    this(side, level, new Quota.Count(count), at, bottom, false, gathered);
  }

  @Override
  public Concern concern() {
    return Concern.ASIDE;
  }

  @Override
  public MoveKind moveKind() {
    return KIND;
  }

  @Override
  public Trees made(Making at) throws NoPlace {
    return new Keeping(this, at).kept();
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    boolean each = side == Side.ACROSS || level > 0 && !overAll && quota instanceof Quota.Count;
    return Reach.groupIf(each);
  }

  @Override
  public String words(Levels levels) {
    String which = bottom ? "smallest" : "largest";
    String lines = side == Side.DOWN ? "rows" : "columns";
    String kept =
        switch (quota) {
          case Quota.Count count ->
              which + " " + count.members() + " " + lines + " by " + Said.path(at);
          case Quota.Share share ->
              which
                  + " "
                  + lines
                  + " until "
                  + Quota.percent(share.percent())
                  + " % of "
                  + Said.path(at);
          case Quota.Where where -> lines + " where " + Said.path(at) + " is " + where.written();
        };
    return (quota instanceof Quota.Where ? "Keep " : "Keep the ")
        + kept
        + (overAll ? ", over all groups" : "")
        + (gathered ? ", the rest gathered" : "");
  }

  @Override
  public void write(MoveWriting out) {
    out.side(side)
        .level(level)
        .put("at", at)
        .put("bottom", bottom)
        .put("over all", overAll)
        .put("gathered", gathered);
    switch (quota) {
      case Quota.Count count -> out.put("count", count.members());
      case Quota.Share share -> out.put("percent", share.percent());
      case Quota.Where where -> out.put("where", where.written());
    }
  }

  @Override
  public List<Setting> settings() {
    return List.of(
        new Setting.Written(
            "how many, until which share (80 %), or which (at least 50)",
            quota.written(),
            text -> new KeepTop(side, level, Quota.of(text), at, bottom, overAll, gathered)),
        new Setting.Switched(
            "the smallest instead",
            bottom,
            on -> new KeepTop(side, level, quota, at, on, overAll, gathered)),
        new Setting.Switched(
            "over all groups",
            overAll,
            on -> new KeepTop(side, level, quota, at, bottom, on, gathered)),
        new Setting.Switched(
            "gather the rest",
            gathered,
            on -> new KeepTop(side, level, quota, at, bottom, overAll, on)));
  }

  private static Move read(MoveReading in) {
    Quota quota =
        in.has("where")
            ? Quota.of(in.text("where"))
            : in.has("percent")
                ? new Quota.Share(in.decimal("percent"))
                : new Quota.Count(Math.max(1, in.number("count")));
    return new KeepTop(
        in.side(),
        in.level(),
        quota,
        in.path("at"),
        in.is("bottom"),
        in.is("over all"),
        in.is("gathered"));
  }
}
