package app.finish.formats.sent;

import static org.assertj.core.api.Assertions.assertThat;

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
import java.util.Base64;
import java.util.List;
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
      List<Element> lines = boards.get(i).select(".sheet:not([hidden]) tbody > tr");
      assertThat(lines).hasSameSizeAs(rows);
      for (int row = 0; row < rows.size(); row++) {
        for (DressedCell cell : rows.get(row).cells()) {
          if (table.value(cell).orElse(null) instanceof Value.Numeric figure) {
            Element there = lines.get(row).selectFirst("[data-at=" + cell.column() + "]");
            assertThat(Double.parseDouble(there.attr("data-v"))).isEqualTo(figure.number());
          }
        }
      }
    }
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
