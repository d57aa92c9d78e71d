package app.finish.core.highlight;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.RandomTables;
import app.finish.core.Seeds;
import app.finish.core.TestStyles;
import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.Arranger;
import app.finish.core.arrange.formula.CellExpressions;
import app.finish.core.arrange.make.ByFigure;
import app.finish.core.arrange.make.ByLabel;
import app.finish.core.arrange.make.PlaceLevel;
import app.finish.core.arrange.make.Rename;
import app.finish.core.arrange.make.Reverse;
import app.finish.core.arrange.make.SetAside;
import app.finish.core.arrange.make.SwapAxes;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.place.Side;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.Dresser;
import app.finish.core.dress.HighlightOverlay;
import app.finish.core.grid.Grid;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.style.Property;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Highlights lie where their sentences say, on these figures and on no others, however the table
/// is arranged.
public class MatchesTest {
  private static final Table LOADS =
      table(
          "Route | Season | Passengers | Cost recovery",
          "Hale–Orrin | Summer | 41200 | 112.4%",
          "Hale–Orrin | Winter | 19800 | 84.6%",
          "Orrin–Skell | Summer | 26500 | 96%",
          "Orrin–Skell | Winter | 84 | n/a",
          "Skell–Voe | Summer | 8100 | 61.5%",
          "Skell–Voe | Winter | 2400 | 44.1%",
          "All routes |  | 98084 | 80%");

  private static Table table(String... lines) {
    return Recogniser.recognise(Grid.ofText(lines), Corrections.NONE).table();
  }

  private static Set<String> matched(Table table, String sentence) {
    Matches matches =
        Matches.of(HighlightSentence.read(sentence), CellNames.of(table), CellExpressions.NONE);
    return matches.cells().stream()
        .map(spot -> table.body().at(spot.row(), spot.column()).written())
        .collect(Collectors.toCollection(TreeSet::new));
  }

  @DataProvider
  public Object[][] sentences() {
    return new Object[][] {
      {"Cost recovery below 85: bold", "44.1% 61.5% 84.6%"},
      {"Cost recovery, totals too, below 85: bold", "44.1% 61.5% 80% 84.6%"},
      {"Cost recovery, totals only, below 85: bold", "80%"},
      {"everything below 85: bold", "44.1% 61.5% 84 84.6%"},
      {"Passengers between 2400 and 8100: bold", "2400 8100"},
      {"Passengers among the top 2: bold", "26500 41200"},
      {"Passengers among the bottom 34%: bold", "2400 8100 84"},
      {"Passengers among the top 1 of its group: bold", "26500 41200 8100"},
      {"Passengers above the mean of its column: bold", "19800 26500 41200"},
      {"Passengers below the median of its column: bold", "2400 8100 84"},
      {"Passengers further than 1 SD from the mean: bold", "41200 84"},
      {"Passengers changed by below -50%: bold", "19800 2400 84"},
      {"Passengers, in Season “Winter”, at least 2400: bold", "19800 2400"},
      {"Passengers below that of Season “Summer”: bold", "19800 2400 84"},
      {"everything a text: bold", "n/a"},
      {"everything missing: bold", ""},
      {"Passengers containing “00” and not below 19800: bold", "19800 26500 41200"},
      {"Passengers one of “84”, “2400”: bold", "2400 84"},
      {"Passengers below 100 or above 40000: bold", "41200 84"},
      {"Passengers (below 100 or above 40000) and above 90: bold", "41200"},
      {
        "everything always: bold", "112.4% 19800 2400 26500 41200 44.1% 61.5% 8100 84 84.6% 96% n/a"
      },
      {"Passengers, under “Hale–Orrin” or “Skell–Voe” › “Winter” always: bold", "19800 2400 41200"},
      {"Passengers, under “Orrin–Skell”, under “Summer” always: bold", "26500"},
      {"everything, under “Cost recovery”, under “Winter” always: bold", "44.1% 84.6% n/a"},
      {"Passengers, at level Season, totals too always: bold", "19800 2400 26500 41200 8100 84"},
      {"Passengers, at level 0, totals only always: bold", "98084"},
      {"Cost recovery below “Passengers”: bold", "112.4% 44.1% 61.5% 84.6% 96%"}
    };
  }

