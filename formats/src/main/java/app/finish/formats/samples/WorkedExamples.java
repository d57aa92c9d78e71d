package app.finish.formats.samples;

import app.finish.core.arrange.make.ByFigure;
import app.finish.core.arrange.make.Calculate;
import app.finish.core.arrange.make.FoldLevel;
import app.finish.core.arrange.make.HideLevel;
import app.finish.core.arrange.make.Hold;
import app.finish.core.arrange.make.KeepTop;
import app.finish.core.arrange.make.NameLevel;
import app.finish.core.arrange.make.PlaceLevel;
import app.finish.core.arrange.make.Rename;
import app.finish.core.arrange.make.SetAside;
import app.finish.core.arrange.make.SetMemberAside;
import app.finish.core.arrange.make.SwapAxes;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.place.Side;
import app.finish.core.chart.Chart;
import app.finish.core.chart.ChartKind;
import app.finish.core.document.BoardPlan;
import app.finish.core.document.Document;
import app.finish.core.document.DocumentChart;
import app.finish.core.document.Finish;
import app.finish.core.document.Item;
import app.finish.core.document.Source;
import app.finish.core.highlight.Highlight;
import app.finish.core.highlight.HighlightSentence;
import app.finish.core.style.PartName;
import app.finish.core.table.MeasureKind;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/// Five tables of the demo, each put in the order that makes its point.
public final class WorkedExamples {
  private static final int REGRESSION = 5;
  private static final int PIVOT = 6;
  private static final int CROSSTAB = 10;

  private WorkedExamples() {}

  /// Adds them to a document.
  ///
  /// @param pivot fares, cost and passengers by route, season and year
  /// @param survey the tables of the survey's output
  /// @param days vehicles by day, tallied
  static Document added(Document document, Source pivot, List<Source> survey, Source days) {
    Document more = added(document, days, "The ten busiest sailing days by vehicles", busiest());
    more = added(more, survey.get(3), "Tickets of islanders and visitors", crosstab());
    more =
        added(
            more,
            survey.get(1),
            "Spread of waiting comfort by age and residence: standard deviations",
            spread());
    more = added(more, survey.get(0), "Ticket held, as it is reported", reported());
    return added(more, pivot, "Fares, running cost and cost recovery by season", seasons());
  }

  /// Highlights on a pivot, on a crosstab and on a table of tests.
  static Document highlighted(Document document) {
    Document lit =
        with(
            document,
            PIVOT,
            "“Not covered” = Cost recovery below 1: bold bad on bad 12%",
            "Passengers always: bar accent 25%");
    lit = with(lit, CROSSTAB, "everything always: tint paper to accent 45%");
    return with(
        lit,
        REGRESSION,
        "“Significant” = p below 0.05: bold",
        "“Significant terms” = p below 0.05: bold, the heading",
        "Estimate always: sign down up at 0 in soft");
  }

  private static Document with(Document document, int index, String... sentences) {
    List<Highlight> all = Stream.of(sentences).map(HighlightSentence::read).toList();
    return document.withFinish(index, document.table(index).finish().withHighlights(all));
  }

  private static Document added(
      Document document, Source source, String title, Arrangement arrangement) {
    Finish finish = Finish.in("Plain").withWord(PartName.TITLE, title).withArrangement(arrangement);
    return document.withAdded(source, finish);
  }

  /// The share that came was rounded: it is worked out again before the rest is set aside.
  private static Arrangement busiest() {
    List<String> vehicles = List.of("Vehicles");
    return Arrangement.of(
        new SetAside(Side.ACROSS, List.of("Share")),
        new Calculate("Share of vehicles", "share_of_total(Vehicles)", MeasureKind.PERCENT, 2),
        new KeepTop(Side.DOWN, 0, 10, vehicles, false, false),
        new ByFigure(Side.DOWN, 0, vehicles, true));
  }

  /// Residence runs across, and of five statistics two are kept.
  private static Arrangement crosstab() {
    return Arrangement.of(
        new SwapAxes(),
        new HideLevel(Side.DOWN, 0),
        new Hold(Side.ACROSS, 1, "Row %"),
        new Rename(Side.ACROSS, List.of("Islander"), "Islanders"),
        new Rename(Side.ACROSS, List.of("Visitor"), "Visitors"));
  }

  private static Arrangement spread() {
    return Arrangement.of(
        new PlaceLevel(Side.DOWN, 0, Side.ACROSS, 0), new Hold(Side.ACROSS, 1, "SD"));
  }

  private static Arrangement reported() {
    return Arrangement.of(
        new SetAside(Side.DOWN, List.of("Missing")),
        new SetAside(Side.DOWN, List.of("Total")),
        new HideLevel(Side.DOWN, 0),
        new SetAside(Side.ACROSS, List.of("%")),
        new SetAside(Side.ACROSS, List.of("Running %")),
        new Rename(Side.ACROSS, List.of("% of answers"), "%"),
        new ByFigure(Side.DOWN, 0, List.of("n"), true),
        new NameLevel(Side.DOWN, 0, "Ticket"));
  }

  /// Seasons are the sums of their routes; cost recovery is calculated from the sums.
  private static Arrangement seasons() {
    return Arrangement.of(
        new PlaceLevel(Side.DOWN, 1, Side.DOWN, 0),
        new FoldLevel(Side.DOWN, 0),
        new SetMemberAside(Side.ACROSS, 1, "Cost recovery"),
        new Calculate("Cost recovery", "Fares / Running cost * 100", MeasureKind.PERCENT, 1));
  }

  /// Charts of the second year at the end: fares by route and season, passengers by route, and how
  /// late the vessels are.
  static Document charted(Document document) {
    Chart fares =
        Chart.of(ChartKind.BARS, "Fares")
            .withPanels(true)
            .withLines(List.of(), List.of(List.of("2026")))
            .withTitle("Fares by route and season, 2026");
    Chart recovery =
        Chart.of(ChartKind.LINES, "Cost recovery")
            .withPanels(true)
            .withLines(List.of(), List.of(List.of("2026")))
            .withTitle("Cost recovery by route and season, 2026");
    Chart late = Chart.of(ChartKind.LINES, "").withTurned(true);
    Document charted = document;
    for (Map.Entry<Integer, Chart> one :
        List.of(Map.entry(0, fares), Map.entry(0, recovery), Map.entry(2, late))) {
      charted = charted.withAdded(one.getValue(), one.getKey());
      int place = charted.chartPlaces(one.getKey()).getFirst();
      charted = charted.withMoved(place, charted.items().size() - 1);
    }
    return charted;
  }

  /// The board of the second year: four tables, the three charts, and a sentence over them.
  static Document boarded(Document document) {
    List<String> charts =
        document.items().stream().filter(DocumentChart.class::isInstance).map(Item::id).toList();
    List<String> tables =
        Stream.of(0, 1, 2, PIVOT).map(place -> document.items().get(place).id()).toList();
    BoardPlan plan = new BoardPlan("Marram Sound, year two", List.of());
    for (String one :
        List.of(
            charts.get(0),
            charts.get(1),
            tables.get(0),
            tables.get(1),
            charts.get(2),
            tables.get(2),
            tables.get(3))) {
      plan = plan.with(one);
    }
    plan =
        plan.moved(charts.get(1), BoardPlan.Way.UP)
            .moved(tables.get(2), BoardPlan.Way.UP)
            .withPassage(
                "Fares cover what the ferries cost from spring to autumn; in *winter* only"
                    + " Hale–Orrin comes up to it.");
    return document.withBoard(plan);
  }
}
