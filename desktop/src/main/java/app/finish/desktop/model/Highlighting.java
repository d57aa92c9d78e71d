package app.finish.desktop.model;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.place.Side;
import app.finish.core.check.Finding;
import app.finish.core.check.HighlightsSeen;
import app.finish.core.document.Finish;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.highlight.CellNames;
import app.finish.core.highlight.Condition;
import app.finish.core.highlight.Found;
import app.finish.core.highlight.Highlight;
import app.finish.core.highlight.HighlightSentence;
import app.finish.core.highlight.Matches;
import app.finish.core.highlight.Operand;
import app.finish.core.highlight.Reach;
import app.finish.core.highlight.Region;
import app.finish.core.highlight.Scope;
import app.finish.core.highlight.Show;
import app.finish.core.number.NumberReader;
import app.finish.core.problem.Refusal;
import app.finish.core.style.Property;
import app.finish.core.table.Measure;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.desktop.kit.Texts;
import app.finish.expressions.CellConditions;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;

/// What is highlighted in the table at hand: the view model of the step between dressing and
/// sending out. All that it changes can be undone.
public final class Highlighting {
  /// The first highlights that a picked figure suggests.
  public enum Suggestion {
    BELOW,
    ABOVE,
    TOP,
    BOTTOM,
    BARS,
    TINT,
    THIS
  }

  private static final Show FLAG =
      new Show.Flag(Map.of(Property.WEIGHT, "bold", Property.INK, "bad", Property.FILL, "bad 12%"));

  private final Desk desk;
  private final ObjectProperty<Integer> chosen = new SimpleObjectProperty<>(0);
  private final ReadOnlyObjectWrapper<Optional<Matches>> lit =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private Optional<Highlight> preview = Optional.empty();
  private final ReadOnlyObjectWrapper<Found> found = new ReadOnlyObjectWrapper<>(Found.NOTHING);

  Highlighting(Desk desk) {
    this.desk = desk;
  }

  /// Looks again what is matched whenever the table is shown anew or another highlight is chosen.
  void follow() {
    desk.shownProperty().addListener((p, before, now) -> look());
    chosen.addListener((p, before, now) -> look());
    desk.stepProperty().addListener((p, before, now) -> look());
    desk.placeProperty().addListener((p, before, now) -> chosen.set(0));
  }

  /// The place in the list of the highlight that is edited.
  public ObjectProperty<Integer> chosenProperty() {
    return chosen;
  }

  /// Chooses the highlight of this title.
  public void choose(String title) {
    for (int i = 0; i < all().size(); i++) {
      if (all().get(i).title().equals(title)) {
        chosen.set(i);
        return;
      }
    }
  }

  /// Where the chosen highlight lies on the table as it is shown; nothing outside this step.
  public ReadOnlyObjectProperty<Optional<Matches>> litProperty() {
    return lit.getReadOnlyProperty();
  }

  /// What the chosen highlight matches.
  public ReadOnlyObjectProperty<Found> foundProperty() {
    return found.getReadOnlyProperty();
  }

  /// The highlights of the table at hand, the strongest first.
  public List<Highlight> all() {
    return desk.table().map(table -> table.finish().highlights()).orElse(List.of());
  }

  /// The table at hand as it would be with the highlight that is tried.
  Finish previewed(Finish finish) {
    if (preview.isEmpty() || chosen.get() >= finish.highlights().size()) {
      return finish;
    }
    List<Highlight> others = new ArrayList<>(finish.highlights());
    others.set(chosen.get(), preview.get());
    return finish.withHighlights(others);
  }

  /// Shows the chosen highlight otherwise, without keeping it yet.
  public void preview(Highlight other) {
    preview = Optional.of(other);
    desk.showAnew();
  }

  /// Keeps what is tried, as one step.
  public void keep() {
    Optional<Highlight> tried = preview;
    preview = Optional.empty();
    tried.ifPresent(this::replace);
  }

  /// The highlights of the style that the table at hand wears, as sentences.
  public List<String> ofStyle() {
    return desk.table().isPresent() ? desk.dressing().worn().highlights() : List.of();
  }

  /// Puts the chosen highlight into the style, so that every table that wears it has it.
  public void keepInStyle() {
    if (one().isEmpty()) {
      return;
    }
    Highlight moved = one().get();
    List<Highlight> left = new ArrayList<>(all());
    left.remove((int) chosen.get());
    List<String> sentences = new ArrayList<>(ofStyle());
    sentences.addFirst(HighlightSentence.of(moved));
    chosen.set(0);
    desk.dressing()
        .changeStyle(
            Texts.of("change.highlight.keep"),
            style -> style.withHighlights(sentences),
            finish -> finish.withHighlights(left));
  }

