package app.finish.formats.finish;

import app.finish.core.arrange.move.Arrangement;
import app.finish.core.document.BoardPlan;
import app.finish.core.document.Document;
import app.finish.core.document.DocumentChart;
import app.finish.core.document.DocumentTable;
import app.finish.core.document.Finish;
import app.finish.core.document.Item;
import app.finish.core.document.Source;
import app.finish.core.document.Wear;
import app.finish.core.highlight.Highlight;
import app.finish.core.note.OwnNotes;
import app.finish.core.note.Wording;
import app.finish.core.problem.Problem;
import app.finish.core.problem.Refusal;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.PartName;
import app.finish.core.style.StyleBook;
import app.finish.core.style.Touches;
import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.Palette;
import app.finish.core.words.Markup;
import app.finish.formats.io.AtomicFile;
import app.finish.formats.io.FileName;
import app.finish.formats.io.WholeZip;
import app.finish.formats.io.ZipText;
import app.finish.formats.style.StyleFile;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.io.InterruptedIOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;

/// Documents as `.finish` files: a zip of plain JSON and CSV, sources included. docs/file-format.md
/// describes it.
///
/// ```java
/// DocumentFile.write(document, Path.of("paper.finish"));
/// Document same = DocumentFile.read(Path.of("paper.finish"));
/// ```
public final class DocumentFile {
  private static final int VERSION = 7;

  /// What documents without charts are, so that an older Finish opens them.
  private static final int WITHOUT_CHARTS = 6;

  /// The first version whose words are typed with marks of italic, bold and the like.
  private static final int MARKED = 6;

  private static final long LARGEST_PART = 512L << 20;
  private static final ObjectMapper JSON = new ObjectMapper();

  private DocumentFile() {}

  /// Writes the document, whole or not at all.
  ///
  /// @throws Problem if it can't be written there, in words for the person
  public static void write(Document document, Path file) throws IOException {
    AtomicFile.write(file, out -> write(document, out));
  }

  private static void write(Document document, OutputStream out) throws IOException {
    ZipText zip = new ZipText(out);
    ObjectNode root = JSON.createObjectNode();
    boolean charts = document.items().size() > document.tables().size();
    root.put("format", "finish").put("version", charts ? VERSION : WITHOUT_CHARTS);
    ArrayNode items = root.putArray("items");
    for (Item item : document.items()) {
      items.addObject().put("kind", word(item.kind())).put("id", item.id());
    }
    root.put("styles", document.styles().size());
    if (!document.palette().roles().isEmpty()) {
      ObjectNode palette = root.putObject("palette");
      document.palette().roles().forEach((role, ink) -> palette.put(role, ink.toString()));
    }
    if (!document.wear().styles().isEmpty()) {
      ObjectNode wear = root.putObject("wear");
      document.wear().styles().forEach((kind, style) -> wear.put(word(kind), style));
    }
    if (!document.wording().equals(Wording.USUAL)) {
      root.set("wording", WordingJson.write(document.wording()));
    }
    if (!document.board().equals(BoardPlan.EMPTY)) {
      root.set("board", BoardJson.write(document.board()));
    }
    zip.add("finish.json", pretty(root));
    for (Item item : document.items()) {
      switch (item) {
        case DocumentTable table -> add(table, zip);
        case DocumentChart chart ->
            zip.add("charts/" + chart.id() + ".json", pretty(ChartJson.write(chart)));
      }
    }
    for (int i = 0; i < document.styles().size(); i++) {
      zip.add("styles/" + (i + 1) + ".json", StyleFile.write(document.styles().get(i)));
    }
    zip.addDigests();
    zip.finish();
  }

  private static void add(DocumentTable table, ZipText zip) throws IOException {
    String folder = "tables/" + table.id() + "/";
    if (table.source().tally().isPresent()) {
      zip.add(folder + "tally.json", TallyJson.write(table.source().tally().get()));
    } else {
      zip.add(folder + "source.csv", GridJson.csv(table.source().grid()));
      ObjectNode source = GridJson.json(table.source().grid());
      source.put("name", table.source().name());
      zip.add(folder + "source.json", source.toString());
    }
    zip.add(folder + "finish.json", pretty(finish(table.finish())));
  }

