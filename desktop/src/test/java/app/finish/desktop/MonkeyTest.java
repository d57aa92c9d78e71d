package app.finish.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.dress.CellMeaning;
import app.finish.core.layout.CellBox;
import app.finish.desktop.kit.Texts;
import app.finish.formats.Sources;
import app.finish.formats.samples.Samples;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Queue;
import java.util.Random;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Collectors;
import java.util.stream.Stream;
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
import org.testng.Reporter;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Whatever is pressed, picked and typed in whatever order, nothing breaks, the window answers, and
/// undo leads back to the beginning. It runs with the profile `monkey`, or wherever
/// `-Dmonkey.gestures=20000` says for how long.
public class MonkeyTest extends WindowTest {
  private static final int GESTURES = Integer.getInteger("monkey.gestures", 0);

  /// The document that it is let loose on, with `-Dmonkey.document=long`; all if nothing is said.
  private static final String ONLY = System.getProperty("monkey.document", "");

  private static final Map<String, Long> SEEDS =
      Map.of("demo", 1L, "output", 2L, "long", 3L, "odd", 4L);

  private static final long FREEZE = 1_000_000_000L;

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
  private final AtomicReference<String> stood = new AtomicReference<>("");
  private final ExecutorService watching =
      Executors.newSingleThreadExecutor(Thread.ofPlatform().daemon().factory());

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
    return GESTURES == 0
        ? new Object[0][]
        : Stream.of("demo", "output", "long", "odd")
            .filter(name -> ONLY.isEmpty() || name.equals(ONLY))
            .map(name -> new Object[] {SEEDS.get(name), name})
            .toArray(Object[][]::new);
  }

  /// The document that the monkey is let loose on.
  private Document document(String name) throws Exception {
    Document document = Document.EMPTY;
    List<Source> sources =
        switch (name) {
          case "demo" -> List.of();
          case "output" -> Sources.readText(OUTPUT);
          case "long" -> Sources.readText(manyRows());
          default -> odd();
        };
    for (Source source : sources) {
      document = document.withAdded(source, Finish.in("APA 7"));
    }
    return sources.isEmpty() ? Samples.demo() : document;
  }

  private static final String OUTPUT =
      """
      Tickets sold, by tide

                     Estimate      SE       t      p    95 % CI
      (Constant)        12.41    1.02   12.17  <.001   [10.41, 14.41]
      Spring tide        3.20    0.88    3.64  <.001   [1.48, 4.92]
      Wind              -0.57    0.31   -1.84   .067   [-1.18, 0.04]
      R² = .31, n = 212

                   Single    Return    Season     Total
      Summer           52        48        25       125
                    41.6%     38.4%     20.0%    100.0%
      Winter           18        11        40        69
                    26.1%     15.9%     58.0%    100.0%
      Total            70        59        65       194
                    36.1%     30.4%     33.5%    100.0%
      """;

  private static String manyRows() {
    StringBuilder text = new StringBuilder("Route,Vessel,Fares,Cost\n");
    for (int i = 0; i < 3000; i++) {
      text.append("Route ").append(i / 6).append(",Vessel ").append(i % 6).append(',');
      text.append(i * 7919 % 1000).append(',').append(i * 104729 % 700).append('\n');
    }
    return text.toString();
  }

  /// One column, one row, blanks, texts among figures, a head over nothing.
  private static List<Source> odd() throws IOException {
    List<Source> odd = new ArrayList<>();
    odd.addAll(Sources.readText("Harbour\tn\nNorth\t3\n"));
    odd.addAll(Sources.readText("a,b,c\n,,\nx,–,closed\ny,1e5,-0\n"));
    odd.addAll(
        Sources.readHtml(
            "<table><tr><th></th><th colspan=2>2026</th></tr><tr><th>Quay</th><th>n</th><th>%</th>"
                + "</tr><tr><td rowspan=2>North</td><td>1</td><td>50</td></tr><tr><td>1</td>"
                + "<td>50</td></tr></table>"));
    return odd;
  }

  @Test(dataProvider = "seeds")
  public void nothingBreaks(long seed, String name) throws Exception {
    Document begun = document(name);
    hand.interact(() -> window.begin(begun, name));
    settle();
    List<String> frozen = new ArrayList<>();
    List<String> slow = new ArrayList<>();
    Random random = new Random(seed);
    long ofWindow = ask(() -> Thread.currentThread().threadId());
    ThreadMXBean threads = ManagementFactory.getThreadMXBean();
    threads.setThreadContentionMonitoringEnabled(true);
    for (int i = 0; i < GESTURES; i++) {
      try {
        long busy = timeOf(threads, ofWindow);
        long before = System.nanoTime();
        Future<?> watch = watching.submit(() -> watch(threads, ofWindow));
        gesture(random);
        long took = System.nanoTime() - before;
        watch.cancel(true);
        if (took > FREEZE) {
          long itself = timeOf(threads, ofWindow) - busy;
          String told =
              "%d ms, %d of them held: %s%s"
                  .formatted(took / 1_000_000, itself / 1_000_000, last(), stood.get());
          (itself > FREEZE ? frozen : slow).add(told);
        }
        if (random.nextInt(6) == 0) {
          rest();
        }
      } catch (AssertionError e) {
        throw new AssertionError("after " + last(), e);
      }
      assertThat(broken.stream().map(MonkeyTest::trace)).as("after %s", last()).isEmpty();
      assertThat(fault()).as("after %s", last()).isEmpty();
      if (ask(() -> window.desk().document().items().isEmpty())) {
        hand.interact(() -> window.desk().undo());
      }
      if (i % 1000 == 999) {
        Reporter.log(
            "%s: %,d gestures, %,d MB held, %d freezes %s, %d that waited for the machine %s"
                .formatted(name, i + 1, held(), frozen.size(), frozen, slow.size(), slow),
            true);
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
    assertThat(broken.stream().map(MonkeyTest::trace)).as("after undo of everything").isEmpty();
    assertThat(ask(() -> window.desk().document().tables()))
        .usingRecursiveComparison()
        .comparingOnlyFields("finish")
        .isEqualTo(begun.tables());
    assertThat(frozen).as("gestures that held the window up for a second").isEmpty();
  }

  /// Waits until nothing is going on; what takes long is stopped, which it must heed.
  private void rest() {
    try {
      settle();
    } catch (AssertionError late) {
      done.add("stop " + ask(() -> window.desk().worker().busyProperty().get()));
      hand.interact(() -> window.desk().worker().stop());
      settle();
    }
  }

  /// Looks now and then where the window's thread stands, once a gesture takes long.
  private Void watch(ThreadMXBean threads, long window) throws InterruptedException {
    stood.set("");
    for (int i = 0; i < 8; i++) {
      TimeUnit.MILLISECONDS.sleep(i == 0 ? 600 : 300);
      String where =
          Arrays.stream(threads.getThreadInfo(window, 200).getStackTrace())
              .filter(frame -> frame.getClassName().startsWith("app.finish"))
              .limit(4)
              .map(frame -> frame.getFileName() + ":" + frame.getLineNumber())
              .collect(Collectors.joining(" < "));
      stood.updateAndGet(before -> before + "\n  stood at " + where);
    }
    return null;
  }

  /// How long the window's thread worked and stood before locks up to now, in nanoseconds. What
  /// other programs of the machine took is not in it.
  private static long timeOf(ThreadMXBean threads, long window) {
    long blocked = Math.max(0, threads.getThreadInfo(window).getBlockedTime());
    return threads.getThreadCpuTime(window) + blocked * 1_000_000;
  }

  /// The memory that is in use after a collection, in MB.
  private static long held() {
    System.gc();
    Runtime memory = Runtime.getRuntime();
    return (memory.totalMemory() - memory.freeMemory()) / 1_000_000;
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
        List.of(
                KeyCode.DIGIT1,
                KeyCode.DIGIT2,
                KeyCode.DIGIT3,
                KeyCode.DIGIT4,
                KeyCode.DIGIT5,
                KeyCode.DIGIT6,
                KeyCode.DIGIT7)
            .get(random.nextInt(7));
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