  /// Takes a highlight out of the style and gives it to the table at hand.
  public void takeOutOfStyle(int place) {
    List<String> sentences = new ArrayList<>(ofStyle());
    List<Highlight> own = new ArrayList<>(all());
    own.addAll(HighlightSentence.readAll(List.of(sentences.remove(place))));
    desk.dressing()
        .changeStyle(
            Texts.of("change.highlight.takeOut"),
            style -> style.withHighlights(sentences),
            finish -> finish.withHighlights(own));
  }

  /// The highlight that is edited.
  public Optional<Highlight> one() {
    return preview.isPresent() ? preview : kept();
  }

  private Optional<Highlight> kept() {
    return chosen.get() < all().size() ? Optional.of(all().get(chosen.get())) : Optional.empty();
  }

  private void look() {
    Optional<Shown> shown = desk.shownProperty().get();
    boolean here = desk.stepProperty().get() == Step.HIGHLIGHT;
    if (!here || shown.isEmpty() || one().isEmpty()) {
      lit.set(Optional.empty());
      found.set(Found.NOTHING);
      return;
    }
    Arranged arranged = shown.get().arranged();
    Matches matches =
        Matches.of(
            one().get().switched(true),
            CellNames.of(arranged),
            desk.sending().formulas().ofCells());
    lit.set(Optional.of(matches));
    Shown now = shown.get();
    desk.worker()
        .draw(
            () -> Found.of(matches, arranged.table()),
            counted -> {
              if (lit.get().filter(one -> one == matches).isPresent()) {
                found.set(withUnseen(withRounded(counted, matches, now), matches.highlight()));
              }
            },
            desk::tell);
  }

  /// Adds a warning for what can't be read or told apart by everyone.
  private Found withUnseen(Found found, Highlight highlight) {
    List<String> more = new ArrayList<>(found.warnings());
    String named = "“" + highlight.title() + "”. ";
    for (Finding finding : new HighlightsSeen().findings(highlight, desk.dressing().cascade())) {
      more.add(finding.sentence().replace(named, ""));
    }
    return found.with(more);
  }

  /// The names that an expression may use: those of every cell, then measures and dimensions.
  public List<String> names() {
    Set<String> names = new LinkedHashSet<>(CellConditions.NAMES);
    names.addAll(measures());
    members().keySet().stream().filter(one -> !one.isEmpty()).forEach(names::add);
    return List.copyOf(names);
  }

  /// Adds a warning for figures that read otherwise than they compare: 84.6 that reads as 85 and is
  /// marked as below 85.
  private static Found withRounded(Found found, Matches matches, Shown shown) {
    if (!(matches.highlight().when()
        instanceof Condition.Compared(Condition.Sign sign, Operand.Number(double bound)))) {
      return found;
    }
    for (Spot.Figure spot : found.first().subList(0, Math.min(40, found.first().size()))) {
      Optional<DressedCell> cell =
          LooksInWords.cell(shown.scroll(), new CellMeaning.Body(spot.row(), spot.column()));
      Optional<Double> printed =
          cell.flatMap(one -> NumberReader.POINT.read(one.bareText().replaceAll("[^0-9.−,-]", "")))
              .map(one -> one.value());
      double exact = shown.arranged().table().body().number(spot.row(), spot.column());
      if (printed.isPresent() && sign.holds(exact, bound) && !sign.holds(printed.get(), bound)) {
        List<String> more = new ArrayList<>(found.warnings());
        more.add(Texts.of("highlight.rounded", cell.orElseThrow().bareText().strip(), "" + exact));
        return found.with(more);
      }
    }
    return found;
  }

  /// Whether a figure reads otherwise than it compares.
  public boolean readsOtherwise() {
    return found.get().warnings().stream()
        .anyMatch(one -> one.contains(Texts.of("highlight.reads")));
  }

  /// Shows one decimal more of the measures that the chosen highlight is about.
  public void addDecimal() {
    Optional<Shown> shown = desk.shownProperty().get();
    if (shown.isEmpty() || found.get().first().isEmpty()) {
      return;
    }
    Spot.Figure spot = found.get().first().getFirst();
    Measure measure = shown.get().arranged().table().measureAt(spot.row(), spot.column());
    int now =
        LooksInWords.cell(shown.get().scroll(), new CellMeaning.Body(spot.row(), spot.column()))
            .map(cell -> cell.look().numbers().decimals())
            .orElse(0);
    desk.dressing()
        .change(
            new app.finish.core.style.Selector.OfMeasure(measure.name()),
            Property.DECIMALS,
            "" + Math.min(9, Math.max(0, now) + 1));
  }

  private void change(String label, List<Highlight> others) {
    desk.table()
        .ifPresent(table -> desk.changeFinish(label, table.finish().withHighlights(others)));
  }

