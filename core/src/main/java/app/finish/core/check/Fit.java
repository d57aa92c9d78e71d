package app.finish.core.check;

import app.finish.core.dress.Dressed;
import app.finish.core.dress.Dresser;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Fonts;
import app.finish.core.layout.page.Compositor;
import app.finish.core.layout.sheet.Scroll;
import app.finish.core.style.Cascade;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Whether a table fits a page, and what would make it fit.
///
/// ```java
/// Fit fit = Fit.of(Dresser.ready(table), cascade, 1, Paper.A4, fonts);
/// fit.fits(); // false
/// fit.mends().getFirst().words(); // "Set it at 85 % of its size"
/// ```
///
/// @param proof the table laid out on the page, or on the wider one that it needs
/// @param asked the page that was asked for
/// @param whole whether the whole table was laid out; of a very long one it is the beginning
/// @param mends what would make it fit
/// @param shorter what would bring it onto one page, where it takes several
public record Fit(Proof proof, Paper asked, boolean whole, List<Mend> mends, List<Mend> shorter) {
  private static final int MOST = 4000;
  private static final Selector TABLE = Selector.of(PartName.TABLE);

  /// Copies the lists.
  public Fit {
    mends = List.copyOf(mends);
    shorter = List.copyOf(shorter);
  }

  /// Lays a table out on a page and looks for what makes it fit.
  public static Fit of(
      Dresser.Ready table, Cascade cascade, String number, Paper paper, Fonts fonts) {
    Dresser.Seen seen = table.seen(cascade, number);
    boolean whole = seen.plan().size() <= MOST;
    Dressed dressed = whole ? table.dressed(cascade, number) : beginning(seen.dressed());
    Proof proof = new Compositor(fonts).layOut(dressed, paper);
    if (proof.paper().equals(paper)) {
      List<Mend> shorter =
          whole ? new OnePage(table, cascade, number, paper, fonts).mends(proof) : List.of();
      return new Fit(proof, paper, whole, List.of(), shorter);
    }
    List<Mend> mends = new ArrayList<>();
    if (paper.height() > paper.width() && proof.paper().equals(paper.turned())) {
      mends.add(new Mend.TurnPage("Turn the page"));
    }
    smaller(table, cascade, number, paper, fonts).ifPresent(mends::add);
    Mend.Touch closer =
        new Mend.Touch("closer", "Move the columns closer", TABLE, Property.PADDING_SIDES, "2 pt");
    if (fits(table.seen(closer.on(cascade), number), paper, fonts)) {
      mends.add(closer);
    }
    Mend.Touch broken =
        new Mend.Touch(
            "brokenheads",
            "Break the heads over narrower columns",
            TABLE,
            Property.COLUMN_WIDTH,
            "1 pt");
    if (fits(table.seen(broken.on(cascade), number), paper, fonts)) {
      mends.add(broken);
    }
    return new Fit(proof, paper, whole, mends, List.of());
  }

  /// The same where the table is wider than the page, or longer; none where one page holds it.
  public static Optional<Fit> ofTooLarge(
      Dresser.Ready table, Cascade cascade, String number, Paper paper, Fonts fonts) {
    Paper needed = Scroll.of(table.seen(cascade, number), fonts, paper).paper();
    return needed.width() == paper.width() && needed.height() <= paper.height()
        ? Optional.empty()
        : Optional.of(of(table, cascade, number, paper, fonts));
  }

  private static Optional<Mend> smaller(
      Dresser.Ready table, Cascade cascade, String number, Paper paper, Fonts fonts) {
    double size = cascade.look(List.of(TABLE)).size();
    double least = cascade.look(List.of(TABLE)).points(Property.LEAST_SIZE);
    for (int share = 95; share >= 50 && size * share / 100 >= least; share -= 5) {
      Mend.Touch smaller =
          new Mend.Touch(
              "smaller",
              "Set it at " + share + " % of its size",
              TABLE,
              Property.SIZE,
              share + "%");
      if (fits(table.seen(smaller.on(cascade), number), paper, fonts)) {
        return Optional.of(smaller);
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
        all.language(),
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
    return mends.isEmpty() && proof.paper().equals(asked);
  }
}
