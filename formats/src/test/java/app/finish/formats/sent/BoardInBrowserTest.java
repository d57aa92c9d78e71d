package app.finish.formats.sent;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.arrange.make.Hold;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.place.Side;
import app.finish.core.chart.Chart;
import app.finish.core.chart.ChartKind;
import app.finish.core.document.Document;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.style.Look;
import app.finish.core.style.colour.Colour;
import app.finish.formats.Given;
import app.finish.formats.OutputFormat;
import app.finish.formats.io.SentTable;
import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.testng.SkipException;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// What a reader does with a board, in a real browser: `mvn -B -Pboard verify` with Debian's
/// packages `chromium` and `chromium-driver`.
public class BoardInBrowserTest {
  private static final String TAB = "\uE004";
  private static final String ENTER = "\uE007";
  private static final String RIGHT = "\uE014";
  private static final String DOWN = "\uE015";

  private Browser browser;

  @BeforeClass
  public void open() throws Exception {
    if (!Boolean.getBoolean("board.browser")) {
      throw new SkipException("runs in the profile board");
    }
    browser = Browser.open(1280, 800);
  }

  @AfterClass(alwaysRun = true)
  public void close() {
    if (browser != null) {
      browser.close();
    }
  }

  private static Path board(Document document) throws Exception {
    return Given.sent(document, OutputFormat.BOARD);
  }

  private void go(Document document, String fragment) throws Exception {
    browser.go(board(document), fragment);
  }

  /// The labels of the rows in sight, each with the labels above it.
  private List<String> rows() throws Exception {
    JsonNode shown =
        browser.run(
            "return [...document.querySelectorAll('#t1 tbody tr')].filter(r => !r.hidden)"
                + ".map(r => JSON.parse(r.dataset.p).join('/'))");
    List<String> rows = new ArrayList<>();
    shown.forEach(one -> rows.add(one.asText()));
    return rows;
  }

  private String said() throws Exception {
    return browser.run("return document.getElementById('said').textContent").asText();
  }

  private void click(String selector) throws Exception {
    browser.run("document.querySelector(\"" + selector + "\").click()");
  }

  private static final List<String> AS_IT_CAME =
      List.of(
          "Hale–Orrin/Winter",
          "Hale–Orrin/Summer",
          "Hale–Orrin/Hale–Orrin total",
          "Skell & <Tamsay>/Winter",
          "Skell & <Tamsay>/Summer",
          "Skell & <Tamsay>/Skell & <Tamsay> total",
          "All routes");

  /// Rows are sorted within their group and groups by their totals; totals stay where they are.
  @Test
  public void headsSortUpDownAndAsItCame() throws Exception {
    go(Given.sailings("Plain"), "");
    assertThat(rows()).isEqualTo(AS_IT_CAME);
    click("#t1 thead [data-c='2'] .sorts");
    assertThat(rows())
        .containsExactly(
            "Skell & <Tamsay>/Winter",
            "Skell & <Tamsay>/Summer",
            "Skell & <Tamsay>/Skell & <Tamsay> total",
            "Hale–Orrin/Winter",
            "Hale–Orrin/Summer",
            "Hale–Orrin/Hale–Orrin total",
            "All routes");
    assertThat(said()).endsWith("sorted by 2025, Fares, ascending");
    click("#t1 thead [data-c='2'] .sorts");
    assertThat(rows())
        .containsExactly(
            "Hale–Orrin/Summer",
            "Hale–Orrin/Winter",
            "Hale–Orrin/Hale–Orrin total",
            "Skell & <Tamsay>/Summer",
            "Skell & <Tamsay>/Winter",
            "Skell & <Tamsay>/Skell & <Tamsay> total",
            "All routes");
    assertThat(browser.run("return location.hash").asText()).isEqualTo("#t1:sort=2d");
    click("#t1 thead [data-c='2'] .sorts");
    assertThat(rows()).isEqualTo(AS_IT_CAME);
    assertThat(said()).endsWith("as it came");
  }

