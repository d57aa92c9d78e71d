package app.finish.core.check.arithmetic;

import app.finish.core.check.Check;
import app.finish.core.check.Checked;
import app.finish.core.check.Finding;
import app.finish.core.check.Where;
import app.finish.core.dress.CellMeaning;
import app.finish.core.style.PartName;
import app.finish.core.table.Heading;
import app.finish.core.table.Leaf;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Results told in the title and in notes follow too: "*t*(38) = 2.10, *p* = .042". A χ² of a table
/// of counts is compared with those counts: Pearson's, with or without Yates's correction, or the
/// likelihood ratio's.
public final class WordsFollow implements Check {
  private static final String NUMBER = "([-−–]?\\d*[.,]?\\d+)";
  private static final String P = "\\s*[,;]\\s*p\\s*([=<>])\\s*(\\d*[.,]\\d+)";
  private static final Pattern TOLD =
      Pattern.compile(
          "(?<![\\p{L}])(t|F|r|z|χ²|χ2|X²)\\s*(?:\\(\\s*(\\d+(?:\\.\\d+)?)\\s*(?:,\\s*(?:[Nn]\\s*=\\s*)?(\\d[\\d,]*(?:\\.\\d+)?)\\s*)?\\))?\\s*=\\s*"
              + NUMBER
              + "(?:"
              + P
              + ")?");
  private static final CellMeaning.Body NOWHERE = new CellMeaning.Body(0, 0);

  @Override
  public String id() {
    return "arithmetic.words";
  }

  @Override
  public String asks() {
    return "Results told in words follow from one another and from the counts in the table";
  }

  @Override
  public String why() {
    return "What a note tells is taken over by hand, and changes less often than the table does.";
  }

  @Override
  public List<Finding> findings(Checked checked) {
    List<Finding> findings = new ArrayList<>();
    checked
        .table()
        .ifPresent(
            table -> {
              look(table.words().title(), PartName.TITLE, 0, table, findings);
              for (int i = 0; i < table.words().notes().size(); i++) {
                look(table.words().notes().get(i).text(), PartName.NOTE, i, table, findings);
              }
            });
    return findings;
  }

  private void look(String text, PartName part, int index, Table table, List<Finding> findings) {
    Matcher told = TOLD.matcher(text);
    while (told.find()) {
      Where where = new Where.Place(new CellMeaning.Word(part, index), part.label());
      boolean square = told.group(1).matches("χ²|χ2|X²");
      Reported statistic = ResultLines.plain(told.group(4), NOWHERE);
      if (told.group(6) != null) {
        computed(told, statistic)
            .filter(range -> !p(told).range().meets(range))
            .ifPresent(range -> findings.add(off(told, range, where)));
      }
      if (square) {
        squares(told, statistic, table)
            .ifPresent(
                off ->
                    findings.add(
                        new Finding(this, where, told.group(4), off.should, off.sentence)));
      }
    }
  }

  /// What a figure should be, and a sentence that says so.
  private record Off(String should, String sentence) {}

  private static Reported p(Matcher told) {
    Reported plain = ResultLines.plain(told.group(6), NOWHERE);
    Range range =
        switch (told.group(5)) {
          case "<" -> new Range(Double.NEGATIVE_INFINITY, plain.number());
          case ">" -> new Range(plain.number(), Double.POSITIVE_INFINITY);
          default -> plain.range();
        };
    return new Reported(plain.number(), range, plain.decimals(), plain.written(), NOWHERE);
  }

  private static Optional<Range> computed(Matcher told, Reported statistic) {
    double first = told.group(2) == null ? 0 : Double.parseDouble(told.group(2));
    double second = told.group(3) == null ? 0 : Double.parseDouble(told.group(3).replace(",", ""));
    Range range = statistic.range();
    return switch (told.group(1)) {
      case "z" -> Optional.of(Tails.z(range));
      case "t" -> first > 0 ? Optional.of(Tails.t(range, first)) : Optional.empty();
      case "r" -> first > 0 ? Optional.of(Tails.correlation(range, first)) : Optional.empty();
      case "F" ->
          first > 0 && second > 0 ? Optional.of(Tails.f(range, first, second)) : Optional.empty();
      default -> first > 0 ? Optional.of(Tails.chiSquare(range, first)) : Optional.empty();
    };
  }

