package app.finish.core.arrange.make;

import app.finish.core.arrange.move.Move;
import app.finish.core.number.FigureGroup;
import app.finish.core.table.Axis;
import app.finish.core.table.Heading;
import app.finish.core.table.Leaf;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Which moves on what stands in cells make sense for a table.
///
/// ```java
/// CellMoves.of(table, levels).getFirst(); // write SD in brackets behind M
/// ```
public final class CellMoves {
  private static final int MOST = 8;
  private static final int ROWS_READ = 50;

  /// Of long and wide tables the beginning tells.
  private static final int SIBLINGS_READ = 60;

  private final Table table;
  private final List<Double> levels;
  private final List<Move> moves = new ArrayList<>();

  private CellMoves(Table table, List<Double> levels) {
    this.table = table;
    this.levels = levels;
  }

  /// The moves.
  ///
  /// @param levels the levels that stars stand for
  public static List<Move> of(Table table, List<Double> levels) {
    CellMoves all = new CellMoves(table, levels);
    for (Axis axis : List.of(table.across(), table.down())) {
      if (axis.leaves().stream().anyMatch(leaf -> leaf.measure().isPresent())) {
        all.ofSiblings(axis.headings());
        break;
      }
    }
    if (LoneSpanners.stand(table.across().headings())) {
      all.moves.add(new LoneSpanners());
    }
    all.apart();
    all.matrices();
    return all.moves.stream().distinct().limit(MOST).toList();
  }

  private void ofSiblings(List<Heading> headings) {
    List<Heading> some = headings.subList(0, Math.min(SIBLINGS_READ, headings.size()));
    for (Heading heading : some) {
      ofSiblings(heading.children());
    }
    List<Heading> measures =
        some.stream().filter(one -> one.isLeaf() && one.measure().isPresent()).toList();
    for (int i = 0; i + 1 < measures.size(); i++) {
      Heading one = measures.get(i);
      measures.subList(i + 1, measures.size()).stream()
          .flatMap(other -> pair(one, other).stream())
          .findFirst()
          .ifPresent(moves::add);
    }
    Optional<Heading> p = measures.stream().filter(one -> kind(one) == MeasureKind.P).findFirst();
    if (p.isPresent()) {
      measures.stream()
          .filter(one -> isStarred(kind(one)))
          .findFirst()
          .ifPresent(on -> moves.add(new StarsFrom(p.get().label(), on.label(), levels)));
    }
  }

  private static boolean isStarred(MeasureKind kind) {
    return switch (kind) {
      case COEFFICIENT, CORRELATION, MEAN, TEST -> true;
      default -> false;
    };
  }

  private MeasureKind kind(Heading heading) {
    return table.measures().get(heading.measure().orElseThrow()).kind();
  }

  private Optional<Move> pair(Heading one, Heading other) {
    MeasureKind first = kind(one);
    MeasureKind second = kind(other);
    boolean spread = second == MeasureKind.DEVIATION || second == MeasureKind.ERROR;
    boolean estimate = first == MeasureKind.MEAN || first == MeasureKind.COEFFICIENT;
    boolean share = first == MeasureKind.COUNT && second == MeasureKind.PERCENT;
    boolean interval = first == MeasureKind.INTERVAL && second == MeasureKind.INTERVAL;
    if (one.label().equals(other.label()) || !(estimate && spread || share || interval)) {
      return Optional.empty();
    }
    JoinMeasures.Form form = interval ? JoinMeasures.Form.INTERVAL : JoinMeasures.Form.BRACKETS;
    String name = JoinMeasures.usualName(one.label(), other.label(), form);
    return Optional.of(new JoinMeasures(one.label(), other.label(), form, name));
  }

  private void apart() {
    List<Leaf> leaves = table.across().leaves();
    for (Leaf leaf : leaves.subList(0, Math.min(SIBLINGS_READ, leaves.size()))) {
      Heading heading = leaf.heading();
      if (heading.measure().isEmpty() || moves.contains(new TakeApart(heading.label()))) {
        continue;
      }
      for (int row = 0; row < Math.min(ROWS_READ, table.body().rows()); row++) {
        if (!FigureGroup.of(table.body().at(row, leaf.index()).written()).isEmpty()) {
          moves.add(new TakeApart(heading.label()));
          break;
        }
      }
    }
  }

  private void matrices() {
    boolean correlations =
        table.measures().stream().map(Measure::kind).anyMatch(MeasureKind.CORRELATION::equals);
    if (!correlations || Math.max(table.body().rows(), table.body().columns()) > 4 * ROWS_READ) {
      return;
    }
    int rows = table.body().rows();
    Optional<Matrix> whole = Matrix.of(table, 0, rows);
    if (whole.isPresent() && !isHalf(whole.get())) {
      moves.add(new HalfMatrix(true));
    }
    List<Heading> groups = table.down().headings();
    if (groups.size() == 2 && rows % 2 == 0 && !groups.getFirst().isLeaf()) {
      Optional<Matrix> one = Matrix.of(table, 0, rows / 2);
      Optional<Matrix> other = Matrix.of(table, rows / 2, rows);
      if (one.isPresent() && other.isPresent() && one.get().names().equals(other.get().names())) {
        moves.add(new TwoMatrices());
      }
    }
  }

  private boolean isHalf(Matrix matrix) {
    boolean half = true;
    for (int row = 0; row < matrix.size(); row++) {
      for (int column = row + 1; column < matrix.size(); column++) {
        half &= matrix.value(table, row, column) instanceof app.finish.core.table.Value.Missing;
      }
    }
    return half && matrix.value(table, 0, 0) instanceof app.finish.core.table.Value.Missing;
  }
}
