package app.finish.records.source;

import app.finish.records.sql.Dialect;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// Takes columns for numbers whose values are all numbers as people write them: with decimal
/// commas, with marks between thousands, with a currency sign or a percent sign.
public final class WrittenNumbers {
  private static final Dialect DUCK_DB = new Dialect.DuckDb();
  private static final int SAMPLE = 400;
  private static final String SIGNS = "[€$£¥%\\s\u00a0\u202f]";

  /// How numbers are written.
  ///
  /// @param thousands what stands between thousands
  /// @param decimal what stands before the decimals
  private record Form(char thousands, char decimal) {
    String pattern() {
      String t = "\\" + thousands;
      // A leading zero makes a code, not a number.
      return "[-−+]?([1-9]\\d{0,2}(" + t + "\\d{3})+|[1-9]\\d*|0)(\\" + decimal + "\\d+)?";
    }

    /// Whether a number can be read in no other way: it has decimals, and not three of them.
    boolean isSure(String number) {
      int last = number.lastIndexOf(decimal);
      return last >= 0 && (number.length() - last != 4 || number.indexOf(thousands) >= 0);
    }
  }

  private static final Form COMMA = new Form('.', ',');
  private static final Form POINT = new Form(',', '.');

  private final Connection connection;
  private final boolean commasPart;

  /// @param delimiter what parts the values of a line: where that is a comma, a comma inside a
  ///   number rather stands between thousands
  public WrittenNumbers(Connection connection, String delimiter) {
    this.connection = connection;
    this.commasPart = delimiter.equals(",");
  }

  /// Takes those of the columns for numbers that are.
  public void take(Set<String> columns) throws SQLException {
    for (String column : columns) {
      Optional<Form> form = form(sample(column));
      if (form.isPresent()) {
        alter(column, form.get());
      }
    }
  }

  /// An expression for the number that a text is, as people write numbers: with a percent or
  /// currency sign, marks between thousands, in brackets if it is negative; NULL if it is none.
  ///
  /// @param column the column's quoted name
  static String anyNumber(String column) {
    String bare =
        "REGEXP_REPLACE(REPLACE(TRIM("
            + column
            + "), '−', '-'), '[€$£¥%\\s\u00a0\u202f]', '', 'g')";
    String negative = "CASE WHEN regexp_full_match(" + bare + ", '\\(.+\\)') THEN -1 ELSE 1 END";
    String inner = "REGEXP_REPLACE(" + bare + ", '[()]', '', 'g')";
    String grouped =
        "CASE WHEN regexp_full_match("
            + inner
            + ", '[-+]?[0-9]{1,3}(,[0-9]{3})+([.][0-9]+)?') THEN REPLACE("
            + inner
            + ", ',', '') WHEN regexp_full_match("
            + inner
            + ", '[-+]?([0-9]{1,3}([.][0-9]{3})+|[0-9]+),[0-9]+') THEN REPLACE(REPLACE("
            + inner
            + ", '.', ''), ',', '.') ELSE "
            + inner
            + " END";
    return "(" + negative + ") * TRY_CAST(" + grouped + " AS DOUBLE)";
  }

  private List<String> sample(String column) throws SQLException {
    List<String> values = new ArrayList<>();
    String name = DUCK_DB.quote(column);
    String sql = "SELECT " + name + " FROM records WHERE " + name + " IS NOT NULL LIMIT " + SAMPLE;
    try (Statement statement = connection.createStatement();
        ResultSet result = statement.executeQuery(sql)) {
      while (result.next()) {
        values.add(result.getString(1).replaceAll(SIGNS, ""));
      }
    }
    return values;
  }

  private Optional<Form> form(List<String> values) {
    if (values.isEmpty()) {
      return Optional.empty();
    }
    List<Form> fitting =
        List.of(COMMA, POINT).stream()
            .filter(form -> values.stream().allMatch(value -> value.matches(form.pattern())))
            .toList();
    if (fitting.size() < 2) {
      return fitting.stream().findFirst();
    }
    boolean comma = values.stream().anyMatch(COMMA::isSure);
    boolean point = values.stream().anyMatch(POINT::isSure);
    return Optional.of(comma != point ? comma ? COMMA : POINT : commasPart ? POINT : COMMA);
  }

  /// Only if every value is a number; the sample was but a sample.
  private void alter(String column, Form form) throws SQLException {
    String name = DUCK_DB.quote(column);
    String bare = "REGEXP_REPLACE(" + name + ", '[€$£¥%\\s\u00a0\u202f]', '', 'g')";
    String plain =
        "REPLACE(REPLACE(REPLACE("
            + bare
            + ", '"
            + form.thousands
            + "', ''), '"
            + form.decimal
            + "', '.'), '−', '-')";
    String number = "TRY_CAST(" + plain + " AS DOUBLE)";
    String fits = "REGEXP_FULL_MATCH(" + bare + ", '" + form.pattern() + "')";
    try (Statement statement = connection.createStatement();
        ResultSet result =
            statement.executeQuery(
                "SELECT COUNT(*) FROM records WHERE "
                    + name
                    + " IS NOT NULL AND (NOT "
                    + fits
                    + " OR "
                    + number
                    + " IS NULL)")) {
      result.next();
      if (result.getLong(1) > 0) {
        return;
      }
    }
    try (Statement statement = connection.createStatement()) {
      statement.execute("ALTER TABLE records ALTER " + name + " TYPE DOUBLE USING " + number);
    }
  }
}
