package app.finish.formats.finish;

import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.move.Quota;
import app.finish.core.arrange.move.Side;
import app.finish.core.table.MeasureKind;
import app.finish.formats.io.Problem;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;

/// Reads a move that [MoveJson] wrote.
public final class MoveReader {
  private final JsonNode node;
  private final String name;

  /// @param name what the document is called in messages
  private MoveReader(JsonNode node, String name) {
    this.node = node;
    this.name = name;
  }

  static Move read(JsonNode node, String name) throws Problem {
    return new MoveReader(node, name).move();
  }

  private Move move() throws Problem {
    Side side = side("side");
    int level = Math.max(0, node.path("level").asInt());
    boolean descending = is("descending");
    return switch (text("move")) {
      case "swap axes" -> new Move.SwapAxes();
      case "set aside" -> new Move.SetAside(side, path("path"));
      case "rename" -> new Move.Rename(side, path("path"), text("name"));
      case "set member aside" -> new Move.SetMemberAside(side, level, text("member"));
      case "rename member" -> new Move.RenameMember(side, level, text("member"), text("name"));
      case "reverse" -> new Move.Reverse(side, level);
      case "name level" -> new Move.NameLevel(side, level, text("name"));
      case "by label" -> new Move.ByLabel(side, level, descending, is("over all"));
      case "by figure" -> new Move.ByFigure(side, level, path("at"), descending, is("over all"));
      case "shift" -> new Move.Shift(side, path("path"), node.path("by").asInt());
      case "keep top" ->
          new Move.KeepTop(
              side, level, quota(), path("at"), is("bottom"), is("over all"), is("gathered"));
      case "fold" -> new Move.Fold(side, path("path"));
      case "fold level" -> new Move.FoldLevel(side, level);
      case "drop totals" -> new Move.DropTotals(side, level);
      case "hold" -> new Move.Hold(side, level, text("member"));
      case "add totals" -> new Move.AddTotals(side, level, text("name"), is("first"));
      case "place totals" -> new Move.PlaceTotals(side, level, is("first"));
      case "name totals" -> new Move.NameTotals(side, level, text("name"));
      case "place" ->
          new Move.Place(side, level, side("to"), Math.max(0, node.path("depth").asInt()));
      // What documents of version 2 call placing a level innermost on the other side.
      case "turn" -> new Move.Place(side, level, side.other(), 99);
      case "hide level" -> new Move.HideLevel(side, level);
      case "gather" -> new Move.Gather(side, paths(), text("name"));
      case "only" -> new Move.Only(read(node.path("of"), name));
      case "calculate" -> calculate();
      case "fill empty" -> new Move.FillEmpty(side, labels(node.path("path")), text("with"));
      case "read numbers" -> new Move.ReadNumbers(side, labels(node.path("path")));
      default -> throw GridJson.damaged(name);
    };
  }

  private Move calculate() throws Problem {
    try {
      int decimals = Math.clamp(node.path("decimals").asInt(), 0, 15);
      MeasureKind kind = MeasureKind.of(text("kind"));
      return new Move.Calculate(text("name"), text("expression"), kind, decimals);
    } catch (IllegalArgumentException e) {
      throw GridJson.damaged(name);
    }
  }

  private Quota quota() throws Problem {
    if (!node.has("percent")) {
      return new Quota.Count(Math.max(1, node.path("count").asInt()));
    }
    try {
      return new Quota.Share(node.path("percent").asDouble());
    } catch (IllegalArgumentException e) {
      throw GridJson.damaged(name);
    }
  }

  private String text(String member) {
    return node.path(member).asText("");
  }

  private boolean is(String member) {
    return node.path(member).asBoolean();
  }

  private Side side(String member) {
    return text(member).equals("across") ? Side.ACROSS : Side.DOWN;
  }

  private List<List<String>> paths() throws Problem {
    List<List<String>> paths = new ArrayList<>();
    for (JsonNode one : node.path("paths")) {
      paths.add(filled(labels(one)));
    }
    return filled(paths);
  }

  private List<String> path(String member) throws Problem {
    return filled(labels(node.path(member)));
  }

  private <T> List<T> filled(List<T> list) throws Problem {
    if (list.isEmpty()) {
      throw GridJson.damaged(name);
    }
    return list;
  }

  private static List<String> labels(JsonNode labels) {
    List<String> path = new ArrayList<>();
    labels.forEach(label -> path.add(label.asText("")));
    return path;
  }
}
