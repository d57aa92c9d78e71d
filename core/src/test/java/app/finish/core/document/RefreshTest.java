package app.finish.core.document;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.RandomTables;
import app.finish.core.grid.Grid;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Anchor;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.recognise.said.Extent;
import app.finish.core.recognise.said.LineRole;
import app.finish.core.style.PartName;
import java.util.List;
import org.testng.annotations.Test;

public class RefreshTest {
  private static final Grid BOATS =
      Grid.ofText(
          "Boats by pier",
          "",
          "Pier | 2025 | 2026",
          "North | 12 | 14",
          "South | 7 | 9",
          "Total | 19 | 23");
  private static final Grid STAFF =
      Grid.ofText("Staff by rank", "", "Rank | Shore | Sea", "Mate | 3 | 8", "Deckhand | 1 | 20");

  private static Document document() {
    return Document.EMPTY
        .withAdded(
            new Source("old.xlsx", BOATS), Finish.in("APA 7").withWord(PartName.TITLE, "Mine"))
        .withAdded(new Source("old.xlsx", STAFF), Finish.in("Plain"));
  }

  private static Source fresh(String... lines) {
    return new Source("new.xlsx", Grid.ofText(lines));
  }

  @Test
  public void theFinishStaysAndTheNumbersAreNew() {
    Source boats =
        fresh(
            "Boats by pier",
            "",
            "Pier | 2025 | 2026 | 2027",
            "North | 12 | 15 | 16",
            "East | 1 | 2 | 3",
            "Total | 13 | 17 | 19");
    Refresh.Refreshed refreshed = Refresh.with(document(), List.of(boats));
    assertThat(refreshed.document().table(0))
        .isEqualTo(new DocumentTable("t1", boats, document().table(0).finish()));
    assertThat(refreshed.changes())
        .containsExactly(
            new Refresh.Change(
                1, List.of("East"), List.of("South"), List.of("2027"), List.of(), List.of()));
    assertThat(refreshed.untouched()).containsExactly(2);
    assertThat(refreshed.document().table(1)).isEqualTo(document().table(1));
  }

  @Test
  public void eachTableTakesTheSourceThatIsMostLikeIt() {
    Source boats =
        fresh(
            "Boats by pier",
            "",
            "Pier | 2025 | 2026",
            "North | 1 | 2",
            "South | 3 | 4",
            "Total | 4 | 6");
    Source staff =
        fresh("Staff by rank", "", "Rank | Shore | Sea", "Mate | 4 | 9", "Deckhand | 2 | 19");
    Refresh.Refreshed refreshed = Refresh.with(document(), List.of(staff, boats));
    assertThat(refreshed.document().tables())
        .map(DocumentTable::source)
        .containsExactly(boats, staff);
    assertThat(refreshed.untouched()).isEmpty();
  }

  @Test
  public void nothingAlikeChangesNothing() {
    Source other = fresh("Weather", "", "Day | Wind | Rain", "Monday | 3 | 1", "Tuesday | 5 | 0");
    Refresh.Refreshed refreshed = Refresh.with(document(), List.of(other));
    assertThat(refreshed.document()).isEqualTo(document());
    assertThat(refreshed.changes()).isEmpty();
    assertThat(refreshed.untouched()).containsExactly(1, 2);
  }

  @Test
  public void whatWasSaidOfARowComesBackWithIt() {
    Corrections said =
        Corrections.NONE.withRow(
            Recogniser.recognise(BOATS, Corrections.NONE).anchors().rows().get(4),
            LineRole.LEFT_OUT);
    Document document =
        Document.EMPTY.withAdded(
            new Source("old", BOATS), Finish.in("Plain").withCorrections(said));
    Source without =
        fresh("Boats by pier", "", "Pier | 2025 | 2026", "North | 12 | 14", "East | 1 | 2");
    Refresh.Refreshed gone = Refresh.with(document, List.of(without));
    assertThat(gone.changes().getFirst().unplaced())
        .map(Object::toString)
        .containsExactly("“South”");
    Refresh.Refreshed back = Refresh.with(gone.document(), List.of(new Source("old", BOATS)));
    assertThat(back.changes().getFirst().unplaced()).isEmpty();
    assertThat(back.document()).isEqualTo(document);
  }

