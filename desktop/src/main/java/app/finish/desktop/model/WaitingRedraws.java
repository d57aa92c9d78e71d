package app.finish.desktop.model;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;

/// Redraws that wait: what is asked for gathers, and one redraw then makes it all. It begins by
/// itself after three slow redraws in a row, and never again in a document in which a person ended
/// it. Moves and tallies wait by the same rule.
///
/// ```java
/// if (!redraws.take(arrangement)) {
///   draw(arrangement);
/// }
/// ```
///
/// @param <T> what is asked for: an arrangement, a plan
public final class WaitingRedraws<T> {
  private static final int IN_A_ROW = 3;

  private final BooleanProperty waiting = new SimpleBooleanProperty();
  private final ReadOnlyObjectWrapper<Optional<T>> pending =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private final Consumer<T> draw;
  private final Desk desk;
  private final String sentence;
  private long slow;
  private int inARow;
  private boolean endedByHand;

  /// @param slow from how many nanoseconds on a redraw is slow
  /// @param sentence what is said when waiting begins by itself
  /// @param draw makes what gathered
  WaitingRedraws(Desk desk, long slow, String sentence, Consumer<T> draw) {
    this.desk = desk;
    this.slow = slow;
    this.sentence = sentence;
    this.draw = draw;
    waiting.addListener(
        (p, before, now) -> {
          if (!now) {
            desk.unsay(sentence);
          }
        });
  }

  /// Whether what is asked for gathers.
  public BooleanProperty waitingProperty() {
    return waiting;
  }

  /// What gathered, if anything did.
  public ReadOnlyObjectProperty<Optional<T>> pendingProperty() {
    return pending.getReadOnlyProperty();
  }

  /// Calls redraws slow from another length on.
  public void slowFrom(long nanoseconds) {
    slow = nanoseconds;
  }

  /// Takes what is asked for, if redraws wait.
  ///
  /// @return whether it was taken; otherwise it is to be drawn now
  boolean take(T asked) {
    if (waiting.get()) {
      pending.set(Optional.of(asked));
    }
    return waiting.get();
  }

  /// A redraw took so long.
  void took(long nanoseconds) {
    inARow = nanoseconds > slow ? inARow + 1 : 0;
    if (inARow >= IN_A_ROW && !waiting.get() && !endedByHand) {
      waiting.set(true);
      desk.say(sentence);
    }
  }

  /// Lets redraws wait or not, by hand; what gathered is drawn when they no longer do.
  public void let(boolean wait) {
    endedByHand |= !wait;
    inARow = 0;
    waiting.set(wait);
    if (!wait) {
      redraw();
    }
  }

  /// Draws what gathered.
  public void redraw() {
    Optional<T> gathered = pending.get();
    pending.set(Optional.empty());
    gathered.ifPresent(draw);
  }

  /// Forgets what gathered: another table is at hand, or the document is another.
  void forget() {
    pending.set(Optional.empty());
  }

  /// Another document is open: nobody ended anything in it.
  void begin() {
    forget();
    inARow = 0;
    endedByHand = false;
    waiting.set(false);
  }
}
