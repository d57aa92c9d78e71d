package app.finish.formats.io;

import app.finish.core.chart.Chart;
import app.finish.core.chart.ChartPage;
import app.finish.core.chart.ChartSetter;
import app.finish.core.chart.LatestNames;
import app.finish.core.document.DocumentChart;
import app.finish.core.dress.Dressed;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Fonts;
import app.finish.core.style.colour.Palette;
import java.io.IOException;
import java.util.List;
import java.util.Optional;

/// A chart on its way out.
///
/// ```java
/// chart.page().marks(); // to be drawn
/// chart.picture(PRINT_DOTS); // the same as a PNG, for files that hold pictures
/// ```
public final class SentChart implements SentItem {
  /// Draws a chart as a picture.
  public interface Painter {
    /// A PNG of a chart.
    ///
    /// @param dots how many dots are an inch
    byte[] paint(SentChart chart, int dots) throws IOException;
  }

  /// How many dots an inch a picture has that is to be printed.
  public static final int PRINT_DOTS = 300;

  /// How many dots an inch a picture has that is looked at on a screen beside its figures.
  public static final int SHEET_DOTS = 200;

  private final DocumentChart item;
  private final SentTable table;
  private final String number;
  private final Fonts fonts;
  private final Painter painter;
  private Optional<ChartSetter> setter = Optional.empty();
  private Optional<ChartPage> page = Optional.empty();

  /// @param item the chart as the document holds it
  /// @param table its table
  /// @param number its number among the figures, as it is written
  public SentChart(
      DocumentChart item, SentTable table, String number, Fonts fonts, Painter painter) {
    this.item = item;
    this.table = table;
    this.number = number;
    this.fonts = fonts;
    this.painter = painter;
  }

  @Override
  public DocumentChart item() {
    return item;
  }

  @Override
  public String number() {
    return number;
  }

  /// It on a board, in the style of its table there.
  public SentChart onBoard() {
    return new SentChart(item, table.onBoard(), number, fonts, painter);
  }

  /// It in other inks.
  public SentChart inked(Palette inks) {
    return new SentChart(item, table.inked(inks), number, fonts, painter);
  }

  /// Whether it is drawn of a table.
  public boolean isOf(SentTable one) {
    return item.table().equals(one.item().id());
  }

  /// The table that it is drawn of.
  public SentTable table() {
    return table;
  }

  @Override
  public Dressed dressed() {
    return table.dressed();
  }

  /// The chart, with the names that its table has now.
  public Chart chart() {
    return LatestNames.of(table.item().finish().arrangement()).on(item.chart(), table.table());
  }

  /// What draws it.
  public ChartSetter setter() {
    if (setter.isEmpty()) {
      setter = Optional.of(new ChartSetter(table.table(), table.dressed(), chart(), number, fonts));
    }
    return setter.get();
  }

  @Override
  public String name() {
    return dressed().language().word("Figure") + " " + number + ". " + title();
  }

  /// Its title, without marks.
  public String title() {
    return setter().title();
  }

  @Override
  public String description() {
    return setter().description();
  }

  /// It as it is drawn, on a page just large enough.
  public ChartPage page() {
    if (page.isEmpty()) {
      page = Optional.of(setter().page());
    }
    return page.get();
  }

  @Override
  public List<Proof.Page> pages(Paper paper) {
    return List.of(page().on(paper));
  }

  /// It as a PNG.
  ///
  /// @param dots how many dots are an inch
  public byte[] picture(int dots) throws IOException {
    return painter.paint(this, dots);
  }
}
