package app.finish.core.chart;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.Run;
import app.finish.core.style.Look;
import app.finish.core.style.Part;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.words.Language;
import app.finish.core.words.Markup;
import app.finish.core.words.TitleCase;
import java.util.ArrayList;
import java.util.List;

/// What stands above and below a chart, in the looks that the style has for a table's words.
///
/// @param dressed the table in its style
/// @param number the number of the figure as it is written
/// @param title the title without marks
record WordsAround(Dressed dressed, Chart chart, String number, String title, Subject subject) {
  /// Number, title, units and held line as the table has them, with the figure's own number and
  /// title. Units are left out of a chart of percentages, which bear their own.
  List<DressedCell> above() {
    List<DressedCell> cells = new ArrayList<>();
    boolean percent = subject.data().measure().unit().equals("%");
    for (DressedRow row : dressed.band(DressedRow.Band.ABOVE)) {
      DressedCell cell = row.cells().getFirst();
      String figure = dressed.language().word("Figure") + " " + number;
      switch (row.part().name()) {
        case NUMBER -> cells.add(saying(cell, plain(figure, cell.look())));
        case TITLE -> cells.add(saying(cell, titled(cell.look())));
        case UNITS -> {
          if (!percent) {
            cells.add(cell);
          }
        }
        default -> cells.add(cell);
      }
    }
    boolean titled = cells.stream().anyMatch(cell -> cell.part().name() == PartName.TITLE);
    if (!titled && !cells.isEmpty()) {
      cells.add(saying(cells.getFirst(), titled(cells.getFirst().look())));
    }
    return cells;
  }

  /// The title as it was typed, with its marks; one that is made in the letter case of the style.
  private List<Run> titled(Look look) {
    if (chart.title().isBlank()) {
      boolean cased = look.setting(Property.LETTER_CASE).equals("title");
      return plain(cased ? TitleCase.of(title, dressed.language()) : title, look);
    }
    return typed(chart.title().strip(), look);
  }

  private static List<Run> typed(String text, Look look) {
    return Markup.read(text).stream()
        .map(
            part ->
                new Run(
                    part.text(),
                    look.bold() || part.bold(),
                    look.italic() != part.italic(),
                    part.height(),
                    "",
                    ""))
        .toList();
  }

  /// What has to be said of the marks, and the source as the table has it.
  List<DressedCell> below() {
    List<DressedCell> cells = new ArrayList<>();
    List<DressedRow> rows = dressed.band(DressedRow.Band.BELOW);
    String said = String.join(" ", said());
    String own = chart.texts().note().strip();
    if (!said.isEmpty() || !own.isEmpty()) {
      cells.add(noted(like(rows), said, own));
    }
    for (DressedRow row : rows) {
      if (row.part().name() == PartName.SOURCE) {
        cells.addAll(row.cells());
      }
    }
    return cells;
  }

  /// What has to be said of the marks, and what was written below.
  private List<String> said() {
    Language language = dressed.language();
    List<String> said = new ArrayList<>();
    if (chart.kind() == ChartKind.INTERVALS) {
      subject.spreads().map(one -> one.words(language)).ifPresent(said::add);
    }
    if (chart.kind() == ChartKind.BOXES) {
      said.add(ChartPhrase.BOXES.in(language));
    }
    int left = subject.data().leftOut();
    if (left > 0) {
      int drawn = subject.data().categories().size();
      said.add(ChartPhrase.DRAWN.in(language, drawn, drawn + left));
    }
    return said;
  }

  /// A note or the source line that a note of the chart can look like; where the table has neither
  /// it looks like the labels.
  private DressedCell like(List<DressedRow> rows) {
    return rows.stream()
        .filter(row -> row.part().name() == PartName.NOTE)
        .findFirst()
        .or(() -> rows.stream().findFirst())
        .map(row -> row.cells().getFirst())
        .orElseGet(
            () ->
                new DressedCell(
                    0,
                    1,
                    1,
                    List.of(),
                    0,
                    Part.of(PartName.NOTE),
                    subject.label(),
                    new CellMeaning.Word(PartName.NOTE, 0)));
  }

  /// A note behind what the style puts before notes.
  ///
  /// @param said what has to be said of the marks
  /// @param own what was written, with its marks
  private DressedCell noted(DressedCell like, String said, String own) {
    Look look = like.look();
    List<Run> runs = new ArrayList<>();
    String leadIn = look.setting(Property.LEAD_IN);
    if (like.part().name() == PartName.NOTE && !leadIn.isBlank() && !leadIn.equals("none")) {
      runs.add(new Run(dressed.language().word(leadIn), look.bold(), true));
      runs.add(new Run(" ", look.bold(), look.italic()));
    }
    if (!said.isEmpty()) {
      runs.addAll(plain(own.isEmpty() ? said : said + " ", look));
    }
    runs.addAll(own.isEmpty() ? List.of() : typed(own, look));
    return saying(like, runs);
  }

  private static List<Run> plain(String text, Look look) {
    return List.of(new Run(text, look.bold(), look.italic()));
  }

  private static DressedCell saying(DressedCell cell, List<Run> runs) {
    return new DressedCell(
        cell.column(),
        cell.columnSpan(),
        cell.rowSpan(),
        runs,
        cell.indent(),
        cell.part(),
        cell.look(),
        cell.place());
  }
}
