package app.finish.core.number;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// The figures of a cell that holds several: "2.41 (0.62)", "[1.2, 3.4]", "12 ± 3", "54,2 (11,3)".
///
/// ```java
/// FigureGroup.of("0.43 [0.21, 0.88]"); // [0.43, 0.21, 0.88]
/// FigureGroup.of("12 nautical miles"); // []
/// ```
public final class FigureGroup {
  private static final String NUMBER =
      "[-−–]?\\s?[€$£]?(?:[0-9]{1,3}(?:[.,\\u00a0\\u202f][0-9]{3})+(?:[.,][0-9]+)?"
          + "|[0-9]+(?:[.,][0-9]+)?|[.,][0-9]+)\\s?%?";
  private static final String MARK = "[*†‡a-z]{0,3}";
  private static final String SEPARATOR = "\\s*(?:,|;|–|—|\\bto\\b)\\s*";
  private static final Pattern GROUP =
      Pattern.compile(
          "(NUM)?MARK\\s*(?:[(\\[]\\s*(NUM)MARK(?:SEP(NUM))?\\s*[)\\]]|±\\s*(NUM))MARK"
              .replace("NUM", NUMBER)
              .replace("MARK", MARK)
              .replace("SEP", SEPARATOR));

  private FigureGroup() {}

  /// The figures as they are written, at least two; none if the text is no such cell.
  public static List<String> of(String text) {
    List<String> figures = new ArrayList<>();
    rewritten(
        text,
        figure -> {
          figures.add(figure.strip());
          return figure;
        });
    return figures.size() > 1 ? figures : List.of();
  }

  /// The text with each of its figures written otherwise, and all between them as it is; a text
  /// that is no such cell stays.
  public static String rewritten(String text, UnaryOperator<String> figure) {
    Matcher matcher = GROUP.matcher(text.strip());
    if (!matcher.matches()) {
      return text;
    }
    StringBuilder written = new StringBuilder();
    int end = 0;
    for (int group = 1; group <= matcher.groupCount(); group++) {
      if (matcher.group(group) != null) {
        written.append(text.strip(), end, matcher.start(group));
        written.append(figure.apply(matcher.group(group)));
        end = matcher.end(group);
      }
    }
    return written.append(text.strip().substring(end)).toString();
  }
}
