package app.finish.formats.html;

import app.finish.core.document.BoardPlan;
import app.finish.core.layout.Paper;
import app.finish.core.words.Markup;
import app.finish.formats.io.Kept;
import app.finish.formats.io.Sent;
import app.finish.formats.io.SentChart;
import app.finish.formats.io.SentItem;
import app.finish.formats.io.SentTable;
import app.finish.formats.io.TableWriter;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jsoup.nodes.DataNode;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.DocumentType;
import org.jsoup.nodes.Element;

/// Writes a board: one page that needs nothing else, in which readers sort, find, fold, hide
/// columns, point at figures, and take the data along. The page runs its own script and no other; a
/// policy in it (Content Security Policy Level 3) names both by their digests.
public final class BoardWriter implements TableWriter {
  @Override
  public Paper paper(Paper chosen) {
    return chosen.unpaged();
  }

  @Override
  public Set<Kept> keeps() {
    return Kept.allBut();
  }

  @Override
  public void write(Sent sent, OutputStream out) throws IOException {
    Map<String, SentItem> byId = new LinkedHashMap<>();
    sent.items().forEach(item -> byId.putIfAbsent(item.item().id(), item));
    BoardPlan plan = sent.document().board().over(List.copyOf(byId.keySet()));
    List<SentItem> items = plan.items().stream().map(byId::get).toList();
    String title = title(plan, items);
    Document page = Document.createShell("");
    page.outputSettings().prettyPrint(false).charset(StandardCharsets.UTF_8);
    page.prependChild(new DocumentType("html", "", ""));
    String language = items.isEmpty() ? "en" : items.getFirst().dressed().language().tag();
    page.child(0).attr("lang", language);
    Map<String, String> looks = new LinkedHashMap<>();
    Element main = page.body().appendElement("main");
    boolean one = items.size() == 1 && plan.title().isBlank();
    main.appendElement("h1").addClass(one ? "said" : "whole").text(title);
    contents(main, items);
    for (List<BoardPlan.Tile> band : plan.bands()) {
      Element box = band.size() == 1 ? main : main.appendElement("div").addClass("band");
      for (BoardPlan.Tile tile : band) {
        switch (tile) {
          case BoardPlan.Tile.Passage passage -> passage(box, passage.text());
          case BoardPlan.Tile.Placed placed -> {
            SentItem item = Objects.requireNonNull(byId.get(placed.id()));
            item(box, item, "t" + (items.indexOf(item) + 1), paper(sent.paper()), looks);
          }
        }
      }
    }
    page.body().appendElement("div").attr("id", "tip").attr("role", "status").attr("hidden", true);
    Element said = page.body().appendElement("div").attr("id", "said").addClass("said");
    said.attr("aria-live", "polite");
    finish(page, title, looks);
    out.write(page.outerHtml().getBytes(StandardCharsets.UTF_8));
  }

  private static void item(
      Element box, SentItem item, String id, Paper paper, Map<String, String> looks) {
    switch (item) {
      case SentTable table -> board(box, table, id, paper, looks);
      case SentChart chart -> box.appendChild(HtmlChart.pointed(chart, id));
    }
  }

  /// A text between tables and charts.
  private static void passage(Element box, String typed) {
    Element text = box.appendElement("p").addClass("passage");
    for (Markup.Stretch stretch : Markup.read(typed)) {
      Element to = stretch.bold() ? text.appendElement("b") : text;
      to = stretch.italic() ? to.appendElement("i") : to;
      to.appendText(stretch.text());
    }
  }

  private static String title(BoardPlan plan, List<SentItem> items) {
    if (!plan.title().isBlank()) {
      return Markup.plain(plan.title());
    }
    if (items.size() == 1) {
      return items.getFirst().name();
    }
    long charts = items.stream().filter(SentChart.class::isInstance).count();
    long tables = items.size() - charts;
    String first = tables + (tables == 1 ? " table" : " tables");
    return charts == 0 ? first : first + ", " + charts + (charts == 1 ? " chart" : " charts");
  }

  private static void contents(Element main, List<SentItem> items) {
    if (items.size() > 1) {
      Element list = main.appendElement("ul").addClass("table-list");
      for (int i = 0; i < items.size(); i++) {
        Element link = list.appendElement("li").appendElement("a").attr("href", "#t" + (i + 1));
        link.text(items.get(i).name());
      }
    }
  }

  private static void board(
      Element main, SentTable sent, String id, Paper paper, Map<String, String> looks) {
    String name = sent.name();
    BoardTable board = new BoardTable(sent);
    Element table = HtmlWriter.table(sent.proof(paper), id);
    board.prepare(table);
    Element section = main.appendElement("section").addClass("board").attr("id", id);
    section.attr("aria-label", name);
    Element box = section.appendElement("div").addClass("table-box").attr("tabindex", "0");
    box.attr("role", "group").attr("aria-label", name);
    table.attr("aria-describedby", id + "-shows");
    box.appendChild(table);
    for (Element styled : table.select("[style]")) {
      String look = styled.attr("style");
      styled.removeAttr("style");
      styled.addClass(looks.computeIfAbsent(look, key -> "k" + looks.size()));
    }
    Element shows = section.appendElement("p").attr("id", id + "-shows").attr("hidden", true);
    shows.text(board.description());
    String info = board.info(name).toString().replace("<", "\\u003c");
    section
        .appendElement("script")
        .attr("type", "application/json")
        .appendChild(new DataNode(info));
  }

  private static void finish(Document page, String title, Map<String, String> looks) {
    StringBuilder sheet = new StringBuilder(resource("board.css"));
    looks.forEach(
        (look, name) -> sheet.append('.').append(name).append(" { ").append(look).append(" }\n"));
    String style = sheet.toString();
    String script = resource("board.js");
    Element head = page.head();
    head.appendElement("meta").attr("charset", "utf-8");
    head.appendElement("meta")
        .attr("http-equiv", "Content-Security-Policy")
        .attr(
            "content",
            "default-src 'none'; base-uri 'none'; form-action 'none'; style-src '"
                + digest(style)
                + "'; script-src '"
                + digest(script)
                + "'");
    head.appendElement("meta")
        .attr("name", "viewport")
        .attr("content", "width=device-width, initial-scale=1");
    head.appendElement("meta").attr("name", "color-scheme").attr("content", "light dark");
    head.appendElement("title").text(title);
    head.appendElement("style").appendChild(new DataNode(style));
    page.body().appendElement("script").appendChild(new DataNode(script));
  }

  private static String digest(String text) {
    try {
      byte[] digest =
          MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
      return "sha256-" + Base64.getEncoder().encodeToString(digest);
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }

  private static String resource(String name) {
    try (InputStream in = BoardWriter.class.getResourceAsStream(name)) {
      if (in == null) {
        throw new IllegalStateException(name + " is missing");
      }
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
