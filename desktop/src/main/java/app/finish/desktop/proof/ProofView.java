package app.finish.desktop.proof;

import app.finish.core.dress.CellMeaning;
import app.finish.core.layout.CellBox;
import app.finish.core.layout.sheet.FirstScreen;
import app.finish.core.layout.sheet.Scroll;
import app.finish.core.style.PartName;
import app.finish.desktop.kit.ProofPainter;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.EditableWords;
import app.finish.desktop.model.Shown;
import app.finish.desktop.model.Step;
import java.util.Optional;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.geometry.Orientation;
import javafx.geometry.Point2D;
import javafx.scene.AccessibleAttribute;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ScrollBar;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;

/// The table on its paper: drawn live, moved and magnified. Only what is in sight is laid out and
/// painted; heads and stub stay in view.
public final class ProofView extends Pane {
  private static final Color LANDING = Color.web("#c28a2a");
  private static final double DESK = 28;
  private static final double BAR = 12;

  /// What is so much wider than the desk is not made small enough to be in sight whole.
  private static final double ENDLESS = 0.3;

  private final Desk desk;
  private final ProofDrawing drawing;
  private final Canvas canvas = new Canvas();
  private final Region sheet = new Region();
  private final TagLayer tags;
  private final WordTags words;
  private final ProofCells cells;
  private final CompareSlider compared;
  private final ScrollBar down = new ScrollBar();
  private final ScrollBar across = new ScrollBar();
  private final DoubleProperty zoom = new SimpleDoubleProperty(1);
  private double left;
  private double top;
  private boolean fitting = true;
  private Optional<Bounds> landing = Optional.empty();

  public ProofView(Desk desk, ProofPainter painter) {
    this.desk = desk;
    this.drawing = new ProofDrawing(desk, this, painter);
    this.tags = new TagLayer(desk, this);
    this.words = new WordTags(desk, this);
    this.cells = new ProofCells(desk, this);
    this.compared = new CompareSlider(desk);
    getStyleClass().add("desk");
    setId("proof");
    setFocusTraversable(true);
    setAccessibleRole(AccessibleRole.TABLE_VIEW);
    sheet.getStyleClass().add("sheet");
    sheet.setManaged(false);
    sheet.visibleProperty().bind(desk.shownProperty().map(Optional::isPresent));
    bar(down, Orientation.VERTICAL);
    bar(across, Orientation.HORIZONTAL);
    Region focus = new Region();
    focus.getStyleClass().add("proof-focus");
    focus.setMouseTransparent(true);
    focus.setManaged(false);
    focus.visibleProperty().bind(focusVisibleProperty());
    layoutBoundsProperty()
        .addListener((p, before, now) -> focus.resize(now.getWidth(), now.getHeight()));
    getChildren().addAll(sheet, canvas, words, tags, compared, down, across, cells, focus);
    compared.setManaged(false);
    compared.whenChanged(this::draw);
    Rectangle sight = new Rectangle();
    sight.widthProperty().bind(widthProperty());
    sight.heightProperty().bind(heightProperty());
    setClip(sight);
    canvas.widthProperty().bind(widthProperty());
    canvas.heightProperty().bind(heightProperty());
    widthProperty().addListener((p, before, now) -> arrange());
    heightProperty().addListener((p, before, now) -> arrange());
    desk.shownProperty().addListener((p, before, now) -> changed(before, now));
    desk.showing()
        .glimpseProperty()
        .addListener((p, before, now) -> now.ifPresent(this::takeGlimpse));
    desk.pickProperty().addListener((p, before, now) -> draw());
    desk.alsoProperty().addListener((p, before, now) -> draw());
    desk.checking().findingsProperty().addListener((p, before, now) -> draw());
    desk.stepProperty().addListener((p, before, now) -> draw());
    desk.pointedProperty().addListener((p, before, now) -> draw());
    focusedProperty().addListener((p, before, now) -> draw());
    new ProofHands(desk, this).take();
  }

  private void bar(ScrollBar bar, Orientation orientation) {
    bar.setOrientation(orientation);
    bar.setManaged(false);
    bar.setFocusTraversable(false);
    bar.getStyleClass().add("proof-bar");
    bar.valueProperty()
        .addListener(
            (p, before, now) -> {
              boolean vertical = orientation == Orientation.VERTICAL;
              double other = DESK - now.doubleValue();
              if (bar.isVisible() && Math.abs((vertical ? top : left) - other) > 0.5) {
                scrollTo(vertical ? left : other, vertical ? other : top);
              }
            });
  }

  /// How much the table is magnified; 1 is 96 dots an inch.
  public DoubleProperty zoomProperty() {
    return zoom;
  }

  /// Where the paper's left edge is.
  double left() {
    return left;
  }

  /// Where the paper's upper edge is.
  double top() {
    return top;
  }

  double scale() {
    return zoom.get() * 96 / 72;
  }

