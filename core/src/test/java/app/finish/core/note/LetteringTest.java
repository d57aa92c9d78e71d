package app.finish.core.note;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.Arranger;
import app.finish.core.arrange.make.ByFigure;
import app.finish.core.arrange.make.PlaceLevel;
import app.finish.core.arrange.make.Rename;
import app.finish.core.arrange.make.Reverse;
import app.finish.core.arrange.make.SetAside;
import app.finish.core.arrange.make.SwapAxes;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.place.Side;
import app.finish.core.note.Lettering.Lettered;
import app.finish.core.table.Axis;
import app.finish.core.table.Body;
import app.finish.core.table.Heading;
import app.finish.core.table.Marks;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Note;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.core.table.Words;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import org.testng.annotations.Test;

/// Signs follow the reader through every arrangement, and every sign leads to its note.
public class LetteringTest {
  private static final List<String> ROUTES = List.of("Hale", "Orrin", "Skell");
  private static final List<String> SEASONS = List.of("Winter", "Summer");

  private static Table table(Marks marks, Words words) {
    List<Heading> routes = new ArrayList<>();
    for (String route : ROUTES) {
      routes.add(
          Heading.group(route, SEASONS.stream().map(Heading::member).toArray(Heading[]::new)));
    }
    return new Table(
        Axis.of(List.of("Route", "Season"), routes),
        Axis.of(
            List.of("Vessel", ""),
            List.of(
                Heading.group("Marram", Heading.measure("n", 0), Heading.measure("Mean", 1)),
                Heading.group("Samphire", Heading.measure("n", 0), Heading.measure("Mean", 1)))),
        List.of(
            new Measure("n", MeasureKind.COUNT, "", 0),
            new Measure("Mean", MeasureKind.MEAN, "", 1)),
        Body.of(6, 4, (row, column) -> Value.number(row * 7 % 5 + column, "")),
        List.of(),
        words,
        marks);
  }

  private static final Table PLAIN = table(Marks.NONE, Words.NONE);

  private static Tie figure(String route, String season, String vessel, String measure) {
    return new Tie.OfCell(List.of(route, season), List.of(vessel, measure));
  }

  private static Lettered lettered(Table table, OwnNotes notes, Move... moves) {
    Arranged arranged = Arranger.arrange(table, Arrangement.of(moves));
    return Lettering.of(arranged, arranged.table().words(), notes, Wording.USUAL);
  }

  private static List<String> notes(Lettered lettered) {
    return lettered.table().words().notes().stream().map(Note::toString).toList();
  }

  private static final OwnNotes TWO =
      OwnNotes.NONE
          .with(OwnNote.specific("Laid up.", figure("Skell", "Winter", "Marram", "n")))
          .with(
              OwnNote.specific(
                  "Chartered.",
                  figure("Hale", "Summer", "Samphire", "Mean"),
                  new Tie.OfCell(List.of("Orrin"), List.of())));

  @Test
  public void lettersComeInReadingOrder() {
    Lettered all = lettered(PLAIN, TWO);
    assertThat(notes(all)).containsExactly("a. Chartered.", "b. Laid up.");
    assertThat(all.table().marks().at(new Spot.Figure(1, 3))).isEqualTo("a");
    assertThat(all.table().marks().at(new Spot.Down(0, 2))).isEqualTo("a");
    assertThat(all.table().marks().at(new Spot.Figure(4, 0))).isEqualTo("b");
    assertThat(all.origins())
        .containsExactly(new Lettering.Origin.Own(1), new Lettering.Origin.Own(0));
  }

  @Test
  public void lettersFollowEveryMove() {
    Lettered turned = lettered(PLAIN, TWO, new Reverse(Side.DOWN, 0));
    assertThat(notes(turned)).containsExactly("a. Laid up.", "b. Chartered.");
    Lettered swapped = lettered(PLAIN, TWO, new SwapAxes());
    assertThat(swapped.table().marks().at(new Spot.Across(0, 2))).isEqualTo("a");
    Lettered called = lettered(PLAIN, TWO, new Rename(Side.DOWN, List.of("Orrin"), "*Orrin* Quay"));
    assertThat(called.table().marks().at(new Spot.Down(0, 2))).isEqualTo("a");
    assertThat(called.table().marks().typed(new Spot.Down(0, 2))).isEqualTo("*Orrin* Quay");
    assertThat(called.table().down().heading(2, 0).label()).isEqualTo("Orrin Quay");
  }

