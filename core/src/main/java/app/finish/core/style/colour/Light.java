package app.finish.core.style.colour;

import java.util.stream.IntStream;

/// The measures of colours: relative luminance and contrast as WCAG 2.2 defines them, and distances
/// in the Oklab colour space (Ottosson, 2020).
///
/// ```java
/// Light.contrast(Colour.parse("#16242c"), Colour.parse("#ffffff")); // 15.9…
/// ```
public final class Light {
  /// The light of each of the 256 steps of a part of a colour.
  private static final double[] LINEAR =
      IntStream.range(0, 256).mapToDouble(part -> ofShare(part / 255.0)).toArray();

  private Light() {}

  static double linear(int part) {
    return LINEAR[part];
  }

  private static double ofShare(double share) {
    return share <= 0.04045 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
  }

  static int byteOf(double light) {
    double share =
        light <= 0.0031308 ? 12.92 * light : 1.055 * Math.pow(Math.max(light, 0), 1 / 2.4) - 0.055;
    return Math.clamp(Math.round(share * 255), 0, 255);
  }

  /// The relative luminance, from 0 for black to 1 for white.
  public static double luminance(Colour colour) {
    return .2126 * linear(colour.red())
        + .7152 * linear(colour.green())
        + .0722 * linear(colour.blue());
  }

  /// The contrast of two colours, from 1 to 21.
  public static double contrast(Colour one, Colour other) {
    double first = luminance(one);
    double second = luminance(other);
    return (Math.max(first, second) + 0.05) / (Math.min(first, second) + 0.05);
  }

  /// How different two colours look: about 0.02 is hardly seen, 0.1 is plain.
  public static double distance(Colour one, Colour other) {
    double[] first = oklab(one);
    double[] second = oklab(other);
    return Math.sqrt(
        square(first[0] - second[0]) + square(first[1] - second[1]) + square(first[2] - second[2]));
  }

  private static double square(double value) {
    return value * value;
  }

  /// Lightness, green to red, blue to yellow.
  public static double[] oklab(Colour colour) {
    double r = linear(colour.red());
    double g = linear(colour.green());
    double b = linear(colour.blue());
    double l = Math.cbrt(.4122214708 * r + .5363325363 * g + .0514459929 * b);
    double m = Math.cbrt(.2119034982 * r + .6806995451 * g + .1073969566 * b);
    double s = Math.cbrt(.0883024619 * r + .2817188376 * g + .6299787005 * b);
    return new double[] {
      .2104542553 * l + .7936177850 * m - .0040720468 * s,
      1.9779984951 * l - 2.4285922050 * m + .4505937099 * s,
      .0259040371 * l + .7827717662 * m - .8086757660 * s
    };
  }

  /// The colour of three measures in Oklab, as near as a screen comes to it.
  public static Colour ofOklab(double lightness, double a, double b) {
    double l = cube(lightness + .3963377774 * a + .2158037573 * b);
    double m = cube(lightness - .1055613458 * a - .0638541728 * b);
    double s = cube(lightness - .0894841775 * a - 1.2914855480 * b);
    int red = byteOf(4.0767416621 * l - 3.3077115913 * m + .2309699292 * s);
    int green = byteOf(-1.2684380046 * l + 2.6097574011 * m - .3413193965 * s);
    int blue = byteOf(-.0041960863 * l - .7034186147 * m + 1.7076147010 * s);
    return new Colour(red << 16 | green << 8 | blue);
  }

  /// The colour on a screen that turns light and dark round and leaves hues as they are.
  public static Colour turned(Colour colour) {
    double[] lab = oklab(colour);
    return ofOklab(1 - lab[0], lab[1], lab[2]);
  }

  private static double cube(double value) {
    return value * value * value;
  }
}
