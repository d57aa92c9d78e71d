package app.finish.core.style;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.finish.core.RandomStyles;
import app.finish.core.TestStyles;
import app.finish.core.check.InkPairs;
import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.ColourVision;
import app.finish.core.style.colour.Light;
import app.finish.core.style.colour.NearestInk;
import app.finish.core.style.colour.Palette;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.testng.annotations.Test;

public class PaletteTest {
  private static final Colour WHITE = new Colour(0xffffff);

  /// Worked examples of WCAG 2.2: black on white is 21, #767676 on white just passes 4.5, #777777
  /// just fails.
  @Test
  public void contrastIsThatOfTheNorm() {
    assertThat(Light.contrast(new Colour(0), WHITE)).isEqualTo(21, within(0.001));
    assertThat(Light.contrast(Colour.parse("#767676"), WHITE)).isEqualTo(4.54, within(0.01));
    assertThat(Light.contrast(Colour.parse("#777777"), WHITE)).isEqualTo(4.48, within(0.01));
    assertThat(Light.contrast(WHITE, Colour.parse("#777777"))).isLessThan(4.5);
  }

  @Test
  public void coloursGoToOklabAndBack() {
    Random random = new Random(3);
    for (int i = 0; i < 500; i++) {
      Colour colour = new Colour(random.nextInt(0x1000000));
      double[] lab = Light.oklab(colour);
      assertThat(Light.ofOklab(lab[0], lab[1], lab[2])).isEqualTo(colour);
    }
  }

  @Test
  public void greyKeepsTheLuminanceAndHasNoHue() {
    Random random = new Random(4);
    for (int i = 0; i < 200; i++) {
      Colour colour = new Colour(random.nextInt(0x1000000));
      Colour grey = ColourVision.GREY.of(colour);
      assertThat(grey.red()).isEqualTo(grey.green()).isEqualTo(grey.blue());
      assertThat(Light.luminance(grey)).isEqualTo(Light.luminance(colour), within(0.005));
    }
  }

  @Test
  public void everySightLeavesGreysAlone() {
    for (int grey = 0; grey < 256; grey += 5) {
      Colour colour = new Colour(grey << 16 | grey << 8 | grey);
      for (ColourVision sight : ColourVision.values()) {
        assertThat(Light.distance(sight.of(colour), colour)).isLessThan(0.01);
      }
    }
  }

  @Test
  public void redAndGreenLookAlikeWithoutTheConesThatTellThem() {
    Colour red = Colour.parse("#b04a3a");
    Colour green = Colour.parse("#6f7a2e");
    assertThat(Light.distance(red, green)).isGreaterThan(0.12);
    assertThat(Light.distance(ColourVision.DEUTAN.of(red), ColourVision.DEUTAN.of(green)))
        .isLessThan(Light.distance(red, green) / 2);
  }

  @Test
  public void theNearestInkThatPassesPasses() {
    Random random = new Random(5);
    for (int i = 0; i < 60; i++) {
      Colour ink = new Colour(random.nextInt(0x1000000));
      Colour ground = new Colour(random.nextInt(0x1000000));
      Optional<Colour> nearest = NearestInk.on(ground, ink, 4.5);
      if (nearest.isPresent()) {
        for (ColourVision sight : ColourVision.values()) {
          assertThat(Light.contrast(sight.of(nearest.get()), sight.of(ground)))
              .isGreaterThanOrEqualTo(4.5);
        }
        assertThat(Light.distance(ink, nearest.get())).isLessThan(0.8);
      }
    }
    assertThat(NearestInk.on(WHITE, new Colour(0), 4.5)).contains(new Colour(0));
  }

  @Test
  public void aPairThatFailsIsNamedWithWhatWouldPass() {
    StyleBook book = TestStyles.book().inked(Palette.NONE.with("accent", Colour.parse("#d8e4e0")));
    List<InkPairs.Pair> pairs = InkPairs.of(book.cascade("House"));
    InkPairs.Pair pair =
        pairs.stream().filter(one -> one.fill().equals("accent")).findFirst().orElseThrow();
    assertThat(pair.ink()).isEqualTo("paper");
    assertThat(pair.passes()).isFalse();
    assertThat(pair.failing()).containsKey(ColourVision.FULL);
    assertThat(pair.where()).contains("grand total row");
    Palette mended = book.over().with("paper", pair.nearest().orElseThrow());
    assertThat(InkPairs.of(TestStyles.book().inked(mended).cascade("House")))
        .filteredOn(one -> one.fill().equals("accent"))
        .allMatch(InkPairs.Pair::passes);
    assertThat(InkPairs.of(TestStyles.book().cascade("House"))).allMatch(InkPairs.Pair::passes);
  }

  @Test
  public void aPaletteMadeOfAnyColoursCanBeRead() {
    Random random = new Random(6);
    for (int i = 0; i < 100; i++) {
      List<Colour> main =
          List.of(new Colour(random.nextInt(0x1000000)), new Colour(random.nextInt(0x1000000)));
      Palette palette = PaletteMaker.of(main);
      assertThat(palette.roles().keySet()).containsExactlyElementsOf(PaletteMaker.roles());
      for (String ink : List.of("ink", "soft", "accent", "good", "bad", "signal")) {
        assertThat(Light.contrast(palette.colour(ink), palette.colour("paper")))
            .as(ink + " of " + main)
            .isGreaterThanOrEqualTo(4.5);
      }
      assertThat(Light.contrast(palette.colour("onAccent"), palette.colour("accent")))
          .isGreaterThanOrEqualTo(4.5);
      assertThat(Light.contrast(palette.colour("soft"), palette.colour("mist")))
          .isGreaterThanOrEqualTo(4.5);
    }
  }

  @Test
  public void emphasisIsSwitchedOffAndComesBack() {
    Random random = new Random(8);
    for (int i = 0; i < 60; i++) {
      StyleBook book = StyleBook.of(List.of(RandomStyles.style("Own", "", random)));
      Cascade cascade = book.cascade("Own");
      for (Emphasis emphasis : Emphasis.all(2)) {
        Cascade off = cascade.touched(emphasis.switched(cascade, false));
        assertThat(emphasis.isOn(off)).as(emphasis.label()).isFalse();
        Cascade on = cascade.touched(emphasis.switched(off, true));
        if (emphasis.isOn(cascade)) {
          assertThat(on.touches()).isEqualTo(Touches.NONE);
        }
      }
    }
  }
}
