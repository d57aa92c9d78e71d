package app.finish.core.check.arithmetic;

import app.finish.core.check.Check;
import app.finish.core.check.Checked;
import app.finish.core.check.Finding;
import app.finish.core.check.Where;
import app.finish.core.dress.CellMeaning;
import app.finish.core.table.Heading;
import app.finish.core.table.Leaf;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/// A percentage beside a count follows from it: it is of its column, its row, its group or of all,
/// whichever most of the table's agree with. And percentages under a total of 100 add up to it.
public final class PercentsFollow implements Check {
  private static final int FEWEST = 4;
  private static final double FAR = 15;

  /// What is missing by more may be a member that is not listed.
  private static final double LIST = 5;

  private static final int MOST = 20_000;

  @Override
  public String id() {
    return "arithmetic.percent";
  }

  @Override
  public String asks() {
    return "Percentages follow from their counts and add up to 100";
  }

  @Override
  public String why() {
    return "A percentage that does not follow from its count shows a count that changed, or a share"
        + " of another total than the others are of.";
  }

  @Override
  public List<Finding> findings(Checked checked) {
    List<Finding> findings = new ArrayList<>();
    checked
        .table()
        .filter(table -> (long) table.body().rows() * table.body().columns() <= MOST)
        .ifPresent(
            table -> {
              follow(table, findings);
              addUp(table, findings);
            });
    return findings;
  }

  private void follow(Table table, List<Finding> findings) {
    Map<String, List<PercentBases.Pair>> byMeasure = pairs(table);
    PercentBases bases = new PercentBases(table);
    for (List<PercentBases.Pair> pairs : byMeasure.values()) {
      Optional<PercentBases.Of> best = Optional.empty();
      long most = 0;
      for (PercentBases.Of of : PercentBases.Of.values()) {
        long agreeing = pairs.stream().filter(pair -> agrees(pair, of, bases)).count();
        if (agreeing > most) {
          most = agreeing;
          best = Optional.of(of);
        }
      }
      int told = pairs.size();
      if (best.isPresent() && told >= FEWEST && most < told && most * 4 >= told * 3L) {
        PercentBases.Of of = best.get();
        pairs.stream()
            .filter(pair -> !agrees(pair, of, bases))
            .forEach(pair -> findings.add(off(pair, of, bases)));
      }
    }
  }

  private static boolean agrees(PercentBases.Pair pair, PercentBases.Of of, PercentBases bases) {
    OptionalDouble base = bases.base(pair, of);
    return base.isPresent()
        && base.getAsDouble() > 0
        && pair.percent().range().meets(share(pair, base.getAsDouble()));
  }

  private static Range share(PercentBases.Pair pair, double base) {
    return pair.count().range().isBounded() && pair.count().isWhole()
        ? Range.of(100 * pair.count().number() / base)
        : pair.count().range().times(Range.of(100 / base));
  }

  private Finding off(PercentBases.Pair pair, PercentBases.Of of, PercentBases bases) {
    double base = bases.base(pair, of).orElse(Double.NaN);
    String should = Double.isNaN(base) ? "" : pair.percent().like(share(pair, base).middle());
    String name = name(pair.row(), pair.column());
    return new Finding(
        this,
        new Where.Place(pair.percent().place(), name),
        pair.percent().written(),
        should,
        name
            + ": the percentage is "
            + pair.percent().written()
            + ", but "
            + pair.count().written()
            + " is "
            + should
            + " % "
            + of.words()
            + (Double.isNaN(base) ? "" : ", " + ProbabilitiesFollow.number(base))
            + ".");
  }

  private static String name(Leaf row, Leaf column) {
    return labels(row) + ", " + labels(column);
  }

  private static String labels(Leaf leaf) {
    return String.join(
        " › ", leaf.path().stream().map(Heading::label).filter(label -> !label.isBlank()).toList());
  }

  /// The percentages that have a count beside them, by the name of their measure.
  private static Map<String, List<PercentBases.Pair>> pairs(Table table) {
    Map<String, List<PercentBases.Pair>> pairs = new LinkedHashMap<>();
    Map<List<String>, Leaf> counts = new LinkedHashMap<>();
    List<Leaf> columns = table.across().leaves();
    for (Leaf column : columns) {
      if (PercentBases.kind(table, column) == MeasureKind.COUNT) {
        counts.putIfAbsent(group(column), column);
      }
    }
    for (Leaf column : columns) {
      Leaf count = counts.get(group(column));
      if (count == null || PercentBases.kind(table, column) != MeasureKind.PERCENT) {
        continue;
      }
      String measure = table.measures().get(column.measure().orElse(0)).name();
      for (Leaf row : table.down().leaves()) {
        CellMeaning.Body place = new CellMeaning.Body(row.index(), column.index());
        CellMeaning.Body beside = new CellMeaning.Body(row.index(), count.index());
        Optional<Reported> percent =
            Reported.of(table.body().at(row.index(), column.index()), place, false);
        Optional<Reported> number =
            Reported.of(table.body().at(row.index(), count.index()), beside, false);
        if (percent.isPresent() && number.isPresent()) {
          pairs
              .computeIfAbsent(measure, one -> new ArrayList<>())
              .add(new PercentBases.Pair(row, count, place, number.get(), percent.get()));
        }
      }
    }
    return pairs;
  }

  private static List<String> group(Leaf leaf) {
    return leaf.path().stream()
        .filter(heading -> heading.measure().isEmpty())
        .map(Heading::label)
        .toList();
  }

  private void addUp(Table table, List<Finding> findings) {
    for (Leaf column : table.across().leaves()) {
      String name =
          table
              .measures()
              .get(column.measure().orElse(0))
              .name()
              .toLowerCase(java.util.Locale.ROOT);
      if (kindAt(table, column) == MeasureKind.PERCENT && !name.matches(".*(cum|running).*")) {
        addUp(table, column, findings);
      }
    }
  }

  private static MeasureKind kindAt(Table table, Leaf column) {
    return table.down().leaves().isEmpty()
        ? MeasureKind.VALUE
        : table.measureAt(0, column.index()).kind();
  }

  /// The members before a total of 100, back to the total before.
  private void addUp(Table table, Leaf column, List<Finding> findings) {
    Range sum = Range.of(0);
    int members = 0;
    for (Leaf row : table.down().leaves()) {
      CellMeaning.Body place = new CellMeaning.Body(row.index(), column.index());
      Optional<Reported> figure =
          Reported.of(table.body().at(row.index(), column.index()), place, false);
      if (figure.isEmpty() || figure.get().isLimit()) {
        continue;
      }
      if (row.role() == Heading.Role.MEMBER) {
        sum = sum.plus(figure.get().range());
        members++;
        continue;
      }
      Reported total = figure.get();
      boolean flat = table.down().depth() == 1;
      if (flat
          && members > 1
          && total.number() == 100
          && isNear(sum)
          && !sum.meets(total.range())) {
        String name = name(row, column);
        Finding finding =
            new Finding(
                this,
                new Where.Place(place, name),
                total.written(),
                total.like(sum.middle()),
                name
                    + ": the percentages above add up to "
                    + total.like(sum.middle())
                    + ", not to "
                    + total.written()
                    + ".");
        boolean whole = Math.abs(sum.middle() - 100) <= LIST;
        findings.add(whole ? finding : finding.worthKnowing());
      }
      if (total.number() == 100) {
        sum = Range.of(0);
        members = 0;
      }
    }
  }

  /// Whether shares are meant to be all of one whole: several wholes come to much more.
  private static boolean isNear(Range sum) {
    return Math.abs(sum.middle() - 100) <= FAR;
  }
}
