package app.finish.formats.style;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.check.Finding;
import app.finish.core.check.InkPairs;
import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.layout.Paper;
import app.finish.core.problem.Problem;
import app.finish.core.style.Cascade;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.StyleBook;
import app.finish.core.style.Touches;
import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.Light;
import app.finish.core.style.colour.Palette;
import app.finish.core.table.MeasureKind;
import app.finish.formats.Given;
import app.finish.formats.OutputFormat;
import app.finish.formats.Sources;
import app.finish.formats.StyledWorkbook;
import app.finish.formats.finish.TouchesJson;
import app.finish.formats.samples.Samples;
import app.finish.formats.style.found.FoundStyle;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.Random;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Styles and palettes in files.
public class StyleFileTest {
  private Path folder;

  @BeforeClass
  public void makeFolder() throws IOException {
    folder = Files.createTempDirectory("finish-styles");
  }

  private Path file(String name, String text) throws IOException {
    return Files.writeString(folder.resolve(name), text);
  }

  @Test
  public void everyShippedStylePassesTheInkPairs() {
    StyleBook shipped = StyleFile.shipped();
    assertThat(shipped.styles()).hasSize(11);
    for (HouseStyle style : shipped.styles()) {
      Cascade cascade = shipped.cascade(style.name());
      assertThat(InkPairs.of(cascade)).as(style.name()).allMatch(InkPairs.Pair::passes);
      assertThat(InkPairs.of(cascade.onScreen()))
          .as(style.name() + " on a screen")
          .allMatch(InkPairs.Pair::passes);
      Cascade board = shipped.onBoard().cascade(style.name());
      assertThat(InkPairs.of(board))
          .as(style.name() + " on a board")
          .allMatch(InkPairs.Pair::passes);
      assertThat(InkPairs.of(board.inked(board.nightInks())))
          .as(style.name() + " on a dark board")
          .allMatch(InkPairs.Pair::passes);
      assertThat(cascade.palette().roles().size()).isBetween(8, 12);
      double paper = Light.luminance(cascade.palette().colour("paper"));
      assertThat(paper).as(style.name() + " prints light").isGreaterThan(0.9);
    }
    Cascade night = shipped.cascade("Night").onScreen();
    assertThat(Light.luminance(night.palette().colour("paper"))).isLessThan(0.05);
  }

  private static HouseStyle random(Random random) {
    HouseStyle style = HouseStyle.blank("Made " + random.nextInt(100)).basedOn("Plain");
    for (String role : List.of("ink", "paper", "accent")) {
      style = style.withPalette(style.palette().with(role, new Colour(random.nextInt(0x1000000))));
    }
    List<Selector> selectors =
        List.of(
            Selector.of(PartName.TABLE),
            new Selector.OfPart(PartName.SUBTOTAL_ROW, 2),
            new Selector.Alternate(),
            new Selector.AlternateColumns(),
            new Selector.OfKind(MeasureKind.PERCENT),
            new Selector.OfMeasure("Fares, € (net)"),
            new Selector.OfBoth(
                Selector.of(PartName.GRAND_TOTAL_ROW), new Selector.OfMeasure("Fares, € (net)")));
    for (int i = 0; i < 12; i++) {
      Property property = Property.values()[random.nextInt(Property.values().length)];
      String setting =
          property.choices().isEmpty()
              ? property.isRule() ? "0.5 pt accent 20% double gap 2 pt stays" : "4 pt"
              : property.choices().get(random.nextInt(property.choices().size()));
      if (property.accepts(setting)) {
        Selector selector = selectors.get(random.nextInt(selectors.size()));
        style =
            random.nextInt(3) == 0
                ? style.withOnBoard(selector, property, setting)
                : style.with(selector, property, setting);
      }
    }
    return random.nextBoolean() ? style : style.withScreen(style.palette());
  }

  @Test
  public void aStyleWrittenAndReadIsTheSame() throws IOException {
    Random random = new Random(1);
    for (int i = 0; i < 200; i++) {
      HouseStyle style = random(random);
      String json = StyleFile.write(style);
      HouseStyle again = StyleFile.parse(json, "made.json", false);
      assertThat(again).isEqualTo(style);
      assertThat(StyleFile.write(again)).isEqualTo(json);
    }
  }

