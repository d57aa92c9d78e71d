package app.finish.cli;

import app.finish.core.number.NumberFormat;
import app.finish.core.table.Leaf;
import app.finish.core.table.Measure;
import app.finish.core.table.Note;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;

/// A table as text for a terminal.
final class TextTable {
  private final Table table;

  TextTable(Table table) {
    this.table = table;
  }

  void print(PrintWriter out) {
    int stub = Math.max(1, table.down().dimensions().size());
    List<List<String>> lines = new ArrayList<>();
    for (int level = 0; level < table.across().depth(); level++) {
      lines.add(head(level, stub));
    }
    for (Leaf row : table.down().leaves()) {
      lines.add(line(row, stub));
    }
    int[] widths = new int[lines.getFirst().size()];
    for (List<String> line : lines) {
      for (int i = 0; i < widths.length; i++) {
        widths[i] = Math.max(widths[i], line.get(i).length());
      }
    }
    if (!table.words().title().isEmpty()) {
      out.println(table.words().title());
    }
    table.held().forEach(out::println);
    for (List<String> line : lines) {
      StringBuilder text = new StringBuilder();
      for (int i = 0; i < widths.length; i++) {
        String pad = " ".repeat(widths[i] - line.get(i).length());
        text.append(i == 0 ? "" : "  ");
        text.append(i < stub ? line.get(i) + pad : pad + line.get(i));
      }
      out.println(text.toString().stripTrailing());
    }
    table.words().notes().stream().map(Note::toString).forEach(out::println);
  }

  private List<String> head(int level, int stub) {
    List<String> line = new ArrayList<>();
    boolean last = level == table.across().depth() - 1;
    for (int i = 0; i < stub; i++) {
      List<String> names = table.down().dimensions();
      line.add(last && i < names.size() ? names.get(i) : "");
    }
    List<String> before = List.of();
    for (Leaf leaf : table.across().leaves()) {
      List<String> labels = leaf.labels();
      String label = level < labels.size() ? labels.get(level) : "";
      List<String> path = labels.subList(0, Math.min(level + 1, labels.size()));
      line.add(!last && path.equals(before) ? "" : label);
      before = path;
    }
    return line;
  }

  private List<String> line(Leaf row, int stub) {
    List<String> line = new ArrayList<>();
    for (int i = 0; i < stub; i++) {
      line.add(i < row.labels().size() ? row.labels().get(i) : "");
    }
    for (Leaf column : table.across().leaves()) {
      line.add(written(row.index(), column.index()));
    }
    return line;
  }

  private String written(int row, int column) {
    Value value = table.body().at(row, column);
    if (!(value instanceof Value.Numeric number)) {
      return value.written();
    }
    Measure measure = table.measureAt(row, column);
    return NumberFormat.PLAIN
        .withDecimals(measure.decimals())
        .write(number.number(), measure.unit());
  }
}
