package app.finish.core;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.Arranger;
import app.finish.core.arrange.HeldMember;
import app.finish.core.arrange.formula.Formulas;
import app.finish.core.document.DocumentTable;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.document.Worded;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.Dresser;
import app.finish.core.grid.Grid;
import app.finish.core.highlight.CellNames;
import app.finish.core.highlight.Highlight;
import app.finish.core.highlight.Matches;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Fonts;
import app.finish.core.layout.page.Compositor;
import app.finish.core.note.Wording;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.style.Cascade;
import app.finish.core.style.StyleBook;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.List;

/// The whole way from cells to a proof.
///
/// ```java
/// Proof proof = Finishing.of(grid).with(finish).in(styles).numbered(2).on(Paper.A4, fonts);
/// ```
public final class Finishing {
  private final Recognition recognition;
  private final Finish finish;
  private final Formulas formulas;
  private final Wording wording;

  private Finishing(Recognition recognition, Finish finish, Formulas formulas, Wording wording) {
    this.wording = wording;
    this.recognition = recognition;
    this.finish = finish;
    this.formulas = formulas;
  }

  /// Begins with a grid that holds one table.
  public static Begun of(Grid grid) {
    return new Begun(grid);
  }

  /// Begins with a table of a document.
  public static Finishing of(DocumentTable table) {
    return new Finishing(
        recognition(table.source(), table.finish().corrections()),
        table.finish(),
        Formulas.NONE,
        Wording.USUAL);
  }

  /// Begins with a table of a document of which it is known what was recognised.
  public static Finishing of(DocumentTable table, Recognition recognition) {
    return new Finishing(recognition, table.finish(), Formulas.NONE, Wording.USUAL);
  }

  /// What is known of a table: recognised if it came as cells, and as it was counted if it came
  /// from records.
  public static Recognition recognition(Source source, Corrections corrections) {
    return source
        .tally()
        .map(tally -> Recognition.known(tally.table(), "it was counted from " + source.name()))
        .orElseGet(() -> Recogniser.recognise(source.grid(), corrections));
  }

  /// A grid whose finish is still to be said.
  ///
  /// @param grid the grid
  public record Begun(Grid grid) {
    /// Applies what a person decided.
    public Finishing with(Finish finish) {
      return new Finishing(
          Recogniser.recognise(grid, finish.corrections()), finish, Formulas.NONE, Wording.USUAL);
    }
  }

  /// The same way with calculated measures, whose expressions are read by these formulas.
  public Finishing calculating(Formulas other) {
    return new Finishing(recognition, finish, other, wording);
  }

  /// The same way in a document for whose tables this is said.
  public Finishing saying(Wording other) {
    return new Finishing(recognition, finish, formulas, other);
  }

  /// What was recognised.
  public Recognition recognition() {
    return recognition;
  }

  /// The table as it is arranged.
  public Arranged arranged() {
    return Arranger.arrange(recognition.table(), finish.arrangement(), formulas);
  }

  /// The table as it is arranged, with the words that a person gave it.
  public Table table() {
    return Worded.of(arranged(), finish, wording).table();
  }

  /// The highlights that lie nowhere, since the table has not what they speak of: a sentence each,
  /// with the reason.
  public List<String> asleep() {
    if (finish.highlights().isEmpty()) {
      return List.of();
    }
    CellNames names = CellNames.of(arranged());
    List<String> sentences = new ArrayList<>();
    for (Highlight highlight : finish.highlights()) {
      if (highlight.on()) {
        Matches.of(highlight, names, formulas.ofCells())
            .asleep()
            .ifPresent(why -> sentences.add("“" + highlight.title() + "” sleeps: " + why + "."));
      }
    }
    return sentences;
  }

  /// Where the highlights lie, those of the styles that the table wears among them, the strongest
  /// first; sleeping ones lie nowhere and are left out.
  public List<Matches> matches(Cascade cascade) {
    List<Highlight> all = Dresser.highlights(finish.highlights(), cascade);
    if (all.isEmpty()) {
      return List.of();
    }
    CellNames names = CellNames.of(arranged());
    return all.stream()
        .map(one -> Matches.of(one, names, formulas.ofCells()))
        .filter(one -> one.asleep().isEmpty())
        .toList();
  }

  /// The members at which the table could be held, where it holds a dimension; in the order of the
  /// dimension.
  public List<HeldMember> heldMembers() {
    return HeldMember.of(recognition.table(), finish.arrangement(), formulas);
  }

  /// The figures that a highlight looks at, in reading order.
  public List<Spot.Figure> looked(Highlight highlight) {
    return Matches.of(highlight, CellNames.of(arranged()), formulas.ofCells()).looked();
  }

  /// What was decided about the table.
  public Finish finish() {
    return finish;
  }

  /// The same way with another finish, where nothing about recognition is corrected otherwise.
  public Finishing restyled(Finish other) {
    return new Finishing(recognition, other, formulas, wording);
  }

  /// The table in the style of its finish, as the first table of a document.
  public Numbered in(StyleBook styles) {
    return new Numbered(this, styles, "1");
  }

  /// A table whose number is known.
  ///
  /// @param finishing the way so far
  /// @param styles the styles at hand
  /// @param number its number in the document, as it is written
  public record Numbered(Finishing finishing, StyleBook styles, String number) {
    /// The same table with another number, from 1.
    public Numbered numbered(int other) {
      return numbered("" + other);
    }

    /// The same table with another number, as it is written.
    public Numbered numbered(String other) {
      return new Numbered(finishing, styles, other);
    }

    /// The style as this table wears it.
    ///
    /// @throws app.finish.core.problem.Refusal if the styles lack the one of the finish
    public Cascade cascade() {
      return styles.cascade(finishing.finish.style()).touched(finishing.finish.touches());
    }

    /// The table with its words and highlights, to be dressed.
    public Dresser.Ready ready() {
      Finish finish = finishing.finish;
      Arranged arranged = finishing.arranged();
      return Dresser.ready(arranged)
          .worded(Worded.of(arranged, finish, finishing.wording).table())
          .under(Dresser.overlays(finish.highlights(), cascade(), finishing.formulas.ofCells()));
    }

    /// The dressed table.
    public Dressed dressed() {
      return ready().dressed(cascade(), number);
    }

    /// The proof.
    public Proof on(Paper paper, Fonts fonts) {
      return new Compositor(fonts).layOut(dressed(), paper);
    }
  }
}