  @Test(dataProvider = "sentences")
  public void liesOnTheseFigures(String sentence, String figures) {
    Set<String> wanted = figures.isEmpty() ? Set.of() : Set.of(figures.split(" "));
    assertThat(matched(LOADS, sentence)).as(sentence).isEqualTo(new TreeSet<>(wanted));
  }

  @Test
  public void smallPValuesWrittenAsBoundsAreBelow() {
    Table tests =
        table("Term | b | p", "Wind | 0.2 | <.001", "Load | 1.4 | .050", "Sea | 1.1 | .2");
    assertThat(matched(tests, "p below 0.05: bold")).containsExactly("<.001");
    assertThat(matched(tests, "p at most 0.05: bold")).containsExactly(".050", "<.001");
  }

  @Test
  public void whatIsGonePutsItToSleepAndSaysWhy() {
    assertThat(asleep("Fares below 3: bold")).contains("does not measure Fares");
    assertThat(asleep("Passengers, in Vessel “Dunlin”, below 3: bold")).contains("no Vessel");
    assertThat(asleep("Passengers, under “Voe” always: bold")).contains("no heading Voe");
    assertThat(asleep("Passengers, at level Vessel always: bold")).contains("no level Vessel");
    assertThat(asleep("Passengers below “Fares”: bold")).contains("does not measure Fares");
    assertThat(asleep("Passengers below that of Season “Spring”: bold")).contains("no Spring");
    assertThat(asleep("Passengers where {value < 3}: bold")).contains("can't be worked out");
  }

  private static final Table REGIONS =
      table(
          "Region | Route | Fares",
          "North | Hale–Orrin | 10",
          "North | Orrin–Skell | 20",
          "North | Total | 30",
          "South | Skell–Voe | 40",
          "South | Voe–Tern | 50",
          "South | Total | 90",
          "Total |  | 120");

  @Test
  public void aTotalStandsAtTheLevelOfTheGroupThatItTotals() {
    assertThat(matched(REGIONS, "Fares, at level Region, totals too, always: bold"))
        .containsExactly("30", "90");
    assertThat(matched(REGIONS, "Fares, at level Route, totals too, always: bold"))
        .containsExactly("10", "20", "40", "50");
    assertThat(matched(REGIONS, "Fares, at level 1 or 0, totals only, always: bold"))
        .containsExactly("120", "30", "90");
    CellNames names = CellNames.of(REGIONS);
    for (int row = 0; row < REGIONS.down().leaves().size(); row++) {
      int level = names.level(Side.DOWN, row);
      assertThat(names.levelName(Side.DOWN, row))
          .isEqualTo(List.of("", "Region", "Route").get(level));
    }
  }

  @Test
  public void barsShareTheScaleThatTheySay() {
    assertThat(end("everything always: bar accent", 0, 0)).isEqualTo("1.00");
    assertThat(end("everything always: bar accent", 0, 1)).isEqualTo("1.00");
    assertThat(end("everything always: bar accent over all measures", 0, 0)).isEqualTo("1.00");
    assertThat(end("everything always: bar accent over all measures", 0, 1)).isEqualTo("0.00");
    assertThat(end("Passengers always: bar accent by column", 1, 0)).isEqualTo("0.48");
  }

  private static String end(String sentence, int row, int column) {
    Matches matches =
        Matches.of(HighlightSentence.read(sentence), CellNames.of(LOADS), CellExpressions.NONE);
    String bar = matches.on(row, column).get(Property.BAR);
    return bar.substring(bar.lastIndexOf(' ') + 1);
  }

  @Test
  public void aLegendShowsWhatHasAColourOrAShape() {
    assertThat(swatches("bold bad on bad 12%")).containsExactly("box bad 12%");
    assertThat(swatches("bold bad")).containsExactly("box bad");
    assertThat(swatches("italic")).isEmpty();
    assertThat(swatches("tint bad 50% to paper to good 50%"))
        .containsExactly("box bad 50%", "box paper", "box good 50%");
    assertThat(swatches("bar accent below zero bad")).containsExactly("box bad", "box accent");
    assertThat(swatches("sign down up in soft")).containsExactly("down soft", "up soft");
  }

