package app.finish.records.sql;

import app.finish.core.tally.HeldAt;
import app.finish.core.tally.Member;
import app.finish.core.tally.MissingAnswers;
import app.finish.core.tally.Plan;
import app.finish.core.tally.TallyDimension;
import app.finish.core.tally.TallyMeasure.Base;
import app.finish.expressions.Expression;
import app.finish.expressions.Name;
import app.finish.records.column.Columns;
import app.finish.records.sql.Figures.WeightedQuantile;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/// Makes one reading statement of a plan. It gives a row for each group: which dimensions are
/// totalled over (`GROUPING`), the members, and the figures.
///
/// ```sql
/// WITH r AS (SELECT … AS d0, … AS d1, … AS v0 FROM … WHERE …),
///      f AS (SELECT d0, d1, SUM(v0) AS p0 FROM r GROUP BY d0, d1)
/// SELECT GROUPING(d0, d1), d0, d1, SUM(p0) FROM f GROUP BY GROUPING SETS ((d0, d1), (d0), ())
/// ```
///
/// Where something asked does not add up, such as a median, the groups are made of `r` itself.
public final class PlanStatement {
  /// How many outer dimensions of each axis a group names.
  ///
  /// @param down of the dimensions down
  /// @param across of the dimensions across
  public record Depth(int down, int across) {}

  private final Plan plan;
  private final Columns columns;
  private final Dialect dialect;
  private final Figures figures;
  private final List<Depth> depths;
  private final Fragment statement;

  /// @throws app.finish.core.problem.Refusal if the plan asks for what the columns don't have
  public PlanStatement(Plan plan, Columns columns, String from, Dialect dialect) {
    this.plan = plan;
    this.columns = columns;
    this.dialect = dialect;
    this.figures = new Figures(plan, columns, dialect);
    this.depths = findDepths();
    this.statement = write(from);
  }

  public String sql() {
    return statement.sql();
  }

  public List<Object> parameters() {
    return statement.parameters();
  }

  public Figures figures() {
    return figures;
  }

  /// How many columns the result has before its figures.
  public int keys() {
    int dimensions = plan.down().size() + plan.across().size();
    return dimensions == 0 ? 0 : dimensions + 1;
  }

  /// Which dimensions a row of the result names.
  ///
  /// @param grouping what `GROUPING` gave: a bit for each dimension that was totalled over
  public Depth depth(long grouping) {
    int down = plan.down().size();
    int across = plan.across().size();
    int all = down + across;
    int named = 0;
    int acrossNamed = 0;
    for (int i = 0; i < all; i++) {
      boolean totalled = (grouping >> (all - 1 - i) & 1) == 1;
      named += !totalled && i < down ? 1 : 0;
      acrossNamed += !totalled && i >= down ? 1 : 0;
    }
    return new Depth(named, acrossNamed);
  }

  private List<Depth> findDepths() {
    Set<Depth> wanted = new LinkedHashSet<>();
    List<Integer> down = Plan.depths(plan.down());
    List<Integer> across = Plan.depths(plan.across());
    for (int one : down) {
      for (int two : across) {
        wanted.add(new Depth(one, two));
        for (Base base : figures.bases()) {
          wanted.add(total(base, new Depth(one, two)));
        }
      }
    }
    return List.copyOf(wanted);
  }

  /// The depth of the total that a percentage is a share of.
  public static Depth total(Base base, Depth of) {
    return switch (base) {
      case ROW -> new Depth(of.down, 0);
      case COLUMN -> new Depth(0, of.across);
      case TOTAL -> new Depth(0, 0);
    };
  }

  private Fragment write(String from) {
    Fragment sql = new Fragment().add("WITH r AS (SELECT ");
    List<String> parts = new ArrayList<>();
    List<TallyDimension> dimensions = new ArrayList<>(plan.down());
    dimensions.addAll(plan.across());
    for (int i = 0; i < dimensions.size(); i++) {
      parts.add(key(dimensions.get(i)) + " AS d" + i);
    }
    parts.addAll(figures.inputs());
    sql.add(parts.isEmpty() ? "1 AS one" : String.join(", ", parts)).add(" FROM ").add(from);
    sql.add(where(dimensions)).add(")");
    figures.shifts().ifPresent(shifts -> sql.add(", s AS (SELECT " + shifts + " FROM r)"));
    if (!figures.parts().isEmpty()) {
      String keys = keys(0, dimensions.size());
      sql.add(", f AS (SELECT " + keys + (keys.isEmpty() ? "" : ", "));
      sql.add(String.join(", ", figures.parts()) + " FROM r");
      sql.add(keys.isEmpty() ? ")" : " GROUP BY " + keys + ")");
    }
    if (figures.quantiles().isEmpty()) {
      return sql.add(" ").add(groups(dimensions.size(), false));
    }
    List<WeightedQuantile> quantiles = figures.quantiles();
    sql.add(", m AS (").add(groups(dimensions.size(), true)).add(")");
    for (int i = 0; i < quantiles.size(); i++) {
      sql.add(", q" + i + " AS (").add(inOrder(quantiles.get(i), dimensions.size())).add(")");
    }
    return sql.add(joined(quantiles, dimensions.size()));
  }

  /// The groups and what is asked of them; named f0, f1 … if something is joined to them.
  private Fragment groups(int dimensions, boolean named) {
    Fragment sql = new Fragment().add("SELECT ");
    if (dimensions > 0) {
      String keys = keys(0, dimensions);
      sql.add("GROUPING(" + keys + ") AS g, " + keys + ", ");
    }
    List<String> outputs = new ArrayList<>();
    for (int i = 0; i < figures.outputs().size(); i++) {
      outputs.add(figures.outputs().get(i) + (named ? " AS f" + i : ""));
    }
    String from = figures.parts().isEmpty() ? " FROM r" : " FROM f";
    sql.add(String.join(", ", outputs)).add(from);
    figures.shifts().ifPresent(shifts -> sql.add(" CROSS JOIN s"));
    if (dimensions > 0) {
      sql.add(" GROUP BY GROUPING SETS (" + sets() + ")");
    }
    return sql;
  }

