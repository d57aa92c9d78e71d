package app.finish.cli;

import app.finish.core.problem.Problem;
import app.finish.core.problem.Refusal;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.StyleBook;
import app.finish.formats.style.StyleFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Collectors;

/// The style that a person named: a shipped one, or a file.
final class ChosenStyle {
  private ChosenStyle() {}

  /// @throws Problem if there is none of that name, or its file can't be read
  static HouseStyle of(String style, StyleBook shipped) throws IOException {
    for (HouseStyle known : shipped.styles()) {
      if (known.name().equalsIgnoreCase(style)) {
        return known;
      }
    }
    if (!style.endsWith(".json") && !Files.exists(Path.of(style))) {
      String names =
          shipped.styles().stream().map(HouseStyle::name).collect(Collectors.joining(", "));
      throw new Problem(
          "There is no style “" + style + "”. Name one of " + names + ", or a style file.");
    }
    HouseStyle own = StyleFile.read(Path.of(style));
    try {
      shipped.with(own).cascade(own.name());
    } catch (Refusal e) {
      throw new Problem(style + ": " + e.getMessage() + " Base it on a shipped style.", e);
    }
    return own;
  }
}
