package app.finish.core.recognise.sheet;

import app.finish.core.number.NumberReader;
import app.finish.core.recognise.words.Vocabulary;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Set;

/// Weighs where heads end and figures begin. Each row near the border is compared with what stands
/// below it in the same columns: words over figures, years and rising whole numbers over figures
/// that are written otherwise speak for a head; figures written as those below speak for the body.
/// The border is put where most speaks for heads above it and for figures below.
public final class HeadScore {
  private static final int SAMPLE = 200;
  private static final int ROWS_BELOW = 4;

  private final ReadGrid grid;
  private final int from;

  /// @param from the first column that may hold figures
  HeadScore(ReadGrid grid, int from) {
    this.grid = grid;
    this.from = from;
  }

  /// Where the body begins: the row near `guess` for which most speaks.
  ///
  /// @param top the first row that may be of heads
  /// @param last the last row with figures
  int best(int top, int guess, int last) {
    int least = Math.max(top, guess - 2);
    int most = Math.min(last, guess + ROWS_BELOW);
    double score = 0;
    double best = guess == least ? 0.4 : 0;
    int at = least;
    for (int row = least; row < most; row++) {
      score += weigh(row, top, last);
      double with = score + (row + 1 == guess ? 0.4 : 0);
      if (with > best + 1e-9 && !grid.isBlankRow(row + 1) || row + 1 == guess && with >= best) {
        best = with;
        at = row + 1;
      }
    }
    return at;
  }

  /// What speaks for a row being one of heads (above 0) or of the body (below).
  private double weigh(int row, int top, int last) {
    int words = 0;
    int numbers = 0;
    int alike = 0;
    int filled = 0;
    boolean numbersLast = true;
    for (int column = from; column < grid.columns(); column++) {
      if (grid.isBlank(row, column) || isEllipsis(row, column)) {
        continue;
      }
      boolean number = grid.isNumber(row, column);
      boolean figures = isOfFigures(column, row + 1, last);
      filled += number || figures ? 1 : 0;
      numbersLast &= number || numbers == 0;
      words += !number && figures && grid.isText(row, column) ? 1 : 0;
      numbers += number ? 1 : 0;
      alike += number && isAlike(row, column, last) ? 1 : 0;
    }
    if (filled == 0) {
      return 0;
    }
    if (numbers == 0) {
      boolean labelled = from > 0 && grid.isText(row, 0) || grid.isNumber(row, 0);
      return words > 0 ? 2.0 * words / filled : labelled && row > top ? -1 : 0;
    }
    double series = numbersLast || words > 0 ? series(row, last) : 0;
    boolean labelled = from > 0 && !grid.isBlank(row, 0);
    boolean total = labelled && Vocabulary.saysTotal(grid.text(row, 0));
    double weight = 2.0 * (words - numbers) / filled + series;
    weight += series > 0 && alike == 0 ? 0.8 : 0;
    weight += series > 0 && !hasHeadsAbove(row, top) ? 0.8 : 0;
    weight += isUnlabelledAndOther(row, top, last) ? 2.5 : 0;
    weight -= series > 0 && isHeadedWhole(row, top) ? 2.5 : 0;
    return total ? -2 : weight;
  }

  private boolean isEllipsis(int row, int column) {
    String text = grid.text(row, column).strip();
    return text.equals("...") || text.equals("…");
  }

  /// Whether a first row of whole numbers has no label, while all below have one and decimals.
  private boolean isUnlabelledAndOther(int row, int top, int last) {
    if (row != top || from == 0 || !grid.isBlank(row, 0) || row + 2 > last) {
      return false;
    }
    for (int below = row + 1; below <= Math.min(last, row + SAMPLE); below++) {
      if (grid.isBlank(below, 0)) {
        return false;
      }
    }
    for (int column = from; column < grid.columns(); column++) {
      boolean whole = grid.isNumber(row, column) && grid.decimals(row, column) == 0;
      boolean decimals =
          grid.isNumber(row + 1, column)
              ? grid.decimals(row + 1, column) > 0
              : !grid.isBlank(row + 1, column) && !grid.isText(row + 1, column);
      if (!isEllipsis(row, column) && !(whole && decimals)) {
        return false;
      }
    }
    return true;
  }

