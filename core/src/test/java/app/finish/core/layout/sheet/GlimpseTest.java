package app.finish.core.layout.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.RandomStyles;
import app.finish.core.Seeds;
import app.finish.core.TestStyles;
import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.Arranger;
import app.finish.core.arrange.RandomMoves;
import app.finish.core.arrange.formula.Formulas;
import app.finish.core.arrange.make.ByFigure;
import app.finish.core.arrange.make.ByLabel;
import app.finish.core.arrange.make.Reverse;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.place.Side;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.Dresser;
import app.finish.core.layout.CellBox;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Fonts;
import app.finish.core.style.Cascade;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
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
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.testng.annotations.Test;

/// What is shown of a long table before the rest of it is there is what the whole of it shows.
public class GlimpseTest {
  private static final Fonts FONTS = new Fonts();
  private static final StyleBook STYLES = TestStyles.book();
  private static final Pattern FURTHER_DECIMALS = Pattern.compile("(\\.\\d{5})\\d+");

  /// A table of some thousand rows: flat, of small groups or of large ones, some with totals that
  /// come first or last, with long labels, texts and gaps.
  private static Table table(Random random) {
    boolean flat = random.nextInt(3) == 0;
    int size = random.nextBoolean() ? 3 + random.nextInt(9) : 900;
    int groups = flat ? 2600 : 2600 / size;
    List<Heading> down = new ArrayList<>();
    int totals = random.nextInt(3);
    for (int group = 0; group < groups; group++) {
      List<Heading> under = new ArrayList<>();
      for (int i = 0; i < size && !flat; i++) {
        under.add(Heading.member(label(random)));
      }
      if (!flat && totals > 0) {
        String name = random.nextInt(3) == 0 ? "Pier " + group : "All";
        under.add(totals == 1 ? 0 : size, Heading.subtotal(name));
      }
      down.add(flat ? Heading.member(label(random)) : group("Pier " + group, under));
    }
    if (random.nextBoolean()) {
      down.add(random.nextInt(down.size()), Heading.grandTotal("All piers"));
    }
    Axis axis = Axis.of(flat ? List.of("Day") : List.of("Pier", "Day"), down);
    return new Table(
        axis,
        Axis.of(List.of(""), List.of(Heading.measure("Fares", 0), Heading.measure("Cars", 1))),
        List.of(
            new Measure("Fares", MeasureKind.SUM, "", 2),
            new Measure("Cars", MeasureKind.COUNT, "", 0)),
        Body.of(axis.leaves().size(), 2, (row, column) -> value(random, column)),
        List.of(),
        Words.NONE.withTitle("Sailings by day"),
        Marks.NONE);
  }

  private static Heading group(String label, List<Heading> under) {
    return Heading.group(label, under.toArray(Heading[]::new));
  }

  private static String label(Random random) {
    String name = List.of("Day ", "Sailing ", "dày ", "Ökumene ").get(random.nextInt(4));
    boolean wide = random.nextInt(60) == 0;
    return name
        + random.nextInt(400)
        + (wide ? " by night, with livestock, without passengers, and back in the morning" : "");
  }

  private static Value value(Random random, int column) {
    int chance = random.nextInt(300);
    double figure = random.nextInt(40) * 1250 - 9000;
    return chance == 0
        ? Value.text("not run")
        : chance == 1 ? Value.BLANK : Value.number(column == 0 ? figure / 100 : figure, "");
  }

  private static Move order(Random random, Table table) {
    int level = random.nextInt(table.down().depth());
    List<String> at = table.across().leaves().get(random.nextInt(2)).labels();
    return switch (random.nextInt(3)) {
      case 0 -> new Reverse(Side.DOWN, level);
      case 1 -> new ByLabel(Side.DOWN, level, random.nextBoolean(), false);
      default -> new ByFigure(Side.DOWN, level, at, random.nextBoolean());
    };
  }

  private static Cascade style(Random random) {
    HouseStyle style = STYLES.cascade(random.nextBoolean() ? "Base" : "House").style();
    for (int i = random.nextInt(12); i > 0; i--) {
      Property property = Property.values()[random.nextInt(Property.values().length)];
      style =
          style.with(
              RandomStyles.selector(random), property, RandomStyles.setting(property, random));
    }
    if (random.nextInt(4) == 0) {
      String place = random.nextBoolean() ? "middle" : "bottom";
      style = style.with(Selector.of(PartName.STUB), Property.VERTICAL, place);
    }
    return STYLES.with(style).cascade(style.name());
  }

  private static void assertSame(List<String> some, List<String> others, String what) {
    for (int i = 0; i < Math.min(some.size(), others.size()); i++) {
      assertThat(some.get(i)).as("%s, line %d", what, i).isEqualTo(others.get(i));
    }
    assertThat(some).as(what).hasSameSizeAs(others);
  }

  private static List<String> seen(Scroll sheet, double bottom) {
    List<String> lines = new ArrayList<>();
    Proof.Page page = sheet.between(0, bottom);
    page.marks().stream().filter(mark -> mark.top() < bottom).forEach(mark -> add(lines, mark));
    page.boxes().stream()
        .filter(box -> box.y() < bottom)
        .forEach(
            box -> add(lines, box.x() + " " + box.y() + " " + box.width() + named(box.cell())));
    sheet.heads().marks().forEach(mark -> add(lines, mark));
    sheet.columns().forEach(column -> add(lines, column));
    return lines;
  }

  private static String named(DressedCell cell) {
    return " " + cell.place() + cell.runs() + cell.look().settings();
  }

