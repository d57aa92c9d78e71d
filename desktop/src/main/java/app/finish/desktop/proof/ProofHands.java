package app.finish.desktop.proof;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.layout.CellBox;
import app.finish.core.layout.sheet.Scroll;
import app.finish.core.table.Table;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Pick;
import app.finish.desktop.model.PickRange;
import app.finish.desktop.model.Shown;
import app.finish.desktop.model.Step;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Point2D;
import javafx.scene.Cursor;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;

/// What pointer and keys do on the proof: point, pick, move the paper, drag headings, edit.
public final class ProofHands {
  private static final int FARTHEST = 5000;

  private final Desk desk;
  private final ProofView view;
  private final ProofEdits edits;
  private final HeadingDrag dragging;
  private final EdgeDrag edges;
  private Optional<Point2D> grip = Optional.empty();
  private Optional<CellBox> begun = Optional.empty();
  private boolean moved;

  ProofHands(Desk desk, ProofView view) {
    this.desk = desk;
    this.view = view;
    this.edits = new ProofEdits(desk, view);
    this.dragging = new HeadingDrag(desk, view);
    this.edges = new EdgeDrag(desk, view);
  }

  /// Listens to the view.
  void take() {
    view.setOnMouseMoved(this::point);
    view.setOnMouseExited(event -> desk.pointedProperty().set(Optional.empty()));
    view.setOnMousePressed(this::press);
    view.setOnMouseDragged(this::drag);
    view.setOnMouseReleased(this::release);
    view.setOnScroll(this::scroll);
    view.setOnKeyPressed(this::key);
  }

  private void point(MouseEvent event) {
    desk.pointedProperty().set(view.at(event.getX(), event.getY()));
    boolean over = desk.pointedProperty().get().isPresent();
    Optional<Boolean> edge =
        desk.stepProperty().get() == Step.DRESS
            ? edges.at(event.getX(), event.getY())
            : Optional.empty();
    Cursor hand = over ? Cursor.HAND : Cursor.DEFAULT;
    view.setCursor(edge.map(column -> column ? Cursor.H_RESIZE : Cursor.V_RESIZE).orElse(hand));
  }

  private void press(MouseEvent event) {
    view.requestFocus();
    grip = Optional.of(new Point2D(event.getX(), event.getY()));
    moved = false;
    begun =
        event.getButton() == MouseButton.PRIMARY
            ? view.at(event.getX(), event.getY())
            : Optional.empty();
    boolean primary = event.getButton() == MouseButton.PRIMARY;
    if (primary && desk.stepProperty().get() == Step.DRESS) {
      edges.grip(event.getX(), event.getY());
    }
    if (desk.stepProperty().get() == Step.ARRANGE) {
      dragging.grip(view.at(event.getX(), event.getY()));
    }
  }

  private void drag(MouseEvent event) {
    if (grip.isEmpty()) {
      return;
    }
    double dx = event.getX() - grip.get().getX();
    double dy = event.getY() - grip.get().getY();
    if (!moved && Math.hypot(dx, dy) <= 4) {
      return;
    }
    moved = true;
    if (edges.isOn()) {
      edges.to(event.getX(), event.getY());
    } else if (dragging.isOn()) {
      dragging.to(event.getX(), event.getY());
    } else if (begun.isPresent()) {
      view.at(event.getX(), event.getY()).ifPresent(to -> pickTo(begun.get(), to, event));
    } else {
      view.scrollBy(dx, dy);
      grip = Optional.of(new Point2D(event.getX(), event.getY()));
    }
  }

  private void release(MouseEvent event) {
    grip = Optional.empty();
    boolean resized = edges.drop(moved);
    boolean dropped = dragging.drop(moved);
    if (resized && !moved && event.getClickCount() == 2) {
      edges.free(event.getX(), event.getY());
      return;
    }
    if (dropped || moved || event.getButton() != MouseButton.PRIMARY) {
      return;
    }
    Optional<CellBox> box = view.at(event.getX(), event.getY());
    if (box.isEmpty()) {
      desk.pickProperty().set(Optional.empty());
    } else if (event.getClickCount() == 2 && edits.isEditable(box.get())) {
      edits.edit(box.get(), view.pagePoint(event.getX(), event.getY()).orElse(Point2D.ZERO));
    } else if (event.isShiftDown() && picked().isPresent()) {
      range(picked().get().cell(), box.get().cell(), List.of());
    } else if (event.isShortcutDown() && desk.pickProperty().get().isPresent()) {
      also(box.get().cell().place());
    } else {
      pick(box.get().cell());
    }
  }

  /// Picks from where the drag began to where it is; with Ctrl beside what is picked.
  private void pickTo(CellBox from, CellBox to, MouseEvent event) {
    List<CellMeaning> kept = new ArrayList<>();
    if (event.isShortcutDown()) {
      desk.pickProperty().get().ifPresent(pick -> kept.add(pick.place()));
      kept.addAll(desk.alsoProperty().get());
    }
    range(from.cell(), to.cell(), kept);
  }

