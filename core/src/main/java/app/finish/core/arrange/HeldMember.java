package app.finish.core.arrange;

import app.finish.core.arrange.formula.Formulas;
import app.finish.core.arrange.make.Hold;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.place.Level;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/// A member at which a table is held, or could be.
///
/// ```java
/// HeldMember.of(table, arrangement, Formulas.NONE); // Winter, Summer
/// ```
///
/// @param dimension the name of what is held; empty where it has none
/// @param member the label of the member
/// @param isHeld whether the table is held there
/// @param arrangement the moves that hold it there
public record HeldMember(String dimension, String member, boolean isHeld, Arrangement arrangement) {
  /// The members of what is held last, in order; none where nothing is held.
  public static List<HeldMember> of(Table table, Arrangement arrangement, Formulas formulas) {
    for (int at = arrangement.entries().size() - 1; at >= 0; at--) {
      Arrangement.Entry entry = arrangement.entries().get(at);
      if (entry.on() && entry.move() instanceof Hold hold) {
        return of(table, arrangement, at, hold, formulas);
      }
    }
    return List.of();
  }

  private static List<HeldMember> of(
      Table table, Arrangement arrangement, int at, Hold hold, Formulas formulas) {
    Arranged before = Arranger.arrange(table, arrangement.before(at), formulas);
    List<Level> levels = before.levels(hold.side());
    if (hold.level() >= levels.size()) {
      return List.of();
    }
    Level level = levels.get(hold.level());
    List<HeldMember> members = new ArrayList<>();
    Set<String> all = new LinkedHashSet<>(before.members(hold.side(), hold.level()));
    all.add(hold.member());
    for (String member : all) {
      Hold other = new Hold(hold.side(), hold.level(), member);
      boolean held = member.equals(hold.member());
      Arrangement there = held ? arrangement : arrangement.withReplaced(at, other);
      members.add(new HeldMember(level.name(), member, held, there));
    }
    return members;
  }
}
