package app.finish.formats.html;

import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.layout.Paper;
import app.finish.core.style.PartName;
import app.finish.formats.io.Kept;
import app.finish.formats.io.Sent;
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
    List<SentTable> tables = sent.tables();
    Document page = Document.createShell("");
    page.outputSettings().prettyPrint(false).charset(StandardCharsets.UTF_8);
    page.prependChild(new DocumentType("html", "", ""));
    String language = tables.isEmpty() ? "en" : tables.getFirst().dressed().language().tag();
    page.child(0).attr("lang", language);
    Map<String, String> looks = new LinkedHashMap<>();
    Element main = page.body().appendElement("main");
    main.appendElement("h1").addClass(tables.size() == 1 ? "said" : "whole").text(title(tables));
    contents(main, tables);
    for (int i = 0; i < tables.size(); i++) {
      board(main, tables.get(i), "t" + (i + 1), paper(sent.paper()), looks);
    }
    page.body().appendElement("div").attr("id", "tip").attr("role", "status").attr("hidden", true);
    Element said = page.body().appendElement("div").attr("id", "said").addClass("said");
    said.attr("aria-live", "polite");
    finish(page, tables, looks);
    out.write(page.outerHtml().getBytes(StandardCharsets.UTF_8));
  }

  private static String title(List<SentTable> tables) {
    return tables.size() == 1 ? name(tables.getFirst()) : tables.size() + " tables";
  }

  private static void contents(Element main, List<SentTable> tables) {
    if (tables.size() > 1) {
      Element list = main.appendElement("ul").addClass("table-list");
      for (int i = 0; i < tables.size(); i++) {
        Element link = list.appendElement("li").appendElement("a").attr("href", "#t" + (i + 1));
        link.text(name(tables.get(i)));
      }
    }
  }

  /// What a table is called in lists and announcements: its number and its title.
  private static String name(SentTable table) {
    StringBuilder name = new StringBuilder();
    for (DressedRow row : table.dressed().band(Band.ABOVE)) {
      PartName part = row.part().name();
      if (part == PartName.NUMBER || part == PartName.TITLE) {
        name.append(name.isEmpty() ? "" : ". ").append(row.cells().getFirst().text());
      }
    }
    return name.isEmpty() ? "Table " + table.number() : name.toString();
  }

  private static void board(
      Element main, SentTable sent, String id, Paper paper, Map<String, String> looks) {
    String name = name(sent);
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

  private static void finish(Document page, List<SentTable> tables, Map<String, String> looks) {
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
    head.appendElement("title").text(title(tables));
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
