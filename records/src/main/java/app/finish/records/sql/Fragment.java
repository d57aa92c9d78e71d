package app.finish.records.sql;

import java.util.ArrayList;
import java.util.List;

/// A piece of a statement and the values of its parameters, in their order.
public final class Fragment {
  private final StringBuilder sql = new StringBuilder();
  private final List<Object> parameters = new ArrayList<>();

  /// Adds text that we wrote.
  public Fragment add(String text) {
    sql.append(text);
    return this;
  }

  /// Adds a piece with its parameters.
  public Fragment add(Fragment other) {
    sql.append(other.sql);
    parameters.addAll(other.parameters);
    return this;
  }

  /// Adds a parameter of a type that the database is told.
  Fragment value(Object value, String type) {
    sql.append("CAST(? AS ").append(type).append(')');
    parameters.add(value);
    return this;
  }

  /// The parameters of pieces whose text was put elsewhere already.
  static Fragment parametersOf(Fragment... pieces) {
    Fragment all = new Fragment();
    for (Fragment piece : pieces) {
      all.parameters.addAll(piece.parameters);
    }
    return all;
  }

  public String sql() {
    return sql.toString();
  }

  public List<Object> parameters() {
    return List.copyOf(parameters);
  }
}
