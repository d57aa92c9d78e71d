package app.finish.core.layout.sheet;

import app.finish.core.dress.Dressed;
import app.finish.core.dress.Dresser;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Fonts;
import app.finish.core.layout.page.Compositor;
import app.finish.core.style.Cascade;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.Touches;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Whether a table fits a page, and what would make it fit.
///
/// ```java
/// Fit fit = Fit.of(Dresser.ready(table), cascade, 1, Paper.A4, fonts);
/// fit.fits(); // false
/// fit.remedies().getFirst(); // Smaller[share=85]
/// ```
///
/// @param proof the table laid out on the page, or on the wider one that it needs
/// @param asked the page that was asked for
/// @param whole whether the whole table was laid out; of a very long one it is the beginning
/// @param remedies what would make it fit
public record Fit(Proof proof, Paper asked, boolean whole, List<Remedy> remedies) {
  private static final int MOST = 4000;
  private static final Selector TABLE = Selector.of(PartName.TABLE);

  /// Copies the list.
  public Fit {
    remedies = List.copyOf(remedies);
  }

  /// Something that makes a table fit a page.
  public sealed interface Remedy {
    /// The page turned to its side.
    record Turned() implements Remedy {}

    /// A smaller face, no smaller than the style allows.
    ///
    /// @param share the share of the sizes as they are, in percent
    record Smaller(int share) implements Remedy {}

    /// Less space at the sides of the columns, 2 pt.
    record Closer() implements Remedy {}

    /// Columns of figures no wider than their figures, with their heads broken.
    record BrokenHeads() implements Remedy {}
  }

  /// Lays a table out on a page and looks for what makes it fit.
  public static Fit of(Dresser.Ready table, Cascade cascade, int number, Paper paper, Fonts fonts) {
    Dresser.Seen seen = table.seen(cascade, number);
    boolean whole = seen.plan().size() <= MOST;
    Dressed dressed = whole ? table.dressed(cascade, number) : beginning(seen.dressed());
    Proof proof = new Compositor(fonts).layOut(dressed, paper);
    if (proof.paper().equals(paper)) {
      return new Fit(proof, paper, whole, List.of());
    }
    List<Remedy> remedies = new ArrayList<>();
    if (paper.height() > paper.width() && proof.paper().equals(paper.turned())) {
      remedies.add(new Remedy.Turned());
    }
    Touches touches = cascade.touches();
    smaller(table, cascade, number, paper, fonts).ifPresent(remedies::add);
    Touches closer = touches.with(TABLE, Property.PADDING_SIDES, "2 pt");
    if (fits(table.seen(cascade.touched(closer), number), paper, fonts)) {
      remedies.add(new Remedy.Closer());
    }
    Touches broken = touches.with(TABLE, Property.COLUMN_WIDTH, "1 pt");
    if (fits(table.seen(cascade.touched(broken), number), paper, fonts)) {
      remedies.add(new Remedy.BrokenHeads());
    }
    return new Fit(proof, paper, whole, remedies);
  }

  private static Optional<Remedy> smaller(
      Dresser.Ready table, Cascade cascade, int number, Paper paper, Fonts fonts) {
    double size = cascade.look(List.of(TABLE)).size();
    double least = cascade.look(List.of(TABLE)).points(Property.LEAST_SIZE);
    for (int share = 95; share >= 50 && size * share / 100 >= least; share -= 5) {
      Touches touches = cascade.touches().with(TABLE, Property.SIZE, share + "%");
      if (fits(table.seen(cascade.touched(touches), number), paper, fonts)) {
        return Optional.of(new Remedy.Smaller(share));
      }
    }
    return Optional.empty();
  }

  /// Only the widest rows are measured for that.
  private static boolean fits(Dresser.Seen seen, Paper paper, Fonts fonts) {
    return Scroll.of(seen, fonts, paper).paper().width() == paper.width();
  }

  /// The words, the heads and the first rows of a long table.
  private static Dressed beginning(Dressed all) {
    Dressed.Bands bands = all.bands();
    int end = bands.firstBody() + MOST;
    return new Dressed(
        all.style(),
        all.palette(),
        all.root(),
        List.copyOf(all.rows().subList(0, end)),
        new Dressed.Bands(bands.firstHead(), bands.firstBody(), end),
        all.stubColumns(),
        all.columns(),
        all.measures());
  }

  /// Whether the table fits the page that was asked for.
  public boolean fits() {
    return remedies.isEmpty() && proof.paper().equals(asked);
  }

  /// The touches that a remedy makes; a turned page needs none.
  public static Touches touches(Remedy remedy, Touches touches) {
    return switch (remedy) {
      case Remedy.Turned turned -> touches;
      case Remedy.Smaller smaller -> touches.with(TABLE, Property.SIZE, smaller.share + "%");
      case Remedy.Closer closer -> touches.with(TABLE, Property.PADDING_SIDES, "2 pt");
      case Remedy.BrokenHeads heads -> touches.with(TABLE, Property.COLUMN_WIDTH, "1 pt");
    };
  }
}
