package app.finish.core.arrange.make;

import app.finish.core.arrange.place.Level;
import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.place.Side;
import app.finish.core.arrange.tree.Trees;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/// What moves say of headings, and ask of a table, in common.
final class Said {
  private Said() {}

  /// Labels as one reads them, in quotes.
  static String path(List<String> path) {
    return "“" + String.join(", ", path.stream().filter(label -> !label.isEmpty()).toList()) + "”";
  }

  static String lines(Side side) {
    return side == Side.DOWN ? "Rows" : "Columns";
  }

  static boolean measuresAreAcross(Trees whole) {
    return whole.levels(Side.ACROSS).stream().anyMatch(Level::isMeasures);
  }

  /// Whether any of the measures can be added up.
  static boolean hasTotals(Trees whole) {
    return IntStream.range(0, whole.source().measures().size())
        .anyMatch(whole.figures()::hasTotals);
  }

  /// The paths to all headings of a level that are called so.
  static List<List<String>> paths(Trees trees, Side side, int level, String member) throws NoPlace {
    Set<List<String>> paths = new LinkedHashSet<>();
    for (List<String> path : trees.paths(side)) {
      if (path.size() > level && path.get(level).equals(member)) {
        paths.add(List.copyOf(path.subList(0, level + 1)));
      }
    }
    if (paths.isEmpty()) {
      throw new NoPlace("there is no “" + member + "” at this level now");
    }
    return List.copyOf(paths);
  }
}
