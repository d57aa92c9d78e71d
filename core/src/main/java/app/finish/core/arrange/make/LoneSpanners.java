package app.finish.core.arrange.make;

import app.finish.core.arrange.formula.Formulas;
import app.finish.core.arrange.move.Concern;
import app.finish.core.arrange.move.Levels;
import app.finish.core.arrange.move.Making;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.move.MoveKind;
import app.finish.core.arrange.move.MoveWriting;
import app.finish.core.arrange.move.Reach;
import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.place.Side;
import app.finish.core.arrange.tree.Branch;
import app.finish.core.arrange.tree.Trees;
import app.finish.core.table.Heading;
import java.util.ArrayList;
import java.util.List;

/// Makes one head of a spanner and the only column under it: no spanner stands over one column (APA
/// 7, 7.12).
///
/// ```java
/// new LoneSpanners(); // "Standardised" over "β" is "Standardised β"
/// ```
public record LoneSpanners() implements Move {
  static final MoveKind KIND = new MoveKind("lone spanners", false, in -> new LoneSpanners());

  /// Whether there are such spanners beside others.
  static boolean stand(List<Heading> headings) {
    boolean any =
        headings.stream()
            .anyMatch(one -> one.children().size() == 1 && one.children().getFirst().isLeaf());
    return any && headings.stream().anyMatch(one -> one.children().size() != 1)
        || headings.stream().anyMatch(one -> !one.isLeaf() && stand(one.children()));
  }

  @Override
  public Concern concern() {
    return Concern.NAMES;
  }

  @Override
  public MoveKind moveKind() {
    return KIND;
  }

  @Override
  public Trees made(Making at) throws NoPlace {
    List<Branch> roots = at.trees().roots(Side.ACROSS);
    List<Branch> all = joined(roots);
    if (all.equals(roots)) {
      throw new NoPlace("no spanner stands over one column");
    }
    return at.trees().with(Side.ACROSS, all);
  }

  private static List<Branch> joined(List<Branch> branches) {
    List<Branch> all = new ArrayList<>();
    for (Branch branch : branches) {
      boolean lone = branch.children().size() == 1 && branch.children().getFirst().isLeaf();
      if (lone) {
        Branch leaf = branch.children().getFirst();
        boolean same = branch.shown().equals(leaf.shown()) || branch.shown().isEmpty();
        String name = same ? leaf.typed() : branch.typed() + " " + leaf.typed();
        all.add(
            new Branch(
                name, name, leaf.role(), leaf.measure(), List.of(), leaf.from(), leaf.origin()));
      } else {
        all.add(branch.isLeaf() ? branch : branch.withChildren(joined(branch.children())));
      }
    }
    return all;
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    return Reach.WHOLE;
  }

  @Override
  public String words(Levels levels) {
    return "Set spanners over one column into its head";
  }

  @Override
  public void write(MoveWriting out) {}
}
