package app.finish.core.chart;

import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.layout.font.Fonts;
import app.finish.core.style.Look;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/// Sets a chart: number, title, units and held line above, the plot, notes below, all in the style
/// of its table.
///
/// ```java
/// ChartSetter setter = new ChartSetter(table, dressed, chart, "2", fonts);
/// setter.page(); // marks, 460 points wide
/// setter.description(); // "Bars: Fares by route. Hale–Orrin: 414.0; …"
/// ```
public final class ChartSetter {
  /// The room around a chart, in points.
  static final double MARGIN = 12;

  private final Dressed dressed;
  private final Chart chart;
  private final String number;
  private final Fonts fonts;
  private final Subject subject;
  private final String title;

  /// @param table the table as it is arranged, with its words
  /// @param dressed the same in its style
  /// @param number the number of the figure as it is written
  public ChartSetter(Table table, Dressed dressed, Chart chart, String number, Fonts fonts) {
    this.dressed = dressed;
    this.chart = chart;
    this.number = number;
    this.fonts = fonts;
    ChartData data = drawn(ChartData.of(table, chart), chart.kind());
    ChartLooks looks = new ChartLooks(dressed);
    Optional<Spreads> spreads = Spreads.of(data);
    SeriesInks inks = SeriesInks.of(dressed.palette(), data.series().size());
    Scale scale = Scales.of(data, chart.kind(), spreads);
    this.subject = new Subject(data, looks, inks, chart.kind(), scale, spreads);
    this.title = ChartWords.title(table, chart, dressed.language());
  }

  /// Slopes go from the first to the last alone.
  private static ChartData drawn(ChartData data, ChartKind kind) {
    List<ChartData.Line> all = data.categories();
    return kind == ChartKind.SLOPES && all.size() > 2
        ? data.of(List.of(all.getFirst(), all.getLast()))
        : data;
  }

  /// What the chart shows, for those who can't see it: as it was written, or made from its data.
  public String description() {
    String own = chart.texts().description();
    return own.isBlank() ? ChartWords.description(subject, title, dressed.language()) : own.strip();
  }

  /// The title without marks.
  public String title() {
    return title;
  }

  /// Whether anything can be drawn.
  public boolean isEmpty() {
    return subject.data().isEmpty();
  }

  /// The names of what is compared.
  public List<String> categories() {
    return subject.data().categories().stream().map(ChartData.Line::whole).toList();
  }

  /// What is drawn, series by series.
  public List<ChartSeries> series() {
    return series(subject.data());
  }

  /// The same of the measure that it is drawn against, for pairs.
  public List<ChartSeries> against() {
    return series(subject.data().of(chart.against()));
  }

  private List<ChartSeries> series(ChartData data) {
    List<ChartSeries> all = new ArrayList<>();
    for (int j = 0; j < data.series().size(); j++) {
      int one = j;
      List<Integer> places = IntStream.range(0, data.categories().size()).boxed().toList();
      all.add(
          new ChartSeries(
              data.series().get(j).whole(),
              subject.inks().colour(j),
              places.stream().map(i -> data.spot(i, one)).toList(),
              places.stream().map(i -> data.number(i, one)).toList()));
    }
    return all;
  }

  /// The chart on a page just large enough.
  public ChartPage page() {
    Drawing drawing = new Drawing(fonts, dressed.palette());
    double width = chart.width();
    double y = MARGIN;
    for (DressedCell cell : words().above()) {
      y = drawing.block(cell, MARGIN, y, width);
    }
    y += 8;
    if (isEmpty()) {
      Look look = subject.label();
      String sentence = ChartPhrase.NOTHING.in(dressed.language());
      drawing.text(sentence, look, look.ink(), MARGIN, 0, y + 20);
      return drawing.page(width + 2 * MARGIN, y + 40 + MARGIN);
    }
    y = legend(drawing, y, width);
    y = plots(drawing, y, width) + 8;
    for (DressedCell cell : words().below()) {
      y = drawing.block(cell, MARGIN, y, width);
    }
    return drawing.page(width + 2 * MARGIN, y + MARGIN);
  }