  @Test
  public void whatIsNotKnownIsKeptAndToldWithItsPlace() throws IOException {
    Path file =
        file(
            "later.json",
            """
            {
              "name": "Later",
              "basedOn": "Plain",
              "shine": 3,
              "looks": {
                "title": {
                  "weight": "bold",
                  "sparkle": "much"
                },
                "gutter": { "size": "4 pt" }
              }
            }
            """);
    StyleReading reading = StyleFile.check(file);
    assertThat(reading.findings())
        .extracting(Finding::toString)
        .containsExactly(
            "line 4, shine: This is not known here. It is kept, and does nothing.",
            "line 8, looks › title › sparkle: There is no property of this name. It is kept, and"
                + " does nothing.",
            "line 10, looks › gutter: There is no part of this name. It is kept, and does"
                + " nothing.");
    assertThat(reading.findings()).noneMatch(Finding::isWrong);
    String written = StyleFile.write(StyleFile.read(file));
    JsonNode root = new ObjectMapper().readTree(written);
    assertThat(root.path("shine").asInt()).isEqualTo(3);
    assertThat(root.at("/looks/title/sparkle").asText()).isEqualTo("much");
    assertThat(root.at("/looks/title/weight").asText()).isEqualTo("bold");
    assertThat(root.at("/looks/gutter/size").asText()).isEqualTo("4 pt");
  }

  @DataProvider
  public Object[][] wrong() {
    return new Object[][] {
      {"{\"name\": \"A\", \"palette\": {\"ink\": \"blackish\"}}", "palette › ink"},
      {"{\"name\": \"A\", \"looks\": {\"title\": {\"size\": \"big\"}}}", "looks › title › size"},
      {"{\"name\": \"A\", \"looks\": {\"title\": {\"slant\": \"oblique\"}}}", "upright or italic"},
      {"{\"looks\": {}}", "has no name"},
      {"{\"name\": \"A\", \"version\": 9}", "newer Finish"},
      {"{\"name\": ", "no JSON at line 1"},
      {"[]", "holds no object"},
      {"", "is not a style"},
    };
  }

  @Test(dataProvider = "wrong")
  public void whatIsWrongIsOneSentence(String text, String says) throws IOException {
    Path file = file("wrong.json", text);
    assertThatThrownBy(() -> StyleFile.read(file))
        .isInstanceOf(Problem.class)
        .hasMessageContaining(says)
        .hasMessageContaining("wrong.json");
  }

  /// The schema that the documentation gives knows each part and each property, and each property's
  /// form is the one that the reader checks.
  @Test
  public void theSchemaSaysWhatTheReaderChecks() throws IOException {
    Path schema = Path.of("..", "docs", "house-style.schema.json");
    JsonNode root = new ObjectMapper().readTree(schema.toFile());
    JsonNode properties = root.at("/$defs/look/properties");
    for (Property property : Property.values()) {
      String pattern = properties.path(property.word()).path("pattern").asText();
      assertThat(pattern).as(property.word()).isNotEmpty();
      for (String choice : property.choices()) {
        assertThat(Pattern.matches(pattern, choice)).isTrue();
      }
      assertThat(pattern).isEqualTo("^(" + property.form() + ")$");
    }
    Pattern keys =
        Pattern.compile(root.at("/properties/looks/patternProperties").fieldNames().next());
    for (HouseStyle style : StyleFile.shipped().styles()) {
      style
          .settings()
          .keySet()
          .forEach(one -> assertThat(keys.matcher(one.toString()).matches()).isTrue());
      for (JsonNode look : new ObjectMapper().readTree(StyleFile.write(style)).path("looks")) {
        look.properties()
            .forEach(
                set ->
                    assertThat(
                            Pattern.matches(
                                properties.path(set.getKey()).path("pattern").asText(),
                                set.getValue().asText()))
                        .as(set.toString())
                        .isTrue());
      }
    }
  }

