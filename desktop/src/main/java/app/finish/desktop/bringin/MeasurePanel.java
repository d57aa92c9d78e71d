package app.finish.desktop.bringin;

import app.finish.core.recognise.found.Evidence;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.recognise.said.BlankMeaning;
import app.finish.core.recognise.said.BracketMeaning;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.SaidAs;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/// Of which kind each measure's figures are and what empty cells stand for, to be corrected.
public final class MeasurePanel {
  private static final double WIDTH = 148;

  private final Desk desk;
  private final VBox box = Benches.section("");

  MeasurePanel(Desk desk) {
    this.desk = desk;
  }

  Node build() {
    Benches.follow(desk.shownProperty(), this::show);
    return box;
  }

  private void show() {
    List<Node> nodes = new ArrayList<>();
    desk.shownProperty()
        .get()
        .ifPresent(
            shown -> {
              nodes.add(Benches.heading(Texts.of("bring.measures")));
              Corrections corrections = shown.table().finish().corrections();
              List<Measure> measures = shown.recognition().table().measures();
              for (int i = 0; i < measures.size(); i++) {
                nodes.add(kind(measures.get(i), i, corrections));
                boolean paired =
                    measures.get(i).bracketed().isPresent()
                        || corrections.seconds().containsKey(measures.get(i).name());
                if (paired) {
                  nodes.add(second(measures.get(i), i, corrections));
                }
              }
              inBrackets(shown.recognition())
                  .ifPresent(now -> nodes.add(brackets(corrections, now)));
              nodes.add(blanks(corrections));
            });
    Benches.replace(box, nodes);
  }

  private Node kind(Measure measure, int index, Corrections corrections) {
    String name = measure.name().isEmpty() ? Texts.of("bring.figures") : measure.name();
    ChoiceBox<MeasureKind> choice =
        choice(
            List.of(MeasureKind.values()), measure.kind(), kind -> Texts.of("kind." + kind.word()));
    choice.setId("kind-" + (index + 1));
    choice.setAccessibleText(Texts.of("bring.kindOf", name));
    choice
        .getSelectionModel()
        .selectedItemProperty()
        .addListener(
            (property, before, now) ->
                desk.correct(
                    Texts.of("change.kind", name, Texts.of("kind." + now.word())),
                    corrections.withMeasure(measure.name(), now)));
    return labelled(name, choice);
  }

  /// Of which kind the second figures of a measure's cells are.
  private Node second(Measure measure, int index, Corrections corrections) {
    String name = measure.name().isEmpty() ? Texts.of("bring.figures") : measure.name();
    List<Optional<MeasureKind>> values = new ArrayList<>(List.of(Optional.empty()));
    for (MeasureKind kind : MeasureKind.values()) {
      values.add(Optional.of(kind));
    }
    Function<Optional<MeasureKind>, String> names =
        kind ->
            kind.map(one -> Texts.of("kind." + one.word())).orElse(Texts.of("bring.second.none"));
    ChoiceBox<Optional<MeasureKind>> choice = choice(values, measure.bracketed(), names);
    choice.setId("second-" + (index + 1));
    choice.setAccessibleText(Texts.of("bring.secondOf", name));
    choice
        .getSelectionModel()
        .selectedItemProperty()
        .addListener(
            (property, before, now) ->
                desk.correct(
                    Texts.of("change.second", name, names.apply(now)),
                    corrections.withSecond(measure.name(), now)));
    return labelled(Texts.of("bring.second"), choice);
  }

  private Node blanks(Corrections corrections) {
    ChoiceBox<BlankMeaning> choice =
        choice(
            List.of(BlankMeaning.values()),
            corrections.blanks().orElse(BlankMeaning.MISSING),
            meaning -> Texts.of("blank." + meaning.name().toLowerCase(Locale.ROOT)));
    choice.setId("blanks");
    choice.setAccessibleText(Texts.of("bring.blanks"));
    choice
        .getSelectionModel()
        .selectedItemProperty()
        .addListener(
            (property, before, now) ->
                desk.correct(
                    Texts.of("change.blanks", now.toString()), corrections.withBlanks(now)));
    return labelled(Texts.of("bring.blanks"), choice);
  }

  /// What figures in brackets were taken for, if there are any.
  private static Optional<BracketMeaning> inBrackets(Recognition recognition) {
    return recognition.evidence().stream()
        .filter(one -> one.place().equals("figures in brackets"))
        .map(Evidence::said)
        .map(
            said ->
                said.equals(BracketMeaning.UNTOLD.toString())
                        || said.equals(BracketMeaning.NEGATIVE.toString())
                    ? BracketMeaning.of(said)
                    : BracketMeaning.FIGURE)
        .findFirst();
  }

  private Node brackets(Corrections corrections, BracketMeaning now) {
    ChoiceBox<BracketMeaning> choice =
        choice(
            List.of(BracketMeaning.values()),
            corrections.brackets().orElse(now),
            meaning -> Texts.of("bracket." + meaning));
    choice.setId("brackets");
    choice.setAccessibleText(Texts.of("bring.brackets"));
    choice
        .getSelectionModel()
        .selectedItemProperty()
        .addListener(
            (property, before, chosen) ->
                desk.correct(
                    Texts.of("change.brackets", Texts.of("bracket." + chosen)),
                    corrections.withBrackets(chosen)));
    return labelled(Texts.of("bring.brackets"), choice);
  }

  private static Node labelled(String name, Node choice) {
    Label label = new Label(name);
    label.setMinWidth(0);
    HBox.setHgrow(label, Priority.ALWAYS);
    HBox row = Benches.spread(label, choice);
    row.getStyleClass().add("choice-row");
    return row;
  }

  private static <T> ChoiceBox<T> choice(List<T> values, T now, Function<T, String> names) {
    ChoiceBox<T> choice = new ChoiceBox<>();
    choice.setMinWidth(WIDTH);
    choice.setMaxWidth(WIDTH);
    choice.getItems().setAll(values);
    choice.setValue(now);
    choice.setConverter(new SaidAs<>(names));
    return choice;
  }
}
