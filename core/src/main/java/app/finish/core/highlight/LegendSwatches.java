package app.finish.core.highlight;

import app.finish.core.style.Property;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/// What is drawn before the words by which a highlight explains itself: a box in its fill or ink,
/// its signs.
///
/// ```java
/// LegendSwatches.of(new Show.Flag(Map.of(Property.FILL, "bad 12%"))); // box bad 12%
/// ```
public final class LegendSwatches {
  private static final String BOX = "box ";

  private LegendSwatches() {}

  /// The swatches of what is shown: a box or a sign and an ink each; none for what has no colour
  /// and no shape.
  public static List<String> of(Show show) {
    return switch (show) {
      case Show.Flag(Map<Property, String> settings) -> ofFlag(settings);
      case Show.Tint tint -> tint.inks().stream().map(ink -> BOX + ink).toList();
      case Show.Bar bar ->
          bar.ink().equals(bar.negative())
              ? List.of(BOX + bar.ink())
              : List.of(BOX + bar.negative(), BOX + bar.ink());
      case Show.Signs signs ->
          signs.signs().stream().map(sign -> sign + " " + signs.ink()).toList();
      case Show.Trend(String ink) -> List.of(BOX + ink);
    };
  }

  private static List<String> ofFlag(Map<Property, String> settings) {
    List<String> swatches = new ArrayList<>();
    String fill = settings.getOrDefault(Property.FILL, "none");
    String ink = settings.getOrDefault(Property.INK, "readable");
    if (!fill.equals("none")) {
      swatches.add(BOX + fill);
    } else if (!ink.equals("readable")) {
      swatches.add(BOX + ink);
    }
    return swatches;
  }
}