  @Test
  public void theSameNumbersChangeNothing() {
    for (long seed = 0; seed < 40; seed++) {
      Grid grid = Recogniser.split(new RandomTables(seed).grid()).getFirst();
      Document document = Document.EMPTY.withAdded(new Source("x", grid), Finish.in("Plain"));
      Refresh.Refreshed refreshed = Refresh.with(document, List.of(new Source("x", grid)));
      assertThat(refreshed.document()).isEqualTo(document);
      assertThat(refreshed.changes())
          .containsExactly(
              new Refresh.Change(1, List.of(), List.of(), List.of(), List.of(), List.of()));
    }
  }

  private static final String[] SHEET = {
    "Boats by pier",
    "Pier | 2025 | 2026",
    "North | 12 | 14",
    "South | 7 | 9",
    "Crews | Shore | Sea",
    "Mate | 3 | 8",
    "Deckhand | 1 | 20"
  };

  @Test
  public void aCutIsMadeAgainInNewNumbers() {
    Grid grid = Grid.ofText(SHEET);
    Anchor crews = Extent.rowOf(grid, 4);
    Document document = Document.EMPTY;
    for (boolean below : List.of(false, true)) {
      Grid half = below ? Extent.below(grid, 4) : Extent.above(grid, 4);
      Corrections said = Corrections.NONE.withExtent(Extent.WHOLE.withCut(crews, below));
      document =
          document.withAdded(new Source("old", half), Finish.in("Plain").withCorrections(said));
    }
    String[] fresh = SHEET.clone();
    fresh[2] = "East | 100 | 101";
    fresh[6] = "Deckhand | 2 | 30";
    Refresh.Refreshed refreshed = Refresh.with(document, List.of(fresh(fresh)));
    assertThat(refreshed.untouched()).isEmpty();
    assertThat(refreshed.document().tables())
        .map(table -> table.source().grid())
        .containsExactly(Extent.above(Grid.ofText(fresh), 4), Extent.below(Grid.ofText(fresh), 4));
    assertThat(refreshed.changes().getFirst().rowsCome()).containsExactly("East");
    assertThat(refreshed.document().table(1).source().grid().top()).isEqualTo(4);
    String[] without = SHEET.clone();
    without[4] = "Staff | Shore | Sea";
    assertThat(Refresh.with(document, List.of(fresh(without))).untouched()).containsExactly(1, 2);
  }

  @Test
  public void tablesThatWereJoinedAreJoinedAgain() {
    Grid sheet =
        Grid.ofText(
            "Pier | 2025 | 2026", "North | 12 | 14", "", "Island | 2025 | 2026", "Hale | 3 | 4");
    List<Grid> found = Recogniser.split(sheet);
    assertThat(found).hasSize(2);
    Grid joined = found.get(0).joinedWith(found.get(1));
    assertThat(joined).isEqualTo(sheet);
    Extent extent = Extent.WHOLE.joinedWith(Extent.WHOLE, found.get(1)).orElseThrow();
    Document document =
        Document.EMPTY.withAdded(
            new Source("old", joined),
            Finish.in("Plain").withCorrections(Corrections.NONE.withExtent(extent)));
    Grid later = sheet.with(1, 1, sheet.at(1, 2));
    List<Source> sources =
        Recogniser.split(later).stream().map(grid -> new Source("new", grid)).toList();
    Refresh.Refreshed refreshed = Refresh.with(document, sources);
    assertThat(refreshed.document().table(0).source().grid()).isEqualTo(later);
  }
}
