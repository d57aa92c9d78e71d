package app.finish.formats.json;

import app.finish.core.layout.Paper;
import app.finish.core.table.Held;
import app.finish.core.table.Leaf;
import app.finish.core.table.Measure;
import app.finish.core.table.Note;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.formats.io.Kept;
import app.finish.formats.io.Sent;
import app.finish.formats.io.SentTable;
import app.finish.formats.io.TableWriter;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.OutputStream;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/// Writes JSON-stat 2.0 (json-stat.org): a dataset of a table, or a collection of several. Each
/// level of headings is a dimension, and so are the measures; totals are categories of theirs. What
/// is no number is its figure's status.
public final class JsonStatWriter implements TableWriter {
  private static final ObjectMapper JSON = new ObjectMapper();
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

  @Override
  public Paper paper(Paper chosen) {
    return chosen.unpaged();
  }

  @Override
  public Set<Kept> keeps() {
    return EnumSet.of(Kept.EXACT_FIGURES, Kept.TITLE, Kept.NOTES);
  }

  @Override
  public void write(Sent sent, OutputStream out) throws IOException {
    List<SentTable> tables = sent.tables();
    ObjectNode root = tables.isEmpty() ? collection(List.of()) : dataset(tables.getFirst().table());
    if (tables.size() > 1) {
      root = collection(tables);
    }
    String text = JSON.writerWithDefaultPrettyPrinter().writeValueAsString(root);
    out.write((text + "\n").getBytes(StandardCharsets.UTF_8));
  }

  private static ObjectNode collection(List<SentTable> tables) {
    ObjectNode root = NODES.objectNode().put("version", "2.0").put("class", "collection");
    ArrayNode items = root.putObject("link").putArray("item");
    tables.forEach(one -> items.add(dataset(one.table())));
    return root;
  }

  private static ObjectNode dataset(Table table) {
    Crossing crossing = Crossing.of(table);
    ObjectNode root = NODES.objectNode().put("version", "2.0").put("class", "dataset");
    root.put("label", table.words().title());
    if (!table.words().source().isEmpty()) {
      root.put("source", table.words().source());
    }
    ArrayNode notes = root.putArray("note");
    table.words().notes().stream().map(Note::text).forEach(notes::add);
    ArrayNode ids = root.putArray("id");
    ArrayNode sizes = root.putArray("size");
    ObjectNode dimensions = root.putObject("dimension");
    for (Held held : table.held()) {
      String name = held.dimension().isBlank() ? "Held" : held.dimension();
      String id = free(dimensions, name);
      ids.add(id);
      sizes.add(1);
      dimension(dimensions, id, name, List.of(held.member()));
    }
    for (Crossing.Side side : crossing.sides()) {
      String id = free(dimensions, side.name());
      ids.add(id);
      sizes.add(side.members().size());
      dimension(dimensions, id, side.name(), side.members());
    }
    measures(root, ids, sizes, table);
    values(root, table, crossing);
    return root;
  }

  private static String free(ObjectNode dimensions, String name) {
    String free = name;
    for (int i = 2; dimensions.has(free); i++) {
      free = name + " " + i;
    }
    return free;
  }

  private static void dimension(
      ObjectNode dimensions, String id, String label, List<String> members) {
    ObjectNode own = dimensions.putObject(id).put("label", label);
    ObjectNode category = own.putObject("category");
    ArrayNode index = category.putArray("index");
    ObjectNode labels = category.putObject("label");
    for (int i = 0; i < members.size(); i++) {
      index.add("" + (i + 1));
      labels.put("" + (i + 1), members.get(i));
    }
  }

  private static void measures(ObjectNode root, ArrayNode ids, ArrayNode sizes, Table table) {
    ObjectNode dimensions = (ObjectNode) root.get("dimension");
    String id = free(dimensions, "Measure");
    ids.add(id);
    sizes.add(table.measures().size());
    List<String> names = table.measures().stream().map(Measure::name).toList();
    dimension(dimensions, id, "Measure", names);
    ObjectNode units = ((ObjectNode) dimensions.get(id).get("category")).putObject("unit");
    for (int i = 0; i < names.size(); i++) {
      Measure measure = table.measures().get(i);
      ObjectNode unit = units.putObject("" + (i + 1)).put("decimals", measure.decimals());
      if (!measure.unit().isEmpty()) {
        unit.put("label", measure.unit());
      }
    }
    root.putObject("role").putArray("metric").add(id);
  }

  private static void values(ObjectNode root, Table table, Crossing crossing) {
    ObjectNode values = root.putObject("value");
    ObjectNode status = NODES.objectNode();
    for (Leaf row : table.down().leaves()) {
      for (Leaf column : table.across().leaves()) {
        String place = "" + crossing.place(row, column);
        switch (table.body().at(row.index(), column.index())) {
          case Value.Numeric one when Double.isFinite(one.number()) ->
              values.put(place, BigDecimal.valueOf(one.number()));
          case Value.Numeric one -> status.put(place, one.written());
          case Value.Text one -> status.put(place, one.text());
          case Value.Missing one -> status.put(place, one.written());
        }
      }
    }
    if (!status.isEmpty()) {
      root.set("status", status);
    }
  }
}
