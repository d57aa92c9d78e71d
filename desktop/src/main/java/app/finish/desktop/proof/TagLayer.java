package app.finish.desktop.proof;

import app.finish.core.arrange.place.Side;
import app.finish.core.layout.sheet.Scroll;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Step;
import app.finish.desktop.model.Tag;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;

/// The tags of the dimensions, on the edge of the paper along which each runs: down the left edge,
/// across the upper one, those held in the corner. A tag is dragged along an edge or to another, or
/// moved with the arrow keys.
public final class TagLayer extends Pane {
  private static final double HIGH = 22;
  private static final double GAP = 6;

  /// Where a dragged tag would land.
  private record Landing(Optional<Side> side, int depth) {}

  private final Desk desk;
  private final ProofView view;
  private final TagMoves moves;
  private final List<Label> labels = new ArrayList<>();
  private final Label hint = new Label();
  private List<Tag> tags = List.of();
  private Optional<Landing> landing = Optional.empty();
  private OptionalInt gripped = OptionalInt.empty();
  private Optional<String> refocus = Optional.empty();

  TagLayer(Desk desk, ProofView view) {
    this.desk = desk;
    this.view = view;
    this.moves = new TagMoves(desk);
    setPickOnBounds(false);
    setManaged(false);
    setId("tags");
    hint.getStyleClass().add("tag-hint");
    hint.setManaged(false);
    hint.setVisible(false);
    hint.setMouseTransparent(true);
    desk.shownProperty().addListener((p, before, now) -> show());
    desk.stepProperty().addListener((p, before, now) -> show());
    desk.arranging().redraws().pendingProperty().addListener((p, before, now) -> show());
    view.addEventFilter(MouseEvent.MOUSE_DRAGGED, this::follow);
    view.addEventFilter(MouseEvent.MOUSE_RELEASED, this::letGo);
  }

  private void show() {
    boolean arranging = desk.stepProperty().get() == Step.ARRANGE;
    Optional<String> focused =
        labels.stream().filter(Label::isFocused).map(Label::getText).findFirst();
    if (focused.isPresent()) {
      refocus = refocus.or(() -> focused);
      view.requestFocus();
    }
    tags = arranging ? moves.tags() : List.of();
    labels.clear();
    gripped = OptionalInt.empty();
    for (int i = 0; i < tags.size(); i++) {
      labels.add(label(tags.get(i), i));
    }
    getChildren().setAll(labels);
    getChildren().add(hint);
    place();
    focusAgain();
  }

  private void focusAgain() {
    refocus.ifPresent(
        name ->
            labels.stream()
                .filter(label -> label.getText().equals(name))
                .findFirst()
                .ifPresent(Label::requestFocus));
    refocus = Optional.empty();
  }

  private Label label(Tag tag, int index) {
    Label label = new Label(tag.name());
    label.setId("tag-" + (index + 1));
    label.getStyleClass().addAll("tag", tag.isHeld() ? "tag-held" : "tag-running");
    label.setManaged(false);
    label.setFocusTraversable(true);
    label.setAccessibleRole(AccessibleRole.BUTTON);
    label.setAccessibleText(words(tag));
    label.setMaxWidth(190);
    label.setRotate(tag.side() == Side.DOWN && !tag.isHeld() ? -90 : 0);
    label.addEventHandler(MouseEvent.MOUSE_PRESSED, event -> press(index, event));
    label.addEventHandler(KeyEvent.KEY_PRESSED, event -> key(tag, event));
    return label;
  }

  private static String words(Tag tag) {
    if (tag.isHeld()) {
      return Texts.of("tag.held", tag.member());
    }
    int side = tag.side() == Side.DOWN ? 0 : 1;
    return Texts.of("tag.name", tag.name(), side, tag.level() + 1, tag.levels());
  }

  private void press(int index, MouseEvent event) {
    labels.get(index).requestFocus();
    gripped = OptionalInt.of(index);
    landing = Optional.empty();
    event.consume();
  }

  /// Follows a tag that is held, wherever on the proof the pointer is.
  private void follow(MouseEvent event) {
    gripped.ifPresent(index -> drag(tags.get(index), labels.get(index), event));
  }

  private void letGo(MouseEvent event) {
    gripped.ifPresent(index -> drop(tags.get(index), labels.get(index), event));
    gripped = OptionalInt.empty();
  }

  private void key(Tag tag, KeyEvent event) {
    boolean plain = !event.isControlDown() && !event.isAltDown() && !event.isMetaDown();
    refocus = Optional.of(event.getCode() == KeyCode.H ? tag.member() : tag.name());
    if (plain && moves.key(tag, event.getCode())) {
      event.consume();
    } else {
      refocus = Optional.empty();
    }
  }

  private void drag(Tag tag, Label label, MouseEvent event) {
    Point2D at = sceneToLocal(event.getSceneX(), event.getSceneY());
    landing = landingAt(tag, at);
    label.setOpacity(0.45);
    hint.setText(landing.map(one -> words(tag, one)).orElse(Texts.of("tag.nowhere")));
    hint.autosize();
    hint.relocate(at.getX() + 14, at.getY() + 14);
    hint.setVisible(true);
    view.showLanding(landing.flatMap(this::bar));
    event.consume();
  }

  private static String words(Tag tag, Landing landing) {
    if (landing.side.isEmpty()) {
      return Texts.of("tag.willHold", tag.name(), tag.member());
    }
    int side = landing.side.get() == Side.DOWN ? 0 : 1;
    return Texts.of("tag.will", tag.name(), side, landing.depth + 1);
  }

