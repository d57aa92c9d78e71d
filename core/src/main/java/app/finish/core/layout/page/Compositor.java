package app.finish.core.layout.page;

import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Fonts;
import app.finish.core.layout.font.Measurer;
import java.util.ArrayList;
import java.util.List;

/// Lays a dressed table out on paper.
///
/// ```java
/// Proof proof = new Compositor(new Fonts()).layOut(dressed, Paper.A4);
/// ```
///
/// A table that is too wide is first broken in its stub and heads, then the paper is turned, and at
/// last the paper is as wide as the table needs: no figure is ever cut.
public final class Compositor {
  private static final double CRAMPED = 0.6;

  /// A table that is so many times as wide as the paper at the least is not made narrow.
  private static final double FAR = 2;

  private final Measurer measurer;

  /// A compositor that measures with these fonts.
  public Compositor(Fonts fonts) {
    this.measurer = new Measurer(fonts);
  }

  /// The table laid out.
  public Proof layOut(Dressed dressed, Paper paper) {
    ColumnWidths columns = new ColumnWidths(dressed, dressed.rows(), measurer);
    Paper fitting = fit(columns, paper);
    double width = Math.min(Math.max(columns.total(), 1), fitting.textWidth());
    List<SetRow> rows = new ArrayList<>();
    for (DressedRow row : dressed.rows()) {
      boolean words = row.band() == Band.ABOVE || row.band() == Band.BELOW;
      rows.add(new SetRow(row, measurer, columns, words ? fitting.textWidth() : width));
    }
    SetRow.spreadTallCells(rows);
    return new Proof(dressed, fitting, columns.settled(), pages(dressed, columns, rows, fitting));
  }

  public static Paper fit(ColumnWidths columns, Paper paper) {
    columns.fit(paper.textWidth());
    boolean fits = columns.total() <= paper.textWidth() + 0.01;
    if (fits && columns.strain() <= CRAMPED) {
      return paper;
    }
    Paper turned = paper.height() > paper.width() ? paper.turned() : paper;
    columns.fit(turned.textWidth());
    if (columns.total() <= turned.textWidth() + 0.01) {
      return turned;
    }
    if (columns.total() > FAR * turned.textWidth()) {
      columns.loosen();
    }
    return turned.withWidth(columns.total() + 2 * turned.margin());
  }

  private List<Proof.Page> pages(
      Dressed dressed, ColumnWidths columns, List<SetRow> rows, Paper paper) {
    List<List<SetRow>> sheets = paper.paged() ? broken(rows, paper) : List.of(rows);
    List<Proof.Page> pages = new ArrayList<>();
    for (List<SetRow> sheet : sheets) {
      double height = sheet.stream().mapToDouble(SetRow::height).sum();
      Paper own =
          paper.paged()
              ? paper
              : new Paper(
                  paper.width(), Math.max(height + 2 * paper.margin(), 120), paper.margin(), false);
      pages.add(new PagePainter(dressed, columns, own).paint(sheet, own.margin()));
    }
    return pages;
  }

  /// Breaks the rows into sheets: heads repeat, rows that keep with the next stay with it, and what
  /// is taller than a sheet stands alone.
  private static List<List<SetRow>> broken(List<SetRow> rows, Paper paper) {
    double room = paper.height() - 2 * paper.margin();
    List<SetRow> heads = rows.stream().filter(row -> row.row().band() == Band.HEAD).toList();
    List<List<SetRow>> sheets = new ArrayList<>();
    List<SetRow> sheet = new ArrayList<>();
    double used = 0;
    int at = 0;
    while (at < rows.size()) {
      int end = at + 1;
      double need = rows.get(at).height();
      while (end < rows.size() && rows.get(end - 1).row().keepsWithNext()) {
        need += rows.get(end++).height();
      }
      if (used + need > room
          && !sheet.isEmpty()
          && used > heads.stream().mapToDouble(SetRow::height).sum()) {
        sheets.add(sheet);
        boolean body = rows.get(at).row().band() == Band.BODY;
        sheet = new ArrayList<>(body ? heads : List.of());
        used = sheet.stream().mapToDouble(SetRow::height).sum();
      }
      sheet.addAll(rows.subList(at, end));
      used += need;
      at = end;
    }
    sheets.add(sheet);
    return sheets;
  }
}
