package app.finish.desktop.kit;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;

/// A field for an expression. While one writes, the names and functions that fit are offered (Tab
/// takes the first), and what is wrong is said under the place where it is.
///
/// ```java
/// ExpressionField field = new ExpressionField(text, table::measures, table::whatIsWrong);
/// panel.getChildren().add(field.node());
/// ```
public final class ExpressionField {
  /// What is wrong with an expression.
  ///
  /// @param sentence what is wrong and what to do
  /// @param offset where in the text, from 0
  public record Wrong(String sentence, int offset) {}

  private final TextField field;
  private final Supplier<List<String>> names;
  private final Function<String, Optional<Wrong>> check;
  private final Label wrong = Benches.caption("");
  private final Region caret = new Region();
  private final FlowPane offered = new FlowPane(4, 0);
  private final VBox node;

  /// @param field where it is written
  /// @param names what may stand in it, functions with their brackets
  /// @param check what is wrong with a text, if anything is
  public ExpressionField(
      TextField field, Supplier<List<String>> names, Function<String, Optional<Wrong>> check) {
    this.field = field;
    this.names = names;
    this.check = check;
    wrong.setId(field.getId() + "-wrong");
    wrong.getStyleClass().add("finding");
    caret.getStyleClass().add("caret");
    caret.setMaxSize(9, 5);
    caret.setMinSize(9, 5);
    field.textProperty().addListener((p, before, now) -> look());
    field.caretPositionProperty().addListener((p, before, now) -> offer());
    field.focusedProperty().addListener((p, before, now) -> offer());
    field.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
    node = new VBox(field, caret, wrong, offered);
    look();
  }

  /// The field, with what is said and offered under it.
  public Region node() {
    return node;
  }

  /// What is wrong with what is written; nothing of an empty field.
  public Optional<Wrong> wrong() {
    return field.getText().isBlank() ? Optional.empty() : check.apply(field.getText());
  }

  /// Looks again at what is written, since the table may be another.
  public void look() {
    Optional<Wrong> bad = wrong();
    wrong.setText(bad.map(Wrong::sentence).orElse(""));
    for (Node one : List.of(wrong, caret)) {
      one.setVisible(bad.isPresent());
      one.setManaged(bad.isPresent());
    }
    bad.ifPresent(one -> caret.setTranslateX(x(one.offset())));
    offer();
  }

  /// How far to the right a character of the expression stands in its field.
  private double x(int offset) {
    String before = field.getText().substring(0, Math.clamp(offset, 0, field.getLength()));
    Text measure = new Text(before);
    measure.setFont(field.getFont());
    double room = field.getWidth() > 0 ? Math.max(0, field.getWidth() - 24) : Double.MAX_VALUE;
    return Math.min(room, measure.getLayoutBounds().getWidth() + 8);
  }

  /// The word that is being written.
  private String word() {
    String text = field.getText();
    int end = Math.min(field.getCaretPosition(), text.length());
    int start = end;
    while (start > 0
        && (Character.isLetterOrDigit(text.charAt(start - 1)) || text.charAt(start - 1) == '_')) {
      start--;
    }
    return text.substring(start, end);
  }

  private List<String> fitting() {
    String begun = word().toLowerCase(Locale.ROOT);
    return names.get().stream()
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
    boolean writing = field.isFocused() || !field.getText().isBlank();
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

  /// Puts a name or function where the word is that is being written.
  private void take(String one) {
    String text = field.getText();
    int end = Math.min(field.getCaretPosition(), text.length());
    int start = end - word().length();
    String put = one.replace("…", "");
    int open = put.indexOf('(');
    boolean plain = open >= 0 || put.matches("[\\p{L}_][\\p{L}\\p{N}_ –-]*");
    String written = plain ? put : "`" + put + "`";
    field.setText(text.substring(0, start) + written + text.substring(end));
    field.requestFocus();
    field.positionCaret(open >= 0 ? start + open + 1 : start + written.length());
  }
}
