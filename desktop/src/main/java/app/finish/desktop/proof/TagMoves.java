package app.finish.desktop.proof;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.place.Side;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Tag;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;

/// What can be done with a dimension's tag: placed at another depth, on the other side, held, or
/// taken back from being held.
public final class TagMoves {
  private final Desk desk;

  public TagMoves(Desk desk) {
    this.desk = desk;
  }

  public Optional<Arranged> arranged() {
    return desk.arranging().now();
  }

  /// The tags of the table at hand.
  public List<Tag> tags() {
    return arranged().map(now -> Tag.of(now, desk.arrangement())).orElse(List.of());
  }

  /// Places a dimension on a side at a depth, counted without itself.
  public void place(Tag tag, Side to, int depth) {
    if (tag.isHeld()) {
      release(tag);
    } else if (tag.side() != to || tag.level() != depth) {
      desk.arranging().place(tag, to, depth);
    }
  }

  public void hold(Tag tag) {
    if (!tag.isHeld()) {
      desk.arranging().hold(tag);
    }
  }

  /// Lets a held dimension run again, where it did before.
  public void release(Tag tag) {
    tag.heldBy().ifPresent(desk.arranging()::takeBack);
  }

  /// Whether a key means something to a tag; if so, it is done.
  boolean key(Tag tag, KeyCode key) {
    boolean down = tag.side() == Side.DOWN;
    if (tag.isHeld()) {
      return heldKey(tag, key);
    }
    KeyCode outer = down ? KeyCode.UP : KeyCode.LEFT;
    KeyCode inner = down ? KeyCode.DOWN : KeyCode.RIGHT;
    KeyCode over = down ? KeyCode.RIGHT : KeyCode.DOWN;
    if (key == outer && tag.level() > 0) {
      place(tag, tag.side(), tag.level() - 1);
    } else if (key == inner && tag.level() < tag.levels() - 1) {
      place(tag, tag.side(), tag.level() + 1);
    } else if (key == over) {
      Side to = tag.side().other();
      place(tag, to, arranged().map(now -> Tag.innermost(now, to)).orElse(0));
    } else if (key == KeyCode.H) {
      hold(tag);
    } else {
      return key == outer || key == inner;
    }
    return true;
  }

  private boolean heldKey(Tag tag, KeyCode key) {
    switch (key) {
      case LEFT, UP -> step(tag, -1);
      case RIGHT, DOWN -> step(tag, 1);
      case DELETE, BACK_SPACE, H -> release(tag);
      default -> {
        return false;
      }
    }
    return true;
  }

  /// Steps from the member that a dimension is held at to its neighbour.
  public void step(Tag tag, int by) {
    desk.arranging().step(tag, by);
  }
}