  /// The choice stands in the address, so that a view can be linked.
  @Test
  public void anAddressBringsTheViewBack() throws Exception {
    go(Given.sailings("Plain"), "t1:sort=2d&find=summer&hide=1");
    assertThat(rows()).containsExactly("Hale–Orrin/Summer", "Skell & <Tamsay>/Summer");
    JsonNode hidden =
        browser.run(
            "return [...document.querySelectorAll('#t1 [data-at=\"3\"]:not([data-span])')]"
                + ".every(c => c.hidden)");
    assertThat(hidden.asBoolean()).isTrue();
  }

  @Test
  public void groupsFoldToTheirTotals() throws Exception {
    go(Given.sailings("Plain"), "");
    click("#t1 .folds");
    assertThat(rows()).doesNotContain("Hale–Orrin/Winter").contains("Hale–Orrin/Hale–Orrin total");
    assertThat(said()).isEqualTo("Hale–Orrin folded");
    click("#t1 thead [data-c='2'] .sorts");
    assertThat(rows()).doesNotContain("Hale–Orrin/Winter").contains("Skell & <Tamsay>/Winter");
  }

  @Test
  public void aFigureSaysWhatLiesBehindIt() throws Exception {
    go(Given.sailings("Plain"), "");
    browser.run("document.querySelector('#t1 tbody tr td[data-at=\"2\"]').focus()");
    String tip = browser.run("return document.getElementById('tip').innerText").asText();
    assertThat(tip)
        .contains("Hale–Orrin › Winter", "2025 › Fares", "10.5", "Of the column 30.9 %")
        .contains("Of its group 34.4 %", "Rank 2 of 4");
    browser.press(DOWN + RIGHT + RIGHT);
    String next = browser.run("return document.getElementById('tip').innerText").asText();
    assertThat(next).contains("Summer", "2026 › Fares", "1,300", "Against 2025 › Fares +1,280");
  }

  /// The whole board by keyboard: heads, tools and figures are reached by Tab, Enter sorts.
  @Test
  public void theKeyboardIsEnough() throws Exception {
    go(Given.sailings("Plain"), "");
    for (int i = 0; i < 40; i++) {
      browser.press(TAB);
      boolean onHead =
          browser
              .run("return document.activeElement.closest('[data-c=\"2\"]') !== null")
              .asBoolean();
      if (onHead) {
        break;
      }
    }
    browser.press(ENTER);
    assertThat(said()).contains("sorted by 2025, Fares");
  }

  /// Labels are texts, whatever is in them; the page asks for nothing and its policy holds.
  @Test
  public void hostileLabelsAreTexts() throws Exception {
    go(ManyTables.hostile("Marram house"), "t1:sort=1d");
    assertThat(browser.run("return document.querySelectorAll('#t1 script').length").asInt())
        .isEqualTo(1);
    assertThat(rows()).anyMatch(row -> row.contains("<script>alert(1)</script>"));
    assertThat(browser.complaints()).isEmpty();
    assertThat(
            browser
                .run(
                    "const s = document.createElement('script');"
                        + "s.textContent = 'window.ran = true'; document.body.append(s);"
                        + "return window.ran === true")
                .asBoolean())
        .isFalse();
  }

  @Test
  public void aNarrowWindowScrollsInItsBox() throws Exception {
    try (Browser narrow = Browser.open(500, 800)) {
      narrow.go(board(ManyTables.demo("APA 7", true)), "");
      JsonNode wide =
          narrow.run("return document.documentElement.scrollWidth <= window.innerWidth");
      assertThat(wide.asBoolean()).isTrue();
      assertThat(narrow.complaints()).isEmpty();
    }
  }

  @Test
  public void rowsInSightAreNumbered() throws Exception {
    go(Given.sailings("Plain"), "");
    browser.run(
        "[...document.querySelectorAll('.tools button')]"
            + ".find(b => b.textContent === 'Row numbers').click()");
    assertThat(said()).isEqualTo("Rows are numbered");
    assertThat(browser.run("return location.hash").asText()).contains("numbers=1");
    assertThat(
            browser
                .run(
                    "return getComputedStyle(document.querySelector('#t1 tbody tr > :first-child'),"
                        + " '::before').content")
                .asText())
        .contains("counter(row)");
    go(Given.sailings("Plain"), "t1:numbers=1");
    assertThat(
            browser
                .run("return document.querySelector('#t1 table').classList.contains('numbered')")
                .asBoolean())
        .isTrue();
  }