  @Test
  public void aNoteWithoutItsPlaceSleepsAndWakes() {
    Move aside = new SetAside(Side.DOWN, List.of("Skell"));
    Lettered without = lettered(PLAIN, TWO, aside);
    assertThat(notes(without)).containsExactly("a. Chartered.");
    assertThat(without.asleep()).containsExactly(0);
    assertThat(lettered(PLAIN, TWO).asleep()).isEmpty();
  }

  @Test
  public void titleAndStubHeadComeFirst() {
    OwnNotes notes =
        TWO.with(OwnNote.specific("Of 2026.", new Tie.OfTitle()))
            .with(OwnNote.specific("By the quay.", new Tie.OfStubHead(0)))
            .with(OwnNote.specific("A catamaran.", new Tie.OfCell(List.of(), List.of("Samphire"))));
    Lettered all = lettered(PLAIN, notes);
    assertThat(notes(all))
        .containsExactly(
            "a. Of 2026.", "b. By the quay.", "c. A catamaran.", "d. Chartered.", "e. Laid up.");
    assertThat(all.table().marks().at(new Spot.Across(0, 2))).isEqualTo("c");
    assertThat(all.table().marks().at(new Spot.Title())).isEqualTo("a");
  }

  private static Table imported(String one, String other) {
    return table(
        new Marks(Map.of(new Spot.Figure(5, 0), one, new Spot.Figure(0, 1), other)),
        Words.NONE.withNotes(
            List.of(
                Note.general("Counted at the quay."),
                new Note(one, "The last."),
                new Note(other, "The first."))));
  }

  @Test
  public void footnotesOfTheSourceAreSignedAnew() {
    assertThat(notes(lettered(imported("a", "b"), OwnNotes.NONE)))
        .containsExactly("Counted at the quay.", "a. The first.", "b. The last.");
    assertThat(notes(lettered(imported("1", "2"), TWO)))
        .containsExactly(
            "Counted at the quay.",
            "1. The first.",
            "2. Chartered.",
            "3. Laid up.",
            "4. The last.");
    assertThat(notes(lettered(imported("†", "‡"), OwnNotes.NONE)))
        .containsExactly("Counted at the quay.", "*The first.", "†The last.");
  }

  @Test
  public void wordsOfTheSourceCanBeOthersAndNone() {
    OwnNotes notes =
        OwnNotes.NONE.reworded("b. The first.", "").reworded("a. The last.", "*Done*.");
    Lettered all = lettered(imported("a", "b"), notes);
    assertThat(notes(all)).containsExactly("Counted at the quay.", "a. Done.");
    assertThat(all.table().words().typed("Done.")).isEqualTo("*Done*.");
    assertThat(all.table().marks().byPlace()).containsOnlyKeys(new Spot.Figure(5, 0));
  }

  @Test
  public void aMarkThatNoNoteExplainsKeepsItsSign() {
    Table table =
        table(
            new Marks(Map.of(new Spot.Figure(0, 0), "a", new Spot.Figure(3, 1), "*")), Words.NONE);
    Lettered all = lettered(table, TWO);
    assertThat(notes(all)).containsExactly("b. Chartered.", "c. Laid up.");
    assertThat(all.table().marks().at(new Spot.Figure(0, 0))).isEqualTo("a");
    assertThat(NoteSigns.SIGNS.on(all.table()).words().notes().getFirst().mark()).isEqualTo("†");
  }

  @Test
  public void probabilityAndLeaveStandWhereTheyBelong() {
    OwnNotes notes =
        TWO.with(OwnNote.of(OwnNote.Kind.PROBABILITY, "*p < .05. **p < .01."))
            .with(OwnNote.of(OwnNote.Kind.PERMISSION, "From *Tides*."))
            .with(OwnNote.of(OwnNote.Kind.GENERAL, "Weather permitting."));
    assertThat(notes(lettered(PLAIN, notes)))
        .containsExactly(
            "Weather permitting.",
            "From Tides.",
            "a. Chartered.",
            "b. Laid up.",
            "*p < .05. **p < .01.");
  }

  @Test
  public void twoNotesOnOnePlaceStandInOrder() {
    Tie tie = figure("Hale", "Winter", "Marram", "n");
    OwnNotes notes =
        OwnNotes.NONE.with(OwnNote.specific("One.", tie)).with(OwnNote.specific("Two.", tie));
    Lettered all = lettered(PLAIN, notes);
    assertThat(all.table().marks().at(new Spot.Figure(0, 0))).isEqualTo("a,b");
  }

