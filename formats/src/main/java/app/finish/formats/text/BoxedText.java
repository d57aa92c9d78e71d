package app.finish.formats.text;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import app.finish.formats.io.Hidden;
import app.finish.formats.io.SheetBuilder;
import app.finish.formats.io.Sheets;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/// Reads tables whose cells are parted by drawn lines, of ASCII signs or of box characters.
///
/// ```java
/// BoxedText.isBoxed(List.of("+----+----+", "| a  |  1 |", "+----+----+")); // true
/// ```
public final class BoxedText {
  private static final Pattern BOX_RULE =
      Pattern.compile(
          "[\\s|]*[-=]{2,}\\+[-=+|\\s]*|[\\s]*\\+[-=+]+\\+|.*[─━═╌┄][\\u250C-\\u257F].*|\\s*[\\u250C-\\u257F][─━═╌┄-]+.*");
  private static final String BARS = "|│┃║┆╎╷╵";
  private static final Pattern TYPE =
      Pattern.compile(
          "---|…|str|f32|f64|[iu](8|16|32|64)|bool|cat|date|datetime.*|<[a-z]{3,4}>|varchar|double|bigint|integer|int(32|64)|float(32|64)|(String|Int|Float|UInt)[0-9]*\\??|Bool\\??|Date\\??|DateTime\\??|Any|Missing");

  private BoxedText() {}

  /// Whether drawn lines cross between the columns of these lines, or each begins and ends with a
  /// bar.
  static boolean isBoxed(List<String> lines) {
    long framed = lines.stream().filter(line -> isFramed(line.strip())).count();
    return lines.stream().anyMatch(line -> BOX_RULE.matcher(line).matches())
        || framed > 1 && framed * 10 >= lines.size() * 6;
  }

  private static boolean isFramed(String line) {
    return line.length() > 2
        && BARS.indexOf(line.charAt(0)) >= 0
        && BARS.indexOf(line.charAt(line.length() - 1)) >= 0;
  }

  private static boolean isRule(String line) {
    return TextLine.isRule(line) && !line.isBlank();
  }

  private static boolean hasBar(String line) {
    return line.chars().anyMatch(c -> BARS.indexOf(c) >= 0);
  }

  /// The grids of a text: a table's lines are those with bars and rules; words stand above and
  /// below them.
  static Sheets read(List<String> lines, String name) throws IOException {
    List<Grid> grids = new ArrayList<>();
    List<String> words = new ArrayList<>();
    List<String> talk = new ArrayList<>();
    int at = 0;
    while (at < lines.size()) {
      if (!isRule(lines.get(at)) && !hasBar(lines.get(at))) {
        boolean said = ConsoleLine.isTalk(lines.get(at));
        (said ? talk : words).add(lines.get(at++));
        continue;
      }
      int end = at;
      while (end < lines.size() && (isRule(lines.get(end)) || hasBar(lines.get(end)))) {
        end++;
      }
      int notes = end;
      while (notes < lines.size()
          && !lines.get(notes).isBlank()
          && !isRule(lines.get(notes))
          && !hasBar(lines.get(notes))) {
        notes++;
      }
      List<String> below = new ArrayList<>(lines.subList(end, notes));
      below.stream().filter(ConsoleLine::isTalk).forEach(talk::add);
      below.removeIf(ConsoleLine::isTalk);
      grids.add(grid(words, lines.subList(at, end), below, name));
      words.clear();
      at = notes;
    }
    words.addAll(0, talk);
    List<String> outside = words.stream().filter(word -> !word.isBlank()).toList();
    return new Sheets(grids, Hidden.NONE, outside);
  }

  private static Grid grid(List<String> words, List<String> lines, List<String> notes, String name)
      throws IOException {
    SheetBuilder sheet = new SheetBuilder(name);
    for (String word : words) {
      if (!word.isBlank()) {
        sheet.addLine(word.strip());
      }
    }
    List<List<String>> rows = new ArrayList<>();
    for (String line : lines) {
      if (!isRule(line)) {
        rows.add(cells(line));
      }
    }
    int width = rows.stream().mapToInt(List::size).max().orElse(0);
    boolean begun = false;
    boolean indents = alignsLeft(rows, width);
    for (List<String> row : rows) {
      boolean types = begun && isOfTypes(row);
      if (types || row.stream().allMatch(String::isBlank)) {
        continue;
      }
      if (row.size() == 1 && width > 1) {
        sheet.addLine(row.getFirst().strip());
        continue;
      }
      begun = true;
      sheet.beginRow();
      for (int i = 0; i < row.size(); i++) {
        String text = row.get(i).stripTrailing();
        boolean indented = i == 0 && indents;
        sheet.add(GridCell.of(indented ? text : text.strip()));
      }
    }
    for (String note : notes) {
      sheet.addLine(note.strip());
    }
    return sheet.grid("");
  }

