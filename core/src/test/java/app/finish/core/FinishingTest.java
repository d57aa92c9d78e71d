package app.finish.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.document.DocumentTable;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.dress.DressedRow;
import app.finish.core.grid.Grid;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Fonts;
import app.finish.core.style.PartName;
import java.util.List;
import org.testng.annotations.Test;

public class FinishingTest {
  private final Grid grid =
      Grid.ofText("boats by pier", "", "Pier | Boats", "North | 12", "South | 7", "Total | 19");

  @Test
  public void goesTheWholeWayInOneSentence() {
    Proof proof =
        Finishing.of(grid)
            .with(Finish.in("House"))
            .in(TestStyles.book())
            .numbered(3)
            .on(Paper.A4, new Fonts());
    List<String> first =
        proof.dressed().rows().stream().limit(2).map(row -> row.cells().getFirst().text()).toList();
    assertThat(first).containsExactly("Table 3", "Boats by Pier");
    assertThat(proof.pages()).hasSize(1);
  }

  @Test
  public void theFinishOfATableIsApplied() {
    Finish finish =
        Finish.in("Base")
            .withWord(PartName.TITLE, "Mine")
            .withWord(PartName.NOTE, "Counted twice.");
    DocumentTable table = new DocumentTable("t1", new Source("x", grid), finish);
    Finishing finishing = Finishing.of(table);
    assertThat(finishing.table().words().title()).isEqualTo("Mine");
    assertThat(finishing.recognition().table().words().title()).isEqualTo("boats by pier");
    DressedRow last = finishing.in(TestStyles.book()).dressed().rows().getLast();
    assertThat(last.cells().getFirst().text()).isEqualTo("Note. Counted twice.");
  }

  @Test
  public void dressingAnewRecognisesNothingAnew() {
    Finishing first = Finishing.of(grid).with(Finish.in("Base"));
    Finishing other = first.restyled(Finish.in("House"));
    assertThat(other.recognition()).isSameAs(first.recognition());
    assertThat(other.in(TestStyles.book()).dressed().style()).isEqualTo("House");
  }

  @Test
  public void anUnknownStyleIsNamed() {
    Finishing finishing = Finishing.of(grid).with(Finish.in("Neon"));
    assertThatThrownBy(() -> finishing.in(TestStyles.book()).dressed())
        .hasMessage("There is no style named “Neon”.");
  }
}
