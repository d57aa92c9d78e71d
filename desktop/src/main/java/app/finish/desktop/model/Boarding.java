package app.finish.desktop.model;

import app.finish.core.arrange.make.Hold;
import app.finish.core.document.BoardPlan;
import app.finish.core.document.Document;
import app.finish.core.document.DocumentChart;
import app.finish.core.document.DocumentTable;
import app.finish.core.document.Item;
import app.finish.desktop.kit.Texts;
import java.util.List;
import java.util.function.UnaryOperator;

/// How the document's tables and charts lie on its board.
///
/// ```java
/// desk.boarding().change(plan -> plan.moved("t3", BoardPlan.Way.UP));
/// desk.boarding().off(); // what is not on the board
/// ```
public final class Boarding {
  private final Desk desk;

  Boarding(Desk desk) {
    this.desk = desk;
  }

  private List<String> all() {
    return desk.document().items().stream().map(Item::id).toList();
  }

  /// The plan; everything one below the other where none was made.
  public BoardPlan plan() {
    return desk.document().board().over(all());
  }

  /// What is not on the board, by its ids.
  public List<String> off() {
    List<String> on = plan().items();
    return all().stream().filter(id -> !on.contains(id)).toList();
  }

  /// Changes the plan, as one step that can be undone.
  public void change(UnaryOperator<BoardPlan> how) {
    BoardPlan before = plan();
    BoardPlan after = how.apply(before);
    if (!after.equals(before)) {
      desk.change(Texts.of("change.board"), desk.document().withBoard(after));
    }
  }

  /// The tables on the board that are held at a member, which can stand there once for each member.
  public List<BoardPlan.Tile.Placed> held() {
    return plan().bands().stream()
        .flatMap(List::stream)
        .filter(BoardPlan.Tile.Placed.class::isInstance)
        .map(BoardPlan.Tile.Placed.class::cast)
        .filter(tile -> isHeld(desk.document().items().get(desk.document().indexOf(tile.id()))))
        .toList();
  }

  private static boolean isHeld(Item item) {
    return item instanceof DocumentTable table
        && table.finish().arrangement().entries().stream()
            .anyMatch(one -> one.on() && one.move() instanceof Hold);
  }

  /// What an item is called on the plan: "Table 2", "Figure 1".
  public String name(String id) {
    Document document = desk.document();
    int place = document.indexOf(id);
    String number = document.numeral(place);
    return switch (document.items().get(place)) {
      case DocumentTable _ -> Texts.of("board.table", number);
      case DocumentChart _ -> Texts.of("board.figure", number);
    };
  }
}
