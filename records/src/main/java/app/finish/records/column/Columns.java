package app.finish.records.column;

import app.finish.core.problem.Refusal;
import app.finish.expressions.Name;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/// The columns of some records.
///
/// @param label what the records are called
/// @param all the columns in order
public record Columns(String label, List<Column> all) {
  /// Copies the list.
  public Columns {
    all = List.copyOf(all);
  }

  /// The column of a name; letter case matters only if two names differ in nothing else.
  ///
  /// @throws app.finish.core.problem.Refusal if there is none, in words for the person
  public Column of(String name) {
    return find(name)
        .orElseThrow(
            () ->
                new Refusal(
                    label
                        + " has no column “"
                        + name
                        + "”. It has: "
                        + String.join(", ", all.stream().limit(12).map(Column::name).toList())
                        + (all.size() > 12 ? " …" : "")
                        + "."));
  }

  /// The column of a name, if there is one.
  public Optional<Column> find(String name) {
    Optional<Column> exact = all.stream().filter(one -> one.name().equals(name)).findFirst();
    return exact.or(
        () ->
            all.stream()
                .filter(one -> one.name().strip().equalsIgnoreCase(name.strip()))
                .findFirst());
  }

  /// The names that filters may use.
  public List<Name> names() {
    return all.stream().map(one -> new Name(one.name(), one.type().kind())).toList();
  }

  /// The columns that hold whole numbers.
  public Set<String> whole() {
    Set<String> whole = new LinkedHashSet<>();
    all.stream()
        .filter(one -> one.type() == ColumnType.WHOLE)
        .forEach(one -> whole.add(one.name()));
    return whole;
  }

  /// Insists on a column of numbers.
  ///
  /// @param use what is done with them
  /// @throws app.finish.core.problem.Refusal if it is none, in words for the person
  public void needNumbers(Column column, String use) {
    if (!column.type().isNumber() && column.type() != ColumnType.TRUTH) {
      throw new Refusal(
          "“"
              + column.name()
              + "” holds "
              + (column.type() == ColumnType.DATE ? "dates" : "texts")
              + ", and only numbers can be "
              + use
              + ". Pick another column"
              + (column.type() == ColumnType.TEXT
                  ? ", or say that it is to be taken for numbers."
                  : "."));
    }
  }

  @Override
  public String toString() {
    return label + " " + all.stream().map(one -> one.name().toLowerCase(Locale.ROOT)).toList();
  }
}
