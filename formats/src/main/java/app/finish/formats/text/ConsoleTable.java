package app.finish.formats.text;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import app.finish.formats.io.SheetBuilder;
import app.finish.formats.text.ConsoleBlocks.Block;
import app.finish.formats.text.ConsoleHeads.Head;
import app.finish.formats.text.TextLine.Piece;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/// Makes a grid of one table that a console printed.
public final class ConsoleTable {
  private final List<String> lines;
  private final ConsoleColumns columns;
  private final ConsoleHeads heads;
  private final boolean indents;

  private ConsoleTable(List<String> lines) {
    this.lines = lines.stream().map(line -> line.replaceFirst("\\s*\\\\$", "")).toList();
    this.columns = ConsoleColumns.of(this.lines);
    this.heads = new ConsoleHeads(columns);
    this.indents =
        !columns.endsLabelsTogether(
            this.lines.stream()
                .filter(line -> ConsoleLine.isData(line) && !TextLine.isSeries(line))
                .toList());
  }

  /// The grid of a block.
  static Grid grid(Block block, String name) throws IOException {
    SheetBuilder sheet = new SheetBuilder(name);
    for (String line : block.words()) {
      addWords(sheet, line);
    }
    if (ConsolePanel.isPanel(block.lines())) {
      List<String> pairs = new ArrayList<>();
      for (String line : block.lines()) {
        if (TextLine.isRule(line)
            || ConsolePanel.isPanel(List.of(line))
            || !pairs.isEmpty()
            || TextLine.pieces(line).size() > 1) {
          pairs.add(line);
        } else {
          addWords(sheet, line);
        }
      }
      for (List<String> pair : ConsolePanel.pairs(pairs)) {
        sheet.beginRow();
        sheet.add(GridCell.of(pair.get(0)));
        sheet.add(GridCell.of(pair.get(1)));
      }
    } else {
      new ConsoleTable(RaggedText.straight(Series.headed(block))).addTo(sheet);
    }
    for (String line : Series.notes(block)) {
      addWords(sheet, line);
    }
    return sheet.grid("");
  }

  private static void addWords(SheetBuilder sheet, String line) throws IOException {
    String[] layer = line.replaceFirst("^\\s*\\$`?([\\p{L}._][\\w.:]*)`?$", "$1").split("\u0000");
    if (layer.length == 2) {
      sheet.beginRow();
      sheet.add(GridCell.of(layer[0]));
      sheet.add(GridCell.of(layer[1]));
      sheet.beginRow();
    } else if (!TextLine.isRule(line) || line.strip().matches("[*]+")) {
      sheet.addLine(layer[0].strip());
    }
  }

  private void addTo(SheetBuilder sheet) throws IOException {
    int first = ConsoleColumns.firstData(lines);
    boolean headed = false;
    for (int i = 0; i < lines.size(); i++) {
      String line = lines.get(i);
      if (TextLine.isRule(line)) {
        continue;
      }
      if (line.isBlank()) {
        sheet.beginRow();
        continue;
      }
      String below = i + 1 < lines.size() ? lines.get(i + 1) : "";
      if (columns.size() == 0) {
        addWords(sheet, line);
      } else if (i >= first) {
        addBelow(sheet, line);
      } else if (headed
          && BoxedText.isOfTypes(TextLine.words(line).stream().map(Piece::text).toList())) {
        continue;
      } else if (isWords(i, headed, first)) {
        addWords(sheet, line);
      } else {
        boolean more = moreHeads(i, first);
        add(sheet, heads.place(line, below, more), line);
        headed = true;
      }
    }
  }

  private boolean moreHeads(int at, int first) {
    for (int i = at + 1; i < first; i++) {
      if (!TextLine.isRule(lines.get(i)) && TextLine.pieces(lines.get(i)).size() > 1) {
        return true;
      }
    }
    return first < lines.size() && isOfYears(lines.get(first));
  }

  /// Heads may be numbers: the first line that counts as figures then is the last of the heads.
  private static boolean isOfYears(String line) {
    return TextLine.words(line).stream()
        .skip(1)
        .allMatch(word -> word.text().matches("[0-9]{1,4}"));
  }

  /// Whether a line above the figures is words and no head: one piece from the left, with a rule
  /// across or heads below it.
  private boolean isWords(int at, boolean headed, int first) {
    List<Piece> pieces = TextLine.pieces(lines.get(at));
    if (headed || pieces.size() != 1 || columns.size() == 0) {
      return false;
    }
    if (heads.place(lines.get(at), "", false).size() >= Math.max(2, columns.size() - 1)) {
      return false;
    }
    String below = at + 1 < lines.size() ? lines.get(at + 1) : "";
    boolean ruled = TextLine.isRule(below) && TextLine.pieces(below).size() == 1;
    int start = below.length() - below.stripLeading().length();
    if (ruled && start <= columns.columns().getFirst().start() + 1) {
      boolean headsFollow =
          lines.subList(at + 1, first).stream().anyMatch(line -> !TextLine.isRule(line));
      return headsFollow || TextLine.words(lines.get(at)).size() > 1;
    }
    int words = TextLine.words(lines.get(at)).size();
    boolean overAnother =
        words < 3
            && pieces.getFirst().start() >= columns.columns().getFirst().end()
            && columns.size() > 1;
    boolean left =
        !overAnother && pieces.getFirst().start() <= columns.columns().getFirst().start() + 8;
    boolean namesTheStub = TextLine.words(lines.get(at)).size() == 1 && at == first - 1;
    return left && !ruled && !namesTheStub;
  }

  private void add(SheetBuilder sheet, List<Head> placed, String line) throws IOException {
    String[] texts = new String[columns.size()];
    int[] spans = new int[columns.size()];
    for (Head head : placed) {
      texts[head.column()] =
          texts[head.column()] == null ? head.text() : texts[head.column()] + " " + head.text();
      spans[head.column()] = Math.max(spans[head.column()], head.span());
    }
    for (int column = 0; column < columns.size(); column++) {
      for (int inside = 1; inside < spans[column]; inside++) {
        spans[column] = texts[column + inside] == null ? spans[column] : inside;
      }
    }
    sheet.beginRow();
    for (int column = 0; column < columns.size(); column += Math.max(1, spans[column])) {
      String text = texts[column] == null ? "" : texts[column];
      sheet.add(
          GridCell.of(column == 0 ? indented(text, line) : text)
              .spanning(1, Math.max(1, spans[column])));
    }
  }

  private void addBelow(SheetBuilder sheet, String line) throws IOException {
    if (!ConsoleLine.isData(line)) {
      List<Piece> pieces = TextLine.pieces(line);
      boolean alone = pieces.size() == 1 && columns.nearest(pieces.getFirst()) == 0;
      if (alone) {
        sheet.addLine(indented(line.strip(), line));
        return;
      }
    }
    List<String> cells = columns.cells(line);
    sheet.beginRow();
    for (int column = 0; column < cells.size(); column++) {
      sheet.add(GridCell.of(column == 0 ? indented(cells.get(column), line) : cells.get(column)));
    }
  }

  private String indented(String text, String line) {
    int blanks = line.length() - line.stripLeading().length();
    return indents && !text.isEmpty() ? " ".repeat(blanks) + text : text;
  }
}
