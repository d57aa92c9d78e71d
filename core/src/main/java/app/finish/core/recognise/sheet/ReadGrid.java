package app.finish.core.recognise.sheet;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import app.finish.core.number.NumberReader;
import app.finish.core.number.WrittenNumber;
import app.finish.core.recognise.said.BracketMeaning;
import app.finish.core.recognise.words.PairedCells;
import app.finish.core.recognise.words.Vocabulary;
import app.finish.core.table.Value;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.CancellationException;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// A grid with its numbers read and its spans known.
public final class ReadGrid {
  private static final int MOST_WORDS = 4;
  private static final Pattern FLAGGED =
      Pattern.compile("([-−–]?[€$£]?[0-9][0-9.,]*\\s?%?)\\s?(\\[[A-Za-z]{1,2}\\]|[A-Za-z]{1,2})");

  private final Grid grid;
  private final NumberReader reader;
  private final double[] values;
  private final byte[] decimals;
  private final byte[] units;
  private final List<String> knownUnits = new ArrayList<>(List.of(""));
  private final Map<Integer, Integer> covered = new HashMap<>();
  private final FootnoteMarks footnotes;
  private final Map<Integer, String> bareTexts = new HashMap<>();
  private final Map<Integer, String> marks = new TreeMap<>();
  private final Brackets brackets;
  private int numbersColumns = -1;
  private boolean pairs;

  public ReadGrid(Grid source, Optional<BracketMeaning> said) {
    this.grid = StarColumns.folded(source);
    this.brackets = Brackets.of(grid, said);
    this.reader = NumberReader.forTexts(sampleOfTexts(grid));
    this.footnotes = FootnoteMarks.of(grid);
    this.values = new double[grid.rows() * grid.columns()];
    this.decimals = new byte[values.length];
    this.units = new byte[values.length];
    for (int row = 0; row < grid.rows(); row++) {
      if (Thread.currentThread().isInterrupted()) {
        throw new CancellationException("recognising was stopped");
      }
      boolean numbered = grid.columns() > 1 && Brackets.numbersColumns(grid, row);
      numbersColumns = numbered ? row : numbersColumns;
      for (int column = 0; column < grid.columns(); column++) {
        read(row, column);
      }
    }
    new LetterUnits(grid, values).find().forEach(this::takeUnit);
    flagged();
  }

  private void takeUnit(int index, Matcher match) {
    reader
        .read(match.group(1))
        .ifPresent(
            number -> {
              values[index] = number.value();
              decimals[index] = (byte) number.decimals();
              units[index] = numbered(match.group(2));
            });
  }

  /// Reads figures with a letter or two behind them, as offices of statistics flag them, where the
  /// other figures of their column are plain. The flag is a mark.
  private void flagged() {
    for (int column = 1; column < grid.columns(); column++) {
      Map<Integer, Matcher> flags = new HashMap<>();
      int numbers = 0;
      int others = 0;
      for (int row = 0; row < grid.rows(); row++) {
        if (isNumber(row, column)) {
          numbers++;
        } else if (!grid.at(row, column).isBlank()) {
          Matcher flag = FLAGGED.matcher(grid.at(row, column).text().strip());
          boolean mark = flag.matches() && isAmongFigures(row, column);
          others += mark ? 0 : 1;
          if (others >= MOST_WORDS) {
            break;
          }
          if (mark) {
            flags.put(row, flag);
          }
        }
      }
      for (Map.Entry<Integer, Matcher> flag :
          numbers > 0 && others < MOST_WORDS
              ? flags.entrySet()
              : Map.<Integer, Matcher>of().entrySet()) {
        take(flag.getKey(), column, flag.getValue());
      }
    }
  }

  /// Whether a row bears a label, and plain figures beside this column, or nothing but flagged ones
  /// that are no years.
  private boolean isAmongFigures(int row, int column) {
    int plain = 0;
    boolean flags = true;
    for (int other = 1; other < grid.columns(); other++) {
      plain += isNumber(row, other) ? 1 : 0;
      flags &= isFlaggedOrMissing(grid.at(row, other).text().strip());
    }
    return row > 0
        && (plain > 0 || flags)
        && (!grid.at(row, 0).isBlank() || !grid.at(row - 1, 0).isBlank())
        && !marks.containsKey(row * grid.columns() + column);
  }

