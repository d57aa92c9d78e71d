package app.finish.desktop.check;

import app.finish.core.check.Finding;
import app.finish.core.check.Mend;
import app.finish.core.check.across.AcrossTables;
import app.finish.core.check.demand.Checks;
import app.finish.core.layout.CellBox;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Checking;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Step;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/// The step that checks: each finding with what stands there, what should, what mends it, and the
/// way to leave it.
public final class CheckBench {
  private static final int MOST = 60;

  private final Desk desk;
  private final Checking checking;
  private final Consumer<Finding> reveal;
  private final VBox head = Benches.section("");
  private final VBox list = Benches.section("");
  private final VBox left = Benches.section("");
  private Optional<String> leaving = Optional.empty();
  private boolean byPlace;

  /// @param reveal brings what a finding points at in sight
  public CheckBench(Desk desk, Consumer<Finding> reveal) {
    this.desk = desk;
    this.checking = desk.checking();
    this.reveal = reveal;
  }

  /// The bench.
  public Node build() {
    Node node = Benches.desk(Step.CHECK.label(), head, list, left, new DemandsPanel(desk).node());
    node.setId("bench-check");
    list.setId("findings");
    Benches.follow(checking.findingsProperty(), this::show);
    Benches.follow(desk.shownProperty(), this::show);
    return node;
  }

  private void show() {
    List<Finding> open = byPlace ? inOrderOfReading(checking.open()) : checking.open();
    Label count = new Label(Texts.of("check.count", open.size(), desk.dressing().worn().name()));
    count.setId("check-count");
    count.setWrapText(true);
    List<Node> top = new ArrayList<>(List.of(count));
    boolean safe =
        open.stream().flatMap(one -> one.mends().stream().limit(1)).anyMatch(Mend::isSafe);
    if (safe) {
      Button all = Benches.button("mend-safe", "check.mendSafe", checking::mendSafe);
      all.getStyleClass().add("main-button");
      all.setMaxWidth(Double.MAX_VALUE);
      top.add(all);
    }
    if (open.size() > 1) {
      top.add(orders());
    }
    Benches.replace(head, top);
    List<Node> nodes = new ArrayList<>();
    String before = "";
    for (int i = 0; i < Math.min(MOST, open.size()); i++) {
      Finding finding = open.get(i);
      String group = byPlace ? finding.where().words() : finding.check();
      if (!group.equals(before)) {
        before = group;
        (byPlace ? Optional.<Node>of(Benches.heading(group)) : kind(group)).ifPresent(nodes::add);
      }
      nodes.add(finding(open, i));
    }
    if (open.size() > MOST) {
      nodes.add(Benches.caption(Texts.of("arrange.more", open.size() - MOST)));
    }
    replace(list, nodes);
    showLeft();
  }

  /// In which order the findings stand.
  private Node orders() {
    HBox chips =
        new HBox(
            order("check-by-weight", "check.byWeight", false),
            order("check-by-place", "check.byPlace", true));
    chips.getStyleClass().add("chips");
    return chips;
  }

  private ToggleButton order(String id, String name, boolean place) {
    ToggleButton chip = new ToggleButton(Texts.of(name));
    chip.setId(id);
    chip.getStyleClass().add("chip");
    chip.setSelected(byPlace == place);
    chip.setOnAction(
        event -> {
          byPlace = place;
          show();
          Optional.ofNullable(head.lookup("#" + id)).ifPresent(Node::requestFocus);
        });
    return chip;
  }

  /// What is found on no place of the table first, then from the top down and from the left.
  private List<Finding> inOrderOfReading(List<Finding> open) {
    Map<Finding, CellBox> boxes = new HashMap<>();
    for (Finding finding : open) {
      Checking.place(finding)
          .flatMap(place -> desk.shownProperty().get().flatMap(one -> one.scroll().boxOf(place)))
          .ifPresent(box -> boxes.put(finding, box));
    }
    Comparator<Finding> order =
        Comparator.comparing((Finding one) -> boxes.containsKey(one))
            .thenComparing(one -> boxes.containsKey(one) ? boxes.get(one).y() : 0)
            .thenComparing(one -> boxes.containsKey(one) ? boxes.get(one).x() : 0);
    return open.stream().sorted(order).toList();
  }

