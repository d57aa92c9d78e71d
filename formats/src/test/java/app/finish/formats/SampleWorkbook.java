package app.finish.formats;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.apache.poi.ss.usermodel.Cell;
import org.apache.poi.ss.usermodel.CellStyle;
import org.apache.poi.ss.usermodel.Font;
import org.apache.poi.ss.usermodel.HorizontalAlignment;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.ss.util.CellRangeAddress;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;

/// Makes the workbook of the demo: pivots of Marram Sound's sailings from a seeded generator. Run
/// it to make the shipped file again; a test holds that the file is what this makes.
public final class SampleWorkbook {
  public static final String[] ROUTES = {"Hale–Orrin", "Orrin–Skell", "Skell–Tamsay"};
  public static final String[] SEASONS = {"Winter", "Spring", "Summer", "Autumn"};
  static final int[] YEARS = {2025, 2026};
  private static final String[] TICKETS = {"Single", "Return", "Islander pass", "School"};
  private static final String[] VESSELS = {"Marram", "Sea Holly", "Samphire"};

  private final Random random = new Random(20_26);
  private final XSSFWorkbook book = new XSSFWorkbook();

  /// Passengers, fares and running cost (thousands of euros) of a route in a season of a year.
  public record Sailing(int passengers, double fares, double cost) {
    Sailing plus(Sailing other) {
      return new Sailing(passengers + other.passengers, fares + other.fares, cost + other.cost);
    }
  }

  public final Sailing[][][] sailings = new Sailing[ROUTES.length][SEASONS.length][YEARS.length];

  public SampleWorkbook() {
    double[] size = {1.0, 0.46, 0.2};
    double[] season = {0.55, 0.9, 1.7, 0.85};
    for (int route = 0; route < ROUTES.length; route++) {
      for (int s = 0; s < SEASONS.length; s++) {
        for (int year = 0; year < YEARS.length; year++) {
          double travel = size[route] * season[s] * (0.93 + 0.14 * random.nextDouble());
          int passengers = (int) Math.round(52_000 * travel);
          double fares = tenths(passengers * (12.2 + 2.4 * random.nextDouble()) / 1000);
          double cost =
              tenths(
                  (120 + 310 * size[route])
                      * (0.8 + 0.35 * season[s])
                      * (0.92 + 0.16 * random.nextDouble()));
          sailings[route][s][year] = new Sailing(passengers, fares, cost);
        }
      }
    }
  }

  private static double tenths(double value) {
    return Math.round(value * 10) / 10.0;
  }

  public static void main(String[] arguments) throws IOException {
    Path file = Path.of(arguments[0]);
    new SampleWorkbook().write(file);
  }

  public void write(Path file) throws IOException {
    pivot();
    others();
    try (OutputStream out = Files.newOutputStream(file)) {
      book.write(out);
    }
    book.close();
  }

  private CellStyle style(String format, boolean bold, int indent) {
    CellStyle style = book.createCellStyle();
    Font font = book.createFont();
    font.setBold(bold);
    style.setFont(font);
    style.setIndention((short) indent);
    if (!format.isEmpty()) {
      style.setDataFormat(book.createDataFormat().getFormat(format));
    }
    return style;
  }

  private void pivot() {
    Sheet sheet = book.createSheet("Fares and recovery");
    CellStyle bold = style("", true, 0);
    text(sheet, 0, 0, "Fares, running cost and cost recovery by route, season and year", bold);
    text(sheet, 1, 0, "Fares and running cost in thousands of euros", null);
    text(sheet, 2, 0, "Ticket: all tickets", null);
    text(sheet, 4, 0, "Route", bold);
    text(sheet, 4, 1, "Season", bold);
    String[] measures = {"Fares", "Running cost", "Cost recovery", "Passengers"};
    CellStyle centred = style("", true, 0);
    centred.setAlignment(HorizontalAlignment.CENTER);
    for (int year = 0; year < YEARS.length; year++) {
      int left = 2 + 4 * year;
      text(sheet, 4, left, "" + YEARS[year], centred);
      sheet.addMergedRegion(new CellRangeAddress(4, 4, left, left + 3));
      for (int m = 0; m < measures.length; m++) {
        text(sheet, 5, left + m, measures[m], bold);
      }
    }
    sheet.addMergedRegion(new CellRangeAddress(4, 5, 0, 0));
    sheet.addMergedRegion(new CellRangeAddress(4, 5, 1, 1));
    int row = 6;
    Sailing[] grand = {new Sailing(0, 0, 0), new Sailing(0, 0, 0)};
    for (int route = 0; route < ROUTES.length; route++) {
      Sailing[] sum = {new Sailing(0, 0, 0), new Sailing(0, 0, 0)};
      for (int s = 0; s < SEASONS.length; s++) {
        if (s == 0) {
          text(sheet, row, 0, ROUTES[route], null);
        }
        text(sheet, row, 1, SEASONS[s], null);
        figures(sheet, row++, sailings[route][s], false, route == 1 && s < 2);
        for (int year = 0; year < YEARS.length; year++) {
          sum[year] = sum[year].plus(sailings[route][s][year]);
        }
      }
      text(sheet, row, 1, "All seasons", bold);
      figures(sheet, row++, sum, true, false);
      for (int year = 0; year < YEARS.length; year++) {
        grand[year] = grand[year].plus(sum[year]);
      }
    }
    text(sheet, row, 0, "All routes", bold);
    figures(sheet, row++, grand, true, false);
    text(sheet, row + 1, 0, "Note. Cost recovery is fares divided by running cost.", null);
    text(sheet, row + 2, 0, "Source: Marram Sound Ferries, sailing records.", null);
    sheet.setColumnWidth(0, 5000);
  }

