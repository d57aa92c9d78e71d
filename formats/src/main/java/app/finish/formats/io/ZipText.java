package app.finish.formats.io;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/// A zip of text files. Its times are fixed, so that the same content gives the same bytes.
///
/// ```java
/// new ZipText(out).add("finish.json", json).finish();
/// ```
public final class ZipText {
  /// The part that holds the digests of the others.
  public static final String DIGESTS = "digests.txt";

  private final ZipOutputStream zip;
  private final StringBuilder digests = new StringBuilder();

  public ZipText(OutputStream out) {
    this.zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
  }

  public ZipText add(String name, String text) throws IOException {
    return add(name, text.getBytes(StandardCharsets.UTF_8));
  }

  /// Adds a part that is no text, such as a picture.
  public ZipText add(String name, byte[] bytes) throws IOException {
    ZipEntry entry = new ZipEntry(name);
    entry.setTime(0);
    zip.putNextEntry(entry);
    zip.write(bytes);
    zip.closeEntry();
    digests
        .append(HexFormat.of().formatHex(sha256().digest(bytes)))
        .append("  ")
        .append(name)
        .append('\n');
    return this;
  }

  /// Adds a part that is not packed, so that readers find it at a fixed place.
  public ZipText addPlain(String name, String text) throws IOException {
    byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
    CRC32 sum = new CRC32();
    sum.update(bytes);
    ZipEntry entry = new ZipEntry(name);
    entry.setMethod(ZipEntry.STORED);
    entry.setSize(bytes.length);
    entry.setCrc(sum.getValue());
    entry.setTime(0);
    zip.putNextEntry(entry);
    zip.write(bytes);
    zip.closeEntry();
    return this;
  }

  /// Adds the digest of each part so far, as `sha256sum` writes them.
  public void addDigests() throws IOException {
    add(DIGESTS, digests.toString());
  }

  /// A new SHA-256 digest.
  public static MessageDigest sha256() {
    try {
      return MessageDigest.getInstance("SHA-256");
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }

  /// Ends the zip and leaves the stream open.
  public void finish() throws IOException {
    zip.finish();
  }
}
