package app.finish.records.source;

import static app.finish.records.source.RecordStore.path;
import static app.finish.records.source.RecordStore.text;

import app.finish.core.problem.Problem;
import app.finish.core.tally.Reading;
import app.finish.records.sql.Dialect;
import java.io.IOException;
import java.nio.file.Path;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/// Puts a file into the table `records` of an embedded database.
public final class RecordLoader {
  private static final Dialect DUCK_DB = new Dialect.DuckDb();

  private final RecordStore store;
  private final Path folder;
  private final String label;
  private final Reading reading;
  private final Predicate<String> wanted;
  private final List<String> said;
  private final Map<String, String> found = new LinkedHashMap<>();

  /// @param wanted the names of the columns that are asked for; the others need not be read
  /// @param said takes a sentence for each thing that had to be decided
  RecordLoader(
      RecordStore store,
      Path folder,
      Reading reading,
      Predicate<String> wanted,
      List<String> said) {
    this.store = store;
    this.folder = folder;
    this.label = store.label();
    this.reading = reading;
    this.wanted = wanted;
    this.said = said;
  }

  /// All columns that the file has in their order, with the database's type; empty if all were
  /// read.
  Map<String, String> found() {
    return found;
  }

  void load(Path file) throws IOException, SQLException {
    switch (ending(file)) {
      case "parquet" -> parquet("read_parquet(" + path(file) + ")");
      case "json", "jsonl", "ndjson" -> {
        JsonDepth.check(file, label);
        plain("read_json_auto(" + path(file) + ", sample_size = -1)");
      }
      case "xlsx" -> {
        WorkbookRecords records = WorkbookRecords.of(file, folder, label);
        said.addAll(records.said());
        csv(records.csv(), records.texts());
      }
      default -> csv(file, Set.of());
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
      store.run("CREATE VIEW records AS SELECT * FROM " + from);
    } catch (Problem e) {
      throw new Problem(
          label + " is damaged, or not what its name says. Save the records again.", e);
    }
  }

  private void plain(String from) throws IOException, SQLException {
    try {
      store.run("CREATE TABLE records AS SELECT * FROM " + from);
    } catch (Problem e) {
      throw new Problem(
          label + " is damaged, or not what its name says. Save the records again.", e);
    }
    for (String word : reading.missingWords()) {
      blankOut(word);
    }
  }

  private void blankOut(String word) throws IOException, SQLException {
    for (String column : store.textColumns()) {
      store.run(
          "UPDATE records SET "
              + DUCK_DB.quote(column)
              + " = NULL WHERE "
              + DUCK_DB.quote(column)
              + " = "
              + text(word));
    }
  }

  private void csv(Path file, Set<String> texts) throws IOException, SQLException {
    CsvLoader loader = new CsvLoader(store, folder, reading, texts, wanted, said);
    loader.load(file);
    found.putAll(loader.found());
  }

  /// Takes columns for numbers as the person said; says how many answers are none.
  private void takeForNumbers() throws IOException, SQLException {
    Set<String> texts = store.textColumns();
    for (String wanted : reading.asNumbers()) {
      Optional<String> column =
          texts.stream().filter(one -> one.equalsIgnoreCase(wanted)).findFirst();
      if (column.isEmpty()) {
        continue;
      }
      String quoted = DUCK_DB.quote(column.get());
      String number = WrittenNumbers.anyNumber(quoted);
      try (Statement statement = store.connection().createStatement();
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
      store.run("ALTER TABLE records ALTER " + quoted + " TYPE DOUBLE USING " + number);
    }
  }

  /// Writes out as text what a person wants kept as text and the reading made something else of.
  private void keepAsText() throws IOException, SQLException {
    Set<String> already = store.textColumns();
    for (String wanted : reading.asTexts()) {
      if (already.stream().noneMatch(wanted::equalsIgnoreCase)) {
        String quoted = DUCK_DB.quote(wanted);
        try {
          store.run(
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

  /// The ending of a file, in small letters.
  public static String ending(Path file) {
    String lower = file.toString().toLowerCase(Locale.ROOT);
    return lower.substring(lower.lastIndexOf('.') + 1);
  }
}
