package app.finish.core.table;

import app.finish.core.table.Heading.Role;
import java.util.List;
import java.util.OptionalInt;

/// One row or column of the body, known by the headings that lead to it.
///
/// ```java
/// Leaf leaf = table.down().leaves().get(3);
/// leaf.labels(); // [Hale–Orrin, Winter]
/// ```
///
/// @param index its place on the axis, from 0
/// @param path the headings from the outermost to the leaf
public record Leaf(int index, List<Heading> path) {
  /// Copies the path.
  public Leaf {
    path = List.copyOf(path);
  }

  /// The last heading of the path.
  public Heading heading() {
    return path.getLast();
  }

  /// The labels from the outermost to the leaf.
  public List<String> labels() {
    return path.stream().map(Heading::label).toList();
  }

  /// Whether it is a member, a subtotal or a grand total; a grand total outweighs a subtotal.
  public Role role() {
    Role role = Role.MEMBER;
    for (Heading heading : path) {
      role = heading.role().compareTo(role) > 0 ? heading.role() : role;
    }
    return role;
  }

  /// The level that a subtotal totals: 1 for the outermost groups. It is 1 for all other leaves.
  public int level() {
    int level = 0;
    for (Heading heading : path) {
      if (heading.role() == Role.SUBTOTAL) {
        return Math.max(1, level);
      }
      level += heading.measure().isPresent() ? 0 : 1;
    }
    return 1;
  }

  /// The measure that a heading of the path names, if one does.
  public OptionalInt measure() {
    for (Heading heading : path) {
      if (heading.measure().isPresent()) {
        return heading.measure();
      }
    }
    return OptionalInt.empty();
  }

  /// Whether this total stands at the head of its group and bears the group's own name, as in an
  /// indented pivot.
  public boolean isNamedAsItsGroup() {
    int last = path.size() - 1;
    return last > 0
        && heading().role() == Role.SUBTOTAL
        && path.get(last - 1).label().equals(heading().label());
  }
}
