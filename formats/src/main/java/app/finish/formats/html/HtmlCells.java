package app.finish.formats.html;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.Run;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.RuleLine;
import app.finish.formats.io.XmlText;
import java.util.Arrays;
import java.util.List;

/// Writes the cells of a table, and the words around it.
final class HtmlCells {
  private static final String[] CLASSES =
      Arrays.stream(PartName.values())
          .map(part -> part.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-'))
          .toArray(String[]::new);
  private static final HtmlLook SMALL = HtmlLook.of("font-size: 68%; line-height: 0");
  private static final HtmlLook UNSEEN = HtmlLook.of(HtmlMarks.UNSEEN);

  private final HtmlLooks looks;
  private final HtmlSheet sheet;
  private final XmlText out;

  HtmlCells(HtmlLooks looks, HtmlSheet sheet, XmlText out) {
    this.looks = looks;
    this.sheet = sheet;
    this.out = out;
  }

  /// What a cell is: a head, or a figure. What says nothing heads nothing.
  static String tag(DressedCell cell) {
    return cell.place() instanceof CellMeaning.Body || isBlank(cell) ? "td" : "th";
  }

  /// Whether it is a place for a head that says nothing.
  static boolean isBlank(DressedCell cell) {
    boolean stub =
        cell.place() instanceof CellMeaning.StubHead || cell.place() instanceof CellMeaning.Stub;
    return stub && cell.text().isBlank();
  }

  /// The part that a cell or a line of words is, for style sheets of the page that it goes to.
  static String className(DressedCell cell) {
    return CLASSES[cell.part().name().ordinal()];
  }

  /// Says the look of the cell whose element was begun.
  ///
  /// @param last the last row that it reaches over
  void dress(DressedRow row, DressedRow last, DressedCell cell) {
    sheet.dress(out, className(cell), looks.cell(row, last, cell));
  }

  /// Writes what a cell says. A rule with a gap to its neighbours is drawn under a box inside the
  /// cell, which ends at the cell's padding.
  void content(DressedCell cell) {
    RuleLine rule = cell.look().ruleBelow();
    boolean gapped = rule.isDrawn() && rule.reach() == RuleLine.Reach.SPANNED;
    if (gapped) {
      open("div", looks.gapped(rule));
    }
    runs(cell);
    marks(cell);
    if (gapped) {
      out.close("div");
    }
  }

  /// Writes a line of words around the table.
  void words(DressedCell cell) {
    out.begin("div");
    sheet.dress(out, className(cell), looks.words(cell));
    if (runsFromTheRight(cell)) {
      out.attribute("dir", "auto");
    }
    out.content();
    runs(cell);
    out.close("div");
  }

  private void open(String tag, HtmlLook look) {
    out.begin(tag);
    sheet.dress(out, "", look);
    out.content();
  }

  /// Whether any of its letters is of a script that is written from the right.
  static boolean runsFromTheRight(DressedCell cell) {
    for (Run run : cell.runs()) {
      String text = run.text();
      for (int i = 0; i < text.length(); i++) {
        if (text.charAt(i) >= '\u0590') {
          byte direction = Character.getDirectionality(text.codePointAt(i));
          if (direction == Character.DIRECTIONALITY_RIGHT_TO_LEFT
              || direction == Character.DIRECTIONALITY_RIGHT_TO_LEFT_ARABIC) {
            return true;
          }
        }
      }
    }
    return false;
  }

  private void runs(DressedCell cell) {
    for (Run run : cell.runs()) {
      if (!run.swatch().isEmpty()) {
        swatch(run);
        continue;
      }
      String weight = run.bold() != cell.look().bold() ? "b" : "";
      String slant = run.italic() == cell.look().italic() ? "" : run.italic() ? "i" : "span";
      String height = run.raised() ? "sup" : run.lowered() ? "sub" : "";
      plain(weight);
      plain(slant);
      if (!run.ink().isEmpty()) {
        open("span", looks.ink(run.ink()));
      }
      if (!height.isEmpty()) {
        open(height, SMALL);
      }
      out.text(run.text());
      close(height);
      close(run.ink().isEmpty() ? "" : "span");
      close(slant);
      close(weight);
    }
  }

  private void plain(String tag) {
    if (!tag.isEmpty()) {
      out.begin(tag).content();
    }
  }

  private void close(String tag) {
    if (!tag.isEmpty()) {
      out.close(tag);
    }
  }

  /// A box or a sign in an ink of its own, which is not read aloud.
  private void swatch(Run run) {
    boolean box = run.text().equals("■");
    out.begin("span").attribute("aria-hidden", "true");
    sheet.dress(out, "", looks.in(inks -> HtmlMarks.swatch(run, inks)));
    out.content().text(box ? "" : run.text()).close("span");
  }

  /// A line over the row's figures, and the names of the highlights on the cell for those who don't
  /// see them.
  private void marks(DressedCell cell) {
    boolean marked = cell.look().marked() && cell.place() instanceof CellMeaning.Body;
    String trend = marked ? cell.look().setting(Property.TREND) : "none";
    if (!trend.equals("none")) {
      HtmlLook line = looks.in(inks -> HtmlMarks.trendLook(trend, inks));
      HtmlMarks.trend(trend, out, polyline -> sheet.dress(polyline, "", line));
    }
    List<String> names = looks.highlights(cell.look());
    if (!names.isEmpty()) {
      open("span", UNSEEN);
      out.text(" (" + String.join(", ", names) + ")").close("span");
    }
  }
}
