package app.finish.core.check.demand;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.check.Check;
import app.finish.core.check.across.AcrossTables;
import app.finish.core.check.apa.CalledOut;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.testng.annotations.Test;

/// docs/checks.md is the list of the checks as the classes tell it. `-Dchecks.write=true` writes it
/// anew.
public class CheckListTest {
  private static final Path LIST = Path.of("..", "docs", "checks.md");

  private static String list() {
    StringBuilder text = new StringBuilder();
    text.append("# The checks\n\n");
    text.append(
        "What *Check* and `finish check` ask of a table. [check.md](check.md) tells how.\n");
    section(text, "Of every table", Checks.ALL);
    section(text, "Of a table in APA 7, or in a style that is based on it", Checks.APA);
    section(text, "Of the tables of a document beside each other", new Checks(AcrossTables.CHECKS));
    section(
        text,
        "Of a manuscript (`finish check --manuscript`)",
        new Checks(List.of(new CalledOut())));
    return text.toString();
  }

  private static void section(StringBuilder text, String name, Checks checks) {
    text.append("\n## ").append(name).append("\n\n");
    text.append("| Check | What it asks | Why |\n|---|---|---|\n");
    for (Check check : checks.checks()) {
      text.append("| `").append(check.id()).append("` | ").append(check.asks()).append(". | ");
      text.append(check.why().replaceAll("\\.$", "")).append(". |\n");
    }
  }

  @Test
  public void theDocumentIsMadeOfTheClasses() throws IOException {
    if (Boolean.getBoolean("checks.write")) {
      Files.writeString(LIST, list());
    }
    assertThat(Files.readString(LIST)).isEqualTo(list());
  }
}
