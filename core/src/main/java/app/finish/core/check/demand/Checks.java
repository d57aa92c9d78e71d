package app.finish.core.check.demand;

import app.finish.core.check.Check;
import app.finish.core.check.Checked;
import app.finish.core.check.FiguresHavePlaces;
import app.finish.core.check.Finding;
import app.finish.core.check.HighlightsSeen;
import app.finish.core.check.InksRead;
import app.finish.core.check.TableFits;
import app.finish.core.check.TotalsAddUp;
import app.finish.core.check.access.HeadsTellApart;
import app.finish.core.check.access.TotalsOnOneSide;
import app.finish.core.check.apa.AbbreviationsExplained;
import app.finish.core.check.apa.ColumnsHaveHeads;
import app.finish.core.check.apa.DecimalsAlike;
import app.finish.core.check.apa.FaceIsOne;
import app.finish.core.check.apa.FillsAreExplained;
import app.finish.core.check.apa.GapsAreExplained;
import app.finish.core.check.apa.HeadsInSentenceCase;
import app.finish.core.check.apa.IntervalsHeaded;
import app.finish.core.check.apa.LiesOnOnePage;
import app.finish.core.check.apa.MarksAreExplained;
import app.finish.core.check.apa.MinusIsMinus;
import app.finish.core.check.apa.NotesInOrder;
import app.finish.core.check.apa.NothingTwice;
import app.finish.core.check.apa.NumberStands;
import app.finish.core.check.apa.ProbabilitiesWritten;
import app.finish.core.check.apa.RulesLieFlat;
import app.finish.core.check.apa.SourceIsTold;
import app.finish.core.check.apa.SpacingIsEven;
import app.finish.core.check.apa.SpannersSpan;
import app.finish.core.check.apa.StarsInOrder;
import app.finish.core.check.apa.SymbolsStandOut;
import app.finish.core.check.apa.TitleStands;
import app.finish.core.check.apa.UnitsInHeads;
import app.finish.core.check.apa.ZeroBeforePoint;
import app.finish.core.check.arithmetic.EffectsFollow;
import app.finish.core.check.arithmetic.FiguresPossible;
import app.finish.core.check.arithmetic.FreedomFollows;
import app.finish.core.check.arithmetic.IntervalsFollow;
import app.finish.core.check.arithmetic.MeansPossible;
import app.finish.core.check.arithmetic.PercentsFollow;
import app.finish.core.check.arithmetic.ProbabilitiesFollow;
import app.finish.core.check.arithmetic.ResultCheck;
import app.finish.core.check.arithmetic.SquaresFollow;
import app.finish.core.check.arithmetic.StatisticsFollow;
import app.finish.core.check.arithmetic.WordsFollow;
import app.finish.core.check.house.HouseDemand;
import app.finish.core.style.Cascade;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// Checks in the order in which they are shown.
///
/// ```java
/// List<Finding> findings = Checks.ALL.of(Checked.of(recognition, grid));
/// Checks.demandedBy(cascade); // with those of APA 7, if the style is based on it
/// ```
///
/// @param checks the checks
public record Checks(List<Check> checks) {
  private static final String APA_STYLE = "APA 7";

  /// Those that hold for every table, whatever it wears.
  public static final Checks ALL =
      new Checks(
          List.of(
              new FiguresHavePlaces(),
              new TotalsAddUp(),
              new FiguresPossible(),
              new ProbabilitiesFollow(),
              new StatisticsFollow(),
              new SquaresFollow(),
              new FreedomFollows(),
              new EffectsFollow(),
              new MeansPossible(),
              new IntervalsFollow(),
              new PercentsFollow(),
              new WordsFollow(),
              new HeadsTellApart(),
              new TotalsOnOneSide(),
              new InksRead(),
              new HighlightsSeen(),
              new TableFits()));

  /// What the APA manual asks for besides.
  public static final Checks APA =
      new Checks(
          List.of(
              new NumberStands(),
              new TitleStands(),
              new FaceIsOne(),
              new SpacingIsEven(),
              new ColumnsHaveHeads(),
              new HeadsInSentenceCase(),
              new SpannersSpan(),
              new UnitsInHeads(),
              new RulesLieFlat(),
              new FillsAreExplained(),
              new DecimalsAlike(),
              new ZeroBeforePoint(),
              new ProbabilitiesWritten(),
              new SymbolsStandOut(),
              new MinusIsMinus(),
              new GapsAreExplained(),
              new MarksAreExplained(),
              new NotesInOrder(),
              new StarsInOrder(),
              new AbbreviationsExplained(),
              new IntervalsHeaded(),
              new SourceIsTold(),
              new NothingTwice(),
              new LiesOnOnePage()));

  /// Copies the list.
  public Checks {
    checks = List.copyOf(checks);
  }

  /// What a style demands: a style that is APA 7, or based on it, what the manual asks for too, and
  /// what it asks for in sentences of its own.
  public static Checks demandedBy(Cascade cascade) {
    boolean apa = cascade.chain().stream().anyMatch(style -> style.name().equals(APA_STYLE));
    Checks own = new Checks(HouseDemand.of(cascade));
    return apa ? ALL.and(APA).and(own) : ALL.and(own);
  }

  /// These and others.
  public Checks and(Checks others) {
    return new Checks(Stream.concat(checks.stream(), others.checks.stream()).distinct().toList());
  }

  /// The one with an id, if it is among these.
  public Optional<Check> named(String id) {
    return checks.stream().filter(check -> check.id().equals(id)).findFirst();
  }

  /// What does not hold of a table.
  public List<Finding> of(Checked table) {
    List<Finding> findings = new ArrayList<>();
    ResultCheck.Results results = new ResultCheck.Results(table);
    for (Check check : checks) {
      findings.addAll(
          check instanceof ResultCheck result ? result.findings(results) : check.findings(table));
    }
    return findings;
  }
}
