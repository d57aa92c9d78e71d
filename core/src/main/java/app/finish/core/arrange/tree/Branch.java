package app.finish.core.arrange.tree;

import app.finish.core.arrange.place.Side;
import app.finish.core.table.Heading;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Spot;
import app.finish.core.words.Markup;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;

/// A heading while its table is being arranged: it knows of which leaves of the source it is made.
public final class Branch {
  /// The leaf of what is not made from one leaf of the source.
  public static final int NOWHERE = -1;

  private static final Heading UNMADE = Heading.member("");

  private final String label;
  private final String shown;
  private final Role role;
  private final OptionalInt measure;
  private final List<Branch> children;
  private final SourceLeaves several;
  private final int sourceLeaf;
  private final boolean isLeaf;
  private final Optional<Spot> origin;
  private volatile boolean isStandInKnown;
  private Optional<Branch> standIn = Optional.empty();
  private volatile Heading heading = UNMADE;
  private volatile Optional<Shape> shape = Optional.empty();

  /// @param label what the source calls it
  /// @param shown what it is called, as it was typed
  /// @param role what it is to its dimension
  /// @param measure its measure, if it names one
  /// @param children the headings under it
  /// @param from for a leaf the leaves of the source whose figures it adds up, one for most
  /// @param origin where the source has it
  public Branch(
      String label,
      String shown,
      Role role,
      OptionalInt measure,
      List<Branch> children,
      List<Integer> from,
      Optional<Spot> origin) {
    this.label = label;
    this.shown = shown;
    this.role = role;
    this.measure = measure;
    this.children = OnDemand.kept(children);
    this.isLeaf = children.isEmpty();
    this.sourceLeaf = from.size() == 1 ? from.get(0) : NOWHERE;
    this.several = sourceLeaf == NOWHERE ? SourceLeaves.of(from) : SourceLeaves.NONE;
    this.origin = origin;
  }

  public String label() {
    return label;
  }

  /// What it is called, without the marks by which a person says how words are set.
  public String shown() {
    return shown.equals(label) ? label : Markup.plain(shown);
  }

  /// What it is called as it was typed, with its marks.
  public String typed() {
    return shown;
  }

  /// Whether some of its name is set otherwise than the rest.
  public boolean isRich() {
    return !shown.equals(label) && Markup.isMarked(shown);
  }

  public Role role() {
    return role;
  }

  public OptionalInt measure() {
    return measure;
  }

  public List<Branch> children() {
    return children;
  }

  public SourceLeaves from() {
    return sourceLeaf == NOWHERE ? several : SourceLeaves.of(sourceLeaf);
  }

  /// The one leaf of the source that it is made from; [#NOWHERE] if it is not made from one.
  public int sourceLeaf() {
    return sourceLeaf;
  }

  public Optional<Spot> origin() {
    return origin;
  }

  /// The leaf whose figures stand for those of the branch: itself, its total's, else its first
  /// measure's; none if its members have to be added up.
  Optional<Branch> standIn() {
    if (isLeaf()) {
      return Optional.of(this);
    }
    if (!isStandInKnown) {
      standIn = firstTotal().or(this::firstMeasure).flatMap(Branch::standIn);
      isStandInKnown = true;
    }
    return standIn;
  }

  private Optional<Branch> firstTotal() {
    for (Branch child : children) {
      if (child.role != Role.MEMBER) {
        return Optional.of(child);
      }
    }
    return Optional.empty();
  }

  private Optional<Branch> firstMeasure() {
    for (Branch child : children) {
      if (child.measure.isPresent()) {
        return Optional.of(child);
      }
    }
    return Optional.empty();
  }

  /// The branches of an axis.
  static List<Branch> of(List<Heading> headings, Side side) {
    return of(headings, side, 0, new int[1], new HashMap<>());
  }

  /// @param labels the labels so far; the same text is one object, which is quicker to tell
  private static List<Branch> of(
      List<Heading> headings, Side side, int level, int[] leaf, Map<String, String> labels) {
    List<Branch> branches = new ArrayList<>();
    for (Heading heading : headings) {
      int first = leaf[0];
      SourceLeaves from = heading.isLeaf() ? SourceLeaves.of(leaf[0]++) : SourceLeaves.NONE;
      List<Branch> children = of(heading.children(), side, level + 1, leaf, labels);
      Spot spot = side.spot(level, first);
      String label = labels.computeIfAbsent(heading.label(), text -> text);
      branches.add(
          new Branch(
              label, label, heading.role(), heading.measure(), children, from, Optional.of(spot)));
    }
    return Branches.of(branches);
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Branch that
        && label.equals(that.label)
        && shown.equals(that.shown)
        && role == that.role
        && measure.equals(that.measure)
        && sourceLeaf == that.sourceLeaf
        && several.equals(that.several)
        && origin.equals(that.origin)
        && children.equals(that.children);
  }

  @Override
  public int hashCode() {
    return Objects.hash(label, shown, role, sourceLeaf);
  }

  @Override
  public String toString() {
    return "Branch " + label;
  }

  public boolean isLeaf() {
    return isLeaf;
  }

