package app.finish.formats.style;

import app.finish.core.problem.Problem;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.StyleBook;
import app.finish.formats.io.AtomicFile;
import app.finish.formats.io.FileName;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/// House styles as JSON. docs/house-style-format.md describes it, with a JSON Schema; each mistake
/// is told with its place.
///
/// ```java
/// HouseStyle mine = StyleFile.read(Path.of("mine.json"));
/// ```
public final class StyleFile {
  /// What stands between the keys that lead to something unknown; no key holds it.
  static final String BETWEEN = "\u001f";

  private static final List<String> SHIPPED =
      List.of(
          "plain",
          "marram-house",
          "apa-7",
          "hairline",
          "ledger",
          "watch",
          "lectern",
          "night",
          "quay",
          "timetable",
          "beacon");

  private static final long LARGEST = 4L << 20;
  private static final ObjectMapper JSON = new ObjectMapper();

  private StyleFile() {}

  /// The styles that ship with Finish.
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

  /// The style in a file. What the file says that is not known here is kept.
  ///
  /// @throws Problem if it is not a style, in words for the person
  public static HouseStyle read(Path file) throws IOException {
    return parse(text(file), FileName.of(file), false);
  }

  /// The style in a file with all that is wrong with it or not known here.
  ///
  /// @throws Problem if the file can't be read at all
  public static StyleReading check(Path file) throws IOException {
    return StyleReading.of(text(file), FileName.of(file), false);
  }

  private static String text(Path file) throws IOException {
    if (!Files.isReadable(file) || Files.isDirectory(file)) {
      throw new Problem("There is no style file " + file + ". Check the name and the folder.");
    }
    if (Files.size(file) > LARGEST) {
      throw new Problem(FileName.of(file) + " is too large for a style. Pick a style file.");
    }
    return new String(Files.readAllBytes(file), StandardCharsets.UTF_8);
  }

  public static HouseStyle parse(String text, String fileName, boolean shipped) throws Problem {
    return StyleReading.of(text, fileName, shipped).orThrow();
  }

  /// Writes the style, whole or not at all.
  ///
  /// @throws Problem if it can't be written there, in words for the person
  public static void write(HouseStyle style, Path file) throws IOException {
    AtomicFile.write(file, out -> out.write(write(style).getBytes(StandardCharsets.UTF_8)));
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
    root.put("format", "finish-style").put("version", StyleReading.VERSION);
    root.put("name", style.name());
    root.put("basedOn", style.basedOn());
    ObjectNode palette = root.putObject("palette");
    style.palette().roles().forEach((role, colour) -> palette.put(role, colour.toString()));
    if (!style.screen().roles().isEmpty()) {
      ObjectNode screen = root.putObject("screen");
      style.screen().roles().forEach((role, colour) -> screen.put(role, colour.toString()));
    }
    looks(root.putObject("looks"), style.settings());
    if (!style.board().isEmpty()) {
      looks(root.putObject("board"), style.board());
    }
    if (!style.highlights().isEmpty()) {
      style.highlights().forEach(root.putArray("highlights")::add);
    }
    if (!style.demands().isEmpty()) {
      style.demands().forEach(root.putArray("demands")::add);
    }
    style.kept().forEach((place, json) -> putBack(root, place, json));
    return root;
  }

  private static void looks(ObjectNode looks, Map<Selector, Map<Property, String>> all) {
    all.forEach(
        (selector, settings) -> {
          ObjectNode look = looks.putObject(selector.toString());
          settings.forEach((property, value) -> look.put(property.word(), value));
        });
  }

  /// What was not known stands where it stood.
  private static void putBack(ObjectNode root, String place, String json) {
    String[] keys = place.split(BETWEEN, -1);
    ObjectNode at = root;
    for (int i = 0; i < keys.length - 1; i++) {
      at = at.withObjectProperty(keys[i]);
    }
    try {
      at.set(keys[keys.length - 1], JSON.readTree(json));
    } catch (JsonProcessingException e) {
      throw new IllegalStateException(e);
    }
  }
}
