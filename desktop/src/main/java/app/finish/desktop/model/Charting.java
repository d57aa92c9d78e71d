package app.finish.desktop.model;

import app.finish.core.chart.Chart;
import app.finish.core.chart.ChartAdvice;
import app.finish.core.chart.ChartKind;
import app.finish.core.chart.ChartPage;
import app.finish.core.chart.ChartSetter;
import app.finish.core.document.Document;
import app.finish.core.document.DocumentChart;
import app.finish.core.dress.CellMeaning;
import app.finish.core.problem.Problem;
import app.finish.core.style.colour.Colour;
import app.finish.core.table.Axis;
import app.finish.core.table.Heading;
import app.finish.core.table.Leaf;
import app.finish.core.table.Table;
import app.finish.desktop.kit.Texts;
import app.finish.formats.io.SentChart;
import app.finish.formats.io.SentTable;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/// Charts of the document's tables: the one at hand, how it is drawn, and which kinds suit its
/// table.
///
/// ```java
/// desk.charting().draw(); // a chart of the table at hand, after it
/// desk.charting().change(chart -> chart.withTurned(true));
/// ```
public final class Charting {
  /// A kind of chart with a picture of the real data.
  ///
  /// @param chart the chart at hand in that kind
  /// @param why why it suits the table; what it says, if nothing speaks for it
  /// @param suits whether something speaks for it
  public record Way(Chart chart, String why, boolean suits, ChartPage page) {}

  /// A chart as it is drawn.
  ///
  /// @param measures the measures of its table that can be drawn: their names, and what the table
  ///   calls them
  public record Drawn(
      ChartPage page,
      Colour paper,
      String description,
      Map<String, String> measures,
      List<Way> ways) {
    /// Copies what it holds.
    public Drawn {
      measures = Collections.unmodifiableMap(new LinkedHashMap<>(measures));
      ways = List.copyOf(ways);
    }
  }

  /// The width of what small pictures show, in points.
  private static final double SMALL = 280;

  private final Desk desk;
  private final ReadOnlyObjectWrapper<Optional<Drawn>> drawn =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private int asked;

  Charting(Desk desk) {
    this.desk = desk;
    desk.historyProperty().addListener((p, before, now) -> show());
    desk.indexProperty().addListener((p, before, now) -> show());
    desk.tryingProperty().addListener((p, before, now) -> show());
  }

  /// The chart at hand, if it is one.
  public Optional<DocumentChart> chart() {
    int index = desk.indexProperty().get();
    Document document = desk.document();
    return index < document.items().size()
            && document.items().get(index) instanceof DocumentChart chart
        ? Optional.of(chart)
        : Optional.empty();
  }

  /// How the chart at hand is drawn, once it is.
  public ReadOnlyObjectProperty<Optional<Drawn>> drawnProperty() {
    return drawn.getReadOnlyProperty();
  }

  /// Draws a chart of the table at hand, or of the rows and columns that are picked in it: the kind
  /// that suits it best. It stands after its table, and is at hand.
  public void draw() {
    if (desk.table().isEmpty()) {
      return;
    }
    Document document = desk.document();
    int place = document.tablePlace(desk.indexProperty().get());
    Picked picked = picked();
    desk.worker()
        .run(
            Texts.of("busy.chart"),
            told -> best(table(document, place).table(), picked),
            chart -> {
              if (desk.document() == document) {
                Document more = document.withAdded(chart, place);
                desk.change(Texts.of("change.chart.draw"), more);
                desk.show(document.newChartPlace(place));
                desk.stepProperty().set(Step.ARRANGE);
              }
            },
            desk::tell);
  }

  private static Chart best(Table table, Picked picked) throws Problem {
    if (ChartAdvice.measures(table).isEmpty()) {
      throw new Problem(Texts.of("chart.nothing"));
    }
    Chart first = ChartAdvice.of(table).getFirst().chart();
    if (picked.rows.isEmpty() && picked.columns.isEmpty()) {
      return first;
    }
    Chart some = picked.of(table, first);
    return ChartAdvice.of(table, some).getFirst().chart();
  }

  /// The rows and columns of the cells that are picked; none where one cell is.
  private record Picked(Set<Integer> rows, Set<Integer> columns) {
    Chart of(Table table, Chart chart) {
      Optional<String> measure =
          columns.stream()
              .map(column -> table.measureAt(0, column).name())
              .filter(name -> !name.isEmpty())
              .findFirst();
      return chart
          .withMeasure(measure.orElse(chart.measure()))
          .withLines(labels(table.down(), rows), labels(table.across(), columns));
    }

