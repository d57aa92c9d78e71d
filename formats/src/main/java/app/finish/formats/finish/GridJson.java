package app.finish.formats.finish;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import app.finish.core.grid.GridPlace;
import app.finish.core.grid.SourceFormat;
import app.finish.core.problem.Problem;
import app.finish.formats.io.Limits;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.StringWriter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;

/// A grid as two plain files: its texts as CSV, and what CSV can't say (typed numbers, spans,
/// formats) as JSON.
public final class GridJson {
  private static final ObjectMapper JSON = new ObjectMapper();

  private GridJson() {}

  static String csv(Grid grid) {
    StringWriter text = new StringWriter();
    try (CsvWriter writer = CsvWriter.builder().build(text)) {
      for (int row = 0; row < grid.rows(); row++) {
        List<String> fields = new ArrayList<>();
        for (int column = 0; column < grid.columns(); column++) {
          fields.add(grid.at(row, column).text());
        }
        writer.writeRecord(fields);
      }
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
    return text.toString();
  }

  static ObjectNode json(Grid grid) {
    ObjectNode root = JSON.createObjectNode();
    root.put("sheet", grid.name());
    root.put("top", grid.top()).put("left", grid.left());
    root.put("rows", grid.rows()).put("columns", grid.columns());
    ArrayNode numbers = root.putArray("numbers");
    ArrayNode spans = root.putArray("spans");
    ArrayNode formats = root.putArray("formats");
    ArrayNode marks = JSON.createArrayNode();
    for (int row = 0; row < grid.rows(); row++) {
      for (int column = 0; column < grid.columns(); column++) {
        GridCell cell = grid.at(row, column);
        if (cell.number().isPresent()) {
          numbers.addArray().add(row).add(column).add(cell.number().getAsDouble());
        }
        if (cell.rowSpan() > 1 || cell.columnSpan() > 1) {
          spans.addArray().add(row).add(column).add(cell.rowSpan()).add(cell.columnSpan());
        }
        if (!cell.mark().isEmpty()) {
          marks.addArray().add(row).add(column).add(cell.mark());
        }
        SourceFormat format = cell.format();
        if (!format.equals(SourceFormat.PLAIN)) {
          formats
              .addArray()
              .add(row)
              .add(column)
              .add(format.bold())
              .add(format.italic())
              .add(format.indent());
        }
      }
    }
    if (!marks.isEmpty()) {
      root.set("marks", marks);
    }
    return root;
  }

  static Grid read(String csv, JsonNode json, String fileName) throws Problem {
    int rows = json.path("rows").asInt(-1);
    int columns = json.path("columns").asInt(-1);
    if (rows < 0
        || columns < 0
        || columns > Limits.COLUMNS
        || (long) rows * columns > Limits.CELLS) {
      throw damaged(fileName);
    }
    GridCell[][] cells = new GridCell[rows][columns];
    try (CsvReader<CsvRecord> records =
        CsvReader.builder()
            .skipEmptyLines(false)
            .allowMissingFields(true)
            .allowExtraFields(true)
            .ofCsvRecord(csv)) {
      int row = 0;
      for (CsvRecord record : records) {
        for (int column = 0; row < rows && column < columns; column++) {
          boolean has = column < record.getFieldCount();
          cells[row][column] = GridCell.of(has ? record.getField(column) : "");
        }
        row++;
      }
      for (; row < rows; row++) {
        Arrays.fill(cells[row], GridCell.BLANK);
      }
    } catch (IOException | RuntimeException e) {
      throw damaged(fileName);
    }
    for (JsonNode entry : json.path("formats")) {
      GridCell cell = at(cells, entry, fileName);
      SourceFormat format =
          new SourceFormat(
              entry.path(2).asBoolean(), entry.path(3).asBoolean(), entry.path(4).asInt());
      put(cells, entry, cell.with(format));
    }
    for (JsonNode entry : json.path("numbers")) {
      GridCell cell = at(cells, entry, fileName);
      OptionalDouble number = OptionalDouble.of(entry.path(2).asDouble());
      put(cells, entry, new GridCell(cell.text(), number, cell.format(), 1, 1, ""));
    }
    for (JsonNode entry : json.path("marks")) {
      put(cells, entry, at(cells, entry, fileName).withMark(entry.path(2).asText("")));
    }
    for (JsonNode entry : json.path("spans")) {
      GridCell cell = at(cells, entry, fileName);
      put(
          cells,
          entry,
          cell.spanning(Math.max(1, entry.path(2).asInt()), Math.max(1, entry.path(3).asInt())));
    }
    List<List<GridCell>> lists = new ArrayList<>();
    for (GridCell[] row : cells) {
      lists.add(List.of(row));
    }
    return Grid.of(json.path("sheet").asText(""), lists)
        .at(new GridPlace(json.path("top").asInt(), json.path("left").asInt()));
  }

  private static GridCell at(GridCell[][] cells, JsonNode entry, String fileName) throws Problem {
    int row = entry.path(0).asInt(-1);
    int column = entry.path(1).asInt(-1);
    if (row < 0 || column < 0 || row >= cells.length || column >= cells[row].length) {
      throw damaged(fileName);
    }
    return cells[row][column];
  }

  private static void put(GridCell[][] cells, JsonNode entry, GridCell cell) {
    cells[entry.path(0).asInt()][entry.path(1).asInt()] = cell;
  }

  static Problem damaged(String fileName) {
    return new Problem(
        fileName
            + " is damaged or cut off and can't be opened. Take the last copy that is whole, or"
            + " bring the tables in again.");
  }
}
