package app.finish.formats;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import app.finish.formats.TextLine.Piece;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/// Reads text set in columns with spaces, as consoles print it. Columns are where figures of many
/// lines stand one below another; a head belongs to the column that it stands over or nearest to; a
/// text that reaches over several columns spans them; lines of dashes are passed over.
public final class FixedWidthReader implements TableReader {
  @Override
  public Sheets read(Path file, ReadRequest request) throws IOException {
    return Sheets.of(read(TextFile.read(file, request), Sources.name(file)));
  }

  /// Whether a text is set in columns with spaces: most of its lines that are no rules hold several
  /// pieces parted by two spaces or more.
  static boolean fits(List<String> lines) {
    long full = lines.stream().filter(line -> !TextLine.isRule(line)).count();
    long parted =
        lines.stream()
            .filter(line -> !TextLine.isRule(line))
            .filter(line -> TextLine.pieces(line).size() > 1)
            .count();
    return full > 1 && parted * 2 > full;
  }

  /// The sheet that a text makes.
  static List<Grid> read(String text, String name) throws IOException {
    List<String> lines = TextLine.plain(text);
    int width = lines.stream().mapToInt(String::length).max().orElse(0);
    if (width > Limits.COLUMNS) {
      throw Limits.tooWide("The text", 1);
    }
    List<Grid> sheets = new ArrayList<>();
    int from = 0;
    while (from < lines.size()) {
      int to = endOfPart(lines, from);
      while (to < lines.size()
          && lines.subList(from, to).stream().noneMatch(TextLine::holdsFigures)) {
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
    TextColumns columns = TextColumns.of(lines);
    boolean indents = !TextLine.alignsLabelsRight(lines);
    for (int i = 0; i < lines.size(); i++) {
      String line = lines.get(i);
      if (!TextLine.isRule(line)) {
        String below = i + 1 < lines.size() ? lines.get(i + 1) : "";
        addRow(sheet, columns.piecesOf(line, below), line, columns, indents);
      }
    }
    return sheet.grid("");
  }

  /// Where a part of the text ends: two blank lines or more stand between parts, each with columns
  /// of its own, or one, if heads of columns follow and figures came before.
  private static int endOfPart(List<String> lines, int from) {
    int at = from;
    while (at < lines.size() && lines.get(at).isBlank()) {
      at++;
    }
    while (at < lines.size()) {
      boolean two = at + 1 < lines.size() && lines.get(at).isBlank() && lines.get(at + 1).isBlank();
      boolean figures = lines.subList(from, at).stream().anyMatch(TextLine::holdsFigures);
      boolean anew = lines.get(at).isBlank() && figures && headsFollow(lines, at + 1);
      if (two || anew) {
        return at + 1;
      }
      at++;
    }
    return at;
  }

  /// Whether heads of columns stand here before the next figures and blank line.
  private static boolean headsFollow(List<String> lines, int from) {
    for (int at = from; at < lines.size() && !lines.get(at).isBlank(); at++) {
      if (TextLine.holdsFigures(lines.get(at))) {
        return false;
      }
      if (TextLine.isHead(lines.get(at))) {
        return true;
      }
    }
    return false;
  }

  private static void addRow(
      SheetBuilder sheet, List<Piece> pieces, String line, TextColumns columns, boolean indents)
      throws IOException {
    boolean words =
        pieces.size() == 1
            && (columns.columns().isEmpty()
                || pieces.getFirst().start() <= columns.columns().getFirst().start() + 8);
    if (words || columns.columns().isEmpty()) {
      sheet.addLine(line.indent(0).stripTrailing());
      return;
    }
    StringBuilder[] texts = new StringBuilder[columns.columns().size()];
    int[] spans = new int[columns.columns().size()];
    int free = 0;
    int before = 0;
    for (Piece piece : pieces) {
      int place = columns.place(piece, free);
      int at = place < free ? before : place;
      int last = at;
      while (last + 1 < columns.columns().size()
          && columns.columns().get(last + 1).start() < piece.end()) {
        last++;
      }
      if (texts[at] == null) {
        texts[at] = new StringBuilder(at == 0 && indents ? " ".repeat(piece.start()) : "");
      } else {
        texts[at].append(' ');
      }
      texts[at].append(piece.text());
      spans[at] = Math.max(spans[at], last - at + 1);
      free = Math.max(free, last + 1);
      before = at;
    }
    sheet.beginRow();
    for (int column = 0; column < columns.columns().size(); column += Math.max(1, spans[column])) {
      String text = texts[column] == null ? "" : texts[column].toString();
      sheet.add(GridCell.of(text).spanning(1, Math.max(1, spans[column])));
    }
  }
}
