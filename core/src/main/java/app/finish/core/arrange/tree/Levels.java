package app.finish.core.arrange.tree;

import app.finish.core.arrange.place.Level;
import java.util.ArrayList;
import java.util.List;

/// Finds the levels of a side, as [HeadingsByLevel] counts them, without looking at each leaf's
/// whole path.
public final class Levels {
  private final List<First> members = new ArrayList<>();
  private final First measures = new First();
  private int measurePlace = -1;

  private Levels() {}

  static List<Level> of(List<Branch> roots, List<String> names) {
    if (HeadingsByLevel.isWhole(roots)) {
      return List.of();
    }
    Levels found = new Levels();
    found.walk(roots, 0);
    List<Level> levels = new ArrayList<>();
    for (First one : found.members) {
      levels.add(new Level("", false, one.labels));
    }
    if (found.measurePlace >= 0) {
      levels.add(
          Math.min(found.measurePlace, levels.size()), new Level("", true, found.measures.labels));
    }
    for (int i = 0; i < levels.size(); i++) {
      Level level = levels.get(i);
      String name = i < names.size() ? names.get(i) : "";
      levels.set(i, new Level(name, level.isMeasures(), level.first()));
    }
    return levels;
  }

  /// The labels of the first members of a level.
  private static final class First {
    private final List<String> labels = new ArrayList<>();
    private int named;

    void add(String label) {
      if (named < Level.NAMED && !labels.contains(label)) {
        labels.add(label);
        named += label.isBlank() ? 0 : 1;
      }
    }
  }

  /// @param depth how many headings that are no measures stand above
  private void walk(List<Branch> branches, int depth) {
    for (Branch branch : branches) {
      if (branch.measure().isPresent()) {
        measures.add(branch.label());
        measurePlace = Math.max(measurePlace, depth);
        walk(branch.children(), depth);
        continue;
      }
      while (members.size() <= depth) {
        members.add(new First());
      }
      if (branch.isMember()) {
        members.get(depth).add(branch.label());
      }
      walk(branch.children(), depth + 1);
    }
  }
}
