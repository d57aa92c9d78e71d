package app.finish.records.sql;

import java.io.IOException;
import java.io.InterruptedIOException;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.DoubleConsumer;
import org.duckdb.DuckDBPreparedStatement;

/// Asks a database, and stops it there when the asking thread is interrupted. It tells how far the
/// database is, or that nobody knows.
///
/// ```java
/// DatabaseQuery asking = new DatabaseQuery(share -> bar.show(share));
/// ```
public final class DatabaseQuery {
  /// Asks without telling anybody.
  public static final DatabaseQuery SILENT = new DatabaseQuery(share -> {});

  private static final long EVERY = 60;

  /// What is made of a result.
  ///
  /// @param <T> what it gives
  public interface Reader<T> {
    T read(ResultSet result) throws SQLException, IOException;
  }

  private final DoubleConsumer progress;

  /// @param progress is told, from another thread, which share is done, from 0 to 1; −1 if that is
  ///   not known
  public DatabaseQuery(DoubleConsumer progress) {
    this.progress = progress;
  }

  /// What a reading statement gives.
  ///
  /// @param label what the records are called in messages
  /// @throws InterruptedIOException if the thread was interrupted; the database has stopped too
  /// @throws app.finish.formats.io.Problem if the database can't answer
  public <T> T ask(
      Connection connection, String sql, List<Object> parameters, Reader<T> reader, String label)
      throws IOException {
    if (!sql.startsWith("SELECT ") && !sql.startsWith("WITH ")) {
      throw new IllegalArgumentException("only reading statements are sent");
    }
    try {
      try (PreparedStatement statement = connection.prepareStatement(sql)) {
        for (int i = 0; i < parameters.size(); i++) {
          statement.setObject(i + 1, parameters.get(i));
        }
        statement.setFetchSize(10_000);
        return watched(
            statement,
            () -> {
              try (ResultSet result = statement.executeQuery()) {
                return reader.read(result);
              }
            },
            label);
      } finally {
        if (!connection.isClosed() && !connection.getAutoCommit()) {
          connection.rollback();
        }
      }
    } catch (SQLException e) {
      throw SqlProblems.of(e, label);
    }
  }

  /// Work on a statement.
  ///
  /// @param <T> what it gives
  public interface Work<T> {
    T run() throws SQLException, IOException;
  }

  /// Does work on a statement while a thread beside it looks whether it is to be stopped.
  public <T> T watched(PreparedStatement statement, Work<T> work, String label) throws IOException {
    Thread asker = Thread.currentThread();
    AtomicBoolean done = new AtomicBoolean();
    AtomicBoolean stopped = new AtomicBoolean();
    Thread watch = new Thread(() -> watch(asker, statement, done, stopped), "finish-asking");
    watch.setDaemon(true);
    watch.start();
    try {
      T result = work.run();
      if (stopped.get()) {
        throw new InterruptedIOException("counting was stopped");
      }
      return result;
    } catch (SQLException e) {
      if (stopped.get() || asker.isInterrupted()) {
        InterruptedIOException told = new InterruptedIOException("counting was stopped");
        told.initCause(e);
        throw told;
      }
      throw SqlProblems.of(e, label);
    } finally {
      done.set(true);
      watch.interrupt();
    }
  }

  private void watch(
      Thread asker, PreparedStatement statement, AtomicBoolean done, AtomicBoolean stopped) {
    try {
      while (!done.get()) {
        Thread.sleep(EVERY);
        if (asker.isInterrupted() && !done.get()) {
          stopped.set(true);
          statement.cancel();
        } else {
          progress.accept(share(statement));
        }
      }
    } catch (InterruptedException | SQLException e) {
      // The work has ended, which is what this thread waits for.
    }
  }

  private static double share(PreparedStatement statement) throws SQLException {
    if (statement.isWrapperFor(DuckDBPreparedStatement.class)) {
      double percent =
          statement.unwrap(DuckDBPreparedStatement.class).getQueryProgress().getPercentage();
      return percent < 0 ? -1 : percent / 100;
    }
    return -1;
  }
}
