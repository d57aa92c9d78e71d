package app.finish.formats.finish;

import app.finish.core.document.BoardPlan;
import app.finish.core.problem.Problem;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;

/// How the items of a document lie on its board, as JSON.
///
/// ```json
/// {"title": "Year two", "bands": [[{"passage": "p1", "text": "Hello"}], [{"item": "t1"}, {"item": "t16"}]]}
/// ```
final class BoardJson {
  private static final ObjectMapper JSON = new ObjectMapper();

  private BoardJson() {}

  static ObjectNode write(BoardPlan plan) {
    ObjectNode node = JSON.createObjectNode();
    node.put("title", plan.title());
    ArrayNode bands = node.putArray("bands");
    for (List<BoardPlan.Tile> band : plan.bands()) {
      ArrayNode tiles = bands.addArray();
      for (BoardPlan.Tile tile : band) {
        switch (tile) {
          case BoardPlan.Tile.Placed placed -> {
            ObjectNode item = tiles.addObject().put("item", placed.id());
            if (placed.apart()) {
              item.put("apart", true);
            }
          }
          case BoardPlan.Tile.Passage passage ->
              tiles.addObject().put("passage", passage.id()).put("text", passage.text());
        }
      }
    }
    return node;
  }

  /// @throws Problem if it is none
  static BoardPlan read(JsonNode node, String name) throws Problem {
    if (node.isMissingNode()) {
      return BoardPlan.EMPTY;
    }
    List<List<BoardPlan.Tile>> bands = new ArrayList<>();
    for (JsonNode band : node.path("bands")) {
      List<BoardPlan.Tile> tiles = new ArrayList<>();
      for (JsonNode tile : band) {
        if (tile.has("item")) {
          boolean apart = tile.path("apart").asBoolean(false);
          tiles.add(new BoardPlan.Tile.Placed(tile.path("item").asText(), apart));
        } else if (tile.has("passage")) {
          tiles.add(
              new BoardPlan.Tile.Passage(
                  tile.path("passage").asText(), tile.path("text").asText("")));
        } else {
          throw GridJson.damaged(name);
        }
      }
      bands.add(tiles);
    }
    return new BoardPlan(node.path("title").asText(""), bands);
  }
}
