package app.finish.core.chart;

import app.finish.core.style.colour.Colour;
import app.finish.core.table.Spot;
import java.util.List;

/// One series of a chart, for files that draw charts by themselves.
///
/// @param name its name; empty where there is one alone
/// @param ink the ink of its marks
/// @param spots where its figures stand in the table, one for each category
/// @param numbers its figures; not a number where there is none
public record ChartSeries(String name, Colour ink, List<Spot.Figure> spots, List<Double> numbers) {
  /// Copies the lists.
  public ChartSeries {
    spots = List.copyOf(spots);
    numbers = List.copyOf(numbers);
  }
}
