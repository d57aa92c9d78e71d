package app.finish.core.chart;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.finish.core.RandomTables;
import app.finish.core.Seeds;
import app.finish.core.TestStyles;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.Dresser;
import app.finish.core.grid.Grid;
import app.finish.core.layout.Mark;
import app.finish.core.layout.font.Fonts;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.style.Cascade;
import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.ColourVision;
import app.finish.core.style.colour.Light;
import app.finish.core.table.Heading;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.core.words.Language;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.assertj.core.util.DoubleComparator;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Charts show the figures of their tables and no others: each mark says its members and its
/// figure, bars are as long as their figures, and nothing is drawn off the page.
public class ChartTest {
  private static final Fonts FONTS = new Fonts();
  private static final Cascade STYLE = TestStyles.book().cascade("House");

  private static Table read(String... lines) {
    return Recogniser.recognise(Grid.ofText(lines), Corrections.NONE).table();
  }

  private static final String[] ROUTES = {
    "Fares by route",
    "Route | 2024 | 2025 | 2026",
    "Hale–Orrin | 120 | 140 | 155",
    "Orrin–Skell | 80 | 75 | 60",
    "Skell–Tamsay | 30 | 45 | 52",
    "All routes | 230 | 260 | 267"
  };

  private static ChartSetter setter(Table table, Chart chart) {
    Dressed dressed = Dresser.ready(table).dressed(STYLE, "1");
    return new ChartSetter(table, dressed, chart, "2", FONTS);
  }

  @DataProvider
  public Object[][] seeds() {
    return Seeds.upTo(120);
  }

  @Test(dataProvider = "seeds")
  public void everyFigureIsDrawnOnceAndOnThePage(long seed) {
    Table table = new RandomTables(seed).table();
    Random random = new Random(seed);
    for (ChartKind kind : ChartKind.values()) {
      List<String> measures = ChartAdvice.measures(table);
      Chart chart =
          Chart.of(kind, measures.get(random.nextInt(measures.size())))
              .withAgainst(measures.getFirst())
              .withTurned(random.nextBoolean())
              .withPanels(random.nextBoolean())
              .withSize(120 + random.nextInt(600), 80 + random.nextInt(400));
      ChartSetter setter = setter(table, chart);
      ChartPage page = setter.page();
      assertThat(page.areas())
          .as("%s is within %s × %s", kind, page.width(), page.height())
          .allMatch(area -> area.x() >= 0 && area.x() + area.width() <= page.width() + 4)
          .allMatch(area -> area.y() >= 0 && area.y() + area.height() <= page.height() + 4);
      assertThat(page.marks())
          .as("%s", kind)
          .allMatch(mark -> mark.top() > -20 && mark.bottom() < page.height() + 20)
          .allMatch(ChartTest::isFinite);
      if (kind == ChartKind.BARS || kind == ChartKind.DOTS || kind == ChartKind.HEAT) {
        assertThat(page.areas()).hasSize(figures(setter));
      }
      assertThat(page.areas())
          .as("%s is of members alone", kind)
          .noneMatch(area -> area.says().contains("otal"));
    }
  }

  private static boolean isFinite(Mark mark) {
    return switch (mark) {
      case Mark.Fill fill -> Double.isFinite(fill.x() + fill.y() + fill.width() + fill.height());
      case Mark.Rule rule -> Double.isFinite(rule.x1() + rule.y1() + rule.x2() + rule.y2());
      case Mark.Shape shape -> shape.points().stream().allMatch(Double::isFinite);
      case Mark.Text text -> Double.isFinite(text.x() + text.y());
      case Mark.Frame frame -> Double.isFinite(frame.x() + frame.y());
    };
  }

  private static int figures(ChartSetter setter) {
    return (int)
        setter.series().stream()
            .flatMap(series -> series.numbers().stream())
            .filter(Double::isFinite)
            .count();
  }

  /// What a series says its figures are is what stands in the table, and no total is among them.
  @Test(dataProvider = "seeds")
  public void figuresAreThoseOfTheTable(long seed) {
    Table table = new RandomTables(seed).table();
    for (String measure : ChartAdvice.measures(table)) {
      ChartSetter setter = setter(table, Chart.of(ChartKind.BARS, measure));
      for (ChartSeries series : setter.series()) {
        for (int i = 0; i < series.spots().size(); i++) {
          Spot.Figure spot = series.spots().get(i);
          Value value = table.body().at(spot.row(), spot.column());
          double number = value instanceof Value.Numeric one ? one.number() : Double.NaN;
          assertThat(series.numbers().get(i)).isEqualTo(number);
          assertThat(table.measureAt(spot.row(), spot.column()).name()).isEqualTo(measure);
          assertThat(table.down().leaves().get(spot.row()).role()).isEqualTo(Heading.Role.MEMBER);
          assertThat(table.across().leaves().get(spot.column()).role())
              .isEqualTo(Heading.Role.MEMBER);
        }
      }
    }
  }

