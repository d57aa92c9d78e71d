package app.finish.desktop.model;

import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.layout.Paper;
import app.finish.core.layout.sheet.FirstScreen;
import app.finish.core.layout.sheet.Scroll;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.function.Consumer;
import java.util.function.LongConsumer;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/// Has the table at hand arranged, dressed and laid out behind the window, and shows it when it is
/// ready. What is in sight of a long table is shown before the rest of it is, where it can be known
/// so soon.
public final class Showing {
  private final Proofs proofs;
  private final Worker worker;
  private final LongConsumer seen;
  private final Consumer<Exception> failed;
  private final ReadOnlyObjectWrapper<Optional<Shown>> shown =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private final ReadOnlyObjectWrapper<Optional<Scroll>> glimpse =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private FirstScreen.Area sight = new FirstScreen.Area(0, 0);
  private volatile int asked;
  private int drawn;

  /// @param seen is told how long it took until something was shown, in nanoseconds
  /// @param failed is told what went wrong
  Showing(Proofs proofs, Worker worker, LongConsumer seen, Consumer<Exception> failed) {
    this.proofs = proofs;
    this.worker = worker;
    this.seen = seen;
    this.failed = failed;
  }

  /// The table as it is shown, if there is one.
  public ReadOnlyObjectProperty<Optional<Shown>> shownProperty() {
    return shown.getReadOnlyProperty();
  }

  /// What is in sight of the table while the rest of it is on its way.
  public ReadOnlyObjectProperty<Optional<Scroll>> glimpseProperty() {
    return glimpse.getReadOnlyProperty();
  }

  /// What is in sight of the table while the rest of it is on its way.
  public Optional<Scroll> glimpse() {
    return glimpse.get();
  }

  /// Says how far the sheet of the table is in sight.
  public void inSight(FirstScreen.Area now) {
    sight = now;
  }

  /// Shows that there is no table.
  void nothing() {
    asked++;
    glimpse.set(Optional.empty());
    shown.set(Optional.empty());
  }

  /// Shows a table of a document, in place of what was asked for before.
  void show(Document document, int index, Finish finish) {
    int own = ++asked;
    long began = System.nanoTime();
    FirstScreen.Area now = sight;
    CountDownLatch looked = new CountDownLatch(1);
    worker.ahead(
        () -> {
          try {
            return unlessLate(own, () -> proofs.glimpse(document, index, finish, now));
          } finally {
            looked.countDown();
          }
        },
        top -> {
          if (own == asked && drawn < own && top.isPresent()) {
            glimpse.set(top);
            seen.accept(System.nanoTime() - began);
          }
        },
        failed);
    worker.behind(
        () -> {
          looked.await();
          return unlessLate(
              own, () -> Optional.of(proofs.shown(document, index, finish, Paper.A4.unpaged())));
        },
        made -> {
          if (own == asked && made.isPresent()) {
            drawn = own;
            glimpse.set(Optional.empty());
            shown.set(made);
            seen.accept(System.nanoTime() - began);
          }
        },
        reason -> {
          glimpse.set(Optional.empty());
          failed.accept(reason);
        });
  }

  private interface Making<T> {
    Optional<T> make() throws Exception;
  }

  /// Makes nothing if something else was asked for since.
  private <T> Optional<T> unlessLate(int own, Making<T> making) throws Exception {
    return own == asked ? making.make() : Optional.empty();
  }
}
