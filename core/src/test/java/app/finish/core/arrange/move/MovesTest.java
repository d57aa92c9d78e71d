package app.finish.core.arrange.move;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.Arranger;
import app.finish.core.arrange.make.AddTotals;
import app.finish.core.arrange.make.ByFigure;
import app.finish.core.arrange.make.ByLabel;
import app.finish.core.arrange.make.DropTotals;
import app.finish.core.arrange.make.FillEmpty;
import app.finish.core.arrange.make.Fold;
import app.finish.core.arrange.make.FoldLevel;
import app.finish.core.arrange.make.Gather;
import app.finish.core.arrange.make.Hold;
import app.finish.core.arrange.make.KeepTop;
import app.finish.core.arrange.make.NameTotals;
import app.finish.core.arrange.make.Only;
import app.finish.core.arrange.make.PlaceLevel;
import app.finish.core.arrange.make.PlaceTotals;
import app.finish.core.arrange.make.ReadNumbers;
import app.finish.core.arrange.make.RenameMember;
import app.finish.core.arrange.make.Reverse;
import app.finish.core.arrange.make.SetAside;
import app.finish.core.arrange.make.SetMemberAside;
import app.finish.core.arrange.make.SwapAxes;
import app.finish.core.arrange.place.Quota;
import app.finish.core.arrange.place.Side;
import app.finish.core.arrange.tree.Figures;
import app.finish.core.table.Axis;
import app.finish.core.table.Body;
import app.finish.core.table.Heading;
import app.finish.core.table.Marks;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.core.table.Words;
import java.util.List;
import org.testng.annotations.Test;

/// Order over all groups, shares that are kept, what is set aside, headings of one's own, totals,
/// and empty places.
public class MovesTest {
  private static final List<String> FARES = List.of("Fares");
  private static final Table FARES_TABLE =
      table(
          List.of(
              Heading.group(
                  "Hale",
                  Heading.member("Winter"),
                  Heading.member("Summer"),
                  Heading.subtotal("Both")),
              Heading.group(
                  "Orrin",
                  Heading.member("Winter"),
                  Heading.member("Summer"),
                  Heading.subtotal("Both")),
              Heading.grandTotal("All")),
          List.of(Heading.measure("Fares", 0), Heading.measure("n", 1), Heading.measure("Mean", 2)),
          new double[][] {
            {10, 2, 5},
            {40, 4, 10},
            {50, 6, 8},
            {20, 5, 4},
            {30, 3, 10},
            {50, 8, 6.25},
            {100, 14, 7}
          });

  private static Table table(List<Heading> down, List<Heading> across, double[][] figures) {
    return new Table(
        Axis.of(List.of("Route", "Season"), down),
        Axis.of(List.of(""), across),
        List.of(
            new Measure("Fares", MeasureKind.SUM, "", 0),
            new Measure("n", MeasureKind.COUNT, "", 0),
            new Measure("Mean", MeasureKind.MEAN, "", 1)),
        Body.of(
            figures.length,
            figures[0].length,
            (row, column) -> Value.number(figures[row][column], "")),
        List.of(),
        Words.NONE,
        Marks.NONE);
  }

  private static Arranged arranged(Move... moves) {
    return Arranger.arrange(FARES_TABLE, Arrangement.of(moves));
  }

  private static List<String> rows(Arranged arranged) {
    return arranged.table().down().leaves().stream()
        .map(leaf -> String.join("/", leaf.labels()))
        .toList();
  }

  private static double at(Arranged arranged, int row, int column) {
    return Figures.number(arranged.table().body().at(row, column));
  }

