package app.finish.desktop.model;

import app.finish.core.document.Document;
import app.finish.core.document.DocumentTable;
import app.finish.core.document.Finish;
import app.finish.core.document.Wear;
import app.finish.core.style.Cascade;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.StyleBook;
import app.finish.core.style.Touches;
import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.Palette;
import app.finish.desktop.kit.Texts;
import app.finish.formats.style.StyleFile;
import app.finish.formats.style.StyleLibrary;
import java.io.IOException;
import java.nio.file.Path;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.BooleanBinding;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;

/// What dresses the table at hand: the view model of the third step. All that it changes goes
/// through the bench, so that it can be undone.
public final class Dressing {
  /// The leaves of the bench.
  public enum Leaf {
    TRY_ON,
    PARTS,
    PALETTE,
    PAPER
  }

  private final Desk desk;
  private final LastingChoices habits;
  private final LookEdits looks;
  private final ObjectProperty<Leaf> leaf = new SimpleObjectProperty<>(Leaf.TRY_ON);
  private final ObjectProperty<WearScope> scope = new SimpleObjectProperty<>(WearScope.PICKED);
  private final ObjectProperty<LookScope> looksGo = new SimpleObjectProperty<>(LookScope.TABLE);
  // Bindings are held by what they depend on only weakly.
  private BooleanBinding board = Bindings.createBooleanBinding(() -> false);
  private final ObjectProperty<Optional<String>> against =
      new SimpleObjectProperty<>(Optional.empty());
  private final ObjectProperty<StyleLibrary.Shelf> shelf =
      new SimpleObjectProperty<>(new StyleLibrary.Shelf(List.of(), List.of()));

  Dressing(Desk desk, LastingChoices habits) {
    this.desk = desk;
    this.habits = habits;
    this.looks = new LookEdits(desk, this);
  }

  /// Shows the table anew when it turns to what it is on a board, or back.
  void follow() {
    board = Bindings.createBooleanBinding(this::onBoard, looksGo, leaf, desk.stepProperty());
    board.addListener((p, before, now) -> desk.showAnew());
  }

  public ObjectProperty<Leaf> leafProperty() {
    return leaf;
  }

  /// On which tables a style is put.
  public ObjectProperty<WearScope> scopeProperty() {
    return scope;
  }

  /// The tables on which a style is put, in order.
  public List<Integer> wearers() {
    return wearers(scope.get());
  }

  /// The tables on which a style is put in a scope, in order.
  public List<Integer> wearers(WearScope asked) {
    Document document = desk.document();
    List<Integer> all = document.tablePlaces();
    return switch (asked) {
      case PICKED -> desk.pickedTables().indexes();
      case ALL -> all;
      case KIND -> {
        Optional<Wear.Kind> kind = desk.table().map(this::kind);
        yield all.stream().filter(i -> kind(document.table(i)) == kind.orElseThrow()).toList();
      }
    };
  }

  private Wear.Kind kind(DocumentTable table) {
    return Wear.Kind.of(
        desk.proofs().recognition(table.source(), table.finish().corrections()).table());
  }

  /// Where what is set goes: onto this table, into its style, or into that for boards.
  public ObjectProperty<LookScope> looksGoProperty() {
    return looksGo;
  }

  /// Whether the table is shown as it is on a board, since what is set goes there.
  public boolean onBoard() {
    return looksGo.get() == LookScope.BOARD
        && leaf.get() == Leaf.PARTS
        && desk.stepProperty().get() == Step.DRESS;
  }

  /// The document with the styles that a finish wears as they are on a board.
  Document onBoard(Document document, Finish finish) {
    Document all = document;
    for (HouseStyle style : desk.sending().styles(document).cascade(finish.style()).chain()) {
      all = all.withStyle(style.onBoard());
    }
    return all;
  }

  /// What the table is compared with: the name of a style, or the empty string for the table as it
  /// came.
  public ObjectProperty<Optional<String>> againstProperty() {
    return against;
  }

  /// What is in the style library.
  public ObjectProperty<StyleLibrary.Shelf> shelfProperty() {
    return shelf;
  }

