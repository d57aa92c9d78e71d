package app.finish.core.layout.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.finish.core.RandomTables;
import app.finish.core.Seeds;
import app.finish.core.TestStyles;
import app.finish.core.arrange.Arranger;
import app.finish.core.arrange.make.SwapAxes;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.Dresser;
import app.finish.core.layout.CellBox;
import app.finish.core.layout.Mark;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Fonts;
import app.finish.core.layout.page.Compositor;
import app.finish.core.style.Cascade;
import app.finish.core.style.StyleBook;
import app.finish.core.table.Axis;
import app.finish.core.table.Body;
import app.finish.core.table.Heading;
import app.finish.core.table.Marks;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.core.table.Words;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// What is laid out as it comes in sight is what would be laid out whole.
public class ScrollTest {
  private static final Fonts FONTS = new Fonts();
  private static final StyleBook STYLES = TestStyles.book();
  private static final List<String> NAMES = List.of("Base", "House");

  @DataProvider
  public Object[][] seeds() {
    return Seeds.upTo(60);
  }

  private static Scroll scroll(Table table, Cascade cascade) {
    return Scroll.of(Dresser.seen(table, cascade, 1), FONTS, Paper.A4);
  }

  private static Proof.Page whole(Table table, Cascade cascade) {
    return new Compositor(FONTS)
        .layOut(Dresser.dress(table, cascade, 1), Paper.A4.unpaged())
        .pages()
        .getFirst();
  }

  @Test(dataProvider = "seeds")
  public void theSheetIsTheSameAsThePage(int seed) {
    Table table = new RandomTables(seed).table();
    Cascade cascade = STYLES.cascade(NAMES.get(seed % NAMES.size()));
    Scroll scroll = scroll(table, cascade);
    Proof.Page page = whole(table, cascade);
    Proof.Page seen = scroll.between(0, scroll.paper().height());
    assertThat(lines(seen.boxes())).isEqualTo(lines(page.boxes()));
    assertThat(lines(seen.marks())).isEqualTo(lines(page.marks()));
    assertThat(scroll.paper().height()).isCloseTo(page.height(), within(1e-6));
    Random random = new Random(seed);
    for (int i = 0; i < 20; i++) {
      CellBox box = page.boxes().get(random.nextInt(page.boxes().size()));
      assertThat(scroll.boxOf(box.cell().place())).hasValue(box);
      double x = box.x() + box.width() * 0.5;
      double y = box.y() + box.height() * random.nextDouble() * 0.99;
      assertThat(scroll.at(x, y).map(found -> found.cell().place()))
          .isEqualTo(page.at(x, y).map(found -> found.cell().place()));
    }
  }

  /// Each text of a strip of the sheet is one of the whole page at the same place, and none that
  /// stands wholly in the strip is missing.
  @Test(dataProvider = "seeds")
  public void aStripShowsWhatStandsThere(int seed) {
    Table table = new RandomTables(seed).table();
    Cascade cascade = STYLES.cascade(NAMES.get(seed % NAMES.size()));
    Scroll scroll = scroll(table, cascade);
    Proof.Page page = whole(table, cascade);
    double top = page.height() * new Random(seed).nextDouble() * 0.7;
    double bottom = top + 60;
    List<Mark> seen = texts(scroll.between(top, bottom));
    List<Mark> all = texts(page);
    assertThat(new HashSet<>(all)).containsAll(seen);
    all.removeIf(mark -> mark.top() < top || mark.bottom() > bottom);
    assertThat(seen).containsAll(all);
  }

  private static String lines(List<?> all) {
    StringBuilder lines = new StringBuilder();
    for (Object one : all) {
      lines.append(
          one instanceof CellBox box
              ? String.format(
                  "%.3f %.3f %.3f %.3f %s %s",
                  box.x(),
                  box.y(),
                  box.width(),
                  box.height(),
                  box.cell().place(),
                  box.cell().text())
              : one.toString().replaceAll("(\\.\\d{3})\\d+", "$1"));
      lines.append('\n');
    }
    return lines.toString();
  }

  private static List<Mark> texts(Proof.Page page) {
    return new ArrayList<>(page.marks().stream().filter(Mark.Text.class::isInstance).toList());
  }

  private static Table large(int groups, int members) {
    List<Heading> down = new ArrayList<>();
    for (int group = 0; group < groups; group++) {
      Heading[] under = new Heading[members + 1];
      for (int i = 0; i < members; i++) {
        under[i] =
            Heading.member(
                "Sailing "
                    + (group * members + i)
                    + (i % 97 == 0 ? " by night, with livestock and without passengers" : ""));
      }
      under[members] = Heading.subtotal("All of day " + group);
      down.add(Heading.group("Day " + group, under));
    }
    down.add(Heading.grandTotal("All days"));
    Axis axis = Axis.of(List.of("Day", "Sailing"), down);
    return new Table(
        axis,
        Axis.of(
            List.of(""), List.of(Heading.measure("Fares", 0), Heading.measure("Passengers", 1))),
        List.of(
            new Measure("Fares", MeasureKind.SUM, "", 2),
            new Measure("Passengers", MeasureKind.COUNT, "", 0)),
        Body.of(
            axis.leaves().size(),
            2,
            (row, column) ->
                row % 101 == 5
                    ? Value.text("not run")
                    : Value.number(
                        (row * 7919L % 100_003 - 40_000) / (column == 0 ? 100.0 : 1), "")),
        List.of(),
        Words.NONE.withTitle("Sailings by day"),
        Marks.NONE);
  }

