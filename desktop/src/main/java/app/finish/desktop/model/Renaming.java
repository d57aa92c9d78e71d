package app.finish.desktop.model;

import app.finish.core.arrange.make.NameLevel;
import app.finish.core.arrange.make.Rename;
import app.finish.core.arrange.make.RenameMember;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.move.Levels;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.place.Side;
import java.util.List;

/// Gives headings other names. A heading that was renamed before keeps one move for it.
public final class Renaming {
  private final Desk desk;

  public Renaming(Desk desk) {
    this.desk = desk;
  }

  /// Calls a heading something else; an empty name is none.
  ///
  /// @param now what it is called now
  public void heading(Side side, List<String> path, String now, String name) {
    if (name.isEmpty() || name.equals(now)) {
      return;
    }
    make(move(new PickedHeading(side, path), name));
  }

  /// Calls headings by a pattern in which a star stands for what each is called now.
  public void headings(List<PickedHeading> headings, String pattern) {
    if (pattern.isBlank() || pattern.equals("*")) {
      return;
    }
    desk.arranging()
        .makeAll(
            headings.stream()
                .map(one -> move(one, pattern.strip().replace("*", now(one))))
                .distinct()
                .toList());
  }

  /// What a heading is called now.
  private String now(PickedHeading heading) {
    return desk.shownProperty()
        .get()
        .flatMap(
            shown ->
                shown
                    .arranged()
                    .leaves(heading.side(), heading.path())
                    .map(
                        leaves ->
                            heading
                                .side()
                                .of(shown.arranged().table())
                                .leaves()
                                .get(leaves.first())
                                .labels()
                                .get(heading.level())))
        .orElse(heading.path().getLast());
  }

  private Move move(PickedHeading heading, String name) {
    String member = heading.path().getLast();
    return isEverywhere(heading.side(), heading.level(), member)
        ? new RenameMember(heading.side(), heading.level(), member, name)
        : new Rename(heading.side(), heading.path(), name);
  }

  /// A member that stands in several groups is renamed in all of them.
  private boolean isEverywhere(Side side, int level, String member) {
    return desk.shownProperty()
        .get()
        .map(shown -> shown.arranged().isEverywhere(side, level, member))
        .orElse(false);
  }

  /// Calls the head of a level of the stub something else.
  public void stubHead(int level, String name) {
    make(new NameLevel(Side.DOWN, level, name));
  }

  /// Whether two moves name the same thing.
  private static boolean nameTheSame(Move one, Move other) {
    return switch (one) {
      case Rename(Side side, List<String> path, String _) ->
          other instanceof Rename rename && rename.side() == side && rename.path().equals(path);
      case RenameMember(Side side, int level, String member, String _) ->
          other instanceof RenameMember rename
              && rename.side() == side
              && rename.level() == level
              && rename.member().equals(member);
      case NameLevel(Side side, int level, String _) ->
          other instanceof NameLevel named && named.side() == side && named.level() == level;
      default -> false;
    };
  }

  /// Makes the move in the place of the last one if that named the same thing.
  private void make(Move move) {
    Arrangement now = desk.arrangement();
    int last = now.entries().size() - 1;
    if (last >= 0 && nameTheSame(move, now.entries().get(last).move())) {
      desk.arrange(move.words(Levels.NUMBERED), now.withReplaced(last, move));
    } else {
      desk.arranging().make(move);
    }
  }
}
