package app.finish.core.highlight;

import app.finish.core.table.Axis;
import app.finish.core.table.Body;
import app.finish.core.table.Heading;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Table;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/// The numbers of a table one after another, row by row, and what its rows and columns are, taken
/// from it once for all highlights.
final class CellNumbers {
  private final Table table;
  private double[] numbers = {};
  private final Map<Asked, Extremes> extremes = new ConcurrentHashMap<>();

  private final Lines down;
  private final Lines across;

  /// What the lines of a side are.
  ///
  /// @param roles members or totals, a line each
  /// @param measures the measure that a heading names, a line each
  record Lines(Role[] roles, int[] measures) {
    static Lines of(Axis axis, int none) {
      int count = axis.leaves().size();
      Role[] roles = new Role[count];
      int[] measures = new int[count];
      for (int leaf = 0; leaf < count; leaf++) {
        Role role = Role.MEMBER;
        int measure = none;
        for (int level = 0; level < axis.depth(leaf); level++) {
          Heading heading = axis.heading(leaf, level);
          role = heading.role().compareTo(role) > 0 ? heading.role() : role;
          measure = heading.measure().orElse(measure);
        }
        roles[leaf] = role;
        measures[leaf] = measure;
      }
      return new Lines(roles, measures);
    }
  }

  CellNumbers(Table table) {
    this.table = table;
    this.down = Lines.of(table.down(), 0);
    this.across = Lines.of(table.across(), -1);
  }

  Lines down() {
    return down;
  }

  Lines across() {
    return across;
  }

  int columns() {
    return table.body().columns();
  }

  /// Whether a row has a text, which may be a bound such as “<.001”.
  boolean hasText(int row) {
    return table.body().hasText(row);
  }

  /// The least and the greatest of a region's figures, found once for all highlights that ask for
  /// the same.
  ///
  /// @param byColumn whether each column has its own
  /// @param figures the figures of the region
  Extremes extremes(Region region, boolean byColumn, Extremes.Figures figures) {
    return extremes.computeIfAbsent(
        new Asked(region, byColumn),
        asked ->
            new Extremes(
                figures,
                table.body().rows(),
                table.body().columns(),
                table.measures().size(),
                byColumn));
  }

  private record Asked(Region region, boolean byColumn) {}

  /// The numbers; not a number where there is none.
  synchronized double[] all() {
    Body body = table.body();
    if (numbers.length == 0) {
      double[] taken = new double[body.rows() * body.columns()];
      int index = 0;
      for (int row = 0; row < body.rows(); row++) {
        for (int column = 0; column < body.columns(); column++) {
          taken[index++] = body.number(row, column);
        }
      }
      numbers = taken;
    }
    return numbers;
  }
}