  @Test
  public void touchesAreReadAsTheyWereWritten() throws IOException {
    Touches touches =
        Touches.NONE
            .with(Selector.of(PartName.TITLE), Property.WEIGHT, "bold")
            .with(
                new Selector.OfPlace(List.of("Hale–Orrin"), List.of("Fares"), false),
                Property.FILL,
                "accent 20%")
            .with(new Selector.OfPlace(List.of(), List.of("2026"), true), Property.SLANT, "italic");
    assertThat(TouchesJson.read(TouchesJson.write(touches), "made")).isEqualTo(touches);
  }

  @Test
  public void aLibraryIsReadAndWrittenAndTellsWhatDiffers() throws IOException {
    StyleLibrary library = new StyleLibrary(folder.resolve("library"));
    assertThat(library.read().styles()).isEmpty();
    HouseStyle one = HouseStyle.blank("House").basedOn("Plain");
    Path file = library.add(one);
    assertThat(file.getFileName().toString()).isEqualTo("house.json");
    HouseStyle other = one.with(Selector.of(PartName.TITLE), Property.WEIGHT, "bold");
    assertThat(library.add(other)).isEqualTo(file);
    Files.writeString(folder.resolve("library").resolve("broken.json"), "{");
    StyleLibrary.Shelf shelf = library.read();
    assertThat(shelf.styles()).containsExactly(other);
    assertThat(shelf.findings()).singleElement().asString().contains("broken.json");
    assertThat(StyleLibrary.differences(one, other))
        .containsExactly("title › weight: unset, not bold");
    assertThat(StyleLibrary.differences(one, one)).isEmpty();
  }

  @Test
  public void aLibraryThatCanOnlyBeReadSaysSo() throws IOException {
    Path locked = Files.createDirectory(folder.resolve("locked"));
    Files.setPosixFilePermissions(locked, PosixFilePermissions.fromString("r-xr-xr-x"));
    StyleLibrary library = new StyleLibrary(locked);
    if (!Files.isWritable(locked)) {
      assertThatThrownBy(() -> library.add(HouseStyle.blank("House")))
          .isInstanceOf(Problem.class)
          .hasMessageContaining("can only be read");
    }
    Path taken = file("taken", "a file, not a folder");
    assertThatThrownBy(() -> new StyleLibrary(taken.resolve("styles")).add(HouseStyle.blank("A")))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("can't be made");
  }

  @Test
  public void paletteFromCustomProperties() throws IOException {
    Path css =
        file(
            "brand.css",
            "/* --accent: #ff0000; */ :root { --brand-primary: #0a6b8a; --text: rgb(20, 30, 40);"
                + " --bg: #fdfdfd; --border: var(--brand-primary); --brand-sea-2: #abc; --gap: 4px"
                + " }");
    Palette palette = PaletteFile.read(css);
    assertThat(palette.colour("accent")).isEqualTo(Colour.parse("#0a6b8a"));
    assertThat(palette.colour("ink")).isEqualTo(Colour.parse("#141e28"));
    assertThat(palette.colour("paper")).isEqualTo(Colour.parse("#fdfdfd"));
    assertThat(palette.colour("rule")).isEqualTo(Colour.parse("#0a6b8a"));
    assertThat(palette.roles()).containsKey("brandSeaC").containsKey("good");
  }

  @Test
  public void paletteFromDesignTokens() throws IOException {
    Path tokens =
        file(
            "brand.tokens.json",
            """
            {"color": {"$type": "color",
              "brand": {"$value": {"colorSpace": "srgb", "components": [0.0, 0.4, 0.2]}},
              "text": {"$value": "#202020"},
              "danger": {"$value": "{color.brand}"}}}
            """);
    Palette palette = PaletteFile.read(tokens);
    assertThat(palette.colour("accent")).isEqualTo(Colour.parse("#006633"));
    assertThat(palette.colour("ink")).isEqualTo(Colour.parse("#202020"));
    assertThat(palette.colour("bad")).isEqualTo(Colour.parse("#006633"));
  }

