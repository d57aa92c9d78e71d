package app.finish.cli;

import java.io.PrintStream;
import java.time.Duration;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;

/// Says in a terminal that a piece of work still goes on, once it takes long: a line that counts
/// the seconds and goes away with the work. Elsewhere it says nothing, so that what is piped stays
/// clean.
///
/// ```java
/// try (StillAt still = StillAt.work("Reading fares.csv")) {
///   return Sources.read(file);
/// }
/// ```
final class StillAt implements AutoCloseable {
  private static final Duration LONG = Duration.ofSeconds(3);

  private final String what;
  private final PrintStream err;
  private final long began = System.nanoTime();
  private final ScheduledExecutorService clock =
      Executors.newSingleThreadScheduledExecutor(
          work -> {
            Thread thread = new Thread(work, "finish-still");
            thread.setDaemon(true);
            return thread;
          });
  private int shown;

  private StillAt(String what, PrintStream err, Duration after) {
    this.what = what.replaceAll("\\p{Cntrl}", "\uFFFD");
    this.err = err;
    clock.scheduleAtFixedRate(
        this::show, after.toMillis(), Math.min(1_000, after.toMillis()), TimeUnit.MILLISECONDS);
  }

  /// Begins to count, where someone looks.
  static StillAt work(String what) {
    boolean terminal = System.console() != null && System.console().isTerminal();
    return terminal ? on(what, System.err, LONG) : on(what, System.err, Duration.ofDays(1));
  }

  /// Begins to count on a stream.
  static StillAt on(String what, PrintStream err, Duration after) {
    return new StillAt(what, err, after);
  }

  private synchronized void show() {
    long seconds = (System.nanoTime() - began) / 1_000_000_000;
    String line = what + " for " + seconds + " s; Ctrl+C stops it. ";
    err.print("\r" + line);
    err.flush();
    shown = line.length();
  }

  @Override
  public synchronized void close() {
    clock.shutdownNow();
    if (shown > 0) {
      err.print("\r" + " ".repeat(shown) + "\r");
      err.flush();
    }
  }
}
