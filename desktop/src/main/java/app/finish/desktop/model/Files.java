package app.finish.desktop.model;

import app.finish.core.document.Document;
import app.finish.core.document.Source;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.tally.Reading;
import app.finish.desktop.kit.Texts;
import app.finish.formats.FileTables;
import app.finish.formats.InputFormat;
import app.finish.formats.OutputFormat;
import app.finish.formats.Sources;
import app.finish.formats.draft.Draft;
import app.finish.formats.draft.Versions;
import app.finish.formats.finish.DocumentFile;
import app.finish.formats.html.HtmlWriter;
import app.finish.formats.io.InertText;
import app.finish.formats.io.ReadRequest;
import app.finish.formats.manuscript.ManuscriptText;
import app.finish.formats.richtext.RtfWriter;
import app.finish.formats.samples.Samples;
import app.finish.records.RecordsGuess;
import app.finish.records.Renewal;
import app.finish.records.source.RecordFile;
import app.finish.records.sql.DatabaseQuery;
import java.io.ByteArrayOutputStream;
import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/// Opens, saves, brings in and sends out.
public final class Files {
  private static final long LARGE = 64L << 20;

  /// Longer tables are copied without a picture.
  private static final int MOST_PICTURED = 300;

  private static final String[] RECORD_ENDINGS = starred(RecordFile.ENDINGS);
  private static final String[] ALL_ENDINGS =
      Stream.of(List.of("finish"), InputFormat.allEndings(), RecordFile.ENDINGS)
          .flatMap(List::stream)
          .distinct()
          .map(ending -> "*." + ending)
          .toArray(String[]::new);
  private static final String[] TABLE_ENDINGS = starred(InputFormat.allEndings());

  private final Desk desk;
  private final Tallies tallies;
  private final FilePicker picker;
  private final Clip clip;
  private final Recent recent;
  private final Versions versions;
  private final ReadOnlyObjectWrapper<Optional<Path>> file =
      new ReadOnlyObjectWrapper<>(Optional.empty());

  /// @param versions where a document is kept as it was before it is saved over
  public Files(
      Desk desk, Tallies tallies, FilePicker picker, Clip clip, Recent recent, Versions versions) {
    this.desk = desk;
    this.tallies = tallies;
    this.picker = picker;
    this.clip = clip;
    this.recent = recent;
    this.versions = versions;
  }

  /// Asks the person for files.
  FilePicker picker() {
    return picker;
  }

  /// The file of the document, if it has one.
  public ReadOnlyObjectProperty<Optional<Path>> fileProperty() {
    return file.getReadOnlyProperty();
  }

  public List<Path> recent() {
    return recent.files();
  }

  /// The name of the document.
  public String documentName() {
    return file.get()
        .map(path -> path.getFileName().toString().replaceFirst("\\.finish$", ""))
        .orElse(unnamed);
  }

  private String unnamed = Texts.of("document.untitled");
  private volatile FileStamp stamp = FileStamp.NONE;

  /// Begins with a document that has no file yet.
  public void begin(Document document, String name) {
    unnamed = name;
    file.set(Optional.empty());
    desk.begin(document);
  }

  /// Begins a new document, once the old one is dealt with.
  public void startNew() {
    settled(() -> begin(Document.EMPTY, Texts.of("document.untitled")));
  }

  /// Asks for a file and opens it, whatever it is: a document in the place of this one, tables and
  /// records in this one.
  public void open() {
    picker.toRead(Texts.of("files.all"), ALL_ENDINGS).ifPresent(this::bringIn);
  }

  /// The first table of a file as it looks, if it has one.
  public Optional<Shown> firstTable(Path path) throws IOException {
    Document document =
        isDocument(path) ? DocumentFile.read(path) : desk.intake().preview(Sources.read(path));
    return document.items().isEmpty()
        ? Optional.empty()
        : Optional.of(desk.proofs().picture(document, 0, document.table(0).finish(), Paper.A4));
  }

  private static boolean isDocument(Path path) {
    return path.toString().toLowerCase(Locale.ROOT).endsWith(".finish");
  }

  /// Begins with the document of the demo.
  public void demo() {
    settled(
        () ->
            desk.worker()
                .run(
                    Texts.of("busy.demo"),
                    Samples::demo,
                    document -> begin(document, Texts.of("document.demo")),
                    desk::tell));
  }

  /// Opens a document, once the old one is dealt with.
  public void open(Path path) {
    settled(() -> openWithoutAsking(path));
  }

  private void openWithoutAsking(Path path) {
    desk.worker()
        .run(
            Texts.of("busy.opening", path.getFileName()),
            () -> DocumentFile.read(path),
            document -> {
              recent.add(path);
              file.set(Optional.of(path.toAbsolutePath()));
              stamp = FileStamp.of(path);
              desk.begin(document);
            },
            desk::tell);
  }

