package app.finish.core.layout.font;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class StretchesTest {
  /// Has all letters but emoji, each half as wide as it is high.
  private static final OtherScripts HALF =
      new OtherScripts() {
        @Override
        public boolean covers(int codePoint) {
          return codePoint < 0x1F000;
        }

        @Override
        public double width(String text, Face face) {
          return text.codePointCount(0, text.length()) * 0.5;
        }

        @Override
        public List<DrawnLetter> letters(String text, Face face) {
          return List.of();
        }
      };

  private final Fonts fonts = new Fonts(HALF);
  private final Face face = fonts.face("Arial", false, false);

  @DataProvider
  public Object[][] texts() {
    return new Object[][] {
      {"Hale–Orrin", "Hale–Orrin"},
      {"Route 東京", "Route |東京*"},
      {"東京 大阪, 2025", "東京 大阪*|, 2025"},
      {"ไทย (n)", "ไทย*| (n)"},
      {"हिन्दी", "हिन्दी*"},
      {"עברית", "עברית*"},
      {"Route עברית 12", "Route עברית 12*"},
      {"Łódź Ελλάδα Київ", "Łódź Ελλάδα Київ"},
      {"(東京) – ‘n’ 大阪.", "(|東京*|) – ‘n’ |大阪*|."},
      {"東京 ", "東京*| "},
      {"", ""}
    };
  }

  @Test(dataProvider = "texts")
  public void otherScriptsAreStretchesOfTheirOwn(String text, String wanted) {
    List<String> found =
        fonts.stretches(text, face).stream()
            .map(one -> one.text() + (one.face().isOther() ? "*" : ""))
            .toList();
    assertThat(String.join("|", found)).isEqualTo(wanted);
  }

  @Test(dataProvider = "texts")
  public void stretchesAreTheWholeTextAndAsWide(String text, String wanted) {
    double width = 0;
    StringBuilder all = new StringBuilder();
    for (Stretches.Stretch one : fonts.stretches(text, face)) {
      all.append(one.text());
      width += fonts.width(one.text(), one.face(), 10);
    }
    assertThat(all.toString()).isEqualTo(text);
    assertThat(fonts.width(text, face, 10)).isEqualTo(width);
  }

  /// A long text takes no more than a look at each of its letters.
  @Test(timeOut = 60_000)
  public void longTextsArePartedAtOnce() {
    for (String letters : List.of("東", "東 ", "עב", "東" + " ".repeat(40))) {
      String text = letters.repeat(40_000 / letters.length());
      for (Fonts some : List.of(fonts, new Fonts())) {
        assertThat(some.width(text, face, 1)).isPositive();
        assertThat(some.stretches(text, face)).isNotEmpty();
      }
    }
  }

  @Test
  public void whatNoFontHasIsToldApart() {
    assertThat(fonts.covers(0x1F600, face)).isFalse();
    assertThat(fonts.covers('東', face)).isTrue();
    assertThat(new Fonts().covers('東', face)).isFalse();
  }

  @Test
  public void linesEndWhereScriptsWithoutBlanksSay() {
    assertThat(Measurer.words("東京大阪")).containsExactly("東", "京", "大", "阪");
    assertThat(Measurer.words("ภาษาไทย")).containsExactly("ภาษา", "ไทย");
    assertThat(Measurer.words("All routes")).containsExactly("All ", "routes");
    assertThat(Measurer.words("كل الطرق")).containsExactly("كل ", "الطرق");
  }
}
