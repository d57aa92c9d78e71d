package app.finish.core.check;

import app.finish.core.dress.Dresser;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Fonts;
import app.finish.core.layout.page.Compositor;
import app.finish.core.style.Cascade;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What brings a table that takes several pages onto one: closer lines, smaller letters, or both.
///
/// ```java
/// new OnePage(table, cascade, "1", Paper.A4, fonts).mends(proof); // "Set the lines closer"
/// ```
final class OnePage {
  /// More pages than these are never brought onto one by what is tried.
  private static final int MOST_PAGES = 3;

  /// Points. Smaller letters are hard to read beside a text of 12.
  private static final double LEAST = 10;

  private static final int STEP = 5;

  private static final Selector TABLE = Selector.of(PartName.TABLE);

  private final Dresser.Ready table;
  private final Cascade cascade;
  private final String number;
  private final Paper paper;
  private final Fonts fonts;

  OnePage(Dresser.Ready table, Cascade cascade, String number, Paper paper, Fonts fonts) {
    this.table = table;
    this.cascade = cascade;
    this.number = number;
    this.paper = paper;
    this.fonts = fonts;
  }

  /// The mends for a table that lies so on its pages: none if it lies on one, or if nothing helps.
  List<Mend> mends(Proof proof) {
    int pages = proof.pages().size();
    if (pages == 1 || pages > MOST_PAGES) {
      return List.of();
    }
    List<Mend> mends = new ArrayList<>();
    List<Mend.Touch> closer = closer();
    if (!closer.isEmpty() && isOne(closer)) {
      mends.add(several("Set the lines closer", closer));
    }
    smaller(List.of()).ifPresent(mends::add);
    if (mends.isEmpty() && !closer.isEmpty()) {
      smaller(closer).ifPresent(mends::add);
    }
    return mends;
  }

  /// Single lines and little space between rows, as far as they are wider now.
  private List<Mend.Touch> closer() {
    List<Mend.Touch> closer = new ArrayList<>();
    for (PartName part : List.of(PartName.TABLE, PartName.BODY, PartName.STUB)) {
      if (cascade.look(List.of(Selector.of(part))).lineHeight() > 1.3) {
        closer.add(new Mend.Touch("lines", "", Selector.of(part), Property.LINE_HEIGHT, "1.2"));
      }
    }
    for (Property space : List.of(Property.PADDING_ABOVE, Property.PADDING_BELOW)) {
      if (cascade.look(List.of(TABLE)).points(space) > 0.5) {
        closer.add(new Mend.Touch("lines", "", TABLE, space, "0.5 pt"));
      }
    }
    return closer;
  }

  /// The largest letters at which it lies on one page.
  private Optional<Mend> smaller(List<Mend.Touch> before) {
    double size = cascade.look(List.of(TABLE)).size();
    double least = Math.max(LEAST, cascade.look(List.of(TABLE)).points(Property.LEAST_SIZE)) - 1e-9;
    for (int share = 100 - STEP; size * share / 100 >= least; share -= STEP) {
      List<Mend.Touch> all = new ArrayList<>(before);
      all.add(new Mend.Touch("smaller", "", TABLE, Property.SIZE, share + "%"));
      if (isOne(all)) {
        String lines = before.isEmpty() ? "Set it" : "Set the lines closer,";
        return Optional.of(several(lines + " at " + share + " % of its size", all));
      }
    }
    return Optional.empty();
  }

  private boolean isOne(List<Mend.Touch> touches) {
    Cascade tried = cascade;
    for (Mend.Touch touch : touches) {
      tried = touch.on(tried);
    }
    Proof proof = new Compositor(fonts).layOut(table.dressed(tried, number), paper);
    return proof.paper().equals(paper) && proof.pages().size() == 1;
  }

  private static Mend several(String words, List<Mend.Touch> touches) {
    return new Mend.Several(words, List.copyOf(touches));
  }
}