  private static List<String> swatches(String show) {
    return LegendSwatches.of(HighlightSentence.readShow(show));
  }

  private static String asleep(String sentence) {
    Matches matches =
        Matches.of(HighlightSentence.read(sentence), CellNames.of(LOADS), CellExpressions.NONE);
    assertThat(matches.cells()).isEmpty();
    return matches.asleep().orElseThrow();
  }

  @DataProvider
  public Object[][] seeds() {
    return Seeds.upTo(150);
  }

  /// Moves that keep the figures keep what is highlighted.
  @Test(dataProvider = "seeds")
  public void matchedMeaningsStayThroughMoves(long seed) {
    Random random = new Random(seed);
    Table table = new RandomTables(seed).table();
    Arranged plain = Arranger.arrange(table, Arrangement.NONE);
    Arranged moved = Arranger.arrange(table, keeping(table, random));
    double bound = median(table);
    String measure = table.measures().get(random.nextInt(table.measures().size())).name();
    Highlight highlight =
        Highlight.of(
            "",
            measure.isEmpty()
                ? random.nextBoolean() ? Region.EVERYWHERE : Region.EVERYWHERE.in(true, true, true)
                : Region.EVERYWHERE.withMeasures(List.of(measure)),
            new Condition.Compared(
                Condition.Sign.values()[random.nextInt(4)], new Operand.Number(bound)),
            new Show.Flag(java.util.Map.of(Property.WEIGHT, "bold")),
            Reach.CELL);
    assertThat(meanings(moved, highlight)).isEqualTo(meanings(plain, highlight));
  }

  /// So do headings of any depth, on whichever side their labels run then.
  @Test(dataProvider = "seeds")
  public void figuresUnderHeadingsStayThroughMoves(long seed) {
    Random random = new Random(seed);
    Table table = new RandomTables(seed).table();
    Arranged plain = Arranger.arrange(table, Arrangement.NONE);
    Arranged moved = Arranger.arrange(table, keeping(table, random));
    List<Region.Under> under = new ArrayList<>();
    for (Side side : Side.values()) {
      List<List<String>> paths = plain.paths(side);
      List<String> path = new ArrayList<>(paths.get(random.nextInt(paths.size())));
      path.removeIf(String::isEmpty);
      if (!path.isEmpty() && random.nextBoolean()) {
        under.add(new Region.Under(List.of(path.subList(0, 1 + random.nextInt(path.size())))));
      }
    }
    Highlight highlight =
        Highlight.of(
            "",
            Region.EVERYWHERE.withUnder(under).in(true, true, true),
            new Condition.Always(),
            new Show.Flag(java.util.Map.of(Property.WEIGHT, "bold")),
            Reach.CELL);
    assertThat(meanings(plain, highlight)).isNotEmpty();
    assertThat(meanings(moved, highlight)).isEqualTo(meanings(plain, highlight));
  }

  private static double median(Table table) {
    List<Double> all = new ArrayList<>();
    for (int row = 0; row < table.body().rows(); row++) {
      for (int column = 0; column < table.body().columns(); column++) {
        double number = table.body().number(row, column);
        if (!Double.isNaN(number)) {
          all.add(number);
        }
      }
    }
    all.sort(null);
    return all.isEmpty() ? 0 : all.get(all.size() / 2);
  }

