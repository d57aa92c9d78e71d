package app.finish.core.highlight;

import app.finish.core.highlight.SentenceWords.Word;
import app.finish.core.problem.Refusal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/// Reads the sentence of a highlight: where, when, what to show and how far it reaches.
final class SentenceReader {
  private static final Set<String> STARTS =
      Set.of(
          "always",
          "below",
          "above",
          "at",
          "equal",
          "other",
          "between",
          "among",
          "further",
          "changed",
          "missing",
          "a",
          "containing",
          "one",
          "where",
          "not",
          "when",
          "negative",
          "(");

  /// Words of a sentence that no name has but in quotes.
  private static final Set<String> TAKEN = Set.of("or", "in", "under", "everything");

  private final String sentence;
  private final SentenceWords words;

  SentenceReader(String sentence) {
    this.sentence = sentence;
    this.words = SentenceWords.of(sentence);
  }

  /// Whether a name can stand in a sentence without quotes.
  static boolean isPlainName(String name) {
    String[] parts = name.split(" ", -1);
    for (String part : parts) {
      boolean plain =
          part.matches("\\p{L}[\\p{L}\\p{N}–'’./-]*")
              && !STARTS.contains(part.toLowerCase(Locale.ROOT))
              && !TAKEN.contains(part.toLowerCase(Locale.ROOT));
      if (!plain) {
        return false;
      }
    }
    return true;
  }

  static Condition condition(String text) {
    SentenceWords words = SentenceWords.of(text);
    words.takes("when");
    Condition condition = new ConditionReader(words).read();
    if (!words.atEnd()) {
      throw words.wrong("nothing more is expected");
    }
    return condition;
  }

  static Show show(String text) {
    SentenceWords words = SentenceWords.of(text);
    Show show = new ShowReader(words).read();
    if (!words.atEnd()) {
      throw words.wrong("nothing more is expected");
    }
    return show;
  }

  Highlight read() {
    String name = name();
    Region where = region();
    words.takes(",");
    words.takes("when");
    Condition when = new ConditionReader(words).read();
    if (!words.takes(":")) {
      throw words.wrong("a colon is expected, and after it what to show");
    }
    Show show = new ShowReader(words).read();
    Reach reach = Reach.CELL;
    if (words.takes(",", "the") || words.takes("the")) {
      Word word = words.take();
      reach =
          Reach.of(word.text())
              .orElseThrow(
                  () ->
                      new Refusal(
                          "In “"
                              + sentence.strip()
                              + "”: a highlight reaches the cell, the row, the column or the"
                              + " heading, not “the "
                              + word.text()
                              + "”."));
    }
    if (!words.atEnd()) {
      throw words.wrong("nothing more is expected");
    }
    return Highlight.of(name, where, when, show, reach);
  }

  private String name() {
    int before = words.index();
    StringBuilder name = new StringBuilder();
    while (!words.atEnd() && !words.sees(":")) {
      if (words.takes("=")) {
        return name.toString();
      }
      name.append(name.isEmpty() ? "" : " ").append(words.take().text());
    }
    words.backTo(before);
    return "";
  }

  private Region region() {
    Region region = Region.EVERYWHERE;
    if (!words.takes("everything")) {
      List<String> measures = names(true);
      region = region.withMeasures(measures);
    }
    while (words.sees(",")
        || words.sees("in")
        || words.sees("under")
        || words.sees("at", "level")
        || words.sees("totals")
        || words.sees("subtotals")
        || words.sees("grand")) {
      words.takes(",");
      if (words.takes("in")) {
        region = member(region);
      } else if (words.takes("under")) {
        region = under(region);
      } else if (words.takes("at", "level")) {
        region = region.withLevels(names(false));
      } else if (words.takes("totals")) {
        region = parts(region, true, true);
      } else if (words.takes("subtotals", "and", "grand", "totals")) {
        region = parts(region, true, true);
      } else if (words.takes("subtotals")) {
        region = parts(region, true, false);
      } else if (words.takes("grand", "totals")) {
        region = parts(region, false, true);
      } else {
        break;
      }
    }
    return region;
  }

  private Region parts(Region region, boolean subtotals, boolean grandTotals) {
    if (words.takes("only")) {
      return region.in(false, subtotals, grandTotals);
    }
    words.takes("too");
    return region.in(
        region.body(), subtotals || region.subtotals(), grandTotals || region.grandTotals());
  }

  /// “Season “Winter” or “Summer””; a member alone may stand on any level without a name.
  private Region member(Region region) {
    StringBuilder dimension = new StringBuilder();
    while (!words.atEnd() && !words.peek().quoted() && !isEnd()) {
      dimension.append(dimension.isEmpty() ? "" : " ").append(words.take().text());
    }
    String named = dimension.toString();
    if (!words.peek().quoted()) {
      int blank = named.lastIndexOf(' ');
      if (blank < 0) {
        throw words.wrong("a dimension and its members in quotes are expected");
      }
      return region.withMember(named.substring(0, blank), named.substring(blank + 1));
    }
    Word first = words.take();
    if (words.peek().quoted() && named.isEmpty()) {
      named = first.text();
      first = words.take();
    }
    Region all = region.withMember(named, first.text());
    while (words.takes("or")) {
      all = all.withMember(named, words.take().text());
    }
    return all;
  }

  /// “under “North” › “Ferry” or “South””.
  private Region under(Region region) {
    List<List<String>> paths = new ArrayList<>();
    do {
      List<String> path = new ArrayList<>();
      do {
        if (!words.peek().quoted()) {
          throw words.wrong("a heading in quotes is expected");
        }
        path.add(words.take().text());
      } while (words.takes("›") || words.takes(">"));
      paths.add(path);
    } while (words.takes("or"));
    List<Region.Under> more = new ArrayList<>(region.under());
    more.add(new Region.Under(paths));
    return region.withUnder(more);
  }

  private boolean isEnd() {
    return words.sees(",") || words.sees(":") || isStart();
  }

  private boolean isStart() {
    return !words.peek().quoted() && STARTS.contains(words.peek().text().toLowerCase(Locale.ROOT));
  }

  /// Names parted by “or”, up to a comma or a condition.
  private List<String> names(boolean measures) {
    List<String> names = new ArrayList<>();
    do {
      StringBuilder name = new StringBuilder();
      while (!words.atEnd() && !isEnd() && !words.sees("or") && !(measures && isWhere())) {
        name.append(name.isEmpty() ? "" : " ").append(words.take().text());
        name.append(unit());
      }
      if (name.isEmpty()) {
        throw words.wrong(
            measures
                ? "a measure is expected, or the word everything"
                : "the name or the number of a level is expected");
      }
      names.add(name.toString());
    } while (words.takes("or"));
    return names;
  }

  private boolean isWhere() {
    return words.sees("in") || words.sees("under");
  }

  /// What stands in brackets behind a name and is no condition: “ (m)”; nothing if nothing does.
  private String unit() {
    int before = words.index();
    if (!words.takes("(") || isStart()) {
      words.backTo(before);
      return "";
    }
    StringBuilder unit = new StringBuilder();
    while (!words.atEnd() && !words.sees(")")) {
      unit.append(unit.isEmpty() ? "" : " ").append(words.take().text());
    }
    if (!words.takes(")")) {
      words.backTo(before);
      return "";
    }
    return " (" + unit + ")";
  }
}
