package app.finish.core.style.colour;

/// Ways in which a table is seen. The three kinds of colour blindness are simulated after Machado,
/// Oliveira and Fernandes (2009), "A physiologically-based model for simulation of color vision
/// deficiency", at full severity; grey keeps the luminance.
///
/// ```java
/// ColourVision.GREY.of(Colour.parse("#24605c"));
/// ```
public enum ColourVision {
  /// As it is.
  FULL("In colour", 1, 0, 0, 0, 1, 0, 0, 0, 1),
  /// Printed in grey.
  GREY("In grey print", .2126, .7152, .0722, .2126, .7152, .0722, .2126, .7152, .0722),
  /// Without the cones for long waves.
  PROTAN(
      "Red-blind",
      .152286,
      1.052583,
      -.204868,
      .114503,
      .786281,
      .099216,
      -.003882,
      -.048116,
      1.051998),
  /// Without the cones for middle waves.
  DEUTAN(
      "Green-blind",
      .367322,
      .860646,
      -.227968,
      .280085,
      .672501,
      .047413,
      -.011820,
      .042940,
      .968881),
  /// Without the cones for short waves.
  TRITAN(
      "Blue-blind",
      1.255528,
      -.076749,
      -.178779,
      -.078411,
      .930809,
      .147602,
      .004733,
      .691367,
      .303900);

  private final String label;
  private final double[] matrix;

  ColourVision(String label, double... matrix) {
    this.label = label;
    this.matrix = matrix;
  }

  /// Its name for people.
  public String label() {
    return label;
  }

  /// A colour as it is seen.
  public Colour of(Colour colour) {
    if (this == FULL) {
      return colour;
    }
    double red = Light.linear(colour.red());
    double green = Light.linear(colour.green());
    double blue = Light.linear(colour.blue());
    int rgb = 0;
    for (int row = 0; row < 3; row++) {
      double light =
          matrix[row * 3] * red + matrix[row * 3 + 1] * green + matrix[row * 3 + 2] * blue;
      rgb = rgb << 8 | Light.byteOf(light);
    }
    return new Colour(rgb);
  }
}