  /// What sets properties of looks.
  public LookEdits looks() {
    return looks;
  }

  public LastingChoices habits() {
    return habits;
  }

  StyleLibrary library() {
    return new StyleLibrary(habits.library());
  }

  /// Reads the style library anew.
  public void readLibrary() {
    desk.worker()
        .behind(
            library()::read,
            read -> {
              boolean same = shelf.get().equals(read);
              shelf.set(read);
              if (!same) {
                read.findings().stream().findFirst().or(this::fault).ifPresent(desk::say);
              }
            },
            desk::tell);
  }

  /// Why a style of the library can't be worn, if there is one.
  private Optional<String> fault() {
    StyleBook all = desk.sending().styles(desk.document());
    for (HouseStyle style : shelf.get().styles()) {
      all = all.named(style.name()).isPresent() ? all : all.with(style);
    }
    StyleBook known = all;
    return shelf.get().styles().stream()
        .flatMap(style -> known.fault(style.name()).stream())
        .findFirst();
  }

  /// All styles at hand: the shipped ones, those of the library, the document's.
  public StyleBook styles() {
    StyleBook book = desk.sending().styles(desk.document());
    StyleBook all = book;
    for (HouseStyle style : shelf.get().styles()) {
      all = all.named(style.name()).isPresent() ? all : all.with(style);
    }
    for (HouseStyle style : all.styles()) {
      boolean known = book.named(style.name()).isPresent();
      book = known || all.fault(style.name()).isPresent() ? book : book.with(style);
    }
    return book;
  }

  /// The document with a style of the library in it, if the name is one of those.
  public Document holding(Document document, String style) {
    Document all = document;
    Optional<HouseStyle> next = fromLibrary(document, style);
    for (int guard = 0; next.isPresent() && guard < 20; guard++) {
      all = all.withStyle(next.get());
      next = fromLibrary(all, next.get().basedOn());
    }
    return all;
  }

  private Optional<HouseStyle> fromLibrary(Document document, String style) {
    boolean known = desk.sending().styles(document).named(style).isPresent();
    return known
        ? Optional.empty()
        : shelf.get().styles().stream().filter(one -> one.name().equals(style)).findFirst();
  }

  private Optional<Finish> finish() {
    return desk.table().map(DocumentTable::finish);
  }

  public Touches touches() {
    return finish().map(Finish::touches).orElse(Touches.NONE);
  }

  /// The cascade of the table at hand, with its touches.
  public Cascade cascade() {
    String style = finish().map(Finish::style).orElse("Plain");
    StyleBook book = onBoard() ? styles().onBoard() : styles();
    return book.cascade(style).touched(touches());
  }

  /// Changes the touches of the table at hand.
  public void touch(String label, Touches touches) {
    finish().ifPresent(finish -> desk.changeFinish(label, finish.withTouches(touches)));
  }

  /// The style that the table at hand wears.
  public HouseStyle worn() {
    return styles().named(finish().map(Finish::style).orElse("Plain")).orElseThrow();
  }

  /// The faces that the style names.
  public Set<String> faces() {
    Set<String> faces = new LinkedHashSet<>();
    for (HouseStyle style : cascade().chain()) {
      for (Map<Property, String> set : style.settings().values()) {
        Optional.ofNullable(set.get(Property.FACE)).ifPresent(faces::add);
      }
    }
    return faces;
  }

  /// A change of a style.
  public interface StyleChange {
    HouseStyle of(HouseStyle style);
  }

  /// Changes the style that is worn. A shipped one can't be changed: one of the document's own is
  /// based on it, and worn in its place.
  public void changeStyle(String label, StyleChange change) {
    changeStyle(label, change, UnaryOperator.identity());
  }

  /// Changes the style that is worn, and the finish of the table at hand with it, as one step.
  void changeStyle(String label, StyleChange change, UnaryOperator<Finish> also) {
    HouseStyle worn = worn();
    if (!worn.shipped()) {
      desk.change(label, with(desk.document().withStyle(change.of(worn)), also));
      return;
    }
    HouseStyle own = worn.derived(freeName(Texts.of("dress.ownName", worn.name())));
    make(label, change.of(own), also);
    desk.say(Texts.of("notice.derived", worn.name(), own.name()));
  }

