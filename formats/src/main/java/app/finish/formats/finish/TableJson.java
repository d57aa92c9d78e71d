package app.finish.formats.finish;

import app.finish.core.problem.Problem;
import app.finish.core.problem.Refusal;
import app.finish.core.table.Axis;
import app.finish.core.table.Body;
import app.finish.core.table.Heading;
import app.finish.core.table.Held;
import app.finish.core.table.Marks;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Note;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.core.table.Words;
import app.finish.core.words.Constants;
import app.finish.formats.io.Limits;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalInt;

/// A table as JSON, the way a document keeps one that was tallied. Its marks are not kept: a tally
/// has none.
public final class TableJson {
  private static final ObjectMapper JSON = new ObjectMapper();

  private TableJson() {}

  static ObjectNode write(Table table) {
    ObjectNode node = JSON.createObjectNode();
    axis(node.putObject("down"), table.down());
    axis(node.putObject("across"), table.across());
    ArrayNode measures = node.putArray("measures");
    for (Measure measure : table.measures()) {
      measures
          .addObject()
          .put("name", measure.name())
          .put("kind", measure.kind().word())
          .put("unit", measure.unit())
          .put("decimals", measure.decimals());
    }
    ArrayNode body = node.putArray("body");
    for (int row = 0; row < table.body().rows(); row++) {
      ArrayNode cells = body.addArray();
      for (int column = 0; column < table.body().columns(); column++) {
        value(cells, table.body().at(row, column));
      }
    }
    ArrayNode held = node.putArray("held");
    table.held().forEach(one -> held.addArray().add(one.dimension()).add(one.member()));
    ObjectNode words = node.putObject("words");
    words.put("title", table.words().title()).put("units", table.words().units());
    words.put("source", table.words().source());
    ArrayNode notes = words.putArray("notes");
    table.words().notes().forEach(note -> notes.addArray().add(note.mark()).add(note.text()));
    return node;
  }

  private static void axis(ObjectNode node, Axis axis) {
    ArrayNode dimensions = node.putArray("dimensions");
    axis.dimensions().forEach(dimensions::add);
    headings(node.putArray("headings"), axis.headings());
  }

  private static void headings(ArrayNode nodes, List<Heading> headings) {
    for (Heading heading : headings) {
      ObjectNode node = nodes.addObject().put("label", heading.label());
      if (heading.role() != Heading.Role.MEMBER) {
        node.put("role", heading.role().name().toLowerCase(Locale.ROOT).replace('_', ' '));
      }
      heading.measure().ifPresent(measure -> node.put("measure", measure));
      if (!heading.isLeaf()) {
        headings(node.putArray("headings"), heading.children());
      }
    }
  }

  private static void value(ArrayNode cells, Value value) {
    switch (value) {
      case Value.Numeric number -> {
        if (number.written().isEmpty()) {
          cells.add(number.number());
        } else {
          cells.addObject().put("number", number.number()).put("written", number.written());
        }
      }
      case Value.Text text -> cells.add(text.text());
      case Value.Missing missing -> {
        if (missing.equals(Value.BLANK)) {
          cells.addNull();
        } else {
          cells
              .addObject()
              .put("missing", missing.reason().word())
              .put("written", missing.written());
        }
      }
    }
  }

  /// The table in a document.
  ///
  /// @param name what the document is called in messages
  static Table read(JsonNode node, String name) throws Problem {
    try {
      Axis down = axis(node.path("down"), name);
      Axis across = axis(node.path("across"), name);
      List<Measure> measures = new ArrayList<>();
      for (JsonNode one : node.path("measures")) {
        measures.add(
            new Measure(
                one.path("name").asText(""),
                MeasureKind.of(one.path("kind").asText("")),
                one.path("unit").asText(""),
                one.path("decimals").asInt()));
      }
      JsonNode rows = node.path("body");
      check(rows.size() == down.leaves().size(), name);
      for (JsonNode row : rows) {
        check(row.size() == across.leaves().size(), name);
      }
      check(!measures.isEmpty(), name);
      checkMeasures(down, measures.size(), name);
      checkMeasures(across, measures.size(), name);
      Body body =
          Body.of(
              rows.size(),
              across.leaves().size(),
              (row, column) -> value(rows.get(row).get(column)));
      List<Held> held = new ArrayList<>();
      node.path("held")
          .forEach(one -> held.add(new Held(one.path(0).asText(""), one.path(1).asText(""))));
      return new Table(down, across, measures, body, held, words(node.path("words")), Marks.NONE);
    } catch (Refusal e) {
      throw GridJson.damaged(name);
    }
  }

  private static void check(boolean holds, String name) throws Problem {
    if (!holds) {
      throw GridJson.damaged(name);
    }
  }

  private static void checkMeasures(Axis axis, int measures, String name) throws Problem {
    for (var leaf : axis.leaves()) {
      OptionalInt measure = leaf.measure();
      check(measure.isEmpty() || measure.getAsInt() >= 0 && measure.getAsInt() < measures, name);
    }
  }

  private static Words words(JsonNode node) {
    List<Note> notes = new ArrayList<>();
    node.path("notes")
        .forEach(one -> notes.add(new Note(one.path(0).asText(""), one.path(1).asText(""))));
    return new Words(
        node.path("title").asText(""),
        node.path("units").asText(""),
        notes,
        node.path("source").asText(""));
  }

  private static Axis axis(JsonNode node, String name) throws Problem {
    List<String> dimensions = new ArrayList<>();
    node.path("dimensions").forEach(one -> dimensions.add(one.asText("")));
    return Axis.of(dimensions, headings(node.path("headings"), name, 0));
  }

  private static List<Heading> headings(JsonNode nodes, String name, int depth) throws Problem {
    check(depth < Limits.HEADINGS, name);
    List<Heading> headings = new ArrayList<>();
    for (JsonNode node : nodes) {
      String role = node.path("role").asText("member");
      headings.add(
          new Heading(
              node.path("label").asText(""),
              Constants.named(Heading.Role.class, role, "role of a heading"),
              node.has("measure")
                  ? OptionalInt.of(node.path("measure").asInt())
                  : OptionalInt.empty(),
              headings(node.path("headings"), name, depth + 1)));
    }
    return headings;
  }

  private static Value value(JsonNode node) {
    if (node.isNumber()) {
      return Value.number(node.asDouble(), "");
    }
    if (node.isTextual()) {
      return Value.text(node.asText());
    }
    if (node.has("number")) {
      return Value.number(node.path("number").asDouble(), node.path("written").asText(""));
    }
    if (node.has("missing")) {
      String reason = node.path("missing").asText().toUpperCase(Locale.ROOT);
      return new Value.Missing(Value.Reason.valueOf(reason), node.path("written").asText(""));
    }
    return Value.BLANK;
  }
}
