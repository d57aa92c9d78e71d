package app.finish.core.arrange.make;

import app.finish.core.arrange.formula.Neighbours;
import app.finish.core.arrange.place.Side;
import app.finish.core.arrange.tree.Figures;
import app.finish.core.arrange.tree.LeafGroups;
import app.finish.core.arrange.tree.OtherMeasures;
import app.finish.core.table.Table;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/// The figures around each place of a table, found once and kept.
public final class NeighbourFigures {
  private final Figures figures;
  private final Table table;
  private final boolean measuresAcross;
  private final boolean measuresDown;
  private final OtherMeasures siblings;
  private final LeafGroups down;
  private final LeafGroups across;
  private final Map<List<Object>, Row> rows = new HashMap<>();
  private final Map<List<Object>, Double> totals = new HashMap<>();

  NeighbourFigures(Figures figures, Side measures) {
    this.figures = figures;
    this.table = figures.table();
    this.measuresAcross =
        table.across().leaves().stream().anyMatch(leaf -> leaf.measure().isPresent());
    this.measuresDown = table.down().leaves().stream().anyMatch(leaf -> leaf.measure().isPresent());
    this.siblings = new OtherMeasures(measures.of(table));
    this.down = new LeafGroups(table.down());
    this.across = new LeafGroups(table.across());
  }

  /// What is around the place of a row and a column, whatever measures these are.
  Neighbours at(int row, int column) {
    return new At(row, column);
  }

  /// The figures of one group beside each other, with what is worked out of them when it is asked.
  private static final class Row {
    final double[] figures;
    private double[] sorted = {};
    private double[] running = {};

    Row(double[] figures) {
      this.figures = figures;
    }

    double rank(int index) {
      if (Double.isNaN(figures[index])) {
        return Double.NaN;
      }
      if (sorted.length == 0) {
        sorted = Arrays.stream(figures).filter(one -> !Double.isNaN(one)).sorted().toArray();
      }
      int low = 0;
      int high = sorted.length;
      while (low < high) {
        int middle = (low + high) >>> 1;
        if (sorted[middle] <= figures[index]) {
          low = middle + 1;
        } else {
          high = middle;
        }
      }
      return sorted.length - low + 1.0;
    }

    double running(int index) {
      if (running.length == 0) {
        running = new double[figures.length];
        double sum = 0;
        for (int i = 0; i < running.length; i++) {
          sum += figures[i];
          running[i] = sum;
        }
      }
      return running[index];
    }
  }

  private final class At implements Neighbours {
    private final int row;
    private final int column;

    At(int row, int column) {
      this.row = row;
      this.column = column;
    }

    /// The leaf beside this one for a measure.
    private int row(int measure) {
      return measuresDown && !measuresAcross ? siblings.of(row, measure) : row;
    }

    private int column(int measure) {
      return measuresAcross ? siblings.of(column, measure) : column;
    }

    @Override
    public double figure(String name) {
      int measure = figures.indexOf(name);
      int r = measure < 0 ? -1 : row(measure);
      int c = measure < 0 ? -1 : column(measure);
      return r < 0 || c < 0 ? Double.NaN : Figures.number(table.body().at(r, c));
    }

    @Override
    public double share(String name, Whole whole, Side side) {
      int measure = figures.indexOf(name);
      int r = row(measure);
      int c = column(measure);
      if (r < 0 || c < 0) {
        return Double.NaN;
      }
      double total =
          switch (whole) {
            case ROW -> kept(List.of(whole, name, r), List.of(r), across.whole(c));
            case COLUMN -> kept(List.of(whole, name, c), down.whole(r), List.of(c));
            case TOTAL -> kept(List.of(whole, name), down.whole(r), across.whole(c));
            case PARENT ->
                side == Side.DOWN
                    ? kept(List.of(side, down.parentOf(r), c), down.parent(r), List.of(c))
                    : kept(List.of(side, across.parentOf(c), r), List.of(r), across.parent(c));
          };
      return figure(name) / total * 100;
    }

    private double kept(List<Object> key, List<Integer> some, List<Integer> others) {
      return some.isEmpty() || others.isEmpty()
          ? Double.NaN
          : totals.computeIfAbsent(key, own -> Figures.number(figures.together(some, others)));
    }

    private Row group(String name, Side side) {
      int measure = figures.indexOf(name);
      int own = side == Side.DOWN ? row(measure) : column(measure);
      int other = side == Side.DOWN ? column(measure) : row(measure);
      LeafGroups kin = side == Side.DOWN ? down : across;
      if (own < 0 || other < 0 || kin.groupOf(own) < 0) {
        return new Row(new double[0]);
      }
      return rows.computeIfAbsent(
          List.of(side, kin.groupOf(own), other),
          key -> {
            List<Integer> leaves = kin.group(kin.groupOf(own));
            double[] all = new double[leaves.size()];
            for (int i = 0; i < all.length; i++) {
              int leaf = leaves.get(i);
              all[i] =
                  Figures.number(
                      side == Side.DOWN
                          ? table.body().at(leaf, other)
                          : table.body().at(other, leaf));
            }
            return new Row(all);
          });
    }

    private int indexOf(String name, Side side) {
      int measure = figures.indexOf(name);
      int own = side == Side.DOWN ? row(measure) : column(measure);
      return own < 0 ? -1 : (side == Side.DOWN ? down : across).indexInGroup(own);
    }

    @Override
    public double previous(String measure, Side side) {
      int index = indexOf(measure, side);
      return index < 1 ? Double.NaN : group(measure, side).figures[index - 1];
    }

    @Override
    public double first(String measure, Side side) {
      return indexOf(measure, side) < 0 ? Double.NaN : group(measure, side).figures[0];
    }

    @Override
    public double rank(String measure, Side side) {
      int index = indexOf(measure, side);
      return index < 0 ? Double.NaN : group(measure, side).rank(index);
    }

    @Override
    public double runningTotal(String measure, Side side) {
      int index = indexOf(measure, side);
      boolean adds = figures.hasSums(figures.indexOf(measure), side);
      return index < 0 || !adds ? Double.NaN : group(measure, side).running(index);
    }

    @Override
    public double at(String measure, String member, Side side) {
      int own = figures.indexOf(measure);
      int leaf = side == Side.DOWN ? row(own) : column(own);
      LeafGroups kin = side == Side.DOWN ? down : across;
      if (leaf < 0 || kin.groupOf(leaf) < 0) {
        return Double.NaN;
      }
      List<Integer> leaves = kin.group(kin.groupOf(leaf));
      for (int i = 0; i < leaves.size(); i++) {
        if (kin.label(leaves.get(i)).equals(member)) {
          return group(measure, side).figures[i];
        }
      }
      return Double.NaN;
    }
  }
}