  /// Picks from one cell to another, beside others.
  private void range(DressedCell from, DressedCell to, List<CellMeaning> kept) {
    Optional<Shown> shown = desk.shownProperty().get();
    if (shown.isEmpty()) {
      return;
    }
    Table table = shown.get().arranged().table();
    Set<CellMeaning> all = new LinkedHashSet<>(PickRange.between(table, from.place(), to.place()));
    all.addAll(kept);
    all.remove(from.place());
    Pick first = new Pick(from.place(), from.part(), 0);
    if (!desk.pickProperty().get().equals(Optional.of(first))) {
      desk.pickProperty().set(Optional.of(first));
    }
    List<CellMeaning> others = List.copyOf(all);
    if (!desk.alsoProperty().get().equals(others)) {
      desk.alsoProperty().set(others);
    }
  }

  /// Picks one more cell, or one less.
  private void also(CellMeaning place) {
    List<CellMeaning> more = new ArrayList<>(desk.alsoProperty().get());
    if (!more.remove(place)) {
      more.add(place);
    }
    desk.alsoProperty().set(List.copyOf(more));
  }

  /// Picks a cell; picking it again picks its part, and so outward.
  private void pick(DressedCell cell) {
    Optional<Pick> before = desk.pickProperty().get();
    boolean again = before.isPresent() && before.get().place().equals(cell.place());
    desk.pickProperty()
        .set(Optional.of(again ? before.get().outward() : new Pick(cell.place(), cell.part(), 0)));
  }

  private void scroll(ScrollEvent event) {
    if (event.isControlDown()) {
      view.magnify(event.getDeltaY() > 0 ? 1.1 : 1 / 1.1, event.getX(), event.getY());
    } else if (event.isShiftDown() && event.getDeltaX() == 0) {
      view.scrollBy(event.getDeltaY(), 0);
    } else {
      view.scrollBy(event.getDeltaX(), event.getDeltaY());
    }
    event.consume();
  }

  private void key(KeyEvent event) {
    if (event.isAltDown() && desk.stepProperty().get() == Step.ARRANGE) {
      if (new HeadingKeys(desk).moved(event.getCode())) {
        event.consume();
      }
      return;
    }
    boolean far = event.isShortcutDown();
    if (event.isAltDown() || far && !event.getCode().isArrowKey()) {
      return;
    }
    boolean known = true;
    switch (event.getCode()) {
      case UP -> step(0, -1, far, event.isShiftDown());
      case DOWN -> step(0, 1, far, event.isShiftDown());
      case LEFT -> step(-1, 0, far, event.isShiftDown());
      case RIGHT -> step(1, 0, far, event.isShiftDown());
      case ENTER, SPACE -> desk.pickProperty().set(desk.pickProperty().get().map(Pick::outward));
      case F2 -> picked().filter(edits::isEditable).ifPresent(edits::edit);
      case DELETE -> known = new HeadingKeys(desk).setAside();
      case ESCAPE -> known = escape();
      case PAGE_DOWN -> view.scrollBy(0, -view.getHeight() * 0.8);
      case PAGE_UP -> view.scrollBy(0, view.getHeight() * 0.8);
      case HOME -> view.scrollBy(0, 1e9);
      case END -> view.scrollBy(0, -1e9);
      default -> known = false;
    }
    if (known) {
      event.consume();
    }
  }

  private boolean escape() {
    boolean picked = desk.pickProperty().get().isPresent();
    desk.pickProperty().set(Optional.empty());
    return picked;
  }

  private Optional<CellBox> picked() {
    return desk.pickProperty().get().flatMap(pick -> view.boxOf(pick.place()));
  }

  private Optional<CellBox> beside(CellBox box, int dx, int dy) {
    return view.scroll().flatMap(scroll -> scroll.beside(box, dx, dy));
  }

  /// Picks the neighbour of the picked cell, or the first cell.
  ///
  /// @param far whether the last one in that direction is picked
  /// @param more whether what is picked stays so
  private void step(int dx, int dy, boolean far, boolean more) {
    Optional<CellBox> from = picked();
    Optional<CellBox> to =
        from.isEmpty() ? view.scroll().flatMap(Scroll::first) : beside(from.get(), dx, dy);
    for (int i = 0; far && i < FARTHEST; i++) {
      Optional<CellBox> next = to.flatMap(box -> beside(box, dx, dy));
      if (next.isEmpty()) {
        break;
      }
      to = next;
    }
    to.ifPresent(
        box -> {
          List<CellMeaning> kept = new ArrayList<>(desk.alsoProperty().get());
          from.ifPresent(one -> kept.add(one.cell().place()));
          kept.remove(box.cell().place());
          desk.pickProperty().set(Optional.of(new Pick(box.cell().place(), box.cell().part(), 0)));
          if (more) {
            desk.alsoProperty().set(List.copyOf(kept));
          }
          view.reveal(view.boxOf(box.cell().place()).orElse(box));
        });
  }
}