  private static Document longTable(String style) {
    List<String> lines = new ArrayList<>();
    lines.add("Route | Vessel | Fares | Cost");
    for (int i = 0; i < 5_000; i++) {
      lines.add("Route " + i / 8 + " | Vessel " + i % 8 + " | " + i * 7919 % 10_007 + " | " + i);
    }
    return Given.document(style, lines.toArray(String[]::new));
  }

  private List<String> cells(int column) throws Exception {
    JsonNode texts =
        browser.run(
            "return [...document.querySelectorAll('#t1 tbody tr:not(.spacer) td[data-at=\""
                + column
                + "\"]')].map(c => c.textContent)");
    List<String> all = new ArrayList<>();
    texts.forEach(one -> all.add(one.asText()));
    return all;
  }

  /// Of a long table only what is near the reader is made, wherever the reader goes.
  @Test
  public void aLongTableIsMadeAsItComesInSight() throws Exception {
    go(longTable("Plain"), "");
    assertThat(cells(2)).hasSizeLessThan(200).startsWith("0", "7,919");
    browser.run("document.querySelector('#t1 .table-box').scrollTop = 1e9");
    Thread.sleep(300);
    assertThat(cells(2))
        .hasSizeLessThan(200)
        .endsWith("" + String.format("%,d", 4999 * 7919 % 10_007));
    browser.run("document.querySelector('#t1 .table-box').scrollTop = 40000");
    Thread.sleep(300);
    JsonNode seen =
        browser.run(
            "const box = document.querySelector('#t1 .table-box').getBoundingClientRect();"
                + "const at = document.elementFromPoint(box.left + 150, box.top + box.height / 2);"
                + "return at.closest('tr').querySelector('td') !== null"
                + " && !at.closest('tr').classList.contains('spacer')");
    assertThat(seen.asBoolean()).isTrue();
    long took =
        browser
            .run(
                "const t = performance.now();"
                    + "document.querySelector(\"#t1 thead [data-c='2'] .sorts\").click();"
                    + "document.body.offsetHeight; return Math.round(performance.now() - t)")
            .asLong();
    assertThat(took).isLessThan(2_000);
    browser.run("document.querySelector('#t1 .table-box').scrollTop = 0");
    Thread.sleep(300);
    browser.run("document.querySelector('#t1 tbody td[data-at=\"2\"]').focus()");
    for (int i = 0; i < 120; i++) {
      browser.press(DOWN);
    }
    assertThat(
            browser.run("return document.activeElement.matches('td[data-at=\"2\"]')").asBoolean())
        .isTrue();
    assertThat(browser.complaints()).isEmpty();
  }

  /// What is found, sorted and taken along is of the whole table, not of what is in sight.
  @Test
  public void aLongTableIsFoundWhole() throws Exception {
    go(longTable("Plain"), "t1:find=Vessel%203&sort=3d");
    assertThat(cells(3)).startsWith("4,995");
    assertThat(
            browser
                .run("return document.querySelector('#t1 table').getAttribute('aria-rowcount')")
                .asInt())
        .isGreaterThan(620);
  }

  /// Rows come in pages where the style asks for them; the address holds the page.
  @Test
  public void rowsComeInPages() throws Exception {
    go(longTable("Timetable"), "t1:page=3");
    assertThat(cells(3)).hasSize(25).first().isEqualTo("50.0");
    click("#t1 .pages button:last-child");
    assertThat(said()).isEqualTo("Rows 76–100 of 5000");
    assertThat(browser.run("return location.hash").asText()).isEqualTo("#t1:page=4");
  }

