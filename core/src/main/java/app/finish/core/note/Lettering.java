package app.finish.core.note;

import app.finish.core.arrange.Arranged;
import app.finish.core.table.Note;
import app.finish.core.table.ProbabilityLevels;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Words;
import app.finish.core.words.Markup;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/// Puts the notes of a person's own among those of the source and gives all that are tied to places
/// their signs, in the order in which a reader comes upon the places (APA 7, 7.14). A mark that no
/// note explains keeps its sign, and no other is given it.
///
/// ```java
/// Lettered lettered = Lettering.of(arranged, words, notes);
/// lettered.table().words().notes(); // general notes, then "a", "b" …, then probabilities
/// ```
public final class Lettering {
  /// A table with all its notes.
  ///
  /// @param table the table
  /// @param origins where each of its notes is from
  /// @param asleep which of the added notes are not shown, since the table has none of their places
  public record Lettered(Table table, List<Origin> origins, List<Integer> asleep) {
    /// Copies the lists.
    public Lettered {
      origins = List.copyOf(origins);
      asleep = List.copyOf(asleep);
    }
  }

  /// Where a note is from.
  public sealed interface Origin {
    /// From the source.
    ///
    /// @param key how the source has it, with its mark
    record Source(String key) implements Origin {}

    /// From the person.
    ///
    /// @param index its place among the added notes
    record Own(int index) implements Origin {}

    /// From the legend of a highlight, or made otherwise.
    record Made() implements Origin {}
  }

  /// What is said once for all tables of a document.
  ///
  /// @param levels the levels of probability that stars stand for, the largest first
  /// @param glossary what abbreviations mean
  public record Said(List<Double> levels, Map<String, String> glossary) {
    /// What is usual.
    public static final Said USUAL = new Said(List.of(0.05, 0.01, 0.001), Map.of());

    /// Copies the collections.
    public Said {
      levels = List.copyOf(levels);
      glossary = Map.copyOf(glossary);
    }
  }

  /// Stands in a note for what the abbreviations of the table mean.
  public static final String ABBREVIATIONS = "{abbreviations}";

  /// Stands in a note for the levels of the stars in the table.
  public static final String LEVELS = "{levels}";

  private record Item(Note note, Origin origin, TreeSet<Spot> places) {}

  private final Arranged arranged;
  private final Words words;
  private final OwnNotes own;
  private final Said meant;
  private final List<Item> items = new ArrayList<>();
  private final List<Integer> asleep = new ArrayList<>();
  private final Map<Spot, String> marks;
  private final Map<String, String> typed;

  private Lettering(Arranged arranged, Words words, OwnNotes own, Said said) {
    this.meant = said;
    this.arranged = arranged;
    this.words = words;
    this.own = own;
    this.marks = new HashMap<>(arranged.table().marks().byPlace());
    this.typed = new HashMap<>(words.typed());
  }

  /// A table with its own notes and those of the person.
  ///
  /// @param words the words of the table, with the notes of the source
  public static Lettered of(Arranged arranged, Words words, OwnNotes own) {
    return of(arranged, words, own, Said.USUAL);
  }

  /// The same, where a note that is no more than `{abbreviations}` or `{levels}` says what those of
  /// the table mean.
  ///
  /// @param said what is said once for all tables
  public static Lettered of(Arranged arranged, Words words, OwnNotes own, Said said) {
    boolean marked = words.notes().stream().anyMatch(Note::isSpecific);
    if (own.isEmpty() && !marked) {
      List<Origin> origins = new ArrayList<>();
      words.notes().forEach(note -> origins.add(origin(note)));
      return new Lettered(arranged.table().withWords(words), origins, List.of());
    }
    return new Lettering(arranged, words, own, said).lettered();
  }

  private static Origin origin(Note note) {
    return note.swatches().isEmpty() ? new Origin.Source(note.toString()) : new Origin.Made();
  }

  private Lettered lettered() {
    NoteSigns system = system();
    takeSources();
    takeOwn();
    List<Item> tied =
        items.stream()
            .filter(item -> item.note.isSpecific() && !item.places.isEmpty())
            .sorted(Comparator.comparing(item -> item.places.first(), ReadingOrder.ORDER))
            .toList();
    Set<String> taken = taken(tied);
    Map<String, String> anew = new HashMap<>();
    int next = 0;
    for (Item item : tied) {
      while (taken.contains(system.sign(next))) {
        next++;
      }
      anew.put(item.note.mark(), system.sign(next++));
      for (Spot spot : item.places) {
        marks.merge(spot, item.note.mark(), Lettering::joined);
      }
    }
    List<Item> ordered = new ArrayList<>();
    items.stream().filter(item -> !tied.contains(item)).forEach(ordered::add);
    int at = (int) ordered.stream().takeWhile(item -> item.note.isGeneral()).count();
    ordered.addAll(at, tied);
    Words all = new Words(words.title(), words.units(), notes(ordered), words.source(), typed);
    Table table =
        arranged.table().withMarks(arranged.table().marks().withMarks(marks)).withWords(all);
    return new Lettered(
        NoteSigns.renamed(table, anew), ordered.stream().map(Item::origin).toList(), asleep);
  }

  private static List<Note> notes(List<Item> items) {
    return items.stream().map(Item::note).toList();
  }