  /// Adds a style to the document and puts it on the table at hand.
  public void make(String label, HouseStyle style) {
    make(label, style, UnaryOperator.identity());
  }

  private void make(String label, HouseStyle style, UnaryOperator<Finish> also) {
    desk.change(
        label,
        with(
            desk.document().withStyle(style),
            finish -> also.apply(finish.withStyle(style.name()))));
  }

  Document with(Document document, UnaryOperator<Finish> also) {
    int index = desk.indexProperty().get();
    return index < document.items().size()
        ? document.withFinish(index, also.apply(document.table(index).finish()))
        : document;
  }

  /// A name that no style bears yet.
  public String freeName(String wanted) {
    String name = wanted;
    for (int next = 2; styles().named(name).isPresent(); next++) {
      name = wanted + " " + next;
    }
    return name;
  }

  /// Makes the touches of this table a style, which the table then wears without them.
  public void makeOfTouches(String name) {
    HouseStyle style = worn().derived(freeName(name)).with(touches());
    Touches left = Touches.NONE;
    for (Touches.Touch touch : touches().each()) {
      if (touch.selector() instanceof Selector.OfPlace) {
        left = left.with(touch.selector(), touch.property(), touch.setting());
      }
    }
    Document document = desk.document().withStyle(style);
    Finish finish = finish().orElseThrow().withStyle(style.name()).withTouches(left);
    desk.change(
        Texts.of("change.makeStyle", style.name()),
        document.withFinish(desk.indexProperty().get(), finish));
    desk.say(Texts.of("notice.made", style.name()));
  }

  /// Gives a role another colour in the whole document.
  public void ink(String role, Colour colour) {
    desk.change(
        Texts.of("change.ink", role),
        desk.document().withPalette(desk.document().palette().with(role, colour)));
  }

  /// Puts the whole document into other inks; no roles for those of its styles.
  public void ink(String label, Palette palette) {
    desk.change(label, desk.document().withPalette(palette));
  }

  /// Bases a style of the document's own on another.
  ///
  /// @param other the style with its new base
  /// @param base what the base is called
  /// @throws app.finish.core.problem.Refusal if it can't be worn so
  public void base(HouseStyle other, String base) {
    styles().with(other).cascade(other.name());
    desk.change(Texts.of("change.basedOn", base), desk.document().withStyle(other));
  }

  /// Takes a style out of the document; tables that wear it wear another.
  public void remove(HouseStyle style, String instead) {
    desk.change(
        Texts.of("change.removeStyle", style.name()),
        desk.document().withoutStyle(style.name(), instead));
  }

  /// Takes a style of the library in the place of the document's own of that name.
  public void take(HouseStyle kept) {
    desk.change(Texts.of("change.takeStyle", kept.name()), desk.document().withStyle(kept));
  }

  /// Says which styles new tables of this document wear.
  public void wearFor(Wear wear) {
    desk.change(Texts.of("change.wear"), desk.document().withWear(wear));
  }

  /// Says which styles new tables wear in all documents. A style of this document goes into the
  /// library at that moment, so that it is at hand in the others.
  public void wearAlways(Wear wear) {
    habits.keepWear(wear);
    List<HouseStyle> own =
        wear.styles().values().stream()
            .distinct()
            .flatMap(name -> styles().named(name).stream())
            .filter(style -> !style.shipped() && !shelf.get().styles().contains(style))
            .toList();
    if (own.isEmpty()) {
      return;
    }
    desk.worker()
        .run(
            Texts.of("busy.export", own.getFirst().name()),
            () -> {
              for (HouseStyle style : own) {
                library().add(style);
              }
              return own.getFirst().name();
            },
            name -> {
              readLibrary();
              desk.say(Texts.of("notice.wearKept", name));
            },
            desk::tell);
  }

  /// Exports the style that is worn.
  void export(Path file) throws IOException {
    StyleFile.write(worn(), file);
  }
}