  /// Whether a row tells the types of the columns.
  static boolean isOfTypes(List<String> row) {
    return row.stream().anyMatch(cell -> TYPE.matcher(cell.strip()).matches())
        && row.stream().allMatch(cell -> cell.isBlank() || TYPE.matcher(cell.strip()).matches());
  }

  /// Whether the cells of the first column begin at one place but for those further in, and end at
  /// several.
  private static boolean alignsLeft(List<List<String>> rows, int width) {
    int least = Integer.MAX_VALUE;
    int atLeast = 0;
    int labels = 0;
    int centred = 0;
    int right = 0;
    for (List<String> row : rows) {
      String cell = row.getFirst();
      if (row.size() == width && !cell.isBlank()) {
        int before = cell.length() - cell.stripLeading().length();
        int after = cell.length() - cell.stripTrailing().length();
        atLeast = before < least ? 1 : before == least ? atLeast + 1 : atLeast;
        least = Math.min(least, before);
        centred += before > 1 && Math.abs(before - after) <= 1 ? 1 : 0;
        right += after == 1 ? 1 : 0;
        labels++;
      }
    }
    return right < labels && atLeast > 1 && atLeast * 5 >= labels && centred * 2 < labels;
  }

  /// The cells of a line: what stands between its bars.
  private static List<String> cells(String line) {
    String bare = line.strip();
    if (BARS.indexOf(bare.charAt(0)) >= 0) {
      bare = bare.substring(1);
    }
    if (!bare.isEmpty() && BARS.indexOf(bare.charAt(bare.length() - 1)) >= 0) {
      bare = bare.substring(0, bare.length() - 1);
    }
    List<String> cells = new ArrayList<>();
    int start = 0;
    for (int i = 0; i < bare.length(); i++) {
      // A bar between letters, as in "P>|t|", parts nothing.
      boolean apart =
          bare.charAt(i) != '|'
              || i == 0
              || bare.charAt(i - 1) == ' '
              || i + 1 < bare.length()
                  && bare.charAt(i + 1) == ' '
                  && (i + 2 >= bare.length() || bare.charAt(i - 1) == ' ');
      if (BARS.indexOf(bare.charAt(i)) >= 0 && apart) {
        cells.add(bare.substring(start, i));
        start = i + 1;
      }
    }
    cells.add(bare.substring(start));
    return cells;
  }

  /// Whether what stands between bars is itself set in columns, so that the bars only part groups
  /// of them.
  static boolean partsGroupsOnly(List<String> lines) {
    for (String line : lines) {
      if (!isRule(line) && hasBar(line)) {
        for (String cell : cells(line)) {
          long figures =
              TextLine.words(cell).stream().filter(word -> TextLine.isFigure(word.text())).count();
          if (figures > 1 && cell.strip().contains("  ")) {
            return true;
          }
        }
      }
    }
    return false;
  }

  /// Whether bars with blanks around them stand in most lines of figures though no lines are drawn,
  /// as between figures and their total.
  static boolean partsByBars(List<String> lines) {
    List<String> data = lines.stream().filter(ConsoleLine::isData).toList();
    long barred = data.stream().filter(line -> line.matches(".*\\s[|│]\\s.*")).count();
    return barred > 1 && barred * 10 >= data.size() * 8;
  }

  /// The lines with blanks in the place of the bars.
  static List<String> withoutBars(List<String> lines) {
    List<String> bare = new ArrayList<>();
    for (String line : lines) {
      bare.add(line.replaceAll("(?<=\\s|^)[|](?=\\s|$)|[│┃║┆╎]", " ").stripTrailing());
    }
    return bare;
  }
}
