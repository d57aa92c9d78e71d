package app.finish.desktop.shell;

import app.finish.core.style.HouseStyle;
import app.finish.core.style.PartName;
import app.finish.core.style.Touches;
import app.finish.desktop.bringin.LinePanel;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Arranging;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Dressing;
import app.finish.desktop.model.EarlierVersions;
import app.finish.desktop.model.Files;
import app.finish.desktop.model.SendingOut;
import app.finish.desktop.model.Step;
import app.finish.desktop.model.StyleSharing;
import app.finish.desktop.model.SuggestedHighlights;
import app.finish.desktop.model.Tallies;
import app.finish.desktop.proof.ProofView;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.BooleanSupplier;

/// Every action of the window, by name.
public final class Actions {
  private final Desk desk;
  private final Files files;
  private final Tallies tallies;
  private final ProofView proof;
  private final FindBar findBar;
  private final Runnable finder;
  private final Runnable shutBench;
  private final SendingOut sendOut;
  private final EarlierVersions versions;
  private final Runnable quit;
  private final Appearance appearance;

  public Actions(
      Desk desk,
      Files files,
      Tallies tallies,
      ProofView proof,
      FindBar findBar,
      Runnable finder,
      Runnable shutBench,
      SendingOut sendOut,
      EarlierVersions versions,
      Runnable quit,
      Appearance appearance) {
    this.desk = desk;
    this.files = files;
    this.tallies = tallies;
    this.proof = proof;
    this.findBar = findBar;
    this.finder = finder;
    this.shutBench = shutBench;
    this.sendOut = sendOut;
    this.versions = versions;
    this.quit = quit;
    this.appearance = appearance;
  }

