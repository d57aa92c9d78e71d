package app.finish.desktop.model;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.make.Hold;
import app.finish.core.arrange.make.PlaceLevel;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.place.Level;
import app.finish.core.arrange.place.Side;
import app.finish.desktop.kit.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// A dimension as people move it about: on which side it runs and how deep, or at which move it is
/// held.
///
/// @param name what it is called
/// @param side on which side it runs, or ran before it was held
/// @param level its level there
/// @param levels how many levels there are on that side
/// @param member the first of its members, or the one that it is held at
/// @param isMeasures whether it is the measures
/// @param heldBy the move that holds it
public record Tag(
    String name,
    Side side,
    int level,
    int levels,
    String member,
    boolean isMeasures,
    Optional<Move> heldBy) {
  /// The dimensions of a table: those down, those across, those held.
  public static List<Tag> of(Arranged arranged, Arrangement arrangement) {
    List<Tag> tags = new ArrayList<>();
    for (Side side : Side.values()) {
      List<Level> levels = arranged.levels(side);
      for (int i = 0; i < levels.size(); i++) {
        Level level = levels.get(i);
        String first = level.first().isEmpty() ? "" : level.first().getFirst();
        tags.add(
            new Tag(nameOf(level, i), side, i, levels.size(), first, level.isMeasures(), none()));
      }
    }
    for (int i = 0; i < arrangement.entries().size(); i++) {
      Arrangement.Entry entry = arrangement.entries().get(i);
      boolean made = entry.on() && !arranged.unplaced().containsKey(i);
      if (made && entry.move() instanceof Hold hold) {
        tags.add(
            new Tag(
                hold.member(),
                hold.side(),
                hold.level(),
                0,
                hold.member(),
                false,
                Optional.of(hold)));
      }
    }
    return tags;
  }

  private static Optional<Move> none() {
    return Optional.empty();
  }

  /// A level without a name is called by its members.
  static String nameOf(Level level, int index) {
    if (level.isMeasures()) {
      return Texts.of("tag.measures");
    }
    if (!level.name().isBlank()) {
      return level.name();
    }
    List<String> some =
        level.first().stream().filter(member -> !member.isBlank()).limit(3).toList();
    return some.isEmpty()
        ? Texts.of("tag.level", index + 1)
        : String.join(", ", some.subList(0, Math.min(2, some.size())))
            + (some.size() > 2 ? " …" : "");
  }

  public boolean isHeld() {
    return heldBy.isPresent();
  }

  /// The move that places it.
  public Move placed(Side to, int depth) {
    return new PlaceLevel(side, level, to, depth);
  }

  /// As deep as it goes on a side without standing under the measures.
  public static int innermost(Arranged arranged, Side side) {
    List<Level> levels = arranged.levels(side);
    boolean measures = !levels.isEmpty() && levels.getLast().isMeasures();
    return levels.size() - (measures ? 1 : 0);
  }
}
