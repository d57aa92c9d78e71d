package app.finish.core.dress;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.TestStyles;
import app.finish.core.arrange.place.Side;
import app.finish.core.grid.Grid;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Fonts;
import app.finish.core.layout.page.Compositor;
import app.finish.core.layout.sheet.Scroll;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.style.Cascade;
import app.finish.core.style.Layer;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.Touches;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.Test;

/// A layer that goes by values lies over the style and below touches, and what it changes of texts
/// makes columns wider and rows higher, in the whole table and where it comes in sight.
public class OverlayTest {
  private static final Selector LARGE = new Selector.OfMeasure("large figures");

  /// Sets figures above a bound otherwise.
  private record Above(double bound, Map<Property, String> settings) implements Overlay, Layer {
    @Override
    public Layer layer() {
      return this;
    }

    @Override
    public String name() {
      return "large figures";
    }

    @Override
    public Set<Selector> selectors() {
      return Set.of(LARGE);
    }

    @Override
    public Map<Property, String> of(Selector selector) {
      return selector.equals(LARGE) ? settings : Map.of();
    }

    @Override
    public CellLayer on(Table table, SourceLabels labels) {
      return new CellLayer() {
        @Override
        public List<Selector> onFigure(int row, int column) {
          boolean large =
              table.body().at(row, column) instanceof Value.Numeric number
                  && number.number() > bound;
          return large ? List.of(LARGE) : List.of();
        }

        @Override
        public List<Selector> onHeading(Side side, int leaf, int level) {
          return List.of();
        }

        @Override
        public int group(int row) {
          int group = 0;
          for (int column = 0; column < table.across().leaves().size(); column++) {
            group = group * 2 + (onFigure(row, column).isEmpty() ? 0 : 1);
          }
          return group;
        }
      };
    }
  }

  private static Table table(int rows) {
    List<String> lines = new ArrayList<>(List.of("Route | Fares | Cost"));
    for (int row = 0; row < rows; row++) {
      lines.add("R" + row + " | " + row * 10 + " | " + (1000 - row));
    }
    return Recogniser.recognise(Grid.ofText(lines.toArray(String[]::new)), Corrections.NONE)
        .table();
  }

  private static final Above BOLD = new Above(995, Map.of(Property.SIZE, "30 pt"));
  private final Cascade cascade = TestStyles.book().cascade("House");

  @Test
  public void itLiesOverTheStyleAndBelowTouches() {
    Dresser.Ready ready = Dresser.ready(table(3)).under(List.of(BOLD));
    Dressed dressed = ready.dressed(cascade, "1");
    DressedRow first = dressed.band(DressedRow.Band.BODY).getFirst();
    assertThat(first.cells().get(1).look().size()).isLessThan(30);
    assertThat(first.cells().get(2).look().size()).isEqualTo(30);
    assertThat(first.cells().get(2).look().origin(Property.SIZE).toString())
        .contains("large figures");
    Touches touches =
        Touches.NONE.with(
            new Selector.OfPlace(List.of("R0"), List.of("Cost"), false), Property.SIZE, "11 pt");
    Dressed touched = ready.dressed(cascade.touched(touches), "1");
    assertThat(touched.band(DressedRow.Band.BODY).getFirst().cells().get(2).look().size())
        .isEqualTo(11);
  }

  @Test
  public void columnsAndRowsHaveRoomForIt() {
    Fonts fonts = new Fonts();
    Table table = table(400);
    Proof plain =
        new Compositor(fonts)
            .layOut(Dresser.ready(table).dressed(cascade, "1"), Paper.A4.unpaged());
    Dresser.Ready ready = Dresser.ready(table).under(List.of(BOLD));
    Proof whole = new Compositor(fonts).layOut(ready.dressed(cascade, "1"), Paper.A4.unpaged());
    assertThat(whole.columns().get(2).width()).isGreaterThan(plain.columns().get(2).width() * 1.5);
    double first =
        whole.pages().getFirst().boxes().stream()
            .filter(box -> box.cell().text().equals("R0"))
            .findFirst()
            .orElseThrow()
            .height();
    double late =
        whole.pages().getFirst().boxes().stream()
            .filter(box -> box.cell().text().equals("R50"))
            .findFirst()
            .orElseThrow()
            .height();
    assertThat(first).isGreaterThan(late * 1.5);
    Scroll seen = Scroll.of(ready.seen(cascade, "1"), fonts, Paper.A4.unpaged());
    assertThat(seen.columns()).isEqualTo(whole.columns());
  }
}
