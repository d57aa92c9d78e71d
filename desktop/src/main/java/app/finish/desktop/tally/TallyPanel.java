package app.finish.desktop.tally;

import app.finish.core.tally.MissingAnswers;
import app.finish.core.tally.Plan;
import app.finish.core.tally.Question;
import app.finish.core.tally.SignificanceTest;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Tallies;
import app.finish.records.column.Column;
import app.finish.records.source.Records;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/// The tally of the table at hand: what goes down, across, held and measured; the columns of its
/// records; and which records are counted.
public final class TallyPanel {
  private final Tallies tallies;
  private final VBox box = new VBox();

  public TallyPanel(Tallies tallies) {
    this.tallies = tallies;
  }

  public Node build() {
    box.getStyleClass().add("tally");
    Benches.follow(tallies.askedProperty(), this::show);
    Benches.follow(tallies.redraws().waitingProperty(), this::show);
    return box;
  }

  private void show() {
    List<Node> nodes = new ArrayList<>();
    tallies
        .askedProperty()
        .get()
        .ifPresent(
            asked -> {
              nodes.add(hold(asked));
              nodes.add(question(asked.plan()));
              nodes.add(new TallyWells(tallies, asked).build());
              asked.records().ifPresent(records -> nodes.add(columns(records, asked.plan())));
              nodes.add(which(asked));
            });
    Benches.replace(box, nodes);
    box.setVisible(!nodes.isEmpty());
    box.setManaged(!nodes.isEmpty());
  }

  private Node hold(Tallies.Asked asked) {
    ToggleButton hold = chip(Texts.of("tally.hold"), "hold-redraw");
    hold.setSelected(tallies.redraws().waitingProperty().get());
    hold.setOnAction(event -> tallies.redraws().let(hold.isSelected()));
    Button redraw = new Button(Texts.of("tally.redraw"));
    redraw.setId("redraw");
    redraw.getStyleClass().add("main-button");
    redraw.setDisable(tallies.redraws().pendingProperty().get().isEmpty());
    redraw.setOnAction(event -> tallies.redraws().redraw());
    String size =
        asked
            .records()
            .map(records -> Texts.of("tally.size", records.count(), records.columns().all().size()))
            .orElse(Texts.of("tally.closed"));
    Label caption = Benches.caption(asked.tally().records().label() + " · " + size);
    HBox buttons = new HBox(8, hold, redraw);
    buttons.setAlignment(Pos.CENTER_LEFT);
    return Benches.section(Texts.of("tally.records"), caption, buttons);
  }

  private Node question(Plan plan) {
    FlowPane chips = new FlowPane(4, 4);
    for (Question one : Question.values()) {
      ToggleButton chip = chip(Texts.of("question." + one.word()), "question-" + one.word());
      chip.setSelected(plan.question() == one);
      chip.setOnAction(
          event ->
              tallies.ask(
                  Texts.of("change.question", Texts.of("question." + one.word())),
                  plan.withQuestion(one)));
      chips.getChildren().add(chip);
    }
    return Benches.section(Texts.of("tally.ask"), chips);
  }

  public static ToggleButton chip(String name, String id) {
    ToggleButton chip = new ToggleButton(name);
    chip.getStyleClass().setAll("chip");
    chip.setId(id);
    return chip;
  }

  private Node columns(Records records, Plan plan) {
    VBox rows = new VBox();
    int number = 0;
    for (Column column : records.columns().all()) {
      number++;
      rows.getChildren().add(new TallyColumn(tallies, records, plan, column, number).build());
    }
    return Benches.section(Texts.of("tally.columns"), rows);
  }

  private Node which(Tallies.Asked asked) {
    Plan plan = asked.plan();
    TextField where = field("where", plan.where(), Texts.of("tally.wherePrompt"));
    where.setOnAction(
        event -> tallies.ask(Texts.of("change.where"), plan.withWhere(where.getText().strip())));
    Label condition = Benches.caption(Texts.of("tally.where"));
    condition.setLabelFor(where);
    CheckBox leftOut = new CheckBox(Texts.of("tally.leftOut"));
    leftOut.setId("missing-left-out");
    leftOut.setSelected(plan.missing() == MissingAnswers.LEFT_OUT);
    leftOut.setOnAction(
        event ->
            tallies.ask(
                Texts.of("change.missing"),
                plan.withMissing(
                    leftOut.isSelected() ? MissingAnswers.LEFT_OUT : MissingAnswers.APART)));
    CheckBox down = new CheckBox(Texts.of("tally.measuresDown"));
    down.setId("measures-down");
    down.setSelected(plan.measuresDown());
    down.setOnAction(
        event ->
            tallies.ask(Texts.of("change.measuresDown"), plan.withMeasuresDown(down.isSelected())));
    List<Node> nodes = new ArrayList<>(List.of(condition, where));
    if (!plan.weight().isEmpty()) {
      nodes.add(weight(plan));
    }
    nodes.addAll(List.of(leftOut, down, Benches.caption(Texts.of("tally.tests")), tests(plan)));
    return Benches.section(Texts.of("tally.which"), nodes.toArray(Node[]::new));
  }

  private Node weight(Plan plan) {
    Hyperlink none = new Hyperlink(Texts.of("tally.noWeight"));
    none.setId("no-weight");
    none.setOnAction(event -> tallies.ask(Texts.of("change.weight"), plan.withWeight("")));
    return Benches.spread(new Label(Texts.of("tally.weighted", plan.weight())), none);
  }

  private Node tests(Plan plan) {
    FlowPane chips = new FlowPane(4, 4);
    for (SignificanceTest test : SignificanceTest.values()) {
      String word = test.word().replace("-", "");
      ToggleButton chip = chip(Texts.of("test." + word), "test-" + word);
      chip.setSelected(plan.tests().contains(test));
      chip.setOnAction(
          event -> {
            Set<SignificanceTest> tests = EnumSet.noneOf(SignificanceTest.class);
            tests.addAll(plan.tests());
            if (!tests.remove(test)) {
              tests.add(test);
            }
            tallies.ask(Texts.of("change.test", Texts.of("test." + word)), plan.withTests(tests));
          });
      chips.getChildren().add(chip);
    }
    return chips;
  }

  public static TextField field(String id, String text, String prompt) {
    TextField field = new TextField(text);
    field.setId(id);
    field.setPromptText(prompt);
    field.setAccessibleText(prompt);
    return field;
  }
}
