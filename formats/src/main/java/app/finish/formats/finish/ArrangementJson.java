package app.finish.formats.finish;

import app.finish.core.arrange.move.Arrangement;
import app.finish.core.problem.Problem;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;

/// The moves of an arrangement as JSON, the way a document keeps them. docs/file-format.md
/// describes it.
public final class ArrangementJson {
  private static final ObjectMapper JSON = new ObjectMapper();

  private ArrangementJson() {}

  static ArrayNode write(Arrangement arrangement) {
    ArrayNode moves = JSON.createArrayNode();
    for (Arrangement.Entry entry : arrangement.entries()) {
      ObjectNode node = moves.addObject();
      MoveJson.write(node, entry.move());
      if (!entry.on()) {
        node.put("on", false);
      }
    }
    return moves;
  }

  /// The arrangement in a document.
  ///
  /// @param name what the document is called in messages
  static Arrangement read(JsonNode nodes, String name) throws Problem {
    List<Arrangement.Entry> entries = new ArrayList<>();
    for (JsonNode node : nodes) {
      entries.add(
          new Arrangement.Entry(MoveReader.read(node, name), node.path("on").asBoolean(true)));
    }
    return new Arrangement(entries);
  }
}
