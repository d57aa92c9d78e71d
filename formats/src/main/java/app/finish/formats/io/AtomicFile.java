package app.finish.formats.io;

import app.finish.core.problem.Problem;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.DirectoryIteratorException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.UUID;

/// Writes a file whole or not at all: to a neighbour first, which then takes its place.
///
/// ```java
/// AtomicFile.write(path, out -> writer.write(proofs, out));
/// ```
public final class AtomicFile {
  /// Writes the content of a file.
  @FunctionalInterface
  public interface Content {
    /// Writes to the stream.
    ///
    /// @throws IOException if the stream fails or there is nothing to write
    void writeTo(OutputStream out) throws IOException;
  }

  private AtomicFile() {}

  /// How long a part file of a save that was killed is left.
  private static final long STALE = 3_600_000;

  /// Writes the file. If that fails, the file is as it was. A link stays a link, and a file keeps
  /// who may read and write it.
  ///
  /// @throws Problem if the folder can't be written to, or the file is one that may not be written
  /// @throws IOException if the content can't be written
  public static void write(Path file, Content content) throws IOException {
    try (Staged staged = stage(file, content)) {
      staged.put();
    }
  }

  /// Writes a neighbour of the file, which takes its place once it is put there. So several files
  /// are written all or none.
  ///
  /// @throws Problem if the folder can't be written to, or the file is one that may not be written
  /// @throws IOException if the content can't be written
  public static Staged stage(Path file, Content content) throws IOException {
    Path target = linked(file.toAbsolutePath());
    Path folder = target.getParent();
    if (folder == null || !Files.isDirectory(folder)) {
      throw new Problem(
          "There is no folder "
              + folder
              + " to put "
              + FileName.of(file)
              + " in. Make it, or pick another.");
    }
    if (Files.isDirectory(target)) {
      throw new Problem(FileName.of(file) + " is a folder. Give the file another name.");
    }
    if (Files.exists(target) && !Files.isWritable(target)) {
      throw new Problem(
          FileName.of(file)
              + " may only be read. Save under another name, or allow writing to it.");
    }
    sweep(folder, "." + FileName.of(target) + ".");
    Path neighbour = folder.resolve("." + FileName.of(target) + "." + UUID.randomUUID() + ".part");
    try {
      Files.createFile(neighbour);
    } catch (IOException e) {
      throw new Problem("Nothing can be written in " + folder + ". Pick a folder of your own.", e);
    }
    Staged staged = new Staged(neighbour, target);
    boolean whole = false;
    try (FileChannel channel = FileChannel.open(neighbour, StandardOpenOption.WRITE)) {
      OutputStream out = new BufferedOutputStream(Channels.newOutputStream(channel), 1 << 16);
      content.writeTo(out);
      out.flush();
      channel.force(true);
      whole = true;
    } finally {
      if (!whole) {
        staged.close();
      }
    }
    return staged;
  }

  /// A file that is written beside its place and not yet there.
  public static final class Staged implements AutoCloseable {
    private final Path neighbour;
    private final Path target;

    private Staged(Path neighbour, Path target) {
      this.neighbour = neighbour;
      this.target = target;
    }

    /// Puts it where it belongs.
    ///
    /// @throws IOException if the place can't be taken; it is as it was then
    public void put() throws IOException {
      if (Files.exists(target)) {
        keepPermissions(target, neighbour);
      }
      replace(neighbour, target);
    }

    /// Takes it away if it was not put there.
    @Override
    public void close() throws IOException {
      Files.deleteIfExists(neighbour);
    }
  }

  /// What a link leads to.
  private static Path linked(Path file) throws IOException {
    return Files.isSymbolicLink(file) && Files.exists(file) ? file.toRealPath() : file;
  }

  private static void keepPermissions(Path from, Path to) throws IOException {
    if (Files.getFileStore(from).supportsFileAttributeView("posix")) {
      Files.setPosixFilePermissions(to, Files.getPosixFilePermissions(from));
    }
  }

  /// Takes away what saves that were killed left behind long ago.
  private static void sweep(Path folder, String prefix) {
    try (DirectoryStream<Path> parts = Files.newDirectoryStream(folder, "*.part")) {
      for (Path part : parts) {
        boolean old =
            System.currentTimeMillis() - Files.getLastModifiedTime(part).toMillis() > STALE;
        if (part.getFileName().toString().startsWith(prefix) && old) {
          Files.deleteIfExists(part);
        }
      }
    } catch (IOException | DirectoryIteratorException e) {
      // What can't be swept away is left.
      return;
    }
  }

  private static void replace(Path neighbour, Path target) throws IOException {
    try {
      Files.move(neighbour, target, StandardCopyOption.ATOMIC_MOVE);
    } catch (AtomicMoveNotSupportedException e) {
      Files.move(neighbour, target, StandardCopyOption.REPLACE_EXISTING);
    }
  }
}
