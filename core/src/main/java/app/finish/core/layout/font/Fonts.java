package app.finish.core.layout.font;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;

/// The shipped fonts. They have the metrics of the faces that publishers ask for, so that a table
/// measured here fits where the face itself is at hand.
///
/// ```java
/// Fonts fonts = new Fonts();
/// double points = fonts.width("Passengers", fonts.face("Times New Roman", true, false), 10);
/// ```
public final class Fonts {
  private static final Map<String, String> FAMILIES =
      Map.of(
          "times new roman", "Liberation Serif",
          "times", "Liberation Serif",
          "liberation serif", "Liberation Serif",
          "georgia", "Liberation Serif",
          "calibri", "Carlito",
          "carlito", "Carlito");
  private static final List<String> SANS = List.of("arial", "helvetica", "liberation sans");
  private static final Pattern SERIFS =
      Pattern.compile(
          "serif|roman|garamond|palatino|cambria|book|bodoni|caslon|baskerville|minion");
  private static final String OTHER = "Liberation Sans";
  private static final List<String> FALLBACKS =
      List.of("Liberation Sans", "Carlito", "Liberation Serif");

  private final Map<String, String> families = new ConcurrentHashMap<>();
  private final Map<Face, FontFile> files = new ConcurrentHashMap<>();
  private final OtherScripts other;
  private final Stretches stretches;

  /// The shipped fonts alone.
  public Fonts() {
    this(OtherScripts.NONE);
  }

  /// The shipped fonts, and others for what they lack.
  public Fonts(OtherScripts other) {
    this.other = other;
    this.stretches = new Stretches(other, this::isShipped, this::covering);
  }

  /// What sets scripts that the shipped fonts lack.
  public OtherScripts other() {
    return other;
  }

  /// Parts a text by what sets it.
  List<Stretches.Stretch> stretches(String text, Face face) {
    return stretches.of(text, face);
  }

  /// The shipped font that stands in for a face. A face that none has the metrics of is set in the
  /// one of Arial.
  public Face face(String name, boolean bold, boolean italic) {
    String family = families.computeIfAbsent(name, Fonts::nearest);
    return new Face(family, bold, italic);
  }

  /// The shipped font that stands in for a face of which none has the metrics; none if the face is
  /// at hand, or a font with its metrics.
  public Optional<String> standIn(String name) {
    String known = FAMILIES.get(name.toLowerCase(Locale.ROOT));
    boolean atHand = known != null && !name.equalsIgnoreCase("georgia");
    boolean sans = SANS.contains(name.toLowerCase(Locale.ROOT));
    return atHand || sans ? Optional.empty() : Optional.of(face(name, false, false).family());
  }

  private static String nearest(String name) {
    String lower = name.toLowerCase(Locale.ROOT);
    String known = FAMILIES.get(lower);
    boolean serif = SERIFS.matcher(lower).find() && !lower.contains("sans");
    return known != null ? known : serif ? "Liberation Serif" : OTHER;
  }

  /// The bytes of a shipped font, for embedding and drawing.
  public InputStream open(Face face) {
    InputStream stream = Fonts.class.getResourceAsStream("/app/finish/core/fonts/" + face.file());
    if (stream == null) {
      throw new IllegalStateException("the font " + face.file() + " is not in the build");
    }
    return stream;
  }

  /// The width of a text in points.
  public double width(String text, Face face, double size) {
    return (face.isOther() ? other.width(text, face) : width(text, face, file(face))) * size;
  }

  private double width(String text, Face face, FontFile file) {
    double width = 0;
    int length = text.length();
    boolean looked = other == OtherScripts.NONE;
    for (int i = 0; i < length; i++) {
      int codePoint = text.charAt(i);
      if (Character.isHighSurrogate((char) codePoint)) {
        codePoint = text.codePointAt(i);
        i += Character.charCount(codePoint) - 1;
      }
      double own = file.widthOrNone(codePoint);
      if (!looked && (own < 0 || Stretches.isShaped(codePoint))) {
        looked = true;
        if (stretches.hasOther(text, face)) {
          return stretched(text, face);
        }
      }
      width += own >= 0 ? own : otherWidth(codePoint, face);
    }
    return width;
  }

  private double stretched(String text, Face face) {
    double width = 0;
    for (Stretches.Stretch one : stretches.of(text, face)) {
      width += width(one.text(), one.face(), 1);
    }
    return width;
  }

  /// Measures many texts in one font and size.
  Ruler ruler(Face face, double size) {
    FontFile file = file(face);
    return text -> width(text, face, file) * size;
  }

  /// Measures texts.
  public interface Ruler {
    /// The width of a text in points.
    double width(String text);
  }

  private double otherWidth(int codePoint, Face face) {
    return file(covering(codePoint, face)).width(codePoint);
  }

  /// The font that has a character: the face itself, or the first of the others that does; the face
  /// itself if none has it.
  public Face covering(int codePoint, Face face) {
    if (!file(face).covers(codePoint)) {
      for (String family : FALLBACKS) {
        Face other = new Face(family, face.bold(), face.italic());
        if (file(other).covers(codePoint)) {
          return other;
        }
      }
    }
    return face;
  }

  /// Whether any font has the character.
  public boolean covers(int codePoint, Face face) {
    return isShipped(codePoint, face) || other.covers(codePoint);
  }

  /// Whether any shipped font has the character.
  boolean isShipped(int codePoint, Face face) {
    return file(covering(codePoint, face)).covers(codePoint);
  }

  /// How far a face goes up from the baseline at 1 pt.
  public double ascent(Face face) {
    return file(lineOf(face)).ascent();
  }

  /// How far a face goes down from the baseline at 1 pt.
  public double descent(Face face) {
    return file(lineOf(face)).descent();
  }

  /// What says how high a line is: fonts of other scripts stand on the line of the usual one.
  private static Face lineOf(Face face) {
    return face.isOther() ? new Face(OTHER, face.bold(), face.italic()) : face;
  }

  private FontFile file(Face face) {
    FontFile known = files.get(face);
    return known != null ? known : files.computeIfAbsent(face, this::read);
  }

  private FontFile read(Face face) {
    try (InputStream stream = open(face)) {
      return new FontFile(stream.readAllBytes());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
