package app.finish.desktop.model;

import app.finish.core.Finishing;
import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.Arranger;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.check.Checked;
import app.finish.core.check.Finding;
import app.finish.core.check.Fit;
import app.finish.core.check.demand.Checks;
import app.finish.core.document.Document;
import app.finish.core.document.DocumentTable;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.document.Worded;
import app.finish.core.dress.Dresser;
import app.finish.core.dress.Overlay;
import app.finish.core.layout.Paper;
import app.finish.core.layout.font.Fonts;
import app.finish.core.layout.sheet.FirstScreen;
import app.finish.core.layout.sheet.Scroll;
import app.finish.core.note.Lettering;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.style.Cascade;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.Touches;
import app.finish.core.style.colour.Palette;
import app.finish.core.table.Table;
import app.finish.formats.Sending;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Makes what is shown of a table, and remembers what was recognised lately, which doesn't change
/// when a table is only dressed anew. It may be asked from any thread.
public final class Proofs {
  private static final int KEPT = 24;
  private static final double IN_SIGHT = 800;

  private record Key(Source source, Corrections corrections) {
    @Override
    public boolean equals(Object other) {
      return other instanceof Key that
          && source == that.source
          && corrections.equals(that.corrections);
    }

    @Override
    public int hashCode() {
      return 31 * System.identityHashCode(source) + corrections.hashCode();
    }
  }

  private record Kept(
      Table table,
      Arranger.Ready ready,
      Arrangement arrangement,
      Arranged arranged,
      Dresser.Ready dresser) {}

  /// A table as it was recognised, and what does not hold of it.
  private record Known(Recognition recognition, List<Finding> findings) {}

  private record Last(Document document, Shown shown) {}

  /// What looks depend on.
  private record Looks(List<HouseStyle> styles, Palette palette, String style, Touches touches) {}

  private record Worn(Looks looks, Cascade cascade) {}

