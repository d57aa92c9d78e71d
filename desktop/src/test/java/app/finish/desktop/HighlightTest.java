package app.finish.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.highlight.Condition;
import app.finish.core.highlight.Highlight;
import app.finish.core.highlight.HighlightSentence;
import app.finish.core.highlight.Operand;
import app.finish.core.highlight.Reach;
import app.finish.core.highlight.Show;
import app.finish.core.layout.CellBox;
import app.finish.core.style.Property;
import app.finish.core.table.Table;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import org.testng.annotations.Test;

/// Highlights figures in the real window, with keyboard and mouse.
public class HighlightTest extends WindowTest {
  private static final CellMeaning.Body FIGURE = new CellMeaning.Body(0, 1);

  private void openStep() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT4);
  }

  private void openWith(String... sentences) {
    openStep();
    hand.interact(
        () -> {
          for (String sentence : sentences) {
            window.desk().highlighting().add(HighlightSentence.read(sentence));
          }
        });
    settle();
  }

  private List<Highlight> all() {
    return ask(() -> window.desk().highlighting().all());
  }

  private DressedCell cell(CellMeaning place) {
    return scroll().boxOf(place).map(CellBox::cell).orElseThrow();
  }

  private Table table() {
    return ask(() -> window.desk().shownProperty().get().orElseThrow().arranged().table());
  }

  private String measure() {
    return table().measureAt(FIGURE.row(), FIGURE.column()).name();
  }

  private double figure() {
    return table().body().number(FIGURE.row(), FIGURE.column());
  }

  private void choose(String menu, String... path) {
    reveal(menu);
    hand.interact(
        () -> {
          List<MenuItem> items = ((MenuButton) window.scene().lookup(menu)).getItems();
          for (int i = 0; i < path.length; i++) {
            String name = path[i];
            MenuItem item =
                items.stream()
                    .filter(one -> name.equals(one.getText()))
                    .findFirst()
                    .orElseThrow(() -> new AssertionError("no item " + name + " in " + menu));
            if (i < path.length - 1) {
              items = ((Menu) item).getItems();
            } else {
              if (item instanceof CheckMenuItem tick) {
                tick.setSelected(!tick.isSelected());
              }
              item.fire();
            }
          }
        });
    settle();
  }

  private void write(String field, String text) {
    reveal(field);
    hand.interact(() -> window.scene().lookup(field).requestFocus());
    press(KeyCode.CONTROL, KeyCode.A);
    hand.interact(() -> ((TextInputControl) window.scene().lookup(field)).replaceSelection(text));
    press(KeyCode.ENTER);
  }

  /// Step, figure, offer: the first highlight takes three actions, and one undo.
  @Test
  public void aPickedFigureIsHighlightedInThreeActions() {
    openStep();
    clickCell(FIGURE);
    click("#suggest-below");
    assertThat(all()).hasSize(1);
    assertThat(all().getFirst().when())
        .isEqualTo(new Condition.Compared(Condition.Sign.AT_MOST, new Operand.Number(figure())));
    assertThat(cell(FIGURE).look().setting(Property.INK)).isEqualTo("bad");
    assertThat(slug()).contains("highlight › ");
    assertThat(textOf("#match-count")).contains("cells").doesNotStartWith("0 of");
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(all()).isEmpty();
    assertThat(cell(FIGURE).look().setting(Property.INK)).isNotEqualTo("bad");
  }

  @Test
  public void eachWordOfTheSentenceCanBeChanged() {
    openStep();
    clickCell(FIGURE);
    click("#suggest-below");
    write("#bound", "1");
    assertThat(all().getFirst().when())
        .isEqualTo(new Condition.Compared(Condition.Sign.AT_MOST, new Operand.Number(1)));
    choose("#condition-kind", "above 0");
    assertThat(all().getFirst().when())
        .isEqualTo(new Condition.Compared(Condition.Sign.ABOVE, new Operand.Number(1)));
    choose("#operand", "the mean", "of its column");
    assertThat(HighlightSentence.of(all().getFirst())).contains("above the mean of its column");
    choose("#parts", "grand totals");
    assertThat(all().getFirst().where().grandTotals()).isTrue();
    choose("#measures", "everything");
    assertThat(all().getFirst().where().measures()).isEmpty();
    click("#flag-italic");
    assertThat(((Show.Flag) all().getFirst().show()).settings())
        .containsEntry(Property.SLANT, "italic");
    choose("#flag-fill", "accent 12%");
    assertThat(((Show.Flag) all().getFirst().show()).settings())
        .containsEntry(Property.FILL, "accent 12%");
    choose("#reach", "the row");
    assertThat(all().getFirst().reach()).isEqualTo(Reach.ROW);
    choose("#show-kind", "length bar");
    assertThat(all().getFirst().show()).isInstanceOf(Show.Bar.class);
    click("#bar-alone");
    assertThat(((Show.Bar) all().getFirst().show()).figure()).isFalse();
    choose("#operand", "a number");
    write("#bound", "many");
    assertThat(textOf("#condition-wrong")).contains("“many” is no number");
    assertThat(all()).hasSize(1);
  }

  @Test
  public void theSentenceCanBeTypedAndWhatIsWrongIsToldUnderIt() {
    openWith("everything below 0: bad");
    write("#whole-sentence", "everything above 10: italic good, the heading");
    assertThat(HighlightSentence.of(all().getFirst()))
        .isEqualTo("everything above 10: italic good, the heading");
    write("#whole-sentence", "everything abov 10: italic");
    assertThat(textOf("#sentence-wrong")).contains("a condition is expected");
    assertThat(HighlightSentence.of(all().getFirst()))
        .isEqualTo("everything above 10: italic good, the heading");
    write("#highlight-name", "Large ones");
    assertThat(all().getFirst().name()).isEqualTo("Large ones");
    click("#legend");
    assertThat(all().getFirst().legend()).isEqualTo("Italic: Large ones.");
    assertThat(
            dressed().rows().stream()
                .flatMap(row -> row.cells().stream())
                .anyMatch(one -> one.text().contains("Italic: Large ones.")))
        .isTrue();
  }

  @Test
  public void theLineOfTheHistogramIsMovedByKeyAndByMouse() {
    openWith("everything below 50: bad");
    reveal("#histogram");
    hand.interact(() -> window.scene().lookup("#histogram").requestFocus());
    press(KeyCode.RIGHT);
    double moved = bound();
    assertThat(moved).isGreaterThan(50);
    press(KeyCode.LEFT);
    assertThat(bound()).isLessThan(moved);
    Node histogram = window.scene().lookup("#histogram");
    hand.interact(() -> {});
    hand.clickOn(histogram);
    settle();
    double middle = bound();
    assertThat(middle).isGreaterThan(moved);
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(bound()).isNotEqualTo(middle);
  }

  private double bound() {
    return all().getFirst().when()
            instanceof Condition.Compared(Condition.Sign _, Operand.Number(double number))
        ? number
        : Double.NaN;
  }

  @Test
  public void matchesAreListedAndLeadToTheirFigures() {
    openWith("everything among the top 1 of the table: bold");
    assertThat(textOf("#match-count")).contains(" of ");
    Node first = ask(() -> window.scene().lookup("#match-list").lookup(".match"));
    click("#" + first.getId());
    CellMeaning picked = ask(() -> window.desk().pickProperty().get().orElseThrow().place());
    assertThat(picked).isInstanceOf(CellMeaning.Body.class);
    assertThat(cell(picked).look().bold()).isTrue();
  }

  @Test
  public void highlightsAreOrderedSwitchedOffAndRemoved() {
    openStep();
    Dressed plain = dressed();
    openWith("everything always: bad", "everything always: good");
    assertThat(cell(FIGURE).look().setting(Property.INK)).isEqualTo("good");
    click("#highlight-1-down");
    assertThat(cell(FIGURE).look().setting(Property.INK)).isEqualTo("bad");
    click("#highlight-1-on");
    assertThat(cell(FIGURE).look().setting(Property.INK)).isEqualTo("good");
    click("#highlight-2-on");
    assertThat(texts(dressed())).isEqualTo(texts(plain));
    assertThat(cell(FIGURE).look().setting(Property.INK)).isNotIn("good", "bad");
    click("#highlight-2-out");
    assertThat(all()).hasSize(1);
    click("#highlight-1-out");
    assertThat(all()).isEmpty();
    for (int i = 0; i < 5; i++) {
      press(KeyCode.CONTROL, KeyCode.Z);
    }
    assertThat(all()).hasSize(2);
  }

  private static List<String> texts(Dressed dressed) {
    return dressed.rows().stream()
        .flatMap(row -> row.cells().stream())
        .map(one -> one.text() + one.look().ink() + one.look().fill())
        .toList();
  }

  @Test
  public void whatIsOftenMeantOtherwiseIsTold() {
    openWith("everything, totals too, above 0: bold");
    assertThat(warnings()).contains("totals");
    hand.interact(() -> window.desk().highlighting().say("everything above 1e300: bold"));
    openWith("everything above 999999999: bold");
    assertThat(warnings()).contains("No figure meets the condition");
    openWith("Landings below 3: bold");
    assertThat(warnings()).contains("It sleeps").contains("does not measure Landings");
  }

  private String warnings() {
    settle();
    return ask(
        () ->
            ((javafx.scene.layout.VBox) window.scene().lookup("#match-warnings"))
                .getChildren().stream()
                    .map(one -> ((javafx.scene.control.Labeled) one).getText())
                    .reduce("", (one, other) -> one + " " + other));
  }

  @Test
  public void highlightsGoWithTheTableWhenItIsArranged() {
    openWith("everything among the top 1 of the table: bold bad");
    String before = matched();
    hand.interact(
        () ->
            window
                .desk()
                .arrange(
                    "swap",
                    app.finish.core.arrange.move.Arrangement.of(
                        new app.finish.core.arrange.make.SwapAxes())));
    settle();
    assertThat(matched()).isEqualTo(before);
  }

  private String matched() {
    return dressed().rows().stream()
        .flatMap(row -> row.cells().stream())
        .filter(one -> one.place() instanceof CellMeaning.Body)
        .filter(one -> one.look().setting(Property.INK).equals("bad"))
        .map(DressedCell::text)
        .sorted()
        .toList()
        .toString();
  }

  @Test
  public void oneIsKeptInTheStyleAndTakenOutOfItAgain() {
    openWith("everything above 10: bold bad");
    click("#highlight-keep");
    assertThat(all()).isEmpty();
    assertThat(ask(() -> window.desk().highlighting().ofStyle()))
        .containsExactly("everything above 10: bold bad");
    assertThat(matched()).isNotEqualTo("[]");
    click("#style-highlight-1-out");
    assertThat(all()).hasSize(1);
    press(KeyCode.CONTROL, KeyCode.Z);
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(all()).hasSize(1);
    assertThat(ask(() -> window.desk().highlighting().ofStyle())).isEmpty();
  }

  @Test
  public void theyAreCopiedToAllTables() {
    openWith("everything above 10: bold");
    int tables = ask(() -> window.desk().document().items().size());
    assertThat(tables).isGreaterThan(1);
    click("#highlights-copy");
    for (int i = 0; i < tables; i++) {
      int index = i;
      assertThat(ask(() -> window.desk().document().table(index).finish().highlights()))
          .contains(all().getFirst());
    }
  }

  /// What fits is offered while one writes, and what is wrong is said under its place.
  @Test
  public void anExpressionIsCompletedAndCheckedWhileItIsWritten() {
    openWith("everything where {value < 100}: bold");
    reveal("#expression");
    hand.interact(() -> window.scene().lookup("#expression").requestFocus());
    press(KeyCode.END);
    hand.write(" && Sea");
    assertThat(shows("#expression-wrong")).isTrue();
    assertThat(textOf("#expression-wrong")).contains("Sea");
    press(KeyCode.TAB);
    hand.write(" == 'Winter'");
    assertThat(shows("#expression-wrong")).isFalse();
    press(KeyCode.ENTER);
    assertThat(HighlightSentence.of(all().getFirst()))
        .isEqualTo("everything where {value < 100 && Season == 'Winter'}: bold");
    reveal("#expression");
    hand.interact(() -> window.scene().lookup("#expression").requestFocus());
    press(KeyCode.END);
    hand.write(" + 1");
    press(KeyCode.ENTER);
    assertThat(shows("#expression-wrong")).isTrue();
    assertThat(HighlightSentence.of(all().getFirst())).doesNotContain("+ 1");
  }

  /// A picked heading is understood by its meaning, several too.
  @Test
  public void pickedHeadingsSayWhereToLook() {
    openStep();
    clickCell(new CellMeaning.Stub(0, 0));
    assertThat(shows("#suggest-below")).isFalse();
    click("#suggest-bars");
    assertThat(HighlightSentence.of(all().getFirst().where()))
        .isEqualTo("everything, under “Hale–Orrin”");
    clickCell(new CellMeaning.Head(1, 0, 0));
    click("#suggest-top");
    assertThat(HighlightSentence.of(all().getFirst().where())).isEqualTo("Fares, under “2025”");
    clickCell(new CellMeaning.Stub(1, 0));
    press(KeyCode.SHIFT, KeyCode.DOWN);
    click("#suggest-this");
    assertThat(HighlightSentence.of(all().getFirst().where()))
        .isEqualTo(
            "everything, under “Hale–Orrin” › “Spring” or “Hale–Orrin” › “Winter”, totals too");
  }

  @Test
  public void whereIsSaidByHeadingsAndLevels() {
    openWith("Fares always: bold");
    choose("#members", "Under a heading", "Orrin–Skell");
    choose("#members", "At a level", "Season");
    assertThat(HighlightSentence.of(all().getFirst().where()))
        .isEqualTo("Fares, under “Orrin–Skell”, at level Season");
    choose("#flag-further", "Size", "125%");
    choose("#flag-further", "Rule below", "0.5 pt ink");
    assertThat(HighlightSentence.of(all().getFirst().show()))
        .isEqualTo("size 125% bold ruleBelow “0.5 pt ink”");
    choose("#show-kind", "length bar");
    choose("#bar-scale", "one scale for all");
    choose("#bar-negative", "good 60%");
    assertThat(HighlightSentence.of(all().getFirst().show())).contains("below zero good 60%");
    assertThat(HighlightSentence.of(all().getFirst().show())).contains("over all measures");
  }

  @Test
  public void highlightsAreCopiedToPickedTablesAlone() {
    openWith("everything above 10: bold bad");
    hand.interact(() -> window.scene().lookup("#galley-1").requestFocus());
    press(KeyCode.SHIFT, KeyCode.RIGHT);
    click("#highlights-copy");
    for (int i = 0; i < DEMO_TABLES; i++) {
      int index = i;
      List<Highlight> of = ask(() -> window.desk().document().table(index).finish().highlights());
      assertThat(of.contains(all().getFirst())).as("table " + i).isEqualTo(i < 2);
    }
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(ask(() -> window.desk().document().table(1).finish().highlights()))
        .doesNotContain(all().getFirst());
  }
}
