package app.finish.records;

import app.finish.core.tally.Reading;
import app.finish.formats.Problem;
import app.finish.formats.ReadRequest;
import app.finish.formats.TextFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// Puts a file into the table `records` of an embedded database.
final class RecordLoader {
  private static final Dialect DUCK_DB = new Dialect.DuckDb();
  private static final int GUESSED = 4096;
  private static final String NOT_WHOLE = "finish: not a whole number";

  private final Connection connection;
  private final Path folder;
  private final String label;
  private final Reading reading;
  private final Asking asking;
  private final List<String> said;
  private final Set<String> texts = new LinkedHashSet<>();
  private final Set<String> openDates = new LinkedHashSet<>();

  /// @param said takes a sentence for each thing that had to be decided
  RecordLoader(
      Connection connection,
      Path folder,
      String label,
      Reading reading,
      Asking asking,
      List<String> said) {
    this.connection = connection;
    this.folder = folder;
    this.label = label;
    this.reading = reading;
    this.asking = asking;
    this.said = said;
  }

  void load(Path file) throws IOException, SQLException {
    switch (RecordFile.ending(file)) {
      case "parquet" -> parquet("read_parquet(" + path(file) + ")");
      case "json", "jsonl", "ndjson" ->
          plain("read_json_auto(" + path(file) + ", sample_size = -1)");
      case "xlsx" -> csv(fromWorkbook(file));
      default -> csv(file);
    }
    takeForNumbers();
    keepAsText();
  }

  /// Asks a Parquet file where it lies, unless something has to be changed in its columns.
  private void parquet(String from) throws IOException, SQLException {
    boolean asItIs =
        reading.missingWords().isEmpty()
            && reading.asNumbers().isEmpty()
            && reading.asTexts().isEmpty();
    if (!asItIs) {
      plain(from);
      return;
    }
    try {
      run("CREATE VIEW records AS SELECT * FROM " + from);
    } catch (Problem e) {
      throw new Problem(
          label + " is damaged, or not what its name says. Save the records again.", e);
    }
  }

  /// A path as the database reads it: quoted, and with nothing in it that stands for several.
  private static String path(Path file) {
    String escaped =
        file.toAbsolutePath()
            .toString()
            .replace("[", "[[]")
            .replace("*", "[*]")
            .replace("?", "[?]");
    return text(escaped);
  }

  private static String text(String words) {
    return "'" + words.replace("'", "''") + "'";
  }

  private void plain(String from) throws IOException, SQLException {
    try {
      run("CREATE TABLE records AS SELECT * FROM " + from);
    } catch (Problem e) {
      throw new Problem(
          label + " is damaged, or not what its name says. Save the records again.", e);
    }
    for (String word : reading.missingWords()) {
      blankOut(word);
    }
  }

  private void blankOut(String word) throws IOException, SQLException {
    for (String column : textColumns()) {
      run(
          "UPDATE records SET "
              + DUCK_DB.quote(column)
              + " = NULL WHERE "
              + DUCK_DB.quote(column)
              + " = "
              + text(word));
    }
  }

  private void run(String sql) throws IOException, SQLException {
    try (PreparedStatement statement = connection.prepareStatement(sql)) {
      asking.watched(
          statement,
          () -> {
            statement.execute();
            return true;
          },
          label);
    }
  }

  private Path fromWorkbook(Path file) throws IOException {
    WorkbookRecords records = WorkbookRecords.of(file, folder, label);
    texts.addAll(records.texts());
    said.addAll(records.said());
    return records.csv();
  }

  private void csv(Path file) throws IOException, SQLException {
    Path given = file;
    Map<String, String> types = new LinkedHashMap<>();
    texts.addAll(reading.asTexts());
    Set<String> whole = new LinkedHashSet<>();
    for (int round = 0; round < 12; round++) {
      if (round == 0 || !given.equals(file) && whole.isEmpty()) {
        sniff(given, types, whole);
      }
      boolean wholeAlready = read(given, types, whole);
      Rejects rejects = Rejects.of(connection);
      if (rejects.encoding() && given.equals(file)) {
        given = inUtf8(file);
        said.add(label + " is not in UTF-8; it was read as Windows-1252 or UTF-16.");
      } else if (rejects.changed().isEmpty()) {
        leaveOut(rejects);
        boolean unordered = RecordFile.isUnordered(Files.size(given));
        WholeNumbers numbers = new WholeNumbers(connection, texts, !unordered);
        if (unordered) {
          run(
              "CREATE TABLE "
                  + Records.FIRST
                  + " AS SELECT * FROM read_csv("
                  + path(given)
                  + ", header = true, all_varchar = true, sample_size = 500) LIMIT 100");
        }
        said.addAll(wholeAlready ? List.of() : numbers.take(whole));
        Set<String> written = textColumns();
        written.removeIf(column -> texts.stream().anyMatch(column::equalsIgnoreCase));
        written.removeAll(numbers.kept());
        written.removeAll(openDates);
        new WrittenNumbers(connection, rejects.delimiter()).take(written);
        return;
      } else {
        rejects
            .changed()
            .forEach(
                (column, line) -> {
                  types.put(column, "VARCHAR");
                  said.add(
                      "“"
                          + column
                          + "” holds “"
                          + line.value()
                          + "” in line "
                          + line.number()
                          + ", where numbers or dates stood before, so it is read as text. Take it "
                          + "for numbers if such answers are to count as missing.");
                });
      }
    }
    throw new Problem(label + " changes its types too often. Check that its columns are straight.");
  }

