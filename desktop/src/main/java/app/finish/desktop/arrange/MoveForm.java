package app.finish.desktop.arrange;

import app.finish.core.arrange.move.Move;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.MoveEdit;
import app.finish.desktop.model.Workbench;
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
  private final MoveEdit edit;
  private final String id;
  private final Consumer<Move> take;
  private final Workbench bench;

  /// @param id how the ids of the fields begin
  /// @param take what to do with the changed move
  MoveForm(MoveEdit edit, String id, Consumer<Move> take, Workbench bench) {
    this.edit = edit;
    this.id = id;
    this.take = take;
    this.bench = bench;
  }

  List<Node> build() {
    List<Node> nodes = new ArrayList<>();
    int number = 0;
    for (MoveEdit.Field field : edit.fields()) {
      TextField text = TallyPanel.field(id + "-field-" + ++number, field.text(), field.name());
      text.getStyleClass().add("well-words");
      text.setOnAction(
          event -> {
            try {
              take.accept(field.with().apply(text.getText().strip()));
            } catch (IllegalArgumentException e) {
              bench.tell(e);
            }
          });
      Label caption = Benches.caption(Texts.of("edit.enter", field.name()));
      caption.setLabelFor(text);
      nodes.add(caption);
      nodes.add(text);
    }
    number = 0;
    for (MoveEdit.Switch one : edit.switches()) {
      CheckBox box = new CheckBox(one.name());
      box.setId(id + "-switch-" + ++number);
      box.setSelected(one.on());
      box.setOnAction(event -> take.accept(one.with().apply(box.isSelected())));
      nodes.add(box);
    }
    return nodes;
  }
}
