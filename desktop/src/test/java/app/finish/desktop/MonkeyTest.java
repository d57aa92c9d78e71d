package app.finish.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.dress.CellMeaning;
import app.finish.core.layout.CellBox;
import app.finish.desktop.kit.Texts;
import app.finish.formats.samples.Samples;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Queue;
import java.util.Random;
import java.util.concurrent.ConcurrentLinkedQueue;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Whatever is pressed, picked and typed in whatever order, nothing breaks, the window answers, and
/// undo leads back to the beginning. It runs with the profile `monkey`, or wherever
/// `-Dmonkey.gestures=20000` says for how long.
public class MonkeyTest extends WindowTest {
  private static final int GESTURES = Integer.getInteger("monkey.gestures", 0);

  private static final List<String> TEXTS =
      List.of(
          "", "*", "7", "-3", "“", "Winter", "*(est.)", "value < 3", "85 %", "#0b3d2e", "12 pt");

  private static final List<KeyCode> KEYS =
      List.of(
          KeyCode.UP,
          KeyCode.DOWN,
          KeyCode.LEFT,
          KeyCode.RIGHT,
          KeyCode.ENTER,
          KeyCode.ESCAPE,
          KeyCode.TAB,
          KeyCode.DELETE,
          KeyCode.F2,
          KeyCode.SPACE,
          KeyCode.HOME);

  private final Queue<Throwable> broken = new ConcurrentLinkedQueue<>();
  private final List<String> done = new ArrayList<>();

  @BeforeMethod
  public void listen() {
    broken.clear();
    done.clear();
    hand.interact(
        () ->
            Thread.currentThread()
                .setUncaughtExceptionHandler(
                    (thread, failure) -> {
                      if (!isOfThePlatform(failure)) {
                        broken.add(failure);
                      }
                    }));
  }

  /// The headless platform can't show popups that reach beyond its screen.
  private static boolean isOfThePlatform(Throwable failure) {
    return Arrays.stream(failure.getStackTrace())
        .anyMatch(frame -> frame.getClassName().startsWith("com.sun.glass.ui.headless"));
  }

  @AfterMethod
  public void listenNoMore() {
    hand.interact(() -> Thread.currentThread().setUncaughtExceptionHandler(null));
  }

  @DataProvider
  public Object[][] seeds() {
    return GESTURES == 0 ? new Object[0][] : new Object[][] {{1L}, {2L}};
  }

  @Test(dataProvider = "seeds")
  public void nothingBreaks(long seed) throws Exception {
    openDemo();
    Random random = new Random(seed);
    for (int i = 0; i < GESTURES; i++) {
      try {
        gesture(random);
        if (random.nextInt(6) == 0) {
          settle();
        }
      } catch (AssertionError e) {
        throw new AssertionError("after " + last(), e);
      }
      assertThat(broken.stream().map(MonkeyTest::trace)).as("after %s", last()).isEmpty();
      assertThat(fault()).as("after %s", last()).isEmpty();
      if (ask(() -> window.desk().document().items().isEmpty())) {
        hand.interact(() -> window.desk().undo());
      }
    }
    settle();
    assertThat(ended).isFalse();
    for (int i = 0;
        i < GESTURES && ask(() -> window.desk().historyProperty().get().undoLabel().isPresent());
        i++) {
      hand.interact(() -> window.desk().undo());
    }
    settle();
    assertThat(broken).as("after undo of everything").isEmpty();
    assertThat(ask(() -> window.desk().document().tables()))
        .usingRecursiveComparison()
        .comparingOnlyFields("finish")
        .isEqualTo(Samples.demo().tables());
  }

  private static String trace(Throwable failure) {
    StringWriter words = new StringWriter();
    failure.printStackTrace(new PrintWriter(words));
    return words.toString();
  }

  private String last() {
    return String.join(" › ", done.subList(Math.max(0, done.size() - 8), done.size()));
  }

  /// What went wrong and is no mistake of the person's, if the window says so.
  private Optional<String> fault() {
    String words = Texts.of("notice.fault", "");
    String begin = words.substring(0, Math.min(20, words.length()));
    return ask(
        () ->
            window
                .desk()
                .noticeProperty()
                .get()
                .map(notice -> notice.sentence())
                .filter(said -> said.startsWith(begin)));
  }

  private void gesture(Random random) {
    switch (random.nextInt(10)) {
      case 0 -> step(random);
      case 1, 2, 3 -> pick(random);
      case 4, 5, 6 -> press(random);
      case 7 -> choose(random);
      case 8 -> write(random);
      default -> key(random);
    }
  }

