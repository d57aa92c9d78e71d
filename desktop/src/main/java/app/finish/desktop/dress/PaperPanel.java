package app.finish.desktop.dress;

import app.finish.core.check.Fit;
import app.finish.core.check.Mend;
import app.finish.core.layout.Paper;
import app.finish.core.problem.Refusal;
import app.finish.core.style.colour.ColourVision;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.SaidAs;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.proof.PaperView;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.IntSupplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/// Which page the table is shown on, how it is seen, and what would make it fit.
public final class PaperPanel {
  private final Desk desk;
  private final PaperView view;
  private final VBox advice = new VBox(8);
  private boolean letter;
  private boolean turned;
  private double margin = Paper.A4.margin();

  PaperPanel(Desk desk, PaperView view) {
    this.desk = desk;
    this.view = view;
  }

  Node build() {
    advice.setId("paper-advice");
    Benches.follow(view.fitProperty(), this::advise);
    TextField margins = new TextField(plain(margin));
    margins.setId("paper-margin");
    margins.setPrefColumnCount(5);
    margins.setAccessibleText(Texts.of("paper.margin"));
    margins.setOnAction(event -> takeMargin(margins));
    ChoiceBox<ColourVision> sights = new ChoiceBox<>();
    sights.setId("paper-sight");
    sights.setAccessibleText(Texts.of("paper.sight"));
    sights.getItems().setAll(ColourVision.values());
    sights.setConverter(new SaidAs<>(ColourVision::label));
    sights.setValue(ColourVision.FULL);
    sights.setOnAction(event -> view.sightProperty().set(sights.getValue()));
    return new VBox(
        Benches.section(
            Texts.of("paper.name"),
            chips(
                List.of("paper.a4", "paper.letter"),
                () -> letter ? 1 : 0,
                chosen -> letter = chosen == 1),
            chips(
                List.of("paper.upright", "paper.turned"),
                () -> turned ? 1 : 0,
                chosen -> turned = chosen == 1),
            Benches.spread(new Label(Texts.of("paper.margin")), margins),
            Benches.spread(new Label(Texts.of("paper.sight")), sights)),
        Benches.section(Texts.of("paper.fit"), advice));
  }

  private static String plain(double points) {
    return String.format(Locale.ROOT, "%.0f pt", points);
  }

  private void takeMargin(TextField field) {
    String text = field.getText().replace("pt", "").strip();
    if (!text.matches("[0-9]{1,3}(\\.[0-9]+)?") || Double.parseDouble(text) > 200) {
      desk.tell(new Refusal(Texts.of("paper.badMargin", field.getText())));
      field.setText(plain(margin));
      return;
    }
    margin = Double.parseDouble(text);
    field.setText(plain(margin));
    show();
  }

  private interface Chosen {
    void take(int at);
  }

  private Node chips(List<String> names, IntSupplier now, Chosen then) {
    HBox chips = new HBox();
    chips.getStyleClass().add("chips");
    ToggleGroup group = Benches.oneOf();
    for (int i = 0; i < names.size(); i++) {
      int own = i;
      ToggleButton chip = new ToggleButton(Texts.of(names.get(i)));
      chip.setId(names.get(i).replace('.', '-'));
      chip.setToggleGroup(group);
      chip.getStyleClass().add("chip");
      chip.setSelected(now.getAsInt() == i);
      chip.setOnAction(
          event -> {
            chip.setSelected(true);
            then.take(own);
            show();
          });
      Benches.follow(view.paperProperty(), () -> chip.setSelected(now.getAsInt() == own));
      chips.getChildren().add(chip);
    }
    return chips;
  }

  private void show() {
    Paper size = letter ? Paper.LETTER : Paper.A4;
    Paper asked = new Paper(size.width(), size.height(), margin, true);
    view.paperProperty().set(turned ? asked.turned() : asked);
  }

  private void advise() {
    Optional<Fit> fit = view.fitProperty().get();
    List<Node> nodes = new ArrayList<>();
    if (fit.isPresent()) {
      int pages = fit.get().proof().pages().size();
      boolean fits = fit.get().proof().paper().equals(fit.get().asked());
      String sentence =
          fits
              ? Texts.of(
                  !fit.get().whole()
                      ? "paper.fitsLong"
                      : pages == 1 ? "paper.fits" : "paper.fitsOn",
                  pages)
              : Texts.of("paper.tooWide");
      Label said = new Label(sentence);
      said.setWrapText(true);
      said.getStyleClass().add(fits ? "fits" : "finding");
      nodes.add(said);
      if (pages > 1) {
        nodes.add(Benches.caption(Texts.of("paper.repeats")));
      }
      for (Mend mend : fit.get().mends()) {
        nodes.add(mend(mend));
      }
      if (!fit.get().shorter().isEmpty()) {
        nodes.add(Benches.caption(Texts.of("paper.shorter")));
      }
      for (Mend mend : fit.get().shorter()) {
        nodes.add(mend(mend));
      }
      if (!fits && fit.get().mends().isEmpty()) {
        nodes.add(Benches.caption(Texts.of("paper.nothing")));
      }
    }
    Benches.replace(advice, nodes);
  }

  private Node mend(Mend mend) {
    Button take = new Button(mend.words());
    take.setId("mend-" + mend.id());
    take.setOnAction(
        event -> {
          if (mend instanceof Mend.TurnPage) {
            turned = true;
            show();
          } else {
            desk.mend(mend);
          }
        });
    return take;
  }
}
