package app.finish.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.style.colour.Light;
import app.finish.desktop.kit.Inks;
import app.finish.desktop.model.Step;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.BackgroundFill;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.paint.Paint;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Every text of the window can be read on what it stands on, in the light window and in the dark
/// one: WCAG 2.2, 1.4.3, asks for a contrast of 4.5.
public class ContrastTest extends WindowTest {
  private static final double WANTED = 4.5;

  private int texts;

  @DataProvider
  public Object[][] shades() {
    return new Object[][] {{"light"}, {"dark"}};
  }

  @Test(dataProvider = "shades")
  public void eachTextCanBeRead(String shade) {
    openDemo();
    hand.interact(
        () -> {
          List<String> classes = window.scene().getRoot().getStyleClass();
          classes.remove("dark");
          if (shade.equals("dark")) {
            classes.add("dark");
          }
        });
    texts = 0;
    Set<String> faint = new TreeSet<>();
    for (Step step : Step.values()) {
      hand.interact(() -> window.desk().stepProperty().set(step));
      settle();
      hand.interact(() -> look(window.scene().getRoot(), Color.WHITE, step, faint));
    }
    assertThat(faint).isEmpty();
    assertThat(texts).isGreaterThan(200);
  }

  private void look(Node node, Color ground, Step step, Set<String> faint) {
    if (!node.isVisible() || node.isDisabled()) {
      return;
    }
    Color own = ground;
    if (node instanceof Region region) {
      own = fill(region).orElse(ground);
    }
    if (node instanceof Labeled label && label.getText() != null && !label.getText().isBlank()) {
      judge(
          label.getTextFill(),
          own,
          step + " “" + label.getText() + "” " + label.getStyleClass(),
          faint);
    }
    if (node instanceof TextInputControl input
        && input.lookup(".text") instanceof javafx.scene.text.Text text) {
      judge(text.getFill(), own, step + " field " + input.getId(), faint);
    }
    if (node instanceof Parent parent) {
      for (Node child : parent.getChildrenUnmodifiable()) {
        look(child, own, step, faint);
      }
    }
  }

  /// What a region is filled with, if that hides what is behind it.
  private static Optional<Color> fill(Region region) {
    if (region.getBackground() == null) {
      return Optional.empty();
    }
    return region.getBackground().getFills().stream()
        .map(BackgroundFill::getFill)
        .filter(paint -> paint instanceof Color color && color.isOpaque())
        .map(paint -> (Color) paint)
        .reduce((one, other) -> other);
  }

  private void judge(Paint ink, Color ground, String what, Set<String> faint) {
    if (ink instanceof Color color && color.isOpaque()) {
      texts++;
      double contrast = Light.contrast(Inks.of(color), Inks.of(ground));
      if (contrast < WANTED) {
        faint.add("%s: %.1f, %s on %s".formatted(what, contrast, Inks.of(color), Inks.of(ground)));
      }
    }
  }
}
