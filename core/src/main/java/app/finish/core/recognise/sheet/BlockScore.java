package app.finish.core.recognise.sheet;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import app.finish.core.recognise.words.Vocabulary;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.regex.Pattern;

/// Weighs whether what stands below or beside a place in a sheet is a table of its own or goes on
/// with the one before. Heads of its own, a title, labels of its own and other columns of figures
/// speak for a table; figures under the heads above, and a total of what stands above, against it.
///
/// ```java
/// new BlockScore(sheet).below(0, 12); // above 0: a table begins in row 12
/// ```
final class BlockScore {
  private static final int SAMPLE = 200;
  private static final int HEADS = 20;
  private static final Pattern NUMBERED =
      Pattern.compile(
          "(table|tab\\.|tabelle|tableau|panel|part)\\s+[A-Z]?[0-9A-Z].*",
          Pattern.CASE_INSENSITIVE);

  private final Grid grid;

  BlockScore(Grid grid) {
    this.grid = grid;
  }

  /// What speaks for a table that begins in a row (above 0) or for one that goes on (below).
  ///
  /// @param start the first row of the table before
  /// @param next the row in question
  double below(int start, int next) {
    List<String> heads = headsFrom(next);
    double weight = heads.isEmpty() ? -1.5 : 1.5;
    weight += NUMBERED.matcher(firstText(next)).matches() ? 0.5 : 0;
    weight += !heads.isEmpty() && heads.equals(headsFrom(start)) ? 0.5 : 0;
    weight += 0.5 - likeness(columnsOfFigures(start, next), columnsOfFigures(next, grid.rows()));
    return weight - (totalsAbove(start, next) ? 2 : 0);
  }

  /// What speaks for a table that begins directly below another, with no blank row between: a title
  /// alone in its row, and heads below it that are those above or stand over other columns.
  double directlyBelow(int start, int next) {
    boolean alone = filled(next) == 1 && !grid.at(next, 0).isBlank() && next + 2 < grid.rows();
    if (!alone || isData(next) || isData(next + 1)) {
      return -1;
    }
    List<String> heads = headsFrom(next + 1);
    boolean headed = heads.size() > 1 && filled(next + 1) == heads.size() && isData(next + 2);
    double weight = headed ? 0 : -2;
    weight += NUMBERED.matcher(firstText(next)).matches() ? 1.5 : 0;
    weight += heads.equals(headsFrom(start)) ? 0.4 : 0;
    weight += filled(next + 1) != filledOfHeads(start) ? 0.4 : 0;
    return weight - 1;
  }

  /// What speaks for a table that begins in a column (above 0) or for one that goes on (below).
  ///
  /// @param start the first column of the table before
  /// @param next the column in question
  /// @param apart whether a blank column parts it from what stands before
  double beside(int start, int next, boolean apart) {
    boolean headAgain = isHeadAgain(start, next);
    if (!apart && !headAgain) {
      return -1;
    }
    int words = 0;
    int numbers = 0;
    for (int row = 0; row < grid.rows(); row++) {
      GridCell cell = grid.at(row, next);
      words += !cell.isBlank() && !isNumber(cell) ? 1 : 0;
      numbers += isNumber(cell) ? 1 : 0;
    }
    boolean figures =
        figures(start, apart ? next - 1 : next) > 0 && figures(next + 1, grid.columns()) > 0;
    if (!figures) {
      return -1;
    }
    boolean labels = words > 2 && words > 2 * numbers || isOfYears(start) && isOfYears(next);
    double weight = labels ? 1 : -1;
    weight += headAgain ? 1.5 : 0;
    return weight + (apart ? 0.5 : -1);
  }

  /// Whether the head of a column of words, or of whole numbers that rise, is that of the first
  /// column of the table before, and the next heads are those beside it or figures follow.
  private boolean isHeadAgain(int start, int next) {
    for (int row = 0; row < Math.min(HEADS, grid.rows()); row++) {
      String head = text(row, start);
      if (head.isEmpty() || isNumber(grid.at(row, start)) || filled(row) < 4) {
        continue;
      }
      return head.equalsIgnoreCase(text(row, next))
          && text(row, start + 1).equalsIgnoreCase(text(row, next + 1))
          && !text(row, start + 1).isEmpty();
    }
    return false;
  }

  /// Whether each number of a column is a year.
  private boolean isOfYears(int column) {
    int years = 0;
    int numbers = 0;
    for (int row = 0; row < Math.min(SAMPLE, grid.rows()); row++) {
      numbers += isNumber(grid.at(row, column)) ? 1 : 0;
      years += text(row, column).matches("(19|20)[0-9]{2}") ? 1 : 0;
    }
    return years > 2 && years == numbers;
  }

