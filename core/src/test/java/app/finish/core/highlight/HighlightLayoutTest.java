package app.finish.core.highlight;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.finish.core.Seeds;
import app.finish.core.TestStyles;
import app.finish.core.arrange.formula.CellExpressions;
import app.finish.core.dress.Dresser;
import app.finish.core.dress.HighlightOverlay;
import app.finish.core.grid.Grid;
import app.finish.core.layout.CellBox;
import app.finish.core.layout.Mark;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Fonts;
import app.finish.core.layout.page.Compositor;
import app.finish.core.layout.sheet.Scroll;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.style.Cascade;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// A long table with highlights is the same sheet in sight as it is whole: columns are as wide,
/// rows as high, and the same is drawn.
public class HighlightLayoutTest {
  private static final Fonts FONTS = new Fonts();
  private static final List<String> SHOWN =
      List.of(
          "bold",
          "italic bad on bad 12%",
          "size 140%",
          "size 70% bold",
          "before “about ”",
          "after “ (estimated)”",
          "instead “few”",
          "decimals 3",
          "face “Times New Roman” bold",
          "bar accent below zero bad",
          "bar accent alone",
          "tint paper to accent",
          "tint bad to paper to good by rank",
          "sign down flat up",
          "sign ring dot at 500 alone",
          "struck underlined",
          "trend accent");

  @DataProvider
  public Object[][] seeds() {
    return Seeds.upTo(150);
  }

  private static Table table(Random random) {
    int rows = 210 + random.nextInt(120);
    List<String> lines = new ArrayList<>(List.of("Pier | Day | Fares | Cost | Share"));
    for (int row = 0; row < rows; row++) {
      boolean first = row % 7 == 0;
      lines.add(
          (first ? "Pier " + row / 7 : "")
              + " | Day "
              + row % 7
              + " | "
              + random.nextInt(10_000) / 10.0
              + " | "
              + (random.nextInt(1500) - 300)
              + " | "
              + (random.nextInt(20) == 0 ? "–" : random.nextInt(100) + "%"));
    }
    return Recogniser.recognise(Grid.ofText(lines.toArray(String[]::new)), Corrections.NONE)
        .table();
  }

  private static List<Highlight> highlights(Random random) {
    List<Highlight> all = new ArrayList<>();
    for (int i = 0; i < 1 + random.nextInt(4); i++) {
      String where = List.of("everything", "Fares", "Cost or Share").get(random.nextInt(3));
      String when =
          List.of(
                  "below " + random.nextInt(400),
                  "above " + random.nextInt(900),
                  "always",
                  "among the top 5% of its column",
                  "above the mean of its column",
                  "missing")
              .get(random.nextInt(6));
      String reach =
          List.of("", ", the row", ", the column", ", the heading").get(random.nextInt(4));
      Highlight read =
          HighlightSentence.read(
              where + " " + when + ": " + SHOWN.get(random.nextInt(SHOWN.size())) + reach);
      all.add(read.beingLast(random.nextInt(5) == 0));
    }
    return all;
  }

  @Test(dataProvider = "seeds")
  public void theSheetInSightIsThatOfTheWhole(long seed) {
    Random random = new Random(seed);
    Table table = table(random);
    List<Highlight> highlights = highlights(random);
    Cascade cascade = TestStyles.book().cascade(random.nextBoolean() ? "Base" : "House");
    Dresser.Ready ready =
        Dresser.ready(table).under(List.of(new HighlightOverlay(highlights, CellExpressions.NONE)));
    Proof whole = new Compositor(FONTS).layOut(ready.dressed(cascade, "1"), Paper.A4.unpaged());
    Proof.Page page = whole.pages().getFirst();
    Scroll scroll = Scroll.of(ready.seen(cascade, "1"), FONTS, Paper.A4.unpaged());
    String said = highlights.stream().map(HighlightSentence::of).toList().toString();
    assertThat(scroll.columns()).as(said).isEqualTo(whole.columns());
    assertThat(scroll.paper().height()).as(said).isCloseTo(page.height(), within(1e-6));
    Proof.Page seen = scroll.between(0, scroll.paper().height());
    assertThat(seen.boxes().stream().map(HighlightLayoutTest::box).toList())
        .as(said)
        .isEqualTo(page.boxes().stream().map(HighlightLayoutTest::box).toList());
    assertThat(seen.marks().stream().filter(Mark.Shape.class::isInstance).count())
        .as(said)
        .isEqualTo(page.marks().stream().filter(Mark.Shape.class::isInstance).count());
  }

  private static String box(CellBox box) {
    return String.format(
        "%.2f %.2f %.2f %.2f %s", box.x(), box.y(), box.width(), box.height(), box.cell().text());
  }
}
