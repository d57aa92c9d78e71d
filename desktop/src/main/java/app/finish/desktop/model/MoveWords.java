package app.finish.desktop.model;

import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.move.Quota;
import app.finish.core.arrange.move.Side;
import app.finish.desktop.kit.Texts;
import java.util.List;

/// What a move is called in the list of moves and in the history.
public final class MoveWords {
  private MoveWords() {}

  /// What a level is called.
  interface Levels {
    String name(Side side, int level);
  }

  /// A move whose table is not at hand: levels go by their numbers.
  public static String of(Move move) {
    return of(move, MoveWords::numbered);
  }

  private static String numbered(Side side, int level) {
    return Texts.of("move.level", side(side), level + 1);
  }

  /// A move as it stands in the list.
  ///
  /// @param levels what the levels are called before the move is made
  public static String of(Move move, Levels levels) {
    return switch (move) {
      case Move.SwapAxes swap -> Texts.of("move.swap");
      case Move.SetAside out -> Texts.of("move.aside", path(out.path()));
      case Move.Rename rename -> Texts.of("move.rename", path(rename.path()), rename.name());
      case Move.SetMemberAside out -> Texts.of("move.memberAside", out.member());
      case Move.RenameMember rename ->
          Texts.of("move.renameMember", rename.member(), rename.name());
      case Move.Reverse reverse ->
          Texts.of("move.reverse", levels.name(reverse.side(), reverse.level()));
      case Move.NameLevel named ->
          Texts.of("move.nameLevel", levels.name(named.side(), named.level()), named.name());
      case Move.ByLabel order ->
          Texts.of(
              "move.byLabel",
              side(order.side()),
              number(order.descending()),
              number(order.overAll()));
      case Move.ByFigure order ->
          Texts.of(
              "move.byFigure",
              side(order.side()),
              path(order.at()),
              number(order.descending()),
              number(order.overAll()));
      case Move.Shift shift -> shift(shift);
      case Move.KeepTop top -> keep(top);
      case Move.Fold fold -> Texts.of("move.fold", path(fold.path()));
      case Move.FoldLevel fold ->
          Texts.of("move.foldLevel", levels.name(fold.side(), fold.level()));
      case Move.DropTotals drop ->
          Texts.of("move.dropTotals", levels.name(drop.side(), drop.level()));
      case Move.PlaceTotals totals ->
          Texts.of(
              "move.placeTotals",
              levels.name(totals.side(), totals.level()),
              number(totals.first()));
      case Move.NameTotals totals ->
          Texts.of("move.nameTotals", levels.name(totals.side(), totals.level()), totals.name());
      case Move.Hold hold -> Texts.of("move.hold", hold.member());
      case Move.AddTotals add -> Texts.of("move.addTotals", levels.name(add.side(), add.level()));
      case Move.Place place ->
          Texts.of(
              "move.place",
              levels.name(place.side(), place.level()),
              side(place.to()),
              place.depth() + 1);
      case Move.HideLevel hide ->
          Texts.of("move.hideLevel", levels.name(hide.side(), hide.level()));
      case Move.Gather gather -> Texts.of("move.gather", gather.paths().size(), gather.name());
      case Move.Only only -> Texts.of("move.only", of(only.of(), levels));
      case Move.Calculate calculate ->
          Texts.of("move.calculate", calculate.name(), calculate.expression());
      case Move.FillEmpty fill ->
          fill.path().isEmpty()
              ? Texts.of("move.fillAll", fill.with())
              : Texts.of("move.fill", path(fill.path()), fill.with());
      case Move.ReadNumbers read ->
          read.path().isEmpty()
              ? Texts.of("move.readAll")
              : Texts.of("move.read", path(read.path()));
    };
  }

  private static String shift(Move.Shift shift) {
    int places = Math.abs(shift.by());
    return Texts.of("move.shift", path(shift.path()), number(shift.by() > 0), places);
  }

  private static String keep(Move.KeepTop top) {
    String rest = Texts.of("move.keepRest", number(top.gathered()), number(top.overAll()));
    return switch (top.quota()) {
      case Quota.Count count ->
          Texts.of(
                  "move.keep",
                  number(top.bottom()),
                  count.members(),
                  side(top.side()),
                  path(top.at()))
              + rest;
      case Quota.Share share ->
          Texts.of(
                  "move.keepShare",
                  number(top.bottom()),
                  percent(share.percent()),
                  side(top.side()),
                  path(top.at()))
              + rest;
    };
  }

  /// A percentage without decimals that say nothing.
  static String percent(double percent) {
    return percent == Math.rint(percent) ? "" + (long) percent : "" + percent;
  }

  private static int number(boolean is) {
    return is ? 1 : 0;
  }

  private static int side(Side side) {
    return number(side == Side.ACROSS);
  }

  /// Labels as one reads them.
  public static String path(List<String> path) {
    return String.join(", ", path.stream().filter(label -> !label.isEmpty()).toList());
  }
}