  private static String pretty(ObjectNode node) throws JsonProcessingException {
    return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(node);
  }

  private static ObjectNode finish(Finish finish) {
    ObjectNode node = JSON.createObjectNode();
    node.put("style", finish.style());
    ObjectNode words = node.putObject("words");
    finish.words().forEach((part, text) -> words.put(part.word(), text));
    if (!finish.notes().isEmpty()) {
      node.set("notes", NotesJson.write(finish.notes()));
    }
    node.set("corrections", CorrectionsJson.write(finish.corrections()));
    if (!finish.arrangement().isEmpty()) {
      node.set("arrangement", ArrangementJson.write(finish.arrangement()));
    }
    if (!finish.left().isEmpty()) {
      ObjectNode left = node.putObject("left");
      finish.left().forEach(left::put);
    }
    if (!finish.highlights().isEmpty()) {
      node.set("highlights", HighlightsJson.write(finish.highlights()));
    }
    if (!finish.touches().isEmpty()) {
      node.set("touches", TouchesJson.write(finish.touches()));
    }
    return node;
  }

  /// The document in a file.
  ///
  /// @throws Problem if the file is no document or is damaged, in words for the person
  public static Document read(Path file) throws IOException {
    String name = FileName.of(file);
    if (!Files.exists(file)) {
      throw new Problem("There is no file " + file + ". Check the name and the folder.");
    }
    try (ZipFile zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8)) {
      return read(zip, name);
    } catch (Problem | FileSystemException | InterruptedIOException e) {
      throw e;
    } catch (IOException | Refusal e) {
      throw isZip(file) ? GridJson.damaged(name) : notADocument(name);
    }
  }

  private static boolean isZip(Path file) throws IOException {
    try (InputStream stream = Files.newInputStream(file)) {
      return FileName.startsWith(stream.readNBytes(4), 'P', 'K');
    }
  }

  private static Problem notADocument(String name) {
    return new Problem(
        name
            + " is not a Finish document. Open a file that ends in .finish, or bring this one in.");
  }

  private static Document read(ZipFile zip, String name) throws IOException {
    if (zip.getEntry("finish.json") == null) {
      throw notADocument(name);
    }
    WholeZip.check(zip, name);
    PartDigests.check(zip, name);
    JsonNode root = json(zip, "finish.json", name);
    if (root.path("version").asInt() > VERSION) {
      throw new Problem(name + " was saved by a newer Finish. Open it with that one.");
    }
    boolean marked = root.path("version").asInt() >= MARKED;
    List<Item> items = new ArrayList<>();
    for (JsonNode id : root.path("tables")) {
      items.add(table(zip, id.asText(), name, marked));
    }
    for (JsonNode item : root.path("items")) {
      String id = item.path("id").asText();
      items.add(
          switch (kind(item.path("kind").asText(), name)) {
            case TABLE -> table(zip, id, name, marked);
            case FIGURE -> ChartJson.read(id, json(zip, "charts/" + id + ".json", name), name);
          });
    }
    checkCharts(items, name);
    List<HouseStyle> styles = new ArrayList<>();
    for (int i = 1; i <= root.path("styles").asInt(); i++) {
      String part = "styles/" + i + ".json";
      styles.add(StyleFile.parse(text(zip, part, name), name + ", " + part, false));
    }
    StyleBook book = StyleFile.shipped();
    for (HouseStyle style : styles) {
      book = book.with(style);
    }
    for (HouseStyle style : styles) {
      Optional<String> fault = book.fault(style.name());
      if (fault.isPresent()) {
        throw new Problem(name + " can't be opened: " + fault.get() + " Mend the style in it.");
      }
    }
    return new Document(
        items,
        styles,
        palette(root.path("palette"), name),
        wear(root),
        WordingJson.read(root.path("wording"), name),
        BoardJson.read(root.path("board"), name));
  }

  /// Each chart is one of a table that the document holds.
  private static void checkCharts(List<Item> items, String name) throws Problem {
    Set<String> tables =
        items.stream()
            .filter(DocumentTable.class::isInstance)
            .map(Item::id)
            .collect(Collectors.toSet());
    for (Item item : items) {
      if (item instanceof DocumentChart chart && !tables.contains(chart.table())) {
        throw GridJson.damaged(name);
      }
    }
  }

  private static DocumentTable table(ZipFile zip, String id, String name, boolean marked)
      throws IOException {
    String folder = "tables/" + id + "/";
    return new DocumentTable(
        id,
        source(zip, folder, name),
        finish(json(zip, folder + "finish.json", name), name, marked));
  }

  private static String word(Item.Kind kind) {
    return kind.name().toLowerCase(Locale.ROOT);
  }

  private static Item.Kind kind(String word, String name) throws Problem {
    for (Item.Kind kind : Item.Kind.values()) {
      if (word(kind).equals(word)) {
        return kind;
      }
    }
    throw GridJson.damaged(name);
  }

  private static String word(Wear.Kind kind) {
    return kind.name().toLowerCase(Locale.ROOT);
  }

  private static Palette palette(JsonNode node, String name) throws Problem {
    Palette palette = Palette.NONE;
    for (Map.Entry<String, JsonNode> role : node.properties()) {
      try {
        palette = palette.with(role.getKey(), Colour.parse(role.getValue().asText()));
      } catch (Refusal e) {
        throw GridJson.damaged(name);
      }
    }
    return palette;
  }

  private static Wear wear(JsonNode root) {
    Wear wear = Wear.NONE;
    for (Wear.Kind kind : Wear.Kind.values()) {
      String style = root.path("wear").path(word(kind)).asText("");
      wear = style.isEmpty() ? wear : wear.with(kind, style);
    }
    return wear;
  }

  private static Source source(ZipFile zip, String folder, String name) throws IOException {
    if (zip.getEntry(folder + "tally.json") != null) {
      return Source.of(TallyJson.read(text(zip, folder + "tally.json", name), name));
    }
    JsonNode source = json(zip, folder + "source.json", name);
    return new Source(
        source.path("name").asText(""),
        GridJson.read(text(zip, folder + "source.csv", name), source, name));
  }

  private static Finish finish(JsonNode node, String name, boolean marked) throws Problem {
    Map<PartName, String> words = new EnumMap<>(PartName.class);
    for (Map.Entry<String, JsonNode> word : node.path("words").properties()) {
      PartName part = PartName.of(word.getKey()).orElseThrow(() -> GridJson.damaged(name));
      String text = word.getValue().asText();
      words.put(part, marked ? text : Markup.escaped(text));
    }
    Corrections corrections = CorrectionsJson.read(node.path("corrections"), name);
    Arrangement arrangement = ArrangementJson.read(node.path("arrangement"), name);
    Touches touches = TouchesJson.read(node.path("touches"), name);
    String style = node.path("style").asText("Plain");
    List<Highlight> highlights = HighlightsJson.read(node.path("highlights"));
    Map<String, String> left = new TreeMap<>();
    for (Map.Entry<String, JsonNode> one : node.path("left").properties()) {
      left.put(one.getKey(), one.getValue().asText());
    }
    OwnNotes notes = NotesJson.read(node.path("notes"), name);
    return new Finish(corrections, arrangement, style, touches, highlights, words, notes, left);
  }

  private static JsonNode json(ZipFile zip, String part, String name) throws IOException {
    try {
      return JSON.readTree(text(zip, part, name));
    } catch (JsonProcessingException e) {
      throw GridJson.damaged(name);
    }
  }

  private static String text(ZipFile zip, String part, String name) throws IOException {
    ZipEntry entry = zip.getEntry(part);
    if (entry == null || entry.getSize() > LARGEST_PART) {
      throw GridJson.damaged(name);
    }
    try (InputStream stream = zip.getInputStream(entry)) {
      byte[] bytes = stream.readNBytes((int) LARGEST_PART);
      return new String(bytes, StandardCharsets.UTF_8);
    } catch (java.io.EOFException e) {
      throw GridJson.damaged(name);
    }
  }
}
