package app.finish.cli;

import app.finish.core.layout.Paper;
import app.finish.core.problem.Problem;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import picocli.CommandLine.Option;

/// The paper that a command sends tables out on.
///
/// ```sh
/// finish dress fares.csv -o fares.docx --paper letter --margins 1in
/// ```
final class PaperChoice {
  private static final Map<String, Double> POINTS =
      Map.of("mm", 72 / 25.4, "cm", 72 / 2.54, "in", 72.0, "pt", 1.0);

  private static final Map<String, Paper> KNOWN =
      Map.of(
          "a4", Paper.A4,
          "a3", new Paper(841.89, 1190.55, Paper.A4.margin(), true),
          "a5", new Paper(419.53, 595.28, 42.5, true),
          "letter", Paper.LETTER,
          "legal", new Paper(612, 1008, 72, true));

  private static final Pattern LENGTH = Pattern.compile("([0-9]+(?:\\.[0-9]+)?)(mm|cm|in|pt)");

  private static final Pattern SIZE =
      Pattern.compile("([0-9]+(?:\\.[0-9]+)?)x([0-9]+(?:\\.[0-9]+)?)(mm|cm|in|pt)");

  /// The least room for text that is left between margins.
  private static final double ROOM = 72;

  @Option(
      names = "--paper",
      defaultValue = "a4",
      paramLabel = "SIZE",
      description = "a3, a4, a5, letter, legal, or width by height: 170x240mm")
  private String paper = "a4";

  @Option(
      names = "--margins",
      defaultValue = "",
      paramLabel = "LENGTH",
      description = "the margin on all sides, such as 25mm or 1in")
  private String margins = "";

  @Option(names = "--landscape", description = "turn the paper on its side")
  private boolean landscape;

  Paper paper() throws Problem {
    Paper size = size(paper.toLowerCase(Locale.ROOT));
    Paper turned = landscape ? size.turned() : size;
    if (margins.isEmpty()) {
      return turned;
    }
    Matcher length = LENGTH.matcher(margins.toLowerCase(Locale.ROOT));
    if (!length.matches()) {
      throw new Problem("“" + margins + "” is no length. Write one such as 25mm or 1in.");
    }
    double margin = points(length.group(1), length.group(2));
    if (turned.width() - 2 * margin < ROOM || turned.height() - 2 * margin < ROOM) {
      throw new Problem(
          "Margins of " + margins + " leave no room on this paper. Take smaller ones.");
    }
    return new Paper(turned.width(), turned.height(), margin, true);
  }

  private static Paper size(String said) throws Problem {
    Paper known = KNOWN.get(said);
    if (known != null) {
      return known;
    }
    Matcher size = SIZE.matcher(said);
    if (!size.matches()) {
      throw new Problem(
          "There is no paper “"
              + said
              + "”. Name a3, a4, a5, letter or legal, or width by height, such as 170x240mm.");
    }
    double width = points(size.group(1), size.group(3));
    double height = points(size.group(2), size.group(3));
    double margin = Math.min(Paper.A4.margin(), Math.min(width, height) / 8);
    if (Math.min(width, height) < 2 * ROOM || Math.max(width, height) > 14_400) {
      throw new Problem(said + " is no size of a page. Write one such as 170x240mm.");
    }
    return new Paper(width, height, margin, true);
  }

  private static double points(String number, String unit) {
    return Double.parseDouble(number) * POINTS.getOrDefault(unit, 1.0);
  }
}
