package app.finish.core.style;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.TestStyles;
import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.Palette;
import app.finish.core.table.MeasureKind;
import java.util.List;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class CascadeTest {
  private static final Selector TABLE = Selector.of(PartName.TABLE);
  private static final Selector TOTALS = Selector.of(PartName.TOTALS);
  private static final Selector GRAND = Selector.of(PartName.GRAND_TOTAL_ROW);

  private final Cascade house = TestStyles.book().cascade("House");

  @Test
  public void inheritsFromGeneralToSpecific() {
    Look look = house.look(List.of(TABLE, TOTALS, GRAND));
    assertThat(look.size()).isEqualTo(10);
    assertThat(look.bold()).isTrue();
    assertThat(look.fill()).contains(Colour.parse("#204060"));
    assertThat(look.ink()).isEqualTo(Colour.parse("#ffffff"));
  }

  @Test
  public void remembersWhereEachPropertyWasSet() {
    Look look = house.look(List.of(TABLE, TOTALS, GRAND));
    assertThat(look.origin(Property.SIZE)).map(Origin::toString).contains("Base › table");
    assertThat(look.origin(Property.FACE)).map(Origin::toString).contains("House › table");
    assertThat(look.origin(Property.WEIGHT)).map(Origin::toString).contains("Base › all totals");
    assertThat(look.origin(Property.FILL))
        .map(Origin::toString)
        .contains("House › grand total row");
    assertThat(look.origin(Property.SLANT)).isEmpty();
  }

  @Test
  public void aStyleOutweighsItsBaseOnTheSamePart() {
    assertThat(house.look(List.of(TABLE)).face()).isEqualTo("Calibri");
    assertThat(TestStyles.book().cascade("Base").look(List.of(TABLE)).face())
        .isEqualTo("Times New Roman");
  }

  @Test
  public void aPartOfTheBaseOutweighsTheTableOfTheStyle() {
    StyleBook book = TestStyles.book();
    HouseStyle thin = book.named("House").orElseThrow().with(TABLE, Property.WEIGHT, "regular");
    Look look = book.with(thin).cascade("House").look(List.of(TABLE, TOTALS, GRAND));
    assertThat(look.bold()).isTrue();
  }

  @Test
  public void relativeSizesAreSharesOfWhatIsInherited() {
    Selector title = Selector.of(PartName.TITLE);
    assertThat(house.look(List.of(TABLE, title)).size()).isEqualTo(12);
    StyleBook book = TestStyles.book();
    HouseStyle larger = book.named("House").orElseThrow().with(TABLE, Property.SIZE, "9.5 pt");
    assertThat(book.with(larger).cascade("House").look(List.of(TABLE, title)).size())
        .isEqualTo(11.4);
    HouseStyle words = larger.with(Selector.of(PartName.WORDS), Property.SIZE, "50%");
    assertThat(
            book.with(words)
                .cascade("House")
                .look(List.of(TABLE, Selector.of(PartName.WORDS), title))
                .size())
        .isEqualTo(5.7);
  }

  @Test
  public void anotherPaletteReInksAStyle() {
    StyleBook book = TestStyles.book();
    HouseStyle house = book.named("House").orElseThrow();
    HouseStyle red =
        new HouseStyle(
            "House",
            "Base",
            false,
            new Palette(Map.of("accent", Colour.parse("#aa0000"))),
            house.settings());
    assertThat(book.with(red).cascade("House").look(List.of(TABLE, TOTALS, GRAND)).fill())
        .contains(Colour.parse("#aa0000"));
  }

  @Test
  public void tintsAreMixedIntoThePaper() {
    assertThat(house.palette().colour("accent 50%")).isEqualTo(Colour.parse("#90a0b0"));
    assertThat(house.palette().colour("accent 0%")).isEqualTo(Colour.parse("#ffffff"));
    assertThat(house.palette().colour("accent 100%")).isEqualTo(Colour.parse("#204060"));
    assertThat(house.palette().colour("unheardOf")).isEqualTo(Colour.parse("#101010"));
  }

  @Test
  public void rulesOfAFamilyBelongToItsEdge() {
    Look head =
        house.look(List.of(TABLE, Selector.of(PartName.HEADS), Selector.of(PartName.COLUMN_HEAD)));
    assertThat(head.ruleAbove()).isEqualTo(RuleLine.NONE);
    assertThat(house.edge(Selector.of(PartName.HEADS), Property.RULE_ABOVE))
        .hasValueSatisfying(
            edge -> {
              assertThat(edge.getKey().weight()).isEqualTo(1);
              assertThat(edge.getValue().style()).isEqualTo("Base");
            });
    assertThat(house.edge(Selector.of(PartName.TABLE), Property.RULE_ABOVE)).isEmpty();
  }

  @Test
  public void aShippedStyleCanOnlyBeBuiltOn() {
    HouseStyle shipped = new HouseStyle("Shipped", "", true, Palette.PLAIN, Map.of());
    assertThatThrownBy(() -> shipped.with(TABLE, Property.SIZE, "8 pt"))
        .isInstanceOf(IllegalStateException.class)
        .hasMessageContaining("base one of your own on it");
    HouseStyle own = shipped.derived("Mine").with(TABLE, Property.SIZE, "8 pt");
    assertThat(own.basedOn()).isEqualTo("Shipped");
    assertThat(StyleBook.of(List.of(shipped, own)).cascade("Mine").look(List.of(TABLE)).size())
        .isEqualTo(8);
  }

  @Test
  public void saysWhichStyleIsMissingOrTurnsInACircle() {
    HouseStyle orphan = new HouseStyle("Orphan", "Gone", false, Palette.PLAIN, Map.of());
    HouseStyle circle = new HouseStyle("Circle", "Circle", false, Palette.PLAIN, Map.of());
    assertThatThrownBy(() -> StyleBook.of(List.of(orphan)).cascade("Orphan"))
        .hasMessage("There is no style named “Gone”.");
    assertThatThrownBy(() -> StyleBook.of(List.of(circle)).cascade("Circle"))
        .hasMessage("The style “Circle” is based on itself.");
  }

  @DataProvider
  public Object[][] settings() {
    return new Object[][] {
      {Property.SIZE, "9.5 pt", true},
      {Property.SIZE, "90%", true},
      {Property.SIZE, "big", false},
      {Property.SIZE, "-1 pt", false},
      {Property.INK, "accent 20%", true},
      {Property.INK, "#ff0000", true},
      {Property.INK, "accent shade 20%", true},
      {Property.INK, "accent shade", false},
      {Property.FILL, "#ff00", false},
      {Property.RULE_BELOW, "0.5 pt accent dotted spanned", true},
      {Property.RULE_BELOW, "none", true},
      {Property.RULE_BELOW, "thick", false},
      {Property.ALIGN, "decimal centre", true},
      {Property.ALIGN, "middle", false},
      {Property.DECIMALS, "as written", true},
      {Property.DECIMALS, "12", false},
      {Property.ZERO_BEFORE_POINT, "no", true},
      {Property.ZERO_BEFORE_POINT, "maybe", false},
    };
  }

  @Test(dataProvider = "settings")
  public void checksTheFormOfASetting(Property property, String setting, boolean fits) {
    assertThat(property.accepts(setting)).isEqualTo(fits);
  }

  @DataProvider
  public Object[][] rules() {
    return new Object[][] {
      {"1 pt ink", new RuleLine(1, "ink", RuleLine.Kind.SINGLE, RuleLine.Reach.FULL)},
      {
        "0.5 pt accent 20% dotted spanned",
        new RuleLine(0.5, "accent 20%", RuleLine.Kind.DOTTED, RuleLine.Reach.SPANNED)
      },
      {"2 pt ink double", new RuleLine(2, "ink", RuleLine.Kind.DOUBLE, RuleLine.Reach.FULL)},
      {"none", RuleLine.NONE},
    };
  }

  @Test(dataProvider = "rules")
  public void rulesReadBackAsTheyAreWritten(String written, RuleLine rule) {
    assertThat(RuleLine.parse(written)).isEqualTo(rule);
    assertThat(rule.toString()).isEqualTo(written);
  }

  @DataProvider
  public Object[][] keys() {
    return new Object[][] {
      {"table", TABLE},
      {"grandTotalRow", GRAND},
      {"stub 2", new Selector.OfPart(PartName.STUB, 2)},
      {"alternate", new Selector.Alternate()},
      {"kind percent", new Selector.OfKind(MeasureKind.PERCENT)},
      {"measure Cost recovery", new Selector.OfMeasure("Cost recovery")},
    };
  }

  @Test(dataProvider = "keys")
  public void selectorsReadBackAsTheyAreWritten(String key, Selector selector) {
    assertThat(Selector.parse(key)).contains(selector);
    assertThat(selector.toString()).isEqualTo(key);
  }

  @Test
  public void unknownKeysSelectNothing() {
    assertThat(List.of("body2", "stub 2 3", "kind nonsense", "", "Table"))
        .allSatisfy(key -> assertThat(Selector.parse(key)).isEmpty());
  }
}
