package app.finish.core.recognise.words;

import app.finish.core.number.FigureGroup;
import app.finish.core.number.NumberReader;
import app.finish.core.table.MeasureKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Two measures in one cell, as in “54.2 (11.3)”: a mean and its standard deviation, a number and
/// its share. They stay together in print, and are two measures by their kinds.
///
/// ```java
/// PairedCells.isPair("66 (55.0)"); // true
/// PairedCells.figures("66 (55.0)", NumberReader.POINT); // 66, 55
/// ```
public final class PairedCells {
  private static final Pattern PAIR =
      Pattern.compile(
          "[-−–]?[€$£]?[.]?[0-9][0-9.,]*%?[*†‡a-z]{0,3}\\s*(?:\\(\\s*[-−–]?[0-9.,]+\\s*%?(?:\\s*(?:[,;–-]|to)\\s*[-−–]?[0-9.,]+\\s*%?)?\\s*\\)|\\[[^\\]]*[0-9][^\\]]*\\]|±\\s*[0-9.,]+)");
  private static final Pattern NAMES =
      Pattern.compile(
          "(?:.*[\\s,;:])?([\\p{L}.%#]+)\\s*[(\\[±]\\s*([^)\\]]*)[)\\]]?.*", Pattern.DOTALL);

  private static final String LISTED = ".*\\(\\s*([^,()]{1,12}),\\s*([^,()]{1,12})\\)$";

  private PairedCells() {}

  /// Whether a text is a figure with another in brackets behind it.
  public static boolean isPair(String text) {
    int last = text.length() - 1;
    if (last < 3 || last > 40 || ")]0123456789".indexOf(text.charAt(last)) < 0) {
      return false;
    }
    boolean closed = text.charAt(last) == ')' || text.charAt(last) == ']';
    return (closed || text.indexOf('±') > 0) && PAIR.matcher(text).matches();
  }

  /// The figures of a cell that holds two, or nothing: its own, and the one in brackets behind, or
  /// both ends if an interval stands there.
  ///
  /// @param reader knows the source's decimal mark
  public static List<Double> figures(String text, NumberReader reader) {
    if (!isPair(text)) {
      return List.of();
    }
    List<Double> figures = new ArrayList<>();
    for (String part : FigureGroup.of(text)) {
      reader.read(part).ifPresent(number -> figures.add(number.value()));
    }
    return figures.size() > 1 ? figures : List.of();
  }

  /// The two kinds that names such as “M (SD)” or “n (%)” tell, one of which a head or a note may
  /// bear.
  public static Optional<List<MeasureKind>> kinds(List<String> texts) {
    for (String text : texts) {
      if (text.indexOf('(') != text.lastIndexOf('(') && text.contains(";")) {
        // Several pairs are told, each for other rows.
        continue;
      }
      Matcher match = NAMES.matcher(text.strip().replaceFirst(LISTED, "$1 ($2)"));
      if (!match.matches()) {
        continue;
      }
      Optional<MeasureKind> first = Statistics.kind(match.group(1));
      Optional<MeasureKind> second = Statistics.kind(match.group(2).strip());
      boolean interval = match.group(2).toLowerCase(Locale.ROOT).matches(".*\\b(ci|interval)\\b.*");
      second = interval ? Optional.of(MeasureKind.INTERVAL) : second;
      if (first.isPresent() && second.isPresent()) {
        return Optional.of(List.of(first.get(), second.get()));
      }
    }
    return Optional.empty();
  }
}
