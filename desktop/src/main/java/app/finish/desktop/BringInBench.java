package app.finish.desktop;

import app.finish.core.document.DocumentTable;
import app.finish.core.dress.Place;
import app.finish.core.grid.Grid;
import app.finish.core.recognise.Corrections;
import app.finish.core.recognise.Evidence;
import app.finish.core.recognise.Finding;
import app.finish.core.recognise.LineRole;
import app.finish.core.recognise.Recognition;
import app.finish.core.recognise.SourceRow;
import app.finish.core.style.PartName;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.IntConsumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/// The first step: where a table came from, what was recognised and by which evidence, and how to
/// correct it.
final class BringInBench {
  private static final int MOST_FINDINGS = 3;

  private final Workbench bench;
  private final Files files;
  private final VBox source = Benches.section("");
  private final VBox row = Benches.section("");
  private final VBox shape = Benches.section("");
  private final VBox evidence = Benches.section("");
  private final VBox findings = Benches.section("");

  BringInBench(Workbench bench, Files files) {
    this.bench = bench;
    this.files = files;
  }

  Node build() {
    Node node = Benches.bench(Step.BRING_IN.label(), source, findings, row, shape, evidence);
    node.setId("bench-bring-in");
    Benches.follow(bench.shownProperty(), this::show);
    Benches.follow(bench.pickProperty(), this::showRow);
    return node;
  }

  private void show() {
    Button open = button(Texts.of("bring.file"), "bring-file", files::bringIn);
    Button paste = button(Texts.of("bring.paste"), "bring-paste", files::paste);
    Button refresh = button(Texts.of("bring.refresh"), "bring-refresh", files::refresh);
    Benches.replace(source, List.of(new HBox(8, open, paste, refresh)));
    bench
        .shownProperty()
        .get()
        .ifPresent(
            shown -> {
              source
                  .getChildren()
                  .addAll(Benches.heading(Texts.of("bring.source")), from(shown.table()));
              showShape(shown);
              showEvidence(shown.recognition());
            });
    showRow();
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
                bench.correct(Texts.of("change.headRows", count), corrections.withHeadRows(count)));
    Node stub =
        counter(
            Texts.of("bring.stubColumns"),
            "stub-columns",
            recognition.stubColumns(),
            count ->
                bench.correct(
                    Texts.of("change.stubColumns", count), corrections.withStubColumns(count)));
    List<Node> nodes =
        new ArrayList<>(List.of(Benches.heading(Texts.of("bring.frame")), heads, stub));
    if (corrections.size() > 0) {
      Hyperlink lift = new Hyperlink(Texts.of("bring.lift"));
      lift.setId("lift-corrections");
      lift.setAccessibleText(Texts.of("action.liftCorrections"));
      lift.setOnAction(event -> bench.correct(Texts.of("change.lift"), Corrections.NONE));
      Label count = Benches.caption(Texts.of("bring.corrected", corrections.size()));
      nodes.add(Benches.spread(count, lift));
    }
    Benches.replace(shape, nodes);
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

  /// The row of the source that the picked cell came from, if it is one.
  private Optional<SourceRow> pickedRow() {
    return bench
        .shownProperty()
        .get()
        .flatMap(
            shown -> bench.pickProperty().get().flatMap(pick -> rowOf(shown.recognition(), pick)));
  }

  private static Optional<SourceRow> rowOf(Recognition recognition, Pick pick) {
    return switch (pick.place()) {
      case Place.Body body -> recognition.rowOfLeaf(body.row());
      case Place.Stub stub ->
          pick.part().name() == PartName.GROUP_ROW
              ? groupRowBefore(recognition, stub.leaf(), pick.part().level())
              : recognition.rowOfLeaf(stub.leaf());
      default -> Optional.empty();
    };
  }

  private static Optional<SourceRow> groupRowBefore(Recognition recognition, int leaf, int level) {
    Optional<SourceRow> found = Optional.empty();
    for (SourceRow row : recognition.rows()) {
      if (row.leaf().orElse(-1) == leaf) {
        return found.or(() -> Optional.of(row));
      }
      if (row.role() == LineRole.GROUP && row.level() == level) {
        found = Optional.of(row);
      }
    }
    return found;
  }

