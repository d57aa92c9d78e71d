package app.finish.desktop.chart;

import app.finish.core.chart.Chart;
import app.finish.core.chart.ChartKind;
import app.finish.core.chart.ChartTexts;
import app.finish.core.document.DocumentChart;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.ProofPainter;
import app.finish.desktop.kit.SaidAs;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.kit.Thumbnail;
import app.finish.desktop.kit.WordField;
import app.finish.desktop.model.Charting;
import app.finish.desktop.model.Desk;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/// What is drawn of a table, and as what: kinds with small pictures of the real data, those that
/// suit the table first, each with the reason.
public final class ChartBench {
  private static final double WIDTH = 118;
  private static final double HEIGHT = 82;

  private final Desk desk;
  private final ProofPainter painter;
  private final Charting charting;
  private final VBox of = new VBox();
  private final VBox kinds = new VBox(8);
  private final VBox settings = new VBox(8);
  private boolean showing;

  public ChartBench(Desk desk, ProofPainter painter) {
    this.desk = desk;
    this.painter = painter;
    this.charting = desk.charting();
  }

  /// Builds the bench.
  public Node build() {
    Node bench =
        Benches.desk(
            Texts.of("chart.name"),
            of,
            Benches.section(Texts.of("chart.kinds"), kinds),
            Benches.section(Texts.of("chart.what"), settings));
    Benches.follow(charting.drawnProperty(), this::show);
    return bench;
  }

  private void show() {
    Optional<DocumentChart> chart = charting.chart();
    Optional<Charting.Drawn> drawn = charting.drawnProperty().get();
    if (chart.isEmpty() || drawn.isEmpty()) {
      return;
    }
    showing = true;
    int table = desk.document().tablePlace(desk.indexProperty().get());
    String number = desk.document().numeral(table);
    Button back = new Button(Texts.of("chart.toTable", number));
    back.setId("chart-to-table");
    back.getStyleClass().add("quiet-button");
    back.setOnAction(event -> charting.toTable());
    Button remove = Benches.button("chart-remove", "chart.remove", desk::removeTable);
    Benches.replace(of, List.of(Benches.spread(back, remove)));
    showKinds(chart.get().chart(), drawn.get());
    showSettings(chart.get().chart(), drawn.get());
    showing = false;
  }

  private void showKinds(Chart now, Charting.Drawn drawn) {
    FlowPane suiting = new FlowPane(8, 8);
    FlowPane others = new FlowPane(8, 8);
    ToggleGroup group = Benches.oneOf();
    String why = now.kind().says() + ".";
    for (int i = 0; i < drawn.ways().size(); i++) {
      Charting.Way way = drawn.ways().get(i);
      ToggleButton card = card(way, i, group, now.isDrawnAs(way.chart()));
      (way.suits() ? suiting : others).getChildren().add(card);
      why = now.isDrawnAs(way.chart()) ? way.why() : why;
    }
    Label reason = Benches.caption(why);
    reason.setId("chart-why");
    List<Node> all = new ArrayList<>(List.of(reason, suiting));
    if (!others.getChildren().isEmpty()) {
      all.add(Benches.caption(Texts.of("chart.others")));
      all.add(others);
    }
    Benches.replace(kinds, all);
  }

  private ToggleButton card(Charting.Way way, int index, ToggleGroup group, boolean chosen) {
    Thumbnail picture = new Thumbnail(painter, WIDTH, HEIGHT);
    picture.show(way.page(), charting.drawnProperty().get().orElseThrow().paper());
    StackPane frame = new StackPane(picture);
    frame.getStyleClass().add("picture");
    String label =
        way.chart().panels()
            ? Texts.of("chart.inPanels", way.chart().kind().label())
            : way.chart().kind().label();
    Label name = Benches.caption(label);
    name.setWrapText(false);
    ToggleButton card = new ToggleButton();
    card.setGraphic(new VBox(2, frame, name));
    card.setToggleGroup(group);
    card.getStyleClass().setAll("height-card");
    card.setId("chart-kind-" + (index + 1));
    card.setSelected(chosen);
    card.setAccessibleText(label + ". " + way.why());
    Tooltip.install(card, new Tooltip(way.why()));
    card.setOnAction(
        event -> {
          card.setSelected(true);
          charting.change(chart -> way.chart());
        });
    return card;
  }