  @Test
  public void barsAreAsLongAsTheirFigures() {
    Table table = read(ROUTES);
    ChartSetter setter = setter(table, Chart.of(ChartKind.BARS, ""));
    List<ChartPage.Area> bars = setter.page().areas();
    double per = bars.getFirst().width() / 120;
    double[] figures = {120, 140, 155, 80, 75, 60, 30, 45, 52};
    for (int i = 0; i < figures.length; i++) {
      assertThat(bars.get(i).width())
          .as(bars.get(i).says())
          .isCloseTo(figures[i] * per, within(.1));
    }
    assertThat(bars).extracting(ChartPage.Area::x).containsOnly(bars.getFirst().x());
  }

  @Test
  public void sharesFillTheWidth() {
    Table table = read(ROUTES);
    List<ChartPage.Area> parts = setter(table, Chart.of(ChartKind.SHARES, "")).page().areas();
    double width = parts.get(0).width() + parts.get(1).width() + parts.get(2).width();
    double other = parts.get(3).width() + parts.get(4).width() + parts.get(5).width();
    assertThat(other).isCloseTo(width, within(.01));
    assertThat(parts.get(0).width() / width).isCloseTo(120.0 / 415, within(.001));
  }

  @Test
  public void mosaicsAreAsLargeAsTheirFigures() {
    Table table = read(ROUTES);
    List<ChartPage.Area> parts = setter(table, Chart.of(ChartKind.MOSAIC, "")).page().areas();
    double[] figures = {120, 140, 155, 80, 75, 60, 30, 45, 52};
    double per = parts.getFirst().width() * parts.getFirst().height() / 120;
    for (int i = 0; i < figures.length; i++) {
      double area = parts.get(i).width() * parts.get(i).height();
      assertThat(area).as(parts.get(i).says()).isCloseTo(figures[i] * per, within(per * 0.2));
    }
  }

  @Test
  public void marksSayTheirMembers() {
    Table table = read(ROUTES);
    assertThat(setter(table, Chart.of(ChartKind.BARS, "")).page().areas())
        .extracting(ChartPage.Area::says)
        .contains("Hale–Orrin, 2024, Fares: 120", "Skell–Tamsay, 2026, Fares: 52");
    assertThat(setter(table, Chart.of(ChartKind.BARS, "")).description())
        .contains("Hale–Orrin, 2024, Fares: 120")
        .doesNotContain("All routes");
  }

  @Test
  public void someRowsAndColumnsAloneAreDrawn() {
    Table table = read(ROUTES);
    Chart some =
        Chart.of(ChartKind.BARS, "")
            .withLines(List.of(List.of("Hale–Orrin")), List.of(List.of("2025"), List.of("2026")));
    assertThat(setter(table, some).page().areas())
        .extracting(ChartPage.Area::says)
        .containsExactly("Hale–Orrin, 2025, Fares: 140", "Hale–Orrin, 2026, Fares: 155");
  }

  @Test
  public void periodsAcrossMakeLines() {
    ChartAdvice first = ChartAdvice.of(read(ROUTES)).getFirst();
    assertThat(first.chart().kind()).isEqualTo(ChartKind.LINES);
    assertThat(first.chart().turned()).isTrue();
    assertThat(first.why()).contains("Periods run across");
  }

  @Test
  public void sharesThatSumToAHundredMakeBarsOfOneLength() {
    Table table =
        read(
            "Ticket by route",
            "Route | Single | Return | Season",
            "Hale | 41.6% | 38.4% | 20.0%",
            "Orrin | 26.1% | 15.9% | 58.0%");
    assertThat(ChartAdvice.of(table).getFirst().chart().kind()).isEqualTo(ChartKind.SHARES);
  }

  @Test
  public void meansWithErrorsMakeIntervals() {
    Table table =
        read(
            "Comfort by vessel",
            "Vessel | n | M | SD | SE",
            "Marram | 52 | 3.20 | 1.10 | 0.15",
            "Samphire | 48 | 2.90 | 0.95 | 0.14",
            "Sea Holly | 61 | 3.85 | 0.80 | 0.10");
    ChartAdvice intervals =
        ChartAdvice.of(table, Chart.of(ChartKind.BARS, "M")).stream()
            .filter(one -> one.chart().kind() == ChartKind.INTERVALS)
            .findFirst()
            .orElseThrow();
    ChartSetter setter = setter(table, intervals.chart());
    List<Mark.Rule> bars =
        setter.page().marks().stream()
            .filter(mark -> mark instanceof Mark.Rule rule && rule.weight() == 1.2)
            .map(Mark.Rule.class::cast)
            .filter(rule -> rule.y1() == rule.y2())
            .toList();
    assertThat(bars).hasSize(3);
    double first = bars.get(0).x2() - bars.get(0).x1();
    double last = bars.get(2).x2() - bars.get(2).x1();
    assertThat(last / first).isCloseTo(0.10 / 0.15, within(.01));
  }

