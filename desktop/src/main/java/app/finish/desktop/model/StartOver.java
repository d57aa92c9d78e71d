package app.finish.desktop.model;

import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.move.Concern;
import app.finish.core.arrange.move.MovedLevel;
import app.finish.core.arrange.place.Side;
import app.finish.desktop.kit.Texts;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/// Takes back the moves that are about one thing: the order, what is set aside, one dimension.
///
/// ```java
/// desk.arranging().over().with(Concern.ORDER);
/// ```
public final class StartOver {
  private final Arranging arranging;

  StartOver(Arranging arranging) {
    this.arranging = arranging;
  }

  /// Takes the moves back that are about one thing.
  public void with(Concern concern) {
    take(
        Texts.of("change.startOverWith", Texts.of("concern." + word(concern))),
        index -> arranging.arrangement().entries().get(index).move().concern() == concern);
  }

  private static String word(Concern concern) {
    return concern.name().toLowerCase(Locale.ROOT);
  }

  /// Which things the moves are about.
  public List<Concern> concerns() {
    return arranging.arrangement().entries().stream()
        .map(entry -> entry.move().concern())
        .distinct()
        .sorted()
        .toList();
  }

  /// Takes the moves back that are about a dimension.
  public void with(Tag tag) {
    take(Texts.of("change.startOverWith", tag.name()), index -> isAbout(index, tag));
  }

  /// Whether a move of the list is about a dimension.
  public boolean isMoved(Tag tag) {
    return IntStream.range(0, arranging.arrangement().entries().size())
        .anyMatch(index -> isAbout(index, tag));
  }

  /// Whether a move is about a level that is called as a dimension is now, or, where the table is
  /// too long to make the moves before, about the level that it stands on.
  private boolean isAbout(int index, Tag tag) {
    Optional<MovedLevel> moved = MovedLevel.of(arranging.arrangement().entries().get(index).move());
    if (moved.isEmpty()) {
      return false;
    }
    Side side = moved.get().side();
    int level = moved.get().level();
    return arranging
        .before(index)
        .map(
            then ->
                level < then.levels(side).size()
                    && Tag.nameOf(then.levels(side).get(level), level).equals(tag.name()))
        .orElse(side == tag.side() && level == tag.level());
  }

  private void take(String label, IntPredicate gone) {
    Arrangement all = arranging.arrangement();
    for (int index = all.entries().size() - 1; index >= 0; index--) {
      all = gone.test(index) ? all.without(index) : all;
    }
    arranging.arrange(label, all);
  }
}
