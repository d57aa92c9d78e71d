package app.finish.formats.text;

import app.finish.formats.text.TextLine.Piece;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;

/// Where the columns of a table in fixed-width text stand. Columns are parted by places that are
/// blank in every line of figures. One such place is enough between figures; where it might lie
/// inside a label, a head must begin or end there too. What is written in brackets stays whole.
///
/// ```java
/// ConsoleColumns columns = ConsoleColumns.of(heads, data);
/// columns.cells("Hale–Orrin  Spring   8660"); // Hale–Orrin, Spring, 8660
/// ```
///
/// @param columns the columns from left to right
public record ConsoleColumns(List<Column> columns) {
  /// A run of places.
  ///
  /// @param start its first place
  /// @param end the place behind its last
  record Column(int start, int end) {
    boolean meets(Piece piece) {
      return piece.start() < end && piece.end() > start;
    }
  }

  /// The columns of these lines.
  static ConsoleColumns of(List<String> lines) {
    List<String> data = lines.stream().filter(ConsoleLine::isData).toList();
    int first = firstData(lines);
    List<String> over =
        lines.subList(0, first).stream().filter(line -> !TextLine.isRule(line)).toList();
    List<String> heads = over.stream().filter(TextLine::isHead).toList();
    return of(heads.isEmpty() ? over : heads, data);
  }

  /// Where the figures of these lines begin.
  static int firstData(List<String> lines) {
    int series = -1;
    for (int i = 0; i < lines.size(); i++) {
      if (!ConsoleLine.isData(lines.get(i))) {
        continue;
      }
      if (series >= 0 || !TextLine.isSeries(lines.get(i))) {
        return series >= 0
                && lines.subList(series, i).stream().filter(ConsoleLine::isData).count() > 1
            ? series
            : i;
      }
      series = i;
    }
    return series >= 0 ? series : lines.size();
  }

  /// The columns of a table.
  ///
  /// @param heads its lines of heads
  /// @param data its lines of figures, at least one
  static ConsoleColumns of(List<String> heads, List<String> data) {
    int width = data.stream().mapToInt(String::length).max().orElse(0);
    boolean[] taken = new boolean[width + 1];
    for (String line : data) {
      boolean inBrackets = false;
      for (int i = 0; i < line.length(); i++) {
        char c = line.charAt(i);
        boolean open = c == '(' || c == '[';
        inBrackets = open && closes(line, i) || inBrackets && c != ')' && c != ']';
        taken[i] |= c != ' ' || inBrackets;
      }
    }
    List<Column> columns = runs(taken, width);
    return new ConsoleColumns(joined(columns, heads, data));
  }

  /// Whether a bracket that opens here is closed within the same piece of the line.
  private static boolean closes(String line, int at) {
    for (int i = at + 1; i < line.length(); i++) {
      char c = line.charAt(i);
      if (c == ')' || c == ']') {
        return true;
      }
      if (c == '('
          || c == '['
          || c == ' '
              && i + 1 < line.length()
              && line.charAt(i + 1) == ' '
              && line.charAt(i - 1) != ',') {
        return false;
      }
    }
    return false;
  }

  private static List<Column> runs(boolean[] taken, int width) {
    List<Column> columns = new ArrayList<>();
    int start = -1;
    for (int i = 0; i <= width; i++) {
      if (i < width && taken[i] && start < 0) {
        start = i;
      } else if (start >= 0 && (i == width || !taken[i])) {
        columns.add(new Column(start, i));
        start = -1;
      }
    }
    return columns;
  }

  /// Joins what only one blank place parts if nothing says that two columns meet there.
  private static List<Column> joined(List<Column> runs, List<String> heads, List<String> data) {
    List<Column> columns = new ArrayList<>();
    for (Column run : runs) {
      Column last = columns.isEmpty() ? null : columns.getLast();
      if (last != null && !isParted(last, run, heads, data)) {
        columns.set(columns.size() - 1, new Column(last.start, run.end));
      } else {
        columns.add(run);
      }
    }
    return columns;
  }

