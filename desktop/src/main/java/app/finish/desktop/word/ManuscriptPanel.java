package app.finish.desktop.word;

import app.finish.core.check.Finding;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Files;
import app.finish.desktop.model.Manuscript;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/// The sentence that calls the table out, and what the text that the tables go with says of them.
final class ManuscriptPanel {
  private final Files files;
  private final Manuscript manuscript;
  private final VBox box = Benches.section(Texts.of("word.inText"));
  private final VBox rows = new VBox(8);

  ManuscriptPanel(Desk desk, Files files) {
    this.files = files;
    this.manuscript = desk.manuscript();
    box.getChildren().add(rows);
    Benches.follow(desk.shownProperty(), this::show);
    manuscript.textProperty().addListener((p, before, now) -> show());
  }

  VBox node() {
    return box;
  }

  private void show() {
    List<Node> nodes = new ArrayList<>();
    String sentence = manuscript.sentence();
    if (!sentence.isEmpty()) {
      Label words = new Label(sentence);
      words.setId("callout");
      words.setWrapText(true);
      nodes.add(words);
      nodes.add(Benches.button("callout-copy", "word.copy", () -> files.copyWords(sentence)));
    }
    nodes.add(Benches.button("manuscript-read", "word.readManuscript", files::readManuscript));
    manuscript.textProperty().get().ifPresent(text -> said(text, nodes));
    Benches.replace(rows, nodes);
  }

  private void said(Manuscript.Text text, List<Node> nodes) {
    List<Finding> findings = manuscript.findings();
    nodes.add(
        Benches.caption(
            findings.isEmpty()
                ? Texts.of("word.allCalled", text.name())
                : Texts.of("word.inManuscript", text.name())));
    for (Finding finding : findings) {
      Label sentence = new Label(finding.sentence());
      sentence.setWrapText(true);
      VBox row = new VBox(sentence);
      row.getStyleClass().add("finding-wrong");
      nodes.add(row);
    }
    if (manuscript.isOutOfOrder()) {
      nodes.add(Benches.button("manuscript-order", "word.order", manuscript::putInOrder));
    }
  }
}
