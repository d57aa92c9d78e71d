package app.finish.core.arrange;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;

/// An order of branches by a key of each, which is looked up once. What is equal stays in its
/// order.
///
/// @param key the key of a branch
/// @param keys the order of the keys
record Order<K>(Function<Branch, K> key, Comparator<K> keys) {

  private record Keyed<T, K>(T item, K key) {}

  /// Things in the order of the branches that they have.
  <T> List<T> sorted(List<T> items, Function<T, Branch> branch) {
    List<Keyed<T, K>> keyed = new ArrayList<>(items.size());
    for (T item : items) {
      keyed.add(new Keyed<>(item, key.apply(branch.apply(item))));
    }
    keyed.sort((one, two) -> keys.compare(one.key, two.key));
    List<T> sorted = new ArrayList<>(keyed.size());
    for (Keyed<T, K> one : keyed) {
      sorted.add(one.item);
    }
    return sorted;
  }
}