  /// All actions, those that can't be done now among them.
  public List<Action> all() {
    List<Action> all = new ArrayList<>();
    BooleanSupplier always = () -> true;
    BooleanSupplier table = () -> !desk.isEmpty();
    add(all, "action.bringIn", "Shortcut+I", always, files::bringIn);
    add(all, "action.paste", "Shortcut+V", always, files::paste);
    add(all, "action.type", "", always, desk.intake()::typeNew);
    add(all, "action.typeMore", "", table, desk.intake()::typeMore);
    add(all, "action.records", "Shortcut+Shift+I", always, files::bringInRecords);
    add(all, "action.connect", "", always, () -> tallies.connectingProperty().set(true));
    BooleanSupplier tallied = () -> tallies.askedProperty().get().isPresent();
    add(all, "action.hold", "Shortcut+H", tallied, this::hold);
    BooleanSupplier held = () -> tallies.redraws().pendingProperty().get().isPresent();
    add(all, "action.redraw", "Shortcut+Enter", held, tallies.redraws()::redraw);
    Arranging arranging = desk.arranging();
    BooleanSupplier arranged = () -> desk.stepProperty().get() == Step.ARRANGE;
    add(
        all,
        "action.holdMoves",
        "Shortcut+Shift+H",
        arranged,
        () -> arranging.redraws().let(!arranging.redraws().waitingProperty().get()));
    BooleanSupplier pending = () -> arranging.redraws().pendingProperty().get().isPresent();
    add(all, "action.redrawMoves", "Shortcut+Shift+Enter", pending, arranging.redraws()::redraw);
    add(all, "action.refresh", "Shortcut+R", table, files::refresh);
    add(all, "action.open", "Shortcut+O", always, files::open);
    add(all, "action.save", "Shortcut+S", table, files::save);
    add(all, "action.saveAs", "Shortcut+Shift+S", table, files::saveAs);
    add(all, "action.versions", "", table, versions::offer);
    add(all, "action.new", "Shortcut+N", always, files::startNew);
    all.add(
        Action.of(
            undoName(),
            "Shortcut+Z",
            () -> desk.historyProperty().get().undoLabel().isPresent(),
            desk::undo));
    all.add(
        Action.of(
            redoName(),
            "Shortcut+Shift+Z",
            () -> desk.historyProperty().get().redoLabel().isPresent(),
            desk::redo));
    for (Step step : Step.values()) {
      all.add(
          Action.of(
              Texts.of("action.step", step.label()),
              "Shortcut+" + (step.ordinal() + 1),
              step == Step.BRING_IN ? always : table,
              () -> desk.stepProperty().set(step)));
    }
    for (HouseStyle style : desk.styles().styles()) {
      all.add(
          Action.of(Texts.of("action.wear", style.name()), "", table, () -> desk.wear(style))
              .alsoCalled(Texts.orEmpty("finder.action.wear")));
    }
    Dressing dressing = desk.dressing();
    for (Dressing.Leaf leaf : Dressing.Leaf.values()) {
      String word = leaf.name().toLowerCase(Locale.ROOT).replace('_', '-');
      all.add(
          Action.of(
              Texts.of("action.leaf", Texts.of("dress.leaf." + word)),
              "",
              table,
              () -> {
                desk.stepProperty().set(Step.DRESS);
                dressing.leafProperty().set(leaf);
              }));
    }
    for (SuggestedHighlights.Suggestion suggestion : SuggestedHighlights.Suggestion.values()) {
      String word = suggestion.name().toLowerCase(Locale.ROOT);
      all.add(
          Action.of(
              Texts.of("action.highlight", Texts.of("highlight.suggest." + word)),
              "",
              () -> desk.highlighting().suggestions().of(suggestion).isPresent(),
              () -> {
                desk.stepProperty().set(Step.HIGHLIGHT);
                desk.highlighting()
                    .suggestions()
                    .of(suggestion)
                    .ifPresent(desk.highlighting()::add);
              }));
    }
    BooleanSupplier touched = () -> !dressing.touches().isEmpty();
    StyleSharing sharing = new StyleSharing(desk, files);
    add(
        all,
        "action.liftTouches",
        "Shortcut+Shift+L",
        touched,
        () -> dressing.touch(Texts.of("touches.lift"), Touches.NONE));
    add(all, "action.exportStyle", "", table, sharing::exportStyle);
    add(all, "action.importStyle", "", table, sharing::importStyle);
    add(all, "action.importPalette", "", table, sharing::importPalette);
    add(all, "action.styleFromWorkbook", "", table, sharing::fromWorkbook);
    add(all, "action.editTitle", "Shortcut+T", table, () -> proof.edit(PartName.TITLE));
    add(all, "action.editUnits", "", table, () -> proof.edit(PartName.UNITS));
    add(all, "action.editSource", "", table, () -> proof.edit(PartName.SOURCE));
    add(all, "action.editNote", "Shortcut+Shift+N", table, () -> proof.edit(PartName.NOTE));
    add(all, "action.tieNote", "Shortcut+J", table, proof::tieNote);
    add(all, "action.readManuscript", "", table, files::readManuscript);
    add(all, "action.liftCorrections", "", this::hasCorrections, desk::liftCorrections);
    add(
        all,
        "action.cut",
        "",
        () -> LinePanel.pickedRow(desk).isPresent(),
        () -> LinePanel.pickedRow(desk).ifPresent(row -> desk.cutAt(row.row())));
    add(all, "action.join", "", desk::canJoin, desk::join);
    add(all, "action.swapAxes", "Shortcut+Shift+X", table, () -> desk.arranging().swapAxes());
    add(
        all,
        "action.startOver",
        "",
        () -> !desk.arrangement().isEmpty(),
        () -> desk.arranging().startOver());
    BooleanSupplier found = () -> !desk.checking().open().isEmpty();
    add(all, "check.mendSafe", "Shortcut+M", found, desk.checking()::mendSafe);
    add(all, "action.find", "Shortcut+F", table, findBar::open);
    add(all, "action.findNext", "F3", table, () -> findBar.find(false));
    add(all, "action.findPrevious", "Shift+F3", table, () -> findBar.find(true));
    add(all, "action.sendOut", "Shortcut+E", table, sendOut::send);
    add(all, "action.sendAgain", "Shortcut+Shift+E", table, sendOut::again);
    add(all, "action.copy", "Shortcut+Shift+C", table, files::copy);
    add(
        all,
        "action.nextTable",
        "Shortcut+Page Down",
        table,
        () -> desk.show(desk.indexProperty().get() + 1));
    add(
        all,
        "action.previousTable",
        "Shortcut+Page Up",
        table,
        () -> desk.show(desk.indexProperty().get() - 1));
    add(all, "action.moveEarlier", "Shortcut+Shift+Page Up", table, () -> moveBy(-1));
    add(all, "action.moveLater", "Shortcut+Shift+Page Down", table, () -> moveBy(1));
    add(all, "action.chart", "Shortcut+Shift+G", table, desk.charting()::draw);
    add(all, "action.removeTable", "", table, desk::removeTable);
    add(all, "zoom.in", "Shortcut+Equals", table, () -> proof.magnify(1.2));
    add(all, "zoom.out", "Shortcut+Minus", table, () -> proof.magnify(1 / 1.2));
    add(all, "zoom.actual", "Shortcut+Shift+0", table, () -> proof.showAt(1));
    add(all, "zoom.fit", "Shortcut+0", table, proof::fit);
    add(all, "bench.shut", "Shortcut+B", table, shutBench);
    add(all, "action.textLarger", "Shortcut+Alt+Equals", always, appearance::larger);
    add(all, "action.textSmaller", "Shortcut+Alt+Minus", always, appearance::smaller);
    add(all, "action.dark", "", always, () -> appearance.wear(Appearance.Shade.DARK));
    add(all, "action.light", "", always, () -> appearance.wear(Appearance.Shade.LIGHT));
    add(all, "action.asSystem", "", always, () -> appearance.wear(Appearance.Shade.SYSTEM));
    add(all, "action.finder", "Shortcut+K", always, finder);
    add(all, "action.quit", "Shortcut+Q", always, quit);
    return all;
  }

  /// All actions, and what can be done with what is picked, with parts, settings and tables.
  public List<Action> allByName() {
    List<Action> all = all();
    all.addAll(new PickedActions(desk).all());
    return all;
  }

  private static void add(
      List<Action> all, String key, String keys, BooleanSupplier can, Runnable work) {
    all.add(Action.of(Texts.of(key), keys, can, work).alsoCalled(Texts.orEmpty("finder." + key)));
  }

  private void hold() {
    tallies.redraws().let(!tallies.redraws().waitingProperty().get());
  }

  private void moveBy(int by) {
    int index = desk.indexProperty().get();
    desk.move(index, index + by);
  }

  private boolean hasCorrections() {
    return desk.table().map(table -> table.finish().corrections().size() > 0).orElse(false);
  }

  private String undoName() {
    return desk.historyProperty()
        .get()
        .undoLabel()
        .map(what -> Texts.of("undo.what", what))
        .orElse(Texts.of("undo.name"));
  }

  private String redoName() {
    return desk.historyProperty()
        .get()
        .redoLabel()
        .map(what -> Texts.of("redo.what", what))
        .orElse(Texts.of("redo.name"));
  }
}
