package app.finish.formats.html;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.highlight.Matches;
import app.finish.core.number.NumberFormat;
import app.finish.core.table.Marks;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.formats.io.SentTable;
import java.math.BigDecimal;
import java.util.List;
import java.util.regex.Pattern;

/// What lies behind the figures of a table on a board: exact values, notes, highlights.
final class BoardFigures {
  private static final Pattern NUMBER = Pattern.compile("-?\\d*\\.?\\d+");

  private final Table table;
  private final List<Matches> matches;
  private final String point;
  private final String grouping;

  BoardFigures(SentTable sent) {
    this.table = sent.table();
    this.matches = sent.matches();
    matches.forEach(Matches::settle);
    NumberFormat numbers = sent.dressed().root().numbers();
    this.point = numbers.decimalMark();
    this.grouping = numbers.grouping();
  }

  /// The highlights that lie on the table.
  List<Matches> matches() {
    return matches;
  }

  /// What parts the decimals of most figures.
  String point() {
    return point;
  }

  /// What parts the thousands of most figures; empty for nothing.
  String grouping() {
    return grouping;
  }

  /// The exact value of a cell; empty where it is no number.
  String exact(DressedCell cell) {
    return cell.place() instanceof CellMeaning.Body body
            && table.body().at(body.row(), body.column()) instanceof Value.Numeric one
            && Double.isFinite(one.number())
        ? written(one.number())
        : "";
  }

  private static String written(double number) {
    if (number == Math.rint(number) && Math.abs(number) < 1e15) {
      return Long.toString((long) number);
    }
    double size = Math.abs(number);
    return size >= 1e-3 && size < 1e7
        ? Double.toString(number)
        : BigDecimal.valueOf(number).stripTrailingZeros().toPlainString();
  }

  /// Whether a text says its value exactly, so that a script can read it.
  boolean says(String text, String exact) {
    return looksLikeNumber(text)
        && !exact.isEmpty()
        && new BigDecimal(bare(text)).compareTo(new BigDecimal(exact)) == 0;
  }

  /// Whether a script would read a text as a number.
  boolean looksLikeNumber(String text) {
    return NUMBER.matcher(bare(text)).matches();
  }

  private String bare(String text) {
    String whole = grouping.isEmpty() ? text : text.replace(grouping, "");
    return whole.replace(point, ".").replace('−', '-');
  }

  /// The marks of the notes on a figure, with commas between them; empty for none.
  String notes(DressedCell cell) {
    if (cell.place() instanceof CellMeaning.Body body) {
      String mark = table.marks().at(new Spot.Figure(body.row(), body.column()));
      return mark.isEmpty() ? "" : String.join(",", Marks.single(mark));
    }
    return "";
  }

  /// The places of the highlights that lie on a figure, with commas between them; empty for none.
  String highlights(DressedCell cell) {
    if (matches.isEmpty() || !(cell.place() instanceof CellMeaning.Body body)) {
      return "";
    }
    StringBuilder all = new StringBuilder();
    for (int i = 0; i < matches.size(); i++) {
      if (matches.get(i).liesOn(body.row(), body.column())) {
        all.append(all.isEmpty() ? "" : ",").append(i);
      }
    }
    return all.toString();
  }
}
