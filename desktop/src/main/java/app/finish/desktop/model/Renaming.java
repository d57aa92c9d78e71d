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
    int level = path.size() - 1;
    String member = path.getLast();
    if (isEverywhere(side, level, member)) {
      make(
          new RenameMember(side, level, member, name),
          other ->
              other instanceof RenameMember one
                  && one.side() == side
                  && one.level() == level
                  && one.member().equals(member));
    } else {
      make(
          new Rename(side, path, name),
          other ->
              other instanceof Rename rename
                  && rename.side() == side
                  && rename.path().equals(path));
    }
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
    Move move = new NameLevel(Side.DOWN, level, name);
    make(
        move,
        other ->
            other instanceof NameLevel named
                && named.side() == Side.DOWN
                && named.level() == level);
  }

  private interface Same {
    boolean as(Move other);
  }

  /// Makes the move in the place of the last one if that named the same thing.
  private void make(Move move, Same same) {
    Arrangement now = desk.arrangement();
    int last = now.entries().size() - 1;
    if (last >= 0 && same.as(now.entries().get(last).move())) {
      desk.arrange(move.words(Levels.NUMBERED), now.withReplaced(last, move));
    } else {
      desk.arranging().make(move);
    }
  }
}
