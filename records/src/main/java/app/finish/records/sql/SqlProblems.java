package app.finish.records.sql;

import app.finish.core.problem.Problem;
import java.sql.SQLException;
import java.util.regex.Pattern;

/// Says in a sentence what a database complains of. What a server says is passed on in its first
/// line only, and never an address, which could hold a secret.
public final class SqlProblems {
  /// The number by which a web service says so, and not a port that has these digits.
  private static final Pattern UNAUTHORISED = Pattern.compile("\\b401\\b");

  private SqlProblems() {}

  /// The problem behind a complaint.
  ///
  /// @param label what the records are called
  public static Problem of(SQLException complaint, String label) {
    String state = complaint.getSQLState() == null ? "" : complaint.getSQLState();
    String said = firstLine(String.valueOf(complaint.getMessage()));
    String lower = said.toLowerCase(java.util.Locale.ROOT);
    if (state.startsWith("28")
        || lower.contains("authentication failed")
        || UNAUTHORISED.matcher(lower).find() && !lower.contains("refused")
        || lower.contains("no password was provided")) {
      return new Problem(
          "The server of " + label + " did not take the name and password. Type them again.",
          complaint);
    }
    if (state.startsWith("08")
        || state.startsWith("57P")
        || lower.contains("connection refused")
        || lower.contains("i/o error")
        || lower.contains("error executing query")
        || lower.contains("error fetching")
        || lower.contains("connection has been closed")) {
      return new Problem(
          "The server of "
              + label
              + " does not answer: it is away, or the way to it is broken. Nothing was changed;"
              + " try again when it is back.",
          complaint);
    }
    if (state.equals("42P01") || lower.contains("does not exist") && lower.contains("table")) {
      return new Problem(
          "There is no table behind " + label + ". Check its name and its schema.", complaint);
    }
    if (lower.contains("out of memory") || lower.contains("memory limit")) {
      return new Problem(
          "Counting "
              + label
              + " needs more memory than there is. Take fewer dimensions, or no medians.",
          complaint);
    }
    return new Problem("The database of " + label + " says: " + said + ".", complaint);
  }

  private static String firstLine(String message) {
    if (message == null || message.isBlank()) {
      return "something went wrong";
    }
    String line = message.strip().split("\\R", 2)[0].strip();
    String safe = line.replaceAll("jdbc:\\S+", "its address");
    return safe.endsWith(".") ? safe.substring(0, safe.length() - 1) : safe;
  }
}
