package app.finish.desktop.check;

import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Checking;
import app.finish.desktop.model.Desk;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;

/// What the style that the table wears asks of it in sentences, and the way to one more.
final class DemandsPanel {
  private final Checking checking;
  private final VBox box = Benches.section(Texts.of("check.demands"));
  private final VBox rows = new VBox(6);

  DemandsPanel(Desk desk) {
    this.checking = desk.checking();
    box.getChildren().add(rows);
    Benches.follow(desk.shownProperty(), this::show);
  }

  VBox node() {
    return box;
  }

  private void show() {
    List<Node> nodes = new ArrayList<>();
    List<String> demands = checking.demands();
    for (int i = 0; i < demands.size(); i++) {
      String sentence = demands.get(i);
      Label words = new Label(sentence);
      words.setWrapText(true);
      Button out =
          Benches.button(
              "demand-" + (i + 1) + "-out", "word.takeOut", () -> checking.demand(sentence, false));
      out.getStyleClass().add("quiet-button");
      out.setAccessibleText(Texts.of("word.takeOutThis", sentence));
      nodes.add(Benches.spread(words, out));
    }
    TextField field = new TextField();
    field.setId("demand-new");
    field.setPromptText(Texts.of("check.demandNew"));
    field.setAccessibleText(Texts.of("check.demandNew"));
    field.setOnAction(event -> checking.demand(field.getText().strip(), true));
    nodes.add(field);
    Benches.replace(rows, nodes);
  }
}
