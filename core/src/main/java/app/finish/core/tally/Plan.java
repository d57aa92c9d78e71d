package app.finish.core.tally;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/// What is counted from records, and how it stands in the table.
///
/// ```java
/// Plan plan = Plan.EMPTY
///     .withDown(List.of(TallyDimension.of("Route"), TallyDimension.of("Season")))
///     .withMeasures(List.of(TallyMeasure.count()));
/// ```
///
/// @param down the dimensions down, from the outermost
/// @param across the dimensions across, from the outermost; measures stand under them
/// @param held the dimensions that are held at one member
/// @param measures the measures in order
/// @param where which records are counted, as an expression; empty for all
/// @param weight the column that says what a record weighs; empty if each weighs the same
/// @param missing what becomes of records that lack an answer in a dimension
/// @param measuresDown whether the measures stand under the dimensions down
/// @param tests the tests whose results stand in notes
/// @param question what is asked of the records
public record Plan(
    List<TallyDimension> down,
    List<TallyDimension> across,
    List<HeldAt> held,
    List<TallyMeasure> measures,
    String where,
    String weight,
    MissingAnswers missing,
    boolean measuresDown,
    Set<SignificanceTest> tests,
    Question question) {
  /// Nothing is counted.
  public static final Plan EMPTY =
      new Plan(
          List.of(),
          List.of(),
          List.of(),
          List.of(),
          "",
          "",
          MissingAnswers.APART,
          false,
          Set.of(),
          Question.TALLY);

  /// Copies the lists.
  public Plan {
    down = List.copyOf(down);
    across = List.copyOf(across);
    held = List.copyOf(held);
    measures = distinct(measures);
    EnumSet<SignificanceTest> ordered = EnumSet.noneOf(SignificanceTest.class);
    ordered.addAll(tests);
    tests = java.util.Collections.unmodifiableSet(ordered);
  }

  /// Measures of which no two have the same name: a later one bears its function's name, or a
  /// number.
  private static List<TallyMeasure> distinct(List<TallyMeasure> measures) {
    Set<String> names = new HashSet<>();
    List<TallyMeasure> distinct = new ArrayList<>();
    for (TallyMeasure measure : measures) {
      TallyMeasure own = measure;
      if (names.contains(own.name()) && own instanceof TallyMeasure.Worked worked) {
        own = own.withName(own.name() + " (" + worked.function().word() + ")");
      }
      for (int next = 2; names.contains(own.name()); next++) {
        own = measure.withName(measure.name() + " " + next);
      }
      names.add(own.name());
      distinct.add(own);
    }
    return List.copyOf(distinct);
  }

  /// The same plan with these dimensions down.
  public Plan withDown(List<TallyDimension> others) {
    return new Plan(
        others, across, held, measures, where, weight, missing, measuresDown, tests, question);
  }

  /// The same plan with these dimensions across.
  public Plan withAcross(List<TallyDimension> others) {
    return new Plan(
        down, others, held, measures, where, weight, missing, measuresDown, tests, question);
  }

  /// The same plan with these dimensions held.
  public Plan withHeld(List<HeldAt> others) {
    return new Plan(
        down, across, others, measures, where, weight, missing, measuresDown, tests, question);
  }

  /// The same plan with these measures.
  public Plan withMeasures(List<? extends TallyMeasure> others) {
    return new Plan(
        down,
        across,
        held,
        List.copyOf(others),
        where,
        weight,
        missing,
        measuresDown,
        tests,
        question);
  }

  /// The same plan for the records for which this expression holds; empty for all.
  public Plan withWhere(String other) {
    return new Plan(
        down, across, held, measures, other, weight, missing, measuresDown, tests, question);
  }

  /// The same plan with records weighted by this column; empty for none.
  public Plan withWeight(String other) {
    return new Plan(
        down, across, held, measures, where, other, missing, measuresDown, tests, question);
  }

  /// The same plan with another choice for missing answers.
  public Plan withMissing(MissingAnswers other) {
    return new Plan(
        down, across, held, measures, where, weight, other, measuresDown, tests, question);
  }

  /// The same plan with the measures under the dimensions down, or across.
  public Plan withMeasuresDown(boolean other) {
    return new Plan(down, across, held, measures, where, weight, missing, other, tests, question);
  }

  /// The same plan with these tests.
  public Plan withTests(Set<SignificanceTest> others) {
    return new Plan(
        down, across, held, measures, where, weight, missing, measuresDown, others, question);
  }

  /// The same plan asking something else of the records.
  public Plan withQuestion(Question other) {
    return new Plan(
        down, across, held, measures, where, weight, missing, measuresDown, tests, other);
  }

  /// Whether it counts nothing yet.
  public boolean isEmpty() {
    return down.isEmpty() && across.isEmpty() && measures.isEmpty();
  }

  /// The measures, or the count if none is named.
  public List<TallyMeasure> measuresOrCount() {
    return measures.isEmpty() ? List.of(TallyMeasure.count()) : measures;
  }

  /// All dimensions: down, then across, then held.
  public List<TallyDimension> dimensions() {
    List<TallyDimension> all = new ArrayList<>(down);
    all.addAll(across);
    held.forEach(one -> all.add(one.dimension()));
    return List.copyOf(all);
  }

  /// How many outer dimensions the groups name that the table needs: all of them, and the fewer
  /// that totals are made of.
  ///
  /// @param axis the dimensions of an axis
  public static List<Integer> depths(List<TallyDimension> axis) {
    List<Integer> depths = new ArrayList<>();
    for (int depth = 0; depth < axis.size(); depth++) {
      if (axis.get(depth).totalled()) {
        depths.add(depth);
      }
    }
    depths.add(axis.size());
    return List.copyOf(depths);
  }
}
