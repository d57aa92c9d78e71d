package app.finish.desktop.model;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.time.Instant;
import java.time.temporal.ChronoUnit;

/// What went wrong in Finish itself, in a file that a person can send: which fault, where in the
/// program, in which version on which system. No figures, no labels, no names of files are in it,
/// since a fault is told by its kind and its place alone.
///
/// ```java
/// String told = log.fault(exception); // what happened, as it stands in the file
/// ```
public final class EventLog {
  private static final String NAME = "finish.log";
  private static final long MOST_BYTES = 200_000;
  private static final int FILES = 5;
  private static final int MOST_FRAMES = 40;
  private static final int MOST_CAUSES = 5;

  private final Path folder;
  private final String version;

  /// @param folder where the file is; it is made with the first fault
  /// @param version that of Finish
  public EventLog(Path folder, String version) {
    this.folder = folder;
    this.version = version;
  }

  /// The file.
  public Path file() {
    return folder.resolve(NAME);
  }

  /// Writes a fault down, and gives what was written. A disk that takes nothing is no further
  /// fault.
  public synchronized String fault(Throwable fault) {
    String entry = entry(fault);
    try {
      Files.createDirectories(folder);
      rotate();
      Files.writeString(
          file(),
          entry,
          StandardCharsets.UTF_8,
          StandardOpenOption.CREATE,
          StandardOpenOption.APPEND);
    } catch (IOException e) {
      return entry;
    }
    return entry;
  }

  private String entry(Throwable fault) {
    StringBuilder text = new StringBuilder();
    text.append(Instant.now().truncatedTo(ChronoUnit.SECONDS)).append(" Finish ").append(version);
    text.append(", Java ").append(Runtime.version()).append(", ");
    text.append(System.getProperty("os.name")).append(' ');
    text.append(System.getProperty("os.arch")).append('\n');
    Throwable cause = fault;
    for (int i = 0; i < MOST_CAUSES && cause != null; i++) {
      text.append(i == 0 ? "  " : "  because of ").append(cause.getClass().getName()).append('\n');
      StackTraceElement[] frames = cause.getStackTrace();
      for (int frame = 0; frame < Math.min(frames.length, MOST_FRAMES); frame++) {
        text.append("    at ").append(frames[frame]).append('\n');
      }
      cause = cause.getCause() == cause ? null : cause.getCause();
    }
    return text.toString();
  }

  /// A file that is full goes one back, the last one goes.
  private void rotate() throws IOException {
    if (!Files.exists(file()) || Files.size(file()) < MOST_BYTES) {
      return;
    }
    for (int i = FILES - 1; i > 0; i--) {
      Path older = folder.resolve(i == 1 ? NAME : NAME + "." + (i - 1));
      if (Files.exists(older)) {
        Files.move(older, folder.resolve(NAME + "." + i), StandardCopyOption.REPLACE_EXISTING);
      }
    }
  }
}
