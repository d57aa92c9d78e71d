package app.finish.desktop.arrange;

import app.finish.core.problem.Refusal;
import app.finish.core.table.MeasureKind;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Buttons;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.tally.TallyPanel;
import app.finish.expressions.BadExpression;
import app.finish.expressions.MeasureFormulas;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;

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
  private final Label wrong = Benches.caption("");
  private final Region caret = new Region();
  private final FlowPane offered = new FlowPane(4, 0);

  CalculatePanel(Desk desk) {
    this.desk = desk;
  }

  Node build() {
    name.getStyleClass().add("well-words");
    expression.getStyleClass().add("well-words");
    decimals.getStyleClass().add("well-words");
    decimals.setPrefColumnCount(2);
    percent.setId("calculate-percent");
    wrong.setId("calculate-wrong");
    wrong.getStyleClass().add("finding");
    caret.getStyleClass().add("caret");
    caret.setMaxSize(9, 5);
    caret.setMinSize(9, 5);
    expression.textProperty().addListener((p, before, now) -> written());
    expression.caretPositionProperty().addListener((p, before, now) -> offer());
    expression.focusedProperty().addListener((p, before, now) -> offer());
    expression.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
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
            new VBox(expression, caret),
            wrong,
            offered,
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
    written();
  }

  /// Says what is wrong, if anything is and something is written.
  private void written() {
    Optional<BadExpression> bad = bad();
    wrong.setText(bad.map(Throwable::getMessage).orElse(""));
    wrong.setVisible(bad.isPresent());
    wrong.setManaged(bad.isPresent());
    caret.setVisible(bad.isPresent());
    caret.setManaged(bad.isPresent());
    bad.ifPresent(one -> caret.setTranslateX(xOf(one.offset())));
    String text = expression.getText();
    boolean share = text.strip().matches("(share_of_\\w+|percent_change)\\(.*\\)");
    if (share) {
      percent.setSelected(true);
    }
    offer();
  }

  private Optional<BadExpression> bad() {
    if (expression.getText().isBlank()) {
      return Optional.empty();
    }
    try {
      desk.sending().formulas().read(expression.getText(), measures());
      return Optional.empty();
    } catch (BadExpression e) {
      return Optional.of(e);
    }
  }

  /// How far to the right a place of the expression stands in its field.
  private double xOf(int offset) {
    String before = expression.getText().substring(0, Math.min(offset, expression.getLength()));
    Text measure = new Text(before);
    measure.setFont(expression.getFont());
    double room = Math.max(0, expression.getWidth() - 24);
    return Math.min(room, measure.getLayoutBounds().getWidth() + 8);
  }

  /// The word that is being written.
  private String word() {
    String text = expression.getText();
    int end = Math.min(expression.getCaretPosition(), text.length());
    int start = end;
    while (start > 0
        && (Character.isLetterOrDigit(text.charAt(start - 1)) || text.charAt(start - 1) == '_')) {
      start--;
    }
    return text.substring(start, end);
  }

  private List<String> fitting() {
    String begun = word().toLowerCase(Locale.ROOT);
    return Stream.concat(
            measures().stream(),
            MeasureFormulas.FUNCTIONS.stream().map(MeasureFormulas.Function::pattern))
        .filter(one -> one.toLowerCase(Locale.ROOT).startsWith(begun))
        .filter(one -> !one.toLowerCase(Locale.ROOT).equals(begun))
        .toList();
  }

  private void offer() {
    List<Node> nodes = new ArrayList<>();
    for (String one : fitting()) {
      Hyperlink link = new Hyperlink(one);
      link.setId("offer-" + (nodes.size() + 1));
      link.getStyleClass().add("offered");
      link.setFocusTraversable(false);
      link.setOnAction(event -> take(one));
      nodes.add(link);
    }
    offered.getChildren().setAll(nodes);
    boolean writing = expression.isFocused() || !expression.getText().isBlank();
    offered.setVisible(writing);
    offered.setManaged(writing);
  }

  /// Tab completes the word that is being written.
  private void key(KeyEvent event) {
    boolean completes = event.getCode() == KeyCode.TAB && !event.isShiftDown();
    if (completes && !word().isEmpty() && !fitting().isEmpty()) {
      take(fitting().getFirst());
      event.consume();
    }
  }

  /// Puts a name or function in the place of the word that is being written.
  private void take(String one) {
    String text = expression.getText();
    int end = Math.min(expression.getCaretPosition(), text.length());
    int start = end - word().length();
    String put = one.replace("…", "");
    int open = put.indexOf('(');
    boolean plain = open >= 0 || put.matches("[\\p{L}_][\\p{L}\\p{N}_ –-]*");
    String written = plain ? put : "`" + put + "`";
    expression.setText(text.substring(0, start) + written + text.substring(end));
    expression.requestFocus();
    expression.positionCaret(open >= 0 ? start + open + 1 : start + written.length());
  }

  private void calculate() {
    Optional<BadExpression> bad = bad();
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
