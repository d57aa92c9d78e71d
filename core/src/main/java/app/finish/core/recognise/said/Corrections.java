package app.finish.core.recognise.said;

import app.finish.core.problem.Refusal;
import app.finish.core.table.MeasureKind;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Consumer;

/// What a person said about a source against what was recognised. A correction outweighs any
/// evidence, and holds in new numbers.
///
/// ```java
/// Anchor row = recognition.anchors().rows().get(6);
/// Corrections.NONE.withRow(row, LineRole.SUBTOTAL).withMeasure("Trust", MeasureKind.MEAN);
/// ```
///
/// @param headRows how many rows of heads there are, if said
/// @param stubColumns how many columns on the left are the stub, if said
/// @param rows what a row is, by its meaning
/// @param columns what a column is, by its meaning: no group and no note
/// @param measures what kind of figure a measure is, by its name
/// @param blanks what empty cells among the figures stand for, if said
/// @param brackets what figures in brackets mean, if said
/// @param covers for a total, by its meaning, the lines that it totals
/// @param names labels over or before others that name a dimension and are no level
/// @param seconds of which kind the second figures in a measure's cells are, by its name; nothing
///   if its cells hold one thing, as written
/// @param extent how much of its sheet the table takes
public record Corrections(
    OptionalInt headRows,
    OptionalInt stubColumns,
    Map<Anchor, LineRole> rows,
    Map<Anchor, LineRole> columns,
    Map<String, MeasureKind> measures,
    Optional<BlankMeaning> blanks,
    Optional<BracketMeaning> brackets,
    Map<Anchor, List<Anchor>> covers,
    Set<String> names,
    Map<String, Optional<MeasureKind>> seconds,
    Extent extent) {
  /// Nothing to correct.
  public static final Corrections NONE =
      new Corrections(
          OptionalInt.empty(),
          OptionalInt.empty(),
          Map.of(),
          Map.of(),
          Map.of(),
          Optional.empty(),
          Optional.empty(),
          Map.of(),
          Set.of(),
          Map.of(),
          Extent.WHOLE);

  /// Copies the maps, in order.
  ///
  /// @throws app.finish.core.problem.Refusal if a column is said to be a group or a note
  public Corrections {
    rows = Collections.unmodifiableMap(new LinkedHashMap<>(rows));
    columns = Collections.unmodifiableMap(new LinkedHashMap<>(columns));
    measures = Collections.unmodifiableMap(new LinkedHashMap<>(measures));
    covers = Collections.unmodifiableMap(new LinkedHashMap<>(covers));
    names = Collections.unmodifiableSet(new LinkedHashSet<>(names));
    seconds = Collections.unmodifiableMap(new LinkedHashMap<>(seconds));
    if (columns.containsValue(LineRole.GROUP) || columns.containsValue(LineRole.NOTE)) {
      throw new Refusal("A column is neither a group nor a note.");
    }
  }

  /// The same corrections and this one: so many rows of heads.
  public Corrections withHeadRows(int count) {
    return changed(draft -> draft.headRows = OptionalInt.of(count));
  }

  /// The same corrections and this one: so many columns of stub.
  public Corrections withStubColumns(int count) {
    return changed(draft -> draft.stubColumns = OptionalInt.of(count));
  }

  /// The same corrections and this one: what a row is.
  public Corrections withRow(Anchor row, LineRole role) {
    return changed(draft -> draft.rows = with(rows, row, role));
  }

  /// The same corrections and this one: what a column is.
  ///
  /// @throws app.finish.core.problem.Refusal if it is said to be a group or a note
  public Corrections withColumn(Anchor column, LineRole role) {
    return changed(draft -> draft.columns = with(columns, column, role));
  }

  /// The same corrections and this one: what kind of figure the measure of this name is.
  public Corrections withMeasure(String name, MeasureKind kind) {
    return changed(draft -> draft.measures = with(measures, name, kind));
  }

  /// The same corrections and this one: what empty cells among the figures stand for.
  public Corrections withBlanks(BlankMeaning meaning) {
    return changed(draft -> draft.blanks = Optional.of(meaning));
  }

  /// The same corrections and this one: what figures in brackets mean.
  public Corrections withBrackets(BracketMeaning meaning) {
    return changed(draft -> draft.brackets = Optional.of(meaning));
  }

  /// The same corrections and this one: a row totals these rows and no others.
  public Corrections withCover(Anchor total, List<Anchor> members) {
    return changed(draft -> draft.covers = with(covers, total, List.copyOf(members)));
  }

  /// The same corrections and this one: a label names a dimension and is no level.
  public Corrections withName(String label) {
    Set<String> more = new LinkedHashSet<>(names);
    more.add(label);
    return changed(draft -> draft.names = more);
  }

  /// The same corrections and this one: of which kind the second figures in a measure's cells are.
  ///
  /// @param kind the kind, or nothing if its cells hold one thing, as written
  public Corrections withSecond(String measure, Optional<MeasureKind> kind) {
    return changed(draft -> draft.seconds = with(seconds, measure, kind));
  }

  /// The same corrections, said of another extent.
  public Corrections withExtent(Extent other) {
    return changed(draft -> draft.extent = other);
  }

  /// The same corrections with one of them said otherwise.
  private Corrections changed(Consumer<Draft> change) {
    Draft draft = new Draft(this);
    change.accept(draft);
    return draft.corrections();
  }

  /// Corrections while one of them is changed.
  private static final class Draft {
    private OptionalInt headRows;
    private OptionalInt stubColumns;
    private Map<Anchor, LineRole> rows;
    private Map<Anchor, LineRole> columns;
    private Map<String, MeasureKind> measures;
    private Optional<BlankMeaning> blanks;
    private Optional<BracketMeaning> brackets;
    private Map<Anchor, List<Anchor>> covers;
    private Set<String> names;
    private Map<String, Optional<MeasureKind>> seconds;
    private Extent extent;

    Draft(Corrections from) {
      headRows = from.headRows;
      stubColumns = from.stubColumns;
      rows = from.rows;
      columns = from.columns;
      measures = from.measures;
      blanks = from.blanks;
      brackets = from.brackets;
      covers = from.covers;
      names = from.names;
      seconds = from.seconds;
      extent = from.extent;
    }

    Corrections corrections() {
      return new Corrections(
          headRows,
          stubColumns,
          rows,
          columns,
          measures,
          blanks,
          brackets,
          covers,
          names,
          seconds,
          extent);
    }
  }

  private static <K, V> Map<K, V> with(Map<K, V> map, K key, V value) {
    Map<K, V> more = new LinkedHashMap<>(map);
    more.put(key, value);
    return more;
  }

  /// How many things were corrected.
  public int size() {
    return rows.size()
        + columns.size()
        + measures.size()
        + (blanks.isPresent() ? 1 : 0)
        + (brackets.isPresent() ? 1 : 0)
        + covers.size()
        + names.size()
        + seconds.size()
        + (extent.isWhole() ? 0 : 1)
        + (headRows.isPresent() ? 1 : 0)
        + (stubColumns.isPresent() ? 1 : 0);
  }
}
