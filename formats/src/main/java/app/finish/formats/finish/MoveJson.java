package app.finish.formats.finish;

import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.move.MoveWriting;
import app.finish.core.arrange.place.Side;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Locale;

/// Writes moves as JSON: each writes what it needs. [MoveReader] reads them back.
final class MoveJson implements MoveWriting {
  private final ObjectNode node;

  private MoveJson(ObjectNode node) {
    this.node = node;
  }

  static void write(ObjectNode node, Move move) {
    node.put("move", move.moveKind().word());
    move.write(new MoveJson(node));
  }

  @Override
  public MoveWriting put(String name, Side side) {
    return put(name, side.name().toLowerCase(Locale.ROOT));
  }

  @Override
  public MoveWriting put(String name, String text) {
    node.put(name, text);
    return this;
  }

  @Override
  public MoveWriting put(String name, int number) {
    node.put(name, number);
    return this;
  }

  @Override
  public MoveWriting put(String name, double number) {
    node.put(name, number);
    return this;
  }

  @Override
  public MoveWriting put(String name, boolean is) {
    node.put(name, is);
    return this;
  }

  @Override
  public MoveWriting put(String name, List<String> labels) {
    labels.forEach(node.putArray(name)::add);
    return this;
  }

  @Override
  public MoveWriting paths(String name, List<List<String>> paths) {
    ArrayNode array = node.putArray(name);
    paths.forEach(path -> path.forEach(array.addArray()::add));
    return this;
  }

  @Override
  public MoveWriting put(String name, Move move) {
    write(node.putObject(name), move);
    return this;
  }
}
