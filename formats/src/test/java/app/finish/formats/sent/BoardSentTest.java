package app.finish.formats.sent;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.arrange.make.Hold;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.place.Side;
import app.finish.core.document.BoardPlan;
import app.finish.core.document.Document;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.table.Value;
import app.finish.formats.Given;
import app.finish.formats.OutputFormat;
import app.finish.formats.io.SentTable;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// A board holds what its script needs: each row's members, each figure's exact value; and nothing
/// in it runs but its own script.
public class BoardSentTest {
  @DataProvider
  public Object[][] documents() throws IOException {
    return new Object[][] {
      {ManyTables.demo("APA 7", true)},
      {ManyTables.demo("Marram house", false)},
      {ManyTables.hostile("Ledger")},
      {Given.sailings("Plain")}
    };
  }

  private static org.jsoup.nodes.Document page(Document document) throws IOException {
    Path file = Given.sent(document, OutputFormat.BOARD);
    return Jsoup.parse(Files.readString(file));
  }

  @Test(dataProvider = "documents")
  public void eachFigureIsThereWithItsExactValue(Document document) throws IOException {
    List<Element> boards = page(document).select("section.board");
    List<SentTable> tables = ManyTables.sent(document).tables();
    assertThat(boards).hasSameSizeAs(tables);
    for (int i = 0; i < boards.size(); i++) {
      SentTable table = tables.get(i);
      List<DressedRow> rows = table.dressed().band(DressedRow.Band.BODY);
      Element sheet = boards.get(i).selectFirst(".sheet:not([hidden])");
      List<Map<Integer, Double>> figures = figures(sheet);
      assertThat(figures).hasSameSizeAs(rows);
      for (int row = 0; row < rows.size(); row++) {
        for (DressedCell cell : rows.get(row).cells()) {
          if (table.value(cell).orElse(null) instanceof Value.Numeric figure) {
            assertThat(figures.get(row)).containsEntry(cell.column(), figure.number() + 0.0);
          }
        }
      }
    }
  }

  /// The figures of each row by their columns: of those that are elements, and of those that are
  /// data.
  private static List<Map<Integer, Double>> figures(Element sheet) throws IOException {
    List<Map<Integer, Double>> all = new ArrayList<>();
    for (Element line : sheet.select("tbody > tr")) {
      Map<Integer, Double> figures = new HashMap<>();
      for (Element cell : line.select("[data-v]")) {
        figures.put(
            Integer.parseInt(cell.attr("data-at")), Double.parseDouble(cell.attr("data-v")));
      }
      all.add(figures);
    }
    Element data = sheet.selectFirst("script.rows");
    if (data != null) {
      JsonNode info = new ObjectMapper().readTree(sheet.selectFirst("script.about").data());
      JsonNode more = new ObjectMapper().readTree(data.data());
      for (JsonNode row : more.get("rows")) {
        Map<Integer, Double> figures = new HashMap<>();
        JsonNode form = more.get("forms").get(row.get(0).asInt());
        for (int i = 3; i < row.size(); i++) {
          int column = form.get(i - 2).get(2).asInt();
          String exact = exact(row.get(i), info);
          if (column >= info.get("stub").asInt() && !exact.isEmpty()) {
            figures.put(column, Double.parseDouble(exact));
          }
        }
        all.add(figures);
      }
    }
    return all;
  }

  /// As the script of the board reads it.
  private static String exact(JsonNode cell, JsonNode info) {
    if (cell.isArray()) {
      return cell.get(1).asText();
    }
    String text = cell.asText().replace(info.get("grouping").asText(), "");
    String bare = text.replace(info.get("point").asText(), ".").replace('−', '-');
    return bare.matches("-?\\d*\\.?\\d+") ? bare : "";
  }

  /// Of a long table the first rows are elements and the others data: with their figures, forms and
  /// labels, and not much larger than these.
  @Test
  public void aLongTableIsDataBelowItsFirstRows() throws IOException {
    List<String> lines = new ArrayList<>();
    lines.add("Route | Vessel | Fares | Running cost | Share");
    StringBuilder bare = new StringBuilder();
    for (int i = 0; i < 5_000; i++) {
      String fares = String.format("%,d.%d", i * 7919 % 100_000, i % 10);
      String line =
          "Route " + i / 8 + " | Vessel " + i % 8 + " | " + fares + " | " + i + " | −" + i % 97;
      lines.add(line);
      bare.append(line.replace(" | ", "\t")).append('\n');
    }
    Document document = Given.document("Plain", lines.toArray(String[]::new));
    Path file = Given.sent(document, OutputFormat.BOARD);
    Element sheet = Jsoup.parse(Files.readString(file)).selectFirst(".sheet");
    assertThat(sheet.select("tbody > tr")).hasSize(60);
    assertThat(figures(sheet)).hasSize(5_000);
    assertThat(figures(sheet).get(4_321)).containsEntry(3, 4321.0).containsEntry(4, -(4321.0 % 97));
    long frame = Files.size(Given.sent(Given.sailings("Plain"), OutputFormat.BOARD));
    assertThat((double) (Files.size(file) - frame) / bare.length()).isLessThan(1.5);
  }

