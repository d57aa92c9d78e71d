package app.finish.desktop.word;

import app.finish.core.dress.CellMeaning;
import app.finish.core.note.Lettering;
import app.finish.core.note.OwnNote;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.kit.WordField;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Noting;
import app.finish.desktop.model.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/// The notes of the table in their order, each with what it is tied to, and the way to one more.
final class NotesPanel {
  private static final double SIGN = 30;

  private final Desk desk;
  private final Noting noting;
  private final VBox box = Benches.section(Texts.of("word.notes"));

  /// As many notes have their fields at once.
  private static final int MOST = 40;

  private final VBox list = new VBox(10);
  private final VBox more = new VBox(6);
  private Optional<OwnNote.Kind> begun = Optional.empty();

  NotesPanel(Desk desk) {
    this.desk = desk;
    this.noting = desk.noting();
    list.setId("notes");
    box.getChildren().addAll(list, more);
    Benches.follow(desk.shownProperty(), this::show);
    desk.stepProperty().addListener((p, before, now) -> show());
    desk.pickProperty().addListener((p, before, now) -> show());
    desk.alsoProperty().addListener((p, before, now) -> show());
  }

  VBox node() {
    return box;
  }

  private void show() {
    if (desk.stepProperty().get() != Step.WORD) {
      return;
    }
    List<Node> nodes = new ArrayList<>();
    List<Noting.Line> lines = noting.lines();
    int first = first(lines.size());
    int end = Math.min(lines.size(), first + MOST);
    if (lines.size() > MOST) {
      nodes.add(Benches.caption(Texts.of("word.someNotes", first + 1, end, lines.size())));
    }
    for (int i = first; i < end; i++) {
      nodes.add(line(lines.get(i), "note-" + (i + 1)));
    }
    if (lines.isEmpty()) {
      nodes.add(Benches.caption(Texts.of("word.noNotes")));
    }
    Benches.replace(list, nodes);
    Benches.replace(more, adding());
  }

  /// Of very many notes those around the one that is picked.
  private int first(int notes) {
    int picked =
        desk.pickProperty()
            .get()
            .filter(pick -> pick.place() instanceof CellMeaning.Word)
            .map(pick -> ((CellMeaning.Word) pick.place()).index())
            .orElse(0);
    return Math.clamp(picked - MOST / 2, 0, Math.max(0, notes - MOST));
  }

  private Node line(Noting.Line line, String id) {
    Label sign = new Label(line.sign().isEmpty() ? kind(line.kind()) : line.sign());
    sign.setId(id + "-sign");
    sign.setMinWidth(line.sign().isEmpty() ? 0 : SIGN);
    sign.getStyleClass().add(line.sign().isEmpty() ? "caption" : "note-sign");
    if (line.origin() instanceof Lettering.Origin.Made) {
      return new VBox(2, sign, Benches.caption(Texts.of("word.legend", line.typed())));
    }
    TextField words =
        WordField.of(
            id,
            Texts.of("word.noteText", kind(line.kind())),
            line.typed(),
            typed -> noting.reword(line.origin(), typed));
    FlowPane ways = new FlowPane(6, 4);
    if (line.kind() == OwnNote.Kind.SPECIFIC) {
      ways.getChildren().add(tie(line, id));
    }
    Button out =
        Benches.button(id + "-out", "word.takeOut", () -> noting.reword(line.origin(), ""));
    out.getStyleClass().add("quiet-button");
    out.setAccessibleText(Texts.of("word.takeOutThis", line.typed()));
    ways.getChildren().add(out);
    VBox node = new VBox(3);
    node.getChildren().add(line.sign().isEmpty() ? new VBox(2, sign, words) : beside(sign, words));
    if (!line.ties().isEmpty()) {
      node.getChildren().add(Benches.caption(on(line)));
    }
    if (line.asleep()) {
      node.getChildren().add(Benches.caption(Texts.of("word.asleep")));
    }
    node.getChildren().add(ways);
    return node;
  }

  private static HBox beside(Label sign, TextField words) {
    return Benches.beside(sign, words);
  }

  private static String on(Noting.Line line) {
    List<String> ties = line.ties();
    return ties.size() > 3
        ? Texts.of("word.onMore", String.join("; ", ties.subList(0, 3)), ties.size() - 3)
        : Texts.of("word.on", String.join("; ", ties));
  }

  private Button tie(Noting.Line line, String id) {
    String picked = noting.pickedWords();
    boolean tied = !picked.isEmpty() && line.ties().contains(picked);
    Button tie =
        new Button(
            picked.isEmpty()
                ? Texts.of("word.tiePick")
                : Texts.of(tied ? "word.untie" : "word.tie", picked));
    tie.setId(id + "-tie");
    tie.setDisable(picked.isEmpty());
    tie.setOnAction(event -> noting.tie(line));
    return tie;
  }

  private static String kind(OwnNote.Kind kind) {
    return Texts.of("word.kind." + kind.name().toLowerCase(Locale.ROOT));
  }

  private List<Node> adding() {
    if (begun.isPresent()) {
      return List.of(beginning(begun.get()));
    }
    List<Node> nodes = new ArrayList<>();
    String picked = noting.pickedWords();
    Button specific =
        new Button(
            picked.isEmpty() ? Texts.of("word.addSpecific") : Texts.of("word.addOn", picked));
    specific.setId("add-specific");
    specific.setWrapText(true);
    specific.setDisable(picked.isEmpty());
    specific.getStyleClass().add("main-button");
    specific.setMaxWidth(Double.MAX_VALUE);
    specific.setOnAction(event -> begin(OwnNote.Kind.SPECIFIC));
    nodes.add(specific);
    FlowPane others = new FlowPane(6, 6);
    for (OwnNote.Kind kind :
        List.of(OwnNote.Kind.GENERAL, OwnNote.Kind.PROBABILITY, OwnNote.Kind.PERMISSION)) {
      String word = kind.name().toLowerCase(Locale.ROOT);
      Button add = Benches.button("add-" + word, "word.add." + word, () -> begin(kind));
      others.getChildren().add(add);
    }
    nodes.add(others);
    return nodes;
  }

  private void begin(OwnNote.Kind kind) {
    begun = Optional.of(kind);
    show();
    Optional.ofNullable(more.lookup("#note-new")).ifPresent(Node::requestFocus);
  }

  private Node beginning(OwnNote.Kind kind) {
    String on =
        kind == OwnNote.Kind.SPECIFIC
            ? Texts.of("word.noteOn", noting.pickedWords())
            : Texts.of("word.new." + kind.name().toLowerCase(Locale.ROOT));
    TextField field = new TextField(kind == OwnNote.Kind.PROBABILITY ? Lettering.LEVELS : "");
    field.setId("note-new");
    field.setAccessibleText(on);
    WordField.takeKeys(field);
    field.setOnAction(
        event -> {
          begun = Optional.empty();
          noting.add(kind, field.getText());
          show();
        });
    Button back =
        Benches.button(
            "note-new-back",
            "word.back",
            () -> {
              begun = Optional.empty();
              show();
            });
    back.getStyleClass().add("quiet-button");
    Label caption = Benches.caption(on);
    return new VBox(4, caption, field, back);
  }
}
