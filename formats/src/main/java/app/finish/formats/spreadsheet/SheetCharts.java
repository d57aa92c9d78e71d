package app.finish.formats.spreadsheet;

import app.finish.core.chart.Chart;
import app.finish.core.chart.ChartKind;
import app.finish.core.chart.ChartSeries;
import app.finish.core.table.Spot;
import app.finish.formats.io.SentChart;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.apache.poi.ss.usermodel.Workbook;
import org.apache.poi.ss.util.CellReference;
import org.apache.poi.util.Units;
import org.apache.poi.xddf.usermodel.XDDFColor;
import org.apache.poi.xddf.usermodel.XDDFShapeProperties;
import org.apache.poi.xddf.usermodel.XDDFSolidFillProperties;
import org.apache.poi.xddf.usermodel.chart.AxisCrosses;
import org.apache.poi.xddf.usermodel.chart.AxisPosition;
import org.apache.poi.xddf.usermodel.chart.BarDirection;
import org.apache.poi.xddf.usermodel.chart.BarGrouping;
import org.apache.poi.xddf.usermodel.chart.ChartTypes;
import org.apache.poi.xddf.usermodel.chart.LegendPosition;
import org.apache.poi.xddf.usermodel.chart.XDDFBarChartData;
import org.apache.poi.xddf.usermodel.chart.XDDFCategoryAxis;
import org.apache.poi.xddf.usermodel.chart.XDDFChartData;
import org.apache.poi.xddf.usermodel.chart.XDDFDataSource;
import org.apache.poi.xddf.usermodel.chart.XDDFDataSourcesFactory;
import org.apache.poi.xddf.usermodel.chart.XDDFNumericalDataSource;
import org.apache.poi.xddf.usermodel.chart.XDDFValueAxis;
import org.apache.poi.xssf.usermodel.XSSFChart;
import org.apache.poi.xssf.usermodel.XSSFClientAnchor;
import org.apache.poi.xssf.usermodel.XSSFDrawing;
import org.apache.poi.xssf.usermodel.XSSFSheet;

/// Charts beside their table: those of a kind that workbooks have by themselves, drawn from the
/// cells in which the figures stand; the others as pictures.
///
/// ```java
/// new SheetCharts(sheet, spot -> address(spot)).add(charts, 14);
/// ```
///
/// @param sheet the sheet of the table
/// @param cells where on it a figure stands
record SheetCharts(XSSFSheet sheet, Function<Spot.Figure, Optional<CellReference>> cells) {
  /// The height of a row of the usual font, in points.
  private static final double ROW = 15;

  /// Puts charts one below the other.
  ///
  /// @param column the first column that is free
  void add(List<SentChart> charts, int column) throws IOException {
    int row = 0;
    for (SentChart chart : charts) {
      double width = chart.page().width();
      double height = chart.page().height();
      boolean own = isOwn(chart);
      XSSFDrawing drawing = sheet.createDrawingPatriarch();
      XSSFClientAnchor anchor = anchor(drawing, column, row, width, height);
      if (own) {
        chart(drawing.createChart(anchor), chart);
      } else {
        int picture =
            sheet
                .getWorkbook()
                .addPicture(chart.picture(SentChart.SHEET_DOTS), Workbook.PICTURE_TYPE_PNG);
        drawing
            .createPicture(anchor, picture)
            .getCTPicture()
            .getNvPicPr()
            .getCNvPr()
            .setDescr(chart.description());
      }
      row += (int) Math.ceil(height / ROW) + 2;
    }
  }

  private static XSSFClientAnchor anchor(
      XSSFDrawing drawing, int column, int row, double width, double height) {
    int columns = (int) Math.ceil(width / 48);
    int rows = (int) Math.ceil(height / ROW);
    XSSFClientAnchor anchor =
        drawing.createAnchor(0, 0, 0, 0, column, row, column + columns, row + rows);
    anchor.setDx2(Units.EMU_PER_POINT);
    return anchor;
  }

