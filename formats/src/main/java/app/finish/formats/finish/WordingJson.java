package app.finish.formats.finish;

import app.finish.core.note.Wording;
import app.finish.core.problem.Problem;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/// What is said once for all tables of a document, as JSON.
public final class WordingJson {
  private static final ObjectMapper JSON = new ObjectMapper();

  private WordingJson() {}

  public static ObjectNode write(Wording wording) {
    ObjectNode node = JSON.createObjectNode();
    node.put("numbering", wording.numbering());
    wording.chapters().forEach(node.putArray("chapters")::add);
    wording.levels().forEach(node.putArray("levels")::add);
    ObjectNode glossary = node.putObject("glossary");
    wording.glossary().forEach(glossary::put);
    return node;
  }

  /// @throws Problem if the wording is damaged
  public static Wording read(JsonNode node, String name) throws Problem {
    if (node.isMissingNode()) {
      return Wording.USUAL;
    }
    Set<String> chapters = new TreeSet<>();
    node.path("chapters").forEach(id -> chapters.add(id.asText()));
    List<Double> levels = new ArrayList<>();
    node.path("levels").forEach(level -> levels.add(level.asDouble()));
    Map<String, String> glossary = new HashMap<>();
    node.path("glossary")
        .properties()
        .forEach(one -> glossary.put(one.getKey(), one.getValue().asText("")));
    try {
      return new Wording(node.path("numbering").asText("{n}"), chapters, levels, glossary);
    } catch (IllegalArgumentException e) {
      throw GridJson.damaged(name);
    }
  }
}
