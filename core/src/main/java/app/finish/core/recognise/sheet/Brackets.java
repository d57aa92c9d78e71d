package app.finish.core.recognise.sheet;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import app.finish.core.recognise.said.BracketMeaning;
import app.finish.core.table.MeasureKind;
import java.util.HashSet;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// What figures in brackets mean in a grid. Accountants bracket what is negative; tables of models
/// bracket standard errors under coefficients; heads bracket the numbers of models. A sign is never
/// guessed: where nothing tells, the figures keep their written form.
///
/// ```java
/// Brackets.of(grid, Optional.empty()).meaning(); // FIGURE, if “(0.258)” stands under “1.204”
/// ```
///
/// @param meaning what figures in brackets are
/// @param kind of which kind they are, if that is told
/// @param under whether they stand in rows of their own under the figures that they belong to
/// @param because why
public record Brackets(
    BracketMeaning meaning, Optional<MeasureKind> kind, boolean under, String because) {
  private static final Pattern BRACKETED =
      Pattern.compile("\\(\\s*[-−–]?\\s*[€$£¥]?\\s*[0-9][0-9.,'\u00a0 ]*\\s*[%€]?\\s*\\)[*†‡]*");
  private static final Pattern PLAIN =
      Pattern.compile("[-−–+]?\\s*[€$£¥]?[0-9][0-9.,]*[%€]?\\s?[*†‡]*");
  private static final Pattern MINUS = Pattern.compile("[-−–]\\s*[€$£¥]?[0-9.].*");
  private static final Pattern SAID =
      Pattern.compile(
          ".*?(standard errors?|robust errors?|s\\.?e\\.?s?|standard deviations?|sds?|t["
              + " -](?:statistics?|values?|ratios?)|z[ -](?:statistics?|values?)|p["
              + " -]values?|percent(?:ages)?|per cent|negative(?: figures| values|"
              + " numbers)?)\\b.{0,40}\\b(?:in|within)"
              + " (?:parenthes[ei]s|brackets).*|.*(?:parenthes[ei]s|brackets)\\b.{0,40}?\\b(standard"
              + " errors?|s\\.?e\\.?s?|standard deviations?|t[ -]statistics?|p["
              + " -]values?|percent(?:ages)?|per cent|negative)\\b.*",
          Pattern.CASE_INSENSITIVE | Pattern.DOTALL);
  private static final Pattern NUMBERED = Pattern.compile("\\([0-9]{1,2}\\)");
  private static final Pattern COUNTS =
      Pattern.compile(
          "\\(?(n|base|cases|counts?|obs\\.?|observations|respondents|unweighted.*)\\)?[*†‡=]*",
          Pattern.CASE_INSENSITIVE);
  private static final int ROWS = 2000;

  /// Nothing stands in brackets.
  static final Brackets NONE = new Brackets(BracketMeaning.NEGATIVE, Optional.empty(), false, "");

  /// Whether a text is a figure in brackets.
  static boolean isBracketed(String text) {
    return text.length() > 2 && text.charAt(0) == '(' && BRACKETED.matcher(text).matches();
  }

  /// What is in brackets in a grid.
  ///
  /// @param said what a person said that they mean
  static Brackets of(Grid grid, Optional<BracketMeaning> said) {
    return new Reading(grid).read(said);
  }

  /// Whether a row holds the numbers of models or columns: (1), (2), (3) and nothing else.
  static boolean numbersColumns(Grid grid, int row) {
    int next = 0;
    for (int column = 1; column < grid.columns(); column++) {
      String text = grid.at(row, column).text().strip();
      if (text.isEmpty()) {
        continue;
      }
      if (text.charAt(0) != '(' || !NUMBERED.matcher(text).matches()) {
        return false;
      }
      int number = Integer.parseInt(text.substring(1, text.length() - 1));
      if (next > 0 && number != next || next == 0 && number > 1) {
        return false;
      }
      next = number + 1;
    }
    return next > 1;
  }

  private static final class Reading {
    private final Grid grid;
    private int bracketed;
    private int under;
    private int alone;
    private int counts;
    private int money;
    private final Set<Integer> bracketedColumns = new HashSet<>();
    private final Set<Integer> minusColumns = new HashSet<>();
    private boolean model;
    private String note = "";

    Reading(Grid grid) {
      this.grid = grid;
    }

    Brackets read(Optional<BracketMeaning> said) {
      for (int row = 0; row < Math.min(ROWS, grid.rows()); row++) {
        if (numbersColumns(grid, row)) {
          model = true;
        } else {
          read(row);
        }
      }
      if (bracketed == 0) {
        return NONE;
      }
      boolean below = under * 5 >= bracketed * 4;
      Optional<MeasureKind> kind = kind();
      if (said.isPresent()) {
        return new Brackets(said.get(), kind, below, "you said so");
      }
      if (!note.isEmpty()) {
        boolean negative = note.toLowerCase(Locale.ROOT).contains("negative");
        return new Brackets(
            negative ? BracketMeaning.NEGATIVE : BracketMeaning.FIGURE,
            kind,
            below,
            "a note says “" + note + "”");
      }
      if (below && (under > 1 || model)) {
        return new Brackets(
            BracketMeaning.FIGURE,
            model ? Optional.of(MeasureKind.ERROR) : kind,
            true,
            "each stands under a figure, in a row without a label");
      }
      if (counts == bracketed) {
        return new Brackets(
            BracketMeaning.FIGURE,
            Optional.of(MeasureKind.COUNT),
            false,
            "the row that they stand in is headed as a count");
      }
      if (money == bracketed) {
        return new Brackets(
            BracketMeaning.NEGATIVE, Optional.empty(), false, "amounts of money stand in brackets");
      }
      boolean minus = bracketedColumns.stream().anyMatch(minusColumns::contains);
      if (minus || alone == bracketed) {
        return new Brackets(
            BracketMeaning.UNTOLD,
            Optional.empty(),
            below,
            minus
                ? "other figures of the column have a minus sign"
                : "all figures of the column are in brackets");
      }
      return new Brackets(
          BracketMeaning.NEGATIVE,
          Optional.empty(),
          false,
          "figures in brackets stand among others, and none of the column has a minus sign");
    }

    private Optional<MeasureKind> kind() {
      String words = note.toLowerCase(Locale.ROOT);
      if (words.startsWith("p") && words.contains("value")) {
        return Optional.of(MeasureKind.P);
      }
      if (words.startsWith("t") || words.startsWith("z")) {
        return Optional.of(MeasureKind.TEST);
      }
      if (words.contains("dev") || words.startsWith("sd")) {
        return Optional.of(MeasureKind.DEVIATION);
      }
      if (words.startsWith("per")) {
        return Optional.of(MeasureKind.PERCENT);
      }
      return words.isEmpty() ? Optional.empty() : Optional.of(MeasureKind.ERROR);
    }

    private void read(int row) {
      int own = 0;
      int filled = 0;
      for (int column = 0; column < grid.columns(); column++) {
        GridCell cell = grid.at(row, column);
        String text = cell.text().strip();
        if (text.isEmpty()) {
          continue;
        }
        filled++;
        boolean typed = cell.number().isPresent();
        if (column > 0 && !typed && isBracketed(text)) {
          own++;
          money += text.matches(".*[€$£¥].*") ? 1 : 0;
          bracketedColumns.add(column);
        }
        if (column > 0 && "-−–".indexOf(text.charAt(0)) >= 0 && MINUS.matcher(text).matches()) {
          minusColumns.add(column);
        }
        boolean words = text.length() > 12 && !Character.isDigit(text.charAt(0));
        Matcher says = words ? SAID.matcher(text) : null;
        if (says != null && says.matches()) {
          note = says.group(1) == null ? says.group(2) : says.group(1);
        }
      }
      bracketed += own;
      counts += COUNTS.matcher(grid.at(row, 0).text().strip()).matches() ? own : 0;
      boolean whole = own > 0 && own == filled;
      under += whole && row > 0 && standsUnder(row) ? own : 0;
      alone += isAlone(row) ? own : 0;
    }

    private boolean standsUnder(int row) {
      for (int column = 1; column < grid.columns(); column++) {
        boolean here = !grid.at(row, column).isBlank();
        String above = grid.at(row - 1, column).text().strip();
        if (here && (above.isEmpty() || isBracketed(above) || !PLAIN.matcher(above).matches())) {
          return false;
        }
      }
      return true;
    }

    /// Whether the figures in brackets of a row stand in columns of nothing else.
    private boolean isAlone(int row) {
      for (int column = 1; column < grid.columns(); column++) {
        if (isBracketed(grid.at(row, column).text().strip())) {
          for (int other = 0; other < Math.min(ROWS, grid.rows()); other++) {
            String text = grid.at(other, column).text().strip();
            if (grid.at(other, column).number().isPresent() || PLAIN.matcher(text).matches()) {
              return false;
            }
          }
        }
      }
      return true;
    }
  }
}