  /// Puts another highlight in the place of the chosen one.
  public void replace(Highlight other) {
    if (kept().filter(before -> !before.equals(other)).isPresent()) {
      List<Highlight> others = new ArrayList<>(all());
      others.set(chosen.get(), other);
      change(Texts.of("change.highlight"), others);
    }
  }

  /// Takes a sentence for the chosen highlight, or adds it if there is none.
  ///
  /// @return what is wrong with it, if it can't be read
  public Optional<String> say(String sentence) {
    try {
      Highlight read = HighlightSentence.read(sentence);
      if (one().isPresent()) {
        Highlight before = one().get();
        replace(
            read.switched(before.on())
                .beingLast(before.last())
                .saying(before.legend())
                .keeping(before.kept()));
      } else {
        add(read);
      }
      return Optional.empty();
    } catch (Refusal e) {
      return Optional.of(e.sentence());
    }
  }

  /// Adds a highlight over the others and chooses it.
  public void add(Highlight highlight) {
    List<Highlight> others = new ArrayList<>(all());
    others.addFirst(highlight);
    chosen.set(0);
    change(Texts.of("change.highlight.add"), others);
  }

  /// Removes a highlight.
  public void remove(int place) {
    List<Highlight> others = new ArrayList<>(all());
    others.remove(place);
    change(Texts.of("change.highlight.remove"), others);
    chosen.set(Math.max(0, Math.min(chosen.get(), others.size() - 1)));
  }

  /// Moves a highlight up or down in the list.
  public void move(int place, int by) {
    int to = place + by;
    if (to >= 0 && to < all().size()) {
      List<Highlight> others = new ArrayList<>(all());
      others.add(to, others.remove(place));
      chosen.set(to);
      change(Texts.of("change.highlight.order"), others);
    }
  }

  /// Switches a highlight on or off.
  public void toggle(int place) {
    List<Highlight> others = new ArrayList<>(all());
    Highlight one = others.get(place);
    others.set(place, one.switched(!one.on()));
    change(Texts.of(one.on() ? "change.highlight.off" : "change.highlight.on"), others);
  }

  /// Puts the highlights of this table on all others of the document too, over theirs.
  public void copyToAll() {
    var document = desk.document();
    for (int i = 0; i < document.items().size(); i++) {
      if (i != desk.placeProperty().get()) {
        Set<Highlight> both = new LinkedHashSet<>(all());
        both.addAll(document.table(i).finish().highlights());
        document =
            document.withFinish(i, document.table(i).finish().withHighlights(List.copyOf(both)));
      }
    }
    desk.change(Texts.of("change.highlight.copy"), document);
  }

  /// The measures of the table as it is shown.
  public List<String> measures() {
    return table().stream()
        .flatMap(table -> table.measures().stream())
        .map(Measure::name)
        .filter(name -> !name.isEmpty())
        .distinct()
        .toList();
  }

  private Optional<Table> table() {
    return desk.shownProperty().get().map(shown -> shown.arranged().table());
  }

  /// The members of each dimension of the table as it is shown, as the source names them, so many
  /// of each that a menu can hold them.
  public Map<String, List<String>> members() {
    Map<String, List<String>> all = new LinkedHashMap<>();
    desk.shownProperty()
        .get()
        .ifPresent(
            shown -> {
              CellNames names = CellNames.of(shown.arranged());
              for (Side side : Side.values()) {
                addMembers(all, names, side);
              }
            });
    return all;
  }

  private static final int MENU = 40;

  private static void addMembers(Map<String, List<String>> all, CellNames names, Side side) {
    List<String> dimensions = names.dimensions(side);
    var axis = side.of(names.table());
    int leaves = Math.min(axis.leaves().size(), 2000);
    for (int level = 0; level < dimensions.size(); level++) {
      Set<String> found = new LinkedHashSet<>();
      for (int leaf = 0; leaf < leaves && found.size() < MENU; leaf++) {
        boolean member =
            level < axis.depth(leaf)
                && axis.heading(leaf, level).measure().isEmpty()
                && axis.heading(leaf, level).role() == app.finish.core.table.Heading.Role.MEMBER;
        if (member && level < names.path(side, leaf).size()) {
          found.add(names.path(side, leaf).get(level));
        }
      }
      found.remove("");
      if (!found.isEmpty()) {
        all.merge(
            dimensions.get(level),
            List.copyOf(found),
            (one, other) -> {
              Set<String> both = new LinkedHashSet<>(one);
              both.addAll(other);
              return List.copyOf(both);
            });
      }
    }
  }

  /// The figure that is picked, if one is.
  public Optional<CellMeaning.Body> picked() {
    return desk.pickProperty()
        .get()
        .map(Pick::place)
        .filter(CellMeaning.Body.class::isInstance)
        .map(CellMeaning.Body.class::cast);
  }