  public Optional<Scroll> scroll() {
    return desk.shownProperty().get().map(Shown::scroll);
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
    desk.pointedProperty()
        .set(desk.pointedProperty().get().flatMap(box -> boxOf(box.cell().place())));
  }

  /// Shows the whole table, at most at actual size.
  public void fit() {
    fitting = true;
    arrange();
  }

  /// Magnifies around the middle.
  public void magnify(double factor) {
    magnify(factor, getWidth() / 2, getHeight() / 2);
  }

  /// Shows the table at this size.
  public void showAt(double size) {
    magnify(size / zoom.get());
  }

  public void magnify(double factor, double x, double y) {
    double next = Math.clamp(zoom.get() * factor, 0.1, 8);
    double real = next / zoom.get();
    zoom.set(next);
    scrollTo(x - (x - left) * real, y - (y - top) * real);
  }

  /// Puts the paper's upper left corner elsewhere, as far as it stays in sight.
  private void scrollTo(double x, double y) {
    fitting = false;
    left = x;
    top = y;
    keepInSight();
    draw();
  }

  void scrollBy(double dx, double dy) {
    scrollTo(left + dx, top + dy);
  }

  private void arrange() {
    compared.resizeRelocate(0, 0, getWidth(), getHeight());
    scroll()
        .ifPresent(
            now -> {
              if (fitting && getWidth() > 0) {
                double tall = (getHeight() - 2 * DESK) / (now.paper().height() * 96 / 72);
                fit(now, tall);
                top = DESK;
              }
              keepInSight();
            });
    draw();
  }

  /// Magnifies so that a sheet is in sight as far as it can still be read.
  ///
  /// @param tall how much it could be magnified to be in sight down to its end
  private void fit(Scroll now, double tall) {
    double wide = (getWidth() - 2 * DESK) / (now.paper().width() * 96 / 72);
    boolean endless = wide < ENDLESS;
    double least = endless ? 1 : wide * 0.72;
    zoom.set(Math.clamp(endless ? least : Math.min(wide, Math.max(tall, least)), 0.1, 1.25));
    left = DESK;
    left = centred(now);
  }

  /// Where the left edge of a sheet is, in the middle if all of it is in sight.
  private double centred(Scroll now) {
    double wide = now.paper().width() * scale();
    return wide + 2 * DESK <= getWidth()
        ? (getWidth() - wide) / 2
        : Math.clamp(left, getWidth() - wide - DESK, DESK);
  }

  /// Shows what is in sight of a table whose end is not known yet.
  private void takeGlimpse(Scroll now) {
    if (fitting && getWidth() > 0) {
      fit(now, 0);
    }
    left = centred(now);
    draw();
  }

  /// Lets no more than the desk's edge come between the paper and the window.
  private void keepInSight() {
    scroll()
        .ifPresent(
            now -> {
              double wide = now.paper().width() * scale();
              double tall = now.paper().height() * scale();
              left = centred(now);
              top =
                  tall + 2 * DESK <= getHeight()
                      ? DESK
                      : Math.clamp(top, getHeight() - tall - DESK, DESK);
              show(down, getHeight(), tall, top);
              show(across, getWidth(), wide, left);
              down.resizeRelocate(getWidth() - BAR, 0, BAR, getHeight());
              across.resizeRelocate(0, getHeight() - BAR, getWidth() - BAR, BAR);
            });
  }

  private static void show(ScrollBar bar, double room, double length, double at) {
    double over = length + 2 * DESK - room;
    bar.setVisible(over > 1);
    bar.setMax(Math.max(1, over));
    bar.setVisibleAmount(Math.max(1, over) * Math.min(1, room / (length + 2 * DESK)));
    bar.setUnitIncrement(40);
    bar.setBlockIncrement(room * 0.8);
    bar.setValue(Math.clamp(DESK - at, 0, Math.max(1, over)));
  }

  /// Shows where something that is dragged would land.
  void showLanding(Optional<Bounds> where) {
    landing = where;
    draw();
  }

  private void draw() {
    GraphicsContext gc = canvas.getGraphicsContext2D();
    gc.setTransform(1, 0, 0, 1, 0, 0);
    gc.clearRect(0, 0, getWidth(), getHeight());
    scroll()
        .ifPresent(
            now -> {
              Scroll seen = desk.showing().glimpse().orElse(now);
              placeSheet(seen);
              double right = (getWidth() - left) / scale();
              double bottom = (getHeight() - top) / scale();
              desk.showing().inSight(new FirstScreen.Area(right, bottom));
              drawing.draw(gc, seen);
              compared.against().ifPresent(other -> drawing.drawBeside(gc, other, compared.x()));
            });
    landing.ifPresent(
        at -> {
          gc.setFill(LANDING);
          gc.fillRect(at.getMinX(), at.getMinY(), at.getWidth(), at.getHeight());
        });
    tags.place();
    words.place();
  }

  /// How far from the edge what stays in view stands: behind the tags, if they are shown.
  private double edge() {
    return desk.stepProperty().get() == Step.ARRANGE ? 28 : 6;
  }

