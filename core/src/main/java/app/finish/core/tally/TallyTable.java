package app.finish.core.tally;

import app.finish.core.table.Axis;
import app.finish.core.table.Body;
import app.finish.core.table.Heading;
import app.finish.core.table.Held;
import app.finish.core.table.Marks;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.core.table.Words;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;

/// Makes a table of a plan and what was worked out for it.
///
/// ```java
/// Table table = TallyTable.of(plan, groups, Set.of("Passengers"), Words.NONE);
/// ```
public final class TallyTable {
  /// What a total is called.
  public static final String TOTAL = "Total";

  /// @param members the members of a leaf, fewer than dimensions if it is a total
  /// @param measure the place of its measure, or −1 if the other axis names it
  private record Slot(List<Member> members, int measure) {}

  private record Place(List<Member> down, List<Member> across) {}

  private final Plan plan;
  private final List<TallyMeasure> measures;

  private TallyTable(Plan plan) {
    this.plan = plan;
    this.measures = plan.measuresOrCount();
  }

  /// The table of these groups. Rows and columns stand in the order of their members; a total
  /// follows what it totals.
  ///
  /// @param whole the columns whose values are whole numbers
  /// @param words the words around the table
  public static Table of(Plan plan, List<Group> groups, Set<String> whole, Words words) {
    return new TallyTable(plan).build(groups, whole, words);
  }

  private Table build(List<Group> groups, Set<String> whole, Words words) {
    Map<Place, List<Double>> figures = new HashMap<>();
    for (Group group : groups) {
      figures.put(new Place(group.down(), group.across()), group.values());
    }
    boolean named = measures.size() > 1 || plan.across().isEmpty() || plan.measuresDown();
    List<Slot> rows = new ArrayList<>();
    List<Slot> columns = new ArrayList<>();
    Axis down =
        axis(plan.down(), groups.stream().map(Group::down).toList(), rows, plan.measuresDown());
    Axis across =
        axis(
            plan.across(),
            groups.stream().map(Group::across).toList(),
            columns,
            named && !plan.measuresDown());
    Body body =
        Body.of(
            rows.size(),
            columns.size(),
            (row, column) -> value(figures, rows.get(row), columns.get(column)));
    return new Table(
        down,
        across,
        measures.stream().map(measure -> measure(measure, whole)).toList(),
        body,
        plan.held().stream().map(one -> new Held(one.dimension().name(), one.label())).toList(),
        words,
        Marks.NONE);
  }

  private Axis axis(
      List<TallyDimension> dimensions,
      List<List<Member>> paths,
      List<Slot> slots,
      boolean withMeasures) {
    List<List<Member>> whole =
        paths.stream().filter(path -> path.size() == dimensions.size()).distinct().toList();
    List<Heading> headings =
        dimensions.isEmpty()
            ? unnamed(slots, withMeasures)
            : headings(dimensions, List.of(), whole, slots, withMeasures);
    List<String> names = new ArrayList<>(dimensions.stream().map(TallyDimension::name).toList());
    if (withMeasures || names.isEmpty()) {
      names.add("");
    }
    return Axis.of(names, headings);
  }

  private List<Heading> unnamed(List<Slot> slots, boolean withMeasures) {
    if (withMeasures) {
      return measures(List.of(), slots);
    }
    slots.add(new Slot(List.of(), -1));
    return List.of(Heading.grandTotal(TOTAL));
  }

