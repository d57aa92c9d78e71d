package app.finish.core.check.demand;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.Finishing;
import app.finish.core.RandomStyles;
import app.finish.core.RandomTables;
import app.finish.core.Seeds;
import app.finish.core.arrange.formula.Formulas;
import app.finish.core.check.Finding;
import app.finish.core.check.Mend;
import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.StyleBook;
import app.finish.core.style.Touches;
import java.util.List;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// After everything safe is mended nothing safe is left to mend, mending again changes nothing, and
/// what a table says is as it was.
public class SafeMendsTest {
  private static final int MOST_TOUCHES = 6;
  private static final List<Property> TOUCHED =
      List.of(
          Property.WEIGHT,
          Property.SLANT,
          Property.ALIGN,
          Property.FILL,
          Property.RULE_LEFT,
          Property.RULE_BELOW,
          Property.RULE_BETWEEN_ROWS,
          Property.RULE_BETWEEN_COLUMNS,
          Property.ZERO_BEFORE_POINT,
          Property.NEGATIVE,
          Property.UNIT_PLACE,
          Property.DECIMALS,
          Property.FACE,
          Property.SIZE,
          Property.LETTER_CASE,
          Property.FRAME);

  @DataProvider
  public Object[][] seeds() {
    return Seeds.many(250);
  }

  private static Touches touches(Random random) {
    Touches touches = Touches.NONE;
    int many = random.nextInt(MOST_TOUCHES);
    for (int i = 0; i < many; i++) {
      Property property = TOUCHED.get(random.nextInt(TOUCHED.size()));
      Selector selector =
          random.nextInt(3) == 0
              ? Selector.of(PartName.values()[random.nextInt(PartName.values().length)])
              : RandomStyles.selector(random);
      touches = touches.with(selector, property, RandomStyles.setting(property, random));
    }
    return touches;
  }

  private static Document document(int seed) {
    Finish finish = Finish.in("APA 7").withTouches(touches(new Random(seed)));
    return Document.EMPTY.withAdded(new Source("made", new RandomTables(seed).grid()), finish);
  }

  private static Inspection inspection() {
    StyleBook book = StyleBook.of(List.of(ApaStyle.STYLE));
    return new Inspection(_ -> book, Formulas.NONE, Checks::demandedBy);
  }

  private static boolean isSafe(Finding finding) {
    return finding.mends().stream().limit(1).anyMatch(Mend::isSafe);
  }

  @Test(dataProvider = "seeds")
  public void nothingSafeIsLeftAndNothingElseChanges(int seed) {
    Document document = document(seed);
    Inspection inspection = inspection();
    Document mended = inspection.mended(document, 0);
    assertThat(inspection.of(mended, 0).stream().filter(SafeMendsTest::isSafe))
        .as("%s", document.table(0).finish().touches().each())
        .isEmpty();
    assertThat(inspection.mended(mended, 0)).isEqualTo(mended);
    assertThat(Finishing.of(mended.table(0)).table().body())
        .isEqualTo(Finishing.of(document.table(0)).table().body());
    assertThat(mended.table(0).finish().words()).isEqualTo(document.table(0).finish().words());
  }

  /// Whoever mends one kind asks for nothing else, and gets what all the checks would mend.
  @Test(dataProvider = "seeds")
  public void aKindIsMendedAlone(int seed) {
    Document document = document(seed);
    Inspection inspection = inspection();
    for (Finding finding : inspection.open(document, 0)) {
      if (!finding.mends().isEmpty()) {
        Document mended = inspection.mended(document, 0, finding.check());
        assertThat(mended).as(finding.check()).isNotEqualTo(document);
        Thread.currentThread().interrupt();
        assertThat(inspection.mended(document, 0, finding.check())).isEqualTo(document);
        assertThat(Thread.interrupted()).isTrue();
      }
    }
  }
}