    private static List<List<String>> labels(Axis axis, Set<Integer> some) {
      return some.stream()
          .map(one -> axis.leaves().get(one))
          .filter(leaf -> leaf.role() == Heading.Role.MEMBER)
          .map(Picked::path)
          .distinct()
          .toList();
    }

    private static List<String> path(Leaf leaf) {
      return leaf.path().stream()
          .filter(heading -> heading.measure().isEmpty())
          .map(Heading::label)
          .toList();
    }
  }

  private Picked picked() {
    Set<Integer> rows = new TreeSet<>();
    Set<Integer> columns = new TreeSet<>();
    List<CellMeaning> places = new ArrayList<>(desk.alsoProperty().get());
    desk.pickProperty().get().ifPresent(pick -> places.add(pick.place()));
    for (CellMeaning place : places) {
      switch (place) {
        case CellMeaning.Body body when places.size() > 1 -> {
          rows.add(body.row());
          columns.add(body.column());
        }
        case CellMeaning.Stub stub -> rows.add(stub.leaf());
        case CellMeaning.Head head -> {
          for (int column = head.first(); column <= head.last(); column++) {
            columns.add(column);
          }
        }
        default -> {}
      }
    }
    return places.size() > 1 ? new Picked(rows, columns) : new Picked(Set.of(), columns);
  }

  /// Changes what the chart at hand draws.
  public void change(UnaryOperator<Chart> how) {
    chart()
        .ifPresent(
            item -> {
              Chart after = how.apply(item.chart());
              if (!after.equals(item.chart())) {
                int index = desk.indexProperty().get();
                desk.change(Texts.of("change.chart"), desk.document().withChart(index, after));
              }
            });
  }

  /// Shows the table of the chart at hand.
  public void toTable() {
    desk.show(desk.document().tablePlace(desk.indexProperty().get()));
  }

  /// Draws the small picture of a chart.
  ///
  /// @param index its place among the items
  public void picture(Document document, int index, Consumer<SentChart> take) {
    desk.worker()
        .draw(
            () -> {
              SentChart chart = desk.sending().chart(document, index);
              chart.page();
              return chart;
            },
            take,
            failure -> {});
  }

  private SentTable table(Document document, int place) {
    return desk.sending()
        .sent(document, List.of(place), desk.checking().paperProperty().get())
        .tables()
        .getFirst();
  }

  private void show() {
    int own = ++asked;
    Optional<DocumentChart> now = chart();
    if (now.isEmpty()) {
      drawn.set(Optional.empty());
      return;
    }
    int index = desk.indexProperty().get();
    Document document = tried(desk.document(), index);
    desk.worker()
        .draw(
            () -> drawn(desk.sending().chart(document, index)),
            made -> {
              if (own == asked) {
                drawn.set(Optional.of(made));
              }
            },
            desk::tell);
  }

  /// The document with the style that is tried on.
  private Document tried(Document document, int index) {
    return desk.tryingProperty()
        .get()
        .map(
            style ->
                desk.dressing()
                    .holding(document, style)
                    .withFinish(index, document.table(index).finish().withStyle(style)))
        .orElse(document);
  }

  private Drawn drawn(SentChart sent) {
    Table table = sent.table().table();
    Chart own = sent.chart();
    Map<Chart, String> why = new HashMap<>();
    List<Chart> charts = new ArrayList<>();
    Set<ChartKind> left = EnumSet.allOf(ChartKind.class);
    for (ChartAdvice one : ChartAdvice.of(table, own)) {
      Chart chart = one.chart().withTexts(own.texts()).withSize(own.width(), own.height());
      if (why.putIfAbsent(chart, one.why()) == null) {
        charts.add(chart);
        left.remove(chart.kind());
      }
    }
    left.stream()
        .filter(kind -> ChartAdvice.canBe(kind, table, own))
        .map(own::withKind)
        .forEach(charts::add);
    if (charts.stream().noneMatch(own::isDrawnAs)) {
      charts.addFirst(own);
    }
    List<Way> ways =
        charts.stream()
            .map(
                chart ->
                    new Way(
                        chart,
                        why.getOrDefault(chart, chart.kind().says() + "."),
                        why.containsKey(chart),
                        setter(sent, chart.withSize(SMALL, SMALL * 0.6)).plot()))
            .toList();
    Colour paper = sent.dressed().palette().colour("paper");
    Map<String, String> measures = new LinkedHashMap<>();
    ChartAdvice.measures(table)
        .forEach(name -> measures.put(name, ChartAdvice.called(table, name)));
    return new Drawn(sent.page(), paper, sent.description(), measures, ways);
  }

  private ChartSetter setter(SentChart sent, Chart chart) {
    return new ChartSetter(
        sent.table().table(), sent.dressed(), chart, sent.number(), desk.sending().fonts());
  }
}