  @Test
  public void anOrderOverAllPartsGroups() {
    Arranged arranged = arranged(new ByFigure(Side.DOWN, 1, FARES, true, true));
    assertThat(rows(arranged))
        .containsExactly("Hale/Summer", "Orrin/Summer", "Orrin/Winter", "Hale/Winter", "All");
    assertThat(arranged.aside()).hasSize(2);
    Arranged without =
        arranged(
            new ByFigure(Side.DOWN, 1, FARES, true, true),
            new SetAside(Side.DOWN, List.of("Hale")));
    assertThat(rows(without)).containsExactly("Orrin/Summer", "Orrin/Winter", "All");
    Arranged inner =
        arranged(
            new ByFigure(Side.DOWN, 1, FARES, true, true),
            new SetAside(Side.DOWN, List.of("Hale", "Winter")));
    assertThat(rows(inner)).containsExactly("Hale/Summer", "Orrin/Summer", "Orrin/Winter", "All");
  }

  @Test
  public void membersAreKeptOverAllOrUntilAShareIsReached() {
    Quota two = new Quota.Count(2);
    Arranged all = arranged(new KeepTop(Side.DOWN, 1, two, FARES, false, true, false));
    assertThat(rows(all))
        .containsExactly("Hale/Summer", "Hale/Both", "Orrin/Summer", "Orrin/Both", "All");
    Arranged gathered = arranged(new KeepTop(Side.DOWN, 1, two, FARES, false, true, true));
    assertThat(rows(gathered)).endsWith("Other (2)", "All");
    assertThat(at(gathered, 4, 0)).isEqualTo(30);
    assertThat(at(gathered, 4, 2)).isEqualTo((5 * 2 + 4 * 5) / 7.0, within());
    Quota seventy = new Quota.Share(70);
    assertThat(rows(arranged(new KeepTop(Side.DOWN, 1, seventy, FARES, false, true, false))))
        .containsExactly("Hale/Summer", "Hale/Both", "Orrin/Summer", "Orrin/Both", "All");
    Quota more = new Quota.Share(70.1);
    assertThat(rows(arranged(new KeepTop(Side.DOWN, 1, more, FARES, false, true, false))))
        .contains("Orrin/Winter")
        .doesNotContain("Hale/Winter");
    assertThat(arranged(new KeepTop(Side.DOWN, 0, more, FARES, true, false, false)).aside())
        .isEmpty();
  }

  @Test
  public void rowsAreKeptWhereAConditionHolds() {
    Move where = new KeepTop(Side.DOWN, 1, Quota.of("at least 30"), FARES, false, false, false);
    assertThat(where.words(Levels.NUMBERED)).isEqualTo("Keep rows where “Fares” is at least 30");
    assertThat(rows(arranged(where)))
        .containsExactly("Hale/Summer", "Hale/Both", "Orrin/Summer", "Orrin/Both", "All");
    Move above = new KeepTop(Side.DOWN, 1, Quota.of("> 30"), FARES, false, false, false);
    assertThat(rows(arranged(above))).containsExactly("Hale/Summer", "Hale/Both", "All");
    Move none = new KeepTop(Side.DOWN, 1, Quota.of("over 99"), FARES, false, false, false);
    Arranged unplaced = arranged(none);
    assertThat(unplaced.table()).isEqualTo(FARES_TABLE);
    assertThat(unplaced.unplaced().get(0))
        .isEqualTo("nothing would be left: no figure is above 99");
    for (String said : List.of("between 10 and 20", "at most 3.5", "below -2", "equal to 40")) {
      assertThat(Quota.of(said).written()).isEqualTo(said);
    }
    assertThat(((Quota.Where) Quota.of("≥ 1,200")).bound()).isEqualTo(1200);
  }

  @Test
  public void anOrderByTwoKeysIsTheLaterKeyMadeFirst() {
    Arranged both =
        arranged(
            new ByFigure(Side.DOWN, 0, List.of("n"), true),
            new ByFigure(Side.DOWN, 0, FARES, true));
    assertThat(rows(both).getFirst()).isEqualTo("Orrin/Winter");
    Arranged other =
        arranged(
            new ByFigure(Side.DOWN, 0, List.of("n"), false),
            new ByFigure(Side.DOWN, 0, FARES, true));
    assertThat(rows(other).getFirst()).isEqualTo("Hale/Winter");
  }

