package app.finish.desktop.word;

import app.finish.core.arrange.TitlePattern;
import app.finish.core.document.DocumentTable;
import app.finish.core.style.PartName;
import app.finish.core.words.TitleUnits;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.kit.WordField;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Noting;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/// Number, title, line of units and source.
final class TitlePanel {
  private static final double NAME = 68;

  private final Desk desk;
  private final Noting noting;
  private final VBox box = Benches.section(Texts.of("word.title"));
  private final VBox rows = new VBox(8);

  TitlePanel(Desk desk) {
    this.desk = desk;
    this.noting = desk.noting();
    box.getChildren().add(rows);
    Benches.follow(desk.shownProperty(), this::show);
  }

  VBox node() {
    return box;
  }

  private void show() {
    List<Node> nodes = new ArrayList<>();
    nodes.add(
        row(
            "word.numbered",
            WordField.of(
                "word-number",
                Texts.of("word.numbered"),
                noting.wording().numbering(),
                typed ->
                    noting.say(Texts.of("change.numbering"), one -> one.withNumbering(typed)))));
    nodes.add(Benches.caption(Texts.of("word.numberedHow")));
    chapter().ifPresent(nodes::add);
    nodes.add(field("word-title", PartName.TITLE, noting.title()));
    if (!TitlePattern.isPattern(noting.title())) {
      Button follow = Benches.button("word-follow", "word.follow", noting::followDimensions);
      follow.getStyleClass().add("quiet-button");
      nodes.add(follow);
    } else {
      nodes.add(Benches.caption(Texts.of("word.follows", noting.plain().title())));
    }
    noting.unitsOfTitle().ifPresent(units -> nodes.add(moved(units)));
    nodes.add(field("word-units", PartName.UNITS, noting.words().of(PartName.UNITS)));
    nodes.add(field("word-source", PartName.SOURCE, noting.words().of(PartName.SOURCE)));
    nodes.add(Benches.caption(Texts.of("word.markup")));
    nodes.add(
        row(
            "word.description",
            WordField.of(
                "word-description",
                Texts.of("word.description"),
                noting.description(),
                text -> desk.word(PartName.TABLE, text))));
    nodes.add(Benches.caption(Texts.of("word.describes")));
    Benches.replace(rows, nodes);
  }

  private Node moved(TitleUnits units) {
    Button move = Benches.button("word-move-units", "word.moveUnits", noting::moveUnits);
    move.setText(Texts.of("word.moveUnits", units.units()));
    move.getStyleClass().add("quiet-button");
    return move;
  }

  /// Where numbers count by chapter, whether one begins here.
  private Optional<Node> chapter() {
    Optional<DocumentTable> table = desk.table();
    if (table.isEmpty() || !noting.wording().countsByChapter()) {
      return Optional.empty();
    }
    CheckBox begins = new CheckBox(Texts.of("word.chapter"));
    begins.setId("word-chapter");
    String id = table.get().id();
    begins.setSelected(noting.wording().chapters().contains(id));
    begins.setOnAction(
        event ->
            noting.say(
                Texts.of("change.numbering"),
                wording -> wording.withChapter(id, begins.isSelected())));
    return Optional.of(begins);
  }

  private Node field(String id, PartName part, String typed) {
    return named(
        part.label(), WordField.of(id, part.label(), typed, text -> desk.word(part, text)));
  }

  private static Node row(String name, Region control) {
    return named(Texts.of(name), control);
  }

  private static Node named(String name, Region control) {
    Label label = new Label(name);
    label.setMinWidth(NAME);
    return Benches.beside(label, control);
  }
}
