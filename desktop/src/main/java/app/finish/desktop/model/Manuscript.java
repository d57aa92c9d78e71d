package app.finish.desktop.model;

import app.finish.core.check.Finding;
import app.finish.core.check.apa.CalledOut;
import app.finish.core.document.Document;
import app.finish.core.document.Item;
import app.finish.core.dress.Dresser;
import app.finish.core.style.Cascade;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.table.Axis;
import app.finish.core.table.Table;
import app.finish.core.words.Callout;
import app.finish.core.words.Language;
import app.finish.desktop.kit.Texts;
import app.finish.formats.manuscript.ManuscriptText;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.SimpleObjectProperty;

/// The text that the tables of a document go with: where it calls them out, and in which order.
///
/// ```java
/// desk.manuscript().read(Path.of("paper.docx"));
/// desk.manuscript().findings(); // "The text never calls Table 3 out."
/// ```
public final class Manuscript {
  /// A text that was read.
  ///
  /// @param name the name of its file
  /// @param words what it says
  public record Text(String name, String words) {}

  private static final int MOST_NAMES = 2000;

  private final Desk desk;
  private final ObjectProperty<Optional<Text>> text = new SimpleObjectProperty<>(Optional.empty());

  Manuscript(Desk desk) {
    this.desk = desk;
    desk.whenBegun(() -> text.set(Optional.empty()));
  }

  /// The text, if one was read.
  public ReadOnlyObjectProperty<Optional<Text>> textProperty() {
    return text;
  }

  /// Reads a text.
  public void read(Path file) {
    String name = file.getFileName().toString();
    desk.worker()
        .run(
            Texts.of("busy.reading", name),
            told -> ManuscriptText.read(file),
            words -> text.set(Optional.of(new Text(name, words))),
            desk::tell);
  }

  private List<String> numerals() {
    Document document = desk.document();
    return document.tablePlaces().stream().map(document::numeral).toList();
  }

  /// What does not hold of the text.
  public List<Finding> findings() {
    return text.get().map(read -> new CalledOut().in(read.words(), numerals())).orElse(List.of());
  }

  /// Whether the tables stand in another order than the text calls them out.
  public boolean isOutOfOrder() {
    return !order().equals(IntStream.range(0, numerals().size()).boxed().toList());
  }

  private List<Integer> order() {
    return text.get()
        .map(read -> CalledOut.order(read.words(), numerals()))
        .orElse(IntStream.range(0, numerals().size()).boxed().toList());
  }

  /// Puts the tables in the order in which the text calls them out. Their numbers change with it,
  /// so the text has to be written anew.
  public void putInOrder() {
    Document document = desk.document();
    List<Item> items = new ArrayList<>();
    for (int one : order()) {
      int place = document.tablePlaces().get(one);
      items.add(document.items().get(place));
      document.chartPlaces(place).forEach(chart -> items.add(document.items().get(chart)));
    }
    desk.change(Texts.of("change.order"), document.withItems(items));
    text.set(Optional.empty());
    desk.say(Texts.of("word.orderDone"));
  }

  /// The sentence that calls the table at hand out, if it has a number.
  public String sentence() {
    Optional<Table> table = desk.noting().table();
    if (table.isEmpty() || desk.table().isEmpty()) {
      return "";
    }
    Cascade cascade = desk.dressing().cascade();
    Language language = Dresser.language(table.get(), cascade);
    String leadIn =
        cascade
            .look(List.of(Selector.of(PartName.TABLE), Selector.of(PartName.NUMBER)))
            .setting(Property.LEAD_IN);
    String number =
        language.word(leadIn.isEmpty() ? Texts.of("words.table") : leadIn)
            + " "
            + desk.document().numeral(desk.document().tablePlace(desk.indexProperty().get()));
    return Callout.sentence(number, table.get().words().title(), names(table.get()), language);
  }

  /// The members of the dimensions keep their capitals.
  private static Set<String> names(Table table) {
    Set<String> names = new HashSet<>();
    for (Axis axis : List.of(table.down(), table.across())) {
      axis.leaves().stream()
          .limit(MOST_NAMES)
          .flatMap(leaf -> leaf.path().stream())
          .filter(heading -> heading.measure().isEmpty())
          .forEach(heading -> names.add(heading.label()));
    }
    table.held().forEach(held -> names.add(held.member()));
    return names;
  }
}
