package app.finish.formats.draft;

import app.finish.core.document.Document;
import app.finish.formats.finish.DocumentFile;
import app.finish.formats.io.AtomicFile;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;

/// The folder in which each window keeps what is open in it. A window holds a lock there as long as
/// it lives; a draft that nobody holds was left by a crash.
///
/// ```java
/// Drafts drafts = Drafts.in(folder);
/// drafts.keep(document, "Fares", Optional.of(path)); // after each change
/// drafts.left(); // what other windows left when they crashed
/// drafts.drop(); // all is saved, or given up
/// ```
///
/// A draft is a document file (`ID.finish`) with two lines beside it (`ID.about`): the name of the
/// document and the file it was saved in. Both are written whole or not at all.
public final class Drafts implements AutoCloseable {
  private static final String DOCUMENT = ".finish";
  private static final String ABOUT = ".about";
  private static final String LOCK = ".lock";

  /// Drafts that were put away are kept, the newest of them.
  private static final int MOST_AWAY = 20;

  private final Path folder;
  private final String id = UUID.randomUUID().toString();
  private final List<Draft> taken = new ArrayList<>();
  private Optional<FileChannel> held = Optional.empty();
  private String kept = "";

  private Drafts(Path folder) {
    this.folder = folder;
  }

  /// The drafts in a folder, which is made when the first is kept.
  public static Drafts in(Path folder) {
    return new Drafts(folder);
  }

  /// Keeps what is open now, in the place of what was kept before.
  ///
  /// @param name the name of the document
  /// @param file the file that it was saved in before, if it was
  /// @throws IOException if it can't be written; what was kept before is still there
  public synchronized void keep(Document document, String name, Optional<Path> file)
      throws IOException {
    hold();
    String about = name + "\n" + file.map(path -> path.toAbsolutePath().toString()).orElse("");
    if (!about.equals(kept)) {
      AtomicFile.write(path(id, ABOUT), out -> out.write(about.getBytes(StandardCharsets.UTF_8)));
      kept = about;
    }
    DocumentFile.write(document, path(id, DOCUMENT));
    removeTaken();
  }

  /// Forgets what was kept: it is saved, or given up.
  public synchronized void drop() throws IOException {
    kept = "";
    Files.deleteIfExists(path(id, DOCUMENT));
    Files.deleteIfExists(path(id, ABOUT));
    removeTaken();
  }

  /// What was left by windows that are gone, the latest first.
  public List<Draft> left() throws IOException {
    if (!Files.isDirectory(folder)) {
      return List.of();
    }
    List<Draft> left = new ArrayList<>();
    try (Stream<Path> files = Files.list(folder)) {
      for (Path file : files.toList()) {
        String name = file.getFileName().toString();
        String one = name.replaceFirst("\\.finish$", "");
        if (name.endsWith(DOCUMENT) && !name.startsWith(".") && !one.equals(id) && isLeft(one)) {
          left.add(draft(one));
        }
      }
    } catch (UncheckedIOException e) {
      throw e.getCause();
    }
    left.sort(Comparator.comparing(Draft::time).reversed());
    return left;
  }

  /// The document of a draft.
  ///
  /// @throws IOException if it can't be read, in words for the person
  public Document read(Draft draft) throws IOException {
    return DocumentFile.read(path(draft.id(), DOCUMENT));
  }

  /// Takes a draft over: it goes as soon as this window has kept it itself.
  public synchronized void takeOver(Draft draft) {
    taken.add(draft);
  }

  /// Puts a draft out of the way. The last twenty can still be found in the folder `away`.
  public void putAway(Draft draft) throws IOException {
    Path away = Files.createDirectories(folder.resolve("away"));
    Files.move(
        path(draft.id(), DOCUMENT),
        away.resolve(draft.id() + DOCUMENT),
        StandardCopyOption.REPLACE_EXISTING);
    remove(draft.id());
    List<Path> all;
    try (Stream<Path> files = Files.list(away)) {
      all = new ArrayList<>(files.toList());
    }
    all.sort(Comparator.comparing(path -> path.toFile().lastModified()));
    for (Path old : all.subList(0, Math.max(0, all.size() - MOST_AWAY))) {
      Files.deleteIfExists(old);
    }
  }

  private void removeTaken() throws IOException {
    for (Draft one : taken) {
      remove(one.id());
    }
    taken.clear();
  }

  private void remove(String one) throws IOException {
    Files.deleteIfExists(path(one, DOCUMENT));
    Files.deleteIfExists(path(one, ABOUT));
    Files.deleteIfExists(path(one, LOCK));
  }

  private Path path(String one, String ending) {
    return folder.resolve(one + ending);
  }

  private Draft draft(String one) throws IOException {
    List<String> about;
    try {
      about = Files.readAllLines(path(one, ABOUT));
    } catch (NoSuchFileException e) {
      about = List.of();
    }
    Optional<Path> file =
        about.size() > 1 && !about.get(1).isEmpty()
            ? Optional.of(Path.of(about.get(1)))
            : Optional.empty();
    String name = about.isEmpty() ? one : about.getFirst();
    return new Draft(one, name, file, Files.getLastModifiedTime(path(one, DOCUMENT)).toInstant());
  }

  /// Takes the lock that says that this window lives.
  private void hold() throws IOException {
    if (held.isEmpty()) {
      Files.createDirectories(folder);
      FileChannel channel =
          FileChannel.open(path(id, LOCK), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
      channel.lock();
      held = Optional.of(channel);
    }
  }

  /// Whether nobody holds the lock of a draft.
  private boolean isLeft(String one) throws IOException {
    Path lock = path(one, LOCK);
    if (!Files.exists(lock)) {
      return true;
    }
    try (FileChannel channel = FileChannel.open(lock, StandardOpenOption.WRITE);
        FileLock got = channel.tryLock()) {
      return got != null;
    } catch (OverlappingFileLockException e) {
      return false;
    }
  }

  /// Forgets what was kept and gives up the lock.
  @Override
  public synchronized void close() throws IOException {
    if (held.isPresent()) {
      drop();
      held.get().close();
      held = Optional.empty();
      Files.deleteIfExists(path(id, LOCK));
    }
  }
}
