package app.finish.cli;

import app.finish.core.document.Document;
import app.finish.formats.OutputFormat;
import app.finish.formats.Sending;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/// Says which letters no font of this machine has, where a format draws them.
///
/// ```java
/// UnshownLetters.sentence(sending, document, indexes, OutputFormat.PDF).ifPresent(err::println);
/// ```
final class UnshownLetters {
  private static final int MOST = 4;

  private UnshownLetters() {}

  static Optional<String> sentence(
      Sending sending, Document document, List<Integer> indexes, OutputFormat format) {
    int[] letters =
        format.use() == OutputFormat.Use.PICTURE
            ? sending.unshown(document, indexes).codePoints().toArray()
            : new int[0];
    String named =
        Arrays.stream(letters)
            .limit(MOST)
            .mapToObj(one -> String.format("%s (U+%04X)", Character.toString(one), one))
            .collect(Collectors.joining(", "));
    return letters.length == 0
        ? Optional.empty()
        : Optional.of(
            "No font here has "
                + (letters.length == 1 ? "the letter " : letters.length + " letters, such as ")
                + named
                + ": boxes stand there. Install a font that has "
                + (letters.length == 1 ? "it." : "them."));
  }
}
