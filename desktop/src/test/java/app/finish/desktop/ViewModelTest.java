package app.finish.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.dress.CellMeaning;
import app.finish.core.grid.Grid;
import app.finish.core.layout.CellBox;
import app.finish.core.layout.Paper;
import app.finish.core.layout.font.Fonts;
import app.finish.core.style.Part;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.desktop.model.LooksInWords;
import app.finish.desktop.model.Pick;
import app.finish.desktop.model.Proofs;
import app.finish.desktop.model.Recent;
import app.finish.desktop.model.Shown;
import app.finish.desktop.proof.Tints;
import app.finish.desktop.shell.ActionFinder;
import app.finish.expressions.MeasureFormulas;
import app.finish.formats.Sending;
import app.finish.formats.style.StyleFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.prefs.BackingStoreException;
import java.util.prefs.Preferences;
import javafx.scene.image.Image;
import javafx.scene.paint.ImagePattern;
import javafx.scene.paint.Paint;
import org.testng.annotations.Test;

/// The parts of the window that need no toolkit.
public class ViewModelTest {
  private static final Grid PIERS =
      Grid.ofText(
          "Boats by pier",
          "a further line",
          "",
          "Pier | Boats | Cars",
          "North | 12 | 30",
          "South | 7 | 11",
          "Total | 19 | 41");

  private static Shown shown(String style) {
    Fonts fonts = new Fonts();
    Document document = Document.EMPTY.withAdded(new Source("piers", PIERS), Finish.in(style));
    Proofs proofs =
        new Proofs(fonts, new Sending(fonts, StyleFile.shipped(), new MeasureFormulas()));
    return proofs.shown(document, 0, document.table(0).finish(), Paper.A4.unpaged());
  }

  private static CellBox box(Shown shown, CellMeaning place) {
    return shown.scroll().boxOf(place).orElseThrow();
  }

  @Test
  public void aPickWidensFromTheCellToTheTableAndBack() {
    Pick pick = new Pick(new CellMeaning.Body(2, 0), Part.of(PartName.GRAND_TOTAL_ROW), 0);
    assertThat(pick.circles()).containsExactly("cell", "grand total row", "all totals", "table");
    assertThat(pick.outward().outward().outward().outward()).isEqualTo(pick);
    Shown shown = shown("Plain");
    CellBox total = box(shown, new CellMeaning.Body(2, 0));
    CellBox beside = box(shown, new CellMeaning.Body(2, 1));
    CellBox body = box(shown, new CellMeaning.Body(0, 0));
    assertThat(pick.covers(total)).isTrue();
    assertThat(pick.covers(beside)).isFalse();
    assertThat(pick.outward().covers(beside)).isTrue();
    assertThat(pick.outward().covers(body)).isFalse();
    assertThat(pick.withReach(3).covers(body)).isTrue();
  }

  @Test
  public void partsHaveTheirTintAndDoubtIsInBrass() {
    Shown shown = shown("Plain");
    Tints tints = Tints.of(shown);
    assertThat(tints.of(box(shown, new CellMeaning.Body(0, 0)))).isEmpty();
    assertThat(tints.of(box(shown, new CellMeaning.Body(2, 0))))
        .hasValueSatisfying(one -> isAs(one, Tints.legend().get("Grand totals")));
    assertThat(tints.of(box(shown, new CellMeaning.Head(0, 0, 0))))
        .hasValueSatisfying(one -> isAs(one, Tints.legend().get("Heads")));
    assertThat(tints.of(box(shown, new CellMeaning.Stub(0, 0))))
        .hasValueSatisfying(one -> isAs(one, Tints.legend().get("Stub")));
    assertThat(tints.of(box(shown, new CellMeaning.Word(PartName.UNITS, 0))))
        .hasValueSatisfying(one -> isAs(one, Tints.legend().get("Doubtful")));
    assertThat(tints.of(box(shown, new CellMeaning.Word(PartName.TITLE, 0)))).isEmpty();
  }

  /// Two patterns look the same; the legend has its own of each.
  private static void isAs(Paint one, Paint other) {
    Image image = ((ImagePattern) one).getImage();
    Image like = ((ImagePattern) other).getImage();
    for (int y = 0; y < image.getHeight(); y++) {
      for (int x = 0; x < image.getWidth(); x++) {
        assertThat(like.getPixelReader().getArgb(x, y))
            .isEqualTo(image.getPixelReader().getArgb(x, y));
      }
    }
  }

  @Test
  public void recognitionIsRememberedWhileATableIsDressedAnew() {
    Fonts fonts = new Fonts();
    Document document = Document.EMPTY.withAdded(new Source("piers", PIERS), Finish.in("Plain"));
    Proofs proofs =
        new Proofs(fonts, new Sending(fonts, StyleFile.shipped(), new MeasureFormulas()));
    Shown plain = proofs.shown(document, 0, Finish.in("Plain"), Paper.A4);
    Shown apa = proofs.shown(document, 0, Finish.in("APA 7"), Paper.A4);
    assertThat(apa.recognition()).isSameAs(plain.recognition());
    assertThat(apa.dressed().style()).isEqualTo("APA 7");
  }

  @Test
  public void looksAreToldInWords() {
    assertThat(LooksInWords.words(Property.FILL, "accent")).isEqualTo("on accent");
    assertThat(LooksInWords.words(Property.RULE_ABOVE, "1 pt ink"))
        .isEqualTo("rule above 1 pt ink");
    assertThat(LooksInWords.words(Property.WEIGHT, "bold")).isEqualTo("bold");
  }

  @Test
  public void actionsAreFoundByTheBeginningsOfTheirWords() {
    assertThat(ActionFinder.fits("put on marram house", "put mar")).isTrue();
    assertThat(ActionFinder.fits("put on marram house", "house put")).isTrue();
    assertThat(ActionFinder.fits("put on marram house", "ouse")).isFalse();
    assertThat(ActionFinder.fits("put on marram house", "")).isTrue();
  }

  @Test
  public void recentDocumentsAreKeptLatestFirst() throws IOException, BackingStoreException {
    Preferences store = Preferences.userRoot().node("app/finish/recent-test" + System.nanoTime());
    Path folder = Files.createTempDirectory("finish-recent");
    Recent recent = new Recent(store);
    for (int i = 0; i < 9; i++) {
      recent.add(Files.createFile(folder.resolve(i + ".finish")));
    }
    recent.add(folder.resolve("5.finish"));
    List<String> names =
        recent.files().stream().map(path -> path.getFileName().toString()).toList();
    assertThat(names)
        .containsExactly("5.finish", "8.finish", "7.finish", "6.finish", "4.finish", "3.finish");
    Files.delete(folder.resolve("7.finish"));
    assertThat(recent.files()).hasSize(5);
    store.removeNode();
  }
}
