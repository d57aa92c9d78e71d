package app.finish.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.dress.CellMeaning;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.table.Table;
import java.nio.file.Files;
import java.util.List;
import javafx.scene.input.KeyCode;
import org.testng.annotations.Test;

/// Whole jobs on tables of people's own by mouse, from the table to the result. Each has a most of
/// actions that it may take.
public class JobsTest extends CountedJobs {
  /// Makes a style of one's own in the colours of a file.
  private void styleInThePaletteOf(String name, String colours) {
    tap("#new-style-name");
    type(name);
    tap("#make-based");
    tap("#leaf-palette");
    answers.files.add(file(name + ".txt", colours));
    tap("#palette-import");
    countOne();
    tap("#palette-keep");
  }

  private void headsAndStripes(String fill, String ink) {
    tap("#leaf-parts");
    height("All heads");
    colour("#property-fill", fill);
    colour("#property-ink", ink);
    tap("#leaf-try-on");
    tap("#bands-rows");
  }

  @Test
  public void aHouseStyleFromScratchOnFiveTables() {
    fiveTables();
    key(KeyCode.CONTROL, KeyCode.DIGIT3);
    tap("#new-style-name");
    type("Quay house");
    tap("#make-scratch");
    tap("#leaf-parts");
    choose("#property-face", "Georgia");
    choose("#property-size", "9 pt");
    height("All heads");
    choose("#property-weight", "bold");
    colour("#property-fill", "accent");
    colour("#property-ink", "onAccent");
    height("All totals");
    choose("#property-weight", "bold");
    tap("#chapter-2");
    choose("#property-ruleAbove-weight", "0.75 pt");
    height("Everything");
    choose("#property-ruleBelow-weight", "1 pt");
    tap("#leaf-try-on");
    tap("#bands-rows");
    tap("#scope-all");
    tap("#style-quay-house");
    List<String> wearing =
        ask(() -> desk().document().tables().stream().map(one -> one.finish().style()).toList());
    assertThat(wearing).hasSize(5).containsOnly("Quay house");
    assertThat(ask(() -> desk().document().tables().stream().map(this::touches).toList()))
        .containsOnly(0);
    assertThat(look(PartName.TABLE).face()).isEqualTo("Georgia");
    assertThat(look(PartName.TABLE, PartName.HEADS).fill()).isPresent();
    assertThat(cell(new CellMeaning.Body(3, 0)).look().ruleAbove().weight()).isEqualTo(0.75);
    assertThat(cell(new CellMeaning.Body(1, 0)).look().fill()).isPresent();
    atMost(38, "a house style from scratch, on five tables");
  }

  @Test
  public void aClientsLookSavedAndMadeTheDefault() {
    landings(1);
    key(KeyCode.CONTROL, KeyCode.DIGIT3);
    styleInThePaletteOf("Client", "#0b3d2e\n#c28a2a\n#f4e3bd\n#8a1f12\n");
    tap("#leaf-try-on");
    tap("#wear-always");
    choose("#wear-counts", "Client");
    choose("#wear-statistics", "Client");
    waitFor(() -> Files.exists(folder.resolve("library").resolve("client.json")));
    assertThat(ask(() -> desk().dressing().habits().wear().styles().values()))
        .containsOnly("Client");
    atMost(18, "a client's look, saved and made the default");
  }

  @Test
  public void aRuleUnderASubtotalForChosenColumns() {
    openDemo();
    key(KeyCode.CONTROL, KeyCode.DIGIT3);
    pick(new CellMeaning.Body(4, 1));
    alsoPick(new CellMeaning.Body(4, 3));
    tap("#chapter-2");
    choose("#property-ruleBelow-weight", "1 pt");
    for (int column = 0; column < 5; column++) {
      boolean ruled = cell(new CellMeaning.Body(4, column)).look().ruleBelow().weight() == 1;
      assertThat(ruled).isEqualTo(column == 1 || column == 3);
    }
    key(KeyCode.CONTROL, KeyCode.Z);
    assertThat(cell(new CellMeaning.Body(4, 3)).look().ruleBelow().isDrawn()).isFalse();
    atMost(20, "a rule under a subtotal for chosen columns, taken back");
  }

