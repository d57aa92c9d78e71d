package app.finish.core.check.demand;

import app.finish.core.Finishing;
import app.finish.core.arrange.formula.Formulas;
import app.finish.core.check.Check;
import app.finish.core.check.Checked;
import app.finish.core.check.Finding;
import app.finish.core.check.Fit;
import app.finish.core.check.Mend;
import app.finish.core.check.across.AcrossTables;
import app.finish.core.document.Document;
import app.finish.core.document.DocumentTable;
import app.finish.core.layout.Paper;
import app.finish.core.layout.font.Fonts;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.style.Cascade;
import app.finish.core.style.Selector;
import app.finish.core.style.StyleBook;
import app.finish.core.table.Body;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.Predicate;

/// Holds the tables of a document against checks, and mends what can be mended.
///
/// ```java
/// Inspection inspection = new Inspection(sending::styles, formulas, Checks::demandedBy);
/// List<Finding> findings = inspection.of(document, 0);
/// Document mended = inspection.mended(document, 0);
/// ```
public final class Inspection {
  private static final int ROUNDS = 60;

  /// Larger tables are held against what was recognised of them alone.
  private static final long MOST_CELLS = 60_000;

  private final Function<Document, StyleBook> styles;
  private final Formulas formulas;
  private final Function<Cascade, Checks> demanded;
  private final Function<DocumentTable, Recognition> recognised;
  private final Optional<Page> page;

  /// A page that tables go on.
  private record Page(Paper paper, Fonts fonts) {}

  /// @param styles the styles that a document can wear
  /// @param formulas what reads the expressions of calculated measures
  /// @param demanded which checks a style demands
  public Inspection(
      Function<Document, StyleBook> styles, Formulas formulas, Function<Cascade, Checks> demanded) {
    this(
        styles,
        formulas,
        demanded,
        table -> Finishing.recognition(table.source(), table.finish().corrections()));
  }

  /// @param recognised what is recognised of a table, if that is remembered elsewhere
  public Inspection(
      Function<Document, StyleBook> styles,
      Formulas formulas,
      Function<Cascade, Checks> demanded,
      Function<DocumentTable, Recognition> recognised) {
    this(styles, formulas, demanded, recognised, Optional.empty());
  }

  private Inspection(
      Function<Document, StyleBook> styles,
      Formulas formulas,
      Function<Cascade, Checks> demanded,
      Function<DocumentTable, Recognition> recognised,
      Optional<Page> page) {
    this.styles = styles;
    this.formulas = formulas;
    this.demanded = demanded;
    this.recognised = recognised;
    this.page = page;
  }

  /// The same, which also lays tables out on a page and asks whether it holds them, and whether one
  /// does.
  public Inspection on(Paper paper, Fonts fonts) {
    return new Inspection(
        styles, formulas, demanded, recognised, Optional.of(new Page(paper, fonts)));
  }

  /// What does not hold of the table in a place.
  public List<Finding> of(Document document, int index) {
    DocumentTable table = document.table(index);
    StyleBook book = styles.apply(document);
    Recognition recognition = recognised.apply(table);
    Finishing finishing =
        Finishing.of(table, recognition).calculating(formulas).saying(document.wording());
    Cascade cascade = book.cascade(table.finish().style()).touched(table.finish().touches());
    Checks asked = demanded.apply(cascade);
    Checked checked =
        table.source().tally().isPresent()
            ? Checked.NOTHING.recognised(recognition)
            : Checked.of(recognition, table.source().grid());
    checked =
        checked
            .dressedBy(cascade)
            .highlightedBy(table.finish().highlights())
            .described(!table.finish().description().isEmpty());
    Body body = recognition.table().body();
    if ((long) body.rows() * body.columns() <= MOST_CELLS) {
      Finishing.Numbered numbered = finishing.in(book).numbered(document.numeral(index));
      checked = checked.arranged(finishing.table()).dressedAs(numbered.dressed());
      checked =
          page.filter(_ -> asked.checks().stream().anyMatch(Check::looksAtPage))
              .flatMap(on -> tooLarge(numbered, on))
              .map(checked::laidOut)
              .orElse(checked);
    }
    return withStyle(document, table.finish().style(), asked.of(checked));
  }

