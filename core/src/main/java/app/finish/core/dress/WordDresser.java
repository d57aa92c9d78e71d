package app.finish.core.dress;

import app.finish.core.dress.DressedRow.Band;
import app.finish.core.style.Cascade;
import app.finish.core.style.Look;
import app.finish.core.style.Part;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.table.Held;
import app.finish.core.table.Note;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.words.Language;
import app.finish.core.words.Symbols;
import app.finish.core.words.TitleCase;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/// Dresses the words above and below a table.
public final class WordDresser {
  /// A hyphen that is the sign of a number: behind what it equals, or in an interval.
  private static final Pattern HYPHEN = Pattern.compile("(?<=[=<>≤≥\\[]\\s?)-(?=\\.?[0-9])");

  private final Table table;
  private final Cascade cascade;
  private final int columns;
  private final String number;
  private final Language language;

  WordDresser(Table table, Cascade cascade, int columns, String number, Language language) {
    this.table = table;
    this.cascade = cascade;
    this.columns = columns;
    this.number = number;
    this.language = language;
  }

  List<DressedRow> above() {
    List<DressedRow> rows = new ArrayList<>();
    Look look = look(PartName.NUMBER);
    String leadIn = leadIn(look);
    add(rows, Band.ABOVE, PartName.NUMBER, 0, leadIn.isEmpty() ? "" : leadIn + " " + number);
    String title = table.words().title();
    add(rows, Band.ABOVE, PartName.TITLE, 0, title);
    add(rows, Band.ABOVE, PartName.UNITS, 0, units());
    addHeld(rows);
    spread(rows, rows.size() - 1, 0, gap());
    return rows;
  }

  private void addHeld(List<DressedRow> rows) {
    Look line = look(PartName.HELD);
    Look name = look(PartName.HELD_NAME);
    Look member = look(PartName.HELD_MEMBER);
    List<Run> runs = new ArrayList<>();
    for (Held held : table.held()) {
      String before = runs.isEmpty() ? "" : "; ";
      if (!held.dimension().isEmpty()) {
        runs.add(stretch(before + held.dimension() + ": ", name, line));
        before = "";
      }
      runs.add(stretch(before + held.member(), member, line));
    }
    boolean plain = runs.stream().allMatch(run -> run.withText("").equals(plain(line)));
    if (plain && !runs.isEmpty()) {
      String all = runs.stream().map(Run::text).collect(Collectors.joining());
      runs = List.of(plain(line).withText(all));
    }
    if (!runs.isEmpty()) {
      addWords(rows, Band.ABOVE, PartName.HELD, 0, runs, line);
    }
  }

  private static Run plain(Look look) {
    return new Run("", look.bold(), look.italic());
  }

  private static Run stretch(String text, Look own, Look line) {
    Run run = new Run(text, own.bold(), own.italic());
    return own.ink().equals(line.ink()) ? run : run.inked(own.setting(Property.INK));
  }

  /// The line of units; where the table measures one thing that no heading, no title and no held
  /// member names, what it is.
  private String units() {
    String units = table.words().units();
    String name = table.measures().getFirst().name();
    boolean sole = table.measures().size() == 1 && units.isEmpty() && !name.isEmpty();
    if (!sole || table.across().leaves().isEmpty() || table.down().leaves().isEmpty()) {
      return units;
    }
    boolean headed =
        table.across().leaves().getFirst().measure().isPresent()
            || table.down().leaves().getFirst().measure().isPresent();
    boolean titled =
        table.words().title().toLowerCase(Locale.ROOT).contains(name.toLowerCase(Locale.ROOT));
    boolean held = table.held().stream().anyMatch(one -> one.member().equals(name));
    return headed || titled || held ? units : name;
  }

  private double gap() {
    String gap = look(PartName.TABLE).setting(Property.GAP);
    return Double.parseDouble(gap.replace("pt", "").strip());
  }

  private static void spread(List<DressedRow> rows, int at, double above, double below) {
    if (!rows.isEmpty()) {
      rows.set(at, rows.get(at).withMoreSpace(above, below));
    }
  }

  List<DressedRow> below() {
    List<DressedRow> rows = new ArrayList<>();
    List<Note> notes = table.words().notes();
    boolean runsOn = look(PartName.NOTE).setting(Property.NOTE_FORM).equals("run on");
    for (int kind = 0; kind < 3; kind++) {
      List<Run> open = new ArrayList<>();
      int first = -1;
      for (int i = 0; i < notes.size(); i++) {
        if (kind(notes.get(i)) != kind) {
          continue;
        }
        if (!runsOn || !notes.get(i).swatches().isEmpty()) {
          addNote(rows, i, notes.get(i));
          continue;
        }
        open.addAll(open.isEmpty() ? led(kind) : Run.of(" ", look(PartName.NOTE)));
        open.addAll(runs(notes.get(i)));
        closed(open);
        first = first < 0 ? i : first;
      }
      if (first >= 0) {
        addWords(rows, Band.BELOW, PartName.NOTE, first, open, look(PartName.NOTE));
      }
    }
    add(rows, Band.BELOW, PartName.SOURCE, 0, table.words().source());
    spread(rows, 0, gap(), 0);
    return rows;
  }

