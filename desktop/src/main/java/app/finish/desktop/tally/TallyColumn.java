package app.finish.desktop.tally;

import app.finish.core.tally.Bins;
import app.finish.core.tally.DatePart;
import app.finish.core.tally.HeldAt;
import app.finish.core.tally.Member;
import app.finish.core.tally.Plan;
import app.finish.core.tally.RecordsName;
import app.finish.core.tally.TallyDimension;
import app.finish.core.tally.TallyFunction;
import app.finish.core.tally.TallyMeasure;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Tallies;
import app.finish.records.column.Column;
import app.finish.records.column.ColumnType;
import app.finish.records.source.Records;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/// A column of the records: what it holds, how many answers are missing, and where it can go.
public final class TallyColumn {
  private static final int MEMBERS = 40;

  private final Tallies tallies;
  private final Records records;
  private final Plan plan;
  private final Column column;
  private final String id;

  /// @param number its place among the columns, from 1
  TallyColumn(Tallies tallies, Records records, Plan plan, Column column, int number) {
    this.tallies = tallies;
    this.records = records;
    this.plan = plan;
    this.column = column;
    this.id = "column-" + number;
  }

  Node build() {
    Label name = new Label(column.name());
    name.getStyleClass().add("column-name");
    name.setTooltip(new Tooltip(Texts.of("tally.example", column.name(), column.example())));
    String type = Texts.of("column." + column.type().name().toLowerCase(Locale.ROOT));
    Label what =
        Benches.caption(
            column.missing() > 0 ? Texts.of("tally.missing", type, column.missing()) : type);
    what.setMinWidth(Label.USE_PREF_SIZE);
    HBox places = new HBox(12);
    places.setAlignment(Pos.CENTER_LEFT);
    places
        .getChildren()
        .addAll(
            link("down", () -> put(true)),
            link("across", () -> put(false)),
            menu("held", this::membersMenu),
            menu("measure", this::measureMenu));
    VBox row = new VBox(1, Benches.spread(name, what), places);
    row.getStyleClass().add("column-row");
    row.setId(id);
    return row;
  }

  private Hyperlink link(String where, Runnable work) {
    Hyperlink link = new Hyperlink(Texts.of("tally.to." + where));
    link.setId(id + "-" + where);
    link.getStyleClass().add("quiet-link");
    link.setAccessibleText(Texts.of("tally.put." + where, column.name()));
    link.setOnAction(event -> work.run());
    return link;
  }

  private Hyperlink menu(String where, java.util.function.Consumer<ContextMenu> fill) {
    Hyperlink link = link(where, () -> {});
    link.setOnAction(
        event -> {
          ContextMenu menu = new ContextMenu();
          menu.setId(id + "-menu");
          fill.accept(menu);
          if (link.getScene() != null) {
            menu.show(link, Side.BOTTOM, 0, 2);
          }
        });
    return link;
  }

  /// A new dimension comes innermost; dates come gathered by month, wide numbers by width.
  private void put(boolean down) {
    List<TallyDimension> dimensions = new ArrayList<>(down ? plan.down() : plan.across());
    dimensions.add(TallyDimension.of(column.name()).in(usualBins()));
    tallies.ask(
        Texts.of(down ? "change.down" : "change.across", column.name()),
        down ? plan.withDown(dimensions) : plan.withAcross(dimensions));
  }

  private Bins usualBins() {
    return column.type() == ColumnType.DATE ? new Bins.Dates(DatePart.MONTH) : Bins.NONE;
  }

  private void membersMenu(ContextMenu menu) {
    TallyDimension dimension = TallyDimension.of(column.name()).in(usualBins());
    MenuItem waiting = new MenuItem(Texts.of("tally.looking"));
    waiting.setDisable(true);
    menu.getItems().add(waiting);
    tallies.members(
        records,
        dimension,
        MEMBERS,
        members -> {
          menu.getItems().clear();
          for (Member member : members) {
            MenuItem item = new MenuItem(dimension.bins().label(member));
            item.setOnAction(event -> hold(new HeldAt(dimension, member)));
            menu.getItems().add(item);
          }
        });
  }

  private void hold(HeldAt at) {
    List<HeldAt> held = new ArrayList<>(plan.held());
    held.removeIf(one -> one.dimension().column().equals(column.name()));
    held.add(at);
    tallies.ask(Texts.of("change.held", column.name(), at.label()), plan.withHeld(held));
  }

  private void measureMenu(ContextMenu menu) {
    boolean numbers = column.type().isNumber() || column.type() == ColumnType.TRUTH;
    for (TallyFunction function : TallyFunction.values()) {
      if (function == TallyFunction.QUANTILE || function.needsNumbers() && !numbers) {
        continue;
      }
      add(menu, Texts.of("function." + function.word()), TallyMeasure.of(function, column.name()));
    }
    if (numbers) {
      add(menu, Texts.of("function.q25"), TallyMeasure.quantile(0.25, column.name()));
      add(menu, Texts.of("function.q75"), TallyMeasure.quantile(0.75, column.name()));
      for (TallyMeasure.Base base : TallyMeasure.Base.values()) {
        add(
            menu,
            Texts.of("function.percent." + base.word()),
            TallyMeasure.percent(base, column.name()));
      }
      MenuItem weight = new MenuItem(Texts.of("tally.weight"));
      weight.setOnAction(
          event -> tallies.ask(Texts.of("change.weight"), plan.withWeight(column.name())));
      menu.getItems().add(weight);
    } else if (column.type() == ColumnType.TEXT) {
      file()
          .ifPresent(
              file ->
                  menu.getItems()
                      .addAll(asNumbers(file), asDates(file, true), asDates(file, false)));
    }
    if (column.type() != ColumnType.TEXT) {
      file().ifPresent(file -> menu.getItems().add(asText(file)));
    }
  }

  private Optional<RecordsName.File> file() {
    return tallies
        .askedProperty()
        .get()
        .map(asked -> asked.tally().records())
        .filter(RecordsName.File.class::isInstance)
        .map(RecordsName.File.class::cast);
  }

  private MenuItem asText(RecordsName.File file) {
    MenuItem item = new MenuItem(Texts.of("tally.asText"));
    item.setOnAction(
        event -> {
          Set<String> columns = new HashSet<>(file.reading().asTexts());
          columns.add(column.name());
          tallies.readAgain(file.reading().withTexts(columns));
        });
    return item;
  }

  private MenuItem asDates(RecordsName.File file, boolean dayFirst) {
    MenuItem item = new MenuItem(Texts.of(dayFirst ? "tally.dayFirst" : "tally.monthFirst"));
    item.setOnAction(event -> tallies.readAgain(file.reading().withDayFirst(dayFirst)));
    return item;
  }

  private MenuItem asNumbers(RecordsName.File file) {
    MenuItem item = new MenuItem(Texts.of("tally.asNumbers"));
    item.setOnAction(
        event -> {
          Set<String> columns = new HashSet<>(file.reading().asNumbers());
          columns.add(column.name());
          tallies.readAgain(file.reading().withNumbers(columns));
        });
    return item;
  }

  private void add(ContextMenu menu, String name, TallyMeasure measure) {
    MenuItem item = new MenuItem(name);
    item.setOnAction(
        event -> {
          List<TallyMeasure> measures = new ArrayList<>(plan.measures());
          measures.add(measure);
          tallies.ask(Texts.of("change.measure", measure.name()), plan.withMeasures(measures));
        });
    menu.getItems().add(item);
  }
}
