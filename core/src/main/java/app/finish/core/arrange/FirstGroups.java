package app.finish.core.arrange;

import app.finish.core.arrange.formula.Formulas;
import app.finish.core.arrange.make.Calculating;
import app.finish.core.arrange.move.Arrangement.Entry;
import app.finish.core.arrange.move.Level;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.move.Quota;
import app.finish.core.arrange.move.Side;
import app.finish.core.arrange.tree.Members;
import app.finish.core.arrange.tree.Shape;
import app.finish.core.arrange.tree.Trees;
import java.util.List;
import java.util.stream.IntStream;

/// Tells of moves whether they can be made on the first groups of a long table alone, and how much
/// of what they give then is what the whole table would show. A group is a heading of the outermost
/// level down, with all that is under it.
///
/// ```java
/// if (FirstGroups.suffice(trees, moves, formulas)) { … }
/// ```
public final class FirstGroups {
  private static final long MOST = 1_000_000;

  private FirstGroups() {}

  /// Whether each of the moves does the same to the first groups, whatever groups there are below
  /// them. A move that has no place in the first groups may have one in others. Once a single group
  /// was folded groups are no longer alike, so what follows needs the whole table.
  ///
  /// @param whole the table that they are made on
  static boolean suffice(Trees whole, List<Entry> moves, Formulas formulas) {
    if (!Shape.of(whole.down()).isEven()) {
      return false;
    }
    for (int i = 0; i < moves.size(); i++) {
      Entry entry = moves.get(i);
      boolean last = i == moves.size() - 1;
      boolean goesOn = last || cutAt(entry.move()) == 0 && !(entry.move() instanceof Move.Fold);
      if (entry.on() && !(goesOn && suffice(whole, entry.move(), formulas))) {
        return false;
      }
    }
    return true;
  }

  private static boolean suffice(Trees whole, Move move, Formulas formulas) {
    return switch (move) {
      case Move.SetAside out -> true;
      case Move.Rename rename -> true;
      case Move.SetMemberAside out -> true;
      case Move.RenameMember rename -> true;
      case Move.NameLevel level -> true;
      case Move.Fold fold -> true;
      case Move.FillEmpty fill -> true;
      case Move.DropTotals drop -> true;
      case Move.NameTotals totals -> true;
      case Move.Reverse reverse -> isWithin(reverse.side(), reverse.level());
      case Move.ByLabel order -> isWithin(order.side(), order.level()) && !order.overAll();
      case Move.ByFigure order -> isWithin(order.side(), order.level()) && !order.overAll();
      case Move.Shift shift -> isWithin(shift.side(), shift.path().size() - 1);
      case Move.KeepTop top ->
          top.side() == Side.ACROSS
              || isWithin(top.side(), top.level())
                  && !top.overAll()
                  && top.quota() instanceof Quota.Count;
      case Move.FoldLevel fold -> fold.side() == Side.ACROSS || hasTotals(whole);
      case Move.PlaceTotals totals -> isWithin(totals.side(), totals.level());
      case Move.AddTotals totals -> isWithin(totals.side(), totals.level()) || !totals.first();
      case Move.HideLevel hide -> hide.side() == Side.ACROSS;
      case Move.Gather gather -> gather.side() == Side.ACROSS;
      case Move.Hold hold ->
          hold.side() == Side.ACROSS || hold.level() > 0 && Shape.of(whole.down()).differs();
      case Move.Calculate calculate ->
          measuresAreAcross(whole) && isOfItsPlaceAlone(whole, calculate, formulas);
      case Move.Place place -> isOfEach(whole, place);
      case Move.SwapAxes swap -> false;
      case Move.ReadNumbers read -> false;
      case Move.Only only -> false;
    };
  }

  private static boolean isWithin(Side side, int level) {
    return side == Side.ACROSS || level > 0;
  }

  /// Whether a move leaves the first groups as they are: what it adds comes behind the last group.
  static boolean areLeftBy(Move move) {
    return move instanceof Move.AddTotals totals && !isWithin(totals.side(), totals.level());
  }

  /// Whether a move that has no place in the first groups leaves them as they are where it has one
  /// in others.
  static boolean areLeftWhereRefused(Move move) {
    return switch (move) {
      case Move.Rename rename -> true;
      case Move.RenameMember rename -> true;
      case Move.Fold fold -> true;
      case Move.FillEmpty fill -> true;
      case Move.NameTotals totals -> true;
      default -> false;
    };
  }

  private static boolean hasTotals(Trees whole) {
    return IntStream.range(0, whole.source().measures().size())
        .anyMatch(whole.figures()::hasTotals);
  }

  private static boolean measuresAreAcross(Trees whole) {
    return whole.levels(Side.ACROSS).stream().anyMatch(Level::isMeasures);
  }

  private static boolean isOfItsPlaceAlone(Trees whole, Move.Calculate move, Formulas formulas) {
    try {
      return formulas
          .read(move.expression(), Calculating.names(whole.source()))
          .isOfItsPlaceAlone();
    } catch (IllegalArgumentException e) {
      return false;
    }
  }

  /// Whether a level can be placed elsewhere in each group by itself.
  private static boolean isOfEach(Trees whole, Move.Place move) {
    if (move.side() == Side.ACROSS && move.to() == Side.ACROSS) {
      return true;
    }
    boolean outermost = move.side() == Side.DOWN && move.level() == 0;
    Shape down = Shape.of(whole.down());
    long cells = (long) down.leaves() * Shape.of(whole.across()).leaves();
    return cells <= MOST
        && !(outermost && move.to() == Side.ACROSS)
        && measuresAreAcross(whole)
        && down.differs();
  }

  /// Whether the first groups have all that moves have to know of the whole table.
  static boolean tellEnough(Trees whole, List<Entry> moves, Trees first) {
    return first.isAsDeepAs(whole)
        && moves.stream()
            .filter(Entry::on)
            .allMatch(entry -> tellEnough(whole, entry.move(), first));
  }

  /// The members of a level that goes across become columns.
  private static boolean tellEnough(Trees whole, Move move, Trees first) {
    if (!(move instanceof Move.Place place)
        || place.side() != Side.DOWN
        || place.to() != Side.ACROSS) {
      return true;
    }
    Members members = new Members(place.level());
    return members.in(first.down()).containsAll(members.in(whole.down()));
  }

  /// Whether what moves gave has as many levels as the whole table would have. All moves do the
  /// same to each group, but for those that speak of one heading.
  static boolean areAllLevels(Trees whole, List<Entry> moves, Trees first) {
    boolean alike =
        moves.stream()
            .filter(Entry::on)
            .map(Entry::move)
            .noneMatch(move -> move instanceof Move.Fold || move instanceof Move.SetAside);
    return alike || Shape.of(first.down()).levels() == Shape.of(whole.down()).levels();
  }

  /// At which level of what a move gives the groups that were left out would follow: only the first
  /// heading of each level above it, and what is under it, is what the whole table would show.
  static int cutAt(Move move) {
    if (!(move instanceof Move.Place place) || place.to() == Side.ACROSS) {
      return 0;
    }
    if (place.side() == Side.DOWN && place.level() == 0) {
      return place.depth();
    }
    return place.depth() == 0 ? 1 : 0;
  }
}