  /// The texts of the row of heads before the first row with figures, if there is one.
  private List<String> headsFrom(int from) {
    List<String> heads = List.of();
    for (int row = from; row < grid.rows(); row++) {
      if (isData(row)) {
        return heads;
      }
      if (filled(row) > 1) {
        heads = texts(row);
      }
    }
    return List.of();
  }

  private int filledOfHeads(int from) {
    return headsFrom(from).size();
  }

  private List<String> texts(int row) {
    List<String> texts = new ArrayList<>();
    for (int column = 0; column < grid.columns(); column++) {
      if (!grid.at(row, column).isBlank()) {
        texts.add(text(row, column));
      }
    }
    return texts;
  }

  private Set<Integer> columnsOfFigures(int from, int to) {
    Set<Integer> columns = new HashSet<>();
    for (int row = from; row < Math.min(to, from + SAMPLE); row++) {
      for (int column = 1; column < grid.columns(); column++) {
        if (isNumber(grid.at(row, column))) {
          columns.add(column);
        }
      }
    }
    return columns;
  }

  private static double likeness(Set<Integer> one, Set<Integer> other) {
    Set<Integer> both = new HashSet<>(one);
    both.retainAll(other);
    Set<Integer> all = new HashSet<>(one);
    all.addAll(other);
    return all.isEmpty() ? 0.5 : (double) both.size() / all.size();
  }

  /// Whether the first row with figures here says that it is a total and is the sum of all above.
  private boolean totalsAbove(int start, int next) {
    int row = next;
    while (row < grid.rows() && !isData(row)) {
      row++;
    }
    if (row == grid.rows() || !Vocabulary.saysTotal(text(row, 0))) {
      return false;
    }
    for (int column = 1; column < grid.columns(); column++) {
      OptionalDouble claimed = number(row, column);
      double sum = 0;
      int count = 0;
      for (int above = Math.max(start, next - SAMPLE); above < next; above++) {
        OptionalDouble one = number(above, column);
        sum += one.orElse(0);
        count += one.isPresent() ? 1 : 0;
      }
      if (claimed.isPresent() && count > 1 && Math.abs(claimed.getAsDouble() - sum) < 0.51) {
        return true;
      }
    }
    return false;
  }

  private OptionalDouble number(int row, int column) {
    GridCell cell = grid.at(row, column);
    if (cell.number().isPresent()) {
      return cell.number();
    }
    String plain = cell.text().strip().replaceAll("(?<=[0-9])[, ](?=[0-9]{3})", "");
    return plain.matches("-?[0-9]+(\\.[0-9]+)?")
        ? OptionalDouble.of(Double.parseDouble(plain))
        : OptionalDouble.empty();
  }

  /// Whether a row bears figures beside its label: years alone and 1, 2, 3 are heads.
  boolean isData(int row) {
    int figures = 0;
    boolean allYears = true;
    boolean counts = true;
    for (int column = Math.min(1, grid.columns() - 1); column < grid.columns(); column++) {
      GridCell cell = grid.at(row, column);
      if (isNumber(cell)) {
        figures++;
        counts &= cell.text().strip().equals("" + figures);
        allYears &= cell.text().matches("\\s*(19|20)[0-9]{2}\\s*");
      }
    }
    return figures > 0 && !allYears && !(counts && figures > 1);
  }

  private int figures(int left, int right) {
    int count = 0;
    for (int row = 0; row < grid.rows(); row++) {
      for (int column = left; column < right; column++) {
        count += isNumber(grid.at(row, column)) ? 1 : 0;
      }
    }
    return count;
  }

  private static boolean isNumber(GridCell cell) {
    if (cell.number().isPresent()) {
      return true;
    }
    String text = cell.text().strip();
    int digits = 0;
    int letters = 0;
    for (int i = 0; i < text.length(); i++) {
      digits += Character.isDigit(text.charAt(i)) ? 1 : 0;
      letters += Character.isLetter(text.charAt(i)) ? 1 : 0;
    }
    return digits > 0 && letters == 0;
  }

  int filled(int row) {
    int count = 0;
    for (int column = 0; column < grid.columns(); column++) {
      count += grid.at(row, column).isBlank() ? 0 : 1;
    }
    return count;
  }

  private String firstText(int row) {
    for (int column = 0; column < grid.columns(); column++) {
      if (!grid.at(row, column).isBlank()) {
        return text(row, column);
      }
    }
    return "";
  }

  private String text(int row, int column) {
    return column < grid.columns() ? grid.at(row, column).text().strip() : "";
  }
}
