package app.finish.desktop.highlight;

import app.finish.core.highlight.Condition;
import app.finish.core.highlight.HighlightSentence;
import app.finish.core.highlight.Operand;
import app.finish.core.highlight.Scope;
import app.finish.core.problem.Refusal;
import app.finish.desktop.kit.ExpressionField;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Highlighting;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;

/// A condition as words that can be changed. One that joins several is a field of its own, with the
/// words that sentences have.
///
/// @param highlighting knows measures and members
/// @param changed is told the other condition
/// @param wrong is told what can't be read
record ConditionWords(
    Highlighting highlighting, Consumer<Condition> changed, Consumer<String> wrong) {
  private static final String EXPRESSION = "where {value < 0}";

  /// Kinds of conditions, each by an example of its words.
  private static final List<String> KINDS =
      List.of(
          "always",
          "below 0",
          "at most 0",
          "above 0",
          "at least 0",
          "equal to 0",
          "other than 0",
          "between 0 and 100",
          "among the top 3 of the table",
          "among the bottom 3 of the table",
          "further than 2 SD from the mean of its column",
          "changed by below -10% from above",
          "missing",
          "a number",
          "a text",
          "containing “…”",
          "one of “…”",
          EXPRESSION);

  /// The words of a condition.
  List<Node> of(Condition condition) {
    List<Node> nodes = new ArrayList<>();
    nodes.add(kind(condition));
    switch (condition) {
      case Condition.Compared(Condition.Sign sign, Operand with) -> {
        if (with instanceof Operand.Number(double number)) {
          nodes.add(
              number(
                  "bound",
                  number,
                  other -> new Condition.Compared(sign, new Operand.Number(other))));
        }
        nodes.add(operand(sign, with));
      }
      case Condition.Between(double low, double high) -> {
        nodes.add(number("low", low, other -> new Condition.Between(other, high)));
        nodes.add(SentenceWord.plain("and"));
        nodes.add(number("high", high, other -> new Condition.Between(low, other)));
      }
      case Condition.Outermost(boolean greatest, double count, boolean percent, Scope scope) -> {
        nodes.add(
            number(
                "count",
                count,
                other -> new Condition.Outermost(greatest, Math.max(1, other), percent, scope)));
        nodes.add(
            SentenceWord.menu(
                "percent",
                Texts.of("highlight.percent"),
                List.of(false, true),
                percent,
                is -> is ? "%" : Texts.of("highlight.figures"),
                is -> changed.accept(new Condition.Outermost(greatest, count, is, scope))));
        nodes.add(scope(scope, other -> new Condition.Outermost(greatest, count, percent, other)));
      }
      case Condition.FarFromMean(double deviations, Scope scope) -> {
        nodes.add(
            number("deviations", deviations, other -> new Condition.FarFromMean(other, scope)));
        nodes.add(SentenceWord.plain("SD"));
        nodes.add(scope(scope, other -> new Condition.FarFromMean(deviations, other)));
      }
      case Condition.Always _, Condition.Missing _, Condition.IsNumber _, Condition.IsText _ -> {}
      case Condition.Expression(String text) -> nodes.add(expression(text));
      default -> nodes.add(words(condition));
    }
    return nodes;
  }

  private MenuButton kind(Condition condition) {
    MenuButton menu =
        SentenceWord.button("condition-kind", Texts.of("highlight.condition"), name(condition));
    for (String kind : KINDS) {
      MenuItem item = new MenuItem(kind);
      item.setOnAction(event -> changed.accept(keeping(condition, kind)));
      menu.getItems().add(item);
    }
    return menu;
  }

  /// Another kind of condition, with the number of the one before if both have one.
  private static Condition keeping(Condition before, String kind) {
    Condition other = HighlightSentence.readCondition(kind);
    return before instanceof Condition.Compared(Condition.Sign _, Operand with)
            && other instanceof Condition.Compared(Condition.Sign sign, Operand _)
        ? new Condition.Compared(sign, with)
        : other;
  }

  private static String name(Condition condition) {
    return switch (condition) {
      case Condition.Compared(Condition.Sign sign, Operand _) -> sign.words();
      case Condition.Between _ -> "between";
      case Condition.Outermost outermost ->
          outermost.greatest() ? "among the top" : "among the bottom";
      case Condition.FarFromMean _ -> "further than";
      case Condition.Always _, Condition.Missing _, Condition.IsNumber _, Condition.IsText _ ->
          HighlightSentence.of(condition);
      case Condition.Expression _ -> Texts.of("highlight.expression");
      default -> Texts.of("highlight.words");
    };
  }

  /// An expression; it is taken with Enter and when the field is left, if nothing is wrong with it.
  private Node expression(String text) {
    TextField typed = new TextField(text);
    typed.setId("expression");
    typed.setAccessibleText(Texts.of("highlight.expression"));
    typed.setPrefColumnCount(24);
    typed.getStyleClass().addAll("sentence-field", "expression");
    ExpressionField field =
        new ExpressionField(
            typed,
            highlighting.names()::ofExpressions,
            other ->
                highlighting
                    .names()
                    .whatIsWrong(other)
                    .map(bad -> new ExpressionField.Wrong(bad.sentence(), bad.offset())));
    Runnable take =
        () -> {
          boolean other = !typed.getText().isBlank() && !typed.getText().equals(text);
          if (other && field.wrong().isEmpty()) {
            changed.accept(new Condition.Expression(typed.getText()));
          }
        };
    SentenceWord.whenTyped(typed, take);
    field.node().setPrefWidth(SentenceWord.LINE);
    return field.node();
  }

  /// A condition as it is written in sentences.
  private Node words(Condition condition) {
    return SentenceWord.field(
        "condition-words",
        Texts.of("highlight.condition"),
        HighlightSentence.of(condition),
        24,
        text -> {
          try {
            changed.accept(HighlightSentence.readCondition(text));
            return true;
          } catch (Refusal e) {
            wrong.accept(e.sentence());
            return true;
          }
        });
  }

  private Node number(String id, double number, WithNumber with) {
    String text = text(number);
    return SentenceWord.field(
        id,
        Texts.of("highlight." + id),
        text,
        5,
        typed -> {
          try {
            double other =
                Double.parseDouble(
                    typed
                        .strip()
                        .replace("%", "")
                        .replace('\u2212', '-')
                        .replace(',', '.')
                        .strip());
            if (Double.isFinite(other)) {
              changed.accept(with.of(other));
              return true;
            }
          } catch (NumberFormatException e) {
            wrong.accept(Texts.of("highlight.noNumber", typed));
          }
          return false;
        });
  }

  /// A condition with another number.
  private interface WithNumber {
    Condition of(double other);
  }

  static String text(double number) {
    return number == Math.rint(number) && Math.abs(number) < 1e15
        ? Long.toString((long) number)
        : Double.toString(number);
  }

  private Node scope(Scope scope, java.util.function.Function<Scope, Condition> with) {
    return SentenceWord.menu(
        "scope",
        Texts.of("highlight.scope"),
        List.of(Scope.values()),
        scope,
        one -> "of " + one.words(),
        one -> changed.accept(with.apply(one)));
  }

  private Node operand(Condition.Sign sign, Operand with) {
    String name =
        switch (with) {
          case Operand.Number _ -> Texts.of("highlight.orElse");
          case Operand.OfMeasure(String measure) -> measure;
          case Operand.AtMember(String dimension, String member) ->
              (dimension.isEmpty() ? "" : dimension + " ") + member;
          case Operand.OfMany(Operand.Statistic statistic, Scope scope) ->
              "the " + statistic.word() + " of " + scope.words();
        };
    MenuButton menu = SentenceWord.button("operand", Texts.of("highlight.operand"), name);
    menu.getItems().add(item(Texts.of("highlight.aNumber"), sign, new Operand.Number(0)));
    for (Operand.Statistic statistic : Operand.Statistic.values()) {
      Menu many = new Menu("the " + statistic.word());
      for (Scope scope : Scope.values()) {
        many.getItems()
            .add(item("of " + scope.words(), sign, new Operand.OfMany(statistic, scope)));
      }
      menu.getItems().add(many);
    }
    Menu measures = new Menu(Texts.of("highlight.otherMeasure"));
    highlighting
        .names()
        .measures()
        .forEach(one -> measures.getItems().add(item(one, sign, new Operand.OfMeasure(one))));
    if (measures.getItems().size() > 1) {
      menu.getItems().add(measures);
    }
    for (Map.Entry<String, List<String>> dimension : highlighting.names().members().entrySet()) {
      Menu members = new Menu(Texts.of("highlight.thatOf", dimension.getKey()));
      dimension
          .getValue()
          .forEach(
              member ->
                  members
                      .getItems()
                      .add(item(member, sign, new Operand.AtMember(dimension.getKey(), member))));
      menu.getItems().add(members);
    }
    return menu;
  }

  private MenuItem item(String text, Condition.Sign sign, Operand with) {
    MenuItem item = new MenuItem(text);
    item.setOnAction(event -> changed.accept(new Condition.Compared(sign, with)));
    return item;
  }
}
