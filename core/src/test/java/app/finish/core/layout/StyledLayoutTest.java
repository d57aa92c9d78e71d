package app.finish.core.layout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.finish.core.RandomStyles;
import app.finish.core.RandomTables;
import app.finish.core.check.Fit;
import app.finish.core.check.Mend;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.Dresser;
import app.finish.core.layout.font.Fonts;
import app.finish.core.layout.page.Compositor;
import app.finish.core.layout.sheet.Scroll;
import app.finish.core.style.Cascade;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.StyleBook;
import app.finish.core.style.Touches;
import app.finish.core.table.Table;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// What a style sets is what is laid out.
public class StyledLayoutTest {
  private static final Fonts FONTS = new Fonts();
  private static final Selector TABLE = Selector.of(PartName.TABLE);

  @DataProvider
  public Object[][] seeds() {
    return IntStream.range(0, 60).mapToObj(i -> new Object[] {i}).toArray(Object[][]::new);
  }

  private static Cascade cascade(HouseStyle style) {
    return StyleBook.of(List.of(style)).cascade(style.name());
  }

  private static Proof proof(Table table, HouseStyle style) {
    Dressed dressed = Dresser.dress(table, cascade(style), 1);
    return new Compositor(FONTS).layOut(dressed, Paper.A4.unpaged());
  }

  /// Any style at all: the sheet that is seen row by row is the page that is laid out whole.
  @Test(dataProvider = "seeds")
  public void theSheetIsTheSameAsThePageInAnyStyle(int seed) {
    Random random = new Random(seed);
    Table table = new RandomTables(seed).table();
    HouseStyle style = RandomStyles.style("Own", "", random);
    Proof.Page page = proof(table, style).pages().getFirst();
    Scroll scroll = Scroll.of(Dresser.seen(table, cascade(style), 1), FONTS, Paper.A4);
    Proof.Page seen = scroll.between(0, scroll.paper().height());
    assertThat(seen.marks()).hasSameSizeAs(page.marks());
    assertThat(scroll.paper().height()).isCloseTo(page.height(), within(1e-6));
    for (int i = 0; i < page.marks().size(); i++) {
      assertThat(seen.marks().get(i).top()).isCloseTo(page.marks().get(i).top(), within(1e-6));
      assertThat(seen.marks().get(i).getClass()).isEqualTo(page.marks().get(i).getClass());
    }
  }

  private static Table table() {
    return new RandomTables(11).table();
  }

  private static HouseStyle with(Property property, String setting) {
    return HouseStyle.blank("Own").with(TABLE, property, setting);
  }

  @Test
  public void columnsAreEvenOrAsWideAsIsSaid() {
    Proof even = proof(table(), with(Property.COLUMN_WIDTH, "even"));
    int stub = even.dressed().stubColumns();
    List<Proof.Column> columns = even.columns().subList(stub, even.columns().size());
    assertThat(columns)
        .allSatisfy(
            one -> assertThat(one.width()).isCloseTo(columns.getFirst().width(), within(7.0)));
    Proof fixed = proof(table(), with(Property.COLUMN_WIDTH, "90 pt"));
    assertThat(fixed.columns().getLast().width()).isBetween(90.0, 98.0);
    Proof wide = proof(table(), with(Property.WIDTH, "470 pt"));
    assertThat(wide.columns().stream().mapToDouble(Proof.Column::width).sum())
        .isCloseTo(470, within(0.5));
  }

  @Test
  public void rowsAreAtLeastAsHighAsIsSaid() {
    Proof proof = proof(table(), with(Property.ROW_HEIGHT, "31 pt"));
    for (CellBox box : proof.pages().getFirst().boxes()) {
      assertThat(box.height()).isGreaterThanOrEqualTo(31);
    }
  }

