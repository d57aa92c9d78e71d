package app.finish.desktop.shell;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.place.Side;
import app.finish.core.problem.Refusal;
import app.finish.core.table.MeasureKind;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Step;
import app.finish.desktop.model.Tag;
import app.finish.desktop.proof.TagMoves;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What can be done with each dimension of the table by name: placed farther out or in, on the
/// other side, held, stepped through; and the calculation of a measure.
final class DimensionActions {
  private final Desk desk;
  private final TagMoves moves;

  DimensionActions(Desk desk) {
    this.desk = desk;
    this.moves = new TagMoves(desk);
  }

  List<Action> all() {
    List<Action> all = new ArrayList<>();
    Optional<Arranged> now = moves.arranged();
    if (now.isEmpty()) {
      return all;
    }
    for (Tag tag : moves.tags()) {
      if (tag.isHeld()) {
        held(all, tag);
      } else {
        running(all, tag, now.get());
      }
    }
    calculate(all, now.get());
    return all;
  }

  private void add(List<Action> all, String key, String name, Runnable work) {
    Runnable there =
        () -> {
          desk.stepProperty().set(Step.ARRANGE);
          work.run();
        };
    all.add(Action.of(name, "", () -> true, there).alsoCalled(Texts.orEmpty("finder." + key)));
  }

  private void running(List<Action> all, Tag tag, Arranged now) {
    boolean down = tag.side() == Side.DOWN;
    Side other = tag.side().other();
    if (tag.level() > 0) {
      String name = Texts.of("arrange.outer", tag.name());
      add(all, "arrange.outer", name, () -> moves.place(tag, tag.side(), tag.level() - 1));
    }
    if (tag.level() < tag.levels() - 1) {
      String name = Texts.of("arrange.inner", tag.name());
      add(all, "arrange.inner", name, () -> moves.place(tag, tag.side(), tag.level() + 1));
    }
    String over = Texts.of("arrange.over.side", tag.name(), down ? 1 : 0);
    add(all, "arrange.over", over, () -> moves.place(tag, other, Tag.innermost(now, other)));
    String hold = Texts.of("arrange.hold.one", tag.name());
    add(all, "arrange.hold", hold, () -> moves.hold(tag));
  }

  private void held(List<Action> all, Tag tag) {
    String next = Texts.of("arrange.next", tag.member());
    add(all, "arrange.step", next, () -> moves.step(tag, 1));
    String previous = Texts.of("arrange.previous", tag.member());
    add(all, "arrange.step", previous, () -> moves.step(tag, -1));
    String release = Texts.of("arrange.release", tag.member());
    add(all, "arrange.release", release, () -> moves.release(tag));
  }

  private void calculate(List<Action> all, Arranged now) {
    List<String> shares = new ArrayList<>();
    for (String measure : now.measures()) {
      shares.add("share_of_total(" + measure + ")");
      shares.add("share_of_row(" + measure + ")");
      shares.add("share_of_column(" + measure + ")");
    }
    Action.Missing formula =
        new Action.Missing(Texts.of("finder.ask.calculate"), shares, this::calculate);
    String words = Texts.orEmpty("finder.calculate");
    all.add(Action.asking(Texts.of("calculate.heading"), words, formula));
  }

  private void calculate(String expression) {
    desk.stepProperty().set(Step.ARRANGE);
    boolean share = expression.startsWith("share_of_") || expression.startsWith("percent_change");
    MeasureKind kind = share ? MeasureKind.PERCENT : MeasureKind.RATIO;
    try {
      desk.arranging().calculate(expression, expression, kind, "1");
    } catch (Refusal e) {
      desk.tell(e);
    }
  }
}