  /// Whether it is the rest of which others were kept, gathered into one. It goes last in any
  /// order.
  public boolean isRest() {
    return origin.isEmpty() && label.startsWith("Other (") && isMember();
  }

  /// Whether it is a member of its dimension: no total, and no measure.
  public boolean isMember() {
    return role == Role.MEMBER && measure.isEmpty();
  }

  public Branch withChildren(List<Branch> others) {
    return new Branch(label, shown, role, measure, others, from(), origin);
  }

  /// A total over all that bears a name and has no figures yet.
  public static Branch total(String name) {
    return new Branch(
        name, name, Role.GRAND_TOTAL, OptionalInt.empty(), List.of(), List.of(), Optional.empty());
  }

  /// The same branch, made from other leaves of the source.
  public Branch madeFrom(List<Integer> leaves) {
    return new Branch(label, shown, role, measure, children, leaves, origin);
  }

  /// The same branch with another role.
  Branch as(Role other) {
    return new Branch(label, shown, other, measure, children, from(), origin);
  }

  /// The same branch, at another place of the source.
  public Branch at(Spot place) {
    return new Branch(label, shown, role, measure, children, from(), Optional.of(place));
  }

  /// The same branch, called something else.
  public Branch called(String name) {
    return new Branch(label, name, role, measure, children, from(), origin);
  }

  /// Branches that came outermost: a subtotal among them is a grand total now.
  public static List<Branch> raised(List<Branch> roots) {
    return roots.stream()
        .map(root -> root.role() == Role.SUBTOTAL ? root.as(Role.GRAND_TOTAL) : root)
        .toList();
  }

  /// All leaves under it, or itself.
  List<Branch> leaves() {
    return leaves(List.of(this));
  }

  /// All leaves under branches, in order.
  static List<Branch> leaves(List<Branch> branches) {
    List<Branch> leaves = new ArrayList<>();
    collect(branches, leaves);
    return leaves;
  }

  private static void collect(List<Branch> branches, List<Branch> leaves) {
    for (Branch branch : branches) {
      if (branch.isLeaf()) {
        leaves.add(branch);
      } else {
        collect(branch.children, leaves);
      }
    }
  }

  /// The branches that the first leaves stand in.
  ///
  /// @param left how many leaves are left to take; it counts down
  static List<Branch> first(List<Branch> branches, int[] left) {
    List<Branch> some = new ArrayList<>();
    for (int i = 0; i < branches.size() && left[0] > 0; i++) {
      Branch branch = branches.get(i);
      left[0] -= branch.isLeaf() ? 1 : 0;
      some.add(branch.isLeaf() ? branch : branch.withChildren(first(branch.children, left)));
    }
    return some;
  }

  /// Only the first branch of each level above one.
  static List<Branch> firstAbove(List<Branch> branches, int level) {
    if (level == 0 || branches.isEmpty()) {
      return branches;
    }
    Branch first = branches.get(0);
    return List.of(
        first.isLeaf() ? first : first.withChildren(firstAbove(first.children, level - 1)));
  }

  /// Branches as one of another name: headings of the same name under them become one. Where some
  /// have headings under them and some have none, these stand among those headings.
  public static Branch merged(String label, List<Branch> some) {
    List<List<Branch>> groups = new ArrayList<>();
    boolean leaves = some.stream().allMatch(Branch::isLeaf);
    boolean mixed = !leaves && some.stream().anyMatch(Branch::isLeaf);
    for (Branch one : leaves ? List.<Branch>of() : some) {
      for (Branch child : mixed && one.isLeaf() ? List.of(one) : one.children) {
        groups.stream()
            .filter(
                group ->
                    group.getFirst().label.equals(child.label)
                        && group.getFirst().role == child.role)
            .findFirst()
            .ifPresentOrElse(
                group -> group.add(child), () -> groups.add(new ArrayList<>(List.of(child))));
      }
    }
    List<Branch> children = new ArrayList<>();
    groups.forEach(group -> children.add(merged(group.getFirst().label, group)));
    Branch first = some.getFirst();
    boolean alone = some.size() == 1;
    return new Branch(
        label,
        first.label.equals(label) ? first.shown : label,
        first.role,
        first.measure,
        children,
        mixed ? SourceLeaves.NONE : SourceLeaves.ofAll(some),
        alone ? first.origin : Optional.empty());
  }

  /// How deep it is.
  Shape shape() {
    if (shape.isEmpty()) {
      shape = Optional.of(Shape.over(children));
    }
    return shape.get();
  }

  /// The heading that is shown for it. It is made once, so that what did not change is the same
  /// heading in one arrangement and the next.
  Heading heading() {
    if (heading == UNMADE) {
      heading = new Heading(shown(), role, measure, headings(children));
    }
    return heading;
  }

  /// The headings that are shown.
  public static List<Heading> headings(List<Branch> branches) {
    Heading[] headings = new Heading[branches.size()];
    for (int i = 0; i < headings.length; i++) {
      headings[i] = branches.get(i).heading();
    }
    return List.of(headings);
  }

  /// The headings by the labels that the source has for them.
  public static List<Heading> labelled(List<Branch> branches) {
    return branches.stream()
        .map(one -> new Heading(one.label, one.role, one.measure, labelled(one.children)))
        .toList();
  }
}
