package app.finish.core.arrange.make;

import app.finish.core.arrange.move.MoveKind;
import java.util.List;
import java.util.Optional;

/// The kinds of moves. To add one, write its class and a line here: documents keep it, the list of
/// moves and the history name it, and its settings can be changed there.
///
/// ```java
/// Moves.named("keep top").orElseThrow().read().apply(file);
/// ```
public final class Moves {
  /// All kinds.
  public static final List<MoveKind> KINDS =
      List.of(
          SwapAxes.KIND,
          SetAside.KIND,
          Rename.KIND,
          SetMemberAside.KIND,
          RenameMember.KIND,
          Reverse.KIND,
          NameLevel.KIND,
          ByLabel.KIND,
          ByFigure.KIND,
          Shift.KIND,
          KeepTop.KIND,
          Fold.KIND,
          FoldLevel.KIND,
          HideLevel.KIND,
          Hold.KIND,
          DropTotals.KIND,
          AddTotals.KIND,
          PlaceTotals.KIND,
          NameTotals.KIND,
          PlaceLevel.KIND,
          Gather.KIND,
          Only.KIND,
          Calculate.KIND,
          FillEmpty.KIND,
          ReadNumbers.KIND,
          JoinMeasures.KIND,
          TakeApart.KIND,
          StarsFrom.KIND,
          HalfMatrix.KIND,
          TwoMatrices.KIND,
          LoneSpanners.KIND,
          GroupLetters.KIND);

  private Moves() {}

  /// The kind that files call so, also by a name of earlier versions.
  public static Optional<MoveKind> named(String word) {
    if (word.equals(PlaceLevel.TURN.word())) {
      return Optional.of(PlaceLevel.TURN);
    }
    return KINDS.stream().filter(kind -> kind.word().equals(word)).findFirst();
  }
}
