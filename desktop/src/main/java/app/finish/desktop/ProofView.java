package app.finish.desktop;

import app.finish.core.dress.DressedCell;
import app.finish.core.dress.Place;
import app.finish.core.layout.CellBox;
import app.finish.core.layout.Proof;
import app.finish.core.style.Colour;
import app.finish.core.style.PartName;
import java.util.Optional;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.geometry.BoundingBox;
import javafx.geometry.Point2D;
import javafx.scene.AccessibleRole;
import javafx.scene.Cursor;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;

/// The table on its paper: drawn live, moved and magnified, pointed at, picked and edited in place.
final class ProofView extends Pane {
  private static final Color PAPER = Color.web("#fffefb");
  private static final double DESK = 28;

  private final Workbench bench;
  private final ProofPainter painter;
  private final Canvas canvas = new Canvas();
  private final Region sheet = new Region();
  private final DoubleProperty zoom = new SimpleDoubleProperty(1);
  private double left;
  private double top;
  private boolean fitting = true;
  private Optional<Point2D> grip = Optional.empty();
  private boolean moved;

  ProofView(Workbench bench, ProofPainter painter) {
    this.bench = bench;
    this.painter = painter;
    getStyleClass().add("desk");
    setId("proof");
    setFocusTraversable(true);
    setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    sheet.getStyleClass().add("sheet");
    sheet.setManaged(false);
    sheet.visibleProperty().bind(bench.shownProperty().map(Optional::isPresent));
    getChildren().addAll(sheet, canvas);
    Rectangle sight = new Rectangle();
    sight.widthProperty().bind(widthProperty());
    sight.heightProperty().bind(heightProperty());
    setClip(sight);
    canvas.widthProperty().bind(widthProperty());
    canvas.heightProperty().bind(heightProperty());
    widthProperty().addListener((p, before, now) -> arrange());
    heightProperty().addListener((p, before, now) -> arrange());
    bench.shownProperty().addListener((p, before, now) -> changed(before, now));
    bench.pickProperty().addListener((p, before, now) -> draw());
    bench.stepProperty().addListener((p, before, now) -> draw());
    bench.pointedProperty().addListener((p, before, now) -> draw());
    focusedProperty().addListener((p, before, now) -> draw());
    setOnMouseMoved(this::point);
    setOnMouseExited(event -> bench.pointedProperty().set(Optional.empty()));
    setOnMousePressed(this::press);
    setOnMouseDragged(this::drag);
    setOnMouseReleased(this::release);
    setOnScroll(this::scroll);
    setOnKeyPressed(this::key);
  }

  /// How much the table is magnified; 1 is 96 dots an inch.
  DoubleProperty zoomProperty() {
    return zoom;
  }

  private double scale() {
    return zoom.get() * 96 / 72;
  }

  private Optional<Proof.Page> page() {
    return bench.shownProperty().get().map(shown -> shown.proof().pages().getFirst());
  }

  private void changed(Optional<Shown> before, Optional<Shown> now) {
    setAccessibleText(now.map(shown -> Texts.of("proof.name", shown.number())).orElse(""));
    boolean same =
        before.isPresent()
            && now.isPresent()
            && before.get().table().id().equals(now.get().table().id());
    if (!same) {
      fitting = true;
    }
    arrange();
    bench
        .pointedProperty()
        .set(bench.pointedProperty().get().flatMap(box -> boxOf(box.cell().place())));
  }

  /// Shows the whole table, at most at actual size.
  void fit() {
    fitting = true;
    arrange();
  }

  /// Magnifies around the middle.
  void magnify(double factor) {
    magnify(factor, getWidth() / 2, getHeight() / 2);
  }

  /// Shows the table at this size.
  void showAt(double size) {
    magnify(size / zoom.get());
  }

  private void magnify(double factor, double x, double y) {
    double next = Math.clamp(zoom.get() * factor, 0.1, 8);
    double real = next / zoom.get();
    left = x - (x - left) * real;
    top = y - (y - top) * real;
    fitting = false;
    zoom.set(next);
    keepInSight();
    draw();
  }

  private void arrange() {
    page()
        .ifPresent(
            page -> {
              if (fitting && getWidth() > 0) {
                double wide = (getWidth() - 2 * DESK) / (page.width() * 96 / 72);
                double tall = (getHeight() - 2 * DESK) / (page.height() * 96 / 72);
                zoom.set(Math.clamp(Math.min(wide, Math.max(tall, wide * 0.72)), 0.1, 1.25));
                left = (getWidth() - page.width() * scale()) / 2;
                top = DESK;
              }
              keepInSight();
            });
    draw();
  }

