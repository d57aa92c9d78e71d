package app.finish.desktop.dress;

import app.finish.core.check.InkPairs;
import app.finish.core.check.InksRead;
import app.finish.core.check.Mend;
import app.finish.core.problem.Refusal;
import app.finish.core.style.Cascade;
import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.ColourVision;
import app.finish.core.style.colour.Palette;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Dressing;
import app.finish.desktop.model.Step;
import app.finish.desktop.model.StyleSharing;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/// The inks by their roles, and whether each can be read on the fills that it stands on.
public final class PalettePanel {
  private final Desk desk;
  private final Dressing dressing;
  private final StyleSharing sharing;
  private final FlowPane roles = new FlowPane(8, 8);
  private final VBox checks = new VBox(8);

  PalettePanel(Desk desk, StyleSharing sharing) {
    this.desk = desk;
    this.dressing = desk.dressing();
    this.sharing = sharing;
  }

  Node build() {
    roles.setId("roles");
    checks.setId("palette-checks");
    Benches.follow(desk.shownProperty(), this::show);
    Benches.follow(dressing.leafProperty(), this::show);
    FlowPane ways = new FlowPane(6, 6);
    ways.getChildren()
        .addAll(
            Benches.button("palette-import", "palette.import", sharing::importPalette),
            Benches.button("palette-keep", "palette.keep", this::keep),
            Benches.button(
                "palette-back",
                "palette.back",
                () -> dressing.ink(Texts.of("palette.back"), Palette.NONE)));
    return new VBox(
        Benches.section(
            Texts.of("palette.roles"), Benches.caption(Texts.of("palette.hint")), roles, ways),
        Benches.section(Texts.of("palette.checks"), checks));
  }

  /// Makes the inks of the document those of the style that is worn.
  private void keep() {
    Palette now = dressing.cascade().palette();
    dressing.changeStyle(Texts.of("palette.keep"), style -> style.withPalette(now));
  }

  private void show() {
    boolean seen =
        desk.stepProperty().get() == Step.DRESS
            && dressing.leafProperty().get() == Dressing.Leaf.PALETTE;
    if (!seen || desk.table().isEmpty()) {
      return;
    }
    Cascade cascade = dressing.cascade();
    List<Node> nodes = new ArrayList<>();
    cascade.palette().roles().forEach((role, colour) -> nodes.add(role(role, colour)));
    Benches.replace(roles, nodes);
    List<Node> told = new ArrayList<>();
    List<InkPairs.Pair> pairs = InkPairs.of(cascade);
    long failing = pairs.stream().filter(pair -> !pair.passes()).count();
    Label summary =
        Benches.caption(
            failing == 0
                ? Texts.of("palette.passes", pairs.size())
                : Texts.of("palette.fails", failing, pairs.size()));
    told.add(summary);
    pairs.forEach(pair -> told.add(pair(pair)));
    Benches.replace(checks, told);
  }

  private Node role(String role, Colour colour) {
    Region swatch = new Region();
    swatch.getStyleClass().add("swatch");
    swatch.setStyle("-fx-background-color: " + colour);
    TextField hex = new TextField(colour.toString());
    hex.setId("role-" + role);
    hex.setAccessibleText(role);
    hex.getStyleClass().add("hex");
    hex.setPrefColumnCount(6);
    hex.setOnAction(event -> ink(role, hex, colour));
    hex.focusedProperty()
        .addListener(
            (p, before, now) -> {
              if (before && !now) {
                ink(role, hex, colour);
              }
            });
    HBox pair = new HBox(4, swatch, hex);
    pair.setAlignment(Pos.CENTER_LEFT);
    return new VBox(2, Benches.caption(worded(role)), pair);
  }

  /// A role in words: "on accent".
  private static String worded(String role) {
    return role.replaceAll("([a-z])([A-Z])", "$1 $2").toLowerCase(Locale.ROOT);
  }

  private void ink(String role, TextField hex, Colour before) {
    String text = hex.getText().strip();
    if (text.equals(before.toString())) {
      return;
    }
    try {
      dressing.ink(role, Colour.parse(text));
    } catch (Refusal e) {
      hex.setText(before.toString());
      desk.tell(e);
    }
  }

  private Node pair(InkPairs.Pair pair) {
    Label sample = new Label("Ab 12");
    sample.getStyleClass().add("pair-sample");
    sample.setStyle(
        "-fx-background-color: " + pair.fillColour() + "; -fx-text-fill: " + pair.inkColour());
    sample.setMinWidth(Region.USE_PREF_SIZE);
    String names =
        Texts.of(
            pair.wanted() > 0 ? "palette.on" : "palette.apart",
            worded(pair.ink()),
            worded(pair.fill()));
    String ratio = pair.wanted() > 0 ? String.format(Locale.ROOT, "%.1f : 1", pair.contrast()) : "";
    Label words = new Label(names);
    words.setWrapText(true);
    HBox row = new HBox(8, pair.wanted() > 0 ? sample : beside(pair), words);
    row.setAlignment(Pos.CENTER_LEFT);
    VBox all = new VBox(2, Benches.spread(row, new Label(ratio)));
    if (!pair.passes()) {
      all.getChildren().add(failing(pair));
    }
    all.getStyleClass().add("property-row");
    return all;
  }

  private static Node beside(InkPairs.Pair pair) {
    HBox both = new HBox();
    for (Colour colour : List.of(pair.inkColour(), pair.fillColour())) {
      Region half = new Region();
      half.setMinSize(24, 20);
      half.setStyle("-fx-background-color: " + colour);
      both.getChildren().add(half);
    }
    return both;
  }

  private Node failing(InkPairs.Pair pair) {
    String sights =
        pair.failing().entrySet().stream()
            .map(fails -> sight(fails, pair.wanted() > 0))
            .collect(Collectors.joining(", "));
    Label words = new Label(Texts.of("palette.failing", sights));
    words.setWrapText(true);
    words.getStyleClass().add("finding");
    VBox box = new VBox(3, words);
    for (Mend mend : InksRead.mends(pair)) {
      Button take =
          new Button(Texts.of("palette.take", worded(pair.ink()), pair.nearest().orElseThrow()));
      take.setId("take-" + pair.ink() + "-on-" + pair.fill().replaceAll("[ %]", ""));
      take.getStyleClass().add("quiet-link");
      take.setOnAction(event -> desk.mend(mend));
      box.getChildren().add(take);
    }
    return box;
  }

  private static String sight(Map.Entry<ColourVision, Double> fails, boolean contrast) {
    String name = fails.getKey().label().toLowerCase(Locale.ROOT);
    return contrast ? name + String.format(Locale.ROOT, " %.1f : 1", fails.getValue()) : name;
  }
}
