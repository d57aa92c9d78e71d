package app.finish.formats;

import app.finish.formats.SampleWorkbook.Sailing;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import org.apache.poi.ss.usermodel.CellStyle;
import org.apache.poi.ss.usermodel.Font;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;

/// Prints the sailings as pivots in the shapes that spreadsheets give them, one to a sheet:
/// subtotals above their group, measures down, grand totals on either side, several rows of heads,
/// dimensions held in lines above, members for no answer.
public final class PivotShapes {
  private final SampleWorkbook world = new SampleWorkbook();
  private final XSSFWorkbook book = new XSSFWorkbook();
  private final CellStyle bold = bold();
  private Sheet sheet;
  private int row;

  public static void main(String[] arguments) throws IOException {
    new PivotShapes().write(Path.of(arguments[0]));
  }

  public void write(Path file) throws IOException {
    subtotalsAbove();
    measuresDown();
    totalsOnEitherSide();
    heldAbove();
    noAnswer();
    try (OutputStream out = Files.newOutputStream(file)) {
      book.write(out);
    }
    book.close();
  }

  private CellStyle bold() {
    CellStyle style = book.createCellStyle();
    Font font = book.createFont();
    font.setBold(true);
    style.setFont(font);
    return style;
  }

  private void begin(String name) {
    sheet = book.createSheet(name);
    row = 0;
  }

  /// Writes a row: texts as texts, numbers as numbers, null for nothing.
  private void add(Object... cells) {
    var at = sheet.createRow(row++);
    boolean total = cells.length > 0 && ("" + cells[0] + cells[1 % cells.length]).contains("otal");
    for (int column = 0; column < cells.length; column++) {
      if (cells[column] instanceof Number number) {
        at.createCell(column).setCellValue(number.doubleValue());
      } else if (cells[column] != null) {
        at.createCell(column).setCellValue((String) cells[column]);
      }
      if (total && cells[column] != null) {
        at.getCell(column).setCellStyle(bold);
      }
    }
  }

  private Sailing sum(int route, int season, int year) {
    Sailing sum = new Sailing(0, 0, 0);
    for (int r = 0; r < SampleWorkbook.ROUTES.length; r++) {
      for (int s = 0; s < SampleWorkbook.SEASONS.length; s++) {
        for (int y = 0; y < SampleWorkbook.YEARS.length; y++) {
          boolean in = (route < 0 || r == route) && (season < 0 || s == season);
          sum = in && (year < 0 || y == year) ? sum.plus(world.sailings[r][s][y]) : sum;
        }
      }
    }
    return sum;
  }

  private static double tenths(double value) {
    return Math.round(value * 10) / 10.0;
  }

  /// A column a level; the total of a group stands on the group's own row.
  private void subtotalsAbove() {
    begin("Totals above");
    add("Route", "Season", "Passengers", "Fares");
    Sailing all = sum(-1, -1, 1);
    add("Grand total", null, all.passengers(), tenths(all.fares()));
    for (int r = 0; r < SampleWorkbook.ROUTES.length; r++) {
      Sailing own = sum(r, -1, 1);
      add(SampleWorkbook.ROUTES[r], null, own.passengers(), tenths(own.fares()));
      for (int s = 0; s < SampleWorkbook.SEASONS.length; s++) {
        Sailing one = sum(r, s, 1);
        add(null, SampleWorkbook.SEASONS[s], one.passengers(), tenths(one.fares()));
      }
    }
  }

  private void measuresDown() {
    begin("Measures down");
    add("Route", "Values", "2025", "2026");
    for (int r = 0; r <= SampleWorkbook.ROUTES.length; r++) {
      int route = r == SampleWorkbook.ROUTES.length ? -1 : r;
      Sailing a = sum(route, -1, 0);
      Sailing b = sum(route, -1, 1);
      String label = route < 0 ? "Total" : SampleWorkbook.ROUTES[r];
      add(label, "Passengers", a.passengers(), b.passengers());
      add(null, "Fares", tenths(a.fares()), tenths(b.fares()));
      add(null, "Running cost", tenths(a.cost()), tenths(b.cost()));
      add(null, "Cost recovery", percent(a), percent(b));
    }
  }

  private static String percent(Sailing sailing) {
    return String.format(Locale.ROOT, "%.1f%%", 100 * sailing.fares() / sailing.cost());
  }

  /// Two rows of heads, the totals first across and last down.
  private void totalsOnEitherSide() {
    begin("Totals first");
    add("Passengers", null, "Year");
    add("Route", "Grand total", "2025", "2026");
    for (int r = 0; r < SampleWorkbook.ROUTES.length; r++) {
      add(
          SampleWorkbook.ROUTES[r],
          sum(r, -1, -1).passengers(),
          sum(r, -1, 0).passengers(),
          sum(r, -1, 1).passengers());
    }
    add(
        "Grand total",
        sum(-1, -1, -1).passengers(),
        sum(-1, -1, 0).passengers(),
        sum(-1, -1, 1).passengers());
  }

  /// Three dimensions held in lines of their own above the heads.
  private void heldAbove() {
    begin("Held");
    add("Ticket", "(All)");
    add("Vessel", "(Multiple)");
    add("Year", "2026");
    add();
    add("Fares by route and season, thousands of euros");
    add("Route", "Winter", "Spring", "Summer", "Autumn", "Total");
    for (int r = 0; r <= SampleWorkbook.ROUTES.length; r++) {
      int route = r == SampleWorkbook.ROUTES.length ? -1 : r;
      Object[] cells = new Object[6];
      cells[0] = route < 0 ? "Total" : SampleWorkbook.ROUTES[r];
      for (int s = 0; s < 4; s++) {
        cells[1 + s] = tenths(sum(route, s, 1).fares());
      }
      cells[5] = tenths(sum(route, -1, 1).fares());
      add(cells);
    }
  }

  /// Passengers of the survey by age and ticket, where some gave no answer.
  private void noAnswer() {
    begin("No answer");
    Survey survey = new Survey();
    add("Age", "Ticket", "Islander", "Visitor", "Total");
    int[] all = new int[3];
    for (int age = 0; age < Survey.AGES.length; age++) {
      int[] sums = new int[3];
      for (int ticket = 0; ticket <= Survey.TICKETS.length; ticket++) {
        int[] counts = new int[3];
        for (int home = 0; home < 2; home++) {
          counts[home] = count(survey, age, ticket % Survey.TICKETS.length, home, ticket == 3);
          counts[2] += counts[home];
        }
        for (int i = 0; i < 3; i++) {
          sums[i] += counts[i];
          all[i] += counts[i];
        }
        String label = ticket == Survey.TICKETS.length ? "(blank)" : Survey.TICKETS[ticket];
        add(ticket == 0 ? Survey.AGES[age] : null, label, counts[0], counts[1], counts[2]);
      }
      add(Survey.AGES[age] + " total", null, sums[0], sums[1], sums[2]);
    }
    add("Grand total", null, all[0], all[1], all[2]);
  }

  private static int count(Survey survey, int age, int ticket, int home, boolean none) {
    List<Survey.Answer> found =
        survey.answers.stream()
            .filter(one -> one.age() == age && one.home() == home)
            .filter(one -> none ? one.ticket() < 0 : one.ticket() == ticket)
            .toList();
    return found.size();
  }
}
