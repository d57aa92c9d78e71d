package app.finish.core.style.colour;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;

/// The colours of a style by their roles. A look names roles, so that another palette re-inks it
/// all.
///
/// ```java
/// palette.colour("accent 20%"); // a fifth of accent on paper
/// palette.colour("accent shade 20%"); // accent with a fifth of black
/// ```
///
/// @param roles colours by role; always `ink` and `paper`
public record Palette(Map<String, Colour> roles) {
  /// Black on white.
  public static final Palette PLAIN =
      new Palette(Map.of("ink", new Colour(0)))
          .overlaidWith(new Palette(Map.of("paper", new Colour(0xffffff))));

  /// No roles.
  public static final Palette NONE = new Palette(Map.of());

  /// Keeps the roles in order.
  public Palette {
    roles = Collections.unmodifiableMap(new LinkedHashMap<>(roles));
  }

  /// The colour of a role, of a tint of it on paper, of a shade of it towards black, of a mixture
  /// of two such, or one written `#rrggbb`. A role that the palette lacks is ink.
  public Colour colour(String ink) {
    if (ink.startsWith("mix ")) {
      String[] parts = ink.substring(4).split(", ");
      int share = Math.min(100, Integer.parseInt(parts[2].replace("%", "")));
      return colour(parts[1]).mixedInto(colour(parts[0]), share);
    }
    if (ink.startsWith("#")) {
      return Colour.parse(ink);
    }
    String[] words = ink.split(" ");
    Colour base = roles.getOrDefault(words[0], roles.getOrDefault("ink", new Colour(0)));
    if (words.length < 2) {
      return base;
    }
    int percent = Math.min(100, Integer.parseInt(words[words.length - 1].replace("%", "")));
    if (words[1].equals("shade")) {
      return new Colour(0).mixedInto(base, percent);
    }
    return base.mixedInto(roles.getOrDefault("paper", new Colour(0xffffff)), percent);
  }

  /// The ink for text on a fill: the role ink or paper, whichever stands out more from it.
  public Colour readableOn(Colour fill) {
    Colour ink = colour("ink");
    Colour paper = roles.getOrDefault("paper", new Colour(0xffffff));
    return Light.contrast(paper, fill) > Light.contrast(ink, fill) ? paper : ink;
  }

  /// The same palette with another colour in a role.
  public Palette with(String role, Colour colour) {
    Map<String, Colour> all = new LinkedHashMap<>(roles);
    all.put(role, colour);
    return new Palette(all);
  }

  /// The same palette without a role.
  public Palette without(String role) {
    Map<String, Colour> all = new LinkedHashMap<>(roles);
    all.remove(role);
    return new Palette(all);
  }

  /// These roles, with those of the other put over them.
  public Palette overlaidWith(Palette other) {
    Map<String, Colour> all = new LinkedHashMap<>(roles);
    all.putAll(other.roles);
    return new Palette(all);
  }
}
