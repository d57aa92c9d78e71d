package app.finish.desktop.dress;

import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.ProofPainter;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Dressing;
import app.finish.desktop.model.Files;
import app.finish.desktop.model.Pick;
import app.finish.desktop.model.Step;
import app.finish.desktop.model.StyleSharing;
import app.finish.desktop.proof.PaperView;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/// The step that dresses: its bench has four leaves, one for styles, one for the parts of the
/// table, one for colours, one for the page.
public final class DressBench {
  private final Desk desk;
  private final Map<Dressing.Leaf, Node> leaves = new EnumMap<>(Dressing.Leaf.class);
  private final VBox shown = new VBox();

  public DressBench(Desk desk, ProofPainter painter, Files files, PaperView paper) {
    this.desk = desk;
    StyleSharing sharing = new StyleSharing(desk, files);
    leaves.put(
        Dressing.Leaf.TRY_ON,
        new VBox(
            new TryOnPanel(desk, painter).build(),
            new TouchesPanel(desk).build(),
            new EmphasisPanel(desk).build(),
            new BandsPanel(desk).build(),
            new MakeStylePanel(desk, sharing).build(),
            new WearPanel(desk).build(),
            new LibraryPanel(desk, sharing).build()));
    leaves.put(Dressing.Leaf.PARTS, new PartsPanel(desk, painter).build());
    leaves.put(Dressing.Leaf.PALETTE, new PalettePanel(desk, sharing).build());
    leaves.put(Dressing.Leaf.PAPER, new PaperPanel(desk, paper).build());
  }

  public Node build() {
    Node node = Benches.desk(Step.DRESS.label(), tabs(), shown);
    node.setId("bench-dress");
    desk.pickProperty().addListener((p, before, now) -> turnToParts(before, now));
    Benches.follow(
        desk.dressing().leafProperty(),
        () -> shown.getChildren().setAll(leaves.get(desk.dressing().leafProperty().get())));
    return node;
  }

  /// A cell that is picked while styles are tried on is asked about.
  private void turnToParts(Optional<Pick> before, Optional<Pick> now) {
    Dressing dressing = desk.dressing();
    boolean tryingOn = dressing.leafProperty().get() == Dressing.Leaf.TRY_ON;
    boolean dresses = desk.stepProperty().get() == Step.DRESS;
    if (dresses && tryingOn && before.isEmpty() && now.isPresent()) {
      dressing.leafProperty().set(Dressing.Leaf.PARTS);
    }
  }

  private Node tabs() {
    HBox chips = new HBox();
    chips.getStyleClass().addAll("chips", "leaves");
    ToggleGroup group = Benches.oneOf();
    for (Dressing.Leaf leaf : Dressing.Leaf.values()) {
      String word = leaf.name().toLowerCase(Locale.ROOT).replace('_', '-');
      ToggleButton chip = new ToggleButton(Texts.of("dress.leaf." + word));
      chip.setId("leaf-" + word);
      chip.setToggleGroup(group);
      chip.getStyleClass().add("chip");
      chip.setOnAction(event -> desk.dressing().leafProperty().set(leaf));
      Benches.follow(
          desk.dressing().leafProperty(),
          () -> chip.setSelected(desk.dressing().leafProperty().get() == leaf));
      chips.getChildren().add(chip);
    }
    return chips;
  }
}