  /// Has the database guess the types by the first records. Columns of whole numbers are read as
  /// texts, so that nothing of a later answer is lost ([WholeNumbers]); dates that can be read in
  /// two ways are left as texts unless the person said which.
  private void sniff(Path file, Map<String, String> types, Set<String> whole)
      throws IOException, SQLException {
    Map<String, String> guessed = new LinkedHashMap<>();
    try (Statement statement = connection.createStatement();
        ResultSet result =
            statement.executeQuery(
                "DESCRIBE SELECT * FROM "
                    + scan(file, types).replaceFirst("\\)$", ", sample_size = " + GUESSED + ")"))) {
      while (result.next()) {
        guessed.put(result.getString(1), result.getString(2));
      }
    } catch (SQLException e) {
      // What can't be guessed is told by the reading itself.
      return;
    }
    List<String> dates = new ArrayList<>();
    guessed.forEach(
        (column, type) -> {
          boolean text = texts.stream().anyMatch(column::equalsIgnoreCase);
          if (text || type.endsWith("INT") || type.equals("INTEGER")) {
            types.put(column, "VARCHAR");
          }
          if (!text && (type.endsWith("INT") || type.equals("INTEGER"))) {
            whole.add(column);
          }
          if (!text && (type.equals("DATE") || type.startsWith("TIMESTAMP"))) {
            dates.add(column);
          }
        });
    if (!dates.isEmpty() && reading.dayFirst().isEmpty()) {
      openDates.addAll(
          new OpenDates(
                  connection,
                  "read_csv("
                      + path(file)
                      + ", header = true, all_varchar = true, sample_size = 500)")
              .among(dates));
      for (String column : openDates) {
        types.put(column, "VARCHAR");
        said.add(
            "“"
                + column
                + "” holds dates that can have the day or the month first, and nothing in "
                + label
                + " tells which, so it is read as text. Say which: *Measured › Dates …*, or --day-first on the command line.");
      }
    }
  }

  /// Reads the file into a table.
  ///
  /// @return whether the columns of whole numbers hold nothing else, and are numbers already
  private boolean read(Path file, Map<String, String> types, Set<String> whole)
      throws IOException, SQLException {
    clear();
    try {
      if (!whole.isEmpty() && readWhole(file, types, whole)) {
        return true;
      }
      clear();
      run("CREATE TABLE records AS SELECT * FROM " + scan(file, types));
      return whole.isEmpty();
    } catch (Problem e) {
      String why = String.valueOf(e.getMessage());
      if (why.contains("sniffing") || why.contains("Invalid unicode") || why.contains("utf-8")) {
        throw new Problem(
            label
                + " can't be read as records: its lines have no columns in common. Save it as CSV "
                + "with a head row.",
            e);
      }
      throw e;
    }
  }

  private void clear() throws IOException, SQLException {
    run("DROP TABLE IF EXISTS records");
    try (Statement statement = connection.createStatement()) {
      statement.execute("DROP TABLE IF EXISTS reject_errors");
      statement.execute("DROP TABLE IF EXISTS reject_scans");
    }
  }

