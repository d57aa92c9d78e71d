package app.finish.desktop.model;

import app.finish.core.document.Document;
import app.finish.core.layout.Paper;
import app.finish.core.problem.Problem;
import app.finish.desktop.kit.Texts;
import app.finish.formats.Caveats;
import app.finish.formats.OutputFormat;
import app.finish.formats.Replacing;
import app.finish.formats.SentFile;
import app.finish.formats.io.PictureForm;
import java.io.IOException;
import java.io.InterruptedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.IntConsumer;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;

/// What is sent out, in which formats, on what paper and where to. The last choices are kept, so
/// that they can be sent again.
public final class SendingOut {
  private static final Pattern ENDING = Pattern.compile("\\.[A-Za-z]{2,4}$");

  /// Where files were written last.
  ///
  /// @param folder the folder
  /// @param stem what the names begin with
  private record Place(Path folder, String stem) {}

  private final Desk desk;
  private final Supplier<String> documentName;
  private final FilePicker picker;
  private final Path looked;
  private final ObjectProperty<Set<OutputFormat>> formats =
      new SimpleObjectProperty<>(EnumSet.of(OutputFormat.DOCX));
  private final ObjectProperty<Paper> paper = new SimpleObjectProperty<>(Paper.A4);
  private final ObjectProperty<PictureForm> form = new SimpleObjectProperty<>(PictureForm.USUAL);
  private final ObjectProperty<Boolean> all = new SimpleObjectProperty<>(false);
  private final ObjectProperty<Optional<Path>> folder =
      new SimpleObjectProperty<>(Optional.empty());
  private final Set<Path> written = ConcurrentHashMap.newKeySet();
  private Optional<Place> last = Optional.empty();

  /// @param documentName what the document is called
  /// @param looked where a board is written that is only looked at
  public SendingOut(Desk desk, Supplier<String> documentName, FilePicker picker, Path looked) {
    this.looked = looked;
    this.desk = desk;
    this.documentName = documentName;
    this.picker = picker;
  }

  /// The formats that are chosen, at least one.
  public ObjectProperty<Set<OutputFormat>> formatsProperty() {
    return formats;
  }

  /// The paper that is chosen.
  public ObjectProperty<Paper> paperProperty() {
    return paper;
  }

  /// How pictures are drawn.
  public ObjectProperty<PictureForm> formProperty() {
    return form;
  }

  /// Whether all tables are sent, not only the one at hand.
  public ObjectProperty<Boolean> allProperty() {
    return all;
  }

  /// Where files were written last.
  public ObjectProperty<Optional<Path>> folderProperty() {
    return folder;
  }

  /// Takes a format in or out; the last one stays.
  public void choose(OutputFormat format, boolean chosen) {
    Set<OutputFormat> others = EnumSet.copyOf(formats.get());
    if (chosen) {
      others.add(format);
    } else if (others.size() > 1) {
      others.remove(format);
    }
    formats.set(others);
  }

  private List<Integer> indexes() {
    return all.get()
        ? IntStream.range(0, desk.document().items().size()).boxed().toList()
        : List.of(desk.indexProperty().get());
  }

  /// Looks for what should be known before it is sent, and tells it.
  public void lookForCaveats(Consumer<Caveats> told) {
    if (desk.table().isEmpty()) {
      told.accept(Caveats.NONE);
      return;
    }
    Document document = desk.document();
    List<Integer> sent = indexes();
    Set<OutputFormat> as = formats.get();
    desk.worker()
        .draw(
            () -> desk.sending().caveats(document, sent, as), told, _ -> told.accept(Caveats.NONE));
  }

  /// Counts the pages that what would be sent takes in print, and tells how many.
  public void countPages(IntConsumer told) {
    if (desk.table().isEmpty()) {
      return;
    }
    Document document = desk.document();
    List<Integer> sent = indexes();
    Paper on = paper.get();
    desk.worker()
        .draw(
            () ->
                sent.stream()
                    .flatMap(
                        one -> desk.sending().sent(document, List.of(one), on).items().stream())
                    .mapToInt(item -> item.pages(on).size())
                    .sum(),
            told::accept,
            _ -> told.accept(0));
  }

  /// Asks for a file and sends there. A known ending that the person typed is taken for the format
  /// meant, where one is chosen.
  public void send() {
    if (desk.table().isEmpty()) {
      return;
    }
    OutputFormat first = formats.get().iterator().next();
    String name = documentName.get() + "." + first.extension();
    picker
        .toWrite(name, first.label(), "*." + first.extension())
        .ifPresent(path -> sendTo(path, first));
  }