  @Test
  public void paletteFromAPicture() throws IOException {
    BufferedImage logo = new BufferedImage(6000, 4000, BufferedImage.TYPE_INT_ARGB);
    Graphics2D pen = logo.createGraphics();
    pen.setColor(Color.WHITE);
    pen.fillRect(0, 0, 6000, 4000);
    pen.setColor(new Color(0x0a6b8a));
    pen.fillRect(1000, 1000, 3000, 2000);
    pen.setColor(new Color(0xe8a200));
    pen.fillOval(4200, 1500, 800, 800);
    pen.dispose();
    Path picture = folder.resolve("logo.png");
    ImageIO.write(logo, "png", picture.toFile());
    List<Colour> main = PictureColours.of(picture);
    assertThat(Light.distance(main.get(0), Colour.parse("#0a6b8a"))).isLessThan(0.03);
    assertThat(main).anyMatch(one -> Light.distance(one, Colour.parse("#e8a200")) < 0.03);
    Palette palette = PaletteFile.read(picture);
    assertThat(Light.contrast(palette.colour("accent"), palette.colour("paper")))
        .isGreaterThanOrEqualTo(4.5);
    byte[] wide = Files.readAllBytes(picture);
    wide[16] = 0x00;
    wide[17] = 0x02;
    wide[20] = 0x00;
    wide[21] = 0x02;
    Path huge = Files.write(folder.resolve("huge.png"), wide);
    assertThatThrownBy(() -> PaletteFile.read(huge))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("huge.png")
        .hasMessageContaining("too large to look through");
    Path none = file("torn.png", "no picture at all");
    assertThatThrownBy(() -> PaletteFile.read(none))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("torn.png");
    Path empty = file("empty.css", "a { b: c }");
    assertThatThrownBy(() -> PaletteFile.read(empty))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("names no colours");
  }

  @Test
  public void aWorkbooksLookBecomesAStyle() throws IOException {
    Path workbook = folder.resolve("report.xlsx");
    StyledWorkbook.write(workbook);
    HouseStyle style = FoundStyle.read(workbook, "Report");
    Cascade cascade = StyleFile.shipped().with(style).cascade("Report");
    var table = Selector.of(PartName.TABLE);
    var body = cascade.look(List.of(table, Selector.of(PartName.BODY)));
    assertThat(body.face()).isEqualTo("Georgia");
    assertThat(body.size()).isEqualTo(9);
    var head =
        cascade.look(
            List.of(table, Selector.of(PartName.HEADS), Selector.of(PartName.COLUMN_HEAD)));
    assertThat(head.fill()).contains(Colour.parse("#0a6b8a"));
    assertThat(head.ink()).isEqualTo(Colour.parse("#ffffff"));
    assertThat(head.bold()).isTrue();
    var total =
        cascade.look(
            List.of(
                table,
                Selector.of(PartName.BODY),
                Selector.of(PartName.TOTALS),
                Selector.of(PartName.GRAND_TOTAL_ROW)));
    assertThat(total.bold()).isTrue();
    assertThat(total.ruleAbove().kind().name()).isEqualTo("DOUBLE");
    assertThat(style.settings()).containsKey(new Selector.Alternate());
  }

  @Test
  public void aDocumentsTableGivesItsStyleBack() throws IOException {
    Path out = folder.resolve("house.docx");
    Document document =
        Document.EMPTY.withAdded(
            Sources.read(Samples.copy(Samples.PIVOTS, folder)).getFirst(),
            Finish.in("Marram house"));
    Given.sending().write(document, List.of(0), OutputFormat.DOCX, Paper.A4, out);
    HouseStyle style = FoundStyle.read(out, "Found");
    Cascade cascade = StyleFile.shipped().with(style).cascade("Found");
    var table = Selector.of(PartName.TABLE);
    assertThat(cascade.look(List.of(table)).face()).isEqualTo("Calibri");
    assertThat(cascade.look(List.of(table)).size()).isEqualTo(10);
    var total = cascade.look(List.of(table, Selector.of(PartName.GRAND_TOTAL_ROW)));
    assertThat(total.fill()).contains(Colour.parse("#24605c"));
    assertThat(total.ink()).isEqualTo(Colour.parse("#fffefb"));
    assertThat(total.bold()).isTrue();
    assertThat(cascade.look(List.of(table, Selector.of(PartName.SUBTOTAL_ROW))).fill())
        .contains(Colour.parse("#ecf2ef"));
  }
}
