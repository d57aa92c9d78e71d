package app.finish.core.dress;

import app.finish.core.table.Marks;
import app.finish.core.table.Spot;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/// Which rows bear marks of footnotes: they are wider than rows that look like them.
final class MarkedRows {
  private static final int MOST = 400;

  private MarkedRows() {}

  /// The leaves down whose labels bear marks or stretches in other looks.
  static Set<Integer> labels(Marks marks) {
    Set<Integer> leaves = new HashSet<>();
    for (Set<Spot> spots : List.of(marks.byPlace().keySet(), marks.typed().keySet())) {
      for (Spot spot : spots) {
        if (spot instanceof Spot.Down(int _, int leaf)) {
          leaves.add(leaf);
        }
      }
    }
    return leaves;
  }

  /// The rows that decide how wide columns are, with those of the longest marks.
  static int[] added(int[] decisive, RowPlan plan, Marks marks) {
    if (marks.byPlace().isEmpty()) {
      return decisive;
    }
    Set<Integer> leaves =
        marks.byPlace().entrySet().stream()
            .sorted(Comparator.comparing((Map.Entry<Spot, String> one) -> -one.getValue().length()))
            .flatMap(one -> leaf(one.getKey()).stream().boxed())
            .limit(MOST)
            .collect(Collectors.toSet());
    IntStream marked =
        IntStream.range(0, plan.size()).filter(row -> leaves.contains(plan.leaf(row)));
    return IntStream.concat(IntStream.of(decisive), marked).distinct().sorted().toArray();
  }

  private static java.util.OptionalInt leaf(Spot spot) {
    return switch (spot) {
      case Spot.Figure figure -> java.util.OptionalInt.of(figure.row());
      case Spot.Down down -> java.util.OptionalInt.of(down.leaf());
      case Spot.Across _, Spot.StubHead _, Spot.Title _ -> java.util.OptionalInt.empty();
    };
  }
}
