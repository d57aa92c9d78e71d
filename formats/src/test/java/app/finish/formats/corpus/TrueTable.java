package app.finish.formats.corpus;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;

/// What is true of one table of the corpus, written down by whoever printed it.
///
/// @param json the truth as `truth.json` has it
record TrueTable(JsonNode json) {
  /// The labels that lead to each row.
  List<List<String>> rows() {
    return paths("rows");
  }

  /// The labels that lead to each column.
  List<List<String>> columns() {
    return paths("columns");
  }

  private List<List<String>> paths(String key) {
    List<List<String>> paths = new ArrayList<>();
    for (JsonNode path : json.get(key)) {
      paths.add(texts(path));
    }
    return paths;
  }

  /// A list of texts; empty if the truth does not speak of it.
  List<String> texts(String key) {
    return json.has(key) ? texts(json.get(key)) : List.of();
  }

  private static List<String> texts(JsonNode list) {
    List<String> texts = new ArrayList<>();
    list.forEach(one -> texts.add(one.asText()));
    return texts;
  }

  /// The figure in a place: a number, a text, or null.
  JsonNode figure(int row, int column) {
    return json.get("figures").get(row).get(column);
  }

  /// The role of a line: `subtotal`, `grand`, `total` (either of them) or `member`.
  String role(String key, int line) {
    return json.has(key) ? json.get(key).path("" + line).asText("member") : "member";
  }

  /// The kinds that the figure in a place may be said to be, or the empty string if none is told.
  String kinds(int row, int column) {
    if (json.has("kind")) {
      return json.get("kind").asText();
    }
    if (json.has("columnKinds")) {
      return json.get("columnKinds").get(column).asText();
    }
    return json.has("rowKinds") ? json.get("rowKinds").get(row).asText() : "";
  }

  boolean has(String key) {
    return json.has(key);
  }

  /// The numbers among its figures.
  List<Double> numbers() {
    List<Double> numbers = new ArrayList<>();
    for (JsonNode row : json.get("figures")) {
      for (JsonNode one : row) {
        if (one.isNumber()) {
          numbers.add(one.asDouble());
        }
      }
    }
    return numbers;
  }
}
