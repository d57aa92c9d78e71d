package app.finish.formats.style;

import app.finish.core.check.Finding;
import app.finish.core.check.Where;
import app.finish.core.check.house.HouseDemand;
import app.finish.core.highlight.HighlightSentence;
import app.finish.core.problem.Problem;
import app.finish.core.problem.Refusal;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.Palette;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// A style file as it was read: the style, if there is one, and all that is wrong or not known,
/// each with its place.
///
/// ```java
/// StyleReading reading = StyleFile.check(Path.of("mine.json"));
/// reading.findings().forEach(System.out::println);
/// ```
public final class StyleReading {
  /// The newest version that is understood.
  static final int VERSION = 1;

  private static final ObjectMapper JSON = new ObjectMapper();
  private static final List<String> KEYS =
      List.of(
          "format",
          "version",
          "name",
          "basedOn",
          "palette",
          "screen",
          "looks",
          "board",
          "highlights",
          "demands",
          "$schema");

  private final String fileName;
  private final List<Finding> findings = new ArrayList<>();
  private final Map<String, String> kept = new LinkedHashMap<>();
  private final Map<String, Integer> lines = new HashMap<>();
  private Optional<HouseStyle> style = Optional.empty();

  private StyleReading(String fileName) {
    this.fileName = fileName;
  }

  static StyleReading of(String text, String fileName, boolean shipped) throws Problem {
    StyleReading reading = new StyleReading(fileName);
    JsonNode root;
    try {
      root = JSON.readTree(text);
      reading.findLines(text);
    } catch (JsonProcessingException e) {
      throw new Problem(
          fileName
              + " is not a style: it is no JSON at line "
              + (e.getLocation() == null ? 1 : e.getLocation().getLineNr())
              + ". Mend it there, or pick another file.",
          e);
    } catch (IOException e) {
      throw new Problem(fileName + " is not a style. Pick another file.", e);
    }
    if (!root.isObject()) {
      throw new Problem(fileName + " is not a style: it holds no object. Pick another file.");
    }
    if (root.path("version").asInt(1) > VERSION) {
      throw new Problem(fileName + " was made by a newer Finish. Use it with that one.");
    }
    reading.read(root, shipped);
    return reading;
  }

  /// The style, if the file holds one.
  public Optional<HouseStyle> style() {
    return style;
  }

  /// What is wrong or not known, in the order of the file.
  public List<Finding> findings() {
    return List.copyOf(findings);
  }

  HouseStyle orThrow() throws Problem {
    for (Finding finding : findings) {
      if (finding.isWrong()) {
        throw new Problem(fileName + ", " + finding, fileName + ", " + finding.where().words());
      }
    }
    return style.orElseThrow();
  }

  /// What the style asks of its tables. A sentence that is no demand is kept, and asks nothing.
  private List<String> demands(JsonNode root) {
    List<String> demands = new ArrayList<>();
    for (JsonNode one : root.path("demands")) {
      demands.add(one.asText());
      HouseDemand.fault(one.asText())
          .ifPresent(fault -> find(fault + " It is kept, and asks nothing.", false, "demands"));
    }
    return demands;
  }

  /// The highlights of a style; one that can't be read is told, kept and does nothing.
  private List<String> highlights(JsonNode root) {
    List<String> all = new ArrayList<>();
    for (JsonNode one : root.path("highlights")) {
      try {
        HighlightSentence.read(one.asText());
      } catch (Refusal e) {
        find(e.sentence() + " It is kept, and does nothing.", false, "highlights");
      }
      all.add(one.asText());
    }
    return all;
  }

  private void findLines(String text) throws IOException {
    try (JsonParser parser = JSON.createParser(text)) {
      JsonToken token = parser.nextToken();
      while (token != null) {
        if (token == JsonToken.FIELD_NAME) {
          String pointer = parser.getParsingContext().pathAsPointer().toString();
          lines.putIfAbsent(pointer, parser.currentTokenLocation().getLineNr());
        }
        token = parser.nextToken();
      }
    }
  }

  private void find(String sentence, boolean wrong, String... keys) {
    StringBuilder pointer = new StringBuilder();
    for (String key : keys) {
      pointer.append('/').append(key.replace("~", "~0").replace("/", "~1"));
    }
    int line = lines.getOrDefault(pointer.toString(), 0);
    findings.add(
        new Finding(
            "style.reads",
            new Where.Key(String.join(" › ", keys), line),
            "",
            "",
            sentence,
            wrong,
            List.of()));
  }

  private void keep(JsonNode node, String sentence, String... keys) {
    kept.put(String.join(StyleFile.BETWEEN, keys), node.toString());
    find(sentence + " It is kept, and does nothing.", false, keys);
  }

  private void read(JsonNode root, boolean shipped) {
    String name = root.path("name").asText("");
    if (name.isBlank()) {
      find("The style has no name. Add \"name\": \"…\".", true, "name");
    }
    for (Map.Entry<String, JsonNode> entry : root.properties()) {
      if (!KEYS.contains(entry.getKey())) {
        keep(entry.getValue(), "This is not known here.", entry.getKey());
      }
    }
    Palette palette = palette(root.path("palette"), "palette");
    Palette screen = palette(root.path("screen"), "screen");
    String base = root.path("basedOn").asText("");
    style =
        Optional.of(
            new HouseStyle(
                name,
                base,
                shipped,
                palette,
                screen,
                looks(root, "looks"),
                looks(root, "board"),
                highlights(root),
                demands(root),
                kept));
  }

  private Map<Selector, Map<Property, String>> looks(JsonNode root, String chapter) {
    Map<Selector, Map<Property, String>> all = new LinkedHashMap<>();
    for (Map.Entry<String, JsonNode> look : root.path(chapter).properties()) {
      Optional<Selector> selector = Selector.parse(look.getKey());
      if (selector.isEmpty()) {
        keep(look.getValue(), "There is no part of this name.", chapter, look.getKey());
      } else {
        all.put(selector.get(), settings(look.getValue(), chapter, look.getKey()));
      }
    }
    return all;
  }

  private Palette palette(JsonNode node, String key) {
    Map<String, Colour> roles = new LinkedHashMap<>();
    for (Map.Entry<String, JsonNode> role : node.properties()) {
      if (!role.getKey().matches("[a-z][a-zA-Z]*")) {
        String sentence = "A role is one word of letters that begins small, such as accent.";
        find(sentence, true, key, role.getKey());
        continue;
      }
      try {
        roles.put(role.getKey(), Colour.parse(role.getValue().asText()));
      } catch (Refusal e) {
        find(e.sentence(), true, key, role.getKey());
      }
    }
    return new Palette(roles);
  }

  private Map<Property, String> settings(JsonNode look, String chapter, String part) {
    Map<Property, String> settings = new LinkedHashMap<>();
    for (Map.Entry<String, JsonNode> setting : look.properties()) {
      String key = setting.getKey();
      Optional<Property> property = Property.of(key);
      if (property.isEmpty()) {
        keep(setting.getValue(), "There is no property of this name.", chapter, part, key);
        continue;
      }
      try {
        property.get().check(setting.getValue().asText());
        settings.put(property.get(), setting.getValue().asText());
      } catch (Refusal e) {
        find(e.sentence(), true, chapter, part, key);
      }
    }
    return settings;
  }
}
