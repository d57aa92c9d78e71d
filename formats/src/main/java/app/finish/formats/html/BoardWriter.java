package app.finish.formats.html;

import app.finish.core.document.BoardPlan;
import app.finish.core.layout.Paper;
import app.finish.core.style.Look;
import app.finish.core.style.Property;
import app.finish.core.style.colour.Palette;
import app.finish.core.words.Markup;
import app.finish.formats.io.Kept;
import app.finish.formats.io.Sent;
import app.finish.formats.io.SentChart;
import app.finish.formats.io.SentItem;
import app.finish.formats.io.SentTable;
import app.finish.formats.io.SentTable.AtMember;
import app.finish.formats.io.TableWriter;
import app.finish.formats.io.XmlText;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/// Writes a board: one page that needs nothing else, in which readers sort, find, fold, hide
/// columns, point at figures, and take the data along. The page runs its own script and no other; a
/// policy in it (Content Security Policy Level 3) names both by their digests.
public final class BoardWriter implements TableWriter {
  /// A table is written for so many members of what it holds at most.
  static final int MOST_MEMBERS = 60;

  private static final String SHEET = resource("board.css");
  private static final String SCRIPT = script();
  private static final String SCRIPT_DIGEST = digest(SCRIPT);
  private static final String FOOT =
      "</main><div id=\"tip\" role=\"status\" hidden></div>"
          + "<div id=\"said\" class=\"said\" aria-live=\"polite\"></div><script>"
          + SCRIPT
          + "</script></body></html>";

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
    sent.items().forEach(item -> byId.putIfAbsent(item.item().id(), onBoard(item)));
    BoardPlan plan = sent.document().board().over(List.copyOf(byId.keySet()));
    List<SentItem> items = plan.items().stream().map(byId::get).toList();
    String title = title(plan, items);
    Page page = new Page(paper(sent.paper()));
    boolean one = items.size() == 1 && plan.title().isBlank();
    page.main.open("h1", "class", one ? "said" : "whole").text(title).close("h1");
    contents(page.main, items);
    for (List<BoardPlan.Tile> band : plan.bands()) {
      if (band.size() > 1) {
        page.main.open("div", "class", "band");
      }
      for (BoardPlan.Tile tile : band) {
        switch (tile) {
          case BoardPlan.Tile.Passage passage -> passage(page.main, passage.text());
          case BoardPlan.Tile.Placed placed -> {
            SentItem item = Objects.requireNonNull(byId.get(placed.id()));
            page.item(item, "t" + (items.indexOf(item) + 1), placed.apart());
          }
        }
      }
      if (band.size() > 1) {
        page.main.close("div");
      }
    }
    out.write(head(title, items, page).getBytes(StandardCharsets.UTF_8));
    for (XmlText part : page.parts) {
      out.write(part.toString().getBytes(StandardCharsets.UTF_8));
    }
    out.write(FOOT.getBytes(StandardCharsets.UTF_8));
  }

  private static SentItem onBoard(SentItem item) {
    return switch (item) {
      case SentTable table -> table.onBoard();
      case SentChart chart -> chart.onBoard();
    };
  }

  /// What is written so far, in parts: letters beyond Latin in one don't make all others slower.
  private static final class Page {
    private final Paper paper;
    private final HtmlSheet.Named sheet = new HtmlSheet.Named();
    private final List<XmlText> parts = new ArrayList<>();

    /// The inks on a dark page, by style and by those on a light one: they take their time to be
    /// found.
    private final Map<List<Object>, Palette> nights = new HashMap<>();

    private XmlText main = part();

    Page(Paper paper) {
      this.paper = paper;
    }

    private XmlText part() {
      parts.add(new XmlText());
      return parts.getLast();
    }

    Palette night(SentTable table) {
      Palette day = table.dressed().palette();
      return nights.computeIfAbsent(
          List.of(table.dressed().style(), day), key -> table.nightInks());
    }

    void item(SentItem item, String id, boolean apart) {
      switch (item) {
        case SentChart chart -> main.raw(HtmlChart.pointed(chart, id, night(chart.table())));
        case SentTable table -> {
          List<AtMember> members = table.members();
          if (members.size() < 2 || members.size() > MOST_MEMBERS) {
            section(table, id, List.of());
          } else if (apart) {
            for (int i = 0; i < members.size(); i++) {
              section(members.get(i).table(), i == 0 ? id : id + "-" + (i + 1), List.of());
            }
          } else {
            section(table, id, members);
          }
        }
      }
    }

    private void section(SentTable table, String id, List<AtMember> members) {
      Look look = table.dressed().root();
      StringBuilder names = new StringBuilder("board");
      add(names, look, Property.NARROW, "cards", " cards");
      add(names, look, Property.GRAND_TOTAL, "stays", " stays");
      add(names, look, Property.HEADS_SHOWN, "hidden", " no-heads");
      add(names, look, Property.TITLE_PLACE, "below", " title-below");
      add(names, look, Property.TITLE_PLACE, "hidden", " no-title");
      main.begin("section").attribute("class", names.toString()).attribute("id", id);
      main.attribute("aria-label", table.name()).content();
      if (members.isEmpty()) {
        main.open("div", "class", "sheet");
        sheet(table, id);
        main.close("div");
      }
      for (int i = 0; i < members.size(); i++) {
        AtMember one = members.get(i);
        main.begin("div").attribute("class", "sheet").attribute("data-member", one.member());
        main.attribute("data-of", one.dimension());
        if (!one.isHeld()) {
          main.attribute("hidden", "");
        }
        main.content();
        sheet(one.table(), one.isHeld() ? id : id + "-" + (i + 1));
        main.close("div");
      }
      main.close("section");
    }

    private void sheet(SentTable table, String id) {
      HtmlLooks looks = new HtmlLooks(table.proof(paper), night(table));
      BoardTable board = new BoardTable(id, table, sheet, looks, part());
      main = part();
      board.write(main);
    }

    private static void add(
        StringBuilder names, Look look, Property property, String setting, String name) {
      names.append(look.setting(property).equals(setting) ? name : "");
    }
  }

  /// A text between tables and charts.
  private static void passage(XmlText out, String typed) {
    out.open("p", "class", "passage");
    for (Markup.Stretch stretch : Markup.read(typed)) {
      String open = (stretch.bold() ? "<b>" : "") + (stretch.italic() ? "<i>" : "");
      String close = (stretch.italic() ? "</i>" : "") + (stretch.bold() ? "</b>" : "");
      out.raw(open).text(stretch.text()).raw(close);
    }
    out.close("p");
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

  private static void contents(XmlText out, List<SentItem> items) {
    if (items.size() > 1) {
      out.open("ul", "class", "table-list");
      for (int i = 0; i < items.size(); i++) {
        out.open("li").open("a", "href", "#t" + (i + 1)).text(items.get(i).name());
        out.close("a").close("li");
      }
      out.close("ul");
    }
  }

  private static String head(String title, List<SentItem> items, Page page) {
    String style = SHEET + backdrop(items, page) + page.sheet.css();
    String policy =
        "default-src 'none'; base-uri 'none'; form-action 'none'; style-src '"
            + digest(style)
            + "'; script-src '"
            + SCRIPT_DIGEST
            + "'";
    String language = items.isEmpty() ? "en" : items.getFirst().dressed().language().tag();
    boolean wall =
        items.stream()
            .anyMatch(item -> item.dressed().root().setting(Property.ON_A_WALL).equals("larger"));
    XmlText out = new XmlText();
    out.raw("<!doctype html>").open("html", "lang", language).open("head");
    out.raw("<meta charset=\"utf-8\">").begin("meta");
    out.attribute("http-equiv", "Content-Security-Policy").attribute("content", policy).content();
    out.raw("<meta name=\"viewport\" content=\"width=device-width, initial-scale=1\">");
    out.raw("<meta name=\"color-scheme\" content=\"light dark\">");
    out.open("title").text(title).close("title").raw("<style>").raw(style).raw("</style>");
    out.close("head").open("body", "class", wall ? "wall" : "desk").open("main");
    return out.toString();
  }

  /// What lies behind the tables, if the style of the first says so.
  private static String backdrop(List<SentItem> items, Page page) {
    if (items.isEmpty()) {
      return "";
    }
    SentItem first = items.getFirst();
    String ink = first.dressed().root().setting(Property.BACKDROP);
    if (ink.equals("as the reader's system")) {
      return "";
    }
    SentTable table =
        switch (first) {
          case SentTable one -> one;
          case SentChart chart -> chart.table();
        };
    return behind(first.dressed().palette(), ink)
        + "@media screen and (prefers-color-scheme: dark) { "
        + behind(page.night(table), ink)
        + "}\n";
  }

  private static String behind(Palette inks, String ink) {
    return "body { background: "
        + inks.colour(ink)
        + "; color: "
        + inks.readableOn(inks.colour(ink))
        + " }\n";
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

  /// The script of the page: its parts in one scope.
  static String script() {
    StringBuilder script = new StringBuilder("\"use strict\";\n(() => {\n");
    for (String part : List.of("words", "board", "sheet", "rows", "page")) {
      script.append(resource("board-" + part + ".js")).append('\n');
    }
    return script.append("})();\n").toString();
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
