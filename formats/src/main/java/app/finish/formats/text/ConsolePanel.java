package app.finish.formats.text;

import app.finish.formats.text.TextLine.Piece;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/// Names and figures set beside each other in one panel or two, as consoles print the measures of a
/// model: a name, a colon, a figure.
///
/// ```java
/// ConsolePanel.pairs(List.of("Model:   OLS   R-squared:  0.419")); // Model OLS, R-squared 0.419
/// ```
public final class ConsolePanel {
  private ConsolePanel() {}

  /// Whether most lines are names with colons and what belongs to them.
  static boolean isPanel(List<String> lines) {
    int named = 0;
    int twice = 0;
    int all = 0;
    for (String line : lines) {
      if (line.isBlank() || TextLine.isRule(line)) {
        continue;
      }
      List<Piece> pieces = TextLine.pieces(line);
      long colons = pieces.stream().filter(piece -> isName(piece.text())).count();
      boolean first = isName(pieces.getFirst().text());
      named +=
          first
                  && pieces.size() <= 5
                  && (pieces.size() > 1 || pieces.getFirst().text().contains(": "))
                  && !TextLine.isSentence(line)
              ? 1
              : 0;
      twice += colons > 1 || first && pieces.size() == 4 ? 1 : 0;
      all++;
    }
    return named > 0
        && named * 10 >= all * 6
        && (twice * 2 >= named || named >= 3 && named == all && allHaveGaps(lines));
  }

  private static boolean allHaveGaps(List<String> lines) {
    return lines.stream()
        .filter(line -> !line.isBlank() && !TextLine.isRule(line))
        .allMatch(line -> TextLine.pieces(line).size() == 2);
  }

  private static boolean isName(String text) {
    return text.matches("\\p{L}[^:]{0,50}:( .*)?");
  }

  /// The pairs, those of the left panel first.
  static List<List<String>> pairs(List<String> lines) {
    int cut = startOfSecond(lines);
    List<List<String>> pairs = new ArrayList<>();
    for (boolean right : new boolean[] {false, true}) {
      for (String line : lines) {
        if (line.isBlank() || TextLine.isRule(line)) {
          continue;
        }
        boolean apart = cut < line.length() && line.charAt(cut - 1) == ' ';
        String half =
            right ? apart ? line.substring(cut) : "" : apart ? line.substring(0, cut) : line;
        if (!half.isBlank()) {
          pairs.add(pair(half.strip()));
        }
      }
    }
    return pairs;
  }

  private static List<String> pair(String half) {
    int colon = half.indexOf(": ");
    if (colon > 0) {
      return List.of(half.substring(0, colon + 1).strip(), half.substring(colon + 1).strip());
    }
    List<Piece> pieces = TextLine.pieces(half);
    String name = pieces.getFirst().text();
    return pieces.size() == 1
        ? List.of(name, "")
        : List.of(name, half.substring(pieces.get(1).start()));
  }

  /// Where the names of the second panel begin in most lines.
  private static int startOfSecond(List<String> lines) {
    Map<Integer, Integer> starts = new HashMap<>();
    for (String line : lines) {
      List<Piece> pieces = TextLine.pieces(line);
      for (int i = 1; i < pieces.size(); i++) {
        if (isName(pieces.get(i).text())) {
          starts.merge(pieces.get(i).start(), 1, Integer::sum);
        }
      }
    }
    return starts.entrySet().stream()
        .max(Map.Entry.comparingByValue())
        .map(Map.Entry::getKey)
        .orElse(Integer.MAX_VALUE);
  }
}
