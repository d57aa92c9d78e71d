package app.finish.core.arrange.tree;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;

/// An order of branches. What is equal in it stays as it was.
///
/// ```java
/// Ranking ranking = Order.by(Branch::label, NaturalOrder.PLAIN).ranking(branches);
/// Branch first = branches.get(ranking.at(0));
/// ```
public interface Order {
  /// The places of these branches in their order.
  Ranking ranking(List<Branch> branches);

  /// By a key of each, which is looked up once.
  static <K> Order by(Function<Branch, K> key, Comparator<K> keys) {
    return branches ->
        Ranking.of(
            branches.size(),
            () -> {
              List<K> all = new ArrayList<>(branches.size());
              branches.forEach(branch -> all.add(key.apply(branch)));
              return (one, two) -> keys.compare(all.get(one), all.get(two));
            });
  }

  /// By a number of each, from the least.
  ///
  /// @param numbers the numbers of some branches
  static Order byNumber(Function<List<Branch>, double[]> numbers) {
    return branches ->
        Ranking.of(
            branches.size(),
            () -> {
              double[] all = numbers.apply(branches);
              return (one, two) -> Double.compare(all[one], all[two]);
            });
  }

  /// The other way round.
  static Order backwards() {
    return branches -> Ranking.of(branches.size(), () -> (one, two) -> Integer.compare(two, one));
  }
}
