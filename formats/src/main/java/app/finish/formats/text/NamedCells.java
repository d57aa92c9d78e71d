package app.finish.formats.text;

import app.finish.formats.text.TextLine.Piece;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Rewrites tables each of whose cells bears its own name, as consoles print what summarises the
/// columns of data: under “Delay”, “Min. :-4.00”, “Median : 6.00”. The names become the labels of
/// rows.
///
/// ```java
/// NamedCells.rewritten(List.of("     Delay          Wind", " Min.   :-4.00  Min.   :0.00", …));
/// ```
public final class NamedCells {
  private static final Pattern CELL =
      Pattern.compile(
          "([^\\s:][^:]{0,30}?)\\s*:\\s*([-+]?[0-9][0-9.,]*(?:e[-+]?[0-9]+)?)(?=\\s|$)");
  private static final int FEWEST = 3;

  /// @param colon where its colon stands
  private record Cell(int colon, String name, String figure) {}

  private NamedCells() {}

  /// The lines, with such tables as rows of labels and figures.
  static List<String> rewritten(List<String> lines) {
    List<String> out = new ArrayList<>();
    int at = 0;
    while (at < lines.size()) {
      int end = at;
      while (end < lines.size() && isOfCells(lines.get(end))) {
        end++;
      }
      List<Integer> colons = end - at >= FEWEST ? colons(lines.subList(at, end)) : List.of();
      if (colons.isEmpty()) {
        out.add(lines.get(at++));
        continue;
      }
      boolean headed = at > 0 && !lines.get(at - 1).isBlank();
      List<String> heads = headed ? heads(lines.get(at - 1), colons) : List.of();
      if (!heads.isEmpty()) {
        out.removeLast();
      }
      out.addAll(table(heads, colons, lines.subList(at, end)));
      at = end;
    }
    return out;
  }

  private static List<Cell> cells(String line) {
    List<Cell> cells = new ArrayList<>();
    Matcher match = CELL.matcher(line);
    while (match.find()) {
      int colon = line.indexOf(':', match.end(1));
      cells.add(new Cell(colon, match.group(1).strip(), match.group(2)));
    }
    return cells;
  }

  private static boolean isOfCells(String line) {
    return !line.isBlank() && !cells(line).isEmpty() && CELL.matcher(line).replaceAll("").isBlank();
  }

  /// Where the colons of each column stand; nothing unless they stand one below another in two
  /// columns or more.
  private static List<Integer> colons(List<String> lines) {
    Set<Integer> colons = new LinkedHashSet<>();
    int all = 0;
    for (String line : lines) {
      for (Cell cell : cells(line)) {
        colons.add(cell.colon);
        all++;
      }
    }
    boolean sound = colons.size() > 1 && all >= colons.size() * FEWEST;
    return sound ? colons.stream().sorted().toList() : List.of();
  }

  private static List<String> heads(String line, List<Integer> colons) {
    List<Piece> pieces = TextLine.pieces(line);
    if (pieces.size() != colons.size()) {
      return List.of();
    }
    return pieces.stream().map(Piece::text).toList();
  }

  private static List<String> table(List<String> heads, List<Integer> colons, List<String> lines) {
    Set<String> names = new LinkedHashSet<>();
    List<List<Cell>> rows = lines.stream().map(NamedCells::cells).toList();
    for (int colon : colons) {
      for (List<Cell> row : rows) {
        row.stream().filter(cell -> cell.colon == colon).forEach(cell -> names.add(cell.name));
      }
    }
    int width = 1 + names.stream().mapToInt(String::length).max().orElse(0);
    List<String> out = new ArrayList<>();
    if (!heads.isEmpty()) {
      out.add(" ".repeat(width) + set(heads));
    }
    for (String name : names) {
      List<String> figures = new ArrayList<>();
      for (int colon : colons) {
        Optional<Cell> own =
            rows.stream()
                .flatMap(List::stream)
                .filter(cell -> cell.colon == colon && cell.name.equals(name))
                .findFirst();
        figures.add(own.map(Cell::figure).orElse(""));
      }
      out.add(name + " ".repeat(width - name.length()) + set(figures));
    }
    return out;
  }

  private static String set(List<String> cells) {
    StringBuilder line = new StringBuilder();
    for (String cell : cells) {
      line.append("  ").append(" ".repeat(Math.max(0, 16 - cell.length()))).append(cell);
    }
    return line.toString();
  }
}
