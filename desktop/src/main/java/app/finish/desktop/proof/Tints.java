package app.finish.desktop.proof;

import app.finish.core.dress.CellMeaning;
import app.finish.core.grid.GridPlace;
import app.finish.core.layout.CellBox;
import app.finish.core.recognise.found.Evidence;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.recognise.found.SourceRow;
import app.finish.core.style.PartName;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Shown;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;
import javafx.scene.paint.ImagePattern;
import javafx.scene.paint.Paint;

/// The quiet tints that tell the parts apart while a table is brought in. What is doubtful is in
/// brass.
public final class Tints {
  private static final int SIDE = 8;
  private static final double POINT = 0.2;
  private static final Paint HEADS = hatched(Color.web("#2f7f79", 0.17), (x, y) -> false);
  private static final Paint STUB = hatched(Color.web("#2f7f79", 0.07), (x, y) -> x == 0);
  private static final Paint GROUPS = hatched(Color.web("#2f7f79", 0.11), (x, y) -> y == 0);
  private static final Paint SUBTOTALS = hatched(Color.web("#16242c", 0.07), (x, y) -> x == y);
  private static final Paint GRAND_TOTALS =
      hatched(Color.web("#16242c", 0.14), (x, y) -> x == y || x == SIDE - 1 - y);
  private static final Paint DOUBTFUL =
      hatched(Color.web("#f4e3bd"), (x, y) -> x % 4 == 0 && y % 4 == 0);

  private final Set<CellMeaning> doubtfulWords = new HashSet<>();
  private final Set<Integer> doubtfulRows = new HashSet<>();
  private final Set<Integer> doubtfulColumns = new HashSet<>();

  /// Where a pattern has a point.
  private interface Hatch {
    boolean at(int x, int y);
  }

  /// A tint with a pattern over it, so that tints are told apart without colour too.
  private static Paint hatched(Color tint, Hatch hatch) {
    WritableImage image = new WritableImage(SIDE, SIDE);
    Color point =
        tint.deriveColor(0, 1, 0.6, tint.getOpacity() < 1 ? POINT / tint.getOpacity() : 1);
    for (int y = 0; y < SIDE; y++) {
      for (int x = 0; x < SIDE; x++) {
        image.getPixelWriter().setColor(x, y, hatch.at(x, y) ? point : tint);
      }
    }
    return new ImagePattern(image, 0, 0, SIDE, SIDE, false);
  }

  /// The same pattern of its own: what is filled with an image is held by it, and these outlive
  /// every window.
  private static Paint copy(Paint shared) {
    ImagePattern pattern = (ImagePattern) shared;
    return new ImagePattern(
        new WritableImage(pattern.getImage().getPixelReader(), SIDE, SIDE),
        0,
        0,
        SIDE,
        SIDE,
        false);
  }

  private Tints(Shown shown) {
    Recognition recognition = shown.recognition();
    int top = shown.table().source().grid().top();
    int left = shown.table().source().grid().left();
    Map<String, Integer> leaves = new HashMap<>();
    for (SourceRow row : recognition.rows()) {
      row.leaf().ifPresent(leaf -> leaves.put("row " + (top + row.row() + 1), leaf));
    }
    Map<String, Integer> columns = new HashMap<>();
    for (int leaf = 0; leaf < recognition.valueColumns().size(); leaf++) {
      int column = left + recognition.valueColumns().get(leaf);
      columns.put("column " + GridPlace.letters(column), leaf);
    }
    for (Evidence evidence : recognition.evidence()) {
      if (evidence.isDoubtful()) {
        PartName.of(evidence.said())
            .ifPresent(part -> doubtfulWords.add(new CellMeaning.Word(part, 0)));
        Optional.ofNullable(columns.get(evidence.place())).ifPresent(doubtfulColumns::add);
        Optional.ofNullable(leaves.get(evidence.place())).ifPresent(doubtfulRows::add);
      }
    }
  }

  /// The tints of a table.
  public static Tints of(Shown shown) {
    return new Tints(shown);
  }

  /// The names of the tints, for the legend, in the order of the table.
  public static Map<String, Paint> legend() {
    Map<String, Paint> legend = new LinkedHashMap<>();
    legend.put(Texts.of("tints.heads"), copy(HEADS));
    legend.put(PartName.STUB.label(), copy(STUB));
    legend.put(PartName.GROUP_ROW.label(), copy(GROUPS));
    legend.put(Texts.of("tints.subtotals"), copy(SUBTOTALS));
    legend.put(Texts.of("tints.grandTotals"), copy(GRAND_TOTALS));
    legend.put(Texts.of("tints.doubtful"), copy(DOUBTFUL));
    return legend;
  }

  /// The tint of a cell, if it has one.
  public Optional<Paint> of(CellBox box) {
    boolean doubtful =
        switch (box.cell().place()) {
          case CellMeaning.Word word -> doubtfulWords.contains(word);
          case CellMeaning.Body body ->
              doubtfulRows.contains(body.row()) || doubtfulColumns.contains(body.column());
          case CellMeaning.Stub stub ->
              box.cell().part().name() != PartName.GROUP_ROW && doubtfulRows.contains(stub.leaf());
          case CellMeaning.Head head ->
              head.first() == head.last() && doubtfulColumns.contains(head.first());
          case CellMeaning.StubHead _ -> false;
        };
    if (doubtful) {
      return Optional.of(DOUBTFUL);
    }
    return switch (box.cell().part().name()) {
      case STUB_HEAD, SPANNER, COLUMN_HEAD -> Optional.of(HEADS);
      case STUB -> Optional.of(STUB);
      case GROUP_ROW -> Optional.of(GROUPS);
      case SUBTOTAL_ROW, SUBTOTAL_COLUMN -> Optional.of(SUBTOTALS);
      case GRAND_TOTAL_ROW, GRAND_TOTAL_COLUMN -> Optional.of(GRAND_TOTALS);
      default -> Optional.empty();
    };
  }
}
