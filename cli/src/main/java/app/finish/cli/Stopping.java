package app.finish.cli;

import app.finish.records.sql.DatabaseQuery;
import java.io.PrintStream;

/// Stops a database's work when the person stops the command (Ctrl+C), and shows in a terminal how
/// long it has been going on.
final class Stopping implements AutoCloseable {
  private static final long QUIET = 2_000;
  private static final long GRACE = 2_000;

  private final Thread asker = Thread.currentThread();
  private final Thread hook = new Thread(this::stop, "finish-stop");
  private final long began = System.currentTimeMillis();
  private boolean shown;

  private Stopping() {
    Runtime.getRuntime().addShutdownHook(hook);
  }

  /// Begins to listen.
  static Stopping onInterrupt() {
    return new Stopping();
  }

  /// Asks and shows the time.
  DatabaseQuery asking() {
    return new DatabaseQuery(this::show);
  }

  private void show(double share) {
    long time = System.currentTimeMillis() - began;
    boolean terminal = System.console() != null && System.console().isTerminal();
    if (time > QUIET && terminal) {
      PrintStream err = System.err;
      String done = share >= 0 ? ", " + Math.round(share * 100) + "%" : "";
      err.print("\rCounting for " + time / 1000 + " s" + done + "; Ctrl+C stops it. ");
      err.flush();
      shown = true;
    }
  }

  private void stop() {
    asker.interrupt();
    try {
      asker.join(GRACE);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  @Override
  public void close() {
    if (shown) {
      System.err.println();
    }
    try {
      Runtime.getRuntime().removeShutdownHook(hook);
    } catch (IllegalStateException e) {
      // The command is being stopped, and the hook is at work.
    }
  }
}
