package app.finish.formats.finish;

import app.finish.core.chart.Chart;
import app.finish.core.chart.ChartKind;
import app.finish.core.chart.ChartTexts;
import app.finish.core.document.DocumentChart;
import app.finish.core.problem.Problem;
import app.finish.core.problem.Refusal;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;

/// A chart of a document as JSON.
///
/// ```json
/// {"table": "t1", "kind": "bars", "measure": "Fares", "width": 460, "height": 230}
/// ```
final class ChartJson {
  private static final ObjectMapper JSON = new ObjectMapper();

  private ChartJson() {}

  static ObjectNode write(DocumentChart item) {
    Chart chart = item.chart();
    ObjectNode node = JSON.createObjectNode();
    node.put("table", item.table()).put("kind", chart.kind().word());
    node.put("measure", chart.measure());
    if (!chart.against().isEmpty()) {
      node.put("against", chart.against());
    }
    if (chart.turned()) {
      node.put("turned", true);
    }
    if (chart.panels()) {
      node.put("panels", true);
    }
    lines(node, "rows", chart.rows());
    lines(node, "columns", chart.columns());
    node.put("width", chart.width()).put("height", chart.height());
    text(node, "title", chart.texts().title());
    text(node, "note", chart.texts().note());
    text(node, "description", chart.texts().description());
    return node;
  }

  private static void text(ObjectNode node, String name, String text) {
    if (!text.isEmpty()) {
      node.put(name, text);
    }
  }

  private static void lines(ObjectNode node, String name, List<List<String>> lines) {
    if (!lines.isEmpty()) {
      ArrayNode all = node.putArray(name);
      for (List<String> line : lines) {
        ArrayNode path = all.addArray();
        line.forEach(path::add);
      }
    }
  }

  /// @throws Problem if it is none
  static DocumentChart read(String id, JsonNode node, String name) throws Problem {
    try {
      Chart chart =
          new Chart(
              ChartKind.of(node.path("kind").asText()),
              node.path("measure").asText(""),
              node.path("against").asText(""),
              node.path("turned").asBoolean(),
              node.path("panels").asBoolean(),
              lines(node.path("rows")),
              lines(node.path("columns")),
              node.path("width").asDouble(Chart.USUAL_WIDTH),
              node.path("height").asDouble(Chart.USUAL_HEIGHT),
              new ChartTexts(
                  node.path("title").asText(""),
                  node.path("note").asText(""),
                  node.path("description").asText("")));
      return new DocumentChart(id, node.path("table").asText(), chart);
    } catch (Refusal e) {
      throw GridJson.damaged(name);
    }
  }

  private static List<List<String>> lines(JsonNode node) {
    List<List<String>> lines = new ArrayList<>();
    for (JsonNode line : node) {
      List<String> path = new ArrayList<>();
      line.forEach(label -> path.add(label.asText()));
      lines.add(path);
    }
    return lines;
  }
}