  private void showRow() {
    if (bench.shownProperty().get().isEmpty()) {
      row.getChildren().clear();
      return;
    }
    Optional<SourceRow> picked = pickedRow();
    if (picked.isEmpty()) {
      row.getChildren()
          .setAll(
              Benches.heading(Texts.of("bring.rowIs")), Benches.caption(Texts.of("bring.rowPick")));
      return;
    }
    Shown shown = bench.shownProperty().get().orElseThrow();
    SourceRow at = picked.get();
    int number = shown.table().source().grid().top() + at.row() + 1;
    List<Node> nodes = new ArrayList<>();
    nodes.add(Benches.heading(Texts.of("bring.rowIs")));
    nodes.add(
        Benches.caption(Texts.of("bring.row", number) + ": " + String.join(", ", at.headings())));
    nodes.add(roles(shown, at, number));
    for (Evidence one : shown.recognition().evidence()) {
      if (one.place().equals("row " + number)) {
        nodes.add(Benches.caption("because " + String.join(", and ", one.because())));
      }
    }
    Benches.replace(row, nodes);
  }

  private Node roles(Shown shown, SourceRow at, int number) {
    FlowPane choices = new FlowPane(6, 6);
    ToggleGroup group = new ToggleGroup();
    for (LineRole role : LineRole.values()) {
      String name = Texts.of("bring.role." + role.name().toLowerCase(Locale.ROOT));
      ToggleButton choice = new ToggleButton(name);
      choice.setId("role-" + role.name().toLowerCase(Locale.ROOT));
      choice.getStyleClass().add("chip");
      choice.setToggleGroup(group);
      choice.setSelected(role == at.role());
      choice.setOnAction(
          event -> {
            choice.setSelected(true);
            bench.correct(
                Texts.of("change.row", number, name),
                shown
                    .table()
                    .finish()
                    .corrections()
                    .withRow(shown.recognition().anchors().rows().get(at.row()), role));
          });
      choices.getChildren().add(choice);
    }
    return choices;
  }

  private void showEvidence(Recognition recognition) {
    List<Node> nodes = new ArrayList<>();
    nodes.add(Benches.heading(Texts.of("bring.recognised")));
    for (Evidence one : recognition.evidence()) {
      nodes.add(evidence(one));
    }
    Benches.replace(evidence, nodes);
    showFindings(recognition);
  }

  private void showFindings(Recognition recognition) {
    List<Node> nodes = new ArrayList<>();
    if (!recognition.findings().isEmpty()) {
      nodes.add(Benches.heading(Texts.of("bring.findings", recognition.findings().size())));
    }
    int shown = Math.min(MOST_FINDINGS, recognition.findings().size());
    for (Finding finding : recognition.findings().subList(0, shown)) {
      Label sentence = new Label(finding.sentence());
      sentence.setWrapText(true);
      sentence.getStyleClass().add("finding");
      nodes.add(sentence);
    }
    if (shown < recognition.findings().size()) {
      nodes.add(
          Benches.caption(Texts.of("bring.moreFindings", recognition.findings().size() - shown)));
    }
    Benches.replace(findings, nodes);
    findings.setVisible(!nodes.isEmpty());
    findings.setManaged(!nodes.isEmpty());
  }

  private static Node evidence(Evidence one) {
    Label part = new Label(label(one.said()));
    part.getStyleClass().add("evidence-part");
    Label place = new Label(one.place());
    place.getStyleClass().add("caption");
    HBox head = Benches.spread(part, place);
    if (one.isDoubtful()) {
      Label doubtful = new Label(Texts.of("bring.doubtful"));
      doubtful.getStyleClass().add("doubtful");
      head.getChildren().add(1, doubtful);
    }
    return new VBox(1, head, Benches.caption(String.join("; ", one.because())));
  }

  private static String label(String said) {
    return PartName.of(said)
        .map(PartName::label)
        .orElse(Character.toUpperCase(said.charAt(0)) + said.substring(1));
  }
}
