package app.finish.formats.html;

import app.finish.core.layout.Proof;
import app.finish.formats.io.SentTable;
import app.finish.formats.io.XmlText;
import java.util.List;

/// A web page of its own around tables: each in a box that scrolls where the window is narrow, a
/// list of them where there are several, and one style sheet in which each look stands once. Around
/// the tables the page is dark for readers who ask for that; a table stays on its own paper.
///
/// ```java
/// HtmlPage page = new HtmlPage("de-DE", List.of("Table 1. Fares"));
/// page.add(table, proof, "t1", "Table 1. Fares");
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

  private final String language;
  private final List<String> titles;
  private final XmlText main = new XmlText();
  private final HtmlSheet.Named sheet = new HtmlSheet.Named();

  /// @param language the tag of the language that most of it is in
  /// @param titles what each table is called
  HtmlPage(String language, List<String> titles) {
    this.language = language;
    this.titles = titles;
  }

  /// A table at the end of the page.
  ///
  /// @param id its id, and what those of its heads begin with
  void add(SentTable table, Proof proof, String id, String title) {
    String description = table.description();
    main.raw("\n").begin("div").attribute("class", "table-box").attribute("id", id);
    main.attribute("role", "region").attribute("tabindex", "0");
    main.attribute("aria-label", title.isBlank() ? description : title).content();
    String own = table.dressed().language().tag();
    HtmlLooks looks = new HtmlLooks(proof, proof.dressed().palette());
    HtmlTable written = new HtmlTable(proof, id, looks, sheet, main);
    if (own.equals(language)) {
      written.write("aria-describedby", id + "-shows");
    } else {
      written.write("aria-describedby", id + "-shows", "lang", own);
    }
    main.close("div");
    main.open("p", "id", id + "-shows", "hidden", "").text(description).close("p");
  }

  /// A chart at the end of the page.
  void add(String figure) {
    main.raw("\n").raw(figure);
  }

  /// The page as it is written to a file.
  String html() {
    String first = titles.isEmpty() ? "" : titles.getFirst();
    String whole = titles.size() > 1 ? first + " – " + titles.getLast() : first;
    XmlText page = new XmlText();
    page.raw("<!doctype html>").open("html", "lang", language).open("head");
    page.raw("<meta charset=\"utf-8\">");
    page.raw("<meta name=\"viewport\" content=\"width=device-width, initial-scale=1\">");
    page.raw("<meta name=\"color-scheme\" content=\"light dark\">");
    page.open("title").text(whole).close("title");
    page.open("style").raw("\n" + AROUND + sheet.css()).close("style");
    page.close("head").open("body").open("main");
    if (!whole.isBlank()) {
      page.open("h1").text(whole).close("h1");
    }
    if (titles.size() > 1) {
      page.open("ul", "class", "table-list");
      for (int i = 0; i < titles.size(); i++) {
        page.open("li").open("a", "href", "#t" + (i + 1));
        page.text(titles.get(i).isBlank() ? "" + (i + 1) : titles.get(i)).close("a").close("li");
      }
      page.close("ul");
    }
    page.raw(main.toString()).raw("\n").close("main").close("body").close("html");
    return page.toString();
  }
}
