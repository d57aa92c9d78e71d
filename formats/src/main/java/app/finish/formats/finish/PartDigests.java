package app.finish.formats.finish;

import app.finish.core.problem.Problem;
import app.finish.formats.io.ZipText;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.util.HexFormat;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;

/// Holds the parts of a document against the digests that it carries.
final class PartDigests {
  private static final int LONGEST = 1 << 22;

  private PartDigests() {}

  /// Checks each part that a digest is told of; documents of earlier versions carry none.
  ///
  /// @throws Problem if a part is not what was saved, or is gone
  static void check(ZipFile zip, String name) throws IOException {
    ZipEntry list = zip.getEntry(ZipText.DIGESTS);
    if (list == null) {
      return;
    }
    for (String line : text(zip, list).split("\n")) {
      String[] told = line.split("  ", 2);
      if (told.length < 2) {
        continue;
      }
      ZipEntry part = zip.getEntry(told[1]);
      if (part == null || !digest(zip, part).equals(told[0])) {
        throw new Problem(
            name
                + " is damaged: its part "
                + told[1]
                + " is not what was saved, so its figures can't be trusted. Take a copy.");
      }
    }
  }

  private static String text(ZipFile zip, ZipEntry entry) throws IOException {
    try (InputStream stream = zip.getInputStream(entry)) {
      return new String(stream.readNBytes(LONGEST), StandardCharsets.UTF_8);
    }
  }

  private static String digest(ZipFile zip, ZipEntry entry) throws IOException {
    MessageDigest digest = ZipText.sha256();
    try (InputStream stream = new DigestInputStream(zip.getInputStream(entry), digest)) {
      stream.transferTo(OutputStream.nullOutputStream());
    }
    return HexFormat.of().formatHex(digest.digest());
  }
}
