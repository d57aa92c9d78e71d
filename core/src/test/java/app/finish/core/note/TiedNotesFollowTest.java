package app.finish.core.note;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.RandomTables;
import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.Arranger;
import app.finish.core.arrange.RandomMoves;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.place.Side;
import app.finish.core.note.Lettering.Lettered;
import app.finish.core.table.Leaf;
import app.finish.core.table.Note;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Whatever moves are made on whatever table, a note stands on the figures and headings that it was
/// tied to and on no others, and one whose places are gone sleeps.
public class TiedNotesFollowTest {
  private static final int TABLES = 120;

  @DataProvider
  public Object[][] seeds() {
    Object[][] seeds = new Object[TABLES][];
    for (int i = 0; i < TABLES; i++) {
      seeds[i] = new Object[] {i};
    }
    return seeds;
  }

  /// A note of the test's own, and where the source has its places.
  private record Tied(OwnNote note, Set<Spot> places) {}

  private static Tied figures(Table source, Random random, int number) {
    Set<Spot> places = new HashSet<>();
    List<Tie> ties = new ArrayList<>();
    for (int t = 0; t <= random.nextInt(3); t++) {
      int row = random.nextInt(source.body().rows());
      int column = random.nextInt(source.body().columns());
      if (isOnly(source, row, column) && places.add(new Spot.Figure(row, column))) {
        ties.add(
            new Tie.OfCell(
                source.down().leaves().get(row).labels(),
                source.across().leaves().get(column).labels()));
      }
    }
    return new Tied(OwnNote.specific("Note " + number, ties.toArray(Tie[]::new)), places);
  }

  /// Whether no other row and no other column has the same labels.
  private static boolean isOnly(Table source, int row, int column) {
    return isOnly(source.down().leaves(), row) && isOnly(source.across().leaves(), column);
  }

  private static boolean isOnly(List<Leaf> leaves, int at) {
    List<String> labels = leaves.get(at).labels();
    return leaves.stream().filter(leaf -> leaf.labels().equals(labels)).count() == 1;
  }

  private static Tied heading(Table source, Random random, int number) {
    int leaf = random.nextInt(source.down().leaves().size());
    Leaf row = source.down().leaves().get(leaf);
    int level = random.nextInt(row.path().size());
    List<String> path = row.labels().subList(0, level + 1);
    int first = leaf;
    while (first > 0 && under(source.down().leaves().get(first - 1), path)) {
      first--;
    }
    long groups =
        source.down().leaves().stream()
            .filter(one -> under(one, path))
            .map(one -> one.path().get(level))
            .distinct()
            .count();
    boolean only = groups == 1;
    return new Tied(
        OwnNote.specific(
            "Note " + number, only ? new Tie[] {new Tie.OfCell(path, List.of())} : new Tie[0]),
        only ? Set.of(new Spot.Down(level, first)) : Set.of());
  }

  private static boolean under(Leaf leaf, List<String> path) {
    return leaf.labels().size() >= path.size()
        && leaf.labels().subList(0, path.size()).equals(path);
  }

  @Test(dataProvider = "seeds")
  public void aNoteStandsWhereItWasTied(int seed) {
    Random random = new Random(seed);
    Table source = new RandomTables(seed).table();
    source = source.withWords(source.words().withNotes(List.of()));
    source = source.withMarks(source.marks().withMarks(Map.of()));
    List<Tied> tied = new ArrayList<>();
    OwnNotes notes = OwnNotes.NONE;
    for (int n = 0; n < 4; n++) {
      Tied one = n == 3 ? heading(source, random, n) : figures(source, random, n);
      tied.add(one);
      notes = notes.with(one.note);
    }
    Arrangement arrangement = Arrangement.NONE;
    for (int m = 0; m < 1 + random.nextInt(4); m++) {
      Table now = Arranger.arrange(source, arrangement, RandomMoves.FORMULAS).table();
      arrangement = arrangement.with(RandomMoves.any(now, random));
    }
    Arranged arranged = Arranger.arrange(source, arrangement, RandomMoves.FORMULAS);
    if (!arranged.source().equals(source)) {
      return;
    }
    Lettered lettered = Lettering.of(arranged, arranged.table().words(), notes, Wording.USUAL);
    Map<Spot, Set<String>> expected = expected(arranged, tied);
    Map<Spot, Set<String>> found = new HashMap<>();
    lettered
        .table()
        .marks()
        .byPlace()
        .keySet()
        .forEach(
            spot ->
                lettered.table().notesOn(spot).stream()
                    .map(Note::text)
                    .forEach(
                        text -> found.computeIfAbsent(spot, key -> new HashSet<>()).add(text)));
    assertThat(found).as("%s", arrangement.entries()).isEqualTo(expected);
    for (int n = 0; n < tied.size(); n++) {
      String text = tied.get(n).note.text();
      boolean shown = expected.values().stream().anyMatch(all -> all.contains(text));
      assertThat(lettered.asleep().contains(n)).as(text).isEqualTo(!shown);
    }
    inOrder(lettered);
  }

  private static void inOrder(Lettered lettered) {
    List<String> met =
        lettered.table().marks().byPlace().entrySet().stream()
            .sorted(Map.Entry.comparingByKey(ReadingOrder.ORDER))
            .flatMap(entry -> List.of(entry.getValue().split(",")).stream())
            .distinct()
            .toList();
    assertThat(met).isSortedAccordingTo(Comparator.naturalOrder());
  }

  private static Map<Spot, Set<String>> expected(Arranged arranged, List<Tied> tied) {
    Map<Spot, Set<String>> expected = new HashMap<>();
    Table table = arranged.table();
    for (int row = 0; row < table.body().rows(); row++) {
      for (int column = 0; column < table.body().columns(); column++) {
        Spot here = new Spot.Figure(row, column);
        arranged.origin(row, column).ifPresent(origin -> take(tied, origin, here, expected));
      }
    }
    for (Side side : Side.values()) {
      List<Leaf> leaves = side.of(table).leaves();
      for (int leaf = 0; leaf < leaves.size(); leaf++) {
        for (int level = 0; level < leaves.get(leaf).path().size(); level++) {
          boolean first =
              leaf == 0
                  || leaves.get(leaf - 1).path().size() <= level
                  || leaves.get(leaf - 1).path().get(level) != leaves.get(leaf).path().get(level);
          if (first) {
            Spot here = side.spot(level, leaf);
            arranged
                .origin(side, leaf, level)
                .ifPresent(origin -> take(tied, origin, here, expected));
          }
        }
      }
    }
    return expected;
  }

  private static void take(
      List<Tied> tied, Spot origin, Spot here, Map<Spot, Set<String>> expected) {
    for (Tied one : tied) {
      if (one.places.contains(origin)) {
        expected.computeIfAbsent(here, key -> new HashSet<>()).add(one.note.text());
      }
    }
  }
}
