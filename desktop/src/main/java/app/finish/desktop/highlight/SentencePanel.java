package app.finish.desktop.highlight;

import app.finish.core.highlight.Highlight;
import app.finish.core.highlight.Reach;
import app.finish.core.highlight.Region;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Highlighting;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/// The chosen highlight as a sentence, each word of which that can change is a control; and as a
/// line of text, which says the same.
final class SentencePanel {
  private final Desk desk;
  private final Highlighting highlighting;
  private final FlowPane sentence = new FlowPane(4, 4);
  private final Label wrong = new Label();
  private final VBox section = Benches.section(Texts.of("highlight.sentence"));
  private Optional<Highlight> shown = Optional.empty();

  SentencePanel(Desk desk) {
    this.desk = desk;
    this.highlighting = desk.highlighting();
  }

  Node build() {
    section.setId("sentence");
    wrong.getStyleClass().add("wrong");
    wrong.setId("condition-wrong");
    wrong.setWrapText(true);
    wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
    section.getChildren().addAll(sentence, wrong);
    Benches.follow(desk.shownProperty(), this::show);
    Benches.follow(desk.indexProperty(), this::show);
    Benches.follow(highlighting.chosenProperty(), this::show);
    return section;
  }

  private void show() {
    Optional<Highlight> one = highlighting.one();
    section.setVisible(one.isPresent());
    section.setManaged(one.isPresent());
    if (one.isEmpty()) {
      shown = one;
      return;
    }
    if (!one.equals(shown)) {
      wrong.setText("");
      shown = one;
    }
    Highlight now = one.get();
    List<Node> nodes = new ArrayList<>();
    nodes.add(measures(now));
    members(nodes, now);
    nodes.add(parts(now));
    nodes.add(SentenceWord.plain("when"));
    nodes.addAll(
        new ConditionWords(
                highlighting, other -> highlighting.replace(now.when(other)), wrong::setText)
            .of(now.when()));
    nodes.add(SentenceWord.plain(":"));
    nodes.addAll(
        new ShowWords(
                inks(),
                List.copyOf(desk.dressing().faces()),
                other -> highlighting.replace(now.showing(other)),
                wrong::setText)
            .of(now.show()));
    nodes.add(
        SentenceWord.menu(
            "reach",
            Texts.of("highlight.reach"),
            List.of(Reach.values()),
            now.reach(),
            reach -> "the " + reach.word(),
            reach -> highlighting.replace(now.reaching(reach))));
    Benches.replace(sentence, nodes);
  }

  private List<String> inks() {
    List<String> roles = new ArrayList<>(desk.dressing().cascade().palette().roles().keySet());
    roles.remove("onAccent");
    return roles;
  }

  private MenuButton measures(Highlight now) {
    List<String> chosen = now.where().measures();
    String text = chosen.isEmpty() ? Texts.of("highlight.everything") : String.join(" or ", chosen);
    MenuButton menu = SentenceWord.button("measures", Texts.of("highlight.measures"), text);
    menu.getItems()
        .add(
            SentenceWord.tick(
                Texts.of("highlight.everything"),
                chosen.isEmpty(),
                on -> highlighting.replace(now.in(now.where().withMeasures(List.of())))));
    List<String> offered = new ArrayList<>(highlighting.names().measures());
    offered.addAll(highlighting.names().kinds());
    for (String measure : offered) {
      menu.getItems()
          .add(
              SentenceWord.tick(
                  measure,
                  chosen.contains(measure),
                  on ->
                      highlighting.replace(
                          now.in(now.where().withMeasures(ticked(chosen, measure, on))))));
    }
    return menu;
  }

  private static <T> List<T> ticked(List<T> before, T one, boolean on) {
    List<T> after = new ArrayList<>(before);
    after.remove(one);
    if (on) {
      after.add(one);
    }
    return after;
  }

