package app.finish.core.check.apa;

import app.finish.core.check.Finding;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import java.util.Set;
import java.util.function.Consumer;

/// All parts are set in one face that can be read well, in 10 points or more.
public final class FaceIsOne extends ApaCheck {
  private static final double LEAST = 10;
  private static final Set<String> FACES =
      Set.of(
          "times new roman",
          "calibri",
          "arial",
          "georgia",
          "lucida sans unicode",
          "computer modern",
          "liberation serif",
          "liberation sans",
          "carlito");

  public FaceIsOne() {
    super("face", "All parts are in one readable face, in 10 points or more", "2.19 and 7.8");
  }

  @Override
  void look(Subject subject, Consumer<Finding> found) {
    String face = subject.dressed().root().face();
    if (!FACES.contains(face.toLowerCase(java.util.Locale.ROOT))) {
      found.accept(
          on(
              PartName.TABLE,
              face,
              "Times New Roman",
              "The face is " + face + ", which is none of those that the manual names.",
              set(
                  subject,
                  "Set it in Times New Roman",
                  Selector.of(PartName.TABLE),
                  Property.FACE,
                  "Times New Roman")));
    }
    Set<String> said = new java.util.HashSet<>();
    for (DressedRow row : subject.rows()) {
      for (DressedCell cell : row.cells()) {
        look(subject, cell, face, said, found);
      }
    }
  }

  private void look(
      Subject subject, DressedCell cell, String face, Set<String> said, Consumer<Finding> found) {
    if (cell.text().isEmpty()) {
      return;
    }
    String part = cell.part().label();
    Selector selector = Selector.of(cell.part().name());
    if (!cell.look().face().equals(face) && said.add(part + " face")) {
      found.accept(
          at(
              cell,
              cell.look().face(),
              face,
              part + " is in another face than the table.",
              set(
                  subject,
                  "Set it in " + face,
                  from(cell.look(), Property.FACE, selector),
                  Property.FACE,
                  face)));
    }
    if (cell.look().size() < LEAST && said.add(part + " size")) {
      found.accept(
          at(
              cell,
              cell.look().setting(Property.SIZE),
              "10 pt",
              part + " is smaller than 10 points.",
              set(
                  subject,
                  "Set it in 10 points",
                  from(cell.look(), Property.SIZE, selector),
                  Property.SIZE,
                  "10 pt")));
    }
  }
}
