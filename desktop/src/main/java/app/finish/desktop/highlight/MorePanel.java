package app.finish.desktop.highlight;

import app.finish.core.highlight.Highlight;
import app.finish.core.highlight.HighlightSentence;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Highlighting;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/// The chosen highlight as one line of text, its name, and what it says of itself under the table.
final class MorePanel {
  private final Desk desk;
  private final Highlighting highlighting;
  private final Label wrong = new Label();
  private final VBox more = new VBox(6);
  private final VBox section = Benches.section("");

  MorePanel(Desk desk) {
    this.desk = desk;
    this.highlighting = desk.highlighting();
  }

  Node build() {
    wrong.getStyleClass().add("wrong");
    wrong.setId("sentence-wrong");
    wrong.setWrapText(true);
    wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
    section.getChildren().addAll(more);
    Benches.follow(desk.shownProperty(), this::show);
    Benches.follow(highlighting.chosenProperty(), this::show);
    return section;
  }

  private void show() {
    Optional<Highlight> one = highlighting.one();
    section.setVisible(one.isPresent());
    section.setManaged(one.isPresent());
    wrong.setText("");
    one.ifPresent(now -> Benches.replace(more, more(now)));
  }

  private List<Node> more(Highlight now) {
    Node whole =
        SentenceWord.field(
            "whole-sentence",
            Texts.of("highlight.sentence"),
            HighlightSentence.of(now),
            30,
            text -> {
              highlighting.say(text).ifPresent(wrong::setText);
              return true;
            });
    Node name =
        SentenceWord.field(
            "highlight-name",
            Texts.of("highlight.name"),
            now.name(),
            18,
            text -> {
              highlighting.replace(now.named(text.strip()));
              return true;
            });
    Node legend =
        SentenceWord.field(
            "legend-words",
            Texts.of("highlight.legend"),
            now.legend(),
            30,
            text -> {
              highlighting.replace(now.saying(text.strip()));
              return true;
            });
    CheckBox says = new CheckBox(Texts.of("highlight.legend"));
    says.setId("legend");
    says.setSelected(!now.legend().isEmpty());
    says.setOnAction(
        event ->
            highlighting.replace(
                now.saying(says.isSelected() ? HighlightSentence.legend(now) : "")));
    CheckBox last = new CheckBox(Texts.of("highlight.last"));
    last.setId("last");
    last.setSelected(now.last());
    last.setWrapText(true);
    last.setOnAction(event -> highlighting.replace(now.beingLast(last.isSelected())));
    List<Node> nodes =
        new ArrayList<>(
            List.of(
                Benches.caption(Texts.of("highlight.asText")),
                whole,
                wrong,
                Benches.caption(Texts.of("highlight.name")),
                name,
                last,
                says));
    nodes.add(Benches.button("highlight-keep", "highlight.keep", highlighting::keepInStyle));
    if (!now.legend().isEmpty()) {
      nodes.add(legend);
    }
    return nodes;
  }
}
