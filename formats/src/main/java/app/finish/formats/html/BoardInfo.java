package app.finish.formats.html;

import app.finish.core.dress.Dressed;
import app.finish.core.highlight.HighlightSentence;
import app.finish.core.highlight.Matches;
import app.finish.core.style.Property;
import app.finish.core.table.Axis;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Note;
import app.finish.core.table.Table;
import app.finish.formats.io.SentTable;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/// What the script of a board must know of a table besides its rows: its columns, notes and
/// highlights.
final class BoardInfo {
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

  /// What says how sure or how wide another figure is.
  private static final Set<MeasureKind> BESIDE =
      EnumSet.of(
          MeasureKind.COUNT,
          MeasureKind.DEVIATION,
          MeasureKind.ERROR,
          MeasureKind.INTERVAL,
          MeasureKind.P);

  private static final Set<MeasureKind> ESTIMATES =
      EnumSet.of(
          MeasureKind.MEAN,
          MeasureKind.PERCENT,
          MeasureKind.RATIO,
          MeasureKind.COEFFICIENT,
          MeasureKind.CORRELATION,
          MeasureKind.STATISTIC);

  private final SentTable sent;
  private final Table table;
  private final Dressed dressed;
  private final BoardFigures figures;

  BoardInfo(SentTable sent, BoardFigures figures) {
    this.sent = sent;
    this.table = sent.table();
    this.dressed = sent.dressed();
    this.figures = figures;
  }

  /// All of it as JSON.
  ObjectNode json() {
    ObjectNode info =
        NODES.objectNode().put("name", sent.name()).put("stub", dressed.stubColumns());
    info.put("point", figures.point()).put("grouping", figures.grouping());
    String rows = dressed.root().setting(Property.ROWS_AT_ONCE);
    info.put("rowsAtOnce", rows.equals("all") ? 0 : Integer.parseInt(rows));
    info.put("tools", dressed.root().setting(Property.TOOLS).equals("shown"));
    ArrayNode stubHeads = info.putArray("stubHeads");
    List<String> names = table.down().dimensions();
    for (int i = 0; i < dressed.stubColumns(); i++) {
      stubHeads.add(i < names.size() ? names.get(i) : "");
    }
    ArrayNode columns = info.putArray("columns");
    for (Leaf leaf : table.across().leaves()) {
      column(leaf, columns.addObject());
    }
    ObjectNode notes = info.putObject("notes");
    for (Note note : table.words().notes()) {
      if (!note.mark().isEmpty()) {
        notes.put(note.mark(), note.text());
      }
    }
    ArrayNode highlights = info.putArray("highlights");
    for (Matches one : figures.matches()) {
      highlights
          .addObject()
          .put("title", one.highlight().title())
          .put("why", HighlightSentence.of(one.highlight()));
    }
    return info;
  }

  private Measure measure(Leaf leaf) {
    return table.body().rows() > 0
        ? table.measureAt(0, leaf.index())
        : table.measures().get(leaf.measure().orElse(0));
  }

  private void column(Leaf leaf, ObjectNode column) {
    ArrayNode heads = column.putArray("heads");
    List<String> labels = new ArrayList<>(leaf.labels());
    labels.removeIf(String::isBlank);
    (labels.isEmpty() ? List.of("Column " + (leaf.index() + 1)) : labels).forEach(heads::add);
    Measure measure = measure(leaf);
    column.put("unit", measure.unit()).put("measure", leaf.measure().orElse(-1));
    boolean adds = measure.kind() == MeasureKind.SUM || measure.kind() == MeasureKind.COUNT;
    column.put("adds", adds).put("total", leaf.role() == Role.GRAND_TOTAL);
    column.put("before", before(table.across(), leaf));
    if (ESTIMATES.contains(measure.kind())) {
      ArrayNode beside = column.putArray("beside");
      for (Leaf other : table.across().leaves()) {
        if (BESIDE.contains(measure(other).kind()) && differInOne(leaf, other)) {
          beside.add(other.index());
        }
      }
    }
  }

  /// Whether two columns are of the same members, and of other measures.
  private static boolean differInOne(Leaf one, Leaf other) {
    List<String> here = one.labels();
    List<String> there = other.labels();
    if (one.measure().equals(other.measure()) || here.size() != there.size()) {
      return false;
    }
    int differ = 0;
    for (int i = 0; i < here.size(); i++) {
      differ += here.get(i).equals(there.get(i)) ? 0 : 1;
    }
    return differ == 1;
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
}