  private static boolean isFlaggedOrMissing(String text) {
    boolean missing = Vocabulary.isPlaceholder(text.replaceFirst("\\s[a-z]$", ""));
    return missing
        || FLAGGED.matcher(text).matches() && !text.matches("(19|20)[0-9]{2}\\s?[A-Za-z]{1,2}");
  }

  private void take(int row, int column, Matcher flag) {
    Optional<WrittenNumber> number = reader.read(flag.group(1).strip());
    if (number.isPresent()) {
      int index = row * grid.columns() + column;
      values[index] = number.get().value();
      decimals[index] = (byte) number.get().decimals();
      units[index] = numbered(number.get().unit());
      marks.put(index, flag.group(2).replaceAll("[\\[\\]]", ""));
      bareTexts.put(index, flag.group(1).strip());
    }
  }

  private static List<String> sampleOfTexts(Grid grid) {
    List<String> texts = new ArrayList<>();
    for (int row = 0; row < grid.rows() && texts.size() < 20_000; row++) {
      for (int column = 0; column < grid.columns(); column++) {
        GridCell cell = grid.at(row, column);
        if (!cell.isBlank() && cell.number().isEmpty()) {
          texts.add(cell.text());
        }
      }
    }
    return texts;
  }

  private void read(int row, int column) {
    GridCell cell = grid.at(row, column);
    int index = row * grid.columns() + column;
    values[index] = Double.NaN;
    if (cell.rowSpan() > 1 || cell.columnSpan() > 1) {
      cover(row, column, cell);
    }
    if (cell.isBlank() && cell.number().isEmpty()) {
      return;
    }
    if (row == numbersColumns) {
      return;
    }
    String text = withoutMark(cell, index);
    boolean figure =
        brackets.meaning() == BracketMeaning.FIGURE
            && cell.number().isEmpty()
            && Brackets.isBracketed(text);
    boolean pair = cell.number().isEmpty() && PairedCells.isPair(text);
    pairs |= pair;
    Optional<WrittenNumber> written =
        reader.read(
            pair
                ? text.replaceFirst("\\s*[(\\[±].*", "")
                : figure ? text.replaceAll("[()]", "").strip() : text);
    written.map(WrittenNumber::unit).ifPresent(unit -> units[index] = numbered(unit));
    if (cell.number().isPresent()) {
      boolean percent = written.isPresent() && written.get().unit().equals("%");
      double number = cell.number().getAsDouble();
      values[index] = percent ? BigDecimal.valueOf(number).movePointRight(2).doubleValue() : number;
      decimals[index] = (byte) written.map(WrittenNumber::decimals).orElse(0).intValue();
    } else if (written.isPresent()) {
      values[index] = written.get().value();
      decimals[index] = (byte) written.get().decimals();
    }
  }

  /// The number of a unit among those seen; a grid has few.
  private byte numbered(String unit) {
    if (unit.isEmpty()) {
      return 0;
    }
    int known = knownUnits.indexOf(unit);
    if (known < 0 && knownUnits.size() <= Byte.MAX_VALUE) {
      knownUnits.add(unit);
      known = knownUnits.size() - 1;
    }
    return (byte) Math.max(0, known);
  }

  private String withoutMark(GridCell cell, int index) {
    FootnoteMarks.Marked marked = footnotes.read(cell);
    if (!marked.mark().isEmpty()) {
      marks.put(index, marked.mark());
      bareTexts.put(index, marked.text());
    }
    return marked.text();
  }

  /// What reads the numbers of the grid: it knows their decimal mark.
  public NumberReader reader() {
    return reader;
  }

  /// The marks of footnotes by their place, row by row.
  public Map<Integer, String> marks() {
    return marks;
  }

  private void cover(int row, int column, GridCell cell) {
    int owner = row * grid.columns() + column;
    for (int r = row; r < Math.min(grid.rows(), row + cell.rowSpan()); r++) {
      for (int c = column; c < Math.min(grid.columns(), column + cell.columnSpan()); c++) {
        covered.put(r * grid.columns() + c, owner);
      }
    }
  }

  public Grid grid() {
    return grid;
  }

  /// What figures in brackets mean.
  public Brackets brackets() {
    return brackets;
  }

  /// Whether a figure in brackets stands here, whatever it means.
  public boolean isBracketed(int row, int column) {
    return grid.at(row, column).number().isEmpty() && Brackets.isBracketed(text(row, column));
  }

