package app.finish.core.check.house;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.arrange.formula.Formulas;
import app.finish.core.check.Finding;
import app.finish.core.check.Mend;
import app.finish.core.check.demand.Checks;
import app.finish.core.check.demand.Inspection;
import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.grid.Grid;
import app.finish.core.problem.Refusal;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.StyleBook;
import app.finish.core.style.colour.Palette;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// What a house asks in sentences: a table that breaks it, and one that only looks so.
public class HouseDemandTest {
  private static final Grid FARES =
      Grid.ofText(
          "Fares by route",
          "Route | Sailings | Share | Fares",
          "Hale | 12 | 30.5% | 1,204.50",
          "Skell | 28 | 69.5% | 2,310.00",
          "Total | 40 | 100.0% | 3,514.50");

  private static Document document(String demand, Map<Selector, Map<Property, String>> settings) {
    HouseStyle style =
        new HouseStyle("Own", "", false, Palette.PLAIN, settings).withDemands(List.of(demand));
    return Document.EMPTY.withStyle(style).withAdded(new Source("f", FARES), Finish.in("Own"));
  }

  private static List<Finding> findings(Document document) {
    return new Inspection(one -> StyleBook.of(one.styles()), Formulas.NONE, Checks::demandedBy)
        .of(document, 0).stream().filter(one -> one.check().startsWith("house.")).toList();
  }

  private static Map<Selector, Map<Property, String>> set(
      PartName part, Property property, String setting) {
    Map<Selector, Map<Property, String>> settings = new LinkedHashMap<>();
    settings.put(Selector.of(part), Map.of(property, setting));
    return settings;
  }

  @DataProvider
  public Object[][] demands() {
    Map<Selector, Map<Property, String>> none = Map.of();
    return new Object[][] {
      {"at most 3 columns", none, "The table has 4 columns."},
      {"at most 4 columns", none, ""},
      {"at most 2 rows", none, "The table has 3 rows."},
      {"at most 3 rows", none, ""},
      {"title of at most 10 letters", none, "The table has 14 letters in its title."},
      {"title of at most 14 letters", none, ""},
      {"face is Georgia", none, "Title is set in Arial."},
      {"face is Georgia or Arial", none, ""},
      {"size is at least 11 pt", none, "Title is set in 10 pt."},
      {"size is at least 10 pt", none, ""},
      {"every percent has no decimals", none, "A percent is written 30.5%."},
      {"every percent has one decimal", none, ""},
      {"every mean has 2 decimals", none, ""},
      {"totals in bold", none, "Grand total row is not bold."},
      {"totals in bold", set(PartName.GRAND_TOTAL_ROW, Property.WEIGHT, "bold"), ""},
      {"a unit line on every table", none, "The table has no line of units."},
      {"a source line", none, "The table has no source line."},
      {"a title on every table", none, ""},
      {"no fills", set(PartName.STUB, Property.FILL, "#eeeeee"), "Stub has a fill."},
      {"no fills", none, ""},
      {
        "no vertical rules",
        set(PartName.STUB, Property.RULE_RIGHT, "1 pt ink"),
        "A vertical rule is drawn."
      },
      {"no vertical rules", set(PartName.STUB, Property.RULE_BELOW, "1 pt ink"), ""},
      {"no empty cells", none, ""},
      {"no red with green", set(PartName.STUB, Property.INK, "#cc2222"), ""},
    };
  }

  @Test(dataProvider = "demands")
  public void aBreachIsFoundAndANearMissIsNot(
      String demand, Map<Selector, Map<Property, String>> settings, String sentence) {
    assertThat(findings(document(demand, settings)))
        .extracting(Finding::sentence)
        .containsExactlyElementsOf(sentence.isEmpty() ? List.of() : List.of(sentence));
  }