  private void members(List<Node> nodes, Highlight now) {
    Map<String, List<String>> all = highlighting.names().members();
    Region where = now.where();
    List<String> said = new ArrayList<>();
    where.members().forEach((dimension, some) -> said.add(String.join(" or ", some)));
    for (Region.Under under : where.under()) {
      said.add(
          Texts.of(
              "highlight.underHeading",
              String.join(
                  " or ", under.paths().stream().map(path -> String.join(" › ", path)).toList())));
    }
    if (!where.levels().isEmpty()) {
      said.add(Texts.of("highlight.atLevel", String.join(" or ", where.levels())));
    }
    String text = said.isEmpty() ? Texts.of("highlight.anywhere") : String.join(", ", said);
    MenuButton menu = SentenceWord.button("members", Texts.of("highlight.members"), text);
    for (Map.Entry<String, List<String>> dimension : all.entrySet()) {
      String name = dimension.getKey();
      Menu inner = new Menu(name.isEmpty() ? Texts.of("highlight.nameless") : name);
      List<String> chosen = where.members().getOrDefault(name, List.of());
      inner
          .getItems()
          .add(
              SentenceWord.tick(
                  Texts.of("highlight.every"),
                  chosen.isEmpty(),
                  on -> highlighting.replace(now.in(where.withMembers(name, List.of())))));
      for (String member : dimension.getValue()) {
        inner
            .getItems()
            .add(
                SentenceWord.tick(
                    member,
                    chosen.contains(member),
                    on ->
                        highlighting.replace(
                            now.in(where.withMembers(name, ticked(chosen, member, on))))));
      }
      menu.getItems().add(inner);
    }
    menu.getItems().addAll(headings(now), levels(now));
    nodes.add(SentenceWord.plain("in"));
    nodes.add(menu);
  }

  /// Headings on any level, under one of which the figures stand.
  private Menu headings(Highlight now) {
    Region where = now.where();
    List<List<String>> chosen =
        where.under().isEmpty() ? List.of() : where.under().getFirst().paths();
    Menu menu = new Menu(Texts.of("highlight.under"));
    for (List<String> heading : highlighting.names().headings()) {
      menu.getItems()
          .add(
              SentenceWord.tick(
                  String.join(" › ", heading),
                  chosen.contains(heading),
                  on -> {
                    List<List<String>> paths = ticked(chosen, heading, on);
                    List<Region.Under> rest = new ArrayList<>(where.under());
                    if (!rest.isEmpty()) {
                      rest.removeFirst();
                    }
                    if (!paths.isEmpty()) {
                      rest.addFirst(new Region.Under(paths));
                    }
                    highlighting.replace(now.in(where.withUnder(rest)));
                  }));
    }
    return menu;
  }

  private Menu levels(Highlight now) {
    Region where = now.where();
    Menu menu = new Menu(Texts.of("highlight.levels"));
    for (String level : highlighting.names().dimensions()) {
      menu.getItems()
          .add(
              SentenceWord.tick(
                  level,
                  where.levels().contains(level),
                  on ->
                      highlighting.replace(
                          now.in(where.withLevels(ticked(where.levels(), level, on))))));
    }
    return menu;
  }

  private MenuButton parts(Highlight now) {
    Region where = now.where();
    String text =
        where.subtotals() && where.grandTotals()
            ? where.body() ? Texts.of("highlight.totalsToo") : Texts.of("highlight.totalsOnly")
            : where.subtotals()
                ? Texts.of(where.body() ? "highlight.subtotalsToo" : "highlight.subtotalsOnly")
                : where.grandTotals()
                    ? Texts.of(where.body() ? "highlight.grandToo" : "highlight.grandOnly")
                    : Texts.of("highlight.noTotals");
    MenuButton menu = SentenceWord.button("parts", Texts.of("highlight.parts"), text);
    menu.getItems()
        .addAll(
            SentenceWord.tick(
                Texts.of("highlight.body"),
                where.body(),
                on ->
                    highlighting.replace(
                        now.in(where.in(on, where.subtotals(), where.grandTotals())))),
            SentenceWord.tick(
                Texts.of("highlight.subtotals"),
                where.subtotals(),
                on ->
                    highlighting.replace(now.in(where.in(where.body(), on, where.grandTotals())))),
            SentenceWord.tick(
                Texts.of("highlight.grandTotals"),
                where.grandTotals(),
                on -> highlighting.replace(now.in(where.in(where.body(), where.subtotals(), on)))));
    return menu;
  }
}
