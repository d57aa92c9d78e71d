package app.finish.desktop.shell;

import app.finish.core.document.Wear;
import app.finish.core.dress.DressedCell;
import app.finish.core.style.Cascade;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.Look;
import app.finish.core.style.Property;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Bands;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Dressing;
import app.finish.desktop.model.Heights;
import app.finish.desktop.model.LookEdits;
import app.finish.desktop.model.Pick;
import app.finish.desktop.model.Shown;
import app.finish.desktop.model.Step;
import app.finish.desktop.model.StyleMaking;
import app.finish.desktop.model.WearScope;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;

/// What can be done with looks by name: each setting of what is picked and of each part, bands,
/// styles on many tables, styles that are made, what new tables wear.
final class LookActions {
  private final Desk desk;
  private final Dressing dressing;

  LookActions(Desk desk) {
    this.desk = desk;
    this.dressing = desk.dressing();
  }

  List<Action> all() {
    List<Action> all = new ArrayList<>();
    Optional<Shown> shown = desk.shownProperty().get();
    if (shown.isEmpty()) {
      return all;
    }
    settings(all, shown.get());
    bands(all);
    styles(all);
    return all;
  }

  private Consumer<String> there(Consumer<String> work) {
    return text -> {
      desk.stepProperty().set(Step.DRESS);
      work.accept(text);
    };
  }

  private void settings(List<Action> all, Shown shown) {
    List<DressedCell> cells = Pick.cells(desk);
    List<Heights> heights = new ArrayList<>();
    if (!cells.isEmpty()) {
      heights.addAll(Heights.of(shown, cells));
    }
    for (Heights one : Heights.many()) {
      boolean known = heights.stream().anyMatch(other -> other.label().equals(one.label()));
      if (!known) {
        heights.add(one);
      }
    }
    Cascade cascade = dressing.cascade();
    for (Heights height : heights) {
      Look look = cascade.look(height.way());
      height.offered().forEach(property -> all.add(setting(height, property, look)));
    }
  }

  private Action setting(Heights height, Property property, Look look) {
    Action.Missing missing =
        new Action.Missing(
            Texts.of("finder.setting", property.label(), look.setting(property)),
            choices(property),
            there(text -> dressing.looks().change(height.selectors(), property, text)));
    return Action.asking(
        Texts.of("finder.on", property.label(), height.label().toLowerCase(Locale.ROOT)),
        Texts.orEmpty("finder.property." + property.word()),
        missing);
  }

  /// What is offered for a property: the roles of the paper for an ink.
  private List<String> choices(Property property) {
    if (property == Property.INK || property == Property.FILL) {
      return List.copyOf(dressing.cascade().palette().roles().keySet());
    }
    return property.choices().isEmpty() ? LookEdits.suggestions(property) : property.choices();
  }

  private void bands(List<Action> all) {
    for (Bands bands : Bands.ALL) {
      boolean on = bands.isOn(dressing.cascade());
      String name = on ? Texts.of("finder.bands.lift", bands.label()) : bands.label();
      Runnable turn =
          () -> {
            desk.stepProperty().set(Step.DRESS);
            bands.turn(dressing, !on);
          };
      all.add(Action.of(name, "", () -> true, turn).alsoCalled(Texts.orEmpty("finder.bands")));
    }
  }

  private void styles(List<Action> all) {
    List<String> names = dressing.styles().styles().stream().map(HouseStyle::name).toList();
    for (WearScope scope : List.of(WearScope.ALL, WearScope.KIND)) {
      String tables = scope.label(dressing.wearers(scope).size());
      Action.Missing which =
          new Action.Missing(
              Texts.of("finder.ask.wear", tables),
              names,
              there(
                  name -> {
                    dressing.scopeProperty().set(scope);
                    dressing.styles().named(name).ifPresent(desk::wear);
                  }));
      all.add(
          Action.asking(
              Texts.of("finder.wear", tables), Texts.orEmpty("finder.wear.words"), which));
    }
    StyleMaking making = new StyleMaking(desk);
    make(all, "make.scratch", making::fromScratch);
    make(all, "make.based", making::based);
    make(all, "make.touches", making::ofTouches);
    for (Wear.Kind kind : Wear.Kind.values()) {
      String what = Texts.of("wear." + kind.name().toLowerCase(Locale.ROOT));
      Action.Missing which =
          new Action.Missing(
              Texts.of("finder.ask.wears", what),
              names,
              there(name -> dressing.wearAlways(dressing.habits().wear().with(kind, name))));
      all.add(
          Action.asking(
              Texts.of("finder.wears", what), Texts.orEmpty("finder.wears.words"), which));
    }
  }

  private void make(List<Action> all, String key, Consumer<String> made) {
    Action.Missing name = new Action.Missing(Texts.of("make.name"), List.of(), there(made));
    String called = Texts.of("finder.on", Texts.of("make.section"), Texts.of(key));
    all.add(Action.asking(called, Texts.orEmpty("finder." + key), name));
  }
}
