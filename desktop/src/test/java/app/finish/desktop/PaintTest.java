package app.finish.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.finish.core.layout.Mark;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Face;
import app.finish.core.layout.font.Fonts;
import app.finish.desktop.kit.PaintFonts;
import java.util.List;
import javafx.scene.text.Text;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// What core measures is what the toolkit draws.
public class PaintTest extends WindowTest {
  @DataProvider
  public Object[][] faces() {
    Object[][] faces = new Object[12][];
    int at = 0;
    for (String family : List.of("Times New Roman", "Arial", "Calibri")) {
      for (int style = 0; style < 4; style++) {
        faces[at++] = new Object[] {family, style % 2 == 1, style > 1};
      }
    }
    return faces;
  }

  @Test(dataProvider = "faces")
  public void textIsAsWideOnTheScreenAsInCore(String family, boolean bold, boolean italic) {
    Fonts fonts = new Fonts();
    Face face = fonts.face(family, bold, italic);
    PaintFonts paint = new PaintFonts(fonts);
    for (String text :
        List.of(
            "1,204.5", "Cost recovery", "Hale–Orrin", "−0.45", "Note.", "All seasons", "(93.0)")) {
      for (double size : new double[] {9.5, 10, 12}) {
        double core = fonts.width(text, face, size);
        double screen =
            ask(
                () -> {
                  Text node = new Text(text);
                  node.setFont(paint.font(face, size));
                  return node.getLayoutBounds().getWidth();
                });
        assertThat(screen).as("%s in %s %s", text, face, size).isCloseTo(core, within(0.1));
      }
    }
  }

  @Test
  public void theFontsAreTheShippedOnes() {
    Fonts fonts = new Fonts();
    PaintFonts paint = new PaintFonts(fonts);
    String family = ask(() -> paint.font(fonts.face("Calibri", false, false), 10).getFamily());
    assertThat(family).isEqualTo("Carlito");
  }

  @Test
  public void everyMarkOfTheProofIsInItsPage() {
    openDemo();
    Proof.Page page = scroll().between(0, scroll().paper().height());
    assertThat(page.marks())
        .allSatisfy(
            mark -> {
              assertThat(mark.top()).isGreaterThan(0);
              assertThat(mark.bottom()).isLessThan(page.height());
            });
    assertThat(page.marks().stream().filter(Mark.Text.class::isInstance).count())
        .isGreaterThan(100);
  }
}
