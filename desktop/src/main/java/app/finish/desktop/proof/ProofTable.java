package app.finish.desktop.proof;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.layout.CellBox;
import app.finish.core.table.Leaf;
import app.finish.core.table.Table;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Shown;
import java.util.ArrayList;
import java.util.List;

/// What a screen reader says of a cell of the proof: what stands in it, the headings that lead to
/// it, and what part it is.
///
/// ```java
/// ProofTable.spoken(shown, box); // "414.0. Row: Hale–Orrin, Winter. Column: 2025, Fares. Body"
/// ```
final class ProofTable {
  private ProofTable() {}

  static String spoken(Shown shown, CellBox box) {
    Table table = shown.arranged().table();
    DressedCell cell = box.cell();
    String text = cell.text().isBlank() ? Texts.of("proof.blank") : cell.text();
    List<String> said = new ArrayList<>(List.of(text));
    switch (cell.place()) {
      case CellMeaning.Body(int row, int column) -> {
        said.add(Texts.of("proof.row", labels(table.down().leaves().get(row))));
        said.add(Texts.of("proof.column", labels(table.across().leaves().get(column))));
      }
      case CellMeaning.Stub(int level, int leaf) -> {
        if (level > 0) {
          List<String> above = table.down().leaves().get(leaf).labels().subList(0, level);
          said.add(Texts.of("proof.under", String.join(", ", above)));
        }
      }
      case CellMeaning.Head(int level, int first, int _) -> {
        if (level > 0) {
          List<String> above = table.across().leaves().get(first).labels().subList(0, level);
          said.add(Texts.of("proof.under", String.join(", ", above)));
        }
      }
      default -> {}
    }
    said.add(cell.part().label());
    return String.join(". ", said);
  }

  private static String labels(Leaf leaf) {
    return String.join(", ", leaf.labels().stream().filter(label -> !label.isEmpty()).toList());
  }
}
