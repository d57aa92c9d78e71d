package app.finish.core.dress;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.formula.CellExpressions;
import app.finish.core.dress.LanguageLayer.Spoken;
import app.finish.core.highlight.Highlight;
import app.finish.core.highlight.HighlightSentence;
import app.finish.core.note.NoteSigns;
import app.finish.core.style.Cascade;
import app.finish.core.style.Look;
import app.finish.core.style.Part;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.table.Leaf;
import app.finish.core.table.Table;
import app.finish.core.words.Language;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import java.util.stream.IntStream;

/// Puts a style on a table.
///
/// ```java
/// Dressed dressed = Dresser.dress(table, book.cascade("APA 7"), 2);
/// ```
public final class Dresser {
  /// Up to so many rows all are measured.
  private static final int ROWS_DRESSED_AT_ONCE = 200;

  private static final int PLANS_KEPT = 16;

  private Dresser() {}

  /// A table that is dressed again and again, each time in another style: which rows there are and
  /// which decide how wide the columns are does not depend on the style, and is kept.
  ///
  /// ```java
  /// Dresser.Ready ready = Dresser.ready(table);
  /// ready.seen(book.cascade("Plain"), 1);
  /// ```
  public static final class Ready {
    private final Table table;
    private final SourceLabels naming;
    private final Map<PlanForm, Planned> plans;
    private final List<Overlay> overlays;
    private Optional<Spoken> spoken = Optional.empty();

    private Ready(
        Table table, SourceLabels naming, Map<PlanForm, Planned> plans, List<Overlay> overlays) {
      this.table = table;
      this.naming = naming;
      this.plans = plans;
      this.overlays = List.copyOf(overlays);
    }

    /// The same table under layers that lie on single cells, the first below the others; touches
    /// lie over them all.
    public Ready under(List<Overlay> others) {
      return new Ready(table, naming, plans, others);
    }

    /// What the table is written in under this style.
    private Spoken spoken(Cascade style) {
      Optional<Language> named = Language.named(root(style).setting(Property.LANGUAGE));
      return named.map(Spoken::in).orElseGet(this::told);
    }

    private synchronized Spoken told() {
      Spoken told = spoken.orElseGet(() -> Spoken.of(table));
      spoken = Optional.of(told);
      return told;
    }

    private Cascade laidOver(Cascade cascade, Spoken speech) {
      Cascade all = speech.marks().map(cascade::on).orElse(cascade);
      for (Overlay overlay : overlays) {
        all = all.with(overlay.layer());
      }
      return all;
    }

    /// The labels by which touches know their places.
    public SourceLabels naming() {
      return naming;
    }

    /// The same table with other words around it and other marks in it.
    ///
    /// @param other the table with these words and marks, the same in all else
    public Ready worded(Table other) {
      return new Ready(other, naming, plans, overlays);
    }

    /// The table in this style, dressed as it comes in sight.
    ///
    /// @param number its number in the document, as it is written
    public Seen seen(Cascade style, String number) {
      Spoken speech = spoken(style);
      Cascade cascade = laidOver(style, speech);
      PlanForm form = PlanForm.of(cascade, overlays);
      CellLayer laid = laid(form);
      if (plans.size() > PLANS_KEPT && !plans.containsKey(form)) {
        plans.clear();
      }
      Planned planned =
          plans.computeIfAbsent(form, key -> new Planned(table, key.plan(table, laid), laid));
      Numbered numbered = new Numbered(number, speech.language());
      RowsOnDemand rows = unrolled(signed(cascade), cascade, numbered, planned.plan, laid);
      return new Seen(
          Dresser.dressed(table, cascade, speech.language(), rows, rows),
          planned.plan,
          () -> withMarked(planned),
          MarkedRows.labels(table.marks()),
          !cascade.changesTextsBy(new Selector.Alternate()));
    }

    /// The table in this style, dressed whole.
    ///
    /// @param number its number in the document, as it is written
    public Dressed dressed(Cascade style, String number) {
      Spoken speech = spoken(style);
      Cascade cascade = laidOver(style, speech);
      PlanForm form = PlanForm.of(cascade, overlays);
      CellLayer laid = laid(form);
      Numbered numbered = new Numbered(number, speech.language());
      RowsOnDemand rows =
          unrolled(signed(cascade), cascade, numbered, form.plan(table, laid), laid);
      return Dresser.dressed(table, cascade, speech.language(), rows, List.copyOf(rows));
    }