  /// A highlight that the picked figure suggests.
  public Optional<Highlight> suggested(Suggestion suggestion) {
    Optional<Table> table = table();
    if (picked().isEmpty() || table.isEmpty()) {
      return Optional.empty();
    }
    CellMeaning.Body at = picked().get();
    if (at.row() >= table.get().body().rows() || at.column() >= table.get().body().columns()) {
      return Optional.empty();
    }
    String measure = table.get().measureAt(at.row(), at.column()).name();
    Region region =
        measure.isEmpty() ? Region.EVERYWHERE : Region.EVERYWHERE.withMeasures(List.of(measure));
    region = ofItsRole(region, table.get(), at);
    Value value = table.get().body().at(at.row(), at.column());
    double number = table.get().body().number(at.row(), at.column());
    if (Double.isNaN(number) && suggestion != Suggestion.THIS) {
      return suggestion == Suggestion.BELOW && !value.written().isBlank()
          ? Optional.of(of(region, new Condition.OneOf(List.of(value.written().strip())), FLAG))
          : Optional.empty();
    }
    return Optional.of(
        switch (suggestion) {
          case BELOW -> of(region, against(Condition.Sign.AT_MOST, number), FLAG);
          case ABOVE -> of(region, against(Condition.Sign.AT_LEAST, number), good());
          case TOP -> of(region, new Condition.Outermost(true, 3, false, Scope.TABLE), good());
          case BOTTOM -> of(region, new Condition.Outermost(false, 3, false, Scope.TABLE), FLAG);
          case BARS ->
              of(
                  region,
                  new Condition.Always(),
                  new Show.Bar("accent 30%", "bad 30%", false, true));
          case TINT ->
              of(
                  region,
                  new Condition.Always(),
                  new Show.Tint(List.of("paper", "accent 60%"), List.of()));
          case THIS -> of(here(region, at), new Condition.Always(), FLAG);
        });
  }

  /// A picked total is highlighted among totals of its kind.
  private static Region ofItsRole(Region region, Table table, CellMeaning.Body at) {
    var row = table.down().leaves().get(at.row()).role();
    var column = table.across().leaves().get(at.column()).role();
    return switch (row.compareTo(column) > 0 ? row : column) {
      case MEMBER -> region;
      case SUBTOTAL -> region.in(false, true, false);
      case GRAND_TOTAL -> region.in(false, false, true);
    };
  }

  private static Show good() {
    return new Show.Flag(
        Map.of(Property.WEIGHT, "bold", Property.INK, "good", Property.FILL, "good 12%"));
  }

  private static Highlight of(Region region, Condition condition, Show show) {
    return Highlight.of("", region, condition, show, Reach.CELL);
  }

  private static Condition against(Condition.Sign sign, double number) {
    return new Condition.Compared(sign, new Operand.Number(number));
  }

  /// The region of one figure, by its meaning.
  private Region here(Region measure, CellMeaning.Body at) {
    Region region = measure.in(true, true, true);
    CellNames names = CellNames.of(desk.shownProperty().get().orElseThrow().arranged());
    for (Side side : Side.values()) {
      int leaf = side == Side.DOWN ? at.row() : at.column();
      List<String> path = names.path(side, leaf);
      List<String> dimensions = names.dimensions(side);
      var axis = side.of(names.table());
      for (int level = 0; level < Math.min(path.size(), dimensions.size()); level++) {
        boolean measures =
            level < axis.depth(leaf) && axis.heading(leaf, level).measure().isPresent();
        if (!measures && !path.get(level).isEmpty()) {
          region = region.withMember(dimensions.get(level), path.get(level));
        }
      }
    }
    return region;
  }

  /// Picks a figure that was found, and brings it in sight.
  public void goTo(Spot.Figure spot) {
    desk.shownProperty()
        .get()
        .flatMap(
            shown ->
                LooksInWords.cell(shown.scroll(), new CellMeaning.Body(spot.row(), spot.column())))
        .ifPresent(
            cell -> desk.pickProperty().set(Optional.of(new Pick(cell.place(), cell.part(), 0))));
  }

  /// The labels that lead to a figure, and what is printed there.
  public String words(Spot.Figure spot) {
    Optional<Shown> shown = desk.shownProperty().get();
    if (shown.isEmpty()) {
      return "";
    }
    Table table = shown.get().arranged().table();
    if (spot.row() >= table.body().rows() || spot.column() >= table.body().columns()) {
      return "";
    }
    List<String> labels = new ArrayList<>(table.down().leaves().get(spot.row()).labels());
    labels.addAll(table.across().leaves().get(spot.column()).labels());
    String printed =
        LooksInWords.cell(shown.get().scroll(), new CellMeaning.Body(spot.row(), spot.column()))
            .map(DressedCell::text)
            .orElse(table.body().at(spot.row(), spot.column()).written());
    return Shown.path(labels) + ": " + printed;
  }
}
