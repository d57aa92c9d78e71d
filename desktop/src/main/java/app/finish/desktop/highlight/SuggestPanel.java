package app.finish.desktop.highlight;

import app.finish.core.highlight.Highlight;
import app.finish.core.highlight.HighlightSentence;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Highlighting;
import app.finish.desktop.model.SuggestedHighlights;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;

/// What the picked figure suggests to highlight, each in one action.
final class SuggestPanel {
  private final Desk desk;
  private final Highlighting highlighting;
  private final FlowPane offers = new FlowPane(6, 6);
  private final Label pick = Benches.caption(Texts.of("highlight.pick"));

  SuggestPanel(Desk desk) {
    this.desk = desk;
    this.highlighting = desk.highlighting();
  }

  Node build() {
    offers.setId("suggestions");
    Benches.follow(desk.pickProperty(), this::show);
    Benches.follow(desk.alsoProperty(), this::show);
    Benches.follow(desk.shownProperty(), this::show);
    return Benches.section(Texts.of("highlight.new"), pick, offers);
  }

  private void show() {
    List<Node> nodes = new ArrayList<>();
    for (SuggestedHighlights.Suggestion suggestion : SuggestedHighlights.Suggestion.values()) {
      Optional<Highlight> highlight = highlighting.suggestions().of(suggestion);
      highlight.ifPresent(one -> nodes.add(button(suggestion, one)));
    }
    pick.setVisible(nodes.isEmpty());
    pick.setManaged(nodes.isEmpty());
    Benches.replace(offers, nodes);
  }

  private Button button(SuggestedHighlights.Suggestion suggestion, Highlight highlight) {
    String word = suggestion.name().toLowerCase(Locale.ROOT);
    String sentence = HighlightSentence.of(highlight);
    Button button =
        Benches.button(
            "suggest-" + word, "highlight.suggest." + word, () -> highlighting.add(highlight));
    button.getStyleClass().add("chip");
    button.setAccessibleText(button.getText() + ": " + sentence);
    button.setTooltip(new Tooltip(sentence));
    return button;
  }
}
