package app.finish.core.style;

import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.Light;
import app.finish.core.style.colour.NearestInk;
import app.finish.core.style.colour.Palette;
import java.util.Optional;

/// A look in other inks.
///
/// ```java
/// Look night = InkedLook.of(look, table.nightInks());
/// ```
public final class InkedLook {
  /// The contrast at which small text can be read (WCAG 2.2, 1.4.3).
  private static final double READ = 4.5;

  private InkedLook() {}

  /// The same look in other inks. A text that can't be read in them, since it or what lies behind
  /// it has a colour of its own, gets the nearest ink that can.
  public static Look of(Look look, Palette palette) {
    Colour ink = LookReader.ink(look.settings(), palette);
    Optional<Colour> behind = LookReader.fill(look.settings(), palette);
    Colour ground = behind.orElse(palette.colour("paper"));
    double before = look.fill().map(one -> Light.contrast(look.ink(), one)).orElse(READ);
    double wanted = Math.min(READ, before);
    Colour read =
        Light.contrast(ink, ground) >= wanted
            ? ink
            : NearestInk.of(ink, one -> Light.contrast(one, ground) >= wanted).orElse(ink);
    return look.withColours(read, behind);
  }
}
