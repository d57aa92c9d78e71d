package app.finish.formats.samples;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.Finishing;
import app.finish.core.arrange.formula.Formulas;
import app.finish.core.check.Finding;
import app.finish.core.check.demand.Checks;
import app.finish.core.check.demand.Inspection;
import app.finish.core.document.Document;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.formats.style.StyleFile;
import java.util.List;
import org.testng.annotations.Test;

/// Tables of results as a journal prints them: no rule is broken, and no figure is another.
public class ResultTablesTest {
  private static List<List<String>> texts(Document document, int index, DressedRow.Band band) {
    return Finishing.of(document.table(index))
        .saying(document.wording())
        .in(StyleFile.shipped())
        .numbered(document.numeral(index))
        .dressed()
        .band(band)
        .stream()
        .map(row -> row.cells().stream().map(DressedCell::text).toList())
        .toList();
  }

  @Test
  public void noneOfThemBreaksARule() throws Exception {
    Document document = ResultTables.document();
    Inspection inspection =
        new Inspection(
            all -> StyleFile.shipped(),
            Formulas.NONE,
            Checks::demandedBy,
            table -> Finishing.recognition(table.source(), table.finish().corrections()));
    for (int i = 0; i < document.items().size(); i++) {
      assertThat(inspection.of(document, i)).extracting(Finding::sentence).isEmpty();
    }
  }

  @Test
  public void whatStandsTogetherKeepsItsFigures() throws Exception {
    Document document = ResultTables.document();
    assertThat(texts(document, 0, DressedRow.Band.BODY).getFirst())
        .containsExactly("Comfort", "921", "3.31 (0.815)", "0.027", "3.25", "1.00");
    assertThat(texts(document, 3, DressedRow.Band.BODY))
        .anySatisfy(row -> assertThat(row.getLast()).isEqualTo("[−0.249, −0.062]"))
        .anySatisfy(row -> assertThat(row.getLast()).isEqualTo("[0.412, 0.527]"));
    assertThat(texts(document, 2, DressedRow.Band.BODY))
        .containsExactly(
            List.of("1. Comfort", "—", "", ""),
            List.of("2. Trust", ".485**", "—", ""),
            List.of("3. Crowding", "−.361**", "−.160**", "—"));
  }

  @Test
  public void notesOfAKindAreOneParagraph() throws Exception {
    Document document = ResultTables.document();
    assertThat(texts(document, 3, DressedRow.Band.BELOW))
        .containsExactly(
            List.of("Note. Outcome: comfort. SE = standard error; CI = confidence interval."));
    assertThat(texts(document, 1, DressedRow.Band.BELOW))
        .containsExactly(List.of("a R² = .003 (adjusted R² = −.005)."));
  }
}
