package app.finish.desktop.arrange;

import app.finish.core.problem.Refusal;
import app.finish.core.table.MeasureKind;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Buttons;
import app.finish.desktop.kit.ExpressionField;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.tally.TallyPanel;
import app.finish.expressions.BadExpression;
import app.finish.expressions.MeasureFormulas;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/// Calculates a measure from others. While one writes, the names and functions that fit are
/// offered, and what is wrong is said under its place.
public final class CalculatePanel {
  private final Desk desk;
  private final VBox box = Benches.section("");
  private final TextField name = TallyPanel.field("calculate-name", "", Texts.of("calculate.name"));
  private final TextField expression =
      TallyPanel.field("calculate-expression", "", Texts.of("calculate.expression"));
  private final CheckBox percent = new CheckBox(Texts.of("calculate.percent"));
  private final TextField decimals =
      TallyPanel.field("calculate-decimals", "1", Texts.of("edit.decimals"));
  private final ExpressionField field;

  CalculatePanel(Desk desk) {
    this.desk = desk;
    this.field = new ExpressionField(expression, this::names, this::whatIsWrong);
  }

  Node build() {
    name.getStyleClass().add("well-words");
    expression.getStyleClass().add("well-words");
    decimals.getStyleClass().add("well-words");
    decimals.setPrefColumnCount(2);
    percent.setId("calculate-percent");
    expression.textProperty().addListener((p, before, now) -> written());
    expression.setOnAction(event -> calculate());
    name.setOnAction(event -> calculate());
    Button make = Buttons.button(Texts.of("calculate.make"), "calculate");
    make.setOnAction(event -> calculate());
    Label nameLabel = Benches.caption(Texts.of("calculate.name"));
    nameLabel.setLabelFor(name);
    Label words = Benches.caption(Texts.of("calculate.expression"));
    words.setLabelFor(expression);
    Label places = Benches.caption(Texts.of("edit.decimals"));
    places.setLabelFor(decimals);
    HBox how = new HBox(8, percent, places, decimals);
    how.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
    box.getChildren()
        .setAll(
            Benches.heading(Texts.of("calculate.heading")),
            nameLabel,
            name,
            words,
            field.node(),
            how,
            make);
    Benches.follow(desk.shownProperty(), this::shown);
    return box;
  }

  private List<String> measures() {
    return desk.shownProperty().get().map(shown -> shown.arranged().measures()).orElse(List.of());
  }

  private void shown() {
    List<String> measures = measures();
    String first = measures.isEmpty() ? "" : measures.getFirst();
    expression.setPromptText(Texts.of("calculate.prompt", first));
    field.look();
  }

  /// A share of something is a percentage.
  private void written() {
    if (expression.getText().strip().matches("(share_of_\\w+|percent_change)\\(.*\\)")) {
      percent.setSelected(true);
    }
  }

  private List<String> names() {
    return Stream.concat(
            measures().stream(),
            MeasureFormulas.FUNCTIONS.stream().map(MeasureFormulas.Function::pattern))
        .toList();
  }

  private Optional<ExpressionField.Wrong> whatIsWrong(String text) {
    try {
      desk.sending().formulas().read(text, measures());
      return Optional.empty();
    } catch (BadExpression e) {
      return Optional.of(new ExpressionField.Wrong(e.sentence(), e.offset()));
    }
  }

  private void calculate() {
    Optional<ExpressionField.Wrong> bad = field.wrong();
    if (expression.getText().isBlank() || bad.isPresent()) {
      expression.requestFocus();
      bad.ifPresent(one -> expression.positionCaret(one.offset()));
      return;
    }
    String called =
        name.getText().isBlank() ? expression.getText().strip() : name.getText().strip();
    try {
      MeasureKind kind = percent.isSelected() ? MeasureKind.PERCENT : MeasureKind.RATIO;
      desk.arranging().calculate(called, expression.getText(), kind, decimals.getText());
      expression.clear();
      name.clear();
    } catch (Refusal e) {
      desk.tell(e);
    }
  }
}