  /// How much the numbers of a row are like labels: years, percents or whole numbers that rise.
  private double series(int row, int last) {
    double before = Double.NEGATIVE_INFINITY;
    double step = 0;
    boolean even = true;
    boolean years = true;
    boolean percents = true;
    String unit = measuredUnit(row, last);
    int count = 0;
    for (int column = from; column < grid.columns(); column++) {
      if (!grid.isNumber(row, column)) {
        continue;
      }
      double number = grid.number(row, column);
      boolean percent = grid.unit(row, column).equals("%") || !unit.isEmpty();
      boolean whole = number == Math.rint(number) && grid.decimals(row, column) == 0;
      if (!whole && !percent || number < 0 || grid.text(row, column).indexOf('(') >= 0) {
        return 0;
      }
      boolean year = grid.isYear(row, column);
      boolean again = count > 0 && number <= before && year;
      if (number <= before && !again || !grid.unit(row, column).isEmpty() && !percent) {
        return 0;
      }
      even &= count < 2 || Math.abs(number - before - step) < 1e-9;
      step = number - before;
      years &= year;
      percents &= percent;
      before = number;
      count++;
    }
    if (years) {
      return columnsOfYears(last, row) ? 0 : 3;
    }
    if (percents && (!unit.isEmpty() || !bodyHas("%", row, last))) {
      return 2.5;
    }
    return count < 2 ? 0 : count == 2 ? 0.8 : even ? 2.4 : 1.8;
  }

  private boolean columnsOfYears(int last, int row) {
    int years = 0;
    int all = 0;
    for (int below = row + 1; below <= Math.min(last, row + SAMPLE); below++) {
      for (int column = from; column < grid.columns(); column++) {
        all += grid.isNumber(below, column) ? 1 : 0;
        years += grid.isYear(below, column) ? 1 : 0;
      }
    }
    return years * 2 > all;
  }

  /// The unit of measurement that all numbers of a row bear and none below: doses or times over
  /// figures; often the empty string.
  private String measuredUnit(int row, int last) {
    String unit = "";
    for (int column = from; column < grid.columns(); column++) {
      if (grid.isNumber(row, column)) {
        String own = grid.unit(row, column);
        if (own.isEmpty() || !unit.isEmpty() && !own.equals(unit)) {
          return "";
        }
        unit = own;
      }
    }
    boolean measured = !unit.equals("%") && !NumberReader.isCurrency(unit);
    return measured && !bodyHas(unit, row, last) ? unit : "";
  }

  private boolean bodyHas(String unit, int row, int last) {
    for (int below = row + 1; below <= Math.min(last, row + ROWS_BELOW); below++) {
      for (int column = from; column < grid.columns(); column++) {
        if (grid.unit(below, column).equals(unit)) {
          return true;
        }
      }
    }
    return false;
  }

  private boolean hasHeadsAbove(int row, int top) {
    for (int above = top; above < row; above++) {
      if (grid.filled(above) > 1) {
        return true;
      }
    }
    return false;
  }

  /// Whether the heads above tell each column from the others, so that they are whole already.
  private boolean isHeadedWhole(int row, int top) {
    Set<String> paths = new HashSet<>();
    for (int column = from; column < grid.columns(); column++) {
      StringBuilder path = new StringBuilder();
      boolean headed = false;
      for (int above = top; above < row; above++) {
        String label = grid.label(above, column);
        headed |= !label.isEmpty();
        path.append(label).append('\n');
      }
      if (grid.isNumber(row, column) && (!headed || !paths.add(path.toString()))) {
        return false;
      }
    }
    return row > top;
  }

  private boolean isOfFigures(int column, int top, int last) {
    int numbers = 0;
    int texts = 0;
    for (int row = top; row <= Math.min(last, top + SAMPLE); row++) {
      numbers += grid.isNumber(row, column) ? 1 : 0;
      texts += grid.isText(row, column) ? 1 : 0;
    }
    return numbers > texts;
  }

  /// Whether a number is written as those below it: with as many decimals and of about their size.
  private boolean isAlike(int row, int column, int last) {
    double[] sizes = new double[ROWS_BELOW];
    int count = 0;
    boolean decimals = false;
    for (int below = row + 1; below <= last && count < ROWS_BELOW; below++) {
      if (grid.isNumber(below, column)) {
        sizes[count++] = Math.abs(grid.number(below, column));
        decimals |= grid.decimals(below, column) == grid.decimals(row, column);
      }
    }
    if (count == 0) {
      return false;
    }
    Arrays.sort(sizes, 0, count);
    double own = Math.abs(grid.number(row, column)) + 1;
    return decimals && own >= (sizes[0] + 1) / 4 && own <= (sizes[count - 1] + 1) * 4;
  }
}
