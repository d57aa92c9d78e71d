package app.finish.desktop.proof;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.place.Side;
import app.finish.core.dress.CellMeaning;
import app.finish.core.layout.CellBox;
import app.finish.core.layout.sheet.Scroll;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.PickedHeading;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;

/// Drags a heading to another place among its neighbours. A bar shows where it will land.
public final class HeadingDrag {
  private final Desk desk;
  private final ProofView view;
  private Optional<PickedHeading> heading = Optional.empty();
  private int by;

  HeadingDrag(Desk desk, ProofView view) {
    this.desk = desk;
    this.view = view;
  }

  /// Takes hold of the heading in a box, if it is one.
  void grip(Optional<CellBox> box) {
    heading = box.flatMap(one -> PickedHeading.at(desk, one.cell().place()));
    by = 0;
  }

  boolean isOn() {
    return heading.isPresent();
  }

  /// A neighbour: its name, and where it begins and ends along its side.
  private record Neighbour(String label, double from, double to) {}

  /// Moves to a point of the view.
  void to(double x, double y) {
    PickedHeading dragged = heading.orElseThrow();
    Point2D point = view.pagePoint(x, y).orElse(Point2D.ZERO);
    boolean down = dragged.side() == Side.DOWN;
    double at = down ? point.getY() : point.getX();
    List<Neighbour> all = neighbours(dragged);
    int own = -1;
    for (int i = 0; i < all.size(); i++) {
      own = all.get(i).label.equals(dragged.path().getLast()) ? i : own;
    }
    int before = 0;
    while (before < all.size() && at > (all.get(before).from + all.get(before).to) / 2) {
      before++;
    }
    by = own < 0 ? 0 : before > own ? before - 1 - own : before - own;
    if (all.isEmpty() || own < 0) {
      view.showLanding(Optional.empty());
      return;
    }
    double line = before < all.size() ? all.get(before).from : all.getLast().to;
    view.showLanding(by == 0 ? Optional.empty() : Optional.of(bar(down, line)));
  }

  private Bounds bar(boolean down, double line) {
    Scroll scroll = view.scroll().orElseThrow();
    double margin = scroll.paper().margin();
    double width = scroll.columns().stream().mapToDouble(column -> column.width()).sum();
    Bounds at =
        down
            ? view.inView(margin, line, width, 0)
            : view.inView(line, scroll.headsTop(), 0, scroll.bodyBottom() - scroll.headsTop());
    return down
        ? new BoundingBox(at.getMinX() - 6, at.getMinY() - 1.5, at.getWidth() + 12, 3)
        : new BoundingBox(at.getMinX() - 1.5, at.getMinY() - 6, 3, at.getHeight() + 12);
  }

  /// The headings of the same group, in order.
  private List<Neighbour> neighbours(PickedHeading dragged) {
    Arranged arranged = desk.shownProperty().get().orElseThrow().arranged();
    List<List<String>> paths = arranged.paths(dragged.side());
    int level = dragged.path().size() - 1;
    List<String> group = dragged.path().subList(0, level);
    List<Neighbour> all = new ArrayList<>();
    String last = "";
    for (int leaf = 0; leaf < paths.size(); leaf++) {
      List<String> path = paths.get(leaf);
      if (path.size() <= level || !path.subList(0, level).equals(group)) {
        continue;
      }
      Optional<CellBox> box = box(dragged.side(), leaf);
      if (box.isEmpty()) {
        continue;
      }
      boolean down = dragged.side() == Side.DOWN;
      double from = down ? box.get().y() : box.get().x();
      double to = from + (down ? box.get().height() : box.get().width());
      if (!all.isEmpty() && path.get(level).equals(last)) {
        all.set(all.size() - 1, new Neighbour(last, all.getLast().from, to));
      } else {
        last = path.get(level);
        all.add(new Neighbour(last, from, to));
      }
    }
    return all;
  }

  /// The box of a figure of a leaf: its row or column.
  private Optional<CellBox> box(Side side, int leaf) {
    return view.boxOf(
        side == Side.DOWN ? new CellMeaning.Body(leaf, 0) : new CellMeaning.Body(0, leaf));
  }

  /// Lets go; makes the move if the heading was dragged elsewhere.
  ///
  /// @return whether a heading was dragged
  boolean drop(boolean moved) {
    Optional<PickedHeading> dragged = moved ? heading : Optional.empty();
    view.showLanding(Optional.empty());
    heading = Optional.empty();
    if (by != 0) {
      dragged.ifPresent(one -> desk.arranging().on(List.of(one)).shift(by));
    }
    return dragged.isPresent();
  }
}