  private static void add(List<String> lines, Object one) {
    lines.add(FURTHER_DECIMALS.matcher(one.toString()).replaceAll("$1"));
  }

  /// 75 tables, or as many as are asked for, each in two orders after another and in a style made
  /// by chance.
  @Test
  public void theGlimpseIsWhatTheWholeShows() {
    AtomicInteger glimpses = new AtomicInteger();
    AtomicInteger asWide = new AtomicInteger();
    IntStream.range(0, 75 * Seeds.TIMES)
        .parallel()
        .forEach(seed -> inTwoOrders(seed, glimpses, asWide));
    assertThat(glimpses.get()).isGreaterThan(75 * Seeds.TIMES);
    assertThat(asWide.get()).isGreaterThan(glimpses.get() * 9 / 10);
  }

  private static void inTwoOrders(int seed, AtomicInteger glimpses, AtomicInteger asWide) {
    Random random = new Random(seed);
    Table table = table(random);
    Cascade cascade = style(random);
    Arranger.Ready ready = Arranger.ready(table, Formulas.NONE);
    Arrangement before = Arrangement.NONE;
    Scroll shown = Scroll.of(Dresser.seen(table, cascade, 1), FONTS, Paper.A4);
    for (int i = 0; i < 2; i++) {
      Arrangement now = Arrangement.of(order(random, table));
      assertThat(now.hasRowsOf(before)).isTrue();
      double bottom = 100 + random.nextInt(5000);
      Optional<Scroll> glimpse =
          FirstScreen.of(shown, Paper.A4, corner(ready, now, cascade), sight(bottom));
      Dresser.Seen all =
          Dresser.seen(Arranger.arrange(table, now, Formulas.NONE).table(), cascade, 1);
      Scroll whole = Scroll.of(all, FONTS, Paper.A4);
      if (glimpse.isPresent()) {
        glimpses.incrementAndGet();
        asWide.addAndGet(areSame(glimpse.get(), whole, bottom, seed + " " + now) ? 1 : 0);
      }
      shown = shown.reordered(all).orElse(whole);
      assertSame(seen(shown, bottom), seen(whole, bottom), seed + " " + now);
      before = now;
    }
  }

  private static FirstScreen.Corner corner(
      Arranger.Ready ready, Arrangement arrangement, Cascade cascade) {
    return (rows, columns) ->
        ready
            .arrangeFirst(arrangement, rows, columns)
            .map(first -> Dresser.ready(first).seen(cascade, "1"));
  }

  private static FirstScreen.Area sight(double bottom) {
    return new FirstScreen.Area(800, bottom);
  }

  /// 150 tables, or as many as are asked for, after one or two moves of any kind: the cells in
  /// sight are those of the whole sheet, and they stand where they do there if the columns are as
  /// wide.
  @Test
  public void theGlimpseAfterAnyMoveShowsTheCellsOfTheWhole() {
    AtomicInteger glimpses = new AtomicInteger();
    AtomicInteger asWide = new AtomicInteger();
    IntStream.range(0, 150 * Seeds.TIMES)
        .parallel()
        .forEach(seed -> afterAnyMove(seed, glimpses, asWide));
    assertThat(glimpses.get()).isGreaterThan(75 * Seeds.TIMES);
    assertThat(asWide.get()).isGreaterThan(glimpses.get() / 3);
  }

  private static void afterAnyMove(int seed, AtomicInteger glimpses, AtomicInteger asWide) {
    Random random = new Random(1000 + seed);
    Table table = table(random);
    Cascade cascade = style(random);
    Arranger.Ready ready = Arranger.ready(table, RandomMoves.FORMULAS);
    Arrangement before =
        random.nextBoolean() ? Arrangement.NONE : Arrangement.of(RandomMoves.any(table, random));
    Arranged arranged = ready.arrange(before);
    Scroll shown = Scroll.of(Dresser.ready(arranged).seen(cascade, "1"), FONTS, Paper.A4);
    Arrangement now = before.with(RandomMoves.any(arranged.table(), random));
    double bottom = 100 + random.nextInt(5000);
    Optional<Scroll> glimpse =
        FirstScreen.of(shown, Paper.A4, corner(ready, now, cascade), sight(bottom));
    if (glimpse.isPresent()) {
      glimpses.incrementAndGet();
      Table all = Arranger.arrange(table, now, RandomMoves.FORMULAS).table();
      Scroll whole = Scroll.of(Dresser.seen(all, cascade, 1), FONTS, Paper.A4);
      asWide.addAndGet(areSame(glimpse.get(), whole, bottom, seed + " " + now) ? 1 : 0);
    }
  }

  /// The cells in sight are the same, and so is all else if the columns are as wide, which is told.
  private static boolean areSame(Scroll glimpse, Scroll whole, double bottom, String what) {
    Map<CellMeaning, DressedCell> cells = new HashMap<>();
    for (CellBox box : whole.between(0, whole.paper().height()).boxes()) {
      cells.put(box.cell().place(), box.cell());
    }
    for (CellBox box : glimpse.between(0, bottom).boxes()) {
      if (box.x() < 800 && box.y() < bottom) {
        DressedCell same = cells.get(box.cell().place());
        assertThat(same).as(what).isNotNull();
        assertThat(box.cell().column() + named(box.cell()))
            .as(what)
            .isEqualTo(same.column() + named(same));
      }
    }
    boolean asWide = glimpse.columns().equals(whole.columns());
    if (asWide) {
      assertSame(seen(glimpse, bottom), seen(whole, bottom), what);
    }
    return asWide;
  }
}
