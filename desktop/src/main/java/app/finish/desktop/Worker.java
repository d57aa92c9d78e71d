package app.finish.desktop;

import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;

/// Does what takes time away from the window's thread: one thing that the person waits for at a
/// time, which can be stopped, and small things behind it.
final class Worker {
  private final ExecutorService front = Executors.newSingleThreadExecutor(r -> daemon(r, "work"));
  private final ExecutorService back = Executors.newSingleThreadExecutor(r -> daemon(r, "proofs"));
  private final ReadOnlyStringWrapper busy = new ReadOnlyStringWrapper("");
  private Future<?> running = CompletableFuture.completedFuture("");
  private int ticket;

  private static Thread daemon(Runnable work, String name) {
    Thread thread = new Thread(work, "finish-" + name);
    thread.setDaemon(true);
    return thread;
  }

  /// What is being done, or the empty string.
  ReadOnlyStringProperty busyProperty() {
    return busy.getReadOnlyProperty();
  }

  /// Does something that the person waits for. What it gives, or what went wrong, is told on the
  /// window's thread, unless it was stopped or something else was begun.
  <T> void run(String label, Callable<T> work, Consumer<T> done, Consumer<Exception> failed) {
    running.cancel(true);
    int own = ++ticket;
    busy.set(label);
    running =
        front.submit(
            () -> {
              try {
                T result = work.call();
                Platform.runLater(() -> finish(own, () -> done.accept(result)));
              } catch (Exception e) {
                Platform.runLater(() -> finish(own, () -> failed.accept(e)));
              } catch (OutOfMemoryError | StackOverflowError e) {
                Exception told = new IllegalStateException(e.toString(), e);
                Platform.runLater(() -> finish(own, () -> failed.accept(told)));
              }
            });
  }

  private void finish(int own, Runnable then) {
    if (own == ticket) {
      busy.set("");
      then.run();
    }
  }

  /// Stops what the person waits for.
  void stop() {
    ticket++;
    running.cancel(true);
    busy.set("");
  }

  /// Does something small that nobody waits for.
  <T> void behind(Callable<T> work, Consumer<T> done, Consumer<Exception> failed) {
    back.submit(
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
  void close() {
    front.shutdownNow();
    back.shutdownNow();
  }
}
