package app.finish.desktop.highlight;

import app.finish.core.highlight.Highlight;
import app.finish.core.highlight.HighlightSentence;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Buttons;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Highlighting;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// The highlights of the table at hand, the strongest first: each can be chosen, switched off,
/// moved and removed.
final class HighlightList {
  private final Desk desk;
  private final Highlighting highlighting;
  private final VBox rows = new VBox(4);
  private Optional<List<Object>> listed = Optional.empty();

  HighlightList(Desk desk) {
    this.desk = desk;
    this.highlighting = desk.highlighting();
  }

  Node build() {
    rows.setId("highlights");
    Benches.follow(desk.shownProperty(), this::show);
    Benches.follow(desk.indexProperty(), this::show);
    Benches.follow(
        highlighting.chosenProperty(),
        () -> {
          listed = Optional.empty();
          show();
        });
    Benches.follow(desk.pickedTables().alsoProperty(), this::show);
    return Benches.section(Texts.of("highlight.list"), rows);
  }

  private void show() {
    List<Highlight> all = highlighting.all();
    int picked = desk.pickedTables().indexes().size();
    List<Object> now = List.of(all, highlighting.ofStyle(), picked);
    if (Optional.of(now).equals(listed)) {
      return;
    }
    listed = Optional.of(now);
    List<Node> nodes = new ArrayList<>();
    for (int i = 0; i < all.size(); i++) {
      nodes.add(row(i, all.get(i)));
    }
    if (all.isEmpty()) {
      nodes.add(Benches.caption(Texts.of("highlight.none")));
    }
    List<String> worn = highlighting.ofStyle();
    for (int i = 0; i < worn.size(); i++) {
      nodes.add(ofStyle(i, worn.get(i)));
    }
    boolean others = desk.document().items().size() > 1 && !all.isEmpty();
    if (others) {
      Button copy = Benches.button("highlights-copy", "highlight.copy", highlighting::copy);
      if (picked > 1) {
        copy.setText(Texts.of("highlight.copyPicked", picked - 1));
      }
      copy.getStyleClass().add("quiet-button");
      nodes.add(copy);
    }
    Benches.replace(rows, nodes);
  }

  /// A highlight of the style, which all tables that wear it have.
  private Node ofStyle(int index, String sentence) {
    Label words = new Label(Texts.of("highlight.ofStyle", sentence));
    words.setWrapText(true);
    words.getStyleClass().add("caption");
    Button out =
        Benches.button(
            "style-highlight-" + (index + 1) + "-out",
            "highlight.takeOut",
            () -> highlighting.takeOutOfStyle(index));
    out.getStyleClass().add("quiet-link");
    out.setMinWidth(Button.USE_PREF_SIZE);
    out.setAccessibleText(out.getText() + ": " + sentence);
    return Benches.spread(words, out);
  }

  private Node row(int index, Highlight highlight) {
    String words = highlight.name().isEmpty() ? HighlightSentence.of(highlight) : highlight.name();
    String id = "highlight-" + (index + 1);
    CheckBox on = new CheckBox();
    on.setId(id + "-on");
    on.setSelected(highlight.on());
    on.setAccessibleText(Texts.of("highlight.on", words));
    on.setOnAction(event -> highlighting.toggle(index));
    ToggleButton name = new ToggleButton(words);
    name.setId(id);
    name.setSelected(highlighting.chosenProperty().get() == index);
    name.getStyleClass().addAll("chip", "highlight-row");
    name.setWrapText(true);
    name.setMaxWidth(Double.MAX_VALUE);
    name.setOnAction(
        event -> {
          name.setSelected(true);
          highlighting.chosenProperty().set(index);
        });
    HBox.setHgrow(name, Priority.ALWAYS);
    Button up = Buttons.small("↑", id + "-up", Texts.of("highlight.up", words));
    up.setDisable(index == 0);
    up.setOnAction(event -> highlighting.move(index, -1));
    Button down = Buttons.small("↓", id + "-down", Texts.of("highlight.down", words));
    down.setDisable(index == highlighting.all().size() - 1);
    down.setOnAction(event -> highlighting.move(index, 1));
    Button out = Buttons.small("×", id + "-out", Texts.of("highlight.out", words));
    out.setOnAction(event -> highlighting.remove(index));
    HBox row = new HBox(4, on, name, up, down, out);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }
}
