package app.finish.desktop.arrange;

import app.finish.core.arrange.move.Levels;
import app.finish.core.arrange.move.Move;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.CellOffers;
import app.finish.desktop.model.Desk;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;

/// What can be done with what stands in cells: measures joined and taken apart, probabilities as
/// stars, matrices halved. Only what makes sense for the table at hand is offered.
final class CellsPanel {
  private final Desk desk;
  private final VBox box = Benches.section("");

  CellsPanel(Desk desk) {
    this.desk = desk;
  }

  Node build() {
    box.setId("cells");
    Benches.follow(desk.shownProperty(), this::show);
    return box;
  }

  private void show() {
    List<Move> moves = new CellOffers(desk).all();
    List<Node> nodes = new ArrayList<>();
    if (!moves.isEmpty()) {
      nodes.add(Benches.heading(Texts.of("arrange.cells")));
    }
    for (int i = 0; i < moves.size(); i++) {
      Move move = moves.get(i);
      Button button = new Button(move.words(Levels.NUMBERED));
      button.setId("cells-" + (i + 1));
      button.setWrapText(true);
      button.setMaxWidth(Double.MAX_VALUE);
      button.getStyleClass().add("offer");
      button.setOnAction(event -> desk.arranging().make(move));
      nodes.add(button);
    }
    Benches.replace(box, nodes);
    box.setVisible(!nodes.isEmpty());
    box.setManaged(!nodes.isEmpty());
  }
}
