package app.finish.core.style;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.RandomStyles;
import app.finish.core.Seeds;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Laws of the cascade, over styles made by chance.
public class CascadeLawsTest {
  @DataProvider
  public Object[][] seeds() {
    return Seeds.upTo(300);
  }

  private static StyleBook book(Random random) {
    return StyleBook.of(
        List.of(RandomStyles.style("Base", "", random), RandomStyles.style("Own", "Base", random)));
  }

  private static boolean isDrawnByCells(Property property, Selector selector) {
    return !Cascade.isEdge(selector, property);
  }

  @Test(dataProvider = "seeds")
  public void aMoreSpecialSettingAlwaysWins(int seed) {
    Random random = new Random(seed);
    StyleBook book = book(random);
    List<Selector> way = RandomStyles.way(random);
    Selector special = way.getLast();
    for (Property property : Property.values()) {
      String setting = RandomStyles.setting(property, random);
      if (setting.endsWith("%") && property == Property.SIZE
          || !isDrawnByCells(property, special)) {
        continue;
      }
      HouseStyle own = book.named("Own").orElseThrow().with(special, property, setting);
      Look look = book.with(own).cascade("Own").look(way);
      assertThat(look.setting(property)).as(property.word()).isEqualTo(setting);
      assertThat(look.origin(property)).contains(new Origin("Own", special));
    }
  }

  @Test(dataProvider = "seeds")
  public void aTouchOutweighsTheStyleAndHandingItBackRestores(int seed) {
    Random random = new Random(seed);
    Cascade before = book(random).cascade("Own");
    List<Selector> way = RandomStyles.way(random);
    Selector at = way.get(random.nextInt(way.size()));
    for (Property property : Property.values()) {
      String setting = RandomStyles.setting(property, random);
      if (setting.endsWith("%") && property == Property.SIZE || !isDrawnByCells(property, at)) {
        continue;
      }
      Touches touches = Touches.NONE.with(at, property, setting);
      Look touched = before.touched(touches).look(way);
      assertThat(touched.setting(property)).as(property.word()).isEqualTo(setting);
      assertThat(touched.origin(property).orElseThrow().isTouch()).isTrue();
      assertThat(before.touched(touches.without(at, property)).look(way))
          .isEqualTo(before.look(way));
    }
  }

  @Test(dataProvider = "seeds")
  public void whatIsSetInAStyleAndHandedBackIsAsItWas(int seed) {
    Random random = new Random(seed);
    HouseStyle style = RandomStyles.style("Own", "", random);
    Selector selector = RandomStyles.selector(random);
    Property property = Property.values()[random.nextInt(Property.values().length)];
    boolean known = style.settings().getOrDefault(selector, Map.of()).containsKey(property);
    if (!known) {
      String setting = RandomStyles.setting(property, random);
      assertThat(style.with(selector, property, setting).without(selector, property).settings())
          .isEqualTo(style.settings());
    }
  }

  @Test(dataProvider = "seeds")
  public void reInkingChangesColoursAndNothingElse(int seed) {
    Random random = new Random(seed);
    StyleBook book = book(random);
    StyleBook inked = book.inked(RandomStyles.palette(random));
    List<Selector> way = new ArrayList<>(RandomStyles.way(random));
    way.add(RandomStyles.selector(random));
    Look one = book.cascade("Own").look(way);
    Look other = inked.cascade("Own").look(way);
    assertThat(other.settings()).isEqualTo(one.settings());
    assertThat(other.origins()).isEqualTo(one.origins());
    assertThat(other.size()).isEqualTo(one.size());
    assertThat(other.ruleBelow()).isEqualTo(one.ruleBelow());
    assertThat(other.ink())
        .isEqualTo(inked.cascade("Own").palette().colour(one.setting(Property.INK)));
  }

  @Test(dataProvider = "seeds")
  public void whatIsSetForEverythingIsTheSameEverywhere(int seed) {
    Random random = new Random(seed);
    HouseStyle style = RandomStyles.style("Own", "", random);
    HouseStyle all = style.withEverywhere(Property.FACE, "Georgia");
    Cascade cascade = StyleBook.of(List.of(all)).cascade("Own");
    for (int i = 0; i < 20; i++) {
      assertThat(cascade.look(RandomStyles.way(random)).face()).isEqualTo("Georgia");
    }
  }

  @Test(dataProvider = "seeds")
  public void aBaseThatChangesIsFollowed(int seed) {
    Random random = new Random(seed);
    StyleBook book = book(random);
    HouseStyle base = book.named("Base").orElseThrow();
    HouseStyle own = book.named("Own").orElseThrow();
    List<Selector> way = RandomStyles.way(random);
    Selector special = way.getLast();
    boolean ownSets = own.settings().getOrDefault(special, Map.of()).containsKey(Property.INDENT);
    HouseStyle changed = base.with(special, Property.INDENT, "33 pt");
    double indent = book.with(changed).cascade("Own").look(way).indent();
    if (!ownSets) {
      assertThat(indent).isEqualTo(33);
    }
  }

  @Test
  public void equalLooksAreOneObject() {
    Random random = new Random(7);
    Cascade cascade = book(random).cascade("Own");
    Look one = cascade.look(List.of(Selector.of(PartName.TABLE)));
    List<Selector> unset =
        List.of(Selector.of(PartName.TABLE), new Selector.OfMeasure("of no style"));
    assertThat(cascade.look(unset)).isSameAs(one);
  }

  @Test
  public void eachPropertyHasASettingWhereNothingSetsIt() {
    Look look =
        StyleBook.of(List.of(HouseStyle.blank("Blank")))
            .cascade("Blank")
            .look(List.of(Selector.of(PartName.TABLE)));
    Map<Property, String> settings = new EnumMap<>(look.settings());
    assertThat(settings).hasSize(Property.values().length);
    settings.forEach((property, setting) -> assertThat(property.accepts(setting)).isTrue());
  }
}
