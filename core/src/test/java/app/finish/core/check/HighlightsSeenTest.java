package app.finish.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.TestStyles;
import app.finish.core.highlight.Highlight;
import app.finish.core.highlight.HighlightSentence;
import app.finish.core.style.Cascade;
import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.Palette;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// What only colour tells is told as unseen; what shape, weight or words tell is not.
public class HighlightsSeenTest {
  private final Cascade cascade =
      TestStyles.book()
          .cascade("Base")
          .inked(
              Palette.NONE
                  .with("ink", Colour.parse("#000000"))
                  .with("paper", Colour.parse("#ffffff"))
                  .with("bad", Colour.parse("#a3211b"))
                  .with("good", Colour.parse("#1c6b3c"))
                  .with("faint", Colour.parse("#eeeeee"))
                  .with("dark", Colour.parse("#020202"))
                  .with("accent", Colour.parse("#24605c")));

  @DataProvider
  public Object[][] sentences() {
    return new Object[][] {
      {"Fares below 3: bold bad on bad 12%", ""},
      {"Fares below 3: bad on bad 12%", ""},
      {"Fares below 3: on paper", "In colour, in grey print"},
      {"Fares below 3: bold dark", ""},
      {"Fares below 3: faint", "can't be read"},
      {"Fares below 3: before “low ” dark", ""},
      {"Fares always: tint paper to accent", ""},
      {"Fares always: tint bad to paper to good", "its ends look alike"},
      {"Fares always: bar accent 40%", ""},
      {"Fares always: bar faint 10%", "its bars can't be seen"},
      {"Fares always: sign up dot down at 1, 2", ""},
      {"Fares always: sign dot dot at 1", "one shape"},
      {"Fares always: trend accent", ""}
    };
  }

  @Test(dataProvider = "sentences")
  public void colourIsNotTheOnlyMeans(String sentence, String told) {
    Highlight highlight = HighlightSentence.read(sentence);
    Checked checked = Checked.NOTHING.dressedBy(cascade).highlightedBy(List.of(highlight));
    List<Finding> findings = new HighlightsSeen().findings(checked);
    if (told.isEmpty()) {
      assertThat(findings).as(sentence).isEmpty();
    } else {
      assertThat(findings.toString()).as(sentence).contains(told).contains(highlight.title());
    }
    Checked off =
        Checked.NOTHING.dressedBy(cascade).highlightedBy(List.of(highlight.switched(false)));
    assertThat(new HighlightsSeen().findings(off)).isEmpty();
  }
}
