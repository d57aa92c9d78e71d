package app.finish.desktop.model;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.place.Side;
import app.finish.core.dress.CellMeaning;
import app.finish.core.layout.CellBox;
import java.util.List;
import java.util.Optional;

/// Picks what was picked before a move, wherever it stands after it.
///
/// ```java
/// Runnable again = new PickedAgain(desk).whatIsPicked();
/// ```
final class PickedAgain {
  private final Desk desk;

  PickedAgain(Desk desk) {
    this.desk = desk;
  }

  /// What picks again, wherever it stands then, what is picked now.
  Runnable whatIsPicked() {
    List<PickedHeading> headings = PickedHeading.all(desk);
    Optional<Pick> pick = desk.pickProperty().get();
    Optional<Shown> shown = desk.shownProperty().get();
    if (!headings.isEmpty()
        || shown.isEmpty()
        || pick.isEmpty()
        || !(pick.get().place() instanceof CellMeaning.Body body)) {
      return () -> pick(headings);
    }
    Arranged arranged = shown.get().arranged();
    List<List<String>> rows = arranged.down().paths();
    List<List<String>> columns = arranged.across().paths();
    if (body.row() >= rows.size() || body.column() >= columns.size()) {
      return () -> {};
    }
    return () -> pickFigure(rows.get(body.row()), columns.get(body.column()));
  }

  private void pickFigure(List<String> row, List<String> column) {
    desk.shownProperty()
        .get()
        .ifPresent(
            shown -> {
              Arranged arranged = shown.arranged();
              Optional<CellBox> box =
                  arranged
                      .leaves(Side.DOWN, row)
                      .flatMap(
                          down ->
                              arranged
                                  .leaves(Side.ACROSS, column)
                                  .map(
                                      across -> new CellMeaning.Body(down.first(), across.first())))
                      .flatMap(shown.scroll()::boxOf);
              box.map(CellBox::cell)
                  .ifPresent(
                      cell ->
                          desk.pickProperty()
                              .set(Optional.of(new Pick(cell.place(), cell.part(), 0))));
            });
  }

  /// Picks headings, wherever they stand now.
  void pick(List<PickedHeading> headings) {
    List<CellBox> boxes = headings.stream().flatMap(one -> box(one).stream()).toList();
    if (!boxes.isEmpty()) {
      CellBox first = boxes.getFirst();
      desk.pickProperty().set(Optional.of(new Pick(first.cell().place(), first.cell().part(), 0)));
      desk.alsoProperty().set(boxes.stream().skip(1).map(box -> box.cell().place()).toList());
    }
  }

  private Optional<CellBox> box(PickedHeading heading) {
    Optional<Shown> shown = desk.shownProperty().get();
    return shown
        .flatMap(now -> now.arranged().leaves(heading.side(), heading.path()))
        .map(
            leaves ->
                heading.side() == Side.DOWN
                    ? new CellMeaning.Stub(heading.level(), leaves.first())
                    : new CellMeaning.Head(heading.level(), leaves.first(), leaves.last()))
        .flatMap(place -> shown.get().scroll().boxOf(place));
  }
}
