package app.finish.desktop.kit;

import app.finish.core.layout.font.Face;
import app.finish.core.layout.font.Fonts;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.Map;
import javafx.scene.text.Font;
import javafx.scene.text.FontPosture;
import javafx.scene.text.FontWeight;

/// The shipped fonts as the toolkit draws them.
public final class PaintFonts {
  private record Key(Face face, double size) {}

  private final Fonts fonts;
  private final Map<Face, String> families = new HashMap<>();
  private final Map<Key, Font> known = new HashMap<>();

  /// The shipped fonts of core, loaded when they are first drawn with.
  public PaintFonts(Fonts fonts) {
    this.fonts = fonts;
  }

  /// A face at a size in points.
  public Font font(Face face, double size) {
    return known.computeIfAbsent(new Key(face, size), this::make);
  }

  private Font make(Key key) {
    String family = families.computeIfAbsent(key.face, this::load);
    FontWeight weight = key.face.bold() ? FontWeight.BOLD : FontWeight.NORMAL;
    FontPosture posture = key.face.italic() ? FontPosture.ITALIC : FontPosture.REGULAR;
    return Font.font(family, weight, posture, key.size);
  }

  private String load(Face face) {
    if (face.isOther()) {
      return Font.getDefault().getFamily();
    }
    try (InputStream stream = fonts.open(face)) {
      Font font = Font.loadFont(stream, 10);
      return font == null ? face.family() : font.getFamily();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
