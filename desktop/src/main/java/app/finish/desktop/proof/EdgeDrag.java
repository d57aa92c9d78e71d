package app.finish.desktop.proof;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.TouchPlaces;
import app.finish.core.layout.CellBox;
import app.finish.core.layout.sheet.Scroll;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Shown;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;

/// Makes columns wider or narrower by the right edge of a head, and rows higher or lower by the
/// lower edge of a row heading. What is set is kept by the labels of the column or row. If several
/// are picked, all of them follow.
final class EdgeDrag {
  private static final double NEAR = 4;

  private final Desk desk;
  private final ProofView view;
  private Optional<Edge> held = Optional.empty();
  private double wanted;

  /// An edge that can be dragged.
  ///
  /// @param box the cell whose edge it is
  /// @param column whether it is that of a column, or of a row
  private record Edge(CellBox box, boolean column) {}

  EdgeDrag(Desk desk, ProofView view) {
    this.desk = desk;
    this.view = view;
  }

  /// Whether the edge of a column is at a point, or of a row; nothing elsewhere.
  Optional<Boolean> at(double x, double y) {
    return edge(x, y).map(Edge::column);
  }

  private Optional<Edge> edge(double x, double y) {
    return view.pagePoint(x, y).flatMap(point -> edge(x, y, point));
  }

  private Optional<Edge> edge(double x, double y, Point2D point) {
    double near = NEAR / view.scale();
    Optional<CellBox> left = view.at(x - NEAR, y).filter(EdgeDrag::isHead);
    if (left.isPresent()
        && Math.abs(left.get().x() + left.get().width() - point.getX()) <= near
        && !selectors(left.get().cell(), true).isEmpty()) {
      return left.map(box -> new Edge(box, true));
    }
    Optional<CellBox> above = view.at(x, y - NEAR).filter(EdgeDrag::isRowHeading);
    return above
        .filter(box -> Math.abs(box.y() + box.height() - point.getY()) <= near)
        .map(box -> new Edge(box, false));
  }

  private static boolean isHead(CellBox box) {
    return box.cell().place() instanceof CellMeaning.Head head && head.first() == head.last()
        || box.cell().place() instanceof CellMeaning.StubHead;
  }

  private static boolean isRowHeading(CellBox box) {
    return box.cell().place() instanceof CellMeaning.Stub && box.cell().rowSpan() == 1;
  }

  /// Takes hold of the edge at a point, if there is one.
  boolean grip(double x, double y) {
    held = edge(x, y);
    wanted = 0;
    return held.isPresent();
  }

  boolean isOn() {
    return held.isPresent();
  }

  /// Moves the edge to a point of the view.
  void to(double x, double y) {
    Edge edge = held.orElseThrow();
    Point2D point = view.pagePoint(x, y).orElse(Point2D.ZERO);
    CellBox box = edge.box;
    double size = edge.column ? point.getX() - box.x() : point.getY() - box.y();
    wanted = Math.max(6, Math.round(size * 2) / 2.0);
    Scroll scroll = view.scroll().orElseThrow();
    double tall = scroll.bodyBottom() - scroll.headsTop();
    double wide = scroll.columns().stream().mapToDouble(column -> column.width()).sum();
    Bounds line =
        edge.column
            ? view.inView(box.x() + wanted, scroll.headsTop(), 0, tall)
            : view.inView(scroll.paper().margin(), box.y() + wanted, wide, 0);
    view.showLanding(
        Optional.of(
            edge.column
                ? new BoundingBox(line.getMinX() - 1, line.getMinY(), 2, line.getHeight())
                : new BoundingBox(line.getMinX(), line.getMinY() - 1, line.getWidth(), 2)));
  }

  /// Lets go, and sets what was dragged.
  ///
  /// @return whether an edge was held
  boolean drop(boolean moved) {
    Optional<Edge> edge = held;
    held = Optional.empty();
    view.showLanding(Optional.empty());
    if (edge.isPresent() && moved && wanted > 0) {
      String points = (wanted == Math.rint(wanted) ? "" + (long) wanted : "" + wanted) + " pt";
      set(edge.get(), points);
    }
    return edge.isPresent();
  }

  /// Lets the column or row at a point be as its content again.
  boolean free(double x, double y) {
    Optional<Edge> edge = edge(x, y);
    edge.ifPresent(one -> set(one, "content"));
    return edge.isPresent();
  }

  private void set(Edge edge, String setting) {
    List<Selector> all = new ArrayList<>(selectors(edge.box.cell(), edge.column));
    List<Selector> picked = new ArrayList<>();
    desk.pickProperty().get().ifPresent(pick -> add(picked, pick.place(), edge.column));
    desk.alsoProperty().get().forEach(place -> add(picked, place, edge.column));
    if (picked.containsAll(all)) {
      all = picked.stream().distinct().toList();
    }
    if (!all.isEmpty()) {
      desk.dressing()
          .looks()
          .change(all, edge.column ? Property.COLUMN_WIDTH : Property.ROW_HEIGHT, setting);
    }
  }

  private void add(List<Selector> picked, CellMeaning place, boolean column) {
    view.boxOf(place).ifPresent(box -> picked.addAll(selectors(box.cell(), column)));
  }

  private List<Selector> selectors(DressedCell cell, boolean column) {
    if (column && cell.place() instanceof CellMeaning.StubHead(int at)) {
      boolean sole = view.scroll().orElseThrow().columns().size() > 0 && at == 0 && isOnlyStub();
      return List.of(
          sole ? Selector.of(PartName.STUB) : new Selector.OfPart(PartName.STUB, at + 1));
    }
    boolean fits =
        column
            ? cell.place() instanceof CellMeaning.Head
            : cell.place() instanceof CellMeaning.Stub;
    Optional<Shown> shown = desk.shownProperty().get();
    return fits && shown.isPresent()
        ? TouchPlaces.of(shown.get().naming(), cell.place(), true)
            .map(Selector.class::cast)
            .stream()
            .toList()
        : List.of();
  }

  private boolean isOnlyStub() {
    return view.boxOf(new CellMeaning.StubHead(1)).isEmpty();
  }
}
