package app.finish.desktop.highlight;

import app.finish.core.table.Spot;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Step;
import java.util.function.Consumer;
import javafx.scene.Node;

/// The step that highlights: what a picked figure suggests, the highlights of the table, the
/// sentence of the chosen one and what it matches.
public final class HighlightBench {
  private final Desk desk;
  private final Consumer<Spot.Figure> reveal;

  /// @param reveal brings a figure in sight
  public HighlightBench(Desk desk, Consumer<Spot.Figure> reveal) {
    this.desk = desk;
    this.reveal = reveal;
  }

  /// The bench.
  public Node build() {
    Node node =
        Benches.desk(
            Step.HIGHLIGHT.label(),
            new SuggestPanel(desk).build(),
            new HighlightList(desk).build(),
            new SentencePanel(desk).build(),
            new MatchesPanel(desk, reveal).build(),
            new MorePanel(desk).build());
    node.setId("bench-highlight");
    return node;
  }
}