    private int[] withMarked(Planned planned) {
      int[] decisive = planned.decisive();
      return decisive.length == planned.plan.size()
          ? decisive
          : MarkedRows.added(decisive, planned.plan, table.marks());
    }

    /// The table with the signs of notes that the style asks for.
    private Table signed(Cascade cascade) {
      String asked =
          cascade.look(PartSelectors.of(Part.of(PartName.NOTE))).setting(Property.NOTE_SIGNS);
      return asked.equals("as came") ? table : NoteSigns.of(asked, NoteSigns.LETTERS).on(table);
    }

    private CellLayer laid(PlanForm form) {
      List<CellLayer> layers = new ArrayList<>();
      overlays.forEach(one -> layers.add(one.on(table, naming)));
      layers.add(new TouchPlaces(form.places, naming, table.across().leaves().size()));
      return CellLayer.over(layers);
    }
  }

  /// The number of a table in its document, and the language of the words around it.
  private record Numbered(String number, Language language) {}

  /// What of a style the rows depend on; of overlays, only those that change texts.
  private record PlanForm(
      boolean indented, Banding banding, List<Overlay> overlays, List<Selector.OfPlace> places) {
    static PlanForm of(Cascade cascade, List<Overlay> overlays) {
      return new PlanForm(
          isIndented(cascade),
          Banding.of(cascade, new Selector.Alternate()),
          overlays.stream().filter(Overlay::changesTexts).toList(),
          cascade.touches().places());
    }

    RowPlan plan(Table table, CellLayer laid) {
      return new RowPlan(table, indented, banding, laid);
    }
  }

  private static final class Planned {
    private final Table table;
    private final RowPlan plan;
    private final CellLayer laid;
    private int[] decisive = {};

    private Planned(Table table, RowPlan plan, CellLayer laid) {
      this.table = table;
      this.plan = plan;
      this.laid = laid;
    }

    synchronized int[] decisive() {
      if (decisive.length == 0) {
        boolean few = plan.size() <= ROWS_DRESSED_AT_ONCE;
        decisive =
            few
                ? IntStream.range(0, plan.size()).toArray()
                : WidthDecidingRows.of(table, plan, laid);
      }
      return decisive;
    }
  }

  /// A dressed table that is dressed row by row, as its rows are asked for.
  ///
  /// @param dressed the table
  /// @param plan which rows its body has
  /// @param deciding finds the rows that decide how wide the columns are, by their places in the
  ///   body
  /// @param marked the leaves down whose labels bear marks or stretches in other looks
  /// @param anyOrder whether the columns are as wide in whatever order the rows are
  public record Seen(
      Dressed dressed,
      RowPlan plan,
      Supplier<int[]> deciding,
      Set<Integer> marked,
      boolean anyOrder) {
    /// The rows that decide how wide the columns are, by their places in the body.
    public int[] decisive() {
      return deciding.get();
    }
  }

  /// The table in this style.
  ///
  /// @param number its number in the document, as it is written
  public static Dressed dress(Table table, Cascade cascade, String number) {
    return ready(table).dressed(cascade, number);
  }

  /// The table in this style, under a number from 1.
  public static Dressed dress(Table table, Cascade cascade, int number) {
    return dress(table, cascade, "" + number);
  }

  /// The table in this style, under a number from 1, dressed as it comes in sight.
  public static Seen seen(Table table, Cascade cascade, int number) {
    return seen(table, cascade, "" + number);
  }

  /// The table in this style, dressed as it comes in sight.
  ///
  /// @param number its number in the document, as it is written
  public static Seen seen(Table table, Cascade cascade, String number) {
    return ready(table).seen(cascade, number);
  }

  /// The language that the words around the table are in under this style.
  public static Language language(Table table, Cascade cascade) {
    return ready(table).spoken(cascade).language();
  }

  /// A table that can be dressed again and again.
  public static Ready ready(Table table) {
    return new Ready(table, SourceLabels.of(table), new ConcurrentHashMap<>(), List.of());
  }

