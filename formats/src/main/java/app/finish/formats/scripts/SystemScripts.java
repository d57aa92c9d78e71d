package app.finish.formats.scripts;

import app.finish.core.layout.font.Face;
import app.finish.core.layout.font.Fonts;
import app.finish.core.layout.font.OtherScripts;
import app.finish.core.layout.font.Outline;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.awt.geom.AffineTransform;
import java.awt.geom.GeneralPath;
import java.awt.geom.PathIterator;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.io.InputStream;
import java.text.Bidi;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/// Other scripts in the fonts of this machine, ordered by the Unicode Bidirectional Algorithm and
/// shaped by the Java platform (HarfBuzz). It looks for fonts when the first such text comes.
///
/// ```java
/// Fonts fonts = new Fonts(new SystemScripts());
/// ```
public final class SystemScripts implements OtherScripts {
  /// Letters are laid out at this size, where their widths are not rounded to dots.
  private static final int SIZE = 1000;

  private static final int REMEMBERED = 20_000;

  /// Longer texts are not remembered, so that those that are take little room.
  private static final int LONG = 200;

  private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);

  private final Map<String, Double> widths =
      new LinkedHashMap<>(64, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Double> eldest) {
          return size() > REMEMBERED;
        }
      };
  private List<Font> found = List.of();
  private boolean looked;

  /// The shipped fonts with those of this machine for what they lack.
  public static Fonts fonts() {
    return new Fonts(new SystemScripts());
  }

  /// The fonts of this machine in one, and a shipped one that has Hebrew; none on a machine that
  /// can't find fonts at all.
  private synchronized List<Font> fontsAtHand() {
    if (!looked) {
      looked = true;
      try (InputStream shipped = new Fonts().open(new Face("Liberation Sans", false, false))) {
        found =
            List.of(
                new Font(Font.SANS_SERIF, Font.PLAIN, SIZE),
                Font.createFont(Font.TRUETYPE_FONT, shipped).deriveFont((float) SIZE));
        covers('a');
      } catch (IOException
          | FontFormatException
          | RuntimeException
          | LinkageError
          | InternalError e) {
        found = List.of();
      }
    }
    return found;
  }

  @Override
  public boolean covers(int codePoint) {
    return fontsAtHand().stream().anyMatch(font -> font.canDisplay(codePoint));
  }

  @Override
  public double width(String text, Face face) {
    String key = (face.bold() ? "b" : "r") + (face.italic() ? "i" : "u") + text;
    synchronized (widths) {
      Double known = widths.get(key);
      if (known != null) {
        return known;
      }
    }
    double width = 0;
    for (DrawnLetter letter : letters(text, face)) {
      width += letter.width();
    }
    if (text.length() <= LONG) {
      synchronized (widths) {
        widths.put(key, width);
      }
    }
    return width;
  }

  @Override
  public List<DrawnLetter> letters(String text, Face face) {
    List<DrawnLetter> letters = new ArrayList<>();
    if (!fontsAtHand().isEmpty() && !text.isEmpty()) {
      for (Stretch stretch : stretches(text, face)) {
        letters(stretch, letters);
      }
    }
    return letters;
  }

  /// Some of a text in one direction and one font.
  private record Stretch(String text, Font font, boolean fromTheRight) {}

  /// The stretches of a text as they are seen, from the left.
  private List<Stretch> stretches(String text, Face face) {
    int style = (face.bold() ? Font.BOLD : 0) | (face.italic() ? Font.ITALIC : 0);
    Bidi order = new Bidi(text, Bidi.DIRECTION_DEFAULT_LEFT_TO_RIGHT);
    int count = order.getRunCount();
    byte[] levels = new byte[count];
    Integer[] runs = new Integer[count];
    for (int i = 0; i < count; i++) {
      levels[i] = (byte) order.getRunLevel(i);
      runs[i] = i;
    }
    Bidi.reorderVisually(levels, 0, runs, 0, count);
    List<Stretch> stretches = new ArrayList<>();
    for (int run : runs) {
      boolean fromTheRight = order.getRunLevel(run) % 2 == 1;
      List<Stretch> own = new ArrayList<>();
      String part = text.substring(order.getRunStart(run), order.getRunLimit(run));
      StringBuilder open = new StringBuilder();
      Font current = fontOf(part.codePointAt(0));
      for (int codePoint : part.codePoints().toArray()) {
        boolean stays = !Character.isLetterOrDigit(codePoint) && current.canDisplay(codePoint);
        Font next = stays ? current : fontOf(codePoint);
        if (next != current && !open.isEmpty()) {
          own.add(new Stretch(open.toString(), current.deriveFont(style), fromTheRight));
          open.setLength(0);
        }
        current = next;
        open.appendCodePoint(codePoint);
      }
      own.add(new Stretch(open.toString(), current.deriveFont(style), fromTheRight));
      stretches.addAll(fromTheRight ? own.reversed() : own);
    }
    return stretches;
  }

  private Font fontOf(int codePoint) {
    List<Font> fonts = fontsAtHand();
    return fonts.stream()
        .filter(one -> one.canDisplay(codePoint))
        .findFirst()
        .orElse(fonts.getFirst());
  }

  /// Shapes a stretch. Signs that stand on a letter, and letters that are joined into one, are one
  /// letter with it.
  private static void letters(Stretch stretch, List<DrawnLetter> letters) {
    char[] chars = stretch.text.toCharArray();
    GlyphVector shaped =
        stretch.font.layoutGlyphVector(
            EXACT,
            chars,
            0,
            chars.length,
            stretch.fromTheRight ? Font.LAYOUT_RIGHT_TO_LEFT : Font.LAYOUT_LEFT_TO_RIGHT);
    int count = shaped.getNumGlyphs();
    TreeSet<Integer> starts = new TreeSet<>();
    for (int i = 0; i < count; i++) {
      starts.add(shaped.getGlyphCharIndex(i));
    }
    for (int i = 0; i < count; ) {
      int at = shaped.getGlyphCharIndex(i);
      Point2D from = shaped.getGlyphPosition(i);
      GeneralPath drawn = new GeneralPath();
      for (; i < count && shaped.getGlyphCharIndex(i) == at; i++) {
        drawn.append(shaped.getGlyphOutline(i), false);
      }
      Integer next = starts.higher(at);
      letters.add(
          new DrawnLetter(
              stretch.text.substring(at, next == null ? chars.length : next),
              (shaped.getGlyphPosition(i).getX() - from.getX()) / SIZE,
              outline(drawn, from.getX())));
    }
  }

  private static Outline outline(Shape drawn, double from) {
    List<Outline.Segment> segments = new ArrayList<>();
    AffineTransform toOne = AffineTransform.getScaleInstance(1.0 / SIZE, 1.0 / SIZE);
    toOne.translate(-from, 0);
    PathIterator path = drawn.getPathIterator(toOne);
    double[] at = new double[6];
    double x = 0;
    double y = 0;
    for (; !path.isDone(); path.next()) {
      int kind = path.currentSegment(at);
      switch (kind) {
        case PathIterator.SEG_MOVETO -> segments.add(new Outline.Move(at[0], at[1]));
        case PathIterator.SEG_LINETO -> segments.add(new Outline.Line(at[0], at[1]));
        case PathIterator.SEG_QUADTO -> segments.add(raised(x, y, at));
        case PathIterator.SEG_CUBICTO ->
            segments.add(new Outline.Curve(at[0], at[1], at[2], at[3], at[4], at[5]));
        default -> segments.add(new Outline.Close());
      }
      int last = kind == PathIterator.SEG_CUBICTO ? 4 : kind == PathIterator.SEG_QUADTO ? 2 : 0;
      if (kind != PathIterator.SEG_CLOSE) {
        x = at[last];
        y = at[last + 1];
      }
    }
    return new Outline(segments);
  }

  /// The curve of the third degree that is the same as one of the second.
  private static Outline.Curve raised(double x, double y, double[] at) {
    return new Outline.Curve(
        x + (at[0] - x) * 2 / 3,
        y + (at[1] - y) * 2 / 3,
        at[2] + (at[0] - at[2]) * 2 / 3,
        at[3] + (at[1] - at[3]) * 2 / 3,
        at[2],
        at[3]);
  }
}
