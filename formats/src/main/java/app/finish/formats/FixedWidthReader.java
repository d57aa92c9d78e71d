package app.finish.formats;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Reads text set in columns with spaces, as consoles print it. Columns are where figures of many
/// lines stand one below another; a head belongs to the column that it stands over or nearest to; a
/// text that reaches over several columns spans them; lines of dashes are passed over.
public final class FixedWidthReader implements TableReader {
  private static final Pattern PIECE = Pattern.compile("\\S+(?: \\S+)*");
  private static final Pattern RULE = Pattern.compile("[\\s\\-=_+─━═|·.~*]*");

  private static final Pattern FIGURE =
      Pattern.compile("[-−–+(<>]?[€$£]?[0-9.,]*[0-9][0-9.,]*[)%]?[*†a-d]{0,3}|--?|[–—.]|NA");
  private static final Pattern STARS = Pattern.compile("[*]{1,4}");

  private record Piece(int start, int end, String text) {}

  private record Column(int start, int end) {}

  @Override
  public Sheets read(Path file, ReadRequest request) throws IOException {
    return Sheets.of(read(TextFile.read(file, request), Sources.name(file)));
  }

  /// Whether a text is set in columns with spaces: most of its lines that are no rules hold several
  /// pieces parted by two spaces or more.
  static boolean fits(List<String> lines) {
    long full = lines.stream().filter(line -> !RULE.matcher(line).matches()).count();
    long parted =
        lines.stream()
            .filter(line -> !RULE.matcher(line).matches())
            .filter(line -> pieces(line).size() > 1)
            .count();
    return full > 1 && parted * 2 > full;
  }

  private static List<Piece> pieces(String line) {
    List<Piece> pieces = new ArrayList<>();
    Matcher match = PIECE.matcher(line);
    while (match.find()) {
      pieces.add(new Piece(match.start(), match.end(), match.group()));
    }
    return pieces;
  }

  /// The sheet that a text makes.
  static List<Grid> read(String text, String name) throws IOException {
    List<String> lines =
        text.lines().map(line -> line.replace("\t", "        ").stripTrailing()).toList();
    int width = lines.stream().mapToInt(String::length).max().orElse(0);
    if (width > Limits.COLUMNS) {
      throw Limits.tooWide("The text", 1);
    }
    List<Grid> sheets = new ArrayList<>();
    int from = 0;
    while (from < lines.size()) {
      int to = endOfPart(lines, from);
      while (to < lines.size()
          && lines.subList(from, to).stream().noneMatch(FixedWidthReader::holdsFigures)) {
        to = endOfPart(lines, to);
      }
      Grid sheet = sheet(lines.subList(from, to), name);
      if (sheet.rows() > 0) {
        sheets.add(sheet);
      }
      from = to;
    }
    return sheets;
  }

  private static Grid sheet(List<String> lines, String name) throws IOException {
    SheetBuilder sheet = new SheetBuilder(name);
    List<Column> columns = columns(lines);
    for (int i = 0; i < lines.size(); i++) {
      String line = lines.get(i);
      if (!isRule(line)) {
        String below = i + 1 < lines.size() ? lines.get(i + 1) : "";
        addRow(sheet, piecesOf(line, below, columns), line, columns);
      }
    }
    return sheet.grid("");
  }

  /// Where a part of the text ends: two blank lines or more stand between parts, each with columns
  /// of its own.
  private static int endOfPart(List<String> lines, int from) {
    int at = from;
    while (at < lines.size() && lines.get(at).isBlank()) {
      at++;
    }
    while (at < lines.size()) {
      boolean two = at + 1 < lines.size() && lines.get(at).isBlank() && lines.get(at + 1).isBlank();
      if (two) {
        return at + 1;
      }
      at++;
    }
    return at;
  }

