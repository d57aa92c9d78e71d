package app.finish.desktop.model;

import app.finish.core.arrange.TitlePattern;
import app.finish.core.arrange.place.Side;
import app.finish.core.document.Document;
import app.finish.core.document.DocumentTable;
import app.finish.core.document.Finish;
import app.finish.core.dress.SourceLabels;
import app.finish.core.note.Description;
import app.finish.core.note.Lettering;
import app.finish.core.note.OwnNote;
import app.finish.core.note.OwnNotes;
import app.finish.core.note.ReadingOrder;
import app.finish.core.note.Tie;
import app.finish.core.note.Wording;
import app.finish.core.style.PartName;
import app.finish.core.table.Marks;
import app.finish.core.table.Note;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Words;
import app.finish.core.words.TitleUnits;
import app.finish.desktop.kit.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/// The words of the table at hand: its title, its notes and what they are tied to, and what is said
/// once for all tables.
///
/// ```java
/// desk.noting().add(OwnNote.Kind.SPECIFIC, "Laid up in winter."); // tied to what is picked
/// ```
public final class Noting {
  /// A note as it is listed.
  ///
  /// @param origin where it is from
  /// @param sign its sign in the table; empty for a note on the whole table
  /// @param kind what it is about
  /// @param typed what it says, as it is typed
  /// @param ties what it is tied to, by the labels of its places
  /// @param asleep whether it is not shown, since the table has none of its places
  public record Line(
      Lettering.Origin origin,
      String sign,
      OwnNote.Kind kind,
      String typed,
      List<String> ties,
      boolean asleep) {
    /// Copies the list.
    public Line {
      ties = List.copyOf(ties);
    }
  }

  private final Desk desk;

  Noting(Desk desk) {
    this.desk = desk;
  }

  private Optional<Shown> shown() {
    return desk.shownProperty().get();
  }

  private Finish finish() {
    return desk.table().map(DocumentTable::finish).orElse(Finish.in("Plain"));
  }

  private OwnNotes notes() {
    return finish().notes();
  }

  /// The notes in the order of the table, those that sleep last.
  public List<Line> lines() {
    List<Line> lines = new ArrayList<>();
    shown()
        .ifPresent(
            shown -> {
              Lettering.Lettered worded = shown.worded();
              for (int i = 0; i < worded.origins().size(); i++) {
                lines.add(line(worded, i));
              }
              for (int index : worded.asleep()) {
                if (index < notes().added().size()) {
                  OwnNote note = notes().added().get(index);
                  lines.add(
                      new Line(
                          new Lettering.Origin.Own(index),
                          "",
                          note.kind(),
                          note.text(),
                          note.ties().stream().map(Noting::words).toList(),
                          true));
                }
              }
            });
    return lines;
  }

  private Line line(Lettering.Lettered worded, int index) {
    Note note = worded.table().words().notes().get(index);
    Lettering.Origin origin = worded.origins().get(index);
    Optional<OwnNote> own =
        origin instanceof Lettering.Origin.Own(int at) && at < notes().added().size()
            ? Optional.of(notes().added().get(at))
            : Optional.empty();
    String typed = own.map(OwnNote::text).orElse(worded.table().words().typed(note.text()));
    OwnNote.Kind kind =
        own.map(OwnNote::kind)
            .orElse(
                note.isGeneral()
                    ? OwnNote.Kind.GENERAL
                    : note.isProbability() ? OwnNote.Kind.PROBABILITY : OwnNote.Kind.SPECIFIC);
    List<String> ties =
        note.isSpecific()
            ? places(worded.table(), note).stream().map(Noting::words).toList()
            : List.of();
    return new Line(origin, note.mark(), kind, typed, ties, false);
  }

  /// What the places of a note are tied by.
  private List<Tie> places(Table table, Note note) {
    List<Tie> ties = new ArrayList<>();
    SourceLabels naming = shown().orElseThrow().naming();
    table.marks().byPlace().entrySet().stream()
        .filter(one -> Marks.single(one.getValue()).contains(note.mark()))
        .map(Map.Entry::getKey)
        .sorted(ReadingOrder.ORDER)
        .forEach(spot -> ties.add(tie(naming, spot)));
    return ties;
  }