  private static Optional<Fit> tooLarge(Finishing.Numbered table, Page page) {
    return Fit.ofTooLarge(table.ready(), table.cascade(), table.number(), page.paper, page.fonts);
  }

  /// Where a table wears a style that the document holds, what would mend the table can mend the
  /// style instead.
  private static List<Finding> withStyle(Document document, String style, List<Finding> findings) {
    boolean own = document.styles().stream().anyMatch(one -> one.name().equals(style));
    return own ? findings.stream().map(one -> withStyle(one, style)).toList() : findings;
  }

  private static Finding withStyle(Finding finding, String style) {
    List<Mend> mends = new ArrayList<>(finding.mends());
    for (Mend mend : finding.mends()) {
      if (mend instanceof Mend.Touch touch && !(touch.selector() instanceof Selector.OfPlace)) {
        String words = touch.words() + ", in the style " + style;
        mends.add(
            new Mend.Restyle(words, style, touch.selector(), touch.property(), touch.setting()));
      }
    }
    return finding.mendedBy(mends.toArray(Mend[]::new));
  }

  /// What is worth knowing of the tables of a document beside each other, by their places.
  public Map<Integer, List<Finding>> across(Document document) {
    StyleBook book = styles.apply(document);
    List<AcrossTables.Subject> subjects = new ArrayList<>();
    List<Integer> places = new ArrayList<>();
    for (int index : document.tablePlaces()) {
      DocumentTable table = document.table(index);
      Recognition recognition = recognised.apply(table);
      Body body = recognition.table().body();
      if ((long) body.rows() * body.columns() <= MOST_CELLS) {
        Finishing finishing =
            Finishing.of(table, recognition).calculating(formulas).saying(document.wording());
        String number = document.numeral(index);
        places.add(index);
        subjects.add(
            new AcrossTables.Subject(
                "Table " + number,
                finishing.table(),
                finishing.in(book).numbered(number).dressed()));
      }
    }
    AcrossTables all = new AcrossTables(subjects);
    Map<Integer, List<Finding>> found = new TreeMap<>();
    for (int i = 0; i < places.size(); i++) {
      found.put(places.get(i), all.of(i));
    }
    return found;
  }

  /// What does not hold of the table in a place and was not left with a reason.
  public List<Finding> open(Document document, int index) {
    Set<String> left = document.table(index).finish().left().keySet();
    return of(document, index).stream().filter(one -> !left.contains(one.key())).toList();
  }

  /// The document with all of one kind mended in one table, by the mend that is offered first.
  ///
  /// @param check the check whose findings are mended
  public Document mended(Document document, int index, String check) {
    return asking(check).mended(document, index, one -> one.check().equals(check), _ -> true);
  }

  /// The same, which asks one thing alone where it is known by its name.
  private Inspection asking(String check) {
    return new Inspection(
        styles,
        formulas,
        cascade -> {
          Checks all = demanded.apply(cascade);
          return all.named(check).map(one -> new Checks(List.of(one))).orElse(all);
        },
        recognised,
        page);
  }

  /// The document with everything mended in one table that can be mended without asking. A thread
  /// that is interrupted mends nothing.
  public Document mended(Document document, int index) {
    return mended(document, index, _ -> true, Mend::isSafe);
  }

  private Document mended(
      Document document, int index, Predicate<Finding> which, Predicate<Mend> mends) {
    Document mended = document;
    for (int round = 0; round < ROUNDS; round++) {
      if (Thread.currentThread().isInterrupted()) {
        return document;
      }
      Document before = mended;
      Optional<Document> after =
          open(before, index).stream()
              .filter(which)
              .flatMap(finding -> finding.mends().stream().limit(1))
              .filter(mends)
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
