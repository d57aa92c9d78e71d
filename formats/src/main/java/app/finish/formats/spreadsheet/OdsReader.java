package app.finish.formats.spreadsheet;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import app.finish.core.grid.SourceFormat;
import app.finish.core.problem.Problem;
import app.finish.formats.io.FileName;
import app.finish.formats.io.Hidden;
import app.finish.formats.io.Limits;
import app.finish.formats.io.RaisedText;
import app.finish.formats.io.ReadRequest;
import app.finish.formats.io.SheetBuilder;
import app.finish.formats.io.Sheets;
import app.finish.formats.io.TableReader;
import app.finish.formats.io.Watched;
import app.finish.formats.io.WholeZip;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;
import org.jsoup.parser.Parser;

/// Reads ODS (OASIS OpenDocument, spreadsheets): spans, bold, italic, indents, typed numbers with
/// the form that they are shown in. Hidden rows and sheets are left out unless asked for.
/// docs/decisions.md says why the content is read as plain XML.
public final class OdsReader implements TableReader {

  private final Map<String, SourceFormat> formats = new HashMap<>();
  private final Set<String> raised = new HashSet<>();
  private boolean withHidden;
  private int hiddenRows;
  private int hiddenColumns;
  private Set<Integer> hiddenHere = new HashSet<>();

  @Override
  public Sheets read(Path file, ReadRequest request) throws IOException {
    String name = FileName.of(file);
    Document content = content(file, name, request);
    readFormats(content);
    withHidden = request.hidden();
    List<Grid> grids = new ArrayList<>();
    int hiddenSheets = 0;
    for (Element table : content.getElementsByTag("table:table")) {
      boolean hidden = isHidden(table);
      hiddenSheets += hidden ? 1 : 0;
      if (!hidden || withHidden) {
        SheetBuilder sheet = new SheetBuilder(name);
        hiddenHere = hiddenColumns(table);
        hiddenColumns += hidden ? 0 : hiddenHere.size();
        addRows(sheet, table);
        grids.add(sheet.grid(table.attr("table:name")));
      }
    }
    return new Sheets(grids, new Hidden(hiddenSheets, hiddenRows, hiddenColumns, 0));
  }

  /// A workbook with a password can't be read: its manifest says how its parts are encrypted
  /// (OpenDocument 1.3, part 2, 4.4).
  private static void refuseLocked(ZipFile zip, String name) throws IOException {
    ZipEntry manifest = zip.getEntry("META-INF/manifest.xml");
    if (manifest != null) {
      try (InputStream stream = zip.getInputStream(manifest)) {
        String text = new String(stream.readNBytes(1 << 20), StandardCharsets.UTF_8);
        if (text.contains("encryption-data")) {
          throw new Problem(
              name + " is protected with a password. Save it without one and bring it in again.");
        }
      }
    }
  }

  private static Document content(Path file, String name, ReadRequest request) throws IOException {
    WholeZip.check(file, name, Limits.PART);
    try (ZipFile zip = new ZipFile(file.toFile())) {
      ZipEntry content = zip.getEntry("content.xml");
      if (content == null) {
        throw new Problem(
            name
                + " is not an ODS workbook, whatever its name says. Save the table as ODS, XLSX or"
                + " CSV.");
      }
      refuseLocked(zip, name);
      try (InputStream stream =
          new Watched(zip.getInputStream(content), content.getSize(), request.progress())) {
        byte[] bytes = stream.readAllBytes();
        String xml = new String(bytes, StandardCharsets.UTF_8);
        if (xml.lastIndexOf("<!DOCTYPE", 4096) >= 0) {
          throw new Problem(
              name
                  + " holds a document type declaration, which no workbook needs, so it was not"
                  + " opened. Ask for the file again from where it came.");
        }
        return Jsoup.parse(xml, "", Parser.xmlParser());
      }
    } catch (ZipException e) {
      throw new Problem(
          name
              + " is not an ODS workbook, or it is cut off. Open it in a spreadsheet and save it"
              + " anew.",
          e);
    }
  }

  private void readFormats(Document content) {
    for (Element style : content.getElementsByTag("style:style")) {
      boolean bold = false;
      boolean italic = false;
      int indent = 0;
      for (Element part : style.children()) {
        bold |= part.attr("fo:font-weight").equals("bold");
        italic |= part.attr("fo:font-style").equals("italic");
        if (part.attr("style:text-position").matches("super.*|[1-9].*")) {
          raised.add(style.attr("style:name"));
        }
        String margin = part.attr("fo:margin-left");
        indent =
            Math.max(
                indent, margin.matches("[0-9]{1,4}(\\.[0-9]+)?(pt|mm|cm|in)") ? steps(margin) : 0);
      }
      formats.put(style.attr("style:name"), new SourceFormat(bold, italic, indent));
    }
  }

  /// An indent in steps of a tenth of an inch.
  private static int steps(String margin) {
    double number = Double.parseDouble(margin.replaceAll("[a-z]", ""));
    double inches =
        switch (margin.replaceAll("[0-9.]", "")) {
          case "pt" -> number / 72;
          case "mm" -> number / 25.4;
          case "cm" -> number / 2.54;
          default -> number;
        };
    return (int) Math.min(99, Math.round(inches * 10));
  }