  /// A table that is held at a member is stepped through the others by a list.
  @Test
  public void membersAreSteppedThrough() throws Exception {
    Document sailings = Given.sailings("Plain");
    Arrangement winter = Arrangement.of(new Hold(Side.DOWN, 1, "Winter"));
    Document held = sailings.withFinish(0, sailings.table(0).finish().withArrangement(winter));
    go(held, "");
    String first =
        browser.run("return document.querySelector('#t1 .sheet:not([hidden])').innerText").asText();
    browser.run(
        "const l = document.querySelector('#t1 select'); l.value = [...l.options]"
            + ".find(o => o.textContent === 'Summer').value; l.dispatchEvent(new Event('change'))");
    String second =
        browser.run("return document.querySelector('#t1 .sheet:not([hidden])').innerText").asText();
    assertThat(first).contains("10.5");
    assertThat(second).isNotEqualTo(first);
    assertThat(said()).contains("Summer");
    assertThat(browser.run("return location.hash").asText()).contains("held=");
  }

  /// On a phone each row becomes a card that says its heads, and is a row to a screen reader.
  @Test
  public void rowsBecomeCardsInANarrowWindow() throws Exception {
    try (Browser narrow = Browser.open(500, 800)) {
      narrow.go(board(Given.sailings("Quay")), "");
      JsonNode card =
          narrow.run(
              "const c = document.querySelector('#t1 tbody td[data-at=\"1\"]');"
                  + "return [getComputedStyle(c, '::before').content, c.getAttribute('role'),"
                  + " c.getBoundingClientRect().width > 300]");
      assertThat(card.get(0).asText()).contains("2025, Fares");
      assertThat(card.get(1).asText()).isEqualTo("cell");
      assertThat(card.get(2).asBoolean()).isTrue();
      assertThat(narrow.complaints()).isEmpty();
    }
  }

  @DataProvider
  public Object[][] lookedAt() {
    List<Object[]> all = new ArrayList<>();
    for (String style : List.of("Plain", "APA 7", "Ledger", "Quay", "Timetable", "Beacon")) {
      for (int width : new int[] {700, 1280, 1920}) {
        all.add(new Object[] {style, width, false});
        all.add(new Object[] {style, width, true});
      }
    }
    return all.toArray(Object[][]::new);
  }

  /// Each cell has the ink, the fill, the size, the weight and the slant of the proof, in the inks
  /// of either page and at every width.
  @Test(dataProvider = "lookedAt")
  public void cellsLookAsTheyAreDressed(String style, int width, boolean dark) throws Exception {
    Document document = ManyTables.demo(style, true);
    String scheme = "--blink-settings=preferredColorScheme=" + (dark ? 0 : 1);
    SentTable table = ManyTables.sent(document).tables().getFirst().onBoard();
    Dressed dressed = (dark ? table.inked(table.nightInks()) : table).dressed();
    JsonNode cells;
    try (Browser sight = Browser.open(width, 900, scheme)) {
      sight.go(board(document), "");
      cells =
          sight.run(
              "const b = [...document.querySelectorAll('section.board')][0];"
                  + "return [...b.querySelectorAll('tbody tr:not(.spacer)')].map(tr =>"
                  + " [...tr.cells].map(c => { const s = getComputedStyle(c);"
                  + " return [Number(c.dataset.at), s.color, s.backgroundColor,"
                  + " parseFloat(s.fontSize) * 0.75, s.fontWeight, s.fontStyle] }))");
    }
    List<DressedRow> rows = dressed.band(DressedRow.Band.BODY);
    int row = 0;
    for (JsonNode line : cells) {
      for (DressedCell cell : rows.get(row++).cells()) {
        if (cell.rowSpan() > 1) {
          continue;
        }
        for (JsonNode there : line) {
          if (there.get(0).asInt() == cell.column()) {
            Look look = cell.look();
            assertThat(there.get(1).asText()).as(cell.text()).isEqualTo(rgb(look.ink()));
            look.fill().ifPresent(fill -> assertThat(there.get(2).asText()).isEqualTo(rgb(fill)));
            assertThat(there.get(4).asText()).isEqualTo(look.bold() ? "700" : "400");
            assertThat(there.get(5).asText()).isEqualTo(look.italic() ? "italic" : "normal");
            double zoomed = there.get(3).asDouble() / look.size();
            assertThat(Math.min(Math.abs(zoomed - 1), Math.abs(zoomed - 1.5))).isLessThan(0.01);
          }
        }
      }
    }
    assertThat(row).isPositive();
  }

