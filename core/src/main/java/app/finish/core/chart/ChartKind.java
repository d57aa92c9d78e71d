package app.finish.core.chart;

import app.finish.core.words.Constants;
import java.util.Locale;

/// Kinds of charts, by what they say.
public enum ChartKind {
  /// Bars to the right, from zero.
  BARS("Bars", "How much each is, side by side"),
  /// Upright bars, from zero.
  COLUMNS("Columns", "How much each period is"),
  /// Bars one behind the other.
  STACKED("Stacked bars", "How parts add up"),
  /// Bars of one length.
  SHARES("Bars of 100 %", "Which share each part has"),
  /// A dot for each figure.
  DOTS("Dots", "Where figures lie, also far from zero"),
  /// Lines over periods.
  LINES("Lines", "How figures change"),
  /// A line from the first period to the last.
  SLOPES("Slopes", "What became of each, from first to last"),
  /// A dot with a line as wide as its interval.
  INTERVALS("Intervals", "Means and how sure they are"),
  /// A box from the lower quartile to the upper one.
  BOXES("Boxes", "How figures spread, by their quartiles"),
  /// A dot for each pair of figures.
  SCATTER("Pairs", "How two measures go together"),
  /// Cells in tints.
  HEAT("Tints", "Where a table of two dimensions is high and low"),
  /// Rectangles as large as their figures.
  MOSAIC("Mosaic", "Parts of the whole by two dimensions");

  private final String label;
  private final String says;

  ChartKind(String label, String says) {
    this.label = label;
    this.says = says;
  }

  /// The name for people.
  public String label() {
    return label;
  }

  /// What a chart of this kind says.
  public String says() {
    return says;
  }

  /// The name in files and on the command line: "bars".
  public String word() {
    return name().toLowerCase(Locale.ROOT);
  }

  /// The kind that a word names.
  ///
  /// @throws app.finish.core.problem.Refusal if there is none
  public static ChartKind of(String word) {
    return Constants.named(ChartKind.class, word, "kind of chart");
  }
}