  private boolean isHidden(Element table) {
    String style = table.attr("table:style-name");
    Element own =
        style.isEmpty()
            ? null
            : table.root().getElementsByAttributeValue("style:name", style).first();
    return own != null && !own.getElementsByAttributeValue("table:display", "false").isEmpty();
  }

  private static Set<Integer> hiddenColumns(Element table) {
    Set<Integer> hidden = new HashSet<>();
    int at = 0;
    for (Element column : table.getElementsByTag("table:table-column")) {
      int repeated = Math.min(Limits.COLUMNS, number(column, "table:number-columns-repeated"));
      String visibility = column.attr("table:visibility");
      boolean hides = !visibility.isEmpty() && !visibility.equals("visible");
      for (int i = 0; i < repeated && hides; i++) {
        hidden.add(at + i);
      }
      at += repeated;
    }
    return hidden;
  }

  private void addRows(SheetBuilder sheet, Element parent) throws IOException {
    for (Element element : parent.children()) {
      switch (element.tagName()) {
        case "table:table-header-rows", "table:table-row-group", "table:table-rows" ->
            addRows(sheet, element);
        case "table:table-row" -> {
          String visibility = element.attr("table:visibility");
          boolean hidden = !visibility.isEmpty() && !visibility.equals("visible");
          hiddenRows += hidden ? number(element, "table:number-rows-repeated") : 0;
          if (!hidden || withHidden) {
            addRow(sheet, element);
          }
        }
        default -> {}
      }
    }
  }

  private void addRow(SheetBuilder sheet, Element row) throws IOException {
    List<GridCell> cells = new ArrayList<>();
    int last = 0;
    int index = 0;
    for (Element element : row.children()) {
      boolean covered = element.tagName().equals("table:covered-table-cell");
      if (!covered && !element.tagName().equals("table:table-cell")) {
        continue;
      }
      GridCell cell = covered ? GridCell.BLANK : cell(element);
      boolean blank = cell.isBlank() && cell.columnSpan() == 1 && cell.rowSpan() == 1;
      int repeated = number(element, "table:number-columns-repeated");
      for (int i = 0; i < repeated && cells.size() < Limits.COLUMNS; i++) {
        if (withHidden || !hiddenHere.contains(index)) {
          cells.add(cell);
        }
        index++;
      }
      last = blank ? last : cells.size();
    }
    int most = last == 0 ? 2 : Integer.MAX_VALUE;
    int repeated = Math.min(number(row, "table:number-rows-repeated"), most);
    for (int i = 0; i < repeated; i++) {
      sheet.beginRow();
      sheet.addAll(cells.subList(0, last));
    }
  }

  private static int number(Element element, String attribute) {
    String value = element.attr(attribute);
    return value.matches("[0-9]{1,7}") ? Math.max(1, Integer.parseInt(value)) : 1;
  }

  private GridCell cell(Element element) {
    StringBuilder text = new StringBuilder();
    for (Element paragraph : element.children()) {
      if (paragraph.tagName().equals("text:p") || paragraph.tagName().equals("text:h")) {
        text.append(text.isEmpty() ? "" : " ");
        append(text, paragraph);
      }
    }
    String shown = text.toString().replace('\n', ' ').stripTrailing();
    SourceFormat format =
        shown.isEmpty()
            ? SourceFormat.PLAIN
            : formats.getOrDefault(element.attr("table:style-name"), SourceFormat.PLAIN);
    GridCell said = RaisedText.cell(shown);
    return new GridCell(
        said.text(),
        typed(element),
        format,
        number(element, "table:number-rows-spanned"),
        number(element, "table:number-columns-spanned"),
        said.mark());
  }

  private void append(StringBuilder text, Element parent) {
    for (Node node : parent.childNodes()) {
      if (node instanceof TextNode words) {
        text.append(words.getWholeText());
      } else if (node instanceof Element element && element.tagName().equals("text:s")) {
        String count = element.attr("text:c");
        text.append(" ".repeat(count.matches("[0-9]{1,3}") ? Integer.parseInt(count) : 1));
      } else if (node instanceof Element element) {
        StringBuilder inner = new StringBuilder();
        append(inner, element);
        boolean up = raised.contains(element.attr("text:style-name"));
        text.append(RaisedText.wrapped(inner.toString(), up));
      }
    }
  }

  private static OptionalDouble typed(Element element) {
    String type = element.attr("office:value-type");
    boolean number = type.equals("float") || type.equals("percentage") || type.equals("currency");
    String value = element.attr("office:value").strip();
    if (!number || value.isEmpty() || value.length() > 400) {
      return OptionalDouble.empty();
    }
    try {
      double parsed = new BigDecimal(value).doubleValue();
      return Double.isFinite(parsed) ? OptionalDouble.of(parsed) : OptionalDouble.empty();
    } catch (NumberFormatException e) {
      return OptionalDouble.empty();
    }
  }
}
