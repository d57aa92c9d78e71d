package app.finish.formats.finish;

import app.finish.core.problem.Problem;
import app.finish.core.problem.Refusal;
import app.finish.core.recognise.said.Anchor;
import app.finish.core.recognise.said.BlankMeaning;
import app.finish.core.recognise.said.BracketMeaning;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.recognise.said.Extent;
import app.finish.core.recognise.said.LineRole;
import app.finish.core.table.MeasureKind;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Corrections as JSON, the way a document keeps them. docs/file-format.md describes it.
public final class CorrectionsJson {
  private static final ObjectMapper JSON = new ObjectMapper();

  private static final String ONE_THING = "none";

  private CorrectionsJson() {}

  static ObjectNode write(Corrections corrections) {
    ObjectNode node = JSON.createObjectNode();
    corrections.headRows().ifPresent(count -> node.put("headRows", count));
    corrections.stubColumns().ifPresent(count -> node.put("stubColumns", count));
    lines(node.putArray("rows"), corrections.rows());
    if (!corrections.columns().isEmpty()) {
      lines(node.putArray("columns"), corrections.columns());
    }
    if (!corrections.measures().isEmpty()) {
      ObjectNode measures = node.putObject("measures");
      corrections.measures().forEach((name, kind) -> measures.put(name, kind.word()));
    }
    corrections.blanks().ifPresent(meaning -> node.put("blanks", meaning.toString()));
    corrections.brackets().ifPresent(meaning -> node.put("brackets", meaning.toString()));
    corrections.names().forEach(name -> node.withArray("names").add(name));
    corrections
        .seconds()
        .forEach(
            (name, kind) ->
                node.withObject("/seconds")
                    .put(name, kind.map(MeasureKind::word).orElse(ONE_THING)));
    corrections
        .covers()
        .forEach(
            (total, members) -> {
              ObjectNode cover = anchor(node.withArray("covers").addObject(), total);
              ArrayNode covered = cover.putArray("members");
              members.forEach(member -> anchor(covered.addObject(), member));
            });
    if (!corrections.extent().isWhole()) {
      ObjectNode extent = node.putObject("extent");
      ArrayNode joined = extent.putArray("joined");
      corrections.extent().joined().forEach(joined::add);
      ArrayNode cuts = extent.putArray("cuts");
      for (Extent.Cut cut : corrections.extent().cuts()) {
        ObjectNode one = anchor(cuts.addObject(), cut.row()).put("below", cut.below());
        if (cut.columns()) {
          one.put("columns", true);
        }
      }
    }
    return node;
  }

  private static void lines(ArrayNode lines, Map<Anchor, LineRole> said) {
    said.forEach((anchor, role) -> anchor(lines.addObject(), anchor).put("role", role.toString()));
  }

  private static ObjectNode anchor(ObjectNode node, Anchor anchor) {
    ArrayNode path = node.putArray("path");
    anchor.path().forEach(path::add);
    return node.put("occurrence", anchor.occurrence());
  }

  /// The corrections in a document.
  ///
  /// @param name what the document is called in messages
  static Corrections read(JsonNode node, String name) throws Problem {
    try {
      return read(node);
    } catch (Refusal e) {
      throw GridJson.damaged(name);
    }
  }

  private static Corrections read(JsonNode node) {
    Corrections read = Corrections.NONE;
    if (node.has("headRows")) {
      read = read.withHeadRows(node.path("headRows").asInt());
    }
    if (node.has("stubColumns")) {
      read = read.withStubColumns(node.path("stubColumns").asInt());
    }
    for (JsonNode row : node.path("rows")) {
      read = read.withRow(anchor(row), LineRole.of(row.path("role").asText()));
    }
    for (JsonNode column : node.path("columns")) {
      read = read.withColumn(anchor(column), LineRole.of(column.path("role").asText()));
    }
    for (Map.Entry<String, JsonNode> measure : node.path("measures").properties()) {
      read = read.withMeasure(measure.getKey(), MeasureKind.of(measure.getValue().asText()));
    }
    if (node.has("blanks")) {
      read = read.withBlanks(BlankMeaning.of(node.path("blanks").asText()));
    }
    if (node.has("brackets")) {
      read = read.withBrackets(BracketMeaning.of(node.path("brackets").asText()));
    }
    for (JsonNode name : node.path("names")) {
      read = read.withName(name.asText());
    }
    for (Map.Entry<String, JsonNode> second : node.path("seconds").properties()) {
      String kind = second.getValue().asText();
      read =
          read.withSecond(
              second.getKey(),
              kind.equals(ONE_THING) ? Optional.empty() : Optional.of(MeasureKind.of(kind)));
    }
    for (JsonNode cover : node.path("covers")) {
      List<Anchor> members = new ArrayList<>();
      cover.path("members").forEach(member -> members.add(anchor(member)));
      read = read.withCover(anchor(cover), members);
    }
    return read.withExtent(extent(node.path("extent")));
  }

  private static Extent extent(JsonNode node) {
    List<String> joined = new ArrayList<>();
    node.path("joined").forEach(one -> joined.add(one.asText()));
    Extent extent = new Extent(joined, List.of());
    for (JsonNode cut : node.path("cuts")) {
      boolean after = cut.path("below").asBoolean();
      extent =
          cut.path("columns").asBoolean()
              ? extent.withColumnCut(anchor(cut), after)
              : extent.withCut(anchor(cut), after);
    }
    return extent;
  }

  private static Anchor anchor(JsonNode node) {
    List<String> path = new ArrayList<>();
    node.path("path").forEach(label -> path.add(label.asText()));
    return new Anchor(path, node.path("occurrence").asInt());
  }
}
