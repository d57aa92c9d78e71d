package app.finish.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.arrange.place.Side;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.RuleLine;
import app.finish.core.style.Selector;
import app.finish.core.style.colour.Colour;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Dressing;
import app.finish.desktop.model.PickRange;
import app.finish.desktop.model.Step;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Point2D;
import javafx.scene.AccessibleAttribute;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Gestures that do what they look like: on all that is picked, by any colour, by people's own
/// words, in place, and by keys alone.
public class GesturesTest extends WindowTest {
  private Desk desk() {
    return window.desk();
  }

  private DressedCell cell(CellMeaning place) {
    return scroll().boxOf(place).orElseThrow().cell();
  }

  private Set<CellMeaning> picked() {
    return ask(
        () -> {
          Set<CellMeaning> all = new HashSet<>(desk().alsoProperty().get());
          desk().pickProperty().get().ifPresent(pick -> all.add(pick.place()));
          return all;
        });
  }

  private void openParts() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT3);
    hand.interact(() -> desk().dressing().leafProperty().set(Dressing.Leaf.PARTS));
    settle();
  }

  private void write(String selector, String text) {
    reveal(selector);
    hand.interact(() -> window.scene().lookup(selector).requestFocus());
    press(KeyCode.CONTROL, KeyCode.A);
    hand.write(text);
    press(KeyCode.ENTER);
  }

  private void find(String words) {
    press(KeyCode.CONTROL, KeyCode.K);
    hand.write(words);
    settle();
  }

  @Test
  public void figuresAreDraggedOverAndChangedAsOne() {
    openParts();
    Point2D from = where(new CellMeaning.Body(0, 1));
    Point2D to = where(new CellMeaning.Body(2, 3));
    hand.drag(from, to);
    settle();
    assertThat(picked()).hasSize(9).contains(new CellMeaning.Body(1, 2));
    hand.interact(() -> desk().dressing().looks().change(places(), Property.FILL, "good 20%"));
    settle();
    for (int row = 0; row < 4; row++) {
      for (int column = 0; column < 5; column++) {
        boolean inside = row <= 2 && column >= 1 && column <= 3;
        DressedCell cell = cell(new CellMeaning.Body(row, column));
        assertThat(cell.look().setting(Property.FILL).equals("good 20%")).isEqualTo(inside);
      }
    }
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(ask(() -> desk().dressing().touches().isEmpty())).isTrue();
  }

  private List<Selector> places() {
    var shown = desk().shownProperty().get().orElseThrow();
    List<Selector> all = new ArrayList<>();
    List<CellMeaning> cells = new ArrayList<>(desk().alsoProperty().get());
    cells.add(desk().pickProperty().get().orElseThrow().place());
    for (CellMeaning place : cells) {
      app.finish.core.dress.TouchPlaces.of(shown.naming(), place, false).ifPresent(all::add);
    }
    return all;
  }

  @Test
  public void rangesGoOverFiguresHeadingsAndHeads() {
    openDemo();
    var table = ask(() -> desk().shownProperty().get().orElseThrow().arranged().table());
    assertThat(PickRange.between(table, new CellMeaning.Body(2, 3), new CellMeaning.Body(0, 1)))
        .hasSize(9)
        .startsWith(new CellMeaning.Body(2, 3));
    assertThat(PickRange.between(table, new CellMeaning.Stub(0, 0), new CellMeaning.Stub(0, 10)))
        .containsExactly(
            new CellMeaning.Stub(0, 0), new CellMeaning.Stub(0, 5), new CellMeaning.Stub(0, 10));
    assertThat(
            PickRange.between(table, new CellMeaning.Head(0, 0, 3), new CellMeaning.Head(0, 4, 7)))
        .containsExactly(new CellMeaning.Head(0, 0, 3), new CellMeaning.Head(0, 4, 7));
    assertThat(PickRange.between(table, new CellMeaning.Stub(0, 0), new CellMeaning.Body(1, 1)))
        .containsExactly(new CellMeaning.Stub(0, 0));
  }

  @Test
  public void linesAreDrawnAroundAndBetweenInOneGestureEach() {
    openParts();
    click("#chapter-2");
    click("#lines-inner");
    RuleLine line = RuleLine.parse("0.5 pt rule");
    assertThat(cell(new CellMeaning.Body(1, 1)).look().ruleAbove()).isEqualTo(line);
    assertThat(cell(new CellMeaning.Body(1, 1)).look().ruleLeft()).isEqualTo(line);
    assertThat(cell(new CellMeaning.StubHead(0)).look().ruleLeft().isDrawn()).isFalse();
    click("#lines-frame");
    assertThat(cell(new CellMeaning.StubHead(0)).look().ruleLeft()).isEqualTo(line);
    click("#lines-rows");
    assertThat(cell(new CellMeaning.Body(1, 1)).look().ruleAbove().isDrawn()).isFalse();
    assertThat(cell(new CellMeaning.Body(1, 1)).look().ruleLeft()).isEqualTo(line);
    press(KeyCode.CONTROL, KeyCode.Z);
    press(KeyCode.CONTROL, KeyCode.Z);
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(ask(() -> desk().dressing().touches().isEmpty())).isTrue();
  }

  @DataProvider
  public Object[][] colours() {
    return new Object[][] {
      {"#0b3d2e", "#0b3d2e"},
      {"rgb(11, 61, 46)", "#0b3d2e"},
      {"seagreen", "#2e8b57"},
      {"accent shade 30%", "accent shade 30%"},
      {"accent 20%", "accent 20%"},
    };
  }

  @Test(dataProvider = "colours")
  public void aColourIsTypedAsPeopleWriteIt(String typed, String set) {
    openParts();
    write("#property-fill-text", typed);
    assertThat(cell(new CellMeaning.Body(0, 0)).look().setting(Property.FILL)).isEqualTo(set);
  }

  @Test
  public void aColourThatNobodyKnowsIsRefusedAndOneThatIsTypedBecomesARole() {
    openParts();
    write("#property-fill-text", "blurple");
    assertThat(ask(() -> desk().noticeProperty().get()).orElseThrow().sentence())
        .contains("“blurple”");
    assertThat(ask(() -> desk().dressing().touches().isEmpty())).isTrue();
    write("#property-fill-text", "#0b3d2e");
    write("#role-name-fill", "harbour");
    assertThat(cell(new CellMeaning.Body(0, 0)).look().setting(Property.FILL)).isEqualTo("harbour");
    assertThat(ask(() -> desk().document().palette().roles()))
        .containsEntry("harbour", Colour.parse("#0b3d2e"));
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(cell(new CellMeaning.Body(0, 0)).look().setting(Property.FILL)).isEqualTo("#0b3d2e");
  }

  @Test
  public void aColumnIsMadeWiderByItsEdge() {
    openParts();
    CellMeaning head = new CellMeaning.Head(1, 1, 1);
    double before = scroll().boxOf(head).orElseThrow().width();
    Point2D edge =
        ask(
            () -> {
              var box = scroll().boxOf(head).orElseThrow();
              Point2D middle = window.proof().middleOf(head).orElseThrow();
              double half = box.width() * window.proof().zoomProperty().get() * 96 / 72 / 2;
              return window.proof().localToScreen(middle.add(half - 1, 0));
            });
    hand.drag(edge, edge.add(40, 0));
    settle();
    assertThat(scroll().boxOf(head).orElseThrow().width()).isGreaterThan(before + 15);
    press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.X);
    press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.X);
    assertThat(scroll().boxOf(head).orElseThrow().width()).isGreaterThan(before + 15);
  }

  @Test
  public void theFinderKnowsPeoplesOwnWordsAndAsksForWhatIsMissing() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT2);
    clickCell(new CellMeaning.Body(0, 0));
    find("sort descending");
    press(KeyCode.ENTER);
    assertThat(ask(() -> desk().arrangement().entries())).hasSize(1);
    clickCell(new CellMeaning.Stub(0, 0));
    find("delete hale");
    press(KeyCode.ENTER);
    assertThat(ask(() -> desk().arrangement().entries().getLast().move().words((a, b) -> "")))
        .startsWith("Set")
        .endsWith("aside");
    find("bold heads");
    press(KeyCode.ENTER);
    hand.write("bold");
    settle();
    press(KeyCode.ENTER);
    assertThat(ask(() -> desk().stepProperty().get())).isEqualTo(Step.DRESS);
    assertThat(ask(() -> desk().dressing().touches().each())).hasSize(1);
    find("transpose");
    press(KeyCode.ESCAPE);
    assertThat(ask(() -> ((TextField) window.scene().lookup("#finder")).getText())).isEmpty();
    find("show table 4");
    press(KeyCode.ENTER);
    assertThat(ask(() -> desk().indexProperty().get())).isEqualTo(3);
  }

  @DataProvider
  public Object[][] wanted() {
    return new Object[][] {
      {"sort"},
      {"top"},
      {"delete"},
      {"transpose"},
      {"bold"},
      {"shade"},
      {"banded"},
      {"border"},
      {"merge"},
      {"percent"},
      {"decimals"},
      {"export"},
      {"filter"},
      {"gridlines"},
      {"font"}
    };
  }

  @Test(dataProvider = "wanted")
  public void whatPeopleLookForIsFound(String word) {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT2);
    clickCell(new CellMeaning.Body(0, 0));
    find(word);
    int found =
        ask(
            () ->
                javafx.stage.Window.getWindows().stream()
                    .map(one -> one.getScene().getRoot().lookup("#finder-list"))
                    .filter(javafx.scene.control.ListView.class::isInstance)
                    .mapToInt(node -> ((javafx.scene.control.ListView<?>) node).getItems().size())
                    .max()
                    .orElse(0));
    if (found == 0) {
      press(KeyCode.ESCAPE);
      clickCell(new CellMeaning.Stub(0, 0));
      find(word);
    }
    press(KeyCode.ESCAPE);
    assertThat(found).as(word).isPositive();
  }

  @Test
  public void aTableIsTypedAndExtended() {
    press(KeyCode.CONTROL, KeyCode.K);
    press(KeyCode.ESCAPE);
    click("#empty-type");
    List<List<String>> rows =
        List.of(
            List.of("Quay", "Spring", "Neap"),
            List.of("North", "12", "30"),
            List.of("South", "7", "11"));
    for (int row = 0; row < rows.size(); row++) {
      for (int column = 0; column < rows.get(row).size(); column++) {
        click("#type-" + (row + 1) + "-" + (column + 1));
        hand.write(rows.get(row).get(column));
        settle();
      }
    }
    press(KeyCode.SHIFT, KeyCode.TAB);
    assertThat(ask(() -> window.scene().getFocusOwner().getId())).isEqualTo("type-3-2");
    press(KeyCode.TAB);
    press(KeyCode.UP);
    assertThat(ask(() -> window.scene().getFocusOwner().getId())).isEqualTo("type-2-3");
    press(KeyCode.CONTROL, KeyCode.ENTER);
    assertThat(ask(() -> desk().document().tables())).hasSize(1);
    assertThat(cell(new CellMeaning.Body(1, 1)).text()).isEqualTo("11");
    hand.interact(() -> desk().intake().typeMore());
    settle();
    hand.interact(() -> window.scene().lookup("#type-3-3").requestFocus());
    click("#type-row");
    press(KeyCode.SHIFT, KeyCode.TAB);
    press(KeyCode.SHIFT, KeyCode.TAB);
    hand.write("East");
    press(KeyCode.TAB);
    hand.write("3");
    press(KeyCode.TAB);
    hand.write("4");
    press(KeyCode.CONTROL, KeyCode.ENTER);
    assertThat(cell(new CellMeaning.Stub(0, 2)).text()).isEqualTo("East");
    assertThat(cell(new CellMeaning.Body(2, 1)).text()).isEqualTo("4");
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(scroll().boxOf(new CellMeaning.Body(2, 1))).isEmpty();
  }

  @Test
  public void wordsThatATableLacksAreWrittenWhereTheyWouldStand() {
    openDemo();
    hand.interact(() -> desk().show(2));
    settle();
    click("#add-units");
    hand.write("Minutes");
    press(KeyCode.ENTER);
    assertThat(cell(new CellMeaning.Word(PartName.UNITS, 0)).text()).isEqualTo("Minutes");
    assertThat(shows("#add-units")).isFalse();
    click("#add-source");
    hand.write("Harbour office");
    press(KeyCode.ENTER);
    assertThat(cell(new CellMeaning.Word(PartName.SOURCE, 0)).text()).contains("Harbour office");
    press(KeyCode.CONTROL, KeyCode.DIGIT3);
    hand.interact(() -> desk().dressing().looks().number(""));
    settle();
    assertThat(scroll().boxOf(new CellMeaning.Word(PartName.NUMBER, 0))).isEmpty();
    click("#add-number");
    assertThat(cell(new CellMeaning.Word(PartName.NUMBER, 0)).text()).isEqualTo("Table 3");
    hand.interact(() -> desk().dressing().looks().number("Figure 9"));
    assertThat(ask(() -> desk().noticeProperty().get()).orElseThrow().sentence())
        .contains("The number is 3");
  }

  @Test
  public void aPartOfTheMovesIsStartedOverWith() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT2);
    hand.interact(
        () -> {
          desk().arranging().on(Side.DOWN, List.of("Hale–Orrin")).setAside();
          desk().arranging().on(Side.DOWN, List.of("Orrin–Skell")).reverse();
        });
    settle();
    click("#start-over-order");
    assertThat(ask(() -> desk().arrangement().entries())).hasSize(1);
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(ask(() -> desk().arrangement().entries())).hasSize(2);
  }

  @Test
  public void aDimensionIsStartedOverWithByItsLevelAndNotByWordsOfOtherMoves() {
    openDemo();
    press(KeyCode.CONTROL, KeyCode.DIGIT2);
    hand.interact(
        () -> {
          desk()
              .arranging()
              .on(Side.DOWN, List.of("Hale–Orrin"))
              .orderByFigure(List.of("2025", "Fares"), true, false);
          desk()
              .arranging()
              .on(Side.DOWN, List.of("Hale–Orrin", "Winter"))
              .orderByLabel(true, false);
        });
    settle();
    assertThat(shows("#across-2-anew")).as("measures are only what orders").isFalse();
    click("#down-2-anew");
    assertThat(ask(() -> desk().arrangement().entries())).hasSize(1);
    assertThat(shows("#down-1-anew")).isTrue();
    assertThat(shows("#down-2-anew")).isFalse();
  }

  @Test
  public void severalRowsAreCorrectedAsOne() {
    openDemo();
    clickCell(new CellMeaning.Body(0, 0));
    clickMore(new CellMeaning.Body(1, 0));
    click("#role-left_out");
    assertThat(ask(() -> desk().table().orElseThrow().finish().corrections().size())).isEqualTo(2);
    press(KeyCode.CONTROL, KeyCode.Z);
    assertThat(ask(() -> desk().table().orElseThrow().finish().corrections().size())).isZero();
  }

  @Test
  public void theProofIsATableToAScreenReader() {
    openDemo();
    hand.interact(() -> window.proof().requestFocus());
    clickCell(new CellMeaning.Body(0, 1));
    Node proof = window.proof();
    assertThat(ask(proof::getAccessibleRole)).isEqualTo(AccessibleRole.TABLE_VIEW);
    assertThat(ask(() -> proof.queryAccessibleAttribute(AccessibleAttribute.ROW_COUNT)))
        .isEqualTo(16);
    Node cell = ask(() -> (Node) proof.queryAccessibleAttribute(AccessibleAttribute.FOCUS_ITEM));
    assertThat(ask(cell::getAccessibleText))
        .isEqualTo("446.6. Row: Hale–Orrin, Winter. Column: 2025, Running cost. Body");
    press(KeyCode.RIGHT);
    assertThat(ask(cell::getAccessibleText)).contains("Cost recovery");
  }

  /// Tab goes through each control of each step; each has a role, a name and shows the focus.
  @Test
  public void eachControlIsReachedByTabAndSaysWhatItIs() {
    openDemo();
    Set<String> nameless = new HashSet<>();
    Set<String> unseen = new HashSet<>();
    int controls = 0;
    for (Step step : Step.values()) {
      hand.interact(() -> desk().stepProperty().set(step));
      settle();
      hand.interact(() -> window.proof().requestFocus());
      Set<Node> met = new HashSet<>();
      Optional<Node> before = Optional.empty();
      List<Object> looked = List.of();
      for (int i = 0; i < 250; i++) {
        press(KeyCode.TAB);
        Node now = ask(() -> window.scene().getFocusOwner());
        if (before.isPresent() && now != before.get()) {
          Node left = before.get();
          if (ask(() -> look(left)).equals(looked)) {
            unseen.add(step + " " + left.getClass().getSimpleName() + " " + left.getId());
          }
        }
        before = Optional.ofNullable(now);
        looked = ask(() -> now == null ? List.of() : look(now));
        if (now == null || !met.add(now)) {
          break;
        }
        String name = ask(() -> name(now));
        if (name.isBlank() || ask(now::getAccessibleRole) == AccessibleRole.NODE) {
          nameless.add(step + " " + now.getClass().getSimpleName() + " " + now.getId());
        }
      }
      controls += met.size();
      assertThat(met).as(step.label()).hasSizeGreaterThan(8);
    }
    assertThat(nameless).isEmpty();
    assertThat(unseen).as("controls that look alike with the focus and without").isEmpty();
    assertThat(controls).isGreaterThan(90);
  }

  /// All that is drawn of a control but its texts.
  private static List<Object> look(Node node) {
    List<Object> look = new ArrayList<>();
    look.add(String.valueOf(node.getEffect()));
    look.add(node.isVisible());
    if (node instanceof Labeled label) {
      look.add(label.isUnderline());
      look.add(label.getTextFill());
    }
    if (node instanceof Region region) {
      look.add(Optional.ofNullable(region.getBackground()));
      look.add(Optional.ofNullable(region.getBorder()));
    }
    if (node instanceof Parent parent) {
      parent.getChildrenUnmodifiable().forEach(child -> look.addAll(look(child)));
    }
    return look;
  }

  private static String name(Node node) {
    String own = node.getAccessibleText();
    if (own != null && !own.isBlank()) {
      return own;
    }
    Object text = node.queryAccessibleAttribute(AccessibleAttribute.TEXT);
    return text == null ? "" : text.toString();
  }
}
