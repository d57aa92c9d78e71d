package app.finish.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.arrange.make.SwapAxes;
import app.finish.core.check.demand.Checks;
import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.grid.Grid;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.colour.Colour;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Each mend changes what it names of its own table, and nothing else of the document.
public class MendTest {
  private static final Document TWO =
      Document.EMPTY
          .withAdded(new Source("a", Grid.ofText("Route | Fares", "Hale | 1")), Finish.in("Plain"))
          .withAdded(new Source("b", Grid.ofText("Route | Fares", "Hale | 2")), Finish.in("Plain"));

  @DataProvider
  public Object[] ofTables() {
    return new Object[] {
      new Mend.Touch("smaller", "", Selector.of(PartName.TABLE), Property.SIZE, "80%"),
      new Mend.Arrange("", new SwapAxes()),
      new Mend.Correct("", said -> said.withHeadRows(2)),
      new Mend.Reword("", PartName.TITLE, "Fares")
    };
  }

  @Test(dataProvider = "ofTables")
  public void aMendOfATableLeavesTheOthers(Mend mend) {
    Document mended = mend.on(TWO, 1);
    assertThat(mended.table(0)).isEqualTo(TWO.table(0));
    assertThat(mended.table(1).source()).isEqualTo(TWO.table(1).source());
    assertThat(mended.table(1).finish()).isNotEqualTo(TWO.table(1).finish());
    assertThat(mended.palette()).isEqualTo(TWO.palette());
  }

  @Test
  public void anInkIsTheDocuments() {
    Document mended = new Mend.Ink("", "accent", new Colour(0x123456)).on(TWO, 0);
    assertThat(mended.items()).isEqualTo(TWO.items());
    assertThat(mended.palette().roles()).containsEntry("accent", new Colour(0x123456));
  }

  @Test
  public void aPageIsNoPartOfADocument() {
    assertThat(new Mend.TurnPage("").on(TWO, 0)).isEqualTo(TWO);
  }

  @Test
  public void eachCheckHasAnIdOfItsOwnAndSaysWhatItAsksAndWhy() {
    List<Check> checks = Checks.ALL.checks();
    assertThat(checks).extracting(Check::id).doesNotHaveDuplicates();
    assertThat(checks)
        .allSatisfy(
            check -> {
              assertThat(check.id()).matches("[a-z-]+\\.[a-z-]+");
              assertThat(check.asks()).doesNotEndWith(".");
              assertThat(check.why()).endsWith(".");
              assertThat(check.findings(Checked.NOTHING)).isEmpty();
            });
  }

  @Test
  public void itemsKeepTheirNumbersByKind() {
    assertThat(TWO.number(0)).isEqualTo(1);
    assertThat(TWO.number(1)).isEqualTo(2);
    assertThat(TWO.indexOf(TWO.items().get(1).id())).isEqualTo(1);
    assertThat(TWO.indexOf("none")).isEqualTo(-1);
  }
}
