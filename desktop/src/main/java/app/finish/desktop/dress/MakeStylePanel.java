package app.finish.desktop.dress;

import app.finish.core.problem.Refusal;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.Touches;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Dressing;
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
  private final TextField name = new TextField();
  private List<Object> listed = List.of();
  private final VBox own = new VBox(6);

  MakeStylePanel(Desk desk, StyleSharing sharing) {
    this.desk = desk;
    this.dressing = desk.dressing();
    this.sharing = sharing;
  }

  Node build() {
    name.setId("new-style-name");
    name.setPromptText(Texts.of("make.name"));
    name.setAccessibleText(Texts.of("make.name"));
    FlowPane ways = new FlowPane(6, 6);
    ways.getChildren()
        .addAll(
            Benches.button("make-based", "make.based", this::based),
            Benches.button("make-touches", "make.touches", this::ofTouches),
            Benches.button("make-scratch", "make.scratch", this::fromScratch),
            Benches.button("make-workbook", "make.workbook", sharing::fromWorkbook));
    Benches.follow(desk.shownProperty(), this::show);
    return Benches.section(Texts.of("make.section"), name, ways, own);
  }

  private String named(String otherwise) {
    String given = name.getText().strip();
    name.clear();
    return dressing.freeName(given.isEmpty() ? otherwise : given);
  }

  private void based() {
    HouseStyle worn = dressing.worn();
    HouseStyle style = worn.derived(named(Texts.of("dress.ownName", worn.name())));
    dressing.make(Texts.of("change.makeStyle", style.name()), style);
    dressing.intoStyleProperty().set(true);
    desk.say(Texts.of("notice.made", style.name()));
  }

  private void ofTouches() {
    boolean any =
        dressing.touches().each().stream()
            .map(Touches.Touch::selector)
            .anyMatch(one -> !(one instanceof Selector.OfPlace));
    if (!any) {
      desk.tell(new Refusal(Texts.of("make.noTouches")));
      return;
    }
    dressing.makeOfTouches(named(Texts.of("dress.ownName", dressing.worn().name())));
  }

  private void fromScratch() {
    HouseStyle style =
        HouseStyle.blank(named(Texts.of("make.scratchName")))
            .withPalette(dressing.styles().named("Plain").orElseThrow().palette())
            .with(Selector.of(PartName.NUMBER), Property.LEAD_IN, "Table")
            .with(Selector.of(PartName.COLUMN_HEAD), Property.ALIGN, "end")
            .with(Selector.of(PartName.SPANNER), Property.ALIGN, "centre")
            .with(Selector.of(PartName.BODY), Property.ALIGN, "decimal");
    dressing.make(Texts.of("change.makeStyle", style.name()), style);
    dressing.intoStyleProperty().set(true);
    desk.say(Texts.of("notice.made", style.name()));
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
