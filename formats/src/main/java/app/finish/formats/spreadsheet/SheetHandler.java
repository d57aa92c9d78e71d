package app.finish.formats.spreadsheet;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import app.finish.core.grid.SourceFormat;
import app.finish.core.problem.Problem;
import app.finish.formats.io.Limits;
import app.finish.formats.io.RaisedText;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.apache.poi.ss.usermodel.DataFormatter;
import org.apache.poi.ss.usermodel.DateUtil;
import org.apache.poi.ss.util.CellRangeAddress;
import org.apache.poi.xssf.model.StylesTable;
import org.apache.poi.xssf.usermodel.XSSFCellStyle;
import org.xml.sax.Attributes;
import org.xml.sax.SAXException;
import org.xml.sax.helpers.DefaultHandler;

/// Takes in the XML of one sheet.
public final class SheetHandler extends DefaultHandler {
  private static final Pattern CURRENCY = Pattern.compile("\\[\\$([^\\]\"-]+)(?:-[^\\]]*)?\\]");

  private record Style(SourceFormat format, short number, String pattern, boolean date) {}

  private final String fileName;
  private final RaisedStrings strings;
  private final Optional<StylesTable> styles;
  private final boolean withHidden;
  private final boolean from1904;
  private final Set<Integer> hiddenColumns = new TreeSet<>();
  private final DataFormatter formatter = new DataFormatter(Locale.ROOT);
  private final Map<Integer, Style> known = new HashMap<>();
  private final List<List<GridCell>> rows = new ArrayList<>();
  private final Set<Integer> hidden = new HashSet<>();
  private final List<CellRangeAddress> spans = new ArrayList<>();
  private final StringBuilder text = new StringBuilder();
  private List<GridCell> row = new ArrayList<>();
  private int rowPlace = -1;
  private int column = -1;
  private long cells;
  private int hiddenRows;
  private String type = "n";
  private int style;
  private String value = "";
  private String formula = "";
  private boolean collecting;
  private boolean raised;

  SheetHandler(
      String fileName,
      RaisedStrings strings,
      Optional<StylesTable> styles,
      boolean withHidden,
      boolean from1904) {
    this.from1904 = from1904;
    this.withHidden = withHidden;
    this.fileName = fileName;
    this.strings = strings;
    this.styles = styles;
  }

  @Override
  public void startElement(String uri, String local, String tag, Attributes attributes)
      throws SAXException {
    switch (local) {
      case "row" -> startRow(attributes);
      case "col" -> startColumns(attributes);
      case "c" -> startCell(attributes);
      case "v", "t" -> {
        text.setLength(0);
        collecting = true;
      }
      case "f" -> {
        text.setLength(0);
        collecting = true;
      }
      case "r" -> raised = false;
      case "vertAlign" -> raised = "superscript".equals(attributes.getValue("val"));
      case "mergeCell" -> spans.add(CellRangeAddress.valueOf(attributes.getValue("ref")));
      default -> {}
    }
  }

  private void startRow(Attributes attributes) throws SAXException {
    String number = attributes.getValue("r");
    rowPlace = number == null ? rowPlace + 1 : Integer.parseInt(number) - 1;
    if (rowPlace < rows.size() || rowPlace > 1_048_576) {
      throw new SAXException("rows are out of order");
    }
    while (rows.size() < rowPlace) {
      rows.add(List.of());
    }
    row = new ArrayList<>();
    column = -1;
    String hides = attributes.getValue("hidden");
    if ("1".equals(hides) || "true".equals(hides)) {
      hiddenRows++;
      if (!withHidden) {
        hidden.add(rowPlace);
      }
    }
  }

  private void startColumns(Attributes attributes) {
    String hides = attributes.getValue("hidden");
    if ("1".equals(hides) || "true".equals(hides)) {
      int from = Integer.parseInt(attributes.getValue("min"));
      int to = Math.min(Limits.COLUMNS, Integer.parseInt(attributes.getValue("max")));
      for (int hiddenColumn = from; hiddenColumn <= to; hiddenColumn++) {
        hiddenColumns.add(hiddenColumn - 1);
      }
    }
  }

  private void startCell(Attributes attributes) throws SAXException {
    String reference = attributes.getValue("r");
    int next = reference == null ? column + 1 : column(reference);
    if (next <= column || next >= Limits.COLUMNS) {
      throw next >= Limits.COLUMNS
          ? wrapped(Limits.tooWide(fileName, rowPlace + 1L))
          : new SAXException("cells are out of order");
    }
    cells++;
    if (cells > Limits.CELLS) {
      throw wrapped(Limits.tooMany(fileName));
    }
    while (row.size() < next) {
      row.add(GridCell.BLANK);
    }
    column = next;
    type = attributes.getValue("t") == null ? "n" : attributes.getValue("t");
    style = attributes.getValue("s") == null ? 0 : Integer.parseInt(attributes.getValue("s"));
    value = "";
    formula = "";
    raised = false;
  }

  /// The column of a reference such as "AB12", from 0; more than a sheet has for what is none.
  private static int column(String reference) {
    int column = 0;
    int at = 0;
    while (at < reference.length() && at < 4) {
      int letter = Character.toUpperCase(reference.charAt(at)) - 'A';
      if (letter < 0 || letter > 25) {
        break;
      }
      column = column * 26 + letter + 1;
      at++;
    }
    return at == 0 ? Limits.COLUMNS : column - 1;
  }

  private static SAXException wrapped(Problem problem) {
    return new SAXException(problem.getMessage(), problem);
  }

  @Override
  public void characters(char[] chars, int start, int length) {
    if (collecting) {
      text.append(chars, start, length);
    }
  }

