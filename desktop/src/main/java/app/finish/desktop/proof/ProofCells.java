package app.finish.desktop.proof;

import app.finish.core.dress.CellMeaning;
import app.finish.core.layout.CellBox;
import app.finish.core.table.Table;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Pick;
import app.finish.desktop.model.Shown;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.AccessibleAttribute;
import javafx.scene.AccessibleRole;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;

/// The cells of the proof for a screen reader, which the painted table has no nodes for: each is
/// made when it is asked for. The cell that is picked is the one that has the reader's focus.
final class ProofCells extends Pane {
  private final Desk desk;
  private final ProofView view;
  private final Region picked = new Region();

  ProofCells(Desk desk, ProofView view) {
    this.desk = desk;
    this.view = view;
    setManaged(false);
    setMouseTransparent(true);
    picked.setAccessibleRole(AccessibleRole.TABLE_CELL);
    getChildren().add(picked);
    desk.pickProperty().addListener((p, before, now) -> tell());
    desk.shownProperty().addListener((p, before, now) -> tell());
  }

  private Optional<CellBox> box() {
    return desk.pickProperty().get().map(Pick::place).flatMap(view::boxOf);
  }

  private void tell() {
    Optional<Shown> shown = desk.shownProperty().get();
    Optional<CellBox> box = box();
    picked.setAccessibleText(shown.flatMap(now -> box.map(one -> spoken(now, one))).orElse(""));
    box.ifPresent(
        one -> {
          var at = view.inView(one);
          picked.resizeRelocate(at.getMinX(), at.getMinY(), at.getWidth(), at.getHeight());
        });
    view.notifyAccessibleAttributeChanged(AccessibleAttribute.FOCUS_ITEM);
  }

  /// A cell with its headings, and what was found there.
  private String spoken(Shown shown, CellBox box) {
    List<String> all = new ArrayList<>(List.of(ProofTable.spoken(shown, box)));
    all.addAll(desk.checking().at(box.cell().place()));
    return String.join(". ", all);
  }

  /// What the proof answers a screen reader, where it knows better than the toolkit.
  Optional<Object> answer(AccessibleAttribute attribute, Object... parameters) {
    Optional<Table> table = desk.shownProperty().get().map(shown -> shown.arranged().table());
    return switch (attribute) {
      case ROW_COUNT -> table.map(one -> one.down().leaves().size());
      case COLUMN_COUNT -> table.map(one -> one.across().leaves().size());
      case FOCUS_ITEM -> box().map(_ -> picked);
      case CELL_AT_ROW_COLUMN -> cell((Integer) parameters[0], (Integer) parameters[1]);
      default -> Optional.empty();
    };
  }

  private Optional<Object> cell(int row, int column) {
    return desk.shownProperty()
        .get()
        .flatMap(
            shown ->
                view.boxOf(new CellMeaning.Body(row, column))
                    .map(
                        box -> {
                          Region cell = new Region();
                          cell.setAccessibleRole(AccessibleRole.TABLE_CELL);
                          cell.setAccessibleText(spoken(shown, box));
                          return cell;
                        }));
  }
}
