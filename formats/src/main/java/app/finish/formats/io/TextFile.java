package app.finish.formats.io;

import app.finish.core.problem.Problem;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CharsetDecoder;
import java.nio.charset.CoderResult;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.mozilla.universalchardet.UniversalDetector;

/// Reads text whose encoding is not told: by its byte order mark, else UTF-8. Where many bytes
/// can't be that, the encoding is guessed from which bytes stand together (Cyrillic, Greek,
/// Japanese …); where few can't, each is taken as Windows-1252.
public final class TextFile {
  private static final Charset WINDOWS = Charset.forName("windows-1252");

  private static final int DETECTED = 1 << 16;

  private TextFile() {}

  /// The text of a file.
  ///
  /// @throws Problem if it is no text
  public static String read(Path file, ReadRequest request) throws IOException {
    try (InputStream stream = open(file, request)) {
      return decode(stream.readAllBytes(), FileName.of(file));
    }
  }

  /// The bytes of a file, telling how many were read.
  public static InputStream open(Path file, ReadRequest request) throws IOException {
    return new Watched(Files.newInputStream(file), Files.size(file), request.progress());
  }

  private static String decode(byte[] bytes, String name) throws Problem {
    if (FileName.startsWith(bytes, 0xEF, 0xBB, 0xBF)) {
      return new String(bytes, 3, bytes.length - 3, StandardCharsets.UTF_8);
    }
    if (FileName.startsWith(bytes, 0xFF, 0xFE)) {
      return new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16LE);
    }
    if (FileName.startsWith(bytes, 0xFE, 0xFF)) {
      return new String(bytes, 2, bytes.length - 2, StandardCharsets.UTF_16BE);
    }
    checkIsText(bytes, name);
    Optional<Charset> other = guessed(bytes);
    return other.isPresent() ? new String(bytes, other.get()) : decodeMixed(bytes);
  }

  /// The encoding of a text most of whose letters are of another script than Latin. Of Latin text
  /// too few bytes tell encodings apart.
  private static Optional<Charset> guessed(byte[] bytes) {
    int high = 0;
    int letters = 0;
    for (byte one : bytes) {
      high += one < 0 ? 1 : 0;
      letters += Character.isLetter(one) ? 1 : 0;
    }
    if (high * 2 < letters || isUtf8(bytes)) {
      return Optional.empty();
    }
    UniversalDetector detector = new UniversalDetector();
    detector.handleData(bytes, 0, Math.min(bytes.length, DETECTED));
    detector.dataEnd();
    return Optional.ofNullable(detector.getDetectedCharset())
        .filter(Charset::isSupported)
        .map(Charset::forName);
  }

  private static boolean isUtf8(byte[] bytes) {
    try {
      StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes));
      return true;
    } catch (CharacterCodingException e) {
      return false;
    }
  }

  /// Decodes UTF-8, and takes each byte that can't be that as Windows-1252: files are glued
  /// together from both.
  private static String decodeMixed(byte[] bytes) {
    CharsetDecoder decoder =
        StandardCharsets.UTF_8
            .newDecoder()
            .onMalformedInput(CodingErrorAction.REPORT)
            .onUnmappableCharacter(CodingErrorAction.REPORT);
    ByteBuffer in = ByteBuffer.wrap(bytes);
    CharBuffer out = CharBuffer.allocate(bytes.length);
    while (true) {
      CoderResult result = decoder.decode(in, out, true);
      if (!result.isError()) {
        return out.flip().toString();
      }
      for (int i = 0; i < result.length(); i++) {
        out.put(new String(new byte[] {in.get()}, WINDOWS));
      }
      decoder.reset();
    }
  }

  private static void checkIsText(byte[] bytes, String name) throws Problem {
    boolean binary =
        FileName.startsWith(bytes, 'P', 'K', 3, 4)
            || FileName.startsWith(bytes, '%', 'P', 'D', 'F');
    for (int i = 0; i < Math.min(bytes.length, 8192); i++) {
      binary |= bytes[i] == 0;
    }
    if (binary) {
      throw new Problem(
          name
              + " is not a text file, whatever its name says. Save the table as CSV or XLSX and"
              + " bring that in.");
    }
  }
}
