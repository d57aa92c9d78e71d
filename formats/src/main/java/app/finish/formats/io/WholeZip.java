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
import org.apache.poi.openxml4j.util.ZipSecureFile;

/// Makes sure that what is in a zip is what was put there: libraries that read workbooks and
/// documents do not look at its checksums, and a bit that turned is another figure.
///
/// ```java
/// WholeZip.check(file, "fares.xlsx"); // throws a Problem that names the damaged part
/// ```
public final class WholeZip {
  private static final int BUFFER = 1 << 16;

  private WholeZip() {}

  /// Checks each part against its checksum.
  ///
  /// @param name what the file is called in messages
  /// @throws Problem if a part is damaged, or if more is packed than an office file should hold
  /// @throws InterruptedIOException if the thread is interrupted
  public static void check(Path file, String name) throws IOException {
    check(file, name, Limits.UNPACKED);
  }

  /// Checks each part against its checksum and its size.
  ///
  /// @param most bytes that a part may have
  public static void check(Path file, String name, long most) throws IOException {
    // A file with long runs of the same is no bomb: how much comes out is looked at here.
    ZipSecureFile.setMinInflateRatio(0);
    try (ZipFile zip = new ZipFile(file.toFile())) {
      check(zip, name, most);
    } catch (ZipException | IllegalArgumentException e) {
      // No zip at all, or one without a list of its parts: its reader says so.
      return;
    }
  }

  /// Checks each part of an open zip.
  public static void check(ZipFile zip, String name) throws IOException {
    check(zip, name, Limits.UNPACKED);
  }

  private static void check(ZipFile zip, String name, long most) throws IOException {
    byte[] buffer = new byte[BUFFER];
    long left = Limits.UNPACKED;
    Enumeration<? extends ZipEntry> parts = zip.entries();
    while (parts.hasMoreElements()) {
      ZipEntry part = parts.nextElement();
      CRC32 sum = new CRC32();
      long size = 0;
      long packed = Math.max(1, part.getCompressedSize());
      try (InputStream stream = zip.getInputStream(part)) {
        int read = stream.read(buffer);
        while (read >= 0) {
          boolean loose = size > Limits.FREELY && size / Limits.RATIO > packed;
          if (left < read || size + read > most || loose) {
            throw Limits.unpacksTooFar(name);
          }
          if (Thread.interrupted()) {
            throw new InterruptedIOException("stopped");
          }
          sum.update(buffer, 0, read);
          size += read;
          left -= read;
          read = stream.read(buffer);
        }
      } catch (InterruptedIOException | Problem e) {
        throw e;
      } catch (IOException e) {
        throw damaged(name, part, e);
      }
      if (sum.getValue() != part.getCrc() || size != part.getSize()) {
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
