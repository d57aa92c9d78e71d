package app.finish.core.document;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// A document and what it was before and after: undo and redo.
///
/// ```java
/// History history = History.of(document).with("Put on APA 7", dressed);
/// history.undo().present().equals(document); // true
/// ```
///
/// @param past the documents before, the latest last
/// @param present the document as it is
/// @param future the documents that were undone, the next first
public record History(List<Step> past, Document present, List<Step> future) {
  private static final int LONGEST = 500;

  /// A document and the change that leads away from it (in the past) or to it (in the future).
  ///
  /// @param label what the change was called: "Put on APA 7"
  /// @param document the document
  public record Step(String label, Document document) {}

  /// Copies the lists.
  public History {
    past = List.copyOf(past);
    future = List.copyOf(future);
  }

  /// The history of a document to which nothing was done yet.
  public static History of(Document document) {
    return new History(List.of(), document, List.of());
  }

  /// The history after a change. What had been undone is gone; a change that changes nothing is
  /// none.
  public History with(String label, Document changed) {
    if (changed.equals(present)) {
      return this;
    }
    List<Step> longer = new ArrayList<>(past);
    longer.add(new Step(label, present));
    if (longer.size() > LONGEST) {
      longer.removeFirst();
    }
    return new History(longer, changed, List.of());
  }

  /// The history with the last change undone; the same if there is none.
  public History undo() {
    if (past.isEmpty()) {
      return this;
    }
    Step last = past.getLast();
    List<Step> later = new ArrayList<>(future);
    later.addFirst(new Step(last.label(), present));
    return new History(past.subList(0, past.size() - 1), last.document(), later);
  }

  /// The history with the last undone change done again; the same if there is none.
  public History redo() {
    if (future.isEmpty()) {
      return this;
    }
    Step next = future.getFirst();
    List<Step> earlier = new ArrayList<>(past);
    earlier.add(new Step(next.label(), present));
    return new History(earlier, next.document(), future.subList(1, future.size()));
  }

  /// What undo would undo.
  public Optional<String> undoLabel() {
    return past.isEmpty() ? Optional.empty() : Optional.of(past.getLast().label());
  }

  /// What redo would do again.
  public Optional<String> redoLabel() {
    return future.isEmpty() ? Optional.empty() : Optional.of(future.getFirst().label());
  }
}
