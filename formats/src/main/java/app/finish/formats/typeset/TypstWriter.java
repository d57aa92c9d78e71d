package app.finish.formats.typeset;

import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.dress.Run;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.style.Look;
import app.finish.core.style.RuleLine;
import app.finish.core.style.colour.Palette;
import app.finish.formats.io.Kept;
import app.finish.formats.io.Sent;
import app.finish.formats.io.SentChart;
import app.finish.formats.io.SentItem;
import app.finish.formats.io.SentTable;
import app.finish.formats.io.SvgMarks;
import app.finish.formats.io.TableWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;

/// Writes Typst (typst.app/docs, 0.12 and later): a `table` with its heads in a header that comes
/// again on each page, its rules, fills and spans, and the words above and below it. Texts stand in
/// strings, so that no letter of them is a command.
public final class TypstWriter implements TableWriter {
  /// Points that each column gets more, since faces differ a little.
  private static final double SLACK = 2;

  /// Points between lines of words, and below a table.
  private static final double NEAR = 3;

  private static final double AFTER = 18;

  @Override
  public Paper paper(Paper chosen) {
    return chosen.unpaged();
  }

  @Override
  public Set<Kept> keeps() {
    return Kept.allBut(Kept.EXACT_FIGURES, Kept.DESCRIPTION, Kept.MARKS);
  }

  @Override
  public void write(Sent sent, OutputStream out) throws IOException {
    StringBuilder text = new StringBuilder();
    text.append("#set page(width: ").append(points(sent.paper().width()));
    text.append(", height: ").append(points(sent.paper().height()));
    text.append(", margin: ").append(points(sent.paper().margin())).append(")\n");
    for (SentItem item : sent.items()) {
      switch (item) {
        case SentTable table -> new OneTable(table, paper(sent.paper()), text).write();
        case SentChart chart -> {
          String svg = SvgMarks.drawing(chart, chart.page().page());
          text.append("\n#image(bytes(").append(string(svg)).append("), format: \"svg\", alt: ");
          text.append(string(chart.description())).append(")\n");
        }
      }
    }
    out.write(text.toString().getBytes(StandardCharsets.UTF_8));
  }

  private static String points(double value) {
    double rounded = Math.round(value * 100) / 100.0;
    return (rounded == Math.rint(rounded) ? "" + (long) rounded : "" + rounded) + "pt";
  }