  /// A table that is held at a member stands there at each member, or once for each.
  @Test
  public void aHeldTableIsThereAtEachMember() throws IOException {
    Document sailings = Given.sailings("Plain");
    Hold winter = new Hold(Side.DOWN, 1, "Winter");
    Document held =
        sailings.withFinish(0, sailings.table(0).finish().withArrangement(Arrangement.of(winter)));
    List<Element> sheets = page(held).select("section.board > .sheet");
    assertThat(sheets).extracting(one -> one.attr("data-member")).contains("Winter", "Summer");
    assertThat(sheets).filteredOn(one -> !one.hasAttr("hidden")).hasSize(1);
    for (Element sheet : sheets) {
      Hold there = new Hold(Side.DOWN, 1, sheet.attr("data-member"));
      SentTable table =
          ManyTables.sent(
                  held.withFinish(0, held.table(0).finish().withArrangement(Arrangement.of(there))))
              .tables()
              .getFirst();
      assertThat(sheet.select("tbody [data-v]"))
          .extracting(one -> Double.parseDouble(one.attr("data-v")))
          .containsExactlyElementsOf(
              table.dressed().band(DressedRow.Band.BODY).stream()
                  .flatMap(row -> row.cells().stream())
                  .flatMap(cell -> table.value(cell).stream())
                  .filter(Value.Numeric.class::isInstance)
                  .map(value -> ((Value.Numeric) value).number())
                  .toList());
    }
    String id = held.items().getFirst().id();
    Document apart = held.withBoard(BoardPlan.EMPTY.with(id).apart(id, true));
    assertThat(page(apart).select("section.board")).hasSameSizeAs(sheets);
  }

  /// The dark look has the same figures and other inks, and only where they differ.
  @Test
  public void aDarkPageHasInksOfItsOwn() throws IOException {
    String style = page(Given.sailings("Quay")).selectFirst("style").data();
    String dark = style.substring(style.lastIndexOf("@media"));
    assertThat(dark).contains("prefers-color-scheme: dark", "#1b1b1b").doesNotContain("padding");
  }

  /// Each row has each of its labels, so that it can stand anywhere.
  @Test(dataProvider = "documents")
  public void eachRowStandsByItself(Document document) throws Exception {
    for (Element board : page(document).select("section.board .sheet")) {
      JsonNode info = new ObjectMapper().readTree(board.selectFirst("script").data());
      int columns = info.get("stub").asInt() + info.get("columns").size();
      for (Element row : board.select("tbody > tr")) {
        int cells = 0;
        for (Element cell : row.children()) {
          assertThat(cell.hasAttr("rowspan")).isFalse();
          cells += cell.hasAttr("colspan") ? Integer.parseInt(cell.attr("colspan")) : 1;
        }
        assertThat(cells).isEqualTo(columns);
        assertThat(new ObjectMapper().readTree(row.attr("data-p")).isArray()).isTrue();
        assertThat(row.attr("data-r")).isIn("m", "s", "g", "h");
      }
    }
  }

  @Test(dataProvider = "documents")
  public void onlyItsOwnScriptRuns(Document document) throws Exception {
    org.jsoup.nodes.Document page = page(document);
    String policy = page.selectFirst("meta[http-equiv=Content-Security-Policy]").attr("content");
    assertThat(policy).startsWith("default-src 'none'");
    assertThat(policy).contains(digest(page.selectFirst("style").data()));
    Element script = page.select("script:not([type])").getFirst();
    assertThat(page.select("script:not([type])")).hasSize(1);
    assertThat(policy).contains(digest(script.data()));
    assertThat(page.select("[style], [onclick], [src], link, iframe")).isEmpty();
    for (Element id : page.select("[id]")) {
      assertThat(page.select("[id=\"" + id.id() + "\"]")).hasSize(1);
    }
  }

  private static String digest(String text) throws Exception {
    byte[] digest =
        MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
    return "sha256-" + Base64.getEncoder().encodeToString(digest);
  }
}
