package app.finish.desktop.model;

import java.io.InterruptedIOException;
import java.util.concurrent.Callable;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.concurrent.Task;

/// Does what takes time away from the window's thread: one thing that the person waits for at a
/// time, which can be stopped, and small things behind it. What is stopped is interrupted; should
/// it not heed that, nobody waits for it any more.
public final class Worker {
  private static final Task<?> NOTHING =
      new Task<>() {
        @Override
        protected Void call() {
          return null;
        }
      };

  /// Work that tells how far it is, from 0 to 1.
  interface Work<T> {
    T call(DoubleConsumer progress) throws Exception;
  }

  private final ExecutorService back = Executors.newSingleThreadExecutor(r -> daemon(r, "proofs"));
  private final ExecutorService ahead = Executors.newSingleThreadExecutor(r -> daemon(r, "sight"));
  private final ExecutorService pictures =
      Executors.newSingleThreadExecutor(r -> daemon(r, "pictures"));
  private final ExecutorService saves = Executors.newSingleThreadExecutor(r -> daemon(r, "saves"));
  private final ReadOnlyStringWrapper busy = new ReadOnlyStringWrapper("");
  private final ReadOnlyDoubleWrapper progress = new ReadOnlyDoubleWrapper(-1);
  private Task<?> running = NOTHING;

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
    running.cancel();
    Task<T> task =
        new Task<>() {
          @Override
          protected T call() throws Exception {
            return work.call(share -> updateProgress(share, 1));
          }
        };
    running = task;
    busy.set(label);
    progress.bind(task.progressProperty());
    task.setOnSucceeded(event -> finish(task, () -> done.accept(task.getValue())));
    task.setOnFailed(event -> finish(task, () -> tell(task.getException(), failed)));
    daemon(task, "work").start();
  }

  /// What was interrupted was stopped, and is no failure.
  private static void tell(Throwable failure, Consumer<Exception> failed) {
    switch (failure) {
      case InterruptedIOException _, CancellationException _ -> {}
      case Exception one -> failed.accept(one);
      default -> failed.accept(new IllegalStateException(failure.toString(), failure));
    }
  }

  private void finish(Task<?> task, Runnable then) {
    if (task == running) {
      busy.set("");
      then.run();
    }
  }

  /// Saves something: one after the other, and never cancelled by what is begun meanwhile. A window
  /// that is closed waits for it.
  public <T> void save(
      String label, Callable<T> work, Consumer<T> done, Consumer<Exception> failed) {
    boolean free = busy.get().isEmpty();
    if (free) {
      busy.set(label);
    }
    submit(
        saves,
        work,
        saved -> {
          settle(label);
          done.accept(saved);
        },
        failure -> {
          settle(label);
          failed.accept(failure);
        });
  }

  private void settle(String label) {
    if (busy.get().equals(label)) {
      busy.set("");
    }
  }

  /// Stops what the person waits for.
  public void stop() {
    Task<?> stopped = running;
    running = NOTHING;
    stopped.cancel();
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
    if (thread.isShutdown()) {
      return;
    }
    thread.submit(
        () -> {
          try {
            T result = work.call();
            later(thread, () -> done.accept(result));
          } catch (Exception e) {
            later(thread, () -> failed.accept(e));
          }
        });
  }

  /// Tells the window, unless it was closed meanwhile.
  private static void later(ExecutorService thread, Runnable told) {
    Platform.runLater(
        () -> {
          if (!thread.isShutdown()) {
            told.run();
          }
        });
  }

  /// Ends the threads.
  public void close() {
    running.cancel();
    saves.shutdown();
    try {
      saves.awaitTermination(1, TimeUnit.MINUTES);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
    back.shutdownNow();
    ahead.shutdownNow();
    pictures.shutdownNow();
  }
}
