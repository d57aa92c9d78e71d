package app.finish.desktop.kit;

import app.finish.core.style.colour.Colour;
import javafx.scene.paint.Color;

/// The toolkit's colours as colours of a style.
public final class Inks {
  private Inks() {}

  /// A colour without its transparency.
  public static Colour of(Color color) {
    return new Colour(
        part(color.getRed()) << 16 | part(color.getGreen()) << 8 | part(color.getBlue()));
  }

  private static int part(double share) {
    return (int) Math.round(share * 255);
  }
}