  /// Reads columns of whole numbers as such, unless one of their answers is none.
  private boolean readWhole(Path file, Map<String, String> types, Set<String> whole)
      throws IOException {
    List<String> casts = new ArrayList<>();
    for (String column : whole) {
      String name = DUCK_DB.quote(column);
      String number = "TRY_CAST(" + name + " AS BIGINT)";
      casts.add(
          "CASE WHEN "
              + name
              + " IS NULL THEN NULL WHEN CAST("
              + number
              + " AS VARCHAR) = "
              + name
              + " THEN "
              + number
              + " ELSE CAST(error('"
              + NOT_WHOLE
              + "') AS BIGINT) END AS "
              + name);
    }
    String sql =
        "CREATE TABLE records AS SELECT * REPLACE ("
            + String.join(", ", casts)
            + ") FROM "
            + scan(file, types);
    try (PreparedStatement statement = connection.prepareStatement(sql)) {
      return asking.watched(
          statement,
          () -> {
            try {
              statement.execute();
              return true;
            } catch (SQLException e) {
              if (String.valueOf(e.getMessage()).contains(NOT_WHOLE)) {
                return false;
              }
              throw e;
            }
          },
          label);
    } catch (SQLException e) {
      throw SqlProblems.of(e, label);
    }
  }

  private String scan(Path file, Map<String, String> types) {
    StringBuilder scan = new StringBuilder("read_csv(" + path(file) + ", header = true");
    if (!types.isEmpty()) {
      List<String> parts = new ArrayList<>();
      types.forEach((column, type) -> parts.add(text(column) + ": " + text(type)));
      scan.append(", types = {" + String.join(", ", parts) + "}");
    }
    reading
        .dayFirst()
        .ifPresent(first -> scan.append(", dateformat = " + text(first ? "%d/%m/%Y" : "%m/%d/%Y")));
    List<String> missing = new ArrayList<>(List.of(text("")));
    reading.missingWords().forEach(word -> missing.add(text(word)));
    return scan.append(", nullstr = [" + String.join(", ", missing) + "], store_rejects = true)")
        .toString();
  }

  private Path inUtf8(Path file) throws IOException {
    Path copy = folder.resolve("utf8.csv");
    Files.writeString(copy, TextFile.read(file, ReadRequest.PLAIN));
    return copy;
  }

  private void leaveOut(Rejects rejects) throws BrokenRecords {
    if (rejects.broken().isEmpty()) {
      return;
    }
    if (!reading.brokenLeftOut()) {
      throw new BrokenRecords(label, rejects.broken());
    }
    int lines = rejects.broken().size();
    said.add(
        lines == 1
            ? "A broken line of " + label + " is left out."
            : lines + " broken lines of " + label + " are left out.");
  }

  private Set<String> textColumns() throws SQLException {
    Set<String> columns = new LinkedHashSet<>();
    try (Statement statement = connection.createStatement();
        ResultSet result =
            statement.executeQuery(
                "SELECT column_name FROM duckdb_columns() WHERE table_name = 'records' "
                    + "AND data_type = 'VARCHAR' ORDER BY column_index")) {
      while (result.next()) {
        columns.add(result.getString(1));
      }
    }
    return columns;
  }

  /// Takes columns for numbers as the person said; says how many answers are none.
  private void takeForNumbers() throws IOException, SQLException {
    Set<String> texts = textColumns();
    for (String wanted : reading.asNumbers()) {
      Optional<String> column =
          texts.stream().filter(one -> one.equalsIgnoreCase(wanted)).findFirst();
      if (column.isEmpty()) {
        continue;
      }
      String quoted = DUCK_DB.quote(column.get());
      String number = WrittenNumbers.anyNumber(quoted);
      try (Statement statement = connection.createStatement();
          ResultSet result =
              statement.executeQuery(
                  "SELECT COUNT(*), MIN("
                      + quoted
                      + ") FROM records WHERE "
                      + quoted
                      + " IS NOT NULL AND "
                      + number
                      + " IS NULL")) {
        result.next();
        if (result.getLong(1) > 0) {
          said.add(
              result.getLong(1)
                  + " answers in “"
                  + column.get()
                  + "” are no numbers, such as “"
                  + result.getString(2)
                  + "”; they count as missing.");
        }
      }
      run("ALTER TABLE records ALTER " + quoted + " TYPE DOUBLE USING " + number);
    }
  }

  /// Writes out as text what a person wants kept as text and the reading made something else of.
  private void keepAsText() throws IOException, SQLException {
    Set<String> already = textColumns();
    for (String wanted : reading.asTexts()) {
      if (already.stream().noneMatch(wanted::equalsIgnoreCase)) {
        String quoted = DUCK_DB.quote(wanted);
        try {
          run(
              "ALTER TABLE records ALTER "
                  + quoted
                  + " TYPE VARCHAR USING CAST("
                  + quoted
                  + " AS VARCHAR)");
        } catch (Problem e) {
          said.add("There is no column “" + wanted + "” to be kept as text.");
        }
      }
    }
  }
}
