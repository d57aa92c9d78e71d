package app.finish.desktop.arrange;

import app.finish.core.arrange.move.Concern;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Buttons;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Arranging;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Step;
import app.finish.desktop.model.Tallies;
import app.finish.desktop.tally.TallyPanel;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/// The second step: the order that makes the table's point. Moves are made on the whole table, on
/// its dimensions and on what is picked; all are listed.
public final class ArrangeBench {
  private final Desk desk;
  private final Tallies tallies;
  private final VBox whole = Benches.section("");
  private final VBox counted = new VBox();

  public ArrangeBench(Desk desk, Tallies tallies) {
    this.desk = desk;
    this.tallies = tallies;
  }

  public Node build() {
    Node node =
        Benches.desk(
            Step.ARRANGE.label(),
            whole,
            new DimensionPanel(desk).build(),
            new ArrangePanel(desk).build(),
            new CellsPanel(desk).build(),
            new MoveList(desk).build(),
            new AsidePanel(desk).build(),
            new CalculatePanel(desk).build(),
            counted);
    node.setId("bench-arrange");
    Benches.follow(desk.shownProperty(), this::show);
    Benches.follow(desk.arranging().redraws().pendingProperty(), this::show);
    Benches.follow(desk.arranging().redraws().waitingProperty(), this::show);
    Benches.follow(tallies.askedProperty(), this::showCounted);
    return node;
  }

  private void show() {
    Arranging arranging = desk.arranging();
    Button swap = Buttons.button(Texts.of("arrange.swap"), "swap-axes");
    swap.setOnAction(event -> arranging.swapAxes());
    Button over = Buttons.button(Texts.of("arrange.over"), "start-over");
    over.setDisable(desk.arrangement().isEmpty());
    over.setOnAction(event -> arranging.startOver());
    ToggleButton hold = TallyPanel.chip(Texts.of("tally.hold"), "hold-moves");
    hold.setSelected(arranging.redraws().waitingProperty().get());
    hold.setOnAction(event -> arranging.redraws().let(hold.isSelected()));
    Button redraw = Buttons.button(Texts.of("tally.redraw"), "redraw-moves");
    redraw.getStyleClass().add("main-button");
    redraw.setOnAction(event -> arranging.redraws().redraw());
    List<Node> nodes = new ArrayList<>();
    nodes.add(Benches.heading(Texts.of("arrange.table")));
    nodes.add(new FlowPane(8, 6, swap, over, hold));
    List<Concern> concerns = arranging.over().concerns();
    if (concerns.size() > 1) {
      FlowPane parts = new FlowPane(4, 4);
      parts.getChildren().add(Benches.caption(Texts.of("arrange.overWith")));
      for (Concern concern : concerns) {
        String word = concern.name().toLowerCase(Locale.ROOT);
        Button part =
            Benches.button(
                "start-over-" + word, "concern." + word, () -> arranging.over().with(concern));
        part.getStyleClass().add("quiet-link");
        parts.getChildren().add(part);
      }
      nodes.add(parts);
    }
    if (arranging.redraws().pendingProperty().get().isPresent()) {
      nodes.add(Benches.spread(Benches.caption(Texts.of("arrange.held")), redraw));
    }
    Benches.replace(whole, nodes);
  }

  /// A tallied table can be counted anew from here: a finer level, another measure.
  private void showCounted() {
    boolean tallied = tallies.askedProperty().get().isPresent();
    if (tallied && counted.getChildren().isEmpty()) {
      counted
          .getChildren()
          .addAll(
              Benches.section(
                  Texts.of("arrange.counted"), Benches.caption(Texts.of("arrange.countedWhy"))),
              new TallyPanel(tallies).build());
    }
    counted.setVisible(tallied);
    counted.setManaged(tallied);
  }
}
