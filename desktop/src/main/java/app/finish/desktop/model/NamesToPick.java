package app.finish.desktop.model;

import app.finish.core.arrange.place.Side;
import app.finish.core.highlight.CellNames;
import app.finish.core.highlight.Region;
import app.finish.core.table.Measure;
import app.finish.core.table.Table;
import app.finish.expressions.BadExpression;
import app.finish.expressions.CellConditions;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;

/// The names of the table at hand that a sentence or an expression may use.
public final class NamesToPick {
  private final Desk desk;
  private static final int MENU = 40;
  private static final int LOOKED = 2000;

  NamesToPick(Desk desk) {
    this.desk = desk;
  }

  /// The measures of the table as it is shown.
  public List<String> measures() {
    return table().stream()
        .flatMap(table -> table.measures().stream())
        .map(Measure::name)
        .filter(name -> !name.isEmpty())
        .distinct()
        .toList();
  }

  /// The kinds of the measures, as sentences speak of all measures of one.
  public List<String> kinds() {
    return table().stream()
        .flatMap(table -> table.measures().stream())
        .map(measure -> Region.EVERY + measure.kind().word())
        .distinct()
        .toList();
  }

  /// The members of each dimension of the table as it is shown, as the source names them, so many
  /// of each that a menu can hold them.
  public Map<String, List<String>> members() {
    Map<String, List<String>> all = new LinkedHashMap<>();
    eachSide((names, side) -> addMembers(all, names, side));
    return all;
  }

  private static void addMembers(Map<String, List<String>> all, CellNames names, Side side) {
    List<String> dimensions = names.dimensions(side);
    var axis = side.of(names.table());
    int leaves = looked(names, side);
    for (int level = 0; level < dimensions.size(); level++) {
      Set<String> found = new LinkedHashSet<>();
      for (int leaf = 0; leaf < leaves && found.size() < MENU; leaf++) {
        boolean member =
            level < axis.depth(leaf)
                && axis.heading(leaf, level).measure().isEmpty()
                && axis.heading(leaf, level).role() == app.finish.core.table.Heading.Role.MEMBER;
        if (member && level < names.path(side, leaf).size()) {
          found.add(names.path(side, leaf).get(level));
        }
      }
      found.remove("");
      if (!found.isEmpty()) {
        all.merge(
            dimensions.get(level),
            List.copyOf(found),
            (one, other) -> {
              Set<String> both = new LinkedHashSet<>(one);
              both.addAll(other);
              return List.copyOf(both);
            });
      }
    }
  }

  private static void addHeadings(Set<List<String>> all, CellNames names, Side side) {
    for (int leaf = 0; leaf < looked(names, side) && all.size() < MENU; leaf++) {
      List<String> path = names.path(side, leaf);
      for (int depth = 1; depth <= path.size(); depth++) {
        all.add(List.copyOf(path.subList(0, depth)));
      }
    }
  }

  /// How many rows or columns are looked at for what a menu offers.
  private static int looked(CellNames names, Side side) {
    return Math.min(side.of(names.table()).leaves().size(), LOOKED);
  }

  private void eachSide(BiConsumer<CellNames, Side> work) {
    desk.shownProperty()
        .get()
        .map(shown -> CellNames.of(shown.arranged()))
        .ifPresent(names -> List.of(Side.values()).forEach(side -> work.accept(names, side)));
  }

  /// The names that an expression may use: those of every cell, then measures and dimensions.
  public List<String> ofExpressions() {
    Set<String> names = new LinkedHashSet<>(CellConditions.NAMES);
    names.addAll(measures());
    names.addAll(dimensions());
    return List.copyOf(names);
  }

  /// What is wrong with an expression of a cell, if anything is.
  public Optional<BadExpression> whatIsWrong(String expression) {
    try {
      new CellConditions().read(expression, measures(), dimensions());
      return Optional.empty();
    } catch (BadExpression e) {
      return Optional.of(e);
    }
  }

  /// The names of the dimensions of the table as it is shown, of rows first.
  public List<String> dimensions() {
    return members().keySet().stream().filter(one -> !one.isEmpty()).toList();
  }

  /// The headings of the table as it is shown, by the labels that lead to them, so many that a menu
  /// can hold them.
  public List<List<String>> headings() {
    Set<List<String>> all = new LinkedHashSet<>();
    eachSide((names, side) -> addHeadings(all, names, side));
    return List.copyOf(all);
  }

  private Optional<Table> table() {
    return desk.shownProperty().get().map(shown -> shown.arranged().table());
  }
}
