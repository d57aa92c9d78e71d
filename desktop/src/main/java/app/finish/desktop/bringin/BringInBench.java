package app.finish.desktop.bringin;

import app.finish.core.document.DocumentTable;
import app.finish.core.grid.Grid;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.recognise.said.Corrections;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Files;
import app.finish.desktop.model.Shown;
import app.finish.desktop.model.Step;
import app.finish.desktop.model.Tallies;
import app.finish.desktop.tally.TallyPanel;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntConsumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/// The first step: where a table came from, what was recognised and by which evidence, and how to
/// correct it.
public final class BringInBench {
  private final Tallies tallies;
  private final Desk desk;
  private final Files files;
  private final VBox source = Benches.section("");
  private final VBox corrected = Benches.section("");
  private final VBox shape = Benches.section("");

  public BringInBench(Desk desk, Files files, Tallies tallies) {
    this.tallies = tallies;
    this.desk = desk;
    this.files = files;
  }

  public Node build() {
    EvidencePanel evidence = new EvidencePanel(desk);
    VBox recognised =
        new VBox(
            corrected,
            evidence.findings(),
            new LinePanel(desk).build(),
            shape,
            new MeasurePanel(desk).build(),
            evidence.evidence());
    Node node =
        Benches.desk(Step.BRING_IN.label(), source, new TallyPanel(tallies).build(), recognised);
    Benches.follow(
        tallies.askedProperty(),
        () -> {
          boolean tallied = tallies.askedProperty().get().isPresent();
          recognised.setVisible(!tallied);
          recognised.setManaged(!tallied);
        });
    node.setId("bench-bring-in");
    Benches.follow(desk.shownProperty(), this::show);
    return node;
  }

  private void show() {
    Button open = button(Texts.of("bring.file"), "bring-file", files::bringIn);
    Button paste = button(Texts.of("bring.paste"), "bring-paste", files::paste);
    Button refresh = button(Texts.of("bring.refresh"), "bring-refresh", files::refresh);
    Button records = button(Texts.of("bring.records"), "bring-records", files::bringInRecords);
    FlowPane buttons = new FlowPane(8, 6, open, paste, refresh, records);
    List<Node> nodes = new ArrayList<>(List.of(buttons));
    desk.shownProperty()
        .get()
        .ifPresent(
            shown -> {
              if (shown.table().source().tally().isEmpty()) {
                nodes.add(Benches.heading(Texts.of("bring.source")));
                nodes.add(from(shown.table()));
              }
              if (desk.canJoin()) {
                nodes.add(button(Texts.of("bring.join"), "join-next", desk::join));
              }
              showShape(shown);
            });
    Benches.replace(source, nodes);
  }

  private static Button button(String name, String id, Runnable work) {
    Button button = new Button(name);
    button.setId(id);
    button.setOnAction(event -> work.run());
    return button;
  }

  private static Label from(DocumentTable table) {
    Grid grid = table.source().grid();
    String size = Texts.of("bring.size", grid.rows(), grid.columns());
    String name = table.source().name();
    return Benches.caption(
        grid.name().isEmpty()
            ? Texts.of("bring.sourceLine", name, size)
            : Texts.of("bring.sourceSheet", name, grid.name(), size));
  }

  private void showShape(Shown shown) {
    Recognition recognition = shown.recognition();
    Corrections corrections = shown.table().finish().corrections();
    Node heads =
        counter(
            Texts.of("bring.headRows"),
            "head-rows",
            recognition.headRows(),
            count ->
                desk.correct(Texts.of("change.headRows", count), corrections.withHeadRows(count)));
    Node stub =
        counter(
            Texts.of("bring.stubColumns"),
            "stub-columns",
            recognition.stubColumns(),
            count ->
                desk.correct(
                    Texts.of("change.stubColumns", count), corrections.withStubColumns(count)));
    Benches.replace(shape, List.of(Benches.heading(Texts.of("bring.frame")), heads, stub));
    showCorrected(corrections);
  }

  private void showCorrected(Corrections corrections) {
    List<Node> nodes = new ArrayList<>();
    if (corrections.size() > 0) {
      Hyperlink lift = new Hyperlink(Texts.of("bring.lift"));
      lift.setId("lift-corrections");
      lift.setAccessibleText(Texts.of("action.liftCorrections"));
      lift.setOnAction(event -> desk.liftCorrections());
      Label count = Benches.caption(Texts.of("bring.corrected", corrections.size()));
      nodes.add(Benches.spread(count, lift));
    }
    Benches.replace(corrected, nodes);
    corrected.setVisible(!nodes.isEmpty());
    corrected.setManaged(!nodes.isEmpty());
  }

  private static Node counter(String name, String id, int count, IntConsumer set) {
    Label label = new Label(name);
    Button less = new Button("−");
    Button more = new Button("+");
    less.setId(id + "-less");
    more.setId(id + "-more");
    less.setAccessibleText(name + ", " + Texts.of("bring.less"));
    more.setAccessibleText(name + ", " + Texts.of("bring.more"));
    less.getStyleClass().add("count-button");
    more.getStyleClass().add("count-button");
    less.setDisable(count == 0);
    less.setOnAction(event -> set.accept(count - 1));
    more.setOnAction(event -> set.accept(count + 1));
    Label value = new Label("" + count);
    value.setId(id);
    value.getStyleClass().add("count");
    HBox buttons = new HBox(less, value, more);
    buttons.setAlignment(Pos.CENTER);
    return Benches.spread(label, buttons);
  }
}
