package app.finish.formats.html;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import app.finish.core.grid.SourceFormat;
import app.finish.core.problem.Problem;
import app.finish.core.recognise.words.Vocabulary;
import app.finish.formats.io.FileName;
import app.finish.formats.io.Hidden;
import app.finish.formats.io.Limits;
import app.finish.formats.io.RaisedText;
import app.finish.formats.io.ReadRequest;
import app.finish.formats.io.SheetBuilder;
import app.finish.formats.io.Sheets;
import app.finish.formats.io.TableReader;
import app.finish.formats.io.TextFile;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;

/// Reads the tables of an HTML page or of pasted HTML: spans, bold, italic, indents (leading
/// spaces, padding), captions. A table that only holds other tables is passed over.
public final class HtmlReader implements TableReader {
  private static final Pattern INDENT =
      Pattern.compile("(?:padding-left|text-indent|margin-left)\\s*:\\s*([0-9.]+)\\s*(px|pt|em)?");

  private static final String HIDDEN =
      "[hidden], [style~=(?i)display\\s*:\\s*none],"
          + " [style~=(?i)clip-path\\s*:\\s*inset\\(50%\\)],"
          + " [style~=(?i)visibility\\s*:\\s*(hidden|collapse)], template, script, style";
  private static final Pattern NOTE =
      Pattern.compile(
          "("
              + Vocabulary.NOTE_WORDS
              + "|"
              + Vocabulary.SOURCE_WORDS
              + ")\\b.*|[¹²³⁴-⁹ᵃ-ᵉ*†‡§]+ ?\\S.*|[0-9a-e]\\) .*",
          Pattern.CASE_INSENSITIVE | Pattern.DOTALL);
  private static final Pattern TABLE =
      Pattern.compile(
          "(table|tabelle|tableau)\\s+[A-Z]?[0-9].*", Pattern.CASE_INSENSITIVE | Pattern.DOTALL);
  private static final int LONGEST_TITLE = 200;

  @Override
  public Sheets read(Path file, ReadRequest request) throws IOException {
    try (InputStream stream = TextFile.open(file, request)) {
      Document page = Jsoup.parse(stream, null, "");
      checkDepth(page, FileName.of(file));
      Hidden hidden = hidden(page);
      if (!request.hidden()) {
        page.select(HIDDEN).remove();
      }
      return new Sheets(tables(page, FileName.of(file)), hidden);
    }
  }

  /// The tables of HTML that was pasted.
  public static List<Grid> readPasted(String html, String name) throws IOException {
    Document page = Jsoup.parse(html);
    checkDepth(page, name);
    page.select(HIDDEN).remove();
    return tables(page, name);
  }

  /// A page that nests its elements without end is read by nobody, and would take for ever here.
  private static void checkDepth(Document page, String name) throws Problem {
    int[] deepest = {0};
    page.traverse((node, depth) -> deepest[0] = Math.max(deepest[0], depth));
    if (deepest[0] > Limits.NESTED) {
      throw new Problem(
          name
              + " nests more than "
              + Limits.NESTED
              + " elements in each other, which no table does. Save the table on a page of its"
              + " own.");
    }
  }

  /// What is hidden in the tables of a page.
  private static Hidden hidden(Document page) {
    int rows = 0;
    int texts = 0;
    for (Element one : page.select("table").select(HIDDEN)) {
      boolean row = one.nameIs("tr");
      rows += row && one.hasText() ? 1 : 0;
      texts += !row && one.hasText() ? 1 : 0;
    }
    return new Hidden(0, rows, 0, texts);
  }

  private static List<Grid> tables(Document page, String name) throws IOException {
    List<Grid> grids = new ArrayList<>();
    for (Element table : page.select("table")) {
      if (table.select("table").size() == 1) {
        Grid grid = table(table, name);
        if (grid.rows() > 0) {
          grids.add(grid);
        }
      }
    }
    return grids;
  }

  private static Grid table(Element table, String name) throws IOException {
    SheetBuilder sheet = new SheetBuilder(name);
    for (Element caption : captionsOf(table)) {
      for (String line : lines(caption)) {
        sheet.addLine(line);
      }
    }
    for (Element row : table.select("tr")) {
      List<String> blocks = blocksOfOnlyCell(row);
      if (blocks.size() > 1) {
        sheet.addLines(blocks);
        continue;
      }
      sheet.beginRow();
      for (Element cell : row.children()) {
        if (cell.nameIs("td") || cell.nameIs("th")) {
          sheet.add(cell(cell));
        }
      }
    }
    Element below = table.nextElementSibling();
    while (below != null && below.nameIs("p") && isNote(below)) {
      sheet.addLine(wrapped(below).strip().replaceAll("\\s+", " "));
      below = below.nextElementSibling();
    }
    return sheet.grid("");
  }

