package app.finish.formats.finish;

import app.finish.core.note.OwnNote;
import app.finish.core.note.OwnNotes;
import app.finish.core.note.Tie;
import app.finish.core.problem.Problem;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/// Notes of a person's own as JSON: those that were added, each with the places that it is tied to,
/// and those of the source in other words.
public final class NotesJson {
  private static final ObjectMapper JSON = new ObjectMapper();

  private NotesJson() {}

  public static ObjectNode write(OwnNotes notes) {
    ObjectNode node = JSON.createObjectNode();
    ArrayNode added = node.putArray("added");
    for (OwnNote note : notes.added()) {
      ObjectNode one = added.addObject().put("kind", note.kind().word()).put("text", note.text());
      ArrayNode ties = note.ties().isEmpty() ? JSON.createArrayNode() : one.putArray("ties");
      note.ties().forEach(tie -> ties.add(tie(tie)));
    }
    if (!notes.reworded().isEmpty()) {
      ObjectNode reworded = node.putObject("reworded");
      notes.reworded().forEach(reworded::put);
    }
    return node;
  }

  private static ObjectNode tie(Tie tie) {
    ObjectNode node = JSON.createObjectNode();
    return switch (tie) {
      case Tie.OfTitle _ -> node.put("part", "title");
      case Tie.OfStubHead(int level) -> node.put("part", "stubHead").put("level", level);
      case Tie.OfCell cell -> {
        cell.down().forEach(node.putArray("down")::add);
        cell.across().forEach(node.putArray("across")::add);
        yield node;
      }
    };
  }

  public static OwnNotes read(JsonNode node, String name) throws Problem {
    OwnNotes notes = OwnNotes.NONE;
    for (JsonNode one : node.path("added")) {
      List<Tie> ties = new ArrayList<>();
      for (JsonNode tie : one.path("ties")) {
        ties.add(readTie(tie, name));
      }
      notes = notes.with(new OwnNote(kind(one, name), one.path("text").asText(""), ties));
    }
    for (Map.Entry<String, JsonNode> one : node.path("reworded").properties()) {
      notes = notes.reworded(one.getKey(), one.getValue().asText(""));
    }
    return notes;
  }

  private static OwnNote.Kind kind(JsonNode one, String name) throws Problem {
    for (OwnNote.Kind kind : OwnNote.Kind.values()) {
      if (kind.word().equals(one.path("kind").asText())) {
        return kind;
      }
    }
    throw GridJson.damaged(name);
  }

  private static Tie readTie(JsonNode tie, String name) throws Problem {
    switch (tie.path("part").asText("")) {
      case "title" -> {
        return new Tie.OfTitle();
      }
      case "stubHead" -> {
        return new Tie.OfStubHead(Math.max(0, tie.path("level").asInt()));
      }
      default -> {
        List<String> down = labels(tie.path("down"));
        List<String> across = labels(tie.path("across"));
        if (down.isEmpty() && across.isEmpty()) {
          throw GridJson.damaged(name);
        }
        return new Tie.OfCell(down, across);
      }
    }
  }

  private static List<String> labels(JsonNode node) {
    List<String> labels = new ArrayList<>();
    node.forEach(label -> labels.add(label.asText()));
    return labels;
  }
}
