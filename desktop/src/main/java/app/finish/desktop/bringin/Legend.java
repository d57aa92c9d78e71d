package app.finish.desktop.bringin;

import app.finish.desktop.kit.Benches;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Step;
import app.finish.desktop.proof.Tints;
import java.util.Map;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.paint.Color;
import javafx.scene.paint.Paint;
import javafx.scene.shape.Rectangle;

/// What the tints on the proof mean, while a table is brought in.
public final class Legend extends FlowPane {
  private static final double EDGES = 64;

  public Legend(Desk desk) {
    super(14, 4);
    getStyleClass().add("legend");
    setId("legend");
    setAlignment(Pos.CENTER_LEFT);
    setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
    setMouseTransparent(true);
    StackPane.setAlignment(this, Pos.BOTTOM_LEFT);
    StackPane.setMargin(this, new Insets(0, 0, 12, 18));
    for (Map.Entry<String, Paint> one : Tints.legend().entrySet()) {
      Rectangle swatch = new Rectangle(18, 12, one.getValue());
      swatch.setStroke(Color.web("#d8d0c0"));
      Label name = Benches.caption(one.getKey());
      name.setWrapText(false);
      name.setMinWidth(Region.USE_PREF_SIZE);
      getChildren().add(new HBox(5, swatch, name));
    }
    parentProperty().addListener((p, before, now) -> fit(now));
    Benches.follow(
        desk.stepProperty(), () -> setVisible(desk.stepProperty().get() == Step.BRING_IN));
  }

  /// It takes more lines where the desk is narrow.
  private void fit(Parent around) {
    prefWrapLengthProperty().unbind();
    if (around instanceof Region desk) {
      prefWrapLengthProperty().bind(desk.widthProperty().subtract(EDGES));
    }
  }
}
