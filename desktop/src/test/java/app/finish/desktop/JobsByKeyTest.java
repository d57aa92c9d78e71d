package app.finish.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.document.DocumentTable;
import app.finish.core.dress.CellMeaning;
import app.finish.core.style.PartName;
import app.finish.core.table.Table;
import java.nio.file.Files;
import java.util.List;
import java.util.Random;
import javafx.scene.input.KeyCode;
import org.testng.annotations.Test;

/// The same jobs by keyboard alone: what is wanted is typed by name, and the arrow keys pick. Each
/// has a most of actions that it may take; a text that is typed is one.
public class JobsByKeyTest extends CountedJobs {
  /// Does what is called so: the finder is opened, the name is typed, Enter.
  private void say(String name) {
    key(KeyCode.CONTROL, KeyCode.K);
    type(name);
    key(KeyCode.ENTER);
  }

  /// The same, and what it asks for.
  private void say(String name, String answer) {
    say(name);
    type(answer);
    key(KeyCode.ENTER);
  }

  private void times(int times, KeyCode... keys) {
    for (int i = 0; i < times; i++) {
      key(keys);
    }
  }

  @Test
  public void aHouseStyleFromScratchOnFiveTables() {
    fiveTables();
    say("from scratch", "Quay house");
    say("face everything georgia");
    say("size everything 9 pt");
    say("weight all heads bold");
    say("fill all heads accent");
    say("weight all totals bold");
    say("rule above all totals 0.75 pt");
    say("bands of rows");
    say("put style all tables quay house");
    List<String> wearing =
        ask(() -> desk().document().tables().stream().map(one -> one.finish().style()).toList());
    assertThat(wearing).hasSize(5).containsOnly("Quay house");
    assertThat(look(PartName.TABLE).face()).isEqualTo("Georgia");
    assertThat(look(PartName.TABLE, PartName.HEADS).fill()).isPresent();
    assertThat(cell(new CellMeaning.Body(3, 0)).look().ruleAbove().weight()).isEqualTo(0.75);
    assertThat(cell(new CellMeaning.Body(1, 0)).look().fill()).isPresent();
    atMost(38, "a house style from scratch, on five tables");
  }

  @Test
  public void aClientsLookSavedAndMadeTheDefault() {
    landings(1);
    say("make a style based", "Client");
    answers.files.add(file("Client.txt", "#0b3d2e\n#c28a2a\n#f4e3bd\n#8a1f12\n"));
    say("take palette");
    say("new tables wear crosstabs client");
    say("new tables wear statistical client");
    waitFor(() -> Files.exists(folder.resolve("library").resolve("client.json")));
    assertThat(ask(() -> desk().dressing().habits().wear().styles().values()))
        .containsOnly("Client");
    atMost(18, "a client's look, saved and made the default");
  }

  @Test
  public void aRuleUnderASubtotalForChosenColumns() {
    openDemo();
    key(KeyCode.CONTROL, KeyCode.F);
    type(cell(new CellMeaning.Body(4, 1)).text());
    key(KeyCode.ENTER);
    key(KeyCode.ESCAPE);
    CellMeaning.Body first = picked();
    key(KeyCode.SHIFT, KeyCode.RIGHT);
    say("rule below 1 pt ink");
    for (int column = 0; column < 5; column++) {
      boolean ruled =
          cell(new CellMeaning.Body(first.row(), column)).look().ruleBelow().weight() == 1;
      assertThat(ruled).isEqualTo(column == first.column() || column == first.column() + 1);
    }
    key(KeyCode.CONTROL, KeyCode.Z);
    assertThat(cell(first).look().ruleBelow().isDrawn()).isFalse();
    atMost(20, "a rule under a subtotal for chosen columns, taken back");
  }

  private CellMeaning.Body picked() {
    return (CellMeaning.Body) ask(() -> desk().pickProperty().get().orElseThrow().place());
  }

  @Test
  public void aColouredStyleWithStripes() {
    landings(2);
    say("fill all heads good");
    say("ink all heads paper");
    say("bands of rows");
    assertThat(cell(new CellMeaning.Head(0, 0, 0)).look().fill()).isPresent();
    assertThat(cell(new CellMeaning.Body(1, 0)).look().fill()).isPresent();
    assertThat(cell(new CellMeaning.Body(0, 0)).look().fill()).isEmpty();
    atMost(10, "a coloured style with stripes");
  }

  @Test
  public void aBandedBrandStyle() {
    landings(3);
    say("make a style based", "Brand");
    answers.files.add(file("Brand.txt", "#1b3a5c\n#d9531e\n#f2f2f2\n"));
    say("take palette");
    say("bands of rows");
    say("in a band rows 2");
    assertThat(worn().name()).isEqualTo("Brand");
    atMost(20, "a banded brand style");
  }

  @Test
  public void descriptivesRepivotedWithALayer() {
    descriptives();
    say("vessel across");
    say("hold season");
    say("hold after");
    assertRepivoted();
    atMost(16, "descriptives re-pivoted with a layer");
  }

  @Test
  public void theTenLargestTheRestGatheredPercentsAndTotals() {
    harbours();
    key(KeyCode.CONTROL, KeyCode.F);
    type("Harbour B");
    key(KeyCode.ENTER);
    key(KeyCode.ESCAPE);
    say("add totals");
    key(KeyCode.RIGHT);
    say("gather rest", "10");
    say("calculate share_of_total");
    assertTenAndTheRest();
    atMost(16, "the ten largest, the rest gathered, percents and totals");
  }

  @Test
  public void aFrequencyTableInTheStyleOfApa() {
    open("ticket.txt", TICKETS);
    countAnew();
    say("wear apa 7");
    key(KeyCode.CONTROL, KeyCode.T);
    type("Tickets held by passengers");
    key(KeyCode.ENTER);
    key(KeyCode.CONTROL, KeyCode.DIGIT2);
    key(KeyCode.CONTROL, KeyCode.F);
    type("running");
    key(KeyCode.ENTER);
    key(KeyCode.ESCAPE);
    key(KeyCode.DELETE);
    assertThat(table().across().leaves()).hasSize(3);
    assertThat(worn().name()).isEqualTo("APA 7");
    assertThat(slugTitle()).isEqualTo("Tickets Held by Passengers");
    atMost(14, "a frequency table in the style of APA 7");
  }

  @Test
  public void aCrosstabRestyledTurnedAndTrimmed() {
    landings(4);
    say("wear ledger");
    key(KeyCode.CONTROL, KeyCode.DIGIT2);
    key(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.X);
    key(KeyCode.CONTROL, KeyCode.F);
    type("Both");
    key(KeyCode.ENTER);
    key(KeyCode.ESCAPE);
    key(KeyCode.DELETE);
    Table table = table();
    assertThat(table.down().leaves()).hasSize(2);
    assertThat(worn().name()).isEqualTo("Ledger");
    atMost(12, "a crosstab restyled, turned and trimmed");
  }

  @Test
  public void theArrowKeysGoFarWithCtrl() {
    open("landings.csv", quarters("Landings", new Random(9)));
    key(KeyCode.CONTROL, KeyCode.F);
    type("Neap");
    key(KeyCode.ENTER);
    key(KeyCode.ESCAPE);
    times(1, KeyCode.CONTROL, KeyCode.DOWN);
    assertThat(picked()).isEqualTo(new CellMeaning.Body(3, 1));
    times(1, KeyCode.CONTROL, KeyCode.RIGHT);
    assertThat(picked()).isEqualTo(new CellMeaning.Body(3, 2));
    assertThat(ask(() -> desk().document().tables())).extracting(DocumentTable::source).hasSize(1);
  }
}
