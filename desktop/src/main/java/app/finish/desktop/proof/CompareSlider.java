package app.finish.desktop.proof;

import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.layout.Paper;
import app.finish.core.layout.sheet.Scroll;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Step;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.scene.Cursor;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;

/// The divider that parts the proof in two while it is compared: to its left the table as it is, to
/// its right in another style, or as it came. It is moved with the mouse or the arrow keys.
public final class CompareSlider extends Pane {
  private static final double GRIP = 14;

  private final Desk desk;
  private final DoubleProperty share = new SimpleDoubleProperty(0.5);
  private final Region line = new Region();
  private final Region grip = new Region();
  private final Label mine = new Label();
  private final Label other = new Label();
  private Optional<Scroll> against = Optional.empty();
  private Runnable changed = () -> {};
  private int asked;

  CompareSlider(Desk desk) {
    this.desk = desk;
    setPickOnBounds(false);
    line.getStyleClass().add("compare-line");
    line.setMouseTransparent(true);
    grip.getStyleClass().add("compare-grip");
    grip.setId("compare-slider");
    grip.setFocusTraversable(true);
    grip.setCursor(Cursor.H_RESIZE);
    grip.setAccessibleText(Texts.of("dress.slider"));
    mine.getStyleClass().add("compare-name");
    other.getStyleClass().add("compare-name");
    for (Region one : List.of(line, mine, other, grip)) {
      one.setManaged(false);
      getChildren().add(one);
    }
    grip.setOnMouseDragged(event -> to(sceneToLocal(event.getSceneX(), 0).getX() / getWidth()));
    grip.setOnMousePressed(
        event -> {
          grip.requestFocus();
          event.consume();
        });
    grip.setOnMouseReleased(event -> event.consume());
    grip.setOnKeyPressed(
        event -> {
          switch (event.getCode()) {
            case LEFT -> to(share.get() - 0.05);
            case RIGHT -> to(share.get() + 0.05);
            case ESCAPE -> desk.dressing().againstProperty().set(Optional.empty());
            default -> {
              return;
            }
          }
          event.consume();
        });
    share.addListener((p, before, now) -> place());
    widthProperty().addListener((p, before, now) -> place());
    heightProperty().addListener((p, before, now) -> place());
    desk.shownProperty().addListener((p, before, now) -> follow());
    desk.stepProperty().addListener((p, before, now) -> follow());
    desk.dressing().againstProperty().addListener((p, before, now) -> follow());
    setVisible(false);
  }

  /// Does this whenever something about the comparison changes.
  void whenChanged(Runnable work) {
    changed = work;
  }

  /// What is shown to the right of the divider, if the table is compared.
  Optional<Scroll> against() {
    return isVisible() ? against : Optional.empty();
  }

  /// Where the divider stands.
  double x() {
    return share.get() * getWidth();
  }

  private void to(double wanted) {
    share.set(Math.clamp(wanted, 0.05, 0.95));
  }

  private void place() {
    double x = x();
    line.resizeRelocate(x - 1, 0, 2, getHeight());
    grip.resizeRelocate(x - GRIP / 2, getHeight() / 2 - 22, GRIP, 44);
    mine.autosize();
    other.autosize();
    mine.relocate(x - mine.getWidth() - 8, 8);
    other.relocate(x + 8, 8);
    changed.run();
  }

  private void follow() {
    Optional<String> with = desk.dressing().againstProperty().get();
    boolean on =
        with.isPresent() && desk.table().isPresent() && desk.stepProperty().get() == Step.DRESS;
    if (!on) {
      setVisible(false);
      against = Optional.empty();
      changed.run();
      return;
    }
    int own = ++asked;
    String style = with.get();
    Finish now = desk.table().get().finish();
    Finish compared = style.isEmpty() ? Finish.in("Plain") : now.withStyle(style);
    Document document = desk.dressing().holding(desk.document(), compared.style());
    int at = desk.indexProperty().get();
    desk.worker()
        .behind(
            () -> desk.proofs().picture(document, at, compared, Paper.A4.unpaged()),
            made -> {
              if (own == asked) {
                against = Optional.of(made.scroll());
                mine.setText(now.style());
                other.setText(style.isEmpty() ? Texts.of("dress.compare.came") : style);
                setVisible(true);
                place();
              }
            },
            desk::tell);
  }
}
