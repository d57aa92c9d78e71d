package app.finish.desktop.model;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.make.ByFigure;
import app.finish.core.arrange.make.ByLabel;
import app.finish.core.arrange.make.Calculate;
import app.finish.core.arrange.make.Hold;
import app.finish.core.arrange.make.Only;
import app.finish.core.arrange.make.SwapAxes;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.move.Levels;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.place.Side;
import app.finish.core.document.Document;
import app.finish.core.document.DocumentTable;
import app.finish.core.table.Heading;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import app.finish.desktop.kit.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Arranges the table at hand. While redraws wait, moves gather and the proof stays as it is; one
/// redraw then makes them all, as one change that can be undone.
public final class Arranging {
  /// A redraw that takes longer than this is slow: 300 ms.
  private static final long SLOW = 300_000_000L;

  /// Up to so many figures moves are named by making those before them.
  private static final long NAMED_BY_MAKING = 20_000;

  private final Desk desk;
  private final WaitingRedraws<Arrangement> redraws;
  private Optional<Runnable> afterwards = Optional.empty();
  private boolean timed;

  Arranging(Desk desk) {
    this.desk = desk;
    this.redraws =
        new WaitingRedraws<>(desk, SLOW, Texts.of("arrange.holdsNow"), this::drawGathered);
  }

  /// Whether moves wait, and which.
  public WaitingRedraws<Arrangement> redraws() {
    return redraws;
  }

  /// The arrangement of the table at hand, with moves that are held.
  Arrangement arrangement() {
    return redraws
        .pendingProperty()
        .get()
        .or(() -> desk.table().map(table -> table.finish().arrangement()))
        .orElse(Arrangement.NONE);
  }

  /// Puts the table at hand in another arrangement.
  void arrange(String label, Arrangement arrangement) {
    afterwards = Optional.empty();
    if (redraws.take(arrangement)) {
      return;
    }
    desk.table()
        .ifPresent(
            table -> {
              Runnable again = new PickedAgain(desk).whatIsPicked();
              desk.pickProperty().set(Optional.empty());
              timed = true;
              desk.changeFinish(label, table.finish().withArrangement(arrangement));
              afterwards = Optional.of(again);
            });
  }

  /// Makes a move on what is seen. Moves that are held may have turned the table since it was
  /// drawn: then the move is made before those that do, where its headings stand as they are seen.
  public void make(Move move) {
    arrange(move.words(Levels.NUMBERED), with(move));
  }

  /// Makes several moves on what is seen, as one step.
  public void makeAll(List<Move> moves) {
    if (!moves.isEmpty()) {
      arrange(label(moves), with(moves));
    }
  }

  private static String label(List<Move> moves) {
    String first = moves.getFirst().words(Levels.NUMBERED);
    return moves.size() == 1 ? first : Texts.of("change.several", first, moves.size() - 1);
  }

  /// What can be done with a heading.
  ///
  /// @param path the labels that lead to it
  public HeadingMoves on(Side side, List<String> path) {
    return on(List.of(new PickedHeading(side, path)));
  }

  /// What can be done with headings, at least one.
  public HeadingMoves on(List<PickedHeading> headings) {
    return new HeadingMoves(desk, headings);
  }

  /// What can be done with the members of the innermost level in a row or column.
  public HeadingMoves onMembers(Arranged arranged, Side side, int leaf) {
    List<Heading> headings = side.of(arranged.table()).leaves().get(leaf).path();
    int level = headings.size() - 1;
    while (level > 0 && headings.get(level).measure().isPresent()) {
      level--;
    }
    return on(side, arranged.paths(side).get(leaf).subList(0, level + 1));
  }

  public void swapAxes() {
    add(new SwapAxes());
  }

  /// What takes back the moves that are about one thing.
  public StartOver over() {
    return new StartOver(this);
  }

  /// Takes all moves back.
  public void startOver() {
    arrange(Texts.of("change.startOver"), Arrangement.NONE);
  }

  /// The table as a move comes to it, if it is short enough to make the moves before.
  Optional<Arranged> before(int index) {
    Optional<Table> table = desk.shownProperty().get().map(shown -> shown.recognition().table());
    return table
        .filter(one -> (long) one.body().rows() * one.body().columns() <= NAMED_BY_MAKING)
        .map(one -> desk.proofs().after(one, arrangement().before(index)));
  }