  @Test
  public void aLongTableIsLaidOutAsIfItWereShort() {
    Table table = large(90, 40);
    for (String name : NAMES) {
      Cascade cascade = STYLES.cascade(name);
      Scroll scroll = scroll(table, cascade);
      Proof.Page page = whole(table, cascade);
      assertThat(scroll.paper().height()).isCloseTo(page.height(), within(1e-6));
      Proof.Page seen = scroll.between(0, scroll.paper().height());
      for (int i = 0; i < page.boxes().size(); i++) {
        CellBox box = page.boxes().get(i);
        CellBox other = seen.boxes().get(i);
        assertThat(other.cell()).isEqualTo(box.cell());
        assertThat(other.x()).isCloseTo(box.x(), within(1e-6));
        assertThat(other.y()).isCloseTo(box.y(), within(1e-6));
        assertThat(other.width()).isCloseTo(box.width(), within(1e-6));
        assertThat(other.height()).isCloseTo(box.height(), within(1e-6));
      }
      CellMeaning last = new CellMeaning.Body(table.body().rows() - 1, 1);
      assertThat(scroll.boxOf(last).map(CellBox::y).orElseThrow())
          .isGreaterThan(scroll.bodyBottom() - 40);
    }
  }

  /// Going from match to match comes by all cells that hold the text, once each, either way.
  @Test(dataProvider = "seeds")
  public void theSearchComesByAllMatches(int seed) {
    Table table = new RandomTables(seed).table();
    Scroll scroll = scroll(table, STYLES.cascade(NAMES.get(seed % NAMES.size())));
    for (String text : List.of("Hale", "1", "seasons", "Zebra")) {
      List<CellMeaning> all = new ArrayList<>();
      scroll
          .dressed()
          .rows()
          .forEach(
              row ->
                  row.cells().stream()
                      .filter(cell -> cell.text().toLowerCase().contains(text.toLowerCase()))
                      .forEach(cell -> all.add(cell.place())));
      List<CellMeaning> met = new ArrayList<>();
      List<CellMeaning> back = new ArrayList<>();
      Optional<CellMeaning> at = Optional.empty();
      for (int i = 0; i < all.size(); i++) {
        at = scroll.find(text, at, false);
        met.add(at.orElseThrow());
      }
      assertThat(met).isEqualTo(all);
      assertThat(scroll.find(text, at, false)).isEqualTo(all.stream().findFirst());
      at = Optional.empty();
      for (int i = 0; i < all.size(); i++) {
        at = scroll.find(text, at, true);
        back.addFirst(at.orElseThrow());
      }
      assertThat(back).isEqualTo(all);
    }
  }

  /// Of a table of many columns only those in sight are painted, where they stand in the whole, and
  /// the stub with them.
  @Test
  public void ofManyColumnsThoseInSightArePaintedWhereTheyStand() {
    Table wide = Arranger.arrange(large(60, 12), Arrangement.of(new SwapAxes())).table();
    for (String name : NAMES) {
      Scroll scroll = scroll(wide, STYLES.cascade(name));
      Proof.Page whole = scroll.between(0, scroll.paper().height());
      Random random = new Random(3);
      for (int i = 0; i < 30; i++) {
        double left = random.nextDouble() * scroll.paper().width();
        double right = left + 300;
        Proof.Page seen = scroll.between(0, scroll.paper().height(), left, right);
        assertThat(seen.boxes().size()).isLessThan(whole.boxes().size() / 4);
        List<CellBox> inSight =
            whole.boxes().stream()
                .filter(box -> box.x() < right && box.x() + box.width() > left)
                .toList();
        assertThat(lines(seen.boxes()).lines()).containsAll(lines(inSight).lines().toList());
        List<Mark> texts = texts(whole);
        assertThat(texts).containsAll(texts(seen));
        assertThat(rulesIn(seen, left, right)).isEqualTo(rulesIn(whole, left, right));
        double x = left + random.nextDouble() * 300;
        double y = scroll.bodyTop() + 3;
        assertThat(scroll.at(x, y)).isEqualTo(whole.at(x, y));
      }
    }
  }

  /// Where rules are drawn between two distances from the left edge.
  private static Set<String> rulesIn(Proof.Page page, double left, double right) {
    Set<String> drawn = new TreeSet<>();
    for (Mark mark : page.marks()) {
      if (mark instanceof Mark.Rule rule) {
        for (double x = left; x < right; x += 7) {
          if (rule.x1() <= x && x <= rule.x2()) {
            drawn.add(
                String.format("%.1f %.2f %.2f %s", x, rule.y1(), rule.weight(), rule.colour()));
          }
        }
      }
    }
    return drawn;
  }
}
