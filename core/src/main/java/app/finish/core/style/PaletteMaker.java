package app.finish.core.style;

import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.Light;
import app.finish.core.style.colour.NearestInk;
import app.finish.core.style.colour.Palette;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/// Makes a palette of a few colours, such as those of a logo: each ink reads on its ground.
///
/// ```java
/// Palette palette = PaletteMaker.of(List.of(Colour.parse("#0a7a5c"), Colour.parse("#f2b705")));
/// ```
public final class PaletteMaker {
  private static final Colour WHITE = new Colour(0xffffff);
  private static final double TEXT = 4.5;

  private PaletteMaker() {}

  /// The roles of a palette that has them all, in their order.
  public static List<String> roles() {
    return List.of(
        "ink", "soft", "paper", "accent", "onAccent", "mist", "rule", "good", "bad", "signal");
  }

  /// A palette of these colours, the most important first.
  public static Palette of(List<Colour> main) {
    List<Colour> strong = new ArrayList<>(main);
    strong.removeIf(colour -> strength(colour) < 0.04);
    Colour accent = strong.isEmpty() ? darkest(main) : strong.getFirst();
    Colour reading = NearestInk.on(WHITE, accent, TEXT).orElse(accent);
    double[] hue = Light.oklab(reading);
    Colour ink = Light.ofOklab(0.25, hue[1] * 0.25, hue[2] * 0.25);
    Colour soft = Light.ofOklab(0.45, hue[1] * 0.25, hue[2] * 0.25);
    Colour second = strong.size() > 1 ? strong.get(1) : Light.ofOklab(0.55, 0.05, 0.11);
    return Palette.NONE
        .with("ink", ink)
        .with("soft", NearestInk.on(reading.mixedInto(WHITE, 10), soft, TEXT).orElse(soft))
        .with("paper", WHITE)
        .with("accent", reading)
        .with("onAccent", NearestInk.on(reading, WHITE, TEXT).orElse(ink))
        .with("mist", reading.mixedInto(WHITE, 10))
        .with("rule", reading.mixedInto(WHITE, 45))
        .with("good", Colour.parse("#17805a"))
        .with("bad", Colour.parse("#8a1f12"))
        .with("signal", NearestInk.on(WHITE, second, TEXT).orElse(second));
  }

  private static double strength(Colour colour) {
    double[] lab = Light.oklab(colour);
    return Math.hypot(lab[1], lab[2]);
  }

  private static Colour darkest(List<Colour> main) {
    return main.stream()
        .min(Comparator.comparingDouble(Light::luminance))
        .orElse(new Colour(0x1a1a1a));
  }
}