  /// Makes an order the next key behind those by which a level is in order already: it is made
  /// before them, and what is equal in an order stays as it was.
  void makeBeforeOrders(Move move, Side side, int level) {
    List<Arrangement.Entry> entries = arrangement().entries();
    int first = entries.size();
    while (first > 0 && isOrder(entries.get(first - 1).move(), side, level)) {
      first--;
    }
    arrange(
        Texts.of("change.then", move.words(Levels.NUMBERED)), arrangement().withAt(first, move));
  }

  /// Whether a level is in an order that the last moves made.
  public boolean isOrdered(Side side, int level) {
    List<Arrangement.Entry> entries = arrangement().entries();
    return !entries.isEmpty() && isOrder(entries.getLast().move(), side, level);
  }

  private static boolean isOrder(Move move, Side side, int level) {
    return switch (move) {
      case ByFigure order -> order.side() == side && order.level() == level && !order.overAll();
      case ByLabel order -> order.side() == side && order.level() == level && !order.overAll();
      default -> false;
    };
  }

  /// Makes a move behind all others.
  public void add(Move move) {
    arrange(move.words(Levels.NUMBERED), arrangement().with(move));
  }

  /// Adds a measure that is calculated from others.
  ///
  /// @param decimals with how many decimals, as a person wrote it
  /// @throws app.finish.core.problem.Refusal if that is no number of decimals
  public void calculate(String name, String expression, MeasureKind kind, String decimals) {
    add(Calculate.asked(name, expression, kind, Calculate.decimals(decimals)));
  }

  /// Switches a move of the list on or off.
  public void switched(int index, boolean on) {
    arrange(Texts.of("change.switch", words(index)), arrangement().withSwitched(index, on));
  }

  /// Puts a move at another place of the list.
  public void reordered(int from, int to) {
    arrange(Texts.of("change.moveOrder", words(from)), arrangement().withMoved(from, to));
  }

  /// Takes a move out of the list.
  public void takenOut(int index) {
    arrange(Texts.of("change.moveOut", words(index)), arrangement().without(index));
  }

  /// Puts another move in the place of one of the list.
  public void replaced(int index, Move other) {
    arrange(
        Texts.of("change.changed", other.words(Levels.NUMBERED)),
        arrangement().withReplaced(index, other));
  }

  /// Places a dimension on a side at a depth, counted without itself; or holds it at a member.
  public void place(Tag tag, Side to, int depth) {
    add(tag.placed(to, depth));
  }

  /// Holds a dimension at a member.
  public void hold(Tag tag) {
    add(new Hold(tag.side(), tag.level(), tag.member()));
  }

  /// Steps from the member that a dimension is held at to its neighbour.
  public void step(Tag tag, int by) {
    int index = tag.heldBy().map(arrangement()::indexOf).orElse(-1);
    if (index >= 0 && tag.heldBy().orElseThrow() instanceof Hold hold) {
      List<String> members = membersBefore(index, hold);
      int to = members.indexOf(hold.member()) + by;
      if (to >= 0 && to < members.size()) {
        Move other = new Hold(hold.side(), hold.level(), members.get(to));
        arrange(other.words(Levels.NUMBERED), arrangement().withReplaced(index, other));
      }
    }
  }

  private Arrangement with(List<Move> moves) {
    Arrangement all = arrangement();
    int index = whereSeen(all);
    for (Move move : moves) {
      all = all.withAt(index++, move);
    }
    return all;
  }

  private Arrangement with(Move move) {
    return with(List.of(move));
  }

  /// Where in the list a move belongs that is made on what is seen.
  private int whereSeen(Arrangement now) {
    List<Arrangement.Entry> drawn =
        desk.table().map(table -> table.finish().arrangement().entries()).orElse(List.of());
    int index = 0;
    while (index < Math.min(drawn.size(), now.entries().size())
        && drawn.get(index).equals(now.entries().get(index))) {
      index++;
    }
    while (index < now.entries().size() && !now.entries().get(index).move().moveKind().turns()) {
      index++;
    }
    return index;
  }

  /// The table as the moves leave it, those that are held among them.
  public Optional<Arranged> now() {
    Optional<Shown> shown = desk.shownProperty().get();
    return redraws
        .pendingProperty()
        .get()
        .flatMap(moves -> shown.map(now -> desk.proofs().after(now.recognition().table(), moves)))
        .or(() -> shown.map(Shown::arranged));
  }