  /// Whether a workbook can draw it by itself.
  private static boolean isOwn(SentChart sent) {
    Chart chart = sent.chart();
    boolean kind =
        switch (chart.kind()) {
          case BARS, COLUMNS, STACKED, SHARES, LINES, SLOPES, SCATTER -> true;
          case DOTS, INTERVALS, BOXES, HEAT, MOSAIC -> false;
        };
    return kind && !chart.panels() && !sent.setter().isEmpty();
  }

  private void chart(XSSFChart made, SentChart sent) {
    ChartKind kind = sent.chart().kind();
    made.setTitleText(sent.name());
    made.setTitleOverlay(false);
    List<ChartSeries> series = sent.setter().series();
    if (series.size() > 1) {
      made.getOrAddLegend().setPosition(LegendPosition.TOP);
    }
    boolean pairs = kind == ChartKind.SCATTER;
    XDDFValueAxis values = made.createValueAxis(AxisPosition.LEFT);
    XDDFChartData data;
    if (pairs) {
      XDDFValueAxis across = made.createValueAxis(AxisPosition.BOTTOM);
      across.crossAxis(values);
      values.crossAxis(across);
      data = made.createData(ChartTypes.SCATTER, across, values);
    } else {
      XDDFCategoryAxis names = made.createCategoryAxis(AxisPosition.BOTTOM);
      names.crossAxis(values);
      values.crossAxis(names);
      values.setCrosses(AxisCrosses.AUTO_ZERO);
      data = made.createData(type(kind), names, values);
    }
    if (data instanceof XDDFBarChartData lying) {
      lying.setBarDirection(kind == ChartKind.COLUMNS ? BarDirection.COL : BarDirection.BAR);
      lying.setBarGrouping(grouping(kind));
      if (kind == ChartKind.STACKED || kind == ChartKind.SHARES) {
        lying.setOverlap((byte) 100);
      }
    }
    List<ChartSeries> against = pairs ? sent.setter().against() : List.of();
    String[] categories = sent.setter().categories().toArray(String[]::new);
    for (int i = 0; i < series.size(); i++) {
      XDDFDataSource<?> along =
          pairs
              ? numbers(against.get(Math.min(i, against.size() - 1)))
              : XDDFDataSourcesFactory.fromArray(categories);
      XDDFChartData.Series one = data.addSeries(along, numbers(series.get(i)));
      one.setTitle(series.get(i).name(), null);
      XDDFShapeProperties looks = new XDDFShapeProperties();
      int rgb = series.get(i).ink().rgb();
      byte[] ink = {(byte) (rgb >> 16), (byte) (rgb >> 8), (byte) rgb};
      looks.setFillProperties(new XDDFSolidFillProperties(XDDFColor.from(ink)));
      one.setShapeProperties(looks);
    }
    made.plot(data);
  }

  private static ChartTypes type(ChartKind kind) {
    return kind == ChartKind.LINES || kind == ChartKind.SLOPES ? ChartTypes.LINE : ChartTypes.BAR;
  }

  private static BarGrouping grouping(ChartKind kind) {
    return switch (kind) {
      case STACKED -> BarGrouping.STACKED;
      case SHARES -> BarGrouping.PERCENT_STACKED;
      default -> BarGrouping.CLUSTERED;
    };
  }

  /// The figures of a series, by the cells that they stand in.
  private XDDFNumericalDataSource<Double> numbers(ChartSeries series) {
    List<String> references = new ArrayList<>();
    Double[] numbers = new Double[series.numbers().size()];
    for (int i = 0; i < numbers.length; i++) {
      double number = series.numbers().get(i);
      numbers[i] = Double.isFinite(number) ? number : null;
      cells.apply(series.spots().get(i)).map(this::address).ifPresent(references::add);
    }
    String name = references.size() == numbers.length ? range(references) : "";
    return name.isEmpty()
        ? XDDFDataSourcesFactory.fromArray(numbers)
        : XDDFDataSourcesFactory.fromArray(numbers, name);
  }

  private String address(CellReference cell) {
    return new CellReference(sheet.getSheetName(), cell.getRow(), cell.getCol(), true, true)
        .formatAsString();
  }

  /// One cell after another: "(Sheet!$B$2,Sheet!$B$4)".
  private static String range(List<String> references) {
    return references.size() == 1
        ? references.getFirst()
        : references.stream().collect(Collectors.joining(",", "(", ")"));
  }
}
