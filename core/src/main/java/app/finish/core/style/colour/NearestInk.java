package app.finish.core.style.colour;

import java.util.Optional;
import java.util.function.Predicate;

/// Looks for the colour that is nearest to another and can be read.
///
/// ```java
/// NearestInk.on(paper, accent, 4.5); // the accent, as dark as it has to be
/// ```
public final class NearestInk {
  private NearestInk() {}

  /// Whether an ink has this contrast to a ground however it is seen.
  public static boolean reads(Colour ink, Colour fill, double wanted) {
    for (ColourVision sight : ColourVision.values()) {
      if (Light.contrast(sight.of(ink), sight.of(fill)) < wanted) {
        return false;
      }
    }
    return true;
  }

  /// The colour that reads on a ground and is nearest to another.
  ///
  /// @param wanted the contrast that is asked for
  public static Optional<Colour> on(Colour ground, Colour ink, double wanted) {
    return of(ink, one -> reads(one, ground, wanted));
  }

  /// How far a colour is moved; to make it weaker weighs more than to make it lighter or darker,
  /// since a brand is known by its hue.
  private static double shift(double[] from, double[] to) {
    double weaker = Math.hypot(from[1], from[2]) - Math.hypot(to[1], to[2]);
    return Math.abs(from[0] - to[0]) + 3 * Math.abs(weaker);
  }

  /// The nearest colour of the same hue that passes: lighter or darker, and as strong as can be.
  public static Optional<Colour> of(Colour from, Predicate<Colour> passes) {
    if (passes.test(from)) {
      return Optional.of(from);
    }
    double[] lab = Light.oklab(from);
    Optional<Colour> best = Optional.empty();
    double least = Double.MAX_VALUE;
    for (int step = 0; step <= 200; step++) {
      for (int strength = 10; strength >= 0; strength -= 2) {
        double share = strength / 10.0;
        Colour colour = Light.ofOklab(step / 200.0, lab[1] * share, lab[2] * share);
        double distance = shift(lab, Light.oklab(colour));
        if (distance < least && passes.test(colour)) {
          least = distance;
          best = Optional.of(colour);
        }
      }
    }
    return best;
  }
}
