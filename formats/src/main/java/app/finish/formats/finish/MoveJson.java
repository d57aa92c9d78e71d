package app.finish.formats.finish;

import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.move.Quota;
import app.finish.core.arrange.move.Side;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Locale;

/// Writes a move as JSON. [MoveReader] reads it back.
public final class MoveJson {
  private MoveJson() {}

  static void write(ObjectNode node, Move move) {
    switch (move) {
      case Move.SwapAxes swap -> node.put("move", "swap axes");
      case Move.SetAside out -> path(begun(node, "set aside", out.side()), "path", out.path());
      case Move.Rename rename ->
          path(begun(node, "rename", rename.side()), "path", rename.path())
              .put("name", rename.name());
      case Move.SetMemberAside out ->
          level(node, "set member aside", out.side(), out.level()).put("member", out.member());
      case Move.RenameMember rename ->
          level(node, "rename member", rename.side(), rename.level())
              .put("member", rename.member())
              .put("name", rename.name());
      case Move.Reverse reverse -> level(node, "reverse", reverse.side(), reverse.level());
      case Move.NameLevel named ->
          level(node, "name level", named.side(), named.level()).put("name", named.name());
      case Move.ByLabel order ->
          level(node, "by label", order.side(), order.level())
              .put("descending", order.descending())
              .put("over all", order.overAll());
      case Move.ByFigure order ->
          path(level(node, "by figure", order.side(), order.level()), "at", order.at())
              .put("descending", order.descending())
              .put("over all", order.overAll());
      case Move.Shift shift ->
          path(begun(node, "shift", shift.side()), "path", shift.path()).put("by", shift.by());
      case Move.KeepTop top -> keep(node, top);
      case Move.Fold fold -> path(begun(node, "fold", fold.side()), "path", fold.path());
      case Move.FoldLevel fold -> level(node, "fold level", fold.side(), fold.level());
      case Move.DropTotals drop -> level(node, "drop totals", drop.side(), drop.level());
      case Move.Hold hold ->
          level(node, "hold", hold.side(), hold.level()).put("member", hold.member());
      case Move.AddTotals add ->
          level(node, "add totals", add.side(), add.level())
              .put("name", add.name())
              .put("first", add.first());
      case Move.PlaceTotals totals ->
          level(node, "place totals", totals.side(), totals.level()).put("first", totals.first());
      case Move.NameTotals totals ->
          level(node, "name totals", totals.side(), totals.level()).put("name", totals.name());
      case Move.Place place ->
          level(node, "place", place.side(), place.level())
              .put("to", word(place.to()))
              .put("depth", place.depth());
      case Move.HideLevel hide -> level(node, "hide level", hide.side(), hide.level());
      case Move.Gather gather -> {
        begun(node, "gather", gather.side()).put("name", gather.name());
        ArrayNode paths = node.putArray("paths");
        gather.paths().forEach(path -> path.forEach(paths.addArray()::add));
      }
      case Move.Only only -> write(node.put("move", "only").putObject("of"), only.of());
      case Move.Calculate calculate ->
          node.put("move", "calculate")
              .put("name", calculate.name())
              .put("expression", calculate.expression())
              .put("kind", calculate.kind().word())
              .put("decimals", calculate.decimals());
      case Move.FillEmpty fill ->
          path(begun(node, "fill empty", fill.side()), "path", fill.path())
              .put("with", fill.with());
      case Move.ReadNumbers read ->
          path(begun(node, "read numbers", read.side()), "path", read.path());
    }
  }

  private static void keep(ObjectNode node, Move.KeepTop top) {
    path(level(node, "keep top", top.side(), top.level()), "at", top.at())
        .put("bottom", top.bottom())
        .put("over all", top.overAll())
        .put("gathered", top.gathered());
    switch (top.quota()) {
      case Quota.Count count -> node.put("count", count.members());
      case Quota.Share share -> node.put("percent", share.percent());
    }
  }

  private static String word(Side side) {
    return side.name().toLowerCase(Locale.ROOT);
  }

  private static ObjectNode begun(ObjectNode node, String move, Side side) {
    return node.put("move", move).put("side", word(side));
  }

  private static ObjectNode level(ObjectNode node, String move, Side side, int level) {
    return begun(node, move, side).put("level", level);
  }

  private static ObjectNode path(ObjectNode node, String name, List<String> path) {
    path.forEach(node.putArray(name)::add);
    return node;
  }
}