  /// What stands before the general notes.
  private List<Run> led(int kind) {
    Look look = look(PartName.NOTE);
    String leadIn = leadIn(look);
    return kind > 0 || leadIn.isEmpty()
        ? List.of()
        : List.of(new Run(leadIn, look.bold(), true), new Run(" ", look.bold(), look.italic()));
  }

  /// Notes that run on end with a full stop.
  private static void closed(List<Run> runs) {
    Run last = runs.getLast();
    if (!last.text().isEmpty() && !last.text().matches("(?s).*[.!?…]\\W*")) {
      runs.set(runs.size() - 1, last.withText(last.text() + "."));
    }
  }

  /// General notes come first, then those on single places, then those on probability: the order of
  /// APA 7, 7.14.
  private static int kind(Note note) {
    return note.isGeneral() ? 0 : note.isProbability() ? 2 : 1;
  }

  private void addNote(List<DressedRow> rows, int index, Note note) {
    if (note.isGeneral()) {
      add(rows, Band.BELOW, PartName.NOTE, index, note.text(), note.swatches());
      return;
    }
    addWords(rows, Band.BELOW, PartName.NOTE, index, runs(note), look(PartName.NOTE));
  }

  /// A note behind its mark.
  private List<Run> runs(Note note) {
    Look look = look(PartName.NOTE);
    List<Run> runs = new ArrayList<>();
    if (note.isGeneral()) {
      runs.addAll(rich("", note.text(), "", look));
      return runs;
    }
    runs.addAll(Run.ofMark(note.mark(), look));
    String text = note.isProbability() ? evenly(note.text()) : note.text();
    runs.addAll(rich(Run.isRaised(note.mark()) ? " " : "", text, "", look));
    return runs;
  }

  /// Levels of probability with each star close to its *p* (APA 7, 7.14).
  private static String evenly(String text) {
    return text.replaceAll("([*†‡])\\s+(?=p\\b)", "$1").replaceAll(" {2,}", " ");
  }

  /// A text with what was typed of its look; titles in the letters that the style asks for.
  ///
  /// @param gap the blank before it
  private List<Run> rich(String gap, String text, String mark, Look look) {
    boolean titleCase = look.setting(Property.LETTER_CASE).equals("title");
    String typed = table.words().typed().getOrDefault(text, "");
    String shown = titleCase ? TitleCase.of(text, language) : text;
    if (typed.isEmpty()) {
      boolean minus = look.setting(Property.NEGATIVE).equals("minus");
      String signed = minus ? HYPHEN.matcher(shown).replaceAll("−") : shown;
      return Run.of(Symbols.inText(gap + signed), mark, look);
    }
    List<Run> runs = new ArrayList<>(gap.isEmpty() ? List.of() : Run.of(gap, look));
    runs.addAll(Run.rich(typed, shown, mark, look));
    return runs;
  }

  private String leadIn(Look look) {
    return language.word(look.setting(Property.LEAD_IN));
  }

  private Look look(PartName part) {
    return cascade.look(PartSelectors.of(Part.of(part)));
  }

  private void add(List<DressedRow> rows, Band band, PartName name, int index, String text) {
    add(rows, band, name, index, text, List.of());
  }

  private void add(
      List<DressedRow> rows,
      Band band,
      PartName name,
      int index,
      String text,
      List<String> swatches) {
    if (text.isEmpty()) {
      return;
    }
    Look look = look(name);
    List<Run> runs = new ArrayList<>();
    String leadIn = leadIn(look);
    boolean first = rows.stream().noneMatch(row -> row.part().name() == name);
    boolean leads = band == Band.BELOW && first && !leadIn.isEmpty();
    if (leads) {
      runs.add(new Run(leadIn, look.bold(), true));
    }
    for (String swatch : swatches) {
      boolean apart = leads && runs.size() == 1;
      runs.add(new Run(apart ? " " : "", look.bold(), look.italic()));
      String[] drawn = swatch.split(" ", 2);
      runs.add(Run.swatch(CellSigns.drawing(drawn[0]), drawn[1]));
    }
    String gap = swatches.isEmpty() ? leads ? " " : "" : "\u00A0";
    String mark = name == PartName.TITLE ? table.marks().at(new Spot.Title()) : "";
    runs.addAll(rich(gap, text, mark, look));
    addWords(rows, band, name, index, runs, look);
  }

  private void addWords(
      List<DressedRow> rows, Band band, PartName name, int index, List<Run> runs, Look look) {
    Part part = Part.of(name);
    DressedCell cell =
        new DressedCell(0, columns, 1, runs, 0, part, look, new CellMeaning.Word(name, index));
    rows.add(DressedRow.of(band, part, List.of(cell), band == Band.ABOVE));
  }
}
