package app.finish.formats.typeset;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.dress.Run;
import app.finish.core.layout.Paper;
import app.finish.core.style.Look;
import app.finish.formats.io.FlatHeads;
import app.finish.formats.io.Kept;
import app.finish.formats.io.Sent;
import app.finish.formats.io.SentTable;
import app.finish.formats.io.TableWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// Writes Markdown with pipe tables (GitHub Flavored Markdown, 4.10): bold, italic, raised and
/// lowered text, the words above and below as paragraphs. Heads of several levels are joined, since
/// such tables have one row of heads.
public final class MarkdownWriter implements TableWriter {
  private static final String INDENT = "&emsp;";

  @Override
  public Paper paper(Paper chosen) {
    return chosen.unpaged();
  }

  @Override
  public Set<Kept> keeps() {
    return EnumSet.of(Kept.SHOWN_FIGURES, Kept.TITLE, Kept.NOTES, Kept.RICH_WORDS, Kept.ALIGNMENT);
  }

  @Override
  public void write(Sent sent, OutputStream out) throws IOException {
    StringBuilder text = new StringBuilder();
    for (SentTable table : sent.tables()) {
      if (!text.isEmpty()) {
        text.append('\n');
      }
      table(table.dressed(), text);
    }
    out.write(text.toString().getBytes(StandardCharsets.UTF_8));
  }

  private static void table(Dressed dressed, StringBuilder text) {
    dressed.band(Band.ABOVE).forEach(row -> words(row, text));
    List<DressedRow> body = dressed.band(Band.BODY);
    if (dressed.columns() > 0) {
      line(FlatHeads.joined(dressed, ", ").stream().map(MarkdownWriter::inCell).toList(), text);
      line(divider(dressed, body), text);
      for (DressedRow row : body) {
        List<String> cells = new ArrayList<>();
        for (Optional<DressedCell> cell : FlatHeads.cells(dressed, row)) {
          cells.add(cell.map(MarkdownWriter::cell).orElse(""));
        }
        line(cells, text);
      }
      text.append('\n');
    }
    dressed.band(Band.BELOW).forEach(row -> words(row, text));
  }

  private static void words(DressedRow row, StringBuilder text) {
    String said = runs(row.cells().getFirst()).strip();
    if (!said.isEmpty()) {
      text.append(unlisted(said)).append("\n\n");
    }
  }

  /// A paragraph that begins like a list, a head or a quotation, as a paragraph.
  private static String unlisted(String said) {
    return said.replaceFirst("^(\\d+)([.)])", "$1\\\\$2").replaceFirst("^([-+=])", "\\\\$1");
  }

  private static void line(List<String> cells, StringBuilder text) {
    text.append("| ").append(String.join(" | ", cells)).append(" |\n");
  }

  private static List<String> divider(Dressed dressed, List<DressedRow> body) {
    List<String> marks = new ArrayList<>(Collections.nCopies(dressed.columns(), ":---"));
    for (DressedRow row : body) {
      for (DressedCell cell : row.cells()) {
        if (cell.place() instanceof CellMeaning.Body && cell.columnSpan() == 1) {
          Look.Align align = cell.look().align();
          marks.set(
              cell.column(),
              align == Look.Align.START ? ":---" : align == Look.Align.CENTRE ? ":---:" : "---:");
        }
      }
    }
    return marks;
  }

  private static String cell(DressedCell cell) {
    return INDENT.repeat(cell.indent()) + runs(cell);
  }

  private static String runs(DressedCell cell) {
    StringBuilder text = new StringBuilder();
    for (Run run : cell.runs()) {
      text.append(run(run));
    }
    return text.toString();
  }

  private static String run(Run run) {
    String bare = run.text().strip();
    if (bare.isEmpty()) {
      return run.text().replaceAll("\\s+", " ");
    }
    String said = inCell(bare);
    said = run.italic() ? "*" + said + "*" : said;
    said = run.bold() ? "**" + said + "**" : said;
    said = run.raised() ? "<sup>" + said + "</sup>" : said;
    said = run.lowered() ? "<sub>" + said + "</sub>" : said;
    boolean before = Character.isWhitespace(run.text().charAt(0));
    boolean behind = Character.isWhitespace(run.text().charAt(run.text().length() - 1));
    return (before ? " " : "") + said + (behind ? " " : "");
  }

  /// A text of which no letter is taken for a sign of the format.
  static String inCell(String text) {
    StringBuilder safe = new StringBuilder();
    for (int i = 0; i < text.length(); i++) {
      char one = text.charAt(i);
      if (one == '\n' || one == '\r' || one == '\t') {
        safe.append(' ');
      } else if (one == '&') {
        safe.append("&amp;");
      } else if (one == '<') {
        safe.append("&lt;");
      } else if ("\\`*_{}[]#|~^$>!:".indexOf(one) >= 0 && !isPlain(text, i)) {
        safe.append('\\').append(one);
      } else if (one >= ' ') {
        safe.append(one);
      }
    }
    return safe.toString();
  }

  /// Signs that only mean something in company stay as they are.
  private static boolean isPlain(String text, int at) {
    char one = text.charAt(at);
    return switch (one) {
      case '!' -> at + 1 >= text.length() || text.charAt(at + 1) != '[';
      case ':' -> at + 2 >= text.length() || text.charAt(at + 1) != '/';
      case '{', '}', '#', '^', '$' -> at > 0 && one != '^' && one != '$';
      default -> false;
    };
  }
}