  private static String rgb(Colour colour) {
    return "rgb(" + colour.red() + ", " + colour.green() + ", " + colour.blue() + ")";
  }

  private static final Path CHECKERS = Path.of("src/test/npm");

  @DataProvider
  public Object[][] sights() {
    return new Object[][] {{1280, "light"}, {1280, "dark"}, {400, "light"}, {1920, "dark"}};
  }

  /// Nothing is in the way of readers who hear, enlarge or don't see colours: WCAG 2.2, level AA,
  /// as far as axe-core can tell.
  @Test(dataProvider = "sights")
  public void nothingIsInTheWayOfReaders(int width, String scheme) throws Exception {
    String axe = Files.readString(CHECKERS.resolve("node_modules/axe-core/axe.min.js"));
    String dark = "--blink-settings=preferredColorScheme=" + (scheme.equals("dark") ? 0 : 1);
    for (String style : List.of("Plain", "Quay", "Timetable", "Beacon", "APA 7")) {
      try (Browser sight = Browser.open(width, 900, dark)) {
        sight.go(board(ManyTables.demo(style, true)), "");
        sight.run(
            axe
                + "; window.found = null; axe.run(document, {runOnly: ['wcag2a', 'wcag2aa',"
                + " 'wcag21a', 'wcag21aa', 'wcag22aa']}).then(r => { window.found ="
                + " r.violations.map(v => v.id + ' ' + v.nodes.length + ': '"
                + " + v.nodes[0].html.slice(0, 200) + v.nodes[0].failureSummary) })");
        JsonNode found = sight.run("return window.found");
        while (found.isNull()) {
          Thread.sleep(100);
          found = sight.run("return window.found");
        }
        assertThat(found).as(style).isEmpty();
      }
    }
  }

  /// The script is plain: nothing unused, nothing hidden by another of its name, no code from
  /// texts.
  @Test
  public void theScriptIsPlain() throws Exception {
    String page = Files.readString(board(Given.sailings("Plain")));
    String script = page.substring(page.lastIndexOf("<script>") + 8, page.lastIndexOf("</script>"));
    Path file = Files.writeString(CHECKERS.resolve("board.js"), script);
    try {
      Process lint =
          new ProcessBuilder("node_modules/.bin/eslint", "board.js")
              .directory(CHECKERS.toFile())
              .redirectErrorStream(true)
              .start();
      String says = new String(lint.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
      assertThat(lint.waitFor()).as(says).isZero();
    } finally {
      Files.delete(file);
    }
  }

  /// The marks of a chart are walked through with the arrows, and each says its figure.
  @Test
  public void marksOfAChartAreWalkedThrough() throws Exception {
    Document document = Given.sailings("Plain").withAdded(Chart.of(ChartKind.BARS, "Fares"), 0);
    go(document, "");
    browser.run("document.querySelector('.spot').focus()");
    String first = browser.run("return document.getElementById('tip').textContent").asText();
    assertThat(first).isEqualTo("Hale–Orrin, Winter, 2025, Fares: 10.5");
    browser.run(
        "document.activeElement.dispatchEvent("
            + "new KeyboardEvent('keydown', {key: 'ArrowRight', bubbles: true}))");
    assertThat(browser.run("return document.getElementById('tip').textContent").asText())
        .isEqualTo("Hale–Orrin, Winter, 2026, Fares: 11.5");
    assertThat(
            browser
                .run("return document.querySelectorAll('.by-day .spot[tabindex=\"0\"]').length")
                .asInt())
        .isEqualTo(1);
    browser.run("document.activeElement.blur()");
    assertThat(browser.run("return document.getElementById('tip').hidden").asBoolean()).isTrue();
  }
}
