package app.finish.desktop.bringin;

import app.finish.desktop.kit.Benches;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Step;
import app.finish.desktop.proof.Tints;
import java.util.Locale;
import java.util.Map;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.paint.Color;

/// What the tints on the proof mean, while a table is brought in.
public final class Legend extends HBox {
  public Legend(Desk desk) {
    super(14);
    getStyleClass().add("legend");
    setId("legend");
    setAlignment(Pos.CENTER_LEFT);
    setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
    setMouseTransparent(true);
    StackPane.setAlignment(this, Pos.BOTTOM_LEFT);
    StackPane.setMargin(this, new Insets(0, 0, 12, 18));
    for (Map.Entry<String, Color> one : Tints.legend().entrySet()) {
      Region swatch = new Region();
      swatch.getStyleClass().add("legend-swatch");
      swatch.setStyle("-fx-background-color: #fffefb, " + web(one.getValue()));
      getChildren().add(new HBox(5, swatch, Benches.caption(one.getKey())));
    }
    Benches.follow(
        desk.stepProperty(), () -> setVisible(desk.stepProperty().get() == Step.BRING_IN));
  }

  private static String web(Color colour) {
    return String.format(
        Locale.ROOT,
        "rgba(%d, %d, %d, %.3f)",
        Math.round(colour.getRed() * 255),
        Math.round(colour.getGreen() * 255),
        Math.round(colour.getBlue() * 255),
        colour.getOpacity());
  }
}