  private void step(Random random) {
    KeyCode digit =
        List.of(KeyCode.DIGIT1, KeyCode.DIGIT2, KeyCode.DIGIT3, KeyCode.DIGIT4, KeyCode.DIGIT5)
            .get(random.nextInt(5));
    done.add("Ctrl+" + digit.getName());
    hand.press(KeyCode.CONTROL, digit);
    hand.release(digit, KeyCode.CONTROL);
  }

  /// Picks a cell that is in sight, sometimes one more.
  private void pick(Random random) {
    List<CellMeaning> cells =
        ask(
            () ->
                window.desk().shownProperty().get().stream()
                    .flatMap(
                        shown -> shown.scroll().between(0, 600).boxes().stream().map(CellBox::cell))
                    .map(cell -> cell.place())
                    .toList());
    if (!cells.isEmpty()) {
      CellMeaning place = cells.get(random.nextInt(cells.size()));
      boolean more = random.nextInt(3) == 0;
      done.add((more ? "also " : "pick ") + place);
      click(place, more);
    }
  }

  private <T extends Node> Optional<T> any(Class<T> type, Random random) {
    return ask(
        () -> {
          List<T> all =
              window.scene().getRoot().lookupAll("*").stream()
                  .filter(type::isInstance)
                  .filter(node -> node.getId() != null && !node.isDisabled() && isShown(node))
                  .map(type::cast)
                  .toList();
          return all.isEmpty()
              ? Optional.empty()
              : Optional.of(all.get(random.nextInt(all.size())));
        });
  }

  private static boolean isShown(Node node) {
    Node at = node;
    while (at != null && at.isVisible()) {
      at = at.getParent();
    }
    return at == null;
  }

  private void press(Random random) {
    any(ButtonBase.class, random)
        .filter(button -> !(button instanceof MenuButton))
        .ifPresent(
            button -> {
              done.add("press #" + button.getId());
              hand.interact(button::fire);
            });
  }

  private void choose(Random random) {
    if (random.nextBoolean()) {
      any(MenuButton.class, random).ifPresent(menu -> choose(menu, random));
      return;
    }
    any(ChoiceBox.class, random)
        .ifPresent(
            box -> {
              int size = box.getItems().size();
              if (size > 0) {
                int item = random.nextInt(size);
                done.add("choose " + box.getItems().get(item) + " of #" + box.getId());
                hand.interact(() -> box.getSelectionModel().select(item));
              }
            });
  }

  private void choose(MenuButton menu, Random random) {
    hand.interact(
        () -> {
          List<MenuItem> items = menu.getItems();
          while (!items.isEmpty()) {
            MenuItem item = items.get(random.nextInt(items.size()));
            if (item instanceof Menu inner) {
              items = inner.getItems();
              continue;
            }
            done.add("choose " + item.getText() + " of #" + menu.getId());
            if (item instanceof CheckMenuItem tick) {
              tick.setSelected(!tick.isSelected());
            }
            item.fire();
            return;
          }
        });
  }

  private void write(Random random) {
    String text = TEXTS.get(random.nextInt(TEXTS.size()));
    if (random.nextInt(3) == 0) {
      any(ComboBox.class, random)
          .filter(box -> box.isEditable())
          .ifPresent(
              box -> {
                done.add("write " + text + " into #" + box.getId());
                hand.interact(
                    () -> {
                      box.getEditor().requestFocus();
                      box.getEditor().setText(text);
                    });
              });
    } else {
      any(TextField.class, random)
          .ifPresent(
              field -> {
                done.add("write " + text + " into #" + field.getId());
                hand.interact(
                    () -> {
                      field.requestFocus();
                      field.setText(text);
                    });
              });
    }
    hand.press(KeyCode.ENTER);
    hand.release(KeyCode.ENTER);
  }

  private void key(Random random) {
    KeyCode key = KEYS.get(random.nextInt(KEYS.size()));
    List<KeyCode> held =
        switch (random.nextInt(4)) {
          case 0 -> List.of(KeyCode.SHIFT);
          case 1 -> List.of(KeyCode.ALT);
          default -> List.of();
        };
    done.add((held.isEmpty() ? "" : held + "+") + key.getName());
    held.forEach(hand::press);
    hand.press(key);
    hand.release(key);
    held.forEach(hand::release);
  }
}
