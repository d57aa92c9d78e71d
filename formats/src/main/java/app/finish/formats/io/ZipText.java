package app.finish.formats.io;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/// A zip of text files. Its times are fixed, so that the same content gives the same bytes.
///
/// ```java
/// new ZipText(out).add("finish.json", json).finish();
/// ```
public final class ZipText {
  private final ZipOutputStream zip;

  public ZipText(OutputStream out) {
    this.zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
  }

  public ZipText add(String name, String text) throws IOException {
    ZipEntry entry = new ZipEntry(name);
    entry.setTime(0);
    zip.putNextEntry(entry);
    zip.write(text.getBytes(StandardCharsets.UTF_8));
    zip.closeEntry();
    return this;
  }

  /// Ends the zip and leaves the stream open.
  public void finish() throws IOException {
    zip.finish();
  }
}
