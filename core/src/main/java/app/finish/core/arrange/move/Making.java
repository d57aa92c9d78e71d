package app.finish.core.arrange.move;

import app.finish.core.arrange.formula.Formulas;
import app.finish.core.arrange.place.Aside;
import app.finish.core.arrange.tree.Trees;
import app.finish.core.table.Held;
import java.util.ArrayList;
import java.util.List;

/// The table as it stands when a move comes to it, and what the move says besides the table that it
/// leaves.
///
/// ```java
/// at.takeOut(Aside.at(at.place(), side, path));
/// return at.trees().with(side, rest);
/// ```
public final class Making {
  private final Trees trees;
  private final int index;
  private final Formulas formulas;
  private final int most;
  private final List<Aside> aside = new ArrayList<>();
  private final List<Held> held = new ArrayList<>();
  private final List<String> refused = new ArrayList<>();

  /// @param index the place of the move in the list
  /// @param most how many rows are wanted at most
  public Making(Trees trees, int index, Formulas formulas, int most) {
    this.trees = trees;
    this.index = index;
    this.formulas = formulas;
    this.most = most;
  }

  /// The same table for a move within this one.
  public Making again() {
    return new Making(trees, index, formulas, most);
  }

  public Trees trees() {
    return trees;
  }

  /// The place of the move in the list.
  public int index() {
    return index;
  }

  /// What reads the expressions of calculated measures.
  public Formulas formulas() {
    return formulas;
  }

  /// How many rows are wanted at most.
  public int most() {
    return most;
  }

  /// Says that a heading was taken out.
  public void takeOut(Aside one) {
    aside.add(one);
  }

  /// Says which dimension is held at which member.
  public void hold(Held line) {
    held.add(line);
  }

  /// Says which texts could not be taken.
  public void refuse(List<String> texts) {
    refused.addAll(texts);
  }

  /// What was taken out.
  public List<Aside> aside() {
    return List.copyOf(aside);
  }

  /// What is held.
  public List<Held> held() {
    return List.copyOf(held);
  }

  /// The texts that could not be taken.
  public List<String> refused() {
    return List.copyOf(refused);
  }
}
