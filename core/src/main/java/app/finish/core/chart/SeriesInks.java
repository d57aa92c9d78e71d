package app.finish.core.chart;

import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.ColourVision;
import app.finish.core.style.colour.Light;
import app.finish.core.style.colour.Palette;
import java.util.ArrayList;
import java.util.List;

/// The inks of series: those of the palette that are furthest from each other to every reader. What
/// can't be told apart by its ink alone is hatched too.
///
/// ```java
/// SeriesInks inks = SeriesInks.of(palette, 3);
/// inks.colour(1);
/// inks.isHatched(1); // in grey print
/// ```
final class SeriesInks {
  private static final List<String> FROM =
      List.of(
          "accent",
          "signal",
          "accent 45%",
          "soft",
          "bad",
          "signal 45%",
          "good",
          "soft 45%",
          "ink",
          "accent 22%",
          "ink 35%");

  /// From this distance on (in OKLab) two inks are told apart with ease.
  private static final double APART = 0.13;

  private static final double SEEN = 1.9;

  private final List<Colour> colours;
  private final boolean hatched;

  private SeriesInks(List<Colour> colours, boolean hatched) {
    this.colours = colours;
    this.hatched = hatched;
  }

  /// Inks for so many series.
  static SeriesInks of(Palette palette, int count) {
    Colour paper = palette.colour("paper");
    List<Colour> left = new ArrayList<>();
    for (String ink : FROM) {
      Colour colour = palette.colour(ink);
      if (Light.contrast(colour, paper) >= SEEN && !left.contains(colour)) {
        left.add(colour);
      }
    }
    List<Colour> taken = new ArrayList<>(List.of(palette.colour("accent")));
    left.remove(taken.getFirst());
    boolean apart = true;
    while (taken.size() < count && !left.isEmpty()) {
      Colour best = left.getFirst();
      for (Colour one : left) {
        best = apart(one, taken) > apart(best, taken) + 0.01 ? one : best;
      }
      apart &= apart(best, taken) >= APART;
      taken.add(best);
      left.remove(best);
    }
    return new SeriesInks(taken, count > 1 && (!apart || taken.size() < count));
  }

  /// How far an ink is from the nearest of others, to the reader who tells them apart the least.
  private static double apart(Colour one, List<Colour> others) {
    double least = Double.MAX_VALUE;
    for (Colour other : others) {
      for (ColourVision vision : ColourVision.values()) {
        least = Math.min(least, Light.distance(vision.of(one), vision.of(other)));
      }
    }
    return least;
  }

  /// The ink of a series, from 0.
  Colour colour(int series) {
    return colours.get(series % colours.size());
  }

  /// Whether a series bears a pattern besides.
  boolean isHatched(int series) {
    return hatched && series % 2 == 1;
  }
}
