package app.finish.core.arrange;

import app.finish.core.arrange.formula.Formula;
import app.finish.core.arrange.formula.Formulas;
import app.finish.core.arrange.formula.Neighbours;
import app.finish.core.arrange.make.AddTotals;
import app.finish.core.arrange.make.ByFigure;
import app.finish.core.arrange.make.ByLabel;
import app.finish.core.arrange.make.Calculate;
import app.finish.core.arrange.make.DropTotals;
import app.finish.core.arrange.make.FillEmpty;
import app.finish.core.arrange.make.Fold;
import app.finish.core.arrange.make.FoldLevel;
import app.finish.core.arrange.make.Gather;
import app.finish.core.arrange.make.HideLevel;
import app.finish.core.arrange.make.Hold;
import app.finish.core.arrange.make.KeepTop;
import app.finish.core.arrange.make.NameLevel;
import app.finish.core.arrange.make.NameTotals;
import app.finish.core.arrange.make.Only;
import app.finish.core.arrange.make.PlaceLevel;
import app.finish.core.arrange.make.PlaceTotals;
import app.finish.core.arrange.make.ReadNumbers;
import app.finish.core.arrange.make.Rename;
import app.finish.core.arrange.make.RenameMember;
import app.finish.core.arrange.make.Reverse;
import app.finish.core.arrange.make.SetAside;
import app.finish.core.arrange.make.SetMemberAside;
import app.finish.core.arrange.make.Shift;
import app.finish.core.arrange.make.SwapAxes;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.place.Quota;
import app.finish.core.arrange.place.Side;
import app.finish.core.table.Axis;
import app.finish.core.table.Leaf;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;

/// Moves of all kinds, from a seed.
public final class RandomMoves {
  /// Two formulas of the figures in a table: one of a place alone, one of what is around it.
  public static final Formulas FORMULAS =
      (expression, measures) ->
          new Formula() {
            @Override
            public OptionalDouble workOut(Neighbours at) {
              double figure = at.figure(measures.getFirst());
              double other =
                  isOfItsPlaceAlone()
                      ? 2
                      : at.share(measures.getFirst(), Neighbours.Whole.COLUMN, Side.DOWN);
              double part = figure / other;
              return Double.isFinite(part) ? OptionalDouble.of(part) : OptionalDouble.empty();
            }

            @Override
            public boolean isOfItsPlaceAlone() {
              return expression.equals("half");
            }

            @Override
            public boolean addsAlong(Side side) {
              return false;
            }
          };

  private RandomMoves() {}

  /// One to five moves, each of something that the table has after those before it.
  static Arrangement several(Table table, Random random) {
    Arrangement arrangement = Arrangement.NONE;
    int count = 1 + random.nextInt(5);
    for (int i = 0; i < count; i++) {
      Table now = Arranger.arrange(table, arrangement).table();
      arrangement = arrangement.with(ordering(now, random, side(random)));
    }
    return arrangement;
  }

  private static Side side(Random random) {
    return random.nextBoolean() ? Side.DOWN : Side.ACROSS;
  }

  /// A move of any kind.
  public static Move any(Table now, Random random) {
    Side side = side(random);
    List<String> path = path(side == Side.DOWN ? now.down() : now.across(), random);
    int level = random.nextInt(3);
    String member = path.get(Math.min(level, path.size() - 1));
    return switch (random.nextInt(33)) {
      case 0 -> new FoldLevel(side, level);
      case 1 -> new RenameMember(side, level, member, "Day off");
      case 2 -> new SetMemberAside(side, level, member);
      case 3 -> new NameLevel(side, level, "When");
      case 4 -> new FillEmpty(side, random.nextBoolean() ? path : List.of(), "0");
      case 5 -> new ReadNumbers(side, random.nextBoolean() ? path : List.of());
      case 6 -> new Hold(side, level, member);
      case 7 -> new Rename(side, path, "Regatta");
      case 8 -> new HideLevel(side, level);
      case 9 -> new Reverse(side, level);
      case 10 -> new Calculate("Half", "half", MeasureKind.MEAN, 1);
      case 11 -> new Calculate("Share", "share", MeasureKind.MEAN, 1);
      case 12, 13 ->
          new PlaceLevel(
              side, random.nextInt(2), random.nextBoolean() ? side : side.other(), level);
      default -> ordering(now, random, side);
    };
  }

  private static Move ordering(Table now, Random random, Side side) {
    List<String> path = path(side == Side.DOWN ? now.down() : now.across(), random);
    List<String> at = path(side == Side.DOWN ? now.across() : now.down(), random);
    int level = random.nextInt(2);
    return switch (random.nextInt(23)) {
      case 0 -> new SwapAxes();
      case 1 -> new SetAside(side, path);
      case 2 -> new ByLabel(side, level, random.nextBoolean());
      case 3 -> new ByFigure(side, level, at, random.nextBoolean());
      case 4 -> new Shift(side, path, random.nextInt(5) - 2);
      case 5 -> new KeepTop(side, level, 1 + random.nextInt(3), at, random.nextBoolean(), false);
      case 22 ->
          new KeepTop(
              side,
              level,
              Quota.of("at least " + random.nextInt(4000)),
              at,
              false,
              random.nextBoolean(),
              random.nextBoolean());
      case 6 -> new KeepTop(side, level, 1 + random.nextInt(3), at, random.nextBoolean(), true);
      case 11 -> new ByLabel(side, level, random.nextBoolean(), true);
      case 12 -> new ByFigure(side, level, at, random.nextBoolean(), true);
      case 13 ->
          new KeepTop(
              side,
              level,
              new Quota.Share(5 + random.nextInt(95)),
              at,
              random.nextBoolean(),
              random.nextBoolean(),
              random.nextBoolean());
      case 14 -> new FoldLevel(side, 0);
      case 15 -> new PlaceTotals(side, level, random.nextBoolean());
      case 16 -> new NameTotals(side, level, "Sum " + random.nextInt(9));
      case 17 -> new Gather(side, List.of(path), "Group " + random.nextInt(9));
      case 18 -> new Only(new SetAside(side, path));
      case 19 -> new Hold(side, level, path.get(Math.min(level, path.size() - 1)));
      case 10 -> new AddTotals(side, level, "Sum", random.nextBoolean());
      case 9 ->
          new PlaceLevel(
              side, level, random.nextBoolean() ? side : side.other(), random.nextInt(3));
      case 7 -> new Fold(side, path.subList(0, 1));
      default -> new DropTotals(side, level);
    };
  }

  private static List<String> path(Axis axis, Random random) {
    Leaf leaf = axis.leaves().get(random.nextInt(axis.leaves().size()));
    return leaf.labels().subList(0, 1 + random.nextInt(leaf.labels().size()));
  }
}
