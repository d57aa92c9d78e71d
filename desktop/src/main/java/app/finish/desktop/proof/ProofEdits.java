package app.finish.desktop.proof;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.place.Side;
import app.finish.core.dress.CellMeaning;
import app.finish.core.layout.CellBox;
import app.finish.core.note.Lettering;
import app.finish.core.note.OwnNote;
import app.finish.core.style.PartName;
import app.finish.core.table.Spot;
import app.finish.core.words.Markup;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.EditableWords;
import app.finish.desktop.model.Renaming;
import app.finish.desktop.model.Shown;
import app.finish.desktop.model.Step;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;

/// Editing words and headings where they stand on the proof.
public final class ProofEdits {
  private final Desk desk;
  private final ProofView view;

  ProofEdits(Desk desk, ProofView view) {
    this.desk = desk;
    this.view = view;
  }

  private EditableWords words() {
    return EditableWords.of(desk.shownProperty().get());
  }

  /// Whether a cell can be edited where it stands: words, and headings while the table is arranged.
  boolean isEditable(CellBox box) {
    boolean heading =
        box.cell().place() instanceof CellMeaning.Stub
            || box.cell().place() instanceof CellMeaning.Head
            || box.cell().place() instanceof CellMeaning.StubHead;
    return words().isEditable(box.cell()) || heading && desk.stepProperty().get() == Step.ARRANGE;
  }

  /// Edits the title or the general note, even if there is none yet.
  void edit(PartName part) {
    int index = part == PartName.NOTE ? words().generalNote() : 0;
    Optional<CellBox> box = view.boxOf(new CellMeaning.Word(part, index));
    if (box.isPresent()) {
      view.reveal(box.get());
      edit(box.get());
    } else {
      view.scroll()
          .ifPresent(
              scroll -> {
                double margin = scroll.paper().margin();
                boolean above = part == PartName.TITLE || part == PartName.UNITS;
                double y = above ? margin / 3 : scroll.paper().height() - margin;
                Bounds at = view.inView(margin, y, scroll.paper().width() - 2 * margin, 11 * 1.9);
                begin(part.label(), "", at, 11, written -> desk.word(part, written));
              });
    }
  }

  /// Edits what a point of a cell lies on: of a paragraph of several notes, that one.
  void edit(CellBox box, Point2D point) {
    boolean isNote =
        box.cell().place() instanceof CellMeaning.Word word && word.part() == PartName.NOTE;
    edit(box, isNote ? Optional.of(point) : Optional.empty());
  }

  /// Edits a cell.
  void edit(CellBox box) {
    edit(box, Optional.empty());
  }

  private int noteAt(CellBox box, int first, Point2D point) {
    return view.scroll()
        .map(scroll -> scroll.between(box.y(), box.y() + box.height()).marks())
        .map(marks -> NoteAt.of(box, first, words().words().notes(), marks, point))
        .orElse(first);
  }

  private void edit(CellBox box, Optional<Point2D> point) {
    Bounds at = view.inView(box);
    double size = box.cell().look().size();
    double scale = view.scale();
    Bounds field =
        new BoundingBox(
            at.getMinX(),
            at.getMinY(),
            Math.max(at.getWidth(), 90),
            Math.min(at.getHeight(), size * 1.9 * scale));
    PartName part = box.cell().part().name();
    switch (box.cell().place()) {
      case CellMeaning.Stub stub -> heading(Side.DOWN, stub.leaf(), stub.level(), field, size);
      case CellMeaning.Head head -> heading(Side.ACROSS, head.first(), head.level(), field, size);
      case CellMeaning.StubHead head ->
          begin(
              part.label(),
              stubHead(head.level(), box.cell().bareText()),
              field,
              size,
              name -> new Renaming(desk).stubHead(head.level(), name));
      case CellMeaning.Word(PartName word, int _) when word == PartName.NUMBER ->
          begin(part.label(), box.cell().text(), field, size, desk.dressing().looks()::number);
      case CellMeaning.Word(PartName word, int index) when word == PartName.NOTE ->
          note(point.map(one -> noteAt(box, index, one)).orElse(index), field, size);
      case CellMeaning.Word(PartName word, int _) when word == PartName.TITLE ->
          begin(
              part.label(),
              desk.noting().title(),
              field,
              size,
              written -> desk.word(part, written));
      default ->
          begin(part.label(), words().of(part), field, size, written -> desk.word(part, written));
    }
  }

  /// The head of a level of the stub as it is typed.
  private String stubHead(int level, String shown) {
    return desk.shownProperty()
        .get()
        .map(now -> now.arranged().table().marks().typed(new Spot.StubHead(level)))
        .filter(typed -> !typed.isEmpty())
        .orElse(Markup.escaped(shown));
  }

  /// Edits a note; Tab goes on to the next one of its paragraph.
  private void note(int index, Bounds field, double size) {
    Lettering.Origin origin = words().origins().get(index);
    int next = index + 1;
    boolean goesOn =
        next < words().origins().size()
            && view.boxOf(new CellMeaning.Word(PartName.NOTE, next)).isEmpty();
    InPlaceEdit.begin(
        view,
        PartName.NOTE.label(),
        words().note(index),
        field,
        size * view.scale(),
        written -> desk.noting().reword(origin, written),
        goesOn ? Optional.of(() -> note(next, field, size)) : Optional.empty());
  }

  /// Writes a note on what is picked, where notes stand.
  void tieNote() {
    if (desk.noting().picked().isEmpty()) {
      desk.say(Texts.of("word.pickFirst"));
      return;
    }
    view.scroll()
        .ifPresent(
            scroll -> {
              double margin = scroll.paper().margin();
              double y = scroll.paper().height() - margin;
              Bounds at = view.inView(margin, y, scroll.paper().width() - 2 * margin, 11 * 1.9);
              begin(
                  Texts.of("word.noteOn", desk.noting().pickedWords()),
                  "",
                  at,
                  11,
                  written -> desk.noting().add(OwnNote.Kind.SPECIFIC, written));
            });
  }

  private void heading(Side side, int leaf, int level, Bounds at, double size) {
    Optional<Arranged> arranged = desk.shownProperty().get().map(Shown::arranged);
    if (arranged.isEmpty() || leaf >= arranged.get().paths(side).size()) {
      return;
    }
    List<String> path = arranged.get().paths(side).get(leaf).subList(0, level + 1);
    String label = side.of(arranged.get().table()).leaves().get(leaf).labels().get(level);
    String typed = arranged.get().table().marks().typed(side.spot(level, leaf));
    String now = typed.isEmpty() ? Markup.escaped(label) : typed;
    begin(
        Texts.of("arrange.rename"),
        now,
        at,
        size,
        name -> new Renaming(desk).heading(side, path, now, name));
  }

  private void begin(String name, String text, Bounds at, double size, Consumer<String> keep) {
    InPlaceEdit.begin(view, name, text, at, size * view.scale(), keep, Optional.empty());
  }
}
