package app.finish.core.arrange.make;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/// Letters for groups of which some differ: two groups share a letter if, and only if, they do not
/// differ. By inserting and absorbing (Piepho 2004, *Journal of Computational and Graphical
/// Statistics* 13, 456–466).
///
/// ```java
/// LetterDisplay.of(3, List.of(new int[] {0, 2})); // [a], [a, b], [b]
/// ```
final class LetterDisplay {
  private LetterDisplay() {}

  /// The letters of each group, from 0.
  ///
  /// @param groups how many groups there are
  /// @param differ the pairs of groups that differ
  static List<List<Integer>> of(int groups, List<int[]> differ) {
    List<Set<Integer>> sets = new ArrayList<>();
    Set<Integer> all = new LinkedHashSet<>();
    for (int group = 0; group < groups; group++) {
      all.add(group);
    }
    sets.add(all);
    for (int[] pair : differ) {
      sets = absorbed(parted(sets, pair));
    }
    sets.sort(LetterDisplay::inOrder);
    List<List<Integer>> letters = new ArrayList<>();
    for (int group = 0; group < groups; group++) {
      List<Integer> own = new ArrayList<>();
      for (int set = 0; set < sets.size(); set++) {
        if (sets.get(set).contains(group)) {
          own.add(set);
        }
      }
      letters.add(own);
    }
    return letters;
  }

  /// Each set with both of a pair becomes two, each without one of them.
  private static List<Set<Integer>> parted(List<Set<Integer>> sets, int[] pair) {
    List<Set<Integer>> parted = new ArrayList<>();
    for (Set<Integer> set : sets) {
      if (set.contains(pair[0]) && set.contains(pair[1])) {
        for (int gone : pair) {
          Set<Integer> rest = new LinkedHashSet<>(set);
          rest.remove(gone);
          parted.add(rest);
        }
      } else {
        parted.add(set);
      }
    }
    return parted;
  }

  /// A set within another says nothing more.
  private static List<Set<Integer>> absorbed(List<Set<Integer>> sets) {
    List<Set<Integer>> kept = new ArrayList<>();
    for (int i = 0; i < sets.size(); i++) {
      boolean within = false;
      for (int j = 0; j < sets.size(); j++) {
        boolean larger = sets.get(j).size() > sets.get(i).size() || j < i;
        within |= i != j && larger && sets.get(j).containsAll(sets.get(i));
      }
      if (!within) {
        kept.add(sets.get(i));
      }
    }
    return kept;
  }

  private static int inOrder(Set<Integer> one, Set<Integer> other) {
    List<Integer> first = one.stream().sorted().toList();
    List<Integer> second = other.stream().sorted().toList();
    for (int i = 0; i < Math.min(first.size(), second.size()); i++) {
      int order = Integer.compare(first.get(i), second.get(i));
      if (order != 0) {
        return order;
      }
    }
    return Integer.compare(first.size(), second.size());
  }
}
