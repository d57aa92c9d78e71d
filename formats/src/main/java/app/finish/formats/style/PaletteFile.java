package app.finish.formats.style;

import app.finish.core.problem.Problem;
import app.finish.core.style.PaletteMaker;
import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.Light;
import app.finish.core.style.colour.Palette;
import app.finish.formats.io.FileName;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Reads palettes: from CSS custom properties, from design tokens as the Design Tokens Community
/// Group writes them (JSON), or from a picture, whose main colours it finds.
///
/// ```java
/// Palette palette = PaletteFile.read(Path.of("brand.css"));
/// ```
public final class PaletteFile {
  private static final long LARGEST_TEXT = 4L << 20;
  private static final Pattern PROPERTY =
      Pattern.compile("--([A-Za-z0-9_-]+)\\s*:\\s*([^;}]+)[;}]");
  private static final Pattern RGB =
      Pattern.compile("rgba?\\(\\s*(\\d{1,3})[\\s,]+(\\d{1,3})[\\s,]+(\\d{1,3}).*");
  private static final Pattern ALIAS = Pattern.compile("(?:var\\(--|\\{)([^)}]+)[)}]");
  private static final ObjectMapper JSON = new ObjectMapper();

  private PaletteFile() {}

  /// The palette in a file.
  ///
  /// @throws Problem if there is none in it, in words for the person
  public static Palette read(Path file) throws IOException {
    String name = FileName.of(file);
    if (!Files.isReadable(file) || Files.isDirectory(file)) {
      throw new Problem("There is no file " + file + ". Check the name and the folder.");
    }
    String lower = name.toLowerCase(Locale.ROOT);
    if (lower.matches(".*\\.(png|jpe?g|gif|bmp)")) {
      return PaletteMaker.of(PictureColours.of(file));
    }
    if (Files.size(file) > LARGEST_TEXT) {
      throw new Problem(name + " is too large for a palette. Pick a smaller file.");
    }
    String text = new String(Files.readAllBytes(file), StandardCharsets.UTF_8);
    boolean json = lower.endsWith(".json") || lower.endsWith(".tokens");
    Map<String, String> found = json ? tokens(text, name) : properties(text);
    Palette palette = palette(found);
    if (palette.roles().isEmpty()) {
      throw new Problem(
          name
              + " names no colours. Pick a style sheet with --accent: #24605c; and the like, design"
              + " tokens as JSON, or a picture.");
    }
    return completed(palette);
  }

  private static Map<String, String> properties(String css) {
    Map<String, String> found = new LinkedHashMap<>();
    Matcher matcher = PROPERTY.matcher(css.replaceAll("(?s)/\\*.*?\\*/", ""));
    while (matcher.find()) {
      found.put(matcher.group(1), matcher.group(2).strip());
    }
    return found;
  }

  private static Map<String, String> tokens(String text, String name) throws Problem {
    try {
      Map<String, String> found = new LinkedHashMap<>();
      collect(JSON.readTree(text), "", found);
      return found;
    } catch (JsonProcessingException e) {
      throw new Problem(
          name
              + " is no JSON at line "
              + (e.getLocation() == null ? 1 : e.getLocation().getLineNr())
              + ". Mend it there, or pick another file.",
          e);
    }
  }

  private static void collect(JsonNode node, String path, Map<String, String> found) {
    JsonNode value = node.path("$value");
    if (!value.isMissingNode()) {
      found.put(path, value.isObject() ? ofParts(value) : value.asText());
      return;
    }
    for (Map.Entry<String, JsonNode> child : node.properties()) {
      if (!child.getKey().startsWith("$") && child.getValue().isObject()) {
        String here = path.isEmpty() ? child.getKey() : path + "." + child.getKey();
        collect(child.getValue(), here, found);
      }
    }
  }

  /// A colour by its parts, each from 0 to 1.
  private static String ofParts(JsonNode value) {
    if (value.has("hex")) {
      return value.path("hex").asText();
    }
    StringBuilder hex = new StringBuilder("#");
    for (JsonNode part : value.path("components")) {
      hex.append(String.format("%02x", Math.clamp(Math.round(part.asDouble() * 255), 0, 255)));
    }
    return hex.toString();
  }

  private static Palette palette(Map<String, String> found) {
    Palette palette = Palette.NONE;
    for (Map.Entry<String, String> one : found.entrySet()) {
      Optional<Colour> colour = colour(one.getValue(), found, 0);
      String role = RoleNames.of(one.getKey());
      if (colour.isPresent()) {
        boolean taken = palette.roles().containsKey(role);
        String free = taken ? RoleNames.own(one.getKey()) : role;
        palette = palette.roles().containsKey(free) ? palette : palette.with(free, colour.get());
      }
    }
    return palette;
  }

  private static Optional<Colour> colour(String text, Map<String, String> all, int depth) {
    Matcher alias = ALIAS.matcher(text);
    if (alias.matches() && depth < 8) {
      return Optional.ofNullable(all.get(alias.group(1).strip()))
          .flatMap(aimed -> colour(aimed, all, depth + 1));
    }
    Matcher rgb = RGB.matcher(text);
    if (rgb.matches()) {
      int red = Math.min(255, Integer.parseInt(rgb.group(1)));
      int green = Math.min(255, Integer.parseInt(rgb.group(2)));
      int blue = Math.min(255, Integer.parseInt(rgb.group(3)));
      return Optional.of(new Colour(red << 16 | green << 8 | blue));
    }
    String hex = text.matches("#[0-9a-fA-F]{8}") ? text.substring(0, 7) : text;
    return hex.matches("#([0-9a-fA-F]{3}|[0-9a-fA-F]{6})")
        ? Optional.of(Colour.parse(hex))
        : Optional.empty();
  }

  /// Roles that a file does not name are made from those that it does.
  private static Palette completed(Palette named) {
    List<Colour> main = new ArrayList<>();
    Optional.ofNullable(named.roles().get("accent")).ifPresent(main::add);
    main.addAll(named.roles().values());
    Palette all = PaletteMaker.of(main).overlaidWith(named);
    boolean dark = Light.luminance(all.colour("paper")) < Light.luminance(all.colour("ink"));
    return dark && !named.roles().containsKey("mist")
        ? all.with("mist", all.colour("accent").mixedInto(all.colour("paper"), 15))
        : all;
  }
}
