package app.finish.formats.finish;

import app.finish.core.problem.Problem;
import app.finish.core.problem.Refusal;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.Touches;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/// Touches as JSON: a list of places, each with what is set there.
public final class TouchesJson {
  private static final ObjectMapper JSON = new ObjectMapper();

  private TouchesJson() {}

  public static ArrayNode write(Touches touches) {
    ArrayNode all = JSON.createArrayNode();
    touches
        .settings()
        .forEach(
            (selector, settings) -> {
              ObjectNode one = all.addObject();
              if (selector instanceof Selector.OfPlace place) {
                ObjectNode at = one.putObject(place.line() ? "line" : "cell");
                place.down().forEach(at.putArray("down")::add);
                place.across().forEach(at.putArray("across")::add);
              } else {
                one.put("part", selector.toString());
              }
              ObjectNode set = one.putObject("set");
              settings.forEach((property, setting) -> set.put(property.word(), setting));
            });
    return all;
  }

  public static Touches read(JsonNode node, String name) throws Problem {
    Touches touches = Touches.NONE;
    for (JsonNode one : node) {
      Selector selector = selector(one, name);
      for (Map.Entry<String, JsonNode> set : one.path("set").properties()) {
        Property property = Property.of(set.getKey()).orElseThrow(() -> GridJson.damaged(name));
        try {
          touches = touches.with(selector, property, set.getValue().asText());
        } catch (Refusal e) {
          throw GridJson.damaged(name);
        }
      }
    }
    return touches;
  }

  private static Selector selector(JsonNode one, String name) throws Problem {
    if (one.has("part")) {
      return Selector.parse(one.path("part").asText()).orElseThrow(() -> GridJson.damaged(name));
    }
    boolean line = one.has("line");
    JsonNode at = one.path(line ? "line" : "cell");
    List<String> down = labels(at.path("down"));
    List<String> across = labels(at.path("across"));
    if (down.isEmpty() && across.isEmpty()) {
      throw GridJson.damaged(name);
    }
    return new Selector.OfPlace(down, across, line);
  }

  private static List<String> labels(JsonNode node) {
    List<String> labels = new ArrayList<>();
    node.forEach(label -> labels.add(label.asText()));
    return labels;
  }
}
