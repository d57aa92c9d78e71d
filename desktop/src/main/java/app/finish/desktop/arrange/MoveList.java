package app.finish.desktop.arrange;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.make.Hold;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.move.Move;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Buttons;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Shown;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// The moves in words, in the order in which they are made. Each can be switched off, changed, put
/// elsewhere in the list and taken back; one that has no place says why.
public final class MoveList {
  private final Desk desk;
  private final VBox box = Benches.section("");
  private OptionalInt open = OptionalInt.empty();

  MoveList(Desk desk) {
    this.desk = desk;
  }

  Node build() {
    Benches.follow(desk.shownProperty(), this::shut);
    Benches.follow(desk.arranging().redraws().pendingProperty(), this::shut);
    return box;
  }

  private void shut() {
    open = OptionalInt.empty();
    show();
  }

  private Optional<Arranged> arranged() {
    return desk.arranging().redraws().pendingProperty().get().isPresent()
        ? Optional.empty()
        : desk.shownProperty().get().map(Shown::arranged);
  }

  private void show() {
    List<Node> nodes = new ArrayList<>(List.of(Benches.heading(Texts.of("arrange.moves"))));
    List<Arrangement.Entry> entries = desk.arrangement().entries();
    for (int i = 0; i < entries.size(); i++) {
      nodes.add(row(entries, i));
      if (open.isPresent() && open.getAsInt() == i) {
        nodes.add(form(entries, i, entries.get(i).move()));
      }
      nodes.addAll(said(i));
    }
    if (entries.isEmpty()) {
      nodes.add(Benches.caption(Texts.of("arrange.none")));
    }
    Benches.replace(box, nodes);
  }

  /// Why a move has no place, and what it could not take for numbers.
  private List<Node> said(int index) {
    List<Node> nodes = new ArrayList<>();
    Optional<Arranged> arranged = arranged();
    arranged
        .map(one -> one.unplaced().get(index))
        .ifPresent(reason -> nodes.add(doubtful(Texts.of("arrange.unplaced", reason))));
    List<String> refused =
        arranged.map(one -> one.refused().getOrDefault(index, List.of())).orElse(List.of());
    if (!refused.isEmpty()) {
      nodes.add(doubtful(Texts.of("arrange.refused", refused.size())));
      refused.stream().limit(12).forEach(one -> nodes.add(Benches.caption(one)));
    }
    return nodes;
  }

  private static Label doubtful(String words) {
    Label label = Benches.caption(words);
    label.getStyleClass().add("doubtful");
    return label;
  }

  private Node row(List<Arrangement.Entry> entries, int index) {
    String words = desk.arranging().words(index);
    Arrangement now = desk.arrangement();
    String id = "move-" + (index + 1);
    CheckBox on = new CheckBox(words);
    on.setId(id);
    on.setSelected(entries.get(index).on());
    on.setAccessibleText(Texts.of("arrange.on", words));
    on.setWrapText(true);
    on.setMaxWidth(Double.MAX_VALUE);
    HBox.setHgrow(on, Priority.ALWAYS);
    on.setOnAction(
        event -> ifShown(entries, () -> desk.arranging().switched(index, on.isSelected())));
    Button up = Buttons.small("↑", id + "-up", Texts.of("arrange.up", words));
    up.setDisable(index == 0);
    up.setOnAction(event -> ifShown(entries, () -> desk.arranging().reordered(index, index - 1)));
    Button down = Buttons.small("↓", id + "-down", Texts.of("arrange.down", words));
    down.setDisable(index == entries.size() - 1);
    down.setOnAction(event -> ifShown(entries, () -> desk.arranging().reordered(index, index + 1)));
    Button out = Buttons.small("×", id + "-out", Texts.of("arrange.takeBack", words));
    out.setOnAction(event -> ifShown(entries, () -> desk.arranging().takenOut(index)));
    HBox row = new HBox(4, on);
    if (!entries.get(index).move().settings().isEmpty()) {
      row.getChildren().add(edit(index, words));
    }
    row.getChildren().addAll(up, down, out);
    row.setAlignment(Pos.TOP_LEFT);
    return row;
  }

  /// Does something with the list as it is drawn. While another table is being brought up, what is
  /// drawn is still that of the one before.
  private void ifShown(List<Arrangement.Entry> drawn, Runnable work) {
    if (desk.arrangement().entries().equals(drawn)) {
      work.run();
    }
  }

  private Button edit(int index, String words) {
    Button edit =
        Buttons.small("…", "move-" + (index + 1) + "-edit", Texts.of("arrange.change", words));
    edit.setOnAction(
        event -> {
          boolean isOpen = open.isPresent() && open.getAsInt() == index;
          open = isOpen ? OptionalInt.empty() : OptionalInt.of(index);
          show();
        });
    return edit;
  }

  private Node form(List<Arrangement.Entry> entries, int index, Move move) {
    VBox form = new VBox(6);
    form.getStyleClass().add("move-form");
    form.getChildren()
        .setAll(
            new MoveForm(
                    move.settings(),
                    "move-" + (index + 1),
                    other -> ifShown(entries, () -> desk.arranging().replaced(index, other)),
                    desk)
                .build());
    if (move instanceof Hold hold) {
      Button each = Buttons.button(Texts.of("arrange.each"), "move-" + (index + 1) + "-each");
      each.setOnAction(event -> ifShown(entries, () -> desk.arranging().tableForEach(index, hold)));
      form.getChildren().add(each);
    }
    return form;
  }
}
