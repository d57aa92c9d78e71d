package app.finish.core.note;

import app.finish.core.arrange.Arranged;
import app.finish.core.table.Marks;
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

  /// Stands in a note for what the abbreviations of the table mean.
  public static final String ABBREVIATIONS = "{abbreviations}";

  /// Stands in a note for the levels of the stars in the table.
  public static final String LEVELS = "{levels}";

  /// In which order kinds of notes stand (APA 7, 7.14).
  private enum Rank {
    GENERAL,
    PERMISSION,
    LEGEND,
    SPECIFIC,
    PROBABILITY;

    static Rank of(Note note) {
      return note.isSpecific()
          ? SPECIFIC
          : note.isProbability() ? PROBABILITY : note.swatches().isEmpty() ? GENERAL : LEGEND;
    }
  }

  private record Item(Note note, Origin origin, TreeSet<Spot> places, Rank rank) {
    boolean isTied() {
      return rank == Rank.SPECIFIC && !places.isEmpty();
    }
  }

  private final Arranged arranged;
  private final Words words;
  private final OwnNotes own;
  private final Wording wording;
  private final List<Item> items = new ArrayList<>();
  private final List<Integer> asleep = new ArrayList<>();
  private final Map<Spot, String> marks;
  private final Map<String, String> typed;

  private Lettering(Arranged arranged, Words words, OwnNotes own, Wording wording) {
    this.wording = wording;
    this.arranged = arranged;
    this.words = words;
    this.own = own;
    this.marks = new HashMap<>(arranged.table().marks().byPlace());
    this.typed = new HashMap<>(words.typed());
  }

  /// A table with its own notes and those of the person.
  ///
  /// @param words the words of the table, with the notes of the source
  /// @param wording what is said once for all tables, which `{abbreviations}` and `{levels}` in a
  ///   note stand for
  public static Lettered of(Arranged arranged, Words words, OwnNotes own, Wording wording) {
    boolean marked = words.notes().stream().anyMatch(Note::isSpecific);
    if (own.isEmpty() && !marked) {
      List<Origin> origins = new ArrayList<>();
      words.notes().forEach(note -> origins.add(origin(note)));
      return new Lettered(arranged.table().withWords(words), origins, List.of());
    }
    return new Lettering(arranged, words, own, wording).lettered();
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
            .filter(Item::isTied)
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
    List<Item> ordered = new ArrayList<>(tied);
    items.stream().filter(item -> !item.isTied()).forEach(ordered::add);
    ordered.sort(Comparator.comparing(Item::rank));
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
    return Marks.single(one).contains(other) ? one : one + "," + other;
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
    Set<String> taken = new HashSet<>(arranged.table().marks().all());
    items.forEach(item -> taken.add(item.note.mark()));
    tied.forEach(item -> taken.remove(item.note.mark()));
    return taken;
  }

  private void takeSources() {
    Map<String, TreeSet<Spot>> places = placesByMark();
    Set<String> signed = new HashSet<>();
    for (Note note : words.notes()) {
      String key = note.toString();
      boolean isTied =
          note.isSpecific() && NoteSigns.of(note.mark()).isPresent() && signed.add(note.mark());
      TreeSet<Spot> there = isTied ? places.getOrDefault(note.mark(), none()) : none();
      String anew = own.reworded().getOrDefault(key, typed.getOrDefault(note.text(), ""));
      if (!anew.isEmpty()) {
        items.add(new Item(note.saying(said(anew)), origin(note), there, Rank.of(note)));
      } else if (own.reworded().containsKey(key)) {
        there.forEach(spot -> unmark(spot, note.mark()));
      } else {
        items.add(new Item(note, origin(note), there, Rank.of(note)));
      }
    }
  }

  private void unmark(Spot spot, String mark) {
    List<String> left = new ArrayList<>(Marks.single(marks.getOrDefault(spot, "")));
    left.remove(mark);
    if (left.isEmpty()) {
      marks.remove(spot);
    } else {
      marks.put(spot, String.join(",", left));
    }
  }

  private static TreeSet<Spot> none() {
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
              for (String one : Marks.single(mark)) {
                places.computeIfAbsent(one, key -> none()).add(spot);
              }
            });
    return places;
  }

  private String filled(String typed) {
    String text = typed;
    if (text.contains(ABBREVIATIONS)) {
      text =
          text.replace(ABBREVIATIONS, Abbreviations.sentence(arranged.table(), wording.glossary()));
    }
    if (text.contains(LEVELS)) {
      text =
          text.replace(
              LEVELS, new ProbabilityLevels(wording.levels()).note(arranged.table().marks()));
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
        case GENERAL -> items.add(new Item(Note.general(text), origin, none(), Rank.GENERAL));
        case PERMISSION -> items.add(new Item(Note.general(text), origin, none(), Rank.PERMISSION));
        case PROBABILITY ->
            items.add(new Item(Note.probability(text), origin, none(), Rank.PROBABILITY));
        case SPECIFIC -> {
          TreeSet<Spot> places = none();
          note.ties().forEach(tie -> places.addAll(found.getOrDefault(tie, none())));
          if (places.isEmpty()) {
            asleep.add(i);
          } else {
            items.add(new Item(new Note("own " + i, text), origin, places, Rank.SPECIFIC));
          }
        }
      }
    }
  }
}
