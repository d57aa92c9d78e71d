package app.finish.desktop.bringin;

import app.finish.core.check.Finding;
import app.finish.core.recognise.found.Evidence;
import app.finish.core.recognise.found.FigureCount;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.style.PartName;
import app.finish.core.table.MeasureKind;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Shown;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/// What does not hold in a table, and every decision about it with its reasons.
public final class EvidencePanel {
  /// So much evidence is listed; that of a picked row or column stands beside what it was taken
  /// for.
  private static final int MOST_EVIDENCE = 120;

  private static final int MOST_FINDINGS = 3;

  private final Desk desk;
  private final VBox findings = Benches.section("");
  private final VBox evidence = Benches.section("");

  EvidencePanel(Desk desk) {
    this.desk = desk;
    Benches.follow(desk.shownProperty(), this::show);
  }

  /// What does not hold.
  Node findings() {
    return findings;
  }

  /// The decisions.
  Node evidence() {
    return evidence;
  }

  private void show() {
    Optional<Recognition> recognition = desk.shownProperty().get().map(Shown::recognition);
    List<Node> nodes = new ArrayList<>();
    recognition.ifPresent(
        read -> {
          nodes.add(Benches.heading(Texts.of("bring.recognised")));
          List<Evidence> all = read.evidence();
          all.stream().limit(MOST_EVIDENCE).forEach(one -> nodes.add(evidence(one)));
          if (all.size() > MOST_EVIDENCE) {
            nodes.add(Benches.caption(Texts.of("arrange.more", all.size() - MOST_EVIDENCE)));
          }
        });
    Benches.replace(evidence, nodes);
    showFindings(
        desk.shownProperty().get().map(Shown::findings).orElse(List.of()),
        recognition.map(Recognition::figures).orElse(FigureCount.NONE));
  }

  /// What does not hold, under the line that says where the source's figures went.
  private void showFindings(List<Finding> found, FigureCount figures) {
    List<Node> nodes = new ArrayList<>();
    if (figures.all() > 0) {
      Label count = Benches.caption(figures.sentence());
      count.setId("figure-count");
      nodes.add(count);
    }
    if (!found.isEmpty()) {
      nodes.add(Benches.heading(Texts.of("bring.findings", found.size())));
    }
    int shown = Math.min(MOST_FINDINGS, found.size());
    for (Finding finding : found.subList(0, shown)) {
      Label sentence = new Label(finding.sentence());
      sentence.setWrapText(true);
      sentence.getStyleClass().add("finding");
      nodes.add(sentence);
    }
    if (shown < found.size()) {
      nodes.add(Benches.caption(Texts.of("bring.moreFindings", found.size() - shown)));
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
    Optional<String> part = PartName.of(said).map(PartName::label);
    return part.or(() -> kind(said)).orElseGet(() -> sentence(said));
  }

  private static Optional<String> kind(String said) {
    for (MeasureKind kind : MeasureKind.values()) {
      if (kind.word().equals(said)) {
        return Optional.of(Texts.of("kind." + said));
      }
    }
    return Optional.empty();
  }

  private static String sentence(String said) {
    String words = said.replaceAll("(?<=[a-z])(?=[A-Z])", " ").toLowerCase(Locale.ROOT);
    return Character.toUpperCase(words.charAt(0)) + words.substring(1);
  }
}