  @Test
  public void signsOfEachSystem() {
    assertThat(NoteSigns.LETTERS.sign(25)).isEqualTo("z");
    assertThat(NoteSigns.LETTERS.sign(26)).isEqualTo("aa");
    assertThat(NoteSigns.LETTERS.sign(53)).isEqualTo("bb");
    assertThat(NoteSigns.SIGNS.sign(6)).isEqualTo("**");
    Table numbered = NoteSigns.NUMBERS.on(lettered(PLAIN, TWO).table());
    assertThat(numbered.words().notes().stream().map(Note::toString))
        .containsExactly("1. Chartered.", "2. Laid up.");
    assertThat(numbered.marks().at(new Spot.Figure(4, 0))).isEqualTo("2");
  }

  /// However a table is arranged, a reader meets a, b, c in that order, each leads to one note, and
  /// each note stands on the figures that it was tied to.
  @Test
  public void theReaderMeetsSignsInOrder() {
    Random random = new Random(11);
    int moved = 0;
    for (int i = 0; i < 600; i++) {
      Map<Double, Integer> tied = new TreeMap<>();
      Table source = numbered();
      OwnNotes notes = OwnNotes.NONE;
      for (int n = 0; n < 1 + random.nextInt(6); n++) {
        List<Tie> ties = new ArrayList<>();
        for (int t = 0; t <= random.nextInt(3); t++) {
          int row = random.nextInt(6);
          int column = random.nextInt(4);
          if (tied.putIfAbsent(row * 10.0 + column, n) == null) {
            ties.add(
                new Tie.OfCell(
                    source.down().leaves().get(row).labels(),
                    source.across().leaves().get(column).labels()));
          }
        }
        notes = notes.with(OwnNote.specific("Note " + n, ties.toArray(Tie[]::new)));
      }
      List<Move> moves = moves(random);
      Lettered all = lettered(source, notes, moves.toArray(Move[]::new));
      Set<String> met = new LinkedHashSet<>();
      all.table().marks().byPlace().entrySet().stream()
          .sorted(Map.Entry.comparingByKey(ReadingOrder.ORDER))
          .forEach(entry -> met.add(entry.getValue()));
      int count = 0;
      for (String mark : met) {
        assertThat(mark).as("%s", moves).isEqualTo(NoteSigns.LETTERS.sign(count++));
      }
      long there = tied.keySet().stream().filter(value -> isIn(all.table(), value)).count();
      assertThat(all.table().marks().byPlace()).as("%s", moves).hasSize((int) there);
      Map<String, String> texts = new TreeMap<>();
      all.table().words().notes().forEach(note -> texts.put(note.mark(), note.text()));
      assertThat(texts.keySet()).isEqualTo(new java.util.TreeSet<>(met));
      for (Map.Entry<Spot, String> mark : all.table().marks().byPlace().entrySet()) {
        Spot.Figure spot = (Spot.Figure) mark.getKey();
        double value = all.table().body().number(spot.row(), spot.column());
        assertThat(texts.get(mark.getValue())).isEqualTo("Note " + tied.get(value));
        moved += spot.row() * 10 + spot.column() == value ? 0 : 1;
      }
    }
    assertThat(moved).isGreaterThan(300);
  }

  private static boolean isIn(Table table, double value) {
    for (int row = 0; row < table.body().rows(); row++) {
      for (int column = 0; column < table.body().columns(); column++) {
        if (table.body().number(row, column) == value) {
          return true;
        }
      }
    }
    return false;
  }

  private static Table numbered() {
    return PLAIN.withBody(Body.of(6, 4, (row, column) -> Value.number(row * 10 + column, "")));
  }

  private static List<Move> moves(Random random) {
    List<Move> moves = new ArrayList<>();
    for (int m = random.nextInt(4); m > 0; m--) {
      moves.add(
          switch (random.nextInt(7)) {
            case 0 -> new SwapAxes();
            case 1 -> new Reverse(Side.DOWN, 0);
            case 2 -> new SetAside(Side.DOWN, List.of("Orrin"));
            case 3 -> new PlaceLevel(Side.DOWN, 1, Side.DOWN, 0);
            case 4 -> new PlaceLevel(Side.DOWN, 1, Side.ACROSS, random.nextInt(3));
            case 5 -> new PlaceLevel(Side.ACROSS, 0, Side.DOWN, random.nextInt(3));
            default -> new ByFigure(Side.DOWN, 1, List.of("Samphire", "n"), true, false);
          });
    }
    return moves;
  }
}
