package app.finish.formats.text;

import app.finish.formats.text.TextLine.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/// Sets lines straight whose figures don't stand one below another, as text does that was pasted
/// through a proportional font or typed: each line of figures has the same number of them, so they
/// are parted by their order.
///
/// ```java
/// RaggedText.straight(List.of("      a  b", "North 1.5 12.5", "South 20.25 1.5"));
/// ```
public final class RaggedText {
  private static final int FEWEST = 3;
  private static final Pattern IN_BRACKETS = Pattern.compile("[(\\[][^)\\]]* [^)\\]]*[)\\]]");

  private RaggedText() {}

  /// The lines, with one column below another if they were not and if that is possible.
  static List<String> straight(List<String> lines) {
    List<List<String>> rows = new ArrayList<>();
    int width = 0;
    int most = 0;
    for (String line : lines) {
      boolean data = ConsoleLine.isData(line);
      if (data && IN_BRACKETS.matcher(line).find()) {
        return lines;
      }
      List<String> cells = data ? texts(TextLine.parted(line)) : List.of();
      if (data && width > 0 && cells.size() != width) {
        return lines;
      }
      width = data ? cells.size() : width;
      rows.add(cells);
    }
    if (width < FEWEST || !isJoined(lines, width)) {
      return lines;
    }
    for (int i = 0; i < lines.size(); i++) {
      String line = lines.get(i);
      if (rows.get(i).isEmpty() && TextLine.isHead(line)) {
        rows.set(i, heads(line, width));
        if (rows.get(i).isEmpty()) {
          return lines;
        }
      }
      for (String cell : rows.get(i)) {
        most = Math.max(most, cell.length());
      }
    }
    List<String> straight = new ArrayList<>();
    for (int i = 0; i < lines.size(); i++) {
      straight.add(rows.get(i).isEmpty() ? lines.get(i) : set(rows.get(i), most));
    }
    return straight;
  }

  /// Whether columns hold several figures, or a label and figures, in one place.
  private static boolean isJoined(List<String> lines, int width) {
    ConsoleColumns columns = ConsoleColumns.of(lines);
    return columns.size() < width
        && lines.stream()
            .filter(ConsoleLine::isData)
            .allMatch(
                line ->
                    columns.cells(line).stream()
                        .anyMatch(cell -> TextLine.parted(cell).size() > 1));
  }

  /// The heads of a line, one a column; nothing if there are too few or too many.
  private static List<String> heads(String line, int width) {
    List<String> pieces = texts(TextLine.pieces(line));
    List<String> words = texts(TextLine.words(line));
    for (List<String> heads : List.of(pieces, words)) {
      if (heads.size() == width) {
        return heads;
      }
      if (heads.size() == width - 1) {
        List<String> cornered = new ArrayList<>(List.of(""));
        cornered.addAll(heads);
        return cornered;
      }
    }
    return List.of();
  }

  private static List<String> texts(List<Piece> pieces) {
    return pieces.stream().map(Piece::text).toList();
  }

  private static String set(List<String> cells, int width) {
    StringBuilder line = new StringBuilder();
    for (int i = 0; i < cells.size(); i++) {
      String room = " ".repeat(width - cells.get(i).length());
      line.append(i == 0 ? cells.get(i) + room : "   " + room + cells.get(i));
    }
    return line.toString().stripTrailing();
  }
}