  @Test
  public void aTextIsShortenedToOneLine() {
    HouseStyle style = with(Property.WIDTH, "200 pt").with(TABLE, Property.LONG_TEXTS, "shorten");
    Proof proof = proof(table(), style);
    boolean any = false;
    for (Mark mark : proof.pages().getFirst().marks()) {
      any |= mark instanceof Mark.Text text && text.text().endsWith("…");
    }
    Proof broken = proof(table(), with(Property.WIDTH, "200 pt"));
    assertThat(proof.pages().getFirst().height())
        .isLessThanOrEqualTo(broken.pages().getFirst().height());
    assertThat(any || proof.pages().getFirst().height() == broken.pages().getFirst().height())
        .isTrue();
  }

  @Test
  public void linesUnderTextsAreAsWideAsTheTexts() {
    HouseStyle style =
        HouseStyle.blank("Own").with(Selector.of(PartName.BODY), Property.UNDERLINE, "double");
    Proof.Page page = proof(table(), style).pages().getFirst();
    long figures =
        page.boxes().stream()
            .filter(box -> box.cell().place() instanceof CellMeaning.Body)
            .filter(box -> !box.cell().text().isEmpty())
            .count();
    long rules = page.marks().stream().filter(Mark.Rule.class::isInstance).count();
    assertThat(rules).isEqualTo(2 * figures);
  }

  @Test
  public void aRuleForFiguresLeavesTheStubFree() {
    HouseStyle style =
        HouseStyle.blank("Own")
            .with(Selector.of(PartName.STUB), Property.INDENT, "1 pt")
            .with(
                Selector.of(PartName.GRAND_TOTAL_ROW),
                Property.RULE_ABOVE,
                "1 pt ink figures gap 3 pt");
    for (int seed = 0; seed < 20; seed++) {
      Proof proof = proof(new RandomTables(seed).table(), style);
      double stub =
          proof.paper().margin()
              + IntStream.range(0, proof.dressed().stubColumns())
                  .mapToDouble(column -> proof.columns().get(column).width())
                  .sum();
      for (Mark mark : proof.pages().getFirst().marks()) {
        if (mark instanceof Mark.Rule rule) {
          assertThat(rule.x1()).isGreaterThanOrEqualTo(stub + 3 - 0.01);
        }
      }
    }
  }

  @Test
  public void aFrameStandsAroundTheTableAndClearOfIt() {
    HouseStyle style = with(Property.FRAME, "1 pt ink").with(TABLE, Property.RADIUS, "6 pt");
    Proof proof = proof(table(), style);
    List<Mark.Frame> frames =
        proof.pages().getFirst().marks().stream()
            .filter(Mark.Frame.class::isInstance)
            .map(Mark.Frame.class::cast)
            .toList();
    assertThat(frames).hasSize(1);
    for (CellBox box : proof.pages().getFirst().boxes()) {
      if (!(box.cell().place() instanceof CellMeaning.Word)) {
        assertThat(box.x()).isGreaterThan(frames.getFirst().x());
        assertThat(box.y() + box.height())
            .isLessThan(frames.getFirst().y() + frames.getFirst().height());
      }
    }
  }

  @Test
  public void whatIsSaidToMakeATableFitMakesItFit() {
    int mended = 0;
    for (int seed = 0; seed < 40; seed++) {
      Table table = new RandomTables(seed).table();
      Cascade cascade = cascade(with(Property.SIZE, "13 pt"));
      Dresser.Ready ready = Dresser.ready(table);
      Fit fit = Fit.of(ready, cascade, "1", Paper.A4, FONTS);
      assertThat(fit.fits()).isEqualTo(fit.proof().paper().equals(Paper.A4));
      for (Mend remedy : fit.mends()) {
        Paper paper = remedy instanceof Mend.TurnPage ? Paper.A4.turned() : Paper.A4;
        Touches touches =
            remedy instanceof Mend.Touch touch
                ? Touches.NONE.with(touch.selector(), touch.property(), touch.setting())
                : Touches.NONE;
        Fit after = Fit.of(ready, cascade.touched(touches), "1", paper, FONTS);
        assertThat(after.proof().paper()).as(seed + " " + remedy).isEqualTo(paper);
        mended++;
      }
    }
    assertThat(mended).isGreaterThan(5);
  }
}
