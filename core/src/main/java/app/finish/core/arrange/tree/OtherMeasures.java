package app.finish.core.arrange.tree;

import app.finish.core.table.Axis;
import app.finish.core.table.Heading;
import app.finish.core.table.Leaf;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/// For each leaf of an axis the leaves that stand under the same headings for other measures.
public final class OtherMeasures {
  private final List<Map<Integer, Integer>> ofLeaf = new ArrayList<>();

  public OtherMeasures(Axis axis) {
    Map<List<Object>, Map<Integer, Integer>> groups = new HashMap<>();
    for (Leaf leaf : axis.leaves()) {
      Map<Integer, Integer> group = groups.computeIfAbsent(key(leaf), key -> new HashMap<>());
      leaf.measure().ifPresent(measure -> group.putIfAbsent(measure, leaf.index()));
      ofLeaf.add(group);
    }
  }

  /// The headings of a leaf without that of its measure; groups of one name are told apart.
  private static List<Object> key(Leaf leaf) {
    List<Object> key = new ArrayList<>();
    for (Heading heading : leaf.path()) {
      if (heading.measure().isEmpty()) {
        key.add(heading.role());
        key.add(heading.label());
      }
    }
    return key;
  }

  /// The leaf for a measure beside another leaf; −1 if there is none.
  public int of(int leaf, int measure) {
    return ofLeaf.get(leaf).getOrDefault(measure, -1);
  }

  /// Whether the leaf stands for a measure at all.
  boolean hasMeasures(int leaf) {
    return !ofLeaf.get(leaf).isEmpty();
  }
}
