package app.finish.desktop.proof;

import app.finish.core.dress.CellMeaning;
import app.finish.core.layout.sheet.Scroll;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Step;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;

/// Offers the words that a table lacks where they would stand: number, title and units in the upper
/// margin of the paper, the general note and the source line below the table.
final class WordTags extends Pane {
  private static final List<PartName> ABOVE =
      List.of(PartName.NUMBER, PartName.TITLE, PartName.UNITS);
  private static final List<PartName> BELOW = List.of(PartName.NOTE, PartName.SOURCE);

  private final Desk desk;
  private final ProofView view;
  private final HBox above = new HBox(6);
  private final HBox below = new HBox(6);
  private final Map<PartName, Button> buttons = new LinkedHashMap<>();

  WordTags(Desk desk, ProofView view) {
    this.desk = desk;
    this.view = view;
    setPickOnBounds(false);
    setManaged(false);
    setId("word-tags");
    ABOVE.forEach(part -> buttons.put(part, button(part)));
    BELOW.forEach(part -> buttons.put(part, button(part)));
    above.setPickOnBounds(false);
    below.setPickOnBounds(false);
    above.setManaged(false);
    below.setManaged(false);
    getChildren().addAll(above, below);
    desk.shownProperty().addListener((p, before, now) -> show());
    desk.stepProperty().addListener((p, before, now) -> show());
  }

  private Button button(PartName part) {
    Button button = new Button(Texts.of("words.add", part.label().toLowerCase(Locale.ROOT)));
    button.setId("add-" + part.word());
    button.getStyleClass().setAll("word-tag");
    button.setMinWidth(USE_PREF_SIZE);
    button.setOnAction(
        event -> {
          if (part == PartName.NUMBER) {
            desk.dressing()
                .looks()
                .change(Selector.of(part), Property.LEAD_IN, Texts.of("words.table"));
          } else {
            view.edit(part);
          }
        });
    return button;
  }

  private void show() {
    boolean offered = desk.stepProperty().get() != Step.SEND_OUT && view.scroll().isPresent();
    setVisible(offered);
    if (!offered) {
      return;
    }
    above.getChildren().setAll(lacking(ABOVE));
    below.getChildren().setAll(lacking(BELOW));
    place();
  }

  private List<Button> lacking(List<PartName> parts) {
    return buttons.entrySet().stream()
        .filter(one -> parts.contains(one.getKey()) && lacks(one.getKey()))
        .map(Map.Entry::getValue)
        .toList();
  }

  private boolean lacks(PartName part) {
    return part == PartName.NOTE
        ? view.generalNote() < 0
        : view.boxOf(new CellMeaning.Word(part, 0)).isEmpty();
  }

  /// Puts the offers where the paper is now.
  void place() {
    view.scroll()
        .ifPresent(
            now -> {
              place(above, now, view.top() + 6);
              double foot = view.top() + now.paper().height() * view.scale();
              place(below, now, foot - 26);
            });
  }

  private void place(HBox box, Scroll now, double y) {
    double x = Math.max(view.left() + now.paper().margin() * view.scale(), 8);
    box.applyCss();
    box.autosize();
    box.relocate(Math.round(x), Math.round(y));
  }
}
