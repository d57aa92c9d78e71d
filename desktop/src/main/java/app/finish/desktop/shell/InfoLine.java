package app.finish.desktop.shell;

import app.finish.core.dress.DressedCell;
import app.finish.core.layout.CellBox;
import app.finish.core.style.Origin;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.table.Note;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Dressing;
import app.finish.desktop.model.LookScope;
import app.finish.desktop.model.LooksInWords;
import app.finish.desktop.model.Pick;
import app.finish.desktop.model.PickedHeading;
import app.finish.desktop.model.Step;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;

/// The line below the proof: what is under the pointer or picked, and why it looks so.
public final class InfoLine extends HBox {
  private static final List<Property> TOLD =
      List.of(
          Property.WEIGHT,
          Property.SLANT,
          Property.SIZE,
          Property.INK,
          Property.FILL,
          Property.RULE_ABOVE,
          Property.RULE_BELOW);

  /// Up to so many origins are named whole; what they set is shortened before.
  private static final int WHOLE = 3;

  private final Desk desk;

  public InfoLine(Desk desk) {
    this.desk = desk;
    getStyleClass().add("slug");
    setId("slug");
    desk.pointedProperty().addListener((p, before, now) -> tell());
    desk.pickProperty().addListener((p, before, now) -> tell());
    desk.shownProperty().addListener((p, before, now) -> tell());
    tell();
  }

  private Optional<DressedCell> cell() {
    Optional<DressedCell> pointed = desk.pointedProperty().get().map(CellBox::cell);
    return pointed.or(
        () ->
            desk.pickProperty()
                .get()
                .flatMap(
                    pick ->
                        desk.shownProperty()
                            .get()
                            .flatMap(shown -> LooksInWords.cell(shown.scroll(), pick.place()))));
  }

  private void tell() {
    List<Node> nodes = new ArrayList<>();
    Optional<DressedCell> cell = cell();
    if (cell.isEmpty()) {
      boolean any = desk.shownProperty().get().isPresent();
      boolean charted = desk.charting().chart().isPresent();
      Label idle = new Label(any ? Texts.of(charted ? "chart.help" : "slug.idle") : "");
      idle.getStyleClass().add("faint");
      nodes.add(idle);
    } else {
      Label part = new Label(cell.get().part().label());
      part.getStyleClass().add("slug-part");
      part.setMinWidth(USE_PREF_SIZE);
      nodes.add(part);
      addSourceName(nodes, cell.get());
      addNotes(nodes, cell.get());
      addOrigins(nodes, cell.get());
    }
    getChildren().setAll(nodes);
  }

  /// What the source calls a heading that was renamed.
  private void addSourceName(List<Node> nodes, DressedCell cell) {
    PickedHeading.at(desk, cell.place())
        .map(named -> named.path().getLast())
        .filter(name -> !name.isEmpty() && !cell.bareText().startsWith(name))
        .ifPresent(
            name -> {
              Label words = new Label("· " + Texts.of("slug.sourceName", name));
              words.getStyleClass().add("slug-words");
              nodes.add(words);
            });
  }

  /// The notes that a mark on the cell calls for.
  private void addNotes(List<Node> nodes, DressedCell cell) {
    Optional<Table> table = desk.shownProperty().get().map(shown -> shown.recognition().table());
    Optional<Spot> spot = cell.place().spot();
    if (table.isPresent() && spot.isPresent()) {
      for (Note note : table.get().notesOn(spot.get())) {
        Label words = new Label("· " + Texts.of("slug.note", note.mark(), note.text()));
        words.getStyleClass().add("slug-words");
        nodes.add(words);
      }
    }
  }

  /// The properties that tell the part apart, those of one origin together.
  private void addOrigins(List<Node> nodes, DressedCell cell) {
    Map<Origin, List<String>> told = new LinkedHashMap<>();
    for (Property property : TOLD) {
      String setting = cell.look().setting(property);
      boolean plain =
          setting.equals("regular")
              || setting.equals("upright")
              || setting.equals("none")
              || setting.equals("ink");
      if (!plain) {
        cell.look()
            .origin(property)
            .ifPresent(
                origin ->
                    told.computeIfAbsent(origin, one -> new ArrayList<>())
                        .add(LooksInWords.words(property, setting)));
      }
    }
    for (Map.Entry<Origin, List<String>> entry : told.entrySet()) {
      Label words = new Label("· " + String.join(", ", entry.getValue()));
      words.getStyleClass().add("slug-words");
      Hyperlink origin = new Hyperlink(entry.getKey().toString());
      origin.getStyleClass().add("origin");
      if (told.size() <= WHOLE) {
        origin.setMinWidth(USE_PREF_SIZE);
        words.setMinWidth(0);
      }
      origin.setOnAction(event -> follow(cell, entry.getKey()));
      nodes.add(words);
      nodes.add(origin);
    }
  }

  /// Goes to where a setting stands: the step that dresses, with the circle that it is set on.
  private void follow(DressedCell cell, Origin origin) {
    if (origin.selector() instanceof Selector.OfHighlight highlight) {
      desk.stepProperty().set(Step.HIGHLIGHT);
      desk.highlighting().choose(highlight.name());
      return;
    }
    Pick pick = new Pick(cell.place(), cell.part(), 0);
    int reach = Math.max(0, pick.circles().indexOf(origin.selector().label()));
    desk.dressing().leafProperty().set(Dressing.Leaf.PARTS);
    desk.dressing().looksGoProperty().set(origin.isTouch() ? LookScope.TABLE : LookScope.STYLE);
    desk.stepProperty().set(Step.DRESS);
    desk.pickProperty().set(Optional.of(pick.withReach(reach)));
  }
}