  private void sendTo(Path path, OutputFormat first) {
    String name = path.getFileName().toString();
    Optional<OutputFormat> meant = OutputFormat.ofFile(name);
    Matcher ending = ENDING.matcher(name);
    if (meant.isEmpty() && ending.find()) {
      String known = OutputFormat.endingsInWords();
      warn(Texts.of("send.unknown", ending.group(), known));
      return;
    }
    String stem =
        meant
            .map(one -> name.substring(0, name.length() - one.extension().length() - 1))
            .orElse(name);
    List<OutputFormat> chosen =
        formats.get().size() > 1 ? List.copyOf(formats.get()) : List.of(meant.orElse(first));
    Path asked = path.toAbsolutePath();
    Place place = new Place(Objects.requireNonNullElse(asked.getParent(), asked), stem);
    List<SentFile> targets = SentFile.all(desk.document(), place.folder, stem, chosen, indexes());
    List<Path> taken =
        taken(targets.stream().map(SentFile::path).filter(one -> !one.equals(asked)).toList());
    if (taken.isEmpty()) {
      write(targets, place, false);
    } else {
      ask(taken, targets, place);
    }
  }

  /// Those of the files that are there and were not written by this window.
  private List<Path> taken(List<Path> files) {
    return files.stream().filter(one -> !written.contains(one) && Files.exists(one)).toList();
  }

  /// Says what is there already, and offers to write over it.
  private void ask(List<Path> taken, List<SentFile> targets, Place place) {
    String names =
        taken.stream().map(one -> one.getFileName().toString()).collect(Collectors.joining(", "));
    Notice said = new Notice(Texts.of("send.taken", taken.size(), names), true);
    desk.noticeProperty()
        .set(
            Optional.of(
                said.offering(
                    Texts.of("send.over", taken.size()), () -> write(targets, place, true))));
  }

  /// Sends again what was sent last, to where it was sent; asks where nothing was sent yet.
  public void again() {
    if (last.isEmpty() || desk.table().isEmpty()) {
      send();
      return;
    }
    Place place = last.get();
    List<OutputFormat> chosen = List.copyOf(formats.get());
    write(SentFile.all(desk.document(), place.folder, place.stem, chosen, indexes()), place, false);
  }

  /// Shows the board as it would be sent in the system's browser.
  public void lookAtBoard() {
    Document document = desk.document();
    List<Integer> whole = IntStream.range(0, document.items().size()).boxed().toList();
    Path page = looked.resolve("board.html");
    desk.worker()
        .run(
            Texts.of("busy.writing", "board.html"),
            told -> {
              Files.createDirectories(looked);
              desk.sending().write(document, whole, OutputFormat.BOARD, paper.get(), page);
              picker.browse(page);
              return page;
            },
            done -> desk.say(Texts.of("board.looked", done)),
            failure -> {
              if (failure instanceof Problem) {
                desk.tell(failure);
              } else {
                warn(Texts.of("board.noBrowser", page));
              }
            });
  }

  private void warn(String sentence) {
    desk.noticeProperty().set(Optional.of(new Notice(sentence, true)));
  }

  private void write(List<SentFile> targets, Place place, boolean over) {
    Sent sent = new Sent(desk.document(), paper.get(), form.get(), over);
    String first = targets.getFirst().path().getFileName().toString();
    desk.worker()
        .run(
            Texts.of("busy.writing", first),
            progress -> write(sent, targets, progress),
            done -> {
              last = Optional.of(place);
              written.addAll(done);
              folder.set(Optional.of(place.folder));
              desk.say(
                  done.size() == 1
                      ? Texts.of("send.done", done.getFirst())
                      : Texts.of("send.doneSeveral", done.size(), place.folder));
            },
            failure -> {
              if (failure instanceof Taken one) {
                ask(one.files, targets, place);
              } else {
                desk.tell(failure);
              }
            });
  }

  /// What is sent, as it was when it was sent.
  ///
  /// @param over whether it is written over what is there
  private record Sent(Document document, Paper on, PictureForm form, boolean over) {}

  /// Further pictures of a long table would be written over what is there.
  private static final class Taken extends Problem {
    private static final long serialVersionUID = 1;
    private final transient List<Path> files;

    private Taken(List<Path> files) {
      super(files.toString());
      this.files = files;
    }
  }

  private List<Path> write(Sent sent, List<SentFile> targets, DoubleConsumer progress)
      throws IOException {
    List<Path> done = new ArrayList<>();
    int number = 0;
    for (SentFile target : targets) {
      if (Thread.currentThread().isInterrupted()) {
        throw new InterruptedIOException();
      }
      Replacing replacing = sent.over ? Replacing.ALL : files -> leaveOthers(target, files);
      done.addAll(
          desk.sending()
              .write(
                  sent.document,
                  target.indexes(),
                  target.format(),
                  sent.on,
                  sent.form,
                  target.path(),
                  replacing));
      progress.accept((double) ++number / targets.size());
    }
    return done;
  }

  /// Refuses to write further pictures over files that stand there for something else.
  private void leaveOthers(SentFile target, List<Path> files) throws Taken {
    List<Path> taken = taken(files.stream().filter(one -> !one.equals(target.path())).toList());
    if (!taken.isEmpty()) {
      throw new Taken(taken);
    }
  }

  /// A format's name as it stands in sentences: "DOCX".
  public static String shortName(OutputFormat format) {
    return format.extension().toUpperCase(Locale.ROOT);
  }
}