  /// The columns: runs of places that are not blank in all lines of figures, or, if there are none,
  /// in all lines of several pieces.
  private static List<Column> columns(List<String> lines) {
    List<String> counted = lines.stream().filter(FixedWidthReader::holdsFigures).toList();
    if (counted.isEmpty()) {
      int most = lines.stream().mapToInt(line -> pieces(line).size()).max().orElse(0);
      counted =
          lines.stream()
              .filter(line -> !RULE.matcher(line).matches())
              .filter(line -> pieces(line).size() > 1 && pieces(line).size() * 2 > most)
              .toList();
    }
    int width = counted.stream().mapToInt(String::length).max().orElse(0);
    boolean[] taken = new boolean[width + 1];
    for (String line : counted) {
      for (Piece piece : parted(line)) {
        Arrays.fill(taken, piece.start, piece.end, true);
      }
    }
    List<Column> columns = new ArrayList<>();
    int start = 0;
    for (int i = 1; i <= width; i++) {
      if (taken[i] && !taken[i - 1]) {
        start = i;
      } else if (!taken[i] && taken[i - 1]) {
        columns.add(new Column(taken[0] && columns.isEmpty() ? 0 : start, i));
      }
    }
    return columns;
  }

  /// Whether a line holds a label and mostly figures.
  private static boolean holdsFigures(String line) {
    List<Piece> pieces = parted(line);
    long figures = pieces.stream().skip(1).filter(piece -> isFigureOrStars(piece.text)).count();
    boolean years = pieces.stream().allMatch(piece -> piece.text.matches("(19|20)[0-9]{2}"));
    return figures > 0 && figures * 2 >= pieces.size() - 1 && !years;
  }

  private static boolean isFigureOrStars(String text) {
    return isFigure(text) || STARS.matcher(text).matches();
  }

  private static boolean isFigure(String text) {
    return FIGURE.matcher(text).matches();
  }

  /// The pieces of a line, where figures beside each other are pieces of their own though only one
  /// blank parts them.
  private static List<Piece> parted(String line) {
    List<Piece> parted = new ArrayList<>();
    for (Piece piece : pieces(line)) {
      String[] words = piece.text.split(" ");
      int figures = 0;
      while (figures < words.length && isFigureOrStars(words[words.length - 1 - figures])) {
        figures++;
      }
      if (figures < 2 || words[words.length - figures].startsWith("*")) {
        parted.add(piece);
        continue;
      }
      int at = piece.start;
      StringBuilder label = new StringBuilder();
      for (int i = 0; i < words.length; i++) {
        if (i < words.length - figures) {
          label.append(label.isEmpty() ? "" : " ").append(words[i]);
        } else {
          parted.add(new Piece(at, at + words[i].length(), words[i]));
        }
        at += words[i].length() + 1;
        if (i == words.length - figures - 1) {
          parted.add(new Piece(piece.start, at - 1, label.toString()));
        }
      }
    }
    return parted;
  }

  private static boolean isRule(String line) {
    return !line.isBlank() && RULE.matcher(line).matches();
  }

  /// The pieces of a line, each as wide as what it stands over.
  ///
  /// @param below the next line: a rule under a head tells how far it reaches
  private static List<Piece> piecesOf(String line, String below, List<Column> columns) {
    if (holdsFigures(line)) {
      return parted(line);
    }
    List<Piece> pieces = headsOf(pieces(line), columns);
    if (isRule(below) && pieces(below).size() > 1) {
      return pieces.stream().map(piece -> widened(piece, pieces(below))).toList();
    }
    return pieces(below).size() > pieces.size() && !holdsFigures(below)
        ? spread(pieces, columns)
        : pieces;
  }

  private static Piece widened(Piece piece, List<Piece> rules) {
    for (Piece rule : rules) {
      if (piece.start >= rule.start && piece.end <= rule.end) {
        return new Piece(rule.start, rule.end, piece.text);
      }
    }
    return piece;
  }

