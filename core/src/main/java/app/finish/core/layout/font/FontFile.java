package app.finish.core.layout.font;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;

/// The measures of one TrueType font: how wide each character is, how far the font goes up and
/// down. It reads the tables `head`, `hhea`, `hmtx` and `cmap` (formats 4 and 12) of the OpenType
/// specification and nothing else; glyphs are drawn by whoever paints.
public final class FontFile {
  private final ByteBuffer data;
  private final int unitsPerEm;
  private final int ascent;
  private final int descent;
  private final int advances;
  private final int horizontal;
  private final int map;
  private final boolean wide;
  private final short[] glyphs = new short[0x2800];
  private final double[] known = new double[1024];

  FontFile(byte[] bytes) {
    this.data = ByteBuffer.wrap(bytes);
    int head = table("head");
    int hhea = table("hhea");
    this.unitsPerEm = data.getShort(head + 18) & 0xffff;
    this.ascent = data.getShort(hhea + 4);
    this.descent = -data.getShort(hhea + 6);
    this.advances = data.getShort(hhea + 34) & 0xffff;
    this.horizontal = table("hmtx");
    int cmap = table("cmap");
    int best = -1;
    boolean full = false;
    for (int i = 0; i < data.getShort(cmap + 2); i++) {
      int platform = data.getShort(cmap + 4 + i * 8);
      int encoding = data.getShort(cmap + 6 + i * 8);
      int at = cmap + data.getInt(cmap + 8 + i * 8);
      int format = data.getShort(at);
      if (format == 12 || (format == 4 && platform == 3 && encoding == 1 && !full)) {
        best = at;
        full = format == 12;
      }
    }
    this.map = best;
    this.wide = full;
    Arrays.fill(glyphs, (short) -1);
    Arrays.fill(known, Double.NaN);
  }

  private int table(String tag) {
    int count = data.getShort(4);
    for (int i = 0; i < count; i++) {
      int at = 12 + i * 16;
      byte[] name = new byte[4];
      data.get(at, name);
      if (new String(name, StandardCharsets.US_ASCII).equals(tag)) {
        return data.getInt(at + 8);
      }
    }
    throw new IllegalArgumentException("the font has no table " + tag);
  }

  /// Whether the font has a glyph for a character.
  boolean covers(int codePoint) {
    return glyph(codePoint) != 0;
  }

  /// How wide a character is at 1 pt; −1 if the font has none.
  double widthOrNone(int codePoint) {
    if (codePoint < known.length && known[codePoint] >= 0) {
      return known[codePoint];
    }
    double width = covers(codePoint) ? width(codePoint) : -1;
    if (codePoint < known.length) {
      known[codePoint] = width;
    }
    return width;
  }

  /// How wide a character is at 1 pt.
  double width(int codePoint) {
    int glyph = Math.min(glyph(codePoint), advances - 1);
    return (double) (data.getShort(horizontal + glyph * 4) & 0xffff) / unitsPerEm;
  }

  /// How far the font goes up from the baseline at 1 pt.
  double ascent() {
    return (double) ascent / unitsPerEm;
  }

  /// How far the font goes down from the baseline at 1 pt.
  double descent() {
    return (double) descent / unitsPerEm;
  }

  private int glyph(int codePoint) {
    if (codePoint >= glyphs.length) {
      return wide ? inSegments(codePoint) : inRanges(codePoint);
    }
    if (glyphs[codePoint] == -1) {
      glyphs[codePoint] = (short) (wide ? inSegments(codePoint) : inRanges(codePoint));
    }
    return glyphs[codePoint] & 0xffff;
  }

  private int inSegments(int codePoint) {
    int groups = data.getInt(map + 12);
    for (int i = 0; i < groups; i++) {
      int at = map + 16 + i * 12;
      if (codePoint >= data.getInt(at) && codePoint <= data.getInt(at + 4)) {
        return data.getInt(at + 8) + codePoint - data.getInt(at);
      }
    }
    return 0;
  }

  private int inRanges(int codePoint) {
    if (codePoint > 0xffff) {
      return 0;
    }
    int doubled = data.getShort(map + 6) & 0xffff;
    int ends = map + 14;
    int starts = ends + doubled + 2;
    int deltas = starts + doubled;
    int offsets = deltas + doubled;
    for (int i = 0; i < doubled; i += 2) {
      int start = data.getShort(starts + i) & 0xffff;
      if (codePoint > (data.getShort(ends + i) & 0xffff) || codePoint < start) {
        continue;
      }
      int delta = data.getShort(deltas + i);
      int offset = data.getShort(offsets + i) & 0xffff;
      if (offset == 0) {
        return codePoint + delta & 0xffff;
      }
      int glyph = data.getShort(offsets + i + offset + 2 * (codePoint - start)) & 0xffff;
      return glyph == 0 ? 0 : glyph + delta & 0xffff;
    }
    return 0;
  }
}
