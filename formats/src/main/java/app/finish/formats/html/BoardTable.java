package app.finish.formats.html;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.table.Axis;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import app.finish.core.table.Marks;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Note;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.formats.io.SentTable;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jsoup.nodes.Element;

/// A table of a board: the table as it is dressed, and in it what the script of the board needs.
/// Rows say their members (`data-p`) and what they are (`data-r`: a member, a subtotal, a grand
/// total or the head of a group), cells their column (`data-at`) and their exact value (`data-v`).
/// Labels that reach over several rows are there in each of them, so that rows can change their
/// order.
final class BoardTable {
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

  private final SentTable sent;
  private final Table table;
  private final Dressed dressed;

  BoardTable(SentTable sent) {
    this.sent = sent;
    this.table = sent.table();
    this.dressed = sent.dressed();
  }

  /// Puts all this into a table as it was written for a page.
  void prepare(Element element) {
    List<DressedRow> rows = dressed.rows().stream().filter(DressedRow::isTable).toList();
    List<Element> lines = element.select("thead > tr, tbody > tr");
    Element[] above = new Element[Math.max(1, dressed.columns())];
    int[] left = new int[above.length];
    int heads = (int) rows.stream().filter(row -> row.band() == Band.HEAD).count();
    for (int i = 0; i < rows.size(); i++) {
      DressedRow row = rows.get(i);
      Element line = lines.get(i);
      for (int at = 0; at < row.cells().size(); at++) {
        DressedCell cell = row.cells().get(at);
        Element own = line.child(at);
        own.attr("data-at", "" + cell.column());
        if (cell.columnSpan() > 1) {
          own.attr("data-span", "" + cell.columnSpan());
        }
        if (row.band() == Band.HEAD) {
          boolean last = i + cell.rowSpan() >= heads && cell.columnSpan() == 1;
          if (last) {
            own.attr("data-c", "" + cell.column());
          }
        } else {
          body(row, cell, own);
          if (cell.rowSpan() > 1) {
            own.removeAttr("rowspan");
            above[cell.column()] = own;
            left[cell.column()] = cell.rowSpan();
          }
        }
      }
      if (row.band() == Band.BODY) {
        again(line, above, left);
        about(row, line);
      }
    }
  }

  private void body(DressedRow row, DressedCell cell, Element own) {
    switch (cell.place()) {
      case CellMeaning.Body body -> {
        if (table.body().at(body.row(), body.column()) instanceof Value.Numeric one
            && Double.isFinite(one.number())) {
          own.attr("data-v", plain(one.number()));
        }
        String mark = table.marks().at(new Spot.Figure(body.row(), body.column()));
        if (!mark.isEmpty()) {
          own.attr("data-n", String.join(",", Marks.single(mark)));
        }
      }
      case CellMeaning.Stub stub -> own.attr("data-level", "" + stub.level());
      default -> {}
    }
  }

  private static String plain(double number) {
    return BigDecimal.valueOf(number).stripTrailingZeros().toPlainString();
  }

  /// Labels from above, once more in this row.
  private static void again(Element line, Element[] above, int[] left) {
    for (int column = 0; column < above.length; column++) {
      if (left[column] == 0) {
        continue;
      }
      left[column]--;
      Element label = above[column];
      String at = "" + column;
      label.attr("data-again", label.attr("data-level"));
      if (line.children().stream().noneMatch(one -> one.attr("data-at").equals(at))) {
        Element copy = label.clone().removeAttr("id");
        int place = 0;
        while (place < line.childrenSize()
            && Integer.parseInt(line.child(place).attr("data-at")) < column) {
          place++;
        }
        line.insertChildren(place, copy);
      }
    }
  }

  private void about(DressedRow row, Element line) {
    Optional<Leaf> leaf = Optional.empty();
    int levels = Integer.MAX_VALUE;
    String role = "h";
    for (DressedCell cell : row.cells()) {
      if (cell.place() instanceof CellMeaning.Body body) {
        leaf = Optional.of(table.down().leaves().get(body.row()));
        Role is = leaf.get().role();
        role = is == Role.MEMBER ? "m" : is == Role.SUBTOTAL ? "s" : "g";
        levels = Integer.MAX_VALUE;
        break;
      }
      if (cell.place() instanceof CellMeaning.Stub stub) {
        leaf = Optional.of(table.down().leaves().get(stub.leaf()));
        levels = stub.level() + 1;
      }
    }
    ArrayNode path = NODES.arrayNode();
    List<String> labels = leaf.map(Leaf::labels).orElse(List.of());
    labels.stream().limit(levels).forEach(path::add);
    line.attr("data-p", path.toString()).attr("data-r", role);
  }

  /// What the script must know of the columns and the notes.
  ObjectNode info(String name) {
    ObjectNode info = NODES.objectNode().put("name", name).put("stub", dressed.stubColumns());
    ArrayNode stubHeads = info.putArray("stubHeads");
    List<String> names = table.down().dimensions();
    for (int i = 0; i < dressed.stubColumns(); i++) {
      stubHeads.add(i < names.size() ? names.get(i) : "");
    }
    ArrayNode columns = info.putArray("columns");
    Axis across = table.across();
    for (Leaf leaf : across.leaves()) {
      Measure measure =
          table.body().rows() > 0
              ? table.measureAt(0, leaf.index())
              : table.measures().get(leaf.measure().orElse(0));
      ObjectNode column = columns.addObject();
      ArrayNode heads = column.putArray("heads");
      List<String> labels = new ArrayList<>(leaf.labels());
      labels.removeIf(String::isBlank);
      (labels.isEmpty() ? List.of("Column " + (leaf.index() + 1)) : labels).forEach(heads::add);
      column.put("unit", measure.unit()).put("measure", leaf.measure().orElse(-1));
      boolean adds = measure.kind() == MeasureKind.SUM || measure.kind() == MeasureKind.COUNT;
      column.put("adds", adds).put("total", leaf.role() == Role.GRAND_TOTAL);
      column.put("before", before(across, leaf));
    }
    ObjectNode notes = info.putObject("notes");
    for (Note note : table.words().notes()) {
      if (!note.mark().isEmpty()) {
        notes.put(note.mark(), note.text());
      }
    }
    return info;
  }

  /// The column of the same measure before, under the member before; −1 where there is none.
  private static int before(Axis across, Leaf leaf) {
    if (leaf.role() != Role.MEMBER || leaf.path().size() < 1) {
      return -1;
    }
    for (int at = leaf.index() - 1; at >= 0; at--) {
      Leaf other = across.leaves().get(at);
      boolean alike =
          other.role() == Role.MEMBER
              && other.path().size() == leaf.path().size()
              && other.measure().equals(leaf.measure());
      if (alike && (leaf.measure().isEmpty() || !other.labels().equals(leaf.labels()))) {
        return at;
      }
    }
    return -1;
  }

  /// What the table shows, for those who can't see it.
  String description() {
    return sent.description();
  }
}