  private static boolean isParted(
      Column left, Column right, List<String> heads, List<String> data) {
    boolean headed =
        heads.stream()
            .anyMatch(head -> partsAt(head, left, right) || headsApart(head, left, right));
    boolean crossed = !headed && heads.stream().anyMatch(head -> crosses(head, left, right));
    boolean bracketed = isBracketed(right, data) && isOfFigures(left, data);
    boolean touching = right.start - left.end == 1;
    boolean headIsOne =
        touching
            && heads.stream()
                .anyMatch(head -> in(new Column(left.start, right.end), head).contains("("));
    if (bracketed && (!headed || headIsOne)) {
      return false;
    }
    if (isOfFigures(right, data) && isOfFigures(left, data)) {
      boolean one = right.start - left.end == 1 && !headed && isOfThousands(left, right, data);
      boolean zeros = one && data.stream().anyMatch(line -> in(right, line).startsWith("0"));
      return !(one && (crossed || zeros));
    }
    if (isOfStars(right, data)) {
      return true;
    }
    boolean bare = heads.stream().noneMatch(head -> !in(left, head).isEmpty());
    if (bare && !heads.isEmpty() && isOfRowNumbers(left, data)) {
      return true;
    }
    if (isWrittenOnce(left, right, data)) {
      return true;
    }
    boolean wide = right.start - left.end >= 2;
    if (wide) {
      return true;
    }
    if (isOfFigures(right, data)) {
      return headed
          || !crossed && heads.stream().anyMatch(head -> endsAt(head, right))
          || !crossed
              && (isOfDecimals(right, data) || heads.isEmpty() && !isOfFewDigits(right, data));
    }
    return headed;
  }

  /// Whether labels of the left column are written once, before several of the right one, which all
  /// begin at the same place.
  private static boolean isWrittenOnce(Column left, Column right, List<String> data) {
    int alone = 0;
    int beside = 0;
    for (String line : data) {
      boolean begins = right.start < line.length() && line.charAt(right.start) != ' ';
      boolean labelled = !in(left, line).isEmpty();
      if (!begins || labelled && line.charAt(left.start) == ' ') {
        return false;
      }
      alone += labelled ? 0 : 1;
      beside += labelled ? 1 : 0;
    }
    return alone > 0 && beside > 0;
  }

  /// Whether the first column's labels end at one place and begin at several.
  boolean endsLabelsTogether(List<String> data) {
    Set<Integer> ends = new HashSet<>();
    Set<Integer> starts = new HashSet<>();
    for (String line : data) {
      String label = columns.isEmpty() ? "" : in(columns.getFirst(), line);
      if (!label.isEmpty()) {
        int start = line.indexOf(label, columns.getFirst().start);
        starts.add(start);
        ends.add(start + label.length());
      }
    }
    return ends.size() == 1 && starts.size() > 1;
  }

  /// Whether a word of a line of heads begins or ends just where the right one does, and another
  /// stands over the left one.
  private static boolean partsAt(String head, Column left, Column right) {
    boolean overLeft = false;
    boolean overRight = false;
    for (Piece word : TextLine.words(head)) {
      overLeft |= left.meets(word) && word.end() <= right.start;
      overRight |=
          word.start() == right.start || word.end() == right.end && word.start() >= left.end;
    }
    return overLeft && overRight;
  }

  /// Whether two heads well apart stand over the left column alone and over the right one alone.
  private static boolean headsApart(String head, Column left, Column right) {
    boolean overLeft = false;
    boolean overRight = false;
    for (Piece piece : TextLine.pieces(head)) {
      overLeft |= left.meets(piece) && !right.meets(piece);
      overRight |= right.meets(piece) && !left.meets(piece);
    }
    return overLeft && overRight && right.start - left.end > 1;
  }

  private static boolean endsAt(String head, Column column) {
    return TextLine.words(head).stream()
        .anyMatch(word -> word.end() == column.end && word.start() >= column.start - 1);
  }

  private static boolean crosses(String head, Column left, Column right) {
    return TextLine.words(head).stream().anyMatch(word -> left.meets(word) && right.meets(word));
  }