  @Test
  public void theGatheredRestStaysLast() {
    Move top = new KeepTop(Side.DOWN, 1, new Quota.Count(1), FARES, true, true, true);
    for (Move order :
        List.of(
            new ByFigure(Side.DOWN, 0, FARES, true),
            new ByFigure(Side.DOWN, 0, FARES, false),
            new ByLabel(Side.DOWN, 0, true),
            new ByLabel(Side.DOWN, 0, false))) {
      List<String> rows = rows(arranged(top, order));
      assertThat(rows.get(rows.size() - 2)).startsWith("Other (");
    }
  }

  private static org.assertj.core.data.Offset<Double> within() {
    return org.assertj.core.data.Offset.offset(1e-12);
  }

  @Test
  public void whatIsSetAsideMakesATableOfItsOwn() {
    Move top = new KeepTop(Side.DOWN, 1, 1, FARES, false, false);
    assertThat(rows(arranged(new Only(top)))).containsExactly("Hale/Winter", "Orrin/Winter");
    Move column = new SetAside(Side.ACROSS, List.of("Mean"));
    Arranged mean = arranged(new Only(column));
    assertThat(mean.table().across().leaves()).hasSize(1);
    assertThat(rows(mean)).hasSize(7);
    assertThat(arranged(new Only(new SwapAxes())).unplaced())
        .containsEntry(0, "nothing is set aside there");
  }

  @Test
  public void membersAreGatheredUnderAHeading() {
    Move gather =
        new Gather(
            Side.DOWN, List.of(List.of("Orrin", "Summer"), List.of("Orrin", "Winter")), "Open");
    Arranged arranged = arranged(gather);
    assertThat(rows(arranged))
        .contains("Orrin/Open/Winter", "Orrin/Open/Summer", "Orrin/Both", "Hale/Winter");
    assertThat(arranged.table().down().dimensions()).containsExactly("Route", "", "Season");
    Arranged folded = arranged(gather, new Fold(Side.DOWN, List.of("Orrin", "Open")));
    assertThat(folded.unplaced()).isEmpty();
    assertThat(rows(folded)).contains("Orrin/Open");
    assertThat(at(folded, 3, 0)).isEqualTo(50);
    assertThat(at(folded, 3, 2)).isEqualTo((20 + 30) / 8.0);
    Move wrong = new Gather(Side.DOWN, List.of(List.of("Orrin", "Summer"), List.of("Hale")), "No");
    assertThat(arranged(wrong).unplaced())
        .containsEntry(0, "only members of one group can be gathered");
  }

  @Test
  public void totalsArePlacedNamedAndComputedByKind() {
    Arranged first =
        arranged(
            new PlaceTotals(Side.DOWN, 1, true),
            new PlaceTotals(Side.DOWN, 0, true),
            new NameTotals(Side.DOWN, 1, "Year"));
    assertThat(rows(first)).startsWith("All", "Hale/Year", "Hale/Winter");
    Arranged again =
        arranged(
            new DropTotals(Side.DOWN, 0),
            new DropTotals(Side.DOWN, 1),
            new AddTotals(Side.DOWN, 1, "Both", false),
            new AddTotals(Side.DOWN, 0, "All", false));
    assertThat(again.table().down()).isEqualTo(FARES_TABLE.down());
    assertThat(at(again, 2, 0)).isEqualTo(50);
    assertThat(at(again, 2, 2)).isEqualTo((5 * 2 + 10 * 4) / 6.0, within());
    assertThat(at(again, 6, 2)).isEqualTo((10 + 40 + 20 + 30) / 14.0, within());
    assertThat(arranged(new PlaceTotals(Side.ACROSS, 0, true)).unplaced())
        .containsEntry(0, "there are no totals at this level");
  }

  @Test
  public void allGroupsOfALevelAreFolded() {
    assertThat(rows(arranged(new FoldLevel(Side.DOWN, 0)))).containsExactly("Hale", "Orrin", "All");
    assertThat(arranged(new FoldLevel(Side.DOWN, 1)).unplaced())
        .containsEntry(0, "there are no groups at this level");
  }

