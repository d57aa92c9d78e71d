package app.finish.formats.json;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import app.finish.core.problem.Problem;
import app.finish.formats.io.FileName;
import app.finish.formats.io.Limits;
import app.finish.formats.io.ReadRequest;
import app.finish.formats.io.SheetBuilder;
import app.finish.formats.io.Sheets;
import app.finish.formats.io.TableReader;
import app.finish.formats.io.TextFile;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/// Reads JSON-stat 2.0 (json-stat.org), the format of statistical offices: datasets, and
/// collections that hold them. The last dimension with several members goes across, the others
/// down; one with a single member is held.
public final class JsonStatReader implements TableReader {
  private static final ObjectMapper JSON =
      new ObjectMapper().enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS);

  private record Dimension(String label, List<String> members) {}

  @Override
  public Sheets read(Path file, ReadRequest request) throws IOException {
    String name = FileName.of(file);
    JsonNode root;
    try {
      root = JSON.readTree(TextFile.read(file, request));
    } catch (JsonProcessingException e) {
      throw new Problem(
          name
              + " is no JSON at line "
              + (e.getLocation() == null ? 1 : e.getLocation().getLineNr())
              + ". Fetch it again from where it came.",
          e);
    }
    List<Grid> grids = new ArrayList<>();
    collect(root, name, grids);
    if (grids.isEmpty()) {
      throw new Problem(
          name + " holds no JSON-stat dataset. Pick a file of class dataset, version 2.0.");
    }
    return Sheets.of(grids);
  }

  private static void collect(JsonNode node, String name, List<Grid> grids) throws IOException {
    if (node.path("class").asText().equals("dataset") || (node.has("id") && node.has("size"))) {
      grids.add(dataset(node, name));
    }
    for (JsonNode item : node.path("link").path("item")) {
      collect(item, name, grids);
    }
  }

  private static Grid dataset(JsonNode node, String name) throws IOException {
    List<Dimension> dimensions = new ArrayList<>();
    long size = 1;
    for (int i = 0; i < node.path("id").size(); i++) {
      Dimension dimension =
          dimension(node, node.path("id").path(i).asText(""), node.path("size").path(i).asInt(0));
      dimensions.add(dimension);
      size *= dimension.members.size();
      if (size > Limits.CELLS) {
        throw Limits.tooMany(name);
      }
    }
    long given = Math.max(1, node.path("value").size());
    if (size > Limits.SMALL_CUBE && size / given > Limits.SPARSE) {
      throw new Problem(
          name
              + " holds a cube with room for "
              + size
              + " figures and "
              + given
              + " in it. Fetch the part of it that you want to publish.");
    }
    if (size == 0 || dimensions.isEmpty()) {
      throw new Problem(
          name + " holds a dataset without values. Fetch it again from where it came.");
    }
    SheetBuilder sheet = new SheetBuilder(name);
    String label = node.path("label").asText("");
    if (!label.isEmpty()) {
      sheet.addLine(label);
    }
    for (Dimension dimension : dimensions) {
      if (dimension.members.size() == 1) {
        sheet.addLine(dimension.label + ": " + dimension.members.getFirst());
      }
    }
    sheet.beginRow();
    addFigures(sheet, node, dimensions);
    addNotes(sheet, node);
    return sheet.grid("");
  }

  private static Dimension dimension(JsonNode node, String id, int size) throws Problem {
    JsonNode own = node.path("dimension").path(id);
    JsonNode category = own.path("category");
    JsonNode index = category.path("index");
    String[] ids = new String[Math.max(0, Math.min(size, 1_000_000))];
    if (index.isArray()) {
      for (int i = 0; i < Math.min(ids.length, index.size()); i++) {
        ids[i] = index.get(i).asText();
      }
    } else {
      for (Map.Entry<String, JsonNode> entry : index.properties()) {
        int at = entry.getValue().asInt(-1);
        if (at >= 0 && at < ids.length) {
          ids[at] = entry.getKey();
        }
      }
    }
    List<String> members = new ArrayList<>();
    JsonNode labels = category.path("label");
    for (int i = 0; i < ids.length; i++) {
      String member = ids[i] == null ? firstName(labels) : ids[i];
      members.add(labels.path(member).asText(member));
    }
    return new Dimension(own.path("label").asText(id), members);
  }

  private static String firstName(JsonNode labels) {
    return labels.fieldNames().hasNext() ? labels.fieldNames().next() : "";
  }

  private static void addFigures(SheetBuilder sheet, JsonNode node, List<Dimension> dimensions)
      throws IOException {
    int across = dimensions.size() - 1;
    while (across > 0 && dimensions.get(across).members.size() == 1) {
      across--;
    }
    List<Integer> down = new ArrayList<>();
    for (int i = 0; i < dimensions.size(); i++) {
      if (i != across && dimensions.get(i).members.size() > 1) {
        down.add(i);
      }
    }
    sheet.beginRow();
    for (int dimension : down) {
      sheet.add(GridCell.of(dimensions.get(dimension).label));
    }
    if (down.isEmpty()) {
      sheet.add(GridCell.BLANK);
    }
    for (String member : dimensions.get(across).members) {
      sheet.add(GridCell.of(member));
    }
    addRows(sheet, node, dimensions, down, across);
  }

  private static void addRows(
      SheetBuilder sheet, JsonNode node, List<Dimension> dimensions, List<Integer> down, int across)
      throws IOException {
    int rows = 1;
    for (int dimension : down) {
      rows *= dimensions.get(dimension).members.size();
    }
    int[] members = new int[dimensions.size()];
    for (int row = 0; row < rows; row++) {
      int rest = row;
      for (int i = down.size() - 1; i >= 0; i--) {
        int size = dimensions.get(down.get(i)).members.size();
        members[down.get(i)] = rest % size;
        rest /= size;
      }
      sheet.beginRow();
      for (int dimension : down) {
        sheet.add(GridCell.of(dimensions.get(dimension).members.get(members[dimension])));
      }
      if (down.isEmpty()) {
        sheet.add(GridCell.of(dimensions.get(across).label));
      }
      for (int i = 0; i < dimensions.get(across).members.size(); i++) {
        members[across] = i;
        sheet.add(figure(node.path("value"), offset(members, dimensions)));
      }
    }
  }

  private static int offset(int[] members, List<Dimension> dimensions) {
    int offset = 0;
    for (int i = 0; i < members.length; i++) {
      offset = offset * dimensions.get(i).members.size() + members[i];
    }
    return offset;
  }

  private static GridCell figure(JsonNode values, int offset) {
    JsonNode value = values.isArray() ? values.path(offset) : values.path("" + offset);
    if (value.isNumber() && Double.isFinite(value.asDouble())) {
      boolean plain = Math.abs(value.decimalValue().scale()) < 40;
      String written = plain ? value.decimalValue().toPlainString() : value.asText();
      boolean exact = new BigDecimal(value.asDouble() + "").compareTo(value.decimalValue()) == 0;
      return exact ? GridCell.of(value.asDouble(), written) : GridCell.of(written);
    }
    return value.isTextual() ? GridCell.of(value.asText()) : GridCell.BLANK;
  }

  private static void addNotes(SheetBuilder sheet, JsonNode node) throws IOException {
    for (JsonNode note : node.path("note")) {
      sheet.addLine("Note. " + note.asText());
    }
    if (node.has("source")) {
      sheet.addLine("Source: " + node.path("source").asText());
    }
  }
}
