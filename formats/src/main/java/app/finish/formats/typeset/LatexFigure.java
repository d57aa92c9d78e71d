package app.finish.formats.typeset;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// How far a figure reaches to the right of where it ends before its decimal mark.
///
/// @param isNumber whether it is one number, with or without signs around it
/// @param decimals how many decimals it shows
/// @param behind how many signs, such as stars, stand behind it
record LatexFigure(boolean isNumber, int decimals, int behind) {
  private static final Pattern NUMBER =
      Pattern.compile(
          "[^0-9.,]*(?:[0-9][0-9,'’\\u00A0\\u2009\\u202F ]*)?(?:([.,])([0-9]+))?([^0-9]*)");

  private static final LatexFigure NONE = new LatexFigure(false, 0, 0);

  /// The figure of a cell.
  static LatexFigure of(DressedCell cell) {
    if (!(cell.place() instanceof CellMeaning.Body)) {
      return NONE;
    }
    String mark = cell.look().numbers().decimalMark();
    String text = cell.text();
    Matcher number = NUMBER.matcher(text);
    if (!number.matches() || text.chars().noneMatch(Character::isDigit)) {
      return NONE;
    }
    boolean decimal = number.group(1) != null && number.group(1).equals(mark);
    return new LatexFigure(
        true, decimal ? number.group(2).length() : 0, number.group(3).strip().length());
  }
}
