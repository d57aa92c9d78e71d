package app.finish.core.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/// One side of a table: an ordered tree of headings over its dimensions.
///
/// ```java
/// Axis down = Axis.of(List.of("Route", "Season"), headings);
/// down.leaves().size();
/// ```
public final class Axis {
  private final List<String> dimensions;
  private final List<Heading> headings;
  private final List<Leaf> leaves;

  private Axis(List<String> dimensions, List<Heading> headings, List<Leaf> leaves) {
    this.dimensions = dimensions;
    this.headings = headings;
    this.leaves = leaves;
  }

  /// An axis of these headings.
  ///
  /// @param dimensions a name a level, from the outermost; empty strings where there is none
  /// @param headings the outermost headings in order
  public static Axis of(List<String> dimensions, List<Heading> headings) {
    List<Leaf> leaves = new ArrayList<>();
    collect(headings, new ArrayList<>(), leaves);
    return new Axis(List.copyOf(dimensions), List.copyOf(headings), List.copyOf(leaves));
  }

  private static void collect(List<Heading> headings, List<Heading> path, List<Leaf> leaves) {
    for (Heading heading : headings) {
      path.add(heading);
      if (heading.isLeaf()) {
        leaves.add(new Leaf(leaves.size(), path));
      } else {
        collect(heading.children(), path, leaves);
      }
      path.removeLast();
    }
  }

  /// A name a level, from the outermost; empty where there is none.
  public List<String> dimensions() {
    return dimensions;
  }

  /// The outermost headings in order.
  public List<Heading> headings() {
    return headings;
  }

  /// The leaves in order, one for each row or column of the body.
  public List<Leaf> leaves() {
    return leaves;
  }

  /// How many levels the deepest leaf has, at least 1.
  public int depth() {
    return Math.max(1, leaves.stream().mapToInt(leaf -> leaf.path().size()).max().orElse(1));
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Axis that
        && dimensions.equals(that.dimensions)
        && headings.equals(that.headings);
  }

  @Override
  public int hashCode() {
    return Objects.hash(dimensions, headings);
  }

  @Override
  public String toString() {
    return "Axis " + dimensions + " " + leaves.size() + " leaves";
  }
}