  /// Lets no more than the desk's edge come between the paper and the window.
  private void keepInSight() {
    page()
        .ifPresent(
            page -> {
              double wide = page.width() * scale();
              double tall = page.height() * scale();
              left =
                  wide + 2 * DESK <= getWidth()
                      ? (getWidth() - wide) / 2
                      : Math.clamp(left, getWidth() - wide - DESK, DESK);
              top =
                  tall + 2 * DESK <= getHeight()
                      ? DESK
                      : Math.clamp(top, getHeight() - tall - DESK, DESK);
            });
  }

  private void draw() {
    GraphicsContext gc = canvas.getGraphicsContext2D();
    gc.setTransform(1, 0, 0, 1, 0, 0);
    gc.clearRect(0, 0, getWidth(), getHeight());
    page().ifPresent(page -> drawPage(gc, page));
  }

  private void drawPage(GraphicsContext gc, Proof.Page page) {
    double scale = scale();
    double x = Math.round(left);
    double y = Math.round(top);
    placeSheet(x, y, page.width() * scale, page.height() * scale);
    Colour paper =
        bench.shownProperty().get().orElseThrow().proof().dressed().palette().colour("paper");
    boolean white = paper.rgb() == 0xffffff;
    gc.setFill(white ? PAPER : painter.colour(paper));
    gc.fillRect(x, y, page.width() * scale, page.height() * scale);
    gc.save();
    gc.translate(x, y);
    gc.scale(scale, scale);
    if (bench.stepProperty().get() == Step.BRING_IN) {
      tint(gc, page);
    }
    painter.paint(gc, page, -y / scale, (getHeight() - y) / scale, 0.75 / scale);
    new Outlines(gc, scale).draw(page, bench.pointedProperty().get(), bench.pickProperty().get());
    gc.restore();
  }

  private void tint(GraphicsContext gc, Proof.Page page) {
    Tints tints = Tints.of(bench.shownProperty().get().orElseThrow());
    for (CellBox box : page.boxes()) {
      tints
          .of(box)
          .ifPresent(
              colour -> {
                gc.setFill(colour);
                gc.fillRect(box.x(), box.y(), box.width(), box.height());
              });
    }
  }

  /// Puts the sheet that throws the shadow under the page, no larger than what is in sight.
  private void placeSheet(double x, double y, double width, double height) {
    double x1 = Math.max(x, -40);
    double y1 = Math.max(y, -40);
    double x2 = Math.min(x + width, getWidth() + 40);
    double y2 = Math.min(y + height, getHeight() + 40);
    sheet.resizeRelocate(x1, y1, Math.max(0, x2 - x1), Math.max(0, y2 - y1));
  }

  private Optional<CellBox> at(MouseEvent event) {
    return page()
        .flatMap(page -> page.at((event.getX() - left) / scale(), (event.getY() - top) / scale()));
  }

  private void point(MouseEvent event) {
    bench.pointedProperty().set(at(event));
    setCursor(bench.pointedProperty().get().isPresent() ? Cursor.HAND : Cursor.DEFAULT);
  }

  private void press(MouseEvent event) {
    requestFocus();
    grip = Optional.of(new Point2D(event.getX(), event.getY()));
    moved = false;
  }

  private void drag(MouseEvent event) {
    grip.ifPresent(
        from -> {
          double dx = event.getX() - from.getX();
          double dy = event.getY() - from.getY();
          if (moved || Math.hypot(dx, dy) > 4) {
            moved = true;
            fitting = false;
            left += dx;
            top += dy;
            keepInSight();
            grip = Optional.of(new Point2D(event.getX(), event.getY()));
            draw();
          }
        });
  }

  private void release(MouseEvent event) {
    grip = Optional.empty();
    if (moved || event.getButton() != MouseButton.PRIMARY) {
      return;
    }
    Optional<CellBox> box = at(event);
    if (box.isEmpty()) {
      bench.pickProperty().set(Optional.empty());
    } else if (event.getClickCount() == 2 && words().isEditable(box.get().cell())) {
      edit(box.get());
    } else {
      pick(box.get().cell());
    }
  }