  /// Begins with a document that a crash left: it is not saved. A file that was written since is
  /// not saved over.
  void bringBack(Document document, Draft draft) {
    unnamed = draft.name();
    file.set(draft.file());
    stamp =
        draft
            .file()
            .map(FileStamp::of)
            .filter(one -> one.time() <= draft.time().toEpochMilli())
            .orElse(draft.file().isPresent() ? FileStamp.OTHER : FileStamp.NONE);
    desk.begin(document);
    desk.savedProperty().set(Document.EMPTY);
  }

  /// Saves the document, under the name it has or one that is asked for.
  public void save() {
    save(file.get(), () -> {});
  }

  /// Saves the document under a name that is asked for.
  public void saveAs() {
    save(Optional.empty(), () -> {});
  }

  private void save(Optional<Path> where, Runnable then) {
    Optional<Path> target =
        where.or(
            () ->
                picker.toWrite(
                    documentName() + ".finish", Texts.of("files.documents"), "*.finish"));
    if (target.isEmpty()) {
      return;
    }
    Path path = withEnding(target.get(), ".finish");
    Document document = desk.document();
    boolean same = file.get().equals(Optional.of(path.toAbsolutePath()));
    desk.worker()
        .save(
            Texts.of("busy.saving", path.getFileName()),
            () -> {
              if (same) {
                stamp.check(path);
              }
              Optional<IOException> unkept = keepBefore(path);
              DocumentFile.write(document, path);
              unkept.ifPresent(this::tellUnkept);
              return FileStamp.of(path);
            },
            written -> {
              stamp = written;
              desk.savedProperty().set(document);
              file.set(Optional.of(path.toAbsolutePath()));
              recent.add(path);
              desk.say(Texts.of("notice.saved", path.getFileName()));
              then.run();
            },
            desk::tell);
  }

  /// Keeps a document as it is before it is written over. Should that fail, it is saved all the
  /// same.
  private Optional<IOException> keepBefore(Path path) {
    try {
      versions.keep(path);
      return Optional.empty();
    } catch (IOException e) {
      return Optional.of(e);
    }
  }

  private void tellUnkept(IOException failure) {
    String why = String.valueOf(failure.getMessage());
    Platform.runLater(() -> desk.add(List.of(Texts.of("versions.unkept", why))));
  }

  private static Path withEnding(Path path, String ending) {
    String name = path.getFileName().toString();
    return name.toLowerCase(Locale.ROOT).endsWith(ending)
        ? path
        : path.resolveSibling(name + ending);
  }

  /// Does something that ends work on the document, once its changes are saved or given up.
  public void settled(Runnable then) {
    if (!desk.isEdited()) {
      then.run();
      return;
    }
    switch (picker.aboutUnsaved(documentName())) {
      case SAVE -> save(file.get(), then);
      case DROP -> then.run();
      case GO_BACK -> {}
    }
  }

  /// Asks for a file and brings its tables in.
  public void bringIn() {
    picker.toRead(Texts.of("files.tables"), TABLE_ENDINGS).ifPresent(this::bringIn);
  }

  /// Brings the tables of a file in.
  public void bringIn(Path path) {
    if (isDocument(path)) {
      open(path);
    } else if (isOnlyRecords(path)) {
      tallies.bringIn(path, Reading.PLAIN);
    } else {
      read(path, false);
    }
  }

  /// Whether a file can hold nothing but records: by its kind, or because it is too large for a
  /// table.
  private static boolean isOnlyRecords(Path path) {
    String name = path.toString().toLowerCase(Locale.ROOT);
    boolean kind = name.matches(".*\\.(parquet|jsonl|ndjson)");
    boolean text = name.matches(".*\\.(csv|tsv)");
    return kind || text && path.toFile().length() > LARGE;
  }

  /// Asks for a file and brings its records in, to be tallied.
  public void bringInRecords() {
    picker
        .toRead(Texts.of("files.records"), RECORD_ENDINGS)
        .ifPresent(path -> tallies.bringIn(path, Reading.PLAIN));
  }

  /// Brings the first of the files in that were dropped on the window.
  public void drop(List<File> dropped) {
    Optional<File> file = dropped.stream().findFirst();
    file.ifPresentOrElse(
        one -> bringIn(one.toPath()),
        () ->
            desk.noticeProperty()
                .set(Optional.of(new Notice(Texts.of("notice.dropNothing"), true))));
  }

  /// Reads a file and adds its table; several, or such as hide something, are offered first.
  private void read(Path path, boolean hidden) {
    String name = path.getFileName().toString();
    desk.worker()
        .run(
            Texts.of("busy.reading", name),
            progress ->
                Sources.tables(path, ReadRequest.PLAIN.withHidden(hidden).withProgress(progress)),
            tables -> offer(new TablesToPick(name, Optional.of(path), tables, hidden)),
            desk::tell);
  }