  private static Tie tie(SourceLabels naming, Spot spot) {
    return switch (spot) {
      case Spot.Title _ -> new Tie.OfTitle();
      case Spot.StubHead(int level) -> new Tie.OfStubHead(level);
      case Spot.Across(int level, int leaf) -> named(naming.heading(Side.ACROSS, leaf, level));
      case Spot.Down(int level, int leaf) -> named(naming.heading(Side.DOWN, leaf, level));
      case Spot.Figure(int row, int column) -> named(naming.figure(row, column));
    };
  }

  private static Tie named(SourceLabels.Named named) {
    return new Tie.OfCell(named.down(), named.across());
  }

  /// A place in words.
  static String words(Tie tie) {
    return switch (tie) {
      case Tie.OfTitle _ -> Texts.of("word.tie.title");
      case Tie.OfStubHead _ -> Texts.of("word.tie.stubHead");
      case Tie.OfCell(List<String> down, List<String> across) -> {
        String left = Shown.path(down);
        String top = Shown.path(across);
        yield left.isEmpty() ? top : top.isEmpty() ? left : left + " × " + top;
      }
    };
  }

  /// What notes can be tied to among what is picked.
  public List<Tie> picked() {
    List<Tie> ties = new ArrayList<>();
    shown()
        .ifPresent(
            shown ->
                Pick.cells(desk).stream()
                    .map(cell -> cell.place())
                    .flatMap(place -> place.spot().stream())
                    .map(spot -> tie(shown.naming(), spot))
                    .distinct()
                    .forEach(ties::add));
    return ties;
  }

  /// What is picked, in words.
  public String pickedWords() {
    List<Tie> ties = picked();
    return ties.size() > 2
        ? Texts.of("word.places", ties.size())
        : String.join(", ", ties.stream().map(Noting::words).toList());
  }

  /// Adds a note; one on single places is tied to what is picked.
  public void add(OwnNote.Kind kind, String text) {
    if (text.isBlank()) {
      return;
    }
    List<Tie> ties = kind == OwnNote.Kind.SPECIFIC ? picked() : List.of();
    if (kind == OwnNote.Kind.SPECIFIC && ties.isEmpty()) {
      desk.say(Texts.of("word.pickFirst"));
      return;
    }
    change(Texts.of("change.addNote"), notes -> notes.with(new OwnNote(kind, text.strip(), ties)));
  }

  private void change(String label, UnaryOperator<OwnNotes> change) {
    Finish finish = finish();
    desk.changeFinish(label, finish.withNotes(change.apply(finish.notes())));
  }

  /// Whether the notes on the screen are those of the document: a note is known by its place, and
  /// what is pressed before a long table is drawn anew would be done to another.
  private boolean isCurrent(Lettering.Origin origin) {
    return !(origin instanceof Lettering.Origin.Own)
        || shown().filter(one -> one.finish().notes().equals(notes())).isPresent();
  }

  /// Gives a note other words; none take it out.
  public void reword(Lettering.Origin origin, String typed) {
    if (!isCurrent(origin)) {
      return;
    }
    String label = Texts.of(typed.isBlank() ? "change.removeNote" : "change.note");
    switch (origin) {
      case Lettering.Origin.Own(int index) ->
          change(
              label,
              notes ->
                  typed.isBlank()
                      ? notes.without(index)
                      : notes.with(index, notes.added().get(index).withText(typed.strip())));
      case Lettering.Origin.Source(String key) -> {
        if (isFirstGeneral(origin)) {
          desk.word(PartName.NOTE, typed);
        } else {
          change(label, notes -> notes.reworded(key, typed.strip()));
        }
      }
      case Lettering.Origin.Made _ -> {}
    }
  }

  private boolean isFirstGeneral(Lettering.Origin origin) {
    return shown()
        .map(Shown::worded)
        .map(
            worded -> {
              int at = worded.table().words().generalNotePlace().orElse(-1);
              return at >= 0 && worded.origins().get(at).equals(origin);
            })
        .orElse(false);
  }

