package app.finish.core.check.apa;

import app.finish.core.check.Finding;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Stream;

/// The table is single, one and a half or double spaced, alike throughout; number, title and notes
/// are double spaced.
public final class SpacingIsEven extends ApaCheck {
  private static final double ALIKE = 0.05;

  public SpacingIsEven() {
    super(
        "spacing",
        "The table is single, one and a half or double spaced throughout, number, title and notes"
            + " double",
        "7.8");
  }

  @Override
  void look(Subject subject, Consumer<Finding> found) {
    List<DressedCell> cells =
        subject.rows().stream().filter(DressedRow::isTable).flatMap(SpacingIsEven::said).toList();
    Optional<DressedCell> first = cells.stream().filter(SpacingIsEven::isFigure).findFirst();
    Set<String> said = new HashSet<>();
    if (first.isPresent()) {
      double most = first.get().look().lineHeight();
      if (!isSpacing(most)) {
        found.accept(spaced(subject, first.get(), "single", "1.2", "Body"));
        return;
      }
      cells.stream()
          .filter(cell -> Math.abs(cell.look().lineHeight() - most) > ALIKE)
          .filter(cell -> said.add(cell.part().label()))
          .forEach(
              cell ->
                  found.accept(
                      spaced(
                          subject,
                          cell,
                          "as the figures",
                          first.get().look().setting(Property.LINE_HEIGHT),
                          cell.part().label())));
    }
    subject.rows().stream()
        .filter(row -> !row.isTable())
        .flatMap(SpacingIsEven::said)
        .filter(cell -> Math.abs(cell.look().lineHeight() - 2) > ALIKE)
        .filter(cell -> said.add(cell.part().label()))
        .forEach(cell -> found.accept(spaced(subject, cell, "double", "2", cell.part().label())));
  }

  private Finding spaced(
      Subject subject, DressedCell cell, String should, String height, String part) {
    return at(
        cell,
        cell.look().setting(Property.LINE_HEIGHT),
        height,
        part
            + " has lines "
            + cell.look().setting(Property.LINE_HEIGHT)
            + " apart, not "
            + should
            + ".",
        set(
            subject,
            "Space it " + should,
            Selector.of(cell.part().name()),
            Property.LINE_HEIGHT,
            height));
  }

  private static Stream<DressedCell> said(DressedRow row) {
    return row.cells().stream().filter(cell -> !cell.text().isEmpty());
  }

  private static boolean isFigure(DressedCell cell) {
    return cell.part().name() == PartName.BODY;
  }

  private static boolean isSpacing(double height) {
    return height >= 1 && height <= 1.3
        || Math.abs(height - 1.5) < ALIKE
        || Math.abs(height - 2) < ALIKE;
  }
}
