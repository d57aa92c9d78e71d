package app.finish.core.layout.font;

import app.finish.core.dress.DressedCell;
import app.finish.core.dress.RowPlan;
import app.finish.core.dress.Run;
import app.finish.core.style.Look;
import java.text.BreakIterator;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/// Measures and breaks the text of cells.
public final class Measurer {
  /// A piece of one line in one font.
  ///
  /// @param scale the size of its letters, as a share of the size of its cell
  /// @param rise how far it stands above the line, as a share of that size
  public record Piece(
      String text, Face face, double width, double scale, double rise, String swatch, String ink) {}

  /// A line of text.
  public record Line(List<Piece> pieces, double width) {}

  private final Fonts fonts;

  public Measurer(Fonts fonts) {
    this.fonts = fonts;
  }

  public Fonts fonts() {
    return fonts;
  }

  Face face(Look look, Run run) {
    return fonts.face(look.face(), run.bold(), run.italic());
  }

  /// The width of a cell's text on one line.
  public double natural(DressedCell cell) {
    double width = 0;
    for (Run run : cell.runs()) {
      width += fonts.width(run.text(), face(cell.look(), run), size(cell.look(), run));
    }
    return width;
  }

  private static double size(Look look, Run run) {
    return look.size() * run.scale();
  }

  public double width(String text, DressedCell cell) {
    return fonts.width(text, face(cell.look(), cell.runs().getFirst()), cell.look().size());
  }

  /// The first font of a cell.
  Face face(DressedCell cell) {
    return face(cell.look(), cell.runs().getFirst());
  }

  /// The widest label of the rows of a kind at 1 pt, in the font of one of them.
  public RowPlan.Widest widest(RowPlan plan, int kind, int cell, DressedCell like) {
    return plan.widest(kind, cell, face(like), ruler(like, 1)::width);
  }

  /// Measures texts in the first font of a cell.
  public Fonts.Ruler ruler(DressedCell cell, double size) {
    return fonts.ruler(face(cell), size);
  }

  /// The width of the widest piece of a cell's text that can't be broken.
  public double narrowest(DressedCell cell) {
    double widest = 0;
    for (Run run : cell.runs()) {
      for (String word : words(run.text())) {
        widest =
            Math.max(
                widest,
                fonts.width(word.stripTrailing(), face(cell.look(), run), size(cell.look(), run)));
      }
    }
    return widest;
  }

  /// Breaks a cell's text into lines that fit, as far as its words allow.
  public List<Line> lines(DressedCell cell, double width) {
    if (cell.runs().size() == 1 && natural(cell) <= width + 0.01) {
      return List.of(line(pieces(cell.runs().getFirst(), cell.look())));
    }
    List<Line> lines = new ArrayList<>();
    List<Piece> open = new ArrayList<>();
    double used = 0;
    for (Run run : cell.runs()) {
      Face face = face(cell.look(), run);
      StringBuilder text = new StringBuilder();
      for (String word : words(run.text())) {
        double bare = fonts.width(word.stripTrailing(), face, size(cell.look(), run));
        boolean stays = run.scale() < 1 && text.isEmpty();
        if (used + bare > width + 0.01 && !stays && (text.length() > 0 || !open.isEmpty())) {
          open.addAll(pieces(run.withText(text.toString().stripTrailing()), cell.look()));
          lines.add(line(open));
          open = new ArrayList<>();
          text.setLength(0);
          used = 0;
        }
        text.append(word);
        used += fonts.width(word, face, size(cell.look(), run));
      }
      open.addAll(pieces(run.withText(text.toString()), cell.look()));
    }
    lines.add(line(open));
    return lines;
  }

  /// One line that fits: a text that is too long ends in an ellipsis.
  public List<Line> shortened(DressedCell cell, double width) {
    if (natural(cell) <= width + 0.01) {
      return lines(cell, width);
    }
    Run first = cell.runs().getFirst();
    String text = first.text();
    int fits = 0;
    int over = text.length();
    while (over - fits > 1) {
      int middle = (fits + over) / 2;
      if (width(beginning(text, middle), cell) <= width) {
        fits = middle;
      } else {
        over = middle;
      }
    }
    return List.of(line(pieces(first.withText(beginning(text, Math.max(1, fits))), cell.look())));
  }

  /// So many letters of a text and an ellipsis; no half of a pair of surrogates.
  private static String beginning(String text, int end) {
    boolean halved = end > 1 && Character.isHighSurrogate(text.charAt(end - 1));
    return text.substring(0, halved ? end - 1 : end).stripTrailing() + "…";
  }

  private static Line line(List<Piece> pieces) {
    double width = 0;
    for (Piece piece : pieces) {
      width += piece.width();
    }
    return new Line(List.copyOf(pieces), width);
  }

  /// The pieces of a run in the fonts that have its characters. A character that none has is shown
  /// as a box.
  List<Piece> pieces(Run run, Look look) {
    Face face = face(look, run);
    StringBuilder text = new StringBuilder(run.text().length());
    run.text().codePoints().map(one -> shown(one, face)).forEach(text::appendCodePoint);
    List<Piece> pieces = new ArrayList<>(1);
    for (Stretches.Stretch one : fonts.stretches(text.toString(), face)) {
      pieces.add(piece(one.text(), one.face(), size(look, run), run));
    }
    return pieces;
  }

  private int shown(int codePoint, Face face) {
    return Character.isISOControl(codePoint)
        ? ' '
        : fonts.covers(codePoint, face) ? codePoint : '\u25a1';
  }

  private Piece piece(String text, Face face, double size, Run run) {
    double width = fonts.width(text, face, size);
    return new Piece(text, face, width, run.scale(), run.rise(), run.swatch(), run.ink());
  }

  /// The words of a text, each with the blanks behind it. A line may also end after a dash or a
  /// slash inside a word, and in scripts that are written without blanks where these say.
  static List<String> words(String text) {
    List<String> words = new ArrayList<>();
    int start = 0;
    for (int i = 1; i < text.length(); i++) {
      char before = text.charAt(i - 1);
      char at = text.charAt(i);
      boolean afterBlank = before == ' ' && at != ' ';
      boolean afterDash =
          (before == '–' || before == '—' || before == '/' || before == '-')
              && Character.isLetter(at)
              && i - start > 2;
      if (afterBlank || afterDash) {
        unspaced(text.substring(start, i), words);
        start = i;
      }
    }
    unspaced(text.substring(start), words);
    return words;
  }

  /// A word, or the pieces that a line may end after if its script has no blanks: by the line
  /// breaks of Unicode (UAX #14), for Thai by a dictionary.
  private static void unspaced(String word, List<String> words) {
    boolean thai = word.chars().anyMatch(one -> one >= 0xE00 && one < 0xE80);
    if (!thai
        && word.chars().noneMatch(one -> one >= 0x1780 && Character.isIdeographic(one))
        && word.chars().noneMatch(Measurer::isKana)) {
      words.add(word);
      return;
    }
    BreakIterator ends = BreakIterator.getLineInstance(thai ? Locale.of("th") : Locale.ROOT);
    ends.setText(word);
    int start = ends.first();
    for (int end = ends.next(); end != BreakIterator.DONE; end = ends.next()) {
      words.add(word.substring(start, end));
      start = end;
    }
  }

  private static boolean isKana(int letter) {
    return letter >= 0x3040 && letter < 0x3100;
  }
}
