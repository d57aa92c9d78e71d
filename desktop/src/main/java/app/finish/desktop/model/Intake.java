package app.finish.desktop.model;

import app.finish.core.document.Document;
import app.finish.core.document.DocumentTable;
import app.finish.core.document.Finish;
import app.finish.core.document.Refresh;
import app.finish.core.document.Source;
import app.finish.core.document.Wear;
import app.finish.core.grid.Grid;
import app.finish.core.grid.GridPlace;
import app.finish.core.grid.TypedGrid;
import app.finish.core.problem.Refusal;
import app.finish.core.recognise.said.Corrections;
import app.finish.desktop.kit.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;

/// Takes tables in, dressed as new tables are, and new numbers under those that are there.
public final class Intake {
  /// A table of more cells than these is not typed into.
  private static final int MOST_TYPED = 1_500;

  private final Desk desk;
  private final ObjectProperty<Optional<Typing>> typing =
      new SimpleObjectProperty<>(Optional.empty());

  /// What is to be said of a style that new tables are to wear and that is not at hand.
  private Optional<String> missing = Optional.empty();

  Intake(Desk desk) {
    this.desk = desk;
  }

  /// The style that a new table wears: that of the table at hand.
  public String styleAtHand() {
    return desk.table().map(table -> table.finish().style()).orElse("Plain");
  }

  /// The style that a new table wears: what is said for its kind in this document, or for all; or
  /// that of the table at hand.
  private String styleOf(Source source) {
    Wear own = desk.document().wear();
    Wear always = desk.dressing().habits().wear();
    if (own.styles().isEmpty() && always.styles().isEmpty()) {
      return styleAtHand();
    }
    Wear.Kind kind = Wear.Kind.of(desk.proofs().recognition(source, Corrections.NONE).table());
    Optional<String> wanted = own.style(kind).or(() -> always.style(kind));
    Optional<String> there = wanted.filter(style -> desk.styles().named(style).isPresent());
    if (wanted.isPresent() && there.isEmpty()) {
      missing = Optional.of(Texts.of("notice.wearMissing", wanted.get(), styleAtHand()));
    }
    return there.orElse(styleAtHand());
  }

  /// Says which style new tables could not wear, if one was not at hand.
  void tellMissing() {
    desk.add(missing.stream().toList());
    missing = Optional.empty();
  }

  /// A document with one more table, in the style that new tables of its kind wear.
  Document withAdded(Document document, Source source) {
    String style = styleOf(source);
    return desk.dressing().holding(document, style).withAdded(source, Finish.in(style));
  }

  /// Adds tables, and shows the first of them.
  public void add(List<Source> sources) {
    Document document = desk.document();
    int first = document.items().size();
    for (Source source : sources) {
      document = withAdded(document, source);
    }
    desk.change(Texts.of("change.bringIn", sources.getFirst().name()), document);
    desk.show(first);
    desk.stepProperty().set(Step.BRING_IN);
    desk.say(Texts.of("notice.broughtIn", sources.size(), sources.getFirst().name()));
    tellMissing();
  }

  /// Takes new numbers over, and says what came, what went and what has no place any more.
  void refresh(Refresh.Refreshed refreshed, String name) {
    if (refreshed.changes().isEmpty()) {
      desk.noticeProperty()
          .set(Optional.of(new Notice(Texts.of("notice.refreshNothing", name), true)));
      return;
    }
    desk.change(Texts.of("change.refresh", name), refreshed.document());
    int rowsCome = 0;
    int rowsGone = 0;
    List<String> unplaced = new ArrayList<>();
    for (Refresh.Change one : refreshed.changes()) {
      rowsCome += one.rowsCome().size();
      rowsGone += one.rowsGone().size();
      one.unplaced().forEach(row -> unplaced.add(row.toString()));
    }
    String told =
        Texts.of("notice.refreshed", refreshed.changes().size(), name, rowsCome, rowsGone);
    desk.say(
        unplaced.isEmpty()
            ? told
            : told + " " + Texts.of("notice.unplaced", String.join(", ", unplaced)));
  }

  /// The table that is being typed, if one is.
  public ObjectProperty<Optional<Typing>> typingProperty() {
    return typing;
  }

  /// Begins to type a table.
  public void typeNew() {
    typing.set(Optional.of(new Typing(TypedGrid.blank(8, 5), Optional.empty())));
  }

  /// Begins to type more into the table at hand.
  public void typeMore() {
    Optional<DocumentTable> table = desk.table();
    if (table.isEmpty()) {
      return;
    }
    Grid grid = table.get().source().grid();
    boolean tallied = table.get().source().tally().isPresent();
    if (tallied || (long) grid.rows() * grid.columns() > MOST_TYPED) {
      desk.tell(new Refusal(Texts.of(tallied ? "type.tallied" : "type.tooLarge", MOST_TYPED)));
      return;
    }
    typing.set(
        Optional.of(new Typing(TypedGrid.of(grid), Optional.of(desk.indexProperty().get()))));
  }

  /// Leaves what is typed.
  public void leaveTyping() {
    typing.set(Optional.empty());
  }

  /// Takes a table that was typed.
  ///
  /// @param index the table that it extends, if it does
  public void takeTyped(TypedGrid grid, Optional<Integer> index) {
    if (grid.isBlank()) {
      desk.tell(new Refusal(Texts.of("type.nothing")));
      return;
    }
    leaveTyping();
    if (index.isEmpty()) {
      add(List.of(new Source(Texts.of("type.name"), grid.grid())));
      return;
    }
    Source before = desk.document().table(index.get()).source();
    Grid placed = grid.grid().at(new GridPlace(before.grid().top(), before.grid().left()));
    Source after = new Source(before.name(), placed);
    desk.change(
        Texts.of("change.typed", before.name()), desk.document().withSource(index.get(), after));
  }

  /// A document of these tables as they would be brought in, to be shown before they are.
  public Document preview(List<Source> sources) {
    Document all = new Document(List.of(), desk.document().styles());
    for (Source one : sources) {
      all = all.withAdded(one, Finish.in(styleAtHand()));
    }
    return all;
  }
}
