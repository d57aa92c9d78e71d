package app.finish.formats;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

/// Reads text whose encoding is not told: by its byte order mark, else UTF-8 if the bytes are that,
/// else Windows-1252.
final class TextFile {
  private TextFile() {}

  /// The text of a file.
  ///
  /// @throws Problem if it is no text
  static String read(Path file) throws IOException {
    return decode(Files.readAllBytes(file), Sources.name(file));
  }

  private static String decode(byte[] bytes, String name) throws Problem {
    if (Sources.startsWith(bytes, 0xEF, 0xBB, 0xBF)) {
      return new String(bytes, 3, bytes.length - 3, StandardCharsets.UTF_8);
    }
    if (Sources.startsWith(bytes, 0xFF, 0xFE)) {
      return new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16LE);
    }
    if (Sources.startsWith(bytes, 0xFE, 0xFF)) {
      return new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16BE);
    }
    checkIsText(bytes, name);
    try {
      return StandardCharsets.UTF_8
          .newDecoder()
          .onMalformedInput(CodingErrorAction.REPORT)
          .onUnmappableCharacter(CodingErrorAction.REPORT)
          .decode(ByteBuffer.wrap(bytes))
          .toString();
    } catch (CharacterCodingException e) {
      return new String(bytes, Charset.forName("windows-1252"));
    }
  }

  private static void checkIsText(byte[] bytes, String name) throws Problem {
    boolean binary =
        Sources.startsWith(bytes, 'P', 'K', 3, 4) || Sources.startsWith(bytes, '%', 'P', 'D', 'F');
    for (int i = 0; i < Math.min(bytes.length, 8192); i++) {
      binary |= bytes[i] == 0;
    }
    if (binary) {
      throw new Problem(
          name
              + " is not a text file, whatever its name says. Save the table as CSV or XLSX and bring "
              + "that in.");
    }
  }
}
