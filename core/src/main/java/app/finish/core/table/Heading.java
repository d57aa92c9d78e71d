package app.finish.core.table;

import java.util.List;
import java.util.OptionalInt;

/// A heading on an axis, with the headings under it. One with none under it is a leaf and has a row
/// or column of the body.
///
/// ```java
/// Heading.group("Hale–Orrin", Heading.member("Winter"), Heading.subtotal("All seasons"));
/// ```
///
/// @param label what it says; empty for a group that the source gives no name
/// @param role a member of its dimension, or a total
/// @param measure the place of its measure in the table's list, if it names one
/// @param children the headings under it, in order
public record Heading(String label, Role role, OptionalInt measure, List<Heading> children) {

  /// What a heading is to its dimension.
  public enum Role {
    /// A member.
    MEMBER,
    /// The total over the members of its group.
    SUBTOTAL,
    /// The total over all.
    GRAND_TOTAL
  }

  /// Copies the children.
  public Heading {
    children = List.copyOf(children);
  }

  /// A member without headings under it.
  public static Heading member(String label) {
    return new Heading(label, Role.MEMBER, OptionalInt.empty(), List.of());
  }

  /// A member with headings under it.
  public static Heading group(String label, Heading... children) {
    return new Heading(label, Role.MEMBER, OptionalInt.empty(), List.of(children));
  }

  /// The total of the group that it is put in.
  public static Heading subtotal(String label, Heading... children) {
    return new Heading(label, Role.SUBTOTAL, OptionalInt.empty(), List.of(children));
  }

  /// The total over all.
  public static Heading grandTotal(String label, Heading... children) {
    return new Heading(label, Role.GRAND_TOTAL, OptionalInt.empty(), List.of(children));
  }

  /// A leaf that names a measure.
  public static Heading measure(String label, int measure) {
    return new Heading(label, Role.MEMBER, OptionalInt.of(measure), List.of());
  }

  /// The same heading over other children.
  public Heading withChildren(List<Heading> others) {
    return new Heading(label, role, measure, others);
  }

  /// Whether it has a row or column of the body.
  public boolean isLeaf() {
    return children.isEmpty();
  }
}
