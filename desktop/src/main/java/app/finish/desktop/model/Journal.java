package app.finish.desktop.model;

import app.finish.core.document.Document;
import app.finish.core.layout.Paper;
import app.finish.desktop.kit.Texts;
import app.finish.formats.draft.Draft;
import app.finish.formats.draft.DraftKeeper;
import app.finish.formats.draft.Drafts;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;

/// Keeps what is open and not saved, so that a crash takes nothing, and brings back what a crash
/// left.
public final class Journal {
  private final Desk desk;
  private final Files files;
  private final Drafts drafts;
  private final DraftKeeper keeper;
  private boolean told;

  /// @param drafts where it is kept
  public Journal(Desk desk, Files files, Drafts drafts) {
    this.desk = desk;
    this.files = files;
    this.drafts = drafts;
    this.keeper = new DraftKeeper(drafts, failure -> Platform.runLater(() -> tell(failure)));
    desk.historyProperty().addListener((p, before, now) -> changed());
    desk.savedProperty().addListener((p, before, now) -> changed());
  }

  private void changed() {
    Document document = desk.document();
    keeper.changed(
        desk.isEdited() && !document.items().isEmpty()
            ? Optional.of(
                new DraftKeeper.Open(document, files.documentName(), files.fileProperty().get()))
            : Optional.empty());
  }

  /// Says once that nothing can be kept.
  private void tell(IOException failure) {
    if (!told) {
      told = true;
      desk.say(Texts.of("journal.failed", String.valueOf(failure.getMessage())));
    }
  }

  /// Finds what was left, the latest first, and tells it on the window's thread.
  public void left(Consumer<List<Draft>> found) {
    desk.worker().draw(drafts::left, found, failure -> {});
  }

  /// Says that something was left, where another document is opened at once.
  public void remind() {
    left(
        drafts -> {
          if (!drafts.isEmpty()) {
            desk.say(Texts.of("journal.left", drafts.getFirst().name()));
          }
        });
  }

  /// The first table of a draft as it looks.
  public Optional<Shown> firstTable(Draft draft) throws IOException {
    Document document = drafts.read(draft);
    return document.items().isEmpty()
        ? Optional.empty()
        : Optional.of(desk.proofs().picture(document, 0, document.table(0).finish(), Paper.A4));
  }

  /// Opens what was left, as it was left: not saved.
  public void bringBack(Draft draft) {
    files.settled(
        () ->
            desk.worker()
                .run(
                    Texts.of("busy.opening", draft.name()),
                    () -> drafts.read(draft),
                    document -> {
                      drafts.takeOver(draft);
                      files.bringBack(document, draft);
                    },
                    desk::tell));
  }

  /// Puts what was left out of the way.
  public void putAway(Draft draft, Runnable then) {
    desk.worker()
        .draw(
            () -> {
              drafts.putAway(draft);
              return true;
            },
            done -> then.run(),
            desk::tell);
  }

  /// Ends with the window, which is closed on purpose: nothing is kept.
  public void close() {
    keeper.close();
  }
}