  /// Heads over several columns each, if they share the columns out evenly and each stands over
  /// the middle of its share.
  private static List<Piece> spread(List<Piece> pieces, List<Column> columns) {
    if (pieces.isEmpty() || columns.isEmpty()) {
      return pieces;
    }
    boolean named = pieces.getFirst().start < columns.getFirst().end;
    List<Piece> heads = pieces.subList(named ? 1 : 0, pieces.size());
    int figures = columns.size() - 1;
    if (heads.isEmpty() || figures % heads.size() != 0 || figures == heads.size()) {
      return pieces;
    }
    List<Piece> spread = new ArrayList<>(pieces.subList(0, named ? 1 : 0));
    int share = figures / heads.size();
    for (int i = 0; i < heads.size(); i++) {
      Column first = columns.get(1 + i * share);
      Column last = columns.get((i + 1) * share);
      int middle = (heads.get(i).start + heads.get(i).end) / 2;
      if (middle < first.start || middle > last.end) {
        return pieces;
      }
      spread.add(new Piece(first.start, last.end, heads.get(i).text));
    }
    return spread;
  }

  private static void addRow(
      SheetBuilder sheet, List<Piece> pieces, String line, List<Column> columns)
      throws IOException {
    boolean words =
        pieces.size() == 1
            && (columns.isEmpty() || pieces.getFirst().start <= columns.getFirst().start + 8);
    if (words || columns.isEmpty()) {
      sheet.addLine(line.indent(0).stripTrailing());
      return;
    }
    StringBuilder[] texts = new StringBuilder[columns.size()];
    int[] spans = new int[columns.size()];
    int free = 0;
    for (Piece piece : pieces) {
      int at = Math.max(free - 1, place(piece, columns, free));
      int last = at;
      while (last + 1 < columns.size() && columns.get(last + 1).start < piece.end) {
        last++;
      }
      if (texts[at] == null) {
        texts[at] = new StringBuilder(at == 0 ? " ".repeat(piece.start) : "");
      } else {
        texts[at].append(' ');
      }
      texts[at].append(piece.text);
      spans[at] = Math.max(spans[at], last - at + 1);
      free = last + 1;
    }
    sheet.beginRow();
    for (int column = 0; column < columns.size(); column += Math.max(1, spans[column])) {
      String text = texts[column] == null ? "" : texts[column].toString();
      sheet.add(GridCell.of(text).spanning(1, Math.max(1, spans[column])));
    }
  }

  /// The column that a piece stands in: the first that it shares a place with, else the nearest.
  private static int place(Piece piece, List<Column> columns, int free) {
    int nearest = Math.min(free, columns.size() - 1);
    int least = Integer.MAX_VALUE;
    for (int i = 0; i < columns.size(); i++) {
      Column column = columns.get(i);
      if (piece.start < column.end && piece.end > column.start) {
        return i;
      }
      int distance =
          piece.end <= column.start ? column.start - piece.end : piece.start - column.end;
      if (i >= free && distance < least) {
        nearest = i;
        least = distance;
      }
    }
    return nearest;
  }

  /// Parts a piece of several heads that stand so near each other that one blank parts them: words
  /// that end where columns end.
  private static List<Piece> headsOf(List<Piece> pieces, List<Column> columns) {
    List<Piece> heads = new ArrayList<>();
    for (Piece piece : pieces) {
      int at = piece.start;
      int start = piece.start;
      List<Piece> parts = new ArrayList<>();
      for (String word : piece.text.split(" ")) {
        int end = at + word.length();
        if (endsAColumn(end, columns) || end == piece.end) {
          parts.add(
              new Piece(start, end, piece.text.substring(start - piece.start, end - piece.start)));
          start = end + 1;
        }
        at = end + 1;
      }
      boolean parted =
          parts.size() > 1 && parts.stream().allMatch(part -> endsAColumn(part.end, columns));
      heads.addAll(parted ? parts : List.of(piece));
    }
    return heads;
  }

  private static boolean endsAColumn(int end, List<Column> columns) {
    return columns.stream().anyMatch(column -> column.end == end);
  }
}