  private void offer(TablesToPick offer) {
    List<Source> found = offer.tables().tables();
    boolean one = found.size() == 1 && offer.file().isPresent();
    if (one
        && RecordFile.ENDINGS.contains(ending(offer.name()))
        && RecordsGuess.isRecords(found.getFirst().grid())) {
      tallies.bringIn(offer.file().get(), Reading.PLAIN);
      return;
    }
    if (offer.tables().tables().size() == 1 && !offer.tables().hides()) {
      desk.offerProperty().set(Optional.empty());
      offer.file().ifPresent(recent::add);
      desk.intake().add(offer.tables().tables());
    } else {
      desk.offerProperty().set(Optional.of(offer));
    }
  }

  private static String ending(String name) {
    return name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
  }

  /// Reads the file on offer again, with or without what it hides.
  public void offerAgain(boolean hidden) {
    desk.offerProperty().get().flatMap(TablesToPick::file).ifPresent(path -> read(path, hidden));
  }

  /// Asks for a file and puts its numbers under the finishes of the document.
  public void refresh() {
    picker.toRead(Texts.of("files.tables"), TABLE_ENDINGS).ifPresent(this::refresh);
  }

  private void refresh(Path path) {
    Document document = desk.document();
    desk.worker()
        .run(
            Texts.of("busy.reading", path.getFileName()),
            progress -> Renewal.of(document, path, new DatabaseQuery(progress)),
            renewal -> {
              desk.intake().refresh(renewal.refreshed(), path.getFileName().toString());
              desk.add(renewal.said());
            },
            desk::tell);
  }

  /// Brings in what is on the clipboard.
  public void paste() {
    Optional<Path> copied = clip.file();
    if (copied.isPresent()) {
      bringIn(copied.get());
      return;
    }
    String html = clip.html();
    String text = clip.text();
    if (text.isBlank() && !html.contains("<table")) {
      desk.noticeProperty().set(Optional.of(new Notice(Texts.of("notice.clipboardEmpty"), true)));
      return;
    }
    desk.worker()
        .run(
            Texts.of("busy.reading", "…"),
            () -> FileTables.of(pasted(html, text)),
            tables ->
                offer(new TablesToPick(Texts.of("pick.pasted"), Optional.empty(), tables, false)),
            desk::tell);
  }

  /// What was pasted: a table of HTML if there is one, else the text.
  private static List<Source> pasted(String html, String text) throws IOException {
    List<Source> sources = html.contains("<table") ? Sources.readHtml(html) : List.of();
    return sources.isEmpty() ? Sources.readText(text) : sources;
  }

  /// Puts the table at hand on the clipboard, as HTML and as text.
  public void copy() {
    desk.table().ifPresent(table -> copy(desk.document(), desk.indexProperty().get()));
  }

  /// Asks for the text that the tables go with, and reads it.
  public void readManuscript() {
    picker
        .toRead(Texts.of("files.manuscripts"), starred(ManuscriptText.ENDINGS))
        .ifPresent(desk.manuscript()::read);
  }

  /// Puts words on the clipboard.
  public void copyWords(String words) {
    clip.put(words, words);
    desk.say(Texts.of("word.copied", words));
  }

  private void copy(Document document, int index) {
    desk.worker()
        .run(
            Texts.of("busy.copying"),
            () -> {
              Proof proof = desk.sending().proof(document, index, Paper.A4.unpaged());
              String id = "t" + document.number(index);
              String html = new HtmlWriter().fragment(proof, id);
              if (proof.dressed().rows().size() > MOST_PICTURED) {
                return new Clip.Copied(html, text(proof), "", new byte[0]);
              }
              String rtf = RtfWriter.text(List.of(proof), Paper.A4);
              return new Clip.Copied(html, text(proof), rtf, picture(document, index));
            },
            copied -> {
              clip.put(copied);
              desk.say(Texts.of("send.copied"));
            },
            desk::tell);
  }

  private byte[] picture(Document document, int index) throws IOException {
    ByteArrayOutputStream png = new ByteArrayOutputStream();
    OutputFormat.PNG
        .writer(desk.sending().fonts())
        .write(desk.sending().sent(document, List.of(index), Paper.A4), png);
    return png.toByteArray();
  }

  private static String text(Proof proof) {
    StringBuilder text = new StringBuilder();
    proof
        .dressed()
        .rows()
        .forEach(
            row -> {
              int column = 0;
              for (var cell : row.cells()) {
                text.append("\t".repeat(Math.max(0, cell.column() - column)))
                    .append(InertText.of(cell));
                column = cell.column();
              }
              text.append('\n');
            });
    return text.toString();
  }

  /// Endings as a picker of files takes them: `*.xlsx`.
  private static String[] starred(List<String> endings) {
    return endings.stream().map(ending -> "*." + ending).toArray(String[]::new);
  }
}
