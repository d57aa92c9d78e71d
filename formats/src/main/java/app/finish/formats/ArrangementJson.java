package app.finish.formats;

import app.finish.core.arrange.Arrangement;
import app.finish.core.arrange.Move;
import app.finish.core.arrange.Side;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/// The moves of an arrangement as JSON, the way a document keeps them. docs/file-format.md
/// describes it.
final class ArrangementJson {
  private static final ObjectMapper JSON = new ObjectMapper();

  private ArrangementJson() {}

  static ArrayNode write(Arrangement arrangement) {
    ArrayNode moves = JSON.createArrayNode();
    for (Arrangement.Entry entry : arrangement.entries()) {
      ObjectNode node = moves.addObject();
      write(node, entry.move());
      if (!entry.on()) {
        node.put("on", false);
      }
    }
    return moves;
  }

  private static void write(ObjectNode node, Move move) {
    switch (move) {
      case Move.SwapAxes swap -> node.put("move", "swap axes");
      case Move.SetAside out -> path(begun(node, "set aside", out.side()), "path", out.path());
      case Move.Rename rename ->
          path(begun(node, "rename", rename.side()), "path", rename.path())
              .put("name", rename.name());
      case Move.ByLabel order ->
          begun(node, "by label", order.side())
              .put("level", order.level())
              .put("descending", order.descending());
      case Move.ByFigure order ->
          path(begun(node, "by figure", order.side()), "at", order.at())
              .put("level", order.level())
              .put("descending", order.descending());
      case Move.Shift shift ->
          path(begun(node, "shift", shift.side()), "path", shift.path()).put("by", shift.by());
      case Move.KeepTop top ->
          path(begun(node, "keep top", top.side()), "at", top.at())
              .put("level", top.level())
              .put("count", top.count())
              .put("bottom", top.bottom())
              .put("gathered", top.gathered());
      case Move.Fold fold -> path(begun(node, "fold", fold.side()), "path", fold.path());
      case Move.DropTotals drop ->
          begun(node, "drop totals", drop.side()).put("level", drop.level());
      case Move.Hold hold ->
          begun(node, "hold", hold.side()).put("level", hold.level()).put("member", hold.member());
      case Move.AddTotals add ->
          begun(node, "add totals", add.side())
              .put("level", add.level())
              .put("name", add.name())
              .put("first", add.first());
      case Move.Turn turn -> begun(node, "turn", turn.side()).put("level", turn.level());
      case Move.HideLevel hide -> begun(node, "hide level", hide.side()).put("level", hide.level());
    }
  }

  private static ObjectNode begun(ObjectNode node, String move, Side side) {
    return node.put("move", move).put("side", side.name().toLowerCase(Locale.ROOT));
  }

  private static ObjectNode path(ObjectNode node, String name, List<String> path) {
    ArrayNode labels = node.putArray(name);
    path.forEach(labels::add);
    return node;
  }

  /// The arrangement in a document.
  ///
  /// @param name what the document is called in messages
  static Arrangement read(JsonNode nodes, String name) throws Problem {
    List<Arrangement.Entry> entries = new ArrayList<>();
    for (JsonNode node : nodes) {
      entries.add(new Arrangement.Entry(move(node, name), node.path("on").asBoolean(true)));
    }
    return new Arrangement(entries);
  }

  private static Move move(JsonNode node, String name) throws Problem {
    Side side = node.path("side").asText("down").equals("across") ? Side.ACROSS : Side.DOWN;
    int level = Math.max(0, node.path("level").asInt());
    boolean descending = node.path("descending").asBoolean();
    return switch (node.path("move").asText("")) {
      case "swap axes" -> new Move.SwapAxes();
      case "set aside" -> new Move.SetAside(side, path(node, "path", name));
      case "rename" ->
          new Move.Rename(side, path(node, "path", name), node.path("name").asText(""));
      case "by label" -> new Move.ByLabel(side, level, descending);
      case "by figure" -> new Move.ByFigure(side, level, path(node, "at", name), descending);
      case "shift" -> new Move.Shift(side, path(node, "path", name), node.path("by").asInt());
      case "keep top" ->
          new Move.KeepTop(
              side,
              level,
              Math.max(1, node.path("count").asInt()),
              path(node, "at", name),
              node.path("bottom").asBoolean(),
              node.path("gathered").asBoolean());
      case "fold" -> new Move.Fold(side, path(node, "path", name));
      case "drop totals" -> new Move.DropTotals(side, level);
      case "hold" -> new Move.Hold(side, level, node.path("member").asText(""));
      case "add totals" ->
          new Move.AddTotals(
              side, level, node.path("name").asText("Total"), node.path("first").asBoolean());
      case "turn" -> new Move.Turn(side, level);
      case "hide level" -> new Move.HideLevel(side, level);
      default -> throw GridJson.damaged(name);
    };
  }

  private static List<String> path(JsonNode node, String member, String name) throws Problem {
    List<String> path = new ArrayList<>();
    node.path(member).forEach(label -> path.add(label.asText("")));
    if (path.isEmpty()) {
      throw GridJson.damaged(name);
    }
    return path;
  }
}