  /// Writes one table.
  private record OneTable(
      Proof proof, Dressed dressed, StringBuilder text, TypesetColumns columns) {
    OneTable(SentTable table, Paper paper, StringBuilder text) {
      this(table.proof(paper), table.dressed(), text, TypesetColumns.of(table.dressed()));
    }

    void write() {
      Look root = dressed.root();
      text.append("\n// ").append("-".repeat(70)).append("\n#[\n#set text(font: (");
      text.append(string(root.face())).append(", \"Libertinus Serif\"), size: ");
      text.append(points(root.size()));
      text.append(", lang: \"").append(dressed.language().locale().getLanguage()).append("\")\n");
      dressed.band(Band.ABOVE).forEach(this::words);
      int before = dressed.band(Band.HEAD).size();
      int rows = before + dressed.band(Band.BODY).size();
      if (dressed.columns() > 0 && rows > 0) {
        text.append("#table(\n  columns: (");
        proof.columns().forEach(one -> text.append(width(one.width() + SLACK)).append(", "));
        text.append(')');
        text.append(", stroke: none, inset: (x: ").append(points(root.sides()));
        text.append(", y: ").append(points(root.above())).append("),\n");
        if (before > 0) {
          text.append("  table.header(\n");
          lines(dressed.band(Band.HEAD), 0);
          text.append("  ),\n");
        }
        lines(dressed.band(Band.BODY), before);
        text.append(")\n");
      }
      dressed.band(Band.BELOW).forEach(this::words);
      text.append("]\n#v(").append(points(AFTER)).append(")\n");
    }

    /// A column's width; on a page that is too narrow for all, its share of that page.
    private String width(double own) {
      double all = proof.columns().stream().mapToDouble(one -> one.width() + SLACK).sum();
      double room = proof.paper().textWidth();
      return all <= room ? points(own) : Math.round(own / all * 1000) / 10.0 + "%";
    }

    private void words(DressedRow row) {
      DressedCell cell = row.cells().getFirst();
      double line = (cell.look().lineHeight() - 1) * cell.look().size() + NEAR;
      text.append("#block(above: ").append(points(cell.look().above() + line));
      text.append(", below: ").append(points(cell.look().below() + line)).append(")[");
      runs(cell);
      text.append("]\n");
    }

    private void lines(List<DressedRow> rows, int first) {
      for (int i = 0; i < rows.size(); i++) {
        DressedRow row = rows.get(i);
        for (DressedCell cell : row.cells()) {
          cell(row, cell, first + i);
        }
        for (DressedCell cell : row.cells()) {
          Look look = cell.look();
          rule(cell, first + i, cell.own(look.ruleAbove().orHeavier(row.above().rule())));
          DressedRow last = rows.get(Math.min(rows.size(), i + cell.rowSpan()) - 1);
          RuleLine below = cell.own(look.ruleBelow().orHeavier(last.below().rule()));
          rule(cell, first + i + cell.rowSpan(), below);
        }
      }
    }

    private void rule(DressedCell cell, int y, RuleLine rule) {
      if (rule.isDrawn()) {
        text.append("    table.hline(y: ").append(y).append(", start: ").append(cell.column());
        text.append(", end: ").append(cell.column() + cell.columnSpan()).append(", stroke: ");
        text.append(points(rule.weight())).append(" + ").append(colour(rule.ink())).append("),\n");
      }
    }

    private String colour(String ink) {
      return "rgb(\"#" + dressed.palette().colour(ink).hex() + "\")";
    }

    private void cell(DressedRow row, DressedCell cell, int y) {
      Look look = cell.look();
      text.append("    table.cell(x: ").append(cell.column()).append(", y: ").append(y);
      if (cell.columnSpan() > 1) {
        text.append(", colspan: ").append(cell.columnSpan());
      }
      if (cell.rowSpan() > 1) {
        text.append(", rowspan: ").append(cell.rowSpan());
      }
      double standing = cell.standing(row.band());
      String vertical = standing == 1 ? "bottom" : standing == 0 ? "top" : "horizon";
      text.append(", align: ").append(across(look)).append(" + ").append(vertical);
      look.fill()
          .ifPresent(fill -> text.append(", fill: rgb(\"#").append(fill.hex()).append("\")"));
      text.append(")[");
      if (cell.indent() > 0) {
        text.append("#h(").append(points(cell.indent() * look.indent())).append(")");
      }
      runs(cell);
      String free = columns.free(cell) + "*".repeat(columns.signs(cell));
      if (!free.isEmpty()) {
        text.append("#hide[#").append(string(free)).append("]");
      }
      text.append("],\n");
    }

    private static String across(Look look) {
      return switch (look.align()) {
        case START -> "left";
        case CENTRE -> "center";
        case END, DECIMAL, DECIMAL_CENTRE -> "right";
      };
    }

    private void runs(DressedCell cell) {
      for (Run run : cell.runs()) {
        run(run, cell.look());
      }
    }

    private void run(Run run, Look look) {
      if (run.text().isEmpty()) {
        return;
      }
      Palette palette = dressed.palette();
      String ink =
          !run.swatch().isEmpty()
              ? palette.colour(run.swatch()).hex()
              : run.ink().isEmpty() ? look.ink().hex() : palette.colour(run.ink()).hex();
      String raised = run.raised() ? "#super[" : run.lowered() ? "#sub[" : "";
      text.append(raised).append("#text(");
      text.append("size: ").append(points(look.size()));
      text.append(run.bold() ? ", weight: \"bold\"" : "");
      text.append(run.italic() ? ", style: \"italic\"" : "");
      text.append(ink.equals("000000") ? "" : ", fill: rgb(\"#" + ink + "\")");
      boolean lined = look.underline() != Look.Underline.NONE;
      text.append(")[").append(lined ? "#underline[" : "");
      text.append("#").append(string(run.text()));
      text.append(lined ? "]" : "").append("]").append(raised.isEmpty() ? "" : "]");
    }
  }

  /// A text as a string of the language.
  static String string(String text) {
    StringBuilder safe = new StringBuilder("\"");
    text.codePoints()
        .forEach(
            one -> {
              if (one == '"' || one == '\\') {
                safe.append('\\').appendCodePoint(one);
              } else if (one < ' ') {
                safe.append(' ');
              } else if (one < Character.MIN_SURROGATE || one > Character.MAX_SURROGATE) {
                safe.appendCodePoint(one);
              }
            });
    return safe.append('"').toString();
  }
}