  @Test
  public void scalesAreRound() {
    assertThat(Scale.of(0, 93, 5).ticks()).containsExactly(0.0, 20.0, 40.0, 60.0, 80.0, 100.0);
    assertThat(Scale.of(-0.12, 0.31, 5).ticks())
        .usingComparatorForType(new DoubleComparator(1e-9), Double.class)
        .containsExactly(-0.2, -0.1, 0.0, 0.1, 0.2, 0.3, 0.4);
    assertThat(Scale.of(-0.12, 0.31, 5).decimals()).isEqualTo(1);
    assertThat(Scale.of(5, 5, 5).high()).isGreaterThan(5);
  }

  /// Whoever can't tell inks apart by their hue tells them by their lightness or by a pattern.
  @Test
  public void inksAreToldApartOrHatched() {
    for (int count = 2; count <= 6; count++) {
      SeriesInks inks = SeriesInks.of(STYLE.palette(), count);
      boolean hatched = IntStream.range(0, count).anyMatch(inks::isHatched);
      for (int i = 0; i < count; i++) {
        for (int j = i + 1; j < count; j++) {
          Colour one = inks.colour(i);
          Colour other = inks.colour(j);
          for (ColourVision vision : ColourVision.values()) {
            boolean apart = Light.distance(vision.of(one), vision.of(other)) >= 0.13;
            assertThat(apart || hatched).as("%s and %s of %s", i, j, count).isTrue();
          }
        }
      }
    }
  }

  /// What was written stands below what must be said of the marks, and the description is the
  /// person's own.
  @Test
  public void whatWasWrittenIsThere() {
    ChartTexts texts = new ChartTexts("", "Fares *before* tax.", "Fares rise everywhere.");
    Chart chart = Chart.of(ChartKind.BOXES, "").withTexts(texts);
    ChartSetter setter = setter(read(ROUTES), chart);
    assertThat(setter.description()).isEqualTo("Fares rise everywhere.");
    String said = String.join(" ", texts(setter.page()));
    assertThat(said).contains("Boxes reach from the lower quartile", "Fares ", "before", " tax.");
    assertThat(setter(read(ROUTES), chart.withTexts(ChartTexts.NONE)).description())
        .startsWith("Boxes: ");
  }

  private static List<String> texts(ChartPage page) {
    return page.marks().stream()
        .filter(Mark.Text.class::isInstance)
        .map(mark -> ((Mark.Text) mark).text())
        .toList();
  }

  /// What Finish says itself is in the language of the table, for every language and every gap.
  @Test
  public void chartsSpeakTheLanguageOfTheirTable() {
    for (Language language : Language.values()) {
      for (ChartPhrase phrase : ChartPhrase.values()) {
        String said = phrase.in(language, "A1", "B2", "C3");
        assertThat(said).as(phrase + " " + language).isNotBlank().doesNotContain("{");
        for (String part : List.of("A1", "B2", "C3")) {
          String number = "{" + List.of("A1", "B2", "C3").indexOf(part) + "}";
          boolean wanted = phrase.in(Language.ENGLISH).contains(number);
          assertThat(said.contains(part)).as(phrase + " " + language).isEqualTo(wanted);
        }
      }
      for (ChartKind kind : ChartKind.values()) {
        assertThat(ChartPhrase.kind(kind, language)).isNotBlank();
        assertThat(ChartPhrase.kind(kind, Language.ENGLISH)).isEqualTo(kind.label());
      }
    }
    Table german =
        read(
            "Einnahmen nach Linie und Jahr",
            "Linie | 2024 | 2025 | 2026",
            "Nord | 120 | 140 | 155",
            "Süd | 80 | 75 | 60",
            "Summe der Linien | 200 | 215 | 215");
    String description = setter(german, Chart.of(ChartKind.BARS, "")).description();
    assertThat(description).startsWith("Balken: ");
  }

  @Test
  public void aTableWithoutFiguresSaysSo() {
    Table table = read("Crew", "Vessel | Master", "Marram | A. Skell", "Samphire | B. Orrin");
    ChartSetter setter = setter(table, Chart.of(ChartKind.BARS, "Fares"));
    assertThat(setter.isEmpty()).isTrue();
    assertThat(setter.page().marks())
        .anyMatch(mark -> mark instanceof Mark.Text text && text.text().startsWith("Nothing"));
  }
}
