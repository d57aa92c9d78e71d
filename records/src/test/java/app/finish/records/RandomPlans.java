package app.finish.records;

import app.finish.core.tally.Bins;
import app.finish.core.tally.DatePart;
import app.finish.core.tally.HeldAt;
import app.finish.core.tally.Member;
import app.finish.core.tally.MissingAnswers;
import app.finish.core.tally.Plan;
import app.finish.core.tally.TallyDimension;
import app.finish.core.tally.TallyFunction;
import app.finish.core.tally.TallyMeasure;
import app.finish.core.tally.TallyMeasure.Base;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.Predicate;

/// Plans of all sorts over sailings, from a seed.
public final class RandomPlans {
  /// Filters, each also as plain code; what is missing is not kept by a comparison.
  static final Map<String, Predicate<Sailing>> FILTERS =
      Map.of(
          "Route == 'Hale–Orrin'", s -> "Hale–Orrin".equals(s.route()),
          "Route in ['Hale–Skell', \"O'Dell; loop\"] && Passengers > 50",
              s ->
                  s.route() != null
                      && List.of("Hale–Skell", "O'Dell; loop").contains(s.route())
                      && s.passengers() != null
                      && s.passengers() > 50,
          "Fares / Running cost >= 0.5 || missing(Fares)",
              s -> s.fares() == null || s.cost() != null && s.fares() / s.cost() >= 0.5,
          "year(Sailed on) == 2024 && month(Sailed on) <= 6",
              s ->
                  s.sailed() != null
                      && s.sailed().getYear() == 2024
                      && s.sailed().getMonthValue() <= 6,
          "Sailed on >= date('2024-11-05')",
              s -> s.sailed() != null && !s.sailed().isBefore(java.time.LocalDate.of(2024, 11, 5)),
          "`Vessel \"old\"; name`.startsWith('Marram') || Full",
              s ->
                  s.vessel() != null && s.vessel().startsWith("Marram")
                      || Boolean.TRUE.equals(s.full()),
          "!missing(Minutes late) && Minutes late - 2 < 3 * 1.5",
              s -> s.late() != null && s.late() - 2 < 4.5,
          "Route.contains('–S') || Route.endsWith('loop')",
              s -> s.route() != null && (s.route().contains("–S") || s.route().endsWith("loop")));

  private final Random random;

  public RandomPlans(long seed) {
    this.random = new Random(seed);
  }

  public Plan next() {
    List<TallyDimension> dimensions = dimensions();
    int down = random.nextInt(3);
    int across = random.nextInt(3);
    Plan plan =
        Plan.EMPTY
            .withDown(dimensions.subList(0, down))
            .withAcross(dimensions.subList(down, down + across))
            .withMeasures(measures())
            .withMeasuresDown(random.nextInt(4) == 0)
            .withMissing(random.nextBoolean() ? MissingAnswers.APART : MissingAnswers.LEFT_OUT);
    if (random.nextInt(3) == 0) {
      plan = plan.withWeight("Weight");
    }
    if (random.nextBoolean()) {
      List<String> filters = FILTERS.keySet().stream().sorted().toList();
      plan = plan.withWhere(filters.get(random.nextInt(filters.size())));
    }
    if (random.nextInt(5) == 0) {
      plan = plan.withHeld(List.of(held(dimensions.getLast())));
    }
    return plan;
  }

  private HeldAt held(TallyDimension dimension) {
    TallyDimension full = TallyDimension.of("Full");
    return dimension.column().equals("Full")
        ? new HeldAt(full.in(Bins.NONE), Member.of("Yes"))
        : new HeldAt(TallyDimension.of("Route"), Member.of("O'Dell; loop"));
  }

  private List<TallyDimension> dimensions() {
    List<TallyDimension> all = new ArrayList<>();
    all.add(TallyDimension.of("Route"));
    all.add(TallyDimension.of("Vessel \"old\"; name").named("Vessel"));
    all.add(TallyDimension.of("Full"));
    DatePart[] parts = DatePart.values();
    all.add(TallyDimension.of("Sailed on").in(new Bins.Dates(parts[random.nextInt(5)])));
    all.add(TallyDimension.of("Passengers").in(new Bins.Width(100, random.nextInt(50), true)));
    all.add(TallyDimension.of("Minutes late").in(Bins.cuts(List.of(-5.5, 0.0, 2.25, 10.0), false)));
    all.add(TallyDimension.of("Weight"));
    all.add(TallyDimension.of("Fares").in(new Bins.Width(250.5, 0, false)));
    Collections.shuffle(all, random);
    return all.stream().map(one -> one.totalled(random.nextInt(4) > 0)).toList();
  }

  private List<TallyMeasure> measures() {
    List<TallyMeasure> all = new ArrayList<>();
    String[] columns = {"Passengers", "Fares", "Running cost", "Minutes late", "Full"};
    int count = 1 + random.nextInt(5);
    for (int i = 0; i < count; i++) {
      String column = columns[random.nextInt(columns.length)];
      TallyMeasure measure =
          switch (random.nextInt(9)) {
            case 0 -> TallyMeasure.count();
            case 1 -> TallyMeasure.percent(Base.values()[random.nextInt(3)], "");
            case 2 -> TallyMeasure.percent(Base.values()[random.nextInt(3)], "Passengers");
            case 3 ->
                new TallyMeasure.Calculated("sum(Fares) / sum(Running cost)", "Cost recovery");
            case 4 -> TallyMeasure.quantile(random.nextInt(101) / 100.0, column);
            default -> {
              TallyFunction[] functions = TallyFunction.values();
              TallyFunction function = functions[random.nextInt(functions.length)];
              yield function == TallyFunction.QUANTILE
                  ? TallyMeasure.quantile(0.9, column)
                  : TallyMeasure.of(function, column);
            }
          };
      all.add(measure.withName(measure.name() + " " + (i + 1)));
    }
    return all;
  }
}