  private Node finding(List<Finding> open, int at) {
    Finding finding = open.get(at);
    String id = "finding-" + (at + 1);
    Button sentence = new Button(finding.sentence());
    sentence.setId(id);
    sentence.getStyleClass().setAll("finding");
    sentence.setWrapText(true);
    sentence.setMaxWidth(Double.MAX_VALUE);
    sentence.setOnAction(event -> point(finding));
    VBox box = new VBox(4, sentence);
    box.getStyleClass().add(finding.isWrong() ? "finding-wrong" : "finding-known");
    if (!finding.should().isEmpty()) {
      String is = finding.is().isEmpty() ? Texts.of("check.nothing") : finding.is();
      box.getChildren().add(Benches.caption(Texts.of("check.isShould", is, finding.should())));
    }
    box.getChildren().add(mends(finding, open, id));
    if (leaving.filter(finding.key()::equals).isPresent()) {
      box.getChildren().add(reason(finding, id));
    }
    return box;
  }

  /// What a check asks, and why when it is pointed at.
  private static Optional<Node> kind(String id) {
    return Checks.ALL
        .and(Checks.APA)
        .and(new Checks(AcrossTables.CHECKS))
        .named(id)
        .map(
            check -> {
              Label asks = Benches.heading(check.asks());
              asks.setWrapText(true);
              Label why = Benches.caption(check.why());
              return new VBox(2, asks, why);
            });
  }

  private FlowPane mends(Finding finding, List<Finding> open, String id) {
    FlowPane ways = new FlowPane(6, 6);
    for (int i = 0; i < finding.mends().size(); i++) {
      Mend mend = finding.mends().get(i);
      Button button = new Button(mend.words());
      button.setId(id + "-mend-" + (i + 1));
      button.setOnAction(event -> checking.mend(mend));
      ways.getChildren().add(button);
    }
    long alike = open.stream().filter(one -> one.check().equals(finding.check())).count();
    if (alike > 1 && !finding.mends().isEmpty()) {
      Button all = new Button(Texts.of("check.mendKind", alike));
      all.setId(id + "-mend-all");
      all.setOnAction(event -> checking.mendKind(finding));
      ways.getChildren().add(all);
    }
    Button leave = new Button(Texts.of("check.leave"));
    leave.setId(id + "-leave");
    leave.getStyleClass().add("quiet-button");
    leave.setAccessibleText(Texts.of("check.leaveThis", finding.sentence()));
    leave.setOnAction(
        event -> {
          leaving = Optional.of(finding.key());
          show();
          Optional.ofNullable(list.lookup("#" + id + "-reason")).ifPresent(Node::requestFocus);
        });
    ways.getChildren().add(leave);
    return ways;
  }

  private Node reason(Finding finding, String id) {
    TextField field = new TextField();
    field.setId(id + "-reason");
    field.setPromptText(Texts.of("check.because"));
    field.setAccessibleText(Texts.of("check.because"));
    field.setOnAction(
        event -> {
          leaving = Optional.empty();
          checking.leave(finding, field.getText());
          show();
        });
    return field;
  }

  private void point(Finding finding) {
    checking.pick(finding);
    reveal.accept(finding);
  }

  private void showLeft() {
    List<Node> nodes = new ArrayList<>();
    List<Finding> all = checking.left();
    if (!all.isEmpty()) {
      nodes.add(Benches.heading(Texts.of("check.left", all.size())));
    }
    for (int i = 0; i < all.size(); i++) {
      Finding finding = all.get(i);
      Label sentence = new Label(finding.sentence());
      sentence.setWrapText(true);
      Label because = Benches.caption(Texts.of("check.leftBecause", checking.reason(finding)));
      Button again =
          Benches.button(
              "left-" + (i + 1) + "-again", "check.again", () -> checking.leave(finding, ""));
      again.getStyleClass().add("quiet-button");
      nodes.add(new VBox(4, sentence, because, again));
    }
    replace(left, nodes);
  }

  private static void replace(VBox section, List<Node> nodes) {
    Benches.replace(section, nodes);
    section.setVisible(!nodes.isEmpty());
    section.setManaged(!nodes.isEmpty());
  }
}