  /// For each group the least answer at which the weights from below reach a share.
  private Fragment inOrder(WeightedQuantile quantile, int dimensions) {
    List<String> keys = new ArrayList<>();
    List<String> named = new ArrayList<>(List.of("t.g"));
    for (int i = 0; i < dimensions; i++) {
      keys.add("CASE WHEN t.k" + i + " = 1 THEN r.d" + i + " END");
      named.add(keys.get(i) + " AS d" + i);
    }
    keys.addFirst("t.g");
    String parts = "PARTITION BY " + String.join(", ", keys);
    String value = dialect.asDouble("r." + quantile.input());
    String groups = dimensions == 0 ? "g" : "g, " + keys(0, dimensions);
    return new Fragment()
        .add("SELECT " + groups + ", MIN(v) AS q FROM (SELECT " + String.join(", ", named))
        .add(", " + value + " AS v, SUM(r.w) OVER (" + parts + " ORDER BY " + value)
        .add(" RANGE UNBOUNDED PRECEDING) AS below, SUM(r.w) OVER (" + parts + ") AS whole")
        .add(" FROM r CROSS JOIN (VALUES " + kept(dimensions) + ") AS t(g")
        .add(IntStream.range(0, dimensions).mapToObj(i -> ", k" + i).reduce("", String::concat))
        .add(") WHERE r." + quantile.input() + " IS NOT NULL AND r.w > 0) AS o")
        .add(" WHERE below >= (" + quantile.share() + " - 1e-12) * whole GROUP BY " + groups);
  }

  /// For each grouping set what `GROUPING` gives, and 1 for each dimension that it keeps.
  private String kept(int dimensions) {
    if (dimensions == 0) {
      return "(0)";
    }
    List<String> rows = new ArrayList<>();
    for (Depth depth : depths) {
      long bits = 0;
      StringBuilder flags = new StringBuilder();
      for (int i = 0; i < dimensions; i++) {
        int down = plan.down().size();
        boolean kept = i < down ? i < depth.down : i - down < depth.across;
        bits = bits << 1 | (kept ? 0 : 1);
        flags.append(kept ? ", 1" : ", 0");
      }
      rows.add("(" + bits + flags + ")");
    }
    return String.join(", ", rows);
  }

  private String joined(List<WeightedQuantile> quantiles, int dimensions) {
    List<String> picked = new ArrayList<>();
    if (dimensions > 0) {
      picked.add("m.g");
      IntStream.range(0, dimensions).forEach(i -> picked.add("m.d" + i));
    }
    for (int i = 0; i < figures.outputs().size(); i++) {
      int output = i;
      picked.add(
          IntStream.range(0, quantiles.size())
              .filter(at -> quantiles.get(at).output() == output)
              .mapToObj(at -> "q" + at + ".q")
              .findFirst()
              .orElse("m.f" + i));
    }
    StringBuilder sql = new StringBuilder(" SELECT " + String.join(", ", picked) + " FROM m");
    for (int i = 0; i < quantiles.size(); i++) {
      sql.append(" LEFT JOIN q" + i + " ON " + (dimensions > 0 ? "q" + i + ".g = m.g" : "TRUE"));
      for (int d = 0; d < dimensions; d++) {
        sql.append(" AND q" + i + ".d" + d + " IS NOT DISTINCT FROM m.d" + d);
      }
    }
    return sql.toString();
  }

  private static String keys(int from, int to) {
    return String.join(", ", IntStream.range(from, to).mapToObj(i -> "d" + i).toList());
  }

  private String sets() {
    int down = plan.down().size();
    List<String> sets = new ArrayList<>();
    for (Depth depth : depths) {
      List<String> keys = new ArrayList<>();
      IntStream.range(0, depth.down).forEach(i -> keys.add("d" + i));
      IntStream.range(0, depth.across).forEach(i -> keys.add("d" + (down + i)));
      sets.add("(" + String.join(", ", keys) + ")");
    }
    return String.join(", ", sets);
  }

  private Fragment where(List<TallyDimension> dimensions) {
    List<Fragment> conditions = new ArrayList<>();
    if (!plan.where().isBlank()) {
      List<Name> names = columns.names();
      conditions.add(Condition.of(Expression.truth(plan.where(), names), dialect));
    }
    for (HeldAt held : plan.held()) {
      conditions.add(isMember(held));
    }
    if (plan.missing() == MissingAnswers.LEFT_OUT) {
      for (TallyDimension dimension : dimensions) {
        columns.of(dimension.column());
        conditions.add(new Fragment().add(key(dimension) + " IS NOT NULL"));
      }
    }
    Fragment all = new Fragment();
    for (int i = 0; i < conditions.size(); i++) {
      all.add(i == 0 ? " WHERE (" : " AND (").add(conditions.get(i)).add(")");
    }
    return all;
  }

  private Fragment isMember(HeldAt held) {
    String key = key(held.dimension());
    return switch (held.member()) {
      case Member.Missing _ -> new Fragment().add(key + " IS NULL");
      case Member.Number number ->
          new Fragment()
              .add(dialect.asDouble(key) + " = ")
              .value(number.number(), dialect.doubleType());
      case Member.Text text ->
          new Fragment().add(key + " = ").value(text.text(), dialect.textType());
    };
  }

  /// What the records are grouped by for a dimension.
  private String key(TallyDimension dimension) {
    return DimensionKey.of(dimension, columns, dialect);
  }
}
