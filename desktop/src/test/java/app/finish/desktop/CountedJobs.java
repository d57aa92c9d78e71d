package app.finish.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.document.DocumentTable;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.style.Cascade;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.Look;
import app.finish.core.style.PartName;
import app.finish.core.style.Selector;
import app.finish.core.table.Heading;
import app.finish.core.table.Leaf;
import app.finish.core.table.Table;
import app.finish.desktop.model.Desk;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import javafx.scene.Node;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import org.testng.annotations.BeforeMethod;

/// Jobs in the real window with every action counted: a click, a key, a choice in a list (two: it
/// is opened, and one is chosen), a text that is typed.
abstract class CountedJobs extends WindowTest {
  static final String TICKETS =
      """
      Ticket held
                        n      %    % of answers   running %
      Single           52   40.0        41.6         41.6
      Return           48   36.9        38.4         80.0
      Season           25   19.2        20.0        100.0
      Total           125   96.2       100.0
      Missing           5    3.8
      Total           130  100.0
      """;

  private int actions;

  @BeforeMethod
  public void countAnew() {
    actions = 0;
  }

  void countOne() {
    actions++;
  }

  void key(KeyCode... keys) {
    actions++;
    press(keys);
  }

  void tap(String selector) {
    actions++;
    reveal(selector);
    Hand.pulse();
    Hand.pulse();
    click(selector);
  }

  void pick(CellMeaning place) {
    actions++;
    clickCell(place);
  }

  void alsoPick(CellMeaning place) {
    actions++;
    clickMore(place);
  }

  void type(String text) {
    actions++;
    hand.write(text);
    settle();
  }

  void choose(String selector, String setting) {
    actions += 2;
    reveal(selector);
    hand.interact(
        () -> {
          Node node = window.scene().lookup(selector);
          if (node instanceof ChoiceBox<?> box) {
            set(box, setting);
          } else if (node instanceof ComboBox<?> box) {
            setCombo(box, setting);
          } else {
            throw new AssertionError("there is no choice " + selector);
          }
        });
    settle();
  }

  static <T> void set(ChoiceBox<T> box, String setting) {
    box.setValue(
        box.getItems().stream()
            .filter(
                item ->
                    setting.equals("" + item)
                        || box.getConverter() != null
                            && setting.equals(box.getConverter().toString(item)))
            .findFirst()
            .orElseThrow());
  }

  @SuppressWarnings("unchecked")
  static <T> void setCombo(ComboBox<T> box, String setting) {
    box.setValue((T) setting);
  }

  /// Picks a colour: the chart is opened, and a role is chosen in it.
  void colour(String field, String role) {
    tap(field + "-pick");
    actions++;
    hand.interact(
        () -> {
          for (javafx.stage.Window one : javafx.stage.Window.getWindows()) {
            Node swatch = one.getScene().getRoot().lookup("#ink-" + role);
            if (swatch instanceof javafx.scene.control.Button button) {
              button.fire();
              return;
            }
          }
          throw new AssertionError("no colour " + role);
        });
    settle();
  }

  void height(String label) {
    for (int i = 0; i < 14; i++) {
      Node card = window.scene().lookup("#height-" + i);
      if (card != null && label.equals(card.getAccessibleText())) {
        tap("#height-" + i);
        return;
      }
    }
    throw new AssertionError("there is no height " + label);
  }

  Desk desk() {
    return window.desk();
  }

  Path file(String name, String text) {
    try {
      return Files.writeString(folder.resolve(name), text);
    } catch (IOException e) {
      throw new AssertionError(e);
    }
  }

  void open(String name, String text) {
    answers.files.add(file(name, text));
    key(KeyCode.CONTROL, KeyCode.O);
    actions++;
  }

  void atMost(int most, String job) {
    assertThat(actions).as(job).isLessThanOrEqualTo(most);
  }

  HouseStyle worn() {
    return ask(() -> desk().dressing().worn());
  }

  Look look(PartName... way) {
    return ask(
        () -> {
          Cascade cascade = desk().dressing().cascade();
          List<Selector> selectors = new ArrayList<>();
          for (PartName part : way) {
            selectors.add(Selector.of(part));
          }
          return cascade.look(selectors);
        });
  }

  DressedCell cell(CellMeaning place) {
    return scroll().boxOf(place).orElseThrow().cell();
  }

  Table table() {
    return ask(() -> desk().shownProperty().get().orElseThrow().arranged().table());
  }

  static String quarters(String name, Random random) {
    StringBuilder text = new StringBuilder(name + ",Spring tide,Neap tide,Both\n");
    int[] sums = new int[3];
    for (String quay : List.of("North quay", "South quay", "Ferry steps")) {
      int one = 10 + random.nextInt(900);
      int other = 10 + random.nextInt(900);
      text.append(quay).append(',').append(one).append(',').append(other);
      text.append(',').append(one + other).append('\n');
      sums[0] += one;
      sums[1] += other;
      sums[2] += one + other;
    }
    text.append("All quays,").append(sums[0]).append(',').append(sums[1]);
    return text.append(',').append(sums[2]).append('\n').toString();
  }

  /// A table that is there before the job begins.
  void landings(int seed) {
    open("landings.csv", quarters("Landings", new Random(seed)));
    actions = 0;
  }

  void fiveTables() {
    Random random = new Random(5);
    for (int i = 1; i <= 5; i++) {
      open("quays-" + i + ".csv", quarters("Landings " + i, random));
    }
    actions = 0;
  }

  int touches(DocumentTable one) {
    return one.finish().touches().count();
  }

  static List<Selector> alternate() {
    return List.of(Selector.of(PartName.TABLE), new Selector.Alternate());
  }

  String slugTitle() {
    return scroll().boxOf(new CellMeaning.Word(PartName.TITLE, 0)).orElseThrow().cell().text();
  }

  /// Means and deviations by vessel and season, there before the job begins.
  void descriptives() {
    StringBuilder text = new StringBuilder("Vessel,Season,n,Mean,SD\n");
    for (String vessel : List.of("Marram", "Sea Holly", "Samphire")) {
      for (String season : List.of("Winter", "Summer")) {
        text.append(vessel).append(',').append(season).append(",40,3.25,1.50\n");
      }
    }
    open("late.csv", text.toString());
    countAnew();
  }

  void assertRepivoted() {
    Table table = table();
    assertThat(table.held()).extracting(one -> one.member()).containsExactly("Summer");
    assertThat(table.across().depth()).isEqualTo(2);
  }

  /// Seventeen harbours and their landings, there before the job begins.
  void harbours() {
    StringBuilder text = new StringBuilder("Harbour,Landings\n");
    for (int i = 1; i <= 17; i++) {
      text.append("Harbour ").append((char) ('A' + i)).append(',').append(i * 37 % 101 + 3);
      text.append('\n');
    }
    open("harbours.csv", text.toString());
    countAnew();
  }

  void assertTenAndTheRest() {
    List<Leaf> rows = table().down().leaves();
    assertThat(rows).hasSize(12);
    assertThat(rows.get(10).heading().label()).isEqualTo("Other (7)");
    assertThat(rows.getLast().role()).isNotEqualTo(Heading.Role.MEMBER);
    assertThat(cell(new CellMeaning.Body(11, 1)).text()).startsWith("100");
  }
}
