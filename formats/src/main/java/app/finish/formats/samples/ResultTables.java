package app.finish.formats.samples;

import app.finish.core.arrange.make.HalfMatrix;
import app.finish.core.arrange.make.HideLevel;
import app.finish.core.arrange.make.JoinMeasures;
import app.finish.core.arrange.make.LoneSpanners;
import app.finish.core.arrange.make.NameLevel;
import app.finish.core.arrange.make.RenameMember;
import app.finish.core.arrange.make.SetMemberAside;
import app.finish.core.arrange.make.SwapAxes;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.place.Side;
import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.note.Lettering;
import app.finish.core.note.OwnNote;
import app.finish.core.note.OwnNotes;
import app.finish.core.style.PartName;
import java.io.IOException;
import java.util.List;

/// Four tables of results of the survey as a journal prints them: descriptives, an analysis of
/// variance, a correlation matrix and a regression, in APA 7.
///
/// ```java
/// Document four = ResultTables.document();
/// ```
public final class ResultTables {
  private static final int DESCRIPTIVES = 2;
  private static final int CORRELATIONS = 4;
  private static final int REGRESSION = 5;
  private static final int VARIANCE = 6;

  private ResultTables() {}

  /// The document.
  public static Document document() throws IOException {
    List<Source> sources = Samples.read("survey-output.html");
    return Document.EMPTY
        .withAdded(sources.get(DESCRIPTIVES), descriptives())
        .withAdded(sources.get(VARIANCE), variance())
        .withAdded(sources.get(CORRELATIONS), correlations())
        .withAdded(sources.get(REGRESSION), regression());
  }

  private static Finish titled(String title, OwnNotes notes, Move... moves) {
    return Finish.in("APA 7")
        .withWord(PartName.TITLE, title)
        .withNotes(notes)
        .withArrangement(Arrangement.of(moves));
  }

  private static Finish descriptives() {
    return titled(
        "Comfort, trust and crowding aboard",
        OwnNotes.NONE.with(OwnNote.of(OwnNote.Kind.GENERAL, "Scales run from 1 to 5.")),
        new SwapAxes(),
        new NameLevel(Side.DOWN, 0, "Scale"),
        new JoinMeasures("M", "SD", JoinMeasures.Form.BRACKETS, "M (SD)"));
  }

  private static Finish variance() {
    return titled("Analysis of variance of comfort", OwnNotes.NONE);
  }

  private static Finish correlations() {
    return titled(
        "Correlations of the scales",
        OwnNotes.NONE,
        new SetMemberAside(Side.DOWN, 1, "p"),
        new SetMemberAside(Side.DOWN, 1, "n"),
        new HideLevel(Side.DOWN, 1),
        new HalfMatrix(true),
        new NameLevel(Side.DOWN, 0, "Scale"));
  }

  private static Finish regression() {
    return titled(
        "Regression of comfort",
        OwnNotes.NONE.with(OwnNote.of(OwnNote.Kind.GENERAL, Lettering.ABBREVIATIONS)),
        new JoinMeasures("lower", "upper", JoinMeasures.Form.INTERVAL, "95% CI"),
        new LoneSpanners(),
        new RenameMember(Side.ACROSS, 0, "Standardised β", "\\beta"));
  }
}