  /// @param asText whether the figures came in as text, as they do from an export
  private void figures(Sheet sheet, int row, Sailing[] years, boolean bold, boolean asText) {
    CellStyle money = style("#,##0.0", bold, 0);
    CellStyle percent = style("0%", bold, 0);
    CellStyle count = style("#,##0", bold, 0);
    for (int year = 0; year < years.length; year++) {
      int left = 2 + 4 * year;
      Sailing sailing = years[year];
      if (asText) {
        text(sheet, row, left, String.format("%.1f", sailing.fares), null);
        text(sheet, row, left + 1, String.format("%.1f", sailing.cost), null);
        text(sheet, row, left + 2, Math.round(100 * sailing.fares / sailing.cost) + "%", null);
        text(sheet, row, left + 3, String.format("%,d", sailing.passengers), null);
      } else {
        number(sheet, row, left, tenths(sailing.fares), money);
        number(sheet, row, left + 1, tenths(sailing.cost), money);
        number(sheet, row, left + 2, sailing.fares / sailing.cost, percent);
        number(sheet, row, left + 3, sailing.passengers, count);
      }
    }
  }

  private void others() {
    Sheet sheet = book.createSheet("Passengers and delays");
    CellStyle bold = style("", true, 0);
    CellStyle count = style("#,##0", false, 0);
    CellStyle countBold = style("#,##0", true, 0);
    int year = YEARS.length - 1;
    text(sheet, 0, 0, "Passengers by route and ticket, " + YEARS[year], bold);
    text(sheet, 2, 0, "Route and season", bold);
    for (int t = 0; t < TICKETS.length; t++) {
      text(sheet, 2, 1 + t, TICKETS[t], bold);
    }
    text(sheet, 2, 5, "Total", bold);
    int row = 3;
    int[] grand = new int[TICKETS.length];
    for (int route = 0; route < ROUTES.length; route++) {
      int head = row++;
      int[] sum = new int[TICKETS.length];
      for (int s = 0; s < SEASONS.length; s++) {
        int[] split = split(sailings[route][s][year].passengers);
        text(sheet, row, 0, SEASONS[s], style("", false, 1));
        counts(sheet, row++, split, count);
        for (int t = 0; t < split.length; t++) {
          sum[t] += split[t];
          grand[t] += split[t];
        }
      }
      text(sheet, head, 0, ROUTES[route], bold);
      counts(sheet, head, sum, countBold);
    }
    text(sheet, row, 0, "All routes", bold);
    counts(sheet, row++, grand, countBold);
    row += 2;
    text(sheet, row++, 0, "Mean minutes late by vessel and season", bold);
    text(sheet, row, 0, "Vessel", bold);
    for (int s = 0; s < SEASONS.length; s++) {
      text(sheet, row, 1 + s, SEASONS[s], bold);
    }
    row++;
    CellStyle mean = style("0.0", false, 0);
    for (String vessel : VESSELS) {
      text(sheet, row, 0, vessel, null);
      for (int s = 0; s < SEASONS.length; s++) {
        boolean laidUp = vessel.equals("Samphire") && s == 0;
        if (laidUp) {
          text(sheet, row, 1 + s, "–", null);
        } else {
          number(sheet, row, 1 + s, tenths(2 + 7 * random.nextDouble()), mean);
        }
      }
      row++;
    }
    text(sheet, row, 0, "Note. Samphire was laid up in winter.", null);
    sheet.setColumnWidth(0, 6000);
  }

  private int[] split(int passengers) {
    double[] shares = {0.34, 0.41, 0.17};
    int[] split = new int[TICKETS.length];
    int left = passengers;
    for (int t = 0; t < shares.length; t++) {
      split[t] = (int) Math.round(passengers * shares[t] * (0.95 + 0.1 * random.nextDouble()));
      left -= split[t];
    }
    split[shares.length] = left;
    return split;
  }

  private static void counts(Sheet sheet, int row, int[] counts, CellStyle style) {
    int sum = 0;
    for (int t = 0; t < counts.length; t++) {
      number(sheet, row, 1 + t, counts[t], style);
      sum += counts[t];
    }
    number(sheet, row, 1 + counts.length, sum, style);
  }

  private static Cell cell(Sheet sheet, int row, int column) {
    Row at = sheet.getRow(row) == null ? sheet.createRow(row) : sheet.getRow(row);
    return at.createCell(column);
  }

  private static void text(Sheet sheet, int row, int column, String text, CellStyle style) {
    Cell cell = cell(sheet, row, column);
    cell.setCellValue(text);
    if (style != null) {
      cell.setCellStyle(style);
    }
  }

  private static void number(Sheet sheet, int row, int column, double value, CellStyle style) {
    Cell cell = cell(sheet, row, column);
    cell.setCellValue(value);
    cell.setCellStyle(style);
  }

  /// The texts of a grid's rows, for comparing.
  public static List<String> texts(app.finish.core.grid.Grid grid) {
    List<String> rows = new ArrayList<>();
    for (int row = 0; row < grid.rows(); row++) {
      StringBuilder line = new StringBuilder();
      for (int column = 0; column < grid.columns(); column++) {
        line.append(column == 0 ? "" : " | ").append(grid.at(row, column).text());
      }
      rows.add(line.toString());
    }
    return rows;
  }
}
