package app.finish.core.note;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.arrange.make.StarsFrom;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.grid.Grid;
import java.util.List;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// What is said once for all tables: how they are numbered, what stars and abbreviations stand for.
public class WordingTest {
  private static Document document(int tables) {
    Document document = Document.EMPTY;
    for (int i = 0; i < tables; i++) {
      document =
          document.withAdded(
              new Source("t", Grid.ofText("Route | Fares", "Hale | " + i)), Finish.in("Plain"));
    }
    return document;
  }

  private static List<String> numerals(Document document) {
    return IntStream.range(0, document.items().size()).mapToObj(document::numeral).toList();
  }

  @DataProvider
  public Object[][] typed() {
    return new Object[][] {
      {"{n}", List.of("1", "2", "3")},
      {"A{n}", List.of("A1", "A2", "A3")},
      {"A1", List.of("A1", "A2", "A3")},
      {"S-{n}", List.of("S-1", "S-2", "S-3")},
      {"B", List.of("B1", "B2", "B3")},
      {"2.7", List.of("2.1", "2.2", "2.3")},
      {" {n}. ", List.of("1.", "2.", "3.")},
      {"{chapter}.{n}", List.of("1.1", "1.2", "1.3")},
    };
  }

  @Test(dataProvider = "typed")
  public void numbersAreWrittenByAPattern(String typed, List<String> numerals) {
    Document document = document(3).withWording(Wording.USUAL.withNumbering(typed));
    assertThat(numerals(document)).isEqualTo(numerals);
  }

  @Test
  public void aChapterBeginsNumbersAnew() {
    Wording wording =
        Wording.USUAL
            .withNumbering("{chapter}.{n}")
            .withChapter("t3", true)
            .withChapter("t4", true);
    assertThat(numerals(document(5).withWording(wording)))
        .containsExactly("1.1", "1.2", "2.1", "3.1", "3.2");
    assertThat(numerals(document(5).withWording(wording.withChapter("t3", false))))
        .containsExactly("1.1", "1.2", "1.3", "2.1", "2.2");
    Wording first = wording.withChapter("t1", true);
    assertThat(numerals(document(3).withWording(first))).startsWith("1.1", "1.2", "2.1");
    assertThat(numerals(document(3).withWording(first.withNumbering("{n}"))))
        .containsExactly("1", "2", "3");
  }

  @Test
  public void numbersFollowTheOrder() {
    Document document = document(3).withWording(Wording.USUAL.withNumbering("A{n}"));
    assertThat(numerals(document.withMoved(2, 0))).containsExactly("A1", "A2", "A3");
    assertThat(numerals(document.without(0))).containsExactly("A1", "A2");
  }

  @Test
  public void levelsAreInOrderAndBetweenNoughtAndOne() {
    assertThat(Wording.USUAL.withLevels(List.of(0.001, 0.1, 0.01, 0.1)).levels())
        .containsExactly(0.1, 0.01, 0.001);
    assertThatThrownBy(() -> Wording.USUAL.withLevels(List.of(1.0)))
        .isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> Wording.USUAL.withLevels(List.of(0.05, 0.0)))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  public void starsThatWereMadeFollowTheLevels() {
    Arrangement stars = Arrangement.of(new StarsFrom("p", "B", List.of(0.05, 0.01)));
    Document document = document(2);
    document = document.withFinish(0, document.table(0).finish().withArrangement(stars));
    Document other = document.withWording(Wording.USUAL.withLevels(List.of(0.1)));
    assertThat(other.table(0).finish().arrangement())
        .isEqualTo(Arrangement.of(new StarsFrom("p", "B", List.of(0.1))));
    assertThat(other.table(1)).isEqualTo(document.table(1));
    Document glossed = document.withWording(Wording.USUAL.withMeaning("OTP", "on time"));
    assertThat(glossed.items()).isEqualTo(document.items());
  }

  @Test
  public void anAbbreviationIsForgottenWithItsMeaning() {
    Wording said = Wording.USUAL.withMeaning("OTP", " on-time performance ");
    assertThat(said.glossary()).containsExactly(java.util.Map.entry("OTP", "on-time performance"));
    assertThat(said.withMeaning("OTP", " ")).isEqualTo(Wording.USUAL);
  }
}