  /// The plot without the words around it, for small pictures.
  public ChartPage plot() {
    Drawing drawing = new Drawing(fonts, dressed.palette());
    double width = chart.width();
    if (isEmpty()) {
      return drawing.page(width, chart.height());
    }
    double foot = plots(drawing, MARGIN, width);
    return drawing.page(width + 2 * MARGIN, foot + MARGIN);
  }

  private WordsAround words() {
    return new WordsAround(dressed, chart, number, title, subject);
  }

  private double plots(Drawing drawing, double top, double width) {
    Map<String, List<ChartData.Line>> groups = new LinkedHashMap<>();
    for (ChartData.Line line : subject.data().categories()) {
      groups.computeIfAbsent(line.group(), key -> new ArrayList<>()).add(line);
    }
    if (!chart.panels() || groups.size() < 2) {
      Plot plot = plot(subject);
      double height = Math.max(chart.height(), plot.least(drawing, width));
      plot.draw(drawing, new Frame(MARGIN, top, width, height));
      return top + height;
    }
    int across = groups.size() <= 3 ? groups.size() : groups.size() == 4 ? 2 : 3;
    double gap = 14;
    double wide = (width - gap * (across - 1)) / across;
    List<Map.Entry<String, List<ChartData.Line>>> panels = List.copyOf(groups.entrySet());
    double y = top;
    for (int first = 0; first < panels.size(); first += across) {
      List<Map.Entry<String, List<ChartData.Line>>> line =
          panels.subList(first, Math.min(panels.size(), first + across));
      List<Plot> plots = line.stream().map(one -> plot(panel(one.getValue()))).toList();
      double height = chart.height() * 0.75;
      for (Plot plot : plots) {
        height = Math.max(height, plot.least(drawing, wide));
      }
      Look look = subject.label();
      for (int i = 0; i < plots.size(); i++) {
        double x = MARGIN + i * (wide + gap);
        double middle = y + subject.leading() / 2;
        drawing.shortened(line.get(i).getKey(), look, look.ink(), x, 0, middle, wide);
        double head = subject.leading() + 4;
        plots.get(i).draw(drawing, new Frame(x, y + head, wide, height));
      }
      y += subject.leading() + height + 16;
    }
    return y - 12;
  }

  /// One group, whose members need its name no more.
  private Subject panel(List<ChartData.Line> lines) {
    return subject.of(subject.data().of(lines.stream().map(ChartData.Line::inItsPanel).toList()));
  }

  private Plot plot(Subject one) {
    return switch (one.kind()) {
      case BARS, STACKED, SHARES -> new BarPlot(one, !chart.panels());
      case COLUMNS -> new ColumnPlot(one);
      case LINES, SLOPES -> new LinePlot(one);
      case DOTS, INTERVALS, BOXES -> new DotPlot(one);
      case SCATTER -> new PairPlot(one, one.data().of(chart.against()));
      case HEAT, MOSAIC -> new MatrixPlot(one);
    };
  }

  /// The names of the series beside boxes in their inks, where there are several and their marks do
  /// not bear them.
  private double legend(Drawing drawing, double top, double width) {
    int count = subject.data().series().size();
    boolean told =
        count < 2
            || subject.kind() == ChartKind.HEAT
            || subject.isNamedAtLines() && !chart.panels()
            || plot(subject).bearsNames(drawing, width);
    if (told) {
      return top;
    }
    Look look = subject.label();
    double box = look.size() * 0.8;
    double x = MARGIN;
    double y = top;
    for (int j = 0; j < count; j++) {
      String name = subject.data().series().get(j).whole();
      double wide = box + 4 + drawing.width(name, look) + 14;
      if (x + wide > MARGIN + width && x > MARGIN) {
        x = MARGIN;
        y += subject.leading();
      }
      double middle = y + subject.leading() / 2;
      drawing.fill(
          x,
          middle - box / 2,
          x + box,
          middle + box / 2,
          subject.inks().colour(j),
          subject.inks().isHatched(j));
      drawing.shortened(name, look, look.ink(), x + box + 4, 0, middle, width - box - 4);
      x += wide;
    }
    return y + subject.leading() + 6;
  }
}
