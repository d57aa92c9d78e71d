package app.finish.desktop.word;

import app.finish.desktop.kit.Benches;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Files;
import app.finish.desktop.model.Step;
import javafx.scene.Node;

/// The step of words: number and title, notes and what they are tied to, abbreviations and levels,
/// and the text that the tables go with.
public final class WordBench {
  private final Desk desk;
  private final Files files;

  public WordBench(Desk desk, Files files) {
    this.desk = desk;
    this.files = files;
  }

  /// The bench.
  public Node build() {
    Node node =
        Benches.desk(
            Step.WORD.label(),
            new NotesPanel(desk).node(),
            new TitlePanel(desk).node(),
            new GlossaryPanel(desk).node(),
            new ManuscriptPanel(desk, files).node());
    node.setId("bench-word");
    return node;
  }
}
