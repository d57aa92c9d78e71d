package app.finish.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.formats.io.Kept;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

/// docs/formats.md says of each format what its line in the code says.
public class FormatsDocTest {
  private static final Path PAGE = Path.of("..", "docs", "formats.md");

  @Test
  public void thePageSaysWhatTheListsSay() throws IOException {
    assertThat(Files.readString(PAGE)).isEqualTo(page());
  }

  private static String page() {
    String read =
        Arrays.stream(InputFormat.values())
            .map(one -> row(one.label(), one.endings(), one.about()))
            .collect(Collectors.joining());
    String written =
        Arrays.stream(OutputFormat.values())
            .map(
                one ->
                    row(
                        one.label(),
                        List.of(one.extension()),
                        one.about() + (one.holdsSeveralTables() ? "" : "; one table a file")))
            .collect(Collectors.joining());
    return """
    # Formats

    What Finish reads and writes, each by its line in `InputFormat` and `OutputFormat`.

    ## Brought in

    | format | endings | |
    |---|---|---|
    %s
    ## Sent out

    | format | endings | |
    |---|---|---|
    %s
    ## What each keeps

    Two documents that differ in one thing alone are sent: where the files differ, the format keeps
    that thing (`KeptTest`). A figure, a head, a span and a row are in all of them; formats without
    spans join the heads of a column.

    %s\
    """
        .formatted(read, written, matrix());
  }

  private static String matrix() {
    List<OutputFormat> formats = List.of(OutputFormat.values());
    StringBuilder text = new StringBuilder("| |");
    formats.forEach(one -> text.append(' ').append(one.extension()).append(" |"));
    text.append("\n|---|").append(":---:|".repeat(formats.size())).append('\n');
    for (Kept kept : Kept.values()) {
      text.append("| ").append(kept.label()).append(" |");
      formats.forEach(one -> text.append(one.keeps().contains(kept) ? " ● |" : " |"));
      text.append('\n');
    }
    return text.toString();
  }

  private static String row(String label, List<String> endings, String about) {
    String all = endings.stream().map(one -> "`." + one + "`").collect(Collectors.joining(", "));
    return "| %s | %s | %s |\n".formatted(label, all, about);
  }

  /// Writes the page anew.
  public static void main(String[] arguments) throws IOException {
    Files.writeString(Path.of("docs", "formats.md"), page());
  }
}
