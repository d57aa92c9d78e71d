package app.finish.desktop.model;

import app.finish.core.document.Document;
import app.finish.core.document.DocumentTable;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;

/// The tables that are picked in the galley: the one at hand, and perhaps others beside it.
///
/// ```java
/// tables.upTo(4); // from the table at hand to the fifth
/// tables.indexes(); // 2, 3, 4
/// ```
public final class PickedTables {
  private final Desk desk;
  private final ObjectProperty<Set<String>> also = new SimpleObjectProperty<>(Set.of());

  PickedTables(Desk desk) {
    this.desk = desk;
    desk.indexProperty().addListener((p, before, now) -> also.set(Set.of()));
    desk.stepProperty().addListener((p, before, now) -> leave(now));
  }

  /// Corrections and moves are for the table at hand: the others are not outlined there.
  private void leave(Step now) {
    if (now == Step.BRING_IN || now == Step.ARRANGE) {
      also.set(Set.of());
    }
  }

  /// The tables picked beside the one at hand, by their ids.
  public ObjectProperty<Set<String>> alsoProperty() {
    return also;
  }

  /// Picks one more table, or one less; the table at hand stays.
  public void toggle(int index) {
    Set<String> more = new LinkedHashSet<>(also.get());
    String id = desk.document().table(index).id();
    if (index != desk.indexProperty().get() && !more.remove(id)) {
      more.add(id);
    }
    also.set(Set.copyOf(more));
  }

  /// Picks all tables from the one at hand to this one.
  public void upTo(int index) {
    int at = desk.indexProperty().get();
    List<DocumentTable> tables = desk.document().tables();
    int last = Math.clamp(index, 0, tables.size() - 1);
    Set<String> more = new LinkedHashSet<>();
    for (int i = Math.min(at, last); i <= Math.max(at, last); i++) {
      if (i != at) {
        more.add(tables.get(i).id());
      }
    }
    also.set(Set.copyOf(more));
  }

  /// The tables picked, in the order of the document.
  public List<Integer> indexes() {
    Document document = desk.document();
    int at = desk.indexProperty().get();
    return IntStream.range(0, document.items().size())
        .filter(i -> i == at || also.get().contains(document.items().get(i).id()))
        .boxed()
        .toList();
  }
}
