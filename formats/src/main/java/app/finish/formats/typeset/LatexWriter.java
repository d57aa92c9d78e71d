package app.finish.formats.typeset;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.layout.Paper;
import app.finish.core.style.Look;
import app.finish.core.style.PartName;
import app.finish.core.style.RuleLine;
import app.finish.formats.io.FlatHeads;
import app.finish.formats.io.Kept;
import app.finish.formats.io.Sent;
import app.finish.formats.io.SentChart;
import app.finish.formats.io.SentItem;
import app.finish.formats.io.SentTable;
import app.finish.formats.io.TableWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// Writes LaTeX that compiles by itself with pdfLaTeX, XeLaTeX and LuaLaTeX: a `table` with rules
/// of *booktabs* and its notes by *threeparttable*; a long table as a *longtable*, whose heads come
/// again on each page; charts are drawn with *TikZ*. What stands between two lines of `%` can be
/// taken into a manuscript.
///
/// Figures stand on their decimal marks, as they are shown: what a figure lacks behind its mark is
/// left free.
public final class LatexWriter implements TableWriter {
  /// So many rows fit on a page.
  private static final int LONG = 45;

  /// TeX holds so many tables back that it found no place for.
  private static final int MOST_FLOATS = 10;

  private static final String PREAMBLE =
      """
      \\documentclass{article}
      \\usepackage{iftex}
      \\ifPDFTeX\\usepackage[T1]{fontenc}\\usepackage[utf8]{inputenc}\\usepackage{textcomp}\\else\\usepackage{fontspec}\\fi
      \\usepackage{array,booktabs,longtable,multirow,threeparttable,amsmath,amssymb}
      \\usepackage[margin=25mm]{geometry}
      """;

  private static final String BEGIN = "\\begin{document}\n";

  @Override
  public Paper paper(Paper chosen) {
    return chosen.unpaged();
  }

  @Override
  public Set<Kept> keeps() {
    return EnumSet.of(
        Kept.SHOWN_FIGURES, Kept.TITLE, Kept.NOTES, Kept.RICH_WORDS, Kept.RULES, Kept.CHARTS);
  }

  @Override
  public void write(Sent sent, OutputStream out) throws IOException {
    boolean drawn = sent.items().stream().anyMatch(SentChart.class::isInstance);
    StringBuilder text =
        new StringBuilder(PREAMBLE).append(drawn ? LatexDrawing.NEEDS : "").append(BEGIN);
    int floats = 0;
    for (SentItem item : sent.items()) {
      if (++floats % MOST_FLOATS == 0) {
        text.append("\\clearpage\n");
      }
      text.append("% ").append("-".repeat(70)).append('\n');
      switch (item) {
        case SentTable table -> new OneTable(table, text).write();
        case SentChart chart -> new LatexDrawing(chart, text).write();
      }
      text.append("% ").append("-".repeat(70)).append('\n');
    }
    text.append("\\end{document}\n");
    out.write(text.toString().getBytes(StandardCharsets.UTF_8));
  }

  /// Writes one table.
  private static final class OneTable {
    private final Dressed dressed;
    private final String number;
    private final StringBuilder text;
    private final TypesetColumns columns;

    OneTable(SentTable table, StringBuilder text) {
      this.dressed = table.dressed();
      this.number = table.number();
      this.text = text;
      this.columns = TypesetColumns.of(dressed);
    }

    void write() {
      boolean isLong = dressed.band(Band.BODY).size() > LONG;
      String form = columns();
      String label = "tab:" + number;
      if (isLong) {
        words(Band.ABOVE, label);
        text.append("\\begin{longtable}{").append(form).append("}\n");
        head();
        text.append("\\endhead\n");
        body();
        text.append("\\end{longtable}\n");
        words(Band.BELOW, "");
        return;
      }
      text.append("\\begin{table}[htbp]\n\\centering\n\\begin{threeparttable}\n");
      words(Band.ABOVE, label);
      text.append("\\begin{tabular}{").append(form).append("}\n");
      head();
      body();
      text.append("\\end{tabular}\n");
      List<DressedRow> below = dressed.band(Band.BELOW);
      if (!below.isEmpty()) {
        text.append("\\begin{tablenotes}[flushleft]\n\\small\n");
        below.forEach(row -> text.append("\\item ").append(runs(row)).append('\n'));
        text.append("\\end{tablenotes}\n");
      }
      text.append("\\end{threeparttable}\n\\end{table}\n");
    }

