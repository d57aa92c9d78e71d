package app.finish.core.check.demand;

import app.finish.core.Finishing;
import app.finish.core.arrange.formula.Formulas;
import app.finish.core.check.Checked;
import app.finish.core.check.Finding;
import app.finish.core.check.Mend;
import app.finish.core.document.Document;
import app.finish.core.document.DocumentTable;
import app.finish.core.style.Cascade;
import app.finish.core.style.StyleBook;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/// Holds the tables of a document against checks, and mends what can be mended.
///
/// ```java
/// Inspection inspection = new Inspection(sending::styles, formulas, Checks::demandedBy);
/// List<Finding> findings = inspection.of(document, 0);
/// Document mended = inspection.mended(document, 0);
/// ```
public final class Inspection {
  private static final int ROUNDS = 60;

  private final Function<Document, StyleBook> styles;
  private final Formulas formulas;
  private final Function<Cascade, Checks> demanded;

  /// @param styles the styles that a document can wear
  /// @param formulas what reads the expressions of calculated measures
  /// @param demanded which checks a style demands
  public Inspection(
      Function<Document, StyleBook> styles, Formulas formulas, Function<Cascade, Checks> demanded) {
    this.styles = styles;
    this.formulas = formulas;
    this.demanded = demanded;
  }

  /// What does not hold of the table in a place.
  public List<Finding> of(Document document, int index) {
    DocumentTable table = document.table(index);
    StyleBook book = styles.apply(document);
    Finishing finishing = Finishing.of(table).calculating(formulas);
    Cascade cascade = book.cascade(table.finish().style()).touched(table.finish().touches());
    Checked checked =
        table.source().tally().isPresent()
            ? Checked.NOTHING.recognised(finishing.recognition())
            : Checked.of(finishing.recognition(), table.source().grid());
    return demanded
        .apply(cascade)
        .of(
            checked
                .arranged(finishing.table())
                .dressedBy(cascade)
                .highlightedBy(table.finish().highlights())
                .dressedAs(finishing.in(book).numbered(document.number(index)).dressed()));
  }

  /// The document with everything mended in one table that can be mended without asking.
  public Document mended(Document document, int index) {
    Document mended = document;
    for (int round = 0; round < ROUNDS; round++) {
      Document before = mended;
      Optional<Document> after =
          of(before, index).stream()
              .flatMap(finding -> finding.mends().stream().filter(Mend::isSafe).limit(1))
              .map(mend -> mend.on(before, index))
              .filter(one -> !one.equals(before))
              .findFirst();
      if (after.isEmpty()) {
        return mended;
      }
      mended = after.get();
    }
    return mended;
  }
}
