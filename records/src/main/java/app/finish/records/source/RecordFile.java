package app.finish.records.source;

import app.finish.core.problem.Problem;
import app.finish.core.tally.Reading;
import app.finish.core.tally.RecordsName;
import app.finish.records.sql.DatabaseQuery;
import app.finish.records.sql.Dialect;
import app.finish.records.sql.SqlProblems;
import java.io.IOException;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/// Reads records from a file (CSV, TSV, Parquet, JSON, XLSX) into a database of their own in a
/// folder for passing things, with a limit to its memory; what doesn't fit spills into the folder.
///
/// ```java
/// Records records = RecordFile.open(Path.of("sailings.csv"), Reading.PLAIN, DatabaseQuery.SILENT);
/// ```
public final class RecordFile {
  private static final String MEMORY = "1GB";
  private static final long IN_MEMORY = 512L << 20;

  private RecordFile() {}

  /// The endings of files that hold records.
  public static final List<String> ENDINGS =
      List.of("csv", "tsv", "txt", "parquet", "json", "jsonl", "ndjson", "xlsx");

  /// The records of a file.
  ///
  /// @throws BrokenRecords if lines can't be read and nobody said that they may be left out
  /// @throws Problem if the file can't be read, in words for the person
  /// @throws java.io.InterruptedIOException if the thread was interrupted
  public static Records open(Path file, Reading reading, DatabaseQuery asking) throws IOException {
    return open(file, reading, asking, column -> true);
  }

  /// The records of a file of which only some columns are asked for: of thirty columns, a table
  /// needs three. The others are known by name and type, and can't be asked about.
  ///
  /// @param wanted whether a column of a name is asked for
  public static Records open(
      Path file, Reading reading, DatabaseQuery asking, Predicate<String> wanted)
      throws IOException {
    return open(file, new RecordsName.File(file.toString(), reading), reading, asking, wanted);
  }

  public static Records open(
      Path file, RecordsName name, Reading reading, DatabaseQuery asking, Predicate<String> wanted)
      throws IOException {
    Path parent = Path.of(System.getProperty("java.io.tmpdir"));
    return openIn(parent, file, name, reading, asking, wanted);
  }

  /// The records of a file, with what is read for them in a folder of its own in `parent`.
  static Records openIn(
      Path parent,
      Path file,
      RecordsName name,
      Reading reading,
      DatabaseQuery asking,
      Predicate<String> wanted)
      throws IOException {
    check(file);
    long size = Files.size(file);
    Path folder = Files.createTempDirectory(parent, "finish-records");
    Connection connection;
    try {
      connection = connect(folder, size);
    } catch (SQLException e) {
      delete(folder);
      throw SqlProblems.of(e, name.label());
    }
    try {
      List<String> said = new ArrayList<>();
      RecordStore store = new RecordStore(connection, name.label(), asking);
      RecordLoader loader = new RecordLoader(store, folder, reading, wanted, said);
      loader.load(file);
      RecordsDescription described =
          RecordsDescription.of(connection, new Dialect.DuckDb(), "records", name.label(), asking)
              .withFound(loader.found());
      return new Records(
          name,
          connection,
          new Dialect.DuckDb(),
          "records",
          described.columns(),
          described.count(),
          said,
          () -> delete(folder));
    } catch (IOException | RuntimeException e) {
      close(connection);
      delete(folder);
      throw e;
    } catch (SQLException e) {
      close(connection);
      delete(folder);
      throw SqlProblems.of(e, name.label());
    }
  }

  private static void check(Path file) throws Problem {
    String name = file.getFileName() == null ? file.toString() : file.getFileName().toString();
    if (!Files.exists(file)) {
      throw new Problem("There is no file " + file + ". Check the name and the folder.");
    }
    if (Files.isDirectory(file)) {
      throw new Problem(name + " is a folder. Pick a file that holds records.");
    }
    if (!Files.isReadable(file)) {
      throw new Problem(name + " may not be read by you. Change its permissions, or copy it.");
    }
    String ending = RecordLoader.ending(file);
    if (!ENDINGS.contains(ending)) {
      throw new Problem(
          name
              + " is of a kind that records are not read from. Save them as CSV, Parquet, JSON "
              + "or XLSX.");
    }
    if (file.toFile().length() == 0) {
      throw new Problem(name + " is empty. Pick a file that holds records.");
    }
  }

  /// A database for records of so many bytes. Up to half a gigabyte they are kept in memory, which
  /// is quicker and spills if it has to; long files are not kept in their order, so that both ends
  /// of them are read at once.
  private static Connection connect(Path folder, long size) throws SQLException {
    boolean inMemory = size <= IN_MEMORY;
    Connection connection =
        DriverManager.getConnection(
            "jdbc:duckdb:" + (inMemory ? "" : folder.resolve("records.db")));
    limit(connection, folder.resolve("spill"));
    if (CsvLoader.isUnordered(size)) {
      try (Statement statement = connection.createStatement()) {
        statement.execute("SET preserve_insertion_order = false");
      }
    }
    return connection;
  }

  /// Limits the memory of an embedded database; what doesn't fit spills into a folder.
  static void limit(Connection connection, Path spill) throws SQLException {
    try (Statement statement = connection.createStatement()) {
      statement.execute("SET memory_limit = '" + MEMORY + "'");
      statement.execute("SET temp_directory = '" + spill.toString().replace("'", "''") + "'");
      statement.execute("SET TimeZone = 'UTC'");
      statement.execute("SET autoinstall_known_extensions = false");
    }
  }

  private static void close(Connection connection) {
    try {
      connection.close();
    } catch (SQLException e) {
      org.slf4j.LoggerFactory.getLogger(RecordFile.class).debug("closing", e);
    }
  }

  private static void delete(Path folder) {
    try {
      Files.walkFileTree(
          folder,
          new SimpleFileVisitor<>() {
            @Override
            public FileVisitResult visitFile(Path file, BasicFileAttributes attributes)
                throws IOException {
              Files.deleteIfExists(file);
              return FileVisitResult.CONTINUE;
            }

            @Override
            public FileVisitResult postVisitDirectory(Path visited, IOException failure)
                throws IOException {
              Files.deleteIfExists(visited);
              return FileVisitResult.CONTINUE;
            }
          });
    } catch (IOException e) {
      org.slf4j.LoggerFactory.getLogger(RecordFile.class).debug("deleting {}", folder, e);
    }
  }
}