  /// How far the stub is moved to stay in view.
  double stubShift(Scroll now) {
    double at = left + now.paper().margin() * scale();
    boolean roomy = now.stubWidth() * scale() < getWidth() * 0.5;
    return roomy ? Math.max(0, edge() + 2 - at) : 0;
  }

  /// How far the heads are moved to stay in view, until the body's end pushes them out.
  double headsShift(Scroll now) {
    double at = top + now.headsTop() * scale();
    double end = top + now.bodyBottom() * scale();
    double height = (now.bodyTop() - now.headsTop()) * scale();
    boolean roomy = height > 0 && height < getHeight() * 0.5 && end > height + 40;
    return roomy ? Math.max(0, edge() - at) : 0;
  }

  /// Puts the sheet that throws the shadow under the page, no larger than what is in sight.
  private void placeSheet(Scroll now) {
    double x = Math.round(left);
    double y = Math.round(top);
    double width = now.paper().width() * scale();
    double height = now.paper().height() * scale();
    double x1 = Math.max(x, -40);
    double y1 = Math.max(y, -40);
    double x2 = Math.min(x + width, getWidth() + 40);
    double y2 = Math.min(y + height, getHeight() + 40);
    sheet.resizeRelocate(x1, y1, Math.max(0, x2 - x1), Math.max(0, y2 - y1));
  }

  /// The point of the page under a point of this view.
  Optional<Point2D> pagePoint(double x, double y) {
    return scroll()
        .map(
            now -> {
              double stub = stubShift(now);
              double heads = headsShift(now);
              double stubEdge = left + stub + (now.paper().margin() + now.stubWidth()) * scale();
              double headsEdge = top + heads + now.bodyTop() * scale();
              double dx = stub > 0 && x < stubEdge ? stub : 0;
              double dy = heads > 0 && y < headsEdge ? heads : 0;
              return new Point2D((x - left - dx) / scale(), (y - top - dy) / scale());
            });
  }

  /// The cell under a point of this view.
  Optional<CellBox> at(double x, double y) {
    return pagePoint(x, y)
        .flatMap(point -> scroll().flatMap(now -> now.at(point.getX(), point.getY())));
  }

  /// Where a box stands in this view.
  Bounds inView(double x, double y, double width, double height) {
    return new BoundingBox(
        left + x * scale(), top + y * scale(), width * scale(), height * scale());
  }

  Bounds inView(CellBox box) {
    return inView(box.x(), box.y(), box.width(), box.height());
  }

  Optional<CellBox> boxOf(CellMeaning place) {
    return scroll().flatMap(now -> now.boxOf(place));
  }

  /// The place of the general note among the notes, or −1.
  int generalNote() {
    return EditableWords.of(desk.shownProperty().get()).generalNote();
  }

  @Override
  public Object queryAccessibleAttribute(AccessibleAttribute attribute, Object... parameters) {
    return cells
        .answer(attribute, parameters)
        .orElseGet(() -> super.queryAccessibleAttribute(attribute, parameters));
  }

  /// Edits the title or the general note in place, even if there is none yet.
  public void edit(PartName part) {
    new ProofEdits(desk, this).edit(part);
  }

  /// Writes a note on what is picked.
  public void tieNote() {
    new ProofEdits(desk, this).tieNote();
  }

  /// Scrolls so that a cell is in sight.
  public void reveal(CellBox box) {
    Scroll now = scroll().orElseThrow();
    boolean inBody = box.y() >= now.bodyTop() - 0.01 && box.y() < now.bodyBottom();
    double heads = inBody ? (now.bodyTop() - now.headsTop()) * scale() : 0;
    boolean headsFixed = top + now.headsTop() * scale() + heads < heads + edge() + 14;
    double over = headsFixed ? heads + edge() + 8 : 8;
    double y = top + box.y() * scale();
    double bottom = y + box.height() * scale();
    double dy = 0;
    if (y < over) {
      dy = over - y;
    } else if (bottom > getHeight() - 8) {
      dy = getHeight() - 8 - bottom;
    }
    double stubEdge = edge() + 10 + now.stubWidth() * scale();
    double x = left + box.x() * scale();
    boolean inStub = box.x() < now.paper().margin() + now.stubWidth() - 0.01;
    double dx = 0;
    if (x + box.width() * scale() > getWidth() - 8) {
      dx = getWidth() - 8 - x - box.width() * scale();
    }
    if (x + dx < stubEdge && !inStub) {
      dx = stubEdge - x;
    }
    if (dx != 0 || dy != 0) {
      scrollBy(inStub ? 0 : dx, dy);
    } else {
      draw();
    }
  }

  /// Where a cell stands in this view, for whoever wants to point at it.
  public Optional<Point2D> middleOf(CellMeaning place) {
    return boxOf(place)
        .map(
            box -> {
              Bounds at = inView(box);
              return new Point2D(at.getCenterX(), at.getCenterY());
            });
  }

  public TagLayer tags() {
    return tags;
  }
}
