package app.finish.core.layout.font;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.BiPredicate;
import java.util.function.IntPredicate;

/// Parts a text into stretches that one font sets.
///
/// ```java
/// stretches.of("Route 東京", face); // "Route " in the face, "東京" in another
/// ```
final class Stretches {
  /// Scripts that are written from the right begin here, and nothing below has to be shaped.
  private static final int FIRST_SHAPED = 0x590;

  /// Some of a text, and what sets it.
  record Stretch(String text, Face face) {}

  private final OtherScripts other;
  private final BiPredicate<Integer, Face> isShipped;
  private final BiFunction<Integer, Face, Face> covering;

  /// @param other what sets other scripts
  /// @param isShipped whether any shipped font has a character
  /// @param covering the shipped font that has a character; the face itself if none has it
  Stretches(
      OtherScripts other,
      BiPredicate<Integer, Face> isShipped,
      BiFunction<Integer, Face, Face> covering) {
    this.other = other;
    this.isShipped = isShipped;
    this.covering = covering;
  }

  /// Whether a character has to be shaped or reordered, so that a shipped font alone does not do.
  static boolean isShaped(int codePoint) {
    return codePoint >= FIRST_SHAPED && (isFromTheRight(codePoint) || isComplex(codePoint));
  }

  private static boolean isFromTheRight(int codePoint) {
    byte direction = Character.getDirectionality(codePoint);
    return direction == Character.DIRECTIONALITY_RIGHT_TO_LEFT
        || direction == Character.DIRECTIONALITY_RIGHT_TO_LEFT_ARABIC;
  }

  /// Scripts from Devanagari to Khmer, whose signs change with their neighbours.
  private static boolean isComplex(int codePoint) {
    return codePoint >= 0x900 && codePoint < 0x10A0 || codePoint >= 0x1780 && codePoint < 0x1800;
  }

  /// Whether a text has a character that other fonts must set.
  boolean hasOther(String text, Face face) {
    return text.codePoints().anyMatch(one -> isOther(one, face));
  }

  private boolean isOther(int codePoint, Face face) {
    return codePoint >= FIRST_SHAPED
        && (isShaped(codePoint) || !isShipped.test(codePoint, face))
        && other.covers(codePoint);
  }

  /// The stretches in order. A text with letters that are written from the right is one stretch,
  /// since its order is a matter of all of it.
  List<Stretch> of(String text, Face face) {
    Face others = Face.other(face.bold(), face.italic());
    IntPredicate isOther = one -> isOther(one, face);
    if (text.codePoints().anyMatch(one -> isFromTheRight(one) && isOther.test(one))) {
      return List.of(new Stretch(text, others));
    }
    List<Stretch> stretches = new ArrayList<>();
    StringBuilder open = new StringBuilder();
    StringBuilder between = new StringBuilder();
    Face current = face;
    for (int codePoint : text.codePoints().toArray()) {
      if (current.isOther() && !Character.isLetterOrDigit(codePoint) && !isOther.test(codePoint)) {
        between.appendCodePoint(codePoint);
        continue;
      }
      Face wanted = isOther.test(codePoint) ? others : covering.apply(codePoint, face);
      if (!between.isEmpty() && !wanted.isOther()) {
        close(open, current, stretches);
        current = shipped(between, face, open, stretches);
      } else {
        open.append(between);
      }
      between.setLength(0);
      if (!wanted.equals(current)) {
        close(open, current, stretches);
        current = wanted;
      }
      open.appendCodePoint(codePoint);
    }
    if (!between.isEmpty()) {
      close(open, current, stretches);
      current = shipped(between, face, open, stretches);
    }
    close(open, current, stretches);
    return stretches;
  }

  /// Sets blanks and signs in the shipped fonts that have them; the last stretch stays open.
  private Face shipped(CharSequence signs, Face face, StringBuilder open, List<Stretch> stretches) {
    Face current = face;
    for (int codePoint : signs.codePoints().toArray()) {
      Face wanted = covering.apply(codePoint, face);
      if (!wanted.equals(current)) {
        close(open, current, stretches);
        current = wanted;
      }
      open.appendCodePoint(codePoint);
    }
    return current;
  }

  private static void close(StringBuilder open, Face face, List<Stretch> stretches) {
    if (!open.isEmpty()) {
      stretches.add(new Stretch(open.toString(), face));
      open.setLength(0);
    }
  }
}
