package app.finish.records.question;

import app.finish.core.problem.Refusal;
import app.finish.core.table.Axis;
import app.finish.core.table.Body;
import app.finish.core.table.Heading;
import app.finish.core.table.Marks;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Note;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.core.table.Words;
import app.finish.core.tally.Plan;
import app.finish.expressions.Expression;
import app.finish.records.column.Column;
import app.finish.records.column.ColumnType;
import app.finish.records.source.Records;
import app.finish.records.sql.Condition;
import app.finish.records.sql.DatabaseQuery;
import app.finish.records.sql.Dialect;
import app.finish.records.sql.Fragment;
import app.finish.records.statistics.Correlation;
import app.finish.records.words.TallyWords;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

/// Makes the correlation matrix of the columns of a plan's measures: the lower triangle, r, p and n
/// in each. Records count for a pair that have an answer in both.
public final class Correlating {
  private final Records records;
  private final DatabaseQuery asking;

  public Correlating(Records records, DatabaseQuery asking) {
    this.records = records;
    this.asking = asking;
  }

  public Table table(Plan plan) throws IOException {
    List<String> columns = MeasuredColumns.of(plan, records.columns(), "correlated", 2);
    if (!plan.weight().isEmpty()) {
      throw new Refusal("Correlations are not weighted here. Take the weight out.");
    }
    Correlation[][] pairs = pairs(plan, columns);
    List<Heading> rows = new ArrayList<>();
    List<Heading> heads = new ArrayList<>();
    for (int i = 0; i < columns.size(); i++) {
      rows.add(
          Heading.group(
              (i + 1) + ". " + columns.get(i),
              Heading.measure("r", 0),
              Heading.measure("p", 1),
              Heading.measure("n", 2)));
      heads.add(Heading.member(String.valueOf(i + 1)));
    }
    Body body =
        Body.of(
            3 * columns.size(),
            columns.size(),
            (row, column) -> value(pairs, row / 3, column, row % 3));
    List<Note> notes = new ArrayList<>(TallyWords.notes(plan, records));
    return new Table(
        Axis.of(List.of("Variable", ""), rows),
        Axis.of(List.of(""), heads),
        List.of(
            new Measure("r", MeasureKind.CORRELATION, "", 2),
            new Measure("p", MeasureKind.P, "", 3),
            new Measure("n", MeasureKind.COUNT, "", 0)),
        body,
        List.of(),
        new Words(
            "Correlations of " + TallyWords.joined(columns),
            "",
            TallyWords.asOne(notes),
            records.name().label()),
        Marks.NONE);
  }

  private Correlation[][] pairs(Plan plan, List<String> columns) throws IOException {
    Dialect dialect = records.dialect();
    List<String> asked = new ArrayList<>();
    for (int i = 0; i < columns.size(); i++) {
      for (int j = 0; j < i; j++) {
        String one = number(columns.get(i));
        String two = number(columns.get(j));
        asked.add("CORR(" + one + ", " + two + ")");
        asked.add(
            "SUM(CASE WHEN " + one + " IS NOT NULL AND " + two + " IS NOT NULL THEN 1 ELSE 0 END)");
      }
    }
    Fragment sql = new Fragment().add("SELECT " + String.join(", ", asked));
    sql.add(" FROM " + records.table());
    if (!plan.where().isBlank()) {
      Expression where = Expression.truth(plan.where(), records.columns().names());
      sql.add(" WHERE ").add(Condition.of(where, dialect));
    }
    return asking.ask(
        records.connection(),
        sql.sql(),
        sql.parameters(),
        result -> {
          result.next();
          Correlation[][] pairs = new Correlation[columns.size()][columns.size()];
          int at = 1;
          for (int i = 0; i < columns.size(); i++) {
            for (int j = 0; j < i; j++) {
              double r = result.getDouble(at);
              r = result.wasNull() ? Double.NaN : r;
              pairs[i][j] = Correlation.of(r, result.getDouble(at + 1));
              at += 2;
            }
          }
          return pairs;
        },
        records.name().label());
  }

  private String number(String column) {
    Column found = records.columns().of(column);
    String name = records.dialect().quote(found.name());
    return records
        .dialect()
        .asDouble(
            found.type() == ColumnType.TRUTH
                ? "CASE WHEN " + name + " THEN 1 WHEN NOT " + name + " THEN 0 END"
                : name);
  }

  private static Value value(Correlation[][] pairs, int row, int column, int measure) {
    if (row == column) {
      return measure == 0 ? new Value.Missing(Value.Reason.DASH, "—") : Value.BLANK;
    }
    if (column > row) {
      return Value.BLANK;
    }
    Correlation pair = pairs[row][column];
    double figure = measure == 0 ? pair.r() : measure == 1 ? pair.p() : pair.n();
    return Double.isFinite(figure) ? Value.number(figure, "") : Value.BLANK;
  }
}
