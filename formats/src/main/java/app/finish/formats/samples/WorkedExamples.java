package app.finish.formats.samples;

import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.move.Side;
import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.style.PartName;
import app.finish.core.table.MeasureKind;
import java.util.List;

/// Five tables of the demo, each put in the order that makes its point.
public final class WorkedExamples {
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

  private static Document added(
      Document document, Source source, String title, Arrangement arrangement) {
    Finish finish = Finish.in("Plain").withWord(PartName.TITLE, title).withArrangement(arrangement);
    return document.withAdded(source, finish);
  }

  /// The share that came was rounded: it is worked out again before the rest is set aside.
  private static Arrangement busiest() {
    List<String> vehicles = List.of("Vehicles");
    return Arrangement.of(
        new Move.SetAside(Side.ACROSS, List.of("Share")),
        new Move.Calculate("Share of vehicles", "share_of_total(Vehicles)", MeasureKind.PERCENT, 2),
        new Move.KeepTop(Side.DOWN, 0, 10, vehicles, false, false),
        new Move.ByFigure(Side.DOWN, 0, vehicles, true));
  }

  /// Residence runs across, and of five statistics two are kept.
  private static Arrangement crosstab() {
    return Arrangement.of(
        new Move.SwapAxes(),
        new Move.HideLevel(Side.DOWN, 0),
        new Move.Hold(Side.ACROSS, 1, "Row %"),
        new Move.Rename(Side.ACROSS, List.of("Islander"), "Islanders"),
        new Move.Rename(Side.ACROSS, List.of("Visitor"), "Visitors"));
  }

  private static Arrangement spread() {
    return Arrangement.of(
        new Move.Place(Side.DOWN, 0, Side.ACROSS, 0), new Move.Hold(Side.ACROSS, 1, "SD"));
  }

  private static Arrangement reported() {
    return Arrangement.of(
        new Move.SetAside(Side.DOWN, List.of("Missing")),
        new Move.SetAside(Side.DOWN, List.of("Total")),
        new Move.HideLevel(Side.DOWN, 0),
        new Move.SetAside(Side.ACROSS, List.of("%")),
        new Move.SetAside(Side.ACROSS, List.of("Running %")),
        new Move.Rename(Side.ACROSS, List.of("% of answers"), "%"),
        new Move.ByFigure(Side.DOWN, 0, List.of("n"), true),
        new Move.NameLevel(Side.DOWN, 0, "Ticket"));
  }

  /// Seasons are the sums of their routes; cost recovery is calculated from the sums.
  private static Arrangement seasons() {
    return Arrangement.of(
        new Move.Place(Side.DOWN, 1, Side.DOWN, 0),
        new Move.FoldLevel(Side.DOWN, 0),
        new Move.SetMemberAside(Side.ACROSS, 1, "Cost recovery"),
        new Move.Calculate("Cost recovery", "Fares / Running cost * 100", MeasureKind.PERCENT, 1));
  }
}