  private void drop(Tag tag, Label label, MouseEvent event) {
    hint.setVisible(false);
    view.showLanding(Optional.empty());
    label.setOpacity(1);
    refocus = Optional.of(tag.name());
    landing.ifPresent(
        one ->
            one.side.ifPresentOrElse(
                side -> moves.place(tag, side, one.depth), () -> moves.hold(tag)));
    landing = Optional.empty();
    event.consume();
  }

  /// On which edge, and between which tags, a point is. The corner holds.
  private Optional<Landing> landingAt(Tag tag, Point2D at) {
    Bounds corner = corner();
    if (at.getX() < corner.getMaxX() && at.getY() < corner.getMaxY()) {
      return tag.isHeld() ? Optional.empty() : Optional.of(new Landing(Optional.empty(), 0));
    }
    double fromTop = at.getY() - corner.getMaxY();
    double fromLeft = at.getX() - corner.getMaxX();
    boolean across = fromTop <= fromLeft;
    if (Math.min(fromTop, fromLeft) > 220) {
      return Optional.empty();
    }
    Side side = across ? Side.ACROSS : Side.DOWN;
    int depth = 0;
    for (int i = 0; i < tags.size(); i++) {
      Tag one = tags.get(i);
      if (one.isHeld() || one.side() != side || one == tag) {
        continue;
      }
      Bounds bounds = labels.get(i).getBoundsInParent();
      boolean behind = across ? at.getX() > bounds.getCenterX() : at.getY() > bounds.getCenterY();
      depth += behind ? 1 : 0;
    }
    return Optional.of(new Landing(Optional.of(side), depth));
  }

  /// The corner of the paper, in which held dimensions have their tags.
  private Bounds corner() {
    return view.scroll()
        .map(
            scroll -> {
              double margin = scroll.paper().margin();
              Bounds stub = view.inView(margin, scroll.headsTop(), scroll.stubWidth(), 0);
              Bounds paper = view.inView(0, 0, 0, 0);
              double right = Math.clamp(stub.getMaxX(), 90, Math.max(90, getScene().getWidth()));
              double low = Math.max(HIGH + 8, paper.getMinY() + 16);
              return (Bounds) new BoundingBox(0, 0, right, low);
            })
        .orElse(new BoundingBox(0, 0, 90, HIGH));
  }

  /// A bar on the table where the dimension would run.
  private Optional<Bounds> bar(Landing landing) {
    Optional<Scroll> scroll = view.scroll();
    if (scroll.isEmpty() || landing.side.isEmpty()) {
      return Optional.empty();
    }
    Scroll now = scroll.get();
    double margin = now.paper().margin();
    double table = now.columns().stream().mapToDouble(column -> column.width()).sum();
    long levels =
        tags.stream().filter(tag -> !tag.isHeld() && tag.side() == landing.side.get()).count();
    double share = Math.min(1, (double) landing.depth / Math.max(1, levels));
    if (landing.side.get() == Side.ACROSS) {
      double y = now.headsTop() + (now.bodyTop() - now.headsTop()) * share;
      Bounds at = view.inView(margin + now.stubWidth(), y, table - now.stubWidth(), 0);
      return Optional.of(new BoundingBox(at.getMinX(), at.getMinY() - 1.5, at.getWidth(), 3));
    }
    double x = margin + now.stubWidth() * share;
    Bounds at = view.inView(x, now.bodyTop(), 0, now.bodyBottom() - now.bodyTop());
    double bottom = Math.min(at.getMaxY(), view.getHeight());
    double top = Math.max(0, at.getMinY());
    return Optional.of(new BoundingBox(at.getMinX() - 1.5, top, 3, Math.max(0, bottom - top)));
  }

  /// Puts the tags on the edges of the paper, or of the view where the paper's are out of sight.
  void place() {
    if (tags.isEmpty() || view.scroll().isEmpty()) {
      return;
    }
    Scroll scroll = view.scroll().get();
    Bounds paper = view.inView(0, 0, scroll.paper().width(), scroll.paper().height());
    double margin = scroll.paper().margin();
    Bounds heads = view.inView(margin + scroll.stubWidth(), scroll.headsTop(), 0, 0);
    double edgeX = Math.max(2, paper.getMinX() - HIGH / 2);
    double edgeY = Math.max(2, paper.getMinY() - HIGH / 2);
    double nextHeld = Math.max(edgeX + HIGH + GAP, view.inView(margin, 0, 0, 0).getMinX());
    double held = nextHeld;
    double across = Math.max(heads.getMinX(), edgeX + HIGH + GAP);
    double down =
        Math.max(edgeY + HIGH + GAP * 2, view.inView(0, scroll.headsTop(), 0, 0).getMinY());
    for (int i = 0; i < tags.size(); i++) {
      Label label = labels.get(i);
      label.applyCss();
      double wide = Math.min(190, Math.ceil(label.prefWidth(HIGH)));
      label.resize(wide, HIGH);
      if (tags.get(i).isHeld()) {
        label.relocate(held, edgeY);
        held += wide + GAP;
        across = Math.max(across, held + GAP);
      }
    }
    for (int i = 0; i < tags.size(); i++) {
      Label label = labels.get(i);
      if (tags.get(i).isHeld()) {
        continue;
      }
      if (tags.get(i).side() == Side.ACROSS) {
        label.relocate(across, edgeY);
        across += label.getWidth() + GAP;
      } else {
        double wide = label.getWidth();
        label.relocate(edgeX + HIGH / 2 - wide / 2, down + wide / 2 - HIGH / 2);
        down += wide + GAP;
      }
    }
  }
}
