package app.finish.desktop.word;

import app.finish.core.note.Abbreviations;
import app.finish.core.note.Lettering;
import app.finish.core.note.OwnNote;
import app.finish.core.table.ProbabilityLevels;
import app.finish.core.table.Table;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.kit.WordField;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Noting;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;

/// The abbreviations of the table with what they mean in all tables, and the levels that stars
/// stand for.
final class GlossaryPanel {
  private static final double NAME = 64;

  private final Noting noting;
  private final VBox box = Benches.section(Texts.of("word.glossary"));
  private final VBox rows = new VBox(8);

  GlossaryPanel(Desk desk) {
    this.noting = desk.noting();
    box.getChildren().add(rows);
    Benches.follow(desk.shownProperty(), this::show);
  }

  VBox node() {
    return box;
  }

  private void show() {
    List<Node> nodes = new ArrayList<>();
    Optional<Table> table = noting.table();
    Set<String> all = new LinkedHashSet<>(table.map(Abbreviations::in).orElse(List.of()));
    all.addAll(noting.wording().glossary().keySet());
    for (String one : all) {
      nodes.add(meaning(one));
    }
    nodes.add(newMeaning());
    if (!all.isEmpty()) {
      CheckBox said = new CheckBox(Texts.of("word.sayAbbreviations"));
      said.setId("say-abbreviations");
      said.setWrapText(true);
      said.setSelected(noting.follows(Lettering.ABBREVIATIONS));
      said.setOnAction(event -> noting.follow(OwnNote.Kind.GENERAL, Lettering.ABBREVIATIONS));
      nodes.add(said);
    }
    nodes.add(levels());
    boolean stars =
        table
            .map(
                one -> one.marks().byPlace().values().stream().anyMatch(mark -> mark.contains("*")))
            .orElse(false);
    if (stars || noting.follows(Lettering.LEVELS)) {
      CheckBox said = new CheckBox(Texts.of("word.sayLevels"));
      said.setId("say-levels");
      said.setWrapText(true);
      said.setSelected(noting.follows(Lettering.LEVELS));
      said.setOnAction(event -> noting.follow(OwnNote.Kind.PROBABILITY, Lettering.LEVELS));
      nodes.add(said);
    }
    Benches.replace(rows, nodes);
  }

  private Node meaning(String abbreviation) {
    Label name = new Label(abbreviation);
    name.setMinWidth(NAME);
    TextField means =
        WordField.of(
            "meaning-" + abbreviation,
            Texts.of("word.means", abbreviation),
            Abbreviations.meaning(abbreviation, noting.wording().glossary()).orElse(""),
            typed ->
                noting.say(
                    Texts.of("change.meaning", abbreviation),
                    wording -> wording.withMeaning(abbreviation, typed)));
    return Benches.beside(name, means);
  }

  /// An abbreviation more, as "OTP = on-time performance".
  private Node newMeaning() {
    TextField field = new TextField();
    field.setId("meaning-new");
    field.setPromptText(Texts.of("word.newMeaning"));
    field.setAccessibleText(Texts.of("word.newMeaning"));
    field.setOnAction(
        event -> {
          String[] parts = field.getText().split("=", 2);
          if (parts.length == 2 && !parts[0].isBlank()) {
            noting.say(
                Texts.of("change.meaning", parts[0].strip()),
                wording -> wording.withMeaning(parts[0].strip(), parts[1]));
          }
        });
    return field;
  }

  private Node levels() {
    Label name = new Label(Texts.of("word.levels"));
    name.setMinWidth(NAME);
    String now =
        noting.wording().levels().stream()
            .map(ProbabilityLevels::written)
            .collect(Collectors.joining(" "));
    TextField field =
        WordField.of("levels", Texts.of("word.levels"), now, typed -> takeLevels(typed));
    return Benches.beside(name, field);
  }

  private void takeLevels(String typed) {
    List<Double> levels = new ArrayList<>();
    for (String one : typed.split("[\\s;]+")) {
      try {
        double level = Double.parseDouble(one.replace(",", "."));
        if (level > 0 && level < 1) {
          levels.add(level);
        }
      } catch (NumberFormatException e) {
        levels.clear();
        break;
      }
    }
    if (levels.isEmpty()) {
      noting.sayWrong(Texts.of("word.levelsWrong", typed));
      show();
      return;
    }
    noting.say(Texts.of("change.levels"), wording -> wording.withLevels(levels));
  }
}