  private static Arrangement keeping(Table table, Random random) {
    Arrangement arrangement = Arrangement.NONE;
    for (int i = 0; i < 1 + random.nextInt(4); i++) {
      Side side = random.nextBoolean() ? Side.DOWN : Side.ACROSS;
      Table now = Arranger.arrange(table, arrangement).table();
      List<String> path = side.of(now).leaves().getFirst().labels();
      Move move =
          switch (random.nextInt(6)) {
            case 0 -> new SwapAxes();
            case 1 -> new ByLabel(side, random.nextInt(2), random.nextBoolean());
            case 2 -> new Reverse(side, random.nextInt(2));
            case 3 -> new Rename(side, path, "Regatta");
            case 4 -> new PlaceLevel(side, 0, side.other(), 0);
            default ->
                new ByFigure(
                    side,
                    0,
                    side.other().of(now).leaves().getFirst().labels(),
                    random.nextBoolean());
          };
      Arrangement more = arrangement.with(move);
      boolean placed = Arranger.arrange(table, more).unplaced().isEmpty();
      boolean whole =
          placed
              && figures(Arranger.arrange(table, more))
                  .equals(figures(Arranger.arrange(table, Arrangement.NONE)));
      arrangement = whole ? more : arrangement;
    }
    return arrangement;
  }

  /// The figures of a table by the labels that lead to them, in no order.
  private static Set<List<String>> figures(Arranged arranged) {
    Set<List<String>> all = new HashSet<>();
    for (int row = 0; row < arranged.table().body().rows(); row++) {
      for (int column = 0; column < arranged.table().body().columns(); column++) {
        all.add(meaning(arranged, row, column));
      }
    }
    return all;
  }

  private static List<String> meaning(Arranged arranged, int row, int column) {
    List<String> labels = new ArrayList<>(arranged.paths(Side.DOWN).get(row));
    labels.addAll(arranged.paths(Side.ACROSS).get(column));
    labels.removeIf(String::isEmpty);
    labels.sort(null);
    labels.add(arranged.table().body().at(row, column).written());
    return labels;
  }

  private static Set<List<String>> meanings(Arranged arranged, Highlight highlight) {
    return Matches.of(highlight, CellNames.of(arranged), CellExpressions.NONE).cells().stream()
        .map(spot -> meaning(arranged, spot.row(), spot.column()))
        .collect(Collectors.toSet());
  }

  @Test(dataProvider = "seeds")
  public void ofAMeasureItTouchesNoOther(long seed) {
    Random random = new Random(seed);
    Table table = new RandomTables(seed).table();
    String measure = table.measures().get(random.nextInt(table.measures().size())).name();
    Highlight highlight = SentenceTest.any(random);
    Highlight scoped =
        highlight
            .in(Region.EVERYWHERE.withMeasures(List.of(measure)).in(true, true, true))
            .reaching(Reach.CELL);
    Matches matches = Matches.of(scoped, CellNames.of(table), CellExpressions.NONE);
    for (Spot.Figure spot : matches.cells()) {
      assertThat(table.measureAt(spot.row(), spot.column()).name()).isEqualTo(measure);
    }
    Matches members =
        Matches.of(
            scoped.in(Region.EVERYWHERE.withMeasures(List.of(measure))),
            CellNames.of(table),
            CellExpressions.NONE);
    for (Spot.Figure spot : members.cells()) {
      assertThat(table.down().leaves().get(spot.row()).role()).isEqualTo(Role.MEMBER);
      assertThat(table.across().leaves().get(spot.column()).role()).isEqualTo(Role.MEMBER);
    }
  }

  @Test
  public void theFirstInTheListOutweighsPropertyByProperty() {
    Dressed dressed =
        dressed(
            "Passengers above 20000: bold bad",
            "Passengers above 10000: italic good on accent 10%");
    assertThat(cell(dressed, "41,200").look().setting(Property.INK)).isEqualTo("bad");
    assertThat(cell(dressed, "41,200").look().setting(Property.FILL)).isEqualTo("accent 10%");
    assertThat(cell(dressed, "41,200").look().italic()).isTrue();
    assertThat(cell(dressed, "19,800").look().setting(Property.INK)).isEqualTo("good");
    assertThat(cell(dressed, "19,800").look().bold()).isFalse();
    assertThat(cell(dressed, "41,200").look().origins().get(Property.WEIGHT).toString())
        .isEqualTo("highlight › “first”");
  }

