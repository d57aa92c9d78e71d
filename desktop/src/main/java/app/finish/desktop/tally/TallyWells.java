package app.finish.desktop.tally;

import app.finish.core.tally.Bins;
import app.finish.core.tally.DatePart;
import app.finish.core.tally.HeldAt;
import app.finish.core.tally.Plan;
import app.finish.core.tally.TallyDimension;
import app.finish.core.tally.TallyMeasure;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Tallies;
import app.finish.records.column.Column;
import app.finish.records.column.ColumnType;
import app.finish.records.column.Columns;
import app.finish.records.words.PlanWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/// What goes down, across, held and measured, each thing in the words that a person would write for
/// it, to be rewritten in place, moved and taken out.
public final class TallyWells {
  private final Tallies tallies;
  private final Plan plan;
  private final Optional<Columns> columns;

  TallyWells(Tallies tallies, Tallies.Asked asked) {
    this.tallies = tallies;
    this.plan = asked.plan();
    this.columns = asked.records().map(records -> records.columns());
  }

  Node build() {
    VBox wells = new VBox(8);
    wells.getStyleClass().add("section");
    wells.getChildren().add(dimensions("down", plan.down(), plan::withDown));
    wells.getChildren().add(dimensions("across", plan.across(), plan::withAcross));
    if (!plan.held().isEmpty()) {
      wells.getChildren().add(held());
    }
    wells.getChildren().add(measures());
    return wells;
  }

  private static VBox well(String key) {
    VBox well = new VBox(3, Benches.heading(Texts.of("tally." + key)));
    well.setId("well-" + key);
    return well;
  }

  private Node dimensions(
      String key, List<TallyDimension> dimensions, Function<List<TallyDimension>, Plan> with) {
    VBox well = well(key);
    for (int i = 0; i < dimensions.size(); i++) {
      int at = i;
      TallyDimension dimension = dimensions.get(i);
      Node row =
          row(
              key + "-" + (i + 1),
              PlanWords.words(dimension),
              words -> {
                TallyDimension read = new PlanWords(columns.orElseThrow()).dimension(words);
                return with.apply(replaced(dimensions, at, read.totalled(dimension.totalled())));
              },
              menu -> dimensionMenu(menu, dimensions, at, with, key.equals("down")));
      well.getChildren().add(row);
    }
    if (dimensions.isEmpty()) {
      well.getChildren().add(Benches.caption(Texts.of("tally.none." + key)));
    }
    return well;
  }

  private static <T> List<T> replaced(List<T> items, int at, T other) {
    List<T> others = new ArrayList<>(items);
    others.set(at, other);
    return others;
  }

  private static <T> List<T> without(List<T> items, int at) {
    List<T> fewer = new ArrayList<>(items);
    fewer.remove(at);
    return fewer;
  }

  private static <T> List<T> moved(List<T> items, int from, int to) {
    List<T> others = new ArrayList<>(items);
    others.add(to, others.remove(from));
    return others;
  }

  /// Words are read only while the columns of the records are known.
  private void readIfOpen(Runnable reading) {
    if (columns.isPresent()) {
      tallies.read(reading);
    }
  }

