package app.finish.formats.io;

import app.finish.core.problem.Problem;
import java.io.IOException;
import java.io.InputStream;
import java.io.InterruptedIOException;
import java.nio.file.Path;
import java.util.Enumeration;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;

/// Makes sure that what is in a zip is what was put there: libraries that read workbooks and
/// documents do not look at its checksums, and a bit that turned is another figure.
///
/// ```java
/// WholeZip.check(file, "fares.xlsx"); // throws a Problem that names the damaged part
/// ```
public final class WholeZip {
  /// What unpacks to more than this is left to its reader, which refuses it by its own limits.
  private static final long MOST = 1L << 30;

  private static final int BUFFER = 1 << 16;

  private WholeZip() {}

  /// Checks each part against its checksum.
  ///
  /// @param name what the file is called in messages
  /// @throws Problem if a part is damaged
  /// @throws InterruptedIOException if the thread is interrupted
  public static void check(Path file, String name) throws IOException {
    try (ZipFile zip = new ZipFile(file.toFile())) {
      check(zip, name);
    } catch (ZipException | IllegalArgumentException e) {
      // No zip at all, or one without a list of its parts: its reader says so.
      return;
    }
  }

  /// Checks each part of an open zip.
  public static void check(ZipFile zip, String name) throws IOException {
    byte[] buffer = new byte[BUFFER];
    long left = MOST;
    Enumeration<? extends ZipEntry> parts = zip.entries();
    while (parts.hasMoreElements() && left > 0) {
      ZipEntry part = parts.nextElement();
      CRC32 sum = new CRC32();
      long size = 0;
      try (InputStream stream = zip.getInputStream(part)) {
        int read = stream.read(buffer);
        while (read >= 0 && left > 0) {
          if (Thread.interrupted()) {
            throw new InterruptedIOException("stopped");
          }
          sum.update(buffer, 0, read);
          size += read;
          left -= read;
          read = stream.read(buffer);
        }
      } catch (InterruptedIOException e) {
        throw e;
      } catch (IOException e) {
        throw damaged(name, part, e);
      }
      if (left > 0 && (sum.getValue() != part.getCrc() || size != part.getSize())) {
        throw damaged(name, part, new ZipException("checksum"));
      }
    }
  }

  private static Problem damaged(String name, ZipEntry part, Exception cause) {
    return new Problem(
        name
            + " is damaged: its part "
            + part.getName()
            + " is not what was saved, so its figures can't be trusted. Take a copy or ask for the"
            + " file again from where it came.",
        cause);
  }
}