  /// Takes a move back, wherever it stands in the list.
  public void takeBack(Move move) {
    int index = arrangement().indexOf(move);
    if (index >= 0) {
      arrange(
          Texts.of("change.moveOut", move.words(Levels.NUMBERED)), arrangement().without(index));
    }
  }

  /// Makes moves after which headings are picked again, wherever they stand then.
  void makeAndPick(List<Move> moves, List<PickedHeading> headings) {
    makeAll(moves);
    afterwards = Optional.of(() -> new PickedAgain(desk).pick(headings));
  }

  /// The table was drawn. If that took long after a move, further moves are held.
  void drawn(long nanoseconds) {
    afterwards.ifPresent(Runnable::run);
    afterwards = Optional.empty();
    inSight(nanoseconds);
  }

  /// What is in sight of the table was drawn: that is what the person waited for.
  void inSight(long nanoseconds) {
    if (timed) {
      redraws.took(nanoseconds);
    }
    timed = false;
  }

  private void drawGathered(Arrangement arrangement) {
    desk.table()
        .ifPresent(
            table -> {
              desk.pickProperty().set(Optional.empty());
              desk.changeFinish(
                  Texts.of("change.redraw"), table.finish().withArrangement(arrangement));
            });
  }

  /// A move of the list in words. Of a long table levels go by their numbers, since naming them
  /// takes making the moves before.
  public String words(int index) {
    Move move = arrangement().entries().get(index).move();
    return before(index)
        .map(
            then ->
                move.words(
                    (side, level) ->
                        level < then.levels(side).size()
                            ? Tag.nameOf(then.levels(side).get(level), level)
                            : Levels.NUMBERED.name(side, level)))
        .orElseGet(() -> move.words(Levels.NUMBERED));
  }

  /// The members of a level as they stand before a move holds it at one of them.
  public List<String> membersBefore(int index, Hold hold) {
    return desk.shownProperty()
        .get()
        .map(
            shown ->
                desk.proofs().arranged(shown.recognition().table(), arrangement().before(index)))
        .map(then -> members(then, hold.side(), hold.level()))
        .orElse(List.of());
  }

  private static List<String> members(Arranged then, Side side, int level) {
    List<String> members = new ArrayList<>();
    for (Leaf leaf : side.of(then.table()).leaves()) {
      List<String> path = then.paths(side).get(leaf.index());
      boolean member = level < path.size() && leaf.path().get(level).role() == Role.MEMBER;
      if (member && !members.contains(path.get(level))) {
        members.add(path.get(level));
      }
    }
    return members;
  }

  /// Makes one table of the document for each member at which a move could hold the table at hand.
  public void tableForEach(int index, Hold hold) {
    Optional<DocumentTable> table = desk.table();
    List<String> members = new ArrayList<>(membersBefore(index, hold));
    members.remove(hold.member());
    if (table.isEmpty() || members.isEmpty()) {
      return;
    }
    Document document = desk.document();
    int at = desk.indexProperty().get();
    for (int i = 0; i < members.size(); i++) {
      Move other = new Hold(hold.side(), hold.level(), members.get(i));
      document = added(document, table.get(), arrangement().withReplaced(index, other), at + 1 + i);
    }
    desk.change(Texts.of("change.tableForEach", members.size() + 1), document);
    desk.say(Texts.of("notice.tables", members.size()));
  }

  /// Makes a table of what a move sets aside.
  public void tableOfAside(Move move) {
    int moved = arrangement().indexOf(move);
    if (moved < 0) {
      return;
    }
    Arrangement others = arrangement().before(moved).with(new Only(move));
    desk.table()
        .ifPresent(
            table -> {
              int at = desk.indexProperty().get();
              Document document = added(desk.document(), table, others, at + 1);
              desk.change(Texts.of("change.tableOfAside"), document);
              desk.say(Texts.of("notice.tables", 1));
            });
  }

  private static Document added(
      Document document, DocumentTable like, Arrangement arrangement, int index) {
    Document more = document.withAdded(like.source(), like.finish().withArrangement(arrangement));
    return more.withMoved(more.items().size() - 1, index);
  }
}
