package app.finish.formats.finish;

import app.finish.core.highlight.Condition;
import app.finish.core.highlight.Highlight;
import app.finish.core.highlight.HighlightSentence;
import app.finish.core.highlight.Reach;
import app.finish.core.highlight.Region;
import app.finish.core.highlight.Show;
import app.finish.core.problem.Refusal;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/// Highlights as JSON, each as its sentence. What is not known here is kept and written again; a
/// sentence that can't be read, such as one of a later version, is a highlight that is switched
/// off.
///
/// ```java
/// HighlightsJson.read(HighlightsJson.write(highlights)); // the same highlights
/// ```
public final class HighlightsJson {
  private static final ObjectMapper JSON = new ObjectMapper();
  private static final Set<String> KNOWN = Set.of("says", "on", "last", "legend");

  private HighlightsJson() {}

  /// Highlights as a list.
  public static ArrayNode write(List<Highlight> highlights) {
    ArrayNode all = JSON.createArrayNode();
    for (Highlight highlight : highlights) {
      ObjectNode one = all.addObject();
      if (!isUnread(highlight)) {
        put(one, highlight);
      }
      new TreeMap<>(highlight.kept())
          .forEach(
              (name, kept) -> {
                try {
                  one.set(name, JSON.readTree(kept));
                } catch (JsonProcessingException e) {
                  one.put(name, kept);
                }
              });
    }
    return all;
  }

  private static void put(ObjectNode node, Highlight highlight) {
    node.put("says", HighlightSentence.of(highlight));
    if (!highlight.on()) {
      node.put("on", false);
    }
    if (highlight.last()) {
      node.put("last", true);
    }
    if (!highlight.legend().isEmpty()) {
      node.put("legend", highlight.legend());
    }
  }

  /// The highlights of a list.
  public static List<Highlight> read(JsonNode list) {
    List<Highlight> all = new ArrayList<>();
    list.forEach(one -> all.add(one(one)));
    return all;
  }

  private static Highlight one(JsonNode node) {
    Map<String, String> unknown = new TreeMap<>();
    node.properties()
        .forEach(
            one -> {
              if (!KNOWN.contains(one.getKey())) {
                unknown.put(one.getKey(), one.getValue().toString());
              }
            });
    try {
      return HighlightSentence.read(node.path("says").asText(""))
          .switched(node.path("on").asBoolean(true))
          .beingLast(node.path("last").asBoolean(false))
          .saying(node.path("legend").asText(""))
          .keeping(unknown);
    } catch (Refusal e) {
      Map<String, String> whole = new TreeMap<>();
      node.properties().forEach(one -> whole.put(one.getKey(), one.getValue().toString()));
      return Highlight.of(
              node.path("says").asText(""),
              Region.EVERYWHERE,
              new Condition.Always(),
              new Show.Flag(Map.of()),
              Reach.CELL)
          .switched(false)
          .keeping(whole);
    }
  }

  /// Whether a highlight is one that could not be read.
  public static boolean isUnread(Highlight highlight) {
    return highlight.show().equals(new Show.Flag(Map.of())) && !highlight.kept().isEmpty();
  }
}