  private Finding off(Matcher told, Range computed, Where where) {
    Reported p = p(told);
    String should = computed.high() < 0.001 ? "< .001" : p.like(computed);
    String whole = told.group().replaceFirst(P + "$", "");
    return new Finding(
        this,
        where,
        "p " + told.group(5) + " " + p.written(),
        should,
        where.words()
            + ": p "
            + told.group(5)
            + " "
            + p.written()
            + ", but "
            + whole
            + " gives "
            + should
            + ".");
  }

  /// What a χ² should be by the counts of the table.
  private static Optional<Off> squares(Matcher told, Reported statistic, Table table) {
    Optional<double[][]> counts = counts(table);
    if (counts.isEmpty() || told.group(2) == null) {
      return Optional.empty();
    }
    double[][] cells = counts.get();
    int freedom = (cells.length - 1) * (cells[0].length - 1);
    if (Double.parseDouble(told.group(2)) != freedom) {
      return Optional.empty();
    }
    double pearson = pearson(cells, 0);
    boolean agrees =
        statistic.range().holds(pearson)
            || statistic.range().holds(pearson(cells, 0.5)) && freedom == 1
            || statistic.range().holds(likelihood(cells));
    String should = statistic.like(pearson);
    return agrees
        ? Optional.empty()
        : Optional.of(
            new Off(
                should,
                "χ² is told as "
                    + statistic.written()
                    + ", but the counts in the table give "
                    + should
                    + "."));
  }

  /// The counts of a crosstab of two dimensions, without its totals.
  private static Optional<double[][]> counts(Table table) {
    boolean flat = table.down().depth() == 1 && table.across().depth() == 1;
    boolean counted =
        table.measures().size() == 1
            && (table.measures().getFirst().kind() == MeasureKind.COUNT
                || table.measures().getFirst().kind() == MeasureKind.VALUE
                || table.measures().getFirst().kind() == MeasureKind.SUM);
    List<Leaf> rows = members(table.down().leaves());
    List<Leaf> columns = members(table.across().leaves());
    if (!flat || !counted || rows.size() < 2 || columns.size() < 2) {
      return Optional.empty();
    }
    double[][] cells = new double[rows.size()][columns.size()];
    for (int i = 0; i < rows.size(); i++) {
      for (int j = 0; j < columns.size(); j++) {
        Value value = table.body().at(rows.get(i).index(), columns.get(j).index());
        boolean whole =
            value instanceof Value.Numeric numeric
                && numeric.number() >= 0
                && numeric.number() == Math.rint(numeric.number());
        if (!whole) {
          return Optional.empty();
        }
        cells[i][j] = ((Value.Numeric) value).number();
      }
    }
    return Optional.of(cells);
  }

  private static List<Leaf> members(List<Leaf> leaves) {
    return leaves.stream().filter(leaf -> leaf.role() == Heading.Role.MEMBER).toList();
  }

  private static double expected(double[][] cells, int row, int column) {
    double ofRow = 0;
    double ofColumn = 0;
    double all = 0;
    for (int i = 0; i < cells.length; i++) {
      for (int j = 0; j < cells[i].length; j++) {
        ofRow += i == row ? cells[i][j] : 0;
        ofColumn += j == column ? cells[i][j] : 0;
        all += cells[i][j];
      }
    }
    return ofRow * ofColumn / all;
  }

  private static double pearson(double[][] cells, double correction) {
    double sum = 0;
    for (int i = 0; i < cells.length; i++) {
      for (int j = 0; j < cells[i].length; j++) {
        double expected = expected(cells, i, j);
        double off = Math.max(0, Math.abs(cells[i][j] - expected) - correction);
        sum += off * off / expected;
      }
    }
    return sum;
  }

  private static double likelihood(double[][] cells) {
    double sum = 0;
    for (int i = 0; i < cells.length; i++) {
      for (int j = 0; j < cells[i].length; j++) {
        sum += cells[i][j] > 0 ? cells[i][j] * Math.log(cells[i][j] / expected(cells, i, j)) : 0;
      }
    }
    return 2 * sum;
  }
}
