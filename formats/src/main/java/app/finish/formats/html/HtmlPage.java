package app.finish.formats.html;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jsoup.nodes.DataNode;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.DocumentType;
import org.jsoup.nodes.Element;

/// A web page of its own around tables: each in a box that scrolls where the window is narrow, a
/// list of them where there are several, and one style sheet in which each look stands once. Around
/// the tables the page is dark for readers who ask for that; a table stays on its own paper.
///
/// ```java
/// HtmlPage page = new HtmlPage("de-DE", List.of("Table 1. Fares"));
/// page.add(table, "t1", "Table 1. Fares", "Fares by route");
/// page.html();
/// ```
final class HtmlPage {
  /// What the page itself looks like, on a screen and printed.
  private static final String AROUND =
      """
      body { margin: 2rem auto; padding: 0 1rem; max-width: max-content; background: #f6f6f4; color: #222 }
      .table-box { position: relative; overflow-x: auto; max-width: calc(100vw - 2rem); margin: 0 0 2.5rem; padding: 2px }
      .table-box caption > div { position: sticky; left: 0; max-width: calc(100vw - 2.5rem) }
      .chart { margin: 0 0 2.5rem }
      .chart svg { max-width: 100%; height: auto }
      .table-list { font: 0.95rem/1.5 system-ui, sans-serif; margin: 0 0 2rem; padding: 0; list-style: none }
      .table-list a { color: inherit }
      h1 { position: absolute; width: 1px; height: 1px; margin: 0; overflow: hidden; clip-path: inset(50%); white-space: nowrap }
      @media (prefers-color-scheme: dark) { body { background: #1c1e20; color: #e4e4e0 } }
      @media print {
        body { margin: 0; padding: 0; background: none; color: #000 }
        .table-box { overflow: visible; max-width: none; break-inside: auto }
        .table-list { display: none }
        thead { display: table-header-group }
        tr { break-inside: avoid }
        tfoot { display: table-row-group; break-before: avoid }
        * { print-color-adjust: exact; -webkit-print-color-adjust: exact }
      }
      """;

  private final Document page = Document.createShell("");
  private final Element main = page.body().appendElement("main");
  private final Map<String, String> looks = new LinkedHashMap<>();

  /// @param language the tag of the language that most of it is in
  /// @param titles what each table is called
  HtmlPage(String language, List<String> titles) {
    page.outputSettings().prettyPrint(false).charset(java.nio.charset.StandardCharsets.UTF_8);
    page.prependChild(new DocumentType("html", "", ""));
    page.child(0).attr("lang", language);
    Element head = page.head();
    head.appendElement("meta").attr("charset", "utf-8");
    head.appendElement("meta")
        .attr("name", "viewport")
        .attr("content", "width=device-width, initial-scale=1");
    head.appendElement("meta").attr("name", "color-scheme").attr("content", "light dark");
    String name = titles.isEmpty() ? "" : titles.getFirst();
    String whole = titles.size() > 1 ? name + " – " + titles.getLast() : name;
    head.appendElement("title").text(whole);
    if (!whole.isBlank()) {
      main.appendElement("h1").text(whole);
    }
    if (titles.size() > 1) {
      Element list = main.appendElement("ul").addClass("table-list");
      for (int i = 0; i < titles.size(); i++) {
        Element link = list.appendElement("li").appendElement("a").attr("href", "#t" + (i + 1));
        link.text(titles.get(i).isBlank() ? "" + (i + 1) : titles.get(i));
      }
    }
  }

  /// A table at the end of the page.
  ///
  /// @param id its id, and what those of its heads begin with
  /// @param language the tag of its own language
  void add(Element table, String id, String title, String description, String language) {
    main.appendText("\n");
    Element box = main.appendElement("div").addClass("table-box").attr("id", id);
    box.attr("role", "region").attr("tabindex", "0");
    box.attr("aria-label", title.isBlank() ? description : title);
    table.attr("aria-describedby", id + "-shows");
    if (!language.equals(page.child(0).attr("lang"))) {
      table.attr("lang", language);
    }
    box.appendChild(table);
    for (Element styled : table.select("[style]")) {
      String look = styled.attr("style");
      styled.removeAttr("style");
      styled.addClass(looks.computeIfAbsent(look, key -> "k" + looks.size()));
    }
    Element shows = main.appendElement("p").attr("id", id + "-shows").attr("hidden", true);
    shows.text(description);
  }

  /// A chart at the end of the page.
  void add(Element figure) {
    main.appendText("\n");
    main.appendChild(figure);
  }

  /// The page as it is written to a file.
  String html() {
    StringBuilder sheet = new StringBuilder("\n").append(AROUND);
    looks.forEach(
        (look, name) -> sheet.append('.').append(name).append(" { ").append(look).append(" }\n"));
    page.head().appendElement("style").appendChild(new DataNode(sheet.toString()));
    main.appendText("\n");
    return page.outerHtml();
  }
}
