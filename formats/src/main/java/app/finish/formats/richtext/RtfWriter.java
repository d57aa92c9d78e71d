package app.finish.formats.richtext;

import static app.finish.formats.richtext.RtfUnits.twips;

import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.dress.Run;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.style.Look;
import app.finish.core.style.Property;
import app.finish.core.style.RuleLine;
import app.finish.core.style.colour.Palette;
import app.finish.formats.io.Kept;
import app.finish.formats.io.Sent;
import app.finish.formats.io.SentChart;
import app.finish.formats.io.SentItem;
import app.finish.formats.io.SentTable;
import app.finish.formats.io.TableWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;

/// Writes RTF (Rich Text Format Specification 1.9): tables with spans, rules, fills and heads that
/// come again, the words above and below as paragraphs, every letter in the look of the proof.
/// Letters beyond ASCII are written by their numbers, so that no reader has to guess an encoding.
public final class RtfWriter implements TableWriter {
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
    RtfFonts fonts = new RtfFonts();
    StringBuilder body = new StringBuilder();
    for (SentItem item : sent.items()) {
      switch (item) {
        case SentTable table -> new OneTable(table.proof(paper(sent.paper())), fonts, body).write();
        case SentChart chart ->
            new RtfPicture(chart, chart.picture(SentChart.PRINT_DOTS))
                .write(sent.paper().textWidth(), body);
      }
    }
    out.write(whole(fonts, body, sent.paper()).getBytes(StandardCharsets.US_ASCII));
  }

  /// A text with these tables.
  ///
  /// @param paper the page that it is on
  public static String text(List<Proof> proofs, Paper paper) {
    RtfFonts fonts = new RtfFonts();
    StringBuilder body = new StringBuilder();
    for (Proof proof : proofs) {
      new OneTable(proof, fonts, body).write();
    }
    return whole(fonts, body, paper);
  }

  private static String whole(RtfFonts fonts, StringBuilder body, Paper paper) {
    StringBuilder all = new StringBuilder("{\\rtf1\\ansi\\ansicpg1252\\uc1\\deff0\n");
    all.append(fonts.tables());
    all.append("\\paperw").append(twips(paper.width()));
    all.append("\\paperh").append(twips(paper.height()));
    for (String side : List.of("margl", "margr", "margt", "margb")) {
      all.append('\\').append(side).append(twips(paper.margin()));
    }
    return all.append('\n').append(body).append("}\n").toString();
  }

  /// Writes one table.
  private record OneTable(Proof proof, RtfFonts fonts, StringBuilder text) {
    void write() {
      Dressed dressed = proof.dressed();
      dressed.band(Band.ABOVE).forEach(row -> words(row, true));
      List<DressedRow> rows = dressed.rows().stream().filter(DressedRow::isTable).toList();
      DressedCell[] open = new DressedCell[Math.max(1, dressed.columns())];
      int[] left = new int[open.length];
      for (int i = 0; i < rows.size(); i++) {
        row(rows, i, open, left);
      }
      dressed.band(Band.BELOW).forEach(row -> words(row, false));
      text.append("\\pard\\par\n");
    }

    private Palette palette() {
      return proof.dressed().palette();
    }

    private void words(DressedRow row, boolean keep) {
      DressedCell cell = row.cells().getFirst();
      Look look = cell.look();
      text.append("\\pard\\ql").append(keep ? "\\keepn" : "");
      text.append("\\sb").append(twips(look.above())).append("\\sa").append(twips(look.below()));
      look.fill().ifPresent(fill -> text.append("\\cbpat").append(fonts.colour(fill.hex())));
      text.append(' ');
      cell.runs().forEach(run -> run(run, look));
      text.append("\\par\n");
    }

    /// A row: first what its cells are like and where they end, then what they say.
    private void row(List<DressedRow> rows, int at, DressedCell[] open, int[] left) {
      DressedRow row = rows.get(at);
      StringBuilder cells = new StringBuilder();
      text.append("\\trowd\\trgaph0\\trkeep").append(row.band() == Band.HEAD ? "\\trhdr" : "");
      double least =
          row.cells().stream().mapToDouble(one -> one.look().rowHeight()).max().orElse(0);
      text.append(least > 0 ? "\\trrh" + twips(least) : "");
      int next = 0;
      double end = 0;
      for (int column = 0; column < proof.columns().size(); ) {
        boolean starts = next < row.cells().size() && row.cells().get(next).column() == column;
        if (starts) {
          open[column] = row.cells().get(next++);
          left[column] = open[column].rowSpan();
        }
        boolean held = left[column] > 0;
        int span = held ? open[column].columnSpan() : 1;
        for (int i = column; i < column + span; i++) {
          end += proof.columns().get(i).width();
        }
        if (held) {
          left[column]--;
          border(row, open[column], starts, left[column] == 0);
          text.append(open[column].rowSpan() == 1 ? "" : starts ? "\\clvmgf" : "\\clvmrg");
          cell(row, open[column], starts, cells);
        } else {
          cells.append("\\pard\\intbl\\cell\n");
        }
        text.append("\\cellx").append(twips(end));
        column += span;
      }
      text.append('\n').append(cells).append("\\row\n");
    }

    private void border(DressedRow row, DressedCell cell, boolean begins, boolean ends) {
      Look look = cell.look();
      double standing = cell.standing(row.band());
      text.append(standing == 1 ? "\\clvertalb" : standing == 0 ? "\\clvertalt" : "\\clvertalc");
      RuleLine above = cell.own(look.ruleAbove().orHeavier(row.above().rule()));
      RuleLine below = cell.own(look.ruleBelow().orHeavier(row.below().rule()));
      side("t", begins ? above : RuleLine.NONE);
      side("l", look.ruleLeft());
      side("b", ends ? below : RuleLine.NONE);
      side("r", look.ruleRight());
      look.fill().ifPresent(fill -> text.append("\\clcbpat").append(fonts.colour(fill.hex())));
      long sides = twips(look.sides());
      text.append("\\clpadl").append(sides).append("\\clpadfl3\\clpadr").append(sides);
      text.append("\\clpadfr3");
    }

    private void side(String side, RuleLine rule) {
      if (rule.isDrawn()) {
        String kind =
            switch (rule.kind()) {
              case SINGLE -> "\\brdrs";
              case DOUBLE -> "\\brdrdb";
              case DOTTED -> "\\brdrdot";
            };
        text.append("\\clbrdr").append(side).append(kind).append("\\brdrw");
        text.append(Math.max(1, twips(rule.weight()))).append("\\brdrcf");
        text.append(fonts.colour(palette().colour(rule.ink()).hex()));
      }
    }

    private void cell(DressedRow row, DressedCell cell, boolean says, StringBuilder cells) {
      Look look = cell.look();
      StringBuilder before = new StringBuilder();
      before
          .append("\\pard\\intbl")
          .append(align(look))
          .append(row.keepsWithNext() ? "\\keepn" : "");
      before.append("\\sb").append(twips(look.above())).append("\\sa").append(twips(look.below()));
      before.append(cell.indent() > 0 ? "\\li" + twips(cell.indent() * look.indent()) : "");
      cells.append(before).append(' ');
      if (says) {
        cell.runs().forEach(run -> cells.append(said(run, look)));
      }
      cells.append("\\cell\n");
    }

    private static String align(Look look) {
      return switch (look.align()) {
        case START -> "\\ql";
        case CENTRE -> "\\qc";
        case END, DECIMAL, DECIMAL_CENTRE -> "\\qr";
      };
    }

    private void run(Run run, Look look) {
      text.append(said(run, look));
    }

    private String said(Run run, Look look) {
      if (run.text().isEmpty()) {
        return "";
      }
      String ink =
          !run.swatch().isEmpty()
              ? palette().colour(run.swatch()).hex()
              : run.ink().isEmpty() ? look.ink().hex() : palette().colour(run.ink()).hex();
      StringBuilder said = new StringBuilder("{\\f").append(fonts.face(look.face()));
      said.append("\\fs").append(Math.round(look.size() * 2));
      said.append("\\cf").append(fonts.colour(ink));
      said.append(run.bold() ? "\\b" : "").append(run.italic() ? "\\i" : "");
      said.append(run.raised() ? "\\super" : run.lowered() ? "\\sub" : "");
      said.append(
          switch (look.underline()) {
            case NONE -> "";
            case SINGLE -> "\\ul";
            case DOUBLE -> "\\uldb";
          });
      said.append(look.setting(Property.STRIKE).equals("single") ? "\\strike" : "");
      return said.append(' ').append(RtfFonts.escaped(run.text())).append('}').toString();
    }
  }
}
