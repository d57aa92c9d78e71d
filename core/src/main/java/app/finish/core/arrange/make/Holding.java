package app.finish.core.arrange.make;

import app.finish.core.arrange.formula.Formula;
import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.tree.Branch;
import app.finish.core.arrange.tree.Figures;
import app.finish.core.arrange.tree.HeadingsByLevel;
import app.finish.core.arrange.tree.Trees;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Held;
import app.finish.core.table.Measure;
import app.finish.core.words.Markup;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/// Holds a level at one of its members: the level goes, and only the member's figures stay. Totals
/// over the level go too.
public final class Holding {
  private final Trees trees;
  private final Hold move;
  private Optional<String> shown = Optional.empty();

  public Holding(Trees trees, Hold move) {
    this.trees = trees;
    this.move = move;
  }

  public Trees held() throws NoPlace {
    OptionalInt measure = measure();
    return measure.isPresent() ? heldAt(measure.getAsInt()) : heldAtMember();
  }

  /// The measure that the move holds, if the measures run at its level.
  private OptionalInt measure() {
    HeadingsByLevel slots =
        HeadingsByLevel.of(trees.roots(move.side()), trees.dimensions(move.side()));
    if (slots.measures() != move.level()) {
      return OptionalInt.empty();
    }
    return slots.paths().stream()
        .flatMap(path -> path.get(slots.measures()).stream())
        .filter(step -> step.label().equals(move.member()))
        .peek(step -> shown = Optional.of(Markup.plain(step.shown())))
        .map(HeadingsByLevel.Step::measure)
        .filter(OptionalInt::isPresent)
        .findFirst()
        .orElse(OptionalInt.empty());
  }

  /// Holds the measures at one of them: the table then measures that alone.
  private Trees heldAt(int measure) {
    List<Branch> roots = only(measure, trees.roots(move.side()));
    Measure held = trees.source().measures().get(measure);
    if (roots.size() == 1 && roots.getFirst().label().isEmpty()) {
      roots = List.of(roots.getFirst().called(headed(List.of(held))));
    }
    Trees bare =
        new ArrangedTable(
                trees
                    .with(move.side(), roots)
                    .withNames(move.side(), trees.namesWithout(move.side(), move.level())))
            .changed(ArrangedTable.KEEP);
    Formula formula = trees.figures().formulas().get(measure);
    Map<Integer, Formula> formulas = formula == null ? Map.of() : Map.of(0, formula);
    return bare.withFigures(new Figures(bare.source().withMeasures(List.of(held)), formulas));
  }

  /// What the one column or row that is left is headed by: the measure, if there is one alone.
  private static String headed(List<Measure> measures) {
    boolean sole = measures.size() == 1 && !measures.getFirst().name().isEmpty();
    return sole ? measures.getFirst().name() : "All";
  }

  private static List<Branch> only(int measure, List<Branch> branches) {
    List<Branch> all = new ArrayList<>();
    for (Branch branch : branches) {
      if (branch.measure().isEmpty() && branch.isLeaf()) {
        all.add(branch);
      } else if (branch.measure().isEmpty()) {
        List<Branch> under = only(measure, branch.children());
        boolean bare = under.size() == 1 && under.getFirst().label().isEmpty();
        if (bare) {
          all.add(branch.withChildren(List.of()).madeFrom(under.getFirst().from()));
        } else if (!under.isEmpty()) {
          all.add(branch.withChildren(under));
        }
      } else if (branch.measure().getAsInt() == measure) {
        all.addAll(branch.isLeaf() ? List.of(withoutMeasure(branch)) : branch.children());
      }
    }
    return all;
  }

  private static Branch withoutMeasure(Branch leaf) {
    return new Branch(
        "", "", Role.MEMBER, OptionalInt.empty(), List.of(), leaf.from(), Optional.empty());
  }

  private Trees heldAtMember() throws NoPlace {
    List<Branch> roots = held(trees.roots(move.side()), 0);
    if (shown.isEmpty()) {
      throw new NoPlace("there is no “" + move.member() + "” at this level now");
    }
    if (roots.size() == 1 && roots.getFirst().label().isEmpty()) {
      roots = List.of(roots.getFirst().called(headed(trees.source().measures())));
    }
    return trees
        .with(move.side(), Branch.raised(roots))
        .withNames(move.side(), trees.namesWithout(move.side(), move.level()));
  }

  /// The line that says what is held; [#held] comes first.
  public Held line() {
    List<String> names = trees.dimensions(move.side());
    String name = move.level() < names.size() ? names.get(move.level()) : "";
    return new Held(name, shown.orElse(move.member()));
  }

  private List<Branch> held(List<Branch> branches, int level) {
    List<Branch> all = new ArrayList<>();
    for (Branch branch : branches) {
      if (level < move.level()) {
        all.addAll(above(branch, level));
      } else if (branch.label().equals(move.member()) && branch.isMember()) {
        shown = Optional.of(branch.shown());
        all.addAll(branch.isLeaf() ? List.of(nameless(branch)) : branch.children());
      }
    }
    return all;
  }

  /// A branch above the level; one that has only the member's figure takes it over.
  private List<Branch> above(Branch branch, int level) {
    if (branch.isLeaf()) {
      return List.of();
    }
    List<Branch> under = held(branch.children(), level + 1);
    if (under.size() == 1 && under.getFirst().label().isEmpty()) {
      return List.of(
          new Branch(
              branch.label(),
              branch.typed(),
              branch.role(),
              branch.measure(),
              List.of(),
              under.getFirst().from(),
              branch.origin()));
    }
    return under.isEmpty() ? List.of() : List.of(branch.withChildren(under));
  }

  private static Branch nameless(Branch leaf) {
    return new Branch(
        "", "", Role.MEMBER, leaf.measure(), List.of(), leaf.from(), Optional.empty());
  }
}