  private void showSettings(Chart now, Charting.Drawn drawn) {
    List<Node> rows = new ArrayList<>();
    String own =
        drawn.measures().containsKey(now.measure())
            ? now.measure()
            : drawn.measures().keySet().stream().findFirst().orElse("");
    if (drawn.measures().size() > 1) {
      rows.add(
          choice(
              "chart-measure",
              "chart.measure",
              drawn.measures(),
              own,
              name -> charting.change(chart -> chart.withMeasure(name))));
    }
    if (now.kind() == ChartKind.SCATTER) {
      rows.add(
          choice(
              "chart-against",
              "chart.against",
              drawn.measures(),
              now.against(),
              name -> charting.change(chart -> chart.withAgainst(name))));
    }
    rows.add(sides(now));
    CheckBox panels = new CheckBox(Texts.of("chart.panels"));
    panels.setId("chart-panels");
    panels.setSelected(now.panels());
    panels.setOnAction(event -> charting.change(chart -> chart.withPanels(panels.isSelected())));
    rows.add(panels);
    if (!now.rows().isEmpty() || !now.columns().isEmpty()) {
      Button whole = new Button(Texts.of("chart.whole"));
      whole.setId("chart-whole");
      whole.setOnAction(event -> charting.change(chart -> chart.withLines(List.of(), List.of())));
      rows.add(whole);
    }
    rows.add(text("title", now.title(), "chart.titleMade", ChartTexts::withTitle));
    rows.add(text("note", now.texts().note(), "chart.noteNone", ChartTexts::withNote));
    String description = now.texts().description();
    rows.add(
        text("description", description, "chart.descriptionMade", ChartTexts::withDescription));
    TextField width =
        size("chart-width", now.width(), (chart, points) -> chart.withSize(points, chart.height()));
    TextField height =
        size(
            "chart-height", now.height(), (chart, points) -> chart.withSize(chart.width(), points));
    rows.add(Benches.beside(name("chart.width"), width));
    rows.add(Benches.beside(name("chart.height"), height));
    Benches.replace(settings, rows);
  }

  private Node text(
      String word, String now, String prompt, BiFunction<ChartTexts, String, ChartTexts> with) {
    TextField field =
        WordField.of(
            "chart-" + word,
            Texts.of("chart." + word),
            now,
            typed -> charting.change(chart -> chart.withTexts(with.apply(chart.texts(), typed))));
    field.setPromptText(Texts.of(prompt));
    return Benches.beside(name("chart." + word), field);
  }

  private static Label name(String text) {
    Label name = new Label(Texts.of(text));
    name.getStyleClass().add("chart-setting");
    return name;
  }

  private Node choice(
      String id, String text, Map<String, String> all, String now, Consumer<String> choose) {
    ComboBox<String> box = new ComboBox<>();
    box.setId(id);
    box.getItems().setAll(all.keySet());
    box.setConverter(new SaidAs<>(name -> all.getOrDefault(name, name)));
    box.setValue(now);
    box.setMaxWidth(Double.MAX_VALUE);
    box.setAccessibleText(Texts.of(text));
    box.setOnAction(
        event -> {
          if (!showing && box.getValue() != null) {
            choose.accept(box.getValue());
          }
        });
    return Benches.beside(name(text), box);
  }

  private HBox sides(Chart now) {
    HBox chips = new HBox();
    chips.getStyleClass().add("chips");
    ToggleGroup group = Benches.oneOf();
    for (boolean turned : new boolean[] {false, true}) {
      ToggleButton chip = new ToggleButton(Texts.of(turned ? "chart.columns" : "chart.rows"));
      chip.setId(turned ? "chart-columns" : "chart-rows");
      chip.getStyleClass().add("chip");
      chip.setToggleGroup(group);
      chip.setSelected(now.turned() == turned);
      chip.setOnAction(
          event -> {
            chip.setSelected(true);
            charting.change(chart -> chart.withTurned(turned));
          });
      chips.getChildren().add(chip);
    }
    HBox row = Benches.beside(name("chart.compare"), chips);
    return row;
  }

  /// How a size in points changes a chart.
  private interface Sized {
    Chart of(Chart chart, double points);
  }

  private TextField size(String id, double points, Sized sized) {
    String now = Math.round(points) + " pt";
    return WordField.of(
        id,
        Texts.of(id.equals("chart-width") ? "chart.width" : "chart.height"),
        now,
        typed -> {
          String digits = typed.replaceAll("(?i)\\s*pt$", "").strip();
          if (digits.matches("[0-9]{2,4}([.,][0-9]+)?")) {
            double wanted = Double.parseDouble(digits.replace(',', '.'));
            charting.change(chart -> sized.of(chart, wanted));
          } else {
            desk.say(Texts.of("chart.badSize", typed));
            show();
          }
        });
  }
}
