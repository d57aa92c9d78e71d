package app.finish.expressions;

import app.finish.core.arrange.formula.CellExpressions;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;

/// Reads conditions of cells: expressions that are true or false over a cell's value, its measure,
/// its members and the other measures in its place.
///
/// ```java
/// new CellConditions().read("value < 85 && !total", List.of("Fares"), List.of("Season"));
/// ```
///
/// [#NAMES] are the names that every cell has; measures and dimensions have their own.
public final class CellConditions implements CellExpressions {
  /// The names that every cell has, in the order in which they are offered.
  public static final List<String> NAMES = List.of("value", "measure", "written", "total", "level");

  @Override
  public Predicate<Cell> read(String expression, List<String> measures, List<String> dimensions) {
    List<Name> names = new ArrayList<>();
    names.add(Name.number("value"));
    names.add(Name.text("measure"));
    names.add(Name.text("written"));
    names.add(new Name("total", Name.Kind.TRUTH));
    names.add(Name.number("level"));
    for (String dimension : dimensions) {
      add(names, Name.text(dimension));
    }
    for (String measure : measures) {
      add(names, Name.number(measure));
    }
    Expression read = Expression.truth(expression, names);
    return cell -> read.isTrue(values(cell));
  }

  /// A name that is taken already means what it meant before.
  private static void add(List<Name> names, Name name) {
    if (names.stream().noneMatch(one -> one.name().equals(name.name()))) {
      names.add(name);
    }
  }

  private static Function<Name, Optional<?>> values(Cell cell) {
    return name ->
        switch (name.name()) {
          case "value" -> number(cell.value());
          case "measure" -> Optional.of(cell.measure());
          case "written" -> Optional.of(cell.written());
          case "total" -> Optional.of(cell.total());
          case "level" -> Optional.of(cell.level());
          default ->
              name.kind() == Name.Kind.TEXT
                  ? Optional.of(cell.member(name.name()))
                  : number(cell.figure(name.name()));
        };
  }

  private static Optional<Double> number(double number) {
    return Double.isNaN(number) ? Optional.empty() : Optional.of(number);
  }
}
