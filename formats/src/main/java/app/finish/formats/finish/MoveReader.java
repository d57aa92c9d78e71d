package app.finish.formats.finish;

import app.finish.core.arrange.make.Moves;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.move.MoveKind;
import app.finish.core.arrange.move.MoveReading;
import app.finish.core.arrange.place.Side;
import app.finish.core.problem.Problem;
import app.finish.core.problem.Refusal;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;

/// Reads moves that [MoveJson] wrote.
///
/// @param node what the file says of a move
record MoveReader(JsonNode node) implements MoveReading {
  /// The move that a file says.
  ///
  /// @param name what the document is called in messages
  static Move read(JsonNode node, String name) throws Problem {
    try {
      return read(node);
    } catch (Refusal e) {
      throw GridJson.damaged(name);
    }
  }

  private static Move read(JsonNode node) {
    MoveKind kind =
        Moves.named(node.path("move").asText(""))
            .orElseThrow(() -> new Refusal("there is no such move"));
    return kind.read().apply(new MoveReader(node));
  }

  @Override
  public Side side(String name) {
    return text(name).equals("across") ? Side.ACROSS : Side.DOWN;
  }

  @Override
  public int number(String name) {
    return node.path(name).asInt();
  }

  @Override
  public double decimal(String name) {
    return node.path(name).asDouble();
  }

  @Override
  public boolean has(String name) {
    return node.has(name);
  }

  @Override
  public boolean is(String name) {
    return node.path(name).asBoolean();
  }

  @Override
  public String text(String name) {
    return node.path(name).asText("");
  }

  @Override
  public List<String> path(String name) {
    return filled(labels(name));
  }

  @Override
  public List<String> labels(String name) {
    return labels(node.path(name));
  }

  @Override
  public List<List<String>> paths(String name) {
    List<List<String>> paths = new ArrayList<>();
    node.path(name).forEach(one -> paths.add(filled(labels(one))));
    return filled(paths);
  }

  @Override
  public Move move(String name) {
    return read(node.path(name));
  }

  private static List<String> labels(JsonNode labels) {
    List<String> path = new ArrayList<>();
    labels.forEach(label -> path.add(label.asText("")));
    return path;
  }

  private static <T> List<T> filled(List<T> list) {
    if (list.isEmpty()) {
      throw new Refusal("a path has no labels");
    }
    return list;
  }
}