  private static String in(Column column, String line) {
    return line.substring(
            Math.min(line.length(), column.start), Math.min(line.length(), column.end))
        .strip();
  }

  private static boolean isOfFigures(Column column, List<String> data) {
    return most(column, data, TextLine::isFigure);
  }

  /// Whether what stands in two columns may be the thousands and the rest of one number.
  private static boolean isOfThousands(Column left, Column right, List<String> data) {
    return data.stream()
        .allMatch(
            line ->
                in(left, line).matches("[-−]?[0-9]{1,3}|")
                        && in(right, line).matches("[0-9]{3}([.,][0-9]+)?|")
                    || in(left, line).isEmpty());
  }

  /// Whether a column counts the rows from 1, as some consoles do before their labels.
  private static boolean isOfRowNumbers(Column column, List<String> data) {
    int next = 1;
    for (String line : data) {
      if (!in(column, line).equals("" + next++)) {
        return false;
      }
    }
    return next > 2;
  }

  private static boolean isOfDecimals(Column column, List<String> data) {
    return most(
        column, data, text -> text.matches(".*[0-9][.,][0-9].*") && TextLine.isFigure(text));
  }

  private static boolean isOfFewDigits(Column column, List<String> data) {
    return most(column, data, text -> text.length() <= 2);
  }

  private static boolean isOfStars(Column column, List<String> data) {
    return most(column, data, text -> text.matches("[*.]{1,4}"));
  }

  private static boolean isBracketed(Column column, List<String> data) {
    return most(column, data, text -> text.matches("\\(.*\\)|\\[.*\\]"));
  }

  private static boolean most(Column column, List<String> data, Predicate<String> is) {
    int all = 0;
    int found = 0;
    for (String line : data) {
      String text = in(column, line);
      all += text.isEmpty() ? 0 : 1;
      found += !text.isEmpty() && is.test(text) ? 1 : 0;
    }
    return all > 0 && found * 5 >= all * 4;
  }

  /// How many columns there are.
  int size() {
    return columns.size();
  }

  /// The texts of a line, one a column. What stands between columns goes to the nearest.
  List<String> cells(String line) {
    StringBuilder[] texts = new StringBuilder[columns.size()];
    for (Piece word : TextLine.words(line)) {
      int at = nearest(word);
      if (texts[at] == null) {
        texts[at] = new StringBuilder(word.text());
      } else {
        texts[at].append(' ').append(word.text());
      }
    }
    List<String> cells = new ArrayList<>();
    for (StringBuilder text : texts) {
      cells.add(text == null ? "" : text.toString());
    }
    return cells;
  }

  /// The column that a piece meets or is nearest to.
  int nearest(Piece piece) {
    int nearest = 0;
    int least = Integer.MAX_VALUE;
    for (int i = 0; i < columns.size(); i++) {
      Column column = columns.get(i);
      int away =
          column.meets(piece)
              ? -Math.min(column.end, piece.end()) + Math.max(column.start, piece.start())
              : piece.end() <= column.start
                  ? column.start - piece.end()
                  : piece.start() - column.end;
      if (away < least) {
        nearest = i;
        least = away;
      }
    }
    return nearest;
  }

  /// The columns that a piece meets, first and last; of one that meets none, the nearest.
  int[] met(Piece piece) {
    int first = -1;
    int last = -1;
    for (int i = 0; i < columns.size(); i++) {
      if (columns.get(i).meets(piece)) {
        first = first < 0 ? i : first;
        last = i;
      }
    }
    int nearest = first < 0 ? nearest(piece) : first;
    return new int[] {nearest, first < 0 ? nearest : last};
  }

  /// Whether every word of a line of figures lies within one column of these, and as many columns
  /// are met as in most lines.
  boolean fits(String line) {
    for (Piece word : TextLine.words(line)) {
      if (columns.stream()
          .noneMatch(column -> word.start() >= column.start && word.end() <= column.end)) {
        return false;
      }
    }
    return true;
  }

  @Override
  public String toString() {
    return Arrays.toString(columns.toArray());
  }
}
