package app.finish.core.style.colour;

import java.util.LinkedHashMap;
import java.util.Map;

/// The inks of a palette for a dark page: light and dark are turned round, hues stay, and what can
/// be read on the light paper can be read on the dark one.
///
/// ```java
/// NightInks.of(palette).colour("paper"); // #1b1b1b for white
/// ```
public final class NightInks {
  /// The lightness that white gets, in Oklab: not black, so that shadows and tints are seen.
  private static final double DARKEST = 0.22;

  private static final double DARK = 0.2;

  private NightInks() {}

  /// Whether its paper is dark.
  public static boolean isDark(Palette palette) {
    return Light.luminance(palette.colour("paper")) < DARK;
  }

  /// The palette for a dark page; itself if its paper is dark.
  public static Palette of(Palette palette) {
    if (isDark(palette)) {
      return palette;
    }
    Colour paper = turned(palette.colour("paper"));
    Map<String, Colour> roles = new LinkedHashMap<>();
    palette
        .roles()
        .forEach(
            (role, colour) -> {
              double contrast = Light.contrast(colour, palette.colour("paper"));
              double wanted = contrast < 3 ? 1 : Math.min(contrast, 4.5);
              Colour there = turned(colour);
              Colour found =
                  NearestInk.of(there, one -> Light.contrast(one, paper) >= wanted).orElse(there);
              roles.put(role, role.equals("paper") ? paper : found);
            });
    return new Palette(parted(roles, paper, palette));
  }

  /// Good and bad are told apart by their light too, as they are by day.
  private static Map<String, Colour> parted(Map<String, Colour> roles, Colour paper, Palette day) {
    Colour good = roles.get("good");
    Colour bad = roles.get("bad");
    if (good != null && bad != null) {
      double apart = Math.max(1.6, Light.contrast(day.colour("good"), day.colour("bad")));
      double read = Math.min(4.5, Light.contrast(good, paper));
      NearestInk.of(
              good, one -> Light.contrast(one, paper) >= read && NearestInk.reads(one, bad, apart))
          .ifPresent(found -> roles.put("good", found));
    }
    return roles;
  }

  private static Colour turned(Colour colour) {
    double[] lab = Light.oklab(colour);
    return Light.ofOklab(1 - lab[0] * (1 - DARKEST), lab[1], lab[2]);
  }
}