  /// An arranged table that can be dressed again and again; touches know their places in it by the
  /// labels of the source.
  public static Ready ready(Arranged arranged) {
    return new Ready(
        arranged.table(), SourceLabels.of(arranged), new ConcurrentHashMap<>(), List.of());
  }

  /// The highlights of a table, and those of the style that it wears below them, as a layer; none
  /// where there are none.
  public static List<Overlay> overlays(
      List<Highlight> own, Cascade cascade, CellExpressions expressions) {
    List<Highlight> all = highlights(own, cascade);
    return all.isEmpty() ? List.of() : List.of(new HighlightOverlay(all, expressions));
  }

  /// The highlights of a table that are on, and those of the style that it wears below them.
  public static List<Highlight> highlights(List<Highlight> own, Cascade cascade) {
    List<Highlight> all = new ArrayList<>(own);
    cascade.chain().forEach(style -> all.addAll(HighlightSentence.readAll(style.highlights())));
    return all.stream().filter(Highlight::on).toList();
  }

  /// The first rows and columns of an arranged table, of which the others are not there yet.
  public static Ready readyFirst(Arranged arranged) {
    SourceLabels labels = SourceLabels.of(arranged).ofFirst();
    return new Ready(arranged.table(), labels, new ConcurrentHashMap<>(), List.of());
  }

  private static Look root(Cascade cascade) {
    return cascade.look(List.of(Selector.of(PartName.TABLE)));
  }

  private static boolean isIndented(Cascade cascade) {
    return root(cascade).setting(Property.STUB_FORM).equals("indented");
  }

  private static RowsOnDemand unrolled(
      Table table, Cascade cascade, Numbered numbered, RowPlan plan, CellLayer laid) {
    boolean indented = isIndented(cascade);
    int stub = indented ? 1 : table.down().depth();
    HeadDresser heads = new HeadDresser(table, cascade, stub, indented, laid);
    WordDresser words =
        new WordDresser(
            table,
            cascade,
            stub + table.across().leaves().size(),
            numbered.number,
            numbered.language);
    List<DressedRow> above = new ArrayList<>(words.above());
    above.addAll(heads.rows());
    BodyDresser body = new BodyDresser(table, cascade, stub, indented, plan, laid);
    RowsOnDemand rows = new RowsOnDemand(above, body, words.below());
    addEdges(rows, cascade);
    return rows;
  }

  private static Dressed dressed(
      Table table, Cascade cascade, Language language, RowsOnDemand rows, List<DressedRow> all) {
    int stub = isIndented(cascade) ? 1 : table.down().depth();
    List<Leaf> across = table.across().leaves();
    List<Integer> measures = new ArrayList<>();
    for (int column = 0; column < stub + across.size(); column++) {
      measures.add(column < stub ? -1 : across.get(column - stub).measure().orElse(-1));
    }
    return new Dressed(
        cascade.style().name(),
        language,
        cascade.palette(),
        root(cascade),
        all,
        new Dressed.Bands(rows.firstHead(), rows.firstBody(), rows.end()),
        stub,
        stub + across.size(),
        measures);
  }

  private static void addEdges(RowsOnDemand rows, Cascade cascade) {
    int firstHead = rows.firstHead();
    int firstBody = rows.firstBody();
    int end = rows.end();
    if (firstBody > firstHead) {
      rows.edgeAbove(firstHead, edge(cascade, PartName.HEADS, Property.RULE_ABOVE));
      rows.edgeBelow(firstBody - 1, edge(cascade, PartName.HEADS, Property.RULE_BELOW));
    }
    if (end > firstHead) {
      rows.edgeAbove(firstHead, edge(cascade, PartName.TABLE, Property.RULE_ABOVE));
      rows.edgeBelow(end - 1, edge(cascade, PartName.TABLE, Property.RULE_BELOW));
    }
    if (end > firstBody) {
      rows.edgeAbove(firstBody, edge(cascade, PartName.BODY, Property.RULE_ABOVE));
      rows.edgeBelow(end - 1, edge(cascade, PartName.BODY, Property.RULE_BELOW));
    }
  }

  private static Edge edge(Cascade cascade, PartName family, Property property) {
    return cascade
        .edge(Selector.of(family), property)
        .map(set -> new Edge(set.getKey(), Optional.of(set.getValue())))
        .orElse(Edge.NONE);
  }
}