  /// The caption of a table: its own, that of its figure, or the heading under which it stands; a
  /// paragraph above only if it says that it is a table's, or is emphasised below a table's number.
  private static List<Element> captionsOf(Element table) {
    Element own = table.selectFirst("caption");
    if (own != null) {
      return List.of(own);
    }
    Element first = table.selectFirst("tr");
    boolean titled =
        first != null
            && first.childrenSize() == 1
            && first.child(0).hasAttr("colspan")
            && TABLE.matcher(first.text().strip()).matches();
    if (titled) {
      return List.of();
    }
    Element figure = table.closest("figure");
    if (figure != null && figure.selectFirst("figcaption") != null) {
      return List.of(figure.selectFirst("figcaption"));
    }
    Element at = table;
    while (at.previousElementSibling() == null
        && at.parent() != null
        && at.parent().nameIs("div")) {
      at = at.parent();
    }
    Element above = at.previousElementSibling();
    if (above != null && isCaption(above)) {
      return List.of(above);
    }
    Element before = above == null ? null : above.previousElementSibling();
    if (above != null
        && before != null
        && above.nameIs("p")
        && isCaption(before)
        && isEmphasised(above)) {
      return List.of(before, above);
    }
    while (above != null && above.nameIs("p") && !isCaption(above)) {
      above = above.previousElementSibling();
    }
    if (above == null || !above.normalName().matches("h[1-6]")) {
      return List.of();
    }
    return isCaption(above) ? List.of(above) : List.of();
  }

  private static boolean isEmphasised(Element paragraph) {
    return isAll(paragraph, "b, strong") || isAll(paragraph, "i, em");
  }

  private static boolean isCaption(Element above) {
    boolean heading = above.normalName().matches("h[1-6]");
    boolean named = above.nameIs("p") && TABLE.matcher(above.text().strip()).matches();
    return (heading || named) && above.text().length() <= LONGEST_TITLE;
  }

  private static boolean isNote(Element below) {
    Element raised = below.selectFirst("sup");
    boolean marked = raised != null && below.text().startsWith(raised.text());
    return marked || NOTE.matcher(below.text()).matches();
  }

  /// The blocks of text in a row's only cell, as notes stand below a table.
  private static List<String> blocksOfOnlyCell(Element row) {
    boolean only = row.childrenSize() == 1 && row.child(0).children().size() > 1;
    return only ? blocks(row.child(0)) : List.of();
  }

  private static List<String> blocks(Element parent) {
    return parent.select("div, p").stream()
        .map(block -> wrapped(block).strip().replaceAll("\\s+", " "))
        .filter(block -> !block.isEmpty())
        .toList();
  }

  /// The lines of a caption: what stands in blocks of its own, or is parted by breaks.
  private static List<String> lines(Element caption) {
    List<String> lines = new ArrayList<>();
    for (String line : wrapped(caption).split("\n")) {
      if (!line.isBlank()) {
        lines.add(line.strip());
      }
    }
    List<String> blocks = blocks(caption);
    return blocks.size() > 1 ? blocks : lines.isEmpty() ? List.of() : lines;
  }

  private static GridCell cell(Element cell) {
    String style = cell.attr("style").toLowerCase(Locale.ROOT);
    boolean bold =
        cell.nameIs("th")
            || style.matches(".*font-weight\\s*:\\s*(bold|[6-9]00).*")
            || isAll(cell, "b, strong");
    boolean italic = style.contains("font-style: italic") || isAll(cell, "i, em");
    String text = wrapped(cell).replace('\n', ' ').replace('\u00A0', ' ').replace('\t', ' ');
    String bare = text.strip().replaceAll(" {2,}", " ");
    int spaces = leadingSpaces(cell.wholeText());
    int indent = spaces / 2 + styleIndent(style);
    GridCell made =
        RaisedText.cell(bare).with(new SourceFormat(bold, italic, bare.isEmpty() ? 0 : indent));
    return made.spanning(span(cell, "rowspan"), span(cell, "colspan"));
  }

  /// The text of an element, with signs around what is raised.
  private static String wrapped(Element element) {
    if (element.selectFirst("sup") == null) {
      return element.wholeText();
    }
    Element copy = element.clone();
    for (Element raised : copy.select("sup")) {
      raised.text(RaisedText.wrapped(raised.wholeText().replaceAll("[\\[\\]]", ""), true));
    }
    return copy.wholeText();
  }

  private static boolean isAll(Element cell, String tags) {
    Element inner = cell.selectFirst(tags);
    return inner != null && inner.text().equals(cell.text());
  }

  /// How many no-break spaces stand in front; other spaces mean nothing in HTML.
  private static int leadingSpaces(String text) {
    int spaces = 0;
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      if (c == '\u00A0' || c == '\u2003' || c == '\u2002') {
        spaces += 2;
      } else if (!Character.isWhitespace(c)) {
        break;
      }
    }
    return spaces;
  }

  private static int styleIndent(String style) {
    Matcher match = INDENT.matcher(style);
    if (!match.find()) {
      return 0;
    }
    double size = Double.parseDouble(match.group(1).replaceFirst("^\\.$|\\..*\\..*", "0"));
    return (int) Math.min(99, Math.round("em".equals(match.group(2)) ? size * 2 : size / 6));
  }

  private static int span(Element cell, String attribute) {
    String value = cell.attr(attribute).strip();
    return value.matches("[0-9]{1,6}") ? Math.max(1, Integer.parseInt(value)) : 1;
  }
}