  private Node row(
      String id,
      String words,
      Function<String, Plan> read,
      java.util.function.Consumer<ContextMenu> fill) {
    TextField field = TallyPanel.field(id, words, Texts.of("tally.words"));
    field.getStyleClass().add("well-words");
    field.setEditable(columns.isPresent());
    HBox.setHgrow(field, javafx.scene.layout.Priority.ALWAYS);
    field.setOnAction(
        event ->
            readIfOpen(
                () -> {
                  Plan changed = read.apply(field.getText().strip());
                  tallies.ask(Texts.of("change.words", field.getText().strip()), changed);
                }));
    Button more = new Button("…");
    more.setId(id + "-more");
    more.getStyleClass().add("count-button");
    more.setAccessibleText(Texts.of("tally.more", words));
    more.setOnAction(
        event -> {
          ContextMenu menu = new ContextMenu();
          fill.accept(menu);
          menu.show(more, Side.BOTTOM, 0, 2);
        });
    HBox row = new HBox(4, field, more);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  private void item(ContextMenu menu, String name, String label, Plan changed) {
    MenuItem item = new MenuItem(name);
    item.setOnAction(event -> tallies.ask(label, changed));
    menu.getItems().add(item);
  }

  private void dimensionMenu(
      ContextMenu menu,
      List<TallyDimension> dimensions,
      int at,
      Function<List<TallyDimension>, Plan> with,
      boolean down) {
    TallyDimension dimension = dimensions.get(at);
    String name = dimension.name();
    boolean isDate =
        columns
            .flatMap(all -> all.find(dimension.column()))
            .map(Column::type)
            .filter(type -> type == ColumnType.DATE)
            .isPresent();
    if (isDate) {
      for (DatePart part : DatePart.values()) {
        item(
            menu,
            Texts.of("tally.by", part.word()),
            Texts.of("change.by", name, part.word()),
            with.apply(replaced(dimensions, at, dimension.in(new Bins.Dates(part)))));
      }
      menu.getItems().add(new SeparatorMenuItem());
    }
    boolean totalled = dimension.totalled();
    item(
        menu,
        Texts.of(totalled ? "tally.withoutTotal" : "tally.withTotal"),
        Texts.of("change.total", name),
        with.apply(replaced(dimensions, at, dimension.totalled(!totalled))));
    if (at > 0) {
      String label = Texts.of("change.out", name);
      item(menu, Texts.of("tally.outward"), label, with.apply(moved(dimensions, at, at - 1)));
    }
    if (at < dimensions.size() - 1) {
      String label = Texts.of("change.in", name);
      item(menu, Texts.of("tally.inward"), label, with.apply(moved(dimensions, at, at + 1)));
    }
    item(
        menu,
        Texts.of(down ? "tally.toAcross" : "tally.toDown"),
        Texts.of(down ? "change.across" : "change.down", name),
        turned(dimension, at, down));
    item(
        menu,
        Texts.of("tally.takeOut"),
        Texts.of("change.takeOut", name),
        with.apply(without(dimensions, at)));
  }

  private Plan turned(TallyDimension dimension, int at, boolean down) {
    List<TallyDimension> others = new ArrayList<>(down ? plan.across() : plan.down());
    others.add(dimension);
    return down
        ? plan.withDown(without(plan.down(), at)).withAcross(others)
        : plan.withAcross(without(plan.across(), at)).withDown(others);
  }

  private Node held() {
    VBox well = well("held");
    List<HeldAt> held = plan.held();
    for (int i = 0; i < held.size(); i++) {
      HeldAt one = held.get(i);
      Button out = new Button(Texts.of("tally.letGo"));
      out.setId("held-" + (i + 1) + "-out");
      out.setAccessibleText(Texts.of("change.takeOut", one.dimension().name()));
      Plan without = plan.withHeld(without(held, i));
      out.setOnAction(
          event -> tallies.ask(Texts.of("change.takeOut", one.dimension().name()), without));
      Label label = new Label(one.dimension().name() + ": " + one.label());
      well.getChildren().add(Benches.spread(label, out));
    }
    return well;
  }

  private Node measures() {
    VBox well = well("measures");
    List<TallyMeasure> measures = plan.measures();
    for (int i = 0; i < measures.size(); i++) {
      int at = i;
      well.getChildren()
          .add(
              row(
                  "measure-" + (i + 1),
                  PlanWords.words(measures.get(i)),
                  words ->
                      plan.withMeasures(
                          replaced(
                              measures, at, new PlanWords(columns.orElseThrow()).measure(words))),
                  menu -> measureMenu(menu, measures, at)));
    }
    TextField more = TallyPanel.field("measure-new", "", Texts.of("tally.measurePrompt"));
    more.setEditable(columns.isPresent());
    more.getStyleClass().add("well-words");
    more.setOnAction(
        event ->
            readIfOpen(
                () -> {
                  List<TallyMeasure> all = new ArrayList<>(measures);
                  all.add(new PlanWords(columns.orElseThrow()).measure(more.getText().strip()));
                  tallies.ask(
                      Texts.of("change.measure", all.getLast().name()), plan.withMeasures(all));
                }));
    well.getChildren().add(more);
    return well;
  }

  private void measureMenu(ContextMenu menu, List<TallyMeasure> measures, int at) {
    String name = measures.get(at).name();
    UnaryOperator<String> change = key -> Texts.of(key, name);
    if (at > 0) {
      item(
          menu,
          Texts.of("tally.earlier"),
          change.apply("change.out"),
          plan.withMeasures(moved(measures, at, at - 1)));
    }
    if (at < measures.size() - 1) {
      item(
          menu,
          Texts.of("tally.later"),
          change.apply("change.in"),
          plan.withMeasures(moved(measures, at, at + 1)));
    }
    item(
        menu,
        Texts.of("tally.takeOut"),
        change.apply("change.takeOut"),
        plan.withMeasures(without(measures, at)));
  }
}
