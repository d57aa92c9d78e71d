package app.finish.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class MarkupTest {
  private static String shown(String typed) {
    StringBuilder text = new StringBuilder();
    for (Markup.Stretch one : Markup.read(typed)) {
      String how =
          (one.bold() ? "b" : "")
              + (one.italic() ? "i" : "")
              + switch (one.height()) {
                case ON_LINE -> "";
                case RAISED -> "^";
                case LOWERED -> "_";
              };
      text.append(how.isEmpty() ? one.text() : "<" + how + ":" + one.text() + ">");
    }
    return text.toString();
  }

  @DataProvider
  public Object[][] typed() {
    return new Object[][] {
      {"Fares by route", "Fares by route"},
      {"*M* and *SD*", "<i:M> and <i:SD>"},
      {"**Winter** fares", "<b:Winter> fares"},
      {"**very *slanted* words**", "<b:very ><bi:slanted><b: words>"},
      {"R^2^ of CO~2~", "R<^:2> of CO<_:2>"},
      {"*R*^2^", "<i:R><^:2>"},
      {"\\chi^2^ \\times 3 \\pm 1", "χ<^:2> × 3 ± 1"},
      {"\\Chi is none, C:\\temp neither", "\\Chi is none, C:\\temp neither"},
      {"5 \\* 3", "5 * 3"},
      {"*p < .05. **p < .01. ***p < .001.", "*p < .05. **p < .01. ***p < .001."},
      {"* p < .05. ** p < .01.", "* p < .05. ** p < .01."},
      {"2*3*4", "2*3*4"},
      {"a*b* c", "a*b* c"},
      {"~ 40 and ~ 50", "~ 40 and ~ 50"},
      {"e^x", "e^x"},
      {"*", "*"},
      {"", ""},
    };
  }

  @Test(dataProvider = "typed")
  public void pairsSetWhatTheyEnclose(String typed, String expected) {
    assertThat(shown(typed)).isEqualTo(expected);
  }

  @Test
  public void anEscapedTextStandsAsItIs() {
    Random random = new Random(7);
    for (int i = 0; i < 20_000; i++) {
      StringBuilder text = new StringBuilder();
      for (int c = random.nextInt(14); c >= 0; c--) {
        text.append("*^~\\ ab.p2{}".charAt(random.nextInt(12)));
      }
      String all = text.toString();
      assertThat(Markup.plain(Markup.escaped(all))).as(all).isEqualTo(all);
      assertThat(Markup.isMarked(Markup.escaped(all))).as(all).isFalse();
    }
  }

  @Test
  public void everySymbolHasItsName() {
    Markup.SYMBOLS.forEach(
        (name, symbol) -> assertThat(Markup.plain("\\" + name)).isEqualTo(symbol));
    assertThat(Markup.plain("\\eta^2^ and \\beta")).isEqualTo("η2 and β");
  }

  @Test
  public void neighboursInOneLookAreOneStretch() {
    assertThat(Markup.read("a \\* b"))
        .isEqualTo(List.of(new Markup.Stretch("a * b", false, false, Markup.Height.ON_LINE)));
  }
}