  @Test
  public void theLastLetsNoneBelowItLie() {
    List<Highlight> both =
        List.of(
            HighlightSentence.read("Passengers above 20000: bold").beingLast(true),
            HighlightSentence.read("Passengers above 10000: italic"));
    Dressed dressed = dressed(both);
    assertThat(cell(dressed, "41,200").look().italic()).isFalse();
    assertThat(cell(dressed, "19,800").look().italic()).isTrue();
  }

  @Test
  public void rowsAndHeadingsAreReached() {
    Dressed row = dressed("Passengers below 100: bad, the row");
    assertThat(cell(row, "84").look().setting(Property.INK)).isEqualTo("bad");
    assertThat(cell(row, "n/a").look().setting(Property.INK)).isEqualTo("bad");
    assertThat(cell(row, "41,200").look().setting(Property.INK)).isNotEqualTo("bad");
    Dressed heading = dressed("Passengers below 100: bad, the heading");
    assertThat(cell(heading, "84").look().setting(Property.INK)).isNotEqualTo("bad");
    assertThat(
            heading.rows().stream()
                .flatMap(one -> one.cells().stream())
                .filter(one -> one.place() instanceof CellMeaning.Stub)
                .filter(one -> one.look().setting(Property.INK).equals("bad")))
        .hasSize(1);
    Dressed column = dressed("Cost recovery a text: on bad 10%, the column");
    assertThat(cell(column, "112.4%").look().setting(Property.FILL)).isEqualTo("bad 10%");
    assertThat(cell(column, "41,200").look().setting(Property.FILL)).isNotEqualTo("bad 10%");
  }

  @Test
  public void wordsSignsAndBarsStandWithTheFigure() {
    assertThat(texts(dressed("Passengers below 100: before “only ” after “ (!)”")))
        .contains("only 84 (!)");
    assertThat(texts(dressed("Passengers below 100: instead “few”"))).contains("few");
    assertThat(texts(dressed("Passengers always: sign down up at 10000")))
        .contains("▲\u00A041,200", "▼\u00A08,100");
    assertThat(texts(dressed("Passengers always: sign down up at 10000 alone"))).contains("▲");
    Dressed bars = dressed("Passengers always: bar accent");
    assertThat(cell(bars, "41,200").look().setting(Property.BAR)).isEqualTo("accent 0.00 1.00");
    Dressed tint = dressed("Passengers always: tint paper to accent");
    assertThat(cell(tint, "41,200").look().setting(Property.FILL))
        .isEqualTo("mix paper, accent, 100%");
    assertThat(cell(tint, "84").look().setting(Property.FILL)).isEqualTo("mix paper, accent, 0%");
  }

  private static List<String> texts(Dressed dressed) {
    return dressed.rows().stream()
        .flatMap(row -> row.cells().stream())
        .map(DressedCell::text)
        .toList();
  }

  private static Dressed dressed(String... sentences) {
    List<Highlight> all = new ArrayList<>();
    for (String sentence : sentences) {
      Highlight read = HighlightSentence.read(sentence);
      all.add(all.isEmpty() ? read.named("“first”") : read);
    }
    return dressed(all);
  }

  private static Dressed dressed(List<Highlight> highlights) {
    return Dresser.ready(LOADS)
        .under(List.of(new HighlightOverlay(highlights, CellExpressions.NONE)))
        .dressed(TestStyles.book().cascade("Base"), "1");
  }

  private static DressedCell cell(Dressed dressed, String text) {
    return dressed.rows().stream()
        .flatMap(row -> row.cells().stream())
        .filter(one -> one.text().equals(text) && one.place() instanceof CellMeaning.Body)
        .findFirst()
        .orElseThrow(() -> new AssertionError(text + " in " + texts(dressed)));
  }

  @Test
  public void setAsideLeavesTheOthers() {
    Arranged fewer =
        Arranger.arrange(LOADS, Arrangement.of(new SetAside(Side.DOWN, List.of("Skell–Voe"))));
    Matches matches =
        Matches.of(
            HighlightSentence.read("Cost recovery below 85: bold"),
            CellNames.of(fewer),
            CellExpressions.NONE);
    assertThat(matches.cells()).hasSize(1);
  }
}
