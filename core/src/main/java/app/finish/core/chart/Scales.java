package app.finish.core.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Which scale a kind of chart needs: bars stand on zero, dots and lines need not.
final class Scales {
  private static final int TICKS = 5;

  private Scales() {}

  static Scale of(ChartData data, ChartKind kind, Optional<Spreads> spreads) {
    if (kind == ChartKind.SHARES) {
      return new Scale(0, 1, 0.25);
    }
    List<Double> all = new ArrayList<>(kind == ChartKind.STACKED ? sums(data) : data.numbers());
    if (kind == ChartKind.INTERVALS && spreads.isPresent()) {
      addSpreads(data, spreads.get(), all);
    }
    if (kind == ChartKind.BOXES) {
      Spreads.quartiles(data.table())
          .ifPresent(names -> names.forEach(one -> all.addAll(data.of(one).numbers())));
    }
    boolean fromZero =
        switch (kind) {
          case BARS, COLUMNS, STACKED, MOSAIC -> true;
          default -> isNearZero(all);
        };
    if (fromZero) {
      all.add(0.0);
    }
    double least = all.stream().mapToDouble(Double::doubleValue).min().orElse(0);
    double most = all.stream().mapToDouble(Double::doubleValue).max().orElse(1);
    return kind == ChartKind.BARS && data.categories().size() * data.series().size() <= 60
        ? exact(least, most)
        : Scale.of(least, most, TICKS);
  }

  /// Where each bar bears its figure the longest may be as long as there is room.
  private static Scale exact(double least, double most) {
    double high = most > least ? most : least + 1;
    return new Scale(least, high, (high - least) / TICKS);
  }

  private static List<Double> sums(ChartData data) {
    List<Double> sums = new ArrayList<>();
    for (int i = 0; i < data.categories().size(); i++) {
      sums.add(data.sum(i));
    }
    return sums;
  }

  private static void addSpreads(ChartData data, Spreads spreads, List<Double> all) {
    for (int i = 0; i < data.categories().size(); i++) {
      for (int j = 0; j < data.series().size(); j++) {
        spreads
            .around(i, j)
            .ifPresent(
                around -> {
                  all.add(around[0]);
                  all.add(around[1]);
                });
      }
    }
  }

  /// Whether zero lies so near the figures that it costs little room to show it.
  private static boolean isNearZero(List<Double> all) {
    double least = all.stream().mapToDouble(Double::doubleValue).min().orElse(0);
    double most = all.stream().mapToDouble(Double::doubleValue).max().orElse(0);
    return least > 0 && least < 0.5 * most || most < 0 && most > 0.5 * least;
  }
}