    private String columns() {
      StringBuilder form = new StringBuilder("@{}");
      for (int column = 0; column < Math.max(1, dressed.columns()); column++) {
        form.append(column < dressed.stubColumns() ? 'l' : 'r');
      }
      return form.append("@{}").toString();
    }

    /// The words, each on a line of its own; a label for callouts stands with the number.
    private void words(Band band, String label) {
      boolean labelled = label.isEmpty();
      List<DressedRow> rows = dressed.band(band);
      if (!rows.isEmpty()) {
        text.append("\\begin{flushleft}\n");
        for (int i = 0; i < rows.size(); i++) {
          boolean isNumber = rows.get(i).part().name() == PartName.NUMBER;
          text.append(isNumber && !labelled ? LatexText.labelled(number, label) : "");
          labelled |= isNumber;
          text.append(runs(rows.get(i)));
          text.append(i < rows.size() - 1 ? "\\\\\n" : "\n");
        }
        text.append("\\end{flushleft}\n");
      }
    }

    private String runs(DressedRow row) {
      return LatexText.of(row.cells().getFirst());
    }

    private void head() {
      text.append("\\toprule\n");
      List<DressedRow> rows = dressed.band(Band.HEAD);
      for (DressedRow row : rows) {
        line(row);
        List<String> rules = new ArrayList<>();
        for (DressedCell cell : row.cells()) {
          RuleLine below = cell.look().ruleBelow();
          if (below.isDrawn() && below.reach() == RuleLine.Reach.SPANNED) {
            rules.add(
                "\\cmidrule(lr){"
                    + (cell.column() + 1)
                    + "-"
                    + (cell.column() + cell.columnSpan())
                    + "}");
          }
        }
        text.append(String.join(" ", rules)).append(rules.isEmpty() ? "" : "\n");
      }
      text.append(rows.isEmpty() ? "" : "\\midrule\n");
    }

    private void body() {
      List<DressedRow> rows = dressed.band(Band.BODY);
      for (int i = 0; i < rows.size(); i++) {
        boolean ruled =
            i > 0
                && rows.get(i).cells().stream().anyMatch(cell -> cell.look().ruleAbove().isDrawn());
        text.append(ruled ? "\\midrule\n" : "");
        line(rows.get(i));
      }
      text.append("\\bottomrule\n");
    }

    private void line(DressedRow row) {
      List<String> cells = new ArrayList<>();
      List<Optional<DressedCell>> all = FlatHeads.cells(dressed, row);
      for (int column = 0; column < all.size(); ) {
        Optional<DressedCell> cell = all.get(column);
        cells.add(cell.map(one -> cell(row, one)).orElse(""));
        column += cell.map(DressedCell::columnSpan).orElse(1);
      }
      text.append(String.join(" & ", cells)).append(" \\\\\n");
    }

    private String cell(DressedRow row, DressedCell cell) {
      String said =
          cell.place() instanceof CellMeaning.Body
              ? figure(cell)
              : (cell.indent() > 0 ? "\\hspace{" + cell.indent() + "em}" : "") + LatexText.of(cell);
      if (cell.rowSpan() > 1) {
        String place = row.band() == Band.HEAD ? "[b]" : "[t]";
        said = "\\multirow" + place + "{" + cell.rowSpan() + "}{*}{" + said + "}";
      }
      Look.Align align = cell.look().align();
      boolean head = row.band() == Band.HEAD && cell.column() >= dressed.stubColumns();
      if (cell.columnSpan() > 1 || head) {
        String how = align == Look.Align.START ? "l" : align == Look.Align.END ? "r" : "c";
        String edge = cell.column() == 0 ? "@{}" : "";
        boolean last = cell.column() + cell.columnSpan() == dressed.columns();
        String all = edge + how + (last ? "@{}" : "");
        return "\\multicolumn{" + cell.columnSpan() + "}{" + all + "}{" + said + "}";
      }
      return said;
    }

    /// A figure, with room for what others have behind their decimal marks.
    private String figure(DressedCell cell) {
      String free = columns.free(cell);
      String signs = "*".repeat(columns.signs(cell));
      String room = signs.isEmpty() ? "" : "\\hphantom{" + signs + "}";
      return LatexText.of(cell) + (free.isEmpty() ? "" : "\\phantom{" + free + "}") + room;
    }
  }
}
