package app.finish.desktop;

import app.finish.core.arrange.Move;
import app.finish.core.arrange.Side;
import java.util.List;

/// What a move is called in the list of moves and in the history.
final class MoveWords {
  private MoveWords() {}

  static String of(Move move) {
    return switch (move) {
      case Move.SwapAxes swap -> Texts.of("move.swap");
      case Move.SetAside out -> Texts.of("move.aside", path(out.path()));
      case Move.Rename rename -> Texts.of("move.rename", path(rename.path()), rename.name());
      case Move.ByLabel order ->
          Texts.of("move.byLabel", side(order.side()), order.descending() ? 1 : 0);
      case Move.ByFigure order ->
          Texts.of(
              "move.byFigure", side(order.side()), path(order.at()), order.descending() ? 1 : 0);
      case Move.Shift shift -> Texts.of("move.shift", path(shift.path()), shift.by() > 0 ? 1 : 0);
      case Move.KeepTop top ->
          Texts.of(
              "move.keep",
              top.bottom() ? 1 : 0,
              top.count(),
              side(top.side()),
              path(top.at()),
              top.gathered() ? 1 : 0);
      case Move.Fold fold -> Texts.of("move.fold", path(fold.path()));
      case Move.DropTotals drop -> Texts.of("move.dropTotals", side(drop.side()), drop.level() + 1);
      case Move.Hold hold -> Texts.of("move.hold", hold.member());
      case Move.AddTotals add -> Texts.of("move.addTotals", side(add.side()), add.level() + 1);
      case Move.Turn turn -> Texts.of("move.turn", side(turn.side()), turn.level() + 1);
      case Move.HideLevel hide -> Texts.of("move.hideLevel", side(hide.side()), hide.level() + 1);
    };
  }

  private static int side(Side side) {
    return side == Side.DOWN ? 0 : 1;
  }

  /// Labels as one reads them.
  static String path(List<String> path) {
    return String.join(", ", path.stream().filter(label -> !label.isEmpty()).toList());
  }
}
