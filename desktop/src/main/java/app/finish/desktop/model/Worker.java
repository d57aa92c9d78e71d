package app.finish.desktop.model;

import java.io.InterruptedIOException;
import java.util.concurrent.Callable;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;

/// Does what takes time away from the window's thread: one thing that the person waits for at a
/// time, which can be stopped, and small things behind it. What is stopped is interrupted; should
/// it not heed that, nobody waits for it any more.
public final class Worker {
  private static final long BETWEEN = 80_000_000;

  /// Work that tells how far it is, from 0 to 1.
  interface Work<T> {
    T call(DoubleConsumer progress) throws Exception;
  }

  private final ExecutorService back = Executors.newSingleThreadExecutor(r -> daemon(r, "proofs"));
  private final ExecutorService ahead = Executors.newSingleThreadExecutor(r -> daemon(r, "sight"));
  private final ExecutorService pictures =
      Executors.newSingleThreadExecutor(r -> daemon(r, "pictures"));
  private final ReadOnlyStringWrapper busy = new ReadOnlyStringWrapper("");
  private final ReadOnlyDoubleWrapper progress = new ReadOnlyDoubleWrapper(-1);
  private Thread running = new Thread();
  private int ticket;

  private static Thread daemon(Runnable work, String name) {
    Thread thread = new Thread(work, "finish-" + name);
    thread.setDaemon(true);
    return thread;
  }

  /// What is being done, or the empty string.
  public ReadOnlyStringProperty busyProperty() {
    return busy.getReadOnlyProperty();
  }

  /// Which share of it is done, from 0 to 1; −1 if that is not known.
  public ReadOnlyDoubleProperty progressProperty() {
    return progress.getReadOnlyProperty();
  }

  /// Does something that the person waits for and that can't tell how far it is.
  public <T> void run(
      String label, Callable<T> work, Consumer<T> done, Consumer<Exception> failed) {
    run(label, told -> work.call(), done, failed);
  }

  /// Does something that the person waits for. What it gives, or what went wrong, is told on the
  /// window's thread, unless it was stopped or something else was begun.
  public <T> void run(String label, Work<T> work, Consumer<T> done, Consumer<Exception> failed) {
    running.interrupt();
    int own = ++ticket;
    busy.set(label);
    progress.set(-1);
    running =
        daemon(
            () -> {
              try {
                T result = work.call(teller(own));
                Platform.runLater(() -> finish(own, () -> done.accept(result)));
              } catch (InterruptedIOException | CancellationException e) {
                Platform.runLater(() -> finish(own, () -> {}));
              } catch (Exception e) {
                Platform.runLater(() -> finish(own, () -> failed.accept(e)));
              } catch (OutOfMemoryError | StackOverflowError e) {
                Exception told = new IllegalStateException(e.toString(), e);
                Platform.runLater(() -> finish(own, () -> failed.accept(told)));
              }
            },
            "work");
    running.start();
  }

  /// Tells the window how far the work is, a few times a second.
  private DoubleConsumer teller(int own) {
    AtomicLong last = new AtomicLong();
    return share -> {
      long now = System.nanoTime();
      if (now - last.get() > BETWEEN) {
        last.set(now);
        Platform.runLater(() -> progress.set(own == ticket ? share : progress.get()));
      }
    };
  }

  private void finish(int own, Runnable then) {
    if (own == ticket) {
      busy.set("");
      then.run();
    }
  }

  /// Stops what the person waits for.
  public void stop() {
    ticket++;
    running.interrupt();
    busy.set("");
  }

  /// Does something small that nobody waits for.
  public <T> void behind(Callable<T> work, Consumer<T> done, Consumer<Exception> failed) {
    submit(back, work, done, failed);
  }

  /// Does something small that is wanted before what is done behind is ready.
  <T> void ahead(Callable<T> work, Consumer<T> done, Consumer<Exception> failed) {
    submit(ahead, work, done, failed);
  }

  /// Makes a small picture; what is shown large does not wait for it.
  public <T> void draw(Callable<T> work, Consumer<T> done, Consumer<Exception> failed) {
    submit(pictures, work, done, failed);
  }

  private static <T> void submit(
      ExecutorService thread, Callable<T> work, Consumer<T> done, Consumer<Exception> failed) {
    thread.submit(
        () -> {
          try {
            T result = work.call();
            Platform.runLater(() -> done.accept(result));
          } catch (Exception e) {
            Platform.runLater(() -> failed.accept(e));
          }
        });
  }

  /// Ends the threads.
  public void close() {
    running.interrupt();
    back.shutdownNow();
    ahead.shutdownNow();
    pictures.shutdownNow();
  }
}
