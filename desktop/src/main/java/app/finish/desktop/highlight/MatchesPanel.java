package app.finish.desktop.highlight;

import app.finish.core.highlight.Condition;
import app.finish.core.highlight.Found;
import app.finish.core.highlight.Highlight;
import app.finish.core.highlight.Operand;
import app.finish.core.table.Spot;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Highlighting;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/// What the chosen highlight matches: how many, where its threshold falls, what may be meant
/// otherwise, and each figure, to go to.
final class MatchesPanel {
  private static final int SHOWN = 12;

  private final Desk desk;
  private final Highlighting highlighting;
  private final Consumer<Spot.Figure> reveal;
  private final Label count = new Label();
  private final VBox warnings = new VBox(4);
  private final VBox list = new VBox(2);
  private final Histogram histogram;
  private final VBox section = Benches.section(Texts.of("highlight.matches"));

  MatchesPanel(Desk desk, Consumer<Spot.Figure> reveal) {
    this.desk = desk;
    this.highlighting = desk.highlighting();
    this.reveal = reveal;
    this.histogram = new Histogram(this::bound, highlighting::keep);
  }

  Node build() {
    section.setId("matches");
    count.setId("match-count");
    count.setWrapText(true);
    warnings.setId("match-warnings");
    list.setId("match-list");
    section.getChildren().addAll(count, histogram, warnings, list);
    Benches.follow(highlighting.matches().foundProperty(), this::show);
    Benches.follow(highlighting.chosenProperty(), this::show);
    Benches.follow(desk.shownProperty(), this::show);
    return section;
  }

  private void show() {
    Optional<Highlight> one = highlighting.one();
    section.setVisible(one.isPresent());
    section.setManaged(one.isPresent());
    if (one.isEmpty()) {
      return;
    }
    Found found = highlighting.matches().foundProperty().get();
    count.setText(
        Texts.of(
            "highlight.count", found.cells(), found.looked(), found.rows(), found.rowsLooked()));
    histogram.show(found.values(), threshold(one.get().when()));
    histogram.setVisible(found.values().size() > 1);
    histogram.setManaged(found.values().size() > 1);
    List<Node> told = new ArrayList<>();
    for (String warning : found.warnings()) {
      Label label = new Label(warning);
      label.setWrapText(true);
      label.getStyleClass().add("warning");
      told.add(label);
    }
    if (highlighting.matches().readsOtherwise()) {
      Button more =
          Benches.button(
              "one-more-decimal", "highlight.decimal", highlighting.matches()::addDecimal);
      more.getStyleClass().add("quiet-button");
      told.add(more);
    }
    Benches.replace(warnings, told);
    List<Node> links = new ArrayList<>();
    List<Spot.Figure> first = found.first();
    for (Spot.Figure spot : first.subList(0, Math.min(SHOWN, first.size()))) {
      Hyperlink link = new Hyperlink(highlighting.matches().words(spot));
      link.setId("match-" + spot.row() + "-" + spot.column());
      link.getStyleClass().add("match");
      link.setOnAction(
          event -> {
            highlighting.matches().goTo(spot);
            reveal.accept(spot);
          });
      links.add(link);
    }
    if (found.cells() > SHOWN) {
      links.add(Benches.caption(Texts.of("highlight.more", found.cells() - SHOWN)));
    }
    Benches.replace(list, links);
  }

  private static OptionalDouble threshold(Condition condition) {
    return condition instanceof Condition.Compared(Condition.Sign _, Operand.Number(double number))
        ? OptionalDouble.of(number)
        : OptionalDouble.empty();
  }

  private void bound(double other) {
    highlighting
        .one()
        .filter(one -> one.when() instanceof Condition.Compared)
        .ifPresent(
            one -> {
              Condition.Sign sign = ((Condition.Compared) one.when()).sign();
              highlighting.preview(
                  one.when(new Condition.Compared(sign, new Operand.Number(other))));
            });
  }
}
