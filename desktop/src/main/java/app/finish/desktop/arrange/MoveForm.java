package app.finish.desktop.arrange;

import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.move.Setting;
import app.finish.core.problem.Refusal;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.tally.TallyPanel;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;

/// The fields of a move that can be changed. Enter takes what is written.
public final class MoveForm {
  private final List<Setting> settings;
  private final String id;
  private final Consumer<Move> take;
  private final Desk desk;

  /// @param id how the ids of the fields begin
  /// @param take what to do with the changed move
  MoveForm(List<Setting> settings, String id, Consumer<Move> take, Desk desk) {
    this.settings = settings;
    this.id = id;
    this.take = take;
    this.desk = desk;
  }

  List<Node> build() {
    List<Node> nodes = new ArrayList<>();
    int written = 0;
    int switched = 0;
    for (Setting setting : settings) {
      switch (setting) {
        case Setting.Written field -> written(field, ++written, nodes);
        case Setting.Switched box -> nodes.add(box(box, ++switched));
      }
    }
    return nodes;
  }

  private void written(Setting.Written field, int number, List<Node> nodes) {
    TextField text = TallyPanel.field(id + "-field-" + number, field.text(), field.name());
    text.getStyleClass().add("well-words");
    text.setOnAction(
        event -> {
          try {
            take.accept(field.with().apply(text.getText().strip()));
          } catch (Refusal e) {
            desk.tell(e);
          }
        });
    Label caption = Benches.caption(Texts.of("edit.enter", field.name()));
    caption.setLabelFor(text);
    nodes.add(caption);
    nodes.add(text);
  }

  private CheckBox box(Setting.Switched one, int number) {
    CheckBox box = new CheckBox(one.name());
    box.setId(id + "-switch-" + number);
    box.setSelected(one.on());
    box.setOnAction(event -> take.accept(one.with().apply(box.isSelected())));
    return box;
  }
}
