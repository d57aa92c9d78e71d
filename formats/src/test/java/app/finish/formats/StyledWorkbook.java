package app.finish.formats;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import org.apache.poi.ss.usermodel.BorderStyle;
import org.apache.poi.ss.usermodel.FillPatternType;
import org.apache.poi.xssf.usermodel.XSSFCell;
import org.apache.poi.xssf.usermodel.XSSFCellStyle;
import org.apache.poi.xssf.usermodel.XSSFColor;
import org.apache.poi.xssf.usermodel.XSSFFont;
import org.apache.poi.xssf.usermodel.XSSFSheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;

/// A workbook with a look: heads white on blue, every other row tinted, a double rule over the
/// total.
public final class StyledWorkbook {
  private static final String[] ROUTES = {
    "Hale–Orrin", "Orrin–Skell", "Skell–Tamsay", "Hale–Skell", "Orrin–Tamsay", "Hale–Tamsay"
  };

  private StyledWorkbook() {}

  public static void write(Path file) throws IOException {
    try (XSSFWorkbook workbook = new XSSFWorkbook();
        OutputStream out = Files.newOutputStream(file)) {
      XSSFSheet sheet = workbook.createSheet("Fares");
      XSSFCellStyle plain = style(workbook, false, 0x000000, -1);
      XSSFCellStyle tinted = style(workbook, false, 0x000000, 0xe8f1f4);
      XSSFCellStyle head = style(workbook, true, 0xffffff, 0x0a6b8a);
      XSSFCellStyle total = style(workbook, true, 0x000000, -1);
      total.setBorderTop(BorderStyle.DOUBLE);
      row(sheet, 0, head, "Route", "Passengers", "Fares");
      double passengers = 0;
      double fares = 0;
      for (int i = 0; i < ROUTES.length; i++) {
        double one = 100 + 37 * i;
        row(sheet, i + 1, i % 2 == 0 ? plain : tinted, ROUTES[i], one, one * 11);
        passengers += one;
        fares += one * 11;
      }
      row(sheet, ROUTES.length + 1, total, "All routes", passengers, fares);
      workbook.write(out);
    }
  }

  private static void row(XSSFSheet sheet, int at, XSSFCellStyle style, Object... values) {
    var row = sheet.createRow(at);
    for (int i = 0; i < values.length; i++) {
      XSSFCell cell = row.createCell(i);
      cell.setCellStyle(style);
      if (values[i] instanceof Double number) {
        cell.setCellValue(number);
      } else {
        cell.setCellValue((String) values[i]);
      }
    }
  }

  private static XSSFCellStyle style(XSSFWorkbook workbook, boolean bold, int ink, int fill) {
    XSSFFont font = workbook.createFont();
    font.setFontName("Georgia");
    font.setFontHeightInPoints((short) 9);
    font.setBold(bold);
    font.setColor(colour(ink));
    XSSFCellStyle style = workbook.createCellStyle();
    style.setFont(font);
    if (fill >= 0) {
      style.setFillForegroundColor(colour(fill));
      style.setFillPattern(FillPatternType.SOLID_FOREGROUND);
    }
    return style;
  }

  private static XSSFColor colour(int rgb) {
    byte[] parts = {(byte) (rgb >> 16), (byte) (rgb >> 8), (byte) rgb};
    return new XSSFColor(parts, null);
  }
}
