package app.finish.desktop.dress;

import app.finish.core.document.Wear;
import app.finish.core.style.HouseStyle;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Dressing;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/// Which style new tables wear, by their kind, in this document or always.
public final class WearPanel {
  private final Desk desk;
  private final Dressing dressing;
  private final CheckBox always = new CheckBox(Texts.of("wear.always"));
  private List<Object> listed = List.of();
  private final VBox rows = new VBox(6);

  WearPanel(Desk desk) {
    this.desk = desk;
    this.dressing = desk.dressing();
  }

  Node build() {
    always.setId("wear-always");
    always.setOnAction(event -> always());
    Benches.follow(desk.shownProperty(), this::show);
    return Benches.section(Texts.of("wear.name"), rows, always);
  }

  /// What was chosen for this document before holds for all then.
  private void always() {
    Wear own = desk.document().wear();
    if (always.isSelected() && !own.styles().isEmpty()) {
      Wear both = dressing.habits().wear();
      for (Map.Entry<Wear.Kind, String> one : own.styles().entrySet()) {
        both = both.with(one.getKey(), one.getValue());
      }
      dressing.wearAlways(both);
    }
    show();
  }

  private Wear wear() {
    return always.isSelected() ? dressing.habits().wear() : desk.document().wear();
  }

  private void show() {
    List<Object> known = List.of(wear(), dressing.styles().styles());
    if (known.equals(listed)) {
      return;
    }
    listed = known;
    List<Node> nodes = new ArrayList<>();
    for (Wear.Kind kind : Wear.Kind.values()) {
      String word = kind.name().toLowerCase(Locale.ROOT);
      ChoiceBox<String> style = new ChoiceBox<>();
      style.setId("wear-" + word);
      style.setAccessibleText(Texts.of("wear." + word));
      style.getItems().add(Texts.of("wear.same"));
      dressing.styles().styles().stream().map(HouseStyle::name).forEach(style.getItems()::add);
      style.setValue(wear().style(kind).orElse(Texts.of("wear.same")));
      style.setOnAction(event -> keep(kind, style.getValue()));
      style.setPrefWidth(140);
      Label name = new Label(Texts.of("wear." + word));
      name.setMinWidth(Label.USE_PREF_SIZE);
      nodes.add(Benches.spread(name, style));
    }
    Benches.replace(rows, nodes);
  }

  private void keep(Wear.Kind kind, String style) {
    boolean same = style.equals(Texts.of("wear.same"));
    Wear now = same ? wear().without(kind) : wear().with(kind, style);
    if (now.equals(wear())) {
      return;
    }
    if (always.isSelected()) {
      dressing.wearAlways(now);
    } else {
      dressing.wearFor(now);
    }
  }
}
