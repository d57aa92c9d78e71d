package app.finish.desktop.model;

import app.finish.core.arrange.Arranged;
import app.finish.core.check.Finding;
import app.finish.core.check.HighlightsSeen;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.highlight.CellNames;
import app.finish.core.highlight.Condition;
import app.finish.core.highlight.Found;
import app.finish.core.highlight.Highlight;
import app.finish.core.highlight.Matches;
import app.finish.core.highlight.Operand;
import app.finish.core.number.NumberReader;
import app.finish.core.style.Property;
import app.finish.core.table.Measure;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.desktop.kit.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/// What the chosen highlight matches in the table as it is shown, and what is told of it.
public final class HighlightMatches {
  private final Desk desk;
  private final Highlighting highlighting;
  private final ReadOnlyObjectWrapper<Optional<Matches>> lit =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private final ReadOnlyObjectWrapper<Found> found = new ReadOnlyObjectWrapper<>(Found.NOTHING);

  HighlightMatches(Desk desk, Highlighting highlighting) {
    this.desk = desk;
    this.highlighting = highlighting;
  }

  /// Where the chosen highlight lies on the table as it is shown; nothing outside this step.
  public ReadOnlyObjectProperty<Optional<Matches>> litProperty() {
    return lit.getReadOnlyProperty();
  }

  /// What the chosen highlight matches.
  public ReadOnlyObjectProperty<Found> foundProperty() {
    return found.getReadOnlyProperty();
  }

  void look() {
    Optional<Shown> shown = desk.shownProperty().get();
    boolean here = desk.stepProperty().get() == Step.HIGHLIGHT;
    if (!here || shown.isEmpty() || highlighting.one().isEmpty()) {
      lit.set(Optional.empty());
      found.set(Found.NOTHING);
      return;
    }
    Arranged arranged = shown.get().arranged();
    Matches matches =
        Matches.of(
            highlighting.one().get().switched(true),
            CellNames.of(arranged),
            desk.sending().formulas().ofCells());
    lit.set(Optional.of(matches));
    Shown now = shown.get();
    desk.worker()
        .draw(
            () -> Found.of(matches, arranged.table()),
            counted -> {
              if (lit.get().filter(one -> one == matches).isPresent()) {
                found.set(withUnseen(withRounded(counted, matches, now), matches.highlight()));
              }
            },
            desk::tell);
  }

  /// Adds a warning for what can't be read or told apart by everyone.
  private Found withUnseen(Found found, Highlight highlight) {
    List<String> more = new ArrayList<>(found.warnings());
    String named = "“" + highlight.title() + "”. ";
    for (Finding finding : new HighlightsSeen().findings(highlight, desk.dressing().cascade())) {
      more.add(finding.sentence().replace(named, ""));
    }
    return found.with(more);
  }

  /// Adds a warning for figures that read otherwise than they compare: 84.6 that reads as 85 and is
  /// marked as below 85.
  private static Found withRounded(Found found, Matches matches, Shown shown) {
    if (!(matches.highlight().when()
        instanceof Condition.Compared(Condition.Sign sign, Operand.Number(double bound)))) {
      return found;
    }
    for (Spot.Figure spot : found.first().subList(0, Math.min(40, found.first().size()))) {
      Optional<DressedCell> cell =
          LooksInWords.cell(shown.scroll(), new CellMeaning.Body(spot.row(), spot.column()));
      Optional<Double> printed =
          cell.flatMap(one -> NumberReader.POINT.read(one.bareText().replaceAll("[^0-9.−,-]", "")))
              .map(one -> one.value());
      double exact = shown.arranged().table().body().number(spot.row(), spot.column());
      if (printed.isPresent() && sign.holds(exact, bound) && !sign.holds(printed.get(), bound)) {
        List<String> more = new ArrayList<>(found.warnings());
        more.add(Texts.of("highlight.rounded", cell.orElseThrow().bareText().strip(), "" + exact));
        return found.with(more);
      }
    }
    return found;
  }

  /// Whether a figure reads otherwise than it compares.
  public boolean readsOtherwise() {
    return found.get().warnings().stream()
        .anyMatch(one -> one.contains(Texts.of("highlight.reads")));
  }

  /// Shows one decimal more of the measures that the chosen highlight is about.
  public void addDecimal() {
    Optional<Shown> shown = desk.shownProperty().get();
    if (shown.isEmpty() || found.get().first().isEmpty()) {
      return;
    }
    Spot.Figure spot = found.get().first().getFirst();
    Measure measure = shown.get().arranged().table().measureAt(spot.row(), spot.column());
    int now =
        LooksInWords.cell(shown.get().scroll(), new CellMeaning.Body(spot.row(), spot.column()))
            .map(cell -> cell.look().numbers().decimals())
            .orElse(0);
    desk.dressing()
        .looks()
        .change(
            new app.finish.core.style.Selector.OfMeasure(measure.name()),
            Property.DECIMALS,
            "" + Math.min(9, Math.max(0, now) + 1));
  }

  /// Picks a figure that was found, and brings it in sight.
  public void goTo(Spot.Figure spot) {
    desk.shownProperty()
        .get()
        .flatMap(
            shown ->
                LooksInWords.cell(shown.scroll(), new CellMeaning.Body(spot.row(), spot.column())))
        .ifPresent(
            cell -> desk.pickProperty().set(Optional.of(new Pick(cell.place(), cell.part(), 0))));
  }

  /// The labels that lead to a figure, and what is printed there.
  public String words(Spot.Figure spot) {
    Optional<Shown> shown = desk.shownProperty().get();
    if (shown.isEmpty()) {
      return "";
    }
    Table table = shown.get().arranged().table();
    if (spot.row() >= table.body().rows() || spot.column() >= table.body().columns()) {
      return "";
    }
    List<String> labels = new ArrayList<>(table.down().leaves().get(spot.row()).labels());
    labels.addAll(table.across().leaves().get(spot.column()).labels());
    String printed =
        LooksInWords.cell(shown.get().scroll(), new CellMeaning.Body(spot.row(), spot.column()))
            .map(DressedCell::text)
            .orElse(table.body().at(spot.row(), spot.column()).written());
    return Shown.path(labels) + ": " + printed;
  }
}
