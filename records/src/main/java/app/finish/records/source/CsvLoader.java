package app.finish.records.source;

import static app.finish.records.source.RecordStore.path;
import static app.finish.records.source.RecordStore.text;

import app.finish.core.problem.Problem;
import app.finish.core.tally.Reading;
import app.finish.formats.io.ReadRequest;
import app.finish.formats.io.TextFile;
import app.finish.records.sql.Dialect;
import app.finish.records.sql.SqlProblems;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;

/// Puts a file of values parted by commas, tabs or the like into the table `records`. Only columns
/// that somebody asks for are kept; lines that aren't straight are found in all of them.
public final class CsvLoader {
  private static final long LARGE_FILE = 16L << 20;

  private static final Dialect DUCK_DB = new Dialect.DuckDb();
  private static final int GUESSED = 4096;

  private final RecordStore store;
  private final Path folder;
  private final String label;
  private final Reading reading;
  private final Predicate<String> wanted;
  private final List<String> said;
  private final Set<String> texts;
  private final Set<String> openDates = new LinkedHashSet<>();
  private final Map<String, String> guessed = new LinkedHashMap<>();

  /// @param texts columns that are known to hold texts, however they look
  public CsvLoader(
      RecordStore store,
      Path folder,
      Reading reading,
      Set<String> texts,
      Predicate<String> wanted,
      List<String> said) {
    this.store = store;
    this.folder = folder;
    this.label = store.label();
    this.reading = reading;
    this.texts = new LinkedHashSet<>(texts);
    this.texts.addAll(reading.asTexts());
    this.wanted = wanted;
    this.said = said;
  }

  /// All columns of the file in their order, with the types that the first records speak for.
  public Map<String, String> found() {
    return guessed;
  }

  /// The columns that are read: those that are wanted, one at least, all if none is known.
  private List<String> columnsToRead() {
    List<String> read = guessed.keySet().stream().filter(wanted).toList();
    return read.isEmpty() ? guessed.keySet().stream().limit(1).toList() : read;
  }

  public void load(Path file) throws IOException, SQLException {
    Path given = file;
    Map<String, String> types = new LinkedHashMap<>();
    Set<String> whole = new LinkedHashSet<>();
    for (int round = 0; round < 12; round++) {
      if (round == 0 || !given.equals(file) && whole.isEmpty()) {
        sniff(given, types, whole);
      }
      boolean wholeAlready = read(given, types, whole);
      Rejects rejects = Rejects.of(store.connection());
      if (rejects.encoding() && given.equals(file)) {
        given = inUtf8(file);
        said.add(label + " is not in UTF-8; it was read as Windows-1252 or UTF-16.");
      } else if (rejects.changed().isEmpty()) {
        leaveOut(rejects);
        boolean unordered = isUnordered(Files.size(given));
        WholeNumbers numbers = new WholeNumbers(store.connection(), texts, !unordered);
        if (unordered) {
          keepFirst(given);
        }
        whole.retainAll(guessed.isEmpty() ? whole : columnsToRead());
        said.addAll(wholeAlready ? List.of() : numbers.take(whole));
        Set<String> written = store.textColumns();
        written.removeIf(this::isText);
        written.removeAll(numbers.kept());
        written.removeAll(openDates);
        new WrittenNumbers(store.connection(), rejects.delimiter()).take(written);
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
    guessed.clear();
    try (Statement statement = store.connection().createStatement();
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
    for (String column : QuotedTexts.of(file, guessed.keySet())) {
      if (isWhole(guessed.getOrDefault(column, ""))
          && columnsToRead().contains(column)
          && !isText(column)) {
        texts.add(column);
        said.add(
            "“"
                + column
                + "” stands in quotation marks where other numbers don't, so it is read as text."
                + " Take it for numbers if they are some.");
      }
    }
    List<String> dates = new ArrayList<>();
    guessed.forEach(
        (column, type) -> {
          boolean text = isText(column);
          if (text || isWhole(type)) {
            types.put(column, "VARCHAR");
          }
          if (!text && isWhole(type)) {
            whole.add(column);
          }
          if (!text
              && columnsToRead().contains(column)
              && (type.equals("DATE") || type.startsWith("TIMESTAMP"))) {
            dates.add(column);
          }
        });
    if (!dates.isEmpty() && reading.dayFirst().isEmpty()) {
      openDates.addAll(
          new OpenDates(
                  store.connection(),
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
                + " tells which, so it is read as text. Say which: *Measured › Dates …*, or"
                + " --day-first on the command line.");
      }
    }
  }

  private boolean isText(String column) {
    return texts.stream().anyMatch(column::equalsIgnoreCase);
  }

  private static boolean isWhole(String type) {
    return type.endsWith("INT") || type.equals("INTEGER");
  }

  /// Reads the file into a table.
  ///
  /// @return whether the columns of whole numbers hold nothing else, and are numbers already
  private boolean read(Path file, Map<String, String> types, Set<String> whole)
      throws IOException, SQLException {
    clear();
    try {
      boolean some = columnsToRead().stream().anyMatch(whole::contains);
      if (some && readWhole(file, types, whole)) {
        return true;
      }
      clear();
      store.run(
          "CREATE TABLE records AS SELECT " + picked(Set.of()) + " FROM " + scan(file, types));
      return !some;
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

  /// Keeps the first records in their order: those of a long file are in none.
  private void keepFirst(Path file) throws IOException, SQLException {
    store.run("SET preserve_insertion_order = true");
    store.run(
        "CREATE TABLE "
            + Records.FIRST
            + " AS SELECT * FROM read_csv("
            + path(file)
            + ", header = true, all_varchar = true, sample_size = 500) LIMIT 100");
    store.run("SET preserve_insertion_order = false");
  }

  private void clear() throws IOException, SQLException {
    store.run("DROP TABLE IF EXISTS records");
    try (Statement statement = store.connection().createStatement()) {
      statement.execute("DROP TABLE IF EXISTS reject_errors");
      statement.execute("DROP TABLE IF EXISTS reject_scans");
    }
  }

  /// Reads columns of whole numbers as such, unless one of their answers is none.
  private boolean readWhole(Path file, Map<String, String> types, Set<String> whole)
      throws IOException {
    String sql = "CREATE TABLE records AS SELECT " + picked(whole) + " FROM " + scan(file, types);
    try (PreparedStatement statement = store.connection().prepareStatement(sql)) {
      return store
          .asking()
          .watched(
              statement,
              () -> {
                try {
                  statement.execute();
                  return true;
                } catch (SQLException e) {
                  if (WholeNumbers.isRefusal(e)) {
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

  /// What is selected of the file.
  ///
  /// @param whole columns that are to be whole numbers, or nothing at all
  private String picked(Set<String> whole) {
    return guessed.isEmpty()
        ? "*"
        : String.join(
            ", ",
            columnsToRead().stream()
                .map(name -> whole.contains(name) ? WholeNumbers.cast(name) : DUCK_DB.quote(name))
                .toList());
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

  /// Whether records of a file of so many bytes are read out of their order.
  static boolean isUnordered(long size) {
    return size > LARGE_FILE;
  }
}