  @Test
  public void redAndGreenTogetherAreFound() {
    Map<Selector, Map<Property, String>> settings = set(PartName.STUB, Property.INK, "#cc2222");
    settings.put(Selector.of(PartName.COLUMN_HEAD), Map.of(Property.INK, "#118833"));
    assertThat(findings(document("no red with green", settings))).hasSize(1);
  }

  @Test
  public void whatIsMendedHolds() {
    for (String demand :
        List.of("totals in bold", "face is Georgia", "every percent has 0 decimals")) {
      Document document = document(demand, Map.of());
      Mend mend = findings(document).getFirst().mends().getFirst();
      assertThat(findings(mend.on(document, 0))).as(demand).isEmpty();
    }
  }

  @Test
  public void whatIsNoDemandIsRefusedWithExamples() {
    assertThatThrownBy(() -> HouseDemand.read("be nice", "Own"))
        .isInstanceOf(Refusal.class)
        .hasMessageContaining("“at most 8 columns”");
    assertThat(HouseDemand.fault("every fare has 2 decimals")).isPresent();
  }

  private static Document titled(String demand, String title) {
    Document document = document(demand, Map.of());
    return document.withFinish(0, document.table(0).finish().withWord(PartName.TITLE, title));
  }

  @Test
  public void unitsOfTheTitleMendALackingUnitLine() {
    Document lacking = titled("a unit line on every table", "Fares by route (in thousands)");
    Finding finding = findings(lacking).getFirst();
    Mend mend = finding.mends().getFirst();
    assertThat(mend.words()).isEqualTo("Move “In thousands” there from the title");
    assertThat(mend.isSafe()).isFalse();
    Document mended = mend.on(lacking, 0);
    Finish finish = mended.table(0).finish();
    assertThat(finish.words())
        .containsEntry(PartName.TITLE, "Fares by route")
        .containsEntry(PartName.UNITS, "In thousands");
    assertThat(findings(mended)).isEmpty();
    assertThat(findings(titled("a unit line on every table", "Fares, 2024")).getFirst().mends())
        .isEmpty();
  }

  @Test
  public void aTableWithoutADescriptionIsOfferedOne() {
    Document lacking = document("a description on every table", Map.of());
    Finding finding = findings(lacking).getFirst();
    assertThat(finding.should()).startsWith("Fares by route. 3 rows of Route");
    Document mended = finding.mends().getFirst().on(lacking, 0);
    assertThat(mended.table(0).finish().description()).isEqualTo(finding.should());
    assertThat(findings(mended)).isEmpty();
    Document own =
        lacking.withFinish(0, lacking.table(0).finish().withWord(PartName.TABLE, "Fares rose."));
    assertThat(findings(own)).isEmpty();
    Document blank =
        lacking.withFinish(0, lacking.table(0).finish().withWord(PartName.TABLE, "  "));
    assertThat(findings(blank)).hasSize(1);
  }

  @Test
  public void theStyleOfTheDocumentCanBeMendedInsteadOfTheTable() {
    Document wrong = document("totals in bold", Map.of());
    wrong = wrong.withAdded(new Source("g", FARES), Finish.in("Own"));
    List<Mend> mends = findings(wrong).getFirst().mends();
    assertThat(mends).hasSize(2);
    assertThat(mends.getLast().words()).isEqualTo("Set it bold, in the style Own");
    assertThat(mends.getLast().isSafe()).isFalse();
    Document mended = mends.getLast().on(wrong, 0);
    assertThat(mended.table(0).finish().touches()).isEqualTo(wrong.table(0).finish().touches());
    assertThat(findings(mended)).isEmpty();
    Inspection inspection =
        new Inspection(one -> StyleBook.of(one.styles()), Formulas.NONE, Checks::demandedBy);
    assertThat(inspection.of(mended, 1)).noneMatch(one -> one.check().startsWith("house."));
    assertThat(mends.getLast().on(Document.EMPTY, 0)).isEqualTo(Document.EMPTY);
  }
}