  private volatile Optional<Worn> worn = Optional.empty();
  private volatile Optional<Last> last = Optional.empty();
  private volatile Optional<Kept> kept = Optional.empty();
  private final Fonts fonts;
  private final Sending sending;
  private final Map<Key, Known> recognised =
      new LinkedHashMap<>(KEPT, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Key, Known> eldest) {
          return size() > KEPT;
        }
      };

  public Proofs(Fonts fonts, Sending sending) {
    this.fonts = fonts;
    this.sending = sending;
  }

  /// What is shown of a table of a document, under this finish.
  public Shown shown(Document document, int index, Finish finish, Paper paper) {
    Recognition recognition = recognised(document, index, finish);
    Arranged arranged = arranged(recognition.table(), finish.arrangement());
    Shown shown = laidOut(document, index, finish, recognition, arranged, paper);
    arranged.lookAhead();
    shown.scroll().between(0, IN_SIGHT, 0, IN_SIGHT);
    last = Optional.of(new Last(document, shown));
    return shown;
  }

  /// What is in sight of a long table that was shown last, if only its arrangement is another: it
  /// is there long before the whole of it is.
  Optional<Scroll> glimpse(Document document, int index, Finish finish, FirstScreen.Area sight) {
    Optional<Shown> before =
        before(document, index, finish)
            .filter(shown -> Shown.isLong(shown.recognition().table()))
            .filter(shown -> !Worded.needsWhole(finish, shown.recognition().table()))
            .filter(shown -> !shown.finish().arrangement().equals(finish.arrangement()));
    if (before.isEmpty()) {
      return Optional.empty();
    }
    Recognition recognition = before.get().recognition();
    Optional<Arranger.Ready> ready =
        kept.filter(one -> one.table == recognition.table()).map(one -> one.ready);
    if (ready.isEmpty() || recognition != recognised(document, index, finish)) {
      return Optional.empty();
    }
    FirstScreen.Corner corner =
        (rows, columns) ->
            ready
                .get()
                .arrangeFirst(finish.arrangement(), rows, columns)
                .map(
                    arranged ->
                        seen(
                            document,
                            index,
                            finish,
                            Worded.of(arranged, finish, document.wording()).table(),
                            Dresser.readyFirst(arranged)));
    return FirstScreen.of(before.get().scroll(), Paper.A4.unpaged(), corner, sight);
  }

  /// The table that was shown last, if at most its numbers and its arrangement differed.
  private Optional<Shown> before(Document document, int index, Finish finish) {
    return last.filter(one -> one.document.styles().equals(document.styles()))
        .filter(one -> one.document.palette().equals(document.palette()))
        .filter(one -> one.document.wording().equals(document.wording()))
        .map(Last::shown)
        .filter(shown -> shown.number() == document.number(document.tablePlace(index)))
        .filter(shown -> shown.finish().withArrangement(finish.arrangement()).equals(finish));
  }

  /// The same for a small picture: what is remembered of the table at hand stays.
  public Shown picture(Document document, int index, Finish finish, Paper paper) {
    Recognition recognition = recognised(document, index, finish);
    Table table = recognition.table();
    Arranged arranged =
        known(table, finish.arrangement()).orElseGet(() -> after(table, finish.arrangement()));
    return laidOut(document, index, finish, recognition, arranged, paper);
  }

  /// A table of a document on a page, and what would make it fit.
  public Fit fit(Document document, int index, Paper paper) {
    Finish finish = document.table(index).finish();
    Recognition recognition = recognised(document, index, finish);
    Table table = recognition.table();
    Arranged arranged =
        known(table, finish.arrangement()).orElseGet(() -> after(table, finish.arrangement()));
    Cascade cascade = sending.styles(document).cascade(finish.style()).touched(finish.touches());
    Dresser.Ready dresser =
        dresser(arranged)
            .worded(Worded.of(arranged, finish, document.wording()).table())
            .under(overlays(finish, cascade));
    return Fit.of(dresser, cascade, document.numeral(document.tablePlace(index)), paper, fonts);
  }

  private Recognition recognised(Document document, int index, Finish finish) {
    return recognition(document.table(index).source(), finish.corrections());
  }

  private Shown laidOut(
      Document document,
      int index,
      Finish finish,
      Recognition recognition,
      Arranged arranged,
      Paper paper) {
    DocumentTable table = document.table(index);
    Dresser.Ready dresser = dresser(arranged);
    Lettering.Lettered worded = Worded.of(arranged, finish, document.wording());
    Dresser.Seen seen = seen(document, index, finish, worded.table(), dresser);
    Scroll scroll =
        before(document, index, finish)
            .filter(shown -> shown.recognition() == recognition)
            .filter(shown -> Shown.isLong(shown.arranged().table()))
            .filter(shown -> finish.arrangement().hasRowsOf(shown.finish().arrangement()))
            .flatMap(shown -> shown.scroll().reordered(seen))
            .orElseGet(() -> Scroll.of(seen, fonts, paper));
    return new Shown(
        table,
        document.number(document.tablePlace(index)),
        finish,
        recognition,
        known(table.source(), finish.corrections()).findings,
        arranged,
        scroll,
        dresser.naming(),
        worded);
  }

  private Dresser.Seen seen(
      Document document, int index, Finish finish, Table worded, Dresser.Ready dresser) {
    Cascade cascade = onScreen(document, finish);
    return dresser
        .worded(worded)
        .under(overlays(finish, cascade))
        .seen(cascade, document.numeral(document.tablePlace(index)));
  }

  /// The looks of a finish on a screen. The last are remembered: those that highlights make of them
  /// are many.
  private Cascade onScreen(Document document, Finish finish) {
    Looks wanted =
        new Looks(document.styles(), document.palette(), finish.style(), finish.touches());
    Optional<Worn> before = worn.filter(one -> one.looks.equals(wanted));
    if (before.isPresent()) {
      return before.get().cascade;
    }
    Cascade cascade =
        sending.styles(document).cascade(finish.style()).touched(finish.touches()).onScreen();
    worn = Optional.of(new Worn(wanted, cascade));
    return cascade;
  }

  private List<Overlay> overlays(Finish finish, Cascade cascade) {
    return Dresser.overlays(finish.highlights(), cascade, sending.formulas().ofCells());
  }

  /// A table in an arrangement. The last one is remembered: it does not change when a table is only
  /// dressed anew.
  Arranged arranged(Table table, Arrangement arrangement) {
    Optional<Arranged> known = known(table, arrangement);
    if (known.isPresent()) {
      return known.get();
    }
    Arranger.Ready ready =
        kept.filter(one -> one.table == table)
            .map(one -> one.ready)
            .orElseGet(() -> Arranger.ready(table, sending.formulas()));
    Arranged fresh = ready.arrange(arrangement);
    Dresser.Ready dresser = Dresser.ready(fresh);
    kept = Optional.of(new Kept(table, ready, arrangement, fresh, dresser));
    return fresh;
  }

  private Dresser.Ready dresser(Arranged arranged) {
    return kept.filter(one -> one.arranged == arranged)
        .map(one -> one.dresser)
        .orElseGet(() -> Dresser.ready(arranged));
  }

  private Optional<Arranged> known(Table table, Arrangement arrangement) {
    return kept.filter(one -> one.table == table && one.arrangement.equals(arrangement))
        .map(one -> one.arranged);
  }

  /// A table as it stands after some of its moves; what is remembered stays.
  Arranged after(Table table, Arrangement some) {
    return kept.filter(one -> one.table == table)
        .map(one -> one.ready)
        .orElseGet(() -> Arranger.ready(table, sending.formulas()))
        .arrange(some);
  }

  Recognition recognition(Source source, Corrections corrections) {
    return known(source, corrections).recognition;
  }

  private Known known(Source source, Corrections corrections) {
    Key key = new Key(source, corrections);
    synchronized (recognised) {
      Known known = recognised.get(key);
      if (known != null) {
        return known;
      }
    }
    Recognition recognition = Finishing.recognition(source, corrections);
    Checked checked =
        source.tally().isPresent()
            ? Checked.NOTHING.recognised(recognition)
            : Checked.of(recognition, source.grid());
    Known fresh = new Known(recognition, Checks.ALL.of(checked));
    synchronized (recognised) {
      Known meanwhile = recognised.putIfAbsent(key, fresh);
      return meanwhile == null ? fresh : meanwhile;
    }
  }
}
