package app.finish.desktop.dress;

import app.finish.core.problem.Refusal;
import app.finish.core.style.HouseStyle;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Dressing;
import app.finish.desktop.model.StyleMaking;
import app.finish.desktop.model.StyleSharing;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/// Makes a style: based on the one that is worn, of the touches, from scratch, of a workbook.
public final class MakeStylePanel {
  private final Desk desk;
  private final Dressing dressing;
  private final StyleSharing sharing;
  private final StyleMaking making;
  private final TextField name = new TextField();
  private List<Object> listed = List.of();
  private final VBox own = new VBox(6);

  MakeStylePanel(Desk desk, StyleSharing sharing) {
    this.desk = desk;
    this.dressing = desk.dressing();
    this.sharing = sharing;
    this.making = new StyleMaking(desk);
  }

  Node build() {
    name.setId("new-style-name");
    name.setPromptText(Texts.of("make.name"));
    name.setAccessibleText(Texts.of("make.name"));
    FlowPane ways = new FlowPane(6, 6);
    ways.getChildren()
        .addAll(
            Benches.button("make-based", "make.based", () -> making.based(given())),
            Benches.button("make-touches", "make.touches", () -> making.ofTouches(given())),
            Benches.button("make-scratch", "make.scratch", () -> making.fromScratch(given())),
            Benches.button("make-workbook", "make.workbook", sharing::fromWorkbook));
    Benches.follow(desk.shownProperty(), this::show);
    return Benches.section(Texts.of("make.section"), name, ways, own);
  }

  private String given() {
    String given = name.getText().strip();
    name.clear();
    return given;
  }

  /// What can be done with a style of the document's own: base it on another, remove it.
  private void show() {
    if (desk.table().isEmpty()) {
      return;
    }
    HouseStyle worn = dressing.worn();
    List<Object> known = List.of(worn, dressing.styles().styles());
    if (known.equals(listed)) {
      return;
    }
    listed = known;
    List<Node> nodes = new ArrayList<>();
    if (desk.document().styles().contains(worn)) {
      ChoiceBox<String> base = new ChoiceBox<>();
      base.setId("based-on");
      base.setAccessibleText(Texts.of("make.basedOn"));
      base.getItems().add(Texts.of("make.none"));
      dressing.styles().styles().stream()
          .map(HouseStyle::name)
          .filter(other -> !other.equals(worn.name()))
          .forEach(base.getItems()::add);
      base.setValue(worn.basedOn().isEmpty() ? Texts.of("make.none") : worn.basedOn());
      base.setOnAction(event -> baseOn(worn, base));
      nodes.add(Benches.spread(new Label(Texts.of("make.basedOn")), base));
      Button remove = Benches.button("remove-style", "make.remove", () -> remove(worn));
      remove.getStyleClass().add("quiet-button");
      nodes.add(remove);
    }
    Benches.replace(own, nodes);
  }

  private void baseOn(HouseStyle worn, ChoiceBox<String> base) {
    String chosen = base.getValue().equals(Texts.of("make.none")) ? "" : base.getValue();
    if (chosen.equals(worn.basedOn())) {
      return;
    }
    HouseStyle other = worn.basedOn(chosen);
    try {
      dressing.base(other, base.getValue());
    } catch (Refusal e) {
      desk.tell(e);
      base.setValue(worn.basedOn().isEmpty() ? Texts.of("make.none") : worn.basedOn());
    }
  }

  private void remove(HouseStyle worn) {
    Optional<HouseStyle> heir =
        desk.document().styles().stream()
            .filter(one -> one.basedOn().equals(worn.name()))
            .findFirst();
    if (heir.isPresent()) {
      desk.tell(new Refusal(Texts.of("make.isBase", heir.get().name(), worn.name())));
      return;
    }
    String instead = worn.basedOn().isEmpty() ? "Plain" : worn.basedOn();
    dressing.remove(worn, instead);
  }
}
