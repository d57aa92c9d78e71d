package app.finish.formats.finish;

import app.finish.core.problem.Problem;
import app.finish.core.tally.Reading;
import app.finish.core.tally.RecordsName;
import app.finish.core.tally.Tally;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/// A tally as JSON: where the records are, what was counted and the table that it gave. No secret
/// is in it. docs/file-format.md describes it.
///
/// ```java
/// Tally same = TallyJson.read(TallyJson.write(tally), "sailings.json");
/// ```
public final class TallyJson {
  private static final ObjectMapper JSON = new ObjectMapper();

  private TallyJson() {}

  /// A tally as text.
  public static String write(Tally tally) {
    ObjectNode node = JSON.createObjectNode();
    ObjectNode records = node.putObject("records");
    switch (tally.records()) {
      case RecordsName.File file -> {
        records.put("file", file.path());
        Reading reading = file.reading();
        records.put("brokenLeftOut", reading.brokenLeftOut());
        ArrayNode numbers = records.putArray("asNumbers");
        new TreeSet<>(reading.asNumbers()).forEach(numbers::add);
        if (!reading.asTexts().isEmpty()) {
          ArrayNode texts = records.putArray("asTexts");
          new TreeSet<>(reading.asTexts()).forEach(texts::add);
        }
        reading.dayFirst().ifPresent(first -> records.put("dayFirst", first));
        ArrayNode words = records.putArray("missingWords");
        reading.missingWords().forEach(words::add);
      }
      case RecordsName.Sample sample -> records.put("sample", sample.name());
      case RecordsName.Stored stored ->
          records.put("connection", stored.connection()).put("table", stored.table());
    }
    node.set("plan", PlanJson.write(tally.plan()));
    node.set("table", TableJson.write(tally.table()));
    try {
      return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(node);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException(e);
    }
  }

  /// The tally in a text.
  ///
  /// @param name what the file is called in messages
  /// @throws Problem if it is damaged, in words for the person
  public static Tally read(String text, String name) throws Problem {
    JsonNode node;
    try {
      node = JSON.readTree(text);
    } catch (JsonProcessingException e) {
      throw GridJson.damaged(name);
    }
    return new Tally(
        records(node.path("records"), name),
        PlanJson.read(node.path("plan"), name),
        TableJson.read(node.path("table"), name));
  }

  private static RecordsName records(JsonNode node, String name) throws Problem {
    if (node.has("file")) {
      Set<String> numbers = new TreeSet<>();
      node.path("asNumbers").forEach(one -> numbers.add(one.asText("")));
      List<String> words = new ArrayList<>();
      node.path("missingWords").forEach(one -> words.add(one.asText("")));
      Set<String> texts = new TreeSet<>();
      node.path("asTexts").forEach(one -> texts.add(one.asText("")));
      Reading reading =
          Reading.PLAIN
              .withBrokenLeftOut(node.path("brokenLeftOut").asBoolean())
              .withNumbers(numbers)
              .withTexts(texts)
              .withMissingWords(words);
      if (node.has("dayFirst")) {
        reading = reading.withDayFirst(node.path("dayFirst").asBoolean());
      }
      return new RecordsName.File(node.path("file").asText(""), reading);
    }
    if (node.has("sample")) {
      return new RecordsName.Sample(node.path("sample").asText(""));
    }
    if (node.has("connection")) {
      return new RecordsName.Stored(
          node.path("connection").asText(""), node.path("table").asText(""));
    }
    throw GridJson.damaged(name);
  }
}