  private static String joined(String one, String other) {
    return List.of(one.split("\\s*,\\s*")).contains(other) ? one : one + "," + other;
  }

  /// The signs of the source's notes; letters where it has none.
  private NoteSigns system() {
    return words.notes().stream()
        .filter(Note::isSpecific)
        .map(note -> NoteSigns.of(note.mark()))
        .flatMap(Optional::stream)
        .findFirst()
        .orElse(NoteSigns.LETTERS);
  }

  /// The marks that keep what they are: those that no note explains whose sign is given anew.
  private Set<String> taken(List<Item> tied) {
    Set<String> taken = new HashSet<>(NoteSigns.tokens(arranged.table().marks()));
    items.forEach(item -> taken.add(item.note.mark()));
    tied.forEach(item -> taken.remove(item.note.mark()));
    return taken;
  }

  private void takeSources() {
    Map<String, TreeSet<Spot>> places = placesByMark();
    Set<String> signed = new HashSet<>();
    List<Item> made = new ArrayList<>();
    for (Note note : words.notes()) {
      Origin origin = origin(note);
      String wording =
          own.reworded().getOrDefault(note.toString(), typed.getOrDefault(note.text(), ""));
      boolean gone = own.reworded().containsKey(note.toString()) && wording.isEmpty();
      boolean mine =
          note.isSpecific() && NoteSigns.of(note.mark()).isPresent() && signed.add(note.mark());
      TreeSet<Spot> there = mine ? places.getOrDefault(note.mark(), empty()) : empty();
      if (gone) {
        if (mine) {
          there.forEach(spot -> unmark(spot, note.mark()));
        }
        continue;
      }
      Note worded = wording.isEmpty() ? note : note.saying(said(wording));
      made.add(new Item(worded, origin, there));
    }
    items.addAll(made);
  }

  private void unmark(Spot spot, String mark) {
    List<String> left = new ArrayList<>(List.of(marks.getOrDefault(spot, "").split("\\s*,\\s*")));
    left.remove(mark);
    if (left.isEmpty()) {
      marks.remove(spot);
    } else {
      marks.put(spot, String.join(",", left));
    }
  }

  private static TreeSet<Spot> empty() {
    return new TreeSet<>(ReadingOrder.ORDER);
  }

  private Map<String, TreeSet<Spot>> placesByMark() {
    Map<String, TreeSet<Spot>> places = new HashMap<>();
    arranged
        .table()
        .marks()
        .byPlace()
        .forEach(
            (spot, mark) -> {
              for (String one : mark.split("\\s*,\\s*")) {
                places.computeIfAbsent(one, key -> empty()).add(spot);
              }
            });
    return places;
  }

  private String filled(String typed) {
    String text = typed;
    if (text.contains(ABBREVIATIONS)) {
      text =
          text.replace(ABBREVIATIONS, Abbreviations.sentence(arranged.table(), meant.glossary()));
    }
    if (text.contains(LEVELS)) {
      text =
          text.replace(
              LEVELS, new ProbabilityLevels(meant.levels()).note(arranged.table().marks()));
    }
    return text;
  }

  private String said(String wording) {
    String plain = Markup.plain(wording);
    if (Markup.isMarked(wording)) {
      typed.put(plain, wording);
    }
    return plain;
  }

  private void takeOwn() {
    Set<Tie> ties = new HashSet<>();
    own.added().forEach(note -> ties.addAll(note.ties()));
    Map<Tie, TreeSet<Spot>> found = TiedPlaces.of(arranged, ties);
    for (int i = 0; i < own.added().size(); i++) {
      OwnNote note = own.added().get(i);
      String filled = filled(note.text());
      if (filled.isBlank()) {
        asleep.add(i);
        continue;
      }
      String text = said(filled);
      Origin origin = new Origin.Own(i);
      switch (note.kind()) {
        case GENERAL, PERMISSION -> insertGeneral(new Item(Note.general(text), origin, empty()));
        case PROBABILITY -> items.add(new Item(Note.probability(text), origin, empty()));
        case SPECIFIC -> {
          TreeSet<Spot> places = empty();
          note.ties().forEach(tie -> places.addAll(found.getOrDefault(tie, empty())));
          if (places.isEmpty()) {
            asleep.add(i);
          } else {
            items.add(new Item(new Note("own " + i, text), origin, places));
          }
        }
      }
    }
  }

  /// General notes stand before the others; those on leave end them.
  private void insertGeneral(Item item) {
    int at = 0;
    for (int i = 0; i < items.size(); i++) {
      Item one = items.get(i);
      boolean later =
          one.origin instanceof Origin.Own(int index)
              && own.added().get(index).kind() == OwnNote.Kind.PERMISSION;
      at = one.note.isGeneral() && one.note.swatches().isEmpty() && !later ? i + 1 : at;
    }
    if (item.origin instanceof Origin.Own(int index)
        && own.added().get(index).kind() == OwnNote.Kind.PERMISSION) {
      at = 0;
      for (int i = 0; i < items.size(); i++) {
        at = items.get(i).note.isGeneral() && items.get(i).note.swatches().isEmpty() ? i + 1 : at;
      }
    }
    items.add(at, item);
  }
}
