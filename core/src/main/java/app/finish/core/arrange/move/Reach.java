package app.finish.core.arrange.move;

import app.finish.core.arrange.place.Side;
import java.util.OptionalInt;

/// How much of a long table a move has to see for the first groups to come out as they do in the
/// whole. A group is a heading of the outermost level down, with all that is under it. Each move
/// says it in its own class, so that the first picture of a long table needs no other knowledge of
/// moves.
///
/// ```java
/// Reach.within(side, level); // each group by itself, or the whole if groups themselves move
/// ```
///
/// @param needs what it must see
/// @param leavesWhereRefused whether it leaves the first groups as they are where it has no place
///   in them but one in others
/// @param singles whether it changes single headings, so that groups may be of other depths after
/// @param goesOn whether groups are still alike after it, so that moves behind it see the same
/// @param cut at which level of what it gives the groups that were left out would follow: only the
///   first heading of each level above it, and what is under it, is what the whole would show
/// @param spreads the level down whose members become columns, if one does: the first groups must
///   have all of them
public record Reach(
    Needs needs,
    boolean leavesWhereRefused,
    boolean singles,
    boolean goesOn,
    int cut,
    OptionalInt spreads) {
  /// What a move must see.
  public enum Needs {
    /// The whole table.
    WHOLE,
    /// Nothing: what it adds comes behind the last group.
    NOTHING,
    /// Each group by itself.
    GROUP
  }

  /// It needs the whole table.
  public static final Reach WHOLE = of(Needs.WHOLE);

  /// It does the same to each group, whatever groups there are below.
  public static final Reach GROUP = of(Needs.GROUP);

  /// What it adds comes behind the last group.
  public static final Reach BEHIND = of(Needs.NOTHING);

  private static Reach of(Needs needs) {
    return new Reach(needs, false, false, true, 0, OptionalInt.empty());
  }

  /// Each group by itself if so, else the whole.
  public static Reach groupIf(boolean so) {
    return so ? GROUP : WHOLE;
  }

  /// For a move among the members of a level: each group by itself, unless groups are its members.
  public static Reach within(Side side, int level) {
    return groupIf(side == Side.ACROSS || level > 0);
  }

  /// The same, which leaves the first groups alone where it is refused in them.
  public Reach leavingWhereRefused() {
    return new Reach(needs, true, singles, goesOn, cut, spreads);
  }

  /// The same of single headings.
  public Reach ofSingles() {
    return new Reach(needs, leavesWhereRefused, true, goesOn, cut, spreads);
  }

  /// The same, after which groups are not alike.
  public Reach last() {
    return new Reach(needs, leavesWhereRefused, singles, false, cut, spreads);
  }

  /// The same, where what was left out would follow at a level.
  public Reach cutAt(int level) {
    return new Reach(needs, leavesWhereRefused, singles, goesOn && level == 0, level, spreads);
  }

  /// The same, where the members of a level down become columns.
  public Reach spreading(int level) {
    return new Reach(needs, leavesWhereRefused, singles, goesOn, cut, OptionalInt.of(level));
  }
}
