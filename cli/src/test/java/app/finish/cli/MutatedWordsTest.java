package app.finish.cli;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.problem.Problem;
import app.finish.core.problem.Refusal;
import app.finish.expressions.MeasureFormulas;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

/// What people type, with letters lost, doubled and put in at random: it is read, or refused in a
/// sentence, and never anything else.
public class MutatedWordsTest {
  private static final int TIMES = 4_000;
  private static final String LETTERS = "abz09 .,:;-_()[]{}\"'`<>=+*/%&|!?#@~^\\\t\n–€ñ中\u0000";

  private static final List<String> EXPRESSIONS =
      List.of(
          "Fares / `Running cost` * 100",
          "share_of_total(Fares)",
          "Fares > 50 && Fares < 70 ? 1 : 0",
          "change(Fares) + 2 * (Fares - mean(Fares))",
          "`Fares` - previous(Fares)");

  private static final List<String> PLANS =
      List.of(
          """
          style: APA 7
          tables:
            - file: fares.csv
              title: Fares by route
          send: [docx, html]
          """,
          """
          style: Plain
          join: report.docx
          out: sent
          """);

  /// Something that reads what a person typed.
  private interface Reading {
    void read(String text) throws IOException;
  }

  @Test
  public void expressionsAreReadOrRefused() {
    MeasureFormulas formulas = new MeasureFormulas();
    hold(EXPRESSIONS, text -> formulas.read(text, List.of("Fares", "Running cost")));
  }

  @Test
  public void plansAreReadOrRefused() throws IOException {
    Path folder = Files.createTempDirectory("finish-plans");
    hold(
        PLANS,
        text -> {
          Files.writeString(folder.resolve(FolderPlan.NAME), text);
          FolderPlan.of(folder);
        });
  }

  private static void hold(List<String> seeds, Reading reading) {
    Random random = new Random(7);
    int read = 0;
    for (int i = 0; i < TIMES; i++) {
      String text = mutated(seeds.get(i % seeds.size()), random);
      try {
        reading.read(text);
        read++;
      } catch (Problem | Refusal e) {
        assertThat(e.getMessage()).as(text).doesNotContain("Exception").matches("(?s).*[.?!”)]");
      } catch (IOException | RuntimeException e) {
        throw new AssertionError("“" + text + "” gives " + e, e);
      }
    }
    assertThat(read).isBetween(1, TIMES - 1);
  }

  private static String mutated(String seed, Random random) {
    StringBuilder text = new StringBuilder(seed);
    for (int i = random.nextInt(4); i >= 0 && !text.isEmpty(); i--) {
      int at = random.nextInt(text.length());
      char letter = LETTERS.charAt(random.nextInt(LETTERS.length()));
      switch (random.nextInt(4)) {
        case 0 -> text.deleteCharAt(at);
        case 1 -> text.insert(at, letter);
        case 2 -> text.setCharAt(at, letter);
        default -> text.insert(at, text.substring(at, Math.min(text.length(), at + 5)));
      }
    }
    return text.toString();
  }
}