  @Test
  public void aColouredStyleWithStripes() {
    landings(2);
    key(KeyCode.CONTROL, KeyCode.DIGIT3);
    tap("#make-based");
    headsAndStripes("good", "paper");
    assertThat(worn().shipped()).isFalse();
    assertThat(cell(new CellMeaning.Head(0, 0, 0)).look().fill()).isPresent();
    assertThat(cell(new CellMeaning.Body(1, 0)).look().fill()).isPresent();
    assertThat(cell(new CellMeaning.Body(0, 0)).look().fill()).isEmpty();
    atMost(10, "a coloured style with stripes");
  }

  @Test
  public void aBandedBrandStyle() {
    landings(3);
    key(KeyCode.CONTROL, KeyCode.DIGIT3);
    styleInThePaletteOf("Brand", "#1b3a5c\n#d9531e\n#f2f2f2\n");
    headsAndStripes("accent", "onAccent");
    choose("#bands-rows-together", "2");
    assertThat(ask(() -> desk().dressing().cascade().look(alternate()).setting(Property.TOGETHER)))
        .isEqualTo("2");
    atMost(20, "a banded brand style");
  }

  @Test
  public void descriptivesRepivotedWithALayer() {
    descriptives();
    key(KeyCode.CONTROL, KeyCode.DIGIT2);
    tap("#down-1-over");
    tap("#down-1-hold");
    tap("#held-1-next");
    assertRepivoted();
    atMost(16, "descriptives re-pivoted with a layer");
  }

  @Test
  public void theTenLargestTheRestGatheredPercentsAndTotals() {
    harbours();
    key(KeyCode.CONTROL, KeyCode.DIGIT2);
    pick(new CellMeaning.Body(0, 0));
    tap("#rows-largest");
    pick(new CellMeaning.Body(0, 0));
    tap("#rows-gather");
    tap("#rows-keep");
    tap("#calculate-expression");
    type("share_of_total(Value)");
    key(KeyCode.ENTER);
    pick(new CellMeaning.Stub(0, 0));
    tap("#add-totals");
    Table table = table();
    assertTenAndTheRest();
    atMost(16, "the ten largest, the rest gathered, percents and totals");
  }

  @Test
  public void aFrequencyTableInTheStyleOfApa() {
    open("ticket.txt", TICKETS);
    countAnew();
    key(KeyCode.CONTROL, KeyCode.DIGIT3);
    tap("#style-apa-7");
    key(KeyCode.CONTROL, KeyCode.T);
    type("Tickets held by passengers");
    key(KeyCode.ENTER);
    key(KeyCode.CONTROL, KeyCode.DIGIT2);
    pick(new CellMeaning.Head(0, 3, 3));
    hand.interact(() -> window.proof().requestFocus());
    key(KeyCode.DELETE);
    assertThat(table().across().leaves()).hasSize(3);
    assertThat(worn().name()).isEqualTo("APA 7");
    assertThat(slugTitle()).isEqualTo("Tickets Held by Passengers");
    atMost(14, "a frequency table in the style of APA 7");
  }

  @Test
  public void aCrosstabRestyledTurnedAndTrimmed() {
    landings(4);
    key(KeyCode.CONTROL, KeyCode.DIGIT3);
    tap("#style-ledger");
    key(KeyCode.CONTROL, KeyCode.DIGIT2);
    tap("#swap-axes");
    pick(new CellMeaning.Stub(0, 2));
    alsoPick(new CellMeaning.Head(0, 1, 1));
    hand.interact(() -> window.proof().requestFocus());
    key(KeyCode.DELETE);
    Table table = table();
    assertThat(table.down().leaves()).hasSize(2);
    assertThat(table.across().leaves()).hasSize(3);
    assertThat(worn().name()).isEqualTo("Ledger");
    atMost(12, "a crosstab restyled, turned and trimmed");
  }
}