  private List<Heading> headings(
      List<TallyDimension> dimensions,
      List<Member> prefix,
      List<List<Member>> paths,
      List<Slot> slots,
      boolean withMeasures) {
    int level = prefix.size();
    TallyDimension dimension = dimensions.get(level);
    Map<Member, List<List<Member>>> byMember = new HashMap<>();
    for (List<Member> path : paths) {
      byMember.computeIfAbsent(path.get(level), member -> new ArrayList<>()).add(path);
    }
    SortedSet<Member> members = new TreeSet<>(byMember.keySet());
    List<Heading> headings = new ArrayList<>();
    for (Member member : members) {
      List<Member> here = new ArrayList<>(prefix);
      here.add(member);
      Heading heading = Heading.member(dimension.bins().label(member));
      headings.add(
          level == dimensions.size() - 1
              ? leaf(heading, here, slots, withMeasures)
              : heading.withChildren(
                  headings(
                      dimensions,
                      here,
                      byMember.getOrDefault(member, List.of()),
                      slots,
                      withMeasures)));
    }
    if (dimension.totalled()) {
      Heading total = level == 0 ? Heading.grandTotal(TOTAL) : Heading.subtotal(TOTAL);
      headings.add(leaf(total, prefix, slots, withMeasures));
    }
    return headings;
  }

  private Heading leaf(
      Heading heading, List<Member> members, List<Slot> slots, boolean withMeasures) {
    if (withMeasures) {
      return heading.withChildren(measures(members, slots));
    }
    slots.add(new Slot(List.copyOf(members), -1));
    return heading;
  }

  private List<Heading> measures(List<Member> members, List<Slot> slots) {
    List<Heading> leaves = new ArrayList<>();
    for (int i = 0; i < measures.size(); i++) {
      leaves.add(Heading.measure(measures.get(i).name(), i));
      slots.add(new Slot(List.copyOf(members), i));
    }
    return leaves;
  }

  private Value value(Map<Place, List<Double>> figures, Slot row, Slot column) {
    int measure = Math.max(0, Math.max(row.measure, column.measure));
    Place place = new Place(row.members, column.members);
    List<Double> found = figures.get(place);
    double figure = found == null ? ofNone(figures, place, measure) : found.get(measure);
    return Double.isFinite(figure) ? Value.number(figure, "") : Value.BLANK;
  }

  /// What a measure is of no records at all.
  private double ofNone(Map<Place, List<Double>> figures, Place place, int measure) {
    return switch (measures.get(measure)) {
      case TallyMeasure.Worked worked -> worked.function().needsNumbers() ? Double.NaN : 0;
      case TallyMeasure.Percent percent ->
          percent.column().isEmpty() && hasTotal(figures, place, percent, measure) ? 0 : Double.NaN;
      case TallyMeasure.Calculated _ -> Double.NaN;
    };
  }

  /// Whether there is anything of which no records could be a share.
  private static boolean hasTotal(
      Map<Place, List<Double>> figures, Place of, TallyMeasure.Percent percent, int measure) {
    List<Double> total =
        figures.get(
            switch (percent.base()) {
              case ROW -> new Place(of.down, List.of());
              case COLUMN -> new Place(List.of(), of.across);
              case TOTAL -> new Place(List.of(), List.of());
            });
    return total != null && Double.isFinite(total.get(measure));
  }

  private Measure measure(TallyMeasure measure, Set<String> whole) {
    return switch (measure) {
      case TallyMeasure.Worked worked ->
          new Measure(worked.name(), worked.function().kind(), "", decimals(worked, whole));
      case TallyMeasure.Percent percent -> new Measure(percent.name(), MeasureKind.PERCENT, "%", 1);
      case TallyMeasure.Calculated calculated ->
          new Measure(calculated.name(), MeasureKind.RATIO, "", 2);
    };
  }

  private int decimals(TallyMeasure.Worked worked, Set<String> whole) {
    boolean isWhole = whole.contains(worked.column());
    boolean wholeWeights = plan.weight().isEmpty() || whole.contains(plan.weight());
    return switch (worked.function()) {
      case COUNT -> wholeWeights ? 0 : 1;
      case DISTINCT -> 0;
      case SUM -> isWhole && wholeWeights ? 0 : 2;
      case LEAST, GREATEST -> isWhole ? 0 : 2;
      case MEAN, DEVIATION, ERROR, MEDIAN, QUANTILE -> 2;
    };
  }
}
