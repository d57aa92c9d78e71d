package app.finish.formats.io;

import app.finish.core.problem.Problem;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.Channels;
import java.nio.channels.FileChannel;
import java.nio.file.AtomicMoveNotSupportedException;
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

  /// Writes the file. If that fails, the file is as it was.
  ///
  /// @throws Problem if the folder can't be written to
  /// @throws IOException if the content can't be written
  public static void write(Path file, Content content) throws IOException {
    Path target = file.toAbsolutePath();
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
    Path neighbour = folder.resolve("." + FileName.of(file) + "." + UUID.randomUUID() + ".part");
    try {
      Files.createFile(neighbour);
    } catch (IOException e) {
      throw new Problem("Nothing can be written in " + folder + ". Pick a folder of your own.", e);
    }
    try {
      try (FileChannel channel = FileChannel.open(neighbour, StandardOpenOption.WRITE)) {
        OutputStream out = new BufferedOutputStream(Channels.newOutputStream(channel), 1 << 16);
        content.writeTo(out);
        out.flush();
        channel.force(true);
      }
      replace(neighbour, target);
    } finally {
      Files.deleteIfExists(neighbour);
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