  @Override
  public void endElement(String uri, String local, String tag) {
    switch (local) {
      case "v" -> {
        value = text.toString();
        collecting = false;
      }
      case "t" -> {
        value = value + RaisedText.wrapped(text.toString(), raised);
        collecting = false;
      }
      case "f" -> {
        formula = text.toString();
        collecting = false;
      }
      case "c" -> row.add(cell());
      case "row" -> rows.add(row);
      default -> {}
    }
  }

  private GridCell cell() {
    Style own = style();
    GridCell plain =
        switch (type) {
          case "s" ->
              RaisedText.cell(
                  clean(strings.getItemAt(Integer.parseInt(value.strip())).getString()));
          case "b" -> GridCell.of(value.strip().equals("1") ? "TRUE" : "FALSE");
          case "n", "d" -> number(own);
          default -> RaisedText.cell(clean(value));
        };
    return plain.with(own.format);
  }

  private static String clean(String value) {
    return value.replace("\r\n", " ").replace('\n', ' ').replace('\t', ' ').stripTrailing();
  }

  private GridCell number(Style own) {
    if (value.isBlank()) {
      // Some programs save formulas without what they come to. The formula is shown instead.
      return formula.isBlank() ? GridCell.BLANK : GridCell.of("=" + clean(formula));
    }
    double number;
    try {
      number = Double.parseDouble(value.strip());
    } catch (NumberFormatException e) {
      return GridCell.of(clean(value));
    }
    String shown =
        formatter.formatRawCellContents(number, own.number, own.pattern, from1904).strip();
    OptionalDouble typed =
        own.date || !Double.isFinite(number) ? OptionalDouble.empty() : OptionalDouble.of(number);
    return new GridCell(shown.isEmpty() ? "" : shown, typed, SourceFormat.PLAIN, 1, 1, "");
  }

  private Style style() {
    return known.computeIfAbsent(
        style,
        index -> {
          if (styles.isEmpty() || index < 0 || index >= styles.get().getNumCellStyles()) {
            return new Style(SourceFormat.PLAIN, (short) 0, "General", false);
          }
          XSSFCellStyle cellStyle = styles.get().getStyleAt(index);
          String pattern =
              cellStyle.getDataFormatString() == null ? "General" : cellStyle.getDataFormatString();
          // A currency in brackets is written as it is; its locale plays no part.
          pattern = CURRENCY.matcher(pattern).replaceAll("\"$1\"");
          short number = cellStyle.getDataFormat();
          return new Style(
              new SourceFormat(
                  cellStyle.getFont().getBold(),
                  cellStyle.getFont().getItalic(),
                  cellStyle.getIndention()),
              number,
              pattern,
              DateUtil.isADateFormat(number, pattern));
        });
  }

  /// How many rows of the sheet are hidden.
  int hiddenRows() {
    return hiddenRows;
  }

  /// How many columns of the sheet are hidden that hold something.
  int hiddenColumns() {
    int count = 0;
    for (int hiddenColumn : hiddenColumns) {
      count += rows.stream().anyMatch(one -> holds(one, hiddenColumn)) ? 1 : 0;
    }
    return count;
  }

  private static boolean holds(List<GridCell> cells, int at) {
    return at < cells.size() && !cells.get(at).isBlank();
  }

  /// A row without the hidden columns.
  private List<GridCell> withoutHidden(List<GridCell> cells) {
    if (withHidden || hiddenColumns.isEmpty()) {
      return cells;
    }
    List<GridCell> shown = new ArrayList<>();
    for (int at = 0; at < cells.size(); at++) {
      GridCell cell = cells.get(at);
      int wide = 0;
      for (int inside = at; inside < at + cell.columnSpan(); inside++) {
        wide += hiddenColumns.contains(inside) ? 0 : 1;
      }
      if (!hiddenColumns.contains(at)) {
        shown.add(cell.spanning(cell.rowSpan(), Math.max(1, wide)));
      } else if (wide > 0 && at + 1 < cells.size()) {
        // The cell that is left of a span is hidden, the span is not.
        cells = new ArrayList<>(cells);
        cells.set(at + 1, cell.spanning(cell.rowSpan(), cell.columnSpan() - 1));
      }
    }
    return shown;
  }

  /// The grid of the sheet: spans put on their cells, hidden rows and columns left out.
  Grid grid(String sheetName) throws Problem {
    for (CellRangeAddress span : spans) {
      int top = span.getFirstRow();
      int bottom = Math.min(span.getLastRow(), rows.size() - 1);
      if (top > bottom) {
        continue;
      }
      List<GridCell> first = new ArrayList<>(rows.get(top));
      while (first.size() <= span.getFirstColumn()) {
        first.add(GridCell.BLANK);
      }
      int tall = bottom - top + 1;
      int wide = Math.min(Limits.COLUMNS, span.getLastColumn() - span.getFirstColumn() + 1);
      int hiddenInside = 0;
      for (int inside = top; inside <= bottom; inside++) {
        hiddenInside += hidden.contains(inside) ? 1 : 0;
      }
      tall = Math.max(1, tall - hiddenInside);
      GridCell cell = first.get(span.getFirstColumn());
      first.set(span.getFirstColumn(), cell.spanning(tall, wide));
      rows.set(top, first);
    }
    List<List<GridCell>> shown = new ArrayList<>();
    for (int row = 0; row < rows.size(); row++) {
      if (!hidden.contains(row)) {
        shown.add(withoutHidden(rows.get(row)));
      }
    }
    return Limits.grid(fileName, sheetName, shown);
  }
}
