package app.finish.desktop.shell;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.place.Side;
import app.finish.core.document.DocumentTable;
import app.finish.core.dress.CellMeaning;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.HeadingMoves;
import app.finish.desktop.model.Pick;
import app.finish.desktop.model.PickedHeading;
import app.finish.desktop.model.Shown;
import app.finish.desktop.model.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/// What can be done with what is picked, and with the parts and tables of the document, by name:
/// each move, each setting of each part, each table.
final class PickedActions {
  private final Desk desk;

  PickedActions(Desk desk) {
    this.desk = desk;
  }

  List<Action> all() {
    List<Action> all = new ArrayList<>();
    Optional<Shown> shown = desk.shownProperty().get();
    if (shown.isEmpty()) {
      return all;
    }
    headings(all);
    figures(all, shown.get());
    all.addAll(new DimensionActions(desk).all());
    all.addAll(new LookActions(desk).all());
    tables(all);
    return all;
  }

  private static String words(String key) {
    return Texts.orEmpty("finder." + key);
  }

  private void add(List<Action> all, String key, String object, Runnable work) {
    String name = Texts.of("finder.on", Texts.of(key), object);
    all.add(
        Action.of(
                name,
                "",
                () -> true,
                () -> {
                  desk.stepProperty().set(Step.ARRANGE);
                  work.run();
                })
            .alsoCalled(words(key)));
  }

  private void ask(List<Action> all, String key, String object, Consumer<String> answered) {
    String name = Texts.of("finder.on", Texts.of(key), object);
    Action.Missing missing =
        new Action.Missing(
            Texts.of("finder.ask." + key),
            List.of(),
            text -> {
              desk.stepProperty().set(Step.ARRANGE);
              answered.accept(text);
            });
    all.add(Action.asking(name, words(key), missing));
  }

  private void headings(List<Action> all) {
    List<PickedHeading> picked = PickedHeading.all(desk);
    if (picked.isEmpty()) {
      return;
    }
    String object =
        picked.size() == 1
            ? picked.getFirst().path().getLast()
            : Texts.of("arrange.headings", picked.size());
    HeadingMoves moves = desk.arranging().on(picked);
    add(all, "arrange.setAside", object, moves::setAside);
    add(all, "arrange.setAllAside", object, moves::setAsideEverywhere);
    add(all, "arrange.earlier", object, () -> moves.shift(-1));
    add(all, "arrange.later", object, () -> moves.shift(1));
    add(all, "arrange.fold", object, moves::fold);
    add(all, "arrange.foldAll", object, moves::foldLevel);
    add(all, "arrange.addTotals", object, moves::addTotals);
    add(all, "arrange.dropTotals", object, moves::dropTotals);
    add(all, "arrange.totalsFirst", object, () -> moves.placeTotals(true));
    add(all, "arrange.totalsLast", object, () -> moves.placeTotals(false));
    add(all, "arrange.hold", object, moves::hold);
    add(all, "arrange.turn", object, () -> moves.turn(0));
    add(all, "arrange.hideLevel", object, moves::hideLevel);
    add(all, "arrange.az", object, () -> moves.orderByLabel(false, false));
    add(all, "arrange.za", object, () -> moves.orderByLabel(true, false));
    add(all, "arrange.reverse", object, moves::reverse);
    ask(all, "arrange.renameTo", object, moves::rename);
    ask(all, "arrange.fillHere", object, moves::fillEmpty);
    List<List<String>> paths =
        picked.stream()
            .filter(one -> one.side() == picked.getFirst().side())
            .map(PickedHeading::path)
            .toList();
    if (paths.size() > 1) {
      ask(all, "arrange.gatherName", object, name -> moves.gather(paths, name));
    }
  }

  private void figures(List<Action> all, Shown shown) {
    Optional<Pick> pick = desk.pickProperty().get();
    if (pick.isEmpty() || !(pick.get().place() instanceof CellMeaning.Body body)) {
      return;
    }
    Arranged arranged = shown.arranged();
    boolean there =
        body.row() < arranged.down().paths().size()
            && body.column() < arranged.across().paths().size();
    if (!there) {
      return;
    }
    List<String> column = arranged.across().paths().get(body.column());
    HeadingMoves moves = desk.arranging().onMembers(arranged, Side.DOWN, body.row());
    String object = Shown.path(column);
    add(all, "arrange.byLargest", object, () -> moves.orderByFigure(column, true, false));
    add(all, "arrange.bySmallest", object, () -> moves.orderByFigure(column, false, false));
    ask(all, "arrange.keepRows", object, text -> moves.keepTop(text, column, false, false));
    ask(all, "arrange.keepGathered", object, text -> moves.keepTop(text, column, false, true));
  }

  private void tables(List<Action> all) {
    List<DocumentTable> tables = desk.document().tables();
    for (int i = 0; i < tables.size(); i++) {
      int index = i;
      String title = desk.titleOf(tables.get(i));
      String name = title.isEmpty() ? tables.get(i).source().name() : title;
      all.add(
          Action.of(
              Texts.of("finder.table", desk.document().number(i), name),
              "",
              () -> true,
              () -> desk.show(index)));
    }
  }
}
