package app.finish.core.check.apa;

import app.finish.core.arrange.make.Rename;
import app.finish.core.arrange.place.Side;
import app.finish.core.check.Finding;
import app.finish.core.check.Mend;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.table.Heading;
import app.finish.core.table.Leaf;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Consumer;

/// Heads are in sentence case. Names keep their capitals, so only words that are never names are
/// looked at.
public final class HeadsInSentenceCase extends ApaCheck {
  private static final Set<String> COMMON =
      Set.of(
          "difference",
          "deviation",
          "error",
          "mean",
          "value",
          "values",
          "squares",
          "square",
          "interval",
          "limit",
          "bound",
          "ratio",
          "size",
          "correlation",
          "total",
          "score",
          "scores",
          "cost",
          "costs",
          "number",
          "percent",
          "rate",
          "share",
          "change",
          "minutes",
          "hours",
          "years",
          "days",
          "of",
          "per",
          "and",
          "in",
          "by",
          "variance",
          "freedom",
          "estimate",
          "answers",
          "range",
          "count",
          "level",
          "group",
          "effect",
          "average",
          "recovery");

  public HeadsInSentenceCase() {
    super("head-case", "Heads are in sentence case", "7.12");
  }

  @Override
  void look(Subject subject, Consumer<Finding> found) {
    for (DressedCell head : subject.heads()) {
      String text = head.bareText();
      String should = sentence(text);
      if (!should.equals(text) && head.place() instanceof CellMeaning.Head place) {
        Leaf leaf = subject.table().across().leaves().get(place.first());
        List<String> path =
            leaf.path().subList(0, place.level() + 1).stream().map(Heading::label).toList();
        String label = sentence(path.getLast());
        found.accept(
            at(
                head,
                text,
                should,
                "“" + text + "” is in title case.",
                new Mend.Arrange("Set it in sentence case", new Rename(Side.ACROSS, path, label))));
      }
    }
  }

  /// A head with the capitals of common words taken off, but for its first word.
  static String sentence(String text) {
    List<String> words = new ArrayList<>(List.of(text.split(" ", -1)));
    for (int i = 1; i < words.size(); i++) {
      String word = words.get(i);
      boolean capital = word.length() > 1 && Character.isUpperCase(word.charAt(0));
      String lower = word.toLowerCase(Locale.ROOT);
      if (capital
          && COMMON.contains(lower.replaceAll("[^\\p{L}]", ""))
          && !word.equals(word.toUpperCase(Locale.ROOT))) {
        words.set(i, lower);
      }
    }
    return String.join(" ", words);
  }
}