  @Test
  public void measuresAreHeldAtOneOfThem() {
    Arranged held = arranged(new Hold(Side.ACROSS, 0, "Mean"));
    assertThat(held.unplaced()).isEmpty();
    assertThat(held.table().across().leaves()).hasSize(1);
    assertThat(held.table().measureAt(0, 0).name()).isEqualTo("Mean");
    assertThat(at(held, 5, 0)).isEqualTo(6.25);
    assertThat(held.table().held().getFirst().member()).isEqualTo("Mean");
    Arranged down =
        arranged(new PlaceLevel(Side.ACROSS, 0, Side.DOWN, 0), new Hold(Side.DOWN, 0, "Fares"));
    assertThat(rows(down)).isEqualTo(rows(arranged()));
    assertThat(at(down, 1, 0)).isEqualTo(40);
  }

  @Test
  public void aTableIsFoldedToAnotherLevel() {
    Arranged folded =
        arranged(new PlaceLevel(Side.DOWN, 1, Side.DOWN, 0), new FoldLevel(Side.DOWN, 0));
    assertThat(rows(folded)).containsExactly("Winter", "Summer", "Both");
    assertThat(at(folded, 0, 0)).isEqualTo(30);
    assertThat(at(folded, 2, 0)).isEqualTo(100);
    assertThat(folded.table().down().leaves().getLast().role()).isEqualTo(Heading.Role.GRAND_TOTAL);
  }

  @Test
  public void aMemberIsRenamedAndSetAsideWhereverItStands() {
    Arranged arranged =
        arranged(
            new RenameMember(Side.DOWN, 1, "Winter", "Cold"),
            new SetMemberAside(Side.DOWN, 1, "Summer"),
            new Reverse(Side.DOWN, 0));
    assertThat(rows(arranged))
        .containsExactly("Orrin/Cold", "Orrin/Both", "Hale/Cold", "Hale/Both", "All");
    assertThat(arranged.aside()).hasSize(2);
    assertThat(arranged(new Only(new SetMemberAside(Side.DOWN, 1, "Summer"))).table())
        .matches(table -> table.down().leaves().size() == 2);
    assertThat(arranged(new SetMemberAside(Side.DOWN, 0, "Autumn")).unplaced())
        .containsEntry(0, "there is no “Autumn” at this level now");
  }

  @Test
  public void emptyPlacesAndTextsGetAMeaning() {
    Value[][] values = {
      {Value.number(1, "1"), Value.text("1 204,5"), Value.BLANK},
      {Value.BLANK, Value.text("none"), Value.text("7,25")}
    };
    Table gaps =
        new Table(
            Axis.of(List.of("Route"), List.of(Heading.member("Hale"), Heading.member("Orrin"))),
            FARES_TABLE.across(),
            FARES_TABLE.measures(),
            Body.of(2, 3, (row, column) -> values[row][column]),
            List.of(),
            Words.NONE,
            Marks.NONE);
    Arrangement moves =
        Arrangement.NONE
            .with(new FillEmpty(Side.ACROSS, FARES, "0"))
            .with(new FillEmpty(Side.ACROSS, List.of(), "n/a"))
            .with(new ReadNumbers(Side.ACROSS, List.of("n")))
            .with(new FillEmpty(Side.DOWN, List.of("Hale"), "–"));
    Arranged arranged = Arranger.arrange(gaps, moves);
    assertThat(arranged.table().body().at(1, 0)).isEqualTo(Value.number(0, "0"));
    assertThat(arranged.table().body().at(0, 2)).isEqualTo(Value.text("n/a"));
    assertThat(arranged.table().body().at(0, 1)).isEqualTo(Value.number(1204.5, "1 204,5"));
    assertThat(arranged.refused()).containsEntry(2, List.of("Orrin / n: “none”"));
    assertThat(arranged.table().body().at(1, 2)).isEqualTo(Value.text("7,25"));
    assertThat(arranged.unplaced()).containsEntry(3, "no place there is empty");
  }
}
