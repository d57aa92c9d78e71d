package app.finish.formats;

import app.finish.core.style.Colour;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.Palette;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.StyleBook;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// House styles as JSON: `name`, `basedOn`, `palette` (role → #rrggbb) and `looks` (part → property
/// → setting). docs/styles.md lists the parts and properties.
///
/// ```java
/// HouseStyle mine = StyleFile.read(Path.of("mine.json"));
/// ```
public final class StyleFile {
  private static final List<String> SHIPPED = List.of("plain", "marram-house", "apa-7");
  private static final ObjectMapper JSON = new ObjectMapper();

  private StyleFile() {}

  /// The styles that ship with Finish: Plain, Marram house, APA 7.
  public static StyleBook shipped() {
    List<HouseStyle> styles = new ArrayList<>();
    for (String name : SHIPPED) {
      String path = "/app/finish/formats/styles/" + name + ".json";
      try (InputStream stream = StyleFile.class.getResourceAsStream(path)) {
        styles.add(parse(new String(stream.readAllBytes(), StandardCharsets.UTF_8), name, true));
      } catch (IOException e) {
        throw new IllegalStateException("the shipped style " + name + " does not read", e);
      }
    }
    return StyleBook.of(styles);
  }

  /// The style in a file.
  ///
  /// @throws Problem if it is not a style, in words for the person
  public static HouseStyle read(Path file) throws IOException {
    String name = Sources.name(file);
    if (!Files.isReadable(file) || Files.isDirectory(file)) {
      throw new Problem("There is no style file " + file + ". Check the name and the folder.");
    }
    if (Files.size(file) > 4 << 20) {
      throw new Problem(name + " is too large for a style. Pick a style file.");
    }
    return parse(Files.readString(file), name, false);
  }

  static HouseStyle parse(String text, String fileName, boolean shipped) throws Problem {
    JsonNode root;
    try {
      root = JSON.readTree(text);
    } catch (JsonProcessingException e) {
      throw new Problem(
          fileName
              + " is not a style: it is no JSON at line "
              + (e.getLocation() == null ? 1 : e.getLocation().getLineNr())
              + ". Mend it there, or pick another file.",
          e);
    }
    return fromJson(root, fileName, shipped);
  }

  static HouseStyle fromJson(JsonNode root, String fileName, boolean shipped) throws Problem {
    String name = root.path("name").asText("");
    if (name.isBlank()) {
      throw new Problem(fileName + " is not a style: it has no name. Add \"name\": \"…\".");
    }
    Map<String, Colour> roles = new LinkedHashMap<>();
    for (Map.Entry<String, JsonNode> role : root.path("palette").properties()) {
      try {
        roles.put(role.getKey(), Colour.parse(role.getValue().asText()));
      } catch (IllegalArgumentException e) {
        throw new Problem(fileName + ", palette, " + role.getKey() + ": " + e.getMessage(), e);
      }
    }
    Map<Selector, Map<Property, String>> settings = new LinkedHashMap<>();
    for (Map.Entry<String, JsonNode> look : root.path("looks").properties()) {
      Selector selector =
          Selector.parse(look.getKey())
              .orElseThrow(
                  () ->
                      new Problem(
                          fileName
                              + ": “"
                              + look.getKey()
                              + "” is no part of a table. Name a part, such as title or grandTotalRow."));
      settings.put(selector, settings(look.getValue(), look.getKey(), fileName));
    }
    return new HouseStyle(
        name, root.path("basedOn").asText(""), shipped, new Palette(roles), settings);
  }

  private static Map<Property, String> settings(JsonNode look, String part, String fileName)
      throws Problem {
    Map<Property, String> settings = new LinkedHashMap<>();
    for (Map.Entry<String, JsonNode> setting : look.properties()) {
      String key = setting.getKey();
      String value = setting.getValue().asText();
      Property property =
          Property.of(key)
              .orElseThrow(
                  () ->
                      new Problem(
                          fileName
                              + ", "
                              + part
                              + ": there is no property “"
                              + key
                              + "”. See docs/styles.md for the properties."));
      if (!property.accepts(value)) {
        throw new Problem(
            fileName
                + ", "
                + part
                + ": "
                + key
                + " can't be “"
                + value
                + "”. See docs/styles.md for what it can be.");
      }
      settings.put(property, value);
    }
    return settings;
  }

  /// The style as JSON.
  public static String write(HouseStyle style) {
    try {
      return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(toJson(style));
    } catch (JsonProcessingException e) {
      throw new IllegalStateException(e);
    }
  }

  static ObjectNode toJson(HouseStyle style) {
    ObjectNode root = JSON.createObjectNode();
    root.put("name", style.name());
    root.put("basedOn", style.basedOn());
    ObjectNode palette = root.putObject("palette");
    style.palette().roles().forEach((role, colour) -> palette.put(role, colour.toString()));
    ObjectNode looks = root.putObject("looks");
    style
        .settings()
        .forEach(
            (selector, settings) -> {
              ObjectNode look = looks.putObject(selector.toString());
              settings.forEach((property, value) -> look.put(property.word(), value));
            });
    return root;
  }
}
