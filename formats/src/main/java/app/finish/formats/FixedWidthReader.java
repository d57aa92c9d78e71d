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
/// lines stand one below another; a text that reaches over several columns spans them; lines of
/// dashes are passed over.
public final class FixedWidthReader implements TableReader {
  private static final Pattern PIECE = Pattern.compile("\\S+(?: \\S+)*");
  private static final Pattern RULE = Pattern.compile("[\\s\\-=_+─━═|·.~*]*");

  private record Piece(int start, int end, String text) {}

  @Override
  public List<Grid> read(Path file) throws IOException {
    return read(TextFile.read(file), Sources.name(file));
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
    int[] starts = columns(lines);
    SheetBuilder sheet = new SheetBuilder(name);
    for (String line : lines) {
      if (!line.isBlank() && RULE.matcher(line).matches()) {
        continue;
      }
      addRow(sheet, line, starts);
    }
    return List.of(sheet.grid(""));
  }

  /// Where columns begin: after each run of places that are blank in all lines of several pieces.
  private static int[] columns(List<String> lines) throws Problem {
    int width = lines.stream().mapToInt(String::length).max().orElse(0);
    if (width > Limits.COLUMNS) {
      throw Limits.tooWide("The text", 1);
    }
    int most = lines.stream().mapToInt(line -> pieces(line).size()).max().orElse(0);
    int[] taken = new int[width + 1];
    for (String line : lines) {
      List<Piece> pieces = pieces(line);
      boolean counts =
          !RULE.matcher(line).matches() && pieces.size() * 2 > most && pieces.size() > 1;
      for (Piece piece : counts ? pieces : List.<Piece>of()) {
        Arrays.fill(taken, piece.start, piece.end, 1);
      }
    }
    List<Integer> starts = new ArrayList<>();
    for (int i = 0; i < width; i++) {
      if (taken[i] == 1 && (i == 0 || taken[i - 1] == 0)) {
        starts.add(i);
      }
    }
    return starts.stream().mapToInt(Integer::intValue).toArray();
  }

  private static void addRow(SheetBuilder sheet, String line, int[] starts) throws IOException {
    List<Piece> pieces = pieces(line);
    boolean words =
        pieces.size() == 1 && (starts.length == 0 || pieces.getFirst().start <= starts[0] + 8);
    if (words || starts.length == 0) {
      sheet.addLine(line.indent(0).stripTrailing());
      return;
    }
    sheet.beginRow();
    int next = 0;
    for (int column = 0; column < starts.length; column++) {
      int from = column == 0 ? 0 : starts[column];
      int to = column + 1 < starts.length ? starts[column + 1] : Integer.MAX_VALUE;
      StringBuilder text = new StringBuilder();
      int end = from;
      while (next < pieces.size() && pieces.get(next).start < to && pieces.get(next).end > from) {
        Piece piece = pieces.get(next++);
        boolean first = text.isEmpty();
        text.append(first ? " ".repeat(column == 0 ? piece.start : 0) : " ").append(piece.text);
        end = piece.end;
      }
      int span = 1;
      while (column + span < starts.length && end > starts[column + span]) {
        span++;
      }
      sheet.add(GridCell.of(text.toString()).spanning(1, span));
      column += span - 1;
    }
  }
}
