package app.finish.core.style.colour;

import app.finish.core.problem.Refusal;

/// A colour without transparency.
///
/// ```java
/// Colour.parse("#24605c").mixedInto(Colour.parse("#fffefb"), 20).hex();
/// ```
///
/// @param rgb red, green and blue in the low 24 bits

public record Colour(int rgb) {
  /// The colour that `#rrggbb` or `#rgb` writes.
  ///
  /// @throws app.finish.core.problem.Refusal if the text has another form
  public static Colour parse(String hex) {
    if (hex.matches("#[0-9a-fA-F]{3}")) {
      return parse(hex.replaceAll("([0-9a-fA-F])", "$1$1"));
    }
    if (!hex.matches("#[0-9a-fA-F]{6}")) {
      throw new Refusal("A colour is written #rrggbb, not “" + hex + "”.");
    }
    return new Colour(Integer.parseInt(hex.substring(1), 16));
  }

  /// This colour as a tint on a ground: `percent` of it, the rest the ground.
  public Colour mixedInto(Colour ground, int percent) {
    int mixed = 0;
    for (int shift = 16; shift >= 0; shift -= 8) {
      int own = rgb >> shift & 0xff;
      int other = ground.rgb >> shift & 0xff;
      mixed |= Math.round((own * percent + other * (100 - percent)) / 100f) << shift;
    }
    return new Colour(mixed);
  }

  /// Red from 0 to 255.
  public int red() {
    return rgb >> 16 & 0xff;
  }

  /// Green from 0 to 255.
  public int green() {
    return rgb >> 8 & 0xff;
  }

  /// Blue from 0 to 255.
  public int blue() {
    return rgb & 0xff;
  }

  /// `rrggbb`, as word processors write it.
  public String hex() {
    return String.format("%06x", rgb);
  }

  @Override
  public String toString() {
    return "#" + hex();
  }
}
