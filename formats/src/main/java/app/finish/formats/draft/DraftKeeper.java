package app.finish.formats.draft;

import app.finish.core.document.Document;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;

/// Keeps what is open, within half a second of each change, on a thread of its own. Changes that
/// follow one another quickly are kept as one; a document of very many cells is written less often.
///
/// ```java
/// keeper.changed(Optional.of(new DraftKeeper.Open(document, "Fares", Optional.empty())));
/// keeper.changed(Optional.empty()); // all is saved
/// ```
public final class DraftKeeper implements AutoCloseable {
  /// What is open and not saved.
  ///
  /// @param name the name of the document
  /// @param file the file that it was saved in before, if it was
  public record Open(Document document, String name, Optional<Path> file) {}

  private static final long WAIT = 400;

  /// Documents of more cells are written less often, so that a sixth of one processor is the most
  /// that it takes.
  private static final long MANY_CELLS = 50_000;

  private static final long MOST_WAIT = 10_000;

  private final Drafts drafts;
  private final Consumer<IOException> failed;
  private final ScheduledExecutorService thread =
      Executors.newSingleThreadScheduledExecutor(
          work -> {
            Thread one = new Thread(work, "finish-drafts");
            one.setDaemon(true);
            return one;
          });

  /// What is to be kept, and whether it is on its way.
  private record Wanted(Optional<Open> open, boolean onItsWay) {}

  private final AtomicReference<Wanted> wanted =
      new AtomicReference<>(new Wanted(Optional.empty(), false));
  private volatile long wait = WAIT;

  /// @param failed told when something could not be kept, on the keeper's thread
  public DraftKeeper(Drafts drafts, Consumer<IOException> failed) {
    this.drafts = drafts;
    this.failed = failed;
  }

  /// Says what is open now, or that nothing is that is not saved.
  public void changed(Optional<Open> open) {
    Wanted before = wanted.getAndSet(new Wanted(open, true));
    if (!before.onItsWay && !thread.isShutdown()) {
      thread.schedule(this::write, wait, TimeUnit.MILLISECONDS);
    }
  }

  private void write() {
    Wanted now = wanted.updateAndGet(one -> new Wanted(one.open, false));
    long began = System.nanoTime();
    try {
      if (now.open.isPresent()) {
        Open open = now.open.get();
        drafts.keep(open.document, open.name, open.file);
      } else {
        drafts.drop();
      }
    } catch (IOException e) {
      failed.accept(e);
    }
    long took = TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - began);
    boolean large = now.open.filter(open -> cells(open.document) > MANY_CELLS).isPresent();
    wait = large ? Math.clamp(5 * took, WAIT, MOST_WAIT) : WAIT;
  }

  private static long cells(Document document) {
    return document.tables().stream()
        .mapToLong(one -> (long) one.source().grid().rows() * one.source().grid().columns())
        .sum();
  }

  /// Ends the thread. What was kept goes, since the window is closed on purpose.
  @Override
  public void close() {
    thread.shutdownNow();
    try {
      thread.awaitTermination(10, TimeUnit.SECONDS);
      drafts.close();
    } catch (IOException e) {
      failed.accept(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }
}
