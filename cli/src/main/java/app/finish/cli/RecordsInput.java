package app.finish.cli;

import app.finish.core.problem.Problem;
import app.finish.core.tally.Reading;
import app.finish.records.source.Address;
import app.finish.records.source.BrokenRecords;
import app.finish.records.source.Database;
import app.finish.records.source.RecordFile;
import app.finish.records.source.Records;
import app.finish.records.sql.DatabaseQuery;
import java.io.Console;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/// Opens the records that a person named on the command line.
final class RecordsInput {
  @Parameters(
      paramLabel = "RECORDS|JDBC-URL",
      description =
          "a file of records (CSV, TSV, Parquet, JSON, XLSX), or the address of a database "
              + "(jdbc:postgresql:, jdbc:trino:, jdbc:duckdb:)")
  private String records;

  @Option(
      names = "--from",
      paramLabel = "TABLE",
      description = "the table in the database, with its schema before a point")
  private String from = "";

  @Option(
      names = "--user",
      description = "who asks the database; the password is asked for, or taken from FINISH_SECRET")
  private String user = "";

  @Option(names = "--leave-out-broken", description = "leave lines out that can't be read")
  private boolean leaveOutBroken;

  @Option(
      names = "--as-number",
      paramLabel = "COLUMN",
      description = "take a column for numbers; what is none counts as missing")
  private List<String> asNumbers = List.of();

  @Option(
      names = "--as-text",
      paramLabel = "COLUMN",
      description = "keep a column as text, such as codes that are written in digits")
  private List<String> asTexts = List.of();

  @Option(
      names = "--day-first",
      negatable = true,
      description =
          "whether 03/04/2024 is the third of April (--day-first) or the fourth of March"
              + " (--no-day-first)")
  private Boolean dayFirst;

  @Option(
      names = "--missing-word",
      paramLabel = "WORD",
      description = "a text that stands for no answer, such as n/a; may be repeated")
  private List<String> missingWords = List.of();

  /// The records.
  ///
  /// @param err where to ask for a password
  /// @param wanted whether a column is asked for; the others of a file are not read
  Records open(PrintWriter err, DatabaseQuery asking, Predicate<String> wanted) throws IOException {
    if (records.startsWith("jdbc:")) {
      return database(err, asking);
    }
    Reading reading =
        Reading.PLAIN
            .withBrokenLeftOut(leaveOutBroken)
            .withNumbers(Set.copyOf(asNumbers))
            .withTexts(Set.copyOf(asTexts))
            .withMissingWords(missingWords);
    if (dayFirst != null) {
      reading = reading.withDayFirst(dayFirst);
    }
    try {
      return RecordFile.open(Path.of(records), reading, asking, wanted);
    } catch (BrokenRecords broken) {
      broken.lines().stream()
          .limit(8)
          .forEach(line -> err.println("line " + line.line() + ": " + line.why()));
      throw new Problem(broken.getMessage() + " On the command line: --leave-out-broken.", broken);
    }
  }

  private Records database(PrintWriter err, DatabaseQuery asking) throws IOException {
    if (from.isEmpty()) {
      throw new Problem("Say which table of the database holds the records: --from TABLE.");
    }
    Address address = Address.of("database", records, user);
    char[] secret =
        address.secretFromEnvironment().orElseGet(() -> user.isEmpty() ? new char[0] : asked());
    return Database.open(address, secret, from, asking);
  }

  private char[] asked() {
    Console console = System.console();
    if (console == null || !console.isTerminal()) {
      return new char[0];
    }
    char[] secret = console.readPassword("Password of %s: ", user);
    return secret == null ? new char[0] : secret;
  }
}