  /// Picks a cell; picking it again picks its part, and so outward.
  private void pick(DressedCell cell) {
    Optional<Pick> before = bench.pickProperty().get();
    boolean again = before.isPresent() && before.get().place().equals(cell.place());
    bench
        .pickProperty()
        .set(Optional.of(again ? before.get().outward() : new Pick(cell.place(), cell.part(), 0)));
  }

  private ShownWords words() {
    return ShownWords.of(bench.shownProperty().get());
  }

  /// Edits the title or the general note in place, even if there is none yet.
  void edit(PartName part) {
    page()
        .ifPresent(
            page -> {
              int index = part == PartName.NOTE ? words().generalNote() : 0;
              Optional<CellBox> box = boxOf(new Place.Word(part, index));
              if (box.isPresent()) {
                edit(box.get());
              } else {
                double margin = bench.shownProperty().get().orElseThrow().proof().paper().margin();
                double y = part == PartName.TITLE ? margin / 3 : page.height() - margin;
                edit(part, "", margin, y, page.width() - 2 * margin, 11);
              }
            });
  }

  private void edit(CellBox box) {
    PartName part = box.cell().part().name();
    edit(part, words().of(part), box.x(), box.y(), box.width(), box.cell().look().size());
  }

  private void edit(PartName part, String text, double x, double y, double width, double size) {
    InPlaceEdit.begin(
        this,
        part,
        text,
        new BoundingBox(
            left + x * scale(), top + y * scale(), width * scale(), size * scale() * 1.9),
        size * scale(),
        written -> bench.word(part, written));
  }

  private void scroll(ScrollEvent event) {
    if (event.isControlDown()) {
      magnify(event.getDeltaY() > 0 ? 1.1 : 1 / 1.1, event.getX(), event.getY());
    } else {
      fitting = false;
      left += event.getDeltaX();
      top += event.getDeltaY();
      keepInSight();
      draw();
    }
    event.consume();
  }

  private void key(KeyEvent event) {
    if (event.isControlDown() || event.isAltDown() || event.isMetaDown()) {
      return;
    }
    boolean known = true;
    switch (event.getCode()) {
      case UP -> step(0, -1);
      case DOWN -> step(0, 1);
      case LEFT -> step(-1, 0);
      case RIGHT -> step(1, 0);
      case ENTER, SPACE -> bench.pickProperty().set(bench.pickProperty().get().map(Pick::outward));
      case F2 -> picked().filter(box -> words().isEditable(box.cell())).ifPresent(this::edit);
      case ESCAPE -> known = escape();
      case PAGE_DOWN -> pan(-getHeight() * 0.8);
      case PAGE_UP -> pan(getHeight() * 0.8);
      default -> known = false;
    }
    if (known) {
      event.consume();
    }
  }

  private boolean escape() {
    boolean picked = bench.pickProperty().get().isPresent();
    bench.pickProperty().set(Optional.empty());
    return picked;
  }

  private void pan(double by) {
    fitting = false;
    top += by;
    keepInSight();
    draw();
  }

  private Optional<CellBox> picked() {
    return bench.pickProperty().get().flatMap(pick -> boxOf(pick.place()));
  }

  private Optional<CellBox> boxOf(Place place) {
    return page()
        .flatMap(
            page ->
                page.boxes().stream().filter(box -> box.cell().place().equals(place)).findFirst());
  }

  /// Picks the neighbour of the picked cell, or the first cell.
  private void step(int dx, int dy) {
    page()
        .ifPresent(
            page -> {
              Optional<CellBox> from = picked();
              Optional<CellBox> to =
                  from.isEmpty()
                      ? page.boxes().stream().findFirst()
                      : page.beside(from.get(), dx, dy);
              to.ifPresent(
                  box -> {
                    bench
                        .pickProperty()
                        .set(Optional.of(new Pick(box.cell().place(), box.cell().part(), 0)));
                    reveal(box);
                  });
            });
  }

  private void reveal(CellBox box) {
    double y = top + box.y() * scale();
    double bottom = y + box.height() * scale();
    if (y < 8) {
      top += 8 - y;
    } else if (bottom > getHeight() - 8) {
      top -= bottom - getHeight() + 8;
    }
    draw();
  }

  /// Where a cell stands in this view, for whoever wants to point at it.
  Optional<Point2D> middleOf(Place place) {
    return boxOf(place)
        .map(
            box ->
                new Point2D(
                    left + (box.x() + box.width() / 2) * scale(),
                    top + (box.y() + box.height() / 2) * scale()));
  }
}