  /// Ties a note to what is picked, or unties it from there if it is tied already. A note of the
  /// source becomes one of the person's own.
  public void tie(Line line) {
    List<Tie> picked = picked();
    if (picked.isEmpty()) {
      desk.say(Texts.of("word.pickFirst"));
      return;
    }
    if (!isCurrent(line.origin())) {
      return;
    }
    String label = Texts.of("change.tie");
    if (line.origin() instanceof Lettering.Origin.Own(int index)) {
      change(label, notes -> notes.with(index, toggled(notes.added().get(index), picked)));
    } else if (line.origin() instanceof Lettering.Origin.Source(String key)) {
      OwnNote adopted = new OwnNote(OwnNote.Kind.SPECIFIC, line.typed(), placesOf(line.origin()));
      change(label, notes -> notes.reworded(key, "").with(toggled(adopted, picked)));
    }
  }

  private static OwnNote toggled(OwnNote note, List<Tie> picked) {
    boolean all = note.ties().containsAll(picked);
    OwnNote changed = note;
    for (Tie tie : picked) {
      changed = all || !changed.ties().contains(tie) ? changed.toggled(tie) : changed;
    }
    return changed;
  }

  private List<Tie> placesOf(Lettering.Origin origin) {
    return shown()
        .map(
            shown -> {
              Table table = shown.worded().table();
              int at = shown.worded().origins().indexOf(origin);
              return at < 0 ? List.<Tie>of() : places(table, table.words().notes().get(at));
            })
        .orElse(List.of());
  }

  /// The words as they are typed.
  public EditableWords words() {
    return EditableWords.of(shown());
  }

  /// The title as it is typed, with the marks that stand for dimensions.
  public String title() {
    return Optional.ofNullable(finish().words().get(PartName.TITLE))
        .orElse(words().of(PartName.TITLE));
  }

  /// The units that the title ends with, if the table has no line of units yet.
  public Optional<TitleUnits> unitsOfTitle() {
    return words().of(PartName.UNITS).isBlank() ? TitleUnits.of(title()) : Optional.empty();
  }

  /// Moves the units from the title to a line of their own.
  public void moveUnits() {
    unitsOfTitle()
        .ifPresent(
            units ->
                desk.changeFinish(
                    Texts.of("change.units"),
                    finish()
                        .withWord(PartName.TITLE, units.title())
                        .withWord(PartName.UNITS, units.units())));
  }

  /// What the table shows, for those who can't see it: the person's own words, or those offered.
  public String description() {
    String own = finish().description();
    return own.isEmpty()
        ? shown().map(shown -> Description.of(shown.worded().table())).orElse("")
        : own;
  }

  /// Makes the title follow the dimensions.
  public void followDimensions() {
    desk.word(PartName.TITLE, TitlePattern.USUAL);
  }

  /// What is said once for all tables.
  public Wording wording() {
    return desk.document().wording();
  }

  /// Says something else for all tables.
  public void say(String label, UnaryOperator<Wording> change) {
    Document document = desk.document();
    Wording other = change.apply(document.wording());
    if (!other.equals(document.wording())) {
      desk.change(label, document.withWording(other));
    }
  }

  /// Says what is wrong with something that was typed.
  public void sayWrong(String sentence) {
    desk.say(sentence);
  }

  /// The table with all its words, if one is shown.
  public Optional<Table> table() {
    return shown().map(Shown::worded).map(Lettering.Lettered::table);
  }

  /// The words of the table that is shown.
  public Words plain() {
    return table().map(Table::words).orElse(Words.NONE);
  }

  /// Adds a note that says what abbreviations mean, or what stars stand for, and follows the table;
  /// or takes it out.
  ///
  /// @param text [Lettering#ABBREVIATIONS] or [Lettering#LEVELS]
  public void follow(OwnNote.Kind kind, String text) {
    List<OwnNote> added = notes().added();
    for (int i = 0; i < added.size(); i++) {
      if (added.get(i).text().equals(text)) {
        int at = i;
        change(Texts.of("change.removeNote"), notes -> notes.without(at));
        return;
      }
    }
    change(Texts.of("change.addNote"), notes -> notes.with(OwnNote.of(kind, text)));
  }

  /// Whether such a note is there.
  public boolean follows(String text) {
    return notes().added().stream().anyMatch(note -> note.text().equals(text));
  }
}