  /// Whether cells hold two figures somewhere.
  public boolean hasPairs() {
    return pairs;
  }

  /// Whether a figure with another in brackets stands here.
  public boolean isPair(int row, int column) {
    return pairs
        && grid.at(row, column).number().isEmpty()
        && PairedCells.isPair(text(row, column));
  }

  public int rows() {
    return grid.rows();
  }

  public int columns() {
    return grid.columns();
  }

  public GridCell cell(int row, int column) {
    return grid.at(row, column);
  }

  /// The text of a cell without the mark of a footnote.
  public String text(int row, int column) {
    if (!bareTexts.isEmpty()) {
      String bare = bareTexts.get(row * grid.columns() + column);
      if (bare != null) {
        return bare;
      }
    }
    return grid.at(row, column).text().strip();
  }

  /// The text of the cell that stands here or reaches over here.
  public String label(int row, int column) {
    Integer owner = covered.get(row * grid.columns() + column);
    return owner == null ? text(row, column) : text(owner / grid.columns(), owner % grid.columns());
  }

  /// Whether a cell further up or left reaches over this place.
  public boolean isCovered(int row, int column) {
    int index = row * grid.columns() + column;
    Integer owner = covered.get(index);
    return owner != null && owner != index;
  }

  /// Whether a cell further up reaches down over this place.
  public boolean isCoveredFromAbove(int row, int column) {
    Integer owner = covered.get(row * grid.columns() + column);
    return owner != null && owner / grid.columns() < row;
  }

  /// Whether a cell further left reaches over this place.
  public boolean isCoveredFromLeft(int row, int column) {
    Integer owner = covered.get(row * grid.columns() + column);
    return owner != null && owner % grid.columns() < column;
  }

  public boolean isBlank(int row, int column) {
    return grid.at(row, column).isBlank();
  }

  public boolean isNumber(int row, int column) {
    return !Double.isNaN(values[row * grid.columns() + column]);
  }

  /// The number in this place, or NaN.
  public double number(int row, int column) {
    return values[row * grid.columns() + column];
  }

  public int decimals(int row, int column) {
    return decimals[row * grid.columns() + column];
  }

  public String unit(int row, int column) {
    return knownUnits.get(units[row * grid.columns() + column]);
  }

  /// Whether the number in this place is written like a year.
  boolean isYear(int row, int column) {
    double number = number(row, column);
    return number >= 1900
        && number <= 2100
        && number == Math.rint(number)
        && text(row, column).length() == 4;
  }

  /// Whether a text that is neither number nor placeholder stands in this place.
  boolean isText(int row, int column) {
    return !isBlank(row, column)
        && !isNumber(row, column)
        && !Vocabulary.isPlaceholder(text(row, column));
  }

  boolean isBlankRow(int row) {
    for (int column = 0; column < columns(); column++) {
      if (!isBlank(row, column) || isCoveredFromAbove(row, column)) {
        return false;
      }
    }
    return true;
  }

  int filled(int row) {
    int count = 0;
    for (int column = 0; column < columns(); column++) {
      count += isBlank(row, column) ? 0 : 1;
    }
    return count;
  }

  public int firstFilled(int row) {
    for (int column = 0; column < columns(); column++) {
      if (!isBlank(row, column)) {
        return column;
      }
    }
    return -1;
  }

  /// Whether a figure can be kept as a number: one with more digits than a number holds is kept as
  /// the text that it is.
  private boolean isExact(int row, int column, String text) {
    return text.length() <= 15
        || grid.at(row, column).number().isPresent()
        || reader.read(text).map(WrittenNumber::exact).orElse(true);
  }

  /// The value of a body in this place.
  public Value value(int row, int column) {
    String text = text(row, column);
    boolean untold = brackets.meaning() == BracketMeaning.UNTOLD && isBracketed(row, column);
    if (untold || isNumber(row, column) && isPair(row, column)) {
      return Value.text(text);
    }
    if (isNumber(row, column) && isExact(row, column, text)) {
      return Value.number(number(row, column), text);
    }
    if (text.isEmpty()) {
      return Value.BLANK;
    }
    if (Vocabulary.isMissing(text)) {
      return new Value.Missing(Value.Reason.DASH, text);
    }
    return Vocabulary.isError(text)
        ? new Value.Missing(Value.Reason.ERROR, text)
        : Value.text(text);
  }
}
