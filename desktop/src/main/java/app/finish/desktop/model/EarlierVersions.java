package app.finish.desktop.model;

import app.finish.core.document.Document;
import app.finish.core.layout.Paper;
import app.finish.desktop.kit.Texts;
import app.finish.formats.draft.Version;
import app.finish.formats.draft.Versions;
import app.finish.formats.finish.DocumentFile;
import java.io.IOException;
import java.nio.file.Path;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/// What the document was before it was saved over, to look at and to bring back. Bringing one back
/// is an edit like any other: undo takes it away again.
public final class EarlierVersions {
  private static final DateTimeFormatter TIME =
      DateTimeFormatter.ofPattern("d MMMM yyyy, HH:mm:ss", Locale.ENGLISH);

  private final Desk desk;
  private final Files files;
  private final Versions versions;
  private final ReadOnlyObjectWrapper<List<Version>> offered =
      new ReadOnlyObjectWrapper<>(List.of());

  public EarlierVersions(Desk desk, Files files, Versions versions) {
    this.desk = desk;
    this.files = files;
    this.versions = versions;
  }

  /// The versions that are offered now; none while none are asked for.
  public ReadOnlyObjectProperty<List<Version>> offeredProperty() {
    return offered.getReadOnlyProperty();
  }

  /// Offers the versions of the document, if there are any.
  public void offer() {
    Optional<Path> file = files.fileProperty().get();
    if (file.isEmpty()) {
      desk.say(Texts.of("versions.unsaved"));
      return;
    }
    desk.worker()
        .draw(
            () -> versions.of(file.get()),
            found -> {
              offered.set(found);
              if (found.isEmpty()) {
                desk.say(Texts.of("versions.none"));
              }
            },
            desk::tell);
  }

  /// When a version was saved, in words.
  public String time(Version version) {
    return TIME.format(version.saved().atZone(ZoneId.systemDefault()));
  }

  /// The first table of a version as it looks.
  public Optional<Shown> firstTable(Version version) throws IOException {
    Document document = DocumentFile.read(version.copy());
    return document.items().isEmpty()
        ? Optional.empty()
        : Optional.of(desk.proofs().picture(document, 0, document.table(0).finish(), Paper.A4));
  }

  /// Puts a version in the place of the document. The file stays as it is until it is saved.
  public void bringBack(Version version) {
    desk.worker()
        .run(
            Texts.of("busy.opening", time(version)),
            () -> DocumentFile.read(version.copy()),
            document -> {
              close();
              desk.change(Texts.of("change.version", time(version)), document);
              desk.say(Texts.of("versions.back", time(version)));
            },
            desk::tell);
  }

  /// Offers them no more.
  public void close() {
    offered.set(List.of());
  }
}
